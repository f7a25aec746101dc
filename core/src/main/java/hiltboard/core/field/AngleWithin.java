package hiltboard.core.field;

import hiltboard.core.measure.Angle;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import java.math.BigDecimal;

/** An angle in degrees within limits, both of them among it, with or without its sign; kept as its number. */
public record AngleWithin(DecimalNumber degrees) implements Kind<Angle> {

    /** Both ends in degrees. */
    public static AngleWithin of(String least, String most) {
        return new AngleWithin(DecimalNumber.of(least, most));
    }

    @Override
    public Class<Angle> type() {
        return Angle.class;
    }

    @Override
    public Understood<Angle> read(String entry, Units units) {
        Understood<BigDecimal> read = degrees.read(entry.replace("°", "").strip(), units);
        return read instanceof Understood.Value<BigDecimal> value
                ? new Understood.Value<>(new Angle(value.value().doubleValue()))
                : Understood.unlikely(entry, accepted(units));
    }

    @Override
    public String accepted(Units units) {
        return degrees.accepted(units) + "°";
    }

    @Override
    public String words(Angle angle, Units units) {
        return kept(angle) + "°";
    }

    @Override
    public String kept(Angle angle) {
        return BigDecimal.valueOf(angle.degrees()).stripTrailingZeros().toPlainString();
    }

    @Override
    public Angle restored(String kept) {
        return new Angle(Double.parseDouble(kept));
    }

    @Override
    public boolean holds(Angle angle) {
        return degrees.holds(BigDecimal.valueOf(angle.degrees()));
    }
}
