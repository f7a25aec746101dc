package hiltboard.core.stock;

import java.util.Arrays;
import java.util.Optional;

/** What kind of thing lies on the rack. */
public enum StockKind {
    BAR("Bar", "Bars", Counted.LENGTH),
    BILLET("Billet", "Billets", Counted.LENGTH),
    BLOCK("Block or plank", "Blocks and planks", Counted.PIECES),
    SCALES("Pair of scales", "Scales", Counted.PAIRS),
    ROD("Rod", "Rods", Counted.LENGTH),
    TUBE("Tube", "Tubes", Counted.LENGTH),
    FASTENER("Fastener", "Fasteners", Counted.PIECES),
    FITTING("Fitting", "Fittings", Counted.PIECES),
    LEATHER("Leather", "Leather", Counted.AREA),
    ADHESIVE("Adhesive", "Adhesives", Counted.GRAMS),
    BATH("Bath", "Baths", Counted.MILLILITRES),
    STENCIL("Stencil", "Stencils", Counted.MARKS),
    ABRASIVE("Abrasive", "Abrasives", Counted.PIECES),
    CUTTER("Cutter", "Cutters", Counted.PIECES),
    GAUGE("Gauge", "Gauges", Counted.PIECES);

    private final String words;
    private final String rack;
    private final Counted counted;

    StockKind(String words, String rack, Counted counted) {
        this.words = words;
        this.rack = rack;
        this.counted = counted;
    }

    public static Optional<StockKind> named(String name) {
        return Arrays.stream(values())
                .filter(kind -> kind.name().equalsIgnoreCase(name.strip()))
                .findFirst();
    }

    public String words() {
        return words;
    }

    /** What stands over the rack. */
    public String rack() {
        return rack;
    }

    public Counted counted() {
        return counted;
    }

    /** Sawn to length: each piece is a lot of its own, because what is left of it is its own length. */
    public boolean isSawn() {
        return counted == Counted.LENGTH;
    }

    /** Used again and again: a use is written down, and nothing gets less. */
    public boolean isKept() {
        return this == BATH || this == CUTTER || this == GAUGE;
    }
}
