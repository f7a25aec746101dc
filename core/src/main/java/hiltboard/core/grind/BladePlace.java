package hiltboard.core.grind;

/** Where along a blade its grind is measured and drawn. */
public enum BladePlace {
    HEEL("at the heel", 0),
    MIDDLE("half way along", 0.5),
    POINT("near the point", 0.85);

    private final String words;
    private final double share;

    BladePlace(String words, double share) {
        this.words = words;
        this.share = share;
    }

    public String words() {
        return words;
    }

    /** Of the way from the plunge to the point. */
    public double share() {
        return share;
    }
}
