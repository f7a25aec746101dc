package hiltboard.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * What a liquid fills, not negative. 1 US fl oz = 29.573 529 562 5 mL exactly (NIST SP 811, appendix B.8).
 *
 * @param millilitres finite
 */
public record LiquidVolume(double millilitres) implements Quantity {
    private static final double PER_FLUID_OUNCE = 29.5735295625;
    private static final double CUBIC_MILLIMETRES = 1000;
    private static final int FINELY_BELOW = 20;
    private static final int LITRES_FROM = 10_000;

    /** @throws ImpossibleQuantity if it is negative or not finite */
    public LiquidVolume {
        if (!(millilitres >= 0 && Double.isFinite(millilitres))) {
            throw new ImpossibleQuantity("volume of liquid", millilitres + " mL", "nothing or more");
        }
    }

    public static LiquidVolume of(Volume volume) {
        return new LiquidVolume(volume.cubicMillimetres() / CUBIC_MILLIMETRES);
    }

    public double litres() {
        return millilitres / 1000;
    }

    public LiquidVolume times(double factor) {
        return new LiquidVolume(millilitres * factor);
    }

    /** @throws ImpossibleQuantity if the other is more */
    public LiquidVolume minus(LiquidVolume other) {
        return new LiquidVolume(millilitres - other.millilitres);
    }

    /** Millilitres, or litres from ten on; with fluid ounces before it for who reads inches. */
    @Override
    public String in(Units units) {
        String metric = millilitres >= LITRES_FROM
                ? rounded(litres(), 2) + " L"
                : rounded(millilitres, millilitres < FINELY_BELOW ? 1 : 0) + " mL";
        return switch (units.length()) {
            case MILLIMETRE -> metric;
            case INCH -> rounded(millilitres / PER_FLUID_OUNCE, 1) + " fl oz (" + metric + ")";
        };
    }

    private static String rounded(double number, int places) {
        return BigDecimal.valueOf(number).setScale(places, RoundingMode.HALF_UP).toPlainString();
    }

    @Override
    public String symbol(Units units) {
        return "mL";
    }

    @Override
    public double magnitude() {
        return millilitres;
    }
}
