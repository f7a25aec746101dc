package hiltboard.server.job;

import hiltboard.server.access.Person;
import hiltboard.server.data.Reading;
import hiltboard.server.job.NoteRepository.Picture;
import hiltboard.server.job.OriginalRepository.Album;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** Takes out of every picture that the shop has what a camera wrote beside it: where, when, with what. */
@RestController
class PlaceController {
    private final OriginalRepository originals;
    private final Changes changes;
    private final Reading reading;
    private final TransactionTemplate writing;

    PlaceController(OriginalRepository originals, Changes changes, Reading reading, TransactionTemplate writing) {
        this.originals = originals;
        this.changes = changes;
        this.writing = writing;
        this.reading = reading;
    }

    /** One picture after the other, each for itself: who is interrupted goes on by asking again. */
    @PostMapping("/api/photos/without-place")
    Receipt forget(Person person, Command command) {
        long changed = Stream.of(Album.values()).mapToLong(this::forget).sum();
        return changes.make(
                command,
                () -> Entry.ofShop(
                        Entry.Kind.SHOP_SETTING_CHOSEN,
                        person.name() + " took what cameras had written beside them out of " + changed + " pictures",
                        changed));
    }

    private long forget(Album album) {
        return reading.of(() -> originals.pictures(album)).stream()
                .filter(id -> forget(album, id))
                .count();
    }

    private boolean forget(Album album, long id) {
        Optional<Picture> picture = reading.of(() -> originals.original(album, id));
        return picture.map(each -> without(album, id, each)).orElse(false);
    }

    private boolean without(Album album, long id, Picture picture) {
        try {
            byte[] without = WithoutPlace.of(picture.mediaType(), picture.bytes());
            boolean isChanged = !Arrays.equals(without, picture.bytes());
            if (isChanged) {
                writing.executeWithoutResult(status -> originals.put(album, id, without));
            }
            return isChanged;
        } catch (IllegalArgumentException damaged) {
            return false;
        }
    }
}
