package hiltboard.server.route;

import hiltboard.core.route.Station;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * The stations of the shop: steps carry their names, and what they are called and where their rooms are is said here.
 */
@RestController
class StationController {
    private final Map<Station, StationRoom> rooms;

    /** @throws IllegalStateException if a station has two rooms */
    StationController(List<StationRoom> rooms) {
        this.rooms = rooms.stream().collect(Collectors.toMap(StationRoom::station, Function.identity()));
    }

    /** The page of a station's room. */
    record RoomLine(String words, String page) {}

    record StationLine(
            Station station, String words, @Nullable RoomLine room) {}

    @GetMapping("/api/stations")
    List<StationLine> stations() {
        return Arrays.stream(Station.values())
                .map(station -> new StationLine(station, station.words(), room(station)))
                .toList();
    }

    private @Nullable RoomLine room(Station station) {
        StationRoom room = rooms.get(station);
        return room == null ? null : new RoomLine(room.words(), room.page());
    }
}
