package hiltboard.server.data;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.LocalDateTime;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The folder is one program's at a time, and a swap that a dying machine left half done is finished. */
class DataFolderTest {
    private static final LocalDateTime NOW = LocalDateTime.of(2026, 11, 28, 18, 20, 1);

    @TempDir
    Path folder;

    @Test
    void a_second_program_is_refused_until_the_first_has_gone() {
        DataFolder first = DataFolder.take(folder);
        assertThatThrownBy(() -> DataFolder.take(folder))
                .isInstanceOf(UnusableData.class)
                .hasMessageContaining("Another Hilt Board is running on the data folder " + folder);
        first.close();
        DataFolder.take(folder).close();
    }

    @Test
    void nobody_else_on_the_machine_reads_it() throws Exception {
        DataFolder.take(folder).close();
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder)))
                .isEqualTo("rwx------");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder.resolve("shop.lock"))))
                .isEqualTo("rw-------");
    }

    @Test
    void a_folder_that_cannot_be_made_is_said_to_be_so() throws Exception {
        Path taken = Files.writeString(folder.resolve("taken"), "a file");
        assertThatThrownBy(() -> DataFolder.take(taken))
                .isInstanceOf(UnusableData.class)
                .hasMessageContaining("cannot be written (something else has its name)");
    }

    /** A machine may die after each of the moves; the next start goes on from there. */
    @Test
    void a_swap_is_finished_from_wherever_it_broke_off() throws Exception {
        String[] present = {"shop.db-wal", "shop.db-shm", "shop.db", "new"};
        for (int done = 0; done <= present.length; done++) {
            Path each = Files.createDirectory(folder.resolve("after-" + done));
            for (String name : new String[] {"shop.db-wal", "shop.db-shm", "shop.db"}) {
                Files.writeString(each.resolve(name), "old " + name);
            }
            Path aside = Swap.prepare(each, Files.writeString(each.resolve("incoming"), "new"), NOW);
            Path begun = each.resolve("restoring-2026-11-28-182001");
            for (int i = 0; i < done; i++) {
                if (present[i].equals("new")) {
                    Files.move(begun.resolve("new.db"), each.resolve("shop.db"));
                } else {
                    Files.move(each.resolve(present[i]), begun.resolve(present[i]));
                }
            }
            Swap.finish(each);
            assertThat(each.resolve("shop.db")).hasContent("new");
            assertThat(each.resolve("shop.db-wal")).doesNotExist();
            assertThat(each.resolve("shop.db-shm")).doesNotExist();
            assertThat(aside.resolve("shop.db")).hasContent("old shop.db");
            assertThat(aside.resolve("shop.db-wal")).hasContent("old shop.db-wal");
            assertThat(begun).doesNotExist();
        }
    }

    @Test
    void sizes_are_said_as_disks_are_sold() {
        assertThat(Bytes.words(999)).isEqualTo("999 bytes");
        assertThat(Bytes.words(1_500)).isEqualTo("1.5 kB");
        assertThat(Bytes.words(409_000_000)).isEqualTo("409 MB");
        assertThat(Bytes.words(2_000_000_000_000L)).isEqualTo("2.0 TB");
    }
}
