package hiltboard.core.stock;

import hiltboard.core.field.Kind;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;

/** So much of what is counted so, within limits; kept in its smallest unit. */
public record AmountOf(Counted counted, long least, long most) implements Kind<Long> {

    /** As much as any shop keeps, or nothing. */
    public static AmountOf any(Counted counted) {
        return new AmountOf(counted, 0, Long.MAX_VALUE);
    }

    @Override
    public Class<Long> type() {
        return Long.class;
    }

    @Override
    public Understood<Long> read(String entry, Units units) {
        return counted.read(entry, units)
                .filter(this::holds)
                .<Understood<Long>>map(Understood.Value::new)
                .orElseGet(() -> Understood.unread(entry, accepted(units)));
    }

    @Override
    public String accepted(Units units) {
        return counted.accepted();
    }

    @Override
    public String words(Long amount, Units units) {
        return counted.words(amount, units);
    }

    @Override
    public String kept(Long amount) {
        return String.valueOf(amount);
    }

    @Override
    public Long restored(String kept) {
        return Long.valueOf(kept);
    }

    @Override
    public String exactly(Long amount) {
        return counted.exactly(amount);
    }

    @Override
    public String entry(Long amount, Units units) {
        return counted.words(amount, units);
    }

    @Override
    public boolean holds(Long amount) {
        return amount >= least && amount <= most;
    }
}
