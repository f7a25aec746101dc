package hiltboard.server.etch;

import hiltboard.core.etch.BathAge.Factor;
import hiltboard.core.etch.EtchRecipe;
import hiltboard.core.etch.TankClock;
import hiltboard.core.etch.TankClock.CycleResult;
import hiltboard.core.etch.TankClock.Event;
import hiltboard.core.etch.TankClock.Moment;
import hiltboard.core.etch.TankClock.Where;
import hiltboard.core.measure.Length;
import hiltboard.server.Refusal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** Blades in the baths, with the moments at which they went in and out. */
@Repository
class TankRunRepository {
    private static final String SELECT = """
            SELECT tank_run.*, bath.entries ->> 'name' AS bath_name, person.name AS beginner FROM tank_run
            JOIN bath ON bath.id = bath_id JOIN person ON person.id = begun_by WHERE struck_at_ms IS NULL
            """;

    private final JdbcClient sql;
    private final JsonMapper json;

    TankRunRepository(JdbcClient sql, JsonMapper json) {
        this.sql = sql;
        this.json = json;
    }

    /** What somebody says of a result. The names stay the same for ever. */
    enum Rating {
        GOOD("As wished"),
        PALER("Paler than wished"),
        DARKER("Darker than wished"),
        NOT_AGAIN("Not again like this");

        private final String words;

        Rating(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    /** @param recipeFrom which recipe it was, as {@link EtchBook} names it */
    record NewRun(
            long piece, long bath, EtchRecipe recipe, String recipeFrom, Factor factor, double area, String noCoupon) {}

    /** @param depth as it was measured; empty where it was not */
    record Rated(Rating rating, String words, Optional<Length> depth) {}

    /** A moment that was noted. @param by who noted it */
    record NotedMoment(Event event, String by) {}

    record RunRow(
            long id,
            NewRun run,
            String bathName,
            String by,
            long begunAtMillis,
            Optional<Rated> rated,
            List<NotedMoment> moments) {
        TankClock clock() {
            return new TankClock(
                    run.recipe(),
                    run.factor(),
                    moments.stream().map(NotedMoment::event).toList());
        }

        /** Whether nobody has said yet what came of it. */
        boolean isOpen() {
            return rated.isEmpty();
        }

        /** Whether its blade still goes in and out. */
        boolean isAtTheTank() {
            return isOpen() && clock().where() != Where.OVER;
        }
    }

    long begin(NewRun run, long person, long atMillis) {
        return sql.sql("""
                INSERT INTO tank_run (piece_id, bath_id, recipe, recipe_from, factor_least, factor, factor_most, factor_words,
                    is_guess, area_mm2, no_coupon, begun_by, begun_at_ms)
                VALUES (:piece, :bath, :recipe, :from, :least, :factor, :most, :words, :guess, :area, :noCoupon, :person, :at)
                RETURNING id
                """)
                .param("piece", run.piece())
                .param("bath", run.bath())
                .param("recipe", json.writeValueAsString(EtchRecipeFile.of(run.recipe())))
                .param("from", run.recipeFrom())
                .param("least", run.factor().least())
                .param("factor", run.factor().likely())
                .param("most", run.factor().most())
                .param("words", run.factor().words())
                .param("guess", run.factor().isGuess())
                .param("area", run.area())
                .param("noCoupon", run.noCoupon())
                .param("person", person)
                .param("at", atMillis)
                .query(Long.class)
                .single();
    }

    /** @throws Refusal if there is none */
    RunRow run(long id) {
        return runs(SELECT + " AND tank_run.id = :id", statement -> statement.param("id", id)).stream()
                .findFirst()
                .orElseThrow(() -> Refusal.notThere("There is no etch with number " + id + "."));
    }

    /** Those of living pieces that nobody has said the end of, the oldest first. */
    List<RunRow> open() {
        return runs(
                SELECT + " AND rating IS NULL AND piece_id IN (SELECT id FROM piece WHERE standing = 'ALIVE') "
                        + "ORDER BY tank_run.id",
                statement -> statement);
    }

    /** All of a piece, the newest first. */
    List<RunRow> ofPiece(long piece) {
        return runs(
                SELECT + " AND piece_id = :piece ORDER BY tank_run.id DESC",
                statement -> statement.param("piece", piece));
    }

    /** The one that counts of a piece; empty where it was never in a bath. */
    Optional<RunRow> latest(long piece) {
        return ofPiece(piece).stream().findFirst();
    }

    /** All that were in a bath since, the oldest first; a blade that was made anew since then was in it too. */
    List<RunRow> inBath(long bath, long sinceMillis) {
        return runs(
                SELECT.replace("WHERE struck_at_ms IS NULL", "WHERE bath_id = :bath AND tank_run.begun_at_ms >= :since")
                        + " ORDER BY tank_run.id",
                statement -> statement.param("bath", bath).param("since", sinceMillis));
    }

    /** The last that somebody said something of, the newest first. */
    List<RunRow> rated(int most) {
        return runs(
                SELECT + " AND rating IS NOT NULL ORDER BY rated_at_ms DESC LIMIT :most",
                statement -> statement.param("most", most));
    }

    private List<RunRow> runs(String select, UnaryOperator<JdbcClient.StatementSpec> with) {
        List<RunRow> runs = new ArrayList<>(
                with.apply(sql.sql(select)).query((row, number) -> run(row)).list());
        Map<Long, List<NotedMoment>> moments =
                moments(runs.stream().map(RunRow::id).toList());
        runs.replaceAll(run -> new RunRow(
                run.id(),
                run.run(),
                run.bathName(),
                run.by(),
                run.begunAtMillis(),
                run.rated(),
                moments.getOrDefault(run.id(), List.of())));
        return runs;
    }

    private RunRow run(ResultSet row) throws SQLException {
        NewRun run = new NewRun(
                row.getLong("piece_id"),
                row.getLong("bath_id"),
                json.readValue(row.getString("recipe"), EtchRecipeFile.class).recipe(),
                row.getString("recipe_from"),
                new Factor(
                        row.getDouble("factor_least"),
                        row.getDouble("factor"),
                        row.getDouble("factor_most"),
                        row.getBoolean("is_guess"),
                        false,
                        row.getString("factor_words")),
                row.getDouble("area_mm2"),
                row.getString("no_coupon"));
        return new RunRow(
                row.getLong("id"),
                run,
                row.getString("bath_name"),
                row.getString("beginner"),
                row.getLong("begun_at_ms"),
                rated(row),
                List.of());
    }

    private static Optional<Rated> rated(ResultSet row) throws SQLException {
        String rating = row.getString("rating");
        if (rating == null) {
            return Optional.empty();
        }
        long depth = row.getLong("depth_nm");
        Optional<Length> measured = row.wasNull() ? Optional.empty() : Optional.of(new Length(depth));
        return Optional.of(new Rated(Rating.valueOf(rating), row.getString("rating_words"), measured));
    }

    private Map<Long, List<NotedMoment>> moments(List<Long> runs) {
        Map<Long, List<NotedMoment>> moments = new HashMap<>();
        if (!runs.isEmpty()) {
            sql.sql("SELECT tank_moment.*, person.name AS by_name FROM tank_moment JOIN person ON person.id = noted_by "
                            + "WHERE run_id IN (:runs) AND struck_at_ms IS NULL ORDER BY tank_moment.id")
                    .param("runs", runs)
                    .query(row -> {
                        moments.computeIfAbsent(row.getLong("run_id"), id -> new ArrayList<>())
                                .add(moment(row));
                    });
        }
        return moments;
    }

    private static NotedMoment moment(ResultSet row) throws SQLException {
        return new NotedMoment(
                new Event(
                        Moment.valueOf(row.getString("moment")),
                        Instant.ofEpochMilli(row.getLong("noted_at_ms")),
                        Optional.ofNullable(row.getString("result")).map(CycleResult::valueOf)),
                row.getString("by_name"));
    }

    /** The newest photograph of a step of a piece; zero where there is none. */
    long photo(long piece, String operation) {
        return sql.sql("SELECT coalesce(max(id), 0) FROM photo WHERE piece_id = :piece AND operation = :operation")
                .param("piece", piece)
                .param("operation", operation)
                .query(Long.class)
                .single();
    }

    void note(long run, Event event, long person) {
        sql.sql("""
                INSERT INTO tank_moment (run_id, moment, result, noted_by, noted_at_ms) VALUES (:run, :moment, :result, :person,
                    :at)
                """)
                .param("run", run)
                .param("moment", event.moment().name())
                .param("result", event.result().map(CycleResult::name).orElse(null))
                .param("person", person)
                .param("at", event.at().toEpochMilli())
                .update();
    }

    /** The last moment of a run was a slip; says whether there was one. */
    boolean strikeLast(long run, long atMillis) {
        return sql.sql("""
                UPDATE tank_moment SET struck_at_ms = :at WHERE id =
                    (SELECT max(id) FROM tank_moment WHERE run_id = :run AND struck_at_ms IS NULL)
                """).param("at", atMillis).param("run", run).update() > 0;
    }

    void rate(long run, Rated rated, long person, long atMillis) {
        sql.sql("""
                UPDATE tank_run SET rating = :rating, rating_words = :words, depth_nm = :depth, rated_by = :person,
                    rated_at_ms = :at WHERE id = :run
                """)
                .param("rating", rated.rating().name())
                .param("words", rated.words())
                .param("depth", rated.depth().map(Length::nanometres).orElse(null))
                .param("person", person)
                .param("at", atMillis)
                .param("run", run)
                .update();
    }

    void strike(long run, long atMillis) {
        sql.sql("UPDATE tank_run SET struck_at_ms = :at WHERE id = :run")
                .param("at", atMillis)
                .param("run", run)
                .update();
    }

    void strikeAll(long piece, long atMillis) {
        sql.sql("UPDATE tank_run SET struck_at_ms = :at WHERE piece_id = :piece AND struck_at_ms IS NULL")
                .param("at", atMillis)
                .param("piece", piece)
                .update();
    }
}
