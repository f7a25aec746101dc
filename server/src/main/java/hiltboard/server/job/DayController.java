package hiltboard.server.job;

import hiltboard.server.access.Person;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What somebody says of today. */
@RestController
class DayController {
    private final DayConditions days;

    DayController(DayConditions days) {
        this.days = days;
    }

    record SaidOfToday(String what, String answer) {}

    @PostMapping("/api/today")
    Receipt say(@RequestBody SaidOfToday said, Person person, Command command) {
        return days.say(said.what(), said.answer(), person, command);
    }
}
