package hiltboard.server.access;

import hiltboard.core.measure.Units;
import hiltboard.core.measure.Units.LengthUnit;
import hiltboard.core.measure.Units.TemperatureUnit;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The shop and its people. */
@Repository
class PersonRepository {
    private static final String SELECT =
            "SELECT id, name, sign_in_name, role, length_unit, temperature_unit, password_hash FROM person ";
    private final JdbcClient sql;

    PersonRepository(JdbcClient sql) {
        this.sql = sql;
    }

    /** The shop's own name and units. */
    record Shop(String name, Units units, boolean isDemo) {}

    /** A person with the hash of their password. */
    record Account(Person person, String passwordHash) {}

    Optional<Shop> shop() {
        return sql.sql("SELECT name, length_unit, temperature_unit, is_demo FROM shop")
                .query((row, number) -> new Shop(row.getString("name"), units(row), row.getInt("is_demo") == 1))
                .optional();
    }

    void open(Shop shop, long atMillis) {
        sql.sql("INSERT INTO shop (id, name, length_unit, temperature_unit, is_demo, opened_at_ms) VALUES (1, "
                        + ":name, :length, :temperature, :demo, :at)")
                .param("name", shop.name())
                .param("length", shop.units().length().name())
                .param("temperature", shop.units().temperature().name())
                .param("demo", shop.isDemo() ? 1 : 0)
                .param("at", atMillis)
                .update();
    }

    long add(String name, String signInName, Role role, Units units, String passwordHash) {
        return sql.sql("""
                INSERT INTO person (name, sign_in_name, role, password_hash, length_unit, temperature_unit)
                VALUES (:name, :signIn, :role, :hash, :length, :temperature) RETURNING id
                """)
                .param("name", name)
                .param("signIn", signInName)
                .param("role", role.name())
                .param("hash", passwordHash)
                .param("length", units.length().name())
                .param("temperature", units.temperature().name())
                .query(Long.class)
                .single();
    }

    void choose(long person, Units units) {
        sql.sql("UPDATE person SET length_unit = :length, temperature_unit = :temperature WHERE id = :id")
                .param("length", units.length().name())
                .param("temperature", units.temperature().name())
                .param("id", person)
                .update();
    }

    List<Person> all() {
        return sql.sql(SELECT + "ORDER BY id")
                .query((row, number) -> person(row))
                .list();
    }

    Optional<Person> withId(long id) {
        return sql.sql(SELECT + "WHERE id = :id")
                .param("id", id)
                .query((row, number) -> person(row))
                .optional();
    }

    Optional<Account> withSignInName(String signInName) {
        return sql.sql(SELECT + "WHERE sign_in_name = :name")
                .param("name", signInName)
                .query((row, number) -> new Account(person(row), row.getString("password_hash")))
                .optional();
    }

    private static Person person(ResultSet row) throws SQLException {
        return new Person(
                row.getLong("id"),
                row.getString("name"),
                row.getString("sign_in_name"),
                Role.valueOf(row.getString("role")),
                units(row));
    }

    private static Units units(ResultSet row) throws SQLException {
        return new Units(
                LengthUnit.valueOf(row.getString("length_unit")),
                TemperatureUnit.valueOf(row.getString("temperature_unit")));
    }
}
