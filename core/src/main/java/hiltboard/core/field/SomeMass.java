package hiltboard.core.field;

import hiltboard.core.measure.Mass;
import hiltboard.core.measure.ShopNotation;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import java.math.BigDecimal;

/** A weight that is more than nothing; kept in milligrams. */
public record SomeMass() implements Kind<Mass> {

    @Override
    public Class<Mass> type() {
        return Mass.class;
    }

    @Override
    public Understood<Mass> read(String entry, Units units) {
        Understood<Mass> read = ShopNotation.mass(entry, units);
        return read instanceof Understood.Value<Mass> value && !holds(value.value())
                ? Understood.unlikely(value.value().in(units), accepted(units))
                : read;
    }

    @Override
    public String accepted(Units units) {
        return ShopNotation.MASSES;
    }

    @Override
    public String words(Mass mass, Units units) {
        return mass.in(units);
    }

    @Override
    public String kept(Mass mass) {
        return String.valueOf(mass.milligrams());
    }

    @Override
    public Mass restored(String kept) {
        return new Mass(Long.parseLong(kept));
    }

    @Override
    public String exactly(Mass mass) {
        return BigDecimal.valueOf(mass.milligrams(), 3).stripTrailingZeros().toPlainString() + " g";
    }

    @Override
    public boolean holds(Mass mass) {
        return mass.milligrams() > 0;
    }
}
