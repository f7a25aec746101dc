package hiltboard.server.fire;

import hiltboard.core.route.Station;
import hiltboard.core.route.Workplace;
import hiltboard.server.route.StationRoom;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Where the kilns are. */
@Component
class FireRoom implements StationRoom {
    private final FireRepository fire;

    FireRoom(FireRepository fire) {
        this.fire = fire;
    }

    @Override
    public Station station() {
        return Station.KILN;
    }

    @Override
    public String words() {
        return "The fire";
    }

    @Override
    public String page() {
        return "/fire";
    }

    @Override
    public List<Workplace> workplaces() {
        return fire.kilns().stream()
                .map(row -> new Workplace(
                        Station.KILN, row.name(), Optional.of(row.kiln().space().depth())))
                .toList();
    }
}
