package hiltboard.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.chain.DimensionChain;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Construction;
import hiltboard.core.design.SpecificationReader;
import hiltboard.core.design.Specifications;
import hiltboard.core.measure.Angle;
import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Units;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;

/** The order of work as a master would teach it. Common practice, no published source; values from memory. */
class TaughtOrderTest {
    private static final String NOTHING = "NOTHING";

    @ParameterizedTest(name = "[trade] {0} {1}, {2}: says “{3}”, not “{4}”")
    @CsvFileSource(resources = "/hiltboard/core/route/what-is-said.csv", numLinesToSkip = 2)
    void what_a_step_says(Construction construction, String settings, String step, String says, String saysNot) {
        Knife knife = Knife.of(construction, settings == null ? new String[0] : settings.split("[ =]"));
        if (NOTHING.equals(says)) {
            assertThat(knife.keys()).doesNotContain(step);
            return;
        }
        Operation operation = knife.step(step).operation();
        String all = operation.title() + " " + String.join(" ", operation.toDo()) + " "
                + String.join(" ", operation.checks()) + " " + String.join(" ", operation.cautions());
        assertThat(all).contains(says);
        Optional.ofNullable(saysNot).ifPresent(not -> assertThat(all).doesNotContain(not));
    }

    @ParameterizedTest(name = "[trade] {0} in {1} cracks or stays soft: {2}")
    @CsvSource({
        "O1, WATER_THEN_OIL, Water cracks O1",
        "52100, WATER_THEN_OIL, Water cracks 52100",
        "5160, WATER_THEN_OIL, Water cracks",
        "80CrV2, WATER_THEN_OIL, Water cracks",
        "75Ni8, WATER_THEN_OIL, Water cracks",
        "A2, MEDIUM_OIL, A liquid cracks A2",
        "D2, FAST_OIL, A liquid cracks D2",
        "440C, WATER_THEN_OIL, Water cracks",
        "1095, MEDIUM_OIL, too slow for 1095",
        "W2, MEDIUM_OIL, too slow",
        "1084, PLATES, stays soft"
    })
    void a_steel_is_quenched_in_what_it_takes(String steel, String quench, String problem) {
        assertThat(findings("FULL_TANG", "steel", steel, "quench", quench))
                .containsOnlyKeys("quench")
                .hasEntrySatisfying(
                        "quench", words -> assertThat(words).contains(problem).contains("takes"));
    }

    @ParameterizedTest(name = "[trade] {0} in {1} is good practice")
    @CsvSource({
        "1095, WATER_THEN_OIL",
        "W2, WATER_THEN_OIL",
        "1075, FAST_OIL",
        "O1, FAST_OIL",
        "O1, MEDIUM_OIL",
        "52100, MEDIUM_OIL",
        "D2, PLATES",
        "440C, PLATES"
    })
    void what_it_takes_is_not_refused(String steel, String quench) {
        assertThat(findings("FULL_TANG", "steel", steel, "quench", quench)).isEmpty();
    }

    @ParameterizedTest(name = "[trade] a haft of {0} breaks")
    @CsvSource({
        "CAST_RESIN",
        "ANTLER",
        "HORN",
        "BONE",
        "BURL",
        "TITANIUM",
        "STABILISED_WOOD",
        "DENSE_OILY_WOOD",
        "GLASS_EPOXY"
    })
    void hafts_are_straight_grained_hardwood(String material) {
        assertThat(findings("HATCHET", "handleMaterial", material))
                .containsOnlyKeys("handleMaterial")
                .hasEntrySatisfying(
                        "handleMaterial",
                        words -> assertThat(words).contains("hickory").contains("ash"));
    }

    @Test
    @DisplayName("a knife that was made to what is refused now is read as it was, and may be changed elsewhere")
    void what_is_there_already_is_kept() {
        Map<String, String> entries = new LinkedHashMap<>(
                Specifications.of(Construction.FULL_TANG, "steel", "O1").entries());
        entries.put("quench", "WATER_THEN_OIL");
        var kept = SpecificationReader.restore(entries);
        assertThat(kept.quench().words()).contains("water");
        entries.put("edgeAngle", "25");
        assertThat(SpecificationReader.reread(
                                entries, kept, Units.MILLIMETRE_CELSIUS, hiltboard.core.material.SteelLibrary.KNOWN)
                        .findings())
                .isEmpty();
    }

    @ParameterizedTest(name = "[trade] {0} hardens in air: annealed, never normalised")
    @CsvSource({"A2", "D2", "440C", "X46Cr13"})
    void air_hardening_steel_is_not_normalised(String steel) {
        Knife forged = Knife.of(Construction.FULL_TANG, "steelForm", "FORGED", "steel", steel);
        assertThat(forged.keys())
                .containsSubsequence("forge-shape", "anneal", "harden")
                .doesNotContain("normalise");
        Knife again = Knife.of(Construction.FULL_TANG, "steel", steel);
        WaysBack.Way way = new WaysBack(
                        new Making(again.spec(), Place.ALONE, Rework.NONE, again.before("finish-grind")),
                        new RoutePlanner(OrderRules.all()))
                .of(Mishap.NOT_HARD, again.step("test-hardness"), false).stream()
                        .filter(each -> each.way() == WayBack.HEAT_AGAIN)
                        .findFirst()
                        .orElseThrow();
        assertThat(way.words()).isEqualTo("Anneal and harden once more");
        assertThat(way.turned().comesIn()).extracting(Operation::key).containsExactly("anneal");
    }

    @Test
    @DisplayName(
            "[worked] a tang to be peened comes out of its cap by an eighth; a take-down tang reaches into its nut; both cavities go "
                    + "right through")
    void tangs_that_come_out_behind() {
        assertThat(length(
                                "HIDDEN_TANG",
                                "tang.length",
                                "heldBy",
                                "PEENED",
                                "guardThickness",
                                "3/8",
                                "handleLength",
                                "4-1/2",
                                "capThickness",
                                "1/8")
                        .inches())
                .as("3/8 + 4 1/2 + 1/8 + 1/8, up to 0.005")
                .isBetween(5.125, 5.131);
        assertThat(length(
                                "HIDDEN_TANG",
                                "tang.length",
                                "heldBy",
                                "TAKE_DOWN",
                                "guardThickness",
                                "3/8",
                                "handleLength",
                                "4-1/2",
                                "nutThread",
                                "3/8")
                        .inches())
                .as("3/8 + 4 1/2 + 3/8 − 1/16 that stays free in the nut, up to 0.005")
                .isBetween(5.1875, 5.193);
        for (String held : List.of("PEENED", "TAKE_DOWN")) {
            assertThat(length("HIDDEN_TANG", "cavity.depth", "heldBy", held))
                    .isEqualTo(length("HIDDEN_TANG", "handle-block.length", "heldBy", held));
        }
        assertThat(findings("HIDDEN_TANG", "heldBy", "PEENED", "tangLength", "4-7/8"))
                .containsOnlyKeys("tangLength");
    }

    @Test
    @DisplayName(
            "[worked] an axe's bevel is reckoned from its cheek, 25 to 30° a side: (5/16 − 0.020) ÷ 2 over its height")
    void axe_bevel_from_the_cheek() {
        DimensionChain chain = chain(Knife.of(Construction.HATCHET));
        double height = ((Length) chain.value(PieceDimensions.BEVEL_HEIGHT).orElseThrow()).inches();
        assertThat(((Angle) chain.value(PieceDimensions.BEVEL_ANGLE).orElseThrow()).degrees())
                .isBetween(25.0, 30.0)
                .isCloseTo(
                        Math.toDegrees(Math.atan((0.3125 - 0.020) / 2 / height)),
                        org.assertj.core.api.Assertions.within(0.05));
    }

    @ParameterizedTest(name = "[trade] {0} of {1}: {2} to {3} HRC")
    @CsvSource({
        "HATCHET, 5160, GENERAL, 52, 57",
        "TOMAHAWK, 1084, GENERAL, 52, 57",
        "FULL_TANG, 1084, CHOPPING, 56, 58",
        "FULL_TANG, 5160, CHOPPING, 56, 58",
        "FULL_TANG, 1084, GENERAL, 59, 61"
    })
    void tempered_for_the_use(Construction construction, String steel, String use, int least, int most) {
        assertThat(((Hardness) chain(Knife.of(construction, "steel", steel, "use", use))
                                .value(PieceDimensions.HARDNESS)
                                .orElseThrow())
                        .magnitude())
                .isBetween((double) least, (double) most);
    }

    @Test
    @DisplayName(
            "[trade] a clad blade forged to 5/16 in is thick, not mistyped; it is measured after forging, after the faces, after the "
                    + "grind")
    void forged_thick_and_ground() {
        Knife clad = Knife.of(Construction.FULL_TANG, "steelForm", "LAMINATED", "stockThickness", "5/32");
        assertThat(chain(clad)
                        .judge(PieceDimensions.STOCK_THICKNESS, Length.ofInches("0.3125"))
                        .isOut())
                .isFalse();
        for (String step : List.of("clean-forging", "grind-clad-faces")) {
            assertThat(clad.step(step).operation().readings()).contains(PieceDimensions.STOCK_THICKNESS);
        }
        assertThat(clad.step("finish-grind").operation().readings()).contains(PieceDimensions.BLADE_THICKNESS);
        Map<String, Quantity> thick = Map.of(PieceDimensions.STOCK_THICKNESS, Length.ofInches("0.3125"));
        DimensionChain forged =
                DimensionChain.of(PieceDimensions.of(clad.spec()), thick, Map.of(), Units.INCH_FAHRENHEIT);
        assertThat(forged.judge(PieceDimensions.BLADE_THICKNESS, Length.ofInches("0.155"))
                        .isOut())
                .as("ground from 5/16 to 5/32")
                .isFalse();
        assertThat(forged.judge(PieceDimensions.BLADE_THICKNESS, Length.ofInches("0.320"))
                        .isOut())
                .as("thicker than the forging")
                .isTrue();
    }

    @Test
    @DisplayName("[trade] the adhesive's cure is a number of the piece, by its warmth")
    void cure_follows_the_thermometer() {
        Knife knife = Knife.of(Construction.FULL_TANG);
        assertThat(knife.step("cure-handle").operation().time().restNumber()).isEqualTo(PieceDimensions.ADHESIVE_CURES);
        assertThat(knife.step("cure-handle").operation().rest()).isGreaterThan(Duration.ofHours(16));
        assertThat(Knife.of(Construction.HIDDEN_TANG, "bedding", "BEDDED")
                        .step("cure-bed")
                        .operation()
                        .time()
                        .restNumber())
                .isEqualTo(PieceDimensions.ADHESIVE_CURES);
    }

    @Test
    @DisplayName(
            "[trade] rests: oil 3 to 5 coats of 12 to 24 h, the treater 2 to 4 weeks, dye overnight, stainless 60 to 90 min in the "
                    + "bath, a hamon 2 to 4 h in lemon")
    void rests() {
        assertThat(rest(Knife.of(Construction.FULL_TANG), "finish-handle"))
                .isBetween(Duration.ofHours(36), Duration.ofHours(120));
        assertThat(rest(Knife.of(Construction.FULL_TANG, "hardening", "OUTSIDE"), "harden"))
                .isBetween(Duration.ofDays(14), Duration.ofDays(28));
        assertThat(rest(Knife.of(Construction.FULL_TANG, "sheath", "LEATHER"), "finish-sheath"))
                .isGreaterThanOrEqualTo(Duration.ofHours(12));
        assertThat(rest(Knife.of(Construction.FULL_TANG, "steel", "440C", "finish", "ETCHED_DARK_TUMBLED"), "etch"))
                .isBetween(Duration.ofMinutes(60), Duration.ofMinutes(90));
        Operation hamon = Knife.of(Construction.FULL_TANG, "steel", "1095", "hardening", "CLAY", "finish", "HAMON")
                .step("etch")
                .operation();
        assertThat(hamon.rest().plusMinutes(hamon.attendedMinutes()))
                .isBetween(Duration.ofHours(2), Duration.ofHours(4));
    }

    private static Duration rest(Knife knife, String step) {
        return knife.step(step).operation().rest();
    }

    private static Map<String, String> findings(String construction, String... changes) {
        Map<String, String> entries = new LinkedHashMap<>(Map.of("construction", construction));
        for (int i = 0; i < changes.length; i += 2) {
            entries.put(changes[i], changes[i + 1]);
        }
        Map<String, String> found = new LinkedHashMap<>();
        SpecificationReader.read(SpecificationReader.completed(entries, Units.INCH_FAHRENHEIT), Units.INCH_FAHRENHEIT)
                .findings()
                .forEach(finding -> found.put(finding.field(), finding.problem() + "; " + finding.accepted()));
        return found;
    }

    private static Length length(String construction, String key, String... changes) {
        return (Length) chain(Knife.of(Construction.valueOf(construction), changes))
                .value(key)
                .orElseThrow();
    }

    private static DimensionChain chain(Knife knife) {
        return DimensionChain.of(PieceDimensions.of(knife.spec()), Map.of(), Map.of(), Units.INCH_FAHRENHEIT);
    }
}
