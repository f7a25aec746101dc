package hiltboard.core.field;

import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;

/** A day from one on and before another; kept as ISO 8601 writes it. */
public record Day(LocalDate from, LocalDate before) implements Kind<LocalDate> {
    /** Any day that somebody at a bench may mean. */
    public static final Day ANY = new Day(LocalDate.of(1900, 1, 1), LocalDate.of(2100, 1, 1));

    @Override
    public Class<LocalDate> type() {
        return LocalDate.class;
    }

    @Override
    public Understood<LocalDate> read(String entry, Units units) {
        try {
            LocalDate day = LocalDate.parse(entry);
            return holds(day)
                    ? new Understood.Value<>(day)
                    : Understood.unlikely(day.toString(), "a day from " + from + " on, before " + before);
        } catch (DateTimeParseException notADay) {
            return Understood.unread(entry, accepted(units));
        }
    }

    @Override
    public String accepted(Units units) {
        return "a day such as 2026-11-24";
    }

    @Override
    public String words(LocalDate day, Units units) {
        return day.toString();
    }

    @Override
    public String kept(LocalDate day) {
        return day.toString();
    }

    @Override
    public LocalDate restored(String kept) {
        return LocalDate.parse(kept);
    }

    @Override
    public boolean holds(LocalDate day) {
        return !day.isBefore(from) && day.isBefore(before);
    }
}
