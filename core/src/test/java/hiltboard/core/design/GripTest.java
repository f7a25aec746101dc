package hiltboard.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.blade.Point;
import hiltboard.core.measure.Units;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Pulling, saying and typing are three ways to the same numbers. */
class GripTest {
    private static final Units UNITS = Units.MILLIMETRE_CELSIUS;

    @ParameterizedTest
    @EnumSource(BladePattern.class)
    @DisplayName(
            "a grip goes where it is pulled: nearer to the finger than it was before, for every grip of every pattern")
    void follows_the_finger(BladePattern pattern) {
        Specification spec =
                Specifications.fullTang("profile", pattern.name(), "bellyDepth", "2 mm", "bladeLength", "5");
        for (Grip grip : Grip.of(spec)) {
            double along = grip.movesAlong() ? -1 : 0;
            double across = grip.movesAcross() ? 0.6 : 0;
            // A bow is at its limit on one side perhaps: then it can be pulled to the other.
            Optional<Specification> moved =
                    moved(spec, grip, along, across).or(() -> moved(spec, grip, along, -across));
            double pulled = moved(spec, grip, along, across).isPresent() ? across : -across;
            assertThat(moved).as(grip.key()).isPresent();
            Point finger = new Point(grip.at().x() + along, grip.at().y() + pulled);
            Point now = Grip.of(moved.get()).stream()
                    .filter(each -> each.key().equals(grip.key()))
                    .findFirst()
                    .orElseThrow()
                    .at();
            assertThat(now.distanceTo(finger))
                    .as(grip.key())
                    .isLessThan(grip.at().distanceTo(finger));
        }
    }

    private static Optional<Specification> moved(Specification spec, Grip grip, double along, double across) {
        return read(spec, grip.moved(spec, along, across, UNITS)).specification();
    }

    @Test
    void a_spine_that_runs_straight_to_the_point_has_no_bow_to_pull() {
        assertThat(Grip.of(Specifications.fullTang("profile", "STRAIGHT_BACK")))
                .extracting(Grip::key)
                .doesNotContain("spine-bow")
                .contains("point", "belly", "heel", "swell", "butt");
    }

    @Test
    @DisplayName(
            "[worked] pulling the point 5 mm back makes the blade 5 mm shorter, 2 mm down lets it drop 2 mm further")
    void pulling_the_point() {
        Specification spec = Specifications.fullTang("bladeLength", "100 mm", "pointDrop", "8 mm");
        Map<String, String> moved = point(spec).moved(spec, -5, -2, UNITS);
        assertThat(moved).containsOnly(Map.entry("bladeLength", "95.00 mm"), Map.entry("pointDrop", "10.00 mm"));
    }

    @Test
    void a_number_that_was_not_moved_keeps_what_was_typed_or_goes_on_following() {
        Specification spec = Specifications.fullTang("bladeLength", "101.63 mm");
        assertThat(point(spec).moved(spec, 0.05, -3, UNITS)).containsOnlyKeys("pointDrop");
    }

    @Test
    @DisplayName("an axe has no grips, and a word says nothing to it")
    void axes_have_none() {
        assertThat(Grip.of(Specifications.of(Construction.HATCHET))).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(ZoneWord.class)
    @DisplayName(
            "[worked] each word moves its numbers by its step, a little by half, a lot by twice; and the knife can still be drawn")
    void words_move_by_their_steps(ZoneWord word) {
        Specification spec = Specifications.fullTang("bellyDepth", "1/4", "bladeLength", "5", "bellyBow", "6 mm");
        Map<String, String> once = word.said(spec, ZoneWord.Much.MORE, UNITS);
        Map<String, String> little = word.said(spec, ZoneWord.Much.A_LITTLE, UNITS);
        assertThat(once).isNotEmpty();
        Specification after = changed(spec, once);
        Specification afterLittle = changed(spec, little);
        once.keySet().forEach(key -> {
            SpecificationField field = SpecificationField.withKey(key).orElseThrow();
            double step = after.length(field).minus(spec.length(field)).millimetres();
            assertThat(afterLittle.length(field).minus(spec.length(field)).millimetres())
                    .as(key)
                    .isCloseTo(step / 2, within(0.002));
        });
    }

    @Test
    void opposite_words_take_each_other_back_and_stronger_words_go_the_same_way() {
        Specification spec = Specifications.fullTang();
        Specification there = changed(spec, ZoneWord.POINT_LOWER.said(spec, ZoneWord.Much.MUCH, Units.INCH_FAHRENHEIT));
        Specification back =
                changed(there, ZoneWord.POINT_HIGHER.said(there, ZoneWord.Much.MUCH, Units.INCH_FAHRENHEIT));
        assertThat(there.length(SpecificationField.POINT_DROP))
                .isGreaterThan(spec.length(SpecificationField.POINT_DROP));
        assertThat(back.length(SpecificationField.POINT_DROP)
                        .minus(spec.length(SpecificationField.POINT_DROP))
                        .millimetres())
                .isCloseTo(0, within(0.001));
        assertThat(Arrays.stream(ZoneWord.values()).map(ZoneWord::zone))
                .contains("Tip", "Upsweep", "Belly", "Straight", "Heel");
    }

    private static Grip point(Specification spec) {
        return Grip.of(spec).stream()
                .filter(grip -> grip.key().equals("point"))
                .findFirst()
                .orElseThrow();
    }

    private static Specification changed(Specification spec, Map<String, String> changes) {
        SpecificationReader.Answer answer = read(spec, changes);
        assertThat(answer.findings()).as(changes.toString()).isEmpty();
        return answer.specification().orElseThrow();
    }

    private static SpecificationReader.Answer read(Specification spec, Map<String, String> changes) {
        Map<String, String> entries = new LinkedHashMap<>(spec.chosen());
        entries.putAll(changes);
        return SpecificationReader.read(SpecificationReader.completed(entries, UNITS), UNITS);
    }
}
