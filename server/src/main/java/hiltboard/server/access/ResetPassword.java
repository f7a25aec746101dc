package hiltboard.server.access;

import hiltboard.server.data.DataFolder;
import hiltboard.server.data.UnusableData;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.InstantSource;
import java.util.List;
import java.util.Optional;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;

/**
 * Gives somebody a new password from the server's machine, whether the program runs or not: for an owner who forgot
 * theirs. Whoever may write the data file may do so anyhow.
 */
public final class ResetPassword {
    private static final int LENGTH = 16;

    private final Path folder;
    private final InstantSource clock;

    public ResetPassword(Path folder, InstantSource clock) {
        this.folder = folder;
        this.clock = clock;
    }

    /**
     * Sets a new password and ends all sessions, passkeys and the short number of this person.
     *
     * @return the password, which is kept nowhere else
     * @throws UnusableData if there is nobody of this sign-in name, or no shop
     */
    public String of(String signInName) {
        Path shop = DataFolder.shop(folder);
        if (!Files.isRegularFile(shop)) {
            throw new UnusableData("There is no shop in " + folder + ".");
        }
        String password = SetupCode.random(LENGTH);
        try (Connection data = DriverManager.getConnection("jdbc:sqlite:" + shop)) {
            data.createStatement().execute("PRAGMA busy_timeout = 10000");
            data.createStatement().execute("PRAGMA synchronous = FULL");
            data.setAutoCommit(false);
            long person = person(data, signInName)
                    .orElseThrow(() -> new UnusableData("Nobody in this shop signs in as “" + signInName + "”."));
            change(
                    data,
                    "UPDATE person SET password_hash = ?, pin_hash = NULL, gone_at_ms = NULL WHERE id = ?",
                    new BCryptPasswordEncoder().encode(password),
                    person);
            for (String open : List.of("session", "passkey")) {
                if (isThere(data, open)) {
                    change(data, "DELETE FROM " + open + " WHERE person_id = ?", person);
                }
            }
            change(
                    data,
                    "INSERT INTO journal (at_ms, origin, kind, words) VALUES (?, 'machine', 'PERSON_CHANGED', ?)",
                    clock.millis(),
                    signInName + " has a new password, given at the server's machine");
            data.commit();
            return password;
        } catch (SQLException failure) {
            throw new UnusableData("The data file " + shop + " cannot be written (" + failure.getMessage() + ").");
        }
    }

    /** Data of an earlier version, which the program has not opened yet, may not have it. */
    private static boolean isThere(Connection data, String table) throws SQLException {
        try (PreparedStatement question =
                data.prepareStatement("SELECT 1 FROM sqlite_schema WHERE type = 'table' AND name = ?")) {
            question.setString(1, table);
            try (ResultSet row = question.executeQuery()) {
                return row.next();
            }
        }
    }

    private static Optional<Long> person(Connection data, String signInName) throws SQLException {
        try (PreparedStatement question = data.prepareStatement("SELECT id FROM person WHERE sign_in_name = ?")) {
            question.setString(1, signInName);
            try (ResultSet row = question.executeQuery()) {
                return row.next() ? Optional.of(row.getLong(1)) : Optional.empty();
            }
        }
    }

    private static void change(Connection data, String words, Object... values) throws SQLException {
        try (PreparedStatement change = data.prepareStatement(words)) {
            for (int i = 0; i < values.length; i++) {
                change.setObject(i + 1, values[i]);
            }
            change.executeUpdate();
        }
    }
}
