package hiltboard.core.route;

import hiltboard.core.design.Specification;
import java.util.ArrayList;
import java.util.List;

/** The work on one piece while it is written down. */
final class Draft {
    final Specification spec;
    final Place place;
    final Heats heats;
    private final List<Operation> operations = new ArrayList<>();

    Draft(Specification spec, Place place, Heats heats) {
        this.spec = spec;
        this.place = place;
        this.heats = heats;
    }

    void add(Operation.Builder operation) {
        operations.add(operation.done());
    }

    List<Operation> operations() {
        return List.copyOf(operations);
    }
}
