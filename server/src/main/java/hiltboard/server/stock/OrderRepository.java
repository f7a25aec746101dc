package hiltboard.server.stock;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What has been ordered and has not come. */
@Repository
class OrderRepository {
    private final JdbcClient sql;

    OrderRepository(JdbcClient sql) {
        this.sql = sql;
    }

    /** @param words of the line of the buying list that it is for */
    record Order(
            long id,
            String words,
            String amount,
            String supplier,
            Optional<LocalDate> expectedOn,
            String by,
            long atMillis) {}

    List<Order> open() {
        return sql.sql("""
                SELECT buying_order.id, words, amount, supplier, expected_on, person.name, ordered_at_ms
                FROM buying_order JOIN person ON person.id = ordered_by WHERE closed_at_ms IS NULL ORDER BY expected_on, words
                """).query((row, number) -> order(row)).list();
    }

    private static Order order(ResultSet row) throws SQLException {
        return new Order(
                row.getLong("id"),
                row.getString("words"),
                row.getString("amount"),
                row.getString("supplier"),
                Optional.ofNullable(row.getString("expected_on")).map(LocalDate::parse),
                row.getString("name"),
                row.getLong("ordered_at_ms"));
    }

    long add(String words, String amount, String supplier, Optional<LocalDate> expectedOn, long person, long atMillis) {
        return sql.sql("""
                INSERT INTO buying_order (words, amount, supplier, expected_on, ordered_by, ordered_at_ms)
                VALUES (:words, :amount, :supplier, :expected, :person, :at) RETURNING id
                """)
                .param("words", words)
                .param("amount", amount)
                .param("supplier", supplier)
                .param("expected", expectedOn.map(LocalDate::toString).orElse(null))
                .param("person", person)
                .param("at", atMillis)
                .query(Long.class)
                .single();
    }

    void close(long id, boolean hasCome, long atMillis) {
        sql.sql("UPDATE buying_order SET closed_at_ms = :at, has_come = :come WHERE id = :id")
                .param("at", atMillis)
                .param("come", hasCome ? 1 : 0)
                .param("id", id)
                .update();
    }
}
