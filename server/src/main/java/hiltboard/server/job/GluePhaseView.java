package hiltboard.server.job;

import hiltboard.core.glue.GlueClock;
import hiltboard.core.glue.GlueClock.Phase;
import java.time.Instant;
import java.util.List;

/**
 * What an adhesive does for a while.
 *
 * @param toMillis zero where it stays so
 */
public record GluePhaseView(Phase phase, long fromMillis, long toMillis) {
    public static List<GluePhaseView> of(GlueClock clock) {
        return clock.stretches().stream()
                .map(stretch -> new GluePhaseView(
                        stretch.phase(),
                        stretch.from().toEpochMilli(),
                        stretch.to().map(Instant::toEpochMilli).orElse(0L)))
                .toList();
    }
}
