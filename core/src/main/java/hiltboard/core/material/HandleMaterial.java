package hiltboard.core.material;

/** What a handle is made of, with what drilling, gluing and dust ask of the maker. Common practice of the trade. */
public enum HandleMaterial {
    HICKORY(
            "Shagbark hickory",
            "Back it with a flat board, clamped: without it the exit breaks out.",
            "",
            Dust.WOOD,
            Density.ofWood(0.72)),
    ASH(
            "White ash",
            "Back it with a flat board, clamped: without it the exit breaks out.",
            "",
            Dust.WOOD,
            Density.ofWood(0.60)),
    WALNUT(
            "Black walnut",
            "Back it with a flat board, clamped: without it the exit breaks out.",
            "",
            Dust.WOOD,
            Density.ofWood(0.55)),
    MAPLE(
            "Sugar maple",
            "Back it with a flat board, clamped: without it the exit breaks out.",
            "",
            Dust.WOOD,
            Density.ofWood(0.63)),
    DENSE_OILY_WOOD(
            "Dense oily hardwood",
            "Clear the flutes at every peck; back it with a board.",
            "Wipe the glue faces with solvent just before gluing: the oil keeps the adhesive off.",
            Dust.WOOD,
            new Density(1.1)),
    BURL(
            "Burl",
            "Back it with a board; fill voids before shaping.",
            "Fill open voids before gluing.",
            Dust.WOOD,
            new Density(0.7)),
    STABILISED_WOOD(
            "Stabilised wood",
            "Back it with a flat board, clamped: without it the exit breaks out.",
            "",
            Dust.WOOD,
            new Density(1.0)),
    BONE("Bone", "Drill slowly, clear the dust often; back it with a board.", "", Dust.BONE, new Density(1.9)),
    ANTLER("Antler", "Drill slowly, clear the dust often; back it with a board.", "", Dust.BONE, new Density(1.6)),
    HORN(
            "Horn",
            "Drill slowly: it softens and smells when it is hot; back it with a board.",
            "",
            Dust.BONE,
            new Density(1.3)),
    LAYERED_TUSK(
            "Layered tusk-like material",
            "An end mill, not a twist drill: it chips. Tape does not help; back it with a board.",
            "",
            Dust.BONE,
            new Density(1.8)),
    GLASS_EPOXY(
            "Glass-epoxy laminate (NEMA G-10)",
            "Carbide lasts; a board under it keeps the exit clean.",
            "",
            Dust.FIBRE,
            new Density(1.85)),
    CANVAS_PHENOLIC(
            "Canvas phenolic laminate (NEMA C)",
            "Back it with a flat board, clamped: without it the exit breaks out.",
            "",
            Dust.FIBRE,
            new Density(1.35)),
    CARBON_FIBRE(
            "Carbon fibre", "Drill slowly, backed with a board; it eats tools.", "", Dust.FIBRE, new Density(1.55)),
    CAST_RESIN(
            "Cast resin", "Slow speed, light feed: it melts; back it with a board.", "", Dust.FIBRE, new Density(1.15)),
    TITANIUM(
            "Titanium",
            "Sharp drill, slow speed, steady feed, backed with a plate; it springs back.",
            "",
            Dust.TITANIUM,
            new Density(4.43));

    private enum Dust {
        WOOD("Wood dust: extraction and a mask; some woods sensitise. No sparks into wood dust."),
        BONE("Bone and antler dust: extraction and a fitted mask."),
        FIBRE("Glass, carbon and resin dust: extraction, a fitted mask, cover the skin."),
        TITANIUM("Titanium fines burn: extraction without sparks, sweep up at once, a class D extinguisher at hand, "
                + "no steel sparks into them.");

        private final String caution;

        Dust(String caution) {
            this.caution = caution;
        }
    }

    private final String words;
    private final String drilling;
    private final String gluing;
    private final Dust dust;
    private final Density density;

    HandleMaterial(String words, String drilling, String gluing, Dust dust, Density density) {
        this.words = words;
        this.drilling = drilling;
        this.gluing = gluing;
        this.dust = dust;
        this.density = density;
    }

    public String words() {
        return words;
    }

    public String drilling() {
        return drilling;
    }

    /** What sawing it asks beyond the usual; empty where nothing. Common practice. */
    public String sawing() {
        return switch (this) {
            case CARBON_FIBRE -> "Carbon fibre cuts slowly and wears teeth: allow about twice the time.";
            case LAYERED_TUSK -> "It chips: a fine blade, slowly, the layers held together.";
            case DENSE_OILY_WOOD -> "Dense wood burns and blows out at the exit: a sharp blade, a board behind it.";
            default -> "";
        };
    }

    /** What gluing it asks beyond the usual; empty where nothing. */
    public String gluing() {
        return gluing;
    }

    /** How far it is sanded before its surface is closed. Common practice: what shows every scratch goes furthest. */
    public String finalGrit() {
        return switch (this) {
            case CARBON_FIBRE -> "2500 or 3000";
            case CAST_RESIN -> "at least 1000, better 2000";
            case STABILISED_WOOD, BONE, ANTLER, HORN, LAYERED_TUSK -> "1000";
            case TITANIUM, GLASS_EPOXY, CANVAS_PHENOLIC -> "600";
            case HICKORY, ASH, WALNUT, MAPLE, DENSE_OILY_WOOD, BURL -> "400";
        };
    }

    /** The number of the last paper of {@link #finalGrit}, by FEPA. */
    public int finestGrit() {
        return switch (this) {
            case CARBON_FIBRE -> 2500;
            case CAST_RESIN -> 2000;
            case STABILISED_WOOD, BONE, ANTLER, HORN, LAYERED_TUSK -> 1000;
            case TITANIUM, GLASS_EPOXY, CANVAS_PHENOLIC -> 600;
            case HICKORY, ASH, WALNUT, MAPLE, DENSE_OILY_WOOD, BURL -> 400;
        };
    }

    /** Whether it is finished with oil, which dries overnight between thin coats: wood that nothing has closed. */
    public boolean takesOil() {
        return dust == Dust.WOOD && this != STABILISED_WOOD;
    }

    /** Whether a pin that is set too near its edge splits it: wood, horn, bone and what grows like them. */
    public boolean splitsAtHoles() {
        return dust == Dust.WOOD || dust == Dust.BONE;
    }

    /**
     * Whether it makes a haft: straight-grained hardwood that bends under blows instead of breaking. Common practice.
     */
    public boolean bearsBlows() {
        return this == HICKORY || this == ASH || this == MAPLE || this == WALNUT;
    }

    /** Whether water gets into it: what grew, and was not closed with resin. Common practice. */
    public boolean swells() {
        return splitsAtHoles() && this != STABILISED_WOOD;
    }

    /**
     * Whether some of what goes by this name is protected: tusk and what is like it, horn, bone, dense tropical wood.
     * Common practice; the law where you are decides.
     */
    public boolean mayBeProtected() {
        return this == LAYERED_TUSK || this == HORN || this == BONE || this == DENSE_OILY_WOOD;
    }

    public String dustCaution() {
        return dust.caution;
    }

    /**
     * Hickory, ash, walnut and maple from the Wood Handbook (USDA Forest Products Laboratory, table of mechanical
     * properties), from memory; the others usual values of the trade, from memory: weigh a block to know your own.
     */
    public Density density() {
        return density;
    }
}
