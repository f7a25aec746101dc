package hiltboard.server.money;

import hiltboard.core.measure.Money;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What items cost, from which day on, and in which currency. */
@Repository
class PriceRepository {
    private final JdbcClient sql;

    PriceRepository(JdbcClient sql) {
        this.sql = sql;
    }

    /** @param by who wrote it down */
    record PriceRow(String item, LocalDate from, Money amount, String by) {}

    /** By item and day; of several for one day the one that was written last comes last. */
    List<PriceRow> all() {
        return sql.sql("""
                SELECT item, valid_from, amount, person.name AS who FROM price_from JOIN person ON person.id = changed_by
                ORDER BY item, valid_from, price_from.id
                """)
                .query((row, number) -> new PriceRow(
                        row.getString("item"),
                        LocalDate.parse(row.getString("valid_from")),
                        Money.ofKept(row.getString("amount")).orElseThrow(),
                        row.getString("who")))
                .list();
    }

    void put(String item, Money amount, LocalDate from, long person, long atMillis) {
        sql.sql("""
                INSERT INTO price_from (item, valid_from, amount, changed_by, changed_at_ms)
                VALUES (:item, :from, :amount, :person, :at)
                """)
                .param("item", item)
                .param("from", from.toString())
                .param("amount", amount.kept())
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    Optional<String> currency() {
        return sql.sql("SELECT value FROM shop_setting WHERE name = 'CURRENCY'")
                .query(String.class)
                .optional();
    }

    void name(String currency, long person, long atMillis) {
        sql.sql("""
                INSERT INTO shop_setting (name, value, changed_by, changed_at_ms) VALUES ('CURRENCY', :currency, :person, :at)
                ON CONFLICT (name) DO UPDATE SET value = :currency, changed_by = :person, changed_at_ms = :at
                """)
                .param("currency", currency)
                .param("person", person)
                .param("at", atMillis)
                .update();
    }
}
