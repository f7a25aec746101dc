package hiltboard.server.fire;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Operation;
import hiltboard.core.route.Route.Step;
import hiltboard.core.route.Trait;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.Typed;
import hiltboard.server.access.Person;
import hiltboard.server.bench.BenchService;
import hiltboard.server.fire.TreaterRepository.Consignment;
import hiltboard.server.fire.TreaterRepository.Described;
import hiltboard.server.fire.TreaterRepository.SentPiece;
import hiltboard.server.fire.TreaterRepository.Sheet;
import hiltboard.server.job.JobService;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;

/** Blades that an outside treater hardens: sent with a sheet, counted and looked at when they come back. */
@Service
public class TreaterService {
    private static final int LONGEST_NAME = 80;

    private final TreaterRepository treater;
    private final PieceFiles files;
    private final BenchService bench;
    private final JobService jobs;
    private final Changes changes;
    private final ShopClock clock;

    TreaterService(
            TreaterRepository treater,
            PieceFiles files,
            BenchService bench,
            JobService jobs,
            Changes changes,
            ShopClock clock) {
        this.treater = treater;
        this.files = files;
        this.bench = bench;
        this.jobs = jobs;
        this.changes = changes;
        this.clock = clock;
    }

    /** A piece that goes out, with the mark by which it is known there. */
    public record AskedPiece(long piece, String mark) {}

    public record AskedSheet(
            String treater,
            String straightness,
            boolean isCold,
            String words,
            String backOn,
            List<AskedPiece> pieces) {}

    /** How a piece came back: RIGHT, DIFFERENT or MISSING, and what is different. */
    public record BackPiece(long piece, String as, String words) {}

    static Optional<Step> step(PieceFile file, Trait trait) {
        return file.route().steps().stream()
                .filter(step -> step.operation().is(trait))
                .findFirst();
    }

    /** Whether it could go out now. */
    static boolean isWaiting(PieceFile file) {
        return file.isAlive()
                && file.heldReason().isEmpty()
                && step(file, Trait.SENDS_OUT)
                        .filter(step -> !file.progress().isDone(step.operation().key())
                                && file.row(step).isEmpty()
                                && file.gate(step).isOpen())
                        .isPresent();
    }

    static Described described(PieceFile file, String mark) {
        Length edge = file.chain(Units.INCH_FAHRENHEIT)
                .value(PieceDimensions.EDGE_BEFORE_HARDENING)
                .filter(Length.class::isInstance)
                .map(Length.class::cast)
                .orElse(Length.ZERO);
        String condition = file.rework().heats() > 1
                ? "hardened before, " + (file.rework().heats() - 1) + " times"
                : file.specification().isForged() ? "forged, normalised, annealed" : "annealed";
        return new Described(
                file.id(),
                mark,
                file.specification().steel().designation(),
                condition,
                edge,
                AfterFireService.wanted(file));
    }

    public Receipt send(AskedSheet asked, Person person, Command command) {
        Typed typed = new Typed(person.units());
        String name = typed.name("treater", asked.treater(), LONGEST_NAME);
        String straight = typed.name("straightness", asked.straightness(), LONGEST_NAME);
        LocalDate back = typed.day(
                "backOn",
                asked.backOn(),
                clock.today().plusDays(1),
                clock.today().plusYears(1));
        if (asked.pieces().isEmpty()) {
            typed.find("pieces", "", "No piece was chosen", "one or more that wait for the treater");
        }
        if (asked.pieces().stream()
                        .anyMatch(
                                piece -> piece.mark().isBlank() || piece.mark().length() > 20)
                || asked.pieces().stream()
                                .map(piece -> piece.mark().strip())
                                .distinct()
                                .count()
                        < asked.pieces().size()) {
            typed.find(
                    "pieces", "", "Look-alikes get swapped", "a mark of up to 20 letters for each piece, no two alike");
        }
        typed.mustBeUnderstood();
        String words = Typed.words(asked.words());
        return changes.makeAll(command, () -> {
            List<Described> pieces = asked.pieces().stream()
                    .map(piece -> described(
                            files.openAlive(piece.piece()), piece.mark().strip()))
                    .toList();
            long id = treater.send(
                    new Sheet(
                            name, straight, asked.isCold(), words, clock.today().toString(), back.toString()),
                    pieces,
                    person.id(),
                    clock.nowMillis());
            List<Entry> entries = new ArrayList<>(List.of(Entry.ofShop(
                    Entry.Kind.SENT_OUT,
                    pieces.size() + (pieces.size() == 1 ? " blade" : " blades") + " to " + name + ", back on " + back,
                    id)));
            asked.pieces().forEach(piece -> entries.addAll(out(piece.piece(), back, person)));
            return entries;
        });
    }

    private List<Entry> out(long piece, LocalDate back, Person person) {
        PieceFile file = files.openAlive(piece);
        Operation send = step(file, Trait.SENDS_OUT)
                .orElseThrow(() -> Refusal.outOfTurn(file.name() + " is not hardened outside."))
                .operation();
        Operation harden = step(file, Trait.HARDENS).orElseThrow().operation();
        List<Entry> entries = new ArrayList<>(List.of(bench.begin(piece, send.key(), person)));
        entries.addAll(bench.finish(piece, send.key(), Set.copyOf(send.checks()), person));
        entries.add(bench.begin(piece, harden.key(), person));
        entries.add(bench.restUntil(
                piece, harden.key(), back.atStartOfDay(clock.zone()).toInstant().toEpochMilli()));
        return entries;
    }

    /**
     * Everything on the sheet is looked at; what is right is done, what differs stays open until it is said what became
     * of it, what is missing is held.
     */
    public Receipt returned(long id, List<BackPiece> back, Person person, Command command) {
        return changes.makeAll(command, () -> {
            Consignment consignment = treater.one(id);
            if (consignment.returnedOn().isPresent()) {
                throw Refusal.outOfTurn(
                        "It came back on " + consignment.returnedOn().get() + " already.");
            }
            List<SentPiece> sent = treater.pieces(id);
            List<String> unseen = sent.stream()
                    .filter(piece -> back.stream()
                            .noneMatch(each -> each.piece() == piece.described().piece()))
                    .map(piece -> piece.described().mark())
                    .toList();
            if (!unseen.isEmpty()) {
                throw Refusal.outOfTurn("Not looked at yet: " + String.join(", ", unseen) + ".");
            }
            List<Entry> entries = new ArrayList<>(List.of(Entry.ofShop(
                    Entry.Kind.CAME_BACK,
                    "Back from " + consignment.sheet().treater() + ": " + sent.size()
                            + (sent.size() == 1 ? " blade" : " blades"),
                    id)));
            sent.forEach(piece -> entries.addAll(cameBack(
                    id,
                    piece,
                    back.stream()
                            .filter(each -> each.piece() == piece.described().piece())
                            .findFirst()
                            .orElseThrow(),
                    person)));
            treater.returned(id, clock.today().toString(), person.id());
            return entries;
        });
    }

    private List<Entry> cameBack(long id, SentPiece sent, BackPiece back, Person person) {
        PieceFile file = files.openAlive(sent.described().piece());
        Operation harden = step(file, Trait.HARDENS).orElseThrow().operation();
        String words = Typed.words(back.words());
        if (!Set.of("RIGHT", "DIFFERENT", "MISSING").contains(back.as())
                || !back.as().equals("RIGHT") && words.isEmpty() && !back.as().equals("MISSING")) {
            throw Refusal.entry(
                    "pieces",
                    back.as(),
                    sent.described().mark() + ": how it came back is not said",
                    "right, missing, or different with what differs");
        }
        treater.back(id, file.id(), back.as(), words);
        List<Entry> entries = new ArrayList<>();
        switch (back.as()) {
            case "RIGHT" -> {
                entries.add(bench.restUntil(file.id(), harden.key(), clock.nowMillis()));
                entries.addAll(bench.finish(file.id(), harden.key(), Set.copyOf(harden.checks()), person));
            }
            case "DIFFERENT" -> {
                entries.add(bench.restUntil(file.id(), harden.key(), clock.nowMillis()));
                entries.add(Entry.ofPiece(
                        Entry.Kind.CAME_BACK,
                        file.jobId(),
                        file.id(),
                        file.name() + ": back from the treater and different: " + words));
            }
            default -> {
                jobs.holdFor(file.id(), "Missing when the treater sent the others back", person);
                entries.add(Entry.ofPiece(
                        Entry.Kind.HELD,
                        file.jobId(),
                        file.id(),
                        file.name() + ": missing when the treater sent the others back"));
            }
        }
        return entries;
    }
}
