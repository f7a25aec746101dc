package hiltboard.server.job;

import hiltboard.core.design.Strength;
import hiltboard.core.route.Condition;
import hiltboard.core.route.Rework;
import hiltboard.core.route.Worn;
import hiltboard.server.job.Brief.Wish;
import hiltboard.server.job.Own.Belongs;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Clients, jobs, what was wished, and pieces. */
@Repository
class JobRepository {
    static final TypeReference<Map<String, String>> ENTRIES = new TypeReference<>() {};
    private static final String SELECT_JOB = """
            SELECT job.id, number, title, use_words, promised_on,
                CASE WHEN EXISTS (SELECT 1 FROM repair JOIN piece again ON again.id = repair.piece_id WHERE again.job_id = job.id)
                    THEN 'REPAIR' ELSE job.kind END AS kind, client_id, client.name AS client_name,
                client.contact AS client_contact
            FROM job JOIN client ON client.id = job.client_id
            """;
    private static final String PIECE_COLUMNS = """
            SELECT piece.id, piece.job_id, position, pieces, standing, held_reason, held_at_ms, holder.name
            AS held_by, version,
                heats, softened_again, taken_apart, worn_conditions, worn_since_ms, art, rack_slot, set_name,
                coalesce(ordered.for_whom, piece.for_whom) AS for_whom, CASE WHEN ordered.id IS NOT NULL THEN 'PROMISED'
                WHEN is_spare = 1 THEN 'SPARE' ELSE 'STOCK' END AS belongs
            """;
    private static final String FROM_PIECE = """
            FROM piece LEFT JOIN person holder ON holder.id = piece.held_by LEFT JOIN ordered ON ordered.piece_id = piece.id
            """;
    private static final String SELECT_PIECE = PIECE_COLUMNS + ", specification " + FROM_PIECE;
    private final JdbcClient sql;
    private final JsonMapper json;

    JobRepository(JdbcClient sql, JsonMapper json) {
        this.sql = sql;
        this.json = json;
    }

    /** A job with its client. */
    record Job(
            long id,
            String number,
            String title,
            String useWords,
            LocalDate promisedOn,
            JobKind kind,
            long clientId,
            String clientName,
            String clientContact) {}

    /** How a piece stands. */
    enum Standing {
        ALIVE,
        HANDED_OVER,
        SCRAPPED
    }

    /**
     * A piece as it is kept; the reason is empty unless it is held.
     *
     * @param worn what it was when its route was last turned back
     */
    record Piece(
            long id,
            long job,
            int position,
            int pieces,
            Map<String, String> entries,
            Standing standing,
            Optional<String> heldReason,
            String heldBy,
            long heldAtMillis,
            long version,
            Rework rework,
            Worn worn,
            Own own) {}

    long addClient(String name, String contact) {
        return sql.sql("INSERT INTO client (name, contact) VALUES (:name, :contact) RETURNING id")
                .param("name", name)
                .param("contact", contact)
                .query(Long.class)
                .single();
    }

    /** Somebody who asks for knives. @param jobs how many */
    record ClientRow(long id, String name, String contact, int jobs) {}

    List<ClientRow> clients(Collection<Long> ids) {
        return sql.sql("SELECT id, name, contact, (SELECT count(*) FROM job WHERE client_id = client.id) AS jobs "
                        + "FROM client WHERE id IN (:ids)")
                .param("ids", ids)
                .query((row, number) -> new ClientRow(
                        row.getLong("id"), row.getString("name"), row.getString("contact"), row.getInt("jobs")))
                .list();
    }

    Optional<Long> clientNamed(String name) {
        return sql.sql("SELECT id FROM client WHERE name = :name ORDER BY id LIMIT 1")
                .param("name", name)
                .query(Long.class)
                .optional();
    }

    long addJob(long client, JobKind kind, String title, String useWords, LocalDate promisedOn, long atMillis) {
        return sql.sql("""
                INSERT INTO job (number, client_id, kind, title, use_words, promised_on, created_at_ms)
                VALUES ((SELECT printf('%03d', count(*) + 1) FROM job), :client, :kind, :title, :use, :promised, :at) RETURNING id
                """)
                .param("client", client)
                .param("kind", kind.name())
                .param("title", title)
                .param("use", useWords)
                .param("promised", promisedOn.toString())
                .param("at", atMillis)
                .query(Long.class)
                .single();
    }

    void addWishes(long job, List<Wish> wishes) {
        for (int position = 0; position < wishes.size(); position++) {
            Wish wish = wishes.get(position);
            sql.sql("INSERT INTO wish (job_id, position, words, strength, asked, agreed) VALUES (:job, :position, "
                            + ":words, :strength, :asked, :agreed)")
                    .param("job", job)
                    .param("position", position)
                    .param("words", wish.words())
                    .param("strength", wish.strength().name())
                    .param("asked", wish.asked())
                    .param("agreed", wish.agreed())
                    .update();
        }
    }

    long addPiece(long job, int position, int pieces, Map<String, String> entries) {
        return sql.sql("INSERT INTO piece (job_id, position, pieces, specification, standing) VALUES (:job, :position, "
                        + ":pieces, :specification, 'ALIVE') RETURNING id")
                .param("job", job)
                .param("position", position)
                .param("pieces", pieces)
                .param("specification", json.writeValueAsString(entries))
                .query(Long.class)
                .single();
    }

    Optional<Job> job(long id) {
        return sql.sql(SELECT_JOB + "WHERE job.id = :id")
                .param("id", id)
                .query((row, number) -> job(row))
                .optional();
    }

    List<Job> jobs(Collection<Long> ids) {
        return sql.sql(SELECT_JOB + "WHERE job.id IN (:ids)")
                .param("ids", ids)
                .query((row, number) -> job(row))
                .list();
    }

    List<Job> jobsWithLivingPieces() {
        return sql.sql(SELECT_JOB + "WHERE job.id IN (SELECT job_id FROM piece WHERE standing = 'ALIVE')")
                .query((row, number) -> job(row))
                .list();
    }

    List<Wish> wishes(long job) {
        return sql.sql("SELECT words, strength, asked, agreed FROM wish WHERE job_id = :job ORDER BY position")
                .param("job", job)
                .query((row, number) -> new Wish(
                        row.getString("words"),
                        Strength.valueOf(row.getString("strength")),
                        row.getString("asked"),
                        row.getString("agreed")))
                .list();
    }

    Optional<Piece> piece(long id) {
        return sql.sql(SELECT_PIECE + "WHERE piece.id = :id")
                .param("id", id)
                .query((row, number) -> piece(row))
                .optional();
    }

    List<Piece> pieces(Collection<Long> ids) {
        return sql.sql(SELECT_PIECE + "WHERE piece.id IN (:ids)")
                .param("ids", ids)
                .query((row, number) -> piece(row))
                .list();
    }

    /** The pieces of jobs that are not finished, with those of the same job that are. */
    List<Piece> piecesOf(Collection<Long> jobs) {
        return sql.sql(SELECT_PIECE + "WHERE piece.job_id IN (:jobs) ORDER BY piece.job_id, position")
                .param("jobs", jobs)
                .query((row, number) -> piece(row))
                .list();
    }

    /**
     * As {@link #piecesOf(Collection)}; the answers of a piece that is known at the version that it has are not read
     * again.
     */
    List<Piece> piecesOf(Collection<Long> jobs, Map<Long, Piece> known) {
        List<Piece> heads = sql.sql(
                        PIECE_COLUMNS + FROM_PIECE + "WHERE piece.job_id IN (:jobs) ORDER BY piece.job_id, position")
                .param("jobs", jobs)
                .query((row, number) -> piece(
                        row,
                        Optional.ofNullable(known.get(row.getLong("id")))
                                .map(Piece::entries)
                                .orElse(Map.of())))
                .list();
        List<Long> changed = heads.stream()
                .filter(head ->
                        !known.containsKey(head.id()) || known.get(head.id()).version() != head.version())
                .map(Piece::id)
                .toList();
        Map<Long, Piece> read = changed.isEmpty()
                ? Map.of()
                : pieces(changed).stream().collect(Collectors.toMap(Piece::id, Function.identity()));
        return heads.stream().map(head -> read.getOrDefault(head.id(), head)).toList();
    }

    void specify(long piece, Map<String, String> entries) {
        sql.sql("UPDATE piece SET specification = :specification WHERE id = :id")
                .param("specification", json.writeValueAsString(entries))
                .param("id", piece)
                .update();
    }

    void turnBack(long piece, Rework rework, Worn worn) {
        sql.sql("UPDATE piece SET heats = :heats, softened_again = :softened, taken_apart = :apart, worn_conditions "
                        + "= :conditions, worn_since_ms = :since WHERE id = :id")
                .param("heats", rework.heats())
                .param("softened", rework.isSoftenedAgain())
                .param("apart", rework.isTakenApart())
                .param(
                        "conditions",
                        worn.conditions().stream().map(Condition::name).sorted().collect(Collectors.joining(",")))
                .param("since", worn.since().toEpochMilli())
                .param("id", piece)
                .update();
    }

    void describe(long piece, String art, String rackSlot, String setName) {
        sql.sql("UPDATE piece SET art = :art, rack_slot = :slot, set_name = :set WHERE id = :id")
                .param("art", art)
                .param("slot", rackSlot)
                .param("set", setName)
                .param("id", piece)
                .update();
    }

    /** Another piece of the job; every piece says how many there are. */
    void countPieces(long job) {
        sql.sql(
                        "UPDATE piece SET pieces = (SELECT count(*) FROM piece counted WHERE counted.job_id = :job) WHERE job_id = :job")
                .param("job", job)
                .update();
    }

    void promise(long job, LocalDate day) {
        sql.sql("UPDATE job SET promised_on = :day WHERE id = :id")
                .param("day", day.toString())
                .param("id", job)
                .update();
    }

    void hold(long piece, String reason, long person, long atMillis) {
        sql.sql("UPDATE piece SET held_reason = :reason, held_by = :person, held_at_ms = :at WHERE id = :id")
                .param("reason", reason)
                .param("person", person)
                .param("at", atMillis)
                .param("id", piece)
                .update();
    }

    void release(long piece) {
        sql.sql("UPDATE piece SET held_reason = NULL, held_by = NULL, held_at_ms = NULL WHERE id = :id")
                .param("id", piece)
                .update();
    }

    void handOver(long piece, long atMillis) {
        stand(piece, Standing.HANDED_OVER);
        sql.sql("UPDATE piece SET handed_over_at_ms = :at WHERE id = :id")
                .param("at", atMillis)
                .param("id", piece)
                .update();
    }

    void stand(long piece, Standing standing) {
        sql.sql("UPDATE piece SET standing = :standing WHERE id = :id")
                .param("standing", standing.name())
                .param("id", piece)
                .update();
    }

    private static Job job(ResultSet row) throws SQLException {
        return new Job(
                row.getLong("id"),
                row.getString("number"),
                row.getString("title"),
                row.getString("use_words"),
                LocalDate.parse(row.getString("promised_on")),
                JobKind.valueOf(row.getString("kind")),
                row.getLong("client_id"),
                row.getString("client_name"),
                row.getString("client_contact"));
    }

    private Piece piece(ResultSet row) throws SQLException {
        return piece(row, json.readValue(row.getString("specification"), ENTRIES));
    }

    private static Piece piece(ResultSet row, Map<String, String> entries) throws SQLException {
        return new Piece(
                row.getLong("id"),
                row.getLong("job_id"),
                row.getInt("position"),
                row.getInt("pieces"),
                entries,
                Standing.valueOf(row.getString("standing")),
                Optional.ofNullable(row.getString("held_reason")),
                Optional.ofNullable(row.getString("held_by")).orElse(""),
                row.getLong("held_at_ms"),
                row.getLong("version"),
                new Rework(row.getInt("heats"), row.getBoolean("softened_again"), row.getBoolean("taken_apart")),
                worn(row),
                new Own(
                        Belongs.valueOf(row.getString("belongs")),
                        row.getString("for_whom"),
                        row.getString("art"),
                        row.getString("rack_slot"),
                        row.getString("set_name")));
    }

    private static Worn worn(ResultSet row) throws SQLException {
        String conditions = row.getString("worn_conditions");
        if (conditions == null) {
            return Worn.NEW;
        }
        return new Worn(
                Arrays.stream(conditions.split(","))
                        .filter(name -> !name.isEmpty())
                        .map(Condition::valueOf)
                        .collect(Collectors.toSet()),
                Instant.ofEpochMilli(row.getLong("worn_since_ms")));
    }
}
