package hiltboard.server.job;

import hiltboard.core.field.Finding;
import hiltboard.server.Refusal;
import hiltboard.server.Refusal.Both;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.job.BelongingRepository.BriefBefore;
import hiltboard.server.job.BelongingRepository.Ordered;
import hiltboard.server.job.Brief.Wish;
import hiltboard.server.job.Own.Belongs;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import hiltboard.server.route.StepRepository;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Whose a piece is and what it is for: given, sold, kept as a spare, with the brief that says why it is made. */
@Service
public class BelongingService {
    private static final int MOST_PIECES = 24;
    private static final int LONGEST_NAME = 300;
    private static final int LONGEST_TEXT = 2_000;

    private final JobRepository jobs;
    private final BelongingRepository belonging;
    private final PieceFiles files;
    private final StepRepository steps;
    private final Changes changes;
    private final ShopClock clock;

    BelongingService(
            JobRepository jobs,
            BelongingRepository belonging,
            PieceFiles files,
            StepRepository steps,
            Changes changes,
            ShopClock clock) {
        this.jobs = jobs;
        this.belonging = belonging;
        this.files = files;
        this.steps = steps;
        this.changes = changes;
        this.clock = clock;
    }

    /** Whose a piece was when the page was looked at. */
    public record Seen(Belongs belongs, String forWhom) {}

    /**
     * Whose a piece is to be.
     *
     * @param from what the page saw
     * @param sure whether the owner has confirmed that it is taken from somebody
     */
    public record Given(Seen from, Belongs belongs, String forWhom, boolean sure) {}

    /**
     * More pieces for a job, like one that is there. @param asSpare whether they are spares of the shop; otherwise they
     * are ordered, or stock where no client is
     */
    public record More(int count, long like, boolean asSpare) {}

    /** A brief as it is to be. @param fromUseWords what the page saw */
    public record NewBrief(
            String fromUseWords, String useWords, List<Wish> wishes, boolean clientAgreed, String reason) {}

    /**
     * Gives a piece to somebody, to the shop's stock, or keeps it as a spare. What somebody else changed meanwhile is
     * shown to both.
     */
    public Receipt give(long piece, Given given, Command command) {
        mustBeNamed(given);
        return changes.make(command, () -> {
            PieceFile file = files.openAlive(piece);
            Own own = file.piece().own();
            mustBeAsSeen(file, own, given);
            mustBeSure(file, own, given);
            if (isNamed(file, own, given)) {
                belonging.name(piece, given.forWhom().strip());
            } else if (given.belongs() == Belongs.PROMISED) {
                promise(file, given.forWhom().strip());
            } else {
                belonging.release(piece, isOrderGone(file));
                belonging.unpromised(
                        piece, given.belongs() == Belongs.SPARE, given.forWhom().strip());
            }
            return Entry.ofPiece(
                    Entry.Kind.PIECE_DESCRIBED,
                    file.jobId(),
                    piece,
                    file.name() + " is " + words(file, given.belongs(), given.forWhom()) + ", and was "
                            + words(file, own.belongs(), own.forWhom()));
        });
    }

    private static void mustBeNamed(Given given) {
        if (given.forWhom().length() > LONGEST_NAME) {
            throw Refusal.entry("forWhom", "", "This is too long", "a name, up to " + LONGEST_NAME + " characters");
        }
        if (given.belongs() == Belongs.SPARE && given.forWhom().isBlank()) {
            throw Refusal.entry(
                    "forWhom", "", "A spare belongs to somebody", "whose it is: the shop's, or a client's name");
        }
    }

    private void mustBeAsSeen(PieceFile file, Own own, Given given) {
        boolean isSeen = own.belongs() == given.from().belongs()
                && own.forWhom().equals(given.from().forWhom().strip());
        boolean isSo = own.belongs() == given.belongs()
                && own.forWhom().equals(given.forWhom().strip());
        if (!isSeen && !isSo) {
            String lastBy = changes.lastBy(Entry.Kind.PIECE_DESCRIBED, file.jobId(), Optional.of(file.id()));
            throw Refusal.bothChanged(List.of(new Both(
                    "forWhom",
                    "Whose it is",
                    words(file, given.belongs(), given.forWhom()),
                    words(file, own.belongs(), own.forWhom()),
                    lastBy,
                    own.belongs() + ":" + own.forWhom())));
        }
    }

    private void mustBeSure(PieceFile file, Own own, Given given) {
        boolean isAnothers = own.isSomebodys()
                && !isNamed(file, own, given)
                && !(isSame(own.forWhom(), given.forWhom()) && given.belongs() != Belongs.STOCK);
        if (isAnothers && !given.sure()) {
            throw Refusal.question(file.name() + " is " + words(file, own.belongs(), own.forWhom())
                    + ". Whoever it is taken from is left without it. Is that right?");
        }
    }

    /** Of the pieces that the job's client ordered, this one is for somebody by name: nobody loses it by that. */
    private boolean isNamed(PieceFile file, Own own, Given given) {
        boolean isWaitedFor = belonging.ordered(file.jobId()).stream()
                .anyMatch(each -> each.piece().isEmpty() && isSame(each.forWhom(), given.forWhom()));
        return own.belongs() == Belongs.PROMISED
                && own.forWhom().isBlank()
                && given.belongs() == Belongs.PROMISED
                && !isWaitedFor;
    }

    private static boolean isSame(String one, String other) {
        return one.strip().equalsIgnoreCase(other.strip());
    }

    /** A knife that this person waits for already is the one; otherwise one more is ordered. */
    private void promise(PieceFile file, String forWhom) {
        List<Ordered> all = belonging.ordered(file.jobId());
        Optional<Ordered> waits = all.stream()
                .filter(each -> each.piece().isEmpty() && isSame(each.forWhom(), forWhom))
                .findFirst();
        belonging.release(file.id(), isOrderGone(file));
        belonging.unpromised(file.id(), false, "");
        waits.ifPresentOrElse(
                each -> belonging.promise(each.id(), file.id()),
                () -> belonging.order(file.jobId(), forWhom, file.id()));
    }

    /** Where no client ordered, nobody waits for what is taken from them: it was sold, and is not. */
    private static boolean isOrderGone(PieceFile file) {
        return !file.job().kind().hasClient();
    }

    private static String words(PieceFile file, Belongs belongs, String forWhom) {
        String who = forWhom.isBlank() ? file.job().clientName() : forWhom.strip();
        return switch (belongs) {
            case PROMISED -> "promised to " + who;
            case SPARE -> "the spare, of " + who;
            case STOCK -> "the shop’s stock";
        };
    }

    /**
     * The spare takes the place of a piece that is lost, part of a change that says why. @throws Refusal if it is
     * somebody else's, and nobody has asked
     */
    public void useSpare(PieceFile spare, PieceFile lost, boolean sure, Person person) {
        Own own = spare.piece().own();
        Own gone = lost.piece().own();
        boolean isAnothers = own.isSomebodys() && !isSame(own.forWhom(), gone.forWhom());
        if (isAnothers) {
            person.mustBeOwner("use a spare that is promised to " + own.forWhom());
            if (!sure) {
                throw Refusal.question(spare.name() + " is the spare of " + own.forWhom()
                        + ". Used for somebody else, it is theirs no more. Is that right?");
            }
        }
        Optional<Ordered> order = belonging.ordered(lost.jobId()).stream()
                .filter(each -> each.piece().filter(piece -> piece == lost.id()).isPresent())
                .findFirst();
        jobs.stand(lost.id(), JobRepository.Standing.SCRAPPED);
        jobs.describe(spare.id(), gone.art(), own.rackSlot(), gone.setName());
        belonging.unpromised(spare.id(), false, "");
        order.ifPresent(each -> belonging.promise(each.id(), spare.id()));
    }

    /** Nobody hands over what nobody has been promised. */
    public static void mustBePromised(PieceFile file) {
        if (file.piece().own().belongs() != Belongs.PROMISED) {
            throw Refusal.outOfTurn(file.name() + " is "
                    + words(
                            file,
                            file.piece().own().belongs(),
                            file.piece().own().forWhom())
                    + " and promised to nobody. The owner says first whose it is.");
        }
    }

    /**
     * More pieces for a job: each begins at the bar, with the drawing of the one that it is like. The receipt is about
     * the first of them.
     */
    public Receipt add(long job, More more, Person person, Command command) {
        return changes.makeAll(command, () -> {
            JobFile file = files.openJob(job);
            PieceFile like = file.pieces().stream()
                    .filter(each -> each.id() == more.like())
                    .findFirst()
                    .orElseThrow(() -> Refusal.entry(
                            "like",
                            String.valueOf(more.like()),
                            file.number() + " has no such piece",
                            "a piece of this job"));
            if (more.count() < 1 || file.pieces().size() + more.count() > MOST_PIECES) {
                throw Refusal.entry(
                        "count",
                        String.valueOf(more.count()),
                        "So many are not made together",
                        "1 to " + (MOST_PIECES - file.pieces().size()) + " more");
            }
            List<Entry> entries = new ArrayList<>();
            int last = file.pieces().stream()
                    .mapToInt(each -> each.piece().position())
                    .max()
                    .orElse(0);
            for (int i = 1; i <= more.count(); i++) {
                long piece = jobs.addPiece(
                        job, last + i, last + i, like.specification().entries());
                jobs.countPieces(job);
                begin(file, piece, like, more.asSpare(), person);
                entries.add(Entry.ofPiece(
                        Entry.Kind.PIECE_ADDED,
                        job,
                        piece,
                        files.open(piece).name() + " was added, like " + like.name()));
            }
            file.pieces()
                    .forEach(each -> entries.add(Entry.ofPiece(
                            Entry.Kind.PIECE_ADDED,
                            job,
                            each.id(),
                            files.open(each.id()).name() + " is one of " + (last + more.count()) + " now")));
            return entries;
        });
    }

    private void begin(JobFile job, long piece, PieceFile like, boolean asSpare, Person person) {
        belongs(job.id(), like.job().kind(), piece, asSpare);
        if (like.isOutlineApproved()) {
            approve(piece, person);
        }
    }

    /** Whose a new piece is. */
    void belongs(long job, JobKind kind, long piece, boolean isSpare) {
        if (kind.hasClient() && !isSpare) {
            belonging.order(job, "", piece);
        } else if (isSpare) {
            belonging.unpromised(piece, true, Own.THE_SHOP);
        }
    }

    /** There is nobody to ask, or they have said yes to this drawing already. */
    void approve(long piece, Person person) {
        long now = clock.nowMillis();
        steps.start(piece, PieceFile.APPROVAL, person.id(), now);
        steps.done(piece, PieceFile.APPROVAL, person.id(), now);
    }

    /** Changes what a job is for, keeping what was said before; once the client has said yes, with their word. */
    public Receipt change(long job, NewBrief brief, Person person, Command command) {
        List<Finding> findings = findings(brief);
        if (!findings.isEmpty()) {
            throw Refusal.entries(findings);
        }
        return changes.make(command, () -> {
            JobFile file = files.openJob(job);
            if (!file.useWords().equals(brief.fromUseWords())
                    && !file.useWords().equals(brief.useWords().strip())) {
                String lastBy = changes.lastBy(Entry.Kind.BRIEF_CHANGED, job, Optional.empty());
                throw Refusal.bothChanged(List.of(new Both(
                        "useWords", "What it is for", brief.useWords(), file.useWords(), lastBy, file.useWords())));
            }
            boolean isAgreedWith = file.pieces().stream().anyMatch(PieceFile::isOutlineApproved)
                    && jobs.job(job).orElseThrow().kind().hasClient();
            if (isAgreedWith && !brief.clientAgreed()) {
                throw Refusal.entry(
                        "clientAgreed",
                        "",
                        "The client said yes to this knife for this use: they have to agree first",
                        "the client's word");
            }
            belonging.changeBrief(
                    job,
                    brief.useWords().strip(),
                    new BriefBefore(
                            file.useWords(),
                            file.wishes(),
                            brief.clientAgreed(),
                            brief.reason().strip(),
                            person.name(),
                            clock.nowMillis()),
                    person.id());
            jobs.addWishes(job, brief.wishes());
            return Entry.ofJob(
                    Entry.Kind.BRIEF_CHANGED,
                    job,
                    file.number() + ": the brief is “" + brief.useWords().strip() + "”, and was “" + file.useWords()
                            + "”"
                            + (brief.reason().isBlank()
                                    ? ""
                                    : ", because: " + brief.reason().strip()));
        });
    }

    private static List<Finding> findings(NewBrief brief) {
        List<Finding> findings = new ArrayList<>();
        if (brief.useWords().isBlank() || brief.useWords().length() > LONGEST_TEXT) {
            findings.add(new Finding(
                    "useWords",
                    "",
                    brief.useWords().isBlank() ? "Nothing was entered" : "This is too long",
                    "what it is for, in the client's words"));
        }
        if (brief.reason().length() > LONGEST_TEXT) {
            findings.add(new Finding("reason", "", "This is too long", "up to " + LONGEST_TEXT + " characters"));
        }
        if (brief.wishes().size() > 40
                || brief.wishes().stream()
                        .anyMatch(wish -> wish.words().isBlank() || wish.words().length() > LONGEST_TEXT)) {
            findings.add(new Finding("wishes", "", "A wish is empty or too long", "a few words each, up to 40 wishes"));
        }
        return findings;
    }
}
