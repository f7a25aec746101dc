package hiltboard.server.route;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The steps that have been started, the gates that were overridden and what went wrong. */
@Repository
public class StepRepository {
    private static final String SELECT = """
            SELECT piece_id, operation, standing, started_at_ms, starter.name AS started_by, started_by AS starter_id,
            rest_until_ms, done_at_ms, doer.name AS done_by, put_down_at_ms, away_ms
            FROM step LEFT JOIN person starter ON starter.id = step.started_by LEFT JOIN person doer ON doer.id = step.done_by
            """;
    private final JdbcClient sql;

    StepRepository(JdbcClient sql) {
        this.sql = sql;
    }

    /** How a started step stands. OPEN is a step that was started or done once and has to be done again. */
    public enum Standing {
        OPEN,
        RUNNING,
        RESTING,
        DONE
    }

    /**
     * A step that has been started; times are zero and names empty where there are none.
     *
     * @param putDownAtMillis since when it is put down until later
     * @param awayMillis how long it was put down before, in all
     */
    public record StepRow(
            long piece,
            String operation,
            Standing standing,
            long startedAtMillis,
            String startedBy,
            long starterId,
            long restUntilMillis,
            long doneAtMillis,
            String doneBy,
            long putDownAtMillis,
            long awayMillis) {
        public boolean isPutDown() {
            return putDownAtMillis > 0;
        }

        public boolean isUnderWay() {
            return standing == Standing.RUNNING || standing == Standing.RESTING;
        }
    }

    /** A gate that the owner overrode. */
    public record Override(long piece, String operation, String rule, String reason, String by, long atMillis) {}

    /** Something that went wrong. */
    public record MishapRow(
            String operation,
            String kind,
            String words,
            String measured,
            String wayBack,
            String decision,
            int costMinutes,
            String by,
            long atMillis) {}

    /** What goes wrong at an operation, over all pieces: how often, and what the ways back cost in hands-on minutes. */
    public record MishapCount(
            String operation, String kind, int times, int costMinutes, int scrapped, long latestPiece) {}

    /** A mishap as it is reported. */
    public record NewMishap(
            long piece,
            String operation,
            String kind,
            String words,
            String measured,
            String wayBack,
            Optional<String> redoneFrom,
            String decision,
            int costMinutes) {}

    public List<StepRow> ofPieces(Collection<Long> pieces) {
        return sql.sql(SELECT + "WHERE piece_id IN (:pieces)")
                .param("pieces", pieces)
                .query((row, number) -> step(row))
                .list();
    }

    public List<Override> overrides(Collection<Long> pieces) {
        return sql.sql("""
                SELECT piece_id, operation, rule, reason, person.name AS given_by, given_at_ms
                FROM gate_override JOIN person ON person.id = given_by
                WHERE piece_id IN (:pieces) AND struck_at_ms IS NULL ORDER BY gate_override.id
                """)
                .param("pieces", pieces)
                .query((row, number) -> new Override(
                        row.getLong("piece_id"),
                        row.getString("operation"),
                        row.getString("rule"),
                        row.getString("reason"),
                        row.getString("given_by"),
                        row.getLong("given_at_ms")))
                .list();
    }

    public void start(long piece, String operation, long person, long atMillis) {
        sql.sql("""
                INSERT INTO step (piece_id, operation, standing, started_at_ms, started_by) VALUES (:piece, :operation,
                'RUNNING', :at, :person)
                ON CONFLICT (piece_id, operation) DO UPDATE SET standing = 'RUNNING', started_at_ms = :at, started_by = :person,
                    rest_until_ms = NULL, rest_announced = 0, done_at_ms = NULL, done_by = NULL, put_down_at_ms = NULL, away_ms = 0
                """)
                .param("piece", piece)
                .param("operation", operation)
                .param("at", atMillis)
                .param("person", person)
                .update();
    }

    public void rest(long piece, String operation, long untilMillis) {
        sql.sql("UPDATE step SET standing = 'RESTING', rest_until_ms = :until, rest_announced = 0 WHERE piece_id = "
                        + ":piece AND operation = :operation")
                .param("until", untilMillis)
                .param("piece", piece)
                .param("operation", operation)
                .update();
    }

    /** As if it had never been started. */
    public void notStarted(long piece, String operation) {
        sql.sql("UPDATE step SET standing = 'OPEN', started_at_ms = NULL, started_by = NULL, rest_until_ms = NULL, "
                        + "put_down_at_ms = NULL, away_ms = 0 WHERE piece_id = :piece AND operation = :operation")
                .param("piece", piece)
                .param("operation", operation)
                .update();
    }

    /** Hands are on it again, as before its rest was begun. */
    public void notResting(long piece, String operation) {
        sql.sql("UPDATE step SET standing = 'RUNNING', rest_until_ms = NULL, rest_announced = 0 WHERE piece_id = "
                        + ":piece AND operation = :operation")
                .param("piece", piece)
                .param("operation", operation)
                .update();
    }

    public void putDown(long piece, String operation, long atMillis) {
        sql.sql("UPDATE step SET put_down_at_ms = :at WHERE piece_id = :piece AND operation = :operation")
                .param("at", atMillis)
                .param("piece", piece)
                .param("operation", operation)
                .update();
    }

    /** Whoever picks it up is at it from now on; the time in between was nobody's. */
    public void pickUp(long piece, String operation, long person, long atMillis) {
        sql.sql("UPDATE step SET away_ms = away_ms + max(0, :at - put_down_at_ms), put_down_at_ms = NULL, "
                        + "started_by = :person WHERE piece_id = :piece AND operation = :operation")
                .param("at", atMillis)
                .param("person", person)
                .param("piece", piece)
                .param("operation", operation)
                .update();
    }

    /** Whether a piece lies in a kiln that is lit, and has not left it. */
    public boolean isInTheFire(long piece) {
        return sql.sql(
                                "SELECT count(*) FROM fire_piece JOIN fire_load ON fire_load.id = load_id WHERE piece_id = :piece "
                                        + "AND standing = 'IN' AND left_at_ms IS NULL")
                        .param("piece", piece)
                        .query(Integer.class)
                        .single()
                > 0;
    }

    public void done(long piece, String operation, long person, long atMillis) {
        sql.sql("UPDATE step SET standing = 'DONE', done_at_ms = :at, done_by = :person WHERE piece_id = :piece AND "
                        + "operation = :operation")
                .param("at", atMillis)
                .param("person", person)
                .param("piece", piece)
                .param("operation", operation)
                .update();
    }

    /** Marks a step as done by nobody of the shop: the client's own yes. */
    public void doneByClient(long piece, String operation, long atMillis) {
        sql.sql("""
                INSERT INTO step (piece_id, operation, standing, started_at_ms, done_at_ms) VALUES (:piece, :operation, 'DONE', :at, :at)
                ON CONFLICT (piece_id, operation) DO UPDATE SET standing = 'DONE', done_at_ms = :at, done_by = NULL
                """)
                .param("piece", piece)
                .param("operation", operation)
                .param("at", atMillis)
                .update();
    }

    public void reopen(long piece, Collection<String> operations) {
        sql.sql("UPDATE step SET standing = 'OPEN', rest_until_ms = NULL, done_at_ms = NULL, done_by = NULL, "
                        + "put_down_at_ms = NULL WHERE piece_id = :piece AND operation IN (:operations)")
                .param("piece", piece)
                .param("operations", operations)
                .update();
    }

    /** What was overridden before steps that are not done holds no longer. */
    public void strikeOverrides(long piece, long atMillis) {
        sql.sql("""
                UPDATE gate_override SET struck_at_ms = :at WHERE piece_id = :piece AND struck_at_ms IS NULL AND
                    operation NOT IN (SELECT operation FROM step WHERE piece_id = :piece AND standing = 'DONE')
                """).param("at", atMillis).param("piece", piece).update();
    }

    public void override(long piece, String operation, String rule, String reason, long person, long atMillis) {
        sql.sql("INSERT INTO gate_override (piece_id, operation, rule, reason, given_by, given_at_ms) VALUES "
                        + "(:piece, :operation, :rule, :reason, :person, :at)")
                .param("piece", piece)
                .param("operation", operation)
                .param("rule", rule)
                .param("reason", reason)
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    public void wentWrong(NewMishap mishap, long person, long atMillis) {
        sql.sql("""
                INSERT INTO mishap (piece_id, operation, kind, words, measured, way_back, redone_from, decision,
                cost_minutes, reported_by, reported_at_ms)
                VALUES (:piece, :operation, :kind, :words, :measured, :wayBack, :from, :decision, :cost, :person, :at)
                """)
                .param("piece", mishap.piece())
                .param("operation", mishap.operation())
                .param("kind", mishap.kind())
                .param("words", mishap.words())
                .param("measured", mishap.measured())
                .param("wayBack", mishap.wayBack())
                .param("from", mishap.redoneFrom().orElse(null))
                .param("decision", mishap.decision())
                .param("cost", mishap.costMinutes())
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    public List<MishapRow> mishaps(long piece) {
        return sql.sql("""
                SELECT operation, kind, words, measured, way_back, decision, cost_minutes, person.name AS reported_by, reported_at_ms
                FROM mishap JOIN person ON person.id = reported_by WHERE piece_id = :piece ORDER BY mishap.id
                """)
                .param("piece", piece)
                .query((row, number) -> new MishapRow(
                        row.getString("operation"),
                        row.getString("kind"),
                        row.getString("words"),
                        row.getString("measured"),
                        row.getString("way_back"),
                        row.getString("decision"),
                        row.getInt("cost_minutes"),
                        row.getString("reported_by"),
                        row.getLong("reported_at_ms")))
                .list();
    }

    /** What goes wrong where, most often first. */
    public List<MishapCount> mishapCounts() {
        return sql.sql("""
                SELECT operation, kind, count(*) AS times, sum(cost_minutes) AS cost, sum(way_back IN ('SCRAP', 'SPARE')) AS
                scrapped, max(piece_id) AS latest_piece
                FROM mishap GROUP BY operation, kind ORDER BY times DESC, cost DESC, operation, kind
                """)
                .query((row, number) -> new MishapCount(
                        row.getString("operation"),
                        row.getString("kind"),
                        row.getInt("times"),
                        row.getInt("cost"),
                        row.getInt("scrapped"),
                        row.getLong("latest_piece")))
                .list();
    }

    /** Rests that are up and have not been announced. */
    public List<StepRow> restsUp(long nowMillis) {
        return sql.sql(SELECT + "WHERE standing = 'RESTING' AND rest_announced = 0 AND rest_until_ms <= :now")
                .param("now", nowMillis)
                .query((row, number) -> step(row))
                .list();
    }

    public void announced(long piece, String operation) {
        sql.sql("UPDATE step SET rest_announced = 1 WHERE piece_id = :piece AND operation = :operation")
                .param("piece", piece)
                .param("operation", operation)
                .update();
    }

    private static StepRow step(ResultSet row) throws SQLException {
        return new StepRow(
                row.getLong("piece_id"),
                row.getString("operation"),
                Standing.valueOf(row.getString("standing")),
                row.getLong("started_at_ms"),
                Optional.ofNullable(row.getString("started_by")).orElse(""),
                row.getLong("starter_id"),
                row.getLong("rest_until_ms"),
                row.getLong("done_at_ms"),
                Optional.ofNullable(row.getString("done_by")).orElse(""),
                row.getLong("put_down_at_ms"),
                row.getLong("away_ms"));
    }
}
