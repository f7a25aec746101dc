package hiltboard.core.field;

import java.util.Arrays;
import java.util.List;

/** One of a few answers: as it is kept, and as it is read. */
public record Option(String value, String words) {

    /** Written as {@code VALUE=Words}, the usual one first. */
    public static List<Option> all(String... valuesAndWords) {
        return Arrays.stream(valuesAndWords)
                .map(each -> new Option(each.substring(0, each.indexOf('=')), each.substring(each.indexOf('=') + 1)))
                .toList();
    }
}
