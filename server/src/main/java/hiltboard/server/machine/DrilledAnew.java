package hiltboard.server.machine;

import hiltboard.core.route.Anew;
import hiltboard.server.ShopClock;
import hiltboard.server.chain.HoleRepository;
import hiltboard.server.job.FollowsWork;
import org.springframework.stereotype.Component;

/** Holes of a part that is made anew have not been measured yet. */
@Component
class DrilledAnew implements FollowsWork {
    private final HoleRepository holes;
    private final ShopClock clock;

    DrilledAnew(HoleRepository holes, ShopClock clock) {
        this.holes = holes;
        this.clock = clock;
    }

    @Override
    public void begunAnew(long piece, Anew anew) {
        if (anew.tangHoles()) {
            holes.strikeSteel(piece, clock.nowMillis());
        }
        if (anew.handleHoles()) {
            holes.strikeHandle(piece, clock.nowMillis());
        }
    }
}
