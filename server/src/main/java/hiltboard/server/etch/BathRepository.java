package hiltboard.server.etch;

import hiltboard.core.etch.Bath;
import hiltboard.server.Refusal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Baths, what was done to them, and the coupons that were tried in them. */
@Repository
class BathRepository {
    private static final TypeReference<Map<String, String>> ENTRIES = new TypeReference<>() {};
    private static final String SELECT =
            "SELECT bath.*, person.name AS changer FROM bath JOIN person ON person.id = changed_by ";

    private final JdbcClient sql;
    private final JsonMapper json;

    BathRepository(JdbcClient sql, JsonMapper json) {
        this.sql = sql;
        this.json = json;
    }

    /** What is done to a bath as a whole. The names stay the same for ever. */
    enum Care {
        MIXED_ANEW("mixed anew"),
        TOPPED_UP("topped up"),
        IRON_RESTED("left open for its iron to take up air"),
        STRAINED("strained");

        private final String words;

        Care(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    /** @param goneTo as what waste, and where; empty while it stands */
    record BathRow(long id, Bath bath, int version, String changedBy, long begunAtMillis, Optional<String> goneTo) {}

    record CareRow(long id, Care care, String words, String by, long atMillis) {}

    record CouponRow(
            long id,
            String steel,
            long freshSeconds,
            long tookSeconds,
            boolean isRight,
            String words,
            String by,
            long atMillis) {
        double factor() {
            return (double) tookSeconds / freshSeconds;
        }
    }

    /** Those that stand. */
    List<BathRow> baths() {
        return sql.sql(SELECT + "WHERE bath.gone_at_ms IS NULL ORDER BY bath.id")
                .query((row, number) -> bath(row))
                .list();
    }

    /** @throws Refusal if there is none */
    BathRow bath(long id) {
        return sql.sql(SELECT + "WHERE bath.id = :id")
                .param("id", id)
                .query((row, number) -> bath(row))
                .optional()
                .orElseThrow(() -> Refusal.notThere("There is no bath with number " + id + "."));
    }

    /** @throws Refusal if it was thrown away */
    BathRow standing(long id) {
        BathRow row = bath(id);
        row.goneTo().ifPresent(gone -> {
            throw Refusal.outOfTurn(row.bath().name() + " was thrown away: " + gone + ".");
        });
        return row;
    }

    private BathRow bath(ResultSet row) throws SQLException {
        return new BathRow(
                row.getLong("id"),
                Bath.ofKept(json.readValue(row.getString("entries"), ENTRIES)),
                row.getInt("version"),
                row.getString("changer"),
                row.getLong("begun_at_ms"),
                Optional.ofNullable(row.getString("gone_to")));
    }

    long begin(Bath bath, long person, long atMillis) {
        return sql.sql("""
                INSERT INTO bath (entries, begun_at_ms, changed_by, changed_at_ms) VALUES (:entries, :at, :person, :at)
                RETURNING id
                """)
                .param("entries", json.writeValueAsString(bath.kept()))
                .param("person", person)
                .param("at", atMillis)
                .query(Long.class)
                .single();
    }

    void change(long id, Bath bath, long person, long atMillis) {
        sql.sql("""
                UPDATE bath SET entries = :entries, version = version + 1, changed_by = :person, changed_at_ms = :at
                WHERE id = :id
                """)
                .param("entries", json.writeValueAsString(bath.kept()))
                .param("person", person)
                .param("at", atMillis)
                .param("id", id)
                .update();
    }

    void gone(long id, String to, long person, long atMillis) {
        sql.sql("UPDATE bath SET gone_to = :to, gone_by = :person, gone_at_ms = :at WHERE id = :id")
                .param("to", to)
                .param("person", person)
                .param("at", atMillis)
                .param("id", id)
                .update();
    }

    void stands(long id) {
        sql.sql("UPDATE bath SET gone_to = NULL, gone_by = NULL, gone_at_ms = NULL WHERE id = :id")
                .param("id", id)
                .update();
    }

    void cared(long bath, Care care, String words, long person, long atMillis) {
        sql.sql("""
                INSERT INTO bath_care (bath_id, care, words, noted_by, noted_at_ms) VALUES (:bath, :care, :words, :person, :at)
                """)
                .param("bath", bath)
                .param("care", care.name())
                .param("words", words)
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    /** The oldest first. */
    List<CareRow> cares(long bath) {
        return sql.sql("SELECT bath_care.*, person.name AS by_name FROM bath_care JOIN person ON person.id = noted_by "
                        + "WHERE bath_id = :bath AND struck_at_ms IS NULL ORDER BY bath_care.id")
                .param("bath", bath)
                .query((row, number) -> new CareRow(
                        row.getLong("id"),
                        Care.valueOf(row.getString("care")),
                        row.getString("words"),
                        row.getString("by_name"),
                        row.getLong("noted_at_ms")))
                .list();
    }

    /** @param coupon its number, who and when are given beside it */
    void tried(long bath, CouponRow coupon, long person, long atMillis) {
        sql.sql("""
                INSERT INTO bath_coupon (bath_id, steel, fresh_seconds, took_seconds, is_right, words, tried_by, tried_at_ms)
                VALUES (:bath, :steel, :fresh, :took, :right, :words, :person, :at)
                """)
                .param("bath", bath)
                .param("steel", coupon.steel())
                .param("fresh", coupon.freshSeconds())
                .param("took", coupon.tookSeconds())
                .param("right", coupon.isRight())
                .param("words", coupon.words())
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    /** Those that count, the oldest first. */
    List<CouponRow> coupons(long bath) {
        return sql.sql(
                        "SELECT bath_coupon.*, person.name AS by_name FROM bath_coupon JOIN person ON person.id = tried_by "
                                + "WHERE bath_id = :bath AND struck_at_ms IS NULL ORDER BY bath_coupon.id")
                .param("bath", bath)
                .query((row, number) -> new CouponRow(
                        row.getLong("id"),
                        row.getString("steel"),
                        row.getLong("fresh_seconds"),
                        row.getLong("took_seconds"),
                        row.getBoolean("is_right"),
                        row.getString("words"),
                        row.getString("by_name"),
                        row.getLong("tried_at_ms")))
                .list();
    }

    /** @throws Refusal if it is not there, or was struck out before */
    void strikeCare(long bath, long care, long atMillis) {
        strike("bath_care", bath, care, atMillis);
    }

    /** @throws Refusal if it is not there, or was struck out before */
    void strikeCoupon(long bath, long coupon, long atMillis) {
        strike("bath_coupon", bath, coupon, atMillis);
    }

    private void strike(String table, long bath, long id, long atMillis) {
        int struck = sql.sql("UPDATE " + table + " SET struck_at_ms = :at WHERE id = :id AND bath_id = :bath "
                        + "AND struck_at_ms IS NULL")
                .param("at", atMillis)
                .param("id", id)
                .param("bath", bath)
                .update();
        if (struck == 0) {
            throw Refusal.notThere("That is struck out already.");
        }
    }
}
