package hiltboard.core.design;

/** The hand that works with it: nick, clip, lock, thumb grip, single bevel and sheath are made for it. */
public enum Hand {
    RIGHT("Right"),
    LEFT("Left"),
    EITHER("Either");

    private final String words;

    Hand(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
