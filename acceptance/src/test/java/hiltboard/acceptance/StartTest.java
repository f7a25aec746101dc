package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
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

    private static java.util.List<String> failedStart(Path folder, int port) throws IOException, InterruptedException {
        Process server = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        "hiltboard.server.HiltBoard",
                        "--server.port=" + port,
                        "--hilt.data=" + folder)
                .redirectErrorStream(true)
                .start();
        String said = new String(server.getInputStream().readAllBytes());
        assertThat(server.waitFor(60, TimeUnit.SECONDS)).isTrue();
        assertThat(server.exitValue()).isEqualTo(1);
        return said.lines().toList();
    }
}
