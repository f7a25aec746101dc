package hiltboard.core.field;

import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;

/**
 * A length within limits; kept in nanometres.
 *
 * @param isHole whether a thread stands for its diameter, since something round goes through a hole there
 */
public record LengthWithin(LengthRange range, boolean isHole) implements Kind<Length> {

    /** Both ends in shop notation, a bare number in inches. */
    public static LengthWithin of(String least, String most) {
        return new LengthWithin(LengthRange.of(least, most), false);
    }

    /** As {@link #of}, for what is drilled or goes through a hole. */
    public static LengthWithin ofHole(String least, String most) {
        return new LengthWithin(LengthRange.of(least, most), true);
    }

    @Override
    public Class<Length> type() {
        return Length.class;
    }

    @Override
    public Understood<Length> read(String entry, Units units) {
        return isHole ? range.readHole(entry, units) : range.read(entry, units);
    }

    @Override
    public String accepted(Units units) {
        return range.words(units);
    }

    @Override
    public String words(Length length, Units units) {
        return length.brieflyIn(units);
    }

    @Override
    public String echo(Length length, Units units) {
        return length.saidIn(units);
    }

    @Override
    public String kept(Length length) {
        return String.valueOf(length.nanometres());
    }

    @Override
    public Length restored(String kept) {
        return new Length(Long.parseLong(kept));
    }

    @Override
    public String exactly(Length length) {
        return length.exactly();
    }

    @Override
    public String entry(Length length, Units units) {
        return length.entryIn(units);
    }

    @Override
    public boolean holds(Length length) {
        return range.holds(length);
    }
}
