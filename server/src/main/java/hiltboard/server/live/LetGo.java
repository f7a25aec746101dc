package hiltboard.server.live;

/**
 * Somebody's live pages are to be ended: whoever may still see them comes again. @param who by the name of their
 * sign-in
 */
public record LetGo(String who) {}
