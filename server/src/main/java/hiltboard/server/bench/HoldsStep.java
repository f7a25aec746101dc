package hiltboard.server.bench;

import hiltboard.core.route.Operation;
import hiltboard.server.job.PieceFile;
import java.util.Optional;

/** A room in which a step is at work longer than its own page knows; part of the change that would end it. */
public interface HoldsStep {
    /** Why the step is not over yet, in a sentence; empty where nothing here speaks against it. */
    Optional<String> notYet(PieceFile file, Operation operation);
}
