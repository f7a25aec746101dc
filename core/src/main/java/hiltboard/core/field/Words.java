package hiltboard.core.field;

import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;

/** Whatever somebody writes in a line, up to so many letters. */
public record Words(int longest) implements Kind<String> {

    @Override
    public Class<String> type() {
        return String.class;
    }

    @Override
    public Understood<String> read(String entry, Units units) {
        if (entry.chars().anyMatch(Character::isISOControl)) {
            return new Understood.Refused<>("There is a sign in it that nobody can read", accepted(units));
        }
        return holds(entry)
                ? new Understood.Value<>(entry)
                : new Understood.Refused<>(Understood.quoted(entry) + " is too long", accepted(units));
    }

    @Override
    public String accepted(Units units) {
        return "up to " + longest + " letters";
    }

    @Override
    public String words(String words, Units units) {
        return words;
    }

    @Override
    public String kept(String words) {
        return words;
    }

    @Override
    public String restored(String kept) {
        return kept;
    }

    @Override
    public boolean holds(String words) {
        return words.length() <= longest;
    }
}
