package hiltboard.server.sheath;

import hiltboard.core.blade.KnifeOutline;
import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.field.Option;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.plan.PutOn.AtStation;
import hiltboard.core.route.Operation;
import hiltboard.core.route.Part;
import hiltboard.core.route.Progress;
import hiltboard.core.route.Route.Step;
import hiltboard.core.route.SheathState;
import hiltboard.core.route.Station;
import hiltboard.core.route.Trait;
import hiltboard.core.route.WorkLeft;
import hiltboard.core.sheath.SheathPart;
import hiltboard.core.sheath.SheathPlan;
import hiltboard.core.sheath.TrialFit;
import hiltboard.core.sheath.nesting.Flaw;
import hiltboard.core.sheath.nesting.Nesting;
import hiltboard.core.sheath.nesting.Nesting.Laid;
import hiltboard.core.sheath.nesting.Nesting.Layout;
import hiltboard.core.sheath.nesting.Nesting.Wanted;
import hiltboard.server.Refusal;
import hiltboard.server.WorkedView;
import hiltboard.server.access.Person;
import hiltboard.server.job.Drawing;
import hiltboard.server.job.Frame;
import hiltboard.server.job.Gates;
import hiltboard.server.job.Hands;
import hiltboard.server.job.Hands.Holder;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.plan.PutOnRepository;
import hiltboard.server.route.StepRepository.StepRow;
import hiltboard.server.sheath.SheathRepository.FlawRow;
import hiltboard.server.sheath.SheathRepository.SideRow;
import hiltboard.server.sheath.SheathRepository.TrialRow;
import hiltboard.server.stock.LeatherStock;
import hiltboard.server.stock.LeatherStock.Leather;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** What the leather bench shows; belongs into a transaction of the caller. */
@Component
class SheathViews {
    /** Leather this near to what was asked for is as good as it; common practice. */
    private static final Length NEAR = Length.ofInchFraction(1, 64);

    private final PieceFiles files;
    private final SheathRepository sheaths;
    private final LeatherStock leather;
    private final PutOnRepository putOn;

    SheathViews(PieceFiles files, SheathRepository sheaths, LeatherStock leather, PutOnRepository putOn) {
        this.files = files;
        this.sheaths = sheaths;
        this.leather = leather;
        this.putOn = putOn;
    }

    /** A piece whose sheath is not fitted yet. @param isNow whether something can be done to it now */
    record SheathWaitingView(
            long piece,
            String pieceName,
            String jobTitle,
            String step,
            String stepWords,
            boolean isNow,
            String state,
            String with,
            String holdsUp) {}

    /** @param size empty where nobody has measured it */
    record LeatherLineView(long lot, String words, String left, String size) {}

    record LeatherBenchView(List<SheathWaitingView> waiting, List<LeatherLineView> leather) {}

    /** A line of the drawing. @param kind what it is */
    record SheathMark(String kind, String path) {}

    /** @param holes dots as one path: points without length */
    record SheathPartView(String name, String size, int holes, PartFrame frame, List<SheathMark> marks) {}

    /** The smallest frame around a drawing, in millimetres, y downwards. @param hole diameter of its holes */
    record PartFrame(double minX, double minY, double width, double height, double hole) {}

    /** @param waitsFor what is to be done to the knife before; empty for nothing */
    record SheathStepView(String operation, String title, String stage, String waitsFor) {}

    record SheathTrialView(
            long id, String fit, String fitWords, String words, String by, long atMillis, String remedy) {}

    /** A number with its name and its arithmetic. */
    record NamedWorkedView(String label, WorkedView worked) {}

    /**
     * A sheath as it is made.
     *
     * @param leather or the sheet, in words
     * @param seam how it is held together, in words
     * @param isTrial whether its trial is still to be done
     * @param holder on whom what is left of it is put
     */
    record SheathView(
            long id,
            String pieceName,
            String jobTitle,
            String kind,
            String state,
            String leather,
            String seam,
            PartFrame frame,
            List<SheathMark> marks,
            List<SheathPartView> parts,
            List<NamedWorkedView> numbers,
            List<SheathStepView> steps,
            boolean isTrial,
            List<Option> fits,
            List<SheathTrialView> trials,
            Holder holder) {}

    record LeatherFlawView(long id, String kind, String words, double x, double y, double radius, String by) {}

    record LaidView(long piece, String pieceName, String part, String path, double x, double y) {}

    /**
     * A side of leather; sizes for the drawing in millimetres, y downwards.
     *
     * @param width zero where nobody has measured it
     * @param left what has no room, in words
     * @param otherwise pieces that ask for another leather, in words
     */
    record LeatherSideView(
            long lot,
            String words,
            String left,
            double length,
            double width,
            String size,
            List<Option> kinds,
            List<LeatherFlawView> flaws,
            List<LaidView> laid,
            List<String> noRoom,
            List<String> otherwise,
            String used) {}

    LeatherBenchView bench(Person person) {
        Hands hands = new Hands(putOn.all());
        return new LeatherBenchView(
                files.openAllOfLivingJobs().stream()
                        .filter(PieceFile::isAlive)
                        .filter(file -> file.specification().hasSheath())
                        .flatMap(file -> waiting(file, hands, person.units()).stream())
                        .sorted((a, b) -> Boolean.compare(b.isNow(), a.isNow()))
                        .toList(),
                leather.all(person.units()).stream()
                        .map(each -> new LeatherLineView(
                                each.lot(),
                                each.words(),
                                each.left(),
                                sheaths.side(each.lot())
                                        .map(side -> size(side.length(), side.width(), person.units()))
                                        .orElse("")))
                        .toList());
    }

    private static String size(Length length, Length width, Units units) {
        return length.asTaped(units).brieflyIn(units) + " × "
                + width.asTaped(units).brieflyIn(units);
    }

    private static Stream<Step> left(PieceFile file, Progress progress) {
        return file.route().steps().stream()
                .filter(step -> step.operation().part() == Part.SHEATH
                        && !progress.isDone(step.operation().key()));
    }

    private static Optional<SheathWaitingView> waiting(PieceFile file, Hands hands, Units units) {
        Progress progress = file.progress();
        Gates gates = new Gates(file, progress, units);
        Optional<Step> now = left(file, progress)
                .filter(step -> file.row(step).filter(StepRow::isUnderWay).isPresent() || gates.isItsTurn(step))
                .findFirst();
        return now.or(() -> left(file, progress).findFirst())
                .map(Step::operation)
                .map(operation -> {
                    Holder with = hands.of(file, operation);
                    return new SheathWaitingView(
                            file.id(),
                            file.name(),
                            file.jobTitle(),
                            operation.key(),
                            operation.title(),
                            now.isPresent(),
                            SheathState.of(progress).words(),
                            with.name(),
                            file.heldReason().map(reason -> "held: " + reason).orElse(""));
                });
    }

    private static SheathPlan plan(PieceFile file, Units units) {
        return file.sheath(units).orElseThrow(() -> Refusal.notThere(file.name() + " is made without a sheath."));
    }

    SheathView piece(long id, Person person) {
        Units units = person.units();
        PieceFile file = files.open(id);
        Specification spec = file.specification();
        SheathPlan plan = plan(file, units);
        Progress progress = file.progress();
        boolean isTrial = SheathService.trialNow(file, units);
        return new SheathView(
                file.id(),
                file.name(),
                file.jobTitle(),
                spec.words(SpecificationField.SHEATH, units),
                SheathState.of(progress).words(),
                leather(spec, plan, units) + ". " + mouth(plan, units),
                seam(plan, units),
                frame(pictured(plan, knife(spec, plan)), plan.joint().hole()),
                marks(plan, knife(spec, plan)),
                plan.parts(units).stream()
                        .map(part -> part(part, plan.joint().isSewn(), units))
                        .toList(),
                numbers(file, plan, units),
                steps(file, progress),
                isTrial,
                Arrays.stream(TrialFit.values())
                        .map(fit -> new Option(fit.name(), fit.words()))
                        .toList(),
                sheaths.trials(id).stream()
                        .map(trial -> trial(trial, plan, units))
                        .toList(),
                new Hands(putOn.all()).of(new AtStation(id, Station.LEATHER)));
    }

    private static String leather(Specification spec, SheathPlan plan, Units units) {
        Length thickness = plan.cut().wall().thickness();
        return spec.hasLeatherSheath()
                ? spec.count(SpecificationField.LEATHER_WEIGHT) + " oz leather, "
                        + Units.both(each -> thickness.asRead(each).in(each)) + " thick, "
                        + (spec.isWetFormed() ? "wet-formed" : "not formed")
                : "Plastic sheet, " + thickness.in(units);
    }

    private static String mouth(SheathPlan plan, Units units) {
        double behind = -plan.cut().mouth();
        String throat = "; the throat is " + plan.cut().throat().asTaped(units).brieflyIn(units) + " wide";
        return behind > 0
                ? "The mouth lies "
                        + Length.ofMillimetres(behind).asTaped(units).brieflyIn(units) + " over the handle" + throat
                : "The mouth ends where the blade does" + throat;
    }

    private static String seam(SheathPlan plan, Units units) {
        int holes = plan.seamHoles().size();
        String length = plan.seamLength().asTaped(units).brieflyIn(units);
        return plan.joint().isSewn()
                ? length + " of seam, " + holes + " holes "
                        + plan.joint().pitch().asRead(units).in(units)
                        + " apart; with what is sewn on " + plan.holes() + " holes. Thread of about "
                        + plan.threadThickness()
                                .asRead(Units.MILLIMETRE_CELSIUS)
                                .in(Units.MILLIMETRE_CELSIUS)
                        + ", two blunt needles"
                : length + " of seam, " + holes + " eyelets; with what is screwed on " + plan.holes();
    }

    private static List<Outline> knife(Specification spec, SheathPlan plan) {
        KnifeOutline knife = KnifeShape.outline(spec);
        List<Outline> parts = spec.isAxe()
                ? List.of(knife.blade().moved(point -> new Point(-point.y(), point.x())))
                : spec.isFolder()
                        ? List.of(knife.handle())
                        : List.of(knife.blade(), knife.guard(), knife.spacer(), knife.handle());
        return parts.stream().filter(part -> !part.isEmpty()).toList();
    }

    private static List<Outline> pictured(SheathPlan plan, List<Outline> knife) {
        return Stream.concat(Stream.of(plan.cut().closed()), knife.stream()).toList();
    }

    /** The closed sheath with its knife in it. */
    private static List<SheathMark> marks(SheathPlan plan, List<Outline> knife) {
        List<SheathMark> marks = new ArrayList<>();
        marks.add(new SheathMark(
                plan.joint().isSewn() ? "CUT" : "SHEET",
                Drawing.closed(plan.cut().closed())));
        marks.add(new SheathMark(
                "HOLLOW", Drawing.closed(Outline.through(plan.cut().hollow()))));
        knife.forEach(part -> marks.add(new SheathMark("KNIFE", Drawing.closed(part))));
        marks.add(new SheathMark("HOLES", dots(plan.seamHoles())));
        return marks;
    }

    private static String dots(List<Point> holes) {
        return holes.stream()
                .map(hole -> String.format(Locale.ROOT, "M%.2f %.2fh0", hole.x(), -hole.y()))
                .collect(Collectors.joining());
    }

    private static PartFrame frame(List<Outline> lines, Length hole) {
        Frame frame = Frame.around(lines);
        return new PartFrame(frame.minX(), frame.minY(), frame.width(), frame.height(), hole.millimetres());
    }

    private static SheathPartView part(SheathPart part, boolean isSewn, Units units) {
        PartFrame frame = frame(List.of(part.cut()), part.hole());
        List<SheathMark> marks = new ArrayList<>();
        marks.add(new SheathMark(isSewn ? "CUT" : "SHEET", Drawing.closed(part.cut())));
        part.lines().forEach(line -> marks.add(new SheathMark("LINE", Drawing.open(line))));
        marks.add(new SheathMark("HOLES", dots(part.holes())));
        return new SheathPartView(
                part.name(),
                size(Length.ofMillimetres(frame.width()), Length.ofMillimetres(frame.height()), units),
                part.holes().size(),
                frame,
                marks);
    }

    private static List<NamedWorkedView> numbers(PieceFile file, SheathPlan plan, Units units) {
        List<NamedWorkedView> numbers = new ArrayList<>();
        file.chain(units)
                .link(PieceDimensions.SHEATH_MARGIN)
                .ifPresent(link -> numbers.add(named("Added all round", link.expected(), units)));
        if (plan.joint().isSewn()) {
            numbers.add(named("Thread for the seam", plan.thread(units), units));
            plan.stripThread(units)
                    .ifPresent(thread -> numbers.add(named("Thread for what is sewn on", thread, units)));
        }
        plan.lengths(units).forEach(length -> numbers.add(named(length.note(), length, units)));
        return numbers;
    }

    private static NamedWorkedView named(String label, Worked<?> worked, Units units) {
        return new NamedWorkedView(label, WorkedView.of(worked, units));
    }

    private static List<SheathStepView> steps(PieceFile file, Progress progress) {
        Map<String, WorkLeft> left = file.workLeft(progress).stream()
                .collect(Collectors.toMap(work -> work.operation().key(), Function.identity()));
        return file.route().steps().stream()
                .map(Step::operation)
                .filter(operation -> operation.part() == Part.SHEATH)
                .map(operation -> Optional.ofNullable(left.get(operation.key()))
                        .map(work -> new SheathStepView(
                                operation.key(),
                                operation.title(),
                                work.stage().name(),
                                work.waitsFor().stream()
                                        .filter(other -> other.part() != Part.SHEATH)
                                        .map(Operation::title)
                                        .collect(Collectors.joining(", "))))
                        .orElseGet(() -> new SheathStepView(operation.key(), operation.title(), "DONE", "")))
                .toList();
    }

    private static SheathTrialView trial(TrialRow trial, SheathPlan plan, Units units) {
        return new SheathTrialView(
                trial.id(),
                trial.fit().name(),
                trial.fit().words(),
                trial.words(),
                trial.by(),
                trial.atMillis(),
                trial.fit().remedy(plan.cut().wall(), plan.joint().isSewn(), units));
    }

    LeatherSideView side(long lot, Person person) {
        Units units = person.units();
        Leather here = leather.known(lot, units);
        Optional<SideRow> side = sheaths.side(lot);
        List<FlawRow> flaws = sheaths.flaws(lot);
        Map<Boolean, List<PieceFile>> waiting = files.openAllOfLivingJobs().stream()
                .filter(SheathViews::isToBeCut)
                .collect(Collectors.partitioningBy(file -> suits(here, file.specification())));
        Layout layout = side.map(row -> Nesting.of(
                        row.length(),
                        row.width(),
                        flaws.stream().map(FlawRow::flaw).toList(),
                        waiting.get(true).stream()
                                .flatMap(file -> wanted(file, units))
                                .toList()))
                .orElseGet(() -> new Layout(List.of(), List.of()));
        Map<Long, PieceFile> byId =
                waiting.get(true).stream().collect(Collectors.toMap(PieceFile::id, Function.identity()));
        return new LeatherSideView(
                lot,
                here.words(),
                here.left(),
                side.map(row -> row.length().millimetres()).orElse(0d),
                side.map(row -> row.width().millimetres()).orElse(0d),
                side.map(row -> size(row.length(), row.width(), units)).orElse(""),
                Arrays.stream(Flaw.Kind.values())
                        .map(kind -> new Option(kind.name(), kind.words()))
                        .toList(),
                flaws.stream().map(row -> flaw(row, side, units)).toList(),
                layout.laid().stream()
                        .map(laid -> laid(laid, byId, side.orElseThrow()))
                        .toList(),
                layout.left().stream()
                        .map(id -> byId.get(piece(id)).name() + ", " + part(id))
                        .toList(),
                waiting.get(false).stream()
                        .map(file -> file.name() + " asks for "
                                + file.specification().count(SpecificationField.LEATHER_WEIGHT) + " oz")
                        .toList(),
                layout.laid().isEmpty()
                        ? ""
                        : Length.ofMillimetres(layout.used()).asTaped(units).brieflyIn(units) + " of its length");
    }

    private static boolean isToBeCut(PieceFile file) {
        return file.isAlive()
                && file.specification().hasLeatherSheath()
                && left(file, file.progress()).anyMatch(step -> step.operation().is(Trait.CUTS_SHEATH));
    }

    /** Leather of which nobody has written down how thick it is suits any. */
    private static boolean suits(Leather here, Specification spec) {
        Length asked = Length.ofInchFraction(spec.count(SpecificationField.LEATHER_WEIGHT), 64);
        return here.thickness()
                .map(thickness -> thickness.minus(asked).absolute().nanometres() <= NEAR.nanometres())
                .orElse(true);
    }

    private static Stream<Wanted> wanted(PieceFile file, Units units) {
        return plan(file, units).parts(units).stream()
                .map(part -> new Wanted(file.id() + " " + part.name(), part.cut()));
    }

    private static long piece(String id) {
        return Long.parseLong(id.substring(0, id.indexOf(' ')));
    }

    private static String part(String id) {
        return id.substring(id.indexOf(' ') + 1);
    }

    private static LaidView laid(Laid laid, Map<Long, PieceFile> byId, SideRow side) {
        List<Point> points = laid.cut().points();
        Outline fromTop = laid.cut()
                .moved(point -> new Point(point.x(), point.y() - side.width().millimetres()));
        return new LaidView(
                piece(laid.id()),
                byId.get(piece(laid.id())).name(),
                part(laid.id()),
                Drawing.closed(fromTop),
                points.stream().mapToDouble(Point::x).average().orElseThrow(),
                side.width().millimetres()
                        - points.stream().mapToDouble(Point::y).average().orElseThrow());
    }

    private static LeatherFlawView flaw(FlawRow row, Optional<SideRow> side, Units units) {
        Flaw flaw = row.flaw();
        return new LeatherFlawView(
                row.id(),
                flaw.kind().name(),
                flaw.kind().words() + ", " + flaw.along().asTaped(units).brieflyIn(units) + " from the left, "
                        + flaw.up().asTaped(units).brieflyIn(units) + " up, "
                        + flaw.radius().asTaped(units).brieflyIn(units)
                        + " around",
                flaw.along().millimetres(),
                side.map(each -> each.width().millimetres() - flaw.up().millimetres())
                        .orElse(0d),
                flaw.radius().millimetres(),
                row.by());
    }
}
