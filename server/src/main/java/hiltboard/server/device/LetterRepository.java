package hiltboard.server.device;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Letters to clients, and the steps after which they are written to. */
@Repository
class LetterRepository {
    private static final String SELECT = """
            SELECT letter.id, job_id, piece_id, operation, recipient, subject, words, photo_id, person.name AS written_by,
            written_at_ms, sent_at_ms
            FROM letter JOIN person ON person.id = written_by
            """;
    private final JdbcClient sql;

    LetterRepository(JdbcClient sql) {
        this.sql = sql;
    }

    /** A letter as it is kept; photo zero for none, sent zero while it lies in the outbox. */
    record Letter(
            long id,
            long job,
            long piece,
            String operation,
            String recipient,
            String subject,
            String words,
            long photo,
            String by,
            long atMillis,
            long sentAtMillis) {}

    long keep(Letter letter, long person) {
        return sql.sql("""
                INSERT INTO letter (job_id, piece_id, operation, recipient, subject, words, photo_id, written_by, written_at_ms)
                VALUES (:job, :piece, :operation, :recipient, :subject, :words, nullif(:photo, 0), :person, :at) RETURNING id
                """)
                .param("job", letter.job())
                .param("piece", letter.piece())
                .param("operation", letter.operation())
                .param("recipient", letter.recipient())
                .param("subject", letter.subject())
                .param("words", letter.words())
                .param("photo", letter.photo())
                .param("person", person)
                .param("at", letter.atMillis())
                .query(Long.class)
                .single();
    }

    void sent(long letter, long atMillis) {
        sql.sql("UPDATE letter SET sent_at_ms = :at WHERE id = :id")
                .param("at", atMillis)
                .param("id", letter)
                .update();
    }

    List<Letter> all() {
        return sql.sql(SELECT + "ORDER BY letter.id DESC LIMIT 200")
                .query((row, number) -> letter(row))
                .list();
    }

    List<Letter> toClient(long client) {
        return sql.sql(
                        SELECT
                                + "WHERE letter.job_id IN (SELECT id FROM job WHERE client_id = :client) ORDER BY letter.id DESC")
                .param("client", client)
                .query((row, number) -> letter(row))
                .list();
    }

    Optional<Letter> withId(long id) {
        return sql.sql(SELECT + "WHERE letter.id = :id")
                .param("id", id)
                .query((row, number) -> letter(row))
                .optional();
    }

    Set<String> stepsOf(long job) {
        return sql.sql("SELECT operation FROM update_step WHERE job_id = :job")
                .param("job", job)
                .query(String.class)
                .set();
    }

    void choose(long job, String operation, boolean isChosen) {
        sql.sql(
                        isChosen
                                ? "INSERT INTO update_step (job_id, operation) VALUES (:job, :operation) ON CONFLICT DO NOTHING"
                                : "DELETE FROM update_step WHERE job_id = :job AND operation = :operation")
                .param("job", job)
                .param("operation", operation)
                .update();
    }

    /** A piece that reached a step after which its client is written to, and about which nobody has written yet. */
    record Due(long piece, String operation) {}

    List<Due> due() {
        return sql.sql("""
                SELECT step.piece_id, step.operation FROM step JOIN piece ON piece.id = step.piece_id
                JOIN update_step ON update_step.job_id = piece.job_id AND update_step.operation = step.operation
                WHERE step.standing = 'DONE' AND NOT EXISTS (SELECT 1 FROM letter WHERE letter.piece_id = step.piece_id AND
                letter.operation = step.operation)
                ORDER BY step.done_at_ms
                """)
                .query((row, number) -> new Due(row.getLong("piece_id"), row.getString("operation")))
                .list();
    }

    private static Letter letter(ResultSet row) throws SQLException {
        return new Letter(
                row.getLong("id"),
                row.getLong("job_id"),
                row.getLong("piece_id"),
                row.getString("operation"),
                row.getString("recipient"),
                row.getString("subject"),
                row.getString("words"),
                row.getLong("photo_id"),
                row.getString("written_by"),
                row.getLong("written_at_ms"),
                row.getLong("sent_at_ms"));
    }
}
