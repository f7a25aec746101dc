package hiltboard.core.route;

import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Planned.Ordered;
import hiltboard.core.route.Route.Step;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** The ways back from a mishap that are really open in the condition that the piece is in, each with what it costs. */
public final class WaysBack {
    private static final Set<Trait> AROUND_THE_QUENCH = EnumSet.of(Trait.DEGREASES_FOR_FOIL, Trait.WRAPS_FOIL, Trait.DEGREASES_FOR_CLAY, Trait.COATS_WITH_CLAY,
            Trait.SENDS_OUT, Trait.NORMALISES);

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
    public record Way(WayBack way, String words, Optional<String> from, TurnedBack turned, List<String> material, List<String> cautions) {
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
                case HEAT_AGAIN -> heatAgain(at, mishap == Mishap.HOLE_FORGOTTEN || mishap == Mishap.HOLE_MISPLACED).ifPresent(ways::add);
                case SPARE -> {
                    if (hasSpare) {
                        ways.add(still(way, "Use the spare: it takes this piece's place, this one is scrapped"));
                    }
                }
                case WELD -> ways.add(weld(at.operation()));
                case GRIND_OUT -> ways.add(still(way, way.words()));
                case GO_ON, SCRAP, HOLD -> ways.add(still(way, way == WayBack.GO_ON && mishap == Mishap.LAMINATE_FLAW ? "Go: leave the flaw" : way.words()));
            }
        }
        ways.add(still(WayBack.HOLD, WayBack.HOLD.words()));
        return List.copyOf(ways);
    }

    private boolean isMadeHere(Part part) {
        return making.route().steps().stream().anyMatch(step -> step.operation().part() == part);
    }

    private Way still(WayBack way, String words) {
        return new Way(way, words, Optional.empty(), new TurnedBack(List.of(), List.of(), making.heats(), making.progress().conditions()), List.of(), List.of());
    }

    /** From each finished step that can be done once more as the steel is now, the latest first, and from the step itself. */
    private List<Way> redos(Mishap mishap, Step at) {
        List<Way> ways = new ArrayList<>();
        List<Step> steps = making.route().steps();
        int here = steps.indexOf(at);
        for (int i = here; i >= 0; i--) {
            Operation operation = steps.get(i).operation();
            boolean isFinished = making.progress().isDone(operation.key());
            boolean belongs = operation.part() == at.operation().part() || mishap.part().filter(part -> part == operation.part()).isPresent();
            if ((isFinished || i == here) && belongs && canBeDoneAsTheSteelIs(operation)) {
                ways.add(redo(operation));
            }
        }
        return ways;
    }

    private boolean canBeDoneAsTheSteelIs(Operation operation) {
        boolean isHeat = operation.is(Trait.HARDENS) || operation.is(Trait.NORMALISES) || operation.is(Trait.ANNEALS) || operation.is(Trait.SENDS_OUT) || operation.is(Trait.COATS_WITH_CLAY);
        boolean needsSoft = ConditionRules.all().stream().anyMatch(rule -> rule.needs().contains(Condition.ANNEALED) && rule.isAskedBefore(operation)) || operation.is(Trait.PROFILES);
        return !isHeat && !(needsSoft && making.isHard());
    }

    private Way redo(Operation from) {
        List<Operation> again = making.progress().redoneWith(from.key());
        TurnedBack turned = new TurnedBack(again, List.of(), making.heats(), TurnedBack.conditionsWithout(making.progress().conditions(), again));
        return new Way(WayBack.REDO, "Do it again from “" + from.title() + "”", Optional.of(from.key()), turned, List.of(), List.of());
    }

    private Way weld(Operation at) {
        List<Operation> again = making.progress().redoneWith(at.key());
        return new Way(WayBack.WELD, "Weld it, dress it, fit it again", Optional.of(at.key()),
                new TurnedBack(again, List.of(), making.heats(), TurnedBack.conditionsWithout(making.progress().conditions(), again)), List.of("Filler rod"), List.of("A welded fitting shows its seam under acid and polish: tell the client."));
    }

    private Optional<Way> remake(Part part) {
        if (part == Part.KNIFE) {
            return Optional.empty();
        }
        Set<String> ofPart = making.route().steps().stream().map(Step::operation).filter(operation -> operation.part() == part && making.progress().isDone(operation.key()))
                .map(Operation::key).collect(Collectors.toSet());
        List<Operation> again = making.progress().redoneWith(ofPart);
        Set<Condition> conditions = part == Part.BLADE ? Worn.NEW.conditions() : TurnedBack.conditionsWithout(making.progress().conditions(), again);
        Heats heats = part == Part.BLADE ? Heats.ONCE : making.heats();
        String from = again.isEmpty() ? "" : again.get(0).key();
        return Optional.of(new Way(WayBack.REMAKE, part == Part.BLADE ? "Make a new blade" : "Make " + part.words() + " anew", Optional.of(from).filter(key -> !key.isEmpty()),
                new TurnedBack(again, List.of(), heats, conditions), material(part), List.of()));
    }

    private List<String> material(Part part) {
        Specification spec = making.spec();
        Units any = Units.INCH_FAHRENHEIT;
        return switch (part) {
            case BLADE -> List.of("A new bar of " + spec.steel().designation());
            case GUARD -> List.of("Guard blank: " + spec.words(SpecificationField.GUARD_MATERIAL, any));
            case SPACER -> List.of("Spacer stock: " + spec.words(SpecificationField.SPACER_MATERIAL, any));
            case HANDLE -> List.of((spec.hasScales() ? "A pair of scales: " : spec.isAxe() ? "A haft blank: " : "A block: ") + spec.handleMaterial().words());
            case SPRING -> List.of("Spring steel");
            case SIDES -> List.of("Stock for both sides, covers of " + spec.handleMaterial().words().toLowerCase(Locale.ROOT));
            case BACK_SPACER -> List.of("Back spacer stock");
            case SHEATH -> List.of("Leather and thread");
            case KNIFE -> List.of();
        };
    }

    /** Normalised and quenched once more, also straight from a quench that failed; softened in between where soft work is still to be done. */
    private Optional<Way> heatAgain(Step at, boolean softens) {
        boolean wasInTheFire = making.isHard() || at.operation().is(Trait.HARDENS);
        if (!wasInTheFire || making.is(Condition.GLUED) || making.is(Condition.AWAY)) {
            return Optional.empty();
        }
        Heats heats = making.heats().again(softens);
        if (!(planner.plan(making.spec(), Operations.of(making.spec(), making.place(), heats)) instanceof Ordered ordered)) {
            return Optional.empty();
        }
        TurnedBack turned = heated(making.progress(), ordered.route(), heats, softens);
        List<String> cautions = new ArrayList<>(List.of("This is heat " + heats.count() + ": each one costs carbon and grain."));
        if (heats.isTooMany()) {
            cautions.add("A new blade is the better way now.");
        }
        String words = softens ? "Soften it, do the forgotten work, harden once more" : "Normalise and harden once more";
        return Optional.of(new Way(WayBack.HEAT_AGAIN, words, Optional.of("harden"), turned, List.of(), cautions));
    }

    /** What another hardening turns back: the heat and what it spoils on the blade; other parts stay. */
    static TurnedBack heated(Progress progress, Route with, Heats heats, boolean softens) {
        Set<String> blade = progress.redoneWith("harden").stream().filter(operation -> operation.part() == Part.BLADE).map(Operation::key).collect(Collectors.toSet());
        progress.route().steps().stream().map(Step::operation).filter(operation -> progress.isDone(operation.key()))
                .filter(operation -> operation.traits().stream().anyMatch(AROUND_THE_QUENCH::contains) || softens && operation.is(Trait.ANNEALS))
                .forEach(operation -> blade.add(operation.key()));
        List<Operation> again = with.steps().stream().map(Step::operation).filter(operation -> blade.contains(operation.key())).toList();
        List<Operation> comesIn = with.steps().stream().map(Step::operation).filter(operation -> progress.route().step(operation.key()).isEmpty()).toList();
        return new TurnedBack(again, comesIn, heats, TurnedBack.conditionsWithout(progress.conditions(), again));
    }
}
