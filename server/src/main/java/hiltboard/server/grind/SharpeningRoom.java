package hiltboard.server.grind;

import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.field.Option;
import hiltboard.core.grind.EdgeTrial;
import hiltboard.core.grind.GritLadder;
import hiltboard.core.grind.SharpeningPlan;
import hiltboard.core.measure.Angle;
import hiltboard.core.measure.Units;
import hiltboard.server.WorkedView;
import hiltboard.server.access.Person;
import hiltboard.server.grind.GrindRoom.LadderView;
import hiltboard.server.job.PieceFiles;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What the sharpening bench shows of a piece; belongs into a transaction of the caller. */
@Component
class SharpeningRoom {
    private final PieceFiles files;
    private final GroundRepository ground;

    SharpeningRoom(PieceFiles files, GroundRepository ground) {
        this.files = files;
        this.ground = ground;
    }

    record TrialView(String triedOn, String result, boolean isGood, String advice, String by, long atMillis) {}

    /**
     * The sharpening bench of a piece.
     *
     * @param edge what is agreed of it
     * @param said what the client said that it is for
     * @param jig name of the calculator that sets the job's jig; empty where none is set
     * @param atThePlunge what is to be minded there; empty where nothing is
     */
    record SharpeningView(
            long id,
            String edge,
            String said,
            String method,
            String jig,
            LadderView grits,
            @Nullable WorkedView bevelWidth,
            List<String> steps,
            String atThePlunge,
            String heat,
            List<TrialView> trials,
            List<Option> results) {}

    SharpeningView sharpening(long id, Person person) {
        Units units = person.units();
        GroundPiece piece = new GroundPiece(files.open(id), List.of(), units);
        Specification spec = piece.file().specification();
        SharpeningPlan plan = new SharpeningPlan(
                spec.sharpenedWith(),
                spec.edgeTooth(),
                new Angle(spec.count(SpecificationField.EDGE_ANGLE)),
                piece.wanted(),
                spec.hasChoil(),
                spec.hasMicroBevel());
        GritLadder grits = plan.grits();
        return new SharpeningView(
                id,
                spec.count(SpecificationField.EDGE_ANGLE) + "° a side, "
                        + spec.edgeTooth().words(),
                piece.file().useWords(),
                spec.sharpenedWith().words(),
                switch (spec.sharpenedWith()) {
                    case GUIDED_RODS -> "guided-rods";
                    case WHEEL -> "wheel-stop";
                    case BELTS, STONES -> "";
                },
                new LadderView(grits.words(), grits.steps(units), grits.cautions()),
                plan.bevelWidth(units)
                        .map(worked -> WorkedView.of(worked, units))
                        .orElse(null),
                plan.steps(),
                plan.atThePlunge().orElse(""),
                plan.heat(),
                ground.trials(id).stream()
                        .map(trial -> new TrialView(
                                trial.triedOn(),
                                trial.result().words(),
                                trial.result() == EdgeTrial.CUTS,
                                trial.result().advice(),
                                trial.by(),
                                trial.atMillis()))
                        .toList(),
                Arrays.stream(EdgeTrial.values())
                        .map(each -> new Option(each.name(), each.words()))
                        .toList());
    }
}
