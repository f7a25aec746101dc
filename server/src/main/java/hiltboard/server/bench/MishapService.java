package hiltboard.server.bench;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.field.Finding;
import hiltboard.core.fire.WheelHeat;
import hiltboard.core.forge.LaminateFlaw;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.plan.DaysInHand;
import hiltboard.core.route.Condition;
import hiltboard.core.route.Mishap;
import hiltboard.core.route.Operation;
import hiltboard.core.route.Route.Step;
import hiltboard.core.route.Station;
import hiltboard.core.route.TurnedBack;
import hiltboard.core.route.WayBack;
import hiltboard.core.route.WaysBack;
import hiltboard.core.route.WaysBack.Way;
import hiltboard.core.route.Worn;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.job.BelongingService;
import hiltboard.server.job.JobService;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.job.ShopDays;
import hiltboard.server.job.WorkAgain;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import hiltboard.server.route.Routes;
import hiltboard.server.route.StepRepository;
import hiltboard.server.route.StepRepository.NewMishap;
import hiltboard.server.route.StepRepository.Standing;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What goes wrong at a bench: the ways back that are open with what they cost, and the one that is chosen. */
@Service
public class MishapService {
    private static final int LONGEST_TEXT = 1_000;
    private static final LengthRange LIKELY = LengthRange.of("0", "24");

    private final PieceFiles files;
    private final StepRepository steps;
    private final WorkAgain workAgain;
    private final JobService jobs;
    private final Routes routes;
    private final Changes changes;
    private final ShopDays days;
    private final BelongingService belonging;
    private final ShopClock clock;

    MishapService(
            PieceFiles files,
            StepRepository steps,
            WorkAgain workAgain,
            JobService jobs,
            Routes routes,
            Changes changes,
            ShopDays days,
            ShopClock clock,
            BelongingService belonging) {
        this.belonging = belonging;
        this.days = days;
        this.files = files;
        this.steps = steps;
        this.workAgain = workAgain;
        this.jobs = jobs;
        this.routes = routes;
        this.changes = changes;
        this.clock = clock;
    }

    /**
     * What went wrong and how to go on.
     *
     * @param measured its size in shop notation; empty where it was not measured
     * @param sure whether the owner has confirmed what the way takes from somebody
     * @param from the step that is begun again, as the chosen way names it; empty where it names none
     */
    public record WentWrong(String kind, String words, String measured, WayBack wayBack, String from, boolean sure) {}

    /** One way back with what it costs; the day is the earliest on which the piece could be done. */
    public record WayView(
            String wayBack,
            String words,
            String from,
            List<String> again,
            List<String> comesIn,
            int minutes,
            List<String> rests,
            List<String> material,
            List<String> cautions,
            int daysInHand,
            String earliestDay) {}

    /** Something that can go wrong with a piece, for the form at the bench. */
    public record MishapChoice(String kind, String words, boolean isUsualHere, String measured, boolean needsMeasure) {}

    /** The ways back that are open, the numbers that the decision rests on, and what they warn of. */
    public record Ways(List<WayView> ways, List<String> working, List<String> cautions) {}

    /**
     * What can go wrong with this piece, the usual at this station first; what is measured of it is empty where nothing
     * is.
     */
    @Transactional(readOnly = true)
    public List<MishapChoice> choices(long piece, String operation) {
        PieceFile file = files.open(piece);
        Station station = file.step(operation).operation().station();
        return Arrays.stream(Mishap.values())
                .filter(mishap -> mishap.canHappenTo(file.specification()))
                .map(mishap -> new MishapChoice(
                        mishap.name(),
                        mishap.words(),
                        mishap.isUsualAt(station) && mishap != Mishap.OTHER,
                        mishap.measured(),
                        mishap.needsMeasure()))
                .toList();
    }

    /**
     * The ways that are open if this went wrong at this step now. @throws Refusal if the size is not understood or
     * impossible
     */
    @Transactional(readOnly = true)
    public Ways ways(long piece, String operation, String kind, String measured, Person person) {
        PieceFile file = files.openAlive(piece);
        Mishap mishap = mishap(kind);
        Step step = file.step(operation);
        List<Worked<Length>> numbers = numbers(file, mishap, measured, person.units());
        return new Ways(
                open(file, mishap, step).stream().map(way -> view(file, way)).toList(),
                Stream.concat(
                                looks(file, mishap, person.units()).stream(),
                                numbers.stream().flatMap(each -> each.working().stream()))
                        .toList(),
                numbers.stream().flatMap(each -> each.cautions().stream()).toList());
    }

    public Receipt wentWrong(long piece, String operation, WentWrong report, Person person, Command command) {
        Mishap mishap = mishap(report.kind());
        if (report.words().length() > LONGEST_TEXT) {
            throw Refusal.entry("words", "", "This is too long", "up to " + LONGEST_TEXT + " characters");
        }
        return changes.makeAll(command, () -> {
            PieceFile file = files.openAlive(piece);
            Step step = file.step(operation);
            List<Worked<Length>> numbers = numbers(file, mishap, report.measured(), person.units());
            Way way = chosen(open(file, mishap, step), report);
            List<Entry> entries = new ArrayList<>();
            if (way.way() == WayBack.SPARE) {
                PieceFile spare = files.spareFor(file).orElseThrow();
                entries.add(Entry.ofPiece(
                        Entry.Kind.PIECE_DESCRIBED,
                        spare.jobId(),
                        spare.id(),
                        spare.name() + " takes the place of " + file.name()));
            }
            goBack(file, mishap, way, report, person);
            String size = size(mishap, report.measured(), person.units());
            String decision = Stream.concat(
                            Stream.of(way.words()), numbers.stream().flatMap(each -> each.working().stream()))
                    .reduce((a, b) -> a + ". " + b)
                    .orElse("");
            steps.wentWrong(
                    new NewMishap(
                            piece,
                            operation,
                            mishap.name(),
                            report.words().strip(),
                            size,
                            way.way().name(),
                            way.from(),
                            decision,
                            way.minutes()),
                    person.id(),
                    clock.nowMillis());
            String told = Stream.of(size, report.words().strip())
                    .filter(text -> !text.isEmpty())
                    .reduce((a, b) -> a + "; " + b)
                    .map(text -> " (" + text + ")")
                    .orElse("");
            boolean isLost = way.way() == WayBack.SCRAP || way.way() == WayBack.SPARE;
            entries.add(
                    0,
                    file.entry(
                            isLost ? Entry.Kind.SCRAPPED : Entry.Kind.WENT_WRONG,
                            step,
                            "went wrong: " + mishap.words() + told
                                    + ". " + decision
                                    + (way.minutes() > 0
                                            ? ". It costs "
                                                    + Span.ofMinutes(way.minutes())
                                                            .in(person.units())
                                            : "")));
            return entries;
        });
    }

    private static Mishap mishap(String kind) {
        return Mishap.named(kind)
                .orElseThrow(() -> Refusal.entry(
                        "kind",
                        kind,
                        "This is not known to go wrong",
                        String.join(
                                "; ",
                                Arrays.stream(Mishap.values()).map(Mishap::name).toList())));
    }

    private List<Way> open(PieceFile file, Mishap mishap, Step step) {
        return new WaysBack(file.making(), routes.planner())
                .of(mishap, step, files.spareFor(file).isPresent());
    }

    private static Way chosen(List<Way> open, WentWrong report) {
        return open.stream()
                .filter(way -> way.way() == report.wayBack()
                        && (way.from().orElse("").equals(report.from()) || way.way() != WayBack.REDO))
                .findFirst()
                .orElseThrow(() -> Refusal.entry(
                        "wayBack",
                        report.wayBack().name(),
                        "This way back is not open for the piece as it is",
                        String.join(
                                "; ", open.stream().map(Way::words).distinct().toList())));
    }

    private WayView view(PieceFile file, Way way) {
        TurnedBack turned = way.turned();
        DaysInHand inHand = days.with(file, way.minutes(), turned.rests());
        return new WayView(
                way.way().name(),
                way.words(),
                way.from().orElse(""),
                titles(turned.again()),
                titles(turned.comesIn()),
                way.minutes(),
                turned.rests().stream().map(Span::words).toList(),
                way.material(),
                way.cautions(),
                inHand.inHand(),
                inHand.earliest().toString());
    }

    private static List<String> titles(List<Operation> operations) {
        return operations.stream().map(Operation::title).toList();
    }

    private static Optional<Length> length(Mishap mishap, String measured, Units units) {
        if (measured.isBlank()) {
            return Optional.empty();
        }
        Understood<Length> read = LIKELY.read(measured, units);
        if (read instanceof Understood.Value<Length> value) {
            return Optional.of(value.value());
        }
        Understood.Refused<Length> refused = (Understood.Refused<Length>) read;
        throw Refusal.entries(List.of(
                new Finding("measured", measured, mishap.measured() + ": " + refused.problem(), refused.accepted())));
    }

    private static String size(Mishap mishap, String measured, Units units) {
        return length(mishap, measured, units)
                .map(length -> mishap.measured() + " " + length.in(units))
                .orElse("");
    }

    /** How bad it is by what is seen: of a burnt edge, what each colour left of this blade. */
    private static List<String> looks(PieceFile file, Mishap mishap, Units units) {
        return mishap == Mishap.BURNT_EDGE
                ? file.chain(units)
                        .value(PieceDimensions.TEMPERING_TEMPERATURE)
                        .map(tempered ->
                                WheelHeat.byColour(file.specification().steel(), (Temperature) tempered, units))
                        .orElse(List.of())
                : List.of();
    }

    /**
     * What a decision rests on: of a flaw, what is left if it is ground out and how deep it stays if it is left; of a
     * hole off its place, what it leaves around it; of a burnt edge, how far it is ground back.
     */
    private static List<Worked<Length>> numbers(PieceFile file, Mishap mishap, String measured, Units units) {
        Optional<Length> size = length(mishap, measured, units);
        if (mishap == Mishap.HOLE_MISPLACED) {
            return size.map(off -> KnifeShape.leftWhenOff(file.specification(), off, units))
                    .orElse(List.of());
        }
        if (mishap == Mishap.BURNT_EDGE) {
            return size.map(height -> List.of(WheelHeat.beyond(height, units))).orElse(List.of());
        }
        if (!mishap.needsMeasure()) {
            return List.of();
        }
        Length depth = size.orElseThrow(() -> Refusal.entry(
                "measured", measured, mishap.measured() + " is needed to decide", "its depth, such as .012 or 0.3 mm"));
        Length now = thickness(file);
        try {
            LaminateFlaw flaw = new LaminateFlaw(depth, now, wanted(file, now));
            return List.of(flaw.leftGroundOut(units), flaw.staysInside(units));
        } catch (ImpossibleQuantity impossible) {
            throw Refusal.impossible("measured", measured, impossible, units);
        }
    }

    private static Length thickness(PieceFile file) {
        var chain = file.chain(Units.INCH_FAHRENHEIT);
        Optional<Quantity> now =
                chain.value(PieceDimensions.BLADE_THICKNESS).or(() -> chain.value(PieceDimensions.HEAD_THICKNESS));
        return (Length) now.orElseThrow();
    }

    /** What the blade was agreed to be, but no more than it is. */
    private static Length wanted(PieceFile file, Length now) {
        return Optional.of(file.specification())
                .filter(spec -> !spec.isAxe())
                .map(spec -> spec.length(SpecificationField.STOCK_THICKNESS))
                .filter(agreed -> agreed.compareTo(now) < 0)
                .orElse(now);
    }

    private void goBack(PieceFile file, Mishap mishap, Way way, WentWrong report, Person person) {
        switch (way.way()) {
            case REDO, REMAKE, HEAT_AGAIN, WELD -> turnBack(file, way.turned());
            case GO_ON, GRIND_OUT, WARM -> decided(file);
            case SPARE -> belonging.useSpare(files.spareFor(file).orElseThrow(), file, report.sure(), person);
            case SCRAP -> jobs.scrap(file.id());
            case HOLD -> {
                String why = mishap.words()
                        + (report.words().isBlank() ? "" : ": " + report.words().strip());
                jobs.holdFor(file.id(), why, person);
                if (mishap == Mishap.LAMINATE_FLAW) {
                    conditions(file, true);
                }
            }
        }
        if (way.way() != WayBack.HOLD && file.heldReason().isPresent()) {
            jobs.releaseFrom(file.id());
        }
    }

    private void turnBack(PieceFile file, TurnedBack turned) {
        List<Operation> again = new ArrayList<>(turned.again());
        file.route().steps().stream()
                .filter(step -> file.row(step)
                        .filter(row -> row.standing() == Standing.RUNNING || row.standing() == Standing.RESTING)
                        .isPresent())
                .map(Step::operation)
                .filter(operation -> !again.contains(operation))
                .forEach(again::add);
        workAgain.open(file, again);
        Set<Condition> conditions = EnumSet.noneOf(Condition.class);
        conditions.addAll(turned.conditions());
        conditions.remove(Condition.FLAW_OPEN);
        jobs.turnBack(file.id(), turned.rework(), new Worn(conditions, clock.now()));
    }

    /** A flaw that was open is decided now. */
    private void decided(PieceFile file) {
        if (file.progress().conditions().contains(Condition.FLAW_OPEN)) {
            conditions(file, false);
        }
    }

    private void conditions(PieceFile file, boolean isFlawOpen) {
        Set<Condition> conditions = EnumSet.noneOf(Condition.class);
        conditions.addAll(file.progress().conditions());
        conditions.removeIf(condition -> condition == Condition.FLAW_OPEN || condition.isFleeting());
        if (isFlawOpen) {
            conditions.add(Condition.FLAW_OPEN);
        }
        jobs.turnBack(file.id(), file.rework(), new Worn(conditions, clock.now()));
    }
}
