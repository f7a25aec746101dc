package hiltboard.acceptance;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;

/** The real clock, which a test can put forward. */
final class MovableClock extends Clock {
    private volatile Duration ahead = Duration.ZERO;

    void putForward(Duration time) {
        ahead = ahead.plus(time);
    }

    @Override
    public Instant instant() {
        return Instant.now().plus(ahead);
    }

    @Override
    public ZoneId getZone() {
        return ZoneId.systemDefault();
    }

    @Override
    public Clock withZone(ZoneId zone) {
        throw new UnsupportedOperationException();
    }
}
