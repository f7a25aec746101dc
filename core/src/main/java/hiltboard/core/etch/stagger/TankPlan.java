package hiltboard.core.etch.stagger;

import java.time.Duration;
import java.util.List;

/**
 * In which order the blades of a batch go in and out.
 *
 * @param moments what the hands do, in order; between them they are free
 * @param length from the first to the last
 * @param atLeast no plan is shorter than this
 */
public record TankPlan(List<Moment> moments, Duration length, Duration atLeast) {
    public TankPlan {
        moments = List.copyOf(moments);
    }

    /** What the hands do. */
    public enum Act {
        DEGREASE("degrease"),
        PUT_IN("put in"),
        TAKE_OUT("take out, rinse, neutralise"),
        WORK("work on");

        private final String words;

        Act(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * @param at since the beginning
     * @param blade and {@code cycle} from one on
     * @param part of the work of the cycle, from one on; {@code parts} one where it is done in one go
     */
    public record Moment(Duration at, Duration takes, int blade, int cycle, Act act, int part, int parts) {}

    /** Whether it is the shortest there is. */
    public boolean isShortest() {
        return length.compareTo(atLeast) <= 0;
    }
}
