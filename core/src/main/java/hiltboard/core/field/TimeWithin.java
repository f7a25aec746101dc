package hiltboard.core.field;

import hiltboard.core.measure.ShopNotation;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import java.time.Duration;

/** More than no time, and no more than this; kept in seconds. */
public record TimeWithin(Duration most) implements Kind<Duration> {

    @Override
    public Class<Duration> type() {
        return Duration.class;
    }

    @Override
    public Understood<Duration> read(String entry, Units units) {
        if (!(ShopNotation.time(entry) instanceof Understood.Value<Span> value)) {
            return Understood.unread(entry, accepted(units));
        }
        Duration time = value.value().duration();
        return holds(time) ? new Understood.Value<>(time) : Understood.unlikely(Span.words(time), accepted(units));
    }

    @Override
    public String accepted(Units units) {
        return "a time such as 15 min, up to " + Span.words(most);
    }

    @Override
    public String words(Duration time, Units units) {
        return Span.words(time);
    }

    @Override
    public String kept(Duration time) {
        return time.toSeconds() + " s";
    }

    /** In hours and minutes where they say all of it. */
    @Override
    public String entry(Duration time, Units units) {
        String words = Span.words(time);
        return read(words, units) instanceof Understood.Value<Duration> value
                        && value.value().equals(time)
                ? words
                : kept(time);
    }

    @Override
    public Duration restored(String kept) {
        if (ShopNotation.time(kept) instanceof Understood.Value<Span> value) {
            return value.value().duration();
        }
        throw new IllegalArgumentException(kept);
    }

    @Override
    public boolean holds(Duration time) {
        return !time.isZero() && time.compareTo(most) <= 0;
    }
}
