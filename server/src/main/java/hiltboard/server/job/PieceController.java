package hiltboard.server.job;

import hiltboard.core.design.SpecificationField;
import hiltboard.core.job.CareCard;
import hiltboard.core.measure.Units;
import hiltboard.core.plan.DaysInHand;
import hiltboard.core.plan.PutOn.OfJob;
import hiltboard.core.plan.PutOn.OfPiece;
import hiltboard.core.route.Condition;
import hiltboard.core.route.Mishap;
import hiltboard.core.route.Operations;
import hiltboard.core.route.Progress;
import hiltboard.core.route.Repair;
import hiltboard.core.route.State;
import hiltboard.core.route.WayBack;
import hiltboard.core.route.WorkLeft;
import hiltboard.server.access.Person;
import hiltboard.server.job.Hands.Holder;
import hiltboard.server.job.StepViews.NumberView;
import hiltboard.server.job.StepViews.StepView;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.JournalEntry;
import hiltboard.server.live.Receipt;
import hiltboard.server.plan.PutOnRepository;
import hiltboard.server.route.StepRepository;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** One piece with everything that is known of it. */
@RestController
class PieceController {
    private final PieceFiles files;
    private final JobRepository jobs;
    private final NoteRepository notes;
    private final StepRepository steps;
    private final RepairRepository repairs;
    private final DecisionRepository decided;
    private final Changes changes;
    private final JobService service;
    private final ShopDays days;
    private final ClientWordRepository clientWords;
    private final BelongingService belonging;
    private final BelongingRepository belongs;
    private final DayConditions today;
    private final PutOnRepository putOn;

    PieceController(
            PieceFiles files,
            JobRepository jobs,
            NoteRepository notes,
            StepRepository steps,
            DecisionRepository decided,
            Changes changes,
            JobService service,
            ShopDays days,
            BelongingService belonging,
            BelongingRepository belongs,
            DayConditions today,
            PutOnRepository putOn,
            ClientWordRepository clientWords,
            RepairRepository repairs) {
        this.repairs = repairs;
        this.putOn = putOn;
        this.clientWords = clientWords;
        this.today = today;
        this.belonging = belonging;
        this.belongs = belongs;
        this.days = days;
        this.files = files;
        this.jobs = jobs;
        this.notes = notes;
        this.steps = steps;
        this.decided = decided;
        this.changes = changes;
        this.service = service;
    }

    /**
     * One answer of the specification in words, as it is kept, and as somebody of these units would type it; whether it
     * follows from the other answers.
     */
    record SpecificationLine(
            String field, String label, String group, String words, String kept, String entry, boolean isUsual) {}

    record WishView(String words, String strength, String asked, String agreed) {}

    record NoteView(long id, String operation, String words, boolean isLesson, String by, long atMillis) {}

    /** What another piece taught, which this one may learn from. @param alike what the two have in common */
    record LessonView(
            String operation,
            String words,
            String pieceName,
            long piece,
            List<String> alike,
            String by,
            long atMillis) {}

    record PhotoView(long id, String operation, String fileName, String by, long atMillis) {}

    record MishapView(
            String operation,
            String title,
            String words,
            String measured,
            String wayBack,
            String decision,
            int costMinutes,
            String by,
            long atMillis) {}

    /** A change of the agreed specification that was taken or dropped. */
    record DecisionView(
            String change,
            String effect,
            boolean isTaken,
            boolean clientAgreed,
            String reason,
            String by,
            long atMillis) {}

    /** Another piece of the same batch. */
    record SiblingView(long id, String name, String standing) {}

    /**
     * How soon a step has to begin. @param lost what the piece no longer is once it is over, and the work for it is
     * done again; empty where it is merely overdue
     */
    record WindowView(
            String operation,
            String title,
            String reason,
            String consequence,
            long openedAtMillis,
            long warnFromMillis,
            long closesAtMillis,
            String lost) {}

    /** What goes wrong at an operation, over all pieces. @param beforehand what keeps it from coming again */
    record MishapCountView(
            String operation,
            String step,
            String what,
            String beforehand,
            int times,
            int costMinutes,
            int lost,
            long latestPiece) {}

    /** The job that a piece belongs to. @param setWith the other living pieces of the same set */
    record PieceJob(
            long id,
            String title,
            String kind,
            String promisedOn,
            int position,
            int pieces,
            List<SiblingView> siblings,
            List<String> setWith,
            Optional<RepairView> repair) {}

    /** What came back. @param of its piece, where this shop made it */
    record RepairView(String ofName, Optional<Long> of, List<String> works) {}

    /** For whom it is, and what was said of it. */
    record PieceClient(
            String name,
            String contact,
            String useWords,
            List<WishView> wishes,
            List<BriefBeforeView> briefBefore,
            List<OrderedView> ordered) {}

    /** Why nobody goes on with it. */
    record HeldView(String reason, String by, long atMillis) {}

    /** As it lies. @param heats how often it has been heated for hardening, the one to come counted in */
    record PieceNow(
            String standing,
            State state,
            String stateWords,
            List<String> conditions,
            int heats,
            boolean isUntempered,
            @Nullable HeldView held) {}

    /** What is left of it, and by when. */
    record PieceDays(int inHand, String earliest, int attendedMinutesLeft, List<WindowView> windows) {}

    /** Who holds a step that is left. */
    record HeldStep(String operation, Holder holder) {}

    /**
     * Who works on it.
     *
     * @param beganBy who was the first; empty where nobody has yet
     * @param lies where it lies; empty where nobody knows
     * @param piece on whom the whole piece is put
     * @param job on whom its whole job is put
     */
    record PieceHands(String beganBy, String lies, Holder piece, Holder job, List<HeldStep> steps) {}

    /** The knife that it becomes. */
    record PieceKnife(
            List<SpecificationLine> specification,
            Drawing drawing,
            List<NumberView> numbers,
            Own own,
            List<AdviceView> advice,
            List<String> careCard) {}

    /** What was written down of it. */
    record PiecePast(
            List<NoteView> notes,
            List<LessonView> lessons,
            List<PhotoView> photos,
            List<MishapView> mishaps,
            List<DecisionView> decisions,
            List<JournalEntry> journal) {}

    /** A piece's file; times are epoch milliseconds, lengths in the reader's units. */
    record PieceView(
            long id,
            String name,
            long version,
            PieceJob job,
            PieceClient client,
            PieceNow now,
            PieceHands hands,
            PieceDays days,
            PieceKnife knife,
            List<StepView> steps,
            PiecePast past,
            String cautionsDefer) {}

    /** What the brief said before, with the wishes of then. */
    record BriefBeforeView(
            String useWords, List<WishView> wishes, boolean clientAgreed, String reason, String by, long atMillis) {}

    /** A knife that somebody is to have, and the piece that is promised for it; zero and empty where none is. */
    record OrderedView(String forWhom, long piece, String pieceName) {}

    record Words(String words) {}

    @GetMapping("/api/pieces/{id}")
    @Transactional(readOnly = true)
    PieceView piece(@PathVariable long id, Person person) {
        PieceFile file = files.open(id);
        Units units = person.units();
        Progress progress = file.progress();
        DaysInHand inHand = days.of(file);
        JobRepository.Job job = file.job();
        JobRepository.Piece piece = file.piece();
        List<Brief.Wish> wishes = jobs.wishes(job.id());
        return new PieceView(
                id,
                file.name(),
                piece.version(),
                new PieceJob(
                        job.id(),
                        job.title(),
                        job.kind().name(),
                        job.promisedOn().toString(),
                        piece.position(),
                        piece.pieces(),
                        siblings(file),
                        setWith(file),
                        repairs.of(id)
                                .map(repair -> new RepairView(
                                        repair.ofName(),
                                        repair.of(),
                                        repair.works().stream()
                                                .map(Repair::words)
                                                .toList()))),
                new PieceClient(
                        job.clientName(),
                        job.clientContact(),
                        job.useWords(),
                        wishes.stream().map(PieceController::view).toList(),
                        briefBefore(job.id()),
                        ordered(job.id())),
                new PieceNow(
                        piece.standing().name(),
                        progress.state(),
                        progress.state().words(),
                        conditions(progress),
                        piece.rework().heats(),
                        file.isAlive() && progress.isUntempered(),
                        piece.heldReason()
                                .map(reason -> new HeldView(reason, piece.heldBy(), piece.heldAtMillis()))
                                .orElse(null)),
                hands(file, progress),
                new PieceDays(
                        inHand.inHand(),
                        inHand.earliest().toString(),
                        progress.attendedMinutesLeft(),
                        windows(file.workLeft(progress))),
                new PieceKnife(
                        specification(file, units),
                        Drawing.of(file.specification()),
                        StepViews.numbers(file, wishes, units),
                        piece.own(),
                        AdviceView.of(file.specification(), clientWords.ofJob(job.id())),
                        CareCard.of(file.specification())),
                StepViews.steps(file, today.today(), units),
                new PiecePast(
                        notes.notes(id),
                        lessons(file),
                        notes.photos(id),
                        mishaps(file),
                        decisions(id),
                        changes.ofPiece(id, job.id())),
                Operations.CAUTIONS_DEFER);
    }

    /** Where the shop loses work and blades, most often first. */
    @GetMapping("/api/mishaps/ledger")
    @Transactional(readOnly = true)
    List<MishapCountView> mishapLedger() {
        return steps.mishapCounts().stream()
                .map(each -> new MishapCountView(
                        each.operation(),
                        title(each),
                        Mishap.named(each.kind()).map(Mishap::words).orElse(each.kind()),
                        Mishap.named(each.kind()).orElse(Mishap.OTHER).beforehand(),
                        each.times(),
                        each.costMinutes(),
                        each.scrapped(),
                        each.latestPiece()))
                .toList();
    }

    /** The step as the latest of these pieces calls it. */
    private String title(StepRepository.MishapCount count) {
        return files.open(count.latestPiece())
                .route()
                .step(count.operation())
                .map(step -> step.operation().title())
                .orElse(count.operation());
    }

    @PostMapping("/api/pieces/{id}/hold")
    Receipt hold(@PathVariable long id, @RequestBody Words reason, Person person, Command command) {
        return service.hold(id, reason.words(), person, command);
    }

    @PostMapping("/api/pieces/{id}/own")
    Receipt describe(@PathVariable long id, @RequestBody JobService.Described own, Command command) {
        return service.describe(id, own, command);
    }

    /** Whose the piece is from now on. */
    @PostMapping("/api/pieces/{id}/belongs")
    Receipt give(@PathVariable long id, @RequestBody BelongingService.Given given, Command command) {
        return belonging.give(id, given, command);
    }

    @PostMapping("/api/pieces/{id}/release")
    Receipt release(@PathVariable long id, Person person, Command command) {
        return service.release(id, person, command);
    }

    private static List<SpecificationLine> specification(PieceFile file, Units units) {
        var kept = file.specification().entries();
        var chosen = file.specification().chosen();
        return Arrays.stream(SpecificationField.values())
                .filter(field -> kept.containsKey(field.key()))
                .map(field -> new SpecificationLine(
                        field.key(),
                        field.label(),
                        field.group(),
                        file.specification().words(field, units),
                        kept.get(field.key()),
                        file.specification().entryIn(field.key(), units),
                        !chosen.containsKey(field.key())))
                .toList();
    }

    private PieceHands hands(PieceFile file, Progress progress) {
        Hands hands = new Hands(putOn.all());
        return new PieceHands(
                Hands.beganBy(file),
                Hands.lies(file),
                hands.of(new OfPiece(file.id())),
                hands.of(new OfJob(file.jobId())),
                progress.stepsLeft().stream()
                        .map(step -> new HeldStep(step.operation().key(), hands.of(file, step.operation())))
                        .filter(held -> held.holder().id() != 0)
                        .toList());
    }

    /** Windows that are open; none once the piece is handed over or scrapped. */
    static List<WindowView> windows(List<WorkLeft> left) {
        return left.stream()
                .flatMap(work -> work.windows().stream())
                .map(PieceController::view)
                .toList();
    }

    private static WindowView view(Progress.Window window) {
        return new WindowView(
                window.step().operation().key(),
                window.step().operation().title(),
                window.rule().reason(),
                window.rule().consequence(),
                window.opened().toEpochMilli(),
                window.warnFrom().toEpochMilli(),
                window.closes().toEpochMilli(),
                window.rule().lost().map(Condition::words).orElse(""));
    }

    private List<MishapView> mishaps(PieceFile file) {
        return steps.mishaps(file.id()).stream()
                .map(row -> new MishapView(
                        row.operation(),
                        Mishap.named(row.kind()).map(Mishap::words).orElse(row.kind()),
                        row.words(),
                        row.measured(),
                        WayBack.valueOf(row.wayBack()).words(),
                        row.decision(),
                        row.costMinutes(),
                        row.by(),
                        row.atMillis()))
                .toList();
    }

    private List<DecisionView> decisions(long piece) {
        return decided.ofPiece(piece).stream()
                .map(each -> new DecisionView(
                        each.change(),
                        each.effect(),
                        each.isTaken(),
                        each.clientAgreed(),
                        each.reason(),
                        each.by(),
                        each.atMillis()))
                .toList();
    }

    private static List<String> conditions(Progress progress) {
        return progress.conditions().stream().sorted().map(Condition::words).toList();
    }

    /** Lessons of other pieces where the same design, steel or step comes up, what has most in common first. */
    private List<LessonView> lessons(PieceFile file) {
        return notes.lessons(file.id()).stream()
                .map(lesson -> view(file, lesson))
                .filter(lesson -> !lesson.alike().isEmpty())
                .sorted(Comparator.comparing(
                                (LessonView lesson) -> -lesson.alike().size())
                        .thenComparing(lesson -> -lesson.atMillis()))
                .toList();
    }

    private static LessonView view(PieceFile file, NoteRepository.Lesson lesson) {
        List<String> alike = new ArrayList<>();
        Map<String, String> here = file.specification().entries();
        if (here.get(SpecificationField.CONSTRUCTION.key()).equals(lesson.construction())
                && here.getOrDefault(SpecificationField.PROFILE.key(), "").equals(lesson.profile())) {
            alike.add("design");
        }
        if (here.get(SpecificationField.STEEL.key()).equals(lesson.steel())) {
            alike.add("steel");
        }
        if (file.route().step(lesson.operation()).isPresent()) {
            alike.add("step");
        }
        return new LessonView(
                lesson.operation(),
                lesson.words(),
                lesson.pieceName(),
                lesson.piece(),
                alike,
                lesson.by(),
                lesson.atMillis());
    }

    private List<BriefBeforeView> briefBefore(long job) {
        return belongs.briefsBefore(job).stream()
                .map(each -> new BriefBeforeView(
                        each.useWords(),
                        each.wishes().stream().map(PieceController::view).toList(),
                        each.clientAgreed(),
                        each.reason(),
                        each.by(),
                        each.atMillis()))
                .toList();
    }

    private List<OrderedView> ordered(long job) {
        JobRepository.Job of = jobs.job(job).orElseThrow();
        List<JobRepository.Piece> pieces = jobs.piecesOf(List.of(job));
        return belongs.ordered(job).stream()
                .map(each -> new OrderedView(
                        each.forWhom().isBlank() ? of.clientName() : each.forWhom(),
                        each.piece().orElse(0L),
                        pieces.stream()
                                .filter(piece -> each.piece()
                                        .filter(id -> id == piece.id())
                                        .isPresent())
                                .findFirst()
                                .map(piece -> PieceFile.name(of, piece))
                                .orElse("")))
                .toList();
    }

    static WishView view(Brief.Wish wish) {
        return new WishView(wish.words(), wish.strength().words(), wish.asked(), wish.agreed());
    }

    /** The other living pieces of the same set. */
    private List<String> setWith(PieceFile file) {
        String set = file.piece().own().setName();
        return set.isBlank()
                ? List.of()
                : jobs.piecesOf(List.of(file.jobId())).stream()
                        .filter(piece -> piece.id() != file.id()
                                && piece.standing() != JobRepository.Standing.SCRAPPED
                                && piece.own().setName().equalsIgnoreCase(set))
                        .map(piece -> PieceFile.name(file.job(), piece))
                        .toList();
    }

    private List<SiblingView> siblings(PieceFile file) {
        return file.piece().pieces() == 1
                ? List.of()
                : jobs.piecesOf(List.of(file.jobId())).stream()
                        .filter(piece -> piece.id() != file.id())
                        .map(piece -> new SiblingView(
                                piece.id(),
                                file.job().number() + "-" + piece.position(),
                                piece.standing().name()))
                        .toList();
    }
}
