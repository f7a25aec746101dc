package hiltboard.core.chain;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hiltboard.core.design.Specification;
import hiltboard.core.design.Specifications;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Judgement;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Worked;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class DimensionChainTest {
    private final Specification hidden = Specifications.hiddenTang();

    @Test
    @DisplayName("[worked] a stock measured 0.163 in puts the centre line at 0.0815 in, whatever was designed")
    void a_reading_replaces_the_designed_value_downstream() {
        DimensionChain chain = chain(hidden, Map.of(PieceDimensions.STOCK_THICKNESS, inches("0.163")), Map.of());
        assertThat(chain.value(PieceDimensions.CENTRE_LINE)).contains(inches("0.0815"));
        assertThat(chain.link(PieceDimensions.STOCK_THICKNESS).orElseThrow().source())
                .isEqualTo(Source.MEASURED);
        assertThat(chain.link(PieceDimensions.CENTRE_LINE).orElseThrow().source())
                .isEqualTo(Source.BY_RULE);
    }

    @Test
    @DisplayName("[trade] tang read 0.690 × 0.163, guard read 0.366: slot 0.170 × 0.815, pocket 0.346, cutter 1/8")
    void the_guard_slot_follows_the_readings() {
        DimensionChain chain = chain(hidden, guardReadings("0.163"), Map.of());
        assertThat(chain.value(PieceDimensions.SLOT_WIDTH)).contains(inches("0.170"));
        assertThat(chain.value(PieceDimensions.SLOT_LENGTH)).contains(inches("0.815"));
        assertThat(chain.value(PieceDimensions.SLOT_CUTTER)).contains(inches("0.125"));
        assertThat(chain.value(PieceDimensions.POCKET_DEPTH)).contains(inches("0.346"));
        assertThat(chain.value(PieceDimensions.TANG_SLOT_IN_SPACER)).contains(inches("0.170"));
    }

    @Test
    void a_part_made_to_a_number_that_moved_is_stale_beyond_its_tolerance_only() {
        Map<String, Quantity> made = Map.of(PieceDimensions.SLOT_WIDTH, inches("0.170"));
        assertThat(chain(hidden, guardReadings("0.163"), made).stale()).isEmpty();
        assertThat(chain(hidden, guardReadings("0.161"), made).stale()).isEmpty();
        assertThat(chain(hidden, guardReadings("0.158"), made).stale())
                .singleElement()
                .satisfies(link -> {
                    assertThat(link.dimension().key()).isEqualTo(PieceDimensions.SLOT_WIDTH);
                    assertThat(link.stale())
                            .contains(new Link.Stale(inches("0.170"), inches("0.165"), inches("0.002")));
                });
    }

    @Test
    @DisplayName(
            "[worked] a slot cut with a 1/4 cutter for a 0.246 tang: sanded to 0.241 the width is off, the length as cut is not")
    void the_cutter_that_was_used_stays_whatever_would_be_chosen_now() {
        Specification wide = Specifications.hiddenTang("stockThickness", "1/4");
        Map<String, Quantity> made = Map.of(
                PieceDimensions.SLOT_WIDTH,
                inches("0.253"),
                PieceDimensions.SLOT_CUTTER,
                inches("0.25"),
                PieceDimensions.SLOT_LENGTH,
                inches("0.940"));
        DimensionChain chain = chain(wide, guardReadings("0.241"), made);
        assertThat(chain.link(PieceDimensions.SLOT_CUTTER).orElseThrow().source())
                .isEqualTo(Source.MADE_TO);
        assertThat(chain.link(PieceDimensions.SLOT_CUTTER)
                        .orElseThrow()
                        .expected()
                        .value())
                .isEqualTo(inches("0.1875"));
        assertThat(chain.value(PieceDimensions.SLOT_LENGTH)).contains(inches("0.940"));
        assertThat(chain.stale())
                .extracting(link -> link.dimension().key())
                .containsExactly(PieceDimensions.SLOT_WIDTH);
    }

    @Test
    void a_number_knows_what_hangs_on_it() {
        Link stock = chain(hidden, Map.of(), Map.of())
                .link(PieceDimensions.STOCK_THICKNESS)
                .orElseThrow();
        assertThat(stock.hangsOnIt())
                .containsExactlyInAnyOrder(
                        PieceDimensions.CENTRE_LINE,
                        PieceDimensions.LAND_LINE,
                        PieceDimensions.EDGE_BEFORE_HARDENING,
                        PieceDimensions.BLADE_THICKNESS);
    }

    @Test
    void readings_that_cannot_belong_to_one_piece_are_refused() {
        assertThatThrownBy(() -> chain(hidden, Map.of(PieceDimensions.EDGE_THICKNESS, inches("0.500")), Map.of()))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("edge thickness");
    }

    @Test
    @DisplayName("[trade] a tang thicker than its bar, and 0.63 where 0.163 was meant, are questioned")
    void implausible_readings_are_questioned() {
        assertThat(question(PieceDimensions.TANG_THICKNESS, "0.200"))
                .hasValueSatisfying(words -> assertThat(words).contains("thicker than"));
        assertThat(question(PieceDimensions.STOCK_THICKNESS, "0.63"))
                .hasValueSatisfying(words -> assertThat(words).contains("the point and the unit"));
        assertThat(question(PieceDimensions.STOCK_THICKNESS, "0.163")).isEmpty();
        assertThat(question(PieceDimensions.TANG_THICKNESS, "0.150")).isEmpty();
    }

    @Test
    void every_knife_has_a_chain_that_can_be_computed() {
        Random random = new Random(3);
        for (int i = 0; i < 2_000; i++) {
            DimensionChain chain = chain(Specifications.random(random), Map.of(), Map.of());
            assertThat(chain.links()).allSatisfy(link -> {
                assertThat(link.current().in(INCH_FAHRENHEIT)).isNotBlank();
                assertThat(link.expected().working()).isNotEmpty();
            });
        }
    }

    @Test
    void numbers_that_hang_on_each_other_in_a_circle_are_a_defect() {
        Dimension a = circular("a", "b");
        Dimension b = circular("b", "a");
        assertThatThrownBy(() -> DimensionChain.of(List.of(a, b), Map.of(), Map.of(), INCH_FAHRENHEIT))
                .isInstanceOf(IllegalStateException.class);
    }

    private Optional<String> question(String key, String reading) {
        Judgement judged = chain(hidden, Map.of(), Map.of()).judge(key, inches(reading));
        return judged.isOut() ? Optional.of(judged.words()) : Optional.empty();
    }

    private static Dimension circular(String key, String from) {
        return new Dimension(key, key, List.of(from), (known, units) -> Worked.of(known.value(from), ""), Length.ZERO);
    }

    private static Map<String, Quantity> guardReadings(String tangThickness) {
        return Map.of(
                PieceDimensions.TANG_WIDTH,
                inches("0.690"),
                PieceDimensions.TANG_THICKNESS,
                inches(tangThickness),
                PieceDimensions.GUARD_THICKNESS,
                inches("0.366"));
    }

    private static DimensionChain chain(
            Specification spec, Map<String, Quantity> readings, Map<String, Quantity> made) {
        return DimensionChain.of(PieceDimensions.of(spec), readings, made, INCH_FAHRENHEIT);
    }

    private static Length inches(String decimal) {
        return Length.ofInches(decimal);
    }
}
