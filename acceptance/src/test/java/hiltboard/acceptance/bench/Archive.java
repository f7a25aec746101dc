package hiltboard.acceptance.bench;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/**
 * Twenty years of a shop: copies of the demo shop's pieces, with their steps, readings and journal. Written by SQL into
 * the file of a shop that is closed, for measuring only.
 */
final class Archive {
    private static final int PIECES_A_JOB = 10;

    private final Connection file;
    private final int pieces;
    private final int alive;

    private Archive(Connection file, int pieces, int alive) {
        this.file = file;
        this.pieces = pieces;
        this.alive = alive;
    }

    static void fill(Path data, int pieces, int alive) throws SQLException {
        try (Connection file = DriverManager.getConnection("jdbc:sqlite:" + data)) {
            file.createStatement().execute("PRAGMA synchronous = OFF");
            file.setAutoCommit(false);
            new Archive(file, pieces, alive).fill();
            file.commit();
            file.createStatement().execute("ANALYZE");
            file.commit();
        }
    }

    static long count(Path data, String table) throws SQLException {
        try (Connection file = DriverManager.getConnection("jdbc:sqlite:" + data);
                Statement statement = file.createStatement();
                ResultSet row = statement.executeQuery("SELECT count(*) FROM " + table)) {
            return row.getLong(1);
        }
    }

    private void fill() throws SQLException {
        List<Long> living = ids(
                "SELECT id FROM piece WHERE standing = 'ALIVE' AND (SELECT count(*) FROM step WHERE piece_id = piece.id) > 5");
        long finished =
                ids("SELECT id FROM piece WHERE standing = 'HANDED_OVER'").get(0);
        long job = 0;
        for (int i = 0; i < pieces; i++) {
            boolean isAlive = i >= pieces - alive;
            if (i % PIECES_A_JOB == 0 || isAlive && i % 3 == 0) {
                job = job(i);
            }
            copy(isAlive ? living.get(i % living.size()) : finished, job, i % PIECES_A_JOB + 1, isAlive);
        }
    }

    private long job(int i) throws SQLException {
        try (PreparedStatement insert = file.prepareStatement(
                "INSERT INTO job (number, client_id, title, use_words, promised_on, created_at_ms) VALUES (?, 1, "
                        + "'Archive', 'for measuring', ?, 0) RETURNING id")) {
            insert.setString(1, "A" + i);
            insert.setString(2, LocalDate.now().plusDays(i % 90).toString());
            return insert.executeQuery().getLong(1);
        }
    }

    private void copy(long from, long job, int position, boolean isAlive) throws SQLException {
        long piece;
        try (PreparedStatement insert = file.prepareStatement("""
                INSERT INTO piece (job_id, position, pieces, specification, standing) SELECT ?, ?, 12, specification, ? FROM
                piece WHERE id = ? RETURNING id
                """)) {
            insert.setLong(1, job);
            insert.setInt(2, position);
            insert.setString(3, isAlive ? "ALIVE" : "HANDED_OVER");
            insert.setLong(4, from);
            piece = insert.executeQuery().getLong(1);
        }
        run(
                "INSERT INTO step (piece_id, operation, standing, started_at_ms, started_by, rest_until_ms, "
                        + "rest_announced, done_at_ms, done_by) "
                        + "SELECT ?, operation, standing, started_at_ms, started_by, rest_until_ms, 1, done_at_ms, done_by "
                        + "FROM step WHERE piece_id = ?",
                piece,
                from);
        run(
                "INSERT INTO reading (piece_id, operation, dimension, kind, amount, typed, taken_at_ms, taken_by) "
                        + "SELECT ?, operation, dimension, kind, amount, typed, taken_at_ms, taken_by FROM reading WHERE "
                        + "struck_at_ms IS NULL AND piece_id = ?",
                piece,
                from);
        // A reading was often corrected: the struck ones stay.
        run(
                "INSERT INTO reading (piece_id, operation, dimension, kind, amount, typed, taken_at_ms, taken_by, struck_at_ms) "
                        + "SELECT ?, operation, dimension, kind, amount, typed, taken_at_ms, taken_by, taken_at_ms FROM "
                        + "reading WHERE struck_at_ms IS NULL AND piece_id = ?",
                piece,
                from);
        run(
                "INSERT INTO made_to (piece_id, operation, dimension, kind, amount, made_at_ms) "
                        + "SELECT ?, operation, dimension, kind, amount, made_at_ms FROM made_to WHERE struck_at_ms IS NULL "
                        + "AND piece_id = ?",
                piece,
                from);
        run(
                "INSERT INTO journal (at_ms, person_id, origin, kind, job_id, piece_id, words) "
                        + "SELECT at_ms, person_id, origin, kind, " + job
                        + ", ?, words FROM journal WHERE piece_id = ?",
                piece,
                from);
    }

    private void run(String sql, long piece, long from) throws SQLException {
        try (PreparedStatement statement = file.prepareStatement(sql)) {
            statement.setLong(1, piece);
            statement.setLong(2, from);
            statement.executeUpdate();
        }
    }

    private List<Long> ids(String sql) throws SQLException {
        List<Long> ids = new ArrayList<>();
        try (Statement statement = file.createStatement();
                ResultSet rows = statement.executeQuery(sql)) {
            while (rows.next()) {
                ids.add(rows.getLong(1));
            }
        }
        return ids;
    }
}
