package hiltboard.server.job;

import hiltboard.server.job.PieceController.NoteView;
import hiltboard.server.job.PieceController.PhotoView;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Notes and photographs of pieces. Originals are kept whole. */
@Repository
public class NoteRepository {
    private final JdbcClient sql;

    NoteRepository(JdbcClient sql) {
        this.sql = sql;
    }

    /** A picture as it is sent to a page. */
    public record Picture(String mediaType, byte[] bytes) {}

    void write(long piece, String operation, String words, boolean isLesson, long person, long atMillis) {
        sql.sql("INSERT INTO note (piece_id, operation, words, is_lesson, written_by, written_at_ms) VALUES "
                        + "(:piece, :operation, :words, :lesson, :person, :at)")
                .param("piece", piece)
                .param("operation", operation)
                .param("words", words)
                .param("lesson", isLesson)
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    boolean strike(long piece, long note, long atMillis) {
        return sql.sql(
                                "UPDATE note SET struck_at_ms = :at WHERE id = :id AND piece_id = :piece AND struck_at_ms IS NULL")
                        .param("at", atMillis)
                        .param("id", note)
                        .param("piece", piece)
                        .update()
                == 1;
    }

    List<NoteView> notes(long piece) {
        return sql.sql("""
                SELECT note.id, operation, words, is_lesson, person.name AS written_by, written_at_ms
                FROM note JOIN person ON person.id = written_by WHERE piece_id = :piece AND struck_at_ms IS NULL ORDER BY note.id DESC
                """)
                .param("piece", piece)
                .query((row, number) -> new NoteView(
                        row.getLong("id"),
                        row.getString("operation"),
                        row.getString("words"),
                        row.getBoolean("is_lesson"),
                        row.getString("written_by"),
                        row.getLong("written_at_ms")))
                .list();
    }

    /** All that stands written of each of these pieces. */
    Map<Long, String> words(Collection<Long> pieces) {
        return sql
                .sql("SELECT piece_id, words FROM note WHERE piece_id IN (:pieces) AND struck_at_ms IS NULL")
                .param("pieces", pieces)
                .query((row, number) -> Map.entry(row.getLong("piece_id"), row.getString("words")))
                .list()
                .stream()
                .collect(Collectors.groupingBy(
                        Map.Entry::getKey, Collectors.mapping(Map.Entry::getValue, Collectors.joining("\n"))));
    }

    /** A lesson that another piece taught. */
    record Lesson(
            long piece,
            String pieceName,
            String operation,
            String words,
            String construction,
            String profile,
            String steel,
            String by,
            long atMillis) {}

    /** The lessons of every other piece, the latest first. */
    List<Lesson> lessons(long exceptOf) {
        return sql.sql("""
                SELECT piece.id, CASE piece.pieces WHEN 1 THEN job.number ELSE job.number || '-' || piece.position END AS
                name, operation, words, person.name AS written_name, written_at_ms,
                    coalesce(specification ->> 'construction', '') AS construction, coalesce(specification ->> 'profile',
                    '') AS profile, coalesce(specification ->> 'steel', '') AS steel
                FROM note JOIN person ON person.id = written_by JOIN piece ON piece.id = piece_id JOIN job ON job.id = piece.job_id
                WHERE is_lesson = 1 AND struck_at_ms IS NULL AND piece_id <> :piece ORDER BY note.id DESC
                """)
                .param("piece", exceptOf)
                .query((row, number) -> new Lesson(
                        row.getLong("id"),
                        row.getString("name"),
                        row.getString("operation"),
                        row.getString("words"),
                        row.getString("construction"),
                        row.getString("profile"),
                        row.getString("steel"),
                        row.getString("written_name"),
                        row.getLong("written_at_ms")))
                .list();
    }

    long keep(long piece, String operation, String fileName, Photograph photo, long person, long atMillis) {
        return sql.sql("""
                INSERT INTO photo (piece_id, operation, file_name, media_type, taken_by, taken_at_ms, original, thumbnail)
                VALUES (:piece, :operation, :name, :type, :person, :at, :original, :thumbnail) RETURNING id
                """)
                .param("piece", piece)
                .param("operation", operation)
                .param("name", fileName)
                .param("type", photo.mediaType())
                .param("person", person)
                .param("at", atMillis)
                .param("original", photo.original())
                .param("thumbnail", photo.thumbnail())
                .query(Long.class)
                .single();
    }

    List<PhotoView> photos(long piece) {
        return sql.sql("""
                SELECT photo.id, operation, file_name, person.name AS taken_by, taken_at_ms
                FROM photo JOIN person ON person.id = photo.taken_by WHERE piece_id = :piece ORDER BY photo.id DESC
                """)
                .param("piece", piece)
                .query((row, number) -> new PhotoView(
                        row.getLong("id"),
                        row.getString("operation"),
                        row.getString("file_name"),
                        row.getString("taken_by"),
                        row.getLong("taken_at_ms")))
                .list();
    }

    /** The latest photograph of a piece. */
    public Optional<Long> latestPhoto(long piece) {
        return sql.sql("SELECT max(id) FROM photo WHERE piece_id = :piece")
                .param("piece", piece)
                .query(Long.class)
                .optional();
    }

    public boolean isOfPiece(long photo, long piece) {
        return sql.sql("SELECT count(*) FROM photo WHERE id = :id AND piece_id = :piece")
                        .param("id", photo)
                        .param("piece", piece)
                        .query(Long.class)
                        .single()
                == 1;
    }

    public Optional<Picture> original(long photo) {
        return sql.sql("SELECT media_type, original FROM photo WHERE id = :id")
                .param("id", photo)
                .query((row, number) -> new Picture(row.getString("media_type"), row.getBytes("original")))
                .optional();
    }

    public Optional<Picture> thumbnail(long photo) {
        return sql.sql("SELECT thumbnail FROM photo WHERE id = :id")
                .param("id", photo)
                .query((row, number) -> new Picture("image/jpeg", row.getBytes("thumbnail")))
                .optional();
    }
}
