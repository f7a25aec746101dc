package hiltboard.server.live;

import org.jspecify.annotations.Nullable;

/** One line of the journal, as it is read and as it is sent to open pages. */
public record JournalEntry(
        long sequence,
        long atMillis,
        @Nullable Long personId,
        String who,
        String origin,
        Entry.Kind kind,
        @Nullable Long jobId,
        @Nullable Long pieceId,
        String words) {}
