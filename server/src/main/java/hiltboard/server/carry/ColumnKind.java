package hiltboard.server.carry;

import hiltboard.server.device.ConnectedKiln.Shown;
import hiltboard.server.fire.PackedCurve;
import java.math.BigDecimal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;

/** What a column holds, and how it stands in an open file. */
enum ColumnKind {
    WHOLE("integer", "A whole number") {
        @Override
        JsonNode out(ResultSet row, String column, JsonMapper json) throws SQLException {
            return JSON.numberNode(row.getLong(column));
        }

        @Override
        Object in(JsonNode value) {
            mustBe(value.isIntegralNumber() && value.canConvertToLong(), "a whole number");
            return value.asLong();
        }
    },
    NUMBER("number", "A number") {
        @Override
        JsonNode out(ResultSet row, String column, JsonMapper json) throws SQLException {
            return JSON.numberNode(row.getDouble(column));
        }

        @Override
        Object in(JsonNode value) {
            mustBe(value.isNumber(), "a number");
            return value.asDouble();
        }
    },
    TEXT("string", "Text") {
        @Override
        JsonNode out(ResultSet row, String column, JsonMapper json) throws SQLException {
            return JSON.stringNode(row.getString(column));
        }

        @Override
        Object in(JsonNode value) {
            mustBe(value.isString(), "text");
            return value.asString();
        }
    },
    YES("boolean", "Yes or no") {
        @Override
        JsonNode out(ResultSet row, String column, JsonMapper json) throws SQLException {
            return JSON.booleanNode(row.getInt(column) == 1);
        }

        @Override
        Object in(JsonNode value) {
            mustBe(value.isBoolean(), "true or false");
            return value.asBoolean() ? 1 : 0;
        }
    },
    MOMENT("string", "A moment (ISO 8601, UTC)") {
        @Override
        JsonNode out(ResultSet row, String column, JsonMapper json) throws SQLException {
            return JSON.stringNode(Instant.ofEpochMilli(row.getLong(column)).toString());
        }

        @Override
        Object in(JsonNode value) {
            mustBe(value.isString(), WANTED);
            try {
                return Instant.parse(value.asString()).toEpochMilli();
            } catch (DateTimeException | ArithmeticException wrong) {
                throw new WrongValue(WANTED);
            }
        }

        private static final String WANTED = "a moment such as 2026-11-28T20:15:00Z";
    },
    MILLIMETRES("number", "Millimetres, to the nanometre") {
        @Override
        JsonNode out(ResultSet row, String column, JsonMapper json) throws SQLException {
            BigDecimal millimetres =
                    BigDecimal.valueOf(row.getLong(column), PLACES).stripTrailingZeros();
            return JSON.numberNode(millimetres.scale() < 0 ? millimetres.setScale(0) : millimetres);
        }

        @Override
        Object in(JsonNode value) {
            mustBe(value.isNumber(), WANTED);
            try {
                return value.decimalValue().movePointRight(PLACES).longValueExact();
            } catch (ArithmeticException wrong) {
                throw new WrongValue(WANTED);
            }
        }

        private static final int PLACES = 6;
        private static final String WANTED = "millimetres with at most six places";
    },
    JSON_VALUE("", "Answers, as the program keeps them") {
        @Override
        JsonNode out(ResultSet row, String column, JsonMapper json) throws SQLException {
            return json.readTree(row.getString(column));
        }

        @Override
        Object in(JsonNode value) {
            mustBe(value.isContainer(), "an object or a list");
            return value.toString();
        }
    },
    /** Stands in a file of its own, whose name the line gives. */
    FILE("string", "The name of a file in this archive") {
        @Override
        JsonNode out(ResultSet row, String column, JsonMapper json) {
            throw new IllegalStateException("A file stands beside its line");
        }

        @Override
        Object in(JsonNode value) {
            throw new IllegalStateException("A file stands beside its line");
        }
    },
    CURVE("array", "Readings: moment, degrees Celsius or null, set point") {
        @Override
        JsonNode out(ResultSet row, String column, JsonMapper json) throws SQLException {
            ArrayNode readings = JSON.arrayNode();
            for (Shown shown : PackedCurve.unpack(row.getBytes(column), row.getInt("points"))) {
                ArrayNode reading = readings.addArray()
                        .add(Instant.ofEpochMilli(shown.atMillis()).toString());
                shown.celsius().ifPresentOrElse(reading::add, reading::addNull);
                reading.add(shown.setPoint());
            }
            return readings;
        }

        @Override
        Object in(JsonNode value) {
            List<Shown> readings = new ArrayList<>();
            for (JsonNode reading : value) {
                mustBe(
                        reading.size() == PARTS
                                && (reading.get(1).isNull() || isHeat(reading.get(1)))
                                && isHeat(reading.get(2)),
                        WANTED);
                readings.add(new Shown(
                        (Long) MOMENT.in(reading.get(0)),
                        Optional.of(reading.get(1)).filter(JsonNode::isNumber).map(JsonNode::asDouble),
                        reading.get(2).asDouble()));
            }
            mustBe(!readings.isEmpty(), WANTED);
            return PackedCurve.pack(readings);
        }

        private static boolean isHeat(JsonNode value) {
            return value.isNumber() && Math.abs(value.asDouble()) < HOTTEST;
        }

        private static final int PARTS = 3;
        private static final double HOTTEST = 5_000;
        private static final String WANTED = "a list of moment, degrees Celsius and set point";
    };

    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;

    private final String type;
    private final String words;

    ColumnKind(String type, String words) {
        this.type = type;
        this.words = words;
    }

    static ColumnKind of(Thing thing, String column, String declared) {
        if (thing.yes().contains(column)) {
            return YES;
        }
        if (thing.json().contains(column)) {
            return JSON_VALUE;
        }
        if (column.equals("curve")) {
            return CURVE;
        }
        if (column.endsWith("_ms") && !thing.spans().contains(column)) {
            return MOMENT;
        }
        if (column.endsWith("_nm")) {
            return MILLIMETRES;
        }
        return switch (declared) {
            case "INTEGER" -> WHOLE;
            case "REAL" -> NUMBER;
            case "BLOB" -> FILE;
            default -> TEXT;
        };
    }

    /** The type in JSON Schema; empty where any value can stand. */
    String type() {
        return type;
    }

    String words() {
        return words;
    }

    /** The value in a row, which is not null there. */
    abstract JsonNode out(ResultSet row, String column, JsonMapper json) throws SQLException;

    /** What the file of data keeps for a value. @throws WrongValue if the value cannot stand here */
    abstract Object in(JsonNode value);

    private static void mustBe(boolean isRight, String wanted) {
        if (!isRight) {
            throw new WrongValue(wanted);
        }
    }

    /** A value of another kind than its column's; the message is what would be right. */
    static final class WrongValue extends RuntimeException {
        WrongValue(String wanted) {
            super(wanted);
        }
    }
}
