package hiltboard.server.device;

import hiltboard.server.access.Person;
import hiltboard.server.device.LetterRepository.Letter;
import hiltboard.server.device.LetterService.NewLetter;
import hiltboard.server.device.LetterService.Prepared;
import hiltboard.server.device.LetterService.Steps;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import io.swagger.v3.oas.annotations.Hidden;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The outbox: letters to write, and those that were written. */
@RestController
class OutboxController {
    private final LetterService service;
    private final LetterRepository letters;

    OutboxController(LetterService service, LetterRepository letters) {
        this.service = service;
        this.letters = letters;
    }

    record LetterView(
            long id,
            long pieceId,
            String recipient,
            String subject,
            String words,
            long photoId,
            String by,
            long atMillis,
            boolean isSent) {}

    /** @param isMailing whether letters leave by themselves */
    record OutboxView(boolean isMailing, List<Prepared> due, List<LetterView> letters) {}

    record Chosen(String operation, boolean isChosen) {}

    @GetMapping("/api/outbox")
    @Transactional(readOnly = true)
    OutboxView outbox(Person person) {
        return new OutboxView(
                service.isMailing(),
                service.due(person),
                letters.all().stream().map(OutboxController::view).toList());
    }

    /** What was written to a client, the latest first. */
    @GetMapping("/api/clients/{id}/letters")
    @Transactional(readOnly = true)
    List<LetterView> toClient(@PathVariable long id) {
        return letters.toClient(id).stream().map(OutboxController::view).toList();
    }

    private static LetterView view(Letter letter) {
        return new LetterView(
                letter.id(),
                letter.piece(),
                letter.recipient(),
                letter.subject(),
                letter.words(),
                letter.photo(),
                letter.by(),
                letter.atMillis(),
                letter.sentAtMillis() > 0);
    }

    @PostMapping("/api/outbox")
    Receipt write(@RequestBody NewLetter letter, Person person, Command command) {
        return service.write(letter, person, command);
    }

    @Hidden
    @GetMapping("/api/outbox/{id}/letter.eml")
    @Transactional(readOnly = true)
    ResponseEntity<byte[]> file(@PathVariable long id) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("message/rfc822"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"letter-" + id + ".eml\"")
                .body(service.file(id));
    }

    @GetMapping("/api/jobs/{id}/updates")
    @Transactional(readOnly = true)
    Steps updates(@PathVariable long id) {
        return service.steps(id);
    }

    @PostMapping("/api/jobs/{id}/updates")
    Receipt choose(@PathVariable long id, @RequestBody Chosen chosen, Command command) {
        return service.choose(id, chosen.operation(), chosen.isChosen(), command);
    }
}
