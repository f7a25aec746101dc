package hiltboard.server.device;

import hiltboard.core.measure.Hardness;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Random;
import org.springframework.stereotype.Component;

/** Stands in for a hardness tester: reads what is likely, with the scatter of a bench tester. */
@Component
class SimulatedTester implements HardnessTester {
    /** Standard deviation of one reading of a bench tester, HRC; from memory. */
    private static final double SCATTER = 0.4;

    private static final double LEAST = 20;
    private static final double MOST = 70;
    private final Random chance = new Random();

    @Override
    public Hardness read(Hardness likely) {
        double read = likely.magnitude() + chance.nextGaussian() * SCATTER;
        double shown = Math.max(LEAST, Math.min(MOST, read));
        return new Hardness(BigDecimal.valueOf(shown).setScale(1, RoundingMode.HALF_UP));
    }
}
