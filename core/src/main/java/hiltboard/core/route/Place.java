package hiltboard.core.route;

/** Where a piece stands among those made together. */
public enum Place {
    ALONE,
    FIRST_OF_BATCH,
    LATER_OF_BATCH;

    public static Place of(int position, int pieces) {
        if (pieces == 1) {
            return ALONE;
        }
        return position == 1 ? FIRST_OF_BATCH : LATER_OF_BATCH;
    }
}
