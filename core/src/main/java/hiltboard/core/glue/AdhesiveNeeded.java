package hiltboard.core.glue;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Mass;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Volume;
import hiltboard.core.measure.Worked;
import java.util.Locale;

/**
 * How much adhesive a handle takes: what fills its cavity or its pockets, a film on every face, and what is pressed out
 * and stays in the cup. Film and losses are common practice, from memory.
 *
 * @param filled cavity around the tang, or pockets inside the scales
 * @param squareMillimetres of all faces that are coated
 */
public record AdhesiveNeeded(Volume filled, double squareMillimetres) {
    /** A film that has squeezed out a little, in millimetres. */
    private static final double FILM = 0.15;
    /** Pressed out and wiped off. */
    private static final double PRESSED_OUT = 1.3;
    /** Stays in cup and brush, in cubic millimetres. */
    private static final double IN_THE_CUP = 1500;

    /** @throws ImpossibleQuantity if nothing is coated or filled */
    public AdhesiveNeeded {
        if (!(squareMillimetres >= 0) || filled.cubicMillimetres() + squareMillimetres <= 0) {
            throw new ImpossibleQuantity("faces", squareMillimetres + " mm²", "more than nothing");
        }
    }

    public Volume volume() {
        return new Volume((filled.cubicMillimetres() + squareMillimetres * FILM) * PRESSED_OUT + IN_THE_CUP);
    }

    /** @param density of both parts mixed, in grams a millilitre */
    public Worked<Mass> mass(double density, Units units) {
        Volume film = new Volume(squareMillimetres * FILM);
        Mass mass = Mass.ofGrams(volume().cubicMillimetres() / 1000 * density);
        return Worked.of(
                mass,
                "(To fill " + filled.in(units) + " + film " + film.in(units) + ") × "
                        + String.format(Locale.ROOT, "%.1f", PRESSED_OUT) + " pressed out + "
                        + new Volume(IN_THE_CUP).in(units) + " in the cup ≈ " + volume().in(units),
                String.format(Locale.ROOT, "× %.2f g/mL ≈ ", density) + mass.in(units));
    }
}
