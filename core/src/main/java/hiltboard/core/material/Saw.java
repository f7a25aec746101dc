package hiltboard.core.material;

import hiltboard.core.measure.Length;

/** What a saw takes. */
public final class Saw {
    /** The cut of a bandsaw or a thin disc, with what it wanders; common practice of the trade, no published source. */
    public static final Length KERF = Length.ofInchFraction(1, 16);

    private Saw() {}
}
