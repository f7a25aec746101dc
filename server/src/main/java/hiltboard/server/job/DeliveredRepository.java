package hiltboard.server.job;

import hiltboard.server.job.JobRepository.Standing;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** Whose knives were made, and when they left the shop. */
@Repository
class DeliveredRepository {
    private static final String SELECT = """
            SELECT piece.id, piece.job_id, position, pieces, specification, standing, handed_over_at_ms, number, title,
                client.id AS client_id, client.name AS client_name, coalesce(ordered.for_whom, piece.for_whom) AS for_whom
            FROM piece JOIN job ON job.id = piece.job_id JOIN client ON client.id = client_id
            LEFT JOIN ordered ON ordered.piece_id = piece.id
            """;

    private final JdbcClient sql;
    private final JsonMapper json;

    DeliveredRepository(JdbcClient sql, JsonMapper json) {
        this.sql = sql;
        this.json = json;
    }

    /** A piece as it is listed. @param handedOverAtMillis zero while it has not left the shop */
    record Made(
            long id,
            long job,
            int position,
            int pieces,
            Map<String, String> entries,
            Standing standing,
            long handedOverAtMillis,
            String number,
            String title,
            long client,
            String clientName,
            String forWhom) {}

    /**
     * A client with how much was made for them. @param lastAtMillis when the last of it left the shop; zero for never
     */
    record ClientLine(long id, String name, String contact, int jobs, int living, int delivered, long lastAtMillis) {}

    /** By which the list of what was delivered is narrowed; empty for all of it. */
    record Wanted(Optional<String> construction, Optional<Long> client, long fromMillis, long beforeMillis) {}

    /** The latest first, and of one moment the one with the higher number. */
    List<Made> delivered(Wanted wanted, int most) {
        return sql.sql(SELECT + """
                WHERE handed_over_at_ms >= :from AND handed_over_at_ms < :before AND standing = 'HANDED_OVER'
                    AND (:construction IS NULL OR specification ->> 'construction' = :construction)
                    AND (:client IS NULL OR client_id = :client)
                ORDER BY handed_over_at_ms DESC, piece.id DESC LIMIT :most
                """)
                .param("from", wanted.fromMillis())
                .param("before", wanted.beforeMillis())
                .param("construction", wanted.construction().orElse(null))
                .param("client", wanted.client().orElse(null))
                .param("most", most)
                .query((row, number) -> made(row))
                .list();
    }

    /** When the first piece ever left the shop. */
    Optional<Long> first() {
        return sql.sql("SELECT handed_over_at_ms FROM piece WHERE handed_over_at_ms IS NOT NULL "
                        + "ORDER BY handed_over_at_ms LIMIT 1")
                .query(Long.class)
                .optional();
    }

    int jobsOf(long client) {
        return sql.sql("SELECT count(*) FROM job WHERE client_id = :client")
                .param("client", client)
                .query(Integer.class)
                .single();
    }

    /** What is and was made for a client, the latest job first. @param most how many jobs */
    List<Made> of(long client, int most) {
        return sql.sql(SELECT + """
                WHERE job.id IN (SELECT id FROM job WHERE client_id = :client ORDER BY id DESC LIMIT :most)
                ORDER BY job.id DESC, position
                """)
                .param("client", client)
                .param("most", most)
                .query((row, number) -> made(row))
                .list();
    }

    /** Everybody who asked for something, by name. */
    List<ClientLine> clients() {
        return sql.sql("""
                SELECT client.id, client.name, contact, count(DISTINCT job.id) AS jobs, sum(piece.standing = 'ALIVE') AS living,
                    sum(piece.standing = 'HANDED_OVER') AS delivered, max(handed_over_at_ms) AS last_at_ms
                FROM client JOIN job ON job.client_id = client.id JOIN piece ON piece.job_id = job.id
                WHERE job.kind IN ('COMMISSION', 'GIFT') AND forgotten_at_ms IS NULL
                GROUP BY client.id ORDER BY client.name COLLATE NOCASE, client.id
                """)
                .query((row, number) -> new ClientLine(
                        row.getLong("id"),
                        row.getString("name"),
                        row.getString("contact"),
                        row.getInt("jobs"),
                        row.getInt("living"),
                        row.getInt("delivered"),
                        row.getLong("last_at_ms")))
                .list();
    }

    private Made made(ResultSet row) throws SQLException {
        return new Made(
                row.getLong("id"),
                row.getLong("job_id"),
                row.getInt("position"),
                row.getInt("pieces"),
                json.readValue(row.getString("specification"), JobRepository.ENTRIES),
                Standing.valueOf(row.getString("standing")),
                row.getLong("handed_over_at_ms"),
                row.getString("number"),
                row.getString("title"),
                row.getLong("client_id"),
                row.getString("client_name"),
                row.getString("for_whom"));
    }
}
