package hiltboard.server.job;

import hiltboard.core.design.Advice;
import hiltboard.core.design.Specification;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
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
    record ClientWord(String matter, String words, String by, long atMillis) {}

    /** Something that is said of a knife in the talk. @param said the client's word on it; empty while it has not been talked over */
    public record AdviceView(String matter, String field, String words, String said, String by, long atMillis) {}

    List<ClientWord> ofJob(long job) {
        return sql.sql("""
                SELECT matter, words, person.name AS by_name, said_at_ms FROM client_word JOIN person ON person.id = client_word.written_by
                WHERE job_id = :job ORDER BY said_at_ms
                """).param("job", job).query((row, number) -> new ClientWord(row.getString("matter"), row.getString("words"), row.getString("by_name"), row.getLong("said_at_ms"))).list();
    }

    void keep(long job, String matter, String words, long person, long atMillis) {
        sql.sql("""
                INSERT INTO client_word (job_id, matter, words, said_at_ms, written_by) VALUES (:job, :matter, :words, :at, :person)
                ON CONFLICT (job_id, matter) DO UPDATE SET words = :words, said_at_ms = :at, written_by = :person
                """).param("job", job).param("matter", matter).param("words", words).param("at", atMillis).param("person", person).update();
    }

    /** What is to be said of such a knife of this job, with what the client has said already. */
    public List<AdviceView> advised(long job, Specification spec) {
        Map<String, ClientWord> said = ofJob(job).stream().collect(Collectors.toMap(ClientWord::matter, Function.identity()));
        return Advice.of(spec).stream().map(advice -> view(advice, Optional.ofNullable(said.get(advice.matter().name())))).toList();
    }

    /** What is to be said of such a knife, before there is a job. */
    public static List<AdviceView> of(Specification spec) {
        return Advice.of(spec).stream().map(advice -> view(advice, Optional.empty())).toList();
    }

    private static AdviceView view(Advice advice, Optional<ClientWord> said) {
        return new AdviceView(advice.matter().name(), advice.field().key(), advice.words(), said.map(ClientWord::words).orElse(""), said.map(ClientWord::by).orElse(""), said.map(ClientWord::atMillis).orElse(0L));
    }
}
