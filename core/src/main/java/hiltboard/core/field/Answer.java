package hiltboard.core.field;

import hiltboard.core.measure.Units;

/** What was answered, with the kind of answer that it is. Equal where the values are, whatever else was possible. */
public record Answer<T>(Kind<T> kind, T value) {

    public String words(Units units) {
        return kind.words(value, units);
    }

    public String echo(Units units) {
        return kind.echo(value, units);
    }

    public String entry(Units units) {
        return kind.entry(value, units);
    }

    public String exactly() {
        return kind.exactly(value);
    }

    public String kept() {
        return kind.kept(value);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Answer<?> that && value.equals(that.value);
    }

    @Override
    public int hashCode() {
        return value.hashCode();
    }
}
