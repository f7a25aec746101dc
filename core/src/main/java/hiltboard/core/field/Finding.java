package hiltboard.core.field;

/**
 * What is wrong with one entry, in the maker's words.
 *
 * @param field key of the field
 * @param given the entry as it was typed
 * @param problem what is wrong with it
 * @param accepted what would be taken
 */
public record Finding(String field, String given, String problem, String accepted) {
    /** What is wrong and what would be taken, in one line. */
    public String words() {
        return problem + (problem.endsWith("?") ? "" : ".") + " Accepted: " + accepted;
    }
}
