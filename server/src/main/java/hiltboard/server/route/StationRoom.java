package hiltboard.server.route;

import hiltboard.core.route.Station;

/**
 * The room of a station: where its work is seen together, beside the page of each step. A feature gives its own as a
 * bean.
 */
public interface StationRoom {
    Station station();

    /** As its page is called. */
    String words();

    /** The address of its page. */
    String page();
}
