package hiltboard.core.etch.stagger;

import hiltboard.core.etch.BathAge;
import hiltboard.core.etch.EtchRecipe;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.TimeRange;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

/**
 * Blades that go through one bath by one recipe, by one pair of hands at one sink.
 *
 * @param cycles time in the bath, as it takes today, and the work with the blade out of it
 * @param degrease right before its first bath
 * @param putIn and {@code takeOut}, with rinsing and neutralising, take both hands
 * @param atOnce how many hang in the bath at once without touching
 */
public record TankBatch(
        int blades, List<Round> cycles, Duration degrease, Duration putIn, Duration takeOut, int atOnce) {
    public static final int MOST_BLADES = 12;
    private static final int MOST_ROUNDS = 40;
    /** Sanding can be laid down for another blade's turn; nobody stops more often than this. */
    private static final Duration STRETCH = Duration.ofMinutes(4);

    /** One cycle. @param work until the blade can go in again */
    public record Round(TimeRange bath, Duration work) {}

    /** @throws ImpossibleQuantity if there is nothing to do, or more than a day holds */
    public TankBatch {
        cycles = List.copyOf(cycles);
        between(blades, 1, MOST_BLADES, "number of blades");
        between(blades * cycles.size(), 1, MOST_ROUNDS, "number of cycles in all");
        between(atOnce, 1, MOST_BLADES, "number of blades in the bath at once");
    }

    private static void between(int number, int least, int most, String what) {
        if (number < least || number > most) {
            throw new ImpossibleQuantity(what, String.valueOf(number), least + " to " + most);
        }
    }

    /** Usual times at the sink; common practice, from memory. */
    public static TankBatch of(EtchRecipe recipe, BathAge.Factor factor, int blades, int atOnce) {
        return new TankBatch(
                blades,
                recipe.cycles().stream()
                        .map(cycle -> new Round(
                                factor.of(cycle.bath()), cycle.between().usualTime()))
                        .toList(),
                Duration.ofMinutes(2),
                Duration.ofSeconds(15),
                Duration.ofSeconds(75),
                atOnce);
    }

    /** What one pair of hands is busy for in all. */
    public Duration labour() {
        Duration ofABlade = degrease;
        for (Round round : cycles) {
            ofABlade = ofABlade.plus(putIn).plus(takeOut).plus(round.work());
        }
        return ofABlade.multipliedBy(blades);
    }

    /** How long one blade takes by itself, at least: no plan is shorter. */
    public Duration ofOneBlade() {
        Duration all = degrease;
        for (Round round : cycles) {
            all = all.plus(putIn).plus(round.bath().least()).plus(takeOut).plus(round.work());
        }
        return all;
    }

    /** The work of a cycle in stretches after each of which it can be laid down, in seconds. */
    static List<Integer> stretches(Duration work) {
        int seconds = (int) work.toSeconds();
        int count = Math.max(1, (int) Math.ceil(seconds / (double) STRETCH.toSeconds()));
        List<Integer> stretches = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            stretches.add(seconds / count + (i < seconds % count ? 1 : 0));
        }
        return seconds == 0 ? List.of() : stretches;
    }
}
