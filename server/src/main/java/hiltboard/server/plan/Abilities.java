package hiltboard.server.plan;

import hiltboard.core.plan.Ability;
import hiltboard.core.route.Station;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** At which stations somebody can work, and at which they are learning to. */
@Repository
public class Abilities {
    private final JdbcClient sql;

    Abilities(JdbcClient sql) {
        this.sql = sql;
    }

    private record Row(long person, Station station, Ability ability) {}

    /** What everybody who has said anything can do, by their number. */
    public Map<Long, Function<Station, Ability>> all() {
        return sql
                .sql("SELECT person_id, station, level FROM ability")
                .query((row, number) -> new Row(
                        row.getLong("person_id"),
                        Station.valueOf(row.getString("station")),
                        Ability.valueOf(row.getString("level"))))
                .list()
                .stream()
                .collect(Collectors.groupingBy(Row::person))
                .entrySet()
                .stream()
                .collect(Collectors.toMap(Map.Entry::getKey, entry -> said(entry.getValue())));
    }

    public Function<Station, Ability> of(long person) {
        return of(person, all());
    }

    /** Whoever has said nothing can do everything. @param all what was said */
    static Function<Station, Ability> of(long person, Map<Long, Function<Station, Ability>> all) {
        return all.getOrDefault(person, station -> Ability.CAN);
    }

    void say(long person, Map<Station, Ability> abilities) {
        sql.sql("DELETE FROM ability WHERE person_id = :person")
                .param("person", person)
                .update();
        abilities.forEach((station, ability) -> sql.sql(
                        "INSERT INTO ability (person_id, station, level) VALUES (:person, :station, :level)")
                .param("person", person)
                .param("station", station.name())
                .param("level", ability.name())
                .update());
    }

    private static Function<Station, Ability> said(List<Row> rows) {
        return station -> rows.stream()
                .filter(row -> row.station() == station)
                .map(Row::ability)
                .findFirst()
                .orElse(Ability.NOT);
    }
}
