package hiltboard.server.job;

import hiltboard.core.route.Repair;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Knives that came back, and what is done to them again. */
@Repository
class RepairRepository {
    private final JdbcClient sql;

    RepairRepository(JdbcClient sql) {
        this.sql = sql;
    }

    /** @param of number of the piece that it was, where this shop made it */
    record RepairRow(String ofName, Optional<Long> of, List<Repair> works) {}

    void add(long piece, PieceFile of, Collection<Repair> works) {
        sql.sql("""
                UPDATE piece SET (heats, softened_again) = (SELECT heats, softened_again FROM piece before WHERE before.id = :of),
                    taken_apart = :apart
                WHERE id = :piece
                """)
                .param("piece", piece)
                .param("of", of.id())
                .param("apart", works.stream().anyMatch(Repair::takesHandleOff) ? 1 : 0)
                .update();
        sql.sql("""
                INSERT INTO repair (piece_id, of_name, of_left_at_ms, works)
                VALUES (:piece, :name, (SELECT coalesce(handed_over_at_ms, 0) FROM piece WHERE id = :of), :works)
                """)
                .param("piece", piece)
                .param("name", of.name())
                .param("of", of.id())
                .param("works", works.stream().map(Repair::name).collect(Collectors.joining(" ")))
                .update();
    }

    /** The name under which it is repaired now, if it is. */
    Optional<String> underWay(PieceFile old) {
        return sql.sql("""
                SELECT job.number FROM repair JOIN piece ON piece.id = repair.piece_id JOIN job ON job.id = piece.job_id
                WHERE of_name = :name AND piece.standing = 'ALIVE' AND
                of_left_at_ms = (SELECT coalesce(handed_over_at_ms, 0) FROM piece before WHERE before.id = :old)
                """)
                .param("name", old.name())
                .param("old", old.id())
                .query(String.class)
                .optional();
    }

    Optional<RepairRow> of(long piece) {
        return sql.sql("""
                SELECT of_name, works, (
                    SELECT piece.id FROM piece JOIN job ON job.id = piece.job_id WHERE handed_over_at_ms = of_left_at_ms
                    AND of_name = job.number || CASE WHEN piece.pieces = 1 THEN '' ELSE '-' || piece.position END) AS of_piece
                FROM repair WHERE piece_id = :piece
                """)
                .param("piece", piece)
                .query((row, number) -> {
                    long of = row.getLong("of_piece");
                    return new RepairRow(
                            row.getString("of_name"),
                            Optional.of(of).filter(id -> id != 0),
                            Arrays.stream(row.getString("works").split(" "))
                                    .flatMap(work -> Repair.named(work).stream())
                                    .toList());
                })
                .optional();
    }

    /** What was done and measured before, and is not done again. */
    void takeOver(long old, long piece, Collection<String> open) {
        for (String copied : List.of("""
                INSERT INTO step (piece_id, operation, standing, started_at_ms, started_by, done_at_ms, done_by)
                SELECT :piece, operation, 'DONE', started_at_ms, started_by, done_at_ms, done_by
                FROM step WHERE piece_id = :old AND standing = 'DONE' AND operation NOT IN (:open)
                """, """
                INSERT INTO reading (piece_id, operation, dimension, kind, amount, typed, taken_at_ms, taken_by, accepted_reason,
                    accepted_by, accepted_at_ms, accepted_against)
                SELECT :piece, operation, dimension, kind, amount, typed, taken_at_ms, taken_by, accepted_reason, accepted_by,
                    accepted_at_ms, accepted_against
                FROM reading WHERE piece_id = :old AND struck_at_ms IS NULL AND operation NOT IN (:open)
                """, """
                INSERT INTO made_to (piece_id, operation, dimension, kind, amount, made_at_ms, accepted_reason, accepted_by,
                    accepted_at_ms, accepted_against)
                SELECT :piece, operation, dimension, kind, amount, made_at_ms, accepted_reason, accepted_by, accepted_at_ms,
                    accepted_against
                FROM made_to WHERE piece_id = :old AND struck_at_ms IS NULL AND operation NOT IN (:open)
                """)) {
            sql.sql(copied)
                    .param("piece", piece)
                    .param("old", old)
                    .param("open", open)
                    .update();
        }
    }
}
