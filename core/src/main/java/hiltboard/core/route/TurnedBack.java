package hiltboard.core.route;

import java.time.Duration;
import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/**
 * A route turned back: which finished work is done again, and what the steel has been through meanwhile.
 *
 * @param again finished work that is done again, in route order
 * @param comesIn work that was not on the route before
 * @param heats how often the blade will have been hardened
 * @param conditions what the piece is at the turn
 */
public record TurnedBack(List<Operation> again, List<Operation> comesIn, Heats heats, Set<Condition> conditions) {
    public TurnedBack {
        again = List.copyOf(again);
        comesIn = List.copyOf(comesIn);
        conditions = Set.copyOf(conditions);
    }

    /** Hands-on minutes that it costs, on top of what is left anyway. */
    public int minutes() {
        return again.stream().mapToInt(Operation::attendedMinutes).sum() + comesIn.stream().mapToInt(Operation::attendedMinutes).sum();
    }

    /** Rests that it costs. */
    public List<Duration> rests() {
        return Stream.concat(again.stream(), comesIn.stream()).map(Operation::rest).filter(rest -> !rest.isZero()).toList();
    }

    /** The conditions from the moment of the turn on. */
    public Worn worn(Instant now) {
        return new Worn(conditions, now);
    }

    /**
     * The same turn where some of the work stays as it was done, as the owner judges: a blade that is not hardened again keeps its count of
     * heats, and one that is not begun anew keeps what it is.
     *
     * @param kept keys of the operations that stay done
     */
    public TurnedBack keeping(Set<String> kept, Making making) {
        List<Operation> left = again.stream().filter(operation -> !kept.contains(operation.key())).toList();
        if (left.size() == again.size()) {
            return this;
        }
        boolean hardensAgain = left.stream().anyMatch(operation -> operation.is(Trait.HARDENS));
        boolean isNewBlade = left.stream().anyMatch(operation -> operation.is(Trait.MEASURES_STOCK));
        return new TurnedBack(left, comesIn, hardensAgain ? heats : making.heats(), isNewBlade ? conditions : conditionsWithout(making.progress().conditions(), left));
    }

    /** What a piece is once this work is to be done again: the work's marks are gone, but nothing makes hard steel soft. */
    static Set<Condition> conditionsWithout(Set<Condition> now, List<Operation> again) {
        Set<Condition> left = EnumSet.noneOf(Condition.class);
        left.addAll(now);
        again.forEach(operation -> left.removeAll(operation.sets()));
        Set<Condition> steel = EnumSet.of(Condition.ANNEALED, Condition.UNTEMPERED, Condition.TEMPERED);
        steel.retainAll(now);
        left.addAll(steel);
        return left;
    }
}
