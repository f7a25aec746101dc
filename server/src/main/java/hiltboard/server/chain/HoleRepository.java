package hiltboard.server.chain;

import hiltboard.core.exchange.Template;
import hiltboard.core.machine.HoleRead;
import hiltboard.core.measure.Length;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What holes were measured at. Lengths are kept in nanometres. */
@Repository
public class HoleRepository {
    private final JdbcClient sql;

    HoleRepository(JdbcClient sql) {
        this.sql = sql;
    }

    /** A reading, and whose it is. */
    public record HoleRow(long piece, HoleRead read, String by, long atMillis) {}

    public void take(long piece, HoleRead read, long person, long atMillis) {
        sql.sql("""
                INSERT INTO hole_reading (piece_id, part, hole, x_nm, y_nm, size_nm, taken_by, taken_at_ms)
                VALUES (:piece, :part, :hole, :x, :y, :size, :person, :at)
                """)
                .param("piece", piece)
                .param("part", read.part())
                .param("hole", read.number())
                .param("x", read.x().nanometres())
                .param("y", read.y().nanometres())
                .param("size", read.size().map(Length::nanometres).orElse(null))
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    /** Those in the steel no longer count. */
    public void strikeSteel(long piece, long atMillis) {
        strike(piece, "part = :steel", atMillis);
    }

    /** Those in scales or sides no longer count. */
    public void strikeHandle(long piece, long atMillis) {
        strike(piece, "part <> :steel", atMillis);
    }

    private void strike(long piece, String which, long atMillis) {
        sql.sql("UPDATE hole_reading SET struck_at_ms = :at WHERE piece_id = :piece AND struck_at_ms IS NULL AND "
                        + which)
                .param("at", atMillis)
                .param("piece", piece)
                .param("steel", Template.STEEL)
                .update();
    }

    /** The last of each hole that counts, in the order of the tables. */
    public List<HoleRow> current(Collection<Long> pieces) {
        return sql.sql("""
                SELECT hole_reading.*, person.name AS by_name FROM hole_reading JOIN person ON person.id = taken_by
                WHERE hole_reading.id IN
                    (SELECT max(id) FROM hole_reading WHERE piece_id IN (:pieces) AND struck_at_ms IS NULL
                     GROUP BY piece_id, part, hole)
                ORDER BY part, hole
                """)
                .param("pieces", pieces)
                .query((row, number) -> {
                    Length size = new Length(row.getLong("size_nm"));
                    return new HoleRow(
                            row.getLong("piece_id"),
                            new HoleRead(
                                    row.getString("part"),
                                    row.getInt("hole"),
                                    new Length(row.getLong("x_nm")),
                                    new Length(row.getLong("y_nm")),
                                    size.isPositive() ? Optional.of(size) : Optional.empty()),
                            row.getString("by_name"),
                            row.getLong("taken_at_ms"));
                })
                .list();
    }
}
