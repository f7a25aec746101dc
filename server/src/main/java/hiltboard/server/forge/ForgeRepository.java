package hiltboard.server.forge;

import hiltboard.core.forge.BladeBlank;
import hiltboard.core.forge.ForgeMachine;
import hiltboard.core.forge.ForgeWork;
import hiltboard.core.forge.LaminateFlaw;
import hiltboard.core.forge.Recipe;
import hiltboard.core.forge.Recipe.Reading;
import hiltboard.core.forge.RecipeStep;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Money;
import hiltboard.server.Refusal;
import hiltboard.server.material.Steels;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Billets, machines and trips. */
@Repository
class ForgeRepository {
    private static final TypeReference<List<Kept>> STEPS = new TypeReference<>() {};
    private static final TypeReference<List<String>> LINES = new TypeReference<>() {};
    private static final String SELECT_BILLET = """
            SELECT billet.*, person.name AS changer FROM billet JOIN person ON person.id = changed_by WHERE dropped_at_ms IS NULL
            """;

    private final JdbcClient sql;
    private final JsonMapper json;
    private final Steels steels;

    ForgeRepository(JdbcClient sql, JsonMapper json, Steels steels) {
        this.sql = sql;
        this.json = json;
        this.steels = steels;
    }

    /** A step as it is kept. */
    record Kept(String work, Map<String, String> values) {}

    /**
     * What a billet is planned to be.
     *
     * @param piece whose blade it is looked at on; empty for a usual one
     * @param paid for its bars, where that is known
     */
    record Plan(String name, Recipe recipe, int blades, BladeBlank blank, Optional<Long> piece, Optional<Money> paid) {}

    /** @param lot on the rack, once it is finished */
    record BilletRow(long id, Plan plan, int version, String changedBy, boolean areBarsTaken, Optional<Long> lot) {}

    record StepDone(int step, Reading reading, String by, long atMillis) {}

    record FlawRow(LaminateFlaw flaw, boolean goesOn, String words, String by, long atMillis) {}

    record MachineRow(long id, ForgeMachine machine) {}

    record Trip(long id, long machine, long billet, String day, List<String> carry, List<String> packed, String by) {}

    List<BilletRow> billets() {
        return sql.sql(SELECT_BILLET + " ORDER BY lot_id IS NOT NULL, billet.id DESC")
                .query((row, number) -> billet(row))
                .list();
    }

    Optional<BilletRow> billet(long id) {
        return sql.sql(SELECT_BILLET + " AND billet.id = :id")
                .param("id", id)
                .query((row, number) -> billet(row))
                .optional();
    }

    /** @throws Refusal if it is not there, or is forged already */
    BilletRow underWay(long id) {
        BilletRow row = billet(id).orElseThrow(() -> Refusal.notThere("There is no billet with number " + id + "."));
        row.lot().ifPresent(lot -> {
            throw Refusal.outOfTurn("It is forged and lies on the rack.");
        });
        return row;
    }

    private BilletRow billet(ResultSet row) throws SQLException {
        BladeBlank blank = new BladeBlank(
                new Length(row.getLong("blank_thickness_nm")),
                new Length(row.getLong("blank_width_nm")),
                new Length(row.getLong("blank_length_nm")));
        Plan plan = new Plan(
                row.getString("name"),
                recipe(row.getString("steps")),
                row.getInt("blades"),
                blank,
                number(row, "piece_id"),
                Optional.ofNullable(row.getString("paid")).flatMap(Money::ofKept));
        return new BilletRow(
                row.getLong("id"),
                plan,
                row.getInt("version"),
                row.getString("changer"),
                number(row, "bars_taken_at_ms").isPresent(),
                number(row, "lot_id"));
    }

    private static Optional<Long> number(ResultSet row, String column) throws SQLException {
        long value = row.getLong(column);
        return row.wasNull() ? Optional.empty() : Optional.of(value);
    }

    private Recipe recipe(String steps) {
        return new Recipe(json.readValue(steps, STEPS).stream()
                .map(kept -> RecipeStep.ofKept(ForgeWork.valueOf(kept.work()), kept.values(), steels.library()))
                .toList());
    }

    private String written(Recipe recipe) {
        return json.writeValueAsString(recipe.steps().stream()
                .map(step -> new Kept(step.work().name(), step.kept()))
                .toList());
    }

    long begin(Plan plan, long person, long atMillis) {
        return with(plan, sql.sql("""
                INSERT INTO billet (name, steps, blades, blank_thickness_nm, blank_width_nm, blank_length_nm, piece_id,
                paid, changed_by, begun_at_ms)
                VALUES (:name, :steps, :blades, :thickness, :width, :length, :piece, :paid, :person, :at) RETURNING id
                """))
                .param("person", person)
                .param("at", atMillis)
                .query(Long.class)
                .single();
    }

    void change(long id, Plan plan, long person) {
        with(plan, sql.sql("""
                UPDATE billet SET name = :name, steps = :steps, blades = :blades, blank_thickness_nm = :thickness,
                blank_width_nm = :width, blank_length_nm = :length, piece_id = :piece, paid = :paid,
                    changed_by = :person, version = version + 1 WHERE id = :id
                """)).param("person", person).param("id", id).update();
    }

    private JdbcClient.StatementSpec with(Plan plan, JdbcClient.StatementSpec statement) {
        return statement
                .param("name", plan.name())
                .param("steps", written(plan.recipe()))
                .param("blades", plan.blades())
                .param("thickness", plan.blank().thickness().nanometres())
                .param("width", plan.blank().width().nanometres())
                .param("length", plan.blank().length().nanometres())
                .param("piece", plan.piece().orElse(null))
                .param("paid", plan.paid().map(Money::kept).orElse(null));
    }

    void barsTaken(long id, long atMillis) {
        sql.sql("UPDATE billet SET bars_taken_at_ms = :at WHERE id = :id")
                .param("at", atMillis)
                .param("id", id)
                .update();
    }

    void finished(long id, long lot) {
        sql.sql("UPDATE billet SET lot_id = :lot WHERE id = :id")
                .param("lot", lot)
                .param("id", id)
                .update();
    }

    void drop(long id, long atMillis) {
        sql.sql("UPDATE billet SET dropped_at_ms = :at WHERE id = :id")
                .param("at", atMillis)
                .param("id", id)
                .update();
    }

    List<StepDone> done(long billet) {
        return sql.sql(
                        "SELECT step, thickness_nm, width_nm, length_nm, person.name AS maker, done_at_ms FROM billet_step "
                                + "JOIN person ON person.id = done_by WHERE billet_id = :id AND struck_at_ms IS NULL ORDER BY step")
                .param("id", billet)
                .query((row, number) -> new StepDone(
                        row.getInt("step"),
                        new Reading(length(row, "thickness_nm"), length(row, "width_nm"), length(row, "length_nm")),
                        row.getString("maker"),
                        row.getLong("done_at_ms")))
                .list();
    }

    /** By billet, how many of its steps are done; a billet of which none is has no entry. */
    Map<Long, Integer> doneCounts() {
        Map<Long, Integer> counts = new HashMap<>();
        sql.sql("SELECT billet_id, count(*) AS steps FROM billet_step WHERE struck_at_ms IS NULL GROUP BY billet_id")
                .query(row -> {
                    counts.put(row.getLong("billet_id"), row.getInt("steps"));
                });
        return counts;
    }

    private static Optional<Length> length(ResultSet row, String column) throws SQLException {
        return number(row, column).map(Length::new);
    }

    void done(long billet, int step, Reading reading, long person, long atMillis) {
        sql.sql("INSERT INTO billet_step (billet_id, step, thickness_nm, width_nm, length_nm, done_by, done_at_ms) "
                        + "VALUES (:billet, :step, :thickness, :width, :length, :person, :at)")
                .param("billet", billet)
                .param("step", step)
                .param("thickness", nanometres(reading.thickness()))
                .param("width", nanometres(reading.width()))
                .param("length", nanometres(reading.length()))
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    private static Object nanometres(Optional<Length> length) {
        return length.map(Length::nanometres).orElse(null);
    }

    void reopen(long billet, int step, long atMillis) {
        sql.sql(
                        "UPDATE billet_step SET struck_at_ms = :at WHERE billet_id = :billet AND step = :step AND struck_at_ms IS NULL")
                .param("at", atMillis)
                .param("billet", billet)
                .param("step", step)
                .update();
    }

    void flaw(long billet, FlawRow row, long person) {
        sql.sql("INSERT INTO billet_flaw (billet_id, depth_nm, thickness_nm, wanted_nm, goes_on, words, decided_by, "
                        + "decided_at_ms) VALUES (:billet, :depth, :thickness, :wanted, :on, :words, :person, :at)")
                .param("billet", billet)
                .param("depth", row.flaw().depth().nanometres())
                .param("thickness", row.flaw().thickness().nanometres())
                .param("wanted", row.flaw().wanted().nanometres())
                .param("on", row.goesOn() ? 1 : 0)
                .param("words", row.words())
                .param("person", person)
                .param("at", row.atMillis())
                .update();
    }

    List<FlawRow> flaws(long billet) {
        return sql.sql(
                        "SELECT depth_nm, thickness_nm, wanted_nm, goes_on, words, person.name AS maker, decided_at_ms FROM "
                                + "billet_flaw JOIN person ON person.id = decided_by WHERE billet_id = :id ORDER BY billet_flaw.id DESC")
                .param("id", billet)
                .query((row, number) -> new FlawRow(
                        new LaminateFlaw(
                                new Length(row.getLong("depth_nm")),
                                new Length(row.getLong("thickness_nm")),
                                new Length(row.getLong("wanted_nm"))),
                        row.getInt("goes_on") == 1,
                        row.getString("words"),
                        row.getString("maker"),
                        row.getLong("decided_at_ms")))
                .list();
    }

    List<MachineRow> machines() {
        return sql.sql("SELECT * FROM forge_machine WHERE dropped_at_ms IS NULL ORDER BY id")
                .query((row, number) -> new MachineRow(
                        row.getLong("id"),
                        new ForgeMachine(
                                row.getString("name"),
                                ForgeMachine.Kind.valueOf(row.getString("kind")),
                                number(row, "force").map(force -> force / 100d),
                                length(row, "die_nm"),
                                new Length(row.getLong("longest_nm")),
                                new Length(row.getLong("thickest_nm")),
                                row.getString("owner"))))
                .list();
    }

    long keep(ForgeMachine machine) {
        return sql.sql("INSERT INTO forge_machine (name, kind, force, die_nm, longest_nm, thickest_nm, owner) VALUES "
                        + "(:name, :kind, :force, :die, :longest, :thickest, :owner) RETURNING id")
                .param("name", machine.name())
                .param("kind", machine.kind().name())
                .param(
                        "force",
                        machine.tons().map(tons -> Math.round(tons * 100)).orElse(null))
                .param("die", nanometres(machine.die()))
                .param("longest", machine.longest().nanometres())
                .param("thickest", machine.thickest().nanometres())
                .param("owner", machine.owner())
                .query(Long.class)
                .single();
    }

    void dropMachine(long id, long atMillis) {
        sql.sql("UPDATE forge_machine SET dropped_at_ms = :at WHERE id = :id")
                .param("at", atMillis)
                .param("id", id)
                .update();
    }

    List<Trip> trips() {
        return sql.sql(
                        "SELECT forge_trip.*, person.name AS planner FROM forge_trip JOIN person ON person.id = planned_by "
                                + "WHERE over_at_ms IS NULL ORDER BY on_day")
                .query((row, number) -> new Trip(
                        row.getLong("id"),
                        row.getLong("machine_id"),
                        row.getLong("billet_id"),
                        row.getString("on_day"),
                        json.readValue(row.getString("carry"), LINES),
                        json.readValue(row.getString("packed"), LINES),
                        row.getString("planner")))
                .list();
    }

    long plan(long machine, long billet, String day, List<String> carry, long person) {
        return sql.sql("INSERT INTO forge_trip (machine_id, billet_id, on_day, carry, planned_by) VALUES (:machine, "
                        + ":billet, :day, :carry, :person) RETURNING id")
                .param("machine", machine)
                .param("billet", billet)
                .param("day", day)
                .param("carry", json.writeValueAsString(carry))
                .param("person", person)
                .query(Long.class)
                .single();
    }

    void pack(long trip, List<String> packed) {
        sql.sql("UPDATE forge_trip SET packed = :packed WHERE id = :id")
                .param("packed", json.writeValueAsString(packed))
                .param("id", trip)
                .update();
    }

    void over(long trip, long atMillis) {
        sql.sql("UPDATE forge_trip SET over_at_ms = :at WHERE id = :id")
                .param("at", atMillis)
                .param("id", trip)
                .update();
    }
}
