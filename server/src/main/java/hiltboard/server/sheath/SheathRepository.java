package hiltboard.server.sheath;

import hiltboard.core.measure.Length;
import hiltboard.core.sheath.TrialFit;
import hiltboard.core.sheath.nesting.Flaw;
import hiltboard.server.Refusal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Trials of sheaths, and sides of leather with their flaws; what is struck out stays. */
@Repository
class SheathRepository {
    private static final String TRIALS =
            "SELECT sheath_trial.*, person.name AS by_name FROM sheath_trial JOIN person ON person.id = tried_by ";
    private static final String FLAWS =
            "SELECT leather_flaw.*, person.name AS by_name FROM leather_flaw JOIN person ON person.id = marked_by ";

    private final JdbcClient sql;

    SheathRepository(JdbcClient sql) {
        this.sql = sql;
    }

    record TrialRow(long id, long piece, TrialFit fit, String words, String by, long atMillis) {}

    record SideRow(Length length, Length width, String by, long atMillis) {}

    record FlawRow(long id, long lot, Flaw flaw, String by) {}

    void tried(long piece, TrialFit fit, String words, long person, long atMillis) {
        sql.sql("""
                INSERT INTO sheath_trial (piece_id, fit, words, tried_by, tried_at_ms)
                VALUES (:piece, :fit, :words, :person, :at)
                """)
                .param("piece", piece)
                .param("fit", fit.name())
                .param("words", words)
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    /** Of one piece, newest first. */
    List<TrialRow> trials(long piece) {
        return sql.sql(TRIALS + "WHERE piece_id = :piece AND struck_at_ms IS NULL ORDER BY sheath_trial.id DESC")
                .param("piece", piece)
                .query((row, number) -> trial(row))
                .list();
    }

    /** @throws Refusal if there is none */
    TrialRow trial(long id) {
        return sql.sql(TRIALS + "WHERE sheath_trial.id = :id AND struck_at_ms IS NULL")
                .param("id", id)
                .query((row, number) -> trial(row))
                .optional()
                .orElseThrow(() -> Refusal.notThere("There is no such trial any more."));
    }

    private static TrialRow trial(ResultSet row) throws SQLException {
        return new TrialRow(
                row.getLong("id"),
                row.getLong("piece_id"),
                TrialFit.valueOf(row.getString("fit")),
                row.getString("words"),
                row.getString("by_name"),
                row.getLong("tried_at_ms"));
    }

    void strikeTrial(long id, long atMillis) {
        sql.sql("UPDATE sheath_trial SET struck_at_ms = :at WHERE id = :id")
                .param("at", atMillis)
                .param("id", id)
                .update();
    }

    void strikeTrials(long piece, long atMillis) {
        sql.sql("UPDATE sheath_trial SET struck_at_ms = :at WHERE piece_id = :piece AND struck_at_ms IS NULL")
                .param("at", atMillis)
                .param("piece", piece)
                .update();
    }

    void measured(long lot, Length length, Length width, long person, long atMillis) {
        sql.sql("""
                INSERT INTO leather_side (lot_id, length_nm, width_nm, measured_by, measured_at_ms)
                VALUES (:lot, :length, :width, :person, :at)
                """)
                .param("lot", lot)
                .param("length", length.nanometres())
                .param("width", width.nanometres())
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    /** As it was measured last; empty where nobody has. */
    Optional<SideRow> side(long lot) {
        return sql.sql("""
                SELECT length_nm, width_nm, person.name AS by_name, measured_at_ms FROM leather_side
                JOIN person ON person.id = measured_by WHERE lot_id = :lot ORDER BY leather_side.id DESC LIMIT 1
                """)
                .param("lot", lot)
                .query((row, number) -> new SideRow(
                        new Length(row.getLong("length_nm")),
                        new Length(row.getLong("width_nm")),
                        row.getString("by_name"),
                        row.getLong("measured_at_ms")))
                .optional();
    }

    void marked(long lot, Flaw flaw, long person, long atMillis) {
        sql.sql("""
                INSERT INTO leather_flaw (lot_id, kind, along_nm, up_nm, radius_nm, marked_by, marked_at_ms)
                VALUES (:lot, :kind, :along, :up, :radius, :person, :at)
                """)
                .param("lot", lot)
                .param("kind", flaw.kind().name())
                .param("along", flaw.along().nanometres())
                .param("up", flaw.up().nanometres())
                .param("radius", flaw.radius().nanometres())
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    List<FlawRow> flaws(long lot) {
        return sql.sql(FLAWS + "WHERE lot_id = :lot AND struck_at_ms IS NULL ORDER BY leather_flaw.id")
                .param("lot", lot)
                .query((row, number) -> flaw(row))
                .list();
    }

    /** @throws Refusal if there is none */
    FlawRow flaw(long id) {
        return sql.sql(FLAWS + "WHERE leather_flaw.id = :id AND struck_at_ms IS NULL")
                .param("id", id)
                .query((row, number) -> flaw(row))
                .optional()
                .orElseThrow(() -> Refusal.notThere("There is no such mark any more."));
    }

    private static FlawRow flaw(ResultSet row) throws SQLException {
        return new FlawRow(
                row.getLong("id"),
                row.getLong("lot_id"),
                new Flaw(
                        Flaw.Kind.valueOf(row.getString("kind")),
                        new Length(row.getLong("along_nm")),
                        new Length(row.getLong("up_nm")),
                        new Length(row.getLong("radius_nm"))),
                row.getString("by_name"));
    }

    void strikeFlaw(long id, long atMillis) {
        sql.sql("UPDATE leather_flaw SET struck_at_ms = :at WHERE id = :id")
                .param("at", atMillis)
                .param("id", id)
                .update();
    }
}
