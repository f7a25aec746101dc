package hiltboard.core.machine;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.blade.KnifeOutline.Use;
import hiltboard.core.design.Construction;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specification;
import hiltboard.core.design.Specifications;
import hiltboard.core.measure.Length;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class BoreTest {

    @Test
    @DisplayName("[table] a 3/16 pin is drilled #11, 0.191 in; the pin's own size stands beside it")
    void a_pin_is_drilled_over_its_size() {
        Bore pin = bores(Specifications.of(Construction.FULL_TANG, "pinDiameter", "3/16"), Use.PIN)
                .get(0);
        assertThat(pin.part()).isEqualTo(Length.ofInchFraction(3, 16));
        assertThat(pin.diameter()).isEqualTo(Length.ofInches("0.191"));
        assertThat(pin.drill()).isEqualTo("#11");
    }

    @Test
    @DisplayName("[table] a thread is understood as the size of a screw: 6-32 is 0.138 in and goes through #27")
    void a_thread_names_a_hole() {
        Specification screwed = Specifications.of(Construction.FULL_TANG, "fastening", "SCREWS", "pinDiameter", "6-32");
        Bore screw = bores(screwed, Use.PIN).get(0);
        assertThat(screw.part()).isEqualTo(Length.ofInches("0.138"));
        assertThat(screw.diameter()).isEqualTo(Length.ofInches("0.144"));
        assertThat(screw.drill()).isEqualTo("#27");
    }

    @Test
    void a_lightening_hole_leaves_as_much_steel_as_was_meant() {
        List<Bore> holes = bores(
                Specifications.of(Construction.FULL_TANG, "lightening", "HOLES", "holeDiameter", "0.260"),
                Use.LIGHTENING);
        assertThat(holes).isNotEmpty().allSatisfy(hole -> {
            assertThat(hole.drill()).isEqualTo("F");
            assertThat(hole.diameter()).isEqualTo(Length.ofInches("0.257"));
        });
    }

    @Test
    void a_pivot_is_reamed_to_its_size() {
        Bore pivot =
                bores(Specifications.of(Construction.SLIP_JOINT), Use.PIVOT).get(0);
        assertThat(pivot.diameter()).isEqualTo(pivot.part());
        assertThat(pivot.drill()).contains("reamed");
    }

    private static List<Bore> bores(Specification spec, Use use) {
        return KnifeShape.outline(spec).holes(use).stream()
                .map(hole -> Bore.of(hole, spec))
                .toList();
    }
}
