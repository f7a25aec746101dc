package hiltboard.core.chain;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static hiltboard.core.measure.Units.MILLIMETRE_CELSIUS;
import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.design.Construction;
import hiltboard.core.design.Specification;
import hiltboard.core.design.Specifications;
import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.Judgement;
import hiltboard.core.measure.Judgement.Verdict;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import java.math.BigDecimal;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class JudgementTest {
    private static final Specification FULL = Specifications.fullTang();

    @ParameterizedTest(name = "[trade] an edge of {0} in against 0.020 ± 0.005 is {1}")
    @CsvSource({
        "0.020, IN",
        "0.024, IN",
        "0.0245, NEAR",
        "0.025, NEAR",
        "0.0251, OUT",
        "0.032, OUT",
        "0.016, IN",
        "0.015, NEAR",
        "0.0149, OUT"
    })
    void a_reading_stands_against_its_tolerance(String reading, Verdict verdict) {
        assertThat(judge(FULL, PieceDimensions.EDGE_THICKNESS, Length.ofInches(reading))
                        .verdict())
                .isEqualTo(verdict);
    }

    @ParameterizedTest(name = "[trade] {0} HRC where {1} more or less than wanted is {2}")
    @CsvSource({"0, IN", "0.8, IN", "0.9, NEAR", "1, NEAR", "1.1, OUT", "-1, NEAR", "-1.1, OUT", "-15, OUT"})
    void hardness_is_held_to_one_point(String off, Verdict verdict) {
        Hardness wanted = (Hardness) chain(FULL, Map.of(), INCH_FAHRENHEIT)
                .value(PieceDimensions.HARDNESS)
                .orElseThrow();
        assertThat(judge(
                                FULL,
                                PieceDimensions.HARDNESS,
                                new Hardness(wanted.hrc().add(new BigDecimal(off))))
                        .verdict())
                .isEqualTo(verdict);
    }

    @Test
    @DisplayName("[worked] the tolerance of a heat is a difference: ± 15 °F, ± 8 °C, and not ± 46 °F")
    void heats_have_differences_for_tolerances() {
        for (String key : new String[] {
            PieceDimensions.TEMPERING_TEMPERATURE,
            PieceDimensions.HARDENING_TEMPERATURE,
            PieceDimensions.KILN_AT_SOAK,
            PieceDimensions.KILN_AT_TEMPER
        }) {
            Quantity tolerance = chain(FULL, Map.of(), INCH_FAHRENHEIT)
                    .link(key)
                    .orElseThrow()
                    .dimension()
                    .tolerance();
            assertThat(tolerance.in(INCH_FAHRENHEIT)).isEqualTo("15 °F");
            assertThat(tolerance.in(MILLIMETRE_CELSIUS)).isEqualTo("8 °C");
        }
        Specification glued = Specifications.hiddenTang();
        assertThat(chain(glued, Map.of(), INCH_FAHRENHEIT)
                        .link(PieceDimensions.SHOP_TEMPERATURE)
                        .orElseThrow()
                        .dimension()
                        .tolerance()
                        .in(INCH_FAHRENHEIT))
                .isEqualTo("4 °F");
    }

    @Test
    @DisplayName("[trade] a kiln that has not recovered or not come down is out, and says what that does")
    void kilns() {
        Temperature wanted = (Temperature) chain(FULL, Map.of(), INCH_FAHRENHEIT)
                .value(PieceDimensions.KILN_AT_SOAK)
                .orElseThrow();
        assertThat(judge(FULL, PieceDimensions.KILN_AT_SOAK, Temperature.ofCelsius(wanted.celsius() - 9))
                        .words())
                .contains("not recovered", "under-soaked");
        assertThat(judge(FULL, PieceDimensions.KILN_AT_SOAK, Temperature.ofCelsius(wanted.celsius() + 9))
                        .words())
                .contains("grain grows");
        assertThat(judge(FULL, PieceDimensions.KILN_AT_SOAK, wanted).verdict()).isEqualTo(Verdict.IN);
        assertThat(judge(FULL, PieceDimensions.KILN_AT_TEMPER, Temperature.ofCelsius(300))
                        .words())
                .contains("not come down");
    }

    @Test
    @DisplayName(
            "[trade] what others are cut to may be off by more: a guard of 0.366 for 3/8, a bar of 0.154 for 5/32, a blade ground to 0.150")
    void measured_so_that_others_follow() {
        Specification hidden = Specifications.hiddenTang();
        assertThat(judge(hidden, PieceDimensions.GUARD_THICKNESS, Length.ofInches("0.366"))
                        .verdict())
                .isEqualTo(Verdict.IN);
        assertThat(judge(FULL, PieceDimensions.STOCK_THICKNESS, Length.ofInches("0.154"))
                        .verdict())
                .isEqualTo(Verdict.IN);
        assertThat(judge(FULL, PieceDimensions.STOCK_THICKNESS, Length.ofInches("0.150"))
                        .verdict())
                .isEqualTo(Verdict.OUT);
        assertThat(judge(FULL, PieceDimensions.BLADE_THICKNESS, Length.ofInches("0.150"))
                        .verdict())
                .isEqualTo(Verdict.IN);
        assertThat(judge(FULL, PieceDimensions.BLADE_THICKNESS, Length.ofInches("0.160"))
                        .words())
                .contains("thicker than");
        assertThat(judge(FULL, PieceDimensions.PIN_DIAMETER, Length.ofInchFraction(3, 16))
                        .verdict())
                .isEqualTo(Verdict.OUT);
    }

    @Test
    @DisplayName(
            "[trade] pin, tang hole and scale hole are held against each other in whatever order they are measured")
    void holes_match_in_any_order() {
        Length drilled = Length.ofInches("0.257");
        Map<String, Quantity> smallPin =
                Map.of(PieceDimensions.TANG_HOLE, drilled, PieceDimensions.PIN_DIAMETER, Length.ofInchFraction(3, 16));
        assertThat(chain(FULL, smallPin, INCH_FAHRENHEIT)
                        .judge(PieceDimensions.TANG_HOLE, drilled)
                        .words())
                .contains("A hole only grows", "bigger pin");
        Map<String, Quantity> smallHole = Map.of(PieceDimensions.TANG_HOLE, Length.ofInches("0.191"));
        assertThat(chain(FULL, smallHole, INCH_FAHRENHEIT)
                        .judge(PieceDimensions.TANG_HOLE, Length.ofInches("0.191"))
                        .words())
                .contains("can still be drilled out");
        assertThat(chain(FULL, Map.of(PieceDimensions.TANG_HOLE, drilled), INCH_FAHRENHEIT)
                        .judge(PieceDimensions.SCALE_HOLE, Length.ofInches("0.250"))
                        .verdict())
                .isEqualTo(Verdict.OUT);
        assertThat(chain(FULL, Map.of(PieceDimensions.SCALE_HOLE, drilled), INCH_FAHRENHEIT)
                        .judge(PieceDimensions.SCALE_HOLE, drilled)
                        .verdict())
                .isEqualTo(Verdict.IN);
    }

    @Test
    @DisplayName(
            "[worked] a nick is judged by the stock as it was measured: 0.050 in breaks through 0.075 in of stock, though not through 5/32")
    void the_nick_knows_the_measured_stock() {
        Specification joint = Specifications.of(Construction.SLIP_JOINT);
        Length deep = Length.ofInches("0.050");
        assertThat(judge(joint, PieceDimensions.NICK_DEPTH, deep).verdict()).isEqualTo(Verdict.IN);
        assertThat(chain(joint, Map.of(PieceDimensions.STOCK_THICKNESS, Length.ofInches("0.075")), INCH_FAHRENHEIT)
                        .judge(PieceDimensions.NICK_DEPTH, deep)
                        .words())
                .contains("breaks through");
    }

    @Test
    @DisplayName(
            "[trade] a pocket as deep as the washer alone leaves a clearance as wide as the ball: the pocket was forgotten")
    void a_forgotten_pocket_is_named() {
        Specification lock = Specifications.of(Construction.FRAME_LOCK);
        assertThat(judge(lock, PieceDimensions.BEARING_POCKET, Length.ofInches("0.020"))
                        .words())
                .contains("the pocket was forgotten");
        assertThat(judge(lock, PieceDimensions.BEARING_POCKET, Length.ofInches("0.0625"))
                        .verdict())
                .isEqualTo(Verdict.IN);
    }

    @Test
    @DisplayName("[trade] so far off that the point or the unit is wrong is said so")
    void a_slip_is_guessed() {
        assertThat(judge(FULL, PieceDimensions.EDGE_THICKNESS, Length.ofInches("0.200"))
                        .words())
                .contains("the point and the unit");
        assertThat(judge(FULL, PieceDimensions.EDGE_THICKNESS, Length.ofInches("0.027"))
                        .words())
                .contains("0.020 in is wanted")
                .doesNotContain("the point and the unit");
    }

    @Test
    void what_is_expected_is_in_for_every_number_of_every_knife() {
        Random random = new Random(13);
        for (int i = 0; i < 400; i++) {
            DimensionChain chain = chain(Specifications.random(random), Map.of(), INCH_FAHRENHEIT);
            assertThat(chain.links())
                    .filteredOn(link -> !link.dimension().key().equals(PieceDimensions.COUNTERBORE_LEFT))
                    .allSatisfy(link -> assertThat(chain.judge(
                                            link.dimension().key(),
                                            link.expected().value())
                                    .isOut())
                            .as(link.dimension().key())
                            .isFalse());
        }
    }

    @ParameterizedTest(
            name = "[worked] a tang of {0} in behind a guard of 3/8 and a spacer of 1/8 wants a cavity of {1} in")
    @CsvSource({"4.25, 3.88", "3.750, 3.38", "1.5, 1.13"})
    void a_cavity_is_as_deep_as_its_tang(String tang, String depth) {
        Specification hidden = Specifications.hiddenTang("tangLength", tang, "handleLength", "4-1/2");
        Link cavity = chain(hidden, Map.of(), INCH_FAHRENHEIT)
                .link(PieceDimensions.CAVITY_DEPTH)
                .orElseThrow();
        assertThat(cavity.expectedIn(INCH_FAHRENHEIT)).isEqualTo(depth + " in");
        assertThat(cavity.expected().working())
                .singleElement()
                .asString()
                .contains("− 0.375 in − 0.125 in + 0.125 in ≈"
                        .replace("≈", cavity.expected().working().get(0).contains("≈") ? "≈" : "="));
    }

    @ParameterizedTest
    @CsvSource({"PEENED", "TAKE_DOWN"})
    void a_tang_that_comes_out_behind_goes_right_through(String heldBy) {
        Specification through = Specifications.hiddenTang("heldBy", heldBy);
        DimensionChain chain = chain(through, Map.of(), INCH_FAHRENHEIT);
        assertThat(chain.value(PieceDimensions.CAVITY_DEPTH)).isEqualTo(chain.value(PieceDimensions.BLOCK_LENGTH));
        assertThat(chain.link(PieceDimensions.CAVITY_DEPTH)
                        .orElseThrow()
                        .dimension()
                        .label())
                .contains("through");
    }

    @Test
    void a_computed_number_is_shown_no_finer_than_it_matters_and_a_typed_one_as_it_was_typed() {
        DimensionChain chain = chain(Specifications.fullTang("bladeLength", "4.125"), Map.of(), INCH_FAHRENHEIT);
        assertThat(chain.link(PieceDimensions.BLADE_LENGTH).orElseThrow().currentIn(INCH_FAHRENHEIT))
                .isEqualTo("4.125 in");
        assertThat(chain.link(PieceDimensions.PIN_LENGTH).orElseThrow().currentIn(INCH_FAHRENHEIT))
                .isEqualTo("1.03 in");
        assertThat(chain.link(PieceDimensions.PIN_LENGTH)
                        .orElseThrow()
                        .expected()
                        .working())
                .singleElement()
                .asString()
                .endsWith("≈ 1.03 in");
    }

    private static Judgement judge(Specification spec, String key, Quantity reading) {
        return chain(spec, Map.of(), INCH_FAHRENHEIT).judge(key, reading);
    }

    private static DimensionChain chain(Specification spec, Map<String, Quantity> readings, Units units) {
        return DimensionChain.of(PieceDimensions.of(spec), readings, Map.of(), units);
    }
}
