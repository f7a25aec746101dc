package hiltboard.server.access;

/** What a person may do: an owner everything, a maker the work. */
public enum Role {
    OWNER,
    MAKER
}
