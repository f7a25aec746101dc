package hiltboard.server;

import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.util.List;

/** An answer with its arithmetic, as a page shows it. */
public record WorkedView(String value, List<String> working, List<String> cautions) {
    public static WorkedView of(Worked<? extends Quantity> worked, Units units) {
        return new WorkedView(worked.value().in(units), worked.working(), worked.cautions());
    }
}
