package hiltboard.server.route;

import hiltboard.core.route.Station;
import hiltboard.server.access.Person;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import hiltboard.server.route.Workplaces.NewMill;
import hiltboard.server.route.Workplaces.NewWorkplace;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/**
 * The stations of the shop: steps carry their names, and what they are called and where their rooms are is said here.
 */
@RestController
class StationController {
    private final Workplaces workplaces;

    StationController(Workplaces workplaces) {
        this.workplaces = workplaces;
    }

    /** The page of a room that a station has for itself. */
    record RoomLine(String words, String page) {}

    record StationLine(
            Station station, String words, @Nullable RoomLine room) {}

    @GetMapping("/api/stations")
    List<StationLine> stations() {
        return Arrays.stream(Station.values())
                .map(station -> new StationLine(
                        station,
                        station.words(),
                        workplaces
                                .room(station)
                                .map(room -> new RoomLine(room.words(), room.page()))
                                .orElse(null)))
                .toList();
    }

    @PostMapping("/api/stations/{station}/workplaces")
    Receipt add(@PathVariable Station station, @RequestBody NewWorkplace asked, Person person, Command command) {
        return workplaces.add(station, asked, person, command);
    }

    @PostMapping("/api/stations/workplaces/{id}/mill")
    Receipt bears(@PathVariable long id, @RequestBody NewMill asked, Person person, Command command) {
        return workplaces.bears(id, asked, person, command);
    }

    @PostMapping("/api/stations/workplaces/{id}/remove")
    Receipt remove(@PathVariable long id, Command command) {
        return workplaces.remove(id, command);
    }
}
