package hiltboard.core.stock;

import static hiltboard.core.stock.StockKind.*;

import hiltboard.core.field.AmountOfMoney;
import hiltboard.core.field.Choice;
import hiltboard.core.field.Day;
import hiltboard.core.field.Field;
import hiltboard.core.field.Kind;
import hiltboard.core.field.LengthWithin;
import hiltboard.core.field.Option;
import hiltboard.core.field.WholeNumber;
import hiltboard.core.field.Words;
import hiltboard.core.glue.Adhesive;
import hiltboard.core.material.FittingMaterial;
import hiltboard.core.material.HandleMaterial;
import hiltboard.core.material.SteelLibrary;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.measure.Units;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** What is written down of stock, and of which kinds of it. */
public enum StockField implements Field<LotForm> {
    WHAT("what", "What it is", Of.ITEM, all(), true),
    NAME("name", "In your own words", Of.ITEM, all(), false),
    SECTION("section", "Section", Of.ITEM, EnumSet.of(BAR, BILLET), true),
    THICKNESS("thickness", "Thickness", Of.ITEM, EnumSet.of(BAR, BILLET, BLOCK, SCALES, FITTING, LEATHER), false),
    THICKNESS_IS("thicknessIs", "The thickness is", Of.ITEM, EnumSet.of(BLOCK), true),
    WIDTH("width", "Width", Of.ITEM, EnumSet.of(BAR, BILLET, BLOCK, SCALES, FITTING, ABRASIVE), false),
    LENGTH_EACH("lengthEach", "Length of each", Of.ITEM, EnumSet.of(BLOCK, SCALES, FITTING, FASTENER, ABRASIVE), false),
    DIAMETER("diameter", "Diameter", Of.ITEM, EnumSet.of(BAR, BILLET, ROD, TUBE, FASTENER, CUTTER), false),
    GRIT("grit", "Grit", Of.ITEM, EnumSet.of(ABRASIVE), false),
    CONDITION("condition", "Condition", Of.LOT, EnumSet.of(BAR, BILLET), true),
    WEAR("wear", "Worn", Of.LOT, EnumSet.of(ABRASIVE), true),
    SHARPNESS("sharpness", "Sharpness", Of.LOT, EnumSet.of(CUTTER), true),
    GRAIN("grain", "Grain runs", Of.LOT, EnumSet.of(BLOCK, SCALES), true),
    VOIDS("voids", "Voids", Of.LOT, EnumSet.of(BLOCK, SCALES), true),
    STABILISED("stabilised", "Stabilised", Of.LOT, EnumSet.of(BLOCK, SCALES), true),
    PAPERS("papers", "Papers for protected species", Of.LOT, EnumSet.of(BLOCK, SCALES, LEATHER), true),
    PAPERS_NUMBER("papersNumber", "Number of the papers", Of.LOT, EnumSet.of(BLOCK, SCALES, LEATHER), false),
    OPENED_ON("openedOn", "Opened on", Of.LOT, EnumSet.of(ADHESIVE), false),
    MIXED_ON("mixedOn", "Mixed on", Of.LOT, EnumSet.of(BATH), false),
    STRENGTH("strength", "Strength", Of.LOT, EnumSet.of(BATH), false),
    USE_BY("useBy", "Use by", Of.LOT, EnumSet.of(ADHESIVE, BATH, ABRASIVE), false),
    PLACE("place", "Where it lies", Of.LOT, all(), false),
    SINCE("since", "Here since", Of.LOT, all(), false),
    COST("cost", "What it cost, each", Of.LOT, all(), false),
    OWNER("owner", "Whose it is", Of.LOT, all(), true),
    WHOSE("whose", "Who, and what was promised", Of.LOT, all(), false),
    SUPPLIER("supplier", "Bought from", Of.SUPPLY, all(), false),
    LEAD_DAYS("leadDays", "Days until it comes", Of.SUPPLY, all(), false),
    LOW_AT("lowAt", "Buy when there is less than", Of.SUPPLY, all(), false);

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
    private static final int LONGEST = 200;
    public static final String SHOPS_OWN = "SHOP";

    private final String key;
    private final String label;
    private final Of of;
    private final Set<StockKind> kinds;
    private final boolean isRequired;

    StockField(String key, String label, Of of, Set<StockKind> kinds, boolean isRequired) {
        this.key = key;
        this.label = label;
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

    @Override
    public String key() {
        return key;
    }

    @Override
    public String label() {
        return label;
    }

    @Override
    public String group() {
        return of.name();
    }

    public Of of() {
        return of;
    }

    public boolean isRequired() {
        return isRequired;
    }

    @Override
    public Kind<?> kind(LotForm known) {
        return switch (this) {
            case WHAT -> new Choice(whats(known.of(), known.steels()));
            case SECTION -> Choice.of("FLAT=Flat", "ROUND=Round", "SQUARE=Square");
            case THICKNESS_IS -> Choice.of("MEASURED=Measured", "NOMINAL=Nominal plank, before planing");
            case CONDITION ->
                Choice.of(
                        "ANNEALED=Annealed",
                        "AS_ROLLED=As rolled",
                        "NORMALISED=Normalised",
                        "HARD=Hard",
                        "UNKNOWN=Condition not known");
            case WEAR -> Choice.of("FRESH=Fresh", "WORN=Worn", "STAINLESS_ONLY=Kept for stainless");
            case SHARPNESS -> Choice.of("SHARP=Sharp", "TIRED=Tired", "BROKEN=Broken");
            case GRAIN ->
                Choice.of(
                        "ALONG=Along the handle",
                        "ACROSS=Across",
                        "FIGURED=Figured, every way",
                        "NO_GRAIN=There is none");
            case VOIDS -> Choice.of("NONE=None seen", "OPEN=Open voids", "FILLED=Voids filled");
            case STABILISED -> Choice.of("NO=No", "YES=Yes");
            case PAPERS -> Choice.of("NOT_NEEDED=None needed", "HELD=Papers held", "MISSING=Papers missing");
            case OWNER -> Choice.of("SHOP=The shop's", "CLIENT=The client's own", "GIFT=A gift with a promise");
            case THICKNESS, WIDTH, LENGTH_EACH, DIAMETER -> new LengthWithin(likely(known.of()), false);
            case GRIT, LEAD_DAYS -> new WholeNumber(0, 9999);
            case OPENED_ON, MIXED_ON, USE_BY, SINCE -> Day.ANY;
            case NAME, PAPERS_NUMBER, STRENGTH, PLACE, WHOSE, SUPPLIER -> new Words(LONGEST);
            case COST -> new AmountOfMoney(known.currency());
            case LOW_AT -> AmountOf.any(known.of().counted());
        };
    }

    /** The first choice, but for what the thing is: that is looked at. */
    @Override
    public String usual(LotForm known, Units units) {
        return this == WHAT
                ? ""
                : kind(known).options().stream().findFirst().map(Option::value).orElse("");
    }

    /** What can be chosen of a kind in any shop, the usual one first; empty where the answer is written. */
    public List<Option> choices(StockKind kind) {
        return kind(LotForm.kept(kind)).options();
    }

    private static List<Option> whats(StockKind kind, SteelLibrary library) {
        return switch (kind) {
            case BAR ->
                Stream.of(steels(library), metals(), Option.all("OTHER=Another metal"))
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

    private static List<Option> steels(SteelLibrary library) {
        return library.all().stream()
                .map(steel -> new Option(steel.designation(), steel.words()))
                .toList();
    }

    private static List<Option> metals() {
        return Arrays.stream(FittingMaterial.values())
                .filter(FittingMaterial::isMetal)
                .map(metal -> new Option(metal.name(), metal.words()))
                .toList();
    }

    private static List<Option> with(List<Option> first, String... more) {
        List<Option> all = new ArrayList<>(first);
        all.addAll(Option.all(more));
        return List.copyOf(all);
    }

    @Override
    public Set<String> onlyWith(LotForm known) {
        return switch (this) {
            case THICKNESS -> hasSection(known.of()) ? Set.of(FLAT, SQUARE) : Set.of();
            case WIDTH -> hasSection(known.of()) ? Set.of(FLAT) : Set.of();
            case DIAMETER -> hasSection(known.of()) ? Set.of(ROUND) : Set.of();
            case WHOSE -> Set.of("CLIENT", "GIFT");
            case PAPERS_NUMBER -> Set.of("HELD");
            default -> Set.of();
        };
    }

    /** Which sizes are likely of such a kind; only for what is a length. */
    private LengthRange likely(StockKind kind) {
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

    @Override
    public boolean isNeeded(LotForm known) {
        StockKind kind = known.of();
        return switch (this) {
            case NAME -> known.chose(OTHER) || kind == GAUGE || kind == STENCIL;
            case THICKNESS, WIDTH ->
                hasSection(kind) ? onlyWith(known).stream().anyMatch(known::chose) : kind == BLOCK || kind == SCALES;
            case LENGTH_EACH -> kind == BLOCK || kind == SCALES;
            case DIAMETER ->
                kind == ROD || kind == TUBE || onlyWith(known).stream().anyMatch(known::chose);
            case GRIT -> kind == ABRASIVE && !known.chose("COMPOUND") && !known.chose(OTHER);
            case WHOSE -> onlyWith(known).stream().anyMatch(known::chose);
            default -> isRequired;
        };
    }
}
