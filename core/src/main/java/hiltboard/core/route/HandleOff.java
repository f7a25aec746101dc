package hiltboard.core.route;

import static hiltboard.core.route.Trait.*;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Work that no handle bears: what burns it, what drowns it, and what it hides. Common practice. */
final class HandleOff {
    static final Set<Trait> FIRE = kinds(
            NORMALISES,
            ANNEALS,
            SENDS_OUT,
            COATS_WITH_CLAY,
            COATS_AGAINST_SCALE,
            WRAPS_FOIL,
            HARDENS,
            COLD_TREATS,
            FIRST_TEMPER,
            LAST_TEMPER,
            SOFTENS,
            FORGES_ON);
    static final Set<Trait> BATHS = kinds(TEST_ETCHES_EDGE, BATHES_WHOLE, TUMBLES);
    /** A folder is taken apart for it. */
    static final Set<Trait> HIDDEN = kinds(
            DRILLS_SOFT_STEEL,
            TRUES_TANG,
            MEASURES_FOR_GUARD,
            MEASURES_EYE,
            FITS_GUARD,
            FINISHES_GUARD,
            CHASES_THREAD,
            DRILLS_ALIGNMENT,
            DRILLS_SCALES,
            PINS_FOR_A_WHILE,
            SHAPES_ON_TEMPORARY_PINS,
            OPENS_CAVITY,
            RELEASES,
            BEDS,
            SHAPES_OFF_KNIFE,
            DRY_FITS,
            CLEANS_FOR_GLUE,
            GLUES_HANDLE,
            ASSEMBLES,
            FITS_HAFT,
            FITS_STOP,
            DRILLS_DETENT);
    /** All of it, with what leads into a bath. */
    static final Set<Trait> ALL = Stream.of(FIRE, kinds(DEGREASES_FOR_ETCH, ETCHES, TUMBLES, TEST_ETCHES_EDGE), HIDDEN)
            .flatMap(Set::stream)
            .collect(Collectors.toUnmodifiableSet());

    private HandleOff() {}

    private static Set<Trait> kinds(Trait first, Trait... more) {
        return Collections.unmodifiableSet(EnumSet.of(first, more));
    }
}
