package hiltboard.server.live;

/**
 * The answer to a command that was carried out and is kept for good.
 *
 * @param sequence its place in the journal
 * @param about the number of what it made or touched
 */
public record Receipt(long sequence, long about) {}
