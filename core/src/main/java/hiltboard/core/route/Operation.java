package hiltboard.core.route;

import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Span;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * One kind of work on one piece. Immutable.
 *
 * @param key stays the same for ever; finished work is kept under it
 * @param part what is made or changed here
 */
public record Operation(
        String key,
        String title,
        Station station,
        Part part,
        Set<Trait> traits,
        Time time,
        Told told,
        Numbers numbers,
        Outcome outcome) {

    public Operation {
        traits = Collections.unmodifiableSet(traits.isEmpty() ? EnumSet.noneOf(Trait.class) : EnumSet.copyOf(traits));
    }

    /**
     * How long it takes.
     *
     * @param effort what its hands-on time follows from
     * @param attendedMinutes usual hands-on time for this piece
     * @param rest unattended time that follows the hands-on work; zero if none
     * @param restWords what goes on meanwhile
     * @param restNumber key of the piece's own number that says how long it rests; empty where the usual rest holds
     */
    public record Time(Effort effort, int attendedMinutes, Duration rest, String restWords, String restNumber) {}

    /** What a maker is told: what to do, what can hurt, what to look at before it is done. */
    public record Told(List<String> toDo, List<String> cautions, List<String> checks) {
        public Told {
            toDo = List.copyOf(toDo);
            cautions = List.copyOf(cautions);
            checks = List.copyOf(checks);
        }
    }

    /**
     * The numbers of the piece that it has to do with, by their keys.
     *
     * @param targets that are worked to
     * @param readings that are measured here; all are asked for before the step is done
     * @param makes that a part is made to here
     */
    public record Numbers(List<String> targets, List<String> readings, List<String> makes) {
        public Numbers {
            targets = List.copyOf(targets);
            readings = List.copyOf(readings);
            makes = List.copyOf(makes);
        }
    }

    /**
     * What the piece is afterwards, and what that hangs on.
     *
     * @param leaves the state that it is in, where that changes
     * @param shapedBy the answers of the specification that this work was done to: when one changes, it has to be done
     *     again
     * @param sets the conditions that it is in
     * @param clears the conditions that it is no longer in
     */
    public record Outcome(
            Optional<State> leaves, Set<SpecificationField> shapedBy, Set<Condition> sets, Set<Condition> clears) {
        public Outcome {
            shapedBy = Set.copyOf(shapedBy);
            sets = Set.copyOf(sets);
            clears = Set.copyOf(clears);
        }
    }

    /** Who may do it. */
    public enum Hands {
        ANYBODY,
        /** The client's yes is the client's, or the owner writes it down. */
        OWNER
    }

    public Hands hands() {
        return is(Trait.APPROVES) ? Hands.OWNER : Hands.ANYBODY;
    }

    public Effort effort() {
        return time.effort();
    }

    public int attendedMinutes() {
        return time.attendedMinutes();
    }

    public Duration rest() {
        return time.rest();
    }

    /** How long it rests on a piece with these numbers: as one of them says, or as is usual. */
    public Duration rest(Function<String, Optional<Quantity>> numbers) {
        return Optional.of(time.restNumber())
                .filter(key -> !key.isEmpty())
                .flatMap(numbers)
                .filter(Span.class::isInstance)
                .map(span -> ((Span) span).duration())
                .orElse(time.rest());
    }

    public String restWords() {
        return time.restWords();
    }

    public List<String> toDo() {
        return told.toDo();
    }

    public List<String> cautions() {
        return told.cautions();
    }

    public List<String> checks() {
        return told.checks();
    }

    public List<String> targets() {
        return numbers.targets();
    }

    public List<String> readings() {
        return numbers.readings();
    }

    public List<String> makes() {
        return numbers.makes();
    }

    public Optional<State> leaves() {
        return outcome.leaves();
    }

    public Set<SpecificationField> shapedBy() {
        return outcome.shapedBy();
    }

    public Set<Condition> sets() {
        return outcome.sets();
    }

    public Set<Condition> clears() {
        return outcome.clears();
    }

    public boolean is(Trait trait) {
        return traits.contains(trait);
    }

    /** Whether it is work of any of these kinds. */
    public boolean isAnyOf(Set<Trait> kinds) {
        for (Trait kind : kinds) {
            if (traits.contains(kind)) {
                return true;
            }
        }
        return false;
    }

    public boolean rests() {
        return !rest().isZero();
    }

    static Builder at(Station station, String key, String title, Effort effort) {
        return new Builder(station, key, title, effort);
    }

    /** Writes an operation down as it would be said. */
    static final class Builder {
        private final Station station;
        private final String key;
        private final String title;
        private final Effort effort;
        private Duration rest = Duration.ZERO;
        private String restWords = "";
        private String restNumber = "";
        private final List<String> toDo = new ArrayList<>();
        private final List<String> cautions = new ArrayList<>();
        private final List<String> checks = new ArrayList<>();
        private final List<String> targets = new ArrayList<>();
        private final List<String> readings = new ArrayList<>();
        private final List<String> makes = new ArrayList<>();
        private final Set<Trait> traits = EnumSet.noneOf(Trait.class);
        private Optional<State> leaves = Optional.empty();
        private Part part = Part.BLADE;
        private final Set<SpecificationField> shapedBy = EnumSet.noneOf(SpecificationField.class);
        private final Set<Condition> sets = EnumSet.noneOf(Condition.class);
        private final Set<Condition> clears = EnumSet.noneOf(Condition.class);

        private Builder(Station station, String key, String title, Effort effort) {
            this.station = station;
            this.key = key;
            this.title = title;
            this.effort = effort;
        }

        Builder is(Trait first, Trait... more) {
            traits.add(first);
            traits.addAll(List.of(more));
            return this;
        }

        /** @param lines said in this order; an empty one is not said */
        Builder toDo(String... lines) {
            List.of(lines).stream().filter(line -> !line.isEmpty()).forEach(toDo::add);
            return this;
        }

        Builder cautions(String... lines) {
            List.of(lines).stream().filter(line -> !line.isEmpty()).forEach(cautions::add);
            return this;
        }

        Builder cautions(List<String> lines, String... more) {
            cautions.addAll(lines);
            return cautions(more);
        }

        Builder checks(String... lines) {
            List.of(lines).stream().filter(line -> !line.isEmpty()).forEach(checks::add);
            return this;
        }

        Builder targets(String... keys) {
            targets.addAll(List.of(keys));
            return this;
        }

        Builder readings(String... keys) {
            readings.addAll(List.of(keys));
            return this;
        }

        Builder makes(String... keys) {
            makes.addAll(List.of(keys));
            return this;
        }

        Builder rest(Duration time, String words) {
            rest = time;
            restWords = words;
            return this;
        }

        /** Rests as long as one of the piece's own numbers says. */
        Builder rest(String number, Duration usual, String words) {
            restNumber = number;
            return rest(usual, words);
        }

        Builder of(Part made) {
            part = made;
            return this;
        }

        Builder shapedBy(SpecificationField... fields) {
            return shapedBy(Set.of(fields));
        }

        Builder shapedBy(Set<SpecificationField> fields) {
            shapedBy.addAll(fields);
            return this;
        }

        Builder sets(Condition... conditions) {
            sets.addAll(List.of(conditions));
            return this;
        }

        Builder clears(Condition... conditions) {
            clears.addAll(List.of(conditions));
            return this;
        }

        Builder leaves(State state) {
            leaves = Optional.of(state);
            return this;
        }

        /** The cautions of its machine and its kind of work come before its own, each once. */
        Builder cautionedAtItsMachine() {
            List<String> first = Cautions.of(station, traits);
            cautions.removeAll(first);
            cautions.addAll(0, first);
            return this;
        }

        /**
         * Where a cutter is used, the start is checked: worn cutters snap, and a spindle that stands is fed into the
         * work.
         */
        Builder checkedAtItsMachine() {
            if (station == Station.MILL || station == Station.DRILL) {
                checks.add(
                        0,
                        "Before the start: the cutter is sharp and tight, a spare lies ready, the key is out, and the spindle runs "
                                + "before the feed.");
            }
            return this;
        }

        Operation done(Specification spec) {
            return new Operation(
                    key,
                    title,
                    station,
                    part,
                    traits,
                    new Time(effort, effort.minutes(spec), rest, restWords, restNumber),
                    new Told(toDo, cautions, checks),
                    new Numbers(targets, readings, makes),
                    new Outcome(leaves, shapedBy, sets, clears));
        }
    }
}
