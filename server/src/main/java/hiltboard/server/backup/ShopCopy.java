package hiltboard.server.backup;

import hiltboard.server.carry.NewShop;
import hiltboard.server.data.Damage;
import hiltboard.server.data.DataFolder;
import hiltboard.server.data.DataVersion;
import hiltboard.server.data.FileFailure;
import hiltboard.server.data.OwnersOnly;
import hiltboard.server.data.UnusableData;
import hiltboard.server.data.Written;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Optional;
import java.util.function.Consumer;

/**
 * Copies the file of a shop as it is at one moment, whether a program has it open or not, and makes sure of the copy by
 * opening it.
 */
final class ShopCopy {
    private static final String UNFINISHED = ".part";
    /** What the first version of the program had already. */
    private static final int TABLES = 6;

    private ShopCopy() {}

    /** As {@link #make(Path, Path, Consumer)}, where nobody can stop it. */
    static Contents make(Path shop, Path copy) {
        return make(shop, copy, running -> {});
    }

    /**
     * Copies. What has the copy's name is replaced when the copy is known to be good; until then nothing has it.
     *
     * @param running is given the copying, which another thread may cancel
     * @throws UnusableData in one sentence, if there is no shop in the file or no good copy could be made of it
     */
    static Contents make(Path shop, Path copy, Consumer<Statement> running) {
        if (!Files.isRegularFile(shop)) {
            throw new UnusableData("There is no file " + shop + ".");
        }
        Path unfinished = unfinished(copy);
        try {
            OwnersOnly.folder(unfinished.toAbsolutePath().getParent());
            Files.deleteIfExists(unfinished);
            long before = copyTo(shop, OwnersOnly.file(unfinished), running);
            Contents contents = look(unfinished);
            if (contents.changes() < before) {
                throw new UnusableData("The copy of " + shop + " lacks the last changes.");
            }
            Written.through(unfinished);
            Files.move(unfinished, copy, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
            Written.through(copy.toAbsolutePath().getParent());
            return contents;
        } catch (SQLException failure) {
            throw new UnusableData("The file " + shop + " cannot be copied (" + failure.getMessage() + ").");
        } catch (IOException failure) {
            throw new UnusableData("The copy " + copy + " cannot be written (" + FileFailure.words(failure) + ").");
        } finally {
            drop(unfinished);
        }
    }

    /** As {@link #make(Path, Path)}, of a copy or of an archive of open files. */
    static Contents ofAny(Path file, Path copy) {
        if (!NewShop.isArchive(file)) {
            return make(file, copy);
        }
        Path made = copy.resolveSibling(copy.getFileName() + ".made");
        try {
            NewShop.make(file, made);
            return make(made, copy);
        } finally {
            drop(made);
        }
    }

    /** Where a copy is written until it is good. */
    static Path unfinished(Path copy) {
        return copy.resolveSibling(copy.getFileName() + UNFINISHED);
    }

    private static void drop(Path unfinished) {
        try {
            Files.deleteIfExists(unfinished);
        } catch (IOException stays) {
            // The next copy of this name takes its place.
        }
    }

    /** @return how many lines the journal had when the copying began */
    private static long copyTo(Path shop, Path copy, Consumer<Statement> running) throws SQLException {
        try (Connection connection = open(shop);
                Statement sql = connection.createStatement()) {
            mustBeAShop(sql, shop);
            DataVersion.of(sql);
            // A damaged page can go into a copy as one that holds nothing, so that the copy is sound and lacks
            // something.
            mustBeSound(Damage.quickly(sql), shop);
            long before = number(sql, "SELECT coalesce(max(sequence), 0) FROM journal");
            running.accept(sql);
            sql.execute("VACUUM INTO '" + copy.toString().replace("'", "''") + "'");
            return before;
        }
    }

    /**
     * What is in a copy, every page, index and reference of which is looked at: some seconds for each 300 MB.
     *
     * @throws UnusableData if it holds no shop, is damaged, or was written by a newer program
     */
    static Contents look(Path copy) {
        try (Connection connection = open(copy);
                Statement sql = connection.createStatement()) {
            mustBeAShop(sql, copy);
            mustBeSound(Damage.thoroughly(sql), copy);
            try (ResultSet broken = sql.executeQuery("PRAGMA foreign_key_check")) {
                if (broken.next()) {
                    throw new UnusableData("The file " + copy + " is damaged inside: something is missing that "
                            + broken.getString(1) + " speaks of");
                }
            }
            return new Contents(
                    text(sql, "SELECT coalesce(max(name), '') FROM shop"),
                    DataVersion.of(sql),
                    number(sql, "SELECT count(*) FROM person"),
                    number(sql, "SELECT count(*) FROM person WHERE password_hash <> '" + NewShop.NO_PASSWORD + "'"),
                    number(sql, "SELECT count(*) FROM job"),
                    number(sql, "SELECT count(*) FROM piece"),
                    number(sql, "SELECT count(*) FROM photo"),
                    number(sql, "SELECT coalesce(max(sequence), 0) FROM journal"),
                    number(sql, "SELECT coalesce(max(at_ms), 0) FROM journal"),
                    Files.size(copy));
        } catch (SQLException failure) {
            throw new UnusableData("The file " + copy + " cannot be read (" + failure.getMessage() + ").");
        } catch (IOException failure) {
            throw new UnusableData("The file " + copy + " cannot be read (" + FileFailure.words(failure) + ").");
        }
    }

    /**
     * A file that stands in a data folder, or has its log beside it, may be open in a program and is opened as that
     * does. Any other is only read, and may lie where nothing can be written.
     */
    private static Connection open(Path file) throws SQLException {
        boolean mayBeOpen =
                DataFolder.isOneOfIts(file) || Files.exists(file.resolveSibling(file.getFileName() + "-wal"));
        return DriverManager.getConnection(
                "jdbc:sqlite:" + (mayBeOpen ? file.toString() : file.toUri() + "?immutable=1"));
    }

    private static void mustBeAShop(Statement sql, Path file) throws SQLException {
        long tables = number(
                sql,
                "SELECT count(*) FROM sqlite_schema WHERE name IN ('shop', 'person', 'job', 'piece', 'photo', 'journal')");
        if (tables < TABLES) {
            throw new UnusableData(
                    "The file " + file + " holds no shop. A copy of shop.db alone, made while the program "
                            + "runs, may lack everything: ./hilt backup makes a whole one.");
        }
    }

    private static void mustBeSound(Optional<String> damage, Path file) {
        damage.ifPresent(words -> {
            throw new UnusableData("The file " + file + " is damaged inside: " + words);
        });
    }

    private static long number(Statement sql, String question) throws SQLException {
        try (ResultSet row = sql.executeQuery(question)) {
            return row.getLong(1);
        }
    }

    private static String text(Statement sql, String question) throws SQLException {
        try (ResultSet row = sql.executeQuery(question)) {
            return row.getString(1);
        }
    }
}
