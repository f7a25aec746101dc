package hiltboard.core.route;

import hiltboard.core.route.Progress.Window;
import hiltboard.core.route.Route.Step;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * A step that is left of a piece, as bench, wall, earliest day and plan look at it: where it is done and by whom is its
 * operation's. Immutable.
 *
 * @param waitsFor the work before it that is not done yet
 * @param rest unattended time that follows it, as it is on this piece
 * @param restsUntil when the rest that is under way is up
 * @param windows that close unless it has begun by then
 */
public record WorkLeft(
        Step step,
        Stage stage,
        List<Operation> waitsFor,
        Duration rest,
        Optional<Instant> restsUntil,
        List<Window> windows) {
    public WorkLeft {
        waitsFor = List.copyOf(waitsFor);
        windows = List.copyOf(windows);
    }

    /** How far it has come. */
    public enum Stage {
        /** Other work comes first. */
        WAITS,
        /** All work before it is done. */
        NEXT,
        UNDER_WAY,
        RESTS
    }

    public Operation operation() {
        return step.operation();
    }

    public boolean isAt(Stage... stages) {
        return List.of(stages).contains(stage);
    }

    /** The work and the rest that are still to come; nothing of a step whose rest is under way already. */
    public Optional<Stretch> stretch() {
        return stage == Stage.RESTS
                ? Optional.empty()
                : Optional.of(new Stretch(operation().attendedMinutes(), rest));
    }
}
