package hiltboard.server.job;

import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationReader;
import hiltboard.core.design.Use;
import hiltboard.core.field.Finding;
import hiltboard.core.route.Place;
import hiltboard.core.route.Rework;
import hiltboard.core.route.Worn;
import hiltboard.server.Refusal;
import hiltboard.server.Refusal.Both;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.job.Brief.Wish;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import hiltboard.server.material.Specifications;
import hiltboard.server.route.Routes;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Jobs are taken, changed and held here. */
@Service
public class JobService {
    private static final int MOST_PIECES = 24;
    private static final int LONGEST_TEXT = 2_000;
    private static final int LONGEST_OWN = 300;
    private static final String NOBODY = "The shop";
    private static final int LONGEST_SLOT = 20;

    private final JobRepository jobs;
    private final PieceFiles files;
    private final Routes routes;
    private final Changes changes;
    private final ShopClock clock;
    private final Specifications specifications;
    private final BelongingService belonging;

    JobService(
            JobRepository jobs,
            PieceFiles files,
            Routes routes,
            Changes changes,
            ShopClock clock,
            Specifications specifications,
            BelongingService belonging) {
        this.belonging = belonging;
        this.specifications = specifications;
        this.jobs = jobs;
        this.files = files;
        this.routes = routes;
        this.changes = changes;
        this.clock = clock;
    }

    /**
     * A commission or a batch as it was talked through, or work that no client has asked for, whose client is left
     * empty; entries in shop notation, those that were typed: what is not among them is as usual.
     *
     * @param pieces how many are made
     * @param ordered how many of them somebody has asked for; the others are spares of the shop. Nothing without a
     *     client
     */
    public record NewJob(
            JobKind kind,
            String clientName,
            String clientContact,
            String title,
            String useWords,
            String promisedOn,
            int pieces,
            int ordered,
            List<Wish> wishes,
            Map<String, String> specification) {}

    /** Takes a job: all findings are collected before anything is kept. The receipt is about the job's first piece. */
    public Receipt take(NewJob job, Person person, Command command) {
        List<Finding> findings = findings(job);
        SpecificationReader.Answer answer =
                specifications.readCompleted(Use.answered(job.specification(), job.useWords()), person.units());
        findings.addAll(answer.findings());
        if (!findings.isEmpty()) {
            throw Refusal.entries(findings);
        }
        Specification specification = answer.specification().orElseThrow();
        routes.of(specification, Place.ALONE, Rework.NONE);
        return changes.make(command, () -> {
            String clientName = job.kind().hasClient() || !job.clientName().isBlank()
                    ? job.clientName().strip()
                    : NOBODY;
            long client = jobs.clientNamed(clientName)
                    .orElseGet(
                            () -> jobs.addClient(clientName, job.clientContact().strip()));
            long id = jobs.addJob(
                    client,
                    job.kind(),
                    job.title().strip(),
                    job.useWords().strip(),
                    LocalDate.parse(job.promisedOn()),
                    clock.nowMillis());
            jobs.addWishes(id, job.wishes());
            long first = 0;
            for (int position = 1; position <= job.pieces(); position++) {
                long piece = jobs.addPiece(id, position, job.pieces(), specification.entries());
                belonging.belongs(id, job.kind(), piece, job.kind().hasClient() && position > job.ordered());
                if (!job.kind().hasClient()) {
                    belonging.approve(piece, person);
                }
                first = position == 1 ? piece : first;
            }
            String number = jobs.job(id).orElseThrow().number();
            Entry entry = Entry.ofJob(
                    Entry.Kind.JOB_TAKEN,
                    id,
                    number + " " + job.title().strip() + " was taken "
                            + (job.kind().hasClient()
                                    ? "for " + clientName
                                    : job.kind().words() + ": there is no client to say yes to its outline"));
            return new Entry(entry.kind(), entry.job(), entry.piece(), entry.words(), first);
        });
    }

    /** Moves the promised day. */
    public Receipt promise(long job, String from, String to, Command command) {
        LocalDate day = day(to);
        return changes.make(command, () -> {
            JobRepository.Job known =
                    jobs.job(job).orElseThrow(() -> Refusal.notThere("There is no job with number " + job + "."));
            String current = known.promisedOn().toString();
            if (!current.equals(from) && !current.equals(to)) {
                String lastBy = changes.lastBy(Entry.Kind.PROMISE_CHANGED, job, Optional.empty());
                throw Refusal.bothChanged(
                        List.of(new Both("promisedOn", "Promised for", to, current, lastBy, current)));
            }
            jobs.promise(job, day);
            return Entry.ofJob(
                    Entry.Kind.PROMISE_CHANGED,
                    job,
                    known.number() + ": promised for " + to + " instead of " + current);
        });
    }

    public Receipt hold(long piece, String reason, Person person, Command command) {
        if (reason.isBlank() || reason.length() > LONGEST_TEXT) {
            throw Refusal.entry("reason", reason, "A reason is needed", "why the piece is held, in a few words");
        }
        return changes.make(command, () -> {
            PieceFile file = files.openAlive(piece);
            jobs.hold(piece, reason.strip(), person.id(), clock.nowMillis());
            return Entry.ofPiece(Entry.Kind.HELD, file.jobId(), piece, file.name() + " is held: " + reason.strip());
        });
    }

    public Receipt release(long piece, Person person, Command command) {
        return changes.make(command, () -> {
            PieceFile file = files.openAlive(piece);
            if (file.heldReason().isEmpty()) {
                throw Refusal.outOfTurn(file.name() + " is not held.");
            }
            jobs.release(piece);
            return Entry.ofPiece(
                    Entry.Kind.RELEASED, file.jobId(), piece, file.name() + " was released by " + person.name());
        });
    }

    /** What is this piece's own within its batch: what art, where in the rack, with which others it goes out. */
    public record Described(String art, String rackSlot, String setName) {}

    public Receipt describe(long piece, Described own, Command command) {
        List<Finding> findings = new ArrayList<>();
        if (own.setName().length() > LONGEST_OWN
                || own.art().length() > LONGEST_OWN
                || own.rackSlot().length() > LONGEST_SLOT) {
            findings.add(new Finding(
                    "own",
                    "",
                    "This is too long",
                    "up to " + LONGEST_OWN + " characters, a slot up to " + LONGEST_SLOT));
        }
        if (!findings.isEmpty()) {
            throw Refusal.entries(findings);
        }
        return changes.make(command, () -> {
            PieceFile file = files.openAlive(piece);
            slotMustBeFree(file, own.rackSlot().strip());
            jobs.describe(
                    piece,
                    own.art().strip(),
                    own.rackSlot().strip(),
                    own.setName().strip());
            return Entry.ofPiece(
                    Entry.Kind.PIECE_MARKED,
                    file.jobId(),
                    piece,
                    file.name() + ": "
                            + (own.rackSlot().isBlank()
                                    ? "no slot"
                                    : "slot " + own.rackSlot().strip())
                            + (own.art().isBlank() ? "" : ", art: " + own.art().strip())
                            + (own.setName().isBlank()
                                    ? ""
                                    : ", of the set “" + own.setName().strip() + "”"));
        });
    }

    /** Look-alikes in one slot get swapped. */
    private void slotMustBeFree(PieceFile file, String slot) {
        if (!slot.isEmpty()) {
            files.livingSiblings(file.id()).stream()
                    .filter(other -> other.rackSlot().equalsIgnoreCase(slot))
                    .findFirst()
                    .ifPresent(other -> {
                        throw Refusal.entry("rackSlot", slot, other.name() + " has this slot", "a slot of its own");
                    });
        }
    }

    /** Takes a hold off, part of a change that says why. */
    public void releaseFrom(long piece) {
        jobs.release(piece);
    }

    /**
     * Keeps how often a blade was hardened and what the piece is at a turn of its route, part of a change that says
     * why.
     */
    public void turnBack(long piece, Rework rework, Worn worn) {
        jobs.turnBack(piece, rework, worn);
    }

    /** Gives a piece the specification that its client approved, part of a change that says so. */
    public void specify(long piece, Specification specification) {
        jobs.specify(piece, specification.entries());
    }

    /** Scraps a piece, part of a change that says why. */
    public void scrap(long piece) {
        jobs.stand(piece, JobRepository.Standing.SCRAPPED);
    }

    /** Holds a piece, part of a change that says why. */
    public void holdFor(long piece, String reason, Person person) {
        jobs.hold(piece, reason, person.id(), clock.nowMillis());
    }

    /** Marks a piece as handed over, part of the change that does it. */
    public void handOver(long piece) {
        jobs.handOver(piece, clock.nowMillis());
    }

    private static List<Finding> findings(NewJob job) {
        List<Finding> findings = new ArrayList<>();
        if (job.kind() == JobKind.REPAIR) {
            findings.add(new Finding(
                    "kind",
                    "REPAIR",
                    "A repair begins from the knife that came back",
                    "COMMISSION, STOCK, TRIAL or GIFT"));
        }
        if (job.kind().hasClient()) {
            needed(findings, "clientName", job.clientName(), "the client's name");
        }
        needed(findings, "title", job.title(), "what the knife is called in the shop");
        needed(findings, "useWords", job.useWords(), "what it is for, in the client's words");
        if (!isDay(job.promisedOn())) {
            findings.add(new Finding("promisedOn", job.promisedOn(), "This is not a day", "a date such as 2027-03-31"));
        }
        if (job.pieces() < 1 || job.pieces() > MOST_PIECES) {
            findings.add(new Finding(
                    "pieces", String.valueOf(job.pieces()), "So many are not made together", "1 to " + MOST_PIECES));
        }
        int mostOrdered = job.kind().hasClient() ? job.pieces() : 0;
        int leastOrdered = job.kind().hasClient() ? 1 : 0;
        if (job.pieces() >= 1 && (job.ordered() < leastOrdered || job.ordered() > mostOrdered)) {
            findings.add(new Finding(
                    "ordered",
                    String.valueOf(job.ordered()),
                    job.kind().hasClient()
                            ? "More are ordered than are made, or none"
                            : "Nobody has ordered what is made " + job.kind().words(),
                    leastOrdered + " to " + mostOrdered));
        }
        if (job.wishes().size() > 40
                || job.wishes().stream()
                        .anyMatch(wish -> wish.words().isBlank() || wish.words().length() > LONGEST_TEXT)) {
            findings.add(new Finding("wishes", "", "A wish is empty or too long", "a few words each, up to 40 wishes"));
        }
        return findings;
    }

    private static void needed(List<Finding> findings, String field, String text, String accepted) {
        if (text.isBlank() || text.length() > LONGEST_TEXT) {
            findings.add(new Finding(
                    field,
                    text.length() > 40 ? "" : text,
                    text.isBlank() ? "Nothing was entered" : "This is too long",
                    accepted));
        }
    }

    private static LocalDate day(String text) {
        if (!isDay(text)) {
            throw Refusal.entry("promisedOn", text, "This is not a day", "a date such as 2027-03-31");
        }
        return LocalDate.parse(text);
    }

    private static boolean isDay(String text) {
        try {
            int year = LocalDate.parse(text).getYear();
            return year > 1999 && year < 2200;
        } catch (DateTimeException notADay) {
            return false;
        }
    }
}
