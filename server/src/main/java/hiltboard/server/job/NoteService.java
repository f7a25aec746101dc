package hiltboard.server.job;

import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import org.springframework.stereotype.Service;

/** Notes and photographs of pieces. */
@Service
public class NoteService {
    private static final int LONGEST_NOTE = 2_000;

    private final NoteRepository notes;
    private final PieceFiles files;
    private final Changes changes;
    private final ShopClock clock;

    NoteService(NoteRepository notes, PieceFiles files, Changes changes, ShopClock clock) {
        this.notes = notes;
        this.files = files;
        this.changes = changes;
        this.clock = clock;
    }

    /**
     * Writes a note; the operation is empty when it is about the whole piece. @param isLesson whether it is offered
     * again where the same design, steel or step comes up
     */
    public Receipt write(long piece, String operation, String text, boolean isLesson, Person person, Command command) {
        String words = text.strip();
        if (words.isEmpty() || words.length() > LONGEST_NOTE) {
            throw Refusal.entry(
                    "words",
                    "",
                    words.isEmpty() ? "Nothing was written" : "The note is too long",
                    "1 to " + LONGEST_NOTE + " characters");
        }
        return changes.make(command, () -> {
            PieceFile file = files.open(piece);
            notes.write(piece, operation, words, isLesson, person.id(), clock.nowMillis());
            return Entry.ofPiece(
                    Entry.Kind.NOTE_WRITTEN,
                    file.jobId(),
                    piece,
                    file.name() + (isLesson ? ": lesson: " : ": note: ") + words);
        });
    }

    public Receipt strike(long piece, long note, Command command) {
        return changes.make(command, () -> {
            PieceFile file = files.open(piece);
            if (!notes.strike(piece, note, clock.nowMillis())) {
                throw Refusal.notThere("This note is struck out already, or is not there.");
            }
            return Entry.ofPiece(Entry.Kind.NOTE_STRUCK, file.jobId(), piece, file.name() + ": a note was struck out");
        });
    }

    /** Keeps a photograph whole, with a small picture of it for the pages. */
    public Receipt photograph(
            long piece, String operation, String name, byte[] original, Person person, Command command) {
        Photograph photo = Photograph.of(original);
        return changes.make(command, () -> {
            PieceFile file = files.open(piece);
            notes.keep(piece, operation, name, photo, person.id(), clock.nowMillis());
            return Entry.ofPiece(Entry.Kind.PHOTO_TAKEN, file.jobId(), piece, file.name() + ": photograph " + name);
        });
    }
}
