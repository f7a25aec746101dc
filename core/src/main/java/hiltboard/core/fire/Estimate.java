package hiltboard.core.fire;

import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Units;
import java.util.List;

/** What is known of a quantity: a value with an honest band and its working, or that nothing is known. */
public sealed interface Estimate<Q extends Quantity> {

    /** @param low lowest that would surprise nobody, and {@code high} the highest */
    record Known<Q extends Quantity>(Q value, Q low, Q high, List<String> working) implements Estimate<Q> {
        public Known {
            working = List.copyOf(working);
        }

        public String words(Units units) {
            return "about " + value.in(units) + ", between " + low.in(units) + " and " + high.in(units);
        }
    }

    /** Outside what is known. @param why what was asked, and how far the knowledge goes */
    record Outside<Q extends Quantity>(String why) implements Estimate<Q> {}
}
