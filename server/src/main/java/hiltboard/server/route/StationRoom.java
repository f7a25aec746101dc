package hiltboard.server.route;

import hiltboard.core.route.Station;
import hiltboard.core.route.Workplace;
import java.util.List;

/**
 * The room of a station that has more than what lies there: where its work is seen together, beside the page of each
 * step. A feature gives its own as a bean.
 */
public interface StationRoom {
    Station station();

    /** As its page is called. */
    String words();

    /** The address of its page. */
    String page();

    /** What the room has to work with; belongs into a transaction of the caller. */
    List<Workplace> workplaces();
}
