package hiltboard.core.grind;

import hiltboard.core.design.BevelTiming;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * How thick the edge is to be when a belt comes off the grinder: the wanted thickness of this stage and, on both sides,
 * the scratches that later belts have to take. Common practice of the trade.
 */
public final class RemovalSheet {
    /** Belts before and after the fire, coarsest first. Common practice, from memory. */
    private static final List<Integer> ROUGH = List.of(36, 80, 120);

    private static final List<Integer> CLEAN = List.of(36, 80, 120, 220);
    private static final List<Integer> FINISH = List.of(120, 220, 400);
    private static final List<Integer> ALL_HARD = List.of(60, 120, 220, 400);

    private final Length body;
    private final Length beforeHardening;
    private final Length wanted;
    private final BevelTiming bevels;

    /**
     * @param body thickness that the bevels are ground from
     * @param beforeHardening edge that goes into the quench
     * @param wanted edge before sharpening
     */
    public RemovalSheet(Length body, Length beforeHardening, Length wanted, BevelTiming bevels) {
        this.body = body;
        this.beforeHardening = beforeHardening;
        this.wanted = wanted;
        this.bevels = bevels;
    }

    /**
     * One belt's stage.
     *
     * @param isHard whether the blade is hardened then
     * @param edge thickness when the belt is done
     */
    public record Stage(boolean isHard, Grit grit, Worked<Length> edge) {
        /** By which it is known: {@code soft P80}. */
        public String key() {
            return (isHard ? "hard " : "soft ") + grit.name();
        }

        public String words() {
            return "After " + grit.name() + (isHard ? ", hardened" : ", before hardening");
        }
    }

    /** All stages in the order in which they are ground. */
    public List<Stage> stages(Units units) {
        List<Stage> all = new ArrayList<>();
        if (bevels != BevelTiming.AFTER_HARDENING) {
            List<Integer> soft = bevels == BevelTiming.BEFORE_HARDENING ? CLEAN : ROUGH;
            soft.forEach(grit -> all.add(stage(false, grit, last(soft), beforeHardening, body, units)));
        }
        List<Integer> hard = bevels == BevelTiming.AFTER_HARDENING ? ALL_HARD : FINISH;
        Length from = bevels == BevelTiming.AFTER_HARDENING ? body : beforeHardening;
        hard.forEach(grit -> all.add(stage(true, grit, last(hard), wanted, from, units)));
        return List.copyOf(all);
    }

    private static int last(List<Integer> grits) {
        return grits.get(grits.size() - 1);
    }

    private static Stage stage(boolean isHard, int number, int last, Length target, Length from, Units units) {
        Grit grit = Grit.p(number);
        Working line = new Working(units);
        if (number == last) {
            return new Stage(isHard, grit, Worked.of(target, "The last belt of this stage: " + target.in(units)));
        }
        Length left = target.plus(grit.scratches().times(2));
        Length most = left.compareTo(from) > 0 ? from : left;
        String sum = line.of(target) + " + 2 × " + line.of(grit.scratches()) + " of " + grit.name() + " scratches"
                + line.comesTo(left);
        return new Stage(
                isHard,
                grit,
                Worked.of(
                        most, left.compareTo(from) > 0 ? sum + ", and no more is there than " + from.in(units) : sum));
    }

    /** The stage after these belts: the first that is not done yet; empty when all are. */
    public static Optional<Stage> next(List<Stage> stages, boolean isHard, Length edge) {
        return stages.stream()
                .filter(stage ->
                        stage.isHard() == isHard && stage.edge().value().compareTo(edge) < 0)
                .max(Comparator.comparing(stage -> stage.edge().value()));
    }
}
