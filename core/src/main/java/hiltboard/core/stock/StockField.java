package hiltboard.core.stock;

import static hiltboard.core.stock.StockKind.*;

import hiltboard.core.design.Option;
import hiltboard.core.glue.Adhesive;
import hiltboard.core.material.FittingMaterial;
import hiltboard.core.material.HandleMaterial;
import hiltboard.core.material.Steel;
import hiltboard.core.measure.LengthRange;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** One thing that is written down of stock: its label, what it accepts, and of which kinds it is asked. */
public enum StockField {
    WHAT("what", "What it is", Type.CHOICE, Of.ITEM, all(), true),
    NAME("name", "In your own words", Type.WORDS, Of.ITEM, all(), false),
    SECTION("section", "Section", Type.CHOICE, Of.ITEM, EnumSet.of(BAR, BILLET), true),
    THICKNESS(
            "thickness",
            "Thickness",
            Type.LENGTH,
            Of.ITEM,
            EnumSet.of(BAR, BILLET, BLOCK, SCALES, FITTING, LEATHER),
            false),
    THICKNESS_IS("thicknessIs", "The thickness is", Type.CHOICE, Of.ITEM, EnumSet.of(BLOCK), true),
    WIDTH("width", "Width", Type.LENGTH, Of.ITEM, EnumSet.of(BAR, BILLET, BLOCK, SCALES, FITTING, ABRASIVE), false),
    LENGTH_EACH(
            "lengthEach",
            "Length of each",
            Type.LENGTH,
            Of.ITEM,
            EnumSet.of(BLOCK, SCALES, FITTING, FASTENER, ABRASIVE),
            false),
    DIAMETER("diameter", "Diameter", Type.LENGTH, Of.ITEM, EnumSet.of(BAR, BILLET, ROD, TUBE, FASTENER, CUTTER), false),
    GRIT("grit", "Grit", Type.NUMBER, Of.ITEM, EnumSet.of(ABRASIVE), false),
    CONDITION("condition", "Condition", Type.CHOICE, Of.LOT, EnumSet.of(BAR, BILLET), true),
    WEAR("wear", "Worn", Type.CHOICE, Of.LOT, EnumSet.of(ABRASIVE), true),
    SHARPNESS("sharpness", "Sharpness", Type.CHOICE, Of.LOT, EnumSet.of(CUTTER), true),
    GRAIN("grain", "Grain runs", Type.CHOICE, Of.LOT, EnumSet.of(BLOCK, SCALES), true),
    VOIDS("voids", "Voids", Type.CHOICE, Of.LOT, EnumSet.of(BLOCK, SCALES), true),
    STABILISED("stabilised", "Stabilised", Type.CHOICE, Of.LOT, EnumSet.of(BLOCK, SCALES), true),
    PAPERS("papers", "Papers for protected species", Type.CHOICE, Of.LOT, EnumSet.of(BLOCK, SCALES, LEATHER), true),
    PAPERS_NUMBER(
            "papersNumber", "Number of the papers", Type.WORDS, Of.LOT, EnumSet.of(BLOCK, SCALES, LEATHER), false),
    OPENED_ON("openedOn", "Opened on", Type.DAY, Of.LOT, EnumSet.of(ADHESIVE), false),
    MIXED_ON("mixedOn", "Mixed on", Type.DAY, Of.LOT, EnumSet.of(BATH), false),
    STRENGTH("strength", "Strength", Type.WORDS, Of.LOT, EnumSet.of(BATH), false),
    USE_BY("useBy", "Use by", Type.DAY, Of.LOT, EnumSet.of(ADHESIVE, BATH, ABRASIVE), false),
    PLACE("place", "Where it lies", Type.WORDS, Of.LOT, all(), false),
    SINCE("since", "Here since", Type.DAY, Of.LOT, all(), false),
    COST("cost", "What it cost, each", Type.MONEY, Of.LOT, all(), false),
    OWNER("owner", "Whose it is", Type.CHOICE, Of.LOT, all(), true),
    WHOSE("whose", "Who, and what was promised", Type.WORDS, Of.LOT, all(), false),
    SUPPLIER("supplier", "Bought from", Type.WORDS, Of.SUPPLY, all(), false),
    LEAD_DAYS("leadDays", "Days until it comes", Type.NUMBER, Of.SUPPLY, all(), false),
    LOW_AT("lowAt", "Buy when there is less than", Type.AMOUNT, Of.SUPPLY, all(), false);

    /** What an answer is. */
    public enum Type {
        CHOICE,
        WORDS,
        LENGTH,
        NUMBER,
        DAY,
        MONEY,
        AMOUNT
    }

    /** What an answer is about: what is bought, the lot that lies there, or how more of it is bought. */
    public enum Of {
        ITEM,
        LOT,
        SUPPLY
    }

    /** The steel of nobody's table, and whatever else has no name here. */
    static final String OTHER = "OTHER";

    static final String NOMINAL = "NOMINAL";
    public static final String FLAT = "FLAT";
    public static final String ROUND = "ROUND";
    private static final String SQUARE = "SQUARE";
    public static final String SHOPS_OWN = "SHOP";

    private final String key;
    private final String label;
    private final Type type;
    private final Of of;
    private final Set<StockKind> kinds;
    private final boolean isRequired;

    StockField(String key, String label, Type type, Of of, Set<StockKind> kinds, boolean isRequired) {
        this.key = key;
        this.label = label;
        this.type = type;
        this.of = of;
        this.kinds = Set.copyOf(kinds);
        this.isRequired = isRequired;
    }

    private static Set<StockKind> all() {
        return EnumSet.allOf(StockKind.class);
    }

    /** The fields of a kind, in the order in which they are asked. */
    public static List<StockField> of(StockKind kind) {
        return Arrays.stream(values())
                .filter(field -> field.kinds.contains(kind))
                .toList();
    }

    public static List<StockField> of(StockKind kind, Of what) {
        return of(kind).stream().filter(field -> field.of == what).toList();
    }

    public static Optional<StockField> withKey(String key) {
        return Arrays.stream(values()).filter(field -> field.key.equals(key)).findFirst();
    }

    public String key() {
        return key;
    }

    public String label() {
        return label;
    }

    public Type type() {
        return type;
    }

    public Of of() {
        return of;
    }

    public boolean isRequired() {
        return isRequired;
    }

    /** The choices of this field for a kind, the usual one first; empty where it is not chosen. */
    public List<Option> choices(StockKind kind) {
        return switch (this) {
            case WHAT -> whats(kind);
            case SECTION -> Option.all("FLAT=Flat", "ROUND=Round", "SQUARE=Square");
            case THICKNESS_IS -> Option.all("MEASURED=Measured", "NOMINAL=Nominal plank, before planing");
            case CONDITION ->
                Option.all(
                        "ANNEALED=Annealed",
                        "AS_ROLLED=As rolled",
                        "NORMALISED=Normalised",
                        "HARD=Hard",
                        "UNKNOWN=Condition not known");
            case WEAR -> Option.all("FRESH=Fresh", "WORN=Worn", "STAINLESS_ONLY=Kept for stainless");
            case SHARPNESS -> Option.all("SHARP=Sharp", "TIRED=Tired", "BROKEN=Broken");
            case GRAIN ->
                Option.all(
                        "ALONG=Along the handle",
                        "ACROSS=Across",
                        "FIGURED=Figured, every way",
                        "NO_GRAIN=There is none");
            case VOIDS -> Option.all("NONE=None seen", "OPEN=Open voids", "FILLED=Voids filled");
            case STABILISED -> Option.all("NO=No", "YES=Yes");
            case PAPERS -> Option.all("NOT_NEEDED=None needed", "HELD=Papers held", "MISSING=Papers missing");
            case OWNER -> Option.all("SHOP=The shop's", "CLIENT=The client's own", "GIFT=A gift with a promise");
            default -> List.of();
        };
    }

    private static List<Option> whats(StockKind kind) {
        return switch (kind) {
            case BAR ->
                Stream.of(steels(), metals(), Option.all("OTHER=Another metal"))
                        .flatMap(List::stream)
                        .toList();
            case BILLET ->
                Stream.of(
                                Option.all("LAMINATED=Laminated: core and cladding", "PATTERN_WELDED=Pattern-welded"),
                                Option.all("OTHER=Another billet"))
                        .flatMap(List::stream)
                        .toList();
            case BLOCK, SCALES ->
                with(
                        Arrays.stream(HandleMaterial.values())
                                .map(each -> new Option(each.name(), each.words()))
                                .toList(),
                        "OTHER=Another material");
            case ROD, TUBE -> with(metals(), "MOSAIC=Mosaic", "OTHER=Another material");
            case FASTENER ->
                Option.all(
                        "SHOULDERED=Shouldered fastener",
                        "SCREW=Screw",
                        "STANDOFF=Standoff",
                        "NUT=Nut",
                        "PIVOT=Pivot",
                        "OTHER=Another fastener");
            case FITTING -> with(metals(), "OTHER=Another fitting");
            case LEATHER -> Option.all("VEGETABLE=Vegetable-tanned", "OTHER=Another leather");
            case ADHESIVE ->
                with(
                        Arrays.stream(Adhesive.values())
                                .map(each -> new Option(each.name(), each.words()))
                                .toList(),
                        "FAST_EPOXY=Five-minute epoxy, for jigs",
                        "CYANOACRYLATE=Cyanoacrylate",
                        "CONTACT_CEMENT=Contact cement",
                        "OTHER=Another adhesive");
            case BATH ->
                Option.all(
                        "FERRIC_CHLORIDE=Ferric chloride",
                        "NEUTRALISER=Neutraliser",
                        "OIL=Quench oil",
                        "OTHER=Another bath");
            case STENCIL -> Option.all("MARK=Maker's mark", "OTHER=Another stencil");
            case ABRASIVE ->
                Option.all(
                        "BELT=Belt",
                        "PAPER=Paper",
                        "NON_WOVEN=Non-woven",
                        "COMPOUND=Polishing compound",
                        "OTHER=Another abrasive");
            case CUTTER ->
                Option.all("DRILL=Drill", "END_MILL=End mill", "REAMER=Reamer", "TAP=Tap", "OTHER=Another cutter");
            case GAUGE -> Option.all("GAUGE=Gauge", "OTHER=Another gauge");
        };
    }

    private static List<Option> steels() {
        return Steel.known().stream()
                .map(steel -> new Option(steel.designation(), steel.words()))
                .toList();
    }

    private static List<Option> metals() {
        return Arrays.stream(FittingMaterial.values())
                .filter(metal -> metal != FittingMaterial.GLASS_EPOXY)
                .map(metal -> new Option(metal.name(), metal.words()))
                .toList();
    }

    private static List<Option> with(List<Option> first, String... more) {
        List<Option> all = new ArrayList<>(first);
        all.addAll(Option.all(more));
        return List.copyOf(all);
    }

    /**
     * The choices of which one must be made before a kind is asked this: the section before its sizes. Empty where it
     * is always asked.
     */
    public Set<String> onlyWith(StockKind kind) {
        return switch (this) {
            case THICKNESS -> hasSection(kind) ? Set.of(FLAT, SQUARE) : Set.of();
            case WIDTH -> hasSection(kind) ? Set.of(FLAT) : Set.of();
            case DIAMETER -> hasSection(kind) ? Set.of(ROUND) : Set.of();
            case WHOSE -> Set.of("CLIENT", "GIFT");
            case PAPERS_NUMBER -> Set.of("HELD");
            default -> Set.of();
        };
    }

    /** Which sizes are likely of such a kind; only for what is a length. */
    LengthRange likely(StockKind kind) {
        return switch (this) {
            case THICKNESS ->
                switch (kind) {
                    case BAR, FITTING -> LengthRange.of("1/64", "3");
                    case LEATHER -> LengthRange.of("1/64", "1/2");
                    default -> LengthRange.of("1/64", "8");
                };
            case DIAMETER -> LengthRange.of(".010", "6");
            case WIDTH -> LengthRange.of("1/32", "48");
            default -> LengthRange.of("1/16", "120");
        };
    }

    private static boolean hasSection(StockKind kind) {
        return SECTION.kinds.contains(kind);
    }

    /** Whether an answer is needed that the other answers ask for: sizes by section, a name for what has none. */
    boolean isNeeded(StockKind kind, Predicate<String> hasChosen) {
        return switch (this) {
            case NAME -> hasChosen.test(OTHER) || kind == GAUGE || kind == STENCIL;
            case THICKNESS, WIDTH ->
                hasSection(kind) ? onlyWith(kind).stream().anyMatch(hasChosen) : kind == BLOCK || kind == SCALES;
            case LENGTH_EACH -> kind == BLOCK || kind == SCALES;
            case DIAMETER ->
                kind == ROD || kind == TUBE || onlyWith(kind).stream().anyMatch(hasChosen);
            case GRIT -> kind == ABRASIVE && !hasChosen.test("COMPOUND") && !hasChosen.test(OTHER);
            case WHOSE -> onlyWith(kind).stream().anyMatch(hasChosen);
            default -> isRequired;
        };
    }
}
