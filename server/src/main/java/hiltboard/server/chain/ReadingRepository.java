package hiltboard.server.chain;

import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Temperature;
import java.math.BigDecimal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/**
 * What was measured and what parts were made to. Lengths are kept in nanometres, hardness in HRC, temperatures in
 * degrees Celsius, times in seconds.
 */
@Repository
public class ReadingRepository {
    private final JdbcClient sql;

    ReadingRepository(JdbcClient sql) {
        this.sql = sql;
    }

    /** That somebody took a number as it is: why, and what it was held against. */
    public record AsItIs(String reason, String by, long atMillis, Quantity against) {}

    /** A reading that counts. */
    public record Reading(
            long id,
            long piece,
            String operation,
            String dimension,
            Quantity value,
            String typed,
            long takenAtMillis,
            String takenBy,
            Optional<AsItIs> asItIs) {}

    /** What a part was made to. */
    public record MadeTo(long piece, String dimension, Quantity value, Optional<AsItIs> asItIs) {}

    public List<Reading> current(Collection<Long> pieces) {
        return sql.sql("""
                SELECT reading.id, piece_id, operation, dimension, kind, amount, typed, taken_at_ms, person.name AS taken_by,
                    accepted_reason, acceptor.name AS accepted_by, accepted_at_ms, accepted_against
                FROM reading JOIN person ON person.id = reading.taken_by LEFT JOIN person acceptor ON acceptor.id = reading.accepted_by
                WHERE struck_at_ms IS NULL AND piece_id IN (:pieces) ORDER BY reading.id
                """)
                .param("pieces", pieces)
                .query((row, number) -> new Reading(
                        row.getLong("id"),
                        row.getLong("piece_id"),
                        row.getString("operation"),
                        row.getString("dimension"),
                        quantity(row),
                        row.getString("typed"),
                        row.getLong("taken_at_ms"),
                        row.getString("taken_by"),
                        asItIs(row)))
                .list();
    }

    public List<MadeTo> madeTo(Collection<Long> pieces) {
        return sql.sql("""
                SELECT piece_id, dimension, kind, amount, accepted_reason, acceptor.name AS accepted_by, accepted_at_ms, accepted_against
                FROM made_to LEFT JOIN person acceptor ON acceptor.id = made_to.accepted_by WHERE struck_at_ms IS NULL AND
                piece_id IN (:pieces)
                """)
                .param("pieces", pieces)
                .query((row, number) ->
                        new MadeTo(row.getLong("piece_id"), row.getString("dimension"), quantity(row), asItIs(row)))
                .list();
    }

    public void take(
            long piece, String operation, String dimension, Quantity value, String typed, long person, long atMillis) {
        strike(piece, dimension, atMillis);
        sql.sql("""
                INSERT INTO reading (piece_id, operation, dimension, kind, amount, typed, taken_at_ms, taken_by)
                VALUES (:piece, :operation, :dimension, :kind, :amount, :typed, :at, :person)
                """)
                .param("piece", piece)
                .param("operation", operation)
                .param("dimension", dimension)
                .param("kind", kind(value))
                .param("amount", amount(value))
                .param("typed", typed)
                .param("at", atMillis)
                .param("person", person)
                .update();
    }

    public void strike(long piece, String dimension, long atMillis) {
        sql.sql(
                        "UPDATE reading SET struck_at_ms = :at WHERE piece_id = :piece AND dimension = :dimension AND struck_at_ms IS NULL")
                .param("at", atMillis)
                .param("piece", piece)
                .param("dimension", dimension)
                .update();
    }

    public void make(long piece, String operation, String dimension, Quantity value, long atMillis) {
        strikeMade(piece, List.of(dimension), atMillis);
        sql.sql("INSERT INTO made_to (piece_id, operation, dimension, kind, amount, made_at_ms) VALUES (:piece, "
                        + ":operation, :dimension, :kind, :amount, :at)")
                .param("piece", piece)
                .param("operation", operation)
                .param("dimension", dimension)
                .param("kind", kind(value))
                .param("amount", amount(value))
                .param("at", atMillis)
                .update();
    }

    public void strikeMade(long piece, Collection<String> dimensions, long atMillis) {
        sql.sql("UPDATE made_to SET struck_at_ms = :at WHERE piece_id = :piece AND dimension IN (:dimensions) AND "
                        + "struck_at_ms IS NULL")
                .param("at", atMillis)
                .param("piece", piece)
                .param("dimensions", dimensions)
                .update();
    }

    /** A number of a piece. */
    public enum Kind {
        READING("reading"),
        PART("made_to");

        private final String table;

        Kind(String table) {
            this.table = table;
        }
    }

    /** Keeps that somebody took the number that counts now as it is. @param against what it is held against now */
    public void takeAsItIs(
            Kind kind, long piece, String dimension, String reason, Quantity against, long person, long atMillis) {
        sql.sql("UPDATE " + kind.table
                        + " SET accepted_reason = :reason, accepted_by = :person, accepted_at_ms = :at, accepted_against = :against"
                        + " WHERE piece_id = :piece AND dimension = :dimension AND struck_at_ms IS NULL")
                .param("reason", reason)
                .param("person", person)
                .param("at", atMillis)
                .param("against", amount(against))
                .param("piece", piece)
                .param("dimension", dimension)
                .update();
    }

    private static Optional<AsItIs> asItIs(ResultSet row) throws SQLException {
        String reason = row.getString("accepted_reason");
        return reason == null
                ? Optional.empty()
                : Optional.of(new AsItIs(
                        reason,
                        row.getString("accepted_by"),
                        row.getLong("accepted_at_ms"),
                        quantity(row.getString("kind"), row.getString("accepted_against"))));
    }

    private static Quantity quantity(ResultSet row) throws SQLException {
        return quantity(row.getString("kind"), row.getString("amount"));
    }

    private static Quantity quantity(String kind, String amount) {
        return switch (kind) {
            case "LENGTH" -> new Length(Long.parseLong(amount));
            case "TEMPERATURE" -> Temperature.ofCelsius(Double.parseDouble(amount));
            case "TIME" -> new Span(Duration.ofSeconds(Long.parseLong(amount)));
            default -> new Hardness(new BigDecimal(amount));
        };
    }

    private static String kind(Quantity value) {
        return value instanceof Length
                ? "LENGTH"
                : value instanceof Temperature ? "TEMPERATURE" : value instanceof Span ? "TIME" : "HARDNESS";
    }

    /** Only lengths, hardness, temperatures and times are read or made to. */
    private static String amount(Quantity value) {
        if (value instanceof Length length) {
            return String.valueOf(length.nanometres());
        }
        if (value instanceof Temperature temperature) {
            return String.valueOf(temperature.celsius());
        }
        if (value instanceof Span span) {
            return String.valueOf(span.duration().toSeconds());
        }
        if (value instanceof Hardness hardness) {
            return hardness.hrc().toPlainString();
        }
        throw new IllegalArgumentException("No reading of this kind is kept: " + value);
    }
}
