package hiltboard.core.folder;

import hiltboard.core.material.Steel;
import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.HardnessDifference;
import hiltboard.core.measure.Temperature;
import java.math.BigDecimal;
import java.util.Optional;
import java.util.stream.IntStream;

/** The spring of a slip joint: 46 to 52 HRC, so that it bends and comes back. Common practice, from memory. */
public record BackSpring(Steel steel) {
    public static final Hardness HARDNESS = new Hardness(BigDecimal.valueOf(49));
    public static final HardnessDifference WITHIN = HardnessDifference.of("3");
    /** Aimed at, the toughest first: carbon steel comes to about 650 °F, stainless to about 500 °F. */
    private static final int[] AIMED_AT = {51, 52};

    /** What it is tempered at; empty where the steel stays too hard for a spring. */
    public Optional<Temperature> tempering() {
        return IntStream.of(AIMED_AT)
                .boxed()
                .flatMap(hrc -> steel.curve().temperatureFor(hrc).stream())
                .findFirst()
                .map(Temperature::toFiveFahrenheit);
    }
}
