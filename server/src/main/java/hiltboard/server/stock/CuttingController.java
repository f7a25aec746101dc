package hiltboard.server.stock;

import hiltboard.core.blade.Outline;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.stock.StockField;
import hiltboard.core.stock.cutting.CuttingPlan;
import hiltboard.core.stock.cutting.CuttingPlan.BarPlan;
import hiltboard.core.stock.cutting.CuttingPlan.Placed;
import hiltboard.core.stock.cutting.CuttingRules;
import hiltboard.server.access.Person;
import hiltboard.server.job.Drawing;
import hiltboard.server.job.PieceFile;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import hiltboard.server.search.Run;
import hiltboard.server.stock.CutRepository.BarCut;
import hiltboard.server.stock.CuttingService.Asked;
import hiltboard.server.stock.CuttingService.Laid;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Looking for a way to cut the bars, and cutting them. */
@RestController
class CuttingController {
    private final CuttingService service;
    private final StockRepository stock;

    CuttingController(CuttingService service, StockRepository stock) {
        this.service = service;
        this.stock = stock;
    }

    record WaitingView(long pieceId, String piece, String title, String steel) {}

    record RulesView(String kerf, String edge, String clamp, String useful, String thicker) {}

    /** A blank on a bar: its outline as an SVG path in millimetres, y downwards from the bar's lower edge. */
    record BlankView(
            String piece,
            String placing,
            String from,
            String to,
            double fromMillimetres,
            double toMillimetres,
            String path) {}

    /**
     * A bar with the blanks on it; sizes of the drawing in millimetres.
     *
     * @param id of the plan that was accepted; zero while it is only proposed
     * @param offcut that stays on the rack; empty where the rest is scrap
     */
    record BarView(
            long id,
            long lotId,
            String words,
            String place,
            double length,
            double width,
            double used,
            String usedWords,
            String offcut,
            List<BlankView> blanks) {}

    /**
     * What was found.
     *
     * @param proof how good it is, in words
     */
    record PlanView(List<BarView> bars, List<NotPlacedView> notPlaced, String wasted, String proof) {}

    /** A blank that found no bar, and why not. */
    record NotPlacedView(String name, String why) {}

    /** How many of a piece's blank a bar yields and where they are cut; or why none. */
    record YieldView(int count, String why, @Nullable BarView bar) {}

    /** A search under way; the plan is not there until it ends. */
    record RunView(
            long id,
            int settled,
            int groups,
            boolean isFailed,
            @Nullable PlanView plan) {}

    record Cutting(List<WaitingView> waiting, int bars, RulesView usual, List<BarView> planned) {}

    record Bar(long lot) {}

    @GetMapping("/api/stock/cutting")
    @Transactional(readOnly = true)
    Cutting cutting(Person person) {
        Units units = person.units();
        CuttingRules usual = CuttingRules.USUAL;
        return new Cutting(
                service.waiting().stream().map(CuttingController::waiting).toList(),
                service.bars().size(),
                new RulesView(
                        usual.kerf().entryIn(units),
                        usual.edge().entryIn(units),
                        usual.clamp().entryIn(units),
                        usual.useful().entryIn(units),
                        usual.thicker().entryIn(units)),
                service.planned().stream().map(cut -> view(cut, units)).toList());
    }

    /** Pieces whose profile can be held against a bar. */
    @GetMapping("/api/stock/profiles")
    @Transactional(readOnly = true)
    List<WaitingView> profiles(Person person) {
        return service.profiles().stream().map(CuttingController::waiting).toList();
    }

    private static WaitingView waiting(PieceFile file) {
        return new WaitingView(
                file.id(),
                file.name(),
                file.jobTitle(),
                file.specification().steel().designation());
    }

    @GetMapping("/api/stock/lots/{id}/yield")
    @Transactional(readOnly = true)
    YieldView yield(@PathVariable long id, @RequestParam long piece, Person person) {
        CuttingService.BarYield found = service.yield(id, piece, person.units());
        return new YieldView(
                found.plan().map(plan -> plan.blanks().size()).orElse(0),
                found.why(),
                found.plan()
                        .map(plan -> laid(
                                0,
                                id,
                                plan,
                                each -> String.valueOf(plan.blanks().indexOf(each) + 1),
                                person.units()))
                        .orElse(null));
    }

    @PostMapping("/api/stock/cutting")
    RunView search(@RequestBody Asked asked, Person person) {
        return view(service.search(asked, person), person.units());
    }

    @GetMapping("/api/stock/cutting/{run}")
    @Transactional(readOnly = true)
    RunView run(@PathVariable long run, Person person) {
        return view(service.run(run), person.units());
    }

    @PostMapping("/api/stock/cutting/{run}/cancel")
    RunView cancel(@PathVariable long run, Person person) {
        service.run(run).cancel();
        return run(run, person);
    }

    @PostMapping("/api/stock/cutting/{run}/accept")
    Receipt accept(@PathVariable long run, @RequestBody Bar bar, Person person, Command command) {
        return service.accept(run, bar.lot(), person, command);
    }

    @PostMapping("/api/stock/cuts/{id}/cut")
    Receipt cut(@PathVariable long id, Person person, Command command) {
        return service.cut(id, person, command);
    }

    @PostMapping("/api/stock/cuts/{id}/drop")
    Receipt drop(@PathVariable long id, Person person, Command command) {
        return service.drop(id, person, command);
    }

    private RunView view(Run<Laid, CuttingPlan> run, Units units) {
        return new RunView(
                run.id(),
                run.done(),
                run.of(),
                run.isFailed(),
                run.answer().map(plan -> view(run, plan, units)).orElse(null));
    }

    private PlanView view(Run<Laid, CuttingPlan> run, CuttingPlan plan, Units units) {
        String proof = plan.bars().isEmpty()
                ? ""
                : plan.gap() < 0.0005
                        ? "No plan can use less steel."
                        : String.format(
                                Locale.ROOT,
                                "At most %.1f %% of the steel that is used up could be saved by any other plan.",
                                100 * plan.gap());
        return new PlanView(
                plan.bars().stream().map(bar -> view(run, bar, units)).toList(),
                plan.notPlaced().stream()
                        .map(id -> new NotPlacedView(
                                name(run.asked().piece(id)), run.asked().whyNot(id, units)))
                        .toList(),
                plan.bars().isEmpty()
                        ? ""
                        : String.format(
                                Locale.ROOT,
                                "%.0f %% of the steel that is used up becomes chips and scrap.",
                                100 * plan.wastedArea() / plan.usedArea()),
                proof);
    }

    private static String name(PieceFile file) {
        return file.name() + " " + file.jobTitle();
    }

    private BarView view(Run<Laid, CuttingPlan> run, BarPlan plan, Units units) {
        return laid(
                0,
                Long.parseLong(plan.bar().id()),
                plan,
                each -> run.asked().piece(each.id()).name(),
                units);
    }

    private BarView laid(long id, long lot, BarPlan plan, Function<Placed, String> name, Units units) {
        return bar(
                id,
                lot,
                plan.bar().length(),
                plan.used(),
                plan.blanks().stream()
                        .map(each -> blank(
                                name.apply(each), each.placing().words(), each.from(), each.to(), each.laid(), units))
                        .toList(),
                units);
    }

    private BarView view(BarCut cut, Units units) {
        return bar(
                cut.id(),
                cut.lot(),
                new Length(cut.lengthNanometres()),
                new Length(cut.usedNanometres()),
                cut.blanks().stream()
                        .map(blank -> blank(
                                blank.name(),
                                blank.placing().words(),
                                blank.from(),
                                blank.to(),
                                BarFile.outline(blank),
                                units))
                        .toList(),
                units);
    }

    private BarView bar(long id, long lot, Length length, Length used, List<BlankView> blanks, Units units) {
        return stock.lot(lot)
                .map(row -> new BarView(
                        id,
                        lot,
                        row.lot().words(units),
                        row.lot().value(StockField.PLACE).orElse(""),
                        length.millimetres(),
                        row.lot().length(StockField.WIDTH).orElseThrow().millimetres(),
                        used.millimetres(),
                        row.lot().kind().counted().words(used.nanometres(), units),
                        Optional.of(length.minus(used))
                                .filter(Length::isPositive)
                                .map(left -> row.lot().kind().counted().words(left.nanometres(), units))
                                .orElse(""),
                        blanks))
                .orElseThrow();
    }

    private static BlankView blank(String piece, String placing, double from, double to, Outline laid, Units units) {
        return new BlankView(
                piece,
                placing,
                Length.ofMillimetres(from).asTaped(units).brieflyIn(units),
                Length.ofMillimetres(to).asTaped(units).brieflyIn(units),
                from,
                to,
                Drawing.closed(laid));
    }
}
