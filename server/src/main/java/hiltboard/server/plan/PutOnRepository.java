package hiltboard.server.plan;

import hiltboard.core.plan.PutOn;
import hiltboard.core.plan.PutOn.AtStation;
import hiltboard.core.plan.PutOn.OfJob;
import hiltboard.core.plan.PutOn.OfPiece;
import hiltboard.core.plan.PutOn.OfStation;
import hiltboard.core.plan.PutOn.OfStep;
import hiltboard.core.plan.PutOn.Scope;
import hiltboard.core.route.Station;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.core.simple.JdbcClient.StatementSpec;
import org.springframework.stereotype.Repository;

/** Work that somebody has been asked to do. */
@Repository
public class PutOnRepository {
    private static final String OF_SCOPE =
            "job_id IS :job AND piece_id IS :piece AND operation IS :operation AND station IS :station";

    private final JdbcClient sql;

    PutOnRepository(JdbcClient sql) {
        this.sql = sql;
    }

    /** What counts now, with who is asked, by whom and with which words. @param isSeen whether they know */
    public record Row(PutOn putOn, String name, long by, String byName, String word, long atMillis, boolean isSeen) {}

    /** Of everybody who works here still. */
    public List<Row> all() {
        return sql.sql("""
                SELECT put_on.id, job_id, piece_id, operation, station, put_on.person_id, word, put_by, put_at_ms, seen_at_ms,
                    person.name, asker.name AS by_name
                FROM put_on JOIN person ON person.id = put_on.person_id JOIN person asker ON asker.id = put_by
                WHERE off_at_ms IS NULL AND person.gone_at_ms IS NULL ORDER BY put_on.id
                """).query((row, number) -> row(row)).list();
    }

    public Optional<Row> withId(long id) {
        return all().stream().filter(each -> each.putOn().id() == id).findFirst();
    }

    public void put(Scope scope, long person, String word, long by, long atMillis) {
        ofScope(
                        sql.sql(
                                "INSERT INTO put_on (job_id, piece_id, operation, station, person_id, word, put_by, put_at_ms) "
                                        + "VALUES (:job, :piece, :operation, :station, :person, :word, :by, :at)"),
                        scope)
                .param("person", person)
                .param("word", word)
                .param("by", by)
                .param("at", atMillis)
                .update();
    }

    public void takeOff(Scope scope, long atMillis) {
        ofScope(sql.sql("UPDATE put_on SET off_at_ms = :at WHERE off_at_ms IS NULL AND " + OF_SCOPE), scope)
                .param("at", atMillis)
                .update();
    }

    public void seen(long id, long atMillis) {
        sql.sql("UPDATE put_on SET seen_at_ms = coalesce(seen_at_ms, :at) WHERE id = :id")
                .param("id", id)
                .param("at", atMillis)
                .update();
    }

    /** Whoever has begun what they were asked to do knows of it. */
    public void begun(long piece, String operation, long person, long atMillis) {
        sql.sql("""
                UPDATE put_on SET seen_at_ms = :at WHERE seen_at_ms IS NULL AND piece_id = :piece AND person_id = :person AND
                (operation IS NULL OR operation = :operation)
                """)
                .param("at", atMillis)
                .param("piece", piece)
                .param("person", person)
                .param("operation", operation)
                .update();
    }

    private static StatementSpec ofScope(StatementSpec statement, Scope scope) {
        return statement
                .param("job", scope instanceof OfJob of ? of.job() : null)
                .param("piece", piece(scope).orElse(null))
                .param("operation", scope instanceof OfStep of ? of.operation() : null)
                .param("station", station(scope).map(Station::name).orElse(null));
    }

    private static Optional<Long> piece(Scope scope) {
        if (scope instanceof OfStep of) {
            return Optional.of(of.piece());
        }
        if (scope instanceof AtStation of) {
            return Optional.of(of.piece());
        }
        return scope instanceof OfPiece of ? Optional.of(of.piece()) : Optional.empty();
    }

    private static Optional<Station> station(Scope scope) {
        if (scope instanceof AtStation of) {
            return Optional.of(of.station());
        }
        return scope instanceof OfStation of ? Optional.of(of.station()) : Optional.empty();
    }

    private static Row row(ResultSet row) throws SQLException {
        return new Row(
                new PutOn(row.getLong("id"), scope(row), row.getLong("person_id")),
                row.getString("name"),
                row.getLong("put_by"),
                row.getString("by_name"),
                row.getString("word"),
                row.getLong("put_at_ms"),
                row.getObject("seen_at_ms") != null);
    }

    private static Scope scope(ResultSet row) throws SQLException {
        if (row.getObject("job_id") != null) {
            return new OfJob(row.getLong("job_id"));
        }
        if (row.getString("station") != null) {
            Station station = Station.valueOf(row.getString("station"));
            return row.getObject("piece_id") == null
                    ? new OfStation(station)
                    : new AtStation(row.getLong("piece_id"), station);
        }
        return row.getString("operation") == null
                ? new OfPiece(row.getLong("piece_id"))
                : new OfStep(row.getLong("piece_id"), row.getString("operation"));
    }
}
