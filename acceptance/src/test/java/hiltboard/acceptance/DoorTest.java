package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Whatever is sent to it, the shop goes on. */
class DoorTest {
    private static final int SLOW = 70;
    private static RunningShop shop;
    private static Client owner;
    private static long piece;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        owner = shop.owner();
        piece = Work.take(owner, 1, Map.of());
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    private static Client.Answer note(Object words) {
        return owner.post(
                "/api/pieces/" + piece + "/notes", Map.of("operation", "", "words", words, "isLesson", false));
    }

    @Test
    void more_than_a_form_ever_holds_is_refused_with_how_much_is_taken() {
        assertThat(note("x".repeat(200_000)).isRefused(413, "too-large").detail())
                .contains("66 kB");
        String keys = "{\"entries\":{" + "\"k\":\"v\",".repeat(20_000) + "\"k\":\"v\"}}";
        owner.post("/api/design/read", keys).isRefused(413, "too-large");
        Client stranger = Client.at(shop.address());
        stranger.post("/api/sign-in", Map.of("signInName", "n".repeat(3_000_000), "password", "p"))
                .isRefused(413, "too-large");
        note("and a note is taken after all that").isOk();
    }

    @Test
    void a_large_drawing_is_read_where_drawings_are_read() {
        owner.post(
                        "/api/exchange/outline",
                        Map.of(
                                "text",
                                "<svg>" + " ".repeat(3_000_000) + "</svg>",
                                "overall",
                                "9 in",
                                "blade",
                                "",
                                "isTurned",
                                false,
                                "isFlipped",
                                false,
                                "entries",
                                Map.of()))
                .isRefused(422, "entries");
    }

    /** Half of a sign-in, and the other half never: whoever else comes is served meanwhile. */
    @Test
    void those_who_never_come_to_the_end_of_their_sentence_keep_nobody_waiting() throws Exception {
        URI address = URI.create(shop.address());
        List<Socket> slow = new ArrayList<>();
        try {
            for (int i = 0; i < SLOW; i++) {
                Socket socket = new Socket(address.getHost(), address.getPort());
                socket.getOutputStream()
                        .write(("POST /api/sign-in HTTP/1.1\r\nHost: shop\r\nContent-Type: application/json\r\n"
                                        + "Content-Length: 50\r\n\r\n{\"signIn")
                                .getBytes(StandardCharsets.US_ASCII));
                slow.add(socket);
            }
            Thread.sleep(500);
            Client other = Client.at(shop.address().replace("localhost", "[::1]"));
            long begun = System.nanoTime();
            other.post("/api/sign-in", Map.of("signInName", "bram", "password", RunningShop.OWNER_PASSWORD))
                    .isOk();
            other.get("/api/wall").isOk();
            assertThat(Duration.ofNanos(System.nanoTime() - begun)).isLessThan(Duration.ofSeconds(10));
            assertThat(new String(slow.get(0).getInputStream().readNBytes(12), StandardCharsets.US_ASCII))
                    .isEqualTo("HTTP/1.1 408");
        } finally {
            for (Socket each : slow) {
                each.close();
            }
        }
    }

    /** One letter each second, within every time that a read may stand still. */
    @Test
    void whoever_speaks_one_letter_at_a_time_is_not_heard_to_the_end() throws Exception {
        URI address = URI.create(shop.address());
        try (Socket socket = new Socket(address.getHost(), address.getPort())) {
            OutputStream out = socket.getOutputStream();
            out.write(("POST /api/sign-in HTTP/1.1\r\nHost: shop\r\nContent-Type: application/json\r\n"
                            + "Content-Length: 5000\r\n\r\n")
                    .getBytes(StandardCharsets.US_ASCII));
            long begun = System.nanoTime();
            boolean isEnded = false;
            while (!isEnded
                    && System.nanoTime() - begun < Duration.ofSeconds(60).toNanos()) {
                Thread.sleep(1000);
                try {
                    out.write(' ');
                } catch (IOException ended) {
                    isEnded = true;
                }
            }
            assertThat(isEnded).isTrue();
        }
    }

    @Test
    void a_text_with_what_nobody_can_type_is_refused_at_its_field() {
        for (String unseen : List.of("\\u0000", "\\u0007", "\\ud800 half a letter", "\\u009b")) {
            JsonNode refused = owner.post(
                            "/api/pieces/" + piece + "/notes",
                            "{\"operation\":\"\",\"words\":\"so " + unseen + "\",\"isLesson\":false}")
                    .isRefused(422, "entries")
                    .json();
            assertThat(refused.path("findings").get(0).path("field").asString()).isEqualTo("words");
        }
        note("two lines\nand a\ttab, ½ and 🔪").isOk();
    }

    @Test
    void a_null_where_a_list_of_steels_is_meant_is_said_to_be_none() {
        for (String text : List.of("null", "7", "[null]", "[[]]")) {
            owner.post("/api/steels/table", Map.of("isJson", true, "text", text, "onlyGood", false))
                    .isRefused(422, "entries");
        }
    }

    private static long newestPhoto() {
        return Work.piece(owner, piece)
                .path("past")
                .path("photos")
                .valueStream()
                .mapToLong(photo -> photo.path("id").asLong())
                .max()
                .orElseThrow();
    }

    private static byte[] picture(String format, int width, int height, int type) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, type), format, out);
        return out.toByteArray();
    }

    /** 119 million pixels in 15 kB: unpacked in true colour they would take half a gigabyte. */
    @Test
    void a_picture_that_is_small_as_a_file_and_vast_when_unpacked_is_taken_in_little_memory() throws Exception {
        byte[] vast = picture("png", 10_900, 10_900, BufferedImage.TYPE_BYTE_BINARY);
        assertThat(vast.length).isLessThan(30_000);
        owner.postPhoto("/api/pieces/" + piece + "/photos", "vast.png", vast).isOk();
        BufferedImage small =
                ImageIO.read(new ByteArrayInputStream(owner.bytes("/api/photos/" + newestPhoto() + "/thumbnail")));
        assertThat(Math.max(small.getWidth(), small.getHeight())).isEqualTo(480);
    }

    @Test
    void what_only_begins_like_a_picture_and_kinds_that_no_page_shows_are_refused() throws Exception {
        for (byte[] other : List.of(
                "II*\0and then nothing".getBytes(StandardCharsets.ISO_8859_1),
                "MM\0*and then nothing".getBytes(StandardCharsets.ISO_8859_1),
                picture("wbmp", 8, 8, BufferedImage.TYPE_BYTE_BINARY),
                "GIF89a".getBytes(StandardCharsets.ISO_8859_1),
                "\u0089PNG\r\n\u001a\n and then nothing".getBytes(StandardCharsets.ISO_8859_1),
                new byte[0])) {
            owner.postPhoto("/api/pieces/" + piece + "/photos", "other", other).isRefused(422, "entries");
        }
    }

    /** A comment (JPEG, ITU T.81, B.2.4.5) stands for all that a camera writes beside a picture. */
    @Test
    void what_a_camera_wrote_beside_them_is_taken_out_of_all_pictures_when_the_owner_asks() throws Exception {
        byte[] jpeg = picture("jpeg", 64, 48, BufferedImage.TYPE_INT_RGB);
        byte[] place = "51.4779 N 0.0015 W".getBytes(StandardCharsets.US_ASCII);
        ByteArrayOutputStream taken = new ByteArrayOutputStream();
        int afterFirst = 4 + jpeg[5];
        taken.write(jpeg, 0, afterFirst);
        taken.write(new byte[] {(byte) 0xFF, (byte) 0xFE, 0, (byte) (place.length + 2)});
        taken.write(place);
        taken.write(jpeg, afterFirst, jpeg.length - afterFirst);
        owner.postPhoto("/api/pieces/" + piece + "/photos", "heel.jpg", taken.toByteArray())
                .isOk();
        String original = "/api/photos/" + newestPhoto() + "/original";
        assertThat(owner.bytes(original)).isEqualTo(taken.toByteArray());
        owner.post("/api/photos/without-place", Map.of()).isOk();
        assertThat(owner.bytes(original)).isEqualTo(jpeg);
        assertThat(owner.post("/api/photos/without-place", Map.of())
                        .json()
                        .path("about")
                        .asInt())
                .isZero();
    }

    @Test
    void an_answer_that_is_the_one_from_before_is_not_sent_again_and_no_browser_keeps_it() {
        for (String path : List.of("/api/wall", "/api/bench", "/api/design/questions")) {
            Client.Answer first = shop.owner().get(path).isOk();
            String mark = first.response().headers().firstValue("ETag").orElseThrow();
            assertThat(first.response().headers().firstValue("Cache-Control").orElse(""))
                    .as(path)
                    .contains("no-store");
            Client.Answer again = shop.owner()
                    .send(HttpRequest.newBuilder(URI.create(shop.address() + path))
                            .header("If-None-Match", mark)
                            .GET());
            assertThat(again.status()).as(path).isEqualTo(304);
            assertThat(again.text()).isEmpty();
            assertThat(again.shopTimeMillis()).isGreaterThanOrEqualTo(first.shopTimeMillis());
        }
        String before = shop.owner()
                .get("/api/wall")
                .response()
                .headers()
                .firstValue("ETag")
                .orElseThrow();
        Work.take(shop.owner(), 1, Map.of());
        assertThat(shop.owner().get("/api/wall").response().headers().firstValue("ETag"))
                .isPresent()
                .get()
                .isNotEqualTo(before);
    }
}
