package hiltboard.server.machine;

import hiltboard.core.blade.Point;
import hiltboard.core.machine.CutterMaterial;
import hiltboard.core.machine.Workpiece;
import hiltboard.core.measure.Length;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What holes were measured at, and how far cutters have cut. */
@Repository
class MachineRepository {
    private final JdbcClient sql;

    MachineRepository(JdbcClient sql) {
        this.sql = sql;
    }

    /** @param hole its number in the table, from one; {@code size} empty where it was not measured */
    record HoleRow(String part, int hole, Length x, Length y, Optional<Length> size, String by, long atMillis) {
        Point place() {
            return new Point(x.millimetres(), y.millimetres());
        }
    }

    record CutRow(long lot, CutterMaterial material, Workpiece workpiece, Length length) {}

    void take(long piece, HoleRow row, long person) {
        sql.sql("""
                INSERT INTO hole_reading (piece_id, part, hole, x_nm, y_nm, size_nm, taken_by, taken_at_ms)
                VALUES (:piece, :part, :hole, :x, :y, :size, :person, :at)
                """)
                .param("piece", piece)
                .param("part", row.part())
                .param("hole", row.hole())
                .param("x", row.x().nanometres())
                .param("y", row.y().nanometres())
                .param("size", row.size().map(Length::nanometres).orElse(null))
                .param("person", person)
                .param("at", row.atMillis())
                .update();
    }

    /** The last of each hole, in the order of the tables. */
    List<HoleRow> holes(long piece) {
        return sql.sql("""
                SELECT hole_reading.*, person.name AS by_name FROM hole_reading JOIN person ON person.id = taken_by
                WHERE hole_reading.id IN (SELECT max(id) FROM hole_reading WHERE piece_id = :piece GROUP BY part, hole)
                ORDER BY part, hole
                """)
                .param("piece", piece)
                .query((row, number) -> {
                    Length size = new Length(row.getLong("size_nm"));
                    return new HoleRow(
                            row.getString("part"),
                            row.getInt("hole"),
                            new Length(row.getLong("x_nm")),
                            new Length(row.getLong("y_nm")),
                            size.isPositive() ? Optional.of(size) : Optional.empty(),
                            row.getString("by_name"),
                            row.getLong("taken_at_ms"));
                })
                .list();
    }

    void cut(CutRow row, long person, long atMillis) {
        sql.sql("""
                INSERT INTO cutter_use (lot_id, material, workpiece, length_nm, noted_by, noted_at_ms)
                VALUES (:lot, :material, :workpiece, :length, :person, :at)
                """)
                .param("lot", row.lot())
                .param("material", row.material().name())
                .param("workpiece", row.workpiece().name())
                .param("length", row.length().nanometres())
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    /** Everything that the cutters in use have cut: since a fresh one of their lot was put in. */
    List<CutRow> cuts() {
        return sql.sql("""
                SELECT lot_id, material, workpiece, length_nm FROM cutter_use AS cut WHERE length_nm > 0 AND id >
                    (SELECT coalesce(max(id), 0) FROM cutter_use WHERE lot_id = cut.lot_id AND length_nm = 0) ORDER BY id
                """)
                .query((row, number) -> new CutRow(
                        row.getLong("lot_id"),
                        CutterMaterial.valueOf(row.getString("material")),
                        Workpiece.valueOf(row.getString("workpiece")),
                        new Length(row.getLong("length_nm"))))
                .list();
    }
}
