package hiltboard.server.fit;

import hiltboard.core.blade.KnifeOutline;
import hiltboard.core.blade.KnifeOutline.Hole;
import hiltboard.core.blade.KnifeOutline.Use;
import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.chain.DimensionChain;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.HandleForm;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.exchange.Template;
import hiltboard.core.fit.BlockVoid;
import hiltboard.core.fit.BlockVoid.Fate;
import hiltboard.core.fit.Grain;
import hiltboard.core.fit.Grain.Face;
import hiltboard.core.fit.Grain.Seen;
import hiltboard.core.fit.HandleSections;
import hiltboard.core.fit.ScalesMeasured;
import hiltboard.core.fit.SparePair;
import hiltboard.core.machine.HoleRead;
import hiltboard.core.measure.Angle;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Judgement;
import hiltboard.core.measure.Judgement.Verdict;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.server.Refusal;
import hiltboard.server.WorkedView;
import hiltboard.server.access.Person;
import hiltboard.server.fit.HandleRepository.GrainRow;
import hiltboard.server.fit.HandleRepository.ScaleReading;
import hiltboard.server.fit.HandleRepository.ScaleRow;
import hiltboard.server.fit.HandleRepository.SpareRow;
import hiltboard.server.fit.HandleRepository.VoidRow;
import hiltboard.server.job.Drawing;
import hiltboard.server.job.Frame;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** A handle's grain and its scales as the fitting bench shows them; belongs into a transaction of the caller. */
@Component
class HandleViews {
    private final PieceFiles files;
    private final HandleRepository handles;

    HandleViews(PieceFiles files, HandleRepository handles) {
        this.files = files;
        this.handles = handles;
    }

    /**
     * One side of the handle; paths in millimetres, y downwards, the point of the knife to the right or to the left.
     */
    record GrainSideView(
            String words, String outline, String lines, double minX, double minY, double width, double height) {}

    /** @param x and {@code y} of its middle on the left side's drawing */
    record BlockVoidView(
            long id, String words, String fate, boolean isTrouble, double x, double y, double reach, String by) {}

    /**
     * @param read as it was read; empty where nobody has
     * @param says what follows, a sentence each
     */
    record GrainView(
            long id,
            String pieceName,
            String read,
            List<String> says,
            List<GrainSideView> sides,
            List<BlockVoidView> voids) {}

    /** @param field by which it is entered */
    record ScaleLineView(String label, String field, String left, String right, String says, boolean isOut) {}

    record SparePairView(long id, String serial, String says, boolean goesOn, WorkedView left, String by) {}

    /** A number of the piece's own. */
    record HandleNumberView(String label, String value) {}

    /** @param canBeChanged whether the scales come off */
    record ScalesView(
            long id,
            String pieceName,
            List<ScaleLineView> lines,
            List<HandleNumberView> numbers,
            List<String> says,
            boolean canBeChanged,
            String spacing,
            List<SparePairView> spares) {}

    GrainView grain(long id, Person person) {
        Units units = person.units();
        PieceFile file = files.open(id);
        HandleForm handle = handle(file);
        Optional<GrainRow> row = handles.grain(id);
        return new GrainView(
                id,
                file.name(),
                row.map(each -> read(each, units)).orElse(""),
                row.map(each -> says(each.grain(), file, units)).orElse(List.of()),
                sides(file, handle, row.map(GrainRow::grain)),
                handles.voids(id).stream()
                        .map(each -> view(each, file, handle, units))
                        .toList());
    }

    private static HandleForm handle(PieceFile file) {
        return Optional.of(file.specification())
                .filter(spec -> !spec.isAxe())
                .flatMap(HandleForm::of)
                .orElseThrow(() -> Refusal.notThere(file.name() + " has neither a block nor scales."));
    }

    private static String read(GrainRow row, Units units) {
        Grain grain = row.grain();
        return degrees(grain.side(), "rising", "falling", units) + " towards the butt on the left face, "
                + degrees(grain.end(), "rising", "falling", units) + " towards the right on the front end, "
                + grain.apart().asRead(units).in(units) + " apart; read by " + row.by();
    }

    private static String degrees(Angle angle, String up, String down, Units units) {
        return new Angle(Math.abs(angle.degrees())).in(units) + " " + (angle.degrees() < 0 ? down : up);
    }

    private static List<String> says(Grain grain, PieceFile file, Units units) {
        List<String> says = new ArrayList<>();
        HandleSections.of(file.specification()).stream()
                .filter(section -> section.name().equals("Palm swell"))
                .findFirst()
                .ifPresent(swell -> says.add(grain.higherOnTheRight(swell.thick())
                        .map(higher -> higher.absolute().asTaped(units).isPositive()
                                ? "At the palm swell every line comes out "
                                        + higher.absolute().asTaped(units).in(units)
                                        + (higher.isPositive() ? " higher" : " lower")
                                        + " on the right than on the left: lines matched on the block’s faces do not stay so."
                                : "Lines lie at one height on both sides.")
                        .orElse("The lines stand along the sides: they show as islands where the handle is rounded.")));
        says.add(
                grain.runsOut()
                        ? "It runs out of the side at "
                                + new Angle(Math.abs(grain.side().degrees())).in(units)
                                + ": where the handle is thin it breaks along its lines. Turn the block."
                        : "It runs along the handle within 20°.");
        return says;
    }

    private static List<GrainSideView> sides(PieceFile file, HandleForm handle, Optional<Grain> grain) {
        Outline outline = KnifeShape.outline(file.specification()).handle();
        return List.of(
                side("Left side", outline, Face.LEFT, handle, grain, point -> point),
                side("Right side", outline, Face.RIGHT, handle, grain, point -> new Point(-point.x(), point.y())));
    }

    /** @param seen from the drawing's own place to where it is on this side */
    private static GrainSideView side(
            String words,
            Outline outline,
            Face face,
            HandleForm handle,
            Optional<Grain> grain,
            Function<Point, Point> seen) {
        Outline drawn = outline.moved(seen::apply);
        Frame frame = Frame.around(List.of(drawn));
        String lines = grain.map(each -> each.on(handle, face).stream()
                        .map(line -> piece(line, seen))
                        .collect(Collectors.joining()))
                .orElse("");
        return new GrainSideView(
                words, Drawing.closed(drawn), lines, frame.minX(), frame.minY(), frame.width(), frame.height());
    }

    private static String piece(Seen line, Function<Point, Point> seen) {
        Point from = seen.apply(new Point(-line.from().x(), line.from().y()));
        Point to = seen.apply(new Point(-line.to().x(), line.to().y()));
        return String.format(Locale.ROOT, "M%.1f %.1fL%.1f %.1f", from.x(), -from.y(), to.x(), -to.y());
    }

    private BlockVoidView view(VoidRow row, PieceFile file, HandleForm handle, Units units) {
        BlockVoid found = row.found();
        Fate fate = found.fate(handle, holes(file), tang(file, handle, found));
        double x = handle.front() + found.behindFront().millimetres();
        double middle = handle.at(x).map(HandleForm.Cut::middle).orElse(0d);
        return new BlockVoidView(
                row.id(),
                found.behindFront().asTaped(units).in(units) + " behind the front, "
                        + off(found.above(), "above", "below", units)
                        + " the middle, " + off(found.right(), "right", "left", units) + ", reaches "
                        + found.reach().asTaped(units).in(units),
                fate.words(),
                fate.isTrouble(),
                -x,
                -(middle + found.above().millimetres()),
                found.reach().millimetres(),
                row.by());
    }

    private static String off(Length by, String one, String other, Units units) {
        return by.absolute().asTaped(units).in(units) + " " + (by.nanometres() >= 0 ? one : other);
    }

    private static List<Hole> holes(PieceFile file) {
        return KnifeShape.outline(file.specification()).holes().stream()
                .filter(hole -> hole.use() != Use.LIGHTENING)
                .toList();
    }

    /** Half of the tang's height and thickness where a void lies, as it was agreed. */
    private static Optional<double[]> tang(PieceFile file, HandleForm handle, BlockVoid found) {
        Specification spec = file.specification();
        boolean isBehind = spec.hasBlock()
                && handle.front() + found.behindFront().millimetres()
                        < spec.length(SpecificationField.TANG_LENGTH).millimetres();
        return isBehind
                ? Optional.of(new double[] {
                    spec.length(SpecificationField.TANG_WIDTH).half().millimetres(),
                    spec.length(SpecificationField.STOCK_THICKNESS).half().millimetres()
                })
                : Optional.empty();
    }

    ScalesView scales(long id, Person person) {
        Units units = person.units();
        PieceFile file = files.open(id);
        Specification spec = file.specification();
        if (!spec.hasScales()) {
            throw Refusal.notThere(file.name() + " has no scales.");
        }
        List<ScaleRow> rows = handles.scales(id);
        DimensionChain chain = file.chain(units);
        Length spacing = spacing(file);
        return new ScalesView(
                id,
                file.name(),
                Arrays.stream(ScaleReading.values())
                        .map(what -> line(what, rows, units))
                        .toList(),
                Stream.of(
                                PieceDimensions.SCALE_LINER,
                                PieceDimensions.LINED_SCALE,
                                PieceDimensions.SCALE_DRILL,
                                PieceDimensions.PIN_LENGTH,
                                PieceDimensions.COUNTERBORE_DEPTH,
                                PieceDimensions.COUNTERBORE_LEFT,
                                PieceDimensions.BOLSTER_DRILL,
                                PieceDimensions.BOLSTER_PIN_LENGTH,
                                PieceDimensions.DOVETAIL_UNDERCUT,
                                PieceDimensions.SCALE_RELIEF_DEPTH,
                                PieceDimensions.SCALE_RELIEF_RIM)
                        .flatMap(key -> chain.link(key).stream())
                        .map(link -> new HandleNumberView(
                                link.dimension().label(), link.current().in(units)))
                        .toList(),
                says(spec, units),
                spec.hasRemovableScales(),
                spacing.asRead(units).in(units),
                handles.spares(id).stream()
                        .map(row -> spare(row, chain, spacing, units))
                        .toList());
    }

    private static List<String> says(Specification spec, Units units) {
        List<String> says = new ArrayList<>();
        says.add(
                "A bookmatched pair is sawn from one block and opened like a book: mark both faces of the cut before it, and keep "
                        + "them outside.");
        if (spec.hasLinedScales()) {
            says.add(
                    spec.isGlued()
                            ? "The liners are glued on and hard before anything is drilled: scale and liner are one from then on."
                            : "Each liner stays with its scale: it is drilled with it, and screwed on under it.");
        }
        if (spec.isPinned()) {
            says.add(
                    "Mosaic pins: scribe one line along each pin, and turn every pin to it at both ends before the adhesive grips.");
        }
        if (spec.hasCounterbores()) {
            says.add("A shoulder lies deeper than the deepest hollow of the finished handle, "
                    + spec.length(SpecificationField.HANDLE_HOLLOW).in(units) + ".");
        }
        if (spec.hasScaleBolsters()) {
            says.add("The bolsters are pinned and peened by themselves, before any scale is fitted against them.");
        }
        return says;
    }

    private static ScaleLineView line(ScaleReading what, List<ScaleRow> rows, Units units) {
        Optional<String> left = amount(what, "LEFT", rows);
        Optional<String> right = amount(what, "RIGHT", rows);
        Judgement judged = switch (what) {
            case THICKNESS ->
                both(left, right, HandleViews::length, (one, other) -> ScalesMeasured.alike(one, other, units));
            case FRONT -> both(left, right, HandleViews::angle, ScalesMeasured::fronts);
            case GAP ->
                Stream.of(left, right)
                        .flatMap(Optional::stream)
                        .map(HandleViews::length)
                        .map(gap -> ScalesMeasured.flat(gap, units))
                        .filter(each -> each.verdict() == Verdict.OUT)
                        .findFirst()
                        .orElseGet(Judgement::in);
        };
        return new ScaleLineView(
                switch (what) {
                    case THICKNESS -> "Thickness";
                    case GAP -> "Open on granite or tang";
                    case FRONT -> "Angle of the front, off square";
                },
                what.name(),
                left.map(each -> shown(what, each, units)).orElse(""),
                right.map(each -> shown(what, each, units)).orElse(""),
                judged.words(),
                judged.verdict() == Verdict.OUT);
    }

    private interface Compared<T> {
        Judgement of(T left, T right);
    }

    private static <T> Judgement both(
            Optional<String> left, Optional<String> right, Function<String, T> as, Compared<T> compared) {
        return left.flatMap(one -> right.map(other -> compared.of(as.apply(one), as.apply(other))))
                .orElseGet(Judgement::in);
    }

    private static Optional<String> amount(ScaleReading what, String side, List<ScaleRow> rows) {
        return rows.stream()
                .filter(row -> row.what() == what && row.side().equals(side))
                .map(ScaleRow::amount)
                .findFirst();
    }

    private static Length length(String nanometres) {
        return new Length(Long.parseLong(nanometres));
    }

    private static Angle angle(String degrees) {
        return new Angle(Double.parseDouble(degrees));
    }

    private static String shown(ScaleReading what, String amount, Units units) {
        return what == ScaleReading.FRONT
                ? angle(amount).in(units)
                : length(amount).asRead(units).in(units);
    }

    /** From the first pin's hole of the tang to the last one's, as it was measured where both were. */
    private static Length spacing(PieceFile file) {
        KnifeOutline knife = KnifeShape.outline(file.specification());
        List<Integer> pins = IntStream.range(0, knife.holes().size())
                .filter(i -> knife.holes().get(i).use() == Use.PIN)
                .boxed()
                .toList();
        int first = pins.get(0);
        int last = pins.get(pins.size() - 1);
        Point from = place(file, first).orElse(knife.holes().get(first).centre());
        Point to = place(file, last).orElse(knife.holes().get(last).centre());
        return Length.ofMillimetres(from.distanceTo(to));
    }

    private static Optional<Point> place(PieceFile file, int index) {
        return file.holesRead().stream()
                .filter(hole -> hole.part().equals(Template.STEEL) && hole.number() == index + 1)
                .map(HoleRead::place)
                .findFirst();
    }

    private static SparePairView spare(SpareRow row, DimensionChain chain, Length spacing, Units units) {
        Length tangHole =
                chain.value(PieceDimensions.TANG_HOLE).map(Length.class::cast).orElse(row.hole());
        Length pin = chain.value(PieceDimensions.PIN_DIAMETER)
                .map(Length.class::cast)
                .orElseThrow();
        try {
            SparePair pair = new SparePair(spacing, row.spacing(), tangHole, row.hole(), pin);
            return new SparePairView(
                    row.id(),
                    row.serial(),
                    pair.goesOn() ? "goes on this tang" : "does not go on this tang",
                    pair.goesOn(),
                    WorkedView.of(pair.left(units), units),
                    row.by());
        } catch (ImpossibleQuantity tight) {
            return new SparePairView(
                    row.id(),
                    row.serial(),
                    "its holes are smaller than what goes through",
                    false,
                    new WorkedView(row.hole().in(units), List.of(), List.of()),
                    row.by());
        }
    }
}
