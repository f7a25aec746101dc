package hiltboard.core.fit;

import hiltboard.core.measure.Length;
import java.util.Optional;

/**
 * One part of a handle's stack.
 *
 * @param key by which it stays known
 * @param designed thickness along the tang
 * @param asMade as it was measured after it was made
 * @param faced as it was measured after its faces were rubbed flat
 */
public record StackPart(
        String key, Kind kind, String words, Length designed, Optional<Length> asMade, Optional<Length> faced) {

    /** What it is. */
    public enum Kind {
        BOLSTER,
        GUARD,
        SPACER,
        BLOCK,
        CAP,
        NUT
    }

    /** What counts. */
    public Length now() {
        return faced.or(() -> asMade).orElse(designed);
    }

    public boolean isMeasured() {
        return faced.isPresent() || asMade.isPresent();
    }
}
