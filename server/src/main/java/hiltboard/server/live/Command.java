package hiltboard.server.live;

import java.util.Optional;

/**
 * A wish to change something.
 *
 * @param id given by the page; the same command sent again changes nothing twice
 * @param actor empty for the shop's own clock
 * @param origin from where it was given
 * @param said a mark of who asked for what, so that its id is not taken for another wish; empty for the shop's own
 *     clock
 */
public record Command(String id, Optional<Actor> actor, String origin, String said) {

    public Command(String id, Optional<Actor> actor, String origin) {
        this(id, actor, origin, "");
    }

    /** Who gave a command, as the journal writes it. */
    public record Actor(long id, String name) {}
}
