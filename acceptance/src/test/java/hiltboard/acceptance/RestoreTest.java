package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The rehearsal: a shop at work, a backup beside the work, the machine gone, and the shop on another one. */
class RestoreTest {

    @Test
    void a_lost_machine_costs_what_was_done_since_the_backup_and_nothing_else(@TempDir Path places) throws Exception {
        Path folder = places.resolve("old machine");
        Path backup = places.resolve("stick/shop's copy.db");
        ServerProcess server = ServerProcess.begin(folder, ServerProcess.freePort());
        Client owner = Writers.ownerOfNew(server);
        long piece = Work.take(owner, 2, Map.of());
        owner.postPhoto("/api/pieces/" + piece + "/photos", "blade.png", Pictures.png())
                .isOk();
        List<String> acknowledged = new CopyOnWriteArrayList<>();
        List<Thread> writers = Writers.begin(owner, piece, "note", acknowledged);
        Thread.sleep(500);
        List<String> before = List.copyOf(acknowledged);
        ServerProcess.Done done = ServerProcess.atTheMachine(folder, "backup", backup.toString());
        assertThat(done.code()).as("%s", done.said()).isZero();
        assertThat(done.said())
                .anyMatch(line -> line.contains("is good"))
                .anyMatch(line -> line.contains("1 photographs"));
        int during = acknowledged.size();
        server.kill();
        for (Thread writer : writers) {
            writer.join();
        }
        assertThat(before).isNotEmpty();
        assertThat(during).as("written while it was copied").isGreaterThan(before.size());
        delete(folder);

        Path other = places.resolve("new machine");
        ServerProcess.Done restored = ServerProcess.atTheMachine(other, "restore", backup.toString(), "--yes");
        assertThat(restored.code()).as("%s", restored.said()).isZero();
        assertThat(restored.said().get(0)).startsWith("In it: S: 1 people, 1 jobs, 2 pieces, 1 photographs");
        ServerProcess anew = ServerProcess.open(other, ServerProcess.freePort());
        Client again = Writers.ownerOf(anew);
        assertThat(Writers.kept(again, piece)).containsAll(before).doesNotHaveDuplicates();
        long photo = Work.piece(again, piece)
                .path("past")
                .path("photos")
                .get(0)
                .path("id")
                .asLong();
        assertThat(again.bytes("/api/photos/" + photo + "/original")).isEqualTo(Pictures.png());
        anew.kill();
    }

    @Test
    void what_is_there_is_kept_aside_and_what_is_no_backup_changes_nothing(@TempDir Path places) throws Exception {
        Path folder = places.resolve("shop");
        ServerProcess server = ServerProcess.begin(folder, ServerProcess.freePort());
        Client owner = Writers.ownerOfNew(server);
        long piece = Work.take(owner, 1, Map.of());
        Path early = places.resolve("early.db");
        ServerProcess.atTheMachine(folder, "backup", early.toString());
        owner.post("/api/pieces/" + piece + "/notes", Map.of("operation", "", "words", "later", "isLesson", false))
                .isOk();
        assertThat(ServerProcess.atTheMachine(folder, "backup", early.toString())
                        .said())
                .singleElement()
                .asString()
                .contains("There is a file");
        assertThat(ServerProcess.atTheMachine(folder, "restore", early.toString(), "--yes")
                        .said())
                .singleElement()
                .asString()
                .contains("Another Hilt Board is running");
        server.kill();

        Path list = Files.writeString(places.resolve("list.db"), "a shopping list".repeat(300));
        ServerProcess.Done refused = ServerProcess.atTheMachine(folder, "restore", list.toString(), "--yes");
        assertThat(refused.code()).isEqualTo(1);
        assertThat(refused.said()).singleElement().asString().contains(list.toString());
        assertThat(ServerProcess.atTheMachine(folder, "restore", early.toString())
                        .said())
                .as("nobody said yes")
                .anyMatch(line -> line.contains("Nothing was changed."));

        ServerProcess.Done done = ServerProcess.atTheMachine(folder, "restore", early.toString(), "--yes");
        assertThat(done.code()).as("%s", done.said()).isZero();
        ServerProcess anew = ServerProcess.open(folder, ServerProcess.freePort());
        assertThat(Writers.kept(Writers.ownerOf(anew), piece)).isEmpty();
        anew.kill();
        try (Stream<Path> aside = Files.list(folder)) {
            Path until = aside.filter(file -> file.getFileName().toString().startsWith("aside-"))
                    .findFirst()
                    .orElseThrow();
            ServerProcess kept = ServerProcess.open(until, ServerProcess.freePort());
            assertThat(Writers.kept(Writers.ownerOf(kept), piece)).containsExactly("later");
            kept.kill();
        }
    }

    @Test
    void from_the_page_the_program_starts_anew_in_its_place_and_stays(@TempDir Path folder) throws Exception {
        ServerProcess server = ServerProcess.begin(folder, ServerProcess.freePort());
        Client owner = Writers.ownerOfNew(server);
        long piece = Work.take(owner, 1, Map.of());
        ServerProcess.atTheMachine(folder, "backup");
        String copy = owner.get("/api/backups")
                .json()
                .path("copies")
                .get(0)
                .path("name")
                .asString();
        owner.post("/api/pieces/" + piece + "/notes", Map.of("operation", "", "words", "later", "isLesson", false))
                .isOk();
        owner.post("/api/backups/" + copy + "/restore", Map.of()).isOk();
        server.isOpen();
        Client again = Writers.ownerOf(server);
        assertThat(Writers.kept(again, piece)).isEmpty();
        again.post("/api/backups/" + copy + "/restore", Map.of()).isOk();
        server.isOpen();
        assertThat(Writers.kept(Writers.ownerOf(server), piece)).isEmpty();
        server.kill();
    }

    private static void delete(Path folder) throws IOException {
        List<Path> all = new ArrayList<>();
        try (Stream<Path> files = Files.walk(folder)) {
            files.sorted(Comparator.reverseOrder()).forEach(all::add);
        }
        for (Path each : all) {
            try {
                Files.delete(each);
            } catch (IOException failure) {
                throw new UncheckedIOException(failure);
            }
        }
    }
}
