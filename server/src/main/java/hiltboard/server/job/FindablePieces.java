package hiltboard.server.job;

import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.measure.Units;
import hiltboard.server.find.Findable;
import hiltboard.server.job.JobRepository.Job;
import hiltboard.server.job.JobRepository.Piece;
import hiltboard.server.job.JobRepository.Standing;
import hiltboard.server.material.Specifications;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Pieces are found by all that tells one from another, and by their notes. */
@Component
class FindablePieces implements Findable {
    private static final List<SpecificationField> TELLS_APART =
            List.of(SpecificationField.STEEL, SpecificationField.HANDLE_MATERIAL, SpecificationField.FINISH);
    private static final List<SpecificationField> ALSO = List.of(
            SpecificationField.CONSTRUCTION,
            SpecificationField.USE,
            SpecificationField.STEEL_FORM,
            SpecificationField.PATTERN,
            SpecificationField.GRIND,
            SpecificationField.MARK,
            SpecificationField.GUARD_MATERIAL,
            SpecificationField.SPACER_MATERIAL,
            SpecificationField.SHEATH);
    /** Words, not numbers, are looked for: whose units does not matter. */
    private static final Units ANY = Units.INCH_FAHRENHEIT;

    private final JobRepository jobs;
    private final NoteRepository notes;
    private final Specifications specifications;

    FindablePieces(JobRepository jobs, NoteRepository notes, Specifications specifications) {
        this.jobs = jobs;
        this.notes = notes;
        this.specifications = specifications;
    }

    @Override
    public Kind kind() {
        return Kind.PIECE;
    }

    @Override
    public List<Sheet> sheets(Collection<Long> ids) {
        List<Piece> pieces = jobs.pieces(ids);
        Map<Long, Job> jobById = jobs
                .jobs(pieces.stream().map(Piece::job).distinct().toList())
                .stream()
                .collect(Collectors.toMap(Job::id, Function.identity()));
        Map<Long, String> written = notes.words(ids);
        return pieces.stream()
                .map(piece -> sheet(piece, jobById.get(piece.job()), written.getOrDefault(piece.id(), "")))
                .toList();
    }

    private Sheet sheet(Piece piece, Job job, String written) {
        Specification specification = specifications.restore(piece.entries());
        String whom =
                piece.own().forWhom().isBlank() ? job.clientName() : piece.own().forWhom();
        return new Sheet(
                piece.id(),
                PieceFile.name(job, piece) + " " + job.title(),
                String.join(
                        ", ",
                        Stream.concat(Stream.of("for " + whom), words(specification, TELLS_APART))
                                .toList()),
                "/pieces/" + piece.id(),
                piece.standing() != Standing.ALIVE,
                String.join(
                        "\n",
                        Stream.concat(
                                        Stream.of(
                                                job.number().replaceFirst("^0+", ""),
                                                job.clientName(),
                                                piece.own().art(),
                                                piece.own().rackSlot(),
                                                piece.own().setName(),
                                                written),
                                        words(specification, ALSO))
                                .toList()));
    }

    private static Stream<String> words(Specification specification, List<SpecificationField> fields) {
        return fields.stream().filter(specification::asks).map(field -> specification.words(field, ANY));
    }
}
