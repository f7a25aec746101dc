package hiltboard.core.etch;

import java.time.Duration;

/** Which current goes through a stencil. The names stay the same for ever. */
public enum Current {
    DIRECT("Direct: digs deep, stays pale", Duration.ofMinutes(3)),
    ALTERNATING("Alternating: dark, hardly any depth", Duration.ofSeconds(30)),
    BOTH("Direct first for depth, then alternating to darken", Duration.ofMinutes(3));

    private final String words;
    private final Duration usual;

    Current(String words, Duration usual) {
        this.words = words;
        this.usual = usual;
    }

    public String words() {
        return words;
    }

    /** Three minutes for a deep mark, thirty seconds for a light one; common practice. */
    public Duration usual() {
        return usual;
    }

    public boolean digs() {
        return this != ALTERNATING;
    }
}
