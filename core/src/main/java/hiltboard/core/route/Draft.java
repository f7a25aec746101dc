package hiltboard.core.route;

import hiltboard.core.design.Specification;
import java.util.ArrayList;
import java.util.List;

/** The work on one piece while it is written down. */
final class Draft {
    final Specification spec;
    final Place place;
    final Rework rework;
    private final List<Operation> operations = new ArrayList<>();

    Draft(Specification spec, Place place, Rework rework) {
        this.spec = spec;
        this.place = place;
        this.rework = rework;
    }

    void add(Operation.Builder operation) {
        operations.add(operation.cautionedAtItsMachine().checkedAtItsMachine().done(spec));
    }

    List<Operation> operations() {
        return List.copyOf(operations);
    }
}
