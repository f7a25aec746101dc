package hiltboard.server.fire;

import hiltboard.core.route.Anew;
import hiltboard.core.route.Anew.Fresh;
import hiltboard.server.job.FollowsWork;
import org.springframework.stereotype.Component;

/** A new blade has neither been tested nor looked along. */
@Component
class FoundAnew implements FollowsWork {
    private final AfterFireRepository found;

    FoundAnew(AfterFireRepository found) {
        this.found = found;
    }

    @Override
    public void begunAnew(long piece, Anew anew, long atMillis) {
        if (anew.has(Fresh.STEEL)) {
            found.strike(piece, atMillis);
        }
    }
}
