package hiltboard.server.glue;

import hiltboard.core.route.Operation;
import hiltboard.core.route.Route.Step;
import hiltboard.core.route.Trait;
import hiltboard.server.job.PieceFile;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/** What of a piece is glued. */
final class GluedPiece {
    private static final Set<Trait> GLUES = EnumSet.of(Trait.BEDS, Trait.GLUES_HANDLE, Trait.COVERS_LINERS);

    private GluedPiece() {}

    static boolean glues(Operation operation) {
        return GLUES.stream().anyMatch(operation::is);
    }

    /** Whether the next adhesive beds the block. */
    static boolean isBedding(PieceFile file) {
        return next(file).filter(each -> each.operation().is(Trait.BEDS)).isPresent();
    }

    /** The next step at which adhesive is mixed; empty once all are done. */
    static Optional<Step> next(PieceFile file) {
        return file.route().steps().stream()
                .filter(step -> glues(step.operation())
                        && !file.progress().isDone(step.operation().key()))
                .findFirst();
    }
}
