package hiltboard.server.job;

import hiltboard.core.design.Finish;
import hiltboard.core.plan.DaysInHand;
import hiltboard.core.route.Operation;
import hiltboard.core.route.Progress;
import hiltboard.core.route.State;
import hiltboard.core.route.Station;
import hiltboard.core.route.WorkLeft;
import hiltboard.core.route.WorkLeft.Stage;
import hiltboard.server.job.JobRepository.Job;
import hiltboard.server.job.JobRepository.PieceVersion;
import hiltboard.server.job.PieceController.WindowView;
import hiltboard.server.route.StepRepository.Standing;
import hiltboard.server.route.StepRepository.StepRow;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What hangs on the wall. A piece is drawn anew only when something about it has changed. */
@Component
class Wall {
    private final JobRepository jobs;
    private final PieceFiles files;
    private final Map<Long, Hung> hung = new ConcurrentHashMap<>();

    Wall(JobRepository jobs, PieceFiles files) {
        this.jobs = jobs;
        this.files = files;
    }

    /** A step that is under way or rests. */
    record UnderWay(
            String operation,
            String title,
            Station station,
            String who,
            boolean isResting,
            boolean isPutDown,
            String restWords,
            long sinceMillis,
            long untilMillis) {}

    /** A piece as it hangs on the wall. */
    record HangingPiece(
            long id,
            String name,
            String standing,
            State state,
            String stateWords,
            Finish finish,
            Drawing drawing,
            @Nullable String heldReason,
            boolean isUntempered,
            boolean isStale,
            List<UnderWay> underWay,
            List<WindowView> windows,
            String nextTitle,
            int doneSteps,
            int allSteps) {}

    /** A job with its pieces. */
    record Rail(
            long jobId,
            String number,
            String title,
            String clientName,
            String useWords,
            String promisedOn,
            int daysInHand,
            List<HangingPiece> pieces) {}

    /** A piece as it was drawn at a version of it, with the work that was left. */
    private record Hung(long version, HangingPiece piece, boolean isAlive, List<WorkLeft> left) {}

    /** A living piece with the work that is left of it, and the day it is promised for. */
    record Left(long piece, long job, LocalDate promisedOn, List<WorkLeft> work) {}

    /**
     * Every job with living pieces, the most urgent first; belongs into a transaction of the caller. @param days in
     * hand of each living piece
     */
    List<Rail> rails(Map<Long, DaysInHand> days) {
        Map<Long, Job> living = living();
        Map<Long, Hung> current = current(living);
        return jobs.versions(living.keySet()).stream()
                .collect(Collectors.groupingBy(
                        PieceVersion::job, Collectors.mapping(each -> current.get(each.piece()), Collectors.toList())))
                .entrySet()
                .stream()
                .map(entry -> rail(living.get(entry.getKey()), entry.getValue(), days))
                .sorted(Comparator.comparingInt(Rail::daysInHand)
                        .thenComparing(Rail::promisedOn)
                        .thenComparingLong(Rail::jobId))
                .toList();
    }

    /**
     * What is left of every living piece, what is promised first at the front; belongs into a transaction of the
     * caller.
     */
    List<Left> left() {
        Map<Long, Job> living = living();
        Map<Long, Hung> current = current(living);
        return jobs.versions(living.keySet()).stream()
                .filter(each -> current.get(each.piece()).isAlive())
                .map(each -> new Left(
                        each.piece(),
                        each.job(),
                        living.get(each.job()).promisedOn(),
                        current.get(each.piece()).left()))
                .sorted(Comparator.comparing(Left::promisedOn)
                        .thenComparingLong(Left::job)
                        .thenComparingLong(Left::piece))
                .toList();
    }

    private Map<Long, Job> living() {
        return jobs.jobsWithLivingPieces().stream().collect(Collectors.toMap(Job::id, job -> job));
    }

    private Map<Long, Hung> current(Map<Long, Job> living) {
        if (living.isEmpty()) {
            return Map.of();
        }
        List<PieceVersion> versions = jobs.versions(living.keySet());
        Map<Long, Hung> current = versions.stream()
                .map(each -> hung.get(each.piece()))
                .filter(Objects::nonNull)
                .collect(Collectors.toMap(each -> each.piece().id(), each -> each));
        List<Long> changed = versions.stream()
                .filter(each -> !current.containsKey(each.piece())
                        || current.get(each.piece()).version() != each.version())
                .map(PieceVersion::piece)
                .toList();
        files.openAll(living.values(), changed).forEach(file -> current.put(file.id(), hang(file)));
        hung.keySet().retainAll(current.keySet());
        hung.putAll(current);
        return current;
    }

    private static Rail rail(Job job, List<Hung> pieces, Map<Long, DaysInHand> days) {
        int daysInHand = pieces.stream()
                .map(piece -> days.get(piece.piece().id()))
                .filter(Objects::nonNull)
                .mapToInt(DaysInHand::inHand)
                .min()
                .orElse(0);
        return new Rail(
                job.id(),
                job.number(),
                job.title(),
                job.clientName(),
                job.useWords(),
                job.promisedOn().toString(),
                daysInHand,
                pieces.stream().map(Hung::piece).toList());
    }

    private static Hung hang(PieceFile file) {
        Progress progress = file.progress();
        List<WorkLeft> left = file.workLeft(progress);
        return new Hung(file.piece().version(), hanging(file, progress, left), file.isAlive(), left);
    }

    private static HangingPiece hanging(PieceFile file, Progress progress, List<WorkLeft> left) {
        return new HangingPiece(
                file.id(),
                file.name(),
                file.piece().standing().name(),
                progress.state(),
                progress.state().words(),
                file.specification().finish(),
                Drawing.of(file.specification()),
                file.heldReason().orElse(null),
                file.isAlive() && progress.isUntempered(),
                file.isStale(),
                left.stream()
                        .filter(work -> work.isAt(Stage.UNDER_WAY, Stage.RESTS))
                        .map(work -> underWay(file.row(work.step()).orElseThrow(), work.operation()))
                        .toList(),
                PieceController.windows(left),
                left.stream().findFirst().map(work -> work.operation().title()).orElse(""),
                progress.doneAt().size(),
                file.route().steps().size());
    }

    private static UnderWay underWay(StepRow row, Operation operation) {
        return new UnderWay(
                row.operation(),
                operation.title(),
                operation.station(),
                row.startedBy(),
                row.standing() == Standing.RESTING,
                row.isPutDown(),
                operation.restWords(),
                row.startedAtMillis(),
                row.restUntilMillis());
    }
}
