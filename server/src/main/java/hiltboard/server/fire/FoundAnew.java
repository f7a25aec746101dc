package hiltboard.server.fire;

import hiltboard.core.route.Anew;
import hiltboard.server.ShopClock;
import hiltboard.server.job.FollowsWork;
import org.springframework.stereotype.Component;

/** A new blade has neither been tested nor looked along. */
@Component
class FoundAnew implements FollowsWork {
    private final AfterFireRepository found;
    private final ShopClock clock;

    FoundAnew(AfterFireRepository found, ShopClock clock) {
        this.found = found;
        this.clock = clock;
    }

    @Override
    public void begunAnew(long piece, Anew anew) {
        if (anew.steel()) {
            found.strike(piece, clock.nowMillis());
        }
    }
}
