package hiltboard.core.backup;

import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A copy of a shop's data.
 *
 * @param taken on the shop's own clock, to the second
 */
public record Copy(LocalDateTime taken, Reason reason) {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("uuuu-MM-dd-HHmmss");
    private static final Pattern NAME = Pattern.compile("hilt-(.{17})-("
            + Stream.of(Reason.values()).map(Reason::inName).collect(Collectors.joining("|")) + ")\\.db");

    /** Why a copy was taken. */
    public enum Reason {
        NIGHTLY("by itself"),
        BY_HAND("by hand"),
        BEFORE_UPGRADE("before an upgrade"),
        BROUGHT("brought from outside");

        private final String words;

        Reason(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        private String inName() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** The name of its file, from which it is read again: {@code hilt-2026-11-28-030000-nightly.db}. */
    public String name() {
        return "hilt-" + taken.format(TIME) + "-" + reason.inName() + ".db";
    }

    /** What copy has this name; nothing if it is no name of a copy. */
    public static Optional<Copy> named(String name) {
        Matcher parts = NAME.matcher(name);
        if (!parts.matches()) {
            return Optional.empty();
        }
        try {
            return Optional.of(new Copy(
                    LocalDateTime.parse(parts.group(1), TIME),
                    Reason.valueOf(parts.group(2).toUpperCase(Locale.ROOT).replace('-', '_'))));
        } catch (DateTimeParseException noTime) {
            return Optional.empty();
        }
    }

    /** Whether it shows that the shop's own data is safe. */
    public boolean isOfThisShop() {
        return reason != Reason.BROUGHT;
    }
}
