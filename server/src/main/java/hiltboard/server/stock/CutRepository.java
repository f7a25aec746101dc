package hiltboard.server.stock;

import hiltboard.core.stock.cutting.Placing;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** How bars are going to be cut. */
@Repository
public class CutRepository {
    private static final TypeReference<List<PlannedBlank>> BLANKS = new TypeReference<>() {};
    private static final String SELECT =
            "SELECT id, lot_id, length_nm, used_nm, blanks FROM bar_cut WHERE cut_at_ms IS NULL AND dropped_at_ms IS NULL";

    private final JdbcClient sql;
    private final JsonMapper json;

    CutRepository(JdbcClient sql, JsonMapper json) {
        this.sql = sql;
        this.json = json;
    }

    /**
     * A blank on a bar as it was accepted, so that nothing moves when the drawing changes later.
     *
     * @param from left end in millimetres from the bar's end
     * @param points of the outline where it lies, x and y by turns
     */
    public record PlannedBlank(long piece, String name, Placing placing, double from, double to, List<Double> points) {}

    public record BarCut(long id, long lot, long lengthNanometres, long usedNanometres, List<PlannedBlank> blanks) {}

    long plan(long lot, long length, long used, List<PlannedBlank> blanks, long person, long atMillis) {
        return sql.sql(
                        "INSERT INTO bar_cut (lot_id, length_nm, used_nm, blanks, planned_by, planned_at_ms) VALUES (:lot, "
                                + ":length, :used, :blanks, :person, :at) RETURNING id")
                .param("lot", lot)
                .param("length", length)
                .param("used", used)
                .param("blanks", json.writeValueAsString(blanks))
                .param("person", person)
                .param("at", atMillis)
                .query(Long.class)
                .single();
    }

    List<BarCut> open() {
        return sql.sql(SELECT + " ORDER BY id")
                .query((row, number) -> barCut(row))
                .list();
    }

    Optional<BarCut> open(long id) {
        return sql.sql(SELECT + " AND id = :id")
                .param("id", id)
                .query((row, number) -> barCut(row))
                .optional();
    }

    void cut(long id, long atMillis) {
        sql.sql("UPDATE bar_cut SET cut_at_ms = :at WHERE id = :id")
                .param("at", atMillis)
                .param("id", id)
                .update();
    }

    void drop(long id, long atMillis) {
        sql.sql("UPDATE bar_cut SET dropped_at_ms = :at WHERE id = :id")
                .param("at", atMillis)
                .param("id", id)
                .update();
    }

    private BarCut barCut(ResultSet row) throws SQLException {
        return new BarCut(
                row.getLong("id"),
                row.getLong("lot_id"),
                row.getLong("length_nm"),
                row.getLong("used_nm"),
                json.readValue(row.getString("blanks"), BLANKS));
    }
}
