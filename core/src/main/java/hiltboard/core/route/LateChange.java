package hiltboard.core.route;

import static hiltboard.core.design.SpecificationField.*;

import hiltboard.core.chain.DimensionChain;
import hiltboard.core.chain.Link;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Planned.Contradiction;
import hiltboard.core.route.Planned.Ordered;
import hiltboard.core.route.Route.Step;
import hiltboard.core.route.Route.Wait;
import hiltboard.core.route.Turn.Turned;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What a change of the specification does to a piece in the making, before it takes effect. */
public final class LateChange {
    /** Sizes that work takes away: what is gone cannot be put back. */
    private static final Map<SpecificationField, Trait> TAKEN_AWAY = takenAway();
    /** Work that cannot be done again on the same piece of material. */
    private static final Map<Trait, String> USES_UP = Map.of(
            Trait.CUTS_GUARD,
            "a guard blank",
            Trait.MAKES_SPACER,
            "spacer stock",
            Trait.OPENS_CAVITY,
            "a handle block",
            Trait.FLATTENS_SCALES,
            "a pair of scales",
            Trait.MAKES_SIDES,
            "stock for both sides",
            Trait.SHAPES_HAFT,
            "a haft blank",
            Trait.CUTS_SHEATH,
            "leather or sheet");

    private static final int DEARER_FROM_MINUTES = 60;

    private final Making making;
    private final Specification changed;
    private final RoutePlanner planner;
    private final Set<SpecificationField> fields;

    /**
     * @param making the piece as it is
     * @param changed the specification as it would be
     */
    public LateChange(Making making, Specification changed, RoutePlanner planner) {
        this.making = making;
        this.changed = changed;
        this.planner = planner;
        this.fields = differences(making.spec(), changed);
    }

    private static Map<SpecificationField, Trait> takenAway() {
        Map<SpecificationField, Trait> taken = new EnumMap<>(SpecificationField.class);
        taken.put(STOCK_THICKNESS, Trait.PROFILES);
        taken.put(BLADE_LENGTH, Trait.PROFILES);
        taken.put(HEEL_WIDTH, Trait.PROFILES);
        taken.put(HEAD_LENGTH, Trait.PROFILES);
        taken.put(EDGE_LENGTH, Trait.PROFILES);
        taken.put(TANG_WIDTH, Trait.FILES_SHOULDERS);
        taken.put(BUTT_THICKNESS, Trait.TAPERS_TANG);
        taken.put(EDGE_THICKNESS, Trait.FINISH_GRINDS);
        taken.put(TIP_THICKNESS, Trait.FINISH_GRINDS);
        taken.put(SCALE_THICKNESS, Trait.FLATTENS_SCALES);
        taken.put(SPACER_THICKNESS, Trait.MAKES_SPACER);
        taken.put(GUARD_THICKNESS, Trait.CUTS_GUARD);
        taken.put(HAFT_LENGTH, Trait.SHAPES_HAFT);
        return taken;
    }

    /** What came of asking. */
    public sealed interface Answer {}

    /** The new settings contradict each other. */
    public record Contradicts(Contradiction contradiction) implements Answer {}

    /**
     * What would happen.
     *
     * @param turned the finished work that is spoiled and the work that comes in
     * @param dropsOut open work that is no longer asked for
     * @param lost finished work that is no longer asked for
     * @param conflicts what is already irreversible, or cannot be done as the piece lies
     * @param noLongerFit parts that were made to numbers which would move
     * @param asksClient the changed answers that the client has to agree to
     * @param minutesMore hands-on minutes more than without the change; negative when it saves some
     * @param material what is used up once more, in words
     */
    public record Effect(
            Route route,
            TurnedBack turned,
            List<Operation> dropsOut,
            List<Operation> lost,
            List<Conflict> conflicts,
            List<Link> noLongerFit,
            Set<SpecificationField> asksClient,
            int minutesMore,
            List<String> material)
            implements Answer {
        public Effect {
            dropsOut = List.copyOf(dropsOut);
            lost = List.copyOf(lost);
            conflicts = List.copyOf(conflicts);
            noLongerFit = List.copyOf(noLongerFit);
            asksClient = Set.copyOf(asksClient);
            material = List.copyOf(material);
        }

        /** Whether the price moves: material is used up again, or an hour or more of work. */
        public boolean changesPrice() {
            return !material.isEmpty() || Math.abs(minutesMore) >= DEARER_FROM_MINUTES;
        }

        /** Whether the client has to be asked. */
        public boolean needsClient() {
            return !asksClient.isEmpty() || changesPrice();
        }
    }

    /** A step that stands in the way, and why: finished, or one that cannot be done any more. */
    public record Conflict(Operation step, String reason, String consequence, String remedy, List<Operation> again) {
        public Conflict {
            again = List.copyOf(again);
        }
    }

    /**
     * What the change would do.
     *
     * @param readings what was measured
     * @param madeTo what parts were made to
     * @throws hiltboard.core.measure.ImpossibleQuantity if what was measured cannot belong to the changed piece
     */
    public Answer effect(Map<String, Quantity> readings, Map<String, Quantity> madeTo, Units units) {
        Planned planned = plan(making.rework());
        if (planned instanceof Contradiction contradiction) {
            return new Contradicts(contradiction);
        }
        Route first = ((Ordered) planned).route();
        List<Conflict> conflicts = conflicts(first, units);
        Turned turned = turn(spoiled(first, conflicts), Set.of());
        conflicts.addAll(stillForbidden(turned));
        Set<String> again = turned.back().again().stream().map(Operation::key).collect(Collectors.toSet());
        Route route = turned.route();
        DimensionChain chain = chain(turned.back(), readings, madeTo, units);
        return new Effect(
                route,
                turned.back(),
                noLongerAsked(route, false),
                noLongerAsked(route, true),
                conflicts,
                chain.stale(),
                asked(),
                minutesLeft(route, turned.back()) - making.progress().attendedMinutesLeft(),
                material(again));
    }

    /**
     * The same change where some of the work stays as it was done, as the owner judges.
     *
     * @param kept keys of the operations that stay done
     */
    public TurnedBack keeping(TurnedBack turned, Set<String> kept) {
        Set<String> left = turned.again().stream()
                .map(Operation::key)
                .filter(key -> !kept.contains(key))
                .collect(Collectors.toCollection(LinkedHashSet::new));
        return left.size() == turned.again().size() ? turned : turn(left, kept).back();
    }

    private Turned turn(Set<String> again, Set<String> kept) {
        Turn turn = new Turn(making, changed, planner, kept);
        if (isNewBlade(again)) {
            turn.withNewBlade();
        } else if (making.isAny(again, Trait.HARDENS) && making.isHard()) {
            turn.heatedAgain();
        }
        return turn.with(again);
    }

    /** What nothing on the route sets right: it is said, and its gate stays shut. */
    private static List<Conflict> stillForbidden(Turned turned) {
        return turned.open().stream()
                .map(each -> new Conflict(
                        each.step(),
                        "“" + each.step().title() + "” cannot be done as the piece lies. "
                                + each.rule().reason(),
                        each.rule().consequence(),
                        each.rule().remedy(),
                        List.of()))
                .toList();
    }

    private Planned plan(Rework rework) {
        return planner.plan(changed, Operations.of(changed, making.place(), rework));
    }

    static Set<SpecificationField> differences(Specification before, Specification after) {
        Map<String, String> old = before.entries();
        Map<String, String> now = after.entries();
        return Arrays.stream(SpecificationField.values())
                .filter(field -> !old.getOrDefault(field.key(), "").equals(now.getOrDefault(field.key(), "")))
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(SpecificationField.class)));
    }

    private List<Conflict> conflicts(Route route, Units units) {
        List<Conflict> conflicts = new ArrayList<>(cannotBePutBack(units));
        Set<String> told = new LinkedHashSet<>();
        for (Step step : route.steps()) {
            if (making.progress().isDone(step.operation().key())) {
                for (Wait wait : step.waits()) {
                    boolean comesTooLate =
                            isNew(wait.operation()) && !wait.rule().isOnlyOrder();
                    if (comesTooLate
                            && told.add(wait.rule().key() + step.operation().key())) {
                        conflicts.add(tooLate(step.operation(), wait));
                    }
                }
            }
        }
        holesThatGrew(units).ifPresent(conflicts::add);
        conflicts.addAll(emptyHoles(route));
        return conflicts;
    }

    /** Holes that nothing asks for any more, in a blade that is still to be quenched. */
    private List<Conflict> emptyHoles(Route route) {
        boolean isQuenchedYet = making.isHard() || making.progress().isDone(Trait.HARDENS);
        Stream<Operation> dropped =
                noLongerAsked(route, true).stream().filter(operation -> operation.is(Trait.DRILLS_SOFT_STEEL));
        Stream<Operation> fewer = making.route().steps().stream()
                .map(Step::operation)
                .filter(operation -> making.progress().isDone(operation.key())
                        && hasHoleTooMany(operation)
                        && route.step(operation.key()).isPresent());
        return isQuenchedYet
                ? List.of()
                : Stream.concat(dropped, fewer)
                        .map(done -> new Conflict(
                                done,
                                "“" + done.title()
                                        + "” is done, and nothing asks for all of its holes any more: a hole cannot be undone.",
                                "A blade that is quenched with holes for nothing may crack at them, and they show or weaken it.",
                                "A new start for " + done.part().words() + ", or keep it as it is with a reason.",
                                blade()))
                        .toList();
    }

    /** Fewer pins or lightening holes than are drilled, or no tube where its hole is. */
    private boolean hasHoleTooMany(Operation drilled) {
        boolean isFewerPins = drilled.is(Trait.MAKES_TANG_HOLES) && isFewer(PIN_COUNT);
        boolean isTubeDropped =
                drilled.is(Trait.MAKES_TANG_HOLES) && making.spec().hasLanyardTube() && !changed.hasLanyardTube();
        return isFewerPins || isTubeDropped || drilled.shapedBy().contains(HOLE_COUNT) && isFewer(HOLE_COUNT);
    }

    private boolean isFewer(SpecificationField field) {
        return fields.contains(field)
                && isAnswered(field)
                && changed.count(field) < making.spec().count(field);
    }

    private List<Operation> blade() {
        return making.progress()
                .redoneWith(making.route().steps().stream()
                        .map(Step::operation)
                        .filter(operation -> operation.part() == Part.BLADE)
                        .map(Operation::key)
                        .collect(Collectors.toSet()));
    }

    /** A smaller pin after the holes are drilled: a hole only grows, so drilling once more helps nothing. */
    private Optional<Conflict> holesThatGrew(Units units) {
        return isPinSmaller()
                ? making.route().steps().stream()
                        .map(Step::operation)
                        .filter(operation ->
                                making.progress().isDone(operation.key()) && operation.is(Trait.MAKES_TANG_HOLES))
                        .findFirst()
                        .map(done -> new Conflict(
                                done,
                                "The holes are drilled for "
                                        + making.spec().length(PIN_DIAMETER).entryIn(units) + " since “" + done.title()
                                        + "”, and a hole only grows.",
                                "A pin of " + changed.length(PIN_DIAMETER).entryIn(units)
                                        + " stands loose in them: the scales creep.",
                                "Sleeve the holes, plug them and drill again, or stay with the bigger pin.",
                                List.of()))
                : Optional.empty();
    }

    private boolean isPinSmaller() {
        return fields.contains(PIN_DIAMETER)
                && isAnswered(PIN_DIAMETER)
                && changed.length(PIN_DIAMETER).compareTo(making.spec().length(PIN_DIAMETER)) < 0;
    }

    private Conflict tooLate(Operation done, Wait wait) {
        return new Conflict(
                done,
                "“" + wait.operation().title() + "” comes before “" + done.title() + "”, which is done. "
                        + wait.rule().reason(),
                wait.rule().consequence(),
                wait.rule().remedy(),
                making.progress().redoneWith(done.key()).stream()
                        .filter(operation -> !done.is(Trait.HARDENS) || operation.part() == Part.BLADE)
                        .toList());
    }

    private List<Conflict> cannotBePutBack(Units units) {
        List<Conflict> conflicts = new ArrayList<>();
        for (SpecificationField field : fields) {
            if (TAKEN_AWAY.containsKey(field)
                    && isAnswered(field)
                    && changed.length(field).compareTo(making.spec().length(field)) > 0) {
                Length now = making.spec().length(field);
                making.route().steps().stream()
                        .map(Step::operation)
                        .filter(operation -> operation.is(TAKEN_AWAY.get(field))
                                && making.progress().isDone(operation.key()))
                        .findFirst()
                        .ifPresent(done -> conflicts.add(takenAway(field, now, done, units)));
            }
        }
        return conflicts;
    }

    private Conflict takenAway(SpecificationField field, Length now, Operation done, Units units) {
        Set<String> ofPart = making.route().steps().stream()
                .map(Step::operation)
                .filter(operation -> operation.part() == done.part())
                .map(Operation::key)
                .collect(Collectors.toSet());
        return new Conflict(
                done,
                field.label() + " is " + now.brieflyIn(units) + " since “" + done.title() + "”, and "
                        + changed.length(field).brieflyIn(units) + " is more than is left.",
                "What was taken away cannot be put back.",
                "A new start for " + done.part().words() + ".",
                making.progress().redoneWith(ofPart));
    }

    private boolean isAnswered(SpecificationField field) {
        return making.spec().entries().containsKey(field.key())
                && changed.entries().containsKey(field.key());
    }

    private boolean isNew(Operation operation) {
        return making.route().step(operation.key()).isEmpty();
    }

    /**
     * Finished work that was done to an answer which changed, with all that was built on it and what conflicts demand.
     */
    private Set<String> spoiled(Route route, List<Conflict> conflicts) {
        Set<String> done = new LinkedHashSet<>();
        route.steps().stream()
                .map(Step::operation)
                .filter(operation -> making.progress().isDone(operation.key())
                        && operation.shapedBy().stream().anyMatch(field -> isSpoiledBy(operation, field)))
                .forEach(operation -> done.add(operation.key()));
        Set<String> again = making.progress().redoneWith(done).stream()
                .map(Operation::key)
                .collect(Collectors.toCollection(LinkedHashSet::new));
        conflicts.forEach(conflict -> conflict.again().forEach(operation -> again.add(operation.key())));
        return again;
    }

    private boolean isSpoiledBy(Operation operation, SpecificationField field) {
        boolean isHoleTooLarge = field == PIN_DIAMETER
                && isPinSmaller()
                && (operation.is(Trait.MAKES_TANG_HOLES) || operation.is(Trait.DRILLS_SCALES));
        return fields.contains(field) && !isHoleTooLarge;
    }

    private boolean isNewBlade(Set<String> again) {
        return making.progress().isDone(Trait.MEASURES_STOCK) && making.isAny(again, Trait.MEASURES_STOCK);
    }

    /** Parts that are made again are made to the new number; what was measured on them no longer counts. */
    private DimensionChain chain(
            TurnedBack turned, Map<String, Quantity> readings, Map<String, Quantity> madeTo, Units units) {
        Set<String> read = turned.again().stream()
                .flatMap(operation -> operation.readings().stream())
                .collect(Collectors.toSet());
        Set<String> made = turned.again().stream()
                .flatMap(operation -> operation.makes().stream())
                .collect(Collectors.toSet());
        return DimensionChain.of(PieceDimensions.of(changed), without(readings, read), without(madeTo, made), units);
    }

    private static Map<String, Quantity> without(Map<String, Quantity> values, Set<String> keys) {
        return values.entrySet().stream()
                .filter(each -> !keys.contains(each.getKey()))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    private List<Operation> noLongerAsked(Route route, boolean done) {
        return making.route().steps().stream()
                .map(Step::operation)
                .filter(operation -> route.step(operation.key()).isEmpty()
                        && making.progress().isDone(operation.key()) == done)
                .toList();
    }

    private Set<SpecificationField> asked() {
        return fields.stream()
                .filter(SpecificationField::concernsClient)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(SpecificationField.class)));
    }

    private int minutesLeft(Route route, TurnedBack turned) {
        Set<String> again = turned.again().stream().map(Operation::key).collect(Collectors.toSet());
        return route.steps().stream()
                .map(Step::operation)
                .filter(operation -> !making.progress().isDone(operation.key()) || again.contains(operation.key()))
                .mapToInt(Operation::attendedMinutes)
                .sum();
    }

    private List<String> material(Set<String> again) {
        List<String> used = new ArrayList<>();
        if (isNewBlade(again)) {
            used.add("a new bar of " + changed.steel().designation());
        }
        making.route().steps().stream()
                .map(Step::operation)
                .filter(operation -> again.contains(operation.key()))
                .flatMap(operation -> operation.traits().stream())
                .filter(USES_UP::containsKey)
                .map(USES_UP::get)
                .forEach(used::add);
        return used;
    }
}
