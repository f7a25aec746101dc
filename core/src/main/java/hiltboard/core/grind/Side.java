package hiltboard.core.grind;

/** A side of the blade: point away from the maker and edge down. */
public enum Side {
    LEFT("left"),
    RIGHT("right");

    private final String words;

    Side(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** As a sentence begins. */
    String atTheStart() {
        return this == LEFT ? "Left" : "Right";
    }

    public Side other() {
        return this == LEFT ? RIGHT : LEFT;
    }
}
