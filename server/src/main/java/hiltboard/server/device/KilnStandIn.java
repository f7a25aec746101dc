package hiltboard.server.device;

import hiltboard.core.fire.HeatBody;
import hiltboard.core.fire.KilnFault;
import java.util.Optional;

/** What is worked by hand at a kiln that is not there; a kiln that is has no such knobs. */
public interface KilnStandIn {
    /**
     * How a stand-in stood, to go on from after a restart. Seconds of its clock are counted from {@code clockMillis}.
     */
    record Seen(long clockMillis, double chamber, double body, double drift) {}

    /** As fast as its clock may run. */
    int FASTEST = 600;

    Seen seen();

    void door(boolean isOpen);

    /** Breaks, or with nothing is whole again. */
    void fail(Optional<KilnFault> fault);

    /** How much faster its clock runs than the shop's, 1 to {@link #FASTEST}. */
    void pace(int times);

    int pace();

    /** What lies in it from now on. A real kiln feels it by itself. */
    void holds(HeatBody load);
}
