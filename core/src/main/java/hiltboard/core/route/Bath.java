package hiltboard.core.route;

import hiltboard.core.design.Specification;
import java.time.Duration;

/**
 * How a finish is etched: the recipe, what of it is hands-on, and what goes by in the bath while somebody only looks
 * in. Recipes in use in the trade, no published source; a shop's own times come first.
 *
 * @param rest in the bath in all, between the looks and the sanding; nothing where it is over in seconds
 * @param words what it rests in
 * @param good what it looks like when it has been in long enough
 * @param caution what can hurt beside the acid itself; empty where nothing
 */
record Bath(String recipe, Effort effort, Duration rest, String words, String good, String caution) {
    private static final String LOOKED_AT = "in the bath: look in every few minutes";
    private static final String DARK = "It is dark and even; where it is not, it goes back in.";

    static Bath of(Specification spec) {
        return switch (spec.finish()) {
            case ETCHED_GREY ->
                new Bath(
                        "Twenty to thirty seconds for an even grey.",
                        Effort.ETCH_GREY,
                        Duration.ZERO,
                        "",
                        "The grey is even all over.",
                        "");
            case VALLEY_AND_PEAK ->
                resting(
                        "5, 8, 10 and 10 minutes, soap between.",
                        Effort.ETCH_VALLEYS,
                        33,
                        LOOKED_AT,
                        "It is dark enough before anything is sanded: sanding never makes it darker.",
                        "");
            case HAMON ->
                resting(
                        "Lemon juice, 10 to 15 minutes a round, eight rounds or so, polishing between; ferric chloride is about "
                                + "ten times faster and bolder.",
                        Effort.ETCH_HAMON,
                        120,
                        "rounds in the bath: look in every few minutes",
                        "The line shows along the whole edge.",
                        "");
            case PATTERN ->
                resting(
                        "Three to five cycles of 5 minutes with 3000 grit between; strong hot coffee for an hour afterwards "
                                + "darkens.",
                        Effort.ETCH_PATTERN,
                        80,
                        "in the bath, then in the coffee: look in every few minutes",
                        "A fingernail catches in the pattern: deep enough to survive sanding. A slight rainbow is no fault.",
                        "Strong hot coffee scalds; label the vessel: not for drinking.");
            case TWO_TONE_MASKED ->
                resting(
                        "First opening 3 minutes; lift the second areas, then 30 seconds more: the first goes on "
                                + "etching.",
                        Effort.ETCH_MASKED,
                        4,
                        LOOKED_AT,
                        "The two tones are told apart at arm's length.",
                        "");
            default ->
                spec.steel().stainless()
                        ? resting(
                                "60 to 90 minutes for stainless, longer in an old bath.",
                                Effort.ETCH_DARK_STAINLESS,
                                75,
                                "in the tank: look in every ten minutes",
                                DARK,
                                "")
                        : resting(
                                "Two to three minutes, three or four times, fine steel wool between.",
                                Effort.ETCH_DARK,
                                10,
                                LOOKED_AT,
                                DARK,
                                Cautions.STEEL_WOOL);
        };
    }

    private static Bath resting(String recipe, Effort effort, int minutes, String words, String good, String caution) {
        return new Bath(recipe, effort, Duration.ofMinutes(minutes), words, good, caution);
    }
}
