package hiltboard.server.carry;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A column of a thing, as it is declared in the shop's file.
 *
 * @param name by which open files call it
 * @param isNeeded whether it cannot be left out
 * @param table that it refers to; empty if to none
 */
record Column(String sql, String name, ColumnKind kind, boolean isNeeded, Optional<String> table) {
    private static final String MOMENT = "_ms";

    /** The columns of a thing that go out. */
    static List<Column> of(Thing thing, Connection data) throws SQLException {
        Map<String, String> refers = new HashMap<>();
        try (Statement sql = data.createStatement();
                ResultSet row = sql.executeQuery("PRAGMA foreign_key_list(" + thing.table() + ")")) {
            while (row.next()) {
                refers.put(row.getString("from"), row.getString("table"));
            }
        }
        List<Column> columns = new ArrayList<>();
        try (PreparedStatement sql = data.prepareStatement("SELECT * FROM pragma_table_info(?)")) {
            sql.setString(1, thing.table());
            try (ResultSet row = sql.executeQuery()) {
                while (row.next()) {
                    String column = row.getString("name");
                    if (!thing.secrets().containsKey(column)) {
                        columns.add(new Column(
                                column,
                                name(thing, column),
                                ColumnKind.of(thing, column, row.getString("type")),
                                row.getInt("pk") > 0
                                        || row.getInt("notnull") == 1 && row.getString("dflt_value") == null,
                                Optional.ofNullable(refers.get(column))));
                    }
                }
            }
        }
        return columns;
    }

    /** The unit is in the name, in letters that need no key. */
    private static String name(Thing thing, String column) {
        String words = column.replaceAll("_nm$", "_mm")
                .replaceAll("_c$", "_celsius")
                .replaceAll("_s$", "_seconds")
                .replaceAll("_per_k$", "_per_kelvin")
                .replaceAll("_id$", "");
        if (words.endsWith(MOMENT)) {
            words = thing.spans().contains(column)
                    ? words.replaceAll("_ms$", "_milliseconds")
                    : words.replaceAll("_ms$", "");
        }
        StringBuilder name = new StringBuilder();
        for (String word : words.split("_")) {
            name.append(name.isEmpty() ? word : Character.toUpperCase(word.charAt(0)) + word.substring(1));
        }
        return name.toString();
    }
}
