package hiltboard.server.glue;

import hiltboard.core.fit.GlueUp;
import hiltboard.core.glue.GlueClock;
import hiltboard.core.route.Operation;
import hiltboard.core.route.Route.Step;
import hiltboard.core.route.Trait;
import hiltboard.server.glue.GlueRepository.MixRow;
import hiltboard.server.job.PieceFile;
import java.util.Optional;

/** What of a piece is glued. */
final class GluedPiece {
    private GluedPiece() {}

    static boolean glues(Operation operation) {
        return operation.isAnyOf(Trait.MIXES_ADHESIVE);
    }

    /** What the next adhesive is for. */
    static GlueUp nextUp(PieceFile file) {
        return next(file)
                .map(Step::operation)
                .map(each ->
                        each.is(Trait.BEDS) ? GlueUp.BEDS : each.is(Trait.LINES_SCALES) ? GlueUp.LINES : GlueUp.JOINS)
                .orElse(GlueUp.JOINS);
    }

    /** The next step at which adhesive is mixed; empty once all are done. */
    static Optional<Step> next(PieceFile file) {
        return file.route().steps().stream()
                .filter(step -> glues(step.operation())
                        && !file.progress().isDone(step.operation().key()))
                .findFirst();
    }

    /** How far a mix is: a bedded handle that is pulled already is not waited for. */
    static GlueClock clock(MixRow mix, PieceFile file) {
        boolean isBedding = file.route()
                        .step(mix.operation())
                        .filter(step -> step.operation().is(Trait.BEDS))
                        .isPresent()
                && !isPulled(file);
        return new GlueClock(mix.mixed(), mix.sheet().times(mix.shop(), Optional.of(mix.both())), isBedding);
    }

    private static boolean isPulled(PieceFile file) {
        return file.route().steps().stream()
                .anyMatch(step -> step.operation().is(Trait.PULLS_BEDDED)
                        && file.progress().isDone(step.operation().key()));
    }
}
