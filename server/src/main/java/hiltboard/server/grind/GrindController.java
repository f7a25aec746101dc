package hiltboard.server.grind;

import hiltboard.core.design.Use;
import hiltboard.core.grind.EdgeByUse;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.measure.Units;
import hiltboard.server.Refusal;
import hiltboard.server.access.Person;
import hiltboard.server.grind.GrindRoom.CutView;
import hiltboard.server.grind.GrindRoom.GrindView;
import hiltboard.server.grind.GrindService.AskedHabit;
import hiltboard.server.grind.GrindService.AskedReadings;
import hiltboard.server.grind.GrindService.AskedTrial;
import hiltboard.server.grind.GrindService.AskedUse;
import hiltboard.server.grind.SharpeningRoom.SharpeningView;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import java.util.List;
import java.util.Map;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A piece at the grinder, and what the shop leaves behind its edges. */
@RestController
class GrindController {
    private final GrindService service;
    private final GrindRoom room;
    private final SharpeningRoom edges;

    GrindController(GrindService service, GrindRoom room, SharpeningRoom edges) {
        this.edges = edges;
        this.service = service;
        this.room = room;
    }

    /** @param least thickness as it would be typed; empty where it is no number of its own */
    record HabitView(
            String use,
            String words,
            String least,
            String most,
            int leastDegrees,
            int mostDegrees,
            String origin,
            boolean isOwn) {}

    @GetMapping("/api/grind/pieces/{id}")
    @Transactional(readOnly = true)
    GrindView piece(@PathVariable long id, Person person) {
        return room.view(id, person);
    }

    /** @param at share of the way from the plunge to the point, zero to one */
    @GetMapping("/api/grind/pieces/{id}/section")
    @Transactional(readOnly = true)
    CutView section(@PathVariable long id, @RequestParam double at, Person person) {
        if (!(at >= 0 && at <= 1)) {
            throw Refusal.entry(
                    "at", String.valueOf(at), "That is no place on the blade", "0 at the plunge to 1 at the point");
        }
        // At the very point there is no steel to look at.
        return room.section(id, Math.min(at, 0.98), person)
                .orElseThrow(() -> Refusal.notThere("An axe has no cuts across it here."));
    }

    @PostMapping("/api/grind/pieces/{id}/readings")
    Receipt measured(@PathVariable long id, @RequestBody AskedReadings asked, Person person, Command command) {
        return service.measured(id, asked, person, command);
    }

    @PostMapping("/api/grind/pieces/{id}/abrasives")
    Receipt used(@PathVariable long id, @RequestBody AskedUse asked, Person person, Command command) {
        return service.used(id, asked, person, command);
    }

    @GetMapping("/api/grind/pieces/{id}/sharpening")
    @Transactional(readOnly = true)
    SharpeningView sharpening(@PathVariable long id, Person person) {
        return edges.sharpening(id, person);
    }

    @PostMapping("/api/grind/pieces/{id}/trials")
    Receipt tried(@PathVariable long id, @RequestBody AskedTrial asked, Person person, Command command) {
        return service.tried(id, asked, person, command);
    }

    @GetMapping("/api/grind/edges")
    @Transactional(readOnly = true)
    List<HabitView> edges(Person person) {
        Map<Use, EdgeByUse> habits = room.habits();
        return habits.values().stream()
                .map(habit -> view(habit, person.units()))
                .toList();
    }

    private static HabitView view(EdgeByUse habit, Units units) {
        return new HabitView(
                habit.use().name(),
                habit.use().words(),
                habit.thickness()
                        .map(LengthRange::least)
                        .map(length -> length.entryIn(units))
                        .orElse(""),
                habit.thickness()
                        .map(LengthRange::most)
                        .map(length -> length.entryIn(units))
                        .orElse(""),
                habit.least(),
                habit.most(),
                habit.origin(),
                !habit.equals(EdgeByUse.usual(habit.use())));
    }

    @PostMapping("/api/grind/edges/{use}")
    Receipt setEdge(@PathVariable String use, @RequestBody AskedHabit asked, Person person, Command command) {
        return service.setHabit(use, asked, person, command);
    }

    @PostMapping("/api/grind/edges/{use}/usual")
    Receipt usualEdge(@PathVariable String use, Person person, Command command) {
        return service.dropHabit(use, person, command);
    }
}
