package hiltboard.server.job;

import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.job.NoteRepository.Picture;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import io.swagger.v3.oas.annotations.Hidden;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Map;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Notes and photographs from the bench. */
@RestController
class NoteController {
    private static final int LONGEST_NOTE = 2_000;
    private static final int THUMBNAIL_PIXELS = 480;
    private static final long MOST_PIXELS = 120_000_000;
    private static final Map<String, String> MEDIA_TYPES = Map.of("jpeg", "image/jpeg", "png", "image/png", "gif", "image/gif", "bmp", "image/bmp");
    private static final String ACCEPTED = "a JPEG or PNG picture of up to 40 MB";

    private final NoteRepository notes;
    private final PieceFiles files;
    private final Changes changes;
    private final ShopClock clock;

    NoteController(NoteRepository notes, PieceFiles files, Changes changes, ShopClock clock) {
        this.notes = notes;
        this.files = files;
        this.changes = changes;
        this.clock = clock;
    }

    /** A note; the operation is empty when it is about the whole piece. */
    record NewNote(String operation, String words) {}

    @PostMapping("/api/pieces/{id}/notes")
    Receipt write(@PathVariable long id, @RequestBody NewNote note, Person person, Command command) {
        String words = note.words().strip();
        if (words.isEmpty() || words.length() > LONGEST_NOTE) {
            throw Refusal.entry("words", "", words.isEmpty() ? "Nothing was written" : "The note is too long", "1 to " + LONGEST_NOTE + " characters");
        }
        return changes.make(command, () -> {
            PieceFile file = files.open(id);
            notes.write(id, note.operation(), words, person.id(), clock.nowMillis());
            return Entry.ofPiece(Entry.Kind.NOTE_WRITTEN, file.jobId(), id, file.name() + ": note: " + words);
        });
    }

    @PostMapping("/api/pieces/{id}/notes/{note}/strike")
    Receipt strike(@PathVariable long id, @PathVariable long note, Command command) {
        return changes.make(command, () -> {
            PieceFile file = files.open(id);
            if (!notes.strike(id, note, clock.nowMillis())) {
                throw Refusal.notThere("This note is struck out already, or is not there.");
            }
            return Entry.ofPiece(Entry.Kind.NOTE_STRUCK, file.jobId(), id, file.name() + ": a note was struck out");
        });
    }

    @PostMapping(path = "/api/pieces/{id}/photos", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    Receipt take(@PathVariable long id, @RequestParam(defaultValue = "") String operation, @RequestParam MultipartFile photo, Person person, Command command) throws IOException {
        byte[] original = photo.getBytes();
        String mediaType = mediaType(original);
        byte[] thumbnail = thumbnail(original);
        String name = photo.getOriginalFilename() == null || photo.getOriginalFilename().isBlank() ? "photo" : photo.getOriginalFilename();
        return changes.make(command, () -> {
            PieceFile file = files.open(id);
            notes.keep(id, operation, name, mediaType, original, thumbnail, person.id(), clock.nowMillis());
            return Entry.ofPiece(Entry.Kind.PHOTO_TAKEN, file.jobId(), id, file.name() + ": photograph " + name);
        });
    }

    @Hidden
    @GetMapping("/api/photos/{photo}/thumbnail")
    @Transactional(readOnly = true)
    ResponseEntity<byte[]> thumbnail(@PathVariable long photo) {
        return sent(notes.thumbnail(photo).orElseThrow(() -> Refusal.notThere("There is no such photograph.")));
    }

    @Hidden
    @GetMapping("/api/photos/{photo}/original")
    @Transactional(readOnly = true)
    ResponseEntity<byte[]> original(@PathVariable long photo) {
        return sent(notes.original(photo).orElseThrow(() -> Refusal.notThere("There is no such photograph.")));
    }

    private static ResponseEntity<byte[]> sent(Picture picture) {
        return ResponseEntity.ok().contentType(MediaType.parseMediaType(picture.mediaType()))
                .cacheControl(CacheControl.maxAge(java.time.Duration.ofDays(30)).cachePrivate()).body(picture.bytes());
    }

    /** Looks at the picture itself, not at its name, and at its size before it is unpacked. */
    private static String mediaType(byte[] original) throws IOException {
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
            return MEDIA_TYPES.getOrDefault(reader.getFormatName().toLowerCase(java.util.Locale.ROOT), "application/octet-stream");
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
