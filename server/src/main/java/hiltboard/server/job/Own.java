package hiltboard.server.job;

/**
 * What is a piece's own within its batch.
 *
 * @param forWhom whom it is for, or whose spare it is; empty for the job's client
 * @param art what is engraved, etched or inlaid on it alone; empty for nothing
 * @param rackSlot its place in every rack and load; empty where none was given
 */
public record Own(String forWhom, String art, String rackSlot, boolean isSpare) {}
