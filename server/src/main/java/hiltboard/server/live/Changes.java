package hiltboard.server.live;

import hiltboard.server.ShopClock;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

/** The one place that every change goes through: its rows, its journal entry and its live event are one transaction. */
@Service
public class Changes {
    private final TransactionTemplate transactions;
    private final Journal journal;
    private final LiveStream live;
    private final ShopClock clock;
    private final List<Remembered<?>> remembered = new CopyOnWriteArrayList<>();

    Changes(TransactionTemplate transactions, Journal journal, LiveStream live, ShopClock clock) {
        this.transactions = transactions;
        this.journal = journal;
        this.live = live;
        this.clock = clock;
    }

    /**
     * Carries out a command once. The same command sent again gets the first receipt and changes nothing; the id of one
     * that wished for something else is refused.
     *
     * @param work writes the rows and says what goes into the journal; what it throws undoes everything
     */
    public Receipt make(Command command, Supplier<Entry> work) {
        return makeAll(command, () -> List.of(work.get()));
    }

    /**
     * As {@link #make}, where one command changes several things; the receipt is that of the first.
     *
     * @param work writes the rows and says what goes into the journal, at least one entry
     */
    public Receipt makeAll(Command command, Supplier<List<Entry>> work) {
        return transactions.execute(status -> journal.carriedOut(command.id())
                .map(earlier -> earlier.receiptFor(command))
                .orElseGet(() -> {
                    List<Entry> entries = work.get();
                    List<JournalEntry> written = entries.stream()
                            .map(entry -> journal.append(entry, command, clock.nowMillis()))
                            .toList();
                    Receipt receipt = new Receipt(
                            written.get(0).sequence(), entries.get(0).about());
                    journal.keep(command, receipt);
                    written.forEach(this::tellAfterCommit);
                    return receipt;
                }));
    }

    /** Remembers what is read often until an entry of one of these kinds changes it. */
    public <T> Remembered<T> remember(Supplier<T> read, Entry.Kind changedBy, Entry.Kind... orBy) {
        Remembered<T> known = new Remembered<>(read, EnumSet.of(changedBy, orBy), journal::latest);
        remembered.add(known);
        return known;
    }

    /** The journal of a piece and of its job, newest first. */
    @Transactional(readOnly = true)
    public List<JournalEntry> ofPiece(long piece, long job) {
        return journal.ofPiece(piece, job);
    }

    /**
     * Who made the latest change of a kind to a piece, or to the job itself where no piece is named; “Somebody else” if
     * nobody is known.
     */
    @Transactional(readOnly = true)
    public String lastBy(Entry.Kind kind, long job, Optional<Long> piece) {
        return journal.latest(kind, job, piece).map(JournalEntry::who).orElse("Somebody else");
    }

    @Transactional(readOnly = true)
    public long latest() {
        return journal.latest();
    }

    private void tellAfterCommit(JournalEntry entry) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                remembered.forEach(known -> known.heard(entry));
                live.tell(entry);
            }
        });
    }
}
