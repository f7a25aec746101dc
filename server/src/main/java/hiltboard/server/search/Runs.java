package hiltboard.server.search;

import hiltboard.core.search.LongSearch;
import hiltboard.server.Refusal;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The searches of one kind, carried out one after another. The last ones are kept until the program stops: what is
 * worth keeping is accepted, and becomes data then.
 *
 * @param <Q> what is asked
 * @param <R> what is looked for
 */
public final class Runs<Q, R> implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(Runs.class);
    private static final int KEPT = 20;

    private final Map<Long, Run<Q, R>> runs = new ConcurrentHashMap<>();
    private final Map<Long, Run<Q, R>> latest = new ConcurrentHashMap<>();
    private final AtomicLong last = new AtomicLong();
    private final ExecutorService searching;

    /** @param name of the thread, as a log shows it */
    public Runs(String name) {
        searching = Executors.newSingleThreadExecutor(work -> {
            Thread thread = new Thread(work, name);
            thread.setDaemon(true);
            return thread;
        });
    }

    /**
     * Begins a search as soon as those before it are over. One person has one at a time: an earlier one of theirs ends
     * early.
     *
     * @param whose the number of the person
     */
    public Run<Q, R> begin(long whose, Q asked, LongSearch<R> search) {
        Run<Q, R> run = new Run<>(last.incrementAndGet(), asked, search);
        runs.put(run.id(), run);
        Optional.ofNullable(latest.put(whose, run)).ifPresent(Run::cancel);
        runs.keySet().removeIf(id -> id <= run.id() - KEPT);
        searching.submit(() -> carryOut(run));
        return run;
    }

    private static void carryOut(Run<?, ?> run) {
        try {
            run.carryOut();
        } catch (RuntimeException failure) {
            LOG.error("A search failed", failure);
            run.failed();
        }
    }

    /** @throws Refusal if it is not kept any more */
    public Run<Q, R> run(long id) {
        return Optional.ofNullable(runs.get(id))
                .orElseThrow(() -> Refusal.notThere("This search is not kept any more: begin it again."));
    }

    /** Every search ends early, and no other begins. */
    @Override
    public void close() {
        searching.shutdownNow();
        runs.values().forEach(Run::cancel);
    }
}
