package hiltboard.server.fire;

import hiltboard.core.fire.Warp;
import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.Length;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Hardness and straightness of blades, as they were measured. */
@Repository
class AfterFireRepository {
    private static final TypeReference<List<Integer>> NUMBERS = new TypeReference<>() {};

    private final JdbcClient sql;
    private final JsonMapper json;

    AfterFireRepository(JdbcClient sql, JsonMapper json) {
        this.sql = sql;
        this.json = json;
    }

    record TestRow(int heats, List<Hardness> readings, Hardness wanted, boolean skates, String by, long atMillis) {}

    /** @param remedy empty while nothing was done about it */
    record WarpRow(
            long id,
            long piece,
            int heats,
            Warp warp,
            String by,
            long atMillis,
            Optional<Warp.Remedy> remedy,
            Optional<Length> left,
            String remediedBy) {}

    private static int hundredths(Hardness hardness) {
        return hardness.hrc().movePointRight(2).intValueExact();
    }

    private static Hardness hardness(int hundredths) {
        return new Hardness(BigDecimal.valueOf(hundredths, 2).stripTrailingZeros());
    }

    void keep(
            long piece,
            int heats,
            List<Hardness> readings,
            Hardness wanted,
            boolean skates,
            long person,
            long atMillis) {
        sql.sql("INSERT INTO hardness_test (piece_id, heats, readings, wanted, file_test, taken_by, taken_at_ms) "
                        + "VALUES (:piece, :heats, :readings, :wanted, :file, :person, :at)")
                .param("piece", piece)
                .param("heats", heats)
                .param(
                        "readings",
                        json.writeValueAsString(readings.stream()
                                .map(AfterFireRepository::hundredths)
                                .toList()))
                .param("wanted", hundredths(wanted))
                .param("file", skates ? "SKATES" : "BITES")
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    List<TestRow> tests(long piece) {
        return sql.sql("SELECT hardness_test.*, person.name AS by_name FROM hardness_test JOIN person ON person.id = "
                        + "taken_by WHERE piece_id = :piece AND struck_at_ms IS NULL ORDER BY hardness_test.id")
                .param("piece", piece)
                .query((row, number) -> new TestRow(
                        row.getInt("heats"),
                        json.readValue(row.getString("readings"), NUMBERS).stream()
                                .map(AfterFireRepository::hardness)
                                .toList(),
                        hardness(row.getInt("wanted")),
                        row.getString("file_test").equals("SKATES"),
                        row.getString("by_name"),
                        row.getLong("taken_at_ms")))
                .list();
    }

    long keep(long piece, int heats, Warp warp, long person, long atMillis) {
        return sql.sql("""
                INSERT INTO warp (piece_id, heats, place, direction, amount_nm, blade_nm, taken_by, taken_at_ms) VALUES
                (:piece, :heats, :place, :direction, :amount, :blade, :person, :at) RETURNING id
                """)
                .param("piece", piece)
                .param("heats", heats)
                .param("place", warp.place().name())
                .param("direction", warp.direction().name())
                .param("amount", warp.amount().nanometres())
                .param("blade", warp.blade().nanometres())
                .param("person", person)
                .param("at", atMillis)
                .query(Long.class)
                .single();
    }

    void remedied(long warp, Warp.Remedy remedy, Length left, long person, long atMillis) {
        sql.sql(
                        "UPDATE warp SET remedy = :remedy, left_nm = :left, remedied_by = :person, remedied_at_ms = :at WHERE id = :id")
                .param("remedy", remedy.name())
                .param("left", left.nanometres())
                .param("person", person)
                .param("at", atMillis)
                .param("id", warp)
                .update();
    }

    /** What was found of a blade no longer counts: another one takes its place. */
    void strike(long piece, long atMillis) {
        for (String table : List.of("hardness_test", "warp")) {
            sql.sql("UPDATE " + table + " SET struck_at_ms = :at WHERE piece_id = :piece AND struck_at_ms IS NULL")
                    .param("at", atMillis)
                    .param("piece", piece)
                    .update();
        }
    }

    List<WarpRow> warps(long piece) {
        return sql.sql("""
                SELECT warp.*, taker.name AS by_name, mender.name AS remedied_name FROM warp JOIN person AS taker ON
                taker.id = taken_by LEFT JOIN person AS mender ON mender.id = remedied_by
                WHERE piece_id = :piece AND struck_at_ms IS NULL ORDER BY warp.id
                """)
                .param("piece", piece)
                .query((row, number) -> {
                    Optional<Warp.Remedy> remedy =
                            Optional.ofNullable(row.getString("remedy")).map(Warp.Remedy::valueOf);
                    Length left = new Length(row.getLong("left_nm"));
                    Warp warp = new Warp(
                            Warp.Place.valueOf(row.getString("place")),
                            Warp.Direction.valueOf(row.getString("direction")),
                            new Length(row.getLong("amount_nm")),
                            new Length(row.getLong("blade_nm")));
                    return new WarpRow(
                            row.getLong("id"),
                            piece,
                            row.getInt("heats"),
                            warp,
                            row.getString("by_name"),
                            row.getLong("taken_at_ms"),
                            remedy,
                            remedy.map(done -> left),
                            Optional.ofNullable(row.getString("remedied_name")).orElse(""));
                })
                .list();
    }
}
