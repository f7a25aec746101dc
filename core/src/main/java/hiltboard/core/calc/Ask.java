package hiltboard.core.calc;

import hiltboard.core.calc.Calculator.Input;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.field.AngleWithin;
import hiltboard.core.field.Choice;
import hiltboard.core.field.DecimalNumber;
import hiltboard.core.field.LengthWithin;
import hiltboard.core.field.OneNamed;
import hiltboard.core.field.Option;
import hiltboard.core.field.RockwellHardness;
import hiltboard.core.field.TemperatureWithin;
import hiltboard.core.field.WholeNumber;
import hiltboard.core.grind.Grit;
import hiltboard.core.material.Steel;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.ThreadSize;
import java.util.List;
import java.util.function.Function;

/** What a calculator asks, in the kinds of answers that several of them take. */
final class Ask {
    static final OneNamed<ThreadSize> THREAD = new OneNamed<>(
            ThreadSize.class,
            ThreadSize::named,
            ThreadSize::name,
            "a thread such as 6-32, 1/4-20, M5 or M2.5×0.45",
            List.of());

    private static final OneNamed<Grit> GRIT = new OneNamed<>(
            Grit.class, Grit::named, Grit::name, "a grit such as P120, 120, stone 1000 or 45 µm", List.of());

    private static final OneNamed<Steel> STEEL = new OneNamed<>(
            Steel.class,
            Steel::named,
            Steel::designation,
            "a steel of the table, such as 1084",
            Steel.known().stream()
                    .map(steel -> new Option(steel.designation(), steel.designation()))
                    .toList());

    private static final TemperatureWithin TEMPERING =
            new TemperatureWithin(Temperature.ofFahrenheit(300), Temperature.ofFahrenheit(1200));

    private Ask() {}

    /** @param from key of the piece's number that it usually is */
    static Input length(String key, String label, String least, String most, String from) {
        return new Input(key, label, LengthWithin.of(least, most), from, "");
    }

    /** A length that is usually this, whatever the piece. */
    static Input usually(String key, String label, String least, String most, String usual) {
        return new Input(key, label, LengthWithin.of(least, most), "", usual);
    }

    static Input hole(String key, String label, String least, String most, String from) {
        return new Input(key, label, LengthWithin.ofHole(least, most), from, "");
    }

    static Input angle(String key, String label, String least, String most, String from, String usual) {
        return new Input(key, label, AngleWithin.of(least, most), from, usual);
    }

    static Input count(String key, String label, int least, int most, String usual) {
        return new Input(key, label, new WholeNumber(least, most), "", usual);
    }

    static Input number(String key, String label, String least, String most, String usual) {
        return new Input(key, label, DecimalNumber.of(least, most), "", usual);
    }

    static Input percent(String key, String label, int least, int most, int usual) {
        return new Input(key, label, new Percent(least, most), "", String.valueOf(usual));
    }

    static Input thread(String key) {
        return new Input(key, "Thread, such as 6-32 or M5", THREAD, "", "");
    }

    static Input grit(String key, String label, String usual) {
        return new Input(key, label, GRIT, "", usual);
    }

    static Input steel() {
        return new Input("steel", "Steel", STEEL, SpecificationField.STEEL.key(), "1084");
    }

    static Input hardness(String from) {
        return new Input("hardness", "Hardness", new RockwellHardness(), from, "59");
    }

    static Input tempering(String key, String label, String from) {
        return new Input(key, label, TEMPERING, from, "400 F");
    }

    /** @param from key of the specification's choice of the same type; empty where there is none */
    static <E extends Enum<E>> Input choice(
            String key, String label, Class<E> type, Function<E, String> words, String from, E usual) {
        return new Input(key, label, Choice.of(type, words), from, usual.name());
    }
}
