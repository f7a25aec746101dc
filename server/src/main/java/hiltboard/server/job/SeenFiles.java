package hiltboard.server.job;

import hiltboard.core.material.SteelLibrary;
import hiltboard.server.job.JobRepository.Job;
import hiltboard.server.job.JobRepository.Piece;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;

/** The files of living pieces as they were last looked at: most have not changed when they are looked at again. */
final class SeenFiles {
    private final Map<Long, Seen> seen = new ConcurrentHashMap<>();

    /** @param until when it becomes something else though nobody touches it */
    private record Seen(PieceFile file, SteelLibrary steels, Optional<Instant> until) {}

    /** All of them, as they were when the journal was this long. */
    private record Whole(
            long sequence, SteelLibrary steels, Instant from, Optional<Instant> until, List<PieceFile> files) {}

    private volatile Optional<Whole> whole = Optional.empty();

    /** All of them if nothing was written since, and nothing became something else by itself. */
    Optional<List<PieceFile>> all(long sequence, SteelLibrary steels, Instant now) {
        return whole.filter(each -> each.sequence() == sequence
                        && each.steels().equals(steels)
                        && !now.isBefore(each.from())
                        && each.until().filter(until -> !now.isBefore(until)).isEmpty())
                .map(Whole::files);
    }

    Map<Long, Piece> pieces() {
        return seen.values().stream()
                .map(each -> each.file().piece())
                .collect(Collectors.toMap(Piece::id, piece -> piece));
    }

    /** The file of a piece if it would be the same today. @param steels as the shop describes them now */
    Optional<PieceFile> unchanged(Job job, Piece piece, SteelLibrary steels, Instant now) {
        return Optional.ofNullable(seen.get(piece.id()))
                .filter(each -> each.steels().equals(steels)
                        && !now.isBefore(each.file().at())
                        && each.until().filter(until -> !now.isBefore(until)).isEmpty()
                        && each.file().job().equals(job)
                        && each.file().piece().equals(piece))
                .map(Seen::file);
    }

    /**
     * @param files of every living piece; what was seen of others is forgotten
     * @param sequence how long the journal was
     */
    void keep(List<PieceFile> files, long sequence, SteelLibrary steels, Instant now) {
        seen.keySet().retainAll(files.stream().map(PieceFile::id).collect(Collectors.toSet()));
        files.forEach(file -> seen.compute(
                file.id(),
                (id, before) -> before != null && before.file() == file
                        ? before
                        : new Seen(file, steels, file.changesByItself())));
        whole = Optional.of(new Whole(
                sequence,
                steels,
                now,
                seen.values().stream().flatMap(each -> each.until().stream()).min(Comparator.naturalOrder()),
                files));
    }
}
