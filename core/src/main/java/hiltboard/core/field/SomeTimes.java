package hiltboard.core.field;

import hiltboard.core.measure.TimeRange;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import java.time.Duration;

/** From one time to another, or one time, no longer than this; kept in seconds. */
public record SomeTimes(Duration longest) implements Kind<TimeRange> {

    @Override
    public Class<TimeRange> type() {
        return TimeRange.class;
    }

    @Override
    public Understood<TimeRange> read(String entry, Units units) {
        Understood<TimeRange> read = TimeRange.read(entry);
        return read instanceof Understood.Value<TimeRange> value && !holds(value.value())
                ? Understood.unlikely(value.value().words(), accepted(units))
                : read;
    }

    @Override
    public String accepted(Units units) {
        return TimeRange.ACCEPTED;
    }

    @Override
    public String words(TimeRange times, Units units) {
        return times.words();
    }

    @Override
    public String kept(TimeRange times) {
        return times.least().toSeconds() + "-" + times.most().toSeconds() + " s";
    }

    @Override
    public String entry(TimeRange times, Units units) {
        return times.words();
    }

    @Override
    public TimeRange restored(String kept) {
        String[] ends = kept.replace(" s", "").split("-");
        return TimeRange.ofSeconds(Long.parseLong(ends[0]), Long.parseLong(ends[1]));
    }

    @Override
    public boolean holds(TimeRange times) {
        return times.most().compareTo(longest) <= 0;
    }
}
