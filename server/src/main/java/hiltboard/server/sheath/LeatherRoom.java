package hiltboard.server.sheath;

import hiltboard.core.route.Station;
import hiltboard.core.route.Workplace;
import hiltboard.server.route.StationRoom;
import java.util.List;
import org.springframework.stereotype.Component;

/** Where sheaths are made. */
@Component
class LeatherRoom implements StationRoom {
    @Override
    public Station station() {
        return Station.LEATHER;
    }

    @Override
    public String words() {
        return "The leather bench";
    }

    @Override
    public String page() {
        return "/sheath";
    }

    /** A bench takes any sheath. */
    @Override
    public List<Workplace> workplaces() {
        return List.of();
    }
}
