package hiltboard.server.live;

import java.util.Optional;

/**
 * A wish to change something.
 *
 * @param id given by the page; the same command sent again changes nothing twice
 * @param actor empty for the shop's own clock
 * @param origin from where it was given
 */
public record Command(String id, Optional<Actor> actor, String origin) {

    /** Who gave a command, as the journal writes it. */
    public record Actor(long id, String name) {}
}
