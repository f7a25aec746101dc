package hiltboard.core.grind;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Units;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * From the first grit to the wanted finish, each at most about twice as fine as the last: a step of much more leaves
 * scratches that the next never reaches. Common practice of the trade.
 *
 * @param grits coarsest first, the start and the finish among them
 */
public record GritLadder(List<Grit> grits, List<String> cautions) {
    /** Plain 60 to 120 is called double, and its grain is 2.3 times finer. */
    static final double ABOUT_TWICE = 2.35;

    /** The sizes that most shops hang on their wall. Common practice, from memory. */
    private static final List<Integer> ON_THE_WALL =
            List.of(36, 60, 80, 120, 150, 220, 320, 400, 600, 800, 1000, 1500, 2000, 2500);

    public GritLadder {
        grits = List.copyOf(grits);
        cautions = List.copyOf(cautions);
    }

    /**
     * The fewest steps from one to the other over usual sizes.
     *
     * @param reached the finest that the blade has seen; empty where it is raw
     * @throws ImpossibleQuantity if the finish is coarser than the start
     */
    public static GritLadder of(Grit start, Grit finish, Optional<Grit> reached) {
        if (finish.isCoarserThan(start)) {
            throw new ImpossibleQuantity(
                    "finish", finish.name() + ", " + finish.grain(), "as fine as the start's " + start.grain());
        }
        List<Grit> grits = new ArrayList<>(List.of(start));
        List<String> cautions = new ArrayList<>(coarserThanReached(start, reached));
        while (last(grits).isCoarserThan(finish)) {
            Optional<Grit> next = next(last(grits), start, finish);
            if (next.isEmpty()) {
                cautions.add("No grit is known between " + last(grits).name() + " and " + finish.name()
                        + ": stay long at the last one.");
            }
            grits.add(next.orElse(finish));
        }
        return new GritLadder(grits, cautions);
    }

    private static Grit last(List<Grit> grits) {
        return grits.get(grits.size() - 1);
    }

    /** The finest that is still about twice as fine: of those on the wall, else of any table. */
    private static Optional<Grit> next(Grit from, Grit start, Grit finish) {
        Grading grading = start.grading() == Grading.MICROMETRES ? Grading.P : start.grading();
        Stream<Grit> wall = Stream.concat(Stream.of(finish), onTheWall(grading));
        return finest(from, finish, wall)
                .or(() -> finest(from, finish, Grit.all(grading).stream()))
                .or(() -> finest(from, finish, Grit.all(Grading.STONE).stream()));
    }

    private static Stream<Grit> onTheWall(Grading grading) {
        return grading == Grading.STONE
                ? Grit.all(grading).stream()
                : ON_THE_WALL.stream().flatMap(number -> Grit.of(grading, number).stream());
    }

    private static Optional<Grit> finest(Grit from, Grit finish, Stream<Grit> known) {
        return known.filter(grit ->
                        from.isCoarserThan(grit) && grit.micrometres() >= finish.micrometres() && isAStep(from, grit))
                .min(Comparator.comparingDouble(Grit::micrometres));
    }

    /** Whether the second takes out what the first leaves without staying at it for ever. */
    public static boolean isAStep(Grit from, Grit to) {
        return from.timesCoarserThan(to) <= ABOUT_TWICE;
    }

    private static List<String> coarserThanReached(Grit start, Optional<Grit> reached) {
        return reached
                .filter(start::isCoarserThan)
                .map(fine -> start.name() + " is coarser than the " + fine.name()
                        + " that was reached: its scratches have to come out again.")
                .stream()
                .toList();
    }

    /** Each step with how much finer it is and the scratches that it has to take. */
    public List<String> steps(Units units) {
        return IntStream.range(0, grits.size())
                .mapToObj(i -> grits.get(i).name() + ", " + grits.get(i).grain()
                        + (i == 0
                                ? ""
                                : String.format(
                                        Locale.ROOT,
                                        ": %.1f times finer, takes scratches of %s",
                                        grits.get(i - 1).timesCoarserThan(grits.get(i)),
                                        grits.get(i - 1).scratches().in(units))))
                .toList();
    }

    /** {@code P120, P220, P400}. */
    public String words() {
        return grits.stream().map(Grit::name).collect(Collectors.joining(", "));
    }
}
