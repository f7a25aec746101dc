package hiltboard.server.fire;

import hiltboard.core.fire.Segment;
import hiltboard.core.measure.Temperature;
import hiltboard.server.device.ConnectedKiln;
import java.util.List;

/**
 * A kiln as its controller is known to be off: it is told so much more or less, and what it shows is taken for what it
 * truly is.
 *
 * @param kelvin how much too high it shows
 */
record TrueHeat(ConnectedKiln kiln, double kelvin) implements ConnectedKiln {
    @Override
    public List<Shown> shown() {
        return kiln.shown().stream().map(this::corrected).toList();
    }

    @Override
    public Status status() {
        Status status = kiln.status();
        return new Status(
                corrected(status.shown()),
                status.isLit(),
                status.part(),
                status.segments().stream()
                        .map(segment -> moved(segment, -kelvin))
                        .toList(),
                status.isDoorOpen(),
                status.isHeating(),
                status.fault());
    }

    private Shown corrected(Shown shown) {
        return new Shown(
                shown.atMillis(),
                shown.celsius().map(celsius -> celsius - kelvin),
                shown.setPoint() > 0 ? shown.setPoint() - kelvin : 0);
    }

    @Override
    public void light(List<Segment> programme) {
        kiln.light(programme.stream().map(segment -> moved(segment, kelvin)).toList());
    }

    private static Segment moved(Segment segment, double by) {
        return new Segment(
                Temperature.ofCelsius(segment.to().celsius() + by), segment.kelvinPerHour(), segment.stays());
    }

    @Override
    public void next() {
        kiln.next();
    }

    @Override
    public void out() {
        kiln.out();
    }
}
