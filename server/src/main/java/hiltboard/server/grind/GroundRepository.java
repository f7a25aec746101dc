package hiltboard.server.grind;

import hiltboard.core.design.Use;
import hiltboard.core.grind.BladePlace;
import hiltboard.core.grind.EdgeByUse;
import hiltboard.core.grind.EdgeTrial;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What was measured at the grinder, which belts were used, and the shop's own edges. */
@Repository
class GroundRepository {
    private static final String HABIT_COLUMNS = "use, least_nm, most_nm, least_degrees, most_degrees";

    private final JdbcClient sql;

    GroundRepository(JdbcClient sql) {
        this.sql = sql;
    }

    /** What is measured at a place; plunges are measured at the heel, from the heel on. */
    enum What {
        EDGE,
        SPINE,
        LEFT,
        RIGHT,
        PLUNGE_LEFT,
        PLUNGE_RIGHT;

        boolean isThickness() {
            return this == EDGE || this == SPINE;
        }
    }

    record ReadingRow(String stage, BladePlace place, What what, Length length, String by, long atMillis) {}

    record UseRow(String grit, String tool, String lot, boolean isNew, String by, long atMillis) {}

    record TrialRow(String triedOn, EdgeTrial result, String by, long atMillis) {}

    /** A step at which bevels were ground, and how long somebody was at it. */
    record GroundStep(long piece, Duration attended) {}

    void take(long piece, String stage, BladePlace place, What what, Length length, long person, long atMillis) {
        sql.sql("""
                INSERT INTO ground_reading (piece_id, stage, place, what, length_nm, taken_by, taken_at_ms)
                VALUES (:piece, :stage, :place, :what, :length, :person, :at)
                """)
                .param("piece", piece)
                .param("stage", stage)
                .param("place", place.name())
                .param("what", what.name())
                .param("length", length.nanometres())
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    /** All of a piece, the oldest first. */
    List<ReadingRow> readings(long piece) {
        return sql.sql("SELECT ground_reading.*, person.name AS by_name FROM ground_reading JOIN person ON person.id = "
                        + "taken_by WHERE piece_id = :piece AND struck_at_ms IS NULL ORDER BY ground_reading.id")
                .param("piece", piece)
                .query((row, number) -> new ReadingRow(
                        row.getString("stage"),
                        BladePlace.valueOf(row.getString("place")),
                        What.valueOf(row.getString("what")),
                        new Length(row.getLong("length_nm")),
                        row.getString("by_name"),
                        row.getLong("taken_at_ms")))
                .list();
    }

    /** What was measured and used on the blade no longer counts: another one takes its place. */
    void strikeGround(long piece, long atMillis) {
        strike("ground_reading", piece, atMillis);
        strike("abrasive_use", piece, atMillis);
    }

    /** What the edge was tried on no longer counts. */
    void strikeTrials(long piece, long atMillis) {
        strike("edge_trial", piece, atMillis);
    }

    private void strike(String table, long piece, long atMillis) {
        sql.sql("UPDATE " + table + " SET struck_at_ms = :at WHERE piece_id = :piece AND struck_at_ms IS NULL")
                .param("at", atMillis)
                .param("piece", piece)
                .update();
    }

    void used(long piece, UseRow use, long person) {
        sql.sql("""
                INSERT INTO abrasive_use (piece_id, grit, tool, lot_words, is_new, noted_by, noted_at_ms)
                VALUES (:piece, :grit, :tool, :lot, :new, :person, :at)
                """)
                .param("piece", piece)
                .param("grit", use.grit())
                .param("tool", use.tool())
                .param("lot", use.lot())
                .param("new", use.isNew())
                .param("person", person)
                .param("at", use.atMillis())
                .update();
    }

    /** All of a piece, the oldest first. */
    List<UseRow> uses(long piece) {
        return sql.sql("SELECT abrasive_use.*, person.name AS by_name FROM abrasive_use JOIN person ON person.id = "
                        + "noted_by WHERE piece_id = :piece AND struck_at_ms IS NULL ORDER BY abrasive_use.id")
                .param("piece", piece)
                .query((row, number) -> new UseRow(
                        row.getString("grit"),
                        row.getString("tool"),
                        row.getString("lot_words"),
                        row.getBoolean("is_new"),
                        row.getString("by_name"),
                        row.getLong("noted_at_ms")))
                .list();
    }

    void tried(long piece, TrialRow trial, long person) {
        sql.sql(
                        "INSERT INTO edge_trial (piece_id, tried_on, result, tried_by, tried_at_ms) VALUES (:piece, :on, :result, "
                                + ":person, :at)")
                .param("piece", piece)
                .param("on", trial.triedOn())
                .param("result", trial.result().name())
                .param("person", person)
                .param("at", trial.atMillis())
                .update();
    }

    /** All of a piece, the oldest first. */
    List<TrialRow> trials(long piece) {
        return sql.sql(
                        "SELECT edge_trial.*, person.name AS by_name FROM edge_trial JOIN person ON person.id = tried_by "
                                + "WHERE piece_id = :piece AND struck_at_ms IS NULL ORDER BY edge_trial.id")
                .param("piece", piece)
                .query((row, number) -> new TrialRow(
                        row.getString("tried_on"),
                        EdgeTrial.valueOf(row.getString("result")),
                        row.getString("by_name"),
                        row.getLong("tried_at_ms")))
                .list();
    }

    /** The last of them, newest first. */
    List<GroundStep> ground(String operation, int most) {
        return sql.sql("""
                SELECT piece_id, done_at_ms - started_at_ms - away_ms AS attended FROM step
                WHERE operation = :operation AND operation IN ('rough-bevels', 'finish-grind') AND standing = 'DONE'
                    AND started_at_ms IS NOT NULL AND done_at_ms > started_at_ms + away_ms
                ORDER BY done_at_ms DESC LIMIT :most
                """)
                .param("operation", operation)
                .param("most", most)
                .query((row, number) ->
                        new GroundStep(row.getLong("piece_id"), Duration.ofMillis(row.getLong("attended"))))
                .list();
    }

    List<EdgeByUse> habits() {
        return sql.sql("SELECT " + HABIT_COLUMNS
                        + ", person.name AS by_name FROM edge_habit JOIN person ON person.id = set_by")
                .query((row, number) -> habit(row))
                .list();
    }

    private static EdgeByUse habit(ResultSet row) throws SQLException {
        long least = row.getLong("least_nm");
        Optional<LengthRange> thickness = row.wasNull()
                ? Optional.empty()
                : Optional.of(new LengthRange(new Length(least), new Length(row.getLong("most_nm"))));
        return new EdgeByUse(
                Use.valueOf(row.getString("use")),
                thickness,
                row.getInt("least_degrees"),
                row.getInt("most_degrees"),
                "The shop's own, by " + row.getString("by_name"));
    }

    void setHabit(EdgeByUse habit, long person, long atMillis) {
        sql.sql(
                        "INSERT OR REPLACE INTO edge_habit (" + HABIT_COLUMNS
                                + ", set_by, set_at_ms) VALUES (:use, :least, :most, :leastDegrees, :mostDegrees, :person, :at)")
                .param("use", habit.use().name())
                .param(
                        "least",
                        habit.thickness()
                                .map(range -> range.least().nanometres())
                                .orElse(null))
                .param(
                        "most",
                        habit.thickness()
                                .map(range -> range.most().nanometres())
                                .orElse(null))
                .param("leastDegrees", habit.least())
                .param("mostDegrees", habit.most())
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    void dropHabit(Use use) {
        sql.sql("DELETE FROM edge_habit WHERE use = :use")
                .param("use", use.name())
                .update();
    }
}
