package hiltboard.server.job;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What is worked out of each piece, once as long as nothing about the piece has changed: {@link PieceFiles} then gives
 * the same object for it.
 */
public final class WorkedOut<T> {
    private final Function<PieceFile, T> work;
    private final Map<Long, Of<T>> kept = new ConcurrentHashMap<>();

    public WorkedOut(Function<PieceFile, T> work) {
        this.work = work;
    }

    private record Of<T>(PieceFile file, T value) {}

    /** In the order of the pieces; what was worked out of others is forgotten. */
    public List<T> ofAll(List<PieceFile> files) {
        List<Of<T>> all = files.stream().map(this::of).toList();
        Map<Long, Of<T>> byPiece =
                all.stream().collect(Collectors.toMap(each -> each.file().id(), Function.identity()));
        kept.keySet().retainAll(byPiece.keySet());
        kept.putAll(byPiece);
        return all.stream().map(Of::value).toList();
    }

    private Of<T> of(PieceFile file) {
        return Optional.ofNullable(kept.get(file.id()))
                .filter(before -> before.file() == file)
                .orElseGet(() -> new Of<>(file, work.apply(file)));
    }
}
