package hiltboard.server.machine;

import hiltboard.core.blade.inset.Inset;
import hiltboard.core.chain.DimensionChain;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.exchange.Template;
import hiltboard.core.field.Option;
import hiltboard.core.fit.TangSlot;
import hiltboard.core.machine.Bore;
import hiltboard.core.machine.CutterLife;
import hiltboard.core.machine.CutterLife.Cut;
import hiltboard.core.machine.CutterMaterial;
import hiltboard.core.machine.Cutting;
import hiltboard.core.machine.Cutting.Mill;
import hiltboard.core.machine.DrillMethod;
import hiltboard.core.machine.HoleCheck;
import hiltboard.core.machine.ReadoutSheet;
import hiltboard.core.machine.ReadoutSheet.Move;
import hiltboard.core.machine.RimPressure;
import hiltboard.core.machine.Stiffness;
import hiltboard.core.machine.Workpiece;
import hiltboard.core.measure.Figure;
import hiltboard.core.measure.Judgement;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.route.Condition;
import hiltboard.core.route.HoleOff;
import hiltboard.core.route.Place;
import hiltboard.core.route.Workplace;
import hiltboard.server.access.Person;
import hiltboard.server.chain.HoleRepository.HoleRow;
import hiltboard.server.job.Drawing;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.machine.CutterRepository.CutRow;
import hiltboard.server.route.Workplaces;
import hiltboard.server.stock.CutterStock;
import hiltboard.server.stock.CutterStock.Cutter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
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
    private final CutterRepository cuts;
    private final CutterStock stock;
    private final Workplaces workplaces;

    MachineRoom(PieceFiles files, CutterRepository cuts, CutterStock stock, Workplaces workplaces) {
        this.workplaces = workplaces;
        this.files = files;
        this.cuts = cuts;
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

    /**
     * @param atHand the part that is drilled now: the steel while it is soft, then what comes on it; empty without
     *     holes
     * @param first what the first of the batch says to this one; empty where there is nothing to say
     */
    record HolesView(
            long id,
            List<HolePart> parts,
            String atHand,
            String datum,
            String first,
            String relief,
            boolean hasFasteners) {}

    /** @param x as it is set, and {@code turned} with the piece lying end for end */
    record MoveView(String words, String x, String y, String turnedX, String turnedY) {}

    /**
     * The slot of a part.
     *
     * @param onTheRack how many cutters of that size are there, in words
     * @param drill of the chain that goes first
     * @param running passes, turns and feed, and {@code assumed} for which machine
     */
    record ReadoutView(
            String part,
            String cutter,
            String onTheRack,
            String drill,
            String depth,
            String running,
            String assumed,
            List<MoveView> moves,
            List<String> before) {}

    record CutterView(long lot, String words, String left, String used, List<String> working, List<String> cautions) {}

    record CuttersView(List<CutterView> cutters, List<Option> materials, List<Option> workpieces) {}

    HolesView holes(long id, Person person) {
        PieceFile file = files.open(id);
        Units units = person.units();
        return new HolesView(
                id,
                parts(file).map(part -> part(part, file.holes(), units)).toList(),
                atHand(file),
                "From where the spine meets the front of the handle: x towards the point, y away from the edge.",
                file.place() == Place.LATER_OF_BATCH ? first(file, units) : "",
                relief(file, units),
                file.specification().hasCounterbores());
    }

    private static String atHand(PieceFile file) {
        boolean isSoft = file.progress().conditions().contains(Condition.ANNEALED);
        return parts(file)
                .skip(isSoft ? 0 : 1)
                .map(part -> part.template().name())
                .findFirst()
                .orElse("");
    }

    private static Stream<MachinedPart> parts(PieceFile file) {
        return MachinedPart.of(file).stream().filter(MachinedPart::hasHoles);
    }

    private static HolePart part(MachinedPart machined, List<HoleRow> read, Units units) {
        Template part = machined.template();
        HoleCheck check = new HoleCheck(part.holes());
        Map<Integer, HoleRow> measured = read.stream()
                .filter(row -> row.read().part().equals(part.name())
                        && row.read().number() <= part.holes().size())
                .collect(Collectors.toMap(row -> row.read().number(), Function.identity()));
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
                        .map(each -> measured(each, check, units))
                        .orElse(MeasuredHole.NONE));
    }

    private static MeasuredHole measured(HoleRow row, HoleCheck check, Units units) {
        Judgement judged = check.of(row.read(), units);
        return new MeasuredHole(
                row.read().x().in(units),
                row.read().y().in(units),
                row.read().size().map(length -> length.in(units)).orElse(""),
                judged.verdict().name(),
                judged.words(),
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
                boolean isOff = check.place(i, row.read().place(), units).isOut();
                spots.add(
                        new HoleSpot(row.read().place().x(), -row.read().place().y(), across, true, isOff));
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
        return files.livingSiblings(file.id()).stream()
                .filter(each -> each.place() == Place.FIRST_OF_BATCH)
                .findFirst()
                .map(first -> first.holes().isEmpty() ? notMeasured(first) : off(first, units))
                .orElse("");
    }

    /** Once it was proved by hand, nobody has to measure it any more. */
    private static String notMeasured(PieceFile first) {
        return first.firstPieceProved()
                ? ""
                : "The holes of " + first.name() + ", the first of the batch, have not been measured yet.";
    }

    private static String off(PieceFile first, Units units) {
        return HoleOff.first(first.specification(), first.holesRead(), units)
                .map(words -> "On " + first.name() + ", the first of the batch: " + words
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

    /** The readout's moves for the slots that the tang goes through: of the part first that is not milled yet. */
    List<ReadoutView> readouts(long id, Person person) {
        PieceFile file = files.open(id);
        Units units = person.units();
        DimensionChain chain = file.chain(units);
        Specification spec = file.specification();
        List<ReadoutView> sheets = new ArrayList<>();
        chain.value(PieceDimensions.POCKET_DEPTH)
                .map(Length.class::cast)
                .ifPresent(deep -> sheets.add(
                        readout("Guard", deep, Workpiece.of(spec.guardMaterial()), chain, units, "from the back")));
        chain.value(PieceDimensions.TANG_SLOT_IN_SPACER)
                .map(width -> length(chain, PieceDimensions.SPACER_THICKNESS))
                .ifPresent(deep -> sheets.add(readout(
                        "Spacer",
                        deep,
                        Workpiece.of(spec.fitting(SpecificationField.SPACER_MATERIAL)),
                        chain,
                        units,
                        "right through, on a board")));
        if (file.progress().isGuardCut()) {
            Collections.rotate(sheets, -1);
        }
        return List.copyOf(sheets);
    }

    private ReadoutView readout(
            String part, Length deep, Workpiece material, DimensionChain chain, Units units, String how) {
        TangSlot slot =
                new TangSlot(length(chain, PieceDimensions.TANG_WIDTH), length(chain, PieceDimensions.TANG_THICKNESS));
        Length cutter = chain.value(PieceDimensions.SLOT_CUTTER)
                .map(Length.class::cast)
                .orElseGet(() -> slot.cutter(units).value());
        ReadoutSheet sheet = new ReadoutSheet(slot, cutter);
        Optional<Workplace> mill = workplaces.mill();
        Cutting cutting =
                Cutting.usual(material, cutter, mill.flatMap(Workplace::mill).orElse(Mill.usual(Stiffness.LIGHT)));
        Figure passes = cutting.passes(deep, units).value();
        return new ReadoutView(
                part,
                cutter.entryIn(units),
                onTheRack(cutter, units),
                sheet.drill()
                        .map(drill -> drill.name() + ", " + drill.diameter().in(units))
                        .orElse(""),
                deep.in(units) + " " + how,
                passes.in(units) + " of " + deep.times(1 / passes.number()).in(units) + ", "
                        + cutting.turns(units).value().in(units) + ", feed "
                        + cutting.feed(units).value().in(units),
                "For a carbide cutter of four teeth in " + material.words().toLowerCase(Locale.ROOT)
                        + mill.map(place -> " on “" + place.name() + "”.")
                                .orElse(
                                        " on a usual light bench mill: nobody has written down yet what the mill here bears."),
                sheet.moves(units).stream().map(move -> view(move, units)).toList(),
                List.of(
                        "Edge-find both sides of the " + part.toLowerCase(Locale.ROOT) + ", halve, set zero.",
                        "Spindle on, then feed; conventional for the depth, climb for the last skim only.",
                        "The same zero and the same cutter for every one of a batch."));
    }

    private String onTheRack(Length cutter, Units units) {
        long pieces = stock.endMills(units).stream()
                .filter(each -> each.diameter().filter(cutter::equals).isPresent())
                .mapToLong(Cutter::pieces)
                .sum();
        return pieces == 0 ? "none on the rack" : pieces + " on the rack";
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
        Map<Long, List<CutRow>> cuts = this.cuts.all().stream().collect(Collectors.groupingBy(CutRow::lot));
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
