package hiltboard.server.design;

import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationReader;
import hiltboard.core.field.Finding;
import hiltboard.core.route.Place;
import hiltboard.core.route.Rework;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.data.Token;
import hiltboard.server.design.RevisionRepository.Link;
import hiltboard.server.design.RevisionRepository.Revision;
import hiltboard.server.job.JobFile;
import hiltboard.server.job.JobService;
import hiltboard.server.job.Photograph;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import hiltboard.server.material.Specifications;
import hiltboard.server.route.Routes;
import hiltboard.server.route.StepRepository;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** The talk over a job: revisions are kept, shown to the client by link, and one is approved. */
@Service
public class ConsultService {
    private static final int LONGEST_TEXT = 4_000;
    /** A client who thinks aloud writes some; a thousand come from no client. */
    private static final int WISHES_A_DAY = 20;

    private static final long A_DAY_MILLIS = 24L * 3600 * 1000;
    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_DAYS = 90;

    private final RevisionRepository revisions;
    private final PieceFiles files;
    private final JobService jobs;
    private final StepRepository steps;
    private final Routes routes;
    private final Changes changes;
    private final ShopClock clock;
    private final Specifications specifications;

    ConsultService(
            RevisionRepository revisions,
            PieceFiles files,
            JobService jobs,
            StepRepository steps,
            Routes routes,
            Changes changes,
            ShopClock clock,
            Specifications specifications) {
        this.specifications = specifications;
        this.revisions = revisions;
        this.files = files;
        this.jobs = jobs;
        this.steps = steps;
        this.routes = routes;
        this.changes = changes;
        this.clock = clock;
    }

    /**
     * The revisions of a job, oldest first. Before one is kept, the knife as the job was taken is the first, with
     * number zero as its id.
     */
    List<Revision> revisions(JobFile job) {
        List<Revision> kept = revisions.ofJob(job.id());
        return kept.isEmpty() ? List.of(asTaken(job)) : kept;
    }

    private static Revision asTaken(JobFile job) {
        Specification specification = job.pieces().get(0).specification();
        return new Revision(
                0, job.id(), 1, specification.chosen(), specification.entries(), "As the job was taken", "", 0);
    }

    /** Keeps a revision beside the last one. */
    public Receipt keep(long job, Map<String, String> entries, String words, Person person, Command command) {
        mustFit("words", words, LONGEST_TEXT);
        SpecificationReader.Answer answer = specifications.readCompleted(entries, person.units());
        Specification specification = answer.specification().orElseThrow(() -> Refusal.entries(answer.findings()));
        routes.of(specification, Place.ALONE, Rework.NONE);
        return changes.make(command, () -> {
            JobFile file = files.openJob(job);
            int number = first(file) + 1;
            revisions.keep(
                    job,
                    number,
                    specification.chosen(),
                    specification.entries(),
                    words.strip(),
                    Optional.of(person.id()),
                    clock.nowMillis());
            return Entry.ofJob(
                    Entry.Kind.REVISION_KEPT,
                    job,
                    file.number() + ": revision " + number + " was kept"
                            + (words.isBlank() ? "" : ": " + words.strip()));
        });
    }

    /** Writes down the knife as it was taken when nothing is written yet. Answers the latest revision's number. */
    private int first(JobFile file) {
        List<Revision> kept = revisions.ofJob(file.id());
        if (kept.isEmpty()) {
            Revision taken = asTaken(file);
            revisions.keep(
                    file.id(), 1, taken.chosen(), taken.entries(), taken.words(), Optional.empty(), clock.nowMillis());
            return 1;
        }
        return kept.get(kept.size() - 1).number();
    }

    /** Puts a drawing beside others, for one to be chosen. */
    public Receipt propose(long job, String name, Map<String, String> entries, Person person, Command command) {
        mustBeNamed(name);
        SpecificationReader.Answer answer = specifications.readCompleted(entries, person.units());
        Specification specification = answer.specification().orElseThrow(() -> Refusal.entries(answer.findings()));
        return changes.make(command, () -> {
            JobFile file = files.openJob(job);
            revisions.propose(
                    job, name.strip(), specification.chosen(), specification.entries(), person.id(), clock.nowMillis());
            return Entry.ofJob(Entry.Kind.PROPOSAL_PUT, job, file.number() + ": proposal “" + name.strip() + "”");
        });
    }

    /** Chooses one proposal; the reason stays. */
    public Receipt choose(long job, long proposal, String reason, Command command) {
        if (reason.isBlank() || reason.length() > LONGEST_TEXT) {
            throw Refusal.entry("reason", "", "A reason is needed", "why this one, in a few words");
        }
        return changes.make(command, () -> {
            JobFile file = files.openJob(job);
            String name = revisions.proposals(job).stream()
                    .filter(each -> each.id() == proposal)
                    .map(RevisionRepository.Proposal::name)
                    .findFirst()
                    .orElseThrow(() -> Refusal.notThere(file.number() + " has no such proposal."));
            revisions.takeProposal(job, proposal, reason.strip(), clock.nowMillis());
            return Entry.ofJob(
                    Entry.Kind.PROPOSAL_TAKEN,
                    job,
                    file.number() + ": “" + name + "” was chosen because: " + reason.strip());
        });
    }

    Receipt sketch(long job, String name, byte[] picture, Person person, Command command) {
        Photograph sketch = Photograph.of(picture);
        return changes.make(command, () -> {
            JobFile file = files.openJob(job);
            revisions.sketch(job, name, sketch, person.id(), clock.nowMillis());
            return Entry.ofJob(Entry.Kind.SKETCH_TAKEN, job, file.number() + ": the client's sketch " + name);
        });
    }

    /** Makes a link that shows a revision; the receipt is about the link. */
    Receipt link(
            long job,
            int revision,
            String message,
            String price,
            List<String> shown,
            int days,
            Person person,
            Command command) {
        mustFit("message", message, LONGEST_TEXT);
        mustFit("price", price, LONGEST_NAME);
        if (days < 1 || days > LONGEST_DAYS) {
            throw Refusal.entry(
                    "days", String.valueOf(days), "A link is not open for so long", "1 to " + LONGEST_DAYS + " days");
        }
        return changes.make(command, () -> {
            JobFile file = files.openJob(job);
            first(file);
            Revision sent = revision(file, revision);
            long now = clock.nowMillis();
            long link = revisions.link(new Link(
                    0,
                    sent.id(),
                    Token.random(),
                    message.strip(),
                    price.strip(),
                    shown,
                    person.id(),
                    now,
                    now + Duration.ofDays(days).toMillis(),
                    Optional.empty()));
            Entry entry = Entry.ofJob(
                    Entry.Kind.LINK_MADE,
                    job,
                    file.number() + ": a link to revision " + revision + " was made for " + file.clientName());
            return new Entry(entry.kind(), entry.job(), entry.piece(), entry.words(), link);
        });
    }

    Receipt withdraw(long job, long link, Command command) {
        return changes.make(command, () -> {
            JobFile file = files.openJob(job);
            if (!revisions.withdraw(link, job, clock.nowMillis())) {
                throw Refusal.notThere("This link is withdrawn already, or is not there.");
            }
            return Entry.ofJob(Entry.Kind.LINK_WITHDRAWN, job, file.number() + ": a link was withdrawn");
        });
    }

    /** The client's yes at the table, written down by the owner. */
    Receipt approveAtTable(long job, int revision, String name, Person person, Command command) {
        return changes.makeAll(command, () -> {
            JobFile file = files.openJob(job);
            first(file);
            return approve(file, revision(file, revision), name, Optional.of(person));
        });
    }

    /** A revision becomes the specification of every piece whose steel is not cut, and the gate to steel opens. */
    List<Entry> approve(JobFile file, Revision revision, String name, Optional<Person> by) {
        mustBeNamed(name);
        List<PieceFile> waiting = file.waiting();
        if (waiting.isEmpty()) {
            throw Refusal.outOfTurn("The outline of " + file.number()
                    + " is approved already. What is changed now is a late change of each piece.");
        }
        Specification approved = specifications.restore(revision.entries());
        waiting.forEach(piece -> mustBeUntouched(piece, approved));
        long now = clock.nowMillis();
        revisions.approve(revision.id(), name.strip(), by.map(Person::id), now);
        List<Entry> entries = new ArrayList<>(List.of(Entry.ofJob(
                Entry.Kind.APPROVED,
                file.id(),
                file.number() + ": " + name.strip() + " approved revision " + revision.number()
                        + by.map(person -> ", as " + person.name() + " wrote down")
                                .orElse(" on the client page"))));
        for (PieceFile piece : waiting) {
            jobs.specify(piece.id(), approved);
            by.ifPresentOrElse(
                    person -> {
                        steps.start(piece.id(), PieceFile.APPROVAL, person.id(), now);
                        steps.done(piece.id(), PieceFile.APPROVAL, person.id(), now);
                    },
                    () -> steps.doneByClient(piece.id(), PieceFile.APPROVAL, now));
            entries.add(Entry.ofPiece(
                    Entry.Kind.STEP_DONE,
                    file.id(),
                    piece.id(),
                    piece.name() + ": the outline is approved, revision " + revision.number()));
        }
        return entries;
    }

    /** A piece that was worked on before its approval keeps the drawing that it was worked to. */
    private static void mustBeUntouched(PieceFile piece, Specification approved) {
        boolean isBegun = !piece.progress().doneAt().isEmpty();
        if (isBegun && !piece.specification().equals(approved)) {
            throw Refusal.outOfTurn("Work on " + piece.name()
                    + " has begun to another drawing. Change its specification on the piece, where the program says what "
                    + "that spoils.");
        }
    }

    Revision revision(JobFile file, int number) {
        return revisions(file).stream()
                .filter(each -> each.number() == number)
                .findFirst()
                .orElseThrow(() -> Refusal.notThere(file.number() + " has no revision " + number + "."));
    }

    /** The knife as a revision draws it. @throws Refusal if there is no such job or revision */
    public Specification specification(long job, int number) {
        return specifications.restore(revision(files.openJob(job), number).entries());
    }

    /** A job's number and what it is called in the shop. */
    public String title(long job) {
        JobFile file = files.openJob(job);
        return file.number() + " " + file.title();
    }

    /**
     * The link that is open under this token, with its revision. @throws Refusal as if it had never been, once it is
     * withdrawn or expired
     */
    Link openLink(String token) {
        return revisions
                .linkWithToken(token)
                .filter(link -> link.isOpen(clock.nowMillis()))
                .orElseThrow(() ->
                        Refusal.notThere("This link is not open any more, or never was. Ask the shop for a new one."));
    }

    List<RevisionRepository.Sketch> sketches(long job) {
        return revisions.sketches(job);
    }

    Optional<Photograph> sketch(long job, long sketch) {
        return revisions.sketch(job, sketch);
    }

    JobFile jobOf(Link link) {
        return files.openJob(revisionOf(link).job());
    }

    Revision revisionOf(Link link) {
        return revisions.withId(link.revision()).orElseThrow();
    }

    Receipt approveByClient(String token, String name, Command command) {
        return changes.makeAll(command, () -> {
            Link link = openLink(token);
            return approve(jobOf(link), revisionOf(link), name, Optional.empty());
        });
    }

    Receipt wish(String token, String name, String words, Command command) {
        mustBeNamed(name);
        if (words.isBlank()) {
            throw Refusal.entry("words", "", "Nothing was written", "what should be different, in your words");
        }
        mustFit("words", words, LONGEST_TEXT);
        return changes.make(command, () -> {
            Link link = openLink(token);
            JobFile file = jobOf(link);
            if (revisions.wishesThrough(link.id(), clock.nowMillis() - A_DAY_MILLIS) >= WISHES_A_DAY) {
                throw Refusal.outOfTurn(
                        "So many wishes came through this link today. The shop reads them first; tell it "
                                + "the rest by telephone or tomorrow.");
            }
            revisions.wish(link.id(), name.strip(), words.strip(), clock.nowMillis());
            return Entry.ofJob(
                    Entry.Kind.CLIENT_WISHED,
                    file.id(),
                    file.number() + ": " + name.strip() + " wishes, about revision "
                            + revisionOf(link).number() + ": " + words.strip());
        });
    }

    private static void mustBeNamed(String name) {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw Refusal.entries(List.of(new Finding(
                    "name",
                    "",
                    name.isBlank() ? "A name is needed" : "This is too long",
                    "who says yes, up to " + LONGEST_NAME + " characters")));
        }
    }

    private static void mustFit(String field, String text, int longest) {
        if (text.length() > longest) {
            throw Refusal.entry(field, "", "This is too long", "up to " + longest + " characters");
        }
    }
}
