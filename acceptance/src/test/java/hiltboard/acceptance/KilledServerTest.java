package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ThreadLocalRandom;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * A real process, killed again and again (SIGKILL) while commands are being written: nothing that was acknowledged is
 * lost.
 */
class KilledServerTest {
    private static final int KILLS = 2;
    private static final int WRITERS = 4;

    @Test
    void nothing_acknowledged_is_lost(@TempDir Path folder) throws Exception {
        int port = freePort();
        Process server = start(folder, port);
        String code = lineMatching(server, Pattern.compile("^    ([A-Z0-9]{8})$"));
        lineMatching(server, Pattern.compile("(Ctrl-C.*)"));
        Client owner = Client.at("http://localhost:" + port);
        owner.post(
                        "/api/setup",
                        Map.of(
                                "code",
                                code,
                                "shopName",
                                "S",
                                "lengthUnit",
                                "INCH",
                                "temperatureUnit",
                                "FAHRENHEIT",
                                "ownerName",
                                "O",
                                "signInName",
                                "owner",
                                "password",
                                RunningShop.OWNER_PASSWORD))
                .isOk();
        long piece = Work.take(owner, 1, Map.of());
        List<String> acknowledged = new CopyOnWriteArrayList<>();
        for (int kill = 0; kill < KILLS; kill++) {
            int before = acknowledged.size();
            List<Thread> writers = writers(owner, piece, kill, acknowledged);
            Thread.sleep(700 + ThreadLocalRandom.current().nextInt(600));
            server.destroyForcibly().waitFor();
            for (Thread writer : writers) {
                writer.join();
            }
            assertThat(acknowledged.size()).as("writes before kill %s", kill).isGreaterThan(before);
            server = start(folder, port);
            lineMatching(server, Pattern.compile("(Ctrl-C.*)"));
            owner = Client.at("http://localhost:" + port);
            owner.post("/api/sign-in", Map.of("signInName", "owner", "password", RunningShop.OWNER_PASSWORD))
                    .isOk();
            List<String> kept = Work.piece(owner, piece)
                    .path("past")
                    .path("notes")
                    .valueStream()
                    .map(note -> note.path("words").asString())
                    .toList();
            assertThat(kept).containsAll(acknowledged).doesNotHaveDuplicates();
        }
        server.destroyForcibly().waitFor();
        assertWhole(folder);
    }

    /** The file is sound, and each note has its journal entry: row and entry were one transaction. */
    private static void assertWhole(Path folder) throws Exception {
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("shop.db"));
                var statement = connection.createStatement()) {
            try (var check = statement.executeQuery("PRAGMA integrity_check")) {
                assertThat(check.getString(1)).isEqualTo("ok");
            }
            try (var counts = statement.executeQuery(
                    "SELECT (SELECT count(*) FROM note), (SELECT count(*) FROM journal WHERE kind = 'NOTE_WRITTEN')")) {
                assertThat(counts.getInt(1)).isPositive().isEqualTo(counts.getInt(2));
            }
        }
    }

    private static List<Thread> writers(Client owner, long piece, int kill, List<String> acknowledged) {
        List<Thread> writers = new ArrayList<>();
        for (int w = 0; w < WRITERS; w++) {
            String name = kill + "-" + w + "-";
            Thread writer = new Thread(() -> {
                try {
                    for (int i = 0; i < 10_000; i++) {
                        String words = name + i;
                        if (owner.post(
                                                "/api/pieces/" + piece + "/notes",
                                                Map.of("operation", "", "words", words, "isLesson", false))
                                        .status()
                                == 200) {
                            acknowledged.add(words);
                        }
                    }
                } catch (RuntimeException serverIsGone) {
                    return;
                }
            });
            writer.start();
            writers.add(writer);
        }
        return writers;
    }

    private static Process start(Path folder, int port) throws IOException {
        return new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-Xmx512m",
                        "-XX:TieredStopAtLevel=1",
                        "-cp",
                        System.getProperty("java.class.path"),
                        "hiltboard.server.HiltBoard",
                        "--server.port=" + port,
                        "--hilt.data=" + folder)
                .redirectErrorStream(true)
                .start();
    }

    /** Reads on in what the server prints until a line matches; answers its first group. */
    private static String lineMatching(Process server, Pattern pattern) throws IOException {
        BufferedReader lines = server.inputReader();
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

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }
}
