package hiltboard.core.plan;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.route.Stretch;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;

/**
 * Works everything off that is promised, as a shop would that never waits: whenever a maker is free, the most urgent
 * piece that can go on goes on. Every maker can do everything, one thing at a time; a rest needs nobody. Machines are
 * not looked at.
 *
 * <p>What comes out is a way in which the work can really be done by these makers, so no piece is said to be done
 * earlier than it could be.
 */
public final class ShopPass {
    private final ShopHours hours;
    private final List<Piece> byUrgency;
    private final int[] at;
    private final PriorityQueue<LocalDateTime> free = new PriorityQueue<>();
    private final PriorityQueue<Resting> resting =
            new PriorityQueue<>(Comparator.comparing(Resting::until).thenComparing(Resting::piece));
    private final PriorityQueue<Integer> ready = new PriorityQueue<>();
    private final Map<Long, LocalDateTime> done = new HashMap<>();

    private ShopPass(List<Piece> byUrgency, int makers, ShopHours hours, LocalDateTime now) {
        this.hours = hours;
        this.byUrgency = byUrgency;
        this.at = new int[byUrgency.size()];
        for (int i = 0; i < makers; i++) {
            free.add(now);
        }
        for (int i = 0; i < byUrgency.size(); i++) {
            resting.add(new Resting(i, later(byUrgency.get(i).from(), now)));
        }
    }

    /**
     * A piece with the work that is left of it.
     *
     * @param from before then nothing of it can go on
     * @param left in the order in which it is done
     */
    public record Piece(long id, LocalDateTime from, List<Stretch> left) {
        public Piece {
            left = List.copyOf(left);
        }
    }

    private record Resting(int piece, LocalDateTime until) {}

    /**
     * When each piece is done.
     *
     * @param byUrgency the most urgent first
     * @param makers who share the work, one or more
     * @throws ImpossibleQuantity without makers
     */
    public static Map<Long, LocalDateTime> of(List<Piece> byUrgency, int makers, ShopHours hours, LocalDateTime now) {
        if (makers < 1) {
            throw new ImpossibleQuantity("makers", String.valueOf(makers), "one or more");
        }
        return new ShopPass(List.copyOf(byUrgency), makers, hours, now).done();
    }

    private Map<Long, LocalDateTime> done() {
        while (!ready.isEmpty() || !resting.isEmpty()) {
            LocalDateTime now = hours.working(free.remove());
            goOn(now);
            if (!ready.isEmpty()) {
                free.add(work(ready.remove(), now));
            } else if (!resting.isEmpty()) {
                // Waits, and is asked again in turn: another maker may be free before.
                free.add(resting.element().until());
            } else {
                free.add(now);
            }
        }
        return done;
    }

    /** Everything whose rest is up by then can go on; what needs no hands any more goes on by itself. */
    private void goOn(LocalDateTime now) {
        while (!resting.isEmpty() && !resting.element().until().isAfter(now)) {
            Resting up = resting.remove();
            List<Stretch> left = byUrgency.get(up.piece()).left();
            if (at[up.piece()] == left.size()) {
                done.put(byUrgency.get(up.piece()).id(), up.until());
            } else if (left.get(at[up.piece()]).attendedMinutes() == 0) {
                resting.add(new Resting(
                        up.piece(), up.until().plus(left.get(at[up.piece()]++).rest())));
            } else {
                ready.add(up.piece());
            }
        }
    }

    /** One maker does the next stretch of a piece. @return when that maker is free again */
    private LocalDateTime work(int piece, LocalDateTime from) {
        Stretch stretch = byUrgency.get(piece).left().get(at[piece]++);
        LocalDateTime worked = hours.worked(from, stretch.attendedMinutes());
        resting.add(new Resting(piece, worked.plus(stretch.rest())));
        return worked;
    }

    private static LocalDateTime later(LocalDateTime one, LocalDateTime other) {
        return one.isAfter(other) ? one : other;
    }
}
