package hiltboard.server.live;

import hiltboard.server.Refusal;
import hiltboard.server.live.Command.Actor;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The append-only journal and the commands that were carried out. */
@Repository
class Journal {
    private static final String SELECT = """
            SELECT journal.sequence, at_ms, person_id, coalesce(person.name, 'The shop') AS who, origin, kind, job_id, piece_id, words
            FROM journal LEFT JOIN person ON person.id = journal.person_id
            """;
    private static final RowMapper<JournalEntry> ROW = (row, number) -> new JournalEntry(
            row.getLong("sequence"),
            row.getLong("at_ms"),
            row.getObject("person_id") == null ? null : row.getLong("person_id"),
            row.getString("who"),
            row.getString("origin"),
            Entry.Kind.valueOf(row.getString("kind")),
            row.getObject("job_id") == null ? null : row.getLong("job_id"),
            row.getObject("piece_id") == null ? null : row.getLong("piece_id"),
            row.getString("words"));

    private final JdbcClient sql;

    Journal(JdbcClient sql) {
        this.sql = sql;
    }

    /** Writes an entry; the piece that it is about takes the entry's sequence as its version. */
    JournalEntry append(Entry entry, Command command, long atMillis) {
        Optional<Actor> actor = command.actor();
        long sequence = sql.sql("""
                INSERT INTO journal (at_ms, person_id, origin, kind, job_id, piece_id, words)
                VALUES (:at, :person, :origin, :kind, :job, :piece, :words) RETURNING sequence
                """)
                .param("at", atMillis)
                .param("person", actor.map(Actor::id).orElse(null))
                .param("origin", command.origin())
                .param("kind", entry.kind().name())
                .param("job", entry.job().orElse(null))
                .param("piece", entry.piece().orElse(null))
                .param("words", entry.words())
                .query(Long.class)
                .single();
        entry.piece()
                .ifPresent(piece -> sql.sql("UPDATE piece SET version = :sequence WHERE id = :piece")
                        .param("sequence", sequence)
                        .param("piece", piece)
                        .update());
        return new JournalEntry(
                sequence,
                atMillis,
                actor.map(Actor::id).orElse(null),
                actor.map(Actor::name).orElse("The shop"),
                command.origin(),
                entry.kind(),
                entry.job().orElse(null),
                entry.piece().orElse(null),
                entry.words());
    }

    /** A command that was carried out; what it said is empty where that was not kept yet. */
    record CarriedOut(Receipt receipt, String said) {
        Receipt receiptFor(Command again) {
            if (!said.isEmpty() && !said.equals(again.said())) {
                throw Refusal.idUsedBefore();
            }
            return receipt;
        }
    }

    Optional<CarriedOut> carriedOut(String commandId) {
        return sql.sql("SELECT sequence, about, said FROM command WHERE id = :id")
                .param("id", commandId)
                .query((row, number) -> new CarriedOut(
                        new Receipt(row.getLong("sequence"), row.getLong("about")), row.getString("said")))
                .optional();
    }

    void keep(Command command, Receipt receipt) {
        sql.sql("""
                INSERT INTO command (id, person_id, sequence, about, said)
                VALUES (:id, :person, :sequence, :about, :said)
                """)
                .param("id", command.id())
                .param("person", command.actor().map(Actor::id).orElse(null))
                .param("sequence", receipt.sequence())
                .param("about", receipt.about())
                .param("said", command.said())
                .update();
    }

    long latest() {
        return sql.sql("SELECT coalesce(max(sequence), 0) FROM journal")
                .query(Long.class)
                .single();
    }

    List<JournalEntry> after(long sequence, int most) {
        return sql.sql(SELECT + "WHERE journal.sequence > :after ORDER BY journal.sequence LIMIT :most")
                .param("after", sequence)
                .param("most", most)
                .query(ROW)
                .list();
    }

    List<JournalEntry> ofPiece(long piece, long job) {
        return sql.sql(
                        SELECT
                                + "WHERE piece_id = :piece OR (job_id = :job AND piece_id IS NULL) ORDER BY journal.sequence DESC")
                .param("piece", piece)
                .param("job", job)
                .query(ROW)
                .list();
    }

    Optional<JournalEntry> latest(Entry.Kind kind, long job, Optional<Long> piece) {
        return sql.sql(
                        SELECT
                                + "WHERE kind = :kind AND job_id = :job AND piece_id IS :piece ORDER BY journal.sequence DESC LIMIT 1")
                .param("kind", kind.name())
                .param("job", job)
                .param("piece", piece.orElse(null))
                .query(ROW)
                .optional();
    }
}
