package hiltboard.server.route;

import hiltboard.core.machine.Cutting.Mill;
import hiltboard.core.machine.Stiffness;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.route.Station;
import hiltboard.core.route.Workplace;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.Typed;
import hiltboard.server.access.Person;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The places to work that the stations of this shop have. */
@Repository
public class Workplaces {
    private static final LengthRange LONGEST = LengthRange.of("1", "200");
    private static final int LONGEST_NAME = 80;

    private final JdbcClient sql;
    private final Changes changes;
    private final ShopClock clock;
    private final Map<Station, StationRoom> rooms;

    /** @throws IllegalStateException if a station has two rooms */
    Workplaces(JdbcClient sql, Changes changes, ShopClock clock, List<StationRoom> rooms) {
        this.sql = sql;
        this.changes = changes;
        this.clock = clock;
        this.rooms = rooms.stream().collect(Collectors.toMap(StationRoom::station, Function.identity()));
    }

    /** @param id zero where a room of its own says what is there */
    public record Row(long id, Workplace workplace) {}

    /** A place to work as it was typed. @param longest empty where that does not matter */
    public record NewWorkplace(String name, String longest) {}

    /** What a mill bears, as it was typed: watts and turns a minute are whole numbers. */
    public record NewMill(String stiffness, String watts, String rpm) {}

    public Optional<StationRoom> room(Station station) {
        return Optional.ofNullable(rooms.get(station));
    }

    /** Of one station, in the order in which they were written down; belongs into a transaction of the caller. */
    public List<Row> at(Station station) {
        List<Row> written = sql.sql(
                        "SELECT * FROM workplace WHERE station = :station AND gone_at_ms IS NULL ORDER BY id")
                .param("station", station.name())
                .query((row, number) -> row(row))
                .list();
        return room(station)
                .map(room -> Stream.concat(
                                room.workplaces().stream().map(workplace -> new Row(0, workplace)), written.stream())
                        .toList())
                .orElse(written);
    }

    private static Row row(ResultSet row) throws SQLException {
        long longest = row.getLong("longest_nm");
        Optional<Length> most = row.wasNull() ? Optional.empty() : Optional.of(new Length(longest));
        String stiffness = row.getString("stiffness");
        Optional<Mill> mill = stiffness == null
                ? Optional.empty()
                : Optional.of(new Mill(Stiffness.valueOf(stiffness), row.getInt("watts"), row.getInt("most_rpm")));
        return new Row(
                row.getLong("id"),
                new Workplace(Station.valueOf(row.getString("station")), row.getString("name"), most, mill));
    }

    /** The first mill of which somebody has said what it bears; belongs into a transaction of the caller. */
    public Optional<Workplace> mill() {
        return at(Station.MILL).stream()
                .map(Row::workplace)
                .filter(place -> place.mill().isPresent())
                .findFirst();
    }

    /** Keeps what a mill bears. @throws Refusal for what is no mill */
    public Receipt bears(long id, NewMill asked, Person person, Command command) {
        Typed typed = new Typed(person.units());
        Stiffness stiffness = Typed.choice(
                Stiffness.class, "stiffness", asked.stiffness(), "How stiff it is is not said", "one of the choices");
        int watts = typed.whole("watts", asked.watts(), 20, 30_000);
        int rpm = typed.whole("rpm", asked.rpm(), 100, 60_000);
        typed.mustBeUnderstood();
        return changes.make(command, () -> {
            Workplace place = known(id).workplace();
            if (place.station() != Station.MILL) {
                throw Refusal.outOfTurn(place.name() + " is no mill.");
            }
            sql.sql("UPDATE workplace SET stiffness = :stiffness, watts = :watts, most_rpm = :rpm WHERE id = :id")
                    .param("stiffness", stiffness.name())
                    .param("watts", watts)
                    .param("rpm", rpm)
                    .param("id", id)
                    .update();
            return Entry.ofShop(
                    Entry.Kind.SHOP_SETTING_CHOSEN,
                    place.name() + ": " + stiffness.words() + ", " + watts + " W, up to " + rpm + " RPM",
                    id);
        });
    }

    public Receipt add(Station station, NewWorkplace asked, Person person, Command command) {
        room(station).ifPresent(room -> {
            throw Refusal.outOfTurn("What is there is written down in its own room: " + room.words() + ".");
        });
        Typed typed = new Typed(person.units());
        String name = typed.name("name", asked.name(), LONGEST_NAME);
        Optional<Length> longest = typed.maybeLength("longest", asked.longest(), LONGEST);
        typed.mustBeUnderstood();
        return changes.make(command, () -> {
            if (at(station).stream().anyMatch(each -> each.workplace().name().equalsIgnoreCase(name))) {
                throw Refusal.entry("name", name, station.words() + " has one of this name already", "another name");
            }
            long id = sql.sql("""
                    INSERT INTO workplace (station, name, longest_nm, noted_by, noted_at_ms)
                    VALUES (:station, :name, :longest, :person, :at) RETURNING id
                    """)
                    .param("station", station.name())
                    .param("name", name)
                    .param("longest", longest.map(Length::nanometres).orElse(null))
                    .param("person", person.id())
                    .param("at", clock.nowMillis())
                    .query(Long.class)
                    .single();
            return Entry.ofShop(Entry.Kind.SHOP_SETTING_CHOSEN, station.words() + ": " + name + " is there", id);
        });
    }

    public Receipt remove(long id, Command command) {
        return changes.make(command, () -> {
            Row known = known(id);
            sql.sql("UPDATE workplace SET gone_at_ms = :at WHERE id = :id")
                    .param("at", clock.nowMillis())
                    .param("id", id)
                    .update();
            return Entry.ofShop(
                    Entry.Kind.SHOP_SETTING_CHOSEN,
                    known.workplace().station().words() + ": "
                            + known.workplace().name() + " is gone",
                    id);
        });
    }

    private Row known(long id) {
        return sql.sql("SELECT * FROM workplace WHERE id = :id AND gone_at_ms IS NULL")
                .param("id", id)
                .query((row, number) -> row(row))
                .optional()
                .orElseThrow(() -> Refusal.notThere("There is no such place to work any more."));
    }
}
