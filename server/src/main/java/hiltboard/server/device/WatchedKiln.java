package hiltboard.server.device;

import hiltboard.core.fire.Segment;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A kiln behind a cable, asked only by whoever watches it ({@link #shown}); everybody else is told what it said last,
 * so that no page and no change waits for the cable.
 */
public final class WatchedKiln implements ConnectedKiln {
    private final ConnectedKiln kiln;
    private volatile @Nullable Status last;

    public WatchedKiln(ConnectedKiln kiln) {
        this.kiln = kiln;
    }

    @Override
    public List<Shown> shown() {
        List<Shown> shown = kiln.shown();
        last = kiln.status();
        return shown;
    }

    @Override
    public Status status() {
        Status known = last;
        if (known == null) {
            known = kiln.status();
            last = known;
        }
        return known;
    }

    @Override
    public void light(List<Segment> programme) {
        kiln.light(programme);
    }

    @Override
    public void next() {
        kiln.next();
    }

    @Override
    public void out() {
        kiln.out();
    }

    @Override
    public void close() {
        kiln.close();
    }
}
