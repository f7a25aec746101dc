package hiltboard.server.access;

import hiltboard.core.measure.Units;
import hiltboard.server.Refusal;

/** Somebody of the shop, with the units that they read. */
public record Person(long id, String name, String signInName, Role role, Units units) {
    public boolean isOwner() {
        return role == Role.OWNER;
    }

    /**
     * For what depends on more than the address that is asked, which {@link Rights} knows.
     *
     * @throws Refusal unless this is an owner
     */
    public void mustBeOwner(String toDoWhat) {
        if (!isOwner()) {
            throw Refusal.notAllowed("Only the owner may " + toDoWhat + ".");
        }
    }

    /** Somebody who has shown a short number only: they may do what a maker may. */
    Person asMaker() {
        return new Person(id, name, signInName, Role.MAKER, units);
    }
}
