package hiltboard.server.machine;

import hiltboard.core.machine.CutterMaterial;
import hiltboard.core.machine.Workpiece;
import hiltboard.core.measure.Length;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** How far cutters have cut. */
@Repository
class CutterRepository {
    private final JdbcClient sql;

    CutterRepository(JdbcClient sql) {
        this.sql = sql;
    }

    record CutRow(long lot, CutterMaterial material, Workpiece workpiece, Length length) {}

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
    List<CutRow> all() {
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
