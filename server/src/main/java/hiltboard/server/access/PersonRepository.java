package hiltboard.server.access;

import hiltboard.core.measure.Units;
import hiltboard.core.measure.Units.LengthUnit;
import hiltboard.core.measure.Units.TemperatureUnit;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The shop and its people. */
@Repository
class PersonRepository {
    /** What {@link #person} reads. */
    static final String COLUMNS = "person.id, person.name, sign_in_name, role, length_unit, temperature_unit";

    private static final String SELECT = "SELECT " + COLUMNS + ", password_hash, pin_hash, gone_at_ms FROM person ";
    private final JdbcClient sql;

    PersonRepository(JdbcClient sql) {
        this.sql = sql;
    }

    /** The shop's own name and units. */
    record Shop(String name, Units units, boolean isDemo) {}

    /** A person with the hashes of what they sign in with. */
    record Account(Person person, String passwordHash, Optional<String> pinHash, boolean isGone) {}

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

    void choose(long person, Optional<LengthUnit> length, Optional<TemperatureUnit> temperature) {
        sql.sql("""
                UPDATE person SET length_unit = coalesce(:length, length_unit),
                temperature_unit = coalesce(:temperature, temperature_unit) WHERE id = :id
                """)
                .param("length", length.map(LengthUnit::name).orElse(null))
                .param("temperature", temperature.map(TemperatureUnit::name).orElse(null))
                .param("id", person)
                .update();
    }

    /** Also those who have gone: their names stand on what they did. */
    List<Account> all() {
        return sql.sql(SELECT + "ORDER BY id")
                .query((row, number) -> account(row))
                .list();
    }

    Optional<Account> withId(long id) {
        return sql.sql(SELECT + "WHERE id = :id")
                .param("id", id)
                .query((row, number) -> account(row))
                .optional();
    }

    Optional<Account> withSignInName(String signInName) {
        return sql.sql(SELECT + "WHERE sign_in_name = :name")
                .param("name", signInName)
                .query((row, number) -> account(row))
                .optional();
    }

    void setPassword(long person, String hash) {
        sql.sql("UPDATE person SET password_hash = :hash WHERE id = :id")
                .param("hash", hash)
                .param("id", person)
                .update();
    }

    /** @param hash empty if there is to be none */
    void setPin(long person, Optional<String> hash) {
        sql.sql("UPDATE person SET pin_hash = :hash, pin_wrong = 0 WHERE id = :id")
                .param("hash", hash.orElse(null))
                .param("id", person)
                .update();
    }

    /** Counts a wrong number, and takes it away after so many. */
    void wrongPin(long person, int most) {
        sql.sql("""
                UPDATE person SET pin_wrong = pin_wrong + 1, pin_hash = CASE WHEN pin_wrong + 1 < :most THEN pin_hash END
                WHERE id = :id
                """).param("most", most).param("id", person).update();
    }

    void rightPin(long person) {
        sql.sql("UPDATE person SET pin_wrong = 0 WHERE id = :id")
                .param("id", person)
                .update();
    }

    /** @param atMillis empty if they are here again */
    void setGone(long person, Optional<Long> atMillis) {
        sql.sql("UPDATE person SET gone_at_ms = :at WHERE id = :id")
                .param("at", atMillis.orElse(null))
                .param("id", person)
                .update();
    }

    /** What the owner has decided that makers may not do, by its word. */
    Set<String> makersMayNot() {
        return sql.sql("SELECT matter FROM maker_may_not").query(String.class).set();
    }

    void decide(String matter, boolean may, long by, long atMillis) {
        sql.sql("DELETE FROM maker_may_not WHERE matter = :matter")
                .param("matter", matter)
                .update();
        if (!may) {
            sql.sql("INSERT INTO maker_may_not (matter, decided_by, decided_at_ms) VALUES (:matter, :by, :at)")
                    .param("matter", matter)
                    .param("by", by)
                    .param("at", atMillis)
                    .update();
        }
    }

    private static Account account(ResultSet row) throws SQLException {
        return new Account(
                person(row),
                row.getString("password_hash"),
                Optional.ofNullable(row.getString("pin_hash")),
                row.getObject("gone_at_ms") != null);
    }

    static Person person(ResultSet row) throws SQLException {
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
