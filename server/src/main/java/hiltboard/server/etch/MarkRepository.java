package hiltboard.server.etch;

import hiltboard.core.etch.Current;
import hiltboard.core.etch.Electrolyte;
import hiltboard.core.etch.MarkClock;
import hiltboard.core.etch.MarkClock.Event;
import hiltboard.core.etch.MarkClock.Moment;
import hiltboard.server.Refusal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Stencils, and the marks that were made with them. */
@Repository
class MarkRepository {
    private static final String STENCILS = """
            SELECT stencil.id, stencil.name, words, marks, asked_of, wanted_on, person.name AS asker, asked_at_ms, here_at_ms,
                (SELECT file_name FROM stencil_file WHERE stencil_id = stencil.id ORDER BY id DESC LIMIT 1) AS file_name,
                (SELECT count(*) FROM mark_run WHERE stencil_id = stencil.id AND struck_at_ms IS NULL) AS made
            FROM stencil JOIN person ON person.id = asked_by WHERE stencil.gone_at_ms IS NULL
            """;

    private final JdbcClient sql;

    MarkRepository(JdbcClient sql) {
        this.sql = sql;
    }

    /** How a mark came out. The names stay the same for ever. */
    enum MarkResult {
        SHARP("Sharp"),
        PALE("Pale, once more"),
        BLURRED("Blurred at its edges"),
        LIFTED("The stencil lifted"),
        BURNT("The stencil burnt");

        private final String words;

        MarkResult(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    /** @param marks that it usually lasts for; {@code made} those that were */
    record StencilRow(
            long id,
            String name,
            String words,
            int marks,
            String askedOf,
            Optional<String> wantedOn,
            String askedBy,
            long askedAtMillis,
            boolean isHere,
            Optional<String> fileName,
            int made) {
        int left() {
            return Math.max(0, marks - made);
        }
    }

    record NewStencil(String name, String words, int marks, String askedOf, Optional<String> wantedOn) {}

    record StencilFile(String name, String mediaType, byte[] original) {}

    /** @param stencil zero where none of the shop's is used; {@code area} in mm² */
    record NewMark(
            long piece,
            long stencil,
            String place,
            Electrolyte electrolyte,
            Current current,
            double volts,
            double amperes,
            double area,
            double efficiency,
            long goalSeconds) {}

    record MarkRow(
            long id,
            NewMark mark,
            String stencilName,
            String by,
            long begunAtMillis,
            Optional<MarkResult> result,
            String words,
            MarkClock clock) {}

    List<StencilRow> stencils() {
        return sql.sql(STENCILS + " ORDER BY here_at_ms IS NULL DESC, stencil.id")
                .query((row, number) -> stencil(row))
                .list();
    }

    /** @throws Refusal if it is not there any more */
    StencilRow stencil(long id) {
        return sql.sql(STENCILS + " AND stencil.id = :id")
                .param("id", id)
                .query((row, number) -> stencil(row))
                .optional()
                .orElseThrow(() -> Refusal.notThere("There is no such stencil any more."));
    }

    private static StencilRow stencil(ResultSet row) throws SQLException {
        long here = row.getLong("here_at_ms");
        return new StencilRow(
                row.getLong("id"),
                row.getString("name"),
                row.getString("words"),
                row.getInt("marks"),
                row.getString("asked_of"),
                Optional.ofNullable(row.getString("wanted_on")),
                row.getString("asker"),
                row.getLong("asked_at_ms"),
                here > 0,
                Optional.ofNullable(row.getString("file_name")),
                row.getInt("made"));
    }

    long ask(NewStencil stencil, long person, long atMillis) {
        return sql.sql("""
                INSERT INTO stencil (name, words, marks, asked_of, wanted_on, asked_by, asked_at_ms)
                VALUES (:name, :words, :marks, :of, :on, :person, :at) RETURNING id
                """)
                .param("name", stencil.name())
                .param("words", stencil.words())
                .param("marks", stencil.marks())
                .param("of", stencil.askedOf())
                .param("on", stencil.wantedOn().orElse(null))
                .param("person", person)
                .param("at", atMillis)
                .query(Long.class)
                .single();
    }

    void keep(long id, StencilFile file, long person, long atMillis) {
        sql.sql("""
                INSERT INTO stencil_file (stencil_id, file_name, media_type, original, kept_by, kept_at_ms)
                VALUES (:id, :name, :type, :original, :person, :at)
                """)
                .param("name", file.name())
                .param("type", file.mediaType())
                .param("original", file.original())
                .param("id", id)
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    Optional<StencilFile> file(long id) {
        return sql.sql(
                        "SELECT file_name, media_type, original FROM stencil_file WHERE stencil_id = :id ORDER BY id DESC "
                                + "LIMIT 1")
                .param("id", id)
                .query((row, number) -> new StencilFile(
                        row.getString("file_name"), row.getString("media_type"), row.getBytes("original")))
                .optional();
    }

    void here(long id, long atMillis) {
        sql.sql("UPDATE stencil SET here_at_ms = :at WHERE id = :id")
                .param("at", atMillis)
                .param("id", id)
                .update();
    }

    void gone(long id, long atMillis) {
        sql.sql("UPDATE stencil SET gone_at_ms = :at WHERE id = :id")
                .param("at", atMillis)
                .param("id", id)
                .update();
    }

    long begin(NewMark mark, long person, long atMillis) {
        return sql.sql("""
                INSERT INTO mark_run (piece_id, stencil_id, place, electrolyte, current, volts, amperes, area_mm2, efficiency_percent,
                    goal_seconds, begun_by, begun_at_ms)
                VALUES (:piece, :stencil, :place, :electrolyte, :current, :volts, :amperes, :area, :efficiency, :goal, :person, :at)
                RETURNING id
                """)
                .param("piece", mark.piece())
                .param("stencil", mark.stencil() == 0 ? null : mark.stencil())
                .param("place", mark.place())
                .param("electrolyte", mark.electrolyte().name())
                .param("current", mark.current().name())
                .param("volts", mark.volts())
                .param("amperes", mark.amperes())
                .param("area", mark.area())
                .param("efficiency", mark.efficiency() * 100)
                .param("goal", mark.goalSeconds())
                .param("person", person)
                .param("at", atMillis)
                .query(Long.class)
                .single();
    }

    /** All of a piece, the newest first. */
    List<MarkRow> ofPiece(long piece) {
        return marks(sql.sql("""
                SELECT mark_run.*, coalesce(stencil.name, '') AS stencil_name, person.name AS by_name FROM mark_run
                LEFT JOIN stencil ON stencil.id = stencil_id JOIN person ON person.id = begun_by
                WHERE piece_id = :piece AND struck_at_ms IS NULL ORDER BY mark_run.id DESC
                """).param("piece", piece));
    }

    /** @throws Refusal if there is none */
    MarkRow mark(long id) {
        return marks(sql.sql("""
                SELECT mark_run.*, coalesce(stencil.name, '') AS stencil_name, person.name AS by_name FROM mark_run
                LEFT JOIN stencil ON stencil.id = stencil_id JOIN person ON person.id = begun_by
                WHERE mark_run.id = :id AND struck_at_ms IS NULL
                """).param("id", id)).stream()
                .findFirst()
                .orElseThrow(() -> Refusal.notThere("There is no such mark."));
    }

    private List<MarkRow> marks(JdbcClient.StatementSpec select) {
        return select
                .query((row, number) -> new MarkRow(
                        row.getLong("id"),
                        new NewMark(
                                row.getLong("piece_id"),
                                row.getLong("stencil_id"),
                                row.getString("place"),
                                Electrolyte.valueOf(row.getString("electrolyte")),
                                Current.valueOf(row.getString("current")),
                                row.getDouble("volts"),
                                row.getDouble("amperes"),
                                row.getDouble("area_mm2"),
                                row.getDouble("efficiency_percent") / 100,
                                row.getLong("goal_seconds")),
                        row.getString("stencil_name"),
                        row.getString("by_name"),
                        row.getLong("begun_at_ms"),
                        Optional.ofNullable(row.getString("result")).map(MarkResult::valueOf),
                        row.getString("result_words"),
                        new MarkClock(List.of())))
                .list()
                .stream()
                .map(mark -> new MarkRow(
                        mark.id(),
                        mark.mark(),
                        mark.stencilName(),
                        mark.by(),
                        mark.begunAtMillis(),
                        mark.result(),
                        mark.words(),
                        clock(mark.id())))
                .toList();
    }

    private MarkClock clock(long mark) {
        return new MarkClock(sql.sql("SELECT moment, noted_at_ms FROM mark_moment WHERE run_id = :run ORDER BY id")
                .param("run", mark)
                .query((row, number) -> new Event(
                        Moment.valueOf(row.getString("moment")), Instant.ofEpochMilli(row.getLong("noted_at_ms"))))
                .list());
    }

    void note(long mark, Event event, long person) {
        sql.sql("INSERT INTO mark_moment (run_id, moment, noted_by, noted_at_ms) VALUES (:run, :moment, :person, :at)")
                .param("run", mark)
                .param("moment", event.moment().name())
                .param("person", person)
                .param("at", event.at().toEpochMilli())
                .update();
    }

    void end(long mark, MarkResult result, String words, long atMillis) {
        sql.sql("UPDATE mark_run SET result = :result, result_words = :words, ended_at_ms = :at WHERE id = :id")
                .param("result", result.name())
                .param("words", words)
                .param("at", atMillis)
                .param("id", mark)
                .update();
    }

    void strike(long mark, long atMillis) {
        sql.sql("UPDATE mark_run SET struck_at_ms = :at WHERE id = :id")
                .param("at", atMillis)
                .param("id", mark)
                .update();
    }

    void strikeAll(long piece, long atMillis) {
        sql.sql("UPDATE mark_run SET struck_at_ms = :at WHERE piece_id = :piece AND struck_at_ms IS NULL")
                .param("at", atMillis)
                .param("piece", piece)
                .update();
    }
}
