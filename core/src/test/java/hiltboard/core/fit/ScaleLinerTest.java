package hiltboard.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.blade.Area;
import hiltboard.core.blade.KnifeOutline.Use;
import hiltboard.core.chain.DimensionChain;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.HandleForm;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.design.Specifications;
import hiltboard.core.design.Weighed;
import hiltboard.core.material.FittingMaterial;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Mass;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.route.Operation;
import hiltboard.core.route.Operations;
import hiltboard.core.route.OrderRules;
import hiltboard.core.route.Place;
import hiltboard.core.route.Planned;
import hiltboard.core.route.Planned.Ordered;
import hiltboard.core.route.Route;
import hiltboard.core.route.RoutePlanner;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A sheet under each scale, reckoned by hand. */
class ScaleLinerTest {
    private static final Units INCH = Units.INCH_FAHRENHEIT;

    private static Specification lined(String... more) {
        String[] all = new String[more.length + 4];
        System.arraycopy(new String[] {"scaleLiner", "LINED", "scaleLinerThickness", "1/16"}, 0, all, 0, 4);
        System.arraycopy(more, 0, all, 4, more.length);
        return Specifications.fullTang(all);
    }

    private static DimensionChain chain(Specification spec, Map<String, Quantity> read) {
        return DimensionChain.of(PieceDimensions.of(spec), read, Map.of(), INCH);
    }

    private static double inches(DimensionChain chain, String number) {
        return ((Length) chain.value(number).orElseThrow()).inches();
    }

    private static List<Operation> work(Specification spec) {
        Planned planned = new RoutePlanner(OrderRules.all()).plan(spec, Operations.of(spec, Place.ALONE));
        return ((Ordered) planned)
                .route().steps().stream().map(Route.Step::operation).toList();
    }

    private static List<String> keys(Specification spec) {
        return work(spec).stream().map(Operation::key).toList();
    }

    private static double grams(Weighed weighed, String part) {
        return weighed.parts().stream()
                .filter(each -> each.name().equals(part))
                .mapToDouble(each -> each.mass().grams())
                .sum();
    }

    @Test
    @DisplayName("a pin goes through tang, two liners of 1/16 in and two scales of 3/8 in, and stands an eighth proud")
    void pins_are_longer_by_both_liners() {
        DimensionChain chain = chain(lined(), Map.of());
        double tang = inches(chain, PieceDimensions.BLADE_THICKNESS);
        assertThat(inches(chain, PieceDimensions.LINED_SCALE)).isCloseTo(0.4375, within(1e-9));
        assertThat(inches(chain, PieceDimensions.PIN_LENGTH)).isCloseTo(tang + 0.875 + 0.125, within(1e-6));
    }

    @Test
    @DisplayName("what was measured of scale and liner together is what the pin goes through")
    void the_measured_pair_replaces_the_sum() {
        DimensionChain chain = chain(lined(), Map.of(PieceDimensions.LINED_SCALE, Length.ofInches("0.420")));
        double tang = inches(chain, PieceDimensions.BLADE_THICKNESS);
        assertThat(inches(chain, PieceDimensions.PIN_LENGTH)).isCloseTo(tang + 0.84 + 0.125, within(1e-6));
    }

    @Test
    @DisplayName("a dovetail of 15° runs through scale and liner: .4375 × tan 15° = .1172 in")
    void a_dovetail_runs_through_both() {
        DimensionChain chain = chain(lined("scaleBolster", "DOVETAILED"), Map.of());
        assertThat(inches(chain, PieceDimensions.DOVETAIL_UNDERCUT)).isCloseTo(0.1172, within(1e-4));
    }

    @ParameterizedTest(name = "{0}")
    @ValueSource(strings = {"NONE", "LINED"})
    @DisplayName("a handle is as thick as its tang with scale and liner on both sides")
    void the_finished_handle_has_its_liners(String liner) {
        Specification spec = Specifications.fullTang("scaleLiner", liner, "scaleThickness", "3/8", "endsThinner", "0");
        HandleForm handle = HandleForm.of(spec).orElseThrow();
        double thick = 2 * handle.at(handle.front() + 50).orElseThrow().border().halfThick() / 25.4;
        double tang = spec.length(SpecificationField.STOCK_THICKNESS).inches();
        assertThat(thick).isCloseTo(tang + 0.75 + (liner.equals("LINED") ? 2.0 / 32 : 0), within(1e-6));
    }

    @ParameterizedTest(name = "{0} at {1} g/cm³")
    @CsvSource({"BRASS, 8.5", "GLASS_EPOXY, 1.85", "VULCANISED_FIBRE, 1.3"})
    @DisplayName("liners weigh their face less its holes, twice, by thickness and density")
    void weight_of_liners(String material, double density) {
        Specification spec = lined("scaleLinerMaterial", material);
        double holes = KnifeShape.outline(spec).holes().stream()
                .filter(hole -> hole.use() == Use.PIN || hole.use() == Use.TUBE)
                .mapToDouble(hole -> Math.PI / 4 * hole.diameter() * hole.diameter())
                .sum();
        double face = Area.of(KnifeShape.scale(spec)).squareMillimetres() - holes;
        assertThat(grams(KnifeShape.weighed(spec), "Liners"))
                .isCloseTo(2 * face * 25.4 / 16 * density / 1000, within(0.06));
        assertThat(grams(KnifeShape.weighed(spec), "Scales"))
                .isCloseTo(grams(KnifeShape.weighed(Specifications.fullTang()), "Scales"), within(1.5));
    }

    @Test
    @DisplayName("bolsters are weighed by their own metal, not as the scale that they stand in the place of")
    void weight_of_bolsters() {
        double wood = KnifeShape.weighed(Specifications.fullTang()).mass().grams();
        for (FittingMaterial metal : List.of(FittingMaterial.NICKEL_SILVER, FittingMaterial.BRASS)) {
            Specification spec = Specifications.fullTang(
                    "scaleBolster", "SQUARE", "scaleBolsterLength", "1/2", "scaleBolsterMaterial", metal.name());
            Weighed weighed = KnifeShape.weighed(spec);
            // At most a slab as long, as high and as thick as both, and no less than two thirds of it when it is
            // rounded.
            double slab = Area.of(KnifeShape.outline(spec).guard()).squareMillimetres()
                    * 0.75
                    * 25.4
                    / 1000
                    * metal.density().gramsPerCubicCentimetre();
            assertThat(grams(weighed, "Bolsters")).isBetween(slab * 2 / 3, slab * 1.05);
            assertThat(weighed.mass().grams()).isGreaterThan(wood);
        }
    }

    @Test
    @DisplayName("liners are glued on a flat scale and cured before anything is drilled, pocketed or fitted")
    void lined_before_it_is_drilled() {
        assertThat(keys(lined("scaleRelief", "POCKET")))
                .containsSubsequence(
                        "flatten-scales", "line-scales", "relieve-scales", "drill-scales", "finish-fronts");
        assertThat(keys(Specifications.fullTang())).doesNotContain("line-scales");
        Operation lining = work(lined()).stream()
                .filter(each -> each.key().equals("line-scales"))
                .findFirst()
                .orElseThrow();
        assertThat(lining.rest()).isEqualTo(lined().adhesive().usualCure());
    }

    @Test
    @DisplayName("both faces are coated to line the scales, and the pocket is filled only when they go on the tang")
    void adhesive_by_faces() {
        Specification spec = lined("scaleRelief", "POCKET");
        Worked<Mass> lining =
                GluedFaces.of(spec, GlueUp.LINES, Optional.empty()).mass(1.1, INCH);
        Worked<Mass> joining =
                GluedFaces.of(spec, GlueUp.JOINS, Optional.empty()).mass(1.1, INCH);
        double face = Area.of(KnifeShape.scale(spec)).squareMillimetres();
        // A film of 0.15 mm, three tenths pressed out, 1.5 mL in the cup.
        assertThat(lining.value().grams()).isCloseTo((2 * face * 0.15 / 1000 * 1.3 + 1.5) * 1.1, within(0.05));
        assertThat(joining.value().grams()).isGreaterThan(lining.value().grams());
        assertThat(ReadyForGlue.of(spec, GlueUp.LINES).parts()).hasSize(3);
        assertThat(ReadyForGlue.of(spec, GlueUp.LINES).lies())
                .anyMatch(line -> line.contains("release film"))
                .noneMatch(line -> line.contains("cotton"));
    }
}
