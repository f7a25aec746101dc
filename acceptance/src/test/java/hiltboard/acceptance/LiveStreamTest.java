package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** The stream of changes: every one, once, in order, resumed where it broke off. */
class LiveStreamTest {
    private static RunningShop shop;
    private static Client bram;
    private static long piece;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        piece = Work.take(shop.signedIn("olwen"), 1, Map.of());
        bram = shop.signedIn("bram");
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    @Test
    void changes_made_by_many_at_once_arrive_once_each_in_the_order_of_the_journal() throws Exception {
        long from = latest();
        ExecutorService makers = Executors.newFixedThreadPool(6);
        HttpResponse<InputStream> stream = listen("?after=" + from, 0);
        IntStream.range(0, 120).forEach(i -> makers.submit(() -> note("note " + i)));
        assertThat(sequences(stream, 120))
                .containsExactlyElementsOf(
                        LongStream.rangeClosed(from + 1, from + 120).boxed().toList());
        makers.shutdown();
    }

    @Test
    void a_page_that_comes_back_hears_all_that_it_missed() throws Exception {
        long from = latest();
        IntStream.range(0, 7).forEach(i -> note("missed " + i));
        assertThat(sequences(listen("?after=0", from), 7))
                .as("by its last event id")
                .containsExactlyElementsOf(
                        LongStream.rangeClosed(from + 1, from + 7).boxed().toList());
        assertThat(sequences(listen("?after=" + (from + 4), 0), 3))
                .as("by address")
                .containsExactlyElementsOf(
                        LongStream.rangeClosed(from + 5, from + 7).boxed().toList());
    }

    @Test
    void a_page_that_was_away_for_long_is_told_to_read_everything_anew() throws Exception {
        while (latest() < 520) {
            note("filling");
        }
        try (BufferedReader lines = lines(listen("?after=0", 0))) {
            assertThat(lines.lines().filter(line -> line.startsWith("event:")).findFirst())
                    .contains("event:everything");
        }
    }

    @Test
    void a_stranger_hears_nothing() {
        assertThat(Client.at(shop.address()).get("/api/live").status()).isEqualTo(401);
    }

    private static long latest() {
        return bram.get("/api/session").json().path("sequence").asLong();
    }

    private static void note(String words) {
        bram.post("/api/pieces/" + piece + "/notes", Map.of("operation", "", "words", words, "isLesson", false))
                .isOk();
    }

    private static HttpResponse<InputStream> listen(String query, long lastEventId)
            throws IOException, InterruptedException {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(shop.address() + "/api/live" + query));
        if (lastEventId > 0) {
            request.header("Last-Event-ID", String.valueOf(lastEventId));
        }
        return bram.http().send(request.build(), BodyHandlers.ofInputStream());
    }

    private static List<Long> sequences(HttpResponse<InputStream> stream, int wanted) throws IOException {
        List<Long> heard = new ArrayList<>();
        try (BufferedReader lines = lines(stream)) {
            for (String line = lines.readLine(); line != null && heard.size() < wanted; line = lines.readLine()) {
                if (line.startsWith("data:{\"")) {
                    heard.add(new JsonMapper()
                            .readTree(line.substring(5))
                            .path("sequence")
                            .asLong());
                    if (heard.size() == wanted) {
                        break;
                    }
                }
            }
        }
        return heard;
    }

    private static BufferedReader lines(HttpResponse<InputStream> stream) {
        return new BufferedReader(new InputStreamReader(stream.body(), StandardCharsets.UTF_8));
    }
}
