package hiltboard.core.route;

import java.util.Collection;

/**
 * What of a piece is new metal, wood or edge once this work is done again: what was measured of the old one no longer
 * counts. Steel that is only ground or heated again is the same steel.
 *
 * @param steel whether another bar is taken
 * @param tangHoles whether the holes in the steel are drilled again
 * @param handleHoles whether those in scales or sides are
 * @param edge whether the knife is sharpened again
 * @param etch whether the blade is etched again
 * @param mark whether it is marked again
 */
public record Anew(boolean steel, boolean tangHoles, boolean handleHoles, boolean edge, boolean etch, boolean mark) {
    public static Anew of(Collection<Operation> again) {
        boolean isNewSteel = any(again, Trait.MEASURES_STOCK);
        return new Anew(
                isNewSteel,
                isNewSteel || any(again, Trait.MAKES_TANG_HOLES),
                any(again, Trait.DRILLS_SCALES) || any(again, Trait.MAKES_SIDES),
                isNewSteel || any(again, Trait.SHARPENS),
                isNewSteel || any(again, Trait.ETCHES),
                isNewSteel || any(again, Trait.MARKS));
    }

    private static boolean any(Collection<Operation> again, Trait trait) {
        return again.stream().anyMatch(operation -> operation.is(trait));
    }
}
