package hiltboard.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.blade.Polygons;
import hiltboard.core.design.Specifications;
import hiltboard.core.exchange.Backplot.Stroke;
import hiltboard.core.exchange.PartProgram.Setup;
import hiltboard.core.machine.CutterMaterial;
import hiltboard.core.machine.Cutting;
import hiltboard.core.machine.Stiffness;
import hiltboard.core.machine.Workpiece;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

class PartProgramTest {
    private static final GeometryFactory PLANE = new GeometryFactory();
    private static final List<Template> PARTS = Template.of(Specifications.fullTang());
    private static final Template TANG = PARTS.get(0);

    private static Setup setup(boolean isInch, String dryRun) {
        return new Setup(
                isInch ? Units.INCH_FAHRENHEIT : Units.MILLIMETRE_CELSIUS,
                Workpiece.CARBON_ANNEALED,
                Length.ofInches("0.15625"),
                Length.ofMillimetres("10"),
                Length.ofMillimetres(dryRun));
    }

    private static Cutting cutter() {
        return new Cutting(
                Workpiece.CARBON_ANNEALED,
                CutterMaterial.CARBIDE,
                Length.ofMillimetres("6"),
                4,
                Cutting.Mill.usual(Stiffness.MEDIUM));
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void every_hole_is_drilled_through_in_its_place(boolean isInch) {
        String program = PartProgram.holes("005", TANG, setup(isInch, "0"));
        List<Stroke> drilled = Backplot.of(program).stream()
                .filter(stroke -> stroke.isCut() && stroke.low() < 0)
                .toList();
        assertThat(drilled).hasSameSizeAs(TANG.holes());
        for (int i = 0; i < drilled.size(); i++) {
            assertThat(drilled.get(i)
                            .line()
                            .start()
                            .distanceTo(TANG.holes().get(i).centre()))
                    .isLessThan(isInch ? 0.002 : 0.001);
            assertThat(drilled.get(i).low())
                    .as("through the stock and by the drill's point")
                    .isLessThan(-3.96875 - 0.3 * 6);
        }
        assertThat(program)
                .contains(isInch ? "G20" : "G21")
                .contains("G90")
                .contains("M0")
                .doesNotContain("M6");
    }

    @Test
    void the_right_scale_is_the_left_one_mirrored() {
        List<Stroke> left = Backplot.of(PartProgram.holes("x", PARTS.get(1), setup(false, "0")));
        List<Stroke> right = Backplot.of(PartProgram.holes("x", PARTS.get(2), setup(false, "0")));
        for (int i = 0; i < left.size(); i++) {
            assertThat(right.get(i).line().end().x())
                    .isCloseTo(left.get(i).line().end().x(), within(1e-9));
            assertThat(right.get(i).line().end().y())
                    .isCloseTo(-left.get(i).line().end().y(), within(1e-9));
        }
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void the_cutters_middle_runs_its_radius_outside_and_never_nearer(boolean isInch) {
        String program = PartProgram.outline("005", TANG, setup(isInch, "0"), cutter());
        Geometry part = Polygons.of(TANG.outlines().get(0).points(0.002));
        List<Stroke> strokes = Backplot.of(program);
        List<Stroke> cut = strokes.stream()
                .filter(stroke -> stroke.isCut() && stroke.low() < 0)
                .toList();
        double nearest = cut.stream()
                .flatMap(stroke -> stroke.line().points().stream())
                .mapToDouble(point -> part.distance(PLANE.createPoint(new Coordinate(point.x(), point.y()))))
                .min()
                .orElseThrow();
        assertThat(nearest).isCloseTo(3, within(0.02));
        double deepest = cut.stream().mapToDouble(Stroke::low).min().orElseThrow();
        assertThat(deepest).isCloseTo(-3.96875 - 0.5, within(0.001));
        assertThat(strokes.stream()
                        .filter(stroke -> !stroke.isCut()
                                && stroke.line()
                                                .start()
                                                .distanceTo(stroke.line().end())
                                        > 0)
                        .mapToDouble(Stroke::low)
                        .min()
                        .orElseThrow())
                .as("nothing is moved sideways without cutting below the top face")
                .isGreaterThanOrEqualTo(-1e-9);
        assertThat(program).contains("G2").contains("G3");
        assertThat(program.lines().filter(line -> line.startsWith("G1 X")).count())
                .as("arcs, not crumbs")
                .isLessThan(400);
    }

    @Test
    void a_dry_run_stays_above_the_work() {
        String holes = PartProgram.holes("005", TANG, setup(false, "30"));
        String outline = PartProgram.outline("005", TANG, setup(false, "30"), cutter());
        assertThat(Backplot.of(holes + outline)).allSatisfy(stroke -> {
            if (!Double.isNaN(stroke.low())) {
                assertThat(stroke.low()).isPositive();
            }
        });
        assertThat(holes).contains("DRY RUN");
    }

    @Test
    void comments_are_plain_and_lines_are_short_enough_for_old_controls() {
        String program = PartProgram.holes("Käse (großes) × Messer „é“", TANG, setup(true, "0"));
        assertThat(program.lines()).allSatisfy(line -> {
            assertThat(line).matches("[\\x20-\\x7e]*");
            assertThat(line.chars().filter(each -> each == '(').count()).isLessThanOrEqualTo(1);
        });
        assertThatThrownBy(() -> PartProgram.holes("x", PARTS.get(PARTS.size() - 1), setup(true, "0")))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void the_plot_refuses_what_it_would_not_draw() {
        assertThatThrownBy(() -> Backplot.of("G90 G91\n")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Backplot.of("G1 X1 #2=3\n")).isInstanceOf(IllegalArgumentException.class);
    }
}
