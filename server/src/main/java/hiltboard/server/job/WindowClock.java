package hiltboard.server.job;

import hiltboard.core.measure.Span;
import hiltboard.core.route.Progress.Window;
import hiltboard.server.ShopClock;
import hiltboard.server.data.Reading;
import hiltboard.server.job.Wall.Closing;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import java.time.Duration;
import java.time.Instant;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Tells everyone once when a window is about to close, and when what it kept open for is lost. Each window is told
 * under an id of its own, so a restart tells none again.
 */
@Component
class WindowClock {
    /** What was lost longer ago than this is no news: the piece says so itself. */
    private static final Duration NEWS = Duration.ofDays(1);

    private final Wall wall;
    private final Changes changes;
    private final ShopClock clock;
    private final Reading reading;
    private final Set<String> told = new HashSet<>();

    WindowClock(Wall wall, Changes changes, ShopClock clock, Reading reading) {
        this.wall = wall;
        this.changes = changes;
        this.clock = clock;
        this.reading = reading;
    }

    @Scheduled(initialDelay = 1_500, fixedDelay = 3_000)
    void look() {
        Instant now = clock.now();
        reading.of(wall::closing).forEach(piece -> {
            piece.open().stream()
                    .filter(window -> !now.isBefore(window.warnFrom()))
                    .filter(window -> now.isBefore(window.closes()))
                    .forEach(window -> once(
                            id(piece, window),
                            piece,
                            window,
                            "only " + Span.wordsDown(Duration.between(now, window.closes())) + " left. Otherwise: "
                                    + window.rule().consequence()));
            piece.lost().stream()
                    .filter(window -> now.isBefore(window.closes().plus(NEWS)))
                    .forEach(window -> once(
                            id(piece, window) + "-lost",
                            piece,
                            window,
                            "the time for it is over: it is no longer "
                                    + window.rule().lost().orElseThrow().words()
                                    + ", and that work is done again."));
        });
    }

    private static String id(Closing piece, Window window) {
        return "window-" + piece.piece() + "-" + window.step().operation().key() + "-"
                + window.closes().toEpochMilli();
    }

    private void once(String id, Closing piece, Window window, String words) {
        if (told.add(id)) {
            changes.make(
                    new Command(id, Optional.empty(), "clock"),
                    () -> Entry.ofPiece(
                            Entry.Kind.WINDOW_CLOSING,
                            piece.job(),
                            piece.piece(),
                            piece.name() + ": " + window.step().operation().title() + ": " + words));
        }
    }
}
