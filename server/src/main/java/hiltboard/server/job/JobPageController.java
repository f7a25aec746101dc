package hiltboard.server.job;

import hiltboard.core.design.SpecificationField;
import hiltboard.core.measure.Units;
import hiltboard.core.plan.DaysInHand;
import hiltboard.core.plan.PutOn.OfJob;
import hiltboard.core.plan.PutOn.OfPiece;
import hiltboard.core.route.Progress;
import hiltboard.core.route.WorkLeft;
import hiltboard.core.route.WorkLeft.Stage;
import hiltboard.server.access.Person;
import hiltboard.server.job.Hands.Holder;
import hiltboard.server.plan.PutOnRepository;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Where does a job stand? Its pieces one below the other. */
@RestController
class JobPageController {
    private final PieceFiles files;
    private final PutOnRepository putOn;
    private final ShopDays days;

    JobPageController(PieceFiles files, PutOnRepository putOn, ShopDays days) {
        this.files = files;
        this.putOn = putOn;
        this.days = days;
    }

    /** What is to do next on a piece, or is being done. @param standing READY, RUNNING or RESTING */
    record NextStep(String operation, String title, String standing, long untilMillis, Holder holder) {}

    /**
     * A piece of the job.
     *
     * @param whose for whom it is, or what it is for
     * @param holder on whom all of it is put
     * @param next none once it is handed over or scrapped
     * @param inHand working days that may still be lost
     */
    record PieceLine(
            long id,
            String name,
            String whose,
            String art,
            String rackSlot,
            String handle,
            String standing,
            String stage,
            int doneSteps,
            int allSteps,
            @Nullable String heldReason,
            Holder holder,
            @Nullable NextStep next,
            int inHand) {}

    record JobTable(
            long id,
            String number,
            String title,
            long clientId,
            String clientName,
            String useWords,
            String promisedOn,
            Holder holder,
            List<PieceLine> pieces) {}

    @GetMapping("/api/jobs/{id}")
    @Transactional(readOnly = true)
    JobTable job(@PathVariable long id, Person person) {
        JobFile job = files.openJob(id);
        Hands hands = new Hands(putOn.all());
        Function<PieceFile, DaysInHand> inHand = days.ofEach();
        return new JobTable(
                id,
                job.number(),
                job.title(),
                job.pieces().get(0).job().clientId(),
                job.clientName(),
                job.useWords(),
                job.promisedOn().toString(),
                hands.of(new OfJob(id)),
                job.pieces().stream()
                        .map(file -> line(file, hands, inHand.apply(file), person.units()))
                        .toList());
    }

    private static PieceLine line(PieceFile file, Hands hands, DaysInHand inHand, Units units) {
        Progress progress = file.progress();
        return new PieceLine(
                file.id(),
                file.name(),
                file.whose(),
                file.piece().own().art(),
                file.rackSlot(),
                file.specification().words(SpecificationField.HANDLE_MATERIAL, units),
                file.piece().standing().name(),
                progress.state().words(),
                progress.doneAt().size(),
                file.route().steps().size(),
                file.heldReason().orElse(null),
                hands.of(new OfPiece(file.id())),
                next(file, progress, hands).orElse(null),
                inHand.inHand());
    }

    /** What somebody is at comes first, then what rests, then what can be started. */
    private static Optional<NextStep> next(PieceFile file, Progress progress, Hands hands) {
        Gates gates = new Gates(file, progress, Units.INCH_FAHRENHEIT);
        return file.workLeft(progress).stream()
                .filter(work -> work.isAt(Stage.UNDER_WAY, Stage.RESTS) || gates.isItsTurn(work.step()))
                .min(Comparator.comparingInt(JobPageController::rank))
                .map(work -> new NextStep(
                        work.operation().key(),
                        work.operation().title(),
                        work.isAt(Stage.UNDER_WAY) ? "RUNNING" : work.isAt(Stage.RESTS) ? "RESTING" : "READY",
                        work.restsUntil().map(until -> until.toEpochMilli()).orElse(0L),
                        hands.of(file, work.operation())));
    }

    private static int rank(WorkLeft work) {
        return work.isAt(Stage.UNDER_WAY) ? 0 : work.isAt(Stage.RESTS) ? 1 : 2;
    }
}
