package hiltboard.server;

import hiltboard.server.data.UnusableData;
import java.sql.SQLException;
import java.util.stream.Stream;
import org.springframework.boot.web.server.PortInUseException;

/** Says in one plain sentence why the program did not start. */
final class StartFailure {
    private StartFailure() {}

    static String inOneSentence(Throwable failure) {
        return Stream.iterate(failure, cause -> cause != null, Throwable::getCause)
                .flatMap(StartFailure::sentence)
                .findFirst()
                .orElseGet(() -> "Hilt Board could not start: " + deepest(failure));
    }

    private static Stream<String> sentence(Throwable cause) {
        if (cause instanceof PortInUseException port) {
            return Stream.of("Port " + port.getPort()
                    + " is taken by another program. Stop that one, or choose another: HILT_PORT=8096 ./hilt start");
        }
        if (cause instanceof UnusableData) {
            return Stream.of(cause.getMessage());
        }
        if (cause instanceof SQLException) {
            return Stream.of("The data file cannot be used (" + cause.getMessage()
                    + "). Restore a backup (./hilt restore FILE), or name another folder with HILT_DATA.");
        }
        return Stream.empty();
    }

    private static String deepest(Throwable failure) {
        Throwable cause = failure;
        while (cause.getCause() != null) {
            cause = cause.getCause();
        }
        return cause.getMessage() == null ? cause.toString() : cause.getMessage();
    }
}
