package hiltboard.server.data;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** By which version of the program a file of data was written: the number of its last migration. */
public final class DataVersion {
    private static final Pattern MIGRATION = Pattern.compile("V(\\d+)__.*");

    private DataVersion() {}

    /**
     * The version of a file; zero if no program has written it. @throws UnusableData if it is newer than this program
     */
    public static int of(Statement sql) throws SQLException {
        if (number(sql, "SELECT count(*) FROM sqlite_schema WHERE name = 'flyway_schema_history'") == 0) {
            return 0;
        }
        int version = number(sql, "SELECT coalesce(max(CAST(version AS INTEGER)), 0) FROM flyway_schema_history");
        int newest = newest();
        if (version > newest) {
            throw new UnusableData("The data was written by a newer Hilt Board (its version is " + version
                    + ", this program knows " + newest
                    + " at most). Install the newer program, or restore a backup from before.");
        }
        return version;
    }

    private static int number(Statement sql, String question) throws SQLException {
        try (ResultSet row = sql.executeQuery(question)) {
            return row.getInt(1);
        }
    }

    private static int newest() {
        try {
            return Arrays.stream(
                            new PathMatchingResourcePatternResolver().getResources("classpath:db/migration/V*.sql"))
                    .map(file -> MIGRATION.matcher(String.valueOf(file.getFilename())))
                    .filter(Matcher::matches)
                    .mapToInt(name -> Integer.parseInt(name.group(1)))
                    .max()
                    .orElseThrow();
        } catch (IOException broken) {
            throw new UncheckedIOException("The program has lost its migrations", broken);
        }
    }
}
