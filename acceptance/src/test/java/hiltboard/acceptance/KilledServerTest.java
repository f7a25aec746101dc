package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.sql.DriverManager;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ThreadLocalRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * A real process, killed again and again (SIGKILL) while commands are being written: nothing that was acknowledged is
 * lost.
 */
class KilledServerTest {
    private static final int KILLS = 2;

    @Test
    void nothing_acknowledged_is_lost(@TempDir Path folder) throws Exception {
        int port = ServerProcess.freePort();
        ServerProcess server = ServerProcess.begin(folder, port);
        Client owner = Writers.ownerOfNew(server);
        long piece = Work.take(owner, 1, Map.of());
        List<String> acknowledged = new CopyOnWriteArrayList<>();
        for (int kill = 0; kill < KILLS; kill++) {
            int before = acknowledged.size();
            List<Thread> writers = Writers.begin(owner, piece, String.valueOf(kill), acknowledged);
            Thread.sleep(700 + ThreadLocalRandom.current().nextInt(600));
            server.kill();
            for (Thread writer : writers) {
                writer.join();
            }
            assertThat(acknowledged.size()).as("writes before kill %s", kill).isGreaterThan(before);
            server = ServerProcess.open(folder, port);
            owner = Writers.ownerOf(server);
            List<String> kept = Writers.kept(owner, piece);
            assertThat(kept).containsAll(acknowledged).doesNotHaveDuplicates();
        }
        server.kill();
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
}
