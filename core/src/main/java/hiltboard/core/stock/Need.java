package hiltboard.core.stock;

import hiltboard.core.route.Operation;
import hiltboard.core.route.Route;
import hiltboard.core.route.Trait;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Something that a piece takes from the rack.
 *
 * @param key by which it is kept
 * @param kinds that can serve
 * @param whats what the lot has to be, any of them; empty where anything of the kind serves
 * @param takenAt the work at which it is taken: the first step of the route that is of this kind
 * @param fit how much is taken from a lot of such a kind, or why it does not serve
 */
public record Need(String key, String words, Set<StockKind> kinds, List<String> whats, Set<Trait> takenAt, Fit fit) {
    public Need {
        kinds = Set.copyOf(kinds);
        whats = List.copyOf(whats);
        takenAt = Set.copyOf(takenAt);
    }

    /** Looks at the sizes of a lot. */
    @FunctionalInterface
    public interface Fit {
        Taking of(Lot lot);
    }

    /** What a lot can do for a need. */
    public sealed interface Taking {}

    /**
     * So much of it is taken, in the smallest unit by which it is counted.
     *
     * @param atLeast what has to lie there for it: more than is taken where an end of it is held
     */
    public record Takes(long amount, long atLeast) implements Taking {
        public Takes(long amount) {
            this(amount, amount);
        }
    }

    /** It does not serve, for this reason. */
    public record Unfit(String why) implements Taking {}

    /**
     * Whether a lot is such a thing, whatever its size and state; a steel of the shop's own stands on the rack as
     * another metal by its name.
     */
    public boolean isLike(Lot lot) {
        boolean isNamed = lot.value(StockField.NAME)
                .filter(name -> whats.stream().anyMatch(name::equalsIgnoreCase))
                .isPresent();
        return kinds.contains(lot.kind())
                && (whats.isEmpty()
                        || lot.value(StockField.WHAT)
                                .filter(what -> whats.contains(what) || isNamed && what.equals("OTHER"))
                                .isPresent());
    }

    /** What a lot can do for it on a day. */
    public Taking from(Lot lot, LocalDate today) {
        if (!isLike(lot)) {
            return new Unfit("It is something else.");
        }
        if (lot.day(StockField.USE_BY).filter(today::isAfter).isPresent()) {
            return new Unfit("It is past its day.");
        }
        if (lot.is(StockField.PAPERS, "MISSING")) {
            return new Unfit("Its papers are missing.");
        }
        if (lot.is(StockField.CONDITION, "HARD")) {
            return new Unfit("It is hard: anneal it first.");
        }
        return fit.of(lot);
    }

    /** The step of a route at which it is taken; empty where no step of this route takes it. */
    public Optional<Operation> step(Route route) {
        return route.steps().stream()
                .map(Route.Step::operation)
                .filter(operation -> takenAt.stream().anyMatch(operation::is))
                .findFirst();
    }
}
