package hiltboard.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.design.Construction;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specification;
import hiltboard.core.design.Specifications;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.stock.Need.Takes;
import hiltboard.core.stock.Need.Taking;
import hiltboard.core.stock.Need.Unfit;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What each kind of knife takes from the racks, and what serves it. */
class NeedsOfKnivesTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 24);

    @ParameterizedTest(name = "[trade] {0} {1}: takes {2}, and not {3}")
    @CsvSource({
        "FULL_TANG, fastening=PINS, steel handle pins adhesive, fasteners guard",
        "FULL_TANG, fastening=SHOULDERED_FASTENERS, steel handle fasteners, pins",
        "FULL_TANG, fastening=SCREWS, steel handle fasteners, pins adhesive",
        "FULL_TANG, lanyard=TUBE, tube, ''",
        "HIDDEN_TANG, spacer=ONE, steel handle guard spacer adhesive, pins",
        "HIDDEN_TANG, spacer=NONE, guard, spacer",
        "MACHINED, '', steel handle fasteners, pins adhesive",
        "FRAME_LOCK, '', steel handle, pins guard adhesive",
        "SLIP_JOINT, '', steel handle adhesive, guard",
        "FULL_TANG, sheath=LEATHER, leather, ''",
        "FULL_TANG, sheath=NONE, steel, leather",
        "FULL_TANG, scaleLiner=LINED, handle, liner",
        "FULL_TANG, scaleLiner=LINED=scaleLinerMaterial=BRASS, liner, bolster",
        "FULL_TANG, scaleBolster=SQUARE, bolster, liner",
        "FULL_TANG, mark=ELECTRO_ETCHED, stencil, ''",
        "FULL_TANG, mark=STAMPED, steel, stencil",
        "FULL_TANG, finish=ETCHED_GREY, bath, ''",
        "FULL_TANG, finish=BELT_SATIN, steel, bath"
    })
    void each_kind_of_knife_takes_what_it_is_made_of(
            Construction construction, String change, String takes, String not) {
        Specification spec =
                change.isEmpty() ? Specifications.of(construction) : Specifications.of(construction, change.split("="));
        List<String> keys =
                Needs.of(spec, Units.INCH_FAHRENHEIT).stream().map(Need::key).toList();
        assertThat(keys).doesNotHaveDuplicates().contains(takes.split(" "));
        Arrays.stream(not.split(" "))
                .filter(key -> !key.isEmpty())
                .forEach(key -> assertThat(keys).doesNotContain(key));
    }

    @ParameterizedTest(name = "a brass bar of {0} × {1} for a guard 3/8 in thick: {2}")
    @CsvSource({"3/8, 1, serves", "13/32, 1, serves", "5/16, 1, thick", "1/2, 1, thick", "3/8, 1/4, narrower"})
    void a_guard_is_sawn_off_a_bar_that_is_as_thick_as_it(String thickness, String width, String what) {
        Specification spec = Specifications.hiddenTang("guardMaterial", "BRASS", "guardThickness", "3/8");
        Taking taking = need(spec, "guard")
                .from(Lots.of(StockKind.BAR, "what=BRASS; thickness=" + thickness + "; width=" + width), TODAY);
        if (what.equals("serves")) {
            assertThat(taking).isInstanceOf(Takes.class);
        } else {
            assertThat(taking)
                    .isInstanceOfSatisfying(
                            Unfit.class, unfit -> assertThat(unfit.why()).contains(what));
        }
        assertThat(need(spec, "guard").from(Lots.of(StockKind.BAR, "what=COPPER; thickness=3/8; width=1"), TODAY))
                .isInstanceOf(Unfit.class);
    }

    @ParameterizedTest(name = "a pair {0} × {1} × {2} in for a scale of 3/8 in: {3}")
    @CsvSource({
        "3/8, 2, 6, serves",
        "1/2, 2, 6, serves",
        "5/16, 2, 6, thinner",
        "3/8, 1/2, 6, narrower",
        "3/8, 2, 3, shorter"
    })
    void scales_have_to_cover_the_handle(String thickness, String width, String length, String what) {
        Specification spec = Specifications.fullTang("handleMaterial", "MAPLE", "scaleThickness", "3/8");
        Taking taking = need(spec, "handle")
                .from(
                        Lots.of(
                                StockKind.SCALES,
                                "what=MAPLE; thickness=" + thickness + "; width=" + width + "; lengthEach=" + length),
                        TODAY);
        assertThat(taking instanceof Unfit unfit ? unfit.why() : "serves").contains(what);
    }

    @Test
    @DisplayName(
            "[worked] a block gives a pair of 3/8 in scales if it is two of them and a saw cut thick: 13/16 in, not 3/4 in")
    void a_block_serves_as_scales_if_it_can_be_sawn_in_two() {
        Specification spec = Specifications.fullTang("handleMaterial", "MAPLE", "scaleThickness", "3/8");
        assertThat(need(spec, "handle").from(block("13/16"), TODAY)).isEqualTo(new Takes(1));
        assertThat(need(spec, "handle").from(block("3/4"), TODAY)).isInstanceOf(Unfit.class);
    }

    private static Lot block(String thickness) {
        return Lots.of(StockKind.BLOCK, "what=MAPLE; thickness=" + thickness + "; width=2; lengthEach=6");
    }

    @Test
    @DisplayName(
            "[worked] a pin of 3/16 in is found by its calliper reading within 0.003 in, not by a drill’s next size")
    void pins_are_told_by_their_diameter() {
        Specification spec = Specifications.fullTang("pinDiameter", "3/16");
        assertThat(need(spec, "pins").from(rod(".1885"), TODAY)).isInstanceOf(Takes.class);
        assertThat(need(spec, "pins").from(rod(".1905"), TODAY)).isInstanceOf(Takes.class);
        assertThat(need(spec, "pins").from(rod(".1910"), TODAY)).isInstanceOf(Unfit.class);
    }

    private static Lot rod(String diameter) {
        return Lots.of(StockKind.ROD, "what=BRASS; diameter=" + diameter);
    }

    @Test
    @DisplayName("[worked] longer blades take more bar and more leather, and never less than the profile itself")
    void needs_grow_with_the_knife() {
        double barBefore = 0;
        double leatherBefore = 0;
        for (int quarters = 12; quarters <= 40; quarters += 4) {
            Specification spec = Specifications.fullTang(
                    "bladeLength", String.valueOf(quarters / 4.0), "sheath", "LEATHER", "stockThickness", "5/32");
            double bar = amount(
                    need(spec, "steel").from(Lots.of(StockKind.BAR, "what=1084; thickness=5/32; width=2"), TODAY));
            double leather = amount(need(spec, "leather").from(Lots.of(StockKind.LEATHER, "what=VEGETABLE"), TODAY));
            assertThat(new Length((long) bar).inches())
                    .isGreaterThan(quarters / 4.0 + 4)
                    .isGreaterThan(new Length((long) barBefore).inches());
            assertThat(leather).isGreaterThan(leatherBefore);
            barBefore = bar;
            leatherBefore = leather;
        }
    }

    private static double amount(Taking taking) {
        return ((Takes) taking).amount();
    }

    @Test
    @DisplayName(
            "[worked] a blade from a billet takes its own volume of it, and a saw cut, whatever the billet’s section")
    void a_blade_takes_its_volume_of_a_billet() {
        Specification spec = Specifications.fullTang("steelForm", "PATTERN_WELDED", "steel", "1084");
        double volume =
                KnifeShape.bar(spec).mass().grams() / spec.steel().density().gramsPerCubicCentimetre() * 1000;
        for (String width : List.of("1", "1-1/2", "2")) {
            Lot billet = Lots.of(StockKind.BILLET, "what=PATTERN_WELDED; thickness=3/8; width=" + width);
            double length = new Length((long) amount(need(spec, "steel").from(billet, TODAY)))
                    .minus(Length.ofInchFraction(1, 16))
                    .millimetres();
            double area = billet.length(StockField.THICKNESS).orElseThrow().millimetres()
                    * billet.length(StockField.WIDTH).orElseThrow().millimetres();
            assertThat(length * area).isCloseTo(volume, within(1.0));
        }
        assertThat(need(spec, "steel").from(Lots.of(StockKind.BILLET, "what=LAMINATED; thickness=3/8; width=2"), TODAY))
                .as("a clad billet is another thing")
                .isInstanceOf(Unfit.class);
    }

    @Test
    void whatever_a_random_knife_needs_says_what_it_is_and_looks_at_any_lot_without_fail() {
        Random random = new Random(8);
        List<Lot> rack = List.of(
                Lots.of(StockKind.BAR, "what=1084; thickness=1/4; width=2"),
                Lots.of(StockKind.BAR, "what=5160; section=ROUND; diameter=1"),
                Lots.of(StockKind.BILLET, "what=PATTERN_WELDED; section=SQUARE; thickness=1"),
                Lots.of(StockKind.BLOCK, "what=WALNUT; thickness=1; thicknessIs=NOMINAL; width=2; lengthEach=12"),
                Lots.of(StockKind.SCALES, "what=MAPLE; thickness=3/8; width=2; lengthEach=6"),
                Lots.of(StockKind.ROD, "what=BRASS; diameter=1/4"),
                Lots.of(StockKind.FASTENER, "what=SCREW"),
                Lots.of(StockKind.LEATHER, "what=VEGETABLE"),
                Lots.of(StockKind.STENCIL, "what=MARK; name=Mark"),
                Lots.of(StockKind.ADHESIVE, "what=SLOW_EPOXY"),
                Lots.of(StockKind.BATH, "what=FERRIC_CHLORIDE"),
                Lots.of(StockKind.TUBE, "what=BRASS; diameter=1/4"),
                Lots.of(StockKind.FITTING, "what=BRASS"));
        for (int i = 0; i < 200; i++) {
            for (Need need : Needs.of(Specifications.random(random), Units.MILLIMETRE_CELSIUS)) {
                assertThat(need.words()).isNotBlank();
                for (Lot lot : rack) {
                    Taking taking = need.from(lot, TODAY);
                    assertThat(
                                    taking instanceof Takes takes
                                            ? takes.amount() >= 0
                                            : ((Unfit) taking).why().endsWith("."))
                            .isTrue();
                }
            }
        }
    }

    private static Need need(Specification spec, String key) {
        return Needs.of(spec, Units.INCH_FAHRENHEIT).stream()
                .filter(each -> each.key().equals(key))
                .findFirst()
                .orElseThrow();
    }
}
