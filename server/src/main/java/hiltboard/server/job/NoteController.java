package hiltboard.server.job;

import hiltboard.server.Refusal;
import hiltboard.server.access.AccessService;
import hiltboard.server.access.Person;
import hiltboard.server.job.NoteRepository.Picture;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import io.swagger.v3.oas.annotations.Hidden;
import java.io.IOException;
import java.time.Duration;
import java.util.Optional;
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
    private final NoteService service;
    private final NoteRepository notes;
    private final AccessService access;

    NoteController(NoteService service, NoteRepository notes, AccessService access) {
        this.access = access;
        this.service = service;
        this.notes = notes;
    }

    /** A note; the operation is empty when it is about the whole piece. */
    record NewNote(String operation, String words, boolean isLesson) {}

    @PostMapping("/api/pieces/{id}/notes")
    Receipt write(@PathVariable long id, @RequestBody NewNote note, Person person, Command command) {
        return service.write(id, note.operation(), note.words(), note.isLesson(), person, command);
    }

    @PostMapping("/api/pieces/{id}/notes/{note}/strike")
    Receipt strike(@PathVariable long id, @PathVariable long note, Command command) {
        return service.strike(id, note, command);
    }

    @PostMapping(path = "/api/pieces/{id}/photos", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    Receipt take(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String operation,
            @RequestParam MultipartFile photo,
            Person person,
            Command command)
            throws IOException {
        String name = Optional.ofNullable(photo.getOriginalFilename())
                .filter(given -> !given.isBlank())
                .orElse("photo");
        return service.photograph(id, operation, name, photo.getBytes(), person, command);
    }

    @Hidden
    @GetMapping("/api/photos/{photo}/thumbnail")
    @Transactional(readOnly = true)
    ResponseEntity<byte[]> thumbnail(@PathVariable long photo) {
        return sent(notes.thumbnail(photo));
    }

    @Hidden
    @GetMapping("/api/photos/{photo}/original")
    @Transactional(readOnly = true)
    ResponseEntity<byte[]> original(@PathVariable long photo) {
        return sent(notes.original(photo));
    }

    private ResponseEntity<byte[]> sent(Optional<Picture> found) {
        Picture picture = found.orElseThrow(() -> Refusal.notThere("There is no such photograph."));
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(picture.mediaType()))
                .cacheControl(
                        access.isSharedDevice()
                                ? CacheControl.noStore()
                                : CacheControl.maxAge(Duration.ofDays(30)).cachePrivate())
                .body(picture.bytes());
    }
}
