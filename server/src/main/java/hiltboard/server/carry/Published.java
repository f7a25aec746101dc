package hiltboard.server.carry;

import java.sql.Connection;
import java.sql.SQLException;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The form of the open files as JSON Schema, draft 2020-12: under {@code $defs}, for each thing what a line of it is.
 */
final class Published {
    static final String FILE = "schema.json";

    private Published() {}

    /** @param data a shop's file of this version */
    static String schema(Connection data, JsonMapper json) throws SQLException {
        ObjectNode schema = json.createObjectNode();
        schema.put("$schema", "https://json-schema.org/draft/2020-12/schema")
                .put("title", Manifest.FORMAT + ", version " + Manifest.VERSION)
                .put(
                        "description",
                        "Each line of THING.jsonl is what $defs/THING says. What has no value is left out.");
        ObjectNode things = schema.putObject("$defs");
        for (Thing thing : Things.ALL) {
            ObjectNode line = things.putObject(thing.name());
            line.put("description", thing.about()).put("type", "object").put("additionalProperties", false);
            ArrayNode needed = json.createArrayNode();
            ObjectNode properties = json.createObjectNode();
            for (Column column : Column.of(thing, data)) {
                ObjectNode property = properties.putObject(column.name());
                if (column.kind() == ColumnKind.JSON_VALUE) {
                    property.putArray("type").add("object").add("array");
                } else {
                    property.put("type", column.kind().type());
                }
                property.put(
                        "description",
                        column.table()
                                .map(table -> "The id of one of the " + name(table))
                                .orElse(column.kind().words()));
                if (column.isNeeded()) {
                    needed.add(column.name());
                }
            }
            line.set("required", needed);
            line.set("properties", properties);
        }
        return json.writerWithDefaultPrettyPrinter().writeValueAsString(schema) + "\n";
    }

    private static String name(String table) {
        return Things.ALL.stream()
                .filter(thing -> thing.table().equals(table))
                .map(Thing::name)
                .findFirst()
                .orElseThrow();
    }
}
