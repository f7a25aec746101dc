package hiltboard.core.stock;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.field.Finding;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Money;
import hiltboard.core.measure.Units;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class LotFormTest {

    @Test
    void reads_a_bar_in_shop_notation() {
        Lot bar = Lots.of(StockKind.BAR, "what=1084; thickness=5/32; width=1-1/2; cost=19,50; since=2016-03-01");
        assertThat(bar.length(StockField.THICKNESS)).hasValue(Length.ofInchFraction(5, 32));
        assertThat(bar.cost()).hasValue(new Money(1950, Money.UNNAMED));
        assertThat(bar.words(Units.INCH_FAHRENHEIT)).isEqualTo("1084, carbon steel, flat, 0.1563 in × 1.5 in");
    }

    @Test
    void everything_that_is_wrong_is_found_at_once() {
        Map<String, String> entries = Lots.entries(
                StockKind.BAR, "what=unobtainium; thickness=thick; since=2016-02-30; cost=a lot; leadDays=soon");
        List<Finding> findings =
                Lots.form(StockKind.BAR).read(entries, Units.INCH_FAHRENHEIT).findings();
        assertThat(findings)
                .extracting(Finding::field)
                .containsExactlyInAnyOrder("what", "thickness", "width", "since", "cost", "leadDays");
        assertThat(findings)
                .allSatisfy(finding -> assertThat(finding.accepted()).isNotBlank());
    }

    @ParameterizedTest(name = "a {0} of which {1} is {2} needs its {3}")
    @CsvSource({
        "BAR, section, ROUND, diameter",
        "BAR, section, SQUARE, thickness",
        "ROD, what, BRASS, diameter",
        "BLOCK, what, WALNUT, lengthEach",
        "ABRASIVE, what, BELT, grit",
        "CUTTER, what, OTHER, name",
        "GAUGE, what, GAUGE, name",
        "SCALES, owner, GIFT, whose"
    })
    void asks_for_what_the_other_answers_make_necessary(StockKind kind, String key, String value, String missing) {
        assertThat(Lots.form(kind)
                        .read(Lots.entries(kind, key + "=" + value), Units.INCH_FAHRENHEIT)
                        .findings())
                .extracting(Finding::field)
                .contains(missing);
    }

    @ParameterizedTest
    @EnumSource(StockKind.class)
    void what_is_written_exactly_reads_back_as_the_same_lot_whoever_reads_it(StockKind kind) {
        Lot lot = Lots.of(
                kind,
                "name=something, “odd”; thickness=17/64; width=33.3 mm; lengthEach=5-3/8; diameter=#28; grit=120; "
                        + "section=FLAT; cost=12.34; lowAt=3; leadDays=9; supplier=A & B");
        Map<String, String> exactly = new LinkedHashMap<>();
        StockField.of(kind).forEach(field -> exactly.put(field.key(), lot.exactly(field)));
        for (Units units : List.of(Units.INCH_FAHRENHEIT, Units.MILLIMETRE_CELSIUS)) {
            LotForm.Read again = Lots.form(kind).read(exactly, units);
            assertThat(again.findings()).isEmpty();
            assertThat(again.lot()).isEqualTo(lot);
        }
    }

    @Test
    void a_nominal_plank_counts_as_what_planing_leaves_of_it() {
        Lot plank = Lots.of(StockKind.BLOCK, "what=WALNUT; thickness=1; thicknessIs=NOMINAL; width=2; lengthEach=18");
        assertThat(plank.thickness()).hasValue(Length.ofInchFraction(13, 16));
    }
}
