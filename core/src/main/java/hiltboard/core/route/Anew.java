package hiltboard.core.route;

import java.util.Collection;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;

/**
 * What of a piece is new once this work is done again: what was measured of the old one no longer counts. Steel that is
 * only ground or heated again is the same steel.
 */
public record Anew(Set<Fresh> parts) {

    /** What can be new. */
    public enum Fresh {
        /** Another bar is taken. */
        STEEL,
        TANG_HOLES,
        /** Holes in scales or sides. */
        HANDLE_HOLES,
        EDGE,
        ETCH,
        MARK,
        GUARD,
        /** The guard is driven on once more. */
        GUARD_FIT,
        SPACER,
        BLOCK,
        SCALES,
        /** It is glued once more. */
        GLUE,
        /** A sheath is cut anew, or tried once more. */
        SHEATH
    }

    private static final Map<Fresh, Set<Trait>> MADE_BY = Map.ofEntries(
            Map.entry(Fresh.STEEL, EnumSet.of(Trait.MEASURES_STOCK)),
            Map.entry(Fresh.TANG_HOLES, EnumSet.of(Trait.MEASURES_STOCK, Trait.MAKES_TANG_HOLES)),
            Map.entry(Fresh.HANDLE_HOLES, EnumSet.of(Trait.DRILLS_SCALES, Trait.MAKES_SIDES)),
            Map.entry(Fresh.EDGE, EnumSet.of(Trait.MEASURES_STOCK, Trait.SHARPENS)),
            Map.entry(Fresh.ETCH, EnumSet.of(Trait.MEASURES_STOCK, Trait.ETCHES)),
            Map.entry(Fresh.MARK, EnumSet.of(Trait.MEASURES_STOCK, Trait.MARKS)),
            Map.entry(Fresh.GUARD, EnumSet.of(Trait.CUTS_GUARD)),
            Map.entry(Fresh.GUARD_FIT, EnumSet.of(Trait.CUTS_GUARD, Trait.FITS_GUARD)),
            Map.entry(Fresh.SPACER, EnumSet.of(Trait.MAKES_SPACER)),
            Map.entry(Fresh.BLOCK, EnumSet.of(Trait.OPENS_CAVITY)),
            Map.entry(Fresh.SCALES, EnumSet.of(Trait.FLATTENS_SCALES)),
            Map.entry(Fresh.GLUE, Trait.MIXES_ADHESIVE),
            Map.entry(Fresh.SHEATH, EnumSet.of(Trait.CUTS_SHEATH, Trait.PRESSES_SHEATH, Trait.TRIAL_FITS_SHEATH)));

    public Anew {
        parts = Set.copyOf(parts);
    }

    public static Anew of(Collection<Operation> again) {
        Set<Fresh> parts = EnumSet.noneOf(Fresh.class);
        MADE_BY.forEach((fresh, traits) -> {
            if (again.stream().anyMatch(operation -> traits.stream().anyMatch(operation::is))) {
                parts.add(fresh);
            }
        });
        return new Anew(parts);
    }

    public boolean has(Fresh fresh) {
        return parts.contains(fresh);
    }
}
