package hiltboard.core.calc;

import hiltboard.core.field.Kind;
import hiltboard.core.field.WholeNumber;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;

/** A share in whole percent within limits, with or without its sign. */
record Percent(int least, int most) implements Kind<Integer> {

    @Override
    public Class<Integer> type() {
        return Integer.class;
    }

    @Override
    public Understood<Integer> read(String entry, Units units) {
        return new WholeNumber(least, most).read(entry.replace("%", "").strip(), units);
    }

    @Override
    public String accepted(Units units) {
        return "a share such as 75, from " + least + " to " + most + " %";
    }

    @Override
    public String words(Integer percent, Units units) {
        return percent + " %";
    }

    @Override
    public String kept(Integer percent) {
        return String.valueOf(percent);
    }

    @Override
    public Integer restored(String kept) {
        return Integer.valueOf(kept);
    }
}
