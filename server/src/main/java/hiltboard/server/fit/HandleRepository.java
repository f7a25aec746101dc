package hiltboard.server.fit;

import hiltboard.core.fit.BlockVoid;
import hiltboard.core.fit.Grain;
import hiltboard.core.measure.Angle;
import hiltboard.core.measure.Length;
import hiltboard.server.Refusal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Blocks and scales as they were read, spare pairs, and the shop's wheels; what is struck out stays. */
@Repository
class HandleRepository {
    private static final List<String> OF_A_PART = List.of("grain_reading", "block_void", "scale_reading");

    private final JdbcClient sql;

    HandleRepository(JdbcClient sql) {
        this.sql = sql;
    }

    record GrainRow(Grain grain, String by) {}

    record VoidRow(long id, long piece, BlockVoid found, String by) {}

    /** What is measured of a scale. */
    enum ScaleReading {
        THICKNESS,
        GAP,
        FRONT
    }

    /** @param amount a length in nanometres, or an angle in degrees */
    record ScaleRow(ScaleReading what, String side, String amount, String by) {}

    record SpareRow(long id, long piece, String serial, Length spacing, Length hole, String by) {}

    void grain(long piece, Grain grain, long person, long atMillis) {
        sql.sql("""
                INSERT INTO grain_reading (piece_id, side_degrees, end_degrees, apart_nm, read_by, read_at_ms)
                VALUES (:piece, :side, :end, :apart, :person, :at)
                """)
                .param("piece", piece)
                .param("side", grain.side().degrees())
                .param("end", grain.end().degrees())
                .param("apart", grain.apart().nanometres())
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    Optional<GrainRow> grain(long piece) {
        return sql.sql("""
                SELECT side_degrees, end_degrees, apart_nm, person.name AS by_name FROM grain_reading
                JOIN person ON person.id = read_by WHERE piece_id = :piece AND struck_at_ms IS NULL
                ORDER BY grain_reading.id DESC LIMIT 1
                """)
                .param("piece", piece)
                .query((row, number) -> new GrainRow(
                        new Grain(
                                new Angle(row.getDouble("side_degrees")),
                                new Angle(row.getDouble("end_degrees")),
                                new Length(row.getLong("apart_nm"))),
                        row.getString("by_name")))
                .optional();
    }

    void mark(long piece, BlockVoid found, long person, long atMillis) {
        sql.sql("""
                INSERT INTO block_void (piece_id, behind_nm, above_nm, right_nm, reach_nm, marked_by, marked_at_ms)
                VALUES (:piece, :behind, :above, :right, :reach, :person, :at)
                """)
                .param("piece", piece)
                .param("behind", found.behindFront().nanometres())
                .param("above", found.above().nanometres())
                .param("right", found.right().nanometres())
                .param("reach", found.reach().nanometres())
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    private static final String VOIDS =
            "SELECT block_void.*, person.name AS by_name FROM block_void JOIN person ON person.id = marked_by ";

    List<VoidRow> voids(long piece) {
        return sql.sql(VOIDS + "WHERE piece_id = :piece AND struck_at_ms IS NULL ORDER BY block_void.id")
                .param("piece", piece)
                .query((row, number) -> found(row))
                .list();
    }

    /** @throws Refusal if there is none */
    VoidRow found(long id) {
        return sql.sql(VOIDS + "WHERE block_void.id = :id AND struck_at_ms IS NULL")
                .param("id", id)
                .query((row, number) -> found(row))
                .optional()
                .orElseThrow(() -> Refusal.notThere("There is no such void any more."));
    }

    private static VoidRow found(ResultSet row) throws SQLException {
        return new VoidRow(
                row.getLong("id"),
                row.getLong("piece_id"),
                new BlockVoid(
                        new Length(row.getLong("behind_nm")),
                        new Length(row.getLong("above_nm")),
                        new Length(row.getLong("right_nm")),
                        new Length(row.getLong("reach_nm"))),
                row.getString("by_name"));
    }

    void strikeVoid(long id, long atMillis) {
        strike("block_void", id, atMillis);
    }

    private void strike(String table, long id, long atMillis) {
        sql.sql("UPDATE " + table + " SET struck_at_ms = :at WHERE id = :id")
                .param("at", atMillis)
                .param("id", id)
                .update();
    }

    void scale(long piece, ScaleRow reading, long person, long atMillis) {
        sql.sql("""
                INSERT INTO scale_reading (piece_id, what, side, amount, read_by, read_at_ms)
                VALUES (:piece, :what, :side, :amount, :person, :at)
                """)
                .param("piece", piece)
                .param("what", reading.what().name())
                .param("side", reading.side())
                .param("amount", reading.amount())
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    /** The newest of each. */
    List<ScaleRow> scales(long piece) {
        return sql.sql("""
                SELECT what, side, amount, person.name AS by_name FROM scale_reading JOIN person ON person.id = read_by
                WHERE scale_reading.id IN (SELECT max(id) FROM scale_reading WHERE piece_id = :piece AND struck_at_ms IS NULL
                    GROUP BY what, side)
                """)
                .param("piece", piece)
                .query((row, number) -> new ScaleRow(
                        ScaleReading.valueOf(row.getString("what")),
                        row.getString("side"),
                        row.getString("amount"),
                        row.getString("by_name")))
                .list();
    }

    void spare(long piece, SpareRow pair, long person, long atMillis) {
        sql.sql("""
                INSERT INTO spare_pair (piece_id, serial, spacing_nm, hole_nm, measured_by, measured_at_ms)
                VALUES (:piece, :serial, :spacing, :hole, :person, :at)
                """)
                .param("piece", piece)
                .param("serial", pair.serial())
                .param("spacing", pair.spacing().nanometres())
                .param("hole", pair.hole().nanometres())
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    private static final String SPARES =
            "SELECT spare_pair.*, person.name AS by_name FROM spare_pair JOIN person ON person.id = measured_by ";

    List<SpareRow> spares(long piece) {
        return sql.sql(SPARES + "WHERE piece_id = :piece AND struck_at_ms IS NULL ORDER BY spare_pair.id")
                .param("piece", piece)
                .query((row, number) -> spare(row))
                .list();
    }

    /** @throws Refusal if there is none */
    SpareRow spare(long id) {
        return sql.sql(SPARES + "WHERE spare_pair.id = :id AND struck_at_ms IS NULL")
                .param("id", id)
                .query((row, number) -> spare(row))
                .optional()
                .orElseThrow(() -> Refusal.notThere("There is no such pair any more."));
    }

    private static SpareRow spare(ResultSet row) throws SQLException {
        return new SpareRow(
                row.getLong("id"),
                row.getLong("piece_id"),
                row.getString("serial"),
                new Length(row.getLong("spacing_nm")),
                new Length(row.getLong("hole_nm")),
                row.getString("by_name"));
    }

    void strikeSpare(long id, long atMillis) {
        strike("spare_pair", id, atMillis);
    }

    /** Another block, another pair of scales: what was read of the old ones no longer counts. */
    void strikePart(long piece, long atMillis) {
        OF_A_PART.forEach(table -> sql.sql(
                        "UPDATE " + table + " SET struck_at_ms = :at WHERE piece_id = :piece AND struck_at_ms IS NULL")
                .param("at", atMillis)
                .param("piece", piece)
                .update());
    }

    /**
     * Diameters of the wheels and tubes that the shop grinds and sands over; none where nobody has written them down.
     */
    List<Length> wheels() {
        return sql.sql("SELECT value FROM shop_setting WHERE name = 'wheels'")
                .query(String.class)
                .optional()
                .map(value -> Arrays.stream(value.split(","))
                        .map(each -> new Length(Long.parseLong(each)))
                        .toList())
                .orElse(List.of());
    }

    void wheels(List<Length> diameters, long person, long atMillis) {
        sql.sql("""
                INSERT INTO shop_setting (name, value, changed_by, changed_at_ms) VALUES ('wheels', :value, :person, :at)
                ON CONFLICT (name) DO UPDATE SET value = :value, changed_by = :person, changed_at_ms = :at
                """)
                .param(
                        "value",
                        diameters.stream()
                                .map(each -> String.valueOf(each.nanometres()))
                                .collect(Collectors.joining(",")))
                .param("person", person)
                .param("at", atMillis)
                .update();
    }
}
