package hiltboard.server.fire;

import hiltboard.core.fire.KilnCheck;
import hiltboard.core.fire.KilnCheck.Grain;
import hiltboard.core.fire.KilnCheck.Once;
import hiltboard.core.measure.Temperature;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** How the kilns were found beside a second thermocouple. */
@Repository
class KilnCheckRepository {
    private final JdbcClient sql;

    KilnCheckRepository(JdbcClient sql) {
        this.sql = sql;
    }

    /** One check, and who made it. */
    record Made(Once once, String by, long atMillis) {}

    /** The latest last. */
    List<Made> made(long kiln) {
        return sql.sql("""
                SELECT shown_c, second_c, grain, done_at_ms, person.name AS by_name FROM kiln_check JOIN person ON person.id
                = kiln_check.done_by
                WHERE kiln_id = :kiln ORDER BY kiln_check.id
                """)
                .param("kiln", kiln)
                .query((row, number) -> new Made(
                        new Once(
                                Temperature.ofCelsius(row.getDouble("shown_c")),
                                Temperature.ofCelsius(row.getDouble("second_c")),
                                Grain.valueOf(row.getString("grain"))),
                        row.getString("by_name"),
                        row.getLong("done_at_ms")))
                .list();
    }

    KilnCheck of(long kiln) {
        return new KilnCheck(made(kiln).stream().map(Made::once).toList());
    }

    /** By how much each kiln that was ever checked shows wrong, by its number, in kelvin. */
    Map<Long, Double> offsets() {
        return sql.sql("SELECT DISTINCT kiln_id FROM kiln_check").query(Long.class).list().stream()
                .collect(Collectors.toMap(kiln -> kiln, kiln -> of(kiln).offsetKelvin()));
    }

    void keep(long kiln, Once once, long person, long atMillis) {
        sql.sql("INSERT INTO kiln_check (kiln_id, shown_c, second_c, grain, done_at_ms, done_by) VALUES (:kiln, "
                        + ":shown, :second, :grain, :at, :person)")
                .param("kiln", kiln)
                .param("shown", once.shown().celsius())
                .param("second", once.second().celsius())
                .param("grain", once.grain().name())
                .param("at", atMillis)
                .param("person", person)
                .update();
    }
}
