package hiltboard.core.design;

/** What it meets, and how it is kept. */
public enum Care {
    WIPED_DRY("Wiped and dried after use"),
    WET("Wet work"),
    SALT("Salt water or acid food"),
    DISHWASHER("Goes through a dishwasher");

    private final String words;

    Care(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
