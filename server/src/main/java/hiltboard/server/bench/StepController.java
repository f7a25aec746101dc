package hiltboard.server.bench;

import hiltboard.server.access.Person;
import hiltboard.server.bench.MishapService.WentWrong;
import hiltboard.server.bench.ReadingService.NewReading;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is done with one step. */
@RestController
@RequestMapping("/api/pieces/{piece}/steps/{operation}")
class StepController {
    private final BenchService service;
    private final ReadingService readings;
    private final MishapService mishaps;
    private final SecondThoughts second;

    StepController(BenchService service, ReadingService readings, MishapService mishaps, SecondThoughts second) {
        this.second = second;
        this.service = service;
        this.readings = readings;
        this.mishaps = mishaps;
    }

    record Ticked(List<String> checks) {}

    record Reason(String rule, String reason) {}

    record Dimension(String dimension) {}

    @PostMapping("/start")
    Receipt start(@PathVariable long piece, @PathVariable String operation, Person person, Command command) {
        return service.start(List.of(piece), operation, person, command);
    }

    @PostMapping("/rest")
    Receipt rest(@PathVariable long piece, @PathVariable String operation, Command command) {
        return service.rest(List.of(piece), operation, command);
    }

    @PostMapping("/done")
    Receipt done(
            @PathVariable long piece,
            @PathVariable String operation,
            @RequestBody Ticked ticked,
            Person person,
            Command command) {
        return service.done(List.of(piece), operation, ticked.checks(), person, command);
    }

    @PostMapping("/reopen")
    Receipt reopen(@PathVariable long piece, @PathVariable String operation, Person person, Command command) {
        return service.reopen(piece, operation, person, command);
    }

    @PostMapping("/not-started")
    Receipt notStarted(@PathVariable long piece, @PathVariable String operation, Command command) {
        return second.notStarted(List.of(piece), operation, command);
    }

    @PostMapping("/rest-not-begun")
    Receipt restNotBegun(@PathVariable long piece, @PathVariable String operation, Command command) {
        return second.restNotBegun(List.of(piece), operation, command);
    }

    @PostMapping("/put-down")
    Receipt putDown(@PathVariable long piece, @PathVariable String operation, Command command) {
        return second.putDown(List.of(piece), operation, command);
    }

    @PostMapping("/pick-up")
    Receipt pickUp(@PathVariable long piece, @PathVariable String operation, Person person, Command command) {
        return second.pickUp(List.of(piece), operation, person, command);
    }

    @PostMapping("/again")
    Receipt again(@PathVariable long piece, @PathVariable String operation, Command command) {
        return service.again(piece, operation, command);
    }

    @PostMapping("/override")
    Receipt override(
            @PathVariable long piece,
            @PathVariable String operation,
            @RequestBody Reason reason,
            Person person,
            Command command) {
        return service.override(piece, operation, reason.rule(), reason.reason(), person, command);
    }

    @PostMapping("/readings")
    Receipt read(
            @PathVariable long piece,
            @PathVariable String operation,
            @RequestBody NewReading reading,
            Person person,
            Command command) {
        return readings.read(List.of(new ReadingService.OfPiece(piece, reading)), operation, person, command);
    }

    @PostMapping("/readings/strike")
    Receipt strike(
            @PathVariable long piece,
            @PathVariable String operation,
            @RequestBody Dimension dimension,
            Person person,
            Command command) {
        return readings.strike(piece, operation, dimension.dimension(), person, command);
    }

    @GetMapping("/mishaps")
    List<MishapService.MishapChoice> mishaps(@PathVariable long piece, @PathVariable String operation) {
        return mishaps.choices(piece, operation);
    }

    /** The ways back that would be open, before anything is reported. */
    @GetMapping("/ways-back")
    MishapService.Ways waysBack(
            @PathVariable long piece,
            @PathVariable String operation,
            @RequestParam String kind,
            @RequestParam(defaultValue = "") String measured,
            Person person) {
        return mishaps.ways(piece, operation, kind, measured, person);
    }

    @PostMapping("/went-wrong")
    Receipt wentWrong(
            @PathVariable long piece,
            @PathVariable String operation,
            @RequestBody WentWrong report,
            Person person,
            Command command) {
        return mishaps.wentWrong(piece, operation, report, person, command);
    }
}
