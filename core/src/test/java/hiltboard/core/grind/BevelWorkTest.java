package hiltboard.core.grind;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static hiltboard.core.measure.Units.MILLIMETRE_CELSIUS;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.blade.BladeSection;
import hiltboard.core.design.AbrasiveStart;
import hiltboard.core.design.BevelTiming;
import hiltboard.core.design.Grind;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specifications;
import hiltboard.core.design.Use;
import hiltboard.core.fire.WheelHeat;
import hiltboard.core.grind.Removal.Done;
import hiltboard.core.grind.Removal.Pace;
import hiltboard.core.grind.SidesCompared.Pair;
import hiltboard.core.material.Steel;
import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Volume;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class BevelWorkTest {

    @ParameterizedTest
    @EnumSource(BevelTiming.class)
    void no_belt_leaves_less_than_the_next_needs(BevelTiming bevels) {
        Random random = new Random(7);
        for (int i = 0; i < 300; i++) {
            Length body = mm(1.5 + random.nextInt(80) / 10d);
            Length wanted = mm(random.nextInt(60) / 100d);
            Length before = bevels == BevelTiming.AFTER_HARDENING
                    ? body
                    : mm(Math.min(body.millimetres(), wanted.millimetres() + 0.254 + random.nextInt(100) / 100d));
            List<RemovalSheet.Stage> stages =
                    new RemovalSheet(body, before, wanted, bevels, AbrasiveStart.GRIT_36).stages(MILLIMETRE_CELSIUS);
            Length left = body;
            for (RemovalSheet.Stage stage : stages) {
                assertThat(stage.edge().value()).as("%s", stages).isLessThanOrEqualTo(left);
                left = stage.edge().value();
            }
            assertThat(left).isEqualTo(wanted);
            for (int s = 0; s + 1 < stages.size(); s++) {
                RemovalSheet.Stage stage = stages.get(s);
                RemovalSheet.Stage next = stages.get(s + 1);
                Length toTake =
                        stage.grit().scratches().minus(next.grit().scratches()).times(2);
                boolean isSameHeat = stage.isHard() == next.isHard();
                if (isSameHeat && stage.edge().value().compareTo(stage.isHard() ? before : body) < 0) {
                    assertThat(stage.edge().value().minus(next.edge().value()))
                            .isGreaterThanOrEqualTo(toTake.minus(new Length(2)));
                }
            }
        }
    }

    @Test
    @DisplayName("[worked] 0.025 in for the quench: after P36 another 2 × 0.269 mm, after P80 2 × 0.1005 mm")
    void removal_sheet() {
        List<RemovalSheet.Stage> stages = new RemovalSheet(
                        inches("0.156"),
                        inches("0.025"),
                        inches("0.015"),
                        BevelTiming.BEFORE_HARDENING,
                        AbrasiveStart.GRIT_36)
                .stages(INCH_FAHRENHEIT);
        assertThat(stages.stream().map(stage -> stage.grit().name()))
                .containsExactly("P36", "P60", "P80", "P120", "P220", "P120", "P220", "P400");
        assertThat(stages.get(0).edge().value().millimetres()).isCloseTo(0.635 + 0.538, within(1e-6));
        assertThat(stages.get(2).edge().value().millimetres()).isCloseTo(0.635 + 0.201, within(1e-6));
        assertThat(stages.get(4).edge().value()).isEqualTo(inches("0.025"));
        assertThat(stages.get(7).edge().value()).isEqualTo(inches("0.015"));
        assertThat(RemovalSheet.next(stages, false, inches("0.034"))
                        .orElseThrow()
                        .key())
                .isEqualTo("soft P80");
        assertThat(RemovalSheet.next(stages, false, inches("0.025"))).isEmpty();
        assertThat(RemovalSheet.next(stages, true, inches("0.025"))
                        .orElseThrow()
                        .key())
                .isEqualTo("hard P120");
    }

    @Test
    @DisplayName("[worked] full flat 5 × 1.25 in of 0.156 to 0.020: about length × width × half the difference")
    void removed_steel() {
        BladeSection blade =
                KnifeShape.blade(Specifications.fullTang("grind", "FULL_FLAT")).orElseThrow();
        Volume off = Removal.between(Removal.unground(blade), blade);
        double wedge = blade.profile().length().millimetres()
                * blade.profile().width().millimetres()
                * (blade.stock().millimetres() - blade.edge().millimetres())
                / 2;
        assertThat(off.cubicMillimetres()).isBetween(wedge * 0.6, wedge);
        assertThat(Removal.between(blade, blade).cubicMillimetres()).isZero();
        assertThat(Removal.unground(blade).volume().amount())
                .isGreaterThan(blade.volume().amount());
    }

    @Test
    @DisplayName(
            "[worked] two belts of 6 min and 6000 mm³ at 300 a minute are 32 min; the shop's own pace counts from three blades on")
    void the_shops_own_pace() {
        Removal.Work work = new Removal.Work(new Volume(6000), 2, false);
        assertThat(Pace.of(List.of()).time(work).value().duration()).isEqualTo(Duration.ofMinutes(32));
        Done slow = new Done(work, Duration.ofMinutes(96));
        Done middle = new Done(work, Duration.ofMinutes(48));
        Done quick = new Done(work, Duration.ofMinutes(16));
        assertThat(Pace.of(List.of(slow, quick)).of()).isZero();
        Pace pace = Pace.of(List.of(slow, quick, middle));
        assertThat(pace.of()).isEqualTo(3);
        assertThat(pace.times()).isCloseTo(1.5, within(1e-9));
        assertThat(pace.time(work).value().duration()).isEqualTo(Duration.ofMinutes(48));
        assertThat(pace.time(work).working().get(1)).contains("last 3 blades of the shop");
        assertThat(pace.time(new Removal.Work(new Volume(0), 0, true)).value().duration())
                .isZero();
        assertThat(Pace.of(List.of(new Done(work, Duration.ZERO), slow, quick)).of())
                .as("a step nobody was at is no record")
                .isZero();
    }

    @Test
    @DisplayName("[trade] left 0.4 mm lower at the heel: the left is touched, whose steel is still there")
    void sides() {
        Pair pair = new Pair(mm(24.6), mm(25.0));
        SidesCompared.Touch touch = SidesCompared.heights(pair, BladePlace.HEEL, mm(25), MILLIMETRE_CELSIUS)
                .orElseThrow();
        assertThat(touch.side()).isEqualTo(Side.LEFT);
        assertThat(touch.words())
                .startsWith("Left 0.40 mm lower at the heel: touch the left")
                .doesNotContain("past");
        assertThat(SidesCompared.heights(pair, BladePlace.HEEL, mm(24.6), MILLIMETRE_CELSIUS)
                        .orElseThrow()
                        .words())
                .contains("The right is 0.40 mm past its line and cannot be put back");
        assertThat(SidesCompared.heights(new Pair(mm(24.8), mm(25)), BladePlace.HEEL, mm(25), MILLIMETRE_CELSIUS))
                .isEmpty();
        assertThat(SidesCompared.pastTheLine(
                        new Pair(mm(25.8), mm(25.9)), BladePlace.POINT, mm(25), MILLIMETRE_CELSIUS))
                .isPresent();
        SidesCompared.Touch plunge = SidesCompared.plunges(new Pair(mm(12.5), mm(12.0)), MILLIMETRE_CELSIUS)
                .orElseThrow();
        assertThat(plunge.side()).as("the one nearer the point was ground less").isEqualTo(Side.LEFT);
        assertThat(plunge.words()).contains("0.50 mm nearer the point");
    }

    @ParameterizedTest
    @EnumSource(Grind.class)
    void a_section_is_as_thick_as_it_was_measured_whatever_its_grind(Grind grind) {
        BladeSection blade = KnifeShape.blade(Specifications.fullTang(
                        "grind", grind.name(), "edgeThickness", grind == Grind.ZERO_GROUND ? ".002" : ".020"))
                .orElseThrow();
        GroundAt now = GroundAt.measured(blade, 0.5, mm(3.5), mm(0.8), mm(15), mm(12));
        List<Double> right =
                now.outline().points().stream().map(each -> each.x()).toList();
        assertThat(right.stream().mapToDouble(x -> x).max().orElseThrow()).isCloseTo(1.75, within(0.01));
        assertThat(right.stream().mapToDouble(x -> x).min().orElseThrow()).isCloseTo(-1.75, within(0.01));
        assertThat(now.outline().start().x()).isCloseTo(0.4, within(1e-9));
        assertThat(now.angle(Side.RIGHT).degrees())
                .as("lower on the right: steeper there")
                .isGreaterThan(now.angle(Side.LEFT).degrees());
        assertThat(GroundAt.designed(blade, 0, blade.stock()).left())
                .as("not ground yet")
                .isEqualTo(Length.ZERO);
        assertThatThrownBy(() -> GroundAt.measured(blade, 0.5, mm(3), mm(4), mm(1), mm(1)))
                .isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> GroundAt.measured(blade, 0.5, mm(3), mm(1), mm(100), mm(1)))
                .isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    void a_swedge_is_seen_near_the_point_and_not_at_the_heel() {
        BladeSection blade =
                KnifeShape.blade(Specifications.fullTang("swedge", "1.5")).orElseThrow();
        GroundAt heel = GroundAt.designed(blade, BladePlace.HEEL.share(), blade.edge());
        GroundAt point = GroundAt.designed(blade, BladePlace.POINT.share(), blade.edge());
        assertThat(heel.swedge()).isEqualTo(Length.ZERO);
        assertThat(point.swedge()).isGreaterThan(Length.ZERO);
        double top = point.outline().points().stream()
                .mapToDouble(each -> each.y())
                .max()
                .orElseThrow();
        double thickAtTheTop = 2
                * point.outline().points().stream()
                        .filter(each -> each.y() == top)
                        .mapToDouble(each -> each.x())
                        .max()
                        .orElseThrow();
        assertThat(thickAtTheTop).isCloseTo(point.spine().millimetres() * 0.35, within(1e-6));
    }

    @Test
    @DisplayName("[worked] 0.156, 0.157, 0.155 in: 0.078; a gap of 0.010 under it is a bent bar")
    void three_thicknesses() {
        MeasuredStock flat = new MeasuredStock(inches("0.156"), inches("0.157"), inches("0.155"), Length.ZERO);
        assertThat(flat.centreLine(INCH_FAHRENHEIT).value().inches()).isCloseTo(0.078, within(1e-6));
        assertThat(flat.centreLine(INCH_FAHRENHEIT).cautions()).isEmpty();
        assertThat(flat.lowerLine(inches("0.025"), INCH_FAHRENHEIT).value()).isEqualTo(inches("0.065"));
        assertThat(flat.upperLine(inches("0.025"), INCH_FAHRENHEIT).value()).isEqualTo(inches("0.090"));
        assertThat(new MeasuredStock(inches("0.156"), inches("0.156"), inches("0.156"), inches("0.010"))
                        .centreLine(INCH_FAHRENHEIT)
                        .cautions())
                .singleElement()
                .asString()
                .startsWith("Bent: 0.010 in");
        assertThat(new MeasuredStock(inches("0.160"), inches("0.156"), inches("0.150"), Length.ZERO)
                        .centreLine(INCH_FAHRENHEIT)
                        .cautions())
                .singleElement()
                .asString()
                .contains("differs by 0.010 in");
        assertThatThrownBy(() -> flat.lowerLine(inches("0.2"), INCH_FAHRENHEIT)).isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName("[worked] corners of 0.156 to a land of 0.026: 0.065 back, a flat of 0.0919")
    void corners() {
        CornerBreak corner = new CornerBreak(inches("0.156"), inches("0.026"));
        assertThat(corner.depth(INCH_FAHRENHEIT).value()).isEqualTo(inches("0.065"));
        assertThat(corner.flat(INCH_FAHRENHEIT).value().inches()).isCloseTo(0.0919, within(0.0001));
        assertThatThrownBy(() -> new CornerBreak(inches("0.1"), inches("0.2"))).isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName(
            "[trade] form radius + paper = the curve's radius: 1/2 in with 0.040 of belt wants a wheel of 0.920 across")
    void inside_curve() {
        assertThat(new InsideCurve(inches("0.5"), inches("0.040"))
                        .wheel(INCH_FAHRENHEIT)
                        .value())
                .isEqualTo(inches("0.920"));
        assertThatThrownBy(() -> new InsideCurve(inches("0.04"), inches("0.040")))
                .isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName("[worked] 0.200 to 0.100 in over 8 in: 0.175, 0.150, 0.125 between")
    void distal_taper() {
        assertThat(new DistalTable(inches("0.2"), inches("0.1"), inches("8"))
                        .places(INCH_FAHRENHEIT).stream()
                                .map(place -> place.thickness().value().in(INCH_FAHRENHEIT)))
                .containsExactly("0.200 in", "0.175 in", "0.150 in", "0.125 in", "0.100 in");
        assertThatThrownBy(() -> new DistalTable(inches("0.1"), inches("0.2"), inches("8")))
                .isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName("[worked] 0.170 to 0.160 in by 0.001: 5 passes a side; 1.5 in by 0.050: 31 strokes")
    void surface_grinding() {
        SurfacePasses passes = new SurfacePasses(inches("0.170"), inches("0.160"), inches("0.001"), inches("0.003"));
        assertThat(passes.side(INCH_FAHRENHEIT).value()).isEqualTo(inches("0.005"));
        assertThat(passes.side(INCH_FAHRENHEIT).cautions()).isEmpty();
        assertThat(passes.passes(INCH_FAHRENHEIT).value().number()).isEqualTo(5);
        assertThat(SurfacePasses.strokes(inches("1.5"), inches("0.050"), INCH_FAHRENHEIT)
                        .value()
                        .number())
                .isEqualTo(31);
        assertThat(new SurfacePasses(inches("0.162"), inches("0.160"), inches("0.0007"), inches("0.003"))
                        .side(INCH_FAHRENHEIT)
                        .cautions())
                .singleElement()
                .asString()
                .contains("will not come clean");
    }

    @Test
    @DisplayName("[worked] a bow of 0.008 in 0.160 holds a flat plate of 0.152")
    void shared_warp() {
        SharedWarp warp = new SharedWarp(inches("0.160"), inches("0.150"), inches("0.008"));
        assertThat(warp.side(INCH_FAHRENHEIT).value()).isEqualTo(inches("0.004"));
        assertThat(warp.left(INCH_FAHRENHEIT).value()).isEqualTo(inches("0.152"));
        assertThat(warp.left(INCH_FAHRENHEIT).cautions()).isEmpty();
        assertThat(new SharedWarp(inches("0.160"), inches("0.156"), inches("0.008"))
                        .left(INCH_FAHRENHEIT)
                        .cautions())
                .singleElement()
                .asString()
                .contains("at most 0.004 in");
    }

    @ParameterizedTest(name = "[trade] {0} at {1} HRC, {2} {3}: between {4} and {5} thou behind the edge")
    @CsvSource({
        "VEGETABLES, 61, 1084, FULL_FLAT, 8, 10",
        "VEGETABLES, 55, 1084, FULL_FLAT, 10, 12",
        "CAMP, 59, 1084, FULL_FLAT, 18, 25",
        "CHOPPING, 62, 1084, FULL_FLAT, 33, 40",
        "MEAT, 60, 440C, FULL_FLAT, 12.5, 15",
        "OUTDOORS, 58, 1084, CONVEX, 15, 17.5",
        "OUTDOORS, 58, 1084, HOLLOW, 17.5, 20"
    })
    void edge_by_use(Use use, int hrc, String steel, Grind grind, double least, double most) {
        EdgeByUse.Blade blade =
                new EdgeByUse.Blade(Steel.named(steel).orElseThrow(), new Hardness(BigDecimal.valueOf(hrc)), grind);
        EdgeByUse habit = EdgeByUse.usual(use);
        assertThat(habit.behindTheEdge(blade, INCH_FAHRENHEIT)
                                .orElseThrow()
                                .value()
                                .inches()
                        * 1000)
                .isBetween(least - 1e-6, most + 1e-6);
        assertThat(habit.angle(blade).value().degrees()).isBetween((double) habit.least(), (double) habit.most());
    }

    @Test
    void blue_on_an_edge_softens_it_and_pale_straw_under_its_temper_does_not() {
        Steel steel = Steel.named("1084").orElseThrow();
        Temperature tempered = Temperature.ofFahrenheit(400);
        WheelHeat blue = new WheelHeat(steel, Temperature.ofFahrenheit(560), tempered);
        double before = steel.curve().at(tempered).orElseThrow();
        assertThat(blue.left(INCH_FAHRENHEIT).orElseThrow().value().hrc().doubleValue())
                .isLessThan(before - 1);
        assertThat(blue.grindBack(inches("0.060"), INCH_FAHRENHEIT).value().millimetres())
                .isCloseTo(0.060 * 25.4 + 1, within(1e-6));
        WheelHeat straw = new WheelHeat(steel, Temperature.ofFahrenheit(450), Temperature.ofFahrenheit(460));
        assertThat(straw.isHarmless()).isTrue();
        assertThat(straw.grindBack(inches("0.060"), INCH_FAHRENHEIT).value()).isEqualTo(Length.ZERO);
        assertThat(WheelHeat.byColour(steel, Temperature.ofFahrenheit(460), INCH_FAHRENHEIT)
                        .get(0))
                .contains("palest yellow no harm", "pale straw no harm", ", straw no harm")
                .containsPattern("blue \\d\\d HRC");
    }

    private static Length mm(double millimetres) {
        return Length.ofMillimetres(millimetres);
    }

    private static Length inches(String decimal) {
        return Length.ofInches(decimal);
    }
}
