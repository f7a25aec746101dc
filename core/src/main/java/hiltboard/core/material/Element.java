package hiltboard.core.material;

/** An element that steel is alloyed with, by its symbol. */
public enum Element {
    C,
    SI,
    MN,
    P,
    S,
    CR,
    NI,
    MO,
    V,
    W,
    CO,
    N,
    CU,
    NB;

    public String symbol() {
        return name().charAt(0) + name().substring(1).toLowerCase(java.util.Locale.ROOT);
    }
}
