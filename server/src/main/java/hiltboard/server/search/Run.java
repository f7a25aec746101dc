package hiltboard.server.search;

import hiltboard.core.search.LongSearch;
import java.util.Optional;

/**
 * A search that was begun: how far it is, the best so far, and its answer once it is over. Read by any thread.
 *
 * @param <Q> what was asked
 * @param <R> what is looked for
 */
public final class Run<Q, R> implements LongSearch.Watch<R> {
    private final long id;
    private final Q asked;
    private final LongSearch<R> search;
    private volatile int done;
    private volatile int of;
    private volatile Optional<R> best = Optional.empty();
    private volatile Optional<R> answer = Optional.empty();
    private volatile boolean isFailed;

    Run(long id, Q asked, LongSearch<R> search) {
        this.id = id;
        this.asked = asked;
        this.search = search;
    }

    void carryOut() {
        R found = search.search(this);
        best = Optional.of(found);
        answer = best;
    }

    void failed() {
        isFailed = true;
    }

    public void cancel() {
        search.cancel();
    }

    @Override
    public void settled(int settled, int parts) {
        of = parts;
        done = settled;
    }

    @Override
    public void found(R better) {
        best = Optional.of(better);
    }

    public long id() {
        return id;
    }

    public Q asked() {
        return asked;
    }

    /** How many parts are settled. */
    public int done() {
        return done;
    }

    /** Of how many; zero until it is known. */
    public int of() {
        return of;
    }

    /** The best by now; empty while there is none. */
    public Optional<R> best() {
        return best;
    }

    /** The best that was found, once the search is over. */
    public Optional<R> answer() {
        return answer;
    }

    public boolean isFailed() {
        return isFailed;
    }
}
