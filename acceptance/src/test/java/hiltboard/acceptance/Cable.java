package hiltboard.acceptance;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/** A network cable between a page and the server, which a test can pull and plug in again. */
final class Cable implements AutoCloseable {
    private final ServerSocket plug;
    private final int server;
    private final Set<Socket> open = ConcurrentHashMap.newKeySet();
    private volatile boolean isPulled;

    private Cable(int server) throws IOException {
        this.server = server;
        plug = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
        inBackground(this::accept);
    }

    static Cable to(String address) {
        try {
            return new Cable(Integer.parseInt(address.replaceAll(".*:", "")));
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    String address() {
        return "http://localhost:" + plug.getLocalPort();
    }

    void pull() {
        isPulled = true;
        open.forEach(Cable::drop);
        open.clear();
    }

    void plugIn() {
        isPulled = false;
    }

    private void accept() {
        while (!plug.isClosed()) {
            try {
                Socket page = plug.accept();
                if (isPulled) {
                    drop(page);
                } else {
                    connect(page);
                }
            } catch (IOException closed) {
                return;
            }
        }
    }

    private void connect(Socket page) throws IOException {
        Socket remote = new Socket(InetAddress.getLoopbackAddress(), server);
        open.add(page);
        open.add(remote);
        inBackground(() -> pump(page, remote));
        inBackground(() -> pump(remote, page));
    }

    private static void pump(Socket from, Socket to) {
        try {
            from.getInputStream().transferTo(to.getOutputStream());
        } catch (IOException dropped) {
            // Either end may go at any time; both are dropped below.
        }
        drop(from);
        drop(to);
    }

    private static void drop(Socket socket) {
        try {
            socket.close();
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    private static void inBackground(Runnable work) {
        Thread thread = new Thread(work, "cable");
        thread.setDaemon(true);
        thread.start();
    }

    @Override
    public void close() throws IOException {
        pull();
        plug.close();
    }
}
