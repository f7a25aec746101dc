package hiltboard.core.forge;

/** A smooth hilly surface between -1 and 1, the same every time: random heights at whole places, eased between them. */
final class Ripple {
    private Ripple() {}

    static double at(double x, double y) {
        long left = (long) Math.floor(x);
        long low = (long) Math.floor(y);
        double right = eased(x - left);
        double up = eased(y - low);
        return between(
                between(height(left, low), height(left + 1, low), right),
                between(height(left, low + 1), height(left + 1, low + 1), right),
                up);
    }

    private static double between(double from, double to, double share) {
        return from + (to - from) * share;
    }

    private static double eased(double share) {
        return share * share * (3 - 2 * share);
    }

    /** Mixes the two numbers so that neighbours have nothing to do with each other (the finaliser of SplitMix64). */
    private static double height(long x, long y) {
        long mixed = x * 0x9E3779B97F4A7C15L + y * 0xC2B2AE3D27D4EB4FL;
        mixed = (mixed ^ (mixed >>> 30)) * 0xBF58476D1CE4E5B9L;
        mixed = (mixed ^ (mixed >>> 27)) * 0x94D049BB133111EBL;
        return ((mixed ^ (mixed >>> 31)) >> 11) / (double) (1L << 52);
    }
}
