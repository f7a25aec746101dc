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
 * @param rework what the piece will have been through in all
 * @param conditions what the piece is at the turn
 */
public record TurnedBack(List<Operation> again, List<Operation> comesIn, Rework rework, Set<Condition> conditions) {
    public TurnedBack {
        again = List.copyOf(again);
        comesIn = List.copyOf(comesIn);
        conditions = Set.copyOf(conditions);
    }

    /** Hands-on minutes that it costs, on top of what is left anyway. */
    public int minutes() {
        return again.stream().mapToInt(Operation::attendedMinutes).sum()
                + comesIn.stream().mapToInt(Operation::attendedMinutes).sum();
    }

    /** Rests that it costs. */
    public List<Duration> rests() {
        return Stream.concat(again.stream(), comesIn.stream())
                .map(Operation::rest)
                .filter(rest -> !rest.isZero())
                .toList();
    }

    /** Whether the handle comes off on the way. */
    boolean takesHandleOff() {
        return Stream.concat(again.stream(), comesIn.stream())
                .anyMatch(operation -> operation.is(Trait.TAKES_HANDLE_OFF));
    }

    /** The conditions from the moment of the turn on. */
    public Worn worn(Instant now) {
        return new Worn(conditions, now);
    }

    /**
     * What a piece is once this work is to be done again: the work's marks are gone, and what does not last, but
     * nothing makes hard steel soft. Adhesive stays wet where it is, unless the sides that it is on are made anew.
     */
    static Set<Condition> conditionsWithout(Set<Condition> now, List<Operation> again) {
        Set<Condition> left = EnumSet.noneOf(Condition.class);
        left.addAll(now);
        left.removeIf(Condition::isFleeting);
        again.forEach(operation -> left.removeAll(operation.sets()));
        Set<Condition> body = EnumSet.copyOf(Condition.OF_THE_BODY);
        body.add(Condition.WET_GLUE);
        body.retainAll(now);
        left.addAll(body);
        if (now.contains(Condition.HANDLED) && now.contains(Condition.GLUED)) {
            left.add(Condition.GLUED);
        }
        if (again.stream().anyMatch(operation -> operation.is(Trait.MAKES_SIDES))) {
            left.remove(Condition.WET_GLUE);
        }
        return left;
    }
}
