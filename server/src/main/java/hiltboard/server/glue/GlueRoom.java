package hiltboard.server.glue;

import hiltboard.core.route.Station;
import hiltboard.core.route.Workplace;
import hiltboard.server.route.StationRoom;
import java.util.List;
import org.springframework.stereotype.Component;

/** Where adhesive is mixed. */
@Component
class GlueRoom implements StationRoom {
    @Override
    public Station station() {
        return Station.GLUING;
    }

    @Override
    public String words() {
        return "The gluing bench";
    }

    @Override
    public String page() {
        return "/glue";
    }

    /** A bench takes any knife. */
    @Override
    public List<Workplace> workplaces() {
        return List.of();
    }
}
