package hiltboard.server.grind;

import hiltboard.core.route.Anew;
import hiltboard.core.route.Anew.Fresh;
import hiltboard.server.job.FollowsWork;
import org.springframework.stereotype.Component;

/** A new blade begins at the first belt; a new edge has been tried on nothing yet. */
@Component
class GroundAnew implements FollowsWork {
    private final GroundRepository ground;

    GroundAnew(GroundRepository ground) {
        this.ground = ground;
    }

    @Override
    public void begunAnew(long piece, Anew anew, long atMillis) {
        if (anew.has(Fresh.STEEL)) {
            ground.strikeGround(piece, atMillis);
        }
        if (anew.has(Fresh.EDGE)) {
            ground.strikeTrials(piece, atMillis);
        }
    }
}
