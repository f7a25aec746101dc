package hiltboard.core.design;

/** Where the bearings of a frame lock sit. */
public enum BearingPockets {
    HANDLE_ONLY("Pockets in the handle only"),
    BOTH("Pockets in handle and blade");

    private final String words;

    BearingPockets(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
