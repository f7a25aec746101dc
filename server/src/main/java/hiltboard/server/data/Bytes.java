package hiltboard.server.data;

import java.util.Locale;

/** Sizes of files in words. */
public final class Bytes {
    private static final String[] UNITS = {"kB", "MB", "GB", "TB"};
    private static final int THOUSAND = 1000;

    private Bytes() {}

    /** By thousands, as disks are sold: {@code 12 kB}, {@code 3.4 GB}. */
    public static String words(long bytes) {
        if (bytes < THOUSAND) {
            return bytes + " bytes";
        }
        double size = bytes;
        int unit = -1;
        while (size >= THOUSAND && unit < UNITS.length - 1) {
            size /= THOUSAND;
            unit++;
        }
        return String.format(Locale.ROOT, size < 10 ? "%.1f %s" : "%.0f %s", size, UNITS[unit]);
    }
}
