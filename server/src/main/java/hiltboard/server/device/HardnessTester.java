package hiltboard.server.device;

import hiltboard.core.measure.Hardness;

/**
 * A hardness tester that is read by the program. A real one sends what its dial shows; {@link SimulatedTester} stands
 * in for it.
 */
public interface HardnessTester {
    /** One reading. @param likely what the blade's heat would give, for a stand-in that has no blade to press on */
    Hardness read(Hardness likely);
}
