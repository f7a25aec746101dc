package hiltboard.server.fire;

import hiltboard.core.fire.KilnAlarm;
import hiltboard.server.ShopClock;
import hiltboard.server.fire.FireRepository.KilnRow;
import hiltboard.server.fire.FireRepository.LoadRow;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Raises what has to be answered at a kiln: once, until somebody has it. */
@Component
class KilnAlarms {
    private final FireRepository fire;
    private final Changes changes;
    private final ShopClock clock;

    KilnAlarms(FireRepository fire, Changes changes, ShopClock clock) {
        this.fire = fire;
        this.changes = changes;
        this.clock = clock;
    }

    void raise(KilnRow kiln, long atMillis, Optional<LoadRow> load, KilnAlarm alarm) {
        raise(kiln, atMillis, load, alarm.name(), alarm.words(), alarm.toDo());
    }

    /** @param atMillis on the kiln's own clock */
    void raise(KilnRow kiln, long atMillis, Optional<LoadRow> load, String kind, String words, List<String> toDo) {
        boolean isRaised = fire.openAlarms().stream()
                .anyMatch(open -> open.kiln() == kiln.id() && open.kind().equals(kind));
        if (!isRaised) {
            Optional<Long> loadId = load.map(LoadRow::id);
            changes.make(ofTheShop(), () -> {
                long raised = fire.raise(kiln.id(), loadId, kind, kiln.name() + ": " + words, toDo, clock.nowMillis());
                fire.happened(kiln.id(), loadId, atMillis, words);
                return Entry.ofShop(Entry.Kind.ALARM, kiln.name() + ": " + words, raised);
            });
        }
    }

    /** What no person asked for. */
    static Command ofTheShop() {
        return new Command(UUID.randomUUID().toString(), Optional.empty(), "kiln");
    }
}
