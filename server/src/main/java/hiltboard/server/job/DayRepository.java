package hiltboard.server.job;

import java.time.LocalDate;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** How the days are, as somebody said. */
@Repository
class DayRepository {
    private final JdbcClient sql;

    DayRepository(JdbcClient sql) {
        this.sql = sql;
    }

    /** What was said of a day, by what was asked. */
    Map<String, String> of(LocalDate day) {
        return sql
                .sql("SELECT what, answer FROM day_condition WHERE day = :day")
                .param("day", day.toString())
                .query((row, number) -> Map.entry(row.getString("what"), row.getString("answer")))
                .list()
                .stream()
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    void say(LocalDate day, String what, String answer, long person, long atMillis) {
        sql.sql("""
                INSERT INTO day_condition (day, what, answer, said_by, said_at_ms) VALUES (:day, :what, :answer, :person, :at)
                ON CONFLICT (day, what) DO UPDATE SET answer = :answer, said_by = :person, said_at_ms = :at
                """)
                .param("day", day.toString())
                .param("what", what)
                .param("answer", answer)
                .param("person", person)
                .param("at", atMillis)
                .update();
    }
}
