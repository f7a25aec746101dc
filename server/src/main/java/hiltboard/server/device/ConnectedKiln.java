package hiltboard.server.device;

import hiltboard.core.fire.KilnFault;
import hiltboard.core.fire.Segment;
import java.util.List;
import java.util.Optional;

/**
 * A kiln that the program is connected to. Its controller has a clock of its own: it leads the kiln through its
 * programme by itself, and is asked now and then what it showed meanwhile. A real one answers these over its cable;
 * {@link SimulatedKiln} stands in where there is none.
 *
 * <p>Asking never fails and never waits longer than a second: a controller that does not answer is a fault
 * ({@link KilnFault#SILENT}). Telling throws where it was not taken; whoever tells it does so outside of any
 * transaction. Several threads ask and tell at once.
 */
public interface ConnectedKiln extends AutoCloseable {
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

    /** The connection ends; the kiln goes on with what it was told. */
    @Override
    default void close() {}
}
