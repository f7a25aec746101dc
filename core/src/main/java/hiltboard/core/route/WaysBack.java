package hiltboard.core.route;

import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Route.Step;
import hiltboard.core.route.Turn.Turned;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** The ways back from a mishap that are really open in the condition that the piece is in, each with what it costs. */
public final class WaysBack {
    private final Making making;
    private final RoutePlanner planner;

    public WaysBack(Making making, RoutePlanner planner) {
        this.making = making;
        this.planner = planner;
    }

    /**
     * One way that is open.
     *
     * @param from the step that it begins again at; empty where the way does not go back
     * @param turned what it turns back; nothing for going on, holding and scrapping
     * @param material what is used up, in words
     */
    public record Way(
            WayBack way,
            String words,
            Optional<String> from,
            TurnedBack turned,
            List<String> material,
            List<String> cautions) {
        public Way {
            material = List.copyOf(material);
            cautions = List.copyOf(cautions);
        }

        /** Hands-on minutes that it costs in all. */
        public int minutes() {
            return turned.minutes() + way.ownMinutes();
        }
    }

    /**
     * The ways that are open after this mishap at this step.
     *
     * @param hasSpare whether a spare of the same batch is free
     */
    public List<Way> of(Mishap mishap, Step at, boolean hasSpare) {
        Part part = mishap.part().filter(this::isMadeHere).orElse(at.operation().part());
        List<Way> ways = new ArrayList<>();
        for (WayBack way : mishap.waysBack()) {
            switch (way) {
                case REDO -> ways.addAll(redos(mishap, at));
                case REMAKE -> remake(part).ifPresent(ways::add);
                case HEAT_AGAIN ->
                    heatAgain(at, mishap == Mishap.HOLE_FORGOTTEN || mishap == Mishap.HOLE_MISPLACED)
                            .ifPresent(ways::add);
                case SPARE -> {
                    if (hasSpare) {
                        ways.add(still(way, "Use the spare: it takes this piece's place, this one is scrapped"));
                    }
                }
                case WELD -> weld(at.operation()).ifPresent(ways::add);
                case GRIND_OUT -> ways.add(still(way, way.words()));
                case WARM ->
                    ways.add(still(
                            way,
                            way.words(),
                            List.of(
                                    Cautions.PARTING,
                                    "Wrapped edge, point away from everyone; leather or wood between the handle and "
                                            + "whatever pulls it.")));
                case GO_ON, SCRAP, HOLD ->
                    ways.add(still(
                            way,
                            way == WayBack.GO_ON && mishap == Mishap.LAMINATE_FLAW
                                    ? "Go: leave the flaw"
                                    : way.words()));
            }
        }
        ways.add(still(WayBack.HOLD, WayBack.HOLD.words()));
        return List.copyOf(ways);
    }

    private boolean isMadeHere(Part part) {
        return making.route().steps().stream().anyMatch(step -> step.operation().part() == part);
    }

    private Way still(WayBack way, String words) {
        return still(way, words, List.of());
    }

    private Way still(WayBack way, String words, List<String> cautions) {
        return new Way(
                way,
                words,
                Optional.empty(),
                new TurnedBack(
                        List.of(), List.of(), making.rework(), making.progress().conditions()),
                List.of(),
                cautions);
    }

    /**
     * From each finished step that can be done once more as the steel is now, the latest first, and from the step
     * itself.
     */
    private List<Way> redos(Mishap mishap, Step at) {
        List<Way> ways = new ArrayList<>();
        List<Step> steps = making.route().steps();
        int here = steps.indexOf(at);
        for (int i = here; i >= 0; i--) {
            Operation operation = steps.get(i).operation();
            boolean isFinished = making.progress().isDone(operation.key());
            boolean belongs =
                    mishap.part().map(part -> part == operation.part()).orElse(false)
                            || isOfThePart(operation, at.operation(), mishap);
            if ((isFinished || i == here) && belongs && canBeDoneAsTheSteelIs(operation)) {
                redo(operation, mishap == Mishap.GLUE_FAILED ? turn().withFailedJoint() : turn())
                        .ifPresent(ways::add);
            }
        }
        return ways;
    }

    /**
     * What is found on the whole piece leads back to the part that it is on, or to any where nobody says which; never
     * to who said yes, or what it is called.
     */
    private static boolean isOfThePart(Operation operation, Operation at, Mishap mishap) {
        if (at.part() != Part.KNIFE) {
            return operation.part() == at.part();
        }
        return operation.key().equals(at.key()) || mishap.part().isEmpty() && operation.part() != Part.KNIFE;
    }

    private boolean canBeDoneAsTheSteelIs(Operation operation) {
        boolean isHeat = operation.is(Trait.HARDENS)
                || operation.is(Trait.NORMALISES)
                || operation.is(Trait.ANNEALS)
                || operation.is(Trait.SENDS_OUT)
                || operation.is(Trait.COATS_WITH_CLAY);
        boolean needsSoft = ConditionRules.all().stream()
                        .anyMatch(rule -> rule.needs().contains(Condition.ANNEALED) && rule.isAskedBefore(operation))
                || operation.is(Trait.PROFILES);
        return !isHeat && !(needsSoft && making.isHard());
    }

    private Optional<Way> redo(Operation from, Turn turn) {
        return walked(
                WayBack.REDO,
                "Do it again from “" + from.title() + "”",
                from.key(),
                turn.with(builtOn(from)),
                List.of(),
                List.of());
    }

    private Optional<Way> weld(Operation at) {
        return walked(
                WayBack.WELD,
                "Weld it, dress it, fit it again",
                at.key(),
                turn().with(builtOn(at)),
                List.of("Filler rod"),
                List.of("A welded fitting shows its seam under acid and polish: tell the client."));
    }

    private Turn turn() {
        return new Turn(making, making.spec(), planner, Set.of());
    }

    private Set<String> builtOn(Operation operation) {
        return keys(making.progress().redoneWith(operation.key()));
    }

    private static Set<String> keys(List<Operation> operations) {
        return operations.stream().map(Operation::key).collect(Collectors.toSet());
    }

    /**
     * A way back that can be walked to its end as the piece lies; with the handle off first where it is in the way, and
     * what that costs.
     */
    private Optional<Way> walked(
            WayBack way, String words, String from, Turned turned, List<String> material, List<String> cautions) {
        if (!turned.canBeWalked()) {
            return Optional.empty();
        }
        List<String> used = new ArrayList<>(material);
        List<String> care = new ArrayList<>(cautions);
        if (turned.back().takesHandleOff()) {
            boolean isLost = turned.isHandleLost();
            care.add(
                    isLost
                            ? "The handle comes off first and is lost: it is made anew."
                            : "The handle comes apart first and goes together again.");
            material(Part.HANDLE).stream()
                    .filter(each -> isLost && !used.contains(each))
                    .forEach(used::add);
        }
        return Optional.of(
                new Way(way, words, Optional.of(from).filter(key -> !key.isEmpty()), turned.back(), used, care));
    }

    private Optional<Way> remake(Part part) {
        if (part == Part.KNIFE) {
            return Optional.empty();
        }
        Set<String> ofPart = making.route().steps().stream()
                .map(Step::operation)
                .filter(operation ->
                        operation.part() == part && making.progress().isDone(operation.key()))
                .map(Operation::key)
                .collect(Collectors.toSet());
        Set<String> again = keys(making.progress().redoneWith(ofPart));
        Turned turned = (part == Part.BLADE ? turn().withNewBlade() : turn()).with(again);
        String from = turned.back().again().stream()
                .map(Operation::key)
                .filter(again::contains)
                .findFirst()
                .orElse("");
        return walked(
                WayBack.REMAKE,
                part == Part.BLADE ? "Make a new blade" : "Make " + part.words() + " anew",
                from,
                turned,
                material(part),
                List.of());
    }

    private List<String> material(Part part) {
        Specification spec = making.spec();
        Units any = Units.INCH_FAHRENHEIT;
        return switch (part) {
            case BLADE -> List.of("A new bar of " + spec.steel().designation());
            case GUARD -> List.of("Guard blank: " + spec.words(SpecificationField.GUARD_MATERIAL, any));
            case SPACER -> List.of("Spacer stock: " + spec.words(SpecificationField.SPACER_MATERIAL, any));
            case HANDLE ->
                List.of((spec.hasScales() ? "A pair of scales: " : spec.isAxe() ? "A haft blank: " : "A block: ")
                        + spec.handleMaterial().words());
            case SPRING -> List.of("Spring steel");
            case SIDES ->
                List.of("Stock for both sides, covers of "
                        + spec.handleMaterial().words().toLowerCase(Locale.ROOT));
            case BACK_SPACER -> List.of("Back spacer stock");
            case SHEATH -> List.of("Leather and thread");
            case KNIFE -> List.of();
        };
    }

    /**
     * Normalised, or annealed where it hardens in air, and quenched once more, also straight from a quench that failed;
     * softened in between where soft work is still to be done.
     */
    private Optional<Way> heatAgain(Step at, boolean softens) {
        boolean wasInTheFire = making.isHard() || at.operation().is(Trait.HARDENS);
        if (!wasInTheFire || making.is(Condition.AWAY)) {
            return Optional.empty();
        }
        Turn turn = turn().heatedAgain();
        Turned turned = (softens ? turn.softened() : turn).with(Set.of());
        int heats = turned.back().rework().heats();
        List<String> cautions = new ArrayList<>(List.of(
                "This is heat " + heats + ": each one costs carbon and grain.",
                "Look first at what went wrong: uneven bevels, uneven heat, a slanting or slow quench, stress from forging or grinding. "
                        + "What is not changed comes again."));
        if (turned.back().rework().isHeatedTooOften()) {
            cautions.add("From the third heat on a new blade is the better way.");
        }
        return walked(
                WayBack.HEAT_AGAIN,
                softens
                        ? "Soften it, do the forgotten work, harden once more"
                        : making.spec().steel().isAirHardening()
                                ? "Anneal and harden once more"
                                : "Normalise and harden once more",
                making.keysOf(Trait.HARDENS).iterator().next(),
                turned,
                List.of(),
                cautions);
    }
}
