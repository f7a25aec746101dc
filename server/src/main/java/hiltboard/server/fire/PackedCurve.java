package hiltboard.server.fire;

import hiltboard.server.device.ConnectedKiln.Shown;
import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.zip.DataFormatException;
import java.util.zip.Deflater;
import java.util.zip.Inflater;

/**
 * Readings of a kiln, small: for each the seconds since the one before, the change of its reading and of its set point
 * in tenths of a kelvin, as numbers of as few bytes as they need, all of it deflated. A kiln changes little in five
 * seconds, so that a reading takes about a byte.
 */
public final class PackedCurve {
    /** Stands for a reading that is not there; no kiln is so hot. */
    private static final long NOTHING = 100_000;

    private static final int MOST_BYTES_A_READING = 30;

    private PackedCurve() {}

    /** @param shown one or more, to whole seconds and tenths of a kelvin, oldest first */
    public static byte[] pack(List<Shown> shown) {
        ByteArrayOutputStream raw = new ByteArrayOutputStream();
        Shown first = shown.get(0);
        write(raw, first.atMillis() / 1000);
        long second = first.atMillis() / 1000;
        long celsius = 0;
        long wanted = 0;
        for (Shown each : shown) {
            write(raw, each.atMillis() / 1000 - second);
            second = each.atMillis() / 1000;
            long now = each.celsius().map(PackedCurve::tenths).orElse(NOTHING);
            write(raw, folded(now - celsius));
            celsius = now;
            long set = tenths(each.setPoint());
            write(raw, folded(set - wanted));
            wanted = set;
        }
        return deflated(raw.toByteArray());
    }

    public static List<Shown> unpack(byte[] packed, int points) {
        Bytes raw = new Bytes(inflated(packed, points));
        long second = raw.next();
        long celsius = 0;
        long wanted = 0;
        List<Shown> shown = new ArrayList<>(points);
        for (int i = 0; i < points; i++) {
            second += raw.next();
            celsius += unfolded(raw.next());
            wanted += unfolded(raw.next());
            shown.add(new Shown(
                    second * 1000, celsius == NOTHING ? Optional.empty() : Optional.of(celsius / 10.0), wanted / 10.0));
        }
        return shown;
    }

    private static long tenths(double celsius) {
        return Math.round(celsius * 10);
    }

    /** Small numbers of either sign become small numbers: 0, −1, 1, −2, 2 … */
    private static long folded(long number) {
        return number << 1 ^ number >> 63;
    }

    private static long unfolded(long number) {
        return number >>> 1 ^ -(number & 1);
    }

    /** Seven bits a byte, the least first; the eighth says that there is more. */
    private static void write(ByteArrayOutputStream out, long number) {
        long left = number;
        while (left >>> 7 != 0) {
            out.write((int) (left & 0x7f | 0x80));
            left >>>= 7;
        }
        out.write((int) left);
    }

    private static final class Bytes {
        private final byte[] all;
        private int at;

        Bytes(byte[] all) {
            this.all = all;
        }

        long next() {
            long number = 0;
            for (int shift = 0; ; shift += 7) {
                byte here = all[at++];
                number |= (long) (here & 0x7f) << shift;
                if (here >= 0) {
                    return number;
                }
            }
        }
    }

    private static byte[] deflated(byte[] raw) {
        Deflater deflater = new Deflater(Deflater.BEST_COMPRESSION, true);
        deflater.setInput(raw);
        deflater.finish();
        byte[] out = new byte[raw.length + 64];
        int length = deflater.deflate(out);
        deflater.end();
        return java.util.Arrays.copyOf(out, length);
    }

    private static byte[] inflated(byte[] packed, int points) {
        Inflater inflater = new Inflater(true);
        inflater.setInput(packed);
        byte[] raw = new byte[(points + 1) * MOST_BYTES_A_READING];
        try {
            inflater.inflate(raw);
        } catch (DataFormatException broken) {
            throw new IllegalStateException("A kept curve cannot be read", broken);
        } finally {
            inflater.end();
        }
        return raw;
    }
}
