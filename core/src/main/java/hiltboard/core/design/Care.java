package hiltboard.core.design;

/** What it meets, and how it is kept. */
public enum Care {
    WIPED_DRY("Wiped and dried after use"),
    WET("In wet work"),
    SALT("In salt water or acid food"),
    DISHWASHER("In a dishwasher");

    private final String words;

    Care(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
