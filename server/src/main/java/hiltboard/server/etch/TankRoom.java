package hiltboard.server.etch;

import hiltboard.core.etch.BathField;
import hiltboard.core.etch.Vessel;
import hiltboard.core.measure.Length;
import hiltboard.core.route.Station;
import hiltboard.core.route.Workplace;
import hiltboard.server.route.StationRoom;
import java.util.List;
import org.springframework.stereotype.Component;

/** Where the baths are. */
@Component
class TankRoom implements StationRoom {
    private final BathRepository baths;

    TankRoom(BathRepository baths) {
        this.baths = baths;
    }

    @Override
    public Station station() {
        return Station.TANK;
    }

    @Override
    public String words() {
        return "The tank";
    }

    @Override
    public String page() {
        return "/tank";
    }

    @Override
    public List<Workplace> workplaces() {
        return baths.baths().stream()
                .filter(row -> row.bath().liquid().etches())
                .map(row -> new Workplace(
                        Station.TANK,
                        name(row.bath().name(), row.bath().words(BathField.PLACE)),
                        row.bath().vessel().map(TankRoom::longest)))
                .toList();
    }

    private static String name(String bath, String place) {
        return place.isEmpty() ? bath : bath + ", " + place;
    }

    /** A blade hangs in a tube and lies in a trough. */
    private static Length longest(Vessel vessel) {
        return vessel.along()
                .filter(along -> along.compareTo(vessel.height()) > 0)
                .orElse(vessel.height());
    }
}
