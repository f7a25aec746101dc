package hiltboard.server.money;

import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The shop's prices. */
@Repository
class PriceRepository {
    private final JdbcClient sql;

    PriceRepository(JdbcClient sql) {
        this.sql = sql;
    }

    private record Price(String item, long cents) {}

    /** Cents by item; what has no price yet is not there. */
    Map<String, Long> all() {
        return sql
                .sql("SELECT item, cents FROM price")
                .query((row, number) -> new Price(row.getString("item"), row.getLong("cents")))
                .list()
                .stream()
                .collect(Collectors.toMap(Price::item, Price::cents));
    }

    void put(String item, long cents, long person, long atMillis) {
        sql.sql("""
                INSERT INTO price (item, cents, changed_by, changed_at_ms) VALUES (:item, :cents, :person, :at)
                ON CONFLICT (item) DO UPDATE SET cents = :cents, changed_by = :person, changed_at_ms = :at
                """)
                .param("item", item)
                .param("cents", cents)
                .param("person", person)
                .param("at", atMillis)
                .update();
    }
}
