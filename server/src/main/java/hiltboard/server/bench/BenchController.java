package hiltboard.server.bench;

import hiltboard.server.access.Person;
import hiltboard.server.bench.BenchSteps.BenchStep;
import java.util.Comparator;
import java.util.List;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The bench: what can be started now. */
@RestController
class BenchController {
    private static final int SHOWN_OF_A_PIECE = 3;

    private final BenchSteps steps;

    BenchController(BenchSteps steps) {
        this.steps = steps;
    }

    /** What lies on the bench: mine, other people's, resting, and what I can start now, most urgent first. */
    record Bench(List<BenchStep> mine, List<BenchStep> resting, List<BenchStep> canStart, List<BenchStep> others) {}

    @GetMapping("/api/bench")
    @Transactional(readOnly = true)
    Bench bench(Person person) {
        List<BenchStep> all = steps.lying().stream()
                .flatMap(piece -> BenchSteps.of(piece, person, SHOWN_OF_A_PIECE))
                .sorted(BenchSteps.byUrgency())
                .toList();
        return new Bench(
                all.stream()
                        .filter(step -> step.standing().equals("RUNNING") && step.starterId() == person.id())
                        .toList(),
                all.stream()
                        .filter(step -> step.standing().equals("RESTING"))
                        .sorted(Comparator.comparingLong(BenchStep::restUntilMillis))
                        .toList(),
                all.stream().filter(step -> step.standing().equals("READY")).toList(),
                all.stream()
                        .filter(step -> step.standing().equals("RUNNING") && step.starterId() != person.id())
                        .toList());
    }
}
