package hiltboard.server.job;

import hiltboard.core.chain.DimensionChain;
import hiltboard.core.chain.Link;
import hiltboard.core.design.Difference;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.design.SpecificationReader;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Units;
import hiltboard.core.plan.DaysInHand;
import hiltboard.core.route.LateChange;
import hiltboard.core.route.LateChange.Answer;
import hiltboard.core.route.LateChange.Contradicts;
import hiltboard.core.route.LateChange.Effect;
import hiltboard.core.route.Operation;
import hiltboard.core.route.TurnedBack;
import hiltboard.server.Refusal;
import hiltboard.server.Refusal.Both;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import hiltboard.server.material.Specifications;
import hiltboard.server.route.Routes;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Late changes of the agreed specification: what they would do is shown first, then they are taken, for some pieces or
 * all, or dropped.
 */
@Service
public class ChangeService {
    private static final int LONGEST_TEXT = 1_000;

    private final JobRepository jobs;
    private final DecisionRepository decisions;
    private final PieceFiles files;
    private final WorkAgain workAgain;
    private final Routes routes;
    private final Changes changes;
    private final ShopClock clock;
    private final ShopDays days;
    private final Specifications specifications;

    ChangeService(
            JobRepository jobs,
            DecisionRepository decisions,
            PieceFiles files,
            WorkAgain workAgain,
            Routes routes,
            Changes changes,
            ShopClock clock,
            Specifications specifications,
            ShopDays days) {
        this.days = days;
        this.specifications = specifications;
        this.jobs = jobs;
        this.decisions = decisions;
        this.files = files;
        this.workAgain = workAgain;
        this.routes = routes;
        this.changes = changes;
        this.clock = clock;
    }

    /** One answer changed: what the page saw before, and what it is to be; both in shop notation or as kept. */
    public record FieldChange(String field, String from, String to) {}

    /**
     * A change that was decided on.
     *
     * @param pieces the other pieces of the batch that it is for, besides the one it was asked at
     * @param keep operations that are spoiled by rule and stay done all the same, as the owner judges
     */
    public record Decided(
            List<FieldChange> changes, List<Long> pieces, String reason, boolean clientAgreed, List<String> keep) {}

    record OperationView(String operation, String title) {}

    record ConflictView(String done, String reason, String consequence, String remedy) {}

    /** A part that would no longer fit, and what hangs on it. */
    record MisfitView(String label, String madeTo, String now, String tolerance, List<String> affects) {}

    /** What a change would do to one piece; empty where it does nothing of the kind. */
    public record EffectView(
            long pieceId,
            String name,
            String change,
            List<OperationView> again,
            List<OperationView> comesIn,
            List<OperationView> dropsOut,
            List<OperationView> lost,
            List<ConflictView> conflicts,
            List<MisfitView> noLongerFit,
            List<String> asksClient,
            boolean needsClient,
            boolean changesPrice,
            boolean hardensAgain,
            int heats,
            int minutesMore,
            List<String> material,
            int daysInHandNow,
            int daysInHandThen,
            String earliestDay) {

        boolean spoilsWork() {
            return !again.isEmpty() || !lost.isEmpty() || !conflicts.isEmpty();
        }
    }

    /** What the change would do to each of these pieces. @throws Refusal if it contradicts itself, or cannot be */
    @Transactional(readOnly = true)
    public List<EffectView> look(long piece, List<FieldChange> fieldChanges, List<Long> others, Person person) {
        return each(piece, others).stream()
                .map(file -> new Looked(
                                file, changed(file, fieldChanges, person.units(), file.id() == piece), person.units())
                        .view())
                .toList();
    }

    /** Takes a change. What somebody else changed meanwhile is shown to both. */
    public Receipt take(long piece, Decided decided, Person person, Command command) {
        return changes.makeAll(
                command,
                () -> each(piece, decided.pieces()).stream()
                        .map(file -> take(file, decided, file.id() == piece, person))
                        .toList());
    }

    /** Drops a change that was looked at; the reason stays on the piece. */
    public Receipt drop(long piece, Decided decided, Person person, Command command) {
        String reason = reason(decided.reason(), true);
        return changes.make(command, () -> {
            PieceFile file = files.openAlive(piece);
            String change = differences(
                    file.specification(), changed(file, decided.changes(), person.units(), true), person.units());
            decisions.decide(piece, change, "", false, false, reason, person.id(), clock.nowMillis());
            return Entry.ofPiece(
                    Entry.Kind.CHANGE_DROPPED,
                    file.jobId(),
                    piece,
                    file.name() + ": a change was dropped (" + change + ") because: " + reason);
        });
    }

    private List<PieceFile> each(long piece, List<Long> others) {
        Set<Long> ids = new LinkedHashSet<>(List.of(piece));
        ids.addAll(others);
        List<PieceFile> all = ids.stream().map(files::openAlive).toList();
        if (all.stream().anyMatch(file -> file.jobId() != all.get(0).jobId())) {
            throw Refusal.outOfTurn("A change is for pieces of one batch only.");
        }
        return all;
    }

    private Entry take(PieceFile file, Decided decided, boolean isAskedHere, Person person) {
        Specification changed = changed(file, decided.changes(), person.units(), isAskedHere);
        Looked looked = new Looked(file, changed, person.units());
        EffectView effect = looked.view();
        boolean isApproved = file.isOutlineApproved();
        if (isApproved && effect.needsClient() && !decided.clientAgreed()) {
            throw Refusal.entry(
                    "clientAgreed",
                    "",
                    "The client has to agree to this first: " + String.join(", ", effect.asksClient())
                            + (effect.changesPrice() ? ", and the price" : ""),
                    "the client's word");
        }
        String reason = reason(decided.reason(), effect.spoilsWork());
        TurnedBack turned = looked.keeping(Set.copyOf(decided.keep()));
        List<Operation> again = turned.again();
        workAgain.open(file, again);
        jobs.specify(file.id(), changed.entries());
        if (!again.isEmpty() || !turned.rework().equals(file.rework())) {
            jobs.turnBack(file.id(), turned.rework(), turned.worn(clock.now()));
        }
        List<String> kept = looked.effect().turned().again().stream()
                .filter(operation -> decided.keep().contains(operation.key()))
                .map(Operation::title)
                .toList();
        String did = said(again, kept, effect);
        decisions.decide(
                file.id(), effect.change(), did, true, decided.clientAgreed(), reason, person.id(), clock.nowMillis());
        return Entry.ofPiece(
                Entry.Kind.SPECIFICATION_CHANGED,
                file.jobId(),
                file.id(),
                file.name() + ": " + effect.change() + (did.isEmpty() ? "" : ". " + did)
                        + (reason.isEmpty() ? "" : ". Because: " + reason));
    }

    private static String said(List<Operation> again, List<String> kept, EffectView effect) {
        List<String> lines = new ArrayList<>();
        if (!again.isEmpty()) {
            lines.add("Done again: "
                    + String.join(", ", again.stream().map(Operation::title).toList()));
        }
        if (!kept.isEmpty()) {
            lines.add("Kept as it was done: " + String.join(", ", kept));
        }
        if (!effect.comesIn().isEmpty()) {
            lines.add("New: "
                    + String.join(
                            ", ",
                            effect.comesIn().stream().map(OperationView::title).toList()));
        }
        if (effect.minutesMore() != 0) {
            lines.add((effect.minutesMore() > 0 ? "More work: " : "Less work: ")
                    + Span.words(Duration.ofMinutes(Math.abs(effect.minutesMore()))));
        }
        return String.join(". ", lines);
    }

    private static String reason(String given, boolean isNeeded) {
        String reason = given.strip();
        if (isNeeded && reason.isEmpty() || reason.length() > LONGEST_TEXT) {
            throw Refusal.entry(
                    "reason",
                    reason.length() > 60 ? "" : reason,
                    reason.isEmpty() ? "A reason is needed" : "This is too long",
                    "why it is decided so, up to " + LONGEST_TEXT + " characters");
        }
        return reason;
    }

    /**
     * The specification as it would be; a question that only the changed piece is asked has its usual answer where none
     * is given. Where the page was looking, what somebody else changed meanwhile is shown to both.
     */
    private Specification changed(PieceFile file, List<FieldChange> fieldChanges, Units units, boolean isSeen) {
        Map<String, String> entries = new LinkedHashMap<>(file.specification().chosen());
        Map<String, String> kept = file.specification().entries();
        List<Both> both = new ArrayList<>();
        for (FieldChange change : fieldChanges) {
            SpecificationField field = SpecificationField.withKey(change.field())
                    .orElseThrow(() -> Refusal.entry(
                            change.field(), change.to(), "There is no such question", "a field of the specification"));
            String current = kept.getOrDefault(change.field(), "");
            if (isSeen && !current.equals(change.from()) && !current.equals(change.to())) {
                String lastBy = changes.lastBy(Entry.Kind.SPECIFICATION_CHANGED, file.jobId(), Optional.of(file.id()));
                both.add(new Both(
                        change.field(),
                        field.label(),
                        change.to(),
                        file.specification().words(field, units),
                        lastBy,
                        current));
            }
            entries.put(change.field(), change.to());
        }
        if (!both.isEmpty()) {
            throw Refusal.bothChanged(both);
        }
        SpecificationReader.Answer answer = specifications.reread(entries, file.specification(), units);
        return answer.specification().orElseThrow(() -> Refusal.entries(answer.findings()));
    }

    private static String differences(Specification before, Specification after, Units units) {
        List<Difference> differences = Difference.between(before, after, units);
        return differences.isEmpty()
                ? "the specification stayed as it was"
                : String.join("; ", differences.stream().map(Difference::words).toList());
    }

    /** One piece with the change that is looked at. */
    private final class Looked {
        private final PieceFile file;
        private final Specification changed;
        private final Units units;
        private final Effect effect;

        private Looked(PieceFile file, Specification changed, Units units) {
            this.file = file;
            this.changed = changed;
            this.units = units;
            this.effect = compute();
        }

        private Effect compute() {
            try {
                Answer answer = new LateChange(file.making(), changed, routes.planner())
                        .effect(file.readingValues(), file.madeToValues(), units);
                if (answer instanceof Contradicts contradicts) {
                    throw routes.contradiction(contradicts.contradiction(), changed, file.place(), file.rework());
                }
                return (Effect) answer;
            } catch (ImpossibleQuantity impossible) {
                throw Refusal.impossible("", "", impossible, units);
            }
        }

        private TurnedBack keeping(Set<String> kept) {
            return new LateChange(file.making(), changed, routes.planner()).keeping(effect.turned(), kept);
        }

        private Effect effect() {
            return effect;
        }

        private EffectView view() {
            List<Duration> rests = Stream.concat(effect.turned().again().stream(), effect.turned().comesIn().stream())
                    .map(Operation::rest)
                    .filter(rest -> !rest.isZero())
                    .toList();
            DaysInHand then = days.with(file, effect.minutesMore(), rests);
            return new EffectView(
                    file.id(),
                    file.name(),
                    differences(file.specification(), changed, units),
                    views(effect.turned().again()),
                    views(effect.turned().comesIn()),
                    views(effect.dropsOut()),
                    views(effect.lost()),
                    effect.conflicts().stream()
                            .map(conflict -> new ConflictView(
                                    conflict.step().title(),
                                    conflict.reason(),
                                    conflict.consequence(),
                                    conflict.remedy()))
                            .toList(),
                    misfits(),
                    effect.asksClient().stream()
                            .sorted()
                            .map(SpecificationField::label)
                            .toList(),
                    effect.needsClient(),
                    effect.changesPrice(),
                    effect.turned().rework().heats() > file.rework().heats(),
                    effect.turned().rework().heats(),
                    effect.minutesMore(),
                    effect.material(),
                    days.of(file).inHand(),
                    then.inHand(),
                    then.earliest().toString());
        }

        private List<OperationView> views(List<Operation> operations) {
            return operations.stream()
                    .map(operation -> new OperationView(operation.key(), operation.title()))
                    .toList();
        }

        private List<MisfitView> misfits() {
            return effect.noLongerFit().stream().map(this::misfit).toList();
        }

        private MisfitView misfit(Link link) {
            Link.Stale stale = link.stale().orElseThrow();
            DimensionChain chain = file.chain(units);
            return new MisfitView(
                    link.dimension().label(),
                    stale.madeTo().in(units),
                    stale.now().in(units),
                    stale.tolerance().in(units),
                    link.hangsOnIt().stream()
                            .flatMap(key -> chain.link(key).stream())
                            .map(each -> each.dimension().label())
                            .toList());
        }
    }
}
