package hiltboard.server.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hiltboard.server.DataFile;
import hiltboard.server.data.UnusableData;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.SQLException;
import java.sql.Statement;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A copy is made while the file is written, and only a good one has its name. */
class ShopCopyTest extends DataFile {
    @TempDir
    Path elsewhere;

    @BeforeEach
    void live() throws SQLException {
        sql.execute("PRAGMA journal_mode=WAL");
        sql.executeUpdate("INSERT INTO shop VALUES (1, 'Fenwick Bridge Knives', 'INCH', 'FAHRENHEIT', 0, 5)");
        for (int i = 1; i <= 3000; i++) {
            sql.executeUpdate("INSERT INTO journal (at_ms, origin, kind, words) VALUES (" + i
                    + ", 'test', 'NOTE_WRITTEN', 'some words that fill a page or two of the file')");
        }
    }

    private Path shop() {
        return folder().resolve("shop.db");
    }

    @Test
    void what_the_program_has_written_is_in_it_though_the_file_itself_has_it_not_yet() throws Exception {
        Path plain = Files.copy(shop(), elsewhere.resolve("plain.db"));
        Path copy = elsewhere.resolve("copy.db");
        Contents contents = ShopCopy.make(shop(), copy);
        assertThat(contents.shopName()).isEqualTo("Fenwick Bridge Knives");
        assertThat(contents.changes()).isEqualTo(3000);
        assertThat(contents.pieces()).isEqualTo(2);
        assertThat(contents.lastChangeMillis()).isEqualTo(3000);
        assertThat(ShopCopy.look(copy)).isEqualTo(contents);
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(copy)))
                .isEqualTo("rw-------");
        assertThat(elsewhere.resolve("copy.db.part")).doesNotExist();
        // The plain copy of a file in use lacks what stands in its log: that is what backups are for.
        assertThatThrownBy(() -> assertThat(ShopCopy.make(plain, elsewhere.resolve("of-plain.db"))
                                .changes())
                        .isEqualTo(3000))
                .isNotNull();
    }

    @Test
    void a_damaged_page_is_found_and_leaves_the_last_good_copy_in_its_place() throws Exception {
        Path copy = elsewhere.resolve("copy.db");
        ShopCopy.make(shop(), copy);
        Path damaged = Files.copy(copy, elsewhere.resolve("damaged.db"));
        try (RandomAccessFile bytes = new RandomAccessFile(damaged.toFile(), "rw")) {
            bytes.seek(bytes.length() / 2 / 4096 * 4096);
            bytes.write(new byte[4096]);
        }
        byte[] before = Files.readAllBytes(copy);
        assertThatThrownBy(() -> ShopCopy.make(damaged, copy)).isInstanceOf(UnusableData.class);
        assertThat(Files.readAllBytes(copy)).isEqualTo(before);
        assertThat(elsewhere.resolve("copy.db.part")).doesNotExist();
    }

    @Test
    void a_reference_to_what_is_not_there_is_damage_too() throws Exception {
        sql.execute("PRAGMA foreign_keys=OFF");
        sql.executeUpdate("UPDATE piece SET job_id = 99 WHERE id = 2");
        assertThatThrownBy(() -> ShopCopy.make(shop(), elsewhere.resolve("copy.db")))
                .isInstanceOf(UnusableData.class)
                .hasMessageContaining("something is missing that piece speaks of");
    }

    @Test
    void what_is_no_shop_or_is_newer_is_said_in_a_sentence() throws Exception {
        Path list = Files.writeString(elsewhere.resolve("list"), "a shopping list ".repeat(99));
        assertThatThrownBy(() -> ShopCopy.make(list, elsewhere.resolve("copy.db")))
                .isInstanceOf(UnusableData.class)
                .hasMessageContaining("cannot be copied");
        Path empty = Files.createFile(elsewhere.resolve("empty"));
        assertThatThrownBy(() -> ShopCopy.make(empty, elsewhere.resolve("copy.db")))
                .isInstanceOf(UnusableData.class)
                .hasMessageContaining("holds no shop");
        assertThatThrownBy(() -> ShopCopy.make(elsewhere.resolve("nothing"), elsewhere.resolve("copy.db")))
                .isInstanceOf(UnusableData.class)
                .hasMessageContaining("There is no file");
        sql.executeUpdate("INSERT INTO flyway_schema_history SELECT 99, '99', 'later', type, 'V99__later.sql', 1, "
                + "installed_by, installed_on, 1, 1 FROM flyway_schema_history WHERE installed_rank = 1");
        assertThatThrownBy(() -> ShopCopy.make(shop(), elsewhere.resolve("copy.db")))
                .isInstanceOf(UnusableData.class)
                .hasMessageContaining("newer Hilt Board (its version is 99, this program knows ");
    }

    @Test
    void a_copy_can_be_stopped_and_leaves_nothing() throws SQLException {
        // So much that the copy is under way when it is stopped, whatever else the machine does.
        sql.executeUpdate("""
                WITH RECURSIVE line(n) AS (SELECT 1 UNION ALL SELECT n + 1 FROM line WHERE n < 60000)
                INSERT INTO journal (at_ms, origin, kind, words) SELECT n, 'test', 'NOTE_WRITTEN', hex(zeroblob(200)) FROM line
                """);
        assertThatThrownBy(() -> ShopCopy.make(shop(), elsewhere.resolve("copy.db"), ShopCopyTest::stopSoon))
                .isInstanceOf(UnusableData.class);
        assertThat(elsewhere).isEmptyDirectory();
    }

    private static void stopSoon(Statement copying) {
        Thread stopping = new Thread(() -> {
            for (int i = 0; i < 400; i++) {
                try {
                    Thread.sleep(1);
                    copying.cancel();
                } catch (SQLException | InterruptedException over) {
                    return;
                }
            }
        });
        stopping.start();
    }
}
