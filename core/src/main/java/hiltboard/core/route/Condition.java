package hiltboard.core.route;

import java.time.Duration;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/** What a piece is at a moment, beyond how far it has come: operations change it, and rules ask for it. */
public enum Condition {
    ANNEALED("annealed"),
    CLAYED("under clay"),
    UNTEMPERED("hardened, untempered: brittle"),
    TEMPERED("tempered"),
    AWAY("at the treater's"),
    MARKED("marked"),
    DEGREASED("degreased for the bath", Duration.ofMinutes(15)),
    ACID("acid on it"),
    ETCHED("etched"),
    FINISHED("blade finished"),
    WRAPPED("wrapped"),
    FITTING_UNTEMPERED("fitting hardened, untempered: brittle"),
    GREASED("release agent on it"),
    BEDDED("bedded"),
    CLEANED("cleaned for the glue", Duration.ofHours(1)),
    WET_GLUE("adhesive wet"),
    GLUED("glued"),
    HANDLED("handle on it"),
    CEMENTED("contact cement tacky", Duration.ofMinutes(30)),
    SHARP("sharp"),
    FLAW_OPEN("a flaw waits for a decision");

    /**
     * What a piece stays until work changes it back: opening a step again on paper takes no handle off and makes no
     * hard steel soft.
     */
    static final Set<Condition> OF_THE_BODY =
            Collections.unmodifiableSet(EnumSet.of(ANNEALED, UNTEMPERED, TEMPERED, FITTING_UNTEMPERED, HANDLED));

    private final String words;
    private final Optional<Duration> lasts;

    Condition(String words) {
        this.words = words;
        this.lasts = Optional.empty();
    }

    /** One that is lost by itself. Usual times of the trade, from memory: fingers, dust and drying take it. */
    Condition(String words, Duration lasts) {
        this.words = words;
        this.lasts = Optional.of(lasts);
    }

    public String words() {
        return words;
    }

    /** How long it lasts once the work is done and its rest is up; empty where only other work changes it. */
    public Optional<Duration> lasts() {
        return lasts;
    }

    public boolean isFleeting() {
        return lasts.isPresent();
    }
}
