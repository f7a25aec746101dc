package hiltboard.server.fit;

import hiltboard.core.fit.CavityMethod;
import hiltboard.core.fit.DrivenGuard.Level;
import hiltboard.core.fit.Print;
import hiltboard.core.fit.StackPins.Pin;
import hiltboard.core.measure.Length;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What was measured and planned at the fitting bench; what is struck out stays. */
@Repository
class FitRepository {
    private final JdbcClient sql;

    FitRepository(JdbcClient sql) {
        this.sql = sql;
    }

    /** At which stage of its making a part was measured. */
    enum State {
        AS_MADE,
        FACED
    }

    record LevelRow(long id, Level level, String by) {}

    record PrintRow(long id, Print print, String by) {}

    record StackRow(String part, State state, Length length, String by) {}

    record CavityRow(long id, CavityMethod method, Length drill, Length longDrill, String by) {}

    record PinRow(long id, Length pin, List<Pin> places, String by) {}

    /** All of one piece. */
    record Rows(
            List<LevelRow> levels,
            Optional<PrintRow> print,
            List<StackRow> stack,
            Optional<CavityRow> cavity,
            Optional<PinRow> pins) {}

    Rows of(long piece) {
        return new Rows(levels(piece), print(piece), stack(piece), cavity(piece), pins(piece));
    }

    void level(long piece, Level level, long person, long atMillis) {
        sql.sql("""
                INSERT INTO guard_level (piece_id, blows, left_nm, right_nm, read_by, read_at_ms)
                VALUES (:piece, :blows, :left, :right, :person, :at)
                """)
                .param("piece", piece)
                .param("blows", level.blows())
                .param("left", level.left().nanometres())
                .param("right", level.right().nanometres())
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    /** Oldest first. */
    List<LevelRow> levels(long piece) {
        return sql.sql("""
                SELECT guard_level.id, blows, left_nm, right_nm, person.name AS by_name FROM guard_level
                JOIN person ON person.id = read_by WHERE piece_id = :piece AND struck_at_ms IS NULL ORDER BY guard_level.id
                """)
                .param("piece", piece)
                .query((row, number) -> new LevelRow(
                        row.getLong("id"),
                        new Level(
                                row.getInt("blows"),
                                new Length(row.getLong("left_nm")),
                                new Length(row.getLong("right_nm"))),
                        row.getString("by_name")))
                .list();
    }

    void strikeLevel(long id, long atMillis) {
        sql.sql("UPDATE guard_level SET struck_at_ms = :at WHERE id = :id AND struck_at_ms IS NULL")
                .param("at", atMillis)
                .param("id", id)
                .update();
    }

    void print(long piece, Print print, long person, long atMillis) {
        sql.sql("INSERT INTO guard_print (piece_id, print, read_by, read_at_ms) VALUES (:piece, :print, :person, :at)")
                .param("piece", piece)
                .param("print", print.name())
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    Optional<PrintRow> print(long piece) {
        return sql.sql("""
                SELECT guard_print.id, print, person.name AS by_name FROM guard_print JOIN person ON person.id = read_by
                WHERE piece_id = :piece AND struck_at_ms IS NULL ORDER BY guard_print.id DESC LIMIT 1
                """)
                .param("piece", piece)
                .query((row, number) -> new PrintRow(
                        row.getLong("id"), Print.valueOf(row.getString("print")), row.getString("by_name")))
                .optional();
    }

    void stack(long piece, StackRow reading, long person, long atMillis) {
        sql.sql("""
                INSERT INTO stack_reading (piece_id, part, state, length_nm, read_by, read_at_ms)
                VALUES (:piece, :part, :state, :length, :person, :at)
                """)
                .param("piece", piece)
                .param("part", reading.part())
                .param("state", reading.state().name())
                .param("length", reading.length().nanometres())
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    /** Oldest first: a later one of the same part and state counts. */
    List<StackRow> stack(long piece) {
        return sql.sql("""
                SELECT part, state, length_nm, person.name AS by_name FROM stack_reading JOIN person ON person.id = read_by
                WHERE piece_id = :piece AND struck_at_ms IS NULL ORDER BY stack_reading.id
                """)
                .param("piece", piece)
                .query((row, number) -> new StackRow(
                        row.getString("part"),
                        State.valueOf(row.getString("state")),
                        new Length(row.getLong("length_nm")),
                        row.getString("by_name")))
                .list();
    }

    void cavity(long piece, CavityRow plan, long person, long atMillis) {
        sql.sql("""
                INSERT INTO cavity_plan (piece_id, method, drill_nm, long_drill_nm, planned_by, planned_at_ms)
                VALUES (:piece, :method, :drill, :long, :person, :at)
                """)
                .param("piece", piece)
                .param("method", plan.method().name())
                .param("drill", plan.drill().nanometres())
                .param("long", plan.longDrill().nanometres())
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    private Optional<CavityRow> cavity(long piece) {
        return sql.sql("""
                SELECT cavity_plan.id, method, drill_nm, long_drill_nm, person.name AS by_name FROM cavity_plan
                JOIN person ON person.id = planned_by WHERE piece_id = :piece ORDER BY cavity_plan.id DESC LIMIT 1
                """)
                .param("piece", piece)
                .query((row, number) -> new CavityRow(
                        row.getLong("id"),
                        CavityMethod.valueOf(row.getString("method")),
                        new Length(row.getLong("drill_nm")),
                        new Length(row.getLong("long_drill_nm")),
                        row.getString("by_name")))
                .optional();
    }

    void pins(long piece, PinRow plan, long person, long atMillis) {
        Pin first = plan.places().get(0);
        Pin other = plan.places().get(1);
        sql.sql("""
                INSERT INTO pin_plan (piece_id, pin_nm, first_across_nm, first_along_nm, other_across_nm, other_along_nm,
                    planned_by, planned_at_ms)
                VALUES (:piece, :pin, :firstAcross, :firstAlong, :otherAcross, :otherAlong, :person, :at)
                """)
                .param("piece", piece)
                .param("pin", plan.pin().nanometres())
                .param("firstAcross", nanometres(first.across()))
                .param("firstAlong", nanometres(first.along()))
                .param("otherAcross", nanometres(other.across()))
                .param("otherAlong", nanometres(other.along()))
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    private static long nanometres(double millimetres) {
        return Length.ofMillimetres(millimetres).nanometres();
    }

    private Optional<PinRow> pins(long piece) {
        return sql.sql("""
                SELECT pin_plan.*, person.name AS by_name FROM pin_plan JOIN person ON person.id = planned_by
                WHERE piece_id = :piece ORDER BY pin_plan.id DESC LIMIT 1
                """)
                .param("piece", piece)
                .query((row, number) -> new PinRow(
                        row.getLong("id"),
                        new Length(row.getLong("pin_nm")),
                        List.of(
                                pin(row.getLong("first_across_nm"), row.getLong("first_along_nm")),
                                pin(row.getLong("other_across_nm"), row.getLong("other_along_nm"))),
                        row.getString("by_name")))
                .optional();
    }

    private static Pin pin(long across, long along) {
        return new Pin(new Length(across).millimetres(), new Length(along).millimetres());
    }

    /** A guard that is made or driven on anew has not been read yet. */
    void strikeDriven(long piece, long atMillis) {
        for (String table : List.of("guard_level", "guard_print")) {
            sql.sql("UPDATE " + table + " SET struck_at_ms = :at WHERE piece_id = :piece AND struck_at_ms IS NULL")
                    .param("at", atMillis)
                    .param("piece", piece)
                    .update();
        }
    }

    /** A part that is made anew has not been measured yet. @param part the beginning of its key */
    void strikePart(long piece, String part, long atMillis) {
        sql.sql("UPDATE stack_reading SET struck_at_ms = :at WHERE piece_id = :piece AND struck_at_ms IS NULL AND "
                        + "part LIKE :part")
                .param("at", atMillis)
                .param("piece", piece)
                .param("part", part + "%")
                .update();
    }
}
