package hiltboard.core.measure;

import java.util.List;

/**
 * An answer with the arithmetic that a maker can check by hand.
 *
 * @param note what the answer is called in the shop, such as a drill's name; empty if nothing
 */
public record Worked<Q extends Quantity>(Q value, String note, List<String> working, List<String> cautions) {
    public Worked {
        working = List.copyOf(working);
        cautions = List.copyOf(cautions);
    }

    public static <Q extends Quantity> Worked<Q> of(Q value, String... working) {
        return new Worked<>(value, "", List.of(working), List.of());
    }

    public Worked<Q> called(String name) {
        return new Worked<>(value, name, working, cautions);
    }

    public Worked<Q> withCaution(String caution) {
        return new Worked<>(value, note, working, List.of(caution));
    }
}
