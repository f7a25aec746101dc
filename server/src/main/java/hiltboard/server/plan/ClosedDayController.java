package hiltboard.server.plan;

import hiltboard.server.access.Person;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import hiltboard.server.plan.ClosedDays.ClosedDay;
import java.util.List;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Days on which the shop is closed, which the days in hand know. */
@RestController
class ClosedDayController {
    private final ClosedDays closed;

    ClosedDayController(ClosedDays closed) {
        this.closed = closed;
    }

    record Day(String day) {}

    @GetMapping("/api/closed-days")
    @Transactional(readOnly = true)
    List<ClosedDay> toCome() {
        return closed.toCome();
    }

    @PostMapping("/api/closed-days")
    Receipt close(@RequestBody ClosedDay day, Person person, Command command) {
        return closed.close(day, person, command);
    }

    @PostMapping("/api/closed-days/open")
    Receipt open(@RequestBody Day day, Command command) {
        return closed.open(day.day(), command);
    }
}
