package hiltboard.server.bench;

import hiltboard.core.plan.PutOn.AtStation;
import hiltboard.core.plan.PutOn.OfJob;
import hiltboard.core.plan.PutOn.OfPiece;
import hiltboard.core.plan.PutOn.OfStation;
import hiltboard.core.plan.PutOn.OfStep;
import hiltboard.core.plan.PutOn.Scope;
import hiltboard.core.route.Route.Step;
import hiltboard.core.route.Station;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.AccessService;
import hiltboard.server.access.Person;
import hiltboard.server.job.Hands;
import hiltboard.server.job.JobFile;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import hiltboard.server.plan.PutOnRepository;
import hiltboard.server.route.StepRepository;
import hiltboard.server.route.StepRepository.Standing;
import hiltboard.server.route.StepRepository.StepRow;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/**
 * Puts work on somebody: an owner on anybody, a maker what is nobody's on themselves, and what is theirs on whom they
 * hand it to.
 */
@Service
class PutOnService {
    private static final int LONGEST_WORD = 500;

    private final PieceFiles files;
    private final PutOnRepository putOn;
    private final StepRepository steps;
    private final AccessService access;
    private final Changes changes;
    private final ShopClock clock;

    PutOnService(
            PieceFiles files,
            PutOnRepository putOn,
            StepRepository steps,
            AccessService access,
            Changes changes,
            ShopClock clock) {
        this.files = files;
        this.putOn = putOn;
        this.steps = steps;
        this.access = access;
        this.changes = changes;
        this.clock = clock;
    }

    Receipt putJob(long job, long person, String word, Person by, Command command) {
        return changes.make(command, () -> {
            JobFile file = files.openJob(job);
            Optional<Person> to = onWhom(new OfJob(job), person, word, by);
            return Entry.ofJob(Entry.Kind.PUT_ON, job, file.number() + ": all of it " + said(to, word));
        });
    }

    Receipt putPiece(long piece, long person, String word, Person by, Command command) {
        return changes.make(command, () -> {
            PieceFile file = files.openAlive(piece);
            Optional<Person> to = onWhom(new OfPiece(piece), person, word, by);
            return Entry.ofPiece(Entry.Kind.PUT_ON, file.jobId(), piece, file.name() + ": all of it " + said(to, word));
        });
    }

    Receipt putAtStation(long piece, Station station, long person, String word, Person by, Command command) {
        return changes.make(command, () -> {
            PieceFile file = files.openAlive(piece);
            AtStation scope = new AtStation(piece, station);
            Optional<Person> to = onWhom(scope, person, word, by);
            return Entry.ofPiece(
                    Entry.Kind.PUT_ON, file.jobId(), piece, file.name() + ": " + scope.words() + " " + said(to, word));
        });
    }

    Receipt putStation(Station station, long person, String word, Person by, Command command) {
        return changes.make(command, () -> {
            Optional<Person> to = onWhom(new OfStation(station), person, word, by);
            return Entry.ofShop(
                    Entry.Kind.PUT_ON,
                    "What comes to " + new OfStation(station).words() + " " + said(to, word),
                    person);
        });
    }

    /** Puts one step of one piece, or of several of a batch, on somebody; whoever was at it puts it down. */
    Receipt handOn(List<Long> pieces, String operation, long person, String word, Person by, Command command) {
        return changes.makeAll(
                command,
                () -> pieces.stream()
                        .map(piece -> handOn(piece, operation, person, word, by))
                        .toList());
    }

    private Entry handOn(long piece, String operation, long person, String word, Person by) {
        PieceFile file = files.openAlive(piece);
        Step step = file.step(operation);
        Optional<StepRow> row = file.row(step);
        if (row.filter(each -> each.standing() == Standing.DONE).isPresent()) {
            throw Refusal.outOfTurn("“" + step.operation().title() + "” on " + file.name() + " is done.");
        }
        Hands.Holder holder = new Hands(putOn.all()).of(file, step.operation());
        Optional<Person> to = onWhom(new OfStep(piece, operation), holder.id(), person, word, by);
        row.filter(each -> each.standing() == Standing.RUNNING && !each.isPutDown() && each.starterId() != person)
                .ifPresent(each -> steps.putDown(piece, operation, clock.nowMillis()));
        return file.entry(Entry.Kind.PUT_ON, step, said(to, word));
    }

    /** That somebody knows what was put on them. */
    Receipt seen(long id, Person person, Command command) {
        PutOnRepository.Row row = putOn.withId(id)
                .filter(each -> each.putOn().person() == person.id())
                .orElseThrow(() -> Refusal.notThere("This is no longer on you."));
        return changes.make(command, () -> {
            putOn.seen(row.putOn().id(), clock.nowMillis());
            return Entry.ofShop(Entry.Kind.PUT_ON, person.name() + " knows what " + row.byName() + " put on them", id);
        });
    }

    private Optional<Person> onWhom(Scope scope, long person, String word, Person by) {
        return onWhom(scope, new Hands(putOn.all()).of(scope).id(), person, word, by);
    }

    /** @param holder who has it until now, zero for nobody @param person whom it is put on, zero for nobody */
    private Optional<Person> onWhom(Scope scope, long holder, long person, String word, Person by) {
        boolean isTheirs = holder == by.id() || holder == 0 && person == by.id();
        if (!isTheirs) {
            by.mustBeOwner(
                    "put work on somebody else; what is yours you can hand on, and what is nobody’s you can take");
        }
        if (word.strip().length() > LONGEST_WORD) {
            throw Refusal.entry(
                    "word", word, "This is too long", "a word or two, up to " + LONGEST_WORD + " characters");
        }
        Optional<Person> to = person == 0
                ? Optional.empty()
                : Optional.of(access.peopleHere().stream()
                        .filter(each -> each.id() == person)
                        .findFirst()
                        .orElseThrow(
                                () -> Refusal.notThere("There is nobody with number " + person + " in this shop.")));
        putOn.takeOff(scope, clock.nowMillis());
        to.ifPresent(each -> putOn.put(scope, each.id(), word.strip(), by.id(), clock.nowMillis()));
        return to;
    }

    private static String said(Optional<Person> to, String word) {
        return to.map(person -> "is put on " + person.name()).orElse("is on nobody any more")
                + (word.isBlank() ? "" : ": “" + word.strip() + "”");
    }
}
