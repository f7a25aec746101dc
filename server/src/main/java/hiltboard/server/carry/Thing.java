package hiltboard.server.carry;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;

/**
 * One kind of thing that a shop's data is made of. What its columns hold follows from how they are declared and called;
 * only what does not is said here.
 *
 * @param name by which open files call it
 * @param about what it is, in one sentence
 * @param whole what it is a part of; empty if it stands for itself
 * @param yes columns that answer yes or no
 * @param json columns that hold JSON
 * @param spans columns of milliseconds that are no moment
 * @param secrets columns that open a door: they do not go out, and a coming in makes them anew; a secret without a
 *     value comes in as what its column has by itself
 */
record Thing(
        String name,
        String table,
        String about,
        Optional<Whole> whole,
        Set<String> yes,
        Set<String> json,
        Set<String> spans,
        Map<String, Optional<Supplier<String>>> secrets) {

    /** What something is a part of: a thing, and the column that names which. */
    record Whole(String column, String thing) {}

    static Thing of(String name, String table, String about) {
        return new Thing(name, table, about, Optional.empty(), Set.of(), Set.of(), Set.of(), Map.of());
    }

    Thing partOf(String column, String thing) {
        return new Thing(name, table, about, Optional.of(new Whole(column, thing)), yes, json, spans, secrets);
    }

    Thing withYes(String... columns) {
        return new Thing(name, table, about, whole, Set.of(columns), json, spans, secrets);
    }

    Thing withJson(String... columns) {
        return new Thing(name, table, about, whole, yes, Set.of(columns), spans, secrets);
    }

    Thing withSpan(String column) {
        Set<String> all = new HashSet<>(spans);
        all.add(column);
        return new Thing(name, table, about, whole, yes, json, Set.copyOf(all), secrets);
    }

    Thing withSecret(String column, Supplier<String> made) {
        return withSecret(column, Optional.of(made));
    }

    Thing withSecret(String column) {
        return withSecret(column, Optional.empty());
    }

    private Thing withSecret(String column, Optional<Supplier<String>> made) {
        Map<String, Optional<Supplier<String>>> all = new HashMap<>(secrets);
        all.put(column, made);
        return new Thing(name, table, about, whole, yes, json, spans, Map.copyOf(all));
    }
}
