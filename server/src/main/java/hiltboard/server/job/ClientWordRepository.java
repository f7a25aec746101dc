package hiltboard.server.job;

import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The client's word on what was said in the talk: each matter once. */
@Repository
public class ClientWordRepository {
    private final JdbcClient sql;

    ClientWordRepository(JdbcClient sql) {
        this.sql = sql;
    }

    /** What a client said of a matter, and who wrote it down. */
    public record ClientWord(String matter, String words, String by, long atMillis) {}

    public List<ClientWord> ofJob(long job) {
        return sql.sql("""
                SELECT matter, words, person.name AS by_name, said_at_ms FROM client_word JOIN person ON person.id = client_word.written_by
                WHERE job_id = :job ORDER BY said_at_ms
                """)
                .param("job", job)
                .query((row, number) -> new ClientWord(
                        row.getString("matter"),
                        row.getString("words"),
                        row.getString("by_name"),
                        row.getLong("said_at_ms")))
                .list();
    }

    void keep(long job, String matter, String words, long person, long atMillis) {
        sql.sql("""
                INSERT INTO client_word (job_id, matter, words, said_at_ms, written_by) VALUES (:job, :matter, :words, :at, :person)
                ON CONFLICT (job_id, matter) DO UPDATE SET words = :words, said_at_ms = :at, written_by = :person
                """)
                .param("job", job)
                .param("matter", matter)
                .param("words", words)
                .param("at", atMillis)
                .param("person", person)
                .update();
    }
}
