package hiltboard.core.route;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * One kind of work on one piece.
 *
 * @param key stays the same for ever; finished work is kept under it
 * @param attendedMinutes usual hands-on time
 * @param rest unattended time that follows the hands-on work; zero if none
 * @param targets keys of the numbers that are worked to
 * @param readings keys of the numbers that are measured here; all are asked for before the step is done
 * @param makes keys of the numbers that a part is made to here
 * @param leaves the state that the piece is in afterwards, where it changes
 */
public record Operation(
        String key, String title, Station station, int attendedMinutes, Duration rest, String restWords,
        List<String> toDo, List<String> cautions, List<String> checks,
        List<String> targets, List<String> readings, List<String> makes, Set<Trait> traits, Optional<State> leaves) {

    public Operation {
        toDo = List.copyOf(toDo);
        cautions = List.copyOf(cautions);
        checks = List.copyOf(checks);
        targets = List.copyOf(targets);
        readings = List.copyOf(readings);
        makes = List.copyOf(makes);
        traits = Set.copyOf(traits);
    }

    public boolean is(Trait trait) {
        return traits.contains(trait);
    }

    public boolean rests() {
        return !rest.isZero();
    }

    static Builder at(Station station, String key, String title, int attendedMinutes) {
        return new Builder(station, key, title, attendedMinutes);
    }

    /** Writes an operation down as it would be said. */
    static final class Builder {
        private final Station station;
        private final String key;
        private final String title;
        private final int attendedMinutes;
        private Duration rest = Duration.ZERO;
        private String restWords = "";
        private final List<String> toDo = new ArrayList<>();
        private final List<String> cautions = new ArrayList<>();
        private final List<String> checks = new ArrayList<>();
        private List<String> targets = List.of();
        private List<String> readings = List.of();
        private List<String> makes = List.of();
        private final Set<Trait> traits = EnumSet.noneOf(Trait.class);
        private Optional<State> leaves = Optional.empty();

        private Builder(Station station, String key, String title, int attendedMinutes) {
            this.station = station;
            this.key = key;
            this.title = title;
            this.attendedMinutes = attendedMinutes;
        }

        Builder is(Trait first, Trait... more) {
            traits.add(first);
            traits.addAll(List.of(more));
            return this;
        }

        Builder toDo(String... lines) {
            toDo.addAll(List.of(lines));
            return this;
        }

        Builder cautions(String... lines) {
            List.of(lines).stream().filter(line -> !line.isEmpty()).forEach(cautions::add);
            return this;
        }

        Builder checks(String... lines) {
            checks.addAll(List.of(lines));
            return this;
        }

        Builder targets(String... keys) {
            targets = List.of(keys);
            return this;
        }

        Builder readings(String... keys) {
            readings = List.of(keys);
            return this;
        }

        Builder makes(String... keys) {
            makes = List.of(keys);
            return this;
        }

        Builder rest(Duration time, String words) {
            rest = time;
            restWords = words;
            return this;
        }

        Builder leaves(State state) {
            leaves = Optional.of(state);
            return this;
        }

        Operation done() {
            return new Operation(key, title, station, attendedMinutes, rest, restWords, toDo, cautions, checks, targets, readings, makes, traits, leaves);
        }
    }
}
