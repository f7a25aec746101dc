package hiltboard.core.route;

import static hiltboard.core.route.Trait.*;

import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** What is done again to a knife that comes back. Its route is what of its own route that takes. Common practice. */
public enum Repair {
    EDGE("Sharpen it", Optional.empty(), SHARPENS, STROPS),
    SURFACE(
            "Finish the blade again",
            Optional.empty(),
            POLISHES,
            MASKS,
            DEGREASES_FOR_ETCH,
            ETCHES,
            BATHES_WHOLE,
            NEUTRALISES,
            SANDS_PEAKS,
            TUMBLES,
            FINISHES_BLADE,
            WRAPS_BLADE,
            SHARPENS,
            STROPS),
    HANDLE("A new handle", Optional.of(Part.HANDLE), DRY_FITS, CLEANS_FOR_GLUE, GLUES_HANDLE, CURES_HANDLE, ASSEMBLES),
    SHEATH("A new sheath", Optional.of(Part.SHEATH));

    /** A knife that goes out again is looked at, packed and handed over whatever was done to it. */
    private static final Set<Trait> ALWAYS = Collections.unmodifiableSet(
            EnumSet.of(READS_BRIEF, TRIES_EDGE, WRAPS_EDGE, CHECKS_LAST, PACKS, HANDS_OVER));

    private final String words;
    private final Optional<Part> part;
    private final Set<Trait> works;

    Repair(String words, Optional<Part> part, Trait... works) {
        this.words = words;
        this.part = part;
        this.works = works.length == 0 ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(Arrays.asList(works)));
    }

    public String words() {
        return words;
    }

    public static Optional<Repair> named(String name) {
        return Arrays.stream(values())
                .filter(repair -> repair.name().equals(name))
                .findFirst();
    }

    /** Whether there is anything of it to be done on such a knife: one without a sheath has no new one. */
    public boolean isFor(Route route) {
        return route.steps().stream().map(Route.Step::operation).anyMatch(this::asksFor);
    }

    private boolean asksFor(Operation operation) {
        return operation.isAnyOf(works) || part.equals(Optional.of(operation.part()));
    }

    /** Whether the old handle comes off first. */
    public boolean takesHandleOff() {
        return this == HANDLE;
    }

    /** The keys of the steps that are open again; all others stay done as they were. */
    public static Set<String> open(Route route, Collection<Repair> repairs) {
        return route.steps().stream()
                .map(Route.Step::operation)
                .filter(operation -> operation.isAnyOf(ALWAYS)
                        || operation.is(TAKES_HANDLE_OFF)
                        || repairs.stream().anyMatch(repair -> repair.asksFor(operation)))
                .map(Operation::key)
                .collect(Collectors.toUnmodifiableSet());
    }
}
