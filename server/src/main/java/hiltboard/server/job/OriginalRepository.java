package hiltboard.server.job;

import hiltboard.server.job.NoteRepository.Picture;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Every picture of the shop as it came in, wherever it belongs. */
@Repository
class OriginalRepository {
    private final JdbcClient sql;

    OriginalRepository(JdbcClient sql) {
        this.sql = sql;
    }

    /** Where pictures are kept. */
    enum Album {
        PHOTO("photo"),
        SKETCH("sketch"),
        LOT_FILE("lot_file");

        private final String table;

        Album(String table) {
            this.table = table;
        }
    }

    List<Long> pictures(Album album) {
        return sql.sql("SELECT id FROM " + album.table + " ORDER BY id")
                .query(Long.class)
                .list();
    }

    Optional<Picture> original(Album album, long id) {
        return sql.sql("SELECT media_type, original FROM " + album.table + " WHERE id = :id")
                .param("id", id)
                .query((row, number) -> new Picture(row.getString("media_type"), row.getBytes("original")))
                .optional();
    }

    void put(Album album, long id, byte[] original) {
        sql.sql("UPDATE " + album.table + " SET original = :original WHERE id = :id")
                .param("original", original)
                .param("id", id)
                .update();
    }
}
