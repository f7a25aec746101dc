package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The leather bench: a sheath as a piece of its own, its trial, its templates, and the side that it is cut from. */
class SheathTest {
    private static final String TRIAL = "trial-fit-sheath";

    private static RunningShop shop;
    private static Client owner;
    private static Client bram;
    private static Client cato;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        owner = shop.signedIn("olwen");
        bram = shop.signedIn("bram");
        cato = shop.signedIn("cato");
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    private static long sheathed(String... answers) {
        return Work.take(
                owner,
                1,
                IntStream.range(0, answers.length / 2)
                        .boxed()
                        .collect(Collectors.toMap(i -> answers[2 * i], i -> answers[2 * i + 1])));
    }

    private static JsonNode look(long piece) {
        return cato.get("/api/sheath/pieces/" + piece).isOk().json();
    }

    private static JsonNode onTheWall(long piece) {
        for (JsonNode rail : cato.get("/api/wall").isOk().json().path("rails")) {
            for (JsonNode hung : rail.path("pieces")) {
                if (hung.path("id").asLong() == piece) {
                    return hung;
                }
            }
        }
        throw new AssertionError("piece " + piece + " does not hang on the wall");
    }

    private static Client.Answer tried(long piece, String fit) {
        return cato.post("/api/sheath/pieces/" + piece + "/trials", Map.of("fit", fit, "words", "at the ricasso"));
    }

    @Test
    @DisplayName("a sheath is made by another maker at another time, hangs beside its knife, and holds the hand-over")
    void a_piece_of_its_own() {
        long piece = sheathed("sheath", "LEATHER");
        Work.workUpTo(shop, owner, piece, "cut-leather");
        owner.post("/api/pieces/" + piece + "/stations/LEATHER/put-on", Map.of("person", id(cato), "word", "yours"))
                .isOk();
        owner.post("/api/pieces/" + piece + "/put-on", Map.of("person", id(bram), "word", ""))
                .isOk();
        JsonNode hung = onTheWall(piece);
        assertThat(hung.path("sheath").path("stateWords").asString()).isEqualTo("Not cut yet");
        assertThat(hung.path("sheath").path("with").asString()).isEqualTo("Cato Lind");
        assertThat(hung.path("with").asString()).isEqualTo("Bram Holt");
        assertThat(hung.path("sheath").path("outline").asString()).startsWith("M");
        assertThat(hung.path("nextTitle").asString()).isNotEqualTo("Cut the leather");
        Work.doStep(shop, cato, piece, "cut-leather");
        assertThat(onTheWall(piece).path("sheath").path("doneSteps").asInt()).isEqualTo(1);
        assertThat(look(piece).path("state").asString()).isEqualTo("Cut");
        Work.workUpTo(shop, owner, piece, "fit-sheath");
        JsonNode handOver = Work.step(Work.piece(owner, piece), "hand-over");
        assertThat(handOver.toString()).contains("A knife leaves in its own sheath, fitted to it.");
        Work.doStep(shop, cato, piece, "fit-sheath");
        assertThat(look(piece).path("state").asString()).isEqualTo("Fitted to its knife");
        assertThat(onTheWall(piece).path("sheath").path("nextTitle").asString()).isEmpty();
        Work.workUpTo(shop, owner, piece, "last-check");
        Work.start(owner, piece, "last-check").isOk();
    }

    private static long id(Client client) {
        return client.get("/api/session")
                .isOk()
                .json()
                .path("person")
                .path("id")
                .asLong();
    }

    @Test
    @DisplayName("[trade] too tight at the trial: it is not closed until it was tried again and holds")
    void too_tight_at_the_trial() {
        long piece = sheathed("sheath", "LEATHER", "leatherWeight", "8");
        tried(piece, "TIGHT").isRefused(409, "out-of-turn");
        Work.workUpTo(shop, owner, piece, TRIAL);
        Work.start(cato, piece, TRIAL).isOk();
        tried(piece, "SNUG").isRefused(422, "entries");
        tried(piece, "TIGHT").isOk();
        JsonNode trial = look(piece).path("trials").get(0);
        assertThat(trial.path("remedy").asString()).contains("Nothing is glued yet", ".125 in");
        assertThat(Work.done(cato, piece, TRIAL).isRefused(409, "out-of-turn").detail())
                .contains("Too tight", "try it again");
        Work.start(cato, piece, "prime-sheath").isRefused(409, "out-of-turn");
        tried(piece, "HOLDS").isOk();
        long last = look(piece).path("trials").get(0).path("id").asLong();
        cato.post("/api/sheath/trials/" + last + "/strike", Map.of()).isOk();
        cato.post("/api/sheath/trials/" + last + "/strike", Map.of()).isRefused(404, "not-there");
        Work.done(cato, piece, TRIAL).isRefused(409, "out-of-turn");
        tried(piece, "HOLDS").isOk();
        Work.done(cato, piece, TRIAL).isOk();
        assertThat(tried(piece, "TIGHT").isRefused(409, "out-of-turn").detail()).contains("is over");
        cato.post(Work.address(piece, TRIAL) + "/reopen", Map.of()).isOk();
        assertThat(look(piece).path("trials"))
                .as("a trial that is done again is a new one")
                .isEmpty();
    }

    @Test
    @DisplayName("the template is at 1:1: as wide on the sheet as the part is said to be, with every hole of its seam")
    void templates() {
        long piece = sheathed("sheath", "LEATHER", "sheathPattern", "TWO_PART", "carry", "NONE");
        Work.reads(cato, "MILLIMETRE", "CELSIUS");
        String svg = cato.get("/api/pieces/" + piece + "/files/sheath-template.svg")
                .isOk()
                .text();
        JsonNode parts = look(piece).path("parts");
        Work.reads(cato, "INCH", "FAHRENHEIT");
        assertThat(svg).contains("Front", "Back", "Welt");
        int holes = 0;
        for (JsonNode part : parts) {
            holes += part.path("holes").asInt();
        }
        assertThat(Pattern.compile("<circle").matcher(svg).results().count()).isEqualTo(holes);
        Matcher front = Pattern.compile("<path d=\"([^\"]*)Z\"").matcher(svg);
        assertThat(front.find()).isTrue();
        double[] x = Pattern.compile("[ML](-?[\\d.]+) ")
                .matcher(front.group(1))
                .results()
                .mapToDouble(each -> Double.parseDouble(each.group(1)))
                .sorted()
                .toArray();
        double wide = Double.parseDouble(parts.get(0).path("size").asString().split(" ")[0]);
        assertThat(x[x.length - 1] - x[0]).isBetween(wide - 0.3, wide + 0.3);
        assertThat(cato.get("/api/pieces/" + piece + "/files/sheath-template.pdf")
                        .isOk()
                        .text())
                .startsWith("%PDF");
        assertThat(cato.get("/api/pieces/" + piece + "/files/sheath-template.dxf")
                        .isOk()
                        .text())
                .contains("AC1009");
        cato.get("/api/pieces/" + piece + "/files/sheath-template.csv").isRefused(404, "not-there");
        long bare = sheathed();
        cato.get("/api/pieces/" + bare + "/files/sheath-template.pdf").isRefused(404, "not-there");
        cato.get("/api/sheath/pieces/" + bare).isRefused(404, "not-there");
    }

    @Test
    @DisplayName("[trade] a formed sheath: pressed before it is drilled, with its eyelets by pitch and no thread")
    void formed() {
        long piece = sheathed("sheath", "FORMED", "eyeletPitch", "1");
        JsonNode sheath = look(piece);
        assertThat(sheath.path("seam").asString()).contains("eyelets");
        assertThat(sheath.path("numbers").toString()).doesNotContain("Thread");
        assertThat(sheath.path("steps").toString())
                .contains("Heat the sheet and press it")
                .doesNotContain("Stitch");
        Work.workUpTo(shop, owner, piece, "press-sheath");
        Work.start(cato, piece, "set-eyelets").isRefused(409, "out-of-turn");
        Work.workUpTo(shop, owner, piece, TRIAL);
        tried(piece, "TIGHT").isOk();
        assertThat(look(piece).path("trials").get(0).path("remedy").asString()).contains("Warm it");
    }

    @Test
    @DisplayName("a sheath too tight once it is closed is cut anew, and so are its trial and its seam")
    void remade() {
        long piece = sheathed("sheath", "LEATHER");
        Work.workUpTo(shop, owner, piece, "wet-form");
        Work.start(cato, piece, "wet-form").isOk();
        cato.post(
                        Work.address(piece, "wet-form") + "/went-wrong",
                        Map.of(
                                "kind", "SHEATH_TIGHT",
                                "words", "does not go in",
                                "wayBack", "REMAKE",
                                "from", "",
                                "measured", "",
                                "sure", false))
                .isOk();
        assertThat(look(piece).path("state").asString()).isEqualTo("Not cut yet");
        assertThat(look(piece).path("trials")).isEmpty();
    }

    @Test
    @DisplayName("what waits to be cut is laid on the side around its brand; what lies outside of it is refused")
    void a_side_of_leather() {
        long lot = Store.receive(owner, "LEATHER", "9 sq ft", "1", "what=VEGETABLE; thickness=1/8");
        long piece = sheathed("sheath", "LEATHER");
        Map<String, String> brand = Map.of("kind", "BRAND", "along", "3 in", "up", "3 in", "radius", "2 in");
        cato.post("/api/sheath/sides/" + lot + "/flaws", brand).isRefused(409, "out-of-turn");
        cato.post("/api/sheath/sides/" + lot, Map.of("length", "2 in", "width", ""))
                .isRefused(422, "entries");
        cato.post("/api/sheath/sides/" + lot, Map.of("length", "40 in", "width", "20 in"))
                .isOk();
        cato.post("/api/sheath/sides/" + lot + "/flaws", brand).isOk();
        cato.post(
                        "/api/sheath/sides/" + lot + "/flaws",
                        Map.of("kind", "HOLE", "along", "50 in", "up", "3 in", "radius", "1 in"))
                .isRefused(422, "entries");
        JsonNode side = cato.get("/api/sheath/sides/" + lot).isOk().json();
        List<JsonNode> laid = side.path("laid")
                .valueStream()
                .filter(each -> each.path("piece").asLong() == piece)
                .toList();
        assertThat(laid).extracting(each -> each.path("part").asString()).contains("Panel", "Welt", "Belt loop");
        assertThat(laid)
                .allSatisfy(part -> Pattern.compile("[ML](-?[\\d.]+) (-?[\\d.]+)")
                        .matcher(part.path("path").asString())
                        .results()
                        .forEach(point -> assertThat(Math.hypot(
                                        Double.parseDouble(point.group(1)) - 3 * 25.4,
                                        Double.parseDouble(point.group(2)) - 17 * 25.4))
                                .isGreaterThanOrEqualTo(2 * 25.4 * 0.98)));
        assertThat(side.path("length").asDouble()).isCloseTo(40 * 25.4, within(1e-6));
        long mark = side.path("flaws").get(0).path("id").asLong();
        cato.post("/api/sheath/flaws/" + mark + "/strike", Map.of()).isOk();
        assertThat(cato.get("/api/sheath/sides/" + lot).isOk().json().path("flaws"))
                .isEmpty();
        long thin = Store.receive(owner, "LEATHER", "4 sq ft", "1", "what=VEGETABLE; thickness=1/16");
        cato.post("/api/sheath/sides/" + thin, Map.of("length", "20 in", "width", "20 in"))
                .isOk();
        JsonNode other = cato.get("/api/sheath/sides/" + thin).isOk().json();
        assertThat(other.path("laid")).isEmpty();
        assertThat(other.path("otherwise").toString()).contains("asks for 8 oz");
        long steel = Store.bar(owner, "20 in");
        cato.get("/api/sheath/sides/" + steel).isRefused(404, "not-there");
    }
}
