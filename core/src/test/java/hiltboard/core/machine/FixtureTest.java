package hiltboard.core.machine;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static hiltboard.core.measure.Units.MILLIMETRE_CELSIUS;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.blade.inset.Inset;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specifications;
import hiltboard.core.fit.TangSlot;
import hiltboard.core.measure.Feed;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.ThreadSize;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FixtureTest {

    @Test
    @DisplayName("[worked] two stations: 12 parts in 13 loads in place of 24")
    void loads() {
        assertThat(new TwoStations(12).loads().value().number()).isEqualTo(13);
        assertThatThrownBy(() -> new TwoStations(0)).isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName("[worked] three errors of 0.001: worst 0.003, root-sum-square 0.00173")
    void worst_and_expected() {
        Fitting fitting = new Fitting(inches("0.250"), inches("0.251"), inches("0.001"), 2);
        assertThat(fitting.play(INCH_FAHRENHEIT).value()).isEqualTo(inches("0.001"));
        assertThat(fitting.worst(INCH_FAHRENHEIT).value()).isEqualTo(inches("0.003"));
        assertThat(fitting.expected(INCH_FAHRENHEIT).value().inches()).isCloseTo(0.00173, within(0.000005));
    }

    @ParameterizedTest(name = "play of {0} thou, places off by {1}, {2} holes")
    @CsvSource({"2, 1.5, 2", "3, 3, 3", "1, 2, 2", "2.5, 2, 4"})
    void any_scale_fits_any_tang_as_often_as_dice_say(double play, double place, int holes) {
        Length pin = inches("0.250");
        Fitting fitting = new Fitting(pin, pin.plus(thou(play)), thou(place), holes);
        double said = fitting.fits(MILLIMETRE_CELSIUS).value().number() / 100;
        Random random = new Random(5);
        int fit = 0;
        int tries = 60_000;
        for (int i = 0; i < tries; i++) {
            boolean all = true;
            for (int hole = 0; hole < holes; hole++) {
                double x = (random.nextGaussian() - random.nextGaussian()) * place / 3;
                double y = (random.nextGaussian() - random.nextGaussian()) * place / 3;
                all &= Math.hypot(x, y) <= play;
            }
            fit += all ? 1 : 0;
        }
        assertThat(said).isCloseTo((double) fit / tries, within(0.01));
    }

    @Test
    void more_play_fits_more_often_and_holes_in_their_very_places_always() {
        double before = 0;
        for (int play = 1; play < 8; play++) {
            double now = new Fitting(inches("0.25"), inches("0.25").plus(thou(play)), thou(2), 2)
                    .fits(INCH_FAHRENHEIT)
                    .value()
                    .number();
            assertThat(now).isGreaterThanOrEqualTo(before);
            before = now;
        }
        assertThat(new Fitting(inches("0.25"), inches("0.251"), Length.ZERO, 3)
                        .fits(INCH_FAHRENHEIT)
                        .value()
                        .number())
                .isEqualTo(100);
        assertThatThrownBy(() -> new Fitting(inches("0.25"), inches("0.25"), Length.ZERO, 3))
                .isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName("[trade] a corner of 0.030 runs 0.030 below the part; 0.020 after 0.005 of lapping is cut 0.025")
    void depths() {
        assertThat(new CornerRadius(inches("0.156"), inches("0.030"))
                        .depth(INCH_FAHRENHEIT)
                        .value())
                .isEqualTo(inches("0.186"));
        assertThat(new FinishingAllowance(inches("0.020"), inches("0.005"))
                        .cut(INCH_FAHRENHEIT)
                        .value())
                .isEqualTo(inches("0.025"));
    }

    @Test
    @DisplayName("[worked] M3×0.5 full for 6 mm: 6 + 4 × 0.5 + 0.3 × 2.5 = 8.75 mm drilled, 12 turns")
    void tapping() {
        ThreadedHole hole = new ThreadedHole(thread("M3"), Length.ofMillimetres("6"));
        assertThat(hole.drilled(Length.ofMillimetres("2.5"), MILLIMETRE_CELSIUS)
                        .value()
                        .millimetres())
                .isCloseTo(8.75, within(0.01));
        assertThat(hole.turns(MILLIMETRE_CELSIUS).value().number()).isCloseTo(12, within(1e-9));
    }

    @Test
    @DisplayName("[worked] thread mill of 2 mm in M3: circle of 1 mm, its middle moves at a third of the rim's feed")
    void thread_milling() {
        ThreadedHole hole = new ThreadedHole(thread("M3"), Length.ofMillimetres("6"));
        Length mill = Length.ofMillimetres("2");
        assertThat(hole.orbit(mill, MILLIMETRE_CELSIUS).value()).isEqualTo(Length.ofMillimetres("1"));
        assertThat(hole.feed(new Feed(60), mill, MILLIMETRE_CELSIUS).value().millimetresPerMinute())
                .isCloseTo(20, within(1e-9));
        assertThatThrownBy(() -> hole.orbit(Length.ofMillimetres("3"), MILLIMETRE_CELSIUS))
                .isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName("[trade] grip = tang + 2 × (scale + liner − counterbore); engagement ≥ 1 diameter")
    void shouldered_fastener() {
        ShoulderedFastener fastener = new ShoulderedFastener(
                inches("0.156"),
                inches("0.375"),
                inches("0.030"),
                inches("0.150"),
                inches("0.080"),
                thread("4-40"),
                inches("0.250"));
        assertThat(fastener.grip(INCH_FAHRENHEIT).value()).isEqualTo(inches("0.666"));
        assertThat(fastener.screw(INCH_FAHRENHEIT).cautions()).isEmpty();
        assertThat(fastener.headThickness(INCH_FAHRENHEIT).value()).isEqualTo(inches("0.060"));
        assertThat(fastener.hole(INCH_FAHRENHEIT).value())
                .isGreaterThan(fastener.barrel(INCH_FAHRENHEIT).value());
    }

    @Test
    @DisplayName("[table, memory] ASME B1.1: 0.190 of a number ten and two walls of 0.030 are a shank of 1/4 in")
    void the_thickest_thread_in_a_shank() {
        assertThat(ShoulderedFastener.threadIn(inches("0.250")).orElseThrow().major())
                .isEqualTo(inches("0.190"));
        assertThat(ShoulderedFastener.threadIn(inches("0.060"))).isEmpty();
    }

    @Test
    void a_fastener_never_sticks_out_of_the_finished_handle_and_its_ends_never_meet() {
        Random random = new Random(31);
        int made = 0;
        for (int i = 0; i < 4000; i++) {
            Length scale = thou(150 + random.nextInt(350));
            Length hollow = thou(random.nextInt(150));
            Length counterbore = thou(20 + random.nextInt(300));
            Length tang = thou(60 + random.nextInt(200));
            ThreadSize thread = List.of(thread("2-56"), thread("4-40"), thread("M3"), thread("6-32"))
                    .get(random.nextInt(4));
            ShoulderedFastener fastener;
            try {
                fastener = new ShoulderedFastener(
                        tang, scale, thou(random.nextInt(3) * 15), counterbore, hollow, thread, inches("0.25"));
            } catch (ImpossibleQuantity refused) {
                continue;
            }
            made++;
            Length head = fastener.headThickness(INCH_FAHRENHEIT).value();
            assertThat(head).isGreaterThanOrEqualTo(inches("0.020"));
            assertThat(counterbore.minus(head))
                    .as("the head's top lies under the hollow")
                    .isGreaterThan(hollow);
            Length shank = fastener.shank(INCH_FAHRENHEIT).value();
            Length screw = fastener.screw(INCH_FAHRENHEIT).value();
            Length grip = fastener.grip(INCH_FAHRENHEIT).value();
            assertThat(shank).as("it draws up").isLessThan(grip);
            assertThat(screw).as("it bottoms nowhere").isLessThan(grip);
            Length engaged = screw.minus(grip.minus(shank));
            assertThat(engaged.compareTo(thread.major()) >= 0
                            || !fastener.screw(INCH_FAHRENHEIT).cautions().isEmpty())
                    .isTrue();
        }
        assertThat(made).isGreaterThan(500);
    }

    @Test
    @DisplayName("[worked] a face of 100 × 30 mm with a rim of 4: 3000 ÷ (3000 − 92 × 22) = 3.07 times")
    void relief() {
        Outline face =
                Outline.through(List.of(new Point(0, 0), new Point(100, 0), new Point(100, 30), new Point(0, 30)));
        RimPressure pressure = new RimPressure(Inset.of(face, Length.ofMillimetres("4")));
        assertThat(pressure.times().value().number()).isCloseTo(3000.0 / (3000 - 92 * 22), within(0.005));
        assertThat(Inset.of(face, Length.ofMillimetres("20")).inside()).isZero();
        assertThat(new RimPressure(Inset.of(face, Length.ofMillimetres("20")))
                        .times()
                        .cautions())
                .singleElement()
                .asString()
                .contains("no pocket");
    }

    @Test
    void the_relief_of_a_drawn_handle_lies_between_a_hair_and_the_whole_of_it() {
        Outline handle = KnifeShape.outline(Specifications.fullTang()).handle();
        double before = Double.MAX_VALUE;
        for (int rim = 1; rim < 8; rim++) {
            double times = new RimPressure(Inset.of(handle, Length.ofMillimetres(rim)))
                    .times()
                    .value()
                    .number();
            assertThat(times).isGreaterThanOrEqualTo(1).isLessThan(before);
            before = times;
        }
    }

    @Test
    @DisplayName("[trade] slot for 0.690 × 0.163 with 1/8: ends at ± 0.345, walls at ± 0.0225; drill chain first")
    void readout() {
        TangSlot slot = new TangSlot(inches("0.690"), inches("0.163"));
        List<ReadoutSheet.Move> moves = new ReadoutSheet(slot, inches("0.125")).moves(INCH_FAHRENHEIT);
        assertThat(moves.get(0).x()).isEqualTo(Length.ZERO);
        assertThat(moves.get(1).words()).startsWith("Drill, hole 1");
        assertThat(moves).anySatisfy(move -> {
            assertThat(move.words()).isEqualTo("Slot, to the right end");
            assertThat(move.x()).isEqualTo(inches("0.345"));
        });
        assertThat(moves).allSatisfy(move -> {
            assertThat(move.x().absolute()).isLessThanOrEqualTo(inches("0.345"));
            assertThat(move.y().absolute()).isLessThanOrEqualTo(inches("0.0225"));
        });
        assertThat(moves.stream().filter(move -> move.y().equals(inches("0.0225"))))
                .isNotEmpty();
        assertThat(ReadoutSheet.turned(moves.get(1)).x())
                .isEqualTo(moves.get(1).x().times(-1));
        List<ReadoutSheet.Move> drilled =
                moves.stream().filter(move -> move.words().startsWith("Drill")).toList();
        for (int i = 1; i < drilled.size(); i++) {
            assertThat(drilled.get(i).x().minus(drilled.get(i - 1).x()))
                    .as("holes do not run into each other")
                    .isGreaterThan(inches("0.105"));
        }
    }

    private static ThreadSize thread(String name) {
        return ThreadSize.named(name).orElseThrow();
    }

    private static Length thou(double thousandths) {
        return Length.ofMillimetres(thousandths * 0.0254);
    }

    private static Length inches(String decimal) {
        return Length.ofInches(decimal);
    }
}
