package hiltboard.core.field;

import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.ShopNotation;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import java.math.BigDecimal;

/** A Rockwell C hardness, from 20 to 70; kept as its number. */
public record RockwellHardness() implements Kind<Hardness> {

    @Override
    public Class<Hardness> type() {
        return Hardness.class;
    }

    @Override
    public Understood<Hardness> read(String entry, Units units) {
        return ShopNotation.hardness(entry);
    }

    @Override
    public String accepted(Units units) {
        return ShopNotation.HARDNESSES;
    }

    @Override
    public String words(Hardness hardness, Units units) {
        return hardness.in(units);
    }

    @Override
    public String kept(Hardness hardness) {
        return hardness.hrc().toPlainString();
    }

    @Override
    public Hardness restored(String kept) {
        return new Hardness(new BigDecimal(kept));
    }
}
