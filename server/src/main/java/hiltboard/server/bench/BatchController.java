package hiltboard.server.bench;

import hiltboard.core.route.Gate;
import hiltboard.core.route.Route.Step;
import hiltboard.server.Refusal;
import hiltboard.server.access.Person;
import hiltboard.server.bench.ReadingService.NewReading;
import hiltboard.server.bench.ReadingService.OfPiece;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import hiltboard.server.route.StepRepository.Standing;
import hiltboard.server.route.StepRepository.StepRow;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** One step of several pieces of a batch at once: all are started, rested, measured or done, or none is. */
@RestController
class BatchController {
    private static final int MOST_AT_ONCE = 24;

    private final BenchService service;
    private final ReadingService readings;
    private final SecondThoughts second;
    private final PutOnService putOn;
    private final PieceFiles files;

    BatchController(
            BenchService service,
            ReadingService readings,
            SecondThoughts second,
            PutOnService putOn,
            PieceFiles files) {
        this.putOn = putOn;
        this.second = second;
        this.service = service;
        this.readings = readings;
        this.files = files;
    }

    record Together(List<Long> pieces) {}

    /** @param person whom it is put on; zero for nobody */
    record HandedOn(List<Long> pieces, long person, String word) {}

    record TickedTogether(List<Long> pieces, List<String> checks) {}

    /**
     * What was read of a number on each piece; sure where the maker has confirmed what is out, and why it is taken as
     * it is.
     */
    record ReadTogether(String dimension, List<EntryOf> entries, boolean sure, String reason) {}

    record EntryOf(long piece, String entry, long basedOn) {}

    /** The reading of a number as the next one is based on it; zero and empty where there is none. */
    record ReadOf(String dimension, long id, String value, String expected) {}

    /**
     * The same step on another piece of the batch; the reason says why it cannot go along, and is empty where it can.
     */
    record Alongside(
            long piece,
            String name,
            String rackSlot,
            String standing,
            String reason,
            long starterId,
            List<ReadOf> readings) {}

    /** How the other living pieces of the batch stand at this step. */
    @GetMapping("/api/pieces/{piece}/steps/{operation}/alongside")
    @Transactional(readOnly = true)
    List<Alongside> alongside(@PathVariable long piece, @PathVariable String operation, Person person) {
        return files.livingSiblings(piece).stream()
                .map(file -> alongside(file, operation, person))
                .toList();
    }

    @PostMapping("/api/steps/{operation}/start")
    Receipt start(@PathVariable String operation, @RequestBody Together together, Person person, Command command) {
        return service.start(several(together.pieces()), operation, person, command);
    }

    @PostMapping("/api/steps/{operation}/rest")
    Receipt rest(@PathVariable String operation, @RequestBody Together together, Command command) {
        return service.rest(several(together.pieces()), operation, command);
    }

    @PostMapping("/api/steps/{operation}/not-started")
    Receipt notStarted(@PathVariable String operation, @RequestBody Together together, Command command) {
        return second.notStarted(several(together.pieces()), operation, command);
    }

    @PostMapping("/api/steps/{operation}/rest-not-begun")
    Receipt restNotBegun(@PathVariable String operation, @RequestBody Together together, Command command) {
        return second.restNotBegun(several(together.pieces()), operation, command);
    }

    @PostMapping("/api/steps/{operation}/put-down")
    Receipt putDown(@PathVariable String operation, @RequestBody Together together, Command command) {
        return second.putDown(several(together.pieces()), operation, command);
    }

    @PostMapping("/api/steps/{operation}/pick-up")
    Receipt pickUp(@PathVariable String operation, @RequestBody Together together, Person person, Command command) {
        return second.pickUp(several(together.pieces()), operation, person, command);
    }

    /** Puts a step on somebody; of one piece, or of several alike. */
    @PostMapping("/api/steps/{operation}/put-on")
    Receipt putOn(@PathVariable String operation, @RequestBody HandedOn handed, Person person, Command command) {
        return putOn.handOn(several(handed.pieces()), operation, handed.person(), handed.word(), person, command);
    }

    @PostMapping("/api/steps/{operation}/done")
    Receipt done(@PathVariable String operation, @RequestBody TickedTogether together, Person person, Command command) {
        return service.done(several(together.pieces()), operation, together.checks(), person, command);
    }

    @PostMapping("/api/steps/{operation}/readings")
    Receipt read(@PathVariable String operation, @RequestBody ReadTogether together, Person person, Command command) {
        several(together.entries().stream().map(EntryOf::piece).toList());
        return readings.read(
                together.entries().stream()
                        .map(each -> new OfPiece(
                                each.piece(),
                                new NewReading(
                                        together.dimension(),
                                        each.entry(),
                                        each.basedOn(),
                                        together.sure(),
                                        together.reason())))
                        .toList(),
                operation,
                person,
                command);
    }

    private static List<Long> several(List<Long> pieces) {
        if (pieces.isEmpty()
                || pieces.size() > MOST_AT_ONCE
                || Set.copyOf(pieces).size() < pieces.size()) {
            throw Refusal.entry(
                    "pieces", pieces.toString(), "Each piece is named once", "1 to " + MOST_AT_ONCE + " pieces");
        }
        return pieces;
    }

    private static Alongside alongside(PieceFile file, String operation, Person person) {
        Optional<Step> step = file.route().step(operation);
        if (step.isEmpty()) {
            return new Alongside(
                    file.id(), file.name(), file.rackSlot(), "NONE", "This piece has no such step.", 0, List.of());
        }
        Optional<StepRow> row = file.row(step.get());
        Gate gate = file.gate(step.get());
        String standing = row.map(StepRow::standing)
                .filter(each -> each != Standing.OPEN)
                .map(Standing::name)
                .orElse(gate.isOpen() ? "READY" : "WAITING");
        String reason = file.heldReason()
                .map(held -> "Held: " + held)
                .orElseGet(() -> standing.equals("WAITING")
                        ? gate.closedBy().get(0).rule().reason()
                        : "");
        var chain = file.chain(person.units());
        var taken = file.readingsByDimension();
        List<ReadOf> readings = step.get().operation().readings().stream()
                .map(key -> new ReadOf(
                        key,
                        Optional.ofNullable(taken.get(key))
                                .map(each -> each.id())
                                .orElse(0L),
                        Optional.ofNullable(taken.get(key))
                                .map(each -> each.value().in(person.units()))
                                .orElse(""),
                        chain.link(key).orElseThrow().expected().value().in(person.units())))
                .toList();
        return new Alongside(
                file.id(),
                file.name(),
                file.rackSlot(),
                standing,
                reason,
                row.map(StepRow::starterId).orElse(0L),
                readings);
    }
}
