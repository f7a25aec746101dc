package hiltboard.acceptance;

import hiltboard.server.Program;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;

/** A server in a process of its own, as it runs in a shop, for the benchmark. */
public final class BenchmarkShop implements AutoCloseable {
    private final Path folder;
    private Process server;
    private Client client;
    private String address = "";

    private BenchmarkShop(Path folder) {
        this.folder = folder;
    }

    /** The demo shop's file, closed. */
    public static BenchmarkShop prepared(Path folder) {
        new Program(
                        Clock.systemDefaultZone(),
                        Map.of("server.port", 0, "hilt.data", folder, "hilt.demo", true),
                        started -> {})
                .close();
        return new BenchmarkShop(folder);
    }

    /** Starts the server as ./hilt does and answers the milliseconds to its first answer. */
    public long start() throws Exception {
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        address = "http://localhost:" + port;
        Path run = Path.of("../server/target/run").toAbsolutePath();
        long begun = System.nanoTime();
        server = new ProcessBuilder(
                        "java",
                        "-Xmx512m",
                        "-XX:+UseSerialGC",
                        "-Xshare:auto",
                        "-XX:SharedArchiveFile=" + run.resolve("hilt.jsa"),
                        "-Xlog:cds=off",
                        "-Xlog:cds+dynamic=off",
                        "-jar",
                        run.resolve("hilt-board-app.jar").toString(),
                        "--server.port=" + port,
                        "--hilt.data=" + folder,
                        "--hilt.demo=true")
                .inheritIO()
                .start();
        client = firstAnswer();
        long millis = (System.nanoTime() - begun) / 1_000_000;
        client.post("/api/sign-in/demo", Map.of("personId", 1)).isOk();
        return millis;
    }

    public String address() {
        return address;
    }

    private Client firstAnswer() throws InterruptedException {
        for (int i = 0; i < 600; i++) {
            try {
                return Client.at(address);
            } catch (java.io.UncheckedIOException notYet) {
                Thread.sleep(50);
            }
        }
        throw new IllegalStateException("The server does not answer");
    }

    /** Waits until everything that is written can be found. */
    public void untilAllIsFound() throws InterruptedException {
        while (client.get("/api/find?words=a").isOk().json().path("isStillRead").asBoolean()) {
            Thread.sleep(500);
        }
    }

    public Object get(String path) {
        return client.get(path).isOk();
    }

    /** Milliseconds, p95 over changes, until the last of so many open pages has heard of one. */
    public double changeReachesPages(long piece, int pages, int changes) throws Exception {
        BlockingQueue<Long> heard = new ArrayBlockingQueue<>(pages * changes);
        List<Thread> listeners =
                IntStream.range(0, pages).mapToObj(i -> listen(heard)).toList();
        Thread.sleep(1_500);
        double[] millis = new double[changes];
        for (int i = 0; i < changes; i++) {
            long begun = System.nanoTime();
            client.post(
                            "/api/pieces/" + piece + "/notes",
                            Map.of("operation", "", "words", "change " + i, "isLesson", false))
                    .isOk();
            for (int page = 0; page < pages; page++) {
                if (heard.poll(20, TimeUnit.SECONDS) == null) {
                    throw new IllegalStateException("A page heard nothing");
                }
            }
            millis[i] = (System.nanoTime() - begun) / 1e6;
        }
        listeners.forEach(Thread::interrupt);
        Arrays.sort(millis);
        return millis[changes * 95 / 100];
    }

    /** Seconds until the whole shop is written as open files. */
    public double takenAlong() throws InterruptedException {
        long begun = System.nanoTime();
        client.post("/api/along", Map.of("what", "SHOP", "id", 0)).isOk();
        while (!client.get("/api/along").json().path("writing").isEmpty()) {
            Thread.sleep(500);
        }
        return (System.nanoTime() - begun) / 1e9;
    }

    /** Seconds until a backup is made and looked through. */
    public double backedUp() throws InterruptedException {
        long begun = System.nanoTime();
        client.post("/api/backups", Map.of()).isOk();
        while (!client.get("/api/backups").json().path("making").isEmpty()) {
            Thread.sleep(100);
        }
        return (System.nanoTime() - begun) / 1e9;
    }

    private Thread listen(BlockingQueue<Long> heard) {
        long from = client.get("/api/session").json().path("sequence").asLong();
        Thread page = new Thread(() -> {
            HttpRequest request = HttpRequest.newBuilder(URI.create(address + "/api/live?after=" + from))
                    .build();
            try (BufferedReader lines = new BufferedReader(new InputStreamReader(
                    client.http().send(request, BodyHandlers.ofInputStream()).body(), StandardCharsets.UTF_8))) {
                for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                    if (line.startsWith("event:change")) {
                        heard.add(System.nanoTime());
                    }
                }
            } catch (IOException | InterruptedException closed) {
                Thread.currentThread().interrupt();
            }
        });
        page.setDaemon(true);
        page.start();
        return page;
    }

    /** What the server's heap holds now, after the work before. */
    public double heapMegabytes() throws IOException {
        Process jcmd = new ProcessBuilder("jcmd", String.valueOf(server.pid()), "GC.heap_info").start();
        String text = new String(jcmd.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        return java.util.regex.Pattern.compile("used (\\d+)K")
                        .matcher(text)
                        .results()
                        .mapToLong(match -> Long.parseLong(match.group(1)))
                        .limit(2)
                        .sum()
                / 1024.0;
    }

    @Override
    public void close() throws InterruptedException {
        server.destroy();
        server.waitFor();
    }
}
