package hiltboard.core.field;

import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;

/** A whole number within limits, both of them among it. */
public record WholeNumber(int least, int most) implements Kind<Integer> {

    @Override
    public Class<Integer> type() {
        return Integer.class;
    }

    @Override
    public Understood<Integer> read(String entry, Units units) {
        if (!entry.matches("\\d{1,6}")) {
            return Understood.unread(entry, accepted(units));
        }
        int number = Integer.parseInt(entry);
        return holds(number)
                ? new Understood.Value<>(number)
                : Understood.unlikely(String.valueOf(number), accepted(units));
    }

    @Override
    public String accepted(Units units) {
        return least + " to " + most;
    }

    @Override
    public String words(Integer number, Units units) {
        return String.valueOf(number);
    }

    @Override
    public String kept(Integer number) {
        return String.valueOf(number);
    }

    @Override
    public Integer restored(String kept) {
        return Integer.valueOf(kept);
    }

    @Override
    public boolean holds(Integer number) {
        return number >= least && number <= most;
    }
}
