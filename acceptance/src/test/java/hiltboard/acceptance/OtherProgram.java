package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;

/** Programs that are not ours, which read what ours writes. */
final class OtherProgram {
    private OtherProgram() {}

    /** Runs it and answers what it says; it must end well. */
    static String run(String... command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String told = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor()).as(told).isZero();
        return told;
    }
}
