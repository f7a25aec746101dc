package hiltboard.server.job;

import hiltboard.core.route.DayCondition;
import hiltboard.core.route.DayCondition.Answer;
import hiltboard.core.route.Operation;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** How today is, as somebody of the shop said: it holds until midnight, for everybody. */
@Service
public class DayConditions {
    private final DayRepository days;
    private final Changes changes;
    private final ShopClock clock;

    DayConditions(DayRepository days, Changes changes, ShopClock clock) {
        this.days = days;
        this.changes = changes;
        this.clock = clock;
    }

    /**
     * What the day is asked for at a step. @param answer as it was said today; empty where nobody has said it @param
     * effect what it does to the work
     */
    public record OfTheDayView(String what, String words, List<DayAnswerView> answers, String answer, String effect) {}

    public record DayAnswerView(String name, String words) {}

    /** What was said of today. */
    public Map<String, String> today() {
        return days.of(clock.today());
    }

    static List<OfTheDayView> at(Operation operation, Map<String, String> today) {
        return DayCondition.askedAt(operation).stream()
                .map(each -> {
                    Optional<Answer> answer =
                            Optional.ofNullable(today.get(each.name())).flatMap(each::answer);
                    return new OfTheDayView(
                            each.name(),
                            each.words(),
                            each.answers().stream()
                                    .map(one -> new DayAnswerView(one.name(), one.words()))
                                    .toList(),
                            answer.map(Answer::name).orElse(""),
                            answer.map(Answer::effect).orElse(""));
                })
                .toList();
    }

    Receipt say(String what, String answer, Person person, Command command) {
        DayCondition condition = DayCondition.named(what)
                .orElseThrow(() -> Refusal.entry("what", what, "Nobody asks for this of a day", "LIGHT or AIR"));
        Answer said = condition
                .answer(answer)
                .orElseThrow(() -> Refusal.entry(
                        "answer",
                        answer,
                        "This is not one of the answers",
                        String.join(
                                "; ",
                                condition.answers().stream().map(Answer::name).toList())));
        return changes.make(command, () -> {
            days.say(clock.today(), what, answer, person.id(), clock.nowMillis());
            return Entry.ofShop(
                    Entry.Kind.DAY_SAID, condition.words() + ": " + said.words().toLowerCase(Locale.ROOT), 0);
        });
    }
}
