package hiltboard.server.material;

import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.design.SpecificationReader;
import hiltboard.core.field.Kind;
import hiltboard.core.material.SteelLibrary;
import hiltboard.core.measure.Units;
import hiltboard.server.FieldView;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** Reads specifications in the shop as it is: with the steels that it describes itself. */
@Component
public class Specifications {
    private static final int KEPT = 2_000;

    private final Steels steels;
    private final Map<Entered, Specification> restored = new ConcurrentHashMap<>();

    Specifications(Steels steels) {
        this.steels = steels;
    }

    /** A changed library is another one, so that what was restored with it counts no more. */
    private record Entered(Map<String, String> entries, SteelLibrary steels) {}

    public SpecificationReader.Answer read(Map<String, String> entries, Units units) {
        return SpecificationReader.read(entries, units, steels.library());
    }

    /** What {@link SpecificationReader#completed} makes of the entries, read. */
    public SpecificationReader.Answer readCompleted(Map<String, String> entries, Units units) {
        return read(SpecificationReader.completed(entries, units), units);
    }

    /** As {@link #readCompleted} for a knife that is changed. */
    public SpecificationReader.Answer reread(Map<String, String> entries, Specification before, Units units) {
        return SpecificationReader.reread(
                SpecificationReader.completed(entries, units), before, units, steels.library());
    }

    /** As {@link SpecificationReader#restore}; the same entries are read once. */
    public Specification restore(Map<String, String> entries) {
        if (restored.size() > KEPT) {
            restored.clear();
        }
        return restored.computeIfAbsent(
                new Entered(entries, steels.library()),
                entered -> SpecificationReader.restore(entered.entries(), entered.steels()));
    }

    /** The steels that specifications are read with. */
    public SteelLibrary steels() {
        return steels.library();
    }

    /** The questions of a specification, as a page asks them. */
    public List<FieldView> questions(Units units) {
        Specification empty = Specification.empty(steels.library());
        return Arrays.stream(SpecificationField.values())
                .map(field -> FieldView.of(field, empty, units))
                .toList();
    }

    /** What a question takes in this shop. */
    public Kind<?> kind(SpecificationField field) {
        return field.kind(steels.library());
    }
}
