package hiltboard.core.route;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * What the day does to the work, where no instrument of a piece reads it. Common practice of the trade, no published
 * source.
 */
public enum DayCondition {
    LIGHT(
            "Light at the forge",
            new Answer("SHADE", "Shade", "Heat colours read true."),
            new Answer(
                    "DUSK",
                    "Dusk or night",
                    "Heat colours look hotter than they are: a dull red that seems enough is not. Trust the magnet, and "
                            + "a coupon of known heat."),
            new Answer(
                    "DAYLIGHT",
                    "Bright daylight",
                    "Heat colours fade: steel looks colder than it is, and is overheated. Close the doorway, a square "
                            + "tube over the flame, or wait for shade.")),
    AIR(
            "Air at the bench",
            new Answer("DRY", "Dry", "Nothing of it harms glue, oil or cement; dry air gives shocks at the buffer."),
            new Answer(
                    "DAMP",
                    "Damp",
                    "Damp air clouds cyanoacrylate, leaves a greasy film on epoxy and keeps cement from turning tacky: "
                            + "warm the parts, wait longer, wash the film off before anything goes over it."));

    private final String words;
    private final List<Answer> answers;

    DayCondition(String words, Answer... answers) {
        this.words = words;
        this.answers = List.of(answers);
    }

    /** One way that it can be. @param effect what it does to the work, in the maker's words */
    public record Answer(String name, String words, String effect) {}

    public String words() {
        return words;
    }

    public List<Answer> answers() {
        return answers;
    }

    public Optional<Answer> answer(String name) {
        return answers.stream().filter(each -> each.name().equals(name)).findFirst();
    }

    public static Optional<DayCondition> named(String name) {
        return Arrays.stream(values()).filter(each -> each.name().equals(name)).findFirst();
    }

    /** What the day has to be asked for before this work. */
    public static List<DayCondition> askedAt(Operation operation) {
        boolean isByColour = operation.station() == Station.FORGE
                && (operation.is(Trait.FORGES_ON) || operation.is(Trait.HARDENS) || operation.is(Trait.SOFTENS));
        boolean isOfTheAir = operation.isAnyOf(Trait.MIXES_ADHESIVE)
                || operation.is(Trait.CEMENTS)
                || operation.is(Trait.FINISHES_HANDLE);
        return Arrays.stream(values())
                .filter(each -> each == LIGHT ? isByColour : isOfTheAir)
                .toList();
    }
}
