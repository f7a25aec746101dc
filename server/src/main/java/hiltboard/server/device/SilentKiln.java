package hiltboard.server.device;

import hiltboard.core.fire.KilnFault;
import hiltboard.core.fire.Segment;
import java.util.List;
import java.util.Optional;
import java.util.function.LongSupplier;

/** A kiln that nothing can be asked of: this program does not know the kind of its controller. */
public record SilentKiln(String kind, LongSupplier clock) implements ConnectedKiln {
    @Override
    public List<Shown> shown() {
        return List.of();
    }

    @Override
    public Status status() {
        return new Status(
                new Shown(clock.getAsLong(), Optional.empty(), 0),
                false,
                0,
                List.of(),
                false,
                false,
                Optional.of(KilnFault.SILENT));
    }

    @Override
    public void light(List<Segment> programme) {
        throw unknown();
    }

    @Override
    public void next() {
        throw unknown();
    }

    @Override
    public void out() {
        throw unknown();
    }

    private IllegalStateException unknown() {
        return new IllegalStateException("No kind of controller is called “" + kind + "” here");
    }
}
