package hiltboard.core.route;

import hiltboard.core.chain.DimensionChain;
import hiltboard.core.chain.Link;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.measure.Judgement;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Gate.Obstacle;
import hiltboard.core.route.Route.Step;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;

/**
 * A number of a piece that nobody has answered for: a part made to a number that has moved, or a reading that is out.
 * It shuts every step that uses the part, hides it or works on, until the part is made again, the number is measured
 * again, or somebody takes it as it is with a reason.
 *
 * @param number its key in the chain
 */
public record Unsettled(String number, String key, String reason, String consequence, String remedy) implements Rule {
    /** Work that hides a part for good, or is spoiled by one that does not fit. */
    private static final Set<Trait> ASSEMBLY = EnumSet.of(
            Trait.FITS_GUARD,
            Trait.DRILLS_ALIGNMENT,
            Trait.BEDS,
            Trait.DRY_FITS,
            Trait.PINS_FOR_A_WHILE,
            Trait.GLUES_HANDLE,
            Trait.PEENS,
            Trait.ASSEMBLES,
            Trait.FITS_SPRING,
            Trait.FITS_LOCK,
            Trait.TRIES_ACTION,
            Trait.COVERS_LINERS,
            Trait.CLOSES_FOLDER,
            Trait.FITS_HAFT,
            Trait.WEDGES,
            Trait.CEMENTS);
    /** Readings that have to be settled before work other than their own step goes on, with that work. */
    private static final Map<String, Set<Trait>> MATTERS_FOR = Map.of(
            PieceDimensions.TANG_HOLE,
            ASSEMBLY,
            PieceDimensions.SCALE_HOLE,
            ASSEMBLY,
            PieceDimensions.HARDNESS,
            EnumSet.of(Trait.FINISH_GRINDS, Trait.HEAVY_GRINDING));

    private static final String HOLE_TOO_LARGE =
            "A hole only grows: sleeve it, plug it and drill again, take a bigger pin, or take it as it is with a reason.";

    @Override
    public Severity severity() {
        return Severity.STOP;
    }

    /** What somebody has taken as it is: the number, its value, and what it was held against. */
    public record Accepted(String number, Quantity value, Quantity against) {

        private boolean covers(String key, Quantity now, Quantity expected, Quantity tolerance) {
            return number.equals(key) && value.equals(now) && against.isWithin(tolerance, expected);
        }
    }

    /**
     * What stands before a step.
     *
     * @param done keys of the steps that are done
     * @param numbers the piece's chain, asked for only where something can be shut
     * @param readings the numbers that were measured
     * @param accepted what was taken as it is; it counts until the number moves on
     */
    public static List<Obstacle> before(
            Step step,
            Route route,
            Set<String> done,
            Supplier<DimensionChain> numbers,
            Map<String, Quantity> readings,
            List<Accepted> accepted,
            Units units) {
        if (!mayBeShut(step.operation())) {
            return List.of();
        }
        DimensionChain chain = numbers.get();
        List<Obstacle> obstacles = new ArrayList<>();
        for (Link link : chain.stale()) {
            makers(route, done, link.dimension().key())
                    .filter(maker -> !isTaken(link, accepted) && uses(step.operation(), maker))
                    .ifPresent(maker -> obstacles.add(new Obstacle(stale(link, maker, units), List.of())));
        }
        readings.forEach((key, value) -> {
            Set<Trait> work = MATTERS_FOR.getOrDefault(key, Set.of());
            boolean isAsked = step.operation().traits().stream().anyMatch(work::contains)
                    && !step.operation().readings().contains(key);
            Optional<Link> link = isAsked ? chain.link(key) : Optional.empty();
            link.filter(each -> isOut(each, chain, accepted))
                    .ifPresent(each -> obstacles.add(new Obstacle(out(each, chain), List.of())));
        });
        return obstacles;
    }

    /** Most steps neither use a part nor join the knife: for them nothing has to be computed. */
    private static boolean mayBeShut(Operation operation) {
        return operation.part() != Part.BLADE
                || operation.traits().stream()
                        .anyMatch(trait -> ASSEMBLY.contains(trait)
                                || MATTERS_FOR.values().stream().anyMatch(work -> work.contains(trait)));
    }

    /** Whether any part was made to a number that has moved, and nobody has taken it as it is. */
    public static boolean hasStaleParts(DimensionChain chain, List<Accepted> accepted) {
        return chain.stale().stream().anyMatch(link -> !isTaken(link, accepted));
    }

    /** Whether somebody has taken a part as it is, and the number has not moved on since. */
    public static boolean isTaken(Link link, List<Accepted> accepted) {
        Link.Stale stale = link.stale().orElseThrow();
        return accepted.stream()
                .anyMatch(each -> each.covers(link.dimension().key(), stale.madeTo(), stale.now(), stale.tolerance()));
    }

    private static Optional<Operation> makers(Route route, Set<String> done, String number) {
        return route.steps().stream()
                .map(Step::operation)
                .filter(operation -> operation.makes().contains(number) && done.contains(operation.key()))
                .findFirst();
    }

    /** A step that makes the part anew is not shut by it; what else is done with the part, or joins the knife, is. */
    private static boolean uses(Operation operation, Operation maker) {
        boolean isAssembly = operation.traits().stream().anyMatch(ASSEMBLY::contains);
        boolean isOfThePart = operation.part() == maker.part() && operation.part() != Part.BLADE;
        return !operation.key().equals(maker.key()) && (isAssembly || isOfThePart);
    }

    /** Whether a reading is out and nobody has taken it as it is. */
    public static boolean isOut(Link link, DimensionChain chain, List<Accepted> accepted) {
        Judgement judged = chain.judge(link.dimension().key(), link.current());
        return judged.isOut()
                && accepted.stream()
                        .noneMatch(each -> each.covers(
                                link.dimension().key(),
                                link.current(),
                                link.expected().value(),
                                link.dimension().tolerance()));
    }

    private static Unsettled stale(Link link, Operation maker, Units units) {
        Link.Stale stale = link.stale().orElseThrow();
        String off = stale.now() instanceof Length now && stale.madeTo() instanceof Length made
                ? ", " + now.minus(made).absolute().in(units) + " off"
                : "";
        return new Unsettled(
                link.dimension().key(),
                "stale:" + link.dimension().key(),
                link.dimension().label() + " was made to " + stale.madeTo().in(units) + " at “" + maker.title()
                        + "”; by now it has to be " + stale.now().in(units) + off + " (± "
                        + stale.tolerance().in(units) + ").",
                "It does not fit, and once it is glued or closed nobody can change it.",
                isHoleTooLarge(stale, maker)
                        ? HOLE_TOO_LARGE
                        : "Make it again, measure again, or take it as it is with a reason.");
    }

    private static boolean isHoleTooLarge(Link.Stale stale, Operation maker) {
        return (maker.is(Trait.MAKES_TANG_HOLES) || maker.is(Trait.DRILLS_SCALES))
                && stale.now().magnitude() < stale.madeTo().magnitude();
    }

    private static Unsettled out(Link link, DimensionChain chain) {
        return new Unsettled(
                link.dimension().key(),
                "out:" + link.dimension().key(),
                link.dimension().label() + ": "
                        + chain.judge(link.dimension().key(), link.current()).words(),
                "What follows is built on a number that is wrong.",
                "Measure again, say what went wrong, or take it as it is with a reason.");
    }
}
