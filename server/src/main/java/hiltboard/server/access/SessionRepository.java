package hiltboard.server.access;

import hiltboard.server.access.SignedIn.Device;
import hiltboard.server.access.SignedIn.Session;
import hiltboard.server.access.SignedIn.Way;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Sessions and the devices that they were begun at. */
@Repository
class SessionRepository {
    private final JdbcClient sql;

    SessionRepository(JdbcClient sql) {
        this.sql = sql;
    }

    /** A session as it is kept, with when it was seen last. */
    record Kept(Session session, long seenAtMillis) {}

    /** A session of somebody who is here, begun and seen not before these. */
    Optional<Kept> session(String tokenHash, long begunAfterMillis, long seenAfterMillis) {
        return sql.sql("SELECT session.id AS session_id, way, seen_at_ms, device.id AS device_id, is_shared, "
                        + PersonRepository.COLUMNS
                        + """
                         FROM session JOIN person ON person.id = session.person_id JOIN device ON device.id = session.device_id
                        WHERE session.token_hash = :hash AND session.begun_at_ms > :begun AND seen_at_ms > :seen
                          AND person.gone_at_ms IS NULL
                        """)
                .param("hash", tokenHash)
                .param("begun", begunAfterMillis)
                .param("seen", seenAfterMillis)
                .query((row, number) -> {
                    Way way = Way.valueOf(row.getString("way"));
                    Person person = PersonRepository.person(row);
                    return new Kept(
                            new Session(
                                    row.getLong("session_id"),
                                    way == Way.PIN ? person.asMaker() : person,
                                    way,
                                    new Device(row.getLong("device_id"), row.getInt("is_shared") == 1)),
                            row.getLong("seen_at_ms"));
                })
                .optional();
    }

    long begin(String tokenHash, long person, long device, Way way, long atMillis) {
        return sql.sql("""
                INSERT INTO session (token_hash, person_id, device_id, way, begun_at_ms, seen_at_ms)
                VALUES (:hash, :person, :device, :way, :at, :at) RETURNING id
                """)
                .param("hash", tokenHash)
                .param("person", person)
                .param("device", device)
                .param("way", way.name())
                .param("at", atMillis)
                .query(Long.class)
                .single();
    }

    void seen(long session, long atMillis) {
        sql.sql("UPDATE session SET seen_at_ms = :at WHERE id = :id")
                .param("at", atMillis)
                .param("id", session)
                .update();
    }

    void end(long session) {
        sql.sql("DELETE FROM session WHERE id = :id").param("id", session).update();
    }

    /** @param but one that goes on; zero for none */
    void endAllOf(long person, long but) {
        sql.sql("DELETE FROM session WHERE person_id = :person AND id <> :but")
                .param("person", person)
                .param("but", but)
                .update();
    }

    void endOlderThan(long begunAtMillis) {
        sql.sql("DELETE FROM session WHERE begun_at_ms < :begun")
                .param("begun", begunAtMillis)
                .update();
    }

    Optional<Device> device(String tokenHash) {
        return sql.sql("SELECT id, is_shared FROM device WHERE token_hash = :hash")
                .param("hash", tokenHash)
                .query((row, number) -> new Device(row.getLong("id"), row.getInt("is_shared") == 1))
                .optional();
    }

    Device addDevice(String tokenHash, long atMillis) {
        long id = sql.sql("INSERT INTO device (token_hash, begun_at_ms) VALUES (:hash, :at) RETURNING id")
                .param("hash", tokenHash)
                .param("at", atMillis)
                .query(Long.class)
                .single();
        return new Device(id, false);
    }

    void share(long device, boolean isShared) {
        sql.sql("UPDATE device SET is_shared = :shared WHERE id = :id")
                .param("shared", isShared ? 1 : 0)
                .param("id", device)
                .update();
    }

    /** From now on the device is one that this person has signed in with. */
    void isOf(long device, long person) {
        sql.sql("INSERT INTO device_person (device_id, person_id) VALUES (:device, :person) ON CONFLICT DO NOTHING")
                .param("device", device)
                .param("person", person)
                .update();
    }

    boolean isKnown(long device, long person) {
        return sql.sql("SELECT count(*) FROM device_person WHERE device_id = :device AND person_id = :person")
                        .param("device", device)
                        .param("person", person)
                        .query(Integer.class)
                        .single()
                > 0;
    }
}
