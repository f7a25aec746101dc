package hiltboard.server.job;

import hiltboard.server.find.Findable;
import hiltboard.server.job.Brief.Wish;
import hiltboard.server.job.JobRepository.Piece;
import hiltboard.server.job.JobRepository.Standing;
import java.time.format.DateTimeFormatter;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Jobs are found by their number, what they are called, whose they are and what was wished. */
@Component
class FindableJobs implements Findable {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM uuuu", Locale.ENGLISH);

    private final JobRepository jobs;

    FindableJobs(JobRepository jobs) {
        this.jobs = jobs;
    }

    @Override
    public Kind kind() {
        return Kind.JOB;
    }

    @Override
    public List<Sheet> sheets(Collection<Long> ids) {
        Map<Long, List<Piece>> pieces = jobs.piecesOf(ids).stream().collect(Collectors.groupingBy(Piece::job));
        return jobs.jobs(ids).stream()
                .map(job -> new Sheet(
                        job.id(),
                        job.number() + " " + job.title(),
                        "for " + job.clientName() + ", promised "
                                + job.promisedOn().format(DAY),
                        "/jobs/" + job.id(),
                        pieces.getOrDefault(job.id(), List.of()).stream()
                                .noneMatch(piece -> piece.standing() == Standing.ALIVE),
                        job.number().replaceFirst("^0+", "") + "\n" + job.useWords() + "\n"
                                + jobs.wishes(job.id()).stream()
                                        .map(Wish::words)
                                        .collect(Collectors.joining("\n"))))
                .toList();
    }
}
