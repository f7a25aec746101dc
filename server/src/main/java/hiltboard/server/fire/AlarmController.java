package hiltboard.server.fire;

import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import java.util.List;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What has to be answered at a kiln, on every page until somebody has it. */
@RestController
class AlarmController {
    private final FireRepository fire;
    private final Changes changes;
    private final ShopClock clock;

    AlarmController(FireRepository fire, Changes changes, ShopClock clock) {
        this.fire = fire;
        this.changes = changes;
        this.clock = clock;
    }

    record AlarmView(
            long id, long kilnId, String kind, String words, List<String> toDo, long raisedAtMillis, long loadId) {}

    record AlarmAnswer(String words) {}

    /** What has to be answered, the oldest first. */
    @GetMapping("/api/alarms")
    @Transactional(readOnly = true)
    List<AlarmView> alarms() {
        return fire.openAlarms().stream()
                .map(alarm -> new AlarmView(
                        alarm.id(),
                        alarm.kiln(),
                        alarm.kind(),
                        alarm.words(),
                        alarm.toDo(),
                        alarm.raisedAtMillis(),
                        alarm.load().orElse(0L)))
                .toList();
    }

    @PostMapping("/api/alarms/{id}/answer")
    Receipt answer(@PathVariable long id, @RequestBody AlarmAnswer answer, Person person, Command command) {
        return changes.make(command, () -> {
            FireRepository.Alarm alarm = fire.openAlarms().stream()
                    .filter(each -> each.id() == id)
                    .findFirst()
                    .orElseThrow(() -> Refusal.outOfTurn("Somebody has answered it already."));
            fire.answer(id, answer.words().strip(), person.id(), clock.nowMillis());
            return Entry.ofShop(Entry.Kind.ALARM_ANSWERED, alarm.words() + ": " + person.name() + " has it", id);
        });
    }
}
