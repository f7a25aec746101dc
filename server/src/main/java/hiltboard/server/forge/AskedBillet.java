package hiltboard.server.forge;

import java.util.List;
import java.util.Map;

/**
 * A billet as it was typed.
 *
 * @param blades that are to come out of it, each of which takes as much as a bar of this thickness, width and length
 * @param pieceId whose blade it is looked at on; zero for a usual one
 * @param paid for its bars; empty where the price list is to say
 */
public record AskedBillet(
        String name,
        List<StepEntries> steps,
        String blades,
        String thickness,
        String width,
        String length,
        long pieceId,
        String paid) {

    /** A work as it was typed. */
    public record StepEntries(String work, Map<String, String> entries) {}
}
