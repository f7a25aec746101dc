package hiltboard.core.measure;

/** What came of reading an entry: the quantity that was meant, or why it was not understood. */
public sealed interface Understood<Q extends Quantity> {

    /** The entry was understood. */
    record Value<Q extends Quantity>(Q quantity) implements Understood<Q> {}

    /** The entry was not understood; both texts are for the maker. */
    record Refused<Q extends Quantity>(String problem, String accepted) implements Understood<Q> {}
}
