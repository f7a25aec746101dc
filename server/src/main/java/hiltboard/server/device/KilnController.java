package hiltboard.server.device;

import hiltboard.core.fire.HeatBody;
import hiltboard.core.fire.KilnFault;
import hiltboard.core.fire.Segment;
import java.util.List;
import java.util.Optional;

/**
 * The controller of one kiln, with a clock of its own: it leads the kiln through its programme by itself, and is asked
 * now and then what it showed meanwhile. A real one answers these over its cable; {@link SimulatedKiln} stands in where
 * there is none.
 */
public interface KilnController {
    /**
     * One reading.
     *
     * @param atMillis on the controller's own clock
     * @param celsius empty while its thermocouple shows nothing
     * @param setPoint where it wants the kiln then; zero while it is not lit
     */
    record Shown(long atMillis, Optional<Double> celsius, double setPoint) {}

    /**
     * How it stands.
     *
     * @param part of the programme, from nothing
     * @param segments the programme; empty while it is not lit
     */
    record Status(
            Shown shown,
            boolean isLit,
            int part,
            List<Segment> segments,
            boolean isDoorOpen,
            boolean isHeating,
            Optional<KilnFault> fault) {}

    /** What it has shown since it was asked last, every few seconds, oldest first. */
    List<Shown> shown();

    Status status();

    /** Begins a programme, whatever it did before. */
    void light(List<Segment> programme);

    /** Goes on to the next part of its programme. */
    void next();

    /** Off. */
    void out();

    /** What lies in the kiln from now on. A real kiln feels it by itself. */
    default void holds(HeatBody load) {}
}
