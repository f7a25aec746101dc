package hiltboard.core.route;

/**
 * What a file says on steel of a hardness. Common practice, from memory: a good file is about 64 HRC, and each file has
 * its own word.
 */
final class FileTest {
    static final String AFTER_THE_QUENCH =
            "A new file skates along the whole edge and sings; where it bites, the edge is soft and is "
                    + "hardened again.";
    private static final int SKATES_FROM = 60;
    private static final int GRIPS_FROM = 56;
    private static final int BITES_LIGHTLY_FROM = 50;

    private FileTest() {}

    /** What is right at this hardness, after the temper. */
    static String tempered(int hrc) {
        if (hrc >= SKATES_FROM) {
            return "At about " + hrc
                    + " HRC a file still skates, or only just feels the edge; where it bites, the edge is too soft.";
        }
        if (hrc >= GRIPS_FROM) {
            return "At about " + hrc
                    + " HRC a file grips a little and slides on, alike along the whole edge; where it cuts freely, the "
                    + "edge is too soft.";
        }
        return hrc >= BITES_LIGHTLY_FROM
                ? "At about " + hrc
                        + " HRC a file bites lightly, alike along the whole edge; where it cuts like mild steel, the edge is too soft."
                : "At about " + hrc + " HRC a file cuts slowly, alike all over.";
    }
}
