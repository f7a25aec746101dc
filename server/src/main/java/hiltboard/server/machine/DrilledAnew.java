package hiltboard.server.machine;

import hiltboard.core.route.Anew;
import hiltboard.core.route.Anew.Fresh;
import hiltboard.server.chain.HoleRepository;
import hiltboard.server.job.FollowsWork;
import org.springframework.stereotype.Component;

/** Holes of a part that is made anew have not been measured yet. */
@Component
class DrilledAnew implements FollowsWork {
    private final HoleRepository holes;

    DrilledAnew(HoleRepository holes) {
        this.holes = holes;
    }

    @Override
    public void begunAnew(long piece, Anew anew, long atMillis) {
        if (anew.has(Fresh.TANG_HOLES)) {
            holes.strikeSteel(piece, atMillis);
        }
        if (anew.has(Fresh.HANDLE_HOLES)) {
            holes.strikeHandle(piece, atMillis);
        }
    }
}
