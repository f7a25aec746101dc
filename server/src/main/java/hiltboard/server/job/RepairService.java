package hiltboard.server.job;

import hiltboard.core.field.Finding;
import hiltboard.core.route.Repair;
import hiltboard.core.route.Route;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import hiltboard.server.route.StepRepository;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Opens the record of a knife that came back: a job of its own, in which only what the repair takes is open. */
@Service
class RepairService {
    private static final int LONGEST_WORDS = 2_000;

    private final JobRepository jobs;
    private final PieceFiles files;
    private final RepairRepository repairs;
    private final StepRepository steps;
    private final BelongingService belonging;
    private final Changes changes;
    private final ShopClock clock;

    RepairService(
            JobRepository jobs,
            PieceFiles files,
            RepairRepository repairs,
            StepRepository steps,
            BelongingService belonging,
            Changes changes,
            ShopClock clock) {
        this.jobs = jobs;
        this.files = files;
        this.repairs = repairs;
        this.steps = steps;
        this.belonging = belonging;
        this.changes = changes;
        this.clock = clock;
    }

    /** @param words what is wrong with it, as the client says it */
    record NewRepair(List<String> works, String words, String promisedOn) {}

    record Work(String work, String words) {}

    /** What can be done again to such a knife. */
    List<Work> works(long piece) {
        Route route = files.open(piece).route();
        return Arrays.stream(Repair.values())
                .filter(repair -> repair.isFor(route))
                .map(repair -> new Work(repair.name(), repair.words()))
                .toList();
    }

    /** The receipt is about the new piece. */
    Receipt begin(long piece, NewRepair asked, Command command) {
        List<Repair> works = asked.works().stream()
                .flatMap(work -> Repair.named(work).stream())
                .distinct()
                .toList();
        List<Finding> findings = findings(asked, works);
        if (!findings.isEmpty()) {
            throw Refusal.entries(findings);
        }
        return changes.make(command, () -> {
            PieceFile old = files.open(piece);
            if (!old.hasLeft()) {
                throw Refusal.outOfTurn(
                        old.name() + " has not left the shop: what is wrong with it is said at its step.");
            }
            repairs.underWay(old).ifPresent(again -> {
                throw Refusal.outOfTurn(old.name() + " is in the shop already, as " + again + ".");
            });
            JobRepository.Job was = jobs.job(old.jobId()).orElseThrow();
            long job = jobs.addJob(
                    was.clientId(),
                    JobKind.COMMISSION,
                    was.title() + ", repair",
                    asked.words().strip(),
                    LocalDate.parse(asked.promisedOn()),
                    clock.nowMillis());
            long again = jobs.addPiece(job, 1, 1, old.specification().entries());
            belonging.belongs(job, was.kind(), again, false);
            repairs.add(again, old, works);
            takeOver(old, again, works);
            String number = jobs.job(job).orElseThrow().number();
            return new Entry(
                    Entry.Kind.JOB_TAKEN,
                    Optional.of(job),
                    Optional.empty(),
                    number + " was taken: " + old.name() + " " + was.title() + " came back. "
                            + works.stream().map(Repair::words).collect(Collectors.joining(", ")),
                    again);
        });
    }

    private void takeOver(PieceFile old, long again, List<Repair> works) {
        Route route = files.open(again).route();
        Set<String> open = Repair.open(route, works);
        repairs.takeOver(old.id(), again, open);
        // What the program has learned to ask since this knife was made is not asked of it now.
        Set<String> known = steps.ofPieces(List.of(again)).stream()
                .map(StepRepository.StepRow::operation)
                .collect(Collectors.toSet());
        route.steps().stream()
                .map(step -> step.operation().key())
                .filter(operation -> !open.contains(operation) && !known.contains(operation))
                .forEach(operation -> steps.doneByClient(again, operation, clock.nowMillis()));
    }

    private List<Finding> findings(NewRepair asked, List<Repair> works) {
        List<Finding> findings = new ArrayList<>();
        if (works.isEmpty() || works.size() < asked.works().stream().distinct().count()) {
            findings.add(new Finding(
                    "works",
                    String.join(", ", asked.works()),
                    works.isEmpty() ? "Nothing is chosen" : "Not all of this is known",
                    "what is done again: "
                            + Arrays.stream(Repair.values()).map(Repair::name).collect(Collectors.joining(", "))));
        }
        if (asked.words().isBlank() || asked.words().length() > LONGEST_WORDS) {
            findings.add(new Finding(
                    "words",
                    "",
                    "What is wrong with it is not said",
                    "a few words, up to " + LONGEST_WORDS + " characters"));
        }
        try {
            LocalDate.parse(asked.promisedOn());
        } catch (DateTimeException unread) {
            findings.add(new Finding("promisedOn", asked.promisedOn(), "This is no day", "a day such as 2027-03-31"));
        }
        return findings;
    }
}
