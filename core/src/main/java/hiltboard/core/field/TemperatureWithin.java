package hiltboard.core.field;

import hiltboard.core.measure.ShopNotation;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;

/** A temperature within limits, both of them among it; kept in °C. */
public record TemperatureWithin(Temperature least, Temperature most) implements Kind<Temperature> {

    @Override
    public Class<Temperature> type() {
        return Temperature.class;
    }

    @Override
    public Understood<Temperature> read(String entry, Units units) {
        Understood<Temperature> read = ShopNotation.temperature(entry, units);
        return read instanceof Understood.Value<Temperature> value && !holds(value.value())
                ? Understood.unlikely(value.value().in(units), accepted(units))
                : read;
    }

    @Override
    public String accepted(Units units) {
        return least.in(units) + " to " + most.in(units);
    }

    @Override
    public String words(Temperature temperature, Units units) {
        return temperature.in(units);
    }

    @Override
    public String kept(Temperature temperature) {
        return temperature.entryIn(Units.MILLIMETRE_CELSIUS);
    }

    @Override
    public Temperature restored(String kept) {
        if (ShopNotation.temperature(kept, Units.MILLIMETRE_CELSIUS) instanceof Understood.Value<Temperature> value) {
            return value.value();
        }
        throw new IllegalArgumentException(kept);
    }

    @Override
    public String entry(Temperature temperature, Units units) {
        return temperature.entryIn(units);
    }

    @Override
    public boolean holds(Temperature temperature) {
        return temperature.celsius() >= least.celsius() && temperature.celsius() <= most.celsius();
    }
}
