package hiltboard.server.carry;

import hiltboard.server.device.ConnectedKiln.Shown;
import hiltboard.server.fire.PackedCurve;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * A shop of anything that its file of data takes: some rows of every thing, with any values that the declarations
 * allow, which is more than a shop would do.
 */
final class AnyShop {
    private static final int ROWS = 6;
    private static final int TRIES = 400;
    private static final List<String> WORDS = List.of(
            "",
            "x",
            "the heel is 0.4 mm proud",
            "=1+1",
            "'quoted', \"twice\"; and\ttabbed",
            "two\nlines\r\nand a half",
            "größer, naïve, 鋼, 🔪",
            "\\u0000 \\n {\"not\":\"json\"}",
            " spaces ",
            "null",
            "A".repeat(70));
    private static final Pattern ONE_OF =
            Pattern.compile("(\\w+)\\s+(?:TEXT|INTEGER)[^,]*?CHECK \\(\\1 IN \\(([^)]*)\\)\\)");

    private static final List<Shown> CURVE = List.of(
            new Shown(1_700_000_000_000L, Optional.of(20.5), 0),
            new Shown(1_700_000_005_000L, Optional.empty(), 815.5),
            new Shown(1_700_000_010_000L, Optional.of(21.1), 815.5));

    private final Connection data;
    private final Random random;

    AnyShop(Connection data, long seed) {
        this.data = data;
        this.random = new Random(seed);
    }

    void fill() throws SQLException {
        data.setAutoCommit(false);
        try (Statement sql = data.createStatement()) {
            for (Thing thing : Things.ALL) {
                String declared = declared(sql, thing);
                int kept = 0;
                for (int i = 0; i < TRIES && kept < ROWS; i++) {
                    kept += isKept(thing, declared) ? 1 : 0;
                }
                if (kept == 0) {
                    throw new IllegalStateException("No row of " + thing.name() + " was good");
                }
            }
        }
        data.commit();
        data.setAutoCommit(true);
    }

    private static String declared(Statement sql, Thing thing) throws SQLException {
        try (ResultSet row = sql.executeQuery("SELECT sql FROM sqlite_schema WHERE name = '" + thing.table() + "'")) {
            return row.getString(1);
        }
    }

    private boolean isKept(Thing thing, String declared) throws SQLException {
        List<String> names = new ArrayList<>();
        List<Object> values = new ArrayList<>();
        for (Column column : Column.of(thing, data)) {
            if (column.sql().equals("id") && column.isNeeded() && !thing.table().equals("shop")) {
                continue;
            }
            if (column.isNeeded() || random.nextInt(3) > 0) {
                Optional<Object> value = value(column, declared);
                if (value.isPresent()) {
                    names.add(column.sql());
                    values.add(value.get());
                }
            }
        }
        thing.secrets()
                .forEach((column, made) -> made.ifPresent(secret -> {
                    names.add(column);
                    values.add(secret.get());
                }));
        try (PreparedStatement insert =
                data.prepareStatement("INSERT INTO " + thing.table() + " (" + String.join(", ", names) + ") VALUES ("
                        + names.stream().map(name -> "?").collect(Collectors.joining(", ")) + ")")) {
            for (int i = 0; i < values.size(); i++) {
                insert.setObject(i + 1, values.get(i));
            }
            return insert.executeUpdate() == 1;
        } catch (SQLException notThisOne) {
            return false;
        }
    }

    private Optional<Object> value(Column column, String declared) throws SQLException {
        if (column.sql().equals("media_type")) {
            return Optional.of(List.copyOf(Outgoing.ENDINGS.keySet()).get(random.nextInt(Outgoing.ENDINGS.size())));
        }
        if (column.table().isPresent()) {
            return anyOf(column.table().get());
        }
        Matcher oneOf = ONE_OF.matcher(declared);
        while (oneOf.find()) {
            if (oneOf.group(1).equals(column.sql())) {
                String[] choices = oneOf.group(2).split(",");
                String choice = choices[random.nextInt(choices.length)].strip();
                return Optional.of(choice.startsWith("'") ? choice.replace("'", "") : (Object) Integer.valueOf(choice));
            }
        }
        return Optional.of(
                switch (column.kind()) {
                    case YES -> random.nextInt(2);
                    case WHOLE -> column.sql().equals("points") ? CURVE.size() : random.nextInt(40);
                    case NUMBER -> random.nextDouble() * 1000;
                    case MILLIMETRES -> 1 + random.nextInt(400_000_000);
                    case MOMENT -> 1_700_000_000_000L + random.nextInt(2_000_000_000);
                    case JSON_VALUE ->
                        List.of("{}", "[]", "{\"a\":\"ä \\\"1\\\"\",\"b\":1.5}", "[\"one\",{\"two\":2}]")
                                .get(random.nextInt(4));
                    case FILE -> bytes();
                    case CURVE -> PackedCurve.pack(CURVE);
                    case TEXT ->
                        column.sql().endsWith("_on")
                                        || column.sql().equals("day")
                                        || column.sql().equals("valid_from")
                                ? LocalDate.of(2026, 1, 1)
                                        .plusDays(random.nextInt(700))
                                        .toString()
                                : WORDS.get(random.nextInt(WORDS.size()))
                                        + (random.nextBoolean() ? random.nextInt(999) : "");
                });
    }

    private byte[] bytes() {
        byte[] bytes = new byte[1 + random.nextInt(3000)];
        random.nextBytes(bytes);
        return bytes;
    }

    private Optional<Object> anyOf(String table) throws SQLException {
        try (Statement sql = data.createStatement();
                ResultSet row = sql.executeQuery("SELECT id FROM " + table + " ORDER BY id")) {
            List<Object> ids = new ArrayList<>();
            while (row.next()) {
                ids.add(row.getLong(1));
            }
            return ids.isEmpty() ? Optional.empty() : Optional.of(ids.get(random.nextInt(ids.size())));
        }
    }
}
