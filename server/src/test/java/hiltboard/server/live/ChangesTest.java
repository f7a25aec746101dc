package hiltboard.server.live;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.inOrder;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.live.Command.Actor;
import hiltboard.server.live.Journal.CarriedOut;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.AbstractPlatformTransactionManager;
import org.springframework.transaction.support.DefaultTransactionStatus;
import org.springframework.transaction.support.TransactionTemplate;

/** The one place that every change goes through. */
class ChangesTest {
    private static final Command COMMAND =
            new Command("command-1", Optional.of(new Actor(2, "Bram Holt")), "bench", "this");
    private static final Entry ENTRY = Entry.ofPiece(Entry.Kind.STEP_DONE, 3, 7, "007: Harden: done");
    private static final JournalEntry WRITTEN =
            new JournalEntry(41, 1_000, 2L, "Bram Holt", "bench", Entry.Kind.STEP_DONE, 3L, 7L, "007: Harden: done");

    private final Journal journal = mock(Journal.class);
    private final LiveStream live = mock(LiveStream.class);
    private final ShopClock clock = mock(ShopClock.class);
    private final RecordedTransactions transactions = new RecordedTransactions();
    private final Changes changes = new Changes(new TransactionTemplate(transactions), journal, live, clock);

    @BeforeEach
    void nothingYet() {
        when(journal.carriedOut("command-1")).thenReturn(Optional.empty());
        when(journal.append(any(), any(), anyLong())).thenReturn(WRITTEN);
    }

    @Test
    void a_change_is_written_kept_committed_and_only_then_told() {
        assertThat(changes.make(COMMAND, () -> ENTRY)).isEqualTo(new Receipt(41, 7));
        var order = inOrder(journal, live);
        order.verify(journal).append(ENTRY, COMMAND, 0);
        order.verify(journal).keep(COMMAND, new Receipt(41, 7));
        order.verify(live).tell(WRITTEN);
        assertThat(transactions.said).isEqualTo("begin commit ");
    }

    @Test
    void whoever_asks_because_they_were_told_gets_the_new_and_a_slow_reader_does_not_bring_the_old_back() {
        AtomicReference<String> kept = new AtomicReference<>("old");
        AtomicLong length = new AtomicLong(40);
        when(journal.latest()).thenAnswer(call -> length.get());
        Remembered<String> known = changes.remember(kept::get, Entry.Kind.STEP_DONE);
        assertThat(known.get()).isEqualTo("old");
        List<String> asked = new ArrayList<>();
        doAnswer(call -> asked.add(known.get())).when(live).tell(any());
        changes.make(COMMAND, () -> {
            kept.set("new");
            assertThat(known.get()).as("what may still be undone").isEqualTo("old");
            return ENTRY;
        });
        assertThat(asked).as("by somebody who sees the data as before").containsExactly("new");
        kept.set("as the slow reader saw it");
        length.set(40);
        assertThat(known.get()).isEqualTo("as the slow reader saw it");
        kept.set("newest");
        length.set(41);
        assertThat(known.get()).isEqualTo("newest");
        kept.set("written since by nobody who says so");
        assertThat(known.get()).as("kept while no entry changes it").isEqualTo("newest");
    }

    @Test
    void a_command_that_was_carried_out_gets_its_first_receipt_and_changes_nothing() {
        when(journal.carriedOut("command-1")).thenReturn(Optional.of(new CarriedOut(new Receipt(12, 7), "this")));
        assertThat(changes.make(COMMAND, () -> {
                    throw new AssertionError("must not be done twice");
                }))
                .isEqualTo(new Receipt(12, 7));
        verify(journal, never()).append(any(), any(), anyLong());
        verify(live, never()).tell(any());
    }

    @Test
    void an_id_that_stood_for_another_wish_is_refused_and_its_receipt_is_not_given_away() {
        when(journal.carriedOut("command-1")).thenReturn(Optional.of(new CarriedOut(new Receipt(12, 7), "that")));
        assertThatThrownBy(() -> changes.make(COMMAND, () -> ENTRY))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("Command-Id");
        verify(journal, never()).append(any(), any(), anyLong());
    }

    @Test
    void a_command_from_before_its_words_were_kept_gets_its_receipt() {
        when(journal.carriedOut("command-1")).thenReturn(Optional.of(new CarriedOut(new Receipt(12, 7), "")));
        assertThat(changes.make(COMMAND, () -> ENTRY)).isEqualTo(new Receipt(12, 7));
    }

    @Test
    void a_refused_change_leaves_no_trace_and_nobody_hears_of_it() {
        assertThatThrownBy(() -> changes.make(COMMAND, () -> {
                    throw Refusal.outOfTurn("not now");
                }))
                .isInstanceOf(Refusal.class);
        verify(journal, never()).keep(any(), any());
        verify(live, never()).tell(any());
        assertThat(transactions.said).isEqualTo("begin rollback ");
    }

    @Test
    void a_change_that_cannot_be_committed_is_not_told() {
        transactions.failsToCommit = true;
        assertThatThrownBy(() -> changes.make(COMMAND, () -> ENTRY)).hasMessage("disk full");
        verify(live, never()).tell(any());
    }

    /** Transactions of no database, which say what they were told. */
    private static final class RecordedTransactions extends AbstractPlatformTransactionManager
            implements PlatformTransactionManager {
        private String said = "";
        private boolean failsToCommit;

        @Override
        protected Object doGetTransaction() {
            return new Object();
        }

        @Override
        protected void doBegin(Object transaction, TransactionDefinition definition) {
            said += "begin ";
        }

        @Override
        protected void doCommit(DefaultTransactionStatus status) {
            if (failsToCommit) {
                throw new IllegalStateException("disk full");
            }
            said += "commit ";
        }

        @Override
        protected void doRollback(DefaultTransactionStatus status) {
            said += "rollback ";
        }
    }
}
