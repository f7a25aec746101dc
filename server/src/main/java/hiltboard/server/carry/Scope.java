package hiltboard.server.carry;

import hiltboard.server.carry.Thing.Whole;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What goes out: the whole shop, or one thing with its parts and with what it is itself a part of.
 *
 * @param root which kind of thing; empty for the whole shop
 * @param id of that one
 */
record Scope(Optional<Thing> root, long id) {
    static final Scope SHOP = new Scope(Optional.empty(), 0);

    static Scope one(String thing, long id) {
        return new Scope(Optional.of(Things.named(thing)), id);
    }

    boolean isShop() {
        return root.isEmpty();
    }

    /** Which rows of a thing go out, as the end of a question; empty if none do. */
    Optional<String> rows(Thing thing, Connection data) throws SQLException {
        if (isShop()) {
            return Optional.of("");
        }
        return thing.name().equals(Things.PEOPLE) ? people(data) : ofRoot(thing);
    }

    private Optional<String> ofRoot(Thing thing) {
        Thing wanted = root.orElseThrow();
        if (thing.equals(wanted)) {
            return Optional.of(" WHERE id = " + id);
        }
        if (wanted.whole().filter(whole -> whole.thing().equals(thing.name())).isPresent()) {
            return Optional.of(" WHERE id IN (SELECT " + wanted.whole().get().column() + " FROM " + wanted.table()
                    + " WHERE id = " + id + ")");
        }
        return thing.whole()
                .filter(whole -> isWithin(Things.named(whole.thing()), wanted))
                .flatMap(whole -> among(whole, Things.named(whole.thing())));
    }

    private Optional<String> among(Whole whole, Thing parent) {
        return ofRoot(parent)
                .map(rows -> " WHERE " + whole.column() + " IN (SELECT id FROM " + parent.table() + rows + ")");
    }

    private static boolean isWithin(Thing thing, Thing wanted) {
        return thing.equals(wanted)
                || thing.whole()
                        .filter(whole -> isWithin(Things.named(whole.thing()), wanted))
                        .isPresent();
    }

    /** Those who are named in what goes out. */
    private Optional<String> people(Connection data) throws SQLException {
        List<String> named = new ArrayList<>();
        for (Thing thing : Things.ALL) {
            Optional<String> rows = ofRoot(thing);
            if (rows.isPresent()) {
                for (Column column : Column.of(thing, data)) {
                    if (column.table().filter("person"::equals).isPresent()) {
                        named.add("SELECT " + column.sql() + " FROM " + thing.table() + rows.get());
                    }
                }
            }
        }
        return Optional.of(" WHERE id IN (" + String.join(" UNION ", named) + ")");
    }

    /** Of somebody who is only named, nothing but the name goes out. */
    List<Column> columns(Thing thing, Connection data) throws SQLException {
        List<Column> all = Column.of(thing, data);
        return isShop() || !thing.name().equals(Things.PEOPLE)
                ? all
                : all.stream()
                        .filter(column ->
                                column.name().equals("id") || column.name().equals("name"))
                        .toList();
    }
}
