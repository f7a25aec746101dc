package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.Statement;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.datasource.DataSourceUtils;
import tools.jackson.databind.JsonNode;

/** What the disk does to the shop while it runs is said as what it is, to everybody, and nothing is taken and lost. */
class DataTroubleTest {
    private static RunningShop shop;
    private static Client owner;
    private static Client maker;
    private static long piece;

    @BeforeAll
    static void open() {
        // What is written by the clock would be the change that shows the trouble to be over.
        shop = RunningShop.withTwoMakers(Map.of("hilt.find.every-ms", "3600000"));
        owner = shop.owner();
        maker = shop.signedIn("bram");
        piece = Work.take(owner, 1, Map.of());
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    private static Client.Answer note(String words) {
        return maker.post(
                "/api/pieces/" + piece + "/notes", Map.of("operation", "", "words", words, "isLesson", false));
    }

    private static String trouble(Client of) {
        JsonNode all = of.get("/api/trouble").isOk().json();
        return all.isEmpty() ? "" : all.get(0).path("words").asString();
    }

    private static void atTheWriter(String words) throws Exception {
        DataSource writer = shop.bean("writer", DataSource.class);
        Connection connection = DataSourceUtils.getConnection(writer);
        try (Statement sql = connection.createStatement()) {
            sql.execute(words);
        } finally {
            DataSourceUtils.releaseConnection(connection, writer);
        }
    }

    @Test
    void a_full_disk_is_said_to_be_full_until_there_is_room() throws Exception {
        atTheWriter("PRAGMA max_page_count = 1");
        String words = "no room for this ".repeat(100);
        Client.Answer answer = note(words);
        for (int i = 0; i < 20 && answer.status() == 200; i++) {
            // What is left of the last page is filled first.
            answer = note(words);
        }
        assertThat(answer.isRefused(507, "disk-full").detail())
                .contains("disk", "is full", "Nothing was changed", "still here");
        assertThat(trouble(maker)).contains("is full");
        note("there is room again").isOk();
        assertThat(trouble(maker)).isEmpty();
        mustBeWhole();
    }

    @Test
    void data_that_may_not_be_written_is_said_to_be_so() throws Exception {
        atTheWriter("PRAGMA query_only = ON");
        note("not allowed").isRefused(503, "read-only");
        assertThat(trouble(maker)).contains("may not be written");
        maker.get("/api/wall").isOk();
        note("allowed").isOk();
        mustBeWhole();
        assertThat(trouble(maker)).isEmpty();
    }

    /** Row and journal entry of every change are both there or both not, also of those that came after the trouble. */
    private static void mustBeWhole() throws Exception {
        try (Connection data = DriverManager.getConnection(
                        "jdbc:sqlite:" + shop.folder().resolve("shop.db"));
                Statement sql = data.createStatement();
                ResultSet counts = sql.executeQuery("SELECT (SELECT count(*) FROM note), "
                        + "(SELECT count(*) FROM journal WHERE kind = 'NOTE_WRITTEN')")) {
            assertThat(counts.getInt(1)).isPositive().isEqualTo(counts.getInt(2));
        }
    }

    @Test
    void a_file_that_is_moved_away_is_noticed_and_nothing_more_is_written_into_it() throws Exception {
        CompletableFuture<String> heard = CompletableFuture.supplyAsync(DataTroubleTest::nextEventOfTrouble);
        Thread.sleep(500);
        Path file = shop.folder().resolve("shop.db");
        Path elsewhere = shop.folder().resolve("moved.db");
        Files.move(file, elsewhere);
        note("lost").isRefused(503, "data-gone");
        assertThat(heard.get(20, TimeUnit.SECONDS)).isEqualTo("event:trouble");
        assertThat(trouble(maker)).contains("was moved or deleted");
        assertThat(trouble(owner)).contains("was moved or deleted");
        Files.writeString(file, "another file of its name");
        note("lost").isRefused(503, "data-gone");
        Files.move(elsewhere, file, StandardCopyOption.REPLACE_EXISTING);
        Patience.until(() -> trouble(maker).isEmpty());
        note("kept").isOk();
        assertThat(Writers.kept(maker, piece)).contains("kept").doesNotContain("lost");
    }

    private static String nextEventOfTrouble() {
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(maker.http()
                .send(
                        HttpRequest.newBuilder(URI.create(shop.address() + "/api/live"))
                                .build(),
                        BodyHandlers.ofInputStream())
                .body()))) {
            return lines.lines()
                    .filter(line -> line.contains("trouble"))
                    .findFirst()
                    .orElse("");
        } catch (Exception failure) {
            throw new IllegalStateException(failure);
        }
    }
}
