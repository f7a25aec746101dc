package hiltboard.server.carry;

import hiltboard.server.data.OwnersOnly;
import hiltboard.server.data.UnusableData;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.LinkedHashMap;
import java.util.Map;
import org.flywaydb.core.Flyway;

/** Makes a shop's file of data out of an archive of the whole shop. */
public final class NewShop {
    /** What no password is the hash of. */
    public static final String NO_PASSWORD = "none";

    private NewShop() {}

    /** Whether a file is an archive of open files, of whatever is in it. */
    public static boolean isArchive(Path file) {
        return Archive.isOne(file);
    }

    /**
     * Writes the file. Nobody can sign in to such a shop until somebody at its machine has made a new password.
     *
     * @param data is written anew, and is gone if it cannot be made
     * @throws UnusableData in one sentence, with file and line, if the archive is not good
     */
    public static void make(Path file, Path data) {
        boolean isMade = false;
        try (Archive archive = new Archive(file)) {
            if (!archive.manifest().of().equals(Manifest.SHOP)) {
                throw new UnusableData("The archive holds no whole shop: only one of the "
                        + archive.manifest().of() + ", " + archive.manifest().name() + ".");
            }
            Files.deleteIfExists(data);
            OwnersOnly.file(data);
            String address = "jdbc:sqlite:" + data;
            Flyway.configure()
                    .dataSource(address, "", "")
                    .locations("classpath:db/migration")
                    .load()
                    .migrate();
            try (Connection connection = DriverManager.getConnection(address)) {
                fill(connection, archive);
            }
            isMade = true;
        } catch (SQLException | IOException failure) {
            throw new UnusableData("The file " + data + " cannot be written (" + failure.getMessage() + ").");
        } finally {
            if (!isMade) {
                drop(data);
            }
        }
    }

    private static void fill(Connection data, Archive archive) throws SQLException {
        try (Statement sql = data.createStatement()) {
            sql.execute("PRAGMA foreign_keys = ON");
            sql.execute("PRAGMA synchronous = FULL");
            data.setAutoCommit(false);
            Map<String, String> triggers = dropTriggers(sql);
            for (Thing thing : Things.ALL) {
                try (Inserts inserts = new Inserts(data, thing, archive)) {
                    archive.lines(thing, line -> inserts.write(inserts.values(line)));
                }
            }
            for (String trigger : triggers.values()) {
                sql.execute(trigger);
            }
            data.commit();
        }
    }

    /** They judge what is done today; what comes in was judged when it was done. */
    private static Map<String, String> dropTriggers(Statement sql) throws SQLException {
        Map<String, String> triggers = new LinkedHashMap<>();
        try (ResultSet row = sql.executeQuery("SELECT name, sql FROM sqlite_schema WHERE type = 'trigger'")) {
            while (row.next()) {
                triggers.put(row.getString("name"), row.getString("sql"));
            }
        }
        for (String trigger : triggers.keySet()) {
            sql.execute("DROP TRIGGER " + trigger);
        }
        return triggers;
    }

    private static void drop(Path data) {
        try {
            Files.deleteIfExists(data);
        } catch (IOException stays) {
            // The next one takes its place.
        }
    }
}
