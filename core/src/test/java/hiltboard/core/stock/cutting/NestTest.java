package hiltboard.core.stock.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.blade.Outline;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specifications;
import hiltboard.core.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Distances between outlines are measured by the geometry library; pitches of straight-sided blanks are known in closed
 * form.
 */
class NestTest {
    private static final CuttingRules RULES = CuttingRules.USUAL;
    private static final double KERF = RULES.kerf().millimetres();
    private static final double WIDTH = 60;

    static Stream<Blank> knives() {
        return Stream.of(
                knife(),
                knife("profile", "CLIP"),
                knife("profile", "SHEEPSFOOT", "notches", "NONE"),
                knife("bladeLength", "8", "heelWidth", "1-3/4", "handleLength", "5"),
                knife("buttDrop", "3/8", "grooveDepth", "1/16"),
                new Blank(
                        KnifeShape.outline(Specifications.hiddenTang()).steel(), "1084", Length.ofInchFraction(5, 32)));
    }

    @ParameterizedTest
    @MethodSource("knives")
    void any_two_neighbours_keep_the_saws_way_and_could_be_no_nearer(Blank blank) {
        Blank other = knife("bladeLength", "5", "pointDrop", "1/8");
        Nest nest = new Nest(List.of(blank, other), WIDTH, RULES);
        for (int one = 0; one < nest.states(); one++) {
            for (int next = 0; next < nest.states(); next++) {
                double pitch = nest.pitch(one, next);
                assertThat(distance(nest, one, next, pitch))
                        .as("%s then %s", one, next)
                        .isGreaterThanOrEqualTo(KERF);
                double reach = nest.length(one) + KERF - Math.min(nest.length(one), nest.length(next)) / 2;
                assertThat(distance(nest, one, next, pitch - 0.5) < KERF + 0.1 || pitch - reach < 0.5)
                        .as("%s then %s is needlessly far", one, next)
                        .isTrue();
            }
        }
    }

    /** [worked] Slanted ends that face each other: the kerf is measured square to them. */
    @Test
    void slanted_ends_lie_a_kerf_apart_measured_square_to_the_slant() {
        double length = 200;
        double slant = 40;
        double tall = 30;
        Blank blank = new Blank(
                Outline.from(0, 0).to(length, 0).to(length - slant, tall).to(0, tall),
                "1084",
                Length.ofInchFraction(1, 8));
        Nest nest = new Nest(List.of(blank), tall + 2 * RULES.edge().millimetres(), RULES);
        double worked = length - slant + KERF * Math.hypot(slant, tall) / tall;
        assertThat(nest.pitch(state(new Placing(false, false, false)), state(new Placing(true, false, false))))
                .isCloseTo(worked, within(0.2));
        assertThat(nest.pitch(state(new Placing(false, false, false)), state(new Placing(false, false, false))))
                .isCloseTo(length + KERF, within(0.1));
    }

    /** [trade] Knives are cut head to tail because it saves steel. */
    @Test
    void knives_head_to_tail_take_less_of_the_bar_than_one_behind_the_other() {
        Nest nest = new Nest(List.of(knife("profile", "CLIP", "bladeLength", "6")), 40, RULES);
        double plain = nest.pitch(state(new Placing(false, false, false)), state(new Placing(false, false, false)));
        double best = Double.POSITIVE_INFINITY;
        for (int one = 0; one < nest.states(); one++) {
            for (int next = 0; next < nest.states(); next++) {
                best = Math.min(best, (nest.pitch(one, next) + nest.pitch(next, one)) / 2);
            }
        }
        assertThat(best).isLessThan(plain - 3);
    }

    @Test
    void every_placing_is_the_same_blank_turned_or_flipped() {
        Blank blank = knife();
        double area = Nest.polygon(blank.outline()).getArea();
        for (Placing placing : Placing.ALL) {
            Geometry laid = Nest.polygon(placing.laid(blank.outline(), 100, 1, WIDTH));
            assertThat(laid.getArea()).isCloseTo(area, within(0.01));
            assertThat(laid.getEnvelopeInternal().getMinX()).isCloseTo(100, within(1e-6));
            assertThat(
                            placing.high()
                                    ? WIDTH - laid.getEnvelopeInternal().getMaxY()
                                    : laid.getEnvelopeInternal().getMinY())
                    .isCloseTo(1, within(1e-6));
        }
    }

    /** However blanks of several shapes follow each other, nobody touches anybody: not only neighbours. */
    @Test
    void a_row_of_many_shapes_never_overlaps() {
        List<Blank> blanks = new ArrayList<>(knives().toList());
        blanks.add(new Blank(Outline.from(0, 0).to(30, 0).to(30, 10).to(0, 10), "1084", Length.ofInchFraction(5, 32)));
        Nest nest = new Nest(blanks, WIDTH, RULES);
        Random random = new Random(3);
        for (int round = 0; round < 200; round++) {
            List<Outline> laid = new ArrayList<>();
            double left = 0;
            int last = -1;
            for (int i = 0; i < 6; i++) {
                int state = random.nextInt(nest.states());
                left += last < 0 ? 0 : nest.pitch(last, state);
                laid.add(nest.laid(state, left));
                last = state;
            }
            assertThat(Nest.isClear(
                            laid,
                            KERF,
                            new Envelope(
                                    -0.001,
                                    5000,
                                    RULES.edge().millimetres() - 0.001,
                                    WIDTH - RULES.edge().millimetres() + 0.001)))
                    .as("round %s", round)
                    .isTrue();
        }
    }

    private static double distance(Nest nest, int one, int next, double pitch) {
        Geometry moved = AffineTransformation.translationInstance(pitch, 0).transform(Nest.polygon(nest.laid(next, 0)));
        return Nest.polygon(nest.laid(one, 0)).distance(moved);
    }

    private static int state(Placing placing) {
        return Placing.ALL.indexOf(placing);
    }

    static Blank knife(String... changes) {
        return new Blank(
                KnifeShape.outline(Specifications.fullTang(changes)).steel(), "1084", Length.ofInchFraction(5, 32));
    }
}
