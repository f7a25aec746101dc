package hiltboard.server.carry;

import hiltboard.server.data.UnusableData;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes the lines of one thing into a file of data. */
final class Inserts implements AutoCloseable {
    private final Connection data;
    private final Thing thing;
    private final List<Column> columns;
    private final Set<String> known;
    private final Archive archive;
    /** By the columns that a line has. */
    private final Map<List<String>, PreparedStatement> statements = new HashMap<>();

    Inserts(Connection data, Thing thing, Archive archive) throws SQLException {
        this.data = data;
        this.thing = thing;
        this.columns = Column.of(thing, data);
        this.known = columns.stream().map(Column::name).collect(Collectors.toSet());
        this.archive = archive;
    }

    List<Column> columns() {
        return columns;
    }

    /** The values of a line by their columns, as data keeps them. @throws UnusableData if one cannot be */
    Map<Column, Object> values(ObjectNode line) {
        line.propertyNames().stream()
                .filter(name -> !known.contains(name))
                .findFirst()
                .ifPresent(name -> {
                    throw new UnusableData("“" + name + "” is not known of the " + thing.name());
                });
        Map<Column, Object> values = new LinkedHashMap<>();
        for (Column column : columns) {
            Optional<JsonNode> value =
                    Optional.ofNullable(line.get(column.name())).filter(given -> !given.isNull());
            if (value.isPresent()) {
                values.put(column, value(column, value.get()));
            } else if (column.isNeeded()) {
                throw new UnusableData("“" + column.name() + "” is missing");
            }
        }
        return values;
    }

    private Object value(Column column, JsonNode value) {
        try {
            if (column.sql().equals("media_type") && !Outgoing.ENDINGS.containsKey(value.asString(""))) {
                throw new ColumnKind.WrongValue("one of " + String.join(", ", Outgoing.ENDINGS.keySet()));
            }
            return column.kind() == ColumnKind.FILE
                    ? archive.file(String.valueOf(ColumnKind.TEXT.in(value)))
                    : column.kind().in(value);
        } catch (ColumnKind.WrongValue wrong) {
            throw new UnusableData("“" + column.name() + "” must be " + wrong.getMessage());
        }
    }

    /** Writes a row. What opens a door is made anew. */
    void write(Map<Column, Object> values) throws SQLException {
        List<String> names = new ArrayList<>();
        List<Object> given = new ArrayList<>();
        values.forEach((column, value) -> {
            names.add(column.sql());
            given.add(value);
        });
        thing.secrets()
                .forEach((column, made) -> made.map(Supplier::get).ifPresent(value -> {
                    names.add(column);
                    given.add(value);
                }));
        PreparedStatement statement = statement(names);
        for (int i = 0; i < given.size(); i++) {
            statement.setObject(i + 1, given.get(i));
        }
        statement.executeUpdate();
    }

    private PreparedStatement statement(List<String> names) throws SQLException {
        Optional<PreparedStatement> before = Optional.ofNullable(statements.get(names));
        if (before.isPresent()) {
            return before.get();
        }
        PreparedStatement statement = data.prepareStatement("INSERT INTO " + thing.table() + " ("
                + String.join(", ", names) + ") VALUES ("
                + names.stream().map(name -> "?").collect(Collectors.joining(", ")) + ")");
        statements.put(List.copyOf(names), statement);
        return statement;
    }

    @Override
    public void close() throws SQLException {
        for (PreparedStatement statement : statements.values()) {
            statement.close();
        }
    }
}
