package hiltboard.acceptance;

import java.io.BufferedReader;
import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** The program as a process of its own, which can be killed, and what is done beside it at its machine. */
final class ServerProcess {
    private final Process process;
    private final int port;
    private final BufferedReader lines;

    private ServerProcess(Process process, int port) {
        this.process = process;
        this.port = port;
        this.lines = process.inputReader();
    }

    /** Starts it and answers at once; what it says is read by {@link #said}. */
    static ServerProcess begin(Path folder, int port) throws IOException {
        return new ServerProcess(run("--server.port=" + port, "--hilt.data=" + folder), port);
    }

    /** Starts it and answers when it is open. */
    static ServerProcess open(Path folder, int port) throws IOException {
        ServerProcess server = begin(folder, port);
        server.isOpen();
        return server;
    }

    static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    /** Something that is done at the machine, to its end, by somebody who answers no question. */
    static Done atTheMachine(Path folder, String... words) throws IOException, InterruptedException {
        ServerProcess doing = doing(folder, words);
        List<String> said = doing.lines.lines().toList();
        return new Done(doing.process.waitFor(), said);
    }

    /** As {@link #atTheMachine}, while it is done. */
    static ServerProcess doing(Path folder, String... words) throws IOException {
        Process process = run(Stream.concat(Stream.of(words), Stream.of("--hilt.data=" + folder))
                .toArray(String[]::new));
        process.getOutputStream().close();
        return new ServerProcess(process, 0);
    }

    record Done(int code, List<String> said) {}

    private static Process run(String... arguments) throws IOException {
        return new ProcessBuilder(Stream.concat(
                                Stream.of(
                                        Path.of(System.getProperty("java.home"), "bin", "java")
                                                .toString(),
                                        "-Xmx512m",
                                        "-XX:TieredStopAtLevel=1",
                                        "-cp",
                                        System.getProperty("java.class.path"),
                                        "hiltboard.server.HiltBoard"),
                                Stream.of(arguments))
                        .toList())
                .redirectErrorStream(true)
                .start();
    }

    String address() {
        return "http://localhost:" + port;
    }

    String setupCode() throws IOException {
        return said(Pattern.compile("^    ([A-Z0-9]{8})$"));
    }

    void isOpen() throws IOException {
        said(Pattern.compile("(Ctrl-C.*)"));
    }

    /** Reads on in what the server prints until a line matches; answers its first group. */
    String said(Pattern pattern) throws IOException {
        StringBuilder seen = new StringBuilder();
        for (String line = lines.readLine(); line != null; line = lines.readLine()) {
            seen.append(line).append('\n');
            Matcher match = pattern.matcher(line);
            if (match.find()) {
                return match.group(1);
            }
        }
        throw new AssertionError("The server ended: " + seen);
    }

    void kill() throws InterruptedException {
        process.destroyForcibly().waitFor();
    }
}
