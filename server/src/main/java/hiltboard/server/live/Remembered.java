package hiltboard.server.live;

import java.util.Optional;
import java.util.Set;
import java.util.function.LongSupplier;
import java.util.function.Supplier;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * What is asked at every picture of a drag and seldom changes: read from the file of data once, and anew after each
 * entry of the journal that changes it. It is forgotten before anybody is told of that entry, so that whoever asks
 * because of it gets the new; and a reader who still looks at the data as they were before does not bring the old back.
 */
public final class Remembered<T> {
    private final Supplier<T> read;
    private final Set<Entry.Kind> changedBy;
    private final LongSupplier journal;
    private volatile long changedAt;
    private volatile Optional<Held<T>> held = Optional.empty();

    /** @param journal how long it is, as whoever asks sees it */
    Remembered(Supplier<T> read, Set<Entry.Kind> changedBy, LongSupplier journal) {
        this.read = read;
        this.changedBy = changedBy;
        this.journal = journal;
    }

    /** @param sequence how long the journal was, at least, when it was read */
    private record Held<T>(T value, long sequence) {}

    /** The same object while nothing changes it. */
    public T get() {
        return held.filter(this::isOfToday).orElseGet(this::readAnew).value();
    }

    void heard(JournalEntry entry) {
        if (changedBy.contains(entry.kind())) {
            changedAt = entry.sequence();
        }
    }

    private boolean isOfToday(Held<T> each) {
        return each.sequence() >= changedAt;
    }

    private Held<T> readAnew() {
        long sequence = journal.getAsLong();
        Held<T> now = new Held<>(read.get(), sequence);
        if (isOfToday(now) && !isWriting()) {
            held = Optional.of(now);
        }
        return now;
    }

    /** What somebody is writing may still be undone. */
    private static boolean isWriting() {
        return TransactionSynchronizationManager.isActualTransactionActive()
                && !TransactionSynchronizationManager.isCurrentTransactionReadOnly();
    }
}
