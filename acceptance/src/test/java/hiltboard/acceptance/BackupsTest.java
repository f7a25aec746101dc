package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** Backups by themselves and by hand, where they go, and one put in the place of the present data from the page. */
class BackupsTest {
    private RunningShop shop;
    private Client owner;
    private long piece;

    @BeforeEach
    void open() {
        shop = RunningShop.withTwoMakers(Map.of("hilt.backup.nightly", "true"));
        owner = shop.owner();
        piece = Work.take(owner, 1, Map.of());
    }

    @AfterEach
    void close() {
        shop.close();
    }

    private JsonNode backups() {
        return owner.get("/api/backups").isOk().json();
    }

    private List<String> names(String why) {
        return backups()
                .path("copies")
                .valueStream()
                .filter(copy -> copy.path("why").asString().equals(why))
                .map(copy -> copy.path("name").asString())
                .toList();
    }

    private String byHand() {
        int before = names("by hand").size();
        shop.clock().putForward(Duration.ofSeconds(1));
        owner.post("/api/backups", Map.of()).isOk();
        Patience.until(() ->
                names("by hand").size() > before && backups().path("making").isEmpty());
        return names("by hand").get(0);
    }

    private void note(String words) {
        owner.post("/api/pieces/" + piece + "/notes", Map.of("operation", "", "words", words, "isLesson", false))
                .isOk();
    }

    private List<String> trouble(Client of) {
        return of.get("/api/trouble")
                .isOk()
                .json()
                .valueStream()
                .map(each -> each.path("words").asString())
                .toList();
    }

    @Test
    void every_night_has_its_copy_and_a_failed_one_is_the_owners_alarm_until_one_is_good(@TempDir Path aside)
            throws Exception {
        Patience.until(() -> names("by itself").size() == 1);
        shop.clock().putForward(Duration.ofDays(1));
        Patience.until(() -> names("by itself").size() == 2);
        Path folder = shop.folder().resolve("backups");
        Files.move(folder, aside.resolve("backups"));
        Files.writeString(folder, "somebody's own file");
        shop.clock().putForward(Duration.ofDays(1));
        Patience.until(() -> !trouble(owner).isEmpty());
        assertThat(trouble(owner)).singleElement().asString().startsWith("The backup failed: ");
        assertThat(trouble(shop.signedIn("bram"))).isEmpty();
        Files.delete(folder);
        Files.move(aside.resolve("backups"), folder);
        shop.clock().putForward(Duration.ofMinutes(31));
        Patience.until(() -> names("by itself").size() == 3);
        Patience.until(() -> trouble(owner).isEmpty());
    }

    @Test
    void every_copy_goes_to_the_second_place_too_and_a_disk_that_is_out_is_caught_up_with(@TempDir Path disk)
            throws Exception {
        owner.post("/api/backups/second", Map.of("path", disk.resolve("nothing").toString()))
                .isRefused(422, "entries");
        owner.post("/api/backups/second", Map.of("path", shop.folder().toString()))
                .isRefused(422, "entries");
        owner.post("/api/backups/second", Map.of("path", disk.toString())).isOk();
        String first = byHand();
        Patience.until(() -> Files.exists(disk.resolve(first)));
        assertThat(Files.mismatch(
                        disk.resolve(first), shop.folder().resolve("backups").resolve(first)))
                .isEqualTo(-1);
        Path mark = disk.resolve("hilt-backups-go-here.txt");
        byte[] marked = Files.readAllBytes(mark);
        Files.delete(mark);
        String second = byHand();
        Patience.until(() -> !trouble(owner).isEmpty());
        assertThat(trouble(owner)).singleElement().asString().contains(disk.toString(), "is gone");
        assertThat(disk.resolve(second)).doesNotExist();
        Files.write(mark, marked);
        String third = byHand();
        Patience.until(() -> trouble(owner).isEmpty());
        assertThat(disk.resolve(second)).exists();
        assertThat(disk.resolve(third)).exists();
    }

    @Test
    void a_copy_is_looked_into_and_put_in_the_place_of_what_is_there() throws Exception {
        note("early");
        String copy = byHand();
        note("late");
        JsonNode contents = owner.get("/api/backups/" + copy).isOk().json();
        assertThat(contents.path("shopName").asString()).isEqualTo("Fenwick Bridge Knives");
        assertThat(contents.path("people").asInt()).isEqualTo(3);
        assertThat(contents.path("pieces").asInt()).isEqualTo(1);
        String aside = owner.post("/api/backups/" + copy + "/restore", Map.of())
                .isOk()
                .json()
                .path("aside")
                .asString();
        Client again = againAs("olwen");
        assertThat(Writers.kept(again, piece)).containsExactly("early");
        assertThat(Path.of(aside).resolve("shop.db")).exists();
        assertThat(newestAside()).isEqualTo(Path.of(aside));
        assertThat(owner.get("/api/wall").status())
                .as("who was signed in before is not any more")
                .isEqualTo(401);
    }

    @Test
    void a_copy_that_is_brought_from_outside_is_looked_through_before_it_counts() {
        byte[] copy = owner.bytes("/api/backups/" + byHand() + "/file");
        note("late");
        String brought = owner.postFile("/api/backups/brought", copy)
                .isOk()
                .json()
                .path("name")
                .asString();
        assertThat(names("brought from outside")).containsExactly(brought);
        owner.postFile("/api/backups/brought", "a shopping list".repeat(500).getBytes())
                .isRefused(422, "entries");
        byte[] damaged = copy.clone();
        Arrays.fill(damaged, damaged.length / 2, damaged.length / 2 + 8192, (byte) 0);
        owner.postFile("/api/backups/brought", damaged).isRefused(422, "entries");
        owner.post("/api/backups/" + brought + "/restore", Map.of()).isOk();
        assertThat(Writers.kept(againAs("olwen"), piece)).isEmpty();
    }

    @Test
    void only_owners_have_to_do_with_them() {
        Client maker = shop.signedIn("bram");
        String copy = byHand();
        for (String path : List.of("/api/backups", "/api/backups/" + copy, "/api/backups/" + copy + "/file")) {
            maker.get(path).isRefused(403, "not-allowed");
        }
        for (String path : List.of("/api/backups", "/api/backups/stop", "/api/backups/" + copy + "/restore")) {
            maker.post(path, Map.of()).isRefused(403, "not-allowed");
        }
        maker.post("/api/backups/second", Map.of("path", "/tmp")).isRefused(403, "not-allowed");
        maker.postFile("/api/backups/brought", new byte[10]).isRefused(403, "not-allowed");
        assertThat(owner.get("/api/backups/..%2Fshop.db/file").status()).isEqualTo(400);
        owner.get("/api/backups/shop.db/file").isRefused(404, "not-there");
    }

    @Test
    void before_an_upgrade_the_data_is_kept_as_it_was(@TempDir Path place) throws Exception {
        Flyway.configure()
                .dataSource("jdbc:sqlite:" + place.resolve("shop.db"), "", "")
                .locations("classpath:db/migration")
                .target("11")
                .load()
                .migrate();
        ServerProcess server = ServerProcess.open(place, ServerProcess.freePort());
        server.kill();
        try (Stream<Path> kept = Files.list(place.resolve("backups"))) {
            assertThat(kept.map(file -> file.getFileName().toString()))
                    .singleElement()
                    .asString()
                    .endsWith("-before-upgrade.db");
        }
    }

    /** Signs in when the program has started anew: it knows nobody's session of before. */
    private Client againAs(String name) {
        Patience.until(() -> {
            try {
                return owner.get("/api/wall").status() == 401;
            } catch (RuntimeException startsAnew) {
                return false;
            }
        });
        Client client = Client.at(shop.address());
        client.post("/api/sign-in", Map.of("signInName", name, "password", RunningShop.OWNER_PASSWORD))
                .isOk();
        return client;
    }

    private Path newestAside() throws Exception {
        try (Stream<Path> files = Files.list(shop.folder())) {
            return files.filter(file -> file.getFileName().toString().startsWith("aside-"))
                    .max(Comparator.naturalOrder())
                    .orElseThrow();
        }
    }
}
