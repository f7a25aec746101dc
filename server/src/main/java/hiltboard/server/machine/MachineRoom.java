package hiltboard.server.machine;

import hiltboard.core.blade.inset.Inset;
import hiltboard.core.chain.DimensionChain;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.exchange.Template;
import hiltboard.core.field.Option;
import hiltboard.core.fit.GuardSlot;
import hiltboard.core.machine.Bore;
import hiltboard.core.machine.CutterLife;
import hiltboard.core.machine.CutterLife.Cut;
import hiltboard.core.machine.CutterMaterial;
import hiltboard.core.machine.DrillMethod;
import hiltboard.core.machine.HoleCheck;
import hiltboard.core.machine.ReadoutSheet;
import hiltboard.core.machine.ReadoutSheet.Move;
import hiltboard.core.machine.RimPressure;
import hiltboard.core.machine.ShoulderedFastener;
import hiltboard.core.machine.Workpiece;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Judgement;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.ThreadSize;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.route.Condition;
import hiltboard.core.route.Place;
import hiltboard.server.Refusal;
import hiltboard.server.Typed;
import hiltboard.server.access.Person;
import hiltboard.server.job.Drawing;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.machine.MachineRepository.CutRow;
import hiltboard.server.machine.MachineRepository.HoleRow;
import hiltboard.server.stock.CutterStock;
import hiltboard.server.stock.CutterStock.Cutter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What drill press and mill show of a piece; belongs into a transaction of the caller. */
@Component
class MachineRoom {
    private static final LengthRange HEADS = LengthRange.of("1/16", "1");
    /** A shoulder of 1/16 in all round bears. Common practice. */
    private static final Length SHOULDER = Length.ofInchFraction(1, 8);

    private final PieceFiles files;
    private final MachineRepository machine;
    private final CutterStock stock;

    MachineRoom(PieceFiles files, MachineRepository machine, CutterStock stock) {
        this.files = files;
        this.machine = machine;
        this.stock = stock;
    }

    /**
     * A hole of the table, and what it was measured at.
     *
     * @param within how far it may be off its place
     * @param verdict IN, NEAR or OUT; empty while it was not measured
     */
    record HoleView(
            int number,
            String use,
            String drill,
            String diameter,
            String x,
            String y,
            String within,
            MeasuredHole measured) {}

    /** @param verdict IN, NEAR or OUT; empty while it was not measured, and all else with it */
    record MeasuredHole(String x, String y, String size, String verdict, String why, String by) {
        private static final MeasuredHole NONE = new MeasuredHole("", "", "", "", "", "");
    }

    /** A hole or a measured place in the drawing, in millimetres, y downwards. */
    record HoleSpot(double x, double y, double diameter, boolean isMeasured, boolean isOff) {}

    record HolePart(
            String name,
            String outline,
            List<HoleSpot> spots,
            List<HoleView> holes,
            String turns,
            List<String> howTo) {}

    /** @param first what the first of the batch says to this one; empty where there is nothing to say */
    record HolesView(long id, List<HolePart> parts, String datum, String first, String relief, boolean hasFasteners) {}

    /** @param x as it is set, and {@code turned} with the piece lying end for end */
    record MoveView(String words, String x, String y, String turnedX, String turnedY) {}

    /** @param drill of the chain that goes first */
    record ReadoutView(String cutter, String drill, String depth, List<MoveView> moves, List<String> before) {}

    record CutterView(long lot, String words, String left, String used, List<String> working, List<String> cautions) {}

    record CuttersView(List<CutterView> cutters, List<Option> materials, List<Option> workpieces) {}

    HolesView holes(long id, Person person) {
        PieceFile file = files.open(id);
        Units units = person.units();
        List<HoleRow> read = machine.holes(id);
        return new HolesView(
                id,
                MachiningService.parts(file).stream()
                        .map(part -> part(file, part, read, units))
                        .toList(),
                "From where the spine meets the front of the handle: x towards the point, y away from the edge.",
                file.place() == Place.LATER_OF_BATCH ? first(file, units) : "",
                relief(file, units),
                file.specification().hasCounterbores());
    }

    private static HolePart part(PieceFile file, Template part, List<HoleRow> read, Units units) {
        HoleCheck check = new HoleCheck(part.holes());
        Map<Integer, HoleRow> measured = read.stream()
                .filter(row -> row.part().equals(part.name())
                        && row.hole() <= part.holes().size())
                .collect(Collectors.toMap(HoleRow::hole, Function.identity()));
        DrillMethod method = method(file, part);
        return new HolePart(
                part.name(),
                part.outlines().stream().map(Drawing::closed).collect(Collectors.joining()),
                spots(part, measured, check, units),
                IntStream.range(0, part.holes().size())
                        .mapToObj(i -> hole(part.holes().get(i), i, check, measured.get(i + 1), units))
                        .toList(),
                method.turns(units).value().in(units),
                method.peck(units).working());
    }

    private static HoleView hole(Bore bore, int index, HoleCheck check, @Nullable HoleRow row, Units units) {
        return new HoleView(
                index + 1,
                bore.use().words(),
                bore.drill(),
                bore.diameter().in(units),
                at(bore.centre().x(), units),
                at(bore.centre().y(), units),
                check.placeWithin(index).asRead(units).in(units),
                Optional.ofNullable(row)
                        .map(each -> measured(each, index, check, units))
                        .orElse(MeasuredHole.NONE));
    }

    private static MeasuredHole measured(HoleRow row, int index, HoleCheck check, Units units) {
        Judgement place = check.place(index, row.place(), units);
        Judgement size =
                row.size().map(length -> check.size(index, length, units)).orElse(place);
        Judgement worse = place.isOut() ? place : size;
        return new MeasuredHole(
                row.x().in(units),
                row.y().in(units),
                row.size().map(length -> length.in(units)).orElse(""),
                worse.verdict().name(),
                worse.words(),
                row.by());
    }

    private static List<HoleSpot> spots(Template part, Map<Integer, HoleRow> measured, HoleCheck check, Units units) {
        List<HoleSpot> spots = new ArrayList<>();
        for (int i = 0; i < part.holes().size(); i++) {
            Bore bore = part.holes().get(i);
            double across = bore.diameter().millimetres();
            spots.add(new HoleSpot(bore.centre().x(), -bore.centre().y(), across, false, false));
            HoleRow row = measured.get(i + 1);
            if (row != null) {
                boolean isOff = check.place(i, row.place(), units).isOut();
                spots.add(new HoleSpot(row.place().x(), -row.place().y(), across, true, isOff));
            }
        }
        return spots;
    }

    private static String at(double millimetres, Units units) {
        return Length.ofMillimetres(Math.round(millimetres * 1000) / 1000d)
                .asRead(units)
                .in(units);
    }

    /** Holes of steel are drilled while it is soft; those of a scale through the scale. */
    private static DrillMethod method(PieceFile file, Template part) {
        Specification spec = file.specification();
        boolean isSteel = part.equals(MachiningService.parts(file).get(0));
        DimensionChain chain = file.chain(Units.MILLIMETRE_CELSIUS);
        boolean isHard = !file.progress().conditions().contains(Condition.ANNEALED);
        Workpiece piece = isSteel ? Workpiece.of(spec.steel(), isHard) : handle(spec);
        Length depth = chain.value(isSteel ? PieceDimensions.STOCK_THICKNESS : PieceDimensions.SCALE_THICKNESS)
                .map(Length.class::cast)
                .orElse(spec.length(SpecificationField.STOCK_THICKNESS));
        CutterMaterial drill = piece.speed(CutterMaterial.HIGH_SPEED_STEEL).isPresent()
                ? CutterMaterial.HIGH_SPEED_STEEL
                : CutterMaterial.CARBIDE;
        return new DrillMethod(piece, drill, part.holes().get(0).diameter(), depth);
    }

    /** A folder's sides without covers are metal, and the hardest to drill of it is taken. */
    private static Workpiece handle(Specification spec) {
        return spec.answersAll(SpecificationField.HANDLE_MATERIAL)
                ? Workpiece.of(spec.handleMaterial())
                : Workpiece.TITANIUM;
    }

    /** The first piece is measured and judged before the next. */
    private String first(PieceFile file, Units units) {
        PieceFile first = files.livingSiblings(file.id()).stream()
                .filter(each -> each.place() == Place.FIRST_OF_BATCH)
                .findFirst()
                .orElse(file);
        List<HoleRow> read = machine.holes(first.id());
        if (first.id() == file.id()) {
            return "";
        }
        if (read.isEmpty()) {
            return "The holes of " + first.name() + ", the first of the batch, have not been measured yet.";
        }
        return MachiningService.parts(first).stream()
                .flatMap(part -> part(first, part, read, units).holes().stream()
                        .filter(hole -> hole.measured().verdict().equals("OUT"))
                        .map(hole -> part.name() + ": " + hole.measured().why()))
                .findFirst()
                .map(off -> "On " + first.name() + ", the first of the batch: " + off
                        + " Put it right before this one is drilled.")
                .orElse("");
    }

    /** What a pocket inside a scale does to the pressure on its rim. */
    private static String relief(PieceFile file, Units units) {
        Specification spec = file.specification();
        if (!spec.hasScaleRelief()) {
            return "";
        }
        Length rim = (Length)
                file.chain(units).value(PieceDimensions.SCALE_RELIEF_RIM).orElseThrow();
        Worked<? extends Quantity> times =
                new RimPressure(Inset.of(KnifeShape.outline(spec).handle(), rim)).times();
        return "The rim of " + rim.in(units) + " bears " + times.value().in(units)
                + " the pressure: whole face over rim, " + String.join("; ", times.working()) + ". "
                + String.join(" ", times.cautions());
    }

    /** One dimension of a turned blank, in words and in millimetres. */
    record TurnedSize(String label, String words, double millimetres, List<String> working, List<String> cautions) {
        static TurnedSize of(String label, Worked<Length> worked, Units units) {
            return new TurnedSize(
                    label,
                    (worked.value().in(units) + " " + worked.note()).strip(),
                    worked.value().millimetres(),
                    worked.working(),
                    worked.cautions());
        }
    }

    /** A shouldered fastener of this piece: what is turned, and what is drilled for it. */
    record FastenerView(
            String thread,
            String head,
            TurnedSize headAcross,
            TurnedSize headThick,
            TurnedSize barrelAcross,
            TurnedSize barrelLong,
            TurnedSize screwAcross,
            TurnedSize screwLong,
            List<TurnedSize> drilled) {}

    /**
     * Empty for a knife without counterbores.
     *
     * @param thread and head as they were typed; the usual for the piece's pins where they are empty
     * @throws Refusal if such a fastener cannot be
     */
    Optional<FastenerView> fastener(long id, String thread, String head, Person person) {
        PieceFile file = files.open(id);
        return file.specification().hasCounterbores()
                ? Optional.of(fastener(file, thread, head, person.units()))
                : Optional.empty();
    }

    private static FastenerView fastener(PieceFile file, String thread, String head, Units units) {
        DimensionChain chain = file.chain(units);
        Length shank = length(chain, PieceDimensions.PIN_DIAMETER);
        ThreadSize screw = (thread.isBlank() ? ShoulderedFastener.threadIn(shank) : ThreadSize.named(thread))
                .orElseThrow(() -> Refusal.entry(
                        "thread", thread, "No table has such a thread", "a thread such as 6-32, 4-40 or M3"));
        Typed typed = new Typed(units);
        Length across = typed.maybeLength("head", head, HEADS).orElse(shank.plus(SHOULDER));
        typed.mustBeUnderstood();
        try {
            return view(
                    new ShoulderedFastener(
                            length(chain, PieceDimensions.BLADE_THICKNESS),
                            length(chain, PieceDimensions.SCALE_THICKNESS),
                            Length.ZERO,
                            length(chain, PieceDimensions.COUNTERBORE_DEPTH),
                            length(chain, PieceDimensions.HANDLE_HOLLOW),
                            screw,
                            across),
                    units);
        } catch (ImpossibleQuantity impossible) {
            throw Refusal.impossible(impossible.quantity(), head, impossible, units);
        }
    }

    private static FastenerView view(ShoulderedFastener fastener, Units units) {
        Worked<Length> head = Worked.of(fastener.head(), "As typed, or the pin and 1/16 in of shoulder all round");
        Worked<Length> major = Worked.of(fastener.thread().major(), "Of the thread");
        return new FastenerView(
                fastener.thread().name(),
                fastener.head().in(units),
                TurnedSize.of("Head, across", head, units),
                TurnedSize.of("Head, thick at most", fastener.headThickness(units), units),
                TurnedSize.of("Shank, across", fastener.barrel(units), units),
                TurnedSize.of("Shank, long", fastener.shank(units), units),
                TurnedSize.of("Thread, across", major, units),
                TurnedSize.of("Thread, long", fastener.screw(units), units),
                List.of(
                        TurnedSize.of("Grip between the shoulders", fastener.grip(units), units),
                        TurnedSize.of("Through tang and scales", fastener.hole(units), units),
                        TurnedSize.of("Counterbore", fastener.counterboreCutter(units), units),
                        TurnedSize.of(
                                "Tap drill in the barrel",
                                fastener.thread().tapDrill(ThreadSize.USUAL_PERCENT, units),
                                units)));
    }

    /** The readout's moves for the slot of a guard; empty for a knife without one. */
    Optional<ReadoutView> readout(long id, Person person) {
        PieceFile file = files.open(id);
        Units units = person.units();
        DimensionChain chain = file.chain(units);
        return chain.value(PieceDimensions.SLOT_CUTTER).map(Length.class::cast).map(cutter -> {
            GuardSlot slot = new GuardSlot(
                    length(chain, PieceDimensions.TANG_WIDTH),
                    length(chain, PieceDimensions.TANG_THICKNESS),
                    length(chain, PieceDimensions.GUARD_THICKNESS));
            ReadoutSheet sheet = new ReadoutSheet(slot, cutter);
            return new ReadoutView(
                    cutter.entryIn(units),
                    sheet.drill()
                            .map(drill -> drill.name() + ", " + drill.diameter().in(units))
                            .orElse(""),
                    slot.pocketDepth(units).value().in(units),
                    sheet.moves(units).stream().map(move -> view(move, units)).toList(),
                    List.of(
                            "Edge-find both sides of the guard, halve, set zero.",
                            "Spindle on, then feed; conventional for the depth, climb for the last skim only.",
                            "The same zero and the same cutter for every guard of a batch."));
        });
    }

    private static Length length(DimensionChain chain, String key) {
        return (Length) chain.value(key).orElseThrow();
    }

    private static MoveView view(Move move, Units units) {
        Move turned = ReadoutSheet.turned(move);
        return new MoveView(
                move.words(),
                signed(move.x(), units),
                signed(move.y(), units),
                signed(turned.x(), units),
                signed(turned.y(), units));
    }

    private static String signed(Length length, Units units) {
        Length read = length.asRead(units);
        return (read.isPositive() ? "+" : "") + read.number(units);
    }

    CuttersView cutters(Person person) {
        Units units = person.units();
        Map<Long, List<CutRow>> cuts = machine.cuts().stream().collect(Collectors.groupingBy(CutRow::lot));
        return new CuttersView(
                stock.all(units).stream()
                        .map(cutter -> view(cutter, cuts.getOrDefault(cutter.lot(), List.of()), units))
                        .toList(),
                Arrays.stream(CutterMaterial.values())
                        .map(each -> new Option(each.name(), each.words()))
                        .toList(),
                Arrays.stream(Workpiece.values())
                        .map(each -> new Option(each.name(), each.words()))
                        .toList());
    }

    private static CutterView view(Cutter cutter, List<CutRow> cuts, Units units) {
        CutterMaterial material =
                cuts.isEmpty() ? CutterMaterial.CARBIDE : cuts.get(0).material();
        Worked<? extends Quantity> life = new CutterLife(
                        material,
                        cutter.diameter().orElse(Length.ofInchFraction(1, 4)),
                        cuts.stream()
                                .map(row -> new Cut(row.workpiece(), row.length()))
                                .toList())
                .worked(units);
        List<String> cautions = new ArrayList<>(life.cautions());
        if (!cautions.isEmpty() && cutter.pieces() <= 1) {
            cautions.add("No spare lies on the rack.");
        }
        return new CutterView(
                cutter.lot(), cutter.words(), cutter.left(), life.value().in(units), life.working(), cautions);
    }
}
