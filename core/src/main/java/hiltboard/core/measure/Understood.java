package hiltboard.core.measure;

/** What came of reading an entry: the value that was meant, or why it was not understood. Immutable. */
public sealed interface Understood<T> {

    /** The entry was understood. */
    record Value<T>(T value) implements Understood<T> {}

    /** The entry was not understood; both texts are for the maker. */
    record Refused<T>(String problem, String accepted) implements Understood<T> {}

    /** The letters of an entry that are shown again in what is said of it. */
    int LONGEST_SHOWN = 40;

    /** Nothing stands there, and something has to. */
    static <T> Understood<T> nothing(String accepted) {
        return new Refused<>("Nothing was entered", accepted);
    }

    /** It says nothing that is understood, or nothing at all. */
    static <T> Understood<T> unread(String entry, String accepted) {
        String shown = entry.strip();
        return shown.isEmpty() ? nothing(accepted) : new Refused<>(quoted(shown) + " was not understood", accepted);
    }

    /** An entry as it is shown again: a long one shortened. */
    static String quoted(String entry) {
        return "“" + (entry.length() > LONGEST_SHOWN ? entry.substring(0, LONGEST_SHOWN) + "…" : entry) + "”";
    }

    /** It is understood, and nothing like it is likely where it was entered. @param said as it was understood */
    static <T> Understood<T> unlikely(String said, String accepted) {
        return new Refused<>(said + " is not likely here", accepted);
    }
}
