package hiltboard.core.fit;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.blade.RoundedRectangle;
import hiltboard.core.fit.AddedSpacer.Change;
import hiltboard.core.fit.AddedSpacer.Moment;
import hiltboard.core.fit.MeasuredTang.At;
import hiltboard.core.fit.StackPart.Kind;
import hiltboard.core.fit.StackPins.Layer;
import hiltboard.core.fit.StackPins.Opening;
import hiltboard.core.fit.StackPins.Pin;
import hiltboard.core.fit.StackPins.Room;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

class HandleStackTest {
    private static final GeometryFactory PLANE = new GeometryFactory();
    private static final RoundedRectangle SLOT = RoundedRectangle.across(10.35, 2.16, 1.59);
    private final HandleStack stack = stack("3.75");

    @Test
    @DisplayName("[worked] 0.366 + 0.125 + 4.375 = 4.866 in; a tang of 3.75 in leaves 1.116 in behind it")
    void the_stack_adds_up() {
        assertThat(stack.total(INCH_FAHRENHEIT).working()).containsExactly("0.366 in + 0.125 in + 4.375 in = 4.866 in");
        assertThat(stack.behindTheTang(INCH_FAHRENHEIT).value()).isEqualTo(inches("1.116"));
        assertThat(stack.from(stack.parts().get(2))).isEqualTo(inches("0.491"));
        assertThat(stack.off()).isEqualTo(inches("-0.009"));
        assertThat(stack("4.9").behindTheTang(INCH_FAHRENHEIT).cautions())
                .singleElement()
                .asString()
                .contains("comes out behind by 0.034 in");
        assertThat(stack("4.8").behindTheTang(INCH_FAHRENHEIT).cautions())
                .singleElement()
                .asString()
                .contains("Less than 0.125 in");
    }

    @Test
    void what_was_faced_last_counts() {
        StackPart faced = new StackPart(
                "spacer",
                Kind.SPACER,
                "Spacer",
                inches("0.125"),
                Optional.of(inches("0.127")),
                Optional.of(inches("0.121")));
        assertThat(faced.now()).isEqualTo(inches("0.121"));
        assertThat(new StackPart("s", Kind.SPACER, "Spacer", inches("0.125"), Optional.empty(), Optional.empty()).now())
                .isEqualTo(inches("0.125"));
    }

    @ParameterizedTest
    @CsvSource({
        "5.116, 0.250, ''",
        "5.226, 0.360, bottoms before it draws tight",
        "5.266, 0.375, stays loose by 0.025 in",
        "4.966, 0.100, Less thread holds than it is thick"
    })
    @DisplayName("[trade] a pommel nut holds by a thread as long as it is thick, and never bottoms on the tang")
    void the_nut(String tang, String holds, String says) {
        var engaged = stack(tang).engaged(inches("0.375"), inches("0.156"), INCH_FAHRENHEIT);
        assertThat(engaged.value()).isEqualTo(inches(holds));
        if (says.isEmpty()) {
            assertThat(engaged.cautions()).isEmpty();
        } else {
            assertThat(engaged.cautions()).singleElement().asString().contains(says);
        }
    }

    @Test
    @DisplayName("[worked] what stands proud and what the countersink takes are one volume, summed slice by slice")
    void the_peened_head() {
        PeenedHead head = new PeenedHead(inches("0.125"), inches("0.300"), inches("0.156"));
        double depth = head.fills(INCH_FAHRENHEIT).value().millimetres();
        double wide = inches("0.300").millimetres();
        double thick = inches("0.156").millimetres();
        double flare = 0;
        for (int i = 0; i < 10_000; i++) {
            double z = (i + 0.5) / 10_000 * depth;
            flare += ((wide + 2 * z) * (thick + 2 * z) - wide * thick) * depth / 10_000;
        }
        assertThat(flare).isCloseTo(head.volume().cubicMillimetres(), within(0.01));
        assertThat(head.fills(INCH_FAHRENHEIT).cautions()).isEmpty();
        assertThat(new PeenedHead(inches("0.050"), inches("0.300"), inches("0.156"))
                        .fills(INCH_FAHRENHEIT)
                        .cautions())
                .singleElement()
                .asString()
                .contains("Too short");
        assertThat(new PeenedHead(inches("0.300"), inches("0.300"), inches("0.156"))
                        .fills(INCH_FAHRENHEIT)
                        .cautions())
                .singleElement()
                .asString()
                .contains("bends over");
        assertThatThrownBy(() -> new PeenedHead(Length.ZERO, inches("0.3"), inches("0.2")))
                .isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName("[worked] spacer 0.125 + guard 0.366 − skin 0.060: the stop stands at 0.431 in")
    void the_stop_of_the_drill() {
        assertThat(StackPins.stop(inches("0.125"), inches("0.366"), INCH_FAHRENHEIT)
                        .working())
                .containsExactly("0.125 in + 0.366 in − 0.060 in of skin = 0.431 in");
        assertThat(StackPins.stop(Length.ZERO, inches("0.100"), INCH_FAHRENHEIT).cautions())
                .hasSize(1);
        Length deep = StackPins.intoTheBlock(inches("0.0625"), INCH_FAHRENHEIT).value();
        assertThat(StackPins.pin(inches("0.431"), deep, INCH_FAHRENHEIT).value().inches())
                .isCloseTo(0.431 + 0.125 - 1 / 64d, within(1e-6));
    }

    @Test
    @DisplayName("no pin that is found lies in the slot or in the air, by the geometry library")
    void no_pin_in_the_slot_or_the_air() {
        for (double diameter : new double[] {1.6, 2, 2.4}) {
            StackPins pins = pins(diameter);
            for (Pin pin : pins.best()) {
                Geometry hole = PLANE.createPoint(new Coordinate(pin.across(), pin.along()))
                        .buffer(diameter / 2, 64);
                for (Layer layer : pins.layers()) {
                    assertThat(shape(layer.outline(), layer.middle()).contains(hole))
                            .isTrue();
                    assertThat(shape(SLOT, 0).intersects(hole)).isFalse();
                }
                assertThat(pins.rooms(pin, INCH_FAHRENHEIT))
                        .noneMatch(room -> room.judged().isOut());
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"0, 0, opening", "9, 0, outline", "0, 14, outline", "3.2, 0, opening"})
    @DisplayName("[trade] a pin in the slot, at its wall, or at the rim of a part is refused")
    void a_pin_that_would_break_out(double across, double along, String to) {
        assertThat(pins(1.6).rooms(new Pin(across, along), INCH_FAHRENHEIT))
                .filteredOn(room -> room.judged().isOut())
                .extracting(Room::to)
                .anyMatch(each -> each.contains(to));
    }

    @Test
    @DisplayName(
            "[trade] a spacer that comes late: drilled through the guard's holes, bedded anew, impossible after the glue")
    void a_late_spacer() {
        MeasuredTang tang = new MeasuredTang(
                Length.ZERO,
                inches("3.75"),
                inches("0.690"),
                inches("0.300"),
                List.of(new At(Length.ZERO, inches("0.163"))));
        List<Change> all = new AddedSpacer(stack, tang, inches("0.062"), true, true).changes(INCH_FAHRENHEIT);
        assertThat(all).extracting(Change::moment).containsExactly(Moment.values());
        assertThat(all.get(0).words().get(0)).contains("4.866 in + 0.062 in = 4.928 in", "1.178 in before its end");
        assertThat(String.join(" ", all.get(1).words()))
                .contains("through the guard's holes", "stay hidden", "longer by 0.062 in");
        // (0.690 − 0.300) ÷ 3.75 × 0.062 in.
        assertThat(String.join(" ", all.get(2).words())).contains("0.006", "narrower", "bed it again");
        assertThat(all.get(4).isPossible()).isFalse();
        assertThat(new AddedSpacer(stack, tang, inches("0.062"), false, false).changes(INCH_FAHRENHEIT))
                .extracting(Change::moment)
                .containsExactly(Moment.BEFORE_HOLES, Moment.AFTER_SHAPING, Moment.AFTER_GLUE);
        assertThat(stack.with(new StackPart(
                                "n", Kind.SPACER, "New", inches("0.062"), Optional.empty(), Optional.empty()))
                        .parts())
                .extracting(StackPart::kind)
                .containsExactly(Kind.GUARD, Kind.SPACER, Kind.SPACER, Kind.BLOCK);
    }

    /** A guard of 3/4 × 1-1/4 in and the front of a handle of 26 × 20 mm, half a millimetre lower, around a slot. */
    private static StackPins pins(double diameter) {
        return new StackPins(
                List.of(
                        new Layer("Guard", RoundedRectangle.across(15.9, 9.5, 0), 0, Opening.of(SLOT), 3, 1.5),
                        new Layer(
                                "Handle",
                                RoundedRectangle.across(13, 10.2, 6.35),
                                -0.5,
                                Opening.of(SLOT),
                                diameter,
                                1.5)),
                Length.ofMillimetres(diameter));
    }

    private static Geometry shape(RoundedRectangle shape, double middle) {
        double high = shape.halfHigh() - shape.radius();
        double thick = shape.halfThick() - shape.radius();
        return PLANE.toGeometry(new Envelope(-thick, thick, middle - high, middle + high))
                .buffer(shape.radius(), 96);
    }

    private static HandleStack stack(String tang) {
        return new HandleStack(
                List.of(
                        new StackPart(
                                "guard",
                                Kind.GUARD,
                                "Guard",
                                inches("0.375"),
                                Optional.of(inches("0.366")),
                                Optional.empty()),
                        new StackPart(
                                "spacer", Kind.SPACER, "Spacer", inches("0.125"), Optional.empty(), Optional.empty()),
                        new StackPart(
                                "block", Kind.BLOCK, "Block", inches("4.375"), Optional.empty(), Optional.empty())),
                inches(tang));
    }

    private static Length inches(String decimal) {
        return Length.ofInches(decimal);
    }
}
