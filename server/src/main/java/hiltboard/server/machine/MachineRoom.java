package hiltboard.server.machine;

import hiltboard.core.blade.inset.Inset;
import hiltboard.core.chain.DimensionChain;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specification;
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
import hiltboard.core.machine.Workpiece;
import hiltboard.core.measure.Judgement;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.route.Place;
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
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What drill press and mill show of a piece; belongs into a transaction of the caller. */
@Component
class MachineRoom {
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
                parts(file).map(part -> part(part, read, units)).toList(),
                "From where the spine meets the front of the handle: x towards the point, y away from the edge.",
                file.place() == Place.LATER_OF_BATCH ? first(file, units) : "",
                relief(file, units),
                file.specification().hasCounterbores());
    }

    private static Stream<MachinedPart> parts(PieceFile file) {
        return MachinedPart.of(file).stream().filter(MachinedPart::hasHoles);
    }

    private static HolePart part(MachinedPart machined, List<HoleRow> read, Units units) {
        Template part = machined.template();
        HoleCheck check = new HoleCheck(part.holes());
        Map<Integer, HoleRow> measured = read.stream()
                .filter(row -> row.part().equals(part.name())
                        && row.hole() <= part.holes().size())
                .collect(Collectors.toMap(HoleRow::hole, Function.identity()));
        DrillMethod method = method(machined);
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

    private static DrillMethod method(MachinedPart part) {
        Length diameter = part.template().holes().get(0).diameter();
        return new DrillMethod(
                part.material(),
                part.material().usualDrill(),
                diameter,
                part.thickness().orElse(diameter));
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
        return parts(first)
                .flatMap(part -> part(part, read, units).holes().stream()
                        .filter(hole -> hole.measured().verdict().equals("OUT"))
                        .map(hole ->
                                part.template().name() + ": " + hole.measured().why()))
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
