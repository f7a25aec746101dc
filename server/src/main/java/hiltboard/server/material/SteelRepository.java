package hiltboard.server.material;

import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The shop's own steels as they were written down. */
@Repository
class SteelRepository {
    private static final TypeReference<Map<String, String>> ENTRIES = new TypeReference<>() {};

    private final JdbcClient sql;
    private final JsonMapper json;

    SteelRepository(JdbcClient sql, JsonMapper json) {
        this.sql = sql;
        this.json = json;
    }

    record OwnSteel(long id, String designation, Map<String, String> entries, int version, String changedBy) {}

    List<OwnSteel> all() {
        return sql.sql(
                        "SELECT own_steel.*, person.name AS changer FROM own_steel JOIN person ON person.id = changed_by "
                                + "ORDER BY designation")
                .query((row, number) -> new OwnSteel(
                        row.getLong("id"),
                        row.getString("designation"),
                        json.readValue(row.getString("entries"), ENTRIES),
                        row.getInt("version"),
                        row.getString("changer")))
                .list();
    }

    /** Keeps a steel under its designation, in place of what stood under it. */
    long keep(String designation, Map<String, String> entries, long person, long atMillis) {
        return sql.sql("""
                INSERT INTO own_steel (designation, entries, changed_by, changed_at_ms) VALUES (:designation, :entries, :person, :at)
                ON CONFLICT (designation) DO UPDATE SET entries = :entries, changed_by = :person, changed_at_ms = :at,
                version = version + 1 RETURNING id
                """)
                .param("designation", designation)
                .param("entries", json.writeValueAsString(entries))
                .param("person", person)
                .param("at", atMillis)
                .query(Long.class)
                .single();
    }
}
