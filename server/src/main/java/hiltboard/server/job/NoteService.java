package hiltboard.server.job;

import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Map;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import org.springframework.stereotype.Service;

/** Notes and photographs of pieces. */
@Service
public class NoteService {
    private static final int LONGEST_NOTE = 2_000;
    private static final int THUMBNAIL_PIXELS = 480;
    private static final long MOST_PIXELS = 120_000_000;
    private static final Map<String, String> MEDIA_TYPES = Map.of("jpeg", "image/jpeg", "png", "image/png", "gif", "image/gif", "bmp", "image/bmp");
    private static final String ACCEPTED = "a JPEG or PNG picture of up to 40 MB";

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

    /** Writes a note; the operation is empty when it is about the whole piece. */
    public Receipt write(long piece, String operation, String text, Person person, Command command) {
        String words = text.strip();
        if (words.isEmpty() || words.length() > LONGEST_NOTE) {
            throw Refusal.entry("words", "", words.isEmpty() ? "Nothing was written" : "The note is too long", "1 to " + LONGEST_NOTE + " characters");
        }
        return changes.make(command, () -> {
            PieceFile file = files.open(piece);
            notes.write(piece, operation, words, person.id(), clock.nowMillis());
            return Entry.ofPiece(Entry.Kind.NOTE_WRITTEN, file.jobId(), piece, file.name() + ": note: " + words);
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
    public Receipt photograph(long piece, String operation, String name, byte[] original, Person person, Command command) {
        String mediaType = mediaType(original);
        byte[] thumbnail = thumbnail(original);
        return changes.make(command, () -> {
            PieceFile file = files.open(piece);
            notes.keep(piece, operation, name, mediaType, original, thumbnail, person.id(), clock.nowMillis());
            return Entry.ofPiece(Entry.Kind.PHOTO_TAKEN, file.jobId(), piece, file.name() + ": photograph " + name);
        });
    }

    /** Looks at the picture itself, not at its name, and at its size before it is unpacked. */
    private static String mediaType(byte[] original) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(original))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw Refusal.entry("photo", "", "This is not a picture that can be read", ACCEPTED);
            }
            ImageReader reader = readers.next();
            reader.setInput(in);
            if ((long) reader.getWidth(0) * reader.getHeight(0) > MOST_PIXELS) {
                throw Refusal.entry("photo", "", "This picture has too many pixels", ACCEPTED);
            }
            return MEDIA_TYPES.getOrDefault(reader.getFormatName().toLowerCase(Locale.ROOT), "application/octet-stream");
        } catch (IOException broken) {
            throw Refusal.entry("photo", "", "This picture is damaged", ACCEPTED);
        }
    }

    private static byte[] thumbnail(byte[] original) {
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            Thumbnails.of(new ByteArrayInputStream(original)).size(THUMBNAIL_PIXELS, THUMBNAIL_PIXELS).outputFormat("jpg").toOutputStream(out);
            return out.toByteArray();
        } catch (IOException broken) {
            throw Refusal.entry("photo", "", "This picture is damaged", ACCEPTED);
        }
    }
}
