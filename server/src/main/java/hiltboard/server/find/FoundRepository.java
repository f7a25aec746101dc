package hiltboard.server.find;

import hiltboard.server.find.Findable.Kind;
import hiltboard.server.find.Findable.Sheet;
import java.util.Collection;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The full-text index (SQLite FTS5), and what of it is to be written anew. */
@Repository
class FoundRepository {
    /** Sixteen kinds share the row numbers. */
    private static final int KINDS = 16;

    private static final String SELECT = "SELECT kind, title, about, page, age FROM found WHERE found MATCH :words ";

    private final JdbcClient sql;

    FoundRepository(JdbcClient sql) {
        this.sql = sql;
    }

    record Due(Kind kind, long id) {}

    record Found(Kind kind, String title, String about, String page, boolean isOld) {}

    boolean isAnythingDue() {
        return sql.sql("SELECT 1 FROM find_due LIMIT 1")
                .query(Integer.class)
                .optional()
                .isPresent();
    }

    /** The latest things first: they are looked for soonest. */
    List<Due> due(int most) {
        return sql.sql("SELECT kind, ref FROM find_due ORDER BY kind DESC, ref DESC LIMIT :most")
                .param("most", most)
                .query((row, number) -> new Due(Kind.valueOf(row.getString("kind")), row.getLong("ref")))
                .list();
    }

    /** @param sheets of those that are there */
    void write(Kind kind, Collection<Long> ids, Collection<Sheet> sheets) {
        List<Long> rows = ids.stream().map(id -> row(kind, id)).toList();
        sql.sql("DELETE FROM found WHERE rowid IN (:rows)").param("rows", rows).update();
        for (Sheet sheet : sheets) {
            sql.sql("INSERT INTO found (rowid, title, words, age, kind, about, page) VALUES "
                            + "(:row, :title, :words, :age, :kind, :about, :page)")
                    .param("row", row(kind, sheet.id()))
                    .param("title", sheet.title())
                    .param("words", sheet.about() + "\n" + sheet.words())
                    .param("age", sheet.isOld() ? "old" : "now")
                    .param("kind", kind.name())
                    .param("about", sheet.about())
                    .param("page", sheet.page())
                    .update();
        }
        sql.sql("DELETE FROM find_due WHERE kind = :kind AND ref IN (:ids)")
                .param("kind", kind.name())
                .param("ids", ids)
                .update();
    }

    /** What is not over, what fits best first: a word of the title counts more. @param words in FTS5's own language */
    List<Found> now(String words, int most) {
        return found(SELECT + "ORDER BY bm25(found, 8.0, 1.0, 0.0) LIMIT :most", "age : now AND (" + words + ")", most);
    }

    /** What is over, the latest first. */
    List<Found> old(String words, int most) {
        return found(SELECT + "ORDER BY rowid DESC LIMIT :most", "age : old AND (" + words + ")", most);
    }

    private List<Found> found(String statement, String words, int most) {
        return sql.sql(statement)
                .param("words", words)
                .param("most", most)
                .query((row, number) -> new Found(
                        Kind.valueOf(row.getString("kind")),
                        row.getString("title"),
                        row.getString("about"),
                        row.getString("page"),
                        row.getString("age").equals("old")))
                .list();
    }

    private static long row(Kind kind, long id) {
        return id * KINDS + kind.ordinal();
    }
}
