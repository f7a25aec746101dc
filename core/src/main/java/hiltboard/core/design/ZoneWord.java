package hiltboard.core.design;

import static hiltboard.core.design.SpecificationField.*;

import hiltboard.core.measure.Length;
import hiltboard.core.measure.ShopNotation;
import hiltboard.core.measure.Units;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What clients say about a zone of the knife, and by what step each word moves which numbers. The steps are common
 * practice of the trade.
 */
public enum ZoneWord {
    POINT_HIGHER("Tip", "Point higher", step(POINT_DROP, "-1/16")),
    POINT_LOWER("Tip", "Point lower", step(POINT_DROP, "1/16")),
    FINER_POINT("Tip", "Finer point", step(SPINE_BREAK, "1/4")),
    STRONGER_POINT("Tip", "Stronger point", step(SPINE_BREAK, "-1/4")),
    MORE_UPSWEEP("Upsweep", "More upsweep", step(BELLY_START, "3/16"), step(POINT_DROP, "-1/32")),
    LESS_UPSWEEP("Upsweep", "Less upsweep", step(BELLY_START, "-3/16"), step(POINT_DROP, "1/32")),
    MORE_BELLY("Belly", "More belly at the front", step(BELLY_BOW, "1/32")),
    LESS_BELLY("Belly", "Less belly", step(BELLY_BOW, "-1/32")),
    BELLY_FORWARD("Belly", "Belly further forward", step(BELLY_START, "-1/8")),
    BELLY_BACK("Belly", "Belly further back", step(BELLY_START, "1/8")),
    STRAIGHTER("Straight", "Straighter behind", step(BELLY_DEPTH, "-1/16"), step(BELLY_START, "-1/8")),
    LESS_STRAIGHT("Straight", "More curve behind", step(BELLY_DEPTH, "1/32"), step(BELLY_START, "1/8")),
    DEEPER_HEEL("Heel", "Deeper heel", step(HEEL_WIDTH, "1/16")),
    SLIMMER_HEEL("Heel", "Slimmer blade", step(HEEL_WIDTH, "-1/16")),
    LONGER_BLADE("Blade", "Longer", step(BLADE_LENGTH, "1/4")),
    SHORTER_BLADE("Blade", "Shorter", step(BLADE_LENGTH, "-1/4")),
    FULLER_HANDLE("Handle", "Fuller in the palm", step(SWELL_WIDTH, "1/32"), step(WAIST_WIDTH, "1/64")),
    SLIMMER_HANDLE("Handle", "Slimmer", step(SWELL_WIDTH, "-1/32"), step(WAIST_WIDTH, "-1/64")),
    LONGER_HANDLE("Handle", "Longer handle", step(HANDLE_LENGTH, "1/8")),
    SHORTER_HANDLE("Handle", "Shorter handle", step(HANDLE_LENGTH, "-1/8")),
    MORE_DROP("Handle", "More drop", step(BUTT_DROP, "1/16")),
    LESS_DROP("Handle", "Less drop", step(BUTT_DROP, "-1/16"));

    private final String zone;
    private final String words;
    private final List<Step> steps;

    ZoneWord(String zone, String words, Step... steps) {
        this.zone = zone;
        this.words = words;
        this.steps = List.of(steps);
    }

    /** By how much a word moves one number. */
    public record Step(SpecificationField field, Length by) {}

    /** How strongly it was said. */
    public enum Much {
        A_LITTLE("a little", 0.5),
        MORE("", 1),
        MUCH("a lot", 2);

        private final String words;
        private final double times;

        Much(String words, double times) {
            this.words = words;
            this.times = times;
        }

        public String words() {
            return words;
        }

        public static Optional<Much> named(String name) {
            return Arrays.stream(values())
                    .filter(each -> each.name().equals(name))
                    .findFirst();
        }
    }

    public static Optional<ZoneWord> named(String name) {
        return Arrays.stream(values()).filter(each -> each.name().equals(name)).findFirst();
    }

    public String zone() {
        return zone;
    }

    public String words() {
        return words;
    }

    /** What it moves and by how much: {@code Bow of the belly 0.0313 in}. */
    public String stepWords(Units units) {
        return String.join(
                ", ",
                steps.stream()
                        .map(step -> step.field.label() + " " + (step.by.isPositive() ? "+" : "−")
                                + step.by.absolute().in(units))
                        .toList());
    }

    /** The entries that change when it is said; a depth that is used up is nothing, which is what straight means. */
    public Map<String, String> said(Specification spec, Much much, Units units) {
        Map<String, String> entries = new LinkedHashMap<>();
        for (Step step : steps) {
            Length moved = spec.length(step.field).plus(step.by.times(much.times));
            boolean isUsedUp = step.field == BELLY_DEPTH && !moved.isPositive();
            entries.put(step.field.key(), (isUsedUp ? Length.ZERO : moved).in(units));
        }
        return entries;
    }

    private static Step step(SpecificationField field, String inches) {
        return new Step(field, ShopNotation.inches(inches));
    }
}
