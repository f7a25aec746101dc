package hiltboard.core.grind;

import hiltboard.core.design.AbrasiveStart;
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
    /** What hangs at most grinders, coarsest first. Common practice, from memory. */
    private static final List<Integer> BELTS = List.of(36, 60, 80, 120, 220, 400);

    /** An edge is read no finer: one that is this near to a row's has reached it. */
    private static final Length AS_READ = Length.ofInches("0.0005");

    private static final int LAST_ROUGH = 120;
    private static final int LAST_CLEAN = 220;
    private static final int FIRST_AFTER_THE_FIRE = 120;
    private static final int LAST = 400;

    private final Length body;
    private final Length beforeHardening;
    private final Length wanted;
    private final BevelTiming bevels;
    private final int first;

    /**
     * @param body thickness that the bevels are ground from
     * @param beforeHardening edge that goes into the quench
     * @param wanted edge before sharpening
     * @param start with which a raw bar is begun
     */
    public RemovalSheet(Length body, Length beforeHardening, Length wanted, BevelTiming bevels, AbrasiveStart start) {
        this.body = body;
        this.beforeHardening = beforeHardening;
        this.wanted = wanted;
        this.bevels = bevels;
        this.first = start == AbrasiveStart.GRIT_60 ? 60 : 36;
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

    /** A row for each belt that may be on, in the order in which they are ground; not every one has to be. */
    public List<Stage> stages(Units units) {
        List<Stage> all = new ArrayList<>();
        boolean isAllHard = bevels == BevelTiming.AFTER_HARDENING;
        if (!isAllHard) {
            List<Integer> soft = between(first, bevels == BevelTiming.BEFORE_HARDENING ? LAST_CLEAN : LAST_ROUGH);
            soft.forEach(grit -> all.add(stage(false, grit, last(soft), beforeHardening, body, units)));
        }
        List<Integer> hard = between(isAllHard ? first : FIRST_AFTER_THE_FIRE, LAST);
        Length from = isAllHard ? body : beforeHardening;
        hard.forEach(grit -> all.add(stage(true, grit, last(hard), wanted, from, units)));
        return List.copyOf(all);
    }

    private static List<Integer> between(int first, int last) {
        return BELTS.stream().filter(grit -> grit >= first && grit <= last).toList();
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

    /** The first row of a heat that an edge of this thickness has not reached yet; empty when it has reached all. */
    public static Optional<Stage> next(List<Stage> stages, boolean isHard, Length edge) {
        return stages.stream()
                .filter(stage -> stage.isHard() == isHard
                        && stage.edge().value().plus(AS_READ).compareTo(edge) < 0)
                .max(Comparator.comparing(stage -> stage.edge().value()));
    }
}
