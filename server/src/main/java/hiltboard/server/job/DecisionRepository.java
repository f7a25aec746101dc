package hiltboard.server.job;

import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Changes of the agreed specification that were taken or dropped. Nothing is struck out here: a decision stays. */
@Repository
class DecisionRepository {
    private final JdbcClient sql;

    DecisionRepository(JdbcClient sql) {
        this.sql = sql;
    }

    /** A decision on a late change, with what it was said to do at the time. */
    record Decision(
            String change,
            String effect,
            boolean isTaken,
            boolean clientAgreed,
            String reason,
            String by,
            long atMillis) {}

    void decide(
            long piece,
            String change,
            String effect,
            boolean isTaken,
            boolean clientAgreed,
            String reason,
            long person,
            long atMillis) {
        sql.sql("""
                INSERT INTO decision (piece_id, change, effect, taken, client_agreed, reason, decided_by, decided_at_ms)
                VALUES (:piece, :change, :effect, :taken, :agreed, :reason, :person, :at)
                """)
                .param("piece", piece)
                .param("change", change)
                .param("effect", effect)
                .param("taken", isTaken)
                .param("agreed", clientAgreed)
                .param("reason", reason)
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    List<Decision> ofPiece(long piece) {
        return sql.sql("""
                SELECT change, effect, taken, client_agreed, reason, person.name AS decided_by, decided_at_ms
                FROM decision JOIN person ON person.id = decided_by WHERE piece_id = :piece ORDER BY decision.id
                """)
                .param("piece", piece)
                .query((row, number) -> new Decision(
                        row.getString("change"),
                        row.getString("effect"),
                        row.getBoolean("taken"),
                        row.getBoolean("client_agreed"),
                        row.getString("reason"),
                        row.getString("decided_by"),
                        row.getLong("decided_at_ms")))
                .list();
    }
}
