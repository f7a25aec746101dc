package hiltboard.core.route;

import java.util.Arrays;
import java.util.Comparator;
import java.util.Optional;

/** How far a sheath has come: it is a piece of its own beside its knife. */
public enum SheathState {
    NOT_CUT("Not cut yet", Optional.empty()),
    CUT("Cut", Optional.of(Trait.CUTS_SHEATH)),
    PRESSED("Pressed", Optional.of(Trait.PRESSES_SHEATH)),
    TRIMMED("Trimmed", Optional.of(Trait.TRIMS_SHEATH)),
    TRIED("Tried with its knife", Optional.of(Trait.TRIAL_FITS_SHEATH)),
    CLOSED("Closed", Optional.of(Trait.CLOSES_SHEATH)),
    STITCHED("Stitched", Optional.of(Trait.STITCHES)),
    FORMED("Formed", Optional.of(Trait.WET_FORMS)),
    FINISHED("Finished", Optional.of(Trait.FINISHES_SHEATH)),
    FITTED("Fitted to its knife", Optional.of(Trait.FITS_SHEATH));

    private final String words;
    private final Optional<Trait> by;

    SheathState(String words, Optional<Trait> by) {
        this.words = words;
        this.by = by;
    }

    public String words() {
        return words;
    }

    /** By the last work on it that is done. */
    public static SheathState of(Progress progress) {
        return Arrays.stream(values())
                .filter(state -> state.by.filter(progress::isDone).isPresent())
                .max(Comparator.naturalOrder())
                .orElse(NOT_CUT);
    }
}
