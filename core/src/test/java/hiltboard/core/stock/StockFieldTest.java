package hiltboard.core.stock;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.field.Choice;
import hiltboard.core.field.Finding;
import hiltboard.core.field.LengthWithin;
import hiltboard.core.field.Option;
import hiltboard.core.glue.Adhesive;
import hiltboard.core.material.FittingMaterial;
import hiltboard.core.material.HandleMaterial;
import hiltboard.core.material.Steel;
import hiltboard.core.measure.Units;
import hiltboard.core.stock.StockField.Of;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** The form of every kind of stock keeps the same rules, and whatever a knife is made of can lie on a rack. */
class StockFieldTest {

    @ParameterizedTest
    @EnumSource(StockKind.class)
    void every_kind_is_asked_what_it_is_whose_it_is_where_it_lies_and_how_more_is_bought(StockKind kind) {
        List<StockField> fields = StockField.of(kind);
        assertThat(fields)
                .contains(
                        StockField.WHAT,
                        StockField.OWNER,
                        StockField.WHOSE,
                        StockField.PLACE,
                        StockField.SINCE,
                        StockField.COST,
                        StockField.SUPPLIER,
                        StockField.LEAD_DAYS,
                        StockField.LOW_AT);
        assertThat(fields).extracting(StockField::key).doesNotHaveDuplicates();
        assertThat(StockField.of(kind, Of.ITEM).size()
                        + StockField.of(kind, Of.LOT).size()
                        + StockField.of(kind, Of.SUPPLY).size())
                .isEqualTo(fields.size());
        assertThat(StockKind.named(kind.name().toLowerCase(Locale.ROOT))).hasValue(kind);
    }

    @ParameterizedTest
    @EnumSource(StockKind.class)
    void choices_are_there_where_one_chooses_and_nowhere_twice(StockKind kind) {
        for (StockField field : StockField.of(kind)) {
            assertThat(field.choices(kind).isEmpty())
                    .as(field.key())
                    .isEqualTo(!(field.kind(Lots.form(kind)) instanceof Choice));
            assertThat(field.choices(kind)).extracting(Option::value).doesNotHaveDuplicates();
            assertThat(field.choices(kind))
                    .extracting(Option::words)
                    .doesNotHaveDuplicates()
                    .allSatisfy(words -> assertThat(words).isNotBlank());
            assertThat(field.accepted(Lots.form(kind), Units.INCH_FAHRENHEIT)).isNotBlank();
            assertThat(StockField.withKey(field.key())).hasValue(field);
        }
    }

    @Test
    @DisplayName("every steel, handle material, fitting metal and handle adhesive of a specification can be received")
    void whatever_a_knife_is_made_of_can_lie_on_a_rack() {
        assertThat(values(StockKind.BAR))
                .containsAll(Steel.known().stream().map(Steel::designation).toList());
        List<String> metals = Arrays.stream(FittingMaterial.values())
                .filter(FittingMaterial::isMetal)
                .map(Enum::name)
                .toList();
        for (StockKind kind : List.of(StockKind.BAR, StockKind.ROD, StockKind.TUBE, StockKind.FITTING)) {
            assertThat(values(kind)).as(kind.name()).containsAll(metals);
        }
        for (StockKind kind : List.of(StockKind.BLOCK, StockKind.SCALES)) {
            assertThat(values(kind))
                    .as(kind.name())
                    .containsAll(Arrays.stream(HandleMaterial.values())
                            .map(Enum::name)
                            .toList());
        }
        assertThat(values(StockKind.ADHESIVE))
                .containsAll(Arrays.stream(Adhesive.values()).map(Enum::name).toList());
    }

    @ParameterizedTest(name = "a {0} bar is asked for its {1}")
    @CsvSource({"FLAT, thickness width", "SQUARE, thickness", "ROUND, diameter"})
    void a_bar_is_asked_for_the_sizes_of_its_section_and_for_no_others(String section, String sizes) {
        for (StockKind kind : List.of(StockKind.BAR, StockKind.BILLET)) {
            List<String> asked = StockField.of(kind, Of.ITEM).stream()
                    .filter(field -> field.kind(Lots.form(kind)) instanceof LengthWithin)
                    .filter(field -> field.onlyWith(Lots.form(kind)).contains(section))
                    .map(StockField::key)
                    .toList();
            assertThat(asked).containsExactly(sizes.split(" "));
            Map<String, String> entries = Map.of(
                    "what", "OTHER", "name", "scrap", "section", section, "condition", "UNKNOWN", "owner", "SHOP");
            assertThat(Lots.form(kind).read(entries, Units.INCH_FAHRENHEIT).findings())
                    .extracting(Finding::field)
                    .containsExactlyInAnyOrder(sizes.split(" "));
        }
    }

    @ParameterizedTest
    @EnumSource(StockKind.class)
    void what_is_asked_only_with_a_choice_waits_for_a_choice_that_there_is(StockKind kind) {
        List<String> choices = StockField.of(kind).stream()
                .flatMap(field -> field.choices(kind).stream())
                .map(Option::value)
                .toList();
        assertThat(StockField.of(kind))
                .allSatisfy(field -> assertThat(choices).as(field.key()).containsAll(field.onlyWith(Lots.form(kind))));
        assertThat(StockField.of(kind))
                .filteredOn(StockField::isRequired)
                .allSatisfy(field -> assertThat(field.onlyWith(Lots.form(kind)))
                        .as(field.key())
                        .isEmpty());
    }

    private static List<String> values(StockKind kind) {
        return StockField.WHAT.choices(kind).stream().map(Option::value).toList();
    }

    @ParameterizedTest(name = "[trade] {0} are counted by {1}; sawn to length: {2}; kept after use: {3}")
    @CsvSource({
        "BAR, LENGTH, true, false",
        "BILLET, LENGTH, true, false",
        "ROD, LENGTH, true, false",
        "TUBE, LENGTH, true, false",
        "SCALES, PAIRS, false, false",
        "BLOCK, PIECES, false, false",
        "STENCIL, MARKS, false, false",
        "ADHESIVE, GRAMS, false, false",
        "LEATHER, AREA, false, false",
        "BATH, MILLILITRES, false, true",
        "CUTTER, PIECES, false, true",
        "GAUGE, PIECES, false, true",
        "ABRASIVE, PIECES, false, false"
    })
    void kinds_are_counted_as_the_trade_counts_them(StockKind kind, Counted counted, boolean isSawn, boolean isKept) {
        assertThat(kind.counted()).isEqualTo(counted);
        assertThat(kind.isSawn()).isEqualTo(isSawn);
        assertThat(kind.isKept()).isEqualTo(isKept);
    }

    @ParameterizedTest(name = "a {0}, {1}, {2}, owner {3}: sawn for whatever is wanted: {4}")
    @CsvSource({
        "BAR, FLAT, ANNEALED, SHOP, true",
        "BAR, FLAT, UNKNOWN, SHOP, true",
        "BAR, ROUND, ANNEALED, SHOP, false",
        "BAR, FLAT, HARD, SHOP, false",
        "BAR, FLAT, ANNEALED, CLIENT, false",
        "BAR, FLAT, ANNEALED, GIFT, false",
        "BILLET, FLAT, ANNEALED, SHOP, false"
    })
    void only_a_flat_bar_of_the_shop_that_is_not_hard_is_sawn_for_whatever_is_wanted(
            StockKind kind, String section, String condition, String owner, boolean isSawn) {
        Lot lot = Lots.of(
                kind,
                "what=OTHER; name=from the scrap; section=" + section
                        + "; thickness=1/8; width=2; diameter=1; condition=" + condition + "; owner=" + owner
                        + "; whose=somebody's");
        assertThat(lot.isBarToSaw()).isEqualTo(isSawn);
        assertThat(lot.isShopsOwn()).isEqualTo(owner.equals("SHOP"));
    }

    @Test
    void a_lot_is_said_in_one_line_and_split_into_what_it_is_and_how_it_lies() {
        Lot rod =
                Lots.of(StockKind.ROD, "what=BRASS; diameter=3/16; place=Drawer 3; supplier=Bench Supply; lowAt=12 in");
        assertThat(rod.words(Units.INCH_FAHRENHEIT)).isEqualTo("Brass, ⌀ 0.1875 in");
        assertThat(rod.words(StockField.LOW_AT, Units.MILLIMETRE_CELSIUS)).isEqualTo("305 mm");
        assertThat(rod.only(Of.ITEM).values()).containsOnlyKeys(StockField.WHAT, StockField.DIAMETER);
        assertThat(rod.only(Of.SUPPLY).with(rod.only(Of.ITEM)).with(rod.only(Of.LOT)))
                .isEqualTo(rod);
        Lot belt = Lots.of(StockKind.ABRASIVE, "what=BELT; grit=120; width=2; lengthEach=72");
        assertThat(belt.words(Units.INCH_FAHRENHEIT)).isEqualTo("Belt, 120 grit, 2 in × 72 in");
    }
}
