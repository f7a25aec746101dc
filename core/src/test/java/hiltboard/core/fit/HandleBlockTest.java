package hiltboard.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.blade.Area;
import hiltboard.core.blade.KnifeOutline;
import hiltboard.core.blade.KnifeOutline.Hole;
import hiltboard.core.blade.Point;
import hiltboard.core.blade.RoundedRectangle;
import hiltboard.core.chain.DimensionChain;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.HandleForm;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specification;
import hiltboard.core.design.Specifications;
import hiltboard.core.exchange.Template;
import hiltboard.core.fit.BlockVoid.Fate;
import hiltboard.core.fit.Grain.Face;
import hiltboard.core.fit.Grain.Seen;
import hiltboard.core.measure.Angle;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Judgement.Verdict;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** Grain and voids of a block, scales, and the forms of inside curves. */
class HandleBlockTest {
    private static final Units INCH = Units.INCH_FAHRENHEIT;

    private static Grain grain(double side, double end, double apart) {
        return new Grain(new Angle(side), new Angle(end), mm(apart));
    }

    @Test
    @DisplayName(
            "every place of a line that is drawn lies on a plane of the grain and on the finished surface, short of its rims")
    void lines_on_the_surface() {
        Specification spec = Specifications.hiddenTang();
        HandleForm handle = HandleForm.of(spec).orElseThrow();
        Random random = new Random(11);
        for (int i = 0; i < 12; i++) {
            Grain grain = grain(random.nextInt(60) - 30, random.nextInt(140) - 70, 2 + random.nextInt(3));
            for (Face face : Face.values()) {
                for (Seen seen : grain.on(handle, face)) {
                    Point at = seen.from();
                    HandleForm.Cut cut = handle.at(at.x()).orElseThrow();
                    boolean isAtTheRim = Math.abs(at.y() - cut.middle())
                            > 0.97 * cut.border().halfHigh();
                    if (isAtTheRim || at.x() > handle.buttBegins()) {
                        continue;
                    }
                    double z = cut.border().halfThickAt(at.y() - cut.middle()) * (face == Face.LEFT ? -1 : 1);
                    double line = grain.lineAt(at.x(), at.y(), z);
                    double off =
                            Math.abs(line - Math.rint(line)) * grain.apart().millimetres();
                    // Between the places of the net the surface bends by less than this.
                    assertThat(off).isLessThan(0.6);
                }
            }
        }
    }

    @Test
    @DisplayName(
            "[worked] lines that stand at 45° on the end come out 20 mm higher on the right of a handle 20 mm thick")
    void matched_lines_move() {
        assertThat(grain(0, 45, 3).higherOnTheRight(mm(20)).orElseThrow().millimetres())
                .isCloseTo(20, within(1e-6));
        assertThat(grain(10, 0, 3).higherOnTheRight(mm(20))).contains(Length.ZERO);
        assertThat(grain(0, 90, 3).higherOnTheRight(mm(20))).isEmpty();
        assertThat(grain(25, 0, 3).runsOut()).isTrue();
        assertThat(grain(12, 0, 3).runsOut()).isFalse();
        assertThatThrownBy(() -> grain(85, 0, 3)).isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> grain(0, 95, 3)).isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> grain(0, 0, 0)).isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName("level lines run level over both sides, as many as the handle is high")
    void level_lines() {
        HandleForm handle = HandleForm.of(Specifications.hiddenTang()).orElseThrow();
        List<Seen> seen = grain(0, 0, 4).on(handle, Face.LEFT);
        assertThat(seen)
                .isNotEmpty()
                .allMatch(each -> Math.abs(each.from().y() - each.to().y()) < 1e-9);
        assertThat(seen.stream()
                        .map(each -> Math.round(each.from().y() / 4))
                        .distinct()
                        .count())
                .isBetween(5L, 12L);
    }

    @Test
    @DisplayName(
            "a void is waste outside, shows at the surface, breaks a hole's edge, or stays hidden, as the geometry says")
    void voids() {
        Specification spec = Specifications.fullTang();
        HandleForm handle = HandleForm.of(spec).orElseThrow();
        KnifeOutline knife = KnifeShape.outline(spec);
        List<Hole> bores = knife.holes();
        Point hole = bores.get(0).centre();
        double behind = -hole.x() - handle.front();
        HandleForm.Cut cut = handle.at(-hole.x()).orElseThrow();
        assertThat(new BlockVoid(mm(behind), mm(hole.y() - cut.middle()), mm(0), mm(1))
                        .fate(handle, bores, Optional.empty()))
                .isEqualTo(Fate.IN_HOLE);
        assertThat(new BlockVoid(mm(behind), mm(60), mm(0), mm(2)).fate(handle, bores, Optional.empty()))
                .isEqualTo(Fate.WASTE);
        assertThat(new BlockVoid(mm(500), mm(0), mm(0), mm(2)).fate(handle, bores, Optional.empty()))
                .isEqualTo(Fate.WASTE);
        double right = cut.border().halfThick();
        BlockVoid atSurface = new BlockVoid(mm(behind + 20), mm(0), mm(right), mm(3));
        assertThat(atSurface.fate(handle, List.of(), Optional.empty())).isEqualTo(Fate.SHOWS);
        BlockVoid deep = new BlockVoid(mm(behind + 20), mm(0), mm(0), mm(1));
        assertThat(deep.fate(handle, List.of(), Optional.empty())).isEqualTo(Fate.HIDDEN);
        assertThat(deep.fate(handle, List.of(), Optional.of(new double[] {5, 2})))
                .isEqualTo(Fate.IN_TANG);
        assertThat(Fate.SHOWS.isTrouble()).isTrue();
        assertThat(Fate.WASTE.isTrouble()).isFalse();
    }

    @Test
    @DisplayName(
            "[worked] holes 3.000 and 3.003 in apart: pins of .250 in pass holes of .252 and .253 with .002 in to spare")
    void a_spare_pair() {
        SparePair pair = new SparePair(in("3.000"), in("3.003"), in(".252"), in(".253"), in(".250"));
        assertThat(pair.left(INCH).value()).isEqualTo(in("0.002"));
        assertThat(pair.goesOn()).isTrue();
        assertThat(new SparePair(in("3.000"), in("3.006"), in(".252"), in(".253"), in(".250")).goesOn())
                .isFalse();
        assertThatThrownBy(() -> new SparePair(in("3"), in("3"), in(".249"), in(".253"), in(".250")))
                .isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName("[trade] two or three thousandths between scale and tang are felt: to the belt again")
    void scales() {
        assertThat(ScalesMeasured.flat(in(".001"), INCH).verdict()).isEqualTo(Verdict.IN);
        assertThat(ScalesMeasured.flat(in(".003"), INCH).words()).contains("to the belt again");
        assertThat(ScalesMeasured.alike(in(".380"), in(".376"), INCH).verdict()).isEqualTo(Verdict.IN);
        assertThat(ScalesMeasured.alike(in(".390"), in(".376"), INCH).words()).contains("The left one", "0.014 in");
        assertThat(ScalesMeasured.fronts(new Angle(12), new Angle(12.3)).verdict())
                .isEqualTo(Verdict.IN);
        assertThat(ScalesMeasured.fronts(new Angle(12), new Angle(14)).words()).contains("2.0° apart");
    }

    @Test
    @DisplayName("[worked] a dovetail of 15° under a scale of .375 in: .375 × tan 15° = .100 in")
    void dovetail() {
        assertThat(ScalesMeasured.dovetail(in(".375"), new Angle(15), INCH)
                        .value()
                        .inches())
                .isCloseTo(0.1005, within(1e-4));
    }

    @Test
    @DisplayName(
            "[worked] a groove of 1/2 in radius: a tube of 7/8 in with .0625 in on it makes it, one of 1 in does not")
    void forms() {
        FormForCurve curve = new FormForCurve(in(".5"), in(".0625"));
        assertThat(curve.best(List.of(in("1"), in(".875"), in(".5")))).contains(in(".875"));
        assertThat(curve.made(List.of(in(".875")), INCH).orElseThrow().value()).isEqualTo(in(".5"));
        assertThat(curve.best(List.of(in("2")))).isEmpty();
        assertThatThrownBy(() -> new FormForCurve(in(".05"), in(".0625"))).isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName("flat corners touch the round ones and cut nothing of them away")
    void facets() {
        RoundedRectangle round = new RoundedRectangle(14, 10, 6);
        List<Point> corners = round.faceted(0).points();
        assertThat(corners).hasSize(8);
        Point a = corners.get(1);
        Point b = corners.get(2);
        double middle = round.inside((a.y() + b.y()) / 2, (a.x() + b.x()) / 2);
        assertThat(middle).isCloseTo(0, within(1e-9));
        for (int i = 0; i <= 10; i++) {
            Point at = a.towards(b, i / 10d);
            assertThat(round.inside(at.y(), at.x())).isLessThanOrEqualTo(1e-9);
        }
    }

    @Test
    @DisplayName("bolsters have their own pins in the tang, and scale and bolster together are the handle's outline")
    void bolsters() {
        Specification spec = Specifications.fullTang("scaleBolster", "DOVETAILED", "scaleBolsterLength", "1/2");
        KnifeOutline knife = KnifeShape.outline(spec);
        assertThat(knife.holes(KnifeOutline.Use.BOLSTER)).hasSize(2).allSatisfy(hole -> {
            assertThat(hole.centre().x()).isBetween(-12.7, 0.0);
            assertThat(Template.of(spec).get(0).holes())
                    .anyMatch(bore -> bore.centre().equals(hole.centre()));
        });
        double whole = Area.of(knife.handle()).squareMillimetres();
        double parts = Area.of(knife.guard()).squareMillimetres()
                + Area.of(KnifeShape.scale(spec)).squareMillimetres();
        assertThat(parts).isCloseTo(whole, within(0.01));
        assertThat(Template.of(spec)).extracting(Template::name).contains("Left bolster", "Right bolster");
        DimensionChain chain = DimensionChain.of(PieceDimensions.of(spec), Map.of(), Map.of(), INCH);
        // .375 in thick at 15°, and pins through tang and both with an eighth at each end.
        assertThat(((Length) chain.value(PieceDimensions.DOVETAIL_UNDERCUT).orElseThrow()).inches())
                .isCloseTo(0.1005, within(1e-4));
        double tang = ((Length) chain.value(PieceDimensions.BLADE_THICKNESS).orElseThrow()).inches();
        assertThat(((Length) chain.value(PieceDimensions.BOLSTER_PIN_LENGTH).orElseThrow()).inches())
                .isCloseTo(tang + 0.75 + 0.25, within(1e-6));
    }

    private static Length mm(double millimetres) {
        return Length.ofMillimetres(millimetres);
    }

    private static Length in(String inches) {
        return Length.ofInches(inches);
    }
}
