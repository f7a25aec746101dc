package hiltboard.server.fire;

import hiltboard.core.route.Station;
import hiltboard.server.route.StationRoom;
import org.springframework.stereotype.Component;

/** Where the kilns are. */
@Component
class FireRoom implements StationRoom {
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
}
