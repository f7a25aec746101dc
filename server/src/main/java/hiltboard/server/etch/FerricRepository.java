package hiltboard.server.etch;

import hiltboard.core.measure.Temperature;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Ferric chloride that is made here; one at a time. */
@Repository
class FerricRepository {
    private static final TypeReference<Map<String, String>> ENTRIES = new TypeReference<>() {};

    private final JdbcClient sql;
    private final JsonMapper json;

    FerricRepository(JdbcClient sql, JsonMapper json) {
        this.sql = sql;
        this.json = json;
    }

    record PortionRow(Temperature temperature, String by, long atMillis) {}

    /**
     * @param entries as they read for anybody
     * @param planned portions of peroxide
     */
    record MakingRow(
            long id,
            Map<String, String> entries,
            int planned,
            boolean areBubblesGone,
            List<PortionRow> portions,
            String by,
            long begunAtMillis) {}

    Optional<MakingRow> open() {
        return sql.sql("SELECT ferric_making.*, person.name AS by_name FROM ferric_making JOIN person ON person.id = "
                        + "begun_by WHERE ended_at_ms IS NULL ORDER BY ferric_making.id DESC LIMIT 1")
                .query((row, number) -> new MakingRow(
                        row.getLong("id"),
                        json.readValue(row.getString("entries"), ENTRIES),
                        row.getInt("portions"),
                        row.getLong("no_bubbles_at_ms") > 0,
                        List.of(),
                        row.getString("by_name"),
                        row.getLong("begun_at_ms")))
                .optional()
                .map(row -> new MakingRow(
                        row.id(),
                        row.entries(),
                        row.planned(),
                        row.areBubblesGone(),
                        portions(row.id()),
                        row.by(),
                        row.begunAtMillis()));
    }

    private List<PortionRow> portions(long making) {
        return sql.sql("SELECT millidegrees, person.name AS by_name, noted_at_ms FROM ferric_portion "
                        + "JOIN person ON person.id = noted_by WHERE making_id = :making ORDER BY ferric_portion.id")
                .param("making", making)
                .query((row, number) -> new PortionRow(
                        Temperature.ofCelsius(row.getLong("millidegrees") / 1000.0),
                        row.getString("by_name"),
                        row.getLong("noted_at_ms")))
                .list();
    }

    long begin(Map<String, String> entries, int portions, long person, long atMillis) {
        return sql.sql(
                        "INSERT INTO ferric_making (entries, portions, begun_by, begun_at_ms) VALUES (:entries, :portions, "
                                + ":person, :at) RETURNING id")
                .param("entries", json.writeValueAsString(entries))
                .param("portions", portions)
                .param("person", person)
                .param("at", atMillis)
                .query(Long.class)
                .single();
    }

    /** @param areGone whether no bubble rises from fresh iron any more */
    void bubbles(long id, boolean areGone, long person, long atMillis) {
        sql.sql("UPDATE ferric_making SET no_bubbles_by = :person, no_bubbles_at_ms = :at WHERE id = :id")
                .param("person", areGone ? person : null)
                .param("at", areGone ? atMillis : null)
                .param("id", id)
                .update();
    }

    void portion(long id, PortionRow portion, long person) {
        sql.sql(
                        "INSERT INTO ferric_portion (making_id, millidegrees, noted_by, noted_at_ms) VALUES (:id, :heat, :person, "
                                + ":at)")
                .param("id", id)
                .param("heat", Math.round(portion.temperature().celsius() * 1000))
                .param("person", person)
                .param("at", portion.atMillis())
                .update();
    }

    void end(long id, long atMillis) {
        sql.sql("UPDATE ferric_making SET ended_at_ms = :at WHERE id = :id")
                .param("at", atMillis)
                .param("id", id)
                .update();
    }
}
