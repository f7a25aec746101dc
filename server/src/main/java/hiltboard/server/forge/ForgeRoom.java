package hiltboard.server.forge;

import hiltboard.core.route.Station;
import hiltboard.server.route.StationRoom;
import org.springframework.stereotype.Component;

/** Where the billets are. */
@Component
class ForgeRoom implements StationRoom {
    @Override
    public Station station() {
        return Station.FORGE;
    }

    @Override
    public String words() {
        return "The forge";
    }

    @Override
    public String page() {
        return "/forge";
    }
}
