package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A start that cannot be says so in one plain sentence. */
class StartTest {

    @Test
    void a_taken_port_is_named(@TempDir Path folder) throws Exception {
        try (ServerSocket taken = new ServerSocket(0)) {
            assertThat(failedStart(folder, taken.getLocalPort()))
                    .singleElement()
                    .asString()
                    .contains("Port " + taken.getLocalPort() + " is taken", "HILT_PORT");
        }
    }

    @Test
    void an_unreadable_data_file_is_named_and_left_as_it_was(@TempDir Path folder) throws Exception {
        Path file = folder.resolve("shop.db");
        Files.writeString(file, "this is no data file, but somebody's shopping list ".repeat(40));
        assertThat(failedStart(folder, 0))
                .singleElement()
                .asString()
                .contains(file.toString(), "cannot be read", "HILT_DATA");
        assertThat(Files.readString(file)).startsWith("this is no data file");
    }

    @Test
    void the_command_knows_what_it_knows() throws Exception {
        Process help = new ProcessBuilder("../hilt", "help").start();
        assertThat(new String(help.getInputStream().readAllBytes()))
                .contains("./hilt demo", "./hilt test", "HILT_PORT");
        Process unknown = new ProcessBuilder("../hilt", "fly").start();
        assertThat(new String(unknown.getErrorStream().readAllBytes()))
                .hasLineCount(1)
                .contains("does not know 'fly'");
        assertThat(unknown.waitFor()).isEqualTo(1);
    }

    @Test
    void a_second_program_on_the_same_folder_is_told_of_the_first(@TempDir Path folder) throws Exception {
        ServerProcess first = ServerProcess.begin(folder, 0);
        first.isOpen();
        assertThat(failedStart(folder, 0))
                .singleElement()
                .asString()
                .contains("Another Hilt Board is running on the data folder " + folder);
        first.kill();
        ServerProcess next = ServerProcess.begin(folder, 0);
        next.isOpen();
        next.kill();
    }

    @Test
    void the_log_in_the_data_folder_is_the_owners_and_tells_of_who_tried_without_what_they_typed(@TempDir Path folder)
            throws Exception {
        ServerProcess server = ServerProcess.begin(folder, ServerProcess.freePort());
        Writers.ownerOfNew(server);
        Client stranger = Client.at(server.address());
        stranger.post("/api/sign-in", Map.of("signInName", "owner", "password", "a secret of elsewhere"))
                .isRefused(422, "entries");
        stranger.post("/api/sign-in", Map.of("signInName", "a-secret-in-the-wrong-field", "password", "x"))
                .isRefused(422, "entries");
        server.kill();
        Path log = folder.resolve("log/hilt.log");
        assertThat(Files.readString(log))
                .contains(
                        "O signed in (PASSWORD)",
                        "A wrong password for O from 127.0.0.1",
                        "A wrong password for nobody")
                .doesNotContain("a secret of elsewhere", "a-secret-in-the-wrong-field");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(log)))
                .isEqualTo("rw-------");
    }

    @Test
    void data_of_a_newer_program_is_not_opened(@TempDir Path folder) throws Exception {
        ServerProcess once = ServerProcess.begin(folder, 0);
        once.isOpen();
        once.kill();
        try (Connection data = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("shop.db"))) {
            data.createStatement()
                    .executeUpdate(
                            "INSERT INTO flyway_schema_history SELECT 99, '99', 'later', type, 'V99__later.sql', 1, "
                                    + "installed_by, installed_on, 1, 1 FROM flyway_schema_history WHERE installed_rank = 1");
        }
        assertThat(failedStart(folder, 0))
                .singleElement()
                .asString()
                .contains("written by a newer Hilt Board (its version is 99, this program knows ");
    }

    @Test
    void a_file_that_is_damaged_inside_is_not_opened_and_left_as_it_is(@TempDir Path folder) throws Exception {
        ServerProcess once = ServerProcess.begin(folder, 0);
        once.isOpen();
        once.kill();
        Path file = folder.resolve("shop.db");
        try (Connection data = DriverManager.getConnection("jdbc:sqlite:" + file)) {
            data.createStatement().execute("PRAGMA wal_checkpoint(TRUNCATE)");
        }
        try (RandomAccessFile bytes = new RandomAccessFile(file.toFile(), "rw")) {
            bytes.seek(3 * 4096);
            bytes.write(new byte[4096]);
        }
        byte[] before = Files.readAllBytes(file);
        assertThat(failedStart(folder, 0)).singleElement().asString().contains("damaged inside", "./hilt restore FILE");
        assertThat(Files.readAllBytes(file)).isEqualTo(before);
    }

    @Test
    void a_folder_that_cannot_be_written_is_named() throws Exception {
        assertThat(failedStart(Path.of("/proc/hilt"), 0))
                .singleElement()
                .asString()
                .contains("The data folder /proc/hilt cannot be written", "HILT_DATA");
    }

    private static List<String> failedStart(Path folder, int port) throws IOException, InterruptedException {
        ServerProcess.Done start = ServerProcess.atTheMachine(folder, "--server.port=" + port);
        assertThat(start.code()).isEqualTo(1);
        return start.said();
    }
}
