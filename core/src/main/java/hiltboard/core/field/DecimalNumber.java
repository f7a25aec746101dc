package hiltboard.core.field;

import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import java.math.BigDecimal;

/** A number of up to three places within limits, both of them among it; a comma is a point. */
public record DecimalNumber(BigDecimal least, BigDecimal most) implements Kind<BigDecimal> {

    public static DecimalNumber of(String least, String most) {
        return new DecimalNumber(new BigDecimal(least), new BigDecimal(most));
    }

    @Override
    public Class<BigDecimal> type() {
        return BigDecimal.class;
    }

    @Override
    public Understood<BigDecimal> read(String entry, Units units) {
        String text = entry.replace(',', '.');
        if (!text.matches("\\d{1,6}(\\.\\d{1,3})?")) {
            return Understood.unread(entry, accepted(units));
        }
        BigDecimal number = new BigDecimal(text);
        return holds(number) ? new Understood.Value<>(number) : Understood.unlikely(text, accepted(units));
    }

    @Override
    public String accepted(Units units) {
        return least.toPlainString() + " to " + most.toPlainString();
    }

    @Override
    public String words(BigDecimal number, Units units) {
        return kept(number);
    }

    @Override
    public String kept(BigDecimal number) {
        return number.toPlainString();
    }

    @Override
    public BigDecimal restored(String kept) {
        return new BigDecimal(kept);
    }

    @Override
    public boolean holds(BigDecimal number) {
        return number.compareTo(least) >= 0 && number.compareTo(most) <= 0;
    }
}
