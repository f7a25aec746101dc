package hiltboard.server.job;

import hiltboard.core.design.Specification;
import hiltboard.core.material.SteelLibrary;
import hiltboard.core.route.Place;
import hiltboard.core.route.Route;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.chain.HoleRepository;
import hiltboard.server.chain.HoleRepository.HoleRow;
import hiltboard.server.chain.ReadingRepository;
import hiltboard.server.chain.ReadingRepository.MadeTo;
import hiltboard.server.chain.ReadingRepository.Reading;
import hiltboard.server.job.JobRepository.Job;
import hiltboard.server.job.JobRepository.Piece;
import hiltboard.server.live.Changes;
import hiltboard.server.material.Specifications;
import hiltboard.server.route.Routes;
import hiltboard.server.route.StepRepository;
import hiltboard.server.route.StepRepository.Override;
import hiltboard.server.route.StepRepository.StepRow;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Opens the files of pieces; belongs into a transaction of the caller. */
@Component
public class PieceFiles {
    private final JobRepository jobs;
    private final StepRepository steps;
    private final ReadingRepository readings;
    private final HoleRepository holes;
    private final Routes routes;
    private final Specifications specifications;
    private final ShopClock clock;
    private final Changes changes;
    private final SeenFiles seen = new SeenFiles();

    PieceFiles(
            JobRepository jobs,
            StepRepository steps,
            ReadingRepository readings,
            HoleRepository holes,
            Routes routes,
            Specifications specifications,
            ShopClock clock,
            Changes changes) {
        this.changes = changes;
        this.specifications = specifications;
        this.clock = clock;
        this.jobs = jobs;
        this.steps = steps;
        this.readings = readings;
        this.holes = holes;
        this.routes = routes;
    }

    /** The file of one piece. @throws Refusal if there is no such piece */
    public PieceFile open(long id) {
        Piece piece = jobs.piece(id).orElseThrow(() -> Refusal.notThere("There is no piece with number " + id + "."));
        Job job = jobs.job(piece.job()).orElseThrow();
        List<Piece> batch = piece.position() == 1
                ? List.of(piece)
                : jobs.piecesOf(List.of(job.id())).stream()
                        .filter(each -> each.position() == 1 || each.id() == id)
                        .toList();
        return files(List.of(job), batch).stream()
                .filter(file -> file.id() == id)
                .findFirst()
                .orElseThrow();
    }

    /** The file of a piece that can still be worked on. @throws Refusal if it cannot */
    public PieceFile openAlive(long id) {
        PieceFile file = open(id);
        if (!file.isAlive()) {
            throw Refusal.outOfTurn(file.name()
                    + (file.piece().standing() == JobRepository.Standing.SCRAPPED
                            ? " was scrapped."
                            : " has been handed over."));
        }
        return file;
    }

    /** A job with all its pieces. @throws Refusal if there is no such job */
    public JobFile openJob(long id) {
        Job job = jobs.job(id).orElseThrow(() -> Refusal.notThere("There is no job with number " + id + "."));
        return jobFile(job, files(List.of(job), jobs.piecesOf(List.of(id))));
    }

    /** Every job that is not finished, with all its pieces. */
    public List<JobFile> openLivingJobs() {
        Map<Long, List<PieceFile>> pieces =
                openAllOfLivingJobs().stream().collect(Collectors.groupingBy(PieceFile::jobId));
        return jobs.jobsWithLivingPieces().stream()
                .map(job -> jobFile(job, pieces.getOrDefault(job.id(), List.of())))
                .toList();
    }

    private JobFile jobFile(Job job, List<PieceFile> pieces) {
        return new JobFile(
                job.id(),
                job.number(),
                job.title(),
                job.useWords(),
                job.clientName(),
                job.promisedOn(),
                jobs.wishes(job.id()),
                pieces);
    }

    /** The other pieces of the same batch that can still be worked on. */
    public List<PieceFile> livingSiblings(long piece) {
        PieceFile here = open(piece);
        return here.piece().pieces() == 1
                ? List.of()
                : files(List.of(here.job()), jobs.piecesOf(List.of(here.jobId()))).stream()
                        .filter(file -> file.id() != piece && file.isAlive())
                        .toList();
    }

    /** A spare of the same batch that is alive and not this piece itself. */
    public Optional<PieceFile> spareFor(PieceFile file) {
        return jobs.piecesOf(List.of(file.jobId())).stream()
                .filter(piece -> piece.own().isSpare()
                        && piece.id() != file.id()
                        && piece.standing() == JobRepository.Standing.ALIVE)
                .findFirst()
                .map(piece -> open(piece.id()));
    }

    /**
     * Every piece of every job that is not finished, by job in the order of taking. Whoever only looks is given the
     * same object for a piece as long as nothing about it has changed.
     */
    public List<PieceFile> openAllOfLivingJobs() {
        return ofLivingJobs(isLooking());
    }

    /** As {@link #openAllOfLivingJobs}; within a change, what it has not written into the journal yet is not seen. */
    List<PieceFile> glanceAtLivingJobs() {
        return ofLivingJobs(true);
    }

    private List<PieceFile> ofLivingJobs(boolean asSeen) {
        Optional<List<PieceFile>> all =
                isLooking() ? seen.all(changes.latest(), specifications.steels(), clock.now()) : Optional.empty();
        return all.orElseGet(() -> lookedUp(asSeen));
    }

    private List<PieceFile> lookedUp(boolean asSeen) {
        List<Job> living = jobs.jobsWithLivingPieces();
        if (living.isEmpty()) {
            return List.of();
        }
        List<Long> ids = living.stream().map(Job::id).toList();
        return asSeen ? asSeen(living, ids) : files(living, jobs.piecesOf(ids));
    }

    private List<PieceFile> asSeen(List<Job> living, List<Long> ids) {
        SteelLibrary steels = specifications.steels();
        Instant now = clock.now();
        Map<Long, Job> jobById = byId(living);
        List<Piece> pieces = jobs.piecesOf(ids, seen.pieces());
        Map<Long, PieceFile> files = pieces.stream()
                .flatMap(piece -> seen.unchanged(jobById.get(piece.job()), piece, steels, now).stream())
                .collect(Collectors.toMap(PieceFile::id, Function.identity()));
        List<Piece> changed =
                pieces.stream().filter(piece -> !files.containsKey(piece.id())).toList();
        if (!changed.isEmpty()) {
            read(living, changed).forEach(file -> files.put(file.id(), file));
        }
        List<PieceFile> all =
                proved(pieces.stream().map(piece -> files.get(piece.id())).toList());
        if (isLooking()) {
            // What a change has written may yet be undone.
            seen.keep(all, changes.latest(), steels, now);
        }
        return all;
    }

    private static boolean isLooking() {
        return TransactionSynchronizationManager.isCurrentTransactionReadOnly();
    }

    private List<PieceFile> files(Collection<Job> ofJobs, List<Piece> pieces) {
        return proved(read(ofJobs, pieces));
    }

    /** Each with whether the first piece of its batch, where that is among them, has been proved. */
    private static List<PieceFile> proved(List<PieceFile> files) {
        Map<Long, Boolean> provedOf = files.stream()
                .filter(file -> file.piece().position() == 1)
                .collect(Collectors.toMap(PieceFile::jobId, PieceFile::firstPieceProved));
        return files.stream()
                .map(file -> file.withFirstPieceProved(provedOf.getOrDefault(file.jobId(), false)))
                .toList();
    }

    private List<PieceFile> read(Collection<Job> ofJobs, List<Piece> pieces) {
        Map<Long, Job> jobById = byId(ofJobs);
        List<Long> ids = pieces.stream().map(Piece::id).toList();
        Map<Long, List<StepRow>> stepsOf = steps.ofPieces(ids).stream().collect(Collectors.groupingBy(StepRow::piece));
        Map<Long, List<Override>> overridesOf =
                steps.overrides(ids).stream().collect(Collectors.groupingBy(Override::piece));
        Map<Long, List<Reading>> readingsOf =
                readings.current(ids).stream().collect(Collectors.groupingBy(Reading::piece));
        Map<Long, List<MadeTo>> madeOf = readings.madeTo(ids).stream().collect(Collectors.groupingBy(MadeTo::piece));
        Map<Long, List<HoleRow>> holesOf = holes.current(ids).stream().collect(Collectors.groupingBy(HoleRow::piece));
        Instant now = clock.now();
        return pieces.stream()
                .map(piece -> {
                    Specification specification = specifications.restore(piece.entries());
                    Map<String, StepRow> rows = stepsOf.getOrDefault(piece.id(), List.of()).stream()
                            .collect(Collectors.toMap(StepRow::operation, Function.identity()));
                    PieceFile file = new PieceFile(
                            jobById.get(piece.job()),
                            piece,
                            specification,
                            route(piece, specification),
                            rows,
                            readingsOf.getOrDefault(piece.id(), List.of()),
                            madeOf.getOrDefault(piece.id(), List.of()),
                            holesOf.getOrDefault(piece.id(), List.of()),
                            overridesOf.getOrDefault(piece.id(), List.of()),
                            false,
                            now);
                    return file.withFirstPieceProved(
                            piece.position() == 1 && file.progress().isProved());
                })
                .toList();
    }

    private static Map<Long, Job> byId(Collection<Job> jobs) {
        return jobs.stream().collect(Collectors.toMap(Job::id, Function.identity()));
    }

    private Route route(Piece piece, Specification specification) {
        return routes.of(specification, Place.of(piece.position(), piece.pieces()), piece.rework());
    }
}
