package hiltboard.server.job;

import hiltboard.server.access.Person;
import hiltboard.server.job.ClientWords.Word;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The client's word on what was pointed out in the talk. */
@RestController
class ClientWordController {
    private final ClientWords words;

    ClientWordController(ClientWords words) {
        this.words = words;
    }

    @PostMapping("/api/jobs/{id}/client-word")
    Receipt keep(@PathVariable long id, @RequestBody Word word, Person person, Command command) {
        return words.keep(id, word, person, command);
    }
}
