package hiltboard.server.etch;

import hiltboard.core.etch.stagger.TankPlan;
import hiltboard.core.etch.stagger.TankPlan.Act;
import hiltboard.core.etch.stagger.TankPlan.Moment;
import hiltboard.core.measure.Span;
import hiltboard.server.access.Person;
import hiltboard.server.etch.TankPlanning.AskedPlan;
import hiltboard.server.etch.TankPlanning.Batch;
import hiltboard.server.search.Run;
import java.time.Duration;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The order of a batch through a bath: begun, followed, ended early. */
@RestController
class TankPlanController {
    private final TankPlanning planning;

    TankPlanController(TankPlanning planning) {
        this.planning = planning;
    }

    /** @param at seconds since the beginning; {@code takes} seconds of hands */
    record TankActView(long at, long takes, String pieceName, String words) {}

    /** @param free hands are free for so long in all, in words */
    record TankPlanView(String length, String free, boolean isShortest, String atLeast, List<TankActView> acts) {}

    /** @param plan the best so far; the answer once it is over */
    record TankPlanRunView(
            long id,
            boolean isOver,
            boolean isFailed,
            String labour,
            String oneBlade,
            @Nullable TankPlanView plan) {}

    @PostMapping("/api/tank/plans")
    TankPlanRunView begin(@RequestBody AskedPlan asked, Person person) {
        return view(planning.begin(asked, person));
    }

    @GetMapping("/api/tank/plans/{id}")
    TankPlanRunView run(@PathVariable long id) {
        return view(planning.run(id));
    }

    @PostMapping("/api/tank/plans/{id}/cancel")
    TankPlanRunView cancel(@PathVariable long id) {
        planning.run(id).cancel();
        return run(id);
    }

    private static TankPlanRunView view(Run<Batch, TankPlan> run) {
        Batch batch = run.asked();
        return new TankPlanRunView(
                run.id(),
                run.answer().isPresent(),
                run.isFailed(),
                Span.words(batch.times().labour()),
                Span.words(batch.times().ofOneBlade()),
                run.best().map(plan -> view(plan, batch)).orElse(null));
    }

    private static TankPlanView view(TankPlan plan, Batch batch) {
        Duration free = plan.length().minus(batch.times().labour());
        return new TankPlanView(
                Span.words(plan.length()),
                Span.words(free.isNegative() ? Duration.ZERO : free),
                plan.isShortest(),
                Span.words(plan.atLeast()),
                plan.moments().stream()
                        .map(moment -> new TankActView(
                                moment.at().toSeconds(),
                                moment.takes().toSeconds(),
                                batch.names().get(moment.blade() - 1),
                                words(moment, batch)))
                        .toList());
    }

    private static String words(Moment moment, Batch batch) {
        String cycle = batch.recipe().cycleCount() == 1 ? "" : ", cycle " + moment.cycle();
        return switch (moment.act()) {
            case DEGREASE -> Act.DEGREASE.words();
            case PUT_IN -> Act.PUT_IN.words() + cycle;
            case TAKE_OUT -> Act.TAKE_OUT.words() + cycle;
            case WORK ->
                batch.recipe().cycle(moment.cycle()).words()
                        + (moment.parts() == 1 ? "" : ", " + moment.part() + " of " + moment.parts());
        };
    }
}
