package hiltboard.core.fit;

import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What one more spacer changes, by how far the handle has come. Common practice of the trade.
 *
 * @param thickness of the spacer that is added
 */
public record AddedSpacer(HandleStack stack, MeasuredTang tang, Length thickness, boolean hasPins, boolean isBedded) {

    /** How far the handle has come. */
    public enum Moment {
        BEFORE_HOLES("Before the alignment holes"),
        AFTER_HOLES("After the alignment holes"),
        AFTER_BEDDING("After bedding"),
        AFTER_SHAPING("After shaping"),
        AFTER_GLUE("After the final glue");

        private final String words;

        Moment(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** @param isPossible whether it can still be done at all */
    public record Change(Moment moment, List<String> words, boolean isPossible) {}

    /** At every moment that such a handle has, the first one first. */
    public List<Change> changes(Units units) {
        List<Change> changes = new ArrayList<>();
        for (Moment moment : Moment.values()) {
            words(moment, units)
                    .ifPresent(words -> changes.add(new Change(moment, words, moment != Moment.AFTER_GLUE)));
        }
        return List.copyOf(changes);
    }

    private Optional<List<String>> words(Moment moment, Units units) {
        return switch (moment) {
            case BEFORE_HOLES ->
                Optional.of(List.of(longer(units), "Nothing else is made to the old stack yet: list it anew."));
            case AFTER_HOLES ->
                hasPins
                        ? Optional.of(List.of(
                                longer(units),
                                "Glue it lightly to the guard and drill it through the guard's holes: drilled by itself it never lines up.",
                                "Its holes stay hidden between the parts, and so does a plug where one went wrong.",
                                "Every pin is longer by " + thickness.in(units) + "."))
                        : Optional.empty();
            case AFTER_BEDDING ->
                isBedded
                        ? Optional.of(List.of(
                                longer(units),
                                "The block stands further back, where the tang is " + thinner(units)
                                        + ": the bed no longer bears there.",
                                "Face the block back by " + thickness.in(units) + ", or bed it again."))
                        : Optional.empty();
            case AFTER_SHAPING ->
                Optional.of(List.of(
                        longer(units),
                        "Make it over size, and shape it flush: its neighbours are touched again, and so is their finish.",
                        "The handle grows by " + thickness.in(units) + ", or the block is faced back by it."));
            case AFTER_GLUE -> Optional.of(List.of("The handle would have to come off: make a new one."));
        };
    }

    private String longer(Units units) {
        Length total = stack.total(units).value();
        Length left = stack.proud(units).value().minus(thickness);
        Working line = new Working(units);
        String sum = "The stack becomes " + line.of(total) + " + " + line.of(thickness)
                + line.comesTo(total.plus(thickness)) + "; ";
        return sum
                + (left.isPositive()
                        ? "the tang then stands out by " + left.in(units) + "."
                        : "the tang then ends " + left.absolute().in(units) + " before its end.");
    }

    private String thinner(Units units) {
        double front = stack.parts().stream()
                .filter(part -> part.kind() == StackPart.Kind.BLOCK)
                .findFirst()
                .map(block -> stack.from(block).millimetres())
                .orElse(0d);
        double by = tang.widthAt(front) - tang.widthAt(front + thickness.millimetres());
        return Length.ofMillimetres(Math.max(0, by)).in(units) + " narrower";
    }
}
