package hiltboard.server.job;

/**
 * What is a piece's own within its batch.
 *
 * @param forWhom whom it is promised to, or whose spare it is; empty for the job's client
 * @param art what is engraved, etched or inlaid on it alone; empty for nothing
 * @param rackSlot its place in every rack and load; empty where none was given
 * @param setName the set that it goes out with; empty for none
 */
public record Own(Belongs belongs, String forWhom, String art, String rackSlot, String setName) {

    /** How the shop is called where something is its own. */
    static final String THE_SHOP = "the shop";

    /** Whose a piece is: somebody's who ordered it, the shop's stock, or the spare of a batch. */
    public enum Belongs {
        PROMISED,
        STOCK,
        SPARE
    }

    boolean isSpare() {
        return belongs == Belongs.SPARE;
    }

    /** Whether a client has been promised it, if only in case another is lost. */
    boolean isSomebodys() {
        return belongs == Belongs.PROMISED || isSpare() && !isTheShops();
    }

    /** A spare of nobody but the shop. */
    private boolean isTheShops() {
        return forWhom.isBlank() || forWhom.strip().equalsIgnoreCase(THE_SHOP);
    }
}
