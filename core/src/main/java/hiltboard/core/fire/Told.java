package hiltboard.core.fire;

import java.util.List;

/**
 * What a controller was told, and how far it is with it.
 *
 * @param programme its parts; empty while the kiln is not lit
 * @param segment which of them, from nothing
 * @param stayed seconds that the kiln has been where this part wants it
 * @param setPoint where the controller wants it now, °C
 */
record Told(List<Segment> programme, int segment, double stayed, double setPoint) {
    static final Told NOTHING = new Told(List.of(), 0, 0, 0);

    Told {
        programme = List.copyOf(programme);
    }

    boolean isLit() {
        return !programme.isEmpty();
    }

    Segment now() {
        return programme.get(segment);
    }

    /** The next part; nothing after the last. */
    Told next() {
        return segment + 1 < programme.size() ? new Told(programme, segment + 1, 0, setPoint) : NOTHING;
    }

    /** Where it wants the kiln a moment later, along the ramp. */
    Told after(double seconds) {
        if (!isLit()) {
            return this;
        }
        double target = now().to().celsius();
        double ramp = now().kelvinPerHour() == 0 ? Double.MAX_VALUE : now().kelvinPerHour() / 3600 * seconds;
        return new Told(
                programme,
                segment,
                stayed,
                setPoint < target ? Math.min(target, setPoint + ramp) : Math.max(target, setPoint - ramp));
    }

    /** Where the kiln is there: a little longer, and on to the next part when it has stayed long enough. */
    Told staying(double seconds) {
        Told longer = new Told(programme, segment, stayed + seconds, setPoint);
        return now().stays().filter(stays -> longer.stayed >= stays.toSeconds()).isPresent() ? longer.next() : longer;
    }
}
