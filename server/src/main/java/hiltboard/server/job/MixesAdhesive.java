package hiltboard.server.job;

import hiltboard.core.glue.GlueClock;
import java.util.Map;

/** A room that keeps what was mixed, so that it is seen wherever a piece hangs how far its adhesive is. */
public interface MixesAdhesive {
    /** The newest mix of each piece whose adhesive has not cured yet, by the piece. */
    Map<Long, GlueClock> setting();
}
