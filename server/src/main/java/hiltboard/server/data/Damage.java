package hiltboard.server.data;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Optional;

/** What is wrong inside a file of data, as SQLite finds it. */
public final class Damage {
    private Damage() {}

    /** Every page: half a second for each 200 MB. */
    public static Optional<String> quickly(Statement sql) throws SQLException {
        return found(sql, "PRAGMA quick_check(1)");
    }

    /** Every page and every index: some seconds for each 300 MB. */
    public static Optional<String> thoroughly(Statement sql) throws SQLException {
        return found(sql, "PRAGMA integrity_check(1)");
    }

    private static Optional<String> found(Statement sql, String check) throws SQLException {
        try (ResultSet row = sql.executeQuery(check)) {
            return Optional.of(row.getString(1))
                    .filter(words -> !words.equals("ok"))
                    .map(words -> words.replaceAll("\\s+", " "));
        }
    }
}
