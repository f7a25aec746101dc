package hiltboard.core.search;

/**
 * A search that may take as long as somebody has patience.
 *
 * @param <R> what is looked for
 */
public interface LongSearch<R> {
    /** Hears how a search goes on; called from whatever thread searches, and not to be held up. */
    interface Watch<R> {
        /** How many parts of the search are settled. */
        void settled(int done, int of);

        /** What is the best by now: whoever ends the search early gets no less. */
        void found(R best);

        /** Nobody watches. */
        static <R> Watch<R> nobody() {
            return new Watch<>() {
                @Override
                public void settled(int done, int of) {}

                @Override
                public void found(R best) {}
            };
        }
    }

    /**
     * Searches until it is done, or its patience is over, or it is cancelled; called once.
     *
     * @return the best that was found
     */
    R search(Watch<? super R> watch);

    /** Ends the search early, from another thread; {@link #search} then answers with what it has. */
    void cancel();
}
