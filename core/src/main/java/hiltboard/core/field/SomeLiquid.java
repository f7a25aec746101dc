package hiltboard.core.field;

import hiltboard.core.measure.LiquidVolume;
import hiltboard.core.measure.ShopNotation;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import java.math.BigDecimal;
import java.math.RoundingMode;

/** A volume of liquid that is more than nothing, and no more than a shop has vessels for; kept in millilitres. */
public record SomeLiquid() implements Kind<LiquidVolume> {
    private static final double MOST = 200_000;

    @Override
    public Class<LiquidVolume> type() {
        return LiquidVolume.class;
    }

    @Override
    public Understood<LiquidVolume> read(String entry, Units units) {
        Understood<LiquidVolume> read = ShopNotation.liquid(entry);
        return read instanceof Understood.Value<LiquidVolume> value && !holds(value.value())
                ? Understood.unlikely(value.value().in(units), accepted(units))
                : read;
    }

    @Override
    public String accepted(Units units) {
        return ShopNotation.LIQUIDS;
    }

    @Override
    public String words(LiquidVolume volume, Units units) {
        return volume.in(units);
    }

    @Override
    public String kept(LiquidVolume volume) {
        return BigDecimal.valueOf(volume.millilitres())
                        .setScale(3, RoundingMode.HALF_UP)
                        .stripTrailingZeros()
                        .toPlainString()
                + " mL";
    }

    @Override
    public LiquidVolume restored(String kept) {
        return new LiquidVolume(Double.parseDouble(kept.replace(" mL", "")));
    }

    @Override
    public boolean holds(LiquidVolume volume) {
        return volume.millilitres() > 0 && volume.millilitres() <= MOST;
    }
}
