package hiltboard.server.job;

import hiltboard.core.plan.DaysInHand;
import hiltboard.core.route.Progress;
import hiltboard.core.route.Route.Step;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.job.JobService.FieldChange;
import hiltboard.server.job.JobService.NewJob;
import hiltboard.server.job.PieceController.WindowView;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import hiltboard.server.route.StepRepository.Standing;
import hiltboard.server.route.StepRepository.StepRow;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The wall with all jobs, and what changes a job. */
@RestController
class JobController {
    private final PieceFiles files;
    private final JobService service;
    private final Changes changes;
    private final ShopClock clock;

    JobController(PieceFiles files, JobService service, Changes changes, ShopClock clock) {
        this.files = files;
        this.service = service;
        this.changes = changes;
        this.clock = clock;
    }

    /** A step that is under way or rests. */
    record UnderWay(String operation, String title, String station, String who, boolean isResting, String restWords, long untilMillis) {}

    /** A piece as it hangs on the wall. */
    record HangingPiece(
            long id, String name, String standing, String state, String stateWords, String finish, Drawing drawing, @Nullable String heldReason,
            boolean isUntempered, boolean isStale, List<UnderWay> underWay, List<WindowView> windows, String nextTitle, int doneSteps, int allSteps) {}

    /** A job with its pieces. */
    record Rail(long jobId, String number, String title, String clientName, String useWords, String promisedOn, int daysInHand, List<HangingPiece> pieces) {}

    record Wall(long sequence, long nowMillis, List<Rail> rails) {}

    /** A promise moved: the day that the page saw, and the new one. */
    record PromiseChange(String from, String to) {}

    /** The most urgent job first. */
    @GetMapping("/api/wall")
    @Transactional(readOnly = true)
    Wall wall() {
        Map<Long, List<PieceFile>> byJob = new LinkedHashMap<>();
        files.openAllOfLivingJobs().forEach(file -> byJob.computeIfAbsent(file.jobId(), id -> new ArrayList<>()).add(file));
        List<Rail> rails = byJob.values().stream().map(this::rail)
                .sorted(Comparator.comparingInt(Rail::daysInHand).thenComparing(Rail::promisedOn).thenComparingLong(Rail::jobId)).toList();
        return new Wall(changes.latest(), clock.nowMillis(), rails);
    }

    @PostMapping("/api/jobs")
    Receipt take(@RequestBody NewJob job, Person person, Command command) {
        return service.take(job, person, command);
    }

    @PostMapping("/api/jobs/{id}/promise")
    Receipt promise(@PathVariable long id, @RequestBody PromiseChange change, Person person, Command command) {
        return service.promise(id, change.from(), change.to(), person, command);
    }

    @PostMapping("/api/pieces/{id}/specification")
    Receipt specify(@PathVariable long id, @RequestBody List<FieldChange> fieldChanges, Person person, Command command) {
        return service.specify(id, fieldChanges, person, command);
    }

    private Rail rail(List<PieceFile> pieces) {
        JobRepository.Job job = pieces.get(0).job();
        int daysInHand = pieces.stream().filter(PieceFile::isAlive).map(file -> file.daysInHand(clock.today())).mapToInt(DaysInHand::inHand).min().orElse(0);
        return new Rail(job.id(), job.number(), job.title(), job.clientName(), job.useWords(), job.promisedOn().toString(), daysInHand,
                pieces.stream().map(JobController::hanging).toList());
    }

    private static HangingPiece hanging(PieceFile file) {
        Progress progress = file.progress();
        Set<String> done = progress.doneAt().keySet();
        String next = file.route().steps().stream().filter(step -> !done.contains(step.operation().key())).findFirst()
                .map(step -> step.operation().title()).orElse("");
        return new HangingPiece(file.id(), file.name(), file.piece().standing().name(), progress.state().name(), progress.state().words(),
                file.specification().finish().name(), Drawing.of(file.specification()), file.heldReason().orElse(null), file.isAlive() && progress.isUntempered(),
                !file.chain(hiltboard.core.measure.Units.INCH_FAHRENHEIT).stale().isEmpty(),
                file.route().steps().stream().map(step -> underWay(file, step)).flatMap(Optional::stream).toList(),
                PieceController.windows(file), next, done.size(), file.route().steps().size());
    }

    private static Optional<UnderWay> underWay(PieceFile file, Step step) {
        return file.row(step).filter(row -> row.standing() == Standing.RUNNING || row.standing() == Standing.RESTING)
                .map((StepRow row) -> new UnderWay(row.operation(), step.operation().title(), step.operation().station().words(), row.startedBy(),
                        row.standing() == Standing.RESTING, step.operation().restWords(), row.restUntilMillis()));
    }
}
