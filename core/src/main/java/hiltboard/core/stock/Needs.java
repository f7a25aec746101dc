package hiltboard.core.stock;

import hiltboard.core.blade.KnifeOutline;
import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.design.Bar;
import hiltboard.core.design.BarThickness;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Mark;
import hiltboard.core.design.SheathShape;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.design.SteelForm;
import hiltboard.core.material.FittingMaterial;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Trait;
import hiltboard.core.stock.Need.Fit;
import hiltboard.core.stock.Need.Takes;
import hiltboard.core.stock.Need.Taking;
import hiltboard.core.stock.Need.Unfit;
import hiltboard.core.stock.cutting.Blank;
import hiltboard.core.stock.cutting.CuttingRules;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * What one piece takes from the rack, by its specification. Allowances are common practice of the trade, with no
 * published source: 1/8 in more on a pin than it holds together, 15 g of adhesive a handle; what a saw takes is said by
 * {@link CuttingRules}.
 */
public final class Needs {
    public static final String STEEL = "steel";
    public static final String HANDLE = "handle";
    private static final Length KERF = CuttingRules.USUAL.kerf();
    private static final Length PIN_ENDS = Length.ofInchFraction(1, 8);
    private static final Length EDGE = Length.ofInchFraction(1, 8);
    private static final Length DIAMETER_TOLERANCE = Length.ofInches("0.003");
    private static final long ADHESIVE_GRAMS = 15;
    private static final double WELT_AND_SEAM = 25.4;
    private static final double BELT_LOOP = 90;

    private final Specification spec;
    private final Units units;
    private final List<Need> needs = new ArrayList<>();
    private final KnifeOutline outline;
    private final Box handle;

    private Needs(Specification spec, Units units) {
        this.spec = spec;
        this.units = units;
        this.outline = KnifeShape.outline(spec);
        this.handle = Box.of(outline.handle());
    }

    /** @param units in which sizes are said */
    public static List<Need> of(Specification spec, Units units) {
        return new Needs(spec, units).all();
    }

    private String in(Length length) {
        return length.brieflyIn(units);
    }

    /** Outer sizes of an outline. */
    private record Box(Length length, Length width) {
        private static Box of(Outline outline) {
            return new Box(extent(outline, Point::x), extent(outline, Point::y));
        }

        private static Length extent(Outline outline, Function<Point, Double> along) {
            List<Double> places = outline.points().stream().map(along).sorted().toList();
            return Length.ofMillimetres(Math.ceil((places.get(places.size() - 1) - places.get(0)) * 10) / 10);
        }
    }

    private List<Need> all() {
        steel();
        handle();
        held();
        fitting(
                "guard",
                "Guard",
                SpecificationField.GUARD_MATERIAL,
                SpecificationField.GUARD_THICKNESS,
                Trait.CUTS_GUARD);
        fitting(
                "spacer",
                "Spacer",
                SpecificationField.SPACER_MATERIAL,
                SpecificationField.SPACER_THICKNESS,
                Trait.MAKES_SPACER);
        if (spec.hasScaleBolsters()) {
            fitting(
                    "bolster",
                    "Bolsters",
                    spec.fitting(SpecificationField.SCALE_BOLSTER_MATERIAL),
                    spec.scaleOnTang(),
                    spec.length(SpecificationField.SCALE_BOLSTER_LENGTH),
                    handle.width().plus(EDGE).times(2).plus(KERF),
                    Trait.MAKES_BOLSTERS);
        }
        if (spec.hasLinedScales()) {
            fitting(
                    "liner",
                    "Liners",
                    spec.fitting(SpecificationField.SCALE_LINER_MATERIAL),
                    spec.length(SpecificationField.SCALE_LINER_THICKNESS),
                    handle.width(),
                    handle.length().times(2).plus(KERF),
                    Trait.FLATTENS_SCALES);
        }
        used();
        return List.copyOf(needs);
    }

    private void add(String key, String words, Set<StockKind> kinds, List<String> whats, Set<Trait> takenAt, Fit fit) {
        needs.add(new Need(key, words, kinds, whats, takenAt, fit));
    }

    private void steel() {
        Bar bar = KnifeShape.bar(spec);
        if (spec.isFromBillet()) {
            String form = (spec.isLaminated() ? SteelForm.LAMINATED : SteelForm.PATTERN_WELDED).name();
            add(
                    STEEL,
                    "Billet for the blade",
                    Set.of(StockKind.BILLET),
                    List.of(form),
                    EnumSet.of(Trait.FORGES_SHAPE, Trait.CUTS_STEEL),
                    lot -> byVolume(bar, lot));
        } else if (spec.isForged()) {
            add(
                    STEEL,
                    spec.steel().designation() + " to forge from",
                    Set.of(StockKind.BAR),
                    List.of(spec.steel().designation()),
                    EnumSet.of(Trait.MEASURES_STOCK),
                    lot -> byVolume(bar, lot));
        } else {
            add(
                    STEEL,
                    spec.steel().designation() + " bar for the blade",
                    Set.of(StockKind.BAR),
                    List.of(spec.steel().designation()),
                    EnumSet.of(Trait.MEASURES_STOCK),
                    fromBar(bar));
        }
    }

    private Fit fromBar(Bar bar) {
        CuttingRules rules = CuttingRules.USUAL;
        Blank blank = Blank.of(spec);
        BarThickness thickness = new BarThickness(bar.thickness(), rules.thicker());
        Takes takes = new Takes(
                bar.length().plus(rules.kerf()).nanometres(), rules.least(blank).nanometres());
        return lot -> {
            if (!lot.is(StockField.SECTION, StockField.FLAT)) {
                return new Unfit("It is not flat.");
            }
            return thickness
                    .whyNot(lot.length(StockField.THICKNESS).orElseThrow())
                    .or(() -> rules.widthWhyNot(
                            blank, lot.length(StockField.WIDTH).orElseThrow()))
                    .<Taking>map(why -> new Unfit(why.in(units)))
                    .orElse(takes);
        };
    }

    private static Fit takes(long amount) {
        Takes takes = new Takes(amount);
        return lot -> takes;
    }

    /** Volume is kept under the hammer: so long a piece of this section as has the forging's volume. */
    private Taking byVolume(Bar bar, Lot lot) {
        double volume = spec.steel().density().volumeOf(bar.mass());
        return area(lot)
                .<Taking>map(area ->
                        new Takes(Length.ofMillimetres(volume / area).plus(KERF).nanometres()))
                .orElseGet(() -> new Unfit("Its section is not known."));
    }

    private static Optional<Double> area(Lot lot) {
        Optional<Double> thickness = lot.length(StockField.THICKNESS).map(Length::millimetres);
        return switch (lot.value(StockField.SECTION).orElse("")) {
            case "ROUND" ->
                lot.length(StockField.DIAMETER)
                        .map(diameter -> Math.PI / 4 * diameter.millimetres() * diameter.millimetres());
            case "SQUARE" -> thickness.map(side -> side * side);
            default ->
                thickness.flatMap(thick -> lot.length(StockField.WIDTH).map(width -> thick * width.millimetres()));
        };
    }

    private void handle() {
        List<String> material = List.of(spec.handleMaterial().name());
        String words = spec.handleMaterial().words();
        if (spec.isAxe()) {
            Length thickness = spec.length(SpecificationField.EYE_WIDTH).plus(EDGE);
            add(
                    HANDLE,
                    words + " for the haft",
                    Set.of(StockKind.BLOCK),
                    material,
                    EnumSet.of(Trait.CHOOSES_HAFT),
                    lot -> block(lot, thickness));
        } else if (spec.hasBlock()) {
            add(
                    HANDLE,
                    words + " block",
                    Set.of(StockKind.BLOCK),
                    material,
                    EnumSet.of(Trait.OPENS_CAVITY),
                    lot -> block(lot, spec.length(SpecificationField.HANDLE_THICKNESS)));
        } else {
            Length thickness = spec.length(
                    spec.isFrameLock() ? SpecificationField.PLATE_THICKNESS : SpecificationField.SCALE_THICKNESS);
            add(
                    HANDLE,
                    words + (spec.isFrameLock() ? " for the plates" : " scales"),
                    EnumSet.of(StockKind.SCALES, StockKind.BLOCK),
                    material,
                    EnumSet.of(Trait.FLATTENS_SCALES, Trait.MAKES_SIDES),
                    lot -> block(
                            lot,
                            lot.kind() == StockKind.BLOCK
                                    ? thickness.plus(thickness).plus(KERF)
                                    : thickness));
        }
    }

    /** One block or one pair, if it is thick, long and wide enough. */
    private Taking block(Lot lot, Length thickness) {
        Length there = lot.thickness().orElseThrow();
        if (there.compareTo(thickness) < 0) {
            boolean isPlaned = lot.is(StockField.THICKNESS_IS, StockField.NOMINAL);
            return new Unfit((isPlaned ? "Planed it is about " + in(there) + ", thinner" : "It is thinner")
                    + " than the " + in(thickness) + " wanted.");
        }
        if (lot.length(StockField.LENGTH_EACH).orElseThrow().compareTo(handle.length()) < 0) {
            return new Unfit("It is shorter than the handle, " + in(handle.length()) + ".");
        }
        return lot.length(StockField.WIDTH).orElseThrow().compareTo(handle.width()) < 0
                ? new Unfit("It is narrower than the handle, " + in(handle.width()) + ".")
                : new Takes(1);
    }

    /** Pins, fasteners, tube. */
    private void held() {
        if (!spec.hasScales()) {
            return;
        }
        Length through = spec.scaleOnTang()
                .times(2)
                .plus(spec.length(SpecificationField.STOCK_THICKNESS))
                .plus(PIN_ENDS);
        int count = spec.count(SpecificationField.PIN_COUNT);
        Length diameter = spec.length(SpecificationField.PIN_DIAMETER);
        if (!spec.isMachined() && spec.isPinned()) {
            add(
                    "pins",
                    count + (count == 1 ? " pin of " : " pins of ") + in(diameter),
                    Set.of(StockKind.ROD),
                    List.of(),
                    EnumSet.of(Trait.GLUES_HANDLE),
                    lot -> round(lot, diameter, through.times(count)));
        } else {
            String what = spec.hasRemovableScales() ? "SCREW" : "SHOULDERED";
            add(
                    "fasteners",
                    count + " fasteners of " + in(diameter),
                    Set.of(StockKind.FASTENER),
                    List.of(what),
                    EnumSet.of(Trait.ASSEMBLES, Trait.GLUES_HANDLE),
                    lot -> isNear(lot, diameter)
                            ? new Takes(count)
                            : new Unfit("It is not " + in(diameter) + " in diameter."));
        }
        if (spec.hasLanyardTube()) {
            Length tube = spec.length(SpecificationField.TUBE_DIAMETER);
            add(
                    "tube",
                    "Lanyard tube of " + in(tube),
                    Set.of(StockKind.TUBE),
                    List.of(),
                    EnumSet.of(Trait.GLUES_HANDLE, Trait.ASSEMBLES),
                    lot -> round(lot, tube, through));
        }
    }

    private Taking round(Lot lot, Length diameter, Length length) {
        return isNear(lot, diameter)
                ? new Takes(length.nanometres())
                : new Unfit("It is not " + in(diameter) + " in diameter.");
    }

    private static boolean isNear(Lot lot, Length diameter) {
        return lot.length(StockField.DIAMETER)
                .filter(there -> there.minus(diameter).absolute().compareTo(DIAMETER_TOLERANCE) <= 0)
                .isPresent();
    }

    /** Cut across the handle's stack, as wide as its guard or its block. */
    private void fitting(
            String key, String words, SpecificationField material, SpecificationField thicknessField, Trait takenAt) {
        if (spec.answersAll(material, thicknessField)) {
            Length wide = spec.length(
                    spec.answersAll(SpecificationField.GUARD_WIDTH)
                            ? SpecificationField.GUARD_WIDTH
                            : SpecificationField.HANDLE_THICKNESS);
            Length tall = handle.width().plus(EDGE);
            fitting(key, words, spec.fitting(material), spec.length(thicknessField), wide, tall, takenAt);
        }
    }

    /** @param wide as the flat has to be, and how {@code much} of its length is taken before the saw's part */
    private void fitting(
            String key, String words, FittingMaterial metal, Length thick, Length wide, Length much, Trait takenAt) {
        if (!metal.isMetal()) {
            return;
        }
        BarThickness thickness = new BarThickness(thick, CuttingRules.USUAL.thicker());
        add(
                key,
                words + ", " + metal.words().toLowerCase(Locale.ROOT) + " " + in(thick),
                EnumSet.of(StockKind.BAR, StockKind.FITTING),
                List.of(metal.name()),
                EnumSet.of(takenAt),
                lot -> {
                    if (lot.length(StockField.THICKNESS)
                            .filter(there -> thickness.whyNot(there).isEmpty())
                            .isEmpty()) {
                        return new Unfit("It is not " + thick.entryIn(units) + " thick.");
                    }
                    if (lot.length(StockField.WIDTH)
                            .filter(there -> there.compareTo(wide) >= 0)
                            .isEmpty()) {
                        return new Unfit("It is narrower than " + in(wide) + ".");
                    }
                    return new Takes(
                            lot.kind() == StockKind.FITTING
                                    ? 1
                                    : much.plus(KERF).nanometres());
                });
    }

    /** What is used up by the way. */
    private void used() {
        if (spec.isGlued()) {
            add(
                    "adhesive",
                    spec.adhesive().words(),
                    Set.of(StockKind.ADHESIVE),
                    List.of(spec.adhesive().name()),
                    Trait.MIXES_ADHESIVE,
                    takes(ADHESIVE_GRAMS));
        }
        if (spec.mark() == Mark.ELECTRO_ETCHED) {
            add(
                    "stencil",
                    "Stencil for the mark",
                    Set.of(StockKind.STENCIL),
                    List.of(),
                    EnumSet.of(Trait.MARKS),
                    takes(1));
        }
        if (spec.finish().isEtched()) {
            add(
                    "bath",
                    "Etching bath",
                    Set.of(StockKind.BATH),
                    List.of("FERRIC_CHLORIDE", "OTHER"),
                    EnumSet.of(Trait.ETCHES),
                    takes(0));
        }
        if (spec.hasLeatherSheath()) {
            add(
                    "leather",
                    "Leather for the sheath",
                    Set.of(StockKind.LEATHER),
                    List.of(),
                    EnumSet.of(Trait.CUTS_SHEATH),
                    takes(leather()));
        }
    }

    /** What is cut for the sheath, part by part in rectangles; in square millimetres. */
    private long leather() {
        return Math.round(SheathShape.of(spec).orElseThrow().area());
    }
}
