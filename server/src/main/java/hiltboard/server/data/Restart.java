package hiltboard.server.data;

/** Stops the program and starts it anew in the same process, on the same port. */
@FunctionalInterface
public interface Restart {

    /** Soon: who asks is answered first. */
    void soon();
}
