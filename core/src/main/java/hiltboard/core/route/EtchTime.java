package hiltboard.core.route;

import hiltboard.core.design.Finish;
import hiltboard.core.design.Specification;
import hiltboard.core.etch.EtchRecipe;
import hiltboard.core.etch.Liquid;
import hiltboard.core.etch.UsualEtches;
import java.time.Duration;
import java.util.Locale;

/**
 * How a finish is etched by its usual recipe: what of it is hands-on, and what goes by in the bath while somebody only
 * looks in.
 *
 * @param rest in the bath and the baths after it in all; nothing where it is over in seconds
 * @param words what it rests in
 * @param good what it looks like when it has been in long enough
 * @param caution what can hurt beside the acid itself; empty where nothing
 */
record EtchTime(EtchRecipe recipe, Effort effort, Duration rest, String words, String good, String caution) {
    private static final String LOOKED_AT = "in the bath: look in every few minutes";
    /** What is over sooner lets nobody go away. */
    private static final Duration SHORTEST = Duration.ofMinutes(2);

    static EtchTime of(Specification spec) {
        EtchRecipe recipe = UsualEtches.of(spec).orElseThrow();
        return new EtchTime(
                recipe, effort(spec), rest(recipe), words(spec, recipe), good(spec.finish()), caution(recipe));
    }

    private static Duration rest(EtchRecipe recipe) {
        Duration all = recipe.inTheBath().middle();
        for (EtchRecipe.AfterBath after : recipe.afterBaths()) {
            all = all.plus(after.time().middle());
        }
        return all.compareTo(SHORTEST) < 0 ? Duration.ZERO : Duration.ofMinutes((all.toSeconds() + 59) / 60);
    }

    private static Effort effort(Specification spec) {
        return switch (spec.finish()) {
            case ETCHED_GREY -> Effort.ETCH_GREY;
            case VALLEY_AND_PEAK -> Effort.ETCH_VALLEYS;
            case HAMON -> Effort.ETCH_HAMON;
            case PATTERN -> spec.isLaminated() ? Effort.ETCH_CLAD : Effort.ETCH_PATTERN;
            case TWO_TONE_MASKED -> Effort.ETCH_MASKED;
            default -> spec.steel().stainless() ? Effort.ETCH_DARK_STAINLESS : Effort.ETCH_DARK;
        };
    }

    private static String words(Specification spec, EtchRecipe recipe) {
        if (!recipe.afterBaths().isEmpty()) {
            return "in the bath, then in the "
                    + recipe.afterBaths().get(0).liquid().words().toLowerCase(Locale.ROOT)
                    + ": look in every few minutes";
        }
        return switch (spec.finish()) {
            case ETCHED_GREY -> "";
            case HAMON -> "rounds in the bath: look in every few minutes";
            default -> spec.steel().stainless() ? "in the tank: look in every ten minutes" : LOOKED_AT;
        };
    }

    private static String good(Finish finish) {
        return switch (finish) {
            case ETCHED_GREY -> "The grey is even all over.";
            case VALLEY_AND_PEAK -> "It is dark enough before anything is sanded: sanding never makes it darker.";
            case HAMON -> "The line shows along the whole edge.";
            case PATTERN ->
                "A fingernail catches in the pattern: deep enough to survive sanding. A slight rainbow is no fault.";
            case TWO_TONE_MASKED -> "The two tones are told apart at arm's length.";
            default -> "It is dark and even; where it is not, it goes back in.";
        };
    }

    private static String caution(EtchRecipe recipe) {
        boolean isWool = recipe.cycles().stream().anyMatch(cycle -> cycle.between() == EtchRecipe.Between.STEEL_WOOL);
        boolean isCoffee = recipe.afterBaths().stream().anyMatch(after -> after.liquid() == Liquid.COFFEE);
        return isCoffee
                ? "Strong hot coffee scalds; label the vessel: not for drinking."
                : isWool ? Cautions.STEEL_WOOL : "";
    }
}
