package hiltboard.server.job;

import hiltboard.core.measure.Span;
import hiltboard.server.ShopClock;
import hiltboard.server.data.Reading;
import hiltboard.server.job.PieceController.WindowView;
import hiltboard.server.job.Wall.HangingPiece;
import hiltboard.server.job.Wall.Rail;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import java.time.Duration;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
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
        long now = clock.nowMillis();
        List<Rail> rails = reading.of(() -> wall.rails(Map.of()));
        rails.forEach(rail -> rail.pieces().stream()
                .filter(piece -> piece.heldReason() == null)
                .forEach(piece -> piece.windows().stream()
                        .filter(window -> window.warnFromMillis() <= now)
                        .forEach(window -> tell(rail, piece, window, now))));
    }

    private void tell(Rail rail, HangingPiece piece, WindowView window, long now) {
        String id = "window-" + piece.id() + "-" + window.operation() + "-" + window.closesAtMillis();
        if (now < window.closesAtMillis()) {
            once(
                    id,
                    rail,
                    piece,
                    window.title() + ": only " + Span.wordsDown(Duration.ofMillis(window.closesAtMillis() - now))
                            + " left. Otherwise: " + window.consequence());
        } else if (!window.lost().isEmpty()) {
            once(
                    id + "-lost",
                    rail,
                    piece,
                    window.title() + ": the time for it is over: it is no longer " + window.lost()
                            + ", and that work is done again.");
        }
    }

    private void once(String id, Rail rail, HangingPiece piece, String words) {
        if (told.add(id)) {
            changes.make(
                    new Command(id, Optional.empty(), "clock"),
                    () -> Entry.ofPiece(
                            Entry.Kind.WINDOW_CLOSING, rail.jobId(), piece.id(), piece.name() + ": " + words));
        }
    }
}
