package hiltboard.core.route;

import hiltboard.core.design.Specification;
import java.time.Duration;

/**
 * How a finish is etched: the recipe, what of it is hands-on, and what goes by in the bath while somebody only looks in. Recipes in use in
 * the trade, no published source; a shop's own times come first.
 *
 * @param rest in the bath in all, between the looks and the sanding; nothing where it is over in seconds
 * @param words what it rests in
 * @param caution what can hurt beside the acid itself; empty where nothing
 */
record Bath(String recipe, int attendedMinutes, Duration rest, String words, String caution) {
    private static final String LOOKED_AT = "in the bath: look in every few minutes";

    static Bath of(Specification spec) {
        return switch (spec.finish()) {
            case ETCHED_GREY -> new Bath("Twenty to thirty seconds for an even grey.", 15, Duration.ZERO, "", "");
            case VALLEY_AND_PEAK -> resting("5, 8, 10 and 10 minutes, soap between.", 25, 33, LOOKED_AT, "");
            case HAMON -> resting("Lemon juice, 10 to 15 minutes a round, polishing between; ferric chloride is about ten times faster and bolder.", 45, 60, "four rounds in the bath: look in every few minutes", "");
            case PATTERN -> resting("Three to five cycles of 5 minutes with 3000 grit between; strong hot coffee for an hour afterwards darkens.", 30, 80, "in the bath, then in the coffee: look in every few minutes",
                    "Strong hot coffee scalds; label the vessel: not for drinking.");
            case TWO_TONE_MASKED -> resting("First opening 3 minutes, then open the rest for 30 seconds: the first goes on etching.", 20, 4, LOOKED_AT, "");
            default -> spec.steel().stainless() ? resting("About an hour for stainless, longer in an old bath.", 15, 60, "in the tank: look in every ten minutes", "")
                    : resting("Two to three minutes, three or four times, fine steel wool between.", 25, 10, LOOKED_AT, Cautions.STEEL_WOOL);
        };
    }

    private static Bath resting(String recipe, int attended, int minutes, String words, String caution) {
        return new Bath(recipe, attended, Duration.ofMinutes(minutes), words, caution);
    }
}
