package hiltboard.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specification;
import hiltboard.core.design.Specifications;
import hiltboard.core.material.Saw;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.ShopNotation;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Operation;
import hiltboard.core.route.Operations;
import hiltboard.core.route.Place;
import hiltboard.core.route.Rework;
import hiltboard.core.route.Route;
import hiltboard.core.stock.Need.Takes;
import hiltboard.core.stock.Need.Taking;
import hiltboard.core.stock.Need.Unfit;
import hiltboard.core.stock.cutting.Bar;
import hiltboard.core.stock.cutting.Blank;
import hiltboard.core.stock.cutting.CuttingRules;
import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NeedsTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 24);

    @Test
    void a_bar_gives_the_length_of_the_profile_and_a_saw_cut() {
        Specification spec = Specifications.fullTang("steel", "1084", "stockThickness", "5/32");
        Takes takes = (Takes) need(spec, "steel").from(bar("1084", "5/32", "1-1/2"), TODAY);
        assertThat(new Length(takes.amount()))
                .isEqualTo(KnifeShape.bar(spec).length().plus(Length.ofInchFraction(1, 16)));
    }

    @ParameterizedTest(name = "{0} of {1} × {2} does not serve: {3}")
    @CsvSource({
        "1095, 5/32, 1-1/2, something else",
        "1084, 1/8, 1-1/2, thinner",
        "1084, 1/4, 1-1/2, thicker",
        "1084, 5/32, 3/4, narrower"
    })
    void says_why_a_bar_does_not_serve(String steel, String thickness, String width, String why) {
        Specification spec = Specifications.fullTang("steel", "1084", "stockThickness", "5/32");
        assertThat(why(need(spec, "steel").from(bar(steel, thickness, width), TODAY)))
                .contains(why);
    }

    @Test
    @DisplayName(
            "[worked] volume is kept under the hammer: half the section takes twice the length, a round of π/4 of the square 4/π times")
    void forging_takes_length_by_volume() {
        Specification spec = Specifications.fullTang("steelForm", "FORGED", "steel", "5160");
        double kerf = 1 / 16.0;
        double square = length(need(spec, "steel")
                        .from(Lots.of(StockKind.BAR, "what=5160; section=SQUARE; thickness=1"), TODAY))
                - kerf;
        double half =
                length(need(spec, "steel").from(Lots.of(StockKind.BAR, "what=5160; thickness=1/2; width=1"), TODAY))
                        - kerf;
        double round =
                length(need(spec, "steel").from(Lots.of(StockKind.BAR, "what=5160; section=ROUND; diameter=1"), TODAY))
                        - kerf;
        assertThat(half).isCloseTo(2 * square, within(0.001));
        assertThat(round).isCloseTo(square * 4 / Math.PI, within(0.001));
    }

    @Test
    @DisplayName("[trade] nominal 1 in planed is too thin for a handle of 7/8 in, and the answer says so")
    void a_planed_plank_is_too_thin() {
        Specification spec = Specifications.hiddenTang("handleMaterial", "WALNUT", "handleThickness", "7/8");
        Lot plank = Lots.of(StockKind.BLOCK, "what=WALNUT; thickness=1; thicknessIs=NOMINAL; width=2; lengthEach=18");
        assertThat(why(need(spec, "handle").from(plank, TODAY))).contains("Planed it is about 0.8125 in");
        Lot measured = Lots.of(StockKind.BLOCK, "what=WALNUT; thickness=1; width=2; lengthEach=18");
        assertThat(need(spec, "handle").from(measured, TODAY)).isEqualTo(new Takes(1));
    }

    @Test
    void what_is_past_its_day_or_without_papers_does_not_serve() {
        Specification spec = Specifications.fullTang("handleMaterial", "DENSE_OILY_WOOD");
        Need adhesive = need(spec, "adhesive");
        String glue = spec.adhesive().name();
        assertThat(adhesive.from(Lots.of(StockKind.ADHESIVE, "what=" + glue + "; useBy=2026-11-24"), TODAY))
                .isInstanceOf(Takes.class);
        assertThat(why(adhesive.from(Lots.of(StockKind.ADHESIVE, "what=" + glue + "; useBy=2026-11-23"), TODAY)))
                .contains("past its day");
        assertThat(why(need(spec, "handle")
                        .from(
                                Lots.of(
                                        StockKind.SCALES,
                                        "what=DENSE_OILY_WOOD; thickness=3/8; width=2; lengthEach=6; papers=MISSING"),
                                TODAY)))
                .contains("papers");
    }

    @Test
    @DisplayName(
            "[worked] two 3/16 pins through two scales and the tang take twice that and the ends; a 1/4 rod is no 3/16 pin")
    void pins_are_sawn_off_a_rod() {
        Specification spec = Specifications.fullTang(
                "pinCount", "2", "pinDiameter", "3/16", "scaleThickness", "3/8", "stockThickness", "1/8");
        double each = 2 * 0.375 + 0.125 + 0.125;
        assertThat(length(need(spec, "pins").from(Lots.of(StockKind.ROD, "what=BRASS; diameter=3/16"), TODAY)))
                .isCloseTo(2 * each, within(1e-6));
        assertThat(why(need(spec, "pins").from(Lots.of(StockKind.ROD, "what=BRASS; diameter=1/4"), TODAY)))
                .contains("0.1875");
    }

    @Test
    void every_need_of_any_knife_is_taken_at_a_step_of_its_route() {
        Random random = new Random(5);
        for (int i = 0; i < 300; i++) {
            Specification spec = Specifications.random(random);
            List<Operation> work = Operations.of(spec, Place.ALONE, Rework.NONE);
            Route route = new Route(work.stream()
                    .map(operation -> new Route.Step(operation, List.of()))
                    .toList());
            assertThat(Needs.of(spec, Units.INCH_FAHRENHEIT))
                    .isNotEmpty()
                    .allSatisfy(need -> assertThat(need.step(route))
                            .as(need.words() + " of " + spec.construction())
                            .isPresent());
        }
    }

    private static Lot bar(String steel, String thickness, String width) {
        return Lots.of(StockKind.BAR, "what=" + steel + "; thickness=" + thickness + "; width=" + width);
    }

    private static Need need(Specification spec, String key) {
        return Needs.of(spec, Units.INCH_FAHRENHEIT).stream()
                .filter(each -> each.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    private static double length(Taking taking) {
        return new Length(((Takes) taking).amount()).inches();
    }

    private static String why(Taking taking) {
        return ((Unfit) taking).why();
    }

    @ParameterizedTest(name = "[trade] a bar of {0} in for 5/32: {1}")
    @CsvSource({"0.154, ''", "0.158, ''", "0.15325, ''", "0.153, thinner", "0.1875, ''", "0.1876, thicker"})
    void a_bar_is_what_the_mill_calls_it(String thickness, String why) {
        Specification spec = Specifications.fullTang("steel", "1084", "stockThickness", "5/32");
        Taking taking = need(spec, "steel").from(bar("1084", thickness, "1-1/2"), TODAY);
        if (why.isEmpty()) {
            assertThat(taking).isInstanceOf(Takes.class);
        } else {
            assertThat(why(taking)).contains(why, "5/32 in");
        }
    }

    @Test
    @DisplayName("[trade] a handle takes 15 g of adhesive, common practice with no source")
    void adhesive_for_a_handle() {
        Specification spec = Specifications.fullTang();
        assertThat(need(spec, "adhesive")
                        .from(
                                Lots.of(
                                        StockKind.ADHESIVE,
                                        "what=" + spec.adhesive().name()),
                                TODAY))
                .isEqualTo(new Takes(15));
    }

    @Test
    @DisplayName("bench and cutting give the same reason for the same bar, in the reader's units")
    void one_rule_for_needs_and_cutting() {
        Specification spec = Specifications.fullTang("steel", "1084", "stockThickness", "5/32");
        Blank blank = Blank.of(spec);
        for (String[] size : new String[][] {{"1/8", "1-1/2"}, {"1/4", "1-1/2"}, {"5/32", "3/4"}, {"0.155", "1-1/2"}}) {
            Bar bar = new Bar("1", "1084", inch(size[0]), inch(size[1]), Length.ofInches("36"));
            Taking taking = need(spec, "steel").from(bar("1084", size[0], size[1]), TODAY);
            String cutting = CuttingRules.USUAL
                    .whyNot(blank, bar)
                    .map(why -> why.in(Units.INCH_FAHRENHEIT))
                    .orElse("");
            assertThat(taking instanceof Unfit unfit ? unfit.why() : "").isEqualTo(cutting);
        }
        assertThat(CuttingRules.USUAL.kerf()).as("the kerf of one place").isEqualTo(Saw.KERF);
    }

    @Test
    @DisplayName("[worked] the shortest bar that serves is profile + saw cut + the end in the vice; one that is a "
            + "thousandth shorter is said to be short")
    void a_bar_is_held_while_it_is_cut() {
        Specification spec = Specifications.fullTang("steel", "1084", "stockThickness", "5/32");
        Length least = new Length(((Takes) need(spec, "steel").from(bar("1084", "5/32", "1-1/2"), TODAY)).atLeast());
        Blank blank = Blank.of(spec);
        CuttingRules rules = CuttingRules.USUAL;
        assertThat(rules.allow(blank, new Bar("1", "1084", Length.ofInchFraction(5, 32), inch("1-1/2"), least)))
                .isTrue();
        assertThat(rules.whyNot(
                                blank,
                                new Bar(
                                        "1",
                                        "1084",
                                        Length.ofInchFraction(5, 32),
                                        inch("1-1/2"),
                                        least.minus(Length.ofInches("0.001"))))
                        .orElseThrow()
                        .in(Units.INCH_FAHRENHEIT))
                .contains("shorter");
    }

    private static Length inch(String entry) {
        return ((Understood.Value<Length>) ShopNotation.length(entry, Units.INCH_FAHRENHEIT)).value();
    }
}
