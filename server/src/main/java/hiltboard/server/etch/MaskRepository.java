package hiltboard.server.etch;

import hiltboard.core.blade.Point;
import hiltboard.core.etch.MaskSchedule;
import hiltboard.core.etch.MaskZone;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The zones of masks, newest first; an older one is kept. */
@Repository
class MaskRepository {
    private static final TypeReference<List<KeptZone>> ZONES = new TypeReference<>() {};

    private final JdbcClient sql;
    private final JsonMapper json;

    MaskRepository(JdbcClient sql, JsonMapper json) {
        this.sql = sql;
        this.json = json;
    }

    /** Corners in millimetres in the frame of the blade's outline, x and y by turns. */
    record KeptZone(String name, List<Double> corners, long seconds) {
        MaskZone zone() {
            List<Point> points = new ArrayList<>();
            for (int i = 0; i + 1 < corners.size(); i += 2) {
                points.add(new Point(corners.get(i), corners.get(i + 1)));
            }
            return new MaskZone(points);
        }
    }

    /** @param id by which it is told whether somebody drew another one meanwhile */
    record MaskRow(long id, List<KeptZone> zones, String by, long atMillis) {
        MaskSchedule schedule() {
            return new MaskSchedule(zones.stream()
                    .map(zone -> new MaskSchedule.Zone(zone.name(), Duration.ofSeconds(zone.seconds())))
                    .toList());
        }
    }

    Optional<MaskRow> of(long piece) {
        return sql.sql("SELECT mask.*, person.name AS by_name FROM mask JOIN person ON person.id = set_by "
                        + "WHERE piece_id = :piece ORDER BY mask.id DESC LIMIT 1")
                .param("piece", piece)
                .query((row, number) -> new MaskRow(
                        row.getLong("id"),
                        json.readValue(row.getString("zones"), ZONES),
                        row.getString("by_name"),
                        row.getLong("set_at_ms")))
                .optional();
    }

    void draw(long piece, List<KeptZone> zones, long person, long atMillis) {
        sql.sql("INSERT INTO mask (piece_id, zones, set_by, set_at_ms) VALUES (:piece, :zones, :person, :at)")
                .param("piece", piece)
                .param("zones", json.writeValueAsString(zones))
                .param("person", person)
                .param("at", atMillis)
                .update();
    }
}
