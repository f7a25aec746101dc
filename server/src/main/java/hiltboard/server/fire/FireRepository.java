package hiltboard.server.fire;

import hiltboard.core.fire.Kiln;
import hiltboard.core.fire.Soak;
import hiltboard.core.fire.Treatment;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Temperature;
import hiltboard.server.Refusal;
import hiltboard.server.device.KilnStandIn.Seen;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Kilns, loads, what happened at them, and alarms. */
@Repository
class FireRepository {
    /** The one alarm that is no fault: it is answered by whoever takes the work out. */
    static final String SOAKED = "SOAKED";

    private static final TypeReference<List<String>> LINES = new TypeReference<>() {};
    private static final String SELECT_LOAD = """
            SELECT fire_load.*, door.name AS door_name, quench.name AS quench_name FROM fire_load
            LEFT JOIN person AS door ON door.id = door_by LEFT JOIN person AS quench ON quench.id = quench_by
            """;

    private final JdbcClient sql;
    private final JsonMapper json;

    FireRepository(JdbcClient sql, JsonMapper json) {
        this.sql = sql;
        this.json = json;
    }

    /**
     * @param controller the kind of its controller
     * @param address where that is reached; empty where none is asked
     */
    record KilnRow(long id, String name, String controller, String address, Kiln kiln, Optional<Seen> seen) {}

    enum Standing {
        PLANNED,
        LIT,
        IN,
        OVER,
        GIVEN_UP
    }

    /**
     * A load as it is kept; times are on its kiln's clock.
     *
     * @param part which heat of several it is at, from nothing
     */
    record LoadRow(
            long id,
            long kiln,
            Treatment treatment,
            Standing standing,
            Temperature heat,
            Duration soak,
            int part,
            List<String> ready,
            Optional<Long> doorBy,
            String doorName,
            Optional<Long> quenchBy,
            String quenchName,
            Optional<Long> litAt,
            Optional<Long> inAt,
            Optional<Long> inBy,
            Optional<Long> recoveredAt,
            Optional<Long> overAt,
            String words) {

        boolean isOpen() {
            return standing != Standing.OVER && standing != Standing.GIVEN_UP;
        }

        boolean isBurning() {
            return standing == Standing.LIT || standing == Standing.IN;
        }
    }

    /** @param leftAs empty while it has not left; file test empty where none was made */
    /** @param sinceRecovery how long the kiln stood at heat; empty for fires that are older than that was kept */
    record InLoad(
            long load,
            long piece,
            int slot,
            Optional<Long> leftAt,
            Duration soaked,
            Optional<Duration> sinceRecovery,
            String leftAs,
            String fileTest) {
        String soakedWords() {
            return new Soaked(soaked, sinceRecovery.orElse(soaked)).words();
        }
    }

    record Event(long atMillis, String words) {}

    record Alarm(
            long id,
            long kiln,
            Optional<Long> load,
            String kind,
            String words,
            List<String> toDo,
            long raisedAtMillis) {}

    List<KilnRow> kilns() {
        return sql.sql("SELECT * FROM kiln WHERE dropped_at_ms IS NULL ORDER BY id")
                .query((row, number) -> kiln(row))
                .list();
    }

    KilnRow kiln(long id) {
        return sql.sql("SELECT * FROM kiln WHERE id = :id")
                .param("id", id)
                .query((row, number) -> kiln(row))
                .optional()
                .orElseThrow(() -> Refusal.notThere("There is no kiln with number " + id + "."));
    }

    private KilnRow kiln(ResultSet row) throws SQLException {
        Kiln.Space space = new Kiln.Space(
                new Length(row.getLong("width_nm")),
                new Length(row.getLong("height_nm")),
                new Length(row.getLong("depth_nm")),
                row.getInt("slots"));
        Kiln kiln = new Kiln(
                row.getDouble("watts"),
                row.getDouble("joules_per_k"),
                row.getDouble("watts_per_k"),
                row.getDouble("open_watts_per_k"),
                row.getDouble("lag_s"),
                Temperature.ofCelsius(row.getDouble("most_c")),
                Duration.ofSeconds(row.getLong("door_s")),
                space);
        return new KilnRow(
                row.getLong("id"),
                row.getString("name"),
                row.getString("controller"),
                row.getString("address"),
                kiln,
                Optional.ofNullable(row.getString("seen")).map(seen -> json.readValue(seen, Seen.class)));
    }

    long keep(String name, String controller, String address, Kiln kiln) {
        return sql.sql("""
                INSERT INTO kiln (name, controller, address, watts, joules_per_k, watts_per_k, open_watts_per_k,
                lag_s, most_c, door_s, width_nm, height_nm, depth_nm, slots)
                VALUES (:name, :controller, :address, :watts, :joules, :loss, :open, :lag, :most, :door, :width,
                :height, :depth, :slots) RETURNING id
                """)
                .param("name", name)
                .param("controller", controller)
                .param("address", address)
                .param("watts", kiln.watts())
                .param("joules", kiln.joulesPerKelvin())
                .param("loss", kiln.wattsPerKelvin())
                .param("open", kiln.openWattsPerKelvin())
                .param("lag", kiln.lagSeconds())
                .param("most", kiln.most().celsius())
                .param("door", kiln.doorAllowed().toSeconds())
                .param("width", kiln.space().width().nanometres())
                .param("height", kiln.space().height().nanometres())
                .param("depth", kiln.space().depth().nanometres())
                .param("slots", kiln.space().slots())
                .query(Long.class)
                .single();
    }

    void drop(long kiln, long atMillis) {
        sql.sql("UPDATE kiln SET dropped_at_ms = :at WHERE id = :id")
                .param("at", atMillis)
                .param("id", kiln)
                .update();
    }

    void seen(long kiln, Seen seen) {
        sql.sql("UPDATE kiln SET seen = :seen WHERE id = :id")
                .param("seen", json.writeValueAsString(seen))
                .param("id", kiln)
                .update();
    }

    long plan(long kiln, Treatment treatment, Temperature heat, Duration soak, long person, long atMillis) {
        return sql.sql("INSERT INTO fire_load (kiln_id, treatment, heat_c, soak_s, planned_by, planned_at_ms) VALUES "
                        + "(:kiln, :treatment, :heat, :soak, :person, :at) RETURNING id")
                .param("kiln", kiln)
                .param("treatment", treatment.name())
                .param("heat", heat.celsius())
                .param("soak", soak.toSeconds())
                .param("person", person)
                .param("at", atMillis)
                .query(Long.class)
                .single();
    }

    /** The pieces of a load that is not lit yet, by slot. */
    void fill(long load, List<Long> pieces) {
        sql.sql("DELETE FROM fire_piece WHERE load_id = :load")
                .param("load", load)
                .update();
        for (int i = 0; i < pieces.size(); i++) {
            sql.sql("INSERT INTO fire_piece (load_id, piece_id, slot) VALUES (:load, :piece, :slot)")
                    .param("load", load)
                    .param("piece", pieces.get(i))
                    .param("slot", i + 1)
                    .update();
        }
    }

    void agreed(long load, Temperature heat, Duration soak) {
        sql.sql("UPDATE fire_load SET heat_c = :heat, soak_s = :soak WHERE id = :id")
                .param("heat", heat.celsius())
                .param("soak", soak.toSeconds())
                .param("id", load)
                .update();
    }

    void ready(long load, List<String> lines) {
        sql.sql("UPDATE fire_load SET ready = :ready WHERE id = :id")
                .param("ready", json.writeValueAsString(lines))
                .param("id", load)
                .update();
    }

    void hand(long load, LoadPlanning.Place at, Optional<Long> who) {
        sql.sql(
                        at == LoadPlanning.Place.DOOR
                                ? "UPDATE fire_load SET door_by = :who WHERE id = :id"
                                : "UPDATE fire_load SET quench_by = :who WHERE id = :id")
                .param("who", who.orElse(null))
                .param("id", load)
                .update();
    }

    void lit(long load, long atMillis) {
        sql.sql("UPDATE fire_load SET standing = 'LIT', lit_at_ms = :at WHERE id = :id")
                .param("at", atMillis)
                .param("id", load)
                .update();
    }

    void in(long load, int part, long atMillis, long person) {
        sql.sql("UPDATE fire_load SET standing = 'IN', part = :part, in_at_ms = :at, in_by = :person, "
                        + "recovered_at_ms = NULL WHERE id = :id")
                .param("part", part)
                .param("at", atMillis)
                .param("person", person)
                .param("id", load)
                .update();
    }

    void recovered(long load, long atMillis) {
        sql.sql("UPDATE fire_load SET recovered_at_ms = :at WHERE id = :id")
                .param("at", atMillis)
                .param("id", load)
                .update();
    }

    /** How long a piece soaked as the shop counts, and how long its kiln stood at heat. */
    record Soaked(Duration counted, Duration sinceRecovery) {
        static Soaked of(Optional<Soak> soak) {
            return new Soaked(seconds(soak.map(Soak::soaked)), seconds(soak.map(Soak::sinceRecovery)));
        }

        private static Duration seconds(Optional<Double> seconds) {
            return Duration.ofSeconds(Math.round(seconds.orElse(0.0)));
        }

        /** Both, and that the first is an estimate where they differ. */
        String words() {
            return counted.equals(sinceRecovery)
                    ? Soak.words(counted)
                    : Soak.words(counted) + " with the blade at heat, by estimate; " + Soak.words(sinceRecovery)
                            + " since the kiln’s recovery";
        }
    }

    /** From when this shop counts a soak. */
    Soak.Counts counts() {
        return sql.sql("SELECT value FROM shop_setting WHERE name = 'soak-counts'")
                .query(String.class)
                .optional()
                .flatMap(Soak.Counts::named)
                .orElse(Soak.Counts.BLADE);
    }

    void count(Soak.Counts counts, long person, long atMillis) {
        sql.sql("""
                INSERT INTO shop_setting (name, value, changed_by, changed_at_ms) VALUES ('soak-counts', :value, :person, :at)
                ON CONFLICT (name) DO UPDATE SET value = :value, changed_by = :person, changed_at_ms = :at
                """)
                .param("value", counts.name())
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    void left(long load, long piece, long atMillis, Soaked soaked, boolean isTreated) {
        sql.sql("UPDATE fire_piece SET left_at_ms = :at, soaked_s = :soaked, since_recovery_s = :recovery, left_as "
                        + "= :as WHERE load_id = :load AND piece_id = :piece")
                .param("at", atMillis)
                .param("soaked", soaked.counted().toSeconds())
                .param("recovery", soaked.sinceRecovery().toSeconds())
                .param("as", isTreated ? "TREATED" : "NOT_TREATED")
                .param("load", load)
                .param("piece", piece)
                .update();
    }

    void filed(long load, long piece, boolean skates) {
        sql.sql("UPDATE fire_piece SET file_test = :test WHERE load_id = :load AND piece_id = :piece")
                .param("test", skates ? "SKATES" : "BITES")
                .param("load", load)
                .param("piece", piece)
                .update();
    }

    void over(long load, Standing how, long atMillis, String words) {
        sql.sql("UPDATE fire_load SET standing = :standing, over_at_ms = :at, words = :words WHERE id = :id")
                .param("standing", how.name())
                .param("at", atMillis)
                .param("words", words)
                .param("id", load)
                .update();
    }

    LoadRow load(long id) {
        return sql.sql(SELECT_LOAD + " WHERE fire_load.id = :id")
                .param("id", id)
                .query((row, number) -> load(row))
                .optional()
                .orElseThrow(() -> Refusal.notThere("There is no load with number " + id + "."));
    }

    /** A fire as it is spoken of. */
    record LoadName(long id, String kiln, Treatment treatment, boolean isOver) {}

    List<LoadName> loadNames(Collection<Long> ids) {
        return sql.sql("""
                SELECT fire_load.id, kiln.name, treatment, standing IN ('OVER', 'GIVEN_UP') AS is_over
                FROM fire_load JOIN kiln ON kiln.id = kiln_id WHERE fire_load.id IN (:ids)
                """)
                .param("ids", ids)
                .query((row, number) -> new LoadName(
                        row.getLong("id"),
                        row.getString("name"),
                        Treatment.valueOf(row.getString("treatment")),
                        row.getBoolean("is_over")))
                .list();
    }

    List<LoadRow> openLoads() {
        return sql.sql(SELECT_LOAD
                        + " WHERE standing IN ('PLANNED', 'LIT', 'IN') ORDER BY standing = 'PLANNED', fire_load.id")
                .query((row, number) -> load(row))
                .list();
    }

    /** One kiln burns for one load at a time. */
    Optional<LoadRow> burningIn(long kiln) {
        return sql.sql(SELECT_LOAD + " WHERE kiln_id = :kiln AND standing IN ('LIT', 'IN')")
                .param("kiln", kiln)
                .query((row, number) -> load(row))
                .optional();
    }

    /** Those that are over, the latest first. */
    List<LoadRow> pastLoads(int most) {
        return sql.sql(SELECT_LOAD + " WHERE standing IN ('OVER', 'GIVEN_UP') ORDER BY fire_load.id DESC LIMIT :most")
                .param("most", most)
                .query((row, number) -> load(row))
                .list();
    }

    private LoadRow load(ResultSet row) throws SQLException {
        return new LoadRow(
                row.getLong("id"),
                row.getLong("kiln_id"),
                Treatment.valueOf(row.getString("treatment")),
                Standing.valueOf(row.getString("standing")),
                Temperature.ofCelsius(row.getDouble("heat_c")),
                Duration.ofSeconds(row.getLong("soak_s")),
                row.getInt("part"),
                json.readValue(row.getString("ready"), LINES),
                number(row, "door_by"),
                text(row, "door_name"),
                number(row, "quench_by"),
                text(row, "quench_name"),
                number(row, "lit_at_ms"),
                number(row, "in_at_ms"),
                number(row, "in_by"),
                number(row, "recovered_at_ms"),
                number(row, "over_at_ms"),
                row.getString("words"));
    }

    private static Optional<Long> number(ResultSet row, String column) throws SQLException {
        long value = row.getLong(column);
        return row.wasNull() ? Optional.empty() : Optional.of(value);
    }

    private static String text(ResultSet row, String column) throws SQLException {
        return Optional.ofNullable(row.getString(column)).orElse("");
    }

    /** The pieces of these loads, by slot. */
    List<InLoad> pieces(Collection<Long> loads) {
        return loads.isEmpty()
                ? List.of()
                : sql.sql("SELECT * FROM fire_piece WHERE load_id IN (:loads) ORDER BY load_id, slot")
                        .param("loads", loads)
                        .query((row, number) -> inLoad(row))
                        .list();
    }

    /** Every kiln that the shop has or had. */
    Map<Long, String> kilnNames() {
        Map<Long, String> names = new HashMap<>();
        sql.sql("SELECT id, name FROM kiln").query(row -> {
            names.put(row.getLong("id"), row.getString("name"));
        });
        return names;
    }

    /** What the pieces of these loads are called in the shop, by load, in the order of their slots. */
    Map<Long, List<String>> names(Collection<Long> loads) {
        record Named(long load, String name) {}
        return loads.isEmpty()
                ? Map.of()
                : sql
                        .sql("""
                SELECT load_id, job.number || CASE WHEN piece.pieces = 1 THEN '' ELSE '-' || piece.position END AS name
                FROM fire_piece JOIN piece ON piece.id = piece_id JOIN job ON job.id = piece.job_id WHERE load_id IN
                (:loads) ORDER BY load_id, slot
                """)
                        .param("loads", loads)
                        .query((row, number) -> new Named(row.getLong("load_id"), row.getString("name")))
                        .list()
                        .stream()
                        .collect(Collectors.groupingBy(
                                Named::load, Collectors.mapping(Named::name, Collectors.toList())));
    }

    /** What is in a fire that is planned or burns. */
    Set<Long> inOpenFires() {
        return Set.copyOf(
                sql.sql("SELECT piece_id FROM fire_piece JOIN fire_load ON fire_load.id = load_id WHERE standing IN "
                                + "('PLANNED', 'LIT', 'IN')")
                        .query(Long.class)
                        .list());
    }

    /** Every fire that a piece was in, the latest last. */
    List<InLoad> firesOf(long piece) {
        return sql.sql("SELECT * FROM fire_piece WHERE piece_id = :piece ORDER BY load_id")
                .param("piece", piece)
                .query((row, number) -> inLoad(row))
                .list();
    }

    private static InLoad inLoad(ResultSet row) throws SQLException {
        return new InLoad(
                row.getLong("load_id"),
                row.getLong("piece_id"),
                row.getInt("slot"),
                number(row, "left_at_ms"),
                Duration.ofSeconds(row.getLong("soaked_s")),
                number(row, "since_recovery_s").map(Duration::ofSeconds),
                text(row, "left_as"),
                text(row, "file_test"));
    }

    void happened(long kiln, Optional<Long> load, long atMillis, String words) {
        sql.sql("INSERT INTO kiln_event (kiln_id, load_id, at_ms, words) VALUES (:kiln, :load, :at, :words)")
                .param("kiln", kiln)
                .param("load", load.orElse(null))
                .param("at", atMillis)
                .param("words", words)
                .update();
    }

    List<Event> events(long kiln, long fromMillis, long toMillis) {
        return sql.sql(
                        "SELECT at_ms, words FROM kiln_event WHERE kiln_id = :kiln AND at_ms BETWEEN :from AND :to ORDER BY at_ms, id")
                .param("kiln", kiln)
                .param("from", fromMillis)
                .param("to", toMillis)
                .query((row, number) -> new Event(row.getLong("at_ms"), row.getString("words")))
                .list();
    }

    long raise(long kiln, Optional<Long> load, String kind, String words, List<String> toDo, long atMillis) {
        return sql.sql(
                        "INSERT INTO kiln_alarm (kiln_id, load_id, kind, words, to_do, raised_at_ms) VALUES (:kiln, :load, "
                                + ":kind, :words, :toDo, :at) RETURNING id")
                .param("kiln", kiln)
                .param("load", load.orElse(null))
                .param("kind", kind)
                .param("words", words)
                .param("toDo", json.writeValueAsString(toDo))
                .param("at", atMillis)
                .query(Long.class)
                .single();
    }

    List<Alarm> openAlarms() {
        return sql.sql("SELECT * FROM kiln_alarm WHERE answered_at_ms IS NULL ORDER BY id")
                .query((row, number) -> new Alarm(
                        row.getLong("id"),
                        row.getLong("kiln_id"),
                        number(row, "load_id"),
                        row.getString("kind"),
                        row.getString("words"),
                        json.readValue(row.getString("to_do"), LINES),
                        row.getLong("raised_at_ms")))
                .list();
    }

    void answer(long alarm, String words, long person, long atMillis) {
        sql.sql("UPDATE kiln_alarm SET answered_by = :person, answered_at_ms = :at, answer = :words WHERE id = :id")
                .param("person", person)
                .param("at", atMillis)
                .param("words", words)
                .param("id", alarm)
                .update();
    }
}
