package hiltboard.server.backup;

import hiltboard.server.data.Bytes;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/**
 * What is in a copy of a shop.
 *
 * @param version of the data; this program opens it and every earlier one
 * @param changes lines of the journal; it has no gaps, so that this is also the number of the last one
 * @param passwords how many of its people have one: none have after open files came in
 * @param lastChangeMillis zero if nothing has happened in it
 */
record Contents(
        String shopName,
        int version,
        long people,
        long passwords,
        long jobs,
        long pieces,
        long photographs,
        long changes,
        long lastChangeMillis,
        long bytes) {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("d MMMM yyyy 'at' HH:mm", Locale.ENGLISH);

    /** A line for a console. */
    String words(ZoneId zone) {
        String last = lastChangeMillis == 0
                ? "nothing done yet"
                : "last change on "
                        + Instant.ofEpochMilli(lastChangeMillis).atZone(zone).format(TIME);
        String nobody = passwords > 0 || people == 0
                ? ""
                : ". Nobody has a password in it: ./hilt reset-password NAME makes one";
        return "%s: %d people, %d jobs, %d pieces, %d photographs, %d lines of journal, %s, %s%s"
                .formatted(shopName, people, jobs, pieces, photographs, changes, last, Bytes.words(bytes), nobody);
    }
}
