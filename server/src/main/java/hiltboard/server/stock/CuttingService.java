package hiltboard.server.stock;

import hiltboard.core.blade.Point;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Trait;
import hiltboard.core.stock.Need;
import hiltboard.core.stock.Needs;
import hiltboard.core.stock.StockField;
import hiltboard.core.stock.StockKind;
import hiltboard.core.stock.cutting.Bar;
import hiltboard.core.stock.cutting.Blank;
import hiltboard.core.stock.cutting.CuttingPlan;
import hiltboard.core.stock.cutting.CuttingPlan.BarPlan;
import hiltboard.core.stock.cutting.CuttingProblem;
import hiltboard.core.stock.cutting.CuttingProblem.Wanted;
import hiltboard.core.stock.cutting.CuttingRules;
import hiltboard.core.stock.cutting.CuttingSolver;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.Typed;
import hiltboard.server.access.Person;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import hiltboard.server.search.Run;
import hiltboard.server.search.Runs;
import hiltboard.server.stock.CutRepository.BarCut;
import hiltboard.server.stock.CutRepository.PlannedBlank;
import hiltboard.server.stock.StockRepository.LotRow;
import hiltboard.server.stock.StockRepository.Promise;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans how the bars on the rack are cut for the blanks that wait, and cuts them. */
@Service
public class CuttingService {
    private static final LengthRange KERFS = LengthRange.of(".005", "1/2");
    private static final LengthRange EDGES = LengthRange.of("0", "2");
    private static final LengthRange ENDS = LengthRange.of("0", "24");
    private static final LengthRange OFFCUTS = LengthRange.of("0", "120");
    private static final Duration LONGEST_SEARCH = Duration.ofSeconds(120);
    private static final int WORKERS = 2;

    private final StockRepository stock;
    private final Rack rack;
    private final CutRepository cuts;
    private final PieceFiles pieces;
    private final Changes changes;
    private final ShopClock clock;
    private final Runs<Laid, CuttingPlan> runs = new Runs<>("cutting");

    CuttingService(
            StockRepository stock, Rack rack, CutRepository cuts, PieceFiles pieces, Changes changes, ShopClock clock) {
        this.stock = stock;
        this.rack = rack;
        this.cuts = cuts;
        this.pieces = pieces;
        this.changes = changes;
        this.clock = clock;
    }

    /** How the shop cuts, as it was typed; seconds are those that the search may take. */
    public record Asked(String kerf, String edge, String clamp, String useful, String thicker, int seconds) {}

    /** What was asked: the blanks and bars as they were, and whose the blanks are. */
    record Laid(CuttingProblem problem, Map<String, PieceFile> pieces) {

        /** Why a blank that found no place did not, in words. */
        String whyNot(String piece, Units units) {
            Blank blank = problem.wanted().stream()
                    .filter(each -> each.id().equals(piece))
                    .findFirst()
                    .orElseThrow()
                    .blank();
            List<String> reasons = problem.whyNot(blank, units);
            return reasons.isEmpty() ? "The bars that would do are used up by the others." : String.join(" ", reasons);
        }

        PieceFile piece(String id) {
            return Optional.ofNullable(pieces.get(id)).orElseThrow();
        }
    }

    /** Blanks that nobody has promised a bar yet: outline approved, cut from a bar, not cut. */
    @Transactional(readOnly = true)
    public List<PieceFile> waiting() {
        List<PieceFile> open = pieces.openAllOfLivingJobs().stream()
                .filter(PieceFile::isAlive)
                .filter(PieceFile::isOutlineApproved)
                .filter(CuttingService::isFromBar)
                .filter(file -> !isCut(file))
                .toList();
        Map<Long, Map<String, Promise>> promised = rack.promised(open);
        return open.stream()
                .filter(file -> !promised.get(file.id()).containsKey(Needs.STEEL))
                .toList();
    }

    private static boolean isCut(PieceFile file) {
        Set<String> done = file.progress().doneAt().keySet();
        return file.route().steps().stream()
                .anyMatch(step -> step.operation().is(Trait.CUTS_STEEL)
                        && done.contains(step.operation().key()));
    }

    /** Every piece that is cut from a bar and can still be worked on. */
    @Transactional(readOnly = true)
    public List<PieceFile> profiles() {
        return pieces.openAllOfLivingJobs().stream()
                .filter(PieceFile::isAlive)
                .filter(CuttingService::isFromBar)
                .toList();
    }

    private static boolean isFromBar(PieceFile file) {
        return file.specification().isCutFromBar() && !file.specification().isAxe();
    }

    /** As many of a piece's blank as what is free of a bar yields, or why it yields none. */
    record BarYield(Optional<BarPlan> plan, String why) {}

    BarYield yield(long lot, long piece, Units units) {
        LotRow row = stock.lot(lot)
                .filter(each -> each.lot().kind() == StockKind.BAR)
                .orElseThrow(() -> Refusal.notThere("There is no bar with number " + lot + "."));
        PieceFile file = pieces.open(piece);
        if (!isFromBar(file)) {
            return new BarYield(Optional.empty(), file.name() + " is not cut from a bar.");
        }
        Need steel = Needs.of(file.specification(), units).stream()
                .filter(need -> need.key().equals(Needs.STEEL))
                .findFirst()
                .orElseThrow();
        if (steel.from(row.lot(), clock.today()) instanceof Need.Unfit unfit) {
            return new BarYield(Optional.empty(), unfit.why());
        }
        Blank blank = Blank.of(file.specification());
        Bar bar = bar(row, row.free());
        return new BarYield(
                CuttingRules.USUAL.most(blank, bar),
                CuttingRules.USUAL.whyNot(blank, bar).map(why -> why.in(units)).orElse(""));
    }

    /** Flat bars of the shop that nothing is promised of. */
    List<LotRow> bars() {
        Set<Long> planned = cuts.open().stream().map(BarCut::lot).collect(Collectors.toSet());
        return stock.lots().stream()
                .filter(row -> row.lot().isBarToSaw() && row.promised() == 0 && !planned.contains(row.id()))
                .toList();
    }

    /** Begins a search. @throws Refusal where nothing waits or the rules are not understood */
    @Transactional(readOnly = true)
    public Run<Laid, CuttingPlan> search(Asked asked, Person person) {
        CuttingRules rules = rules(asked, person.units());
        List<PieceFile> waiting = waiting();
        if (waiting.isEmpty()) {
            throw Refusal.outOfTurn("No blank waits to be cut from a bar.");
        }
        Map<String, PieceFile> byId =
                waiting.stream().collect(Collectors.toMap(file -> String.valueOf(file.id()), file -> file));
        CuttingProblem problem = new CuttingProblem(
                waiting.stream()
                        .map(file -> new Wanted(String.valueOf(file.id()), Blank.of(file.specification())))
                        .toList(),
                bars().stream().map(row -> bar(row, row.amount())).toList(),
                rules);
        Duration patience = Duration.ofSeconds(asked.seconds());
        return runs.begin(
                person.id(),
                new Laid(problem, byId),
                new CuttingSolver(problem, new CuttingSolver.Settings(patience, WORKERS)));
    }

    /** @param length of it that can be cut, in nanometres */
    private static Bar bar(LotRow row, long length) {
        return new Bar(
                String.valueOf(row.id()),
                row.lot().value(StockField.WHAT).orElseThrow(),
                row.lot().length(StockField.THICKNESS).orElseThrow(),
                row.lot().length(StockField.WIDTH).orElseThrow(),
                new Length(length));
    }

    private static CuttingRules rules(Asked asked, Units units) {
        Typed typed = new Typed(units);
        CuttingRules rules = new CuttingRules(
                typed.length("kerf", asked.kerf(), KERFS),
                typed.lengthOrNothing("edge", asked.edge(), EDGES),
                typed.lengthOrNothing("clamp", asked.clamp(), ENDS),
                typed.lengthOrNothing("useful", asked.useful(), OFFCUTS),
                typed.lengthOrNothing("thicker", asked.thicker(), KERFS));
        if (asked.seconds() < 1 || asked.seconds() > LONGEST_SEARCH.toSeconds()) {
            typed.find(
                    "seconds",
                    String.valueOf(asked.seconds()),
                    "The search cannot take so long",
                    "1 to " + LONGEST_SEARCH.toSeconds() + " seconds");
        }
        typed.mustBeUnderstood();
        return rules;
    }

    Run<Laid, CuttingPlan> run(long id) {
        return runs.run(id);
    }

    /** Keeps back one bar of a plan for its blanks, as they lie. */
    public Receipt accept(long run, long lot, Person person, Command command) {
        Run<Laid, CuttingPlan> found = run(run);
        BarPlan plan = found.answer().stream()
                .flatMap(all -> all.bars().stream())
                .filter(bar -> bar.bar().id().equals(String.valueOf(lot)))
                .findFirst()
                .orElseThrow(() -> Refusal.notThere("This plan cuts nothing from that bar."));
        return changes.makeAll(command, () -> {
            LotRow row = stock.lot(lot).orElseThrow();
            if (row.amount() != plan.bar().length().nanometres() || row.promised() > 0) {
                throw Refusal.outOfTurn(row.lot().words(person.units())
                        + " was cut or promised to somebody meanwhile. Look for a plan again.");
            }
            List<Entry> entries = new ArrayList<>();
            List<PlannedBlank> blanks = new ArrayList<>();
            for (int i = 0; i < plan.blanks().size(); i++) {
                CuttingPlan.Placed placed = plan.blanks().get(i);
                PieceFile file =
                        pieces.openAlive(found.asked().piece(placed.id()).id());
                double end = i + 1 < plan.blanks().size()
                        ? plan.blanks().get(i + 1).from()
                        : plan.used().millimetres();
                if (rack.promised(file).containsKey(Needs.STEEL)) {
                    throw Refusal.outOfTurn(file.name() + " was promised a bar meanwhile. Look for a plan again.");
                }
                stock.promise(
                        lot,
                        file.id(),
                        Needs.STEEL,
                        Math.min(Length.ofMillimetres(end - placed.from()).nanometres(), row.amount()),
                        person.id(),
                        clock.nowMillis());
                blanks.add(new PlannedBlank(
                        file.id(),
                        file.name(),
                        placed.placing(),
                        placed.from(),
                        placed.to(),
                        placed.laid().points(0.05).stream()
                                .flatMap(CuttingService::rounded)
                                .toList()));
                entries.add(Entry.ofPiece(
                        Entry.Kind.BAR_PLANNED,
                        file.jobId(),
                        file.id(),
                        file.name() + ": its blank is laid on " + row.lot().words(person.units())));
            }
            cuts.plan(lot, row.amount(), plan.used().nanometres(), blanks, person.id(), clock.nowMillis());
            return entries;
        });
    }

    private static Stream<Double> rounded(Point point) {
        return Stream.of(Math.round(point.x() * 100) / 100.0, Math.round(point.y() * 100) / 100.0);
    }

    @Transactional(readOnly = true)
    public List<BarCut> planned() {
        return cuts.open();
    }

    /** A bar that is going to be cut. @throws Refusal if it is not any more */
    @Transactional(readOnly = true)
    public BarCut planned(long id) {
        return cuts.open(id).orElseThrow(() -> Refusal.notThere("This bar is cut, or its plan was dropped."));
    }

    /** What the bar of a plan is. */
    @Transactional(readOnly = true)
    public String words(BarCut cut, Units units) {
        return stock.lot(cut.lot()).orElseThrow().lot().words(units);
    }

    /** The width of a plan's bar in millimetres. */
    @Transactional(readOnly = true)
    public double width(BarCut cut) {
        return stock.lot(cut.lot())
                .orElseThrow()
                .lot()
                .length(StockField.WIDTH)
                .orElseThrow()
                .millimetres();
    }

    /** The bar was cut as it was planned: every blank is taken, the offcut stays on the rack, a useless end is gone. */
    public Receipt cut(long id, Person person, Command command) {
        return changes.makeAll(command, () -> {
            BarCut cut = cuts.open(id)
                    .orElseThrow(() -> Refusal.outOfTurn("This bar is cut already, or its plan was dropped."));
            List<Entry> entries = new ArrayList<>();
            for (Promise promise : promises(cut)) {
                PieceFile file = pieces.open(promise.piece());
                stock.take(promise.id(), "", clock.nowMillis());
                stock.move(
                        cut.lot(),
                        -promise.amount(),
                        "CUT",
                        Optional.of(promise.piece()),
                        "",
                        file.name(),
                        person.id(),
                        clock.nowMillis());
                entries.add(
                        Entry.ofPiece(Entry.Kind.BAR_CUT, file.jobId(), file.id(), file.name() + ": its blank is cut"));
            }
            LotRow left = stock.lot(cut.lot()).orElseThrow();
            long offcut = cut.lengthNanometres() - cut.usedNanometres();
            if (left.amount() > offcut) {
                stock.move(
                        cut.lot(),
                        offcut - left.amount(),
                        "CUT",
                        Optional.empty(),
                        "",
                        "saw cuts and a useless end",
                        person.id(),
                        clock.nowMillis());
            }
            cuts.cut(id, clock.nowMillis());
            entries.add(Entry.ofShop(
                    Entry.Kind.BAR_CUT,
                    left.lot().words(person.units()) + ": cut, "
                            + left.lot().kind().counted().words(offcut, person.units()) + " left",
                    cut.lot()));
            return entries;
        });
    }

    /** The plan is dropped; its blanks wait again. */
    public Receipt drop(long id, Person person, Command command) {
        return changes.make(command, () -> {
            BarCut cut = cuts.open(id)
                    .orElseThrow(() -> Refusal.outOfTurn("This bar is cut already, or its plan was dropped."));
            promises(cut).forEach(promise -> stock.release(promise.id(), clock.nowMillis()));
            cuts.drop(id, clock.nowMillis());
            return Entry.ofShop(
                    Entry.Kind.BAR_PLANNED, words(cut, person.units()) + ": the plan to cut it was dropped", cut.lot());
        });
    }

    private List<Promise> promises(BarCut cut) {
        return stock.openPromises().stream()
                .filter(promise -> promise.lot() == cut.lot() && promise.need().equals(Needs.STEEL))
                .toList();
    }

    @PreDestroy
    void stop() {
        runs.close();
    }
}
