package hiltboard.server.backup;

import hiltboard.server.data.FileFailure;
import hiltboard.server.data.Swap;
import hiltboard.server.data.UnusableData;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.LocalDateTime;

/** Brings a copy of a shop into a data folder: first it is looked at, then the next start takes it. */
final class Restore implements AutoCloseable {
    private final Path folder;
    private final Path waiting;
    private final Contents contents;

    /**
     * Copies the file into the folder and looks at it; what is there stays as it is.
     *
     * @throws UnusableData if it is no good copy of a shop
     */
    Restore(Path folder, Path copy) {
        this.folder = folder;
        this.waiting = folder.resolve("restore.db");
        this.contents = ShopCopy.ofAny(copy, waiting);
    }

    Contents contents() {
        return contents;
    }

    /**
     * Lets the next start put it in its place.
     *
     * @param why what the journal of the restored shop says
     * @return the folder in which what is there now will lie
     */
    Path accept(String why, Clock clock) {
        try {
            write(why, clock);
            return Swap.prepare(folder, waiting, LocalDateTime.now(clock));
        } catch (SQLException failure) {
            throw new UnusableData("The copy cannot be written (" + failure.getMessage() + ").");
        } catch (IOException failure) {
            throw new UnusableData("The copy cannot be put in its place (" + FileFailure.words(failure) + ").");
        }
    }

    private void write(String why, Clock clock) throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + waiting);
                PreparedStatement line = connection.prepareStatement(
                        "INSERT INTO journal (at_ms, origin, kind, words) VALUES (?, 'restore', 'SHOP_RESTORED', ?)")) {
            connection.createStatement().execute("PRAGMA synchronous = FULL");
            signEverybodyOut(connection);
            line.setLong(1, clock.millis());
            line.setString(2, why);
            line.executeUpdate();
        }
    }

    /** A session that was ended since then must not be open again. Data from before sessions were kept has none. */
    private static void signEverybodyOut(Connection connection) throws SQLException {
        try (Statement sql = connection.createStatement();
                ResultSet found = sql.executeQuery("SELECT count(*) FROM sqlite_schema WHERE name = 'session'")) {
            if (found.getInt(1) > 0) {
                connection.createStatement().executeUpdate("DELETE FROM session");
            }
        }
    }

    /** What was not accepted is gone. */
    @Override
    public void close() {
        try {
            Files.deleteIfExists(waiting);
        } catch (IOException stays) {
            // The next restore takes its place.
        }
    }
}
