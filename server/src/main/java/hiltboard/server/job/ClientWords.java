package hiltboard.server.job;

import hiltboard.core.design.Advice.Matter;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.Typed;
import hiltboard.server.access.Person;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import org.springframework.stereotype.Service;

/**
 * Writes down what the client said when something was pointed out: it is on the record, and is not pointed out again.
 */
@Service
public class ClientWords {
    private final ClientWordRepository words;
    private final PieceFiles files;
    private final Changes changes;
    private final ShopClock clock;

    ClientWords(ClientWordRepository words, PieceFiles files, Changes changes, ShopClock clock) {
        this.words = words;
        this.files = files;
        this.changes = changes;
        this.clock = clock;
    }

    /** @param matter the name of what was pointed out @param words what the client said to it */
    public record Word(String matter, String words) {}

    public Receipt keep(long job, Word word, Person person, Command command) {
        Typed typed = new Typed(person.units());
        String said = typed.name("words", word.words(), Typed.LONGEST_WORDS);
        typed.mustBeUnderstood();
        Matter matter = Matter.named(word.matter())
                .orElseThrow(() -> Refusal.entry(
                        "matter",
                        word.matter(),
                        "Nothing of this kind is ever pointed out",
                        "one of the points that the program makes"));
        return changes.make(command, () -> {
            JobFile file = files.openJob(job);
            words.keep(job, matter.name(), said, person.id(), clock.nowMillis());
            return Entry.ofJob(
                    Entry.Kind.CLIENT_SAID,
                    job,
                    file.number() + ": " + file.clientName() + " on " + matter.words() + ": " + said);
        });
    }
}
