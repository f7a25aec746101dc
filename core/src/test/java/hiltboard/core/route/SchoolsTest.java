package hiltboard.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.chain.DimensionChain;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Construction;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Units;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/**
 * Where makers disagree, the school is a setting of the job that changes its route, its numbers or its cautions. Common
 * practice.
 */
class SchoolsTest {

    @Test
    @DisplayName(
            "[trade] bevels before hardening, after, or rough before and finish after: route, edge left, hours and cautions")
    void bevels() {
        Knife before = Knife.of(Construction.FULL_TANG, "bevels", "BEFORE_HARDENING");
        Knife rough = Knife.of(Construction.FULL_TANG, "bevels", "ROUGH_THEN_FINISH");
        Knife after = Knife.of(Construction.FULL_TANG, "bevels", "AFTER_HARDENING");
        assertThat(after.keys()).doesNotContain("rough-bevels");
        assertThat(before.step("finish-grind").operation().attendedMinutes())
                .isLessThan(rough.step("finish-grind").operation().attendedMinutes());
        assertThat(rough.step("finish-grind").operation().attendedMinutes())
                .isLessThan(after.step("finish-grind").operation().attendedMinutes());
        assertThat(edgeLeft(after)).isEqualTo(Length.ofInches("0.15625"));
        assertThat(edgeLeft(rough)).as("the agreed 0.020 and 0.010 to clean up").isEqualTo(Length.ofInches("0.030"));
        assertThat(rough.step("rough-bevels").operation().cautions()).anyMatch(line -> line.contains("Gloves"));
        assertThat(after.step("finish-grind").operation().cautions()).anyMatch(line -> line.contains("No gloves"));
    }

    private static Length edgeLeft(Knife knife) {
        return (Length) DimensionChain.of(PieceDimensions.of(knife.spec()), Map.of(), Map.of(), Units.INCH_FAHRENHEIT)
                .value(PieceDimensions.EDGE_BEFORE_HARDENING)
                .orElseThrow();
    }

    @Test
    @DisplayName("[trade] a tough spine by clay, by torch after the temper, or by cladding")
    void tough_spine() {
        assertThat(Knife.of(Construction.FULL_TANG, "steel", "1095", "hardening", "CLAY")
                        .keys())
                .containsSubsequence("degrease-for-clay", "apply-clay", "harden");
        assertThat(Knife.of(Construction.FULL_TANG, "hardening", "TORCHED_SPINE")
                        .keys())
                .containsSubsequence("temper-second", "remove-scale", "soften-spine", "test-hardness");
        assertThat(Knife.of(Construction.FULL_TANG, "steelForm", "LAMINATED").keys())
                .containsSubsequence(
                        "stack-billet",
                        "weld-billet",
                        "forge-shape",
                        "test-etch-edge",
                        "grind-clad-faces",
                        "rough-bevels");
    }

    @Test
    @DisplayName("[trade] fast oil, water then oil, plates and air: each with its own words and cautions")
    void quench() {
        assertThat(harden("quench", "BY_STEEL").toDo()).anyMatch(line -> line.contains("fast oil"));
        assertThat(harden("quench", "WATER_THEN_OIL").cautions())
                .anyMatch(line -> line.contains("wet blade into hot oil"));
        assertThat(harden("steel", "440C").toDo())
                .anyMatch(line -> line.contains("between cold plates, in its foil, with air blown along it"));
        assertThat(harden("hardening", "BY_EYE").toDo())
                .anyMatch(line -> line.contains("magnet"))
                .anyMatch(line -> line.contains("daylight"));
        assertThat(harden("hardening", "BY_EYE").station()).isEqualTo(Station.FORGE);
    }

    private static Operation harden(String... changes) {
        return Knife.of(Construction.FULL_TANG, changes).step("harden").operation();
    }

    @Test
    @DisplayName(
            "[trade] an outside treater: a sheet goes with the blade, on its return scale and warp are checked; no kiln here")
    void outside() {
        Knife sent = Knife.of(Construction.FULL_TANG, "steel", "440C", "hardening", "OUTSIDE");
        assertThat(sent.keys())
                .containsSubsequence("rough-bevels", "send-out", "harden", "remove-scale", "test-hardness")
                .doesNotContain("wrap-foil", "cold-treat", "temper-first");
        assertThat(sent.step("send-out").operation().toDo()).anyMatch(line -> line.contains("hardness wanted"));
        assertThat(sent.before("harden").conditions()).contains(Condition.AWAY);
        assertThat(sent.before("remove-scale").conditions())
                .contains(Condition.TEMPERED)
                .doesNotContain(Condition.AWAY);
    }

    @Test
    @DisplayName("[trade] the mark before the acid, after the polish, or at the very end")
    void mark() {
        assertThat(etched("BEFORE_ACID")).containsSubsequence("sand-for-etch", "electro-mark", "etch");
        assertThat(etched("AFTER_POLISH"))
                .containsSubsequence("etch", "neutralise", "polish-back", "electro-mark", "wrap-blade");
        assertThat(etched("LAST")).containsSubsequence("finish-handle", "sharpen", "electro-mark", "last-check");
    }

    private static List<String> etched(String timing) {
        return Knife.of(Construction.FULL_TANG, "finish", "ETCHED_GREY", "markTiming", timing)
                .keys();
    }

    @Test
    @DisplayName("[trade] the handle before the etch on temporary pins, or the blade first and then wrapped")
    void handle() {
        assertThat(Knife.of(
                                Construction.FULL_TANG,
                                "finish",
                                "PATTERN",
                                "steelForm",
                                "PATTERN_WELDED",
                                "handleTurn",
                                "TEMPORARY_PINS")
                        .keys())
                .containsSubsequence(
                        "finish-fronts",
                        "pin-temporarily",
                        "shape-on-pins",
                        "etch",
                        "wrap-blade",
                        "glue-handle",
                        "shape-handle");
        assertThat(Knife.of(
                                Construction.FULL_TANG,
                                "finish",
                                "PATTERN",
                                "steelForm",
                                "PATTERN_WELDED",
                                "handleTurn",
                                "BLADE_FIRST")
                        .keys())
                .containsSubsequence("etch", "wrap-blade", "shape-handle")
                .doesNotContain("pin-temporarily");
    }

    @Test
    @DisplayName("[trade] paste wax and petroleum jelly: each with its cleaning")
    void release_agent() {
        assertThat(clean("PASTE_WAX")).anyMatch(line -> line.contains("Mineral spirits"));
        assertThat(clean("PETROLEUM_JELLY")).anyMatch(line -> line.contains("Soap and hot water"));
    }

    private static List<String> clean(String agent) {
        return Knife.of(Construction.HIDDEN_TANG, "bedding", "BEDDED", "releaseAgent", agent)
                .step("clean-release")
                .operation()
                .toDo();
    }

    @Test
    @DisplayName("[trade] pins and epoxy, shouldered fasteners, screws and standoffs, peened, take-down")
    void fastening() {
        assertThat(Knife.of(Construction.FULL_TANG).keys())
                .contains("glue-handle", "cure-handle")
                .doesNotContain("counterbore-scales");
        assertThat(Knife.of(Construction.FULL_TANG, "fastening", "SHOULDERED_FASTENERS")
                        .keys())
                .containsSubsequence("drill-scales", "counterbore-scales", "glue-handle");
        assertThat(Knife.of(Construction.FULL_TANG, "fastening", "SCREWS").keys())
                .containsSubsequence("counterbore-scales", "dry-fit", "assemble-handle", "shape-handle")
                .doesNotContain("glue-handle");
        assertThat(Knife.of(Construction.HIDDEN_TANG, "heldBy", "PEENED").keys())
                .containsSubsequence(
                        "temper-second", "soften-tang-end", "make-end-cap", "glue-handle", "peen-tang", "cure-handle");
        assertThat(Knife.of(Construction.HIDDEN_TANG, "heldBy", "TAKE_DOWN").keys())
                .containsSubsequence("thread-tang", "harden", "make-pommel-nut", "assemble-handle")
                .doesNotContain("glue-handle");
    }

    @Test
    @DisplayName("[trade] bearing pockets in the handle only: full steel, one cut; in both: the blade's before it is "
            + "hard, room for a deeper pivot")
    void bearing_pockets() {
        assertThat(Knife.of(Construction.FRAME_LOCK).keys()).doesNotContain("mill-blade-pocket");
        Knife both = Knife.of(Construction.FRAME_LOCK, "pockets", "BOTH");
        assertThat(both.keys()).containsSubsequence("mill-blade-pocket", "harden");
        assertThat(pivotRoom(both)).isGreaterThan(pivotRoom(Knife.of(Construction.FRAME_LOCK)));
    }

    private static Length pivotRoom(Knife knife) {
        return (Length) DimensionChain.of(PieceDimensions.of(knife.spec()), Map.of(), Map.of(), Units.INCH_FAHRENHEIT)
                .value(PieceDimensions.PIVOT_ROOM)
                .orElseThrow();
    }

    @Test
    @DisplayName("[trade] neutraliser and tumbler: caustic, ammonia and bleach are cautioned; wet tumbling is shorter")
    void bath() {
        assertThat(neutralise("TRISODIUM_PHOSPHATE").cautions()).anyMatch(line -> line.contains("caustic"));
        assertThat(neutralise("AMMONIA_CLEANER").cautions()).anyMatch(line -> line.contains("bleach"));
        assertThat(neutralise("SOAP").cautions()).isEmpty();
        Operation wet = Knife.of(Construction.FULL_TANG, "finish", "ETCHED_DARK_TUMBLED", "tumbling", "WET")
                .step("tumble")
                .operation();
        Operation dry = Knife.of(Construction.FULL_TANG, "finish", "ETCHED_DARK_TUMBLED", "tumbling", "DRY")
                .step("tumble")
                .operation();
        assertThat(wet.rest()).isLessThan(dry.rest());
    }

    private static Operation neutralise(String with) {
        return Knife.of(Construction.FULL_TANG, "finish", "ETCHED_GREY", "neutraliser", with)
                .step("neutralise")
                .operation();
    }

    @Test
    @DisplayName("[trade] the edge last, or before the handle (kitchen, no guard) and then wrapped")
    void sharpening() {
        assertThat(Knife.of(Construction.FULL_TANG).keys())
                .containsSubsequence("finish-handle", "read-brief", "sharpen", "last-check");
        assertThat(Knife.of(Construction.FULL_TANG, "sharpening", "BEFORE_HANDLE")
                        .keys())
                .containsSubsequence("hand-sand", "sharpen", "wrap-edge", "dry-fit", "finish-handle", "last-check");
    }

    @Test
    @DisplayName("[trade] the first belt: 36 or 60")
    void abrasive_start() {
        assertThat(Knife.of(Construction.FULL_TANG)
                        .step("rough-bevels")
                        .operation()
                        .toDo())
                .anyMatch(line -> line.contains("36 grit"));
        assertThat(Knife.of(Construction.FULL_TANG, "abrasiveStart", "GRIT_60")
                        .step("rough-bevels")
                        .operation()
                        .toDo())
                .anyMatch(line -> line.contains("60 grit"));
    }

    @Test
    @DisplayName(
            "[trade] folders: spring notch and nick before hardening, spring fitted after; the action tried before the pins are peened")
    void folders() {
        assertThat(Knife.of(Construction.SLIP_JOINT).keys())
                .containsSubsequence(
                        "make-spring", "harden-spring", "temper-spring", "fit-spring", "try-action", "close-folder")
                .containsSubsequence("file-spring-notch", "harden")
                .containsSubsequence("cut-nail-nick", "harden", "finish-grind");
        assertThat(Knife.of(Construction.FRAME_LOCK).keys())
                .containsSubsequence("finish-grind", "make-back-spacer", "try-action", "close-folder")
                .containsSubsequence("cut-lock-bar", "bend-lock-bar", "fit-lock");
    }

    @Test
    @DisplayName("[trade] a machined batch: fixtures, two stations, foil, screwed scales")
    void machined() {
        assertThat(Knife.of(Construction.MACHINED, "steel", "440C").keys())
                .containsSubsequence(
                        "build-fixtures",
                        "drill-tang-holes",
                        "profile",
                        "wrap-foil",
                        "harden",
                        "counterbore-scales",
                        "assemble-handle");
    }

    @Test
    @DisplayName("[trade] a hatchet is driven and wedged from the top, a tomahawk slid in from above")
    void axes() {
        assertThat(Knife.of(Construction.HATCHET).keys())
                .containsSubsequence(
                        "drift-eye",
                        "forge-shape",
                        "normalise",
                        "anneal",
                        "harden",
                        "measure-eye",
                        "shape-haft",
                        "kerf-haft",
                        "fit-haft",
                        "wedge-haft",
                        "finish-handle");
        assertThat(Knife.of(Construction.TOMAHAWK).keys())
                .containsSubsequence("measure-eye", "shape-haft", "fit-haft", "finish-handle")
                .doesNotContain("kerf-haft", "wedge-haft");
    }

    @Test
    @DisplayName(
            "[trade] one long temper, two of two hours, three for some steels; the heat decides the hardness that is expected")
    void tempers() {
        assertThat(Knife.of(Construction.FULL_TANG, "tempers", "ONE").keys())
                .contains("temper-first")
                .doesNotContain("temper-second");
        assertThat(Knife.of(Construction.FULL_TANG, "tempers", "ONE")
                        .step("temper-first")
                        .operation()
                        .rest())
                .isEqualTo(Duration.ofHours(4));
        assertThat(Knife.of(Construction.FULL_TANG).keys())
                .containsSubsequence("temper-first", "temper-second")
                .doesNotContain("temper-third");
        assertThat(Knife.of(Construction.FULL_TANG, "tempers", "THREE", "temperHours", "1")
                        .keys())
                .containsSubsequence("temper-first", "temper-second", "temper-third");
        assertThat(Knife.of(Construction.FULL_TANG, "tempers", "THREE", "temperHours", "1")
                        .step("temper-third")
                        .operation()
                        .rest())
                .isEqualTo(Duration.ofHours(1));
        assertThat(number(
                                Knife.of(Construction.FULL_TANG, "temperHeat", "500 F"),
                                PieceDimensions.TEMPERING_TEMPERATURE)
                        .in(Units.INCH_FAHRENHEIT))
                .isEqualTo("500 °F");
        assertThat(number(Knife.of(Construction.FULL_TANG, "temperHeat", "500 F"), PieceDimensions.HARDNESS)
                        .magnitude())
                .isLessThan(number(Knife.of(Construction.FULL_TANG), PieceDimensions.HARDNESS)
                        .magnitude());
    }

    private static Quantity number(Knife knife, String key) {
        return DimensionChain.of(PieceDimensions.of(knife.spec()), Map.of(), Map.of(), Units.INCH_FAHRENHEIT)
                .value(key)
                .orElseThrow();
    }

    @Test
    @DisplayName(
            "[trade] the cold is none, dry ice or nitrogen, before the tempers or between; nothing is forced on a stainless")
    void cold() {
        assertThat(Knife.of(Construction.FULL_TANG, "steel", "440C").keys())
                .containsSubsequence("harden", "cold-treat", "temper-first");
        assertThat(Knife.of(Construction.FULL_TANG, "steel", "440C", "cold", "NONE")
                        .keys())
                .doesNotContain("cold-treat");
        assertThat(Knife.of(Construction.FULL_TANG, "steel", "440C", "coldTurn", "BETWEEN_TEMPERS")
                        .keys())
                .containsSubsequence("harden", "temper-first", "cold-treat", "temper-second");
        assertThat(Knife.of(Construction.FULL_TANG, "steel", "1084").keys()).doesNotContain("cold-treat");
        assertThat(Knife.of(Construction.FULL_TANG, "steel", "1084", "cold", "NITROGEN")
                        .keys())
                .contains("cold-treat");
    }

    @Test
    @DisplayName("[trade] holes while the stock is square, or after the profile in a fixture; hardness with the file "
            + "before the temper, with the tester after, or both")
    void drilling_and_hardness() {
        assertThat(Knife.of(Construction.FULL_TANG).keys()).containsSubsequence("drill-tang-holes", "profile");
        assertThat(Knife.of(Construction.FULL_TANG, "drilling", "AFTER_PROFILE").keys())
                .containsSubsequence("profile", "drill-tang-holes", "harden");
        assertThat(Knife.of(Construction.FULL_TANG).keys())
                .contains("test-hardness")
                .doesNotContain("file-test");
        assertThat(Knife.of(Construction.FULL_TANG, "hardnessTried", "BEFORE_TEMPER")
                        .keys())
                .containsSubsequence("harden", "file-test", "temper-first")
                .doesNotContain("test-hardness");
        assertThat(Knife.of(Construction.FULL_TANG, "hardnessTried", "BOTH").keys())
                .containsSubsequence("file-test", "temper-first", "test-hardness");
    }

    @Test
    @DisplayName(
            "[trade] open wood drinks oil, cast resin is buffed, glass-epoxy stays as sanded; oil does not go into resin")
    void handle_finish() {
        assertThat(finish("handleMaterial", "WALNUT").title()).isEqualTo("Oil the handle");
        assertThat(finish("handleMaterial", "CAST_RESIN").title()).isEqualTo("Buff the handle");
        assertThat(finish("handleMaterial", "GLASS_EPOXY").title()).isEqualTo("Wipe the handle down");
        assertThat(finish("handleMaterial", "MAPLE", "handleFinish", "CYANOACRYLATE")
                        .title())
                .contains("cyanoacrylate");
        assertThat(Knife.of(Construction.FULL_TANG).keys())
                .containsSubsequence("shape-handle", "sand-handle", "finish-handle");
    }

    private static Operation finish(String... changes) {
        return Knife.of(Construction.FULL_TANG, changes).step("finish-handle").operation();
    }

    @Test
    @DisplayName("[trade] the handle first: glued, shaped and finished, taped off, and only the blade dipped")
    void handle_first() {
        Knife first = Knife.of(Construction.FULL_TANG, "finish", "ETCHED_GREY", "handleTurn", "HANDLE_FIRST");
        assertThat(first.keys())
                .containsSubsequence(
                        "glue-handle",
                        "cure-handle",
                        "shape-handle",
                        "finish-handle",
                        "tape-handle",
                        "degrease-for-etch",
                        "etch",
                        "neutralise",
                        "polish-back");
        assertThat(first.step("etch").operation().traits()).doesNotContain(Trait.BATHES_WHOLE);
    }

    @Test
    @DisplayName(
            "[trade] an integral is forged tang first; after neutralising it goes wet into a wet tumbler, and dry into a dry one")
    void the_right_way_round() {
        assertThat(Knife.of(Construction.INTEGRAL).keys())
                .containsSubsequence("forge-bolster", "forge-tang", "forge-shape");
        assertThat(Knife.of(Construction.INTEGRAL)
                        .step("forge-shape")
                        .operation()
                        .toDo())
                .anyMatch(line -> line.contains("The tang is there to hold it by"));
        assertThat(Knife.of(Construction.FULL_TANG, "finish", "ETCHED_DARK_TUMBLED", "tumbling", "WET")
                        .step("neutralise")
                        .operation()
                        .checks())
                .anyMatch(check -> check.contains("still wet"));
        assertThat(Knife.of(Construction.FULL_TANG, "finish", "ETCHED_DARK_TUMBLED", "tumbling", "DRY")
                        .step("neutralise")
                        .operation()
                        .checks())
                .anyMatch(check -> check.startsWith("It is dry"));
        assertThat(Knife.of(Construction.SLIP_JOINT).keys()).containsSubsequence("cut-nail-nick", "rough-bevels");
    }

    @Test
    @DisplayName("[trade] light at the forge and damp at the glue are asked where they matter, with what they do")
    void conditions_of_the_day() {
        assertThat(asked(Knife.of(Construction.FULL_TANG, "hardening", "BY_EYE"), "harden"))
                .containsExactly(DayCondition.LIGHT);
        assertThat(asked(Knife.of(Construction.FULL_TANG), "harden"))
                .as("a kiln reads its own heat")
                .isEmpty();
        assertThat(asked(Knife.of(Construction.INTEGRAL), "forge-shape")).containsExactly(DayCondition.LIGHT);
        assertThat(asked(Knife.of(Construction.FULL_TANG), "glue-handle")).containsExactly(DayCondition.AIR);
        assertThat(asked(Knife.of(Construction.FULL_TANG), "profile")).isEmpty();
        assertThat(DayCondition.LIGHT.answer("DAYLIGHT").orElseThrow().effect()).contains("overheated");
        assertThat(DayCondition.AIR.answer("DAMP").orElseThrow().effect()).contains("epoxy");
        assertThat(Knife.of(Construction.FULL_TANG)
                        .step("glue-handle")
                        .operation()
                        .readings())
                .as("warmth is read")
                .contains(PieceDimensions.SHOP_TEMPERATURE);
    }

    private static List<DayCondition> asked(Knife knife, String step) {
        return DayCondition.askedAt(knife.step(step).operation());
    }
}
