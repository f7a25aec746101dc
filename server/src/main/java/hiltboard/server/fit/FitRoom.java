package hiltboard.server.fit;

import hiltboard.core.route.Station;
import hiltboard.core.route.Workplace;
import hiltboard.server.route.StationRoom;
import java.util.List;
import org.springframework.stereotype.Component;

/** Where guards, spacers and blocks are fitted. */
@Component
class FitRoom implements StationRoom {
    @Override
    public Station station() {
        return Station.FITTING;
    }

    @Override
    public String words() {
        return "The fitting bench";
    }

    @Override
    public String page() {
        return "/fit";
    }

    /** A bench takes any knife. */
    @Override
    public List<Workplace> workplaces() {
        return List.of();
    }
}
