package hiltboard.core.etch;

import hiltboard.core.design.Specification;

/** Which steel a recipe is for. The names stay the same for ever. */
public enum EtchSteel {
    ANY("Any steel"),
    CARBON("Carbon steel"),
    STAINLESS("Stainless"),
    CLAD("Clad or pattern-welded");

    private final String words;

    EtchSteel(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** What a blade is of. */
    public static EtchSteel of(Specification spec) {
        if (spec.isFromBillet()) {
            return CLAD;
        }
        return spec.steel().stainless() ? STAINLESS : CARBON;
    }

    public boolean takes(EtchSteel blade) {
        return this == ANY || this == blade;
    }
}
