package hiltboard.server.job;

import hiltboard.server.job.Brief.Wish;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Whose the pieces are, and what their briefs said before. */
@Repository
class BelongingRepository {
    private static final TypeReference<List<Wish>> WISHES = new TypeReference<>() {};

    private final JdbcClient sql;
    private final JsonMapper json;

    BelongingRepository(JdbcClient sql, JsonMapper json) {
        this.sql = sql;
        this.json = json;
    }

    /** A knife that somebody is to have; no piece where the one that was promised is lost. */
    record Ordered(long id, String forWhom, Optional<Long> piece) {}

    /** What a brief said before somebody changed it. */
    record BriefBefore(
            String useWords, List<Wish> wishes, boolean clientAgreed, String reason, String by, long atMillis) {}

    List<Ordered> ordered(long job) {
        return sql.sql("SELECT id, for_whom, piece_id FROM ordered WHERE job_id = :job ORDER BY id")
                .param("job", job)
                .query((row, number) -> new Ordered(
                        row.getLong("id"),
                        row.getString("for_whom"),
                        Optional.of(row.getLong("piece_id")).filter(piece -> piece > 0)))
                .list();
    }

    void order(long job, String forWhom, long piece) {
        sql.sql("INSERT INTO ordered (job_id, for_whom, piece_id) VALUES (:job, :whom, :piece)")
                .param("job", job)
                .param("whom", forWhom)
                .param("piece", piece)
                .update();
    }

    /** Says for whom the knife is that this piece is promised for. */
    void name(long piece, String forWhom) {
        sql.sql("UPDATE ordered SET for_whom = :whom WHERE piece_id = :piece")
                .param("whom", forWhom)
                .param("piece", piece)
                .update();
    }

    /** The piece stands for this knife from now on. */
    void promise(long ordered, long piece) {
        sql.sql("UPDATE ordered SET piece_id = :piece WHERE id = :id")
                .param("piece", piece)
                .param("id", ordered)
                .update();
    }

    /**
     * Nobody is promised this piece any more; whoever was waits for another, or has it no longer. @param isOrderGone
     * whether nobody waits
     */
    void release(long piece, boolean isOrderGone) {
        sql.sql(
                        isOrderGone
                                ? "DELETE FROM ordered WHERE piece_id = :piece"
                                : "UPDATE ordered SET piece_id = NULL WHERE piece_id = :piece")
                .param("piece", piece)
                .update();
    }

    /** What a piece is that nobody has been promised: the spare, of somebody, or the shop's stock. */
    void unpromised(long piece, boolean isSpare, String whose) {
        sql.sql("UPDATE piece SET is_spare = :spare, for_whom = :whom WHERE id = :id")
                .param("spare", isSpare)
                .param("whom", isSpare ? whose : "")
                .param("id", piece)
                .update();
    }

    /** The brief in new words, what it said before kept; its wishes are gone, for the new ones to be added. */
    void changeBrief(long job, String useWords, BriefBefore before, long person) {
        sql.sql("INSERT INTO brief_before (job_id, use_words, wishes, client_agreed, reason, changed_by, "
                        + "changed_at_ms) VALUES (:job, :use, :wishes, :agreed, :reason, :person, :at)")
                .param("job", job)
                .param("use", before.useWords())
                .param("wishes", json.writeValueAsString(before.wishes()))
                .param("agreed", before.clientAgreed())
                .param("reason", before.reason())
                .param("person", person)
                .param("at", before.atMillis())
                .update();
        sql.sql("UPDATE job SET use_words = :use WHERE id = :job")
                .param("use", useWords)
                .param("job", job)
                .update();
        sql.sql("DELETE FROM wish WHERE job_id = :job").param("job", job).update();
    }

    /** What the brief said before, the latest first. */
    List<BriefBefore> briefsBefore(long job) {
        return sql.sql("""
                SELECT use_words, wishes, client_agreed, reason, person.name AS changed_name, changed_at_ms
                FROM brief_before JOIN person ON person.id = changed_by WHERE job_id = :job ORDER BY brief_before.id DESC
                """)
                .param("job", job)
                .query((row, number) -> new BriefBefore(
                        row.getString("use_words"),
                        json.readValue(row.getString("wishes"), WISHES),
                        row.getBoolean("client_agreed"),
                        row.getString("reason"),
                        row.getString("changed_name"),
                        row.getLong("changed_at_ms")))
                .list();
    }
}
