package hiltboard.server.demo;

/** The demo shop beside this one: in the same process, at a port of its own, with a second folder of data. */
@FunctionalInterface
public interface Beside {

    /** Starts it where it does not run yet. @return the port at which it answers */
    int port();
}
