package hiltboard.server.etch;

import hiltboard.core.etch.EtchRecipe;
import hiltboard.core.etch.UsualEtches;
import hiltboard.server.Refusal;
import hiltboard.server.etch.EtchRecipeRepository.OwnRecipe;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/**
 * Every recipe that can be chosen, by its name in the data: {@code usual:grey}, {@code own:3}, and {@code run:12} for
 * one that is done as it was done on another knife. Belongs into a transaction of the caller.
 */
@Component
class EtchBook {
    private static final String USUAL = "usual:";
    private static final String OWN = "own:";
    private static final String RUN = "run:";
    private static final String MASK = "mask:";

    private final EtchRecipeRepository recipes;
    private final TankRunRepository runs;
    private final MaskRepository masks;

    EtchBook(EtchRecipeRepository recipes, TankRunRepository runs, MaskRepository masks) {
        this.recipes = recipes;
        this.runs = runs;
        this.masks = masks;
    }

    /** @param version zero where it is common practice, and has none */
    record InTheBook(String key, EtchRecipe recipe, String origin, int version) {
        static InTheBook usual(String key, EtchRecipe recipe) {
            return new InTheBook(USUAL + key, recipe, UsualEtches.ORIGIN, 0);
        }

        static InTheBook own(OwnRecipe own) {
            return new InTheBook(
                    OWN + own.id(),
                    own.recipe(),
                    "The shop’s own, version " + own.version() + " by " + own.by(),
                    own.version());
        }

        boolean isOwn() {
            return version > 0;
        }
    }

    /** The shop's own first. */
    List<InTheBook> all() {
        return Stream.concat(
                        recipes.own().stream().map(InTheBook::own),
                        UsualEtches.keys().stream()
                                .map(key -> InTheBook.usual(
                                        key, UsualEtches.withKey(key).orElseThrow())))
                .toList();
    }

    /** @throws Refusal if nothing is called so any more */
    InTheBook find(String key) {
        return found(key)
                .orElseThrow(() -> Refusal.entry(
                        "recipe",
                        key,
                        "There is no such recipe any more",
                        "one of the recipes, or one that a knife was etched by"));
    }

    /** By the openings of the piece's own mask; empty where none is drawn. */
    Optional<InTheBook> byMask(long piece) {
        return masks.of(piece)
                .map(row -> new InTheBook(
                        MASK + piece, UsualEtches.byMask(row.schedule()), "By its own mask, drawn by " + row.by(), 0));
    }

    private Optional<InTheBook> found(String key) {
        if (key.startsWith(MASK)) {
            return number(key.substring(MASK.length())).flatMap(this::byMask);
        }
        if (key.startsWith(USUAL)) {
            String usual = key.substring(USUAL.length());
            return UsualEtches.withKey(usual).map(recipe -> InTheBook.usual(usual, recipe));
        }
        if (key.startsWith(OWN)) {
            return number(key.substring(OWN.length())).flatMap(recipes::own).map(InTheBook::own);
        }
        return key.startsWith(RUN)
                ? number(key.substring(RUN.length()))
                        .map(runs::run)
                        .map(run -> new InTheBook(key, run.run().recipe(), "As it was done before", 0))
                : Optional.empty();
    }

    private static Optional<Long> number(String digits) {
        return digits.matches("\\d{1,15}") ? Optional.of(Long.valueOf(digits)) : Optional.empty();
    }
}
