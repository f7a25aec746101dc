package hiltboard.server.design;

import hiltboard.server.job.Photograph;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Revisions of drawn knives, the clients' yes to them, and the links that show them. */
@Repository
class RevisionRepository {
    private static final TypeReference<Map<String, String>> ENTRIES = new TypeReference<>() {};
    private static final TypeReference<List<String>> KEYS = new TypeReference<>() {};
    private static final String SELECT = """
            SELECT revision.id, job_id, number, chosen, specification, words, person.name AS kept_by, kept_at_ms
            FROM revision LEFT JOIN person ON person.id = kept_by
            """;
    private static final String SELECT_LINK = """
            SELECT client_link.id, revision_id, token, message, price, shown, made_by, made_at_ms, expires_at_ms, withdrawn_at_ms
            FROM client_link JOIN revision ON revision.id = revision_id
            """;
    private final JdbcClient sql;
    private final JsonMapper json;

    RevisionRepository(JdbcClient sql, JsonMapper json) {
        this.sql = sql;
        this.json = json;
    }

    /**
     * A revision as it is kept.
     *
     * @param chosen the entries that were typed, dragged or said; the rest followed from them
     * @param entries the whole specification
     */
    record Revision(
            long id,
            long job,
            int number,
            Map<String, String> chosen,
            Map<String, String> entries,
            String words,
            String by,
            long atMillis) {}

    /** A client's yes; written by nobody of the shop when it was given on the client page. */
    record Approval(long revision, String name, String writtenBy, long atMillis) {}

    record Link(
            long id,
            long revision,
            String token,
            String message,
            String price,
            List<String> shown,
            long madeBy,
            long madeAtMillis,
            long expiresAtMillis,
            Optional<Long> withdrawnAtMillis) {
        boolean isOpen(long nowMillis) {
            return withdrawnAtMillis.isEmpty() && nowMillis < expiresAtMillis;
        }
    }

    /** What a client wrote about a revision. */
    record ClientWish(long revision, String name, String words, long atMillis) {}

    long keep(
            long job,
            int number,
            Map<String, String> chosen,
            Map<String, String> entries,
            String words,
            Optional<Long> person,
            long atMillis) {
        return sql.sql("""
                INSERT INTO revision (job_id, number, chosen, specification, words, kept_by, kept_at_ms)
                VALUES (:job, :number, :chosen, :entries, :words, :person, :at) RETURNING id
                """)
                .param("job", job)
                .param("number", number)
                .param("chosen", json.writeValueAsString(chosen))
                .param("entries", json.writeValueAsString(entries))
                .param("words", words)
                .param("person", person.orElse(null))
                .param("at", atMillis)
                .query(Long.class)
                .single();
    }

    List<Revision> ofJob(long job) {
        return sql.sql(SELECT + "WHERE job_id = :job ORDER BY number")
                .param("job", job)
                .query((row, number) -> revision(row))
                .list();
    }

    Optional<Revision> withId(long id) {
        return sql.sql(SELECT + "WHERE revision.id = :id")
                .param("id", id)
                .query((row, number) -> revision(row))
                .optional();
    }

    void approve(long revision, String name, Optional<Long> person, long atMillis) {
        sql.sql("INSERT INTO approval (revision_id, given_name, written_by, approved_at_ms) VALUES (:revision, "
                        + ":name, :person, :at)")
                .param("revision", revision)
                .param("name", name)
                .param("person", person.orElse(null))
                .param("at", atMillis)
                .update();
    }

    List<Approval> approvals(long job) {
        return sql.sql("""
                SELECT revision_id, given_name, person.name AS written_by, approved_at_ms
                FROM approval JOIN revision ON revision.id = revision_id LEFT JOIN person ON person.id = written_by WHERE
                job_id = :job ORDER BY approval.id
                """)
                .param("job", job)
                .query((row, number) -> new Approval(
                        row.getLong("revision_id"),
                        row.getString("given_name"),
                        Optional.ofNullable(row.getString("written_by")).orElse(""),
                        row.getLong("approved_at_ms")))
                .list();
    }

    long link(Link link) {
        return sql.sql("""
                INSERT INTO client_link (revision_id, token, message, price, shown, made_by, made_at_ms, expires_at_ms)
                VALUES (:revision, :token, :message, :price, :shown, :person, :at, :expires) RETURNING id
                """)
                .param("revision", link.revision())
                .param("token", link.token())
                .param("message", link.message())
                .param("price", link.price())
                .param("shown", json.writeValueAsString(link.shown()))
                .param("person", link.madeBy())
                .param("at", link.madeAtMillis())
                .param("expires", link.expiresAtMillis())
                .query(Long.class)
                .single();
    }

    boolean withdraw(long link, long job, long atMillis) {
        return sql.sql("UPDATE client_link SET withdrawn_at_ms = :at WHERE id = :id AND withdrawn_at_ms IS NULL AND "
                                + "revision_id IN (SELECT id FROM revision WHERE job_id = :job)")
                        .param("at", atMillis)
                        .param("id", link)
                        .param("job", job)
                        .update()
                == 1;
    }

    List<Link> links(long job) {
        return sql.sql(SELECT_LINK + "WHERE job_id = :job ORDER BY client_link.id")
                .param("job", job)
                .query((row, number) -> link(row))
                .list();
    }

    Optional<Link> linkWithToken(String token) {
        return sql.sql(SELECT_LINK + "WHERE token = :token")
                .param("token", token)
                .query((row, number) -> link(row))
                .optional();
    }

    int wishesThrough(long link, long afterMillis) {
        return sql.sql("SELECT count(*) FROM client_wish WHERE link_id = :link AND written_at_ms > :after")
                .param("link", link)
                .param("after", afterMillis)
                .query(Integer.class)
                .single();
    }

    void wish(long link, String name, String words, long atMillis) {
        sql.sql(
                        "INSERT INTO client_wish (link_id, given_name, words, written_at_ms) VALUES (:link, :name, :words, :at)")
                .param("link", link)
                .param("name", name)
                .param("words", words)
                .param("at", atMillis)
                .update();
    }

    List<ClientWish> wishes(long job) {
        return sql.sql("""
                SELECT revision_id, given_name, client_wish.words, written_at_ms FROM client_wish
                JOIN client_link ON client_link.id = link_id JOIN revision ON revision.id = revision_id WHERE job_id = :job
                ORDER BY client_wish.id
                """)
                .param("job", job)
                .query((row, number) -> new ClientWish(
                        row.getLong("revision_id"),
                        row.getString("given_name"),
                        row.getString("words"),
                        row.getLong("written_at_ms")))
                .list();
    }

    /** A drawing that was put beside others; taken with a reason, or not. */
    record Proposal(
            long id,
            String name,
            Map<String, String> chosen,
            Map<String, String> entries,
            boolean isTaken,
            String reason) {}

    void propose(
            long job,
            String name,
            Map<String, String> chosen,
            Map<String, String> entries,
            long person,
            long atMillis) {
        sql.sql("INSERT INTO proposal (job_id, name, chosen, specification, put_by, put_at_ms) VALUES (:job, :name, "
                        + ":chosen, :entries, :person, :at)")
                .param("job", job)
                .param("name", name)
                .param("chosen", json.writeValueAsString(chosen))
                .param("entries", json.writeValueAsString(entries))
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    /** One proposal is taken; an earlier choice of the same job is taken back. */
    void takeProposal(long job, long proposal, String reason, long atMillis) {
        sql.sql("UPDATE proposal SET taken_at_ms = CASE WHEN id = :id THEN :at END, reason = CASE WHEN id = :id "
                        + "THEN :reason ELSE reason END WHERE job_id = :job")
                .param("id", proposal)
                .param("at", atMillis)
                .param("reason", reason)
                .param("job", job)
                .update();
    }

    List<Proposal> proposals(long job) {
        return sql.sql(
                        "SELECT id, name, chosen, specification, taken_at_ms, reason FROM proposal WHERE job_id = :job ORDER BY id")
                .param("job", job)
                .query((row, number) -> new Proposal(
                        row.getLong("id"),
                        row.getString("name"),
                        json.readValue(row.getString("chosen"), ENTRIES),
                        json.readValue(row.getString("specification"), ENTRIES),
                        row.getLong("taken_at_ms") > 0,
                        row.getString("reason")))
                .list();
    }

    void sketch(long job, String fileName, Photograph sketch, long person, long atMillis) {
        sql.sql("""
                INSERT INTO sketch (job_id, file_name, media_type, original, thumbnail, taken_by, taken_at_ms)
                VALUES (:job, :name, :type, :original, :thumbnail, :person, :at)
                """)
                .param("job", job)
                .param("name", fileName)
                .param("type", sketch.mediaType())
                .param("original", sketch.original())
                .param("thumbnail", sketch.thumbnail())
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    /** A sketch that the client brought. */
    record Sketch(long id, String fileName) {}

    List<Sketch> sketches(long job) {
        return sql.sql("SELECT id, file_name FROM sketch WHERE job_id = :job ORDER BY id")
                .param("job", job)
                .query((row, number) -> new Sketch(row.getLong("id"), row.getString("file_name")))
                .list();
    }

    /** A sketch as it was taken, if it belongs to the job. */
    Optional<Photograph> sketch(long job, long id) {
        return sql.sql("SELECT media_type, original, thumbnail FROM sketch WHERE id = :id AND job_id = :job")
                .param("id", id)
                .param("job", job)
                .query((row, number) -> new Photograph(
                        row.getString("media_type"), row.getBytes("original"), row.getBytes("thumbnail")))
                .optional();
    }

    private Revision revision(ResultSet row) throws SQLException {
        return new Revision(
                row.getLong("id"),
                row.getLong("job_id"),
                row.getInt("number"),
                json.readValue(row.getString("chosen"), ENTRIES),
                json.readValue(row.getString("specification"), ENTRIES),
                row.getString("words"),
                Optional.ofNullable(row.getString("kept_by")).orElse(""),
                row.getLong("kept_at_ms"));
    }

    private Link link(ResultSet row) throws SQLException {
        long withdrawn = row.getLong("withdrawn_at_ms");
        return new Link(
                row.getLong("id"),
                row.getLong("revision_id"),
                row.getString("token"),
                row.getString("message"),
                row.getString("price"),
                json.readValue(row.getString("shown"), KEYS),
                row.getLong("made_by"),
                row.getLong("made_at_ms"),
                row.getLong("expires_at_ms"),
                withdrawn == 0 ? Optional.empty() : Optional.of(withdrawn));
    }
}
