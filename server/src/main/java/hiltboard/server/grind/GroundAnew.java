package hiltboard.server.grind;

import hiltboard.core.route.Anew;
import hiltboard.server.ShopClock;
import hiltboard.server.job.FollowsWork;
import org.springframework.stereotype.Component;

/** A new blade begins at the first belt; a new edge has been tried on nothing yet. */
@Component
class GroundAnew implements FollowsWork {
    private final GroundRepository ground;
    private final ShopClock clock;

    GroundAnew(GroundRepository ground, ShopClock clock) {
        this.ground = ground;
        this.clock = clock;
    }

    @Override
    public void begunAnew(long piece, Anew anew) {
        if (anew.steel()) {
            ground.strikeGround(piece, clock.nowMillis());
        }
        if (anew.edge()) {
            ground.strikeTrials(piece, clock.nowMillis());
        }
    }
}
