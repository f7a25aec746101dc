package hiltboard.core.etch;

import java.util.List;

/** What stands in a bath of the tank. The names stay the same for ever. */
public enum Liquid {
    FERRIC_WATER("Ferric chloride in water", "ferric chloride", "water", Kind.FERRIC),
    FERRIC_VINEGAR("Ferric chloride in vinegar", "ferric chloride", "vinegar", Kind.FERRIC),
    FRUIT_ACID("Fruit acid", "lemon juice or citric acid", "water", Kind.MILD),
    COFFEE("Coffee", "instant coffee", "hot water", Kind.MILD),
    VINEGAR("Vinegar", "vinegar", "water", Kind.MILD),
    NEUTRALISER("Neutraliser", "soda, soap or cleaner", "water", Kind.HELPER),
    DEGREASER("Degreaser", "acetone or cleaner", "water", Kind.HELPER);

    private enum Kind {
        FERRIC,
        MILD,
        HELPER
    }

    private final String words;
    private final String first;
    private final String second;
    private final Kind kind;

    Liquid(String words, String first, String second, Kind kind) {
        this.words = words;
        this.first = first;
        this.second = second;
        this.kind = kind;
    }

    public String words() {
        return words;
    }

    /** What it is mixed from, as it stands before the colon of a : b. */
    public String first() {
        return first;
    }

    public String second() {
        return second;
    }

    public boolean isFerric() {
        return kind == Kind.FERRIC;
    }

    /** Whether it eats or darkens steel, and so has blades in it on a clock. */
    public boolean etches() {
        return kind != Kind.HELPER;
    }

    /** What becomes of it when it is thrown away, where local rules do not say otherwise. */
    public String waste() {
        return switch (this) {
            case FERRIC_WATER, FERRIC_VINEGAR ->
                "Neutralised in its own vessel, collected with its sludge in a labelled can, and taken to the hazardous "
                        + "waste: iron and what it took from the blades. Never into a drain.";
            case FRUIT_ACID, VINEGAR, COFFEE ->
                "It holds iron and alloying metals of every blade that was in it: collected and taken with the tank’s "
                        + "waste, where local rules do not say otherwise.";
            case NEUTRALISER ->
                "It holds what it washed off: with the tank’s waste, where local rules do not say otherwise.";
            case DEGREASER -> "With the solvents, in a closed metal can. Never into a drain, never beside a flame.";
        };
    }

    public List<String> cautions() {
        return switch (this) {
            case FERRIC_WATER ->
                List.of(
                        "Ferric chloride: goggles, gloves, apron; it stains and eats metal. Never into a drain.",
                        LABEL);
            case FERRIC_VINEGAR ->
                List.of(
                        "Ferric chloride: goggles, gloves, apron; it stains and eats metal. Never into a drain.",
                        "With vinegar in a tall narrow tube: a tight cap builds pressure. A loose lid, a stand, a tray; no flame.",
                        LABEL);
            case FRUIT_ACID -> List.of("Mild as it is, it stings in eyes and cuts: goggles, gloves.", LABEL);
            case COFFEE -> List.of("Strong hot coffee scalds. Label the vessel: not for drinking.");
            case VINEGAR -> List.of("Goggles; fumes sting in a closed room.", LABEL);
            case NEUTRALISER ->
                List.of(
                        "Trisodium phosphate is caustic: gloves, goggles, not on aluminium. Never ammonia cleaner with bleach, "
                                + "never into the acid.",
                        LABEL);
            case DEGREASER -> List.of("Solvent: fresh air, gloves, no flame or spark, rags into a closed metal can.");
        };
    }

    private static final String LABEL = "A label with content and date: vinegar and acid look like drink.";
}
