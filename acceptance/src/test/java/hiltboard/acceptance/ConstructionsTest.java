package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/**
 * A piece of each construction from approval to hand-over on the real program, step by step in the order of its route.
 */
class ConstructionsTest {
    private static RunningShop shop;
    private static Client owner;
    private static Client bram;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        owner = shop.signedIn("olwen");
        bram = shop.signedIn("bram");
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "construction=FULL_TANG fastening=SHOULDERED_FASTENERS tangTaper=TAPERED scaleRelief=POCKET lightening=HOLES",
                "construction=FULL_TANG steelForm=LAMINATED finish=PATTERN handleTurn=TEMPORARY_PINS sharpening=BEFORE_HANDLE",
                "construction=FULL_TANG steel=1095 hardening=CLAY quench=WATER_THEN_OIL finish=HAMON markTiming=LAST distalTaper=TAPERED",
                "construction=HIDDEN_TANG bedding=BEDDED alignmentPins=TWO finish=ETCHED_DARK_TUMBLED sheath=LEATHER",
                "construction=HIDDEN_TANG heldBy=PEENED steelForm=PATTERN_WELDED pattern=TWISTED",
                "construction=INTEGRAL steelForm=FORGED heldBy=TAKE_DOWN hardening=TORCHED_SPINE",
                "construction=SLIP_JOINT finish=TWO_TONE_GROUND bevels=AFTER_HARDENING nickDepth=.040",
                "construction=FRAME_LOCK steel=440C pockets=BOTH hardening=OUTSIDE",
                "construction=MACHINED steel=440C finish=ETCHED_DARK_TUMBLED tumbling=WET",
                "construction=HATCHET steelForm=FORGED handleMaterial=HICKORY",
                "construction=TOMAHAWK steelForm=FORGED hardening=BY_EYE handleMaterial=HICKORY"
            })
    void from_approval_to_hand_over(String settings) {
        Map<String, String> answers = new LinkedHashMap<>();
        for (String setting : settings.split(" ")) {
            answers.put(setting.split("=")[0], setting.split("=")[1]);
        }
        long piece = Work.take(owner, 1, answers);
        hasItsBenches(piece);
        Work.workUpTo(shop, bram, piece, "nothing comes after hand-over");
        JsonNode done = Work.piece(bram, piece);
        assertThat(done.path("now").path("standing").asString()).isEqualTo("HANDED_OVER");
        assertThat(done.path("steps").valueStream())
                .allMatch(step -> step.path("standing").asString().equals("DONE"));
        assertThat(done.path("knife").path("numbers").valueStream()).noneMatch(number -> number.has("stale"));
        assertThat(done.path("now").path("conditions").valueStream().map(JsonNode::asString))
                .contains("sharp", "tempered");
        hasItsBenches(piece);
        assertThat(done.path("knife").path("drawing").path("blade").asString()).startsWith("M");
    }

    /** Grinder, sharpening bench, drill press and mill answer for whatever is made, at its beginning as at its end. */
    private static void hasItsBenches(long piece) {
        JsonNode grind = bram.get("/api/grind/pieces/" + piece).isOk().json();
        assertThat(grind.path("stages")).isNotEmpty();
        assertThat(bram.get("/api/grind/pieces/" + piece + "/sharpening")
                        .isOk()
                        .json()
                        .path("steps"))
                .isNotEmpty();
        bram.get("/api/machine/pieces/" + piece + "/holes").isOk();
        bram.get("/api/machine/pieces/" + piece + "/programs")
                .isOk()
                .json()
                .forEach(program -> assertThat(bram.get("/api/machine/pieces/" + piece + "/programs/"
                                        + program.path("file").asString() + "/plot")
                                .isOk()
                                .json()
                                .path("low")
                                .asString())
                        .startsWith("-"));
    }
}
