package hiltboard.core.design;

/** Who gets it: the law of many places asks for the age. */
public enum Receiver {
    ADULT("An adult"),
    MINOR("Somebody under age");

    private final String words;

    Receiver(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
