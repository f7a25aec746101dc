package hiltboard.server.job;

import hiltboard.core.design.Specification;
import hiltboard.core.route.Place;
import hiltboard.core.route.Route;
import hiltboard.core.route.Trait;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.chain.ReadingRepository;
import hiltboard.server.chain.ReadingRepository.MadeTo;
import hiltboard.server.chain.ReadingRepository.Reading;
import hiltboard.server.job.JobRepository.Job;
import hiltboard.server.job.JobRepository.Piece;
import hiltboard.server.material.Specifications;
import hiltboard.server.route.Routes;
import hiltboard.server.route.StepRepository;
import hiltboard.server.route.StepRepository.Override;
import hiltboard.server.route.StepRepository.Standing;
import hiltboard.server.route.StepRepository.StepRow;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Opens the files of pieces; belongs into a transaction of the caller. */
@Component
public class PieceFiles {
    private final JobRepository jobs;
    private final StepRepository steps;
    private final ReadingRepository readings;
    private final Routes routes;
    private final Specifications specifications;
    private final ShopClock clock;

    PieceFiles(
            JobRepository jobs,
            StepRepository steps,
            ReadingRepository readings,
            Routes routes,
            Specifications specifications,
            ShopClock clock) {
        this.specifications = specifications;
        this.clock = clock;
        this.jobs = jobs;
        this.steps = steps;
        this.readings = readings;
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

    /** Every piece of every job that is not finished, by job in the order of taking. */
    public List<PieceFile> openAllOfLivingJobs() {
        List<Job> living = jobs.jobsWithLivingPieces();
        return living.isEmpty()
                ? List.of()
                : files(living, jobs.piecesOf(living.stream().map(Job::id).toList()));
    }

    /** The files of these pieces of these jobs. */
    List<PieceFile> openAll(Collection<Job> ofJobs, Collection<Long> ids) {
        return ids.isEmpty() ? List.of() : files(ofJobs, jobs.pieces(ids));
    }

    private List<PieceFile> files(Collection<Job> ofJobs, List<Piece> pieces) {
        Map<Long, Job> jobById = ofJobs.stream().collect(Collectors.toMap(Job::id, Function.identity()));
        List<Long> ids = pieces.stream().map(Piece::id).toList();
        Map<Long, List<StepRow>> stepsOf = steps.ofPieces(ids).stream().collect(Collectors.groupingBy(StepRow::piece));
        Map<Long, List<Override>> overridesOf =
                steps.overrides(ids).stream().collect(Collectors.groupingBy(Override::piece));
        Map<Long, List<Reading>> readingsOf =
                readings.current(ids).stream().collect(Collectors.groupingBy(Reading::piece));
        Map<Long, List<MadeTo>> madeOf = readings.madeTo(ids).stream().collect(Collectors.groupingBy(MadeTo::piece));
        Map<Long, Boolean> provedOf = pieces.stream()
                .filter(piece -> piece.position() == 1)
                .collect(Collectors.toMap(
                        Piece::job, piece -> isProved(piece, stepsOf.getOrDefault(piece.id(), List.of()))));
        return pieces.stream()
                .map(piece -> {
                    Specification specification = specifications.restore(piece.entries());
                    Map<String, StepRow> rows = stepsOf.getOrDefault(piece.id(), List.of()).stream()
                            .collect(Collectors.toMap(StepRow::operation, Function.identity()));
                    return new PieceFile(
                            jobById.get(piece.job()),
                            piece,
                            specification,
                            route(piece, specification),
                            rows,
                            readingsOf.getOrDefault(piece.id(), List.of()),
                            madeOf.getOrDefault(piece.id(), List.of()),
                            overridesOf.getOrDefault(piece.id(), List.of()),
                            provedOf.getOrDefault(piece.job(), false),
                            clock.now());
                })
                .toList();
    }

    private Route route(Piece piece, Specification specification) {
        return routes.of(specification, Place.of(piece.position(), piece.pieces()), piece.rework());
    }

    private boolean isProved(Piece first, List<StepRow> rows) {
        Route route = route(first, specifications.restore(first.entries()));
        return rows.stream()
                .anyMatch(row -> row.standing() == Standing.DONE
                        && route.step(row.operation())
                                .map(step -> step.operation().is(Trait.PROVES))
                                .orElse(false));
    }
}
