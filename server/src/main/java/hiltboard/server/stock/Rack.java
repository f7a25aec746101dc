package hiltboard.server.stock;

import hiltboard.core.design.Specification;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Operation;
import hiltboard.core.stock.Lot;
import hiltboard.core.stock.Need;
import hiltboard.core.stock.Need.Takes;
import hiltboard.core.stock.Need.Unfit;
import hiltboard.core.stock.Needs;
import hiltboard.core.stock.StockField;
import hiltboard.server.ShopClock;
import hiltboard.server.job.PieceFile;
import hiltboard.server.live.Changes;
import hiltboard.server.stock.StockRepository.Item;
import hiltboard.server.stock.StockRepository.LotRow;
import hiltboard.server.stock.StockRepository.Promise;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Holds needs against what lies on the rack. Read anew only when something in the shop has changed. */
@Component
public class Rack {
    private final StockRepository stock;
    private final Changes changes;
    private final ShopClock clock;
    private volatile Known known = new Known(-1, List.of(), List.of());

    Rack(StockRepository stock, Changes changes, ShopClock clock) {
        this.stock = stock;
        this.changes = changes;
        this.clock = clock;
    }

    private record Known(long sequence, List<LotRow> lots, List<Item> items) {}

    /**
     * A need that nothing on the rack meets.
     *
     * @param supplier from whom such a thing was bought; empty if nobody knows
     * @param leadDays until it comes; empty if nobody knows
     */
    public record Missing(String words, String supplier, Optional<Long> leadDays) {}

    /**
     * A need of a piece: what is promised to it or taken, what could serve, what looks like it and does not.
     *
     * @param isPassed whether the step that would take it is done, or is no step of this route
     */
    record Standing(
            Need need,
            Optional<Operation> step,
            boolean isPassed,
            Optional<Promise> promise,
            List<Choice> choices,
            List<NotServing> notServing) {

        /** Whether it is still to be found. */
        boolean isOpen() {
            return !isPassed && promise.isEmpty();
        }
    }

    /** A lot that can serve, and what would be taken of it. */
    record Choice(LotRow lot, long takes) {}

    record NotServing(LotRow lot, String why) {}

    /** What a knife would need and nothing that is free on the rack meets. */
    @Transactional(readOnly = true)
    public List<Missing> missing(Specification spec, Units units) {
        return Needs.of(spec, units).stream()
                .flatMap(need -> missing(need).stream())
                .toList();
    }

    /** What nothing that is free on the rack meets. */
    Optional<Missing> missing(Need need) {
        Known now = now();
        return now.lots().stream().anyMatch(lot -> serving(need, lot).isPresent())
                ? Optional.empty()
                : Optional.of(missing(need, now));
    }

    /** The day on which all that is missing has come, as far as lead times are known. */
    public LocalDate arrival(List<Missing> missing) {
        return clock.today()
                .plusDays(missing.stream()
                        .flatMap(each -> each.leadDays().stream())
                        .mapToLong(days -> days)
                        .max()
                        .orElse(0));
    }

    /** What a piece, by the standing of its needs, has not been promised and nothing that is free on the rack meets. */
    List<Missing> missing(List<Standing> needs) {
        return needs.stream()
                .filter(Standing::isOpen)
                .flatMap(each -> missing(each.need()).stream())
                .toList();
    }

    /** Every need of a piece. */
    List<Standing> standing(PieceFile file, Units units) {
        return standing(file, units, now().lots());
    }

    /** As it is with these lots: a change under way sees its own rack. */
    List<Standing> standing(PieceFile file, Units units, List<LotRow> lots) {
        Map<String, Promise> promises = promised(file);
        return Needs.of(file.specification(), units).stream()
                .map(need -> new Standing(
                        need,
                        need.step(file.route()),
                        isPassed(file, need),
                        Optional.ofNullable(promises.get(need.key())),
                        choices(need, lots),
                        notServing(need, lots)))
                .toList();
    }

    /**
     * By need, what is promised to a piece or was taken for it. What a step took that is done again is used up, and
     * needed once more.
     */
    Map<String, Promise> promised(PieceFile file) {
        return promised(List.of(file)).get(file.id());
    }

    /** By piece, with one look into the data. */
    Map<Long, Map<String, Promise>> promised(List<PieceFile> files) {
        Map<Long, List<Promise>> all = stock
                .promises(files.stream().map(PieceFile::id).toList())
                .stream()
                .collect(Collectors.groupingBy(Promise::piece));
        return files.stream()
                .collect(Collectors.toMap(
                        PieceFile::id,
                        file -> all.getOrDefault(file.id(), List.of()).stream()
                                .filter(promise -> promise.takenByStep().isEmpty()
                                        || file.progress().isDone(promise.takenByStep()))
                                .collect(Collectors.toMap(Promise::need, Function.identity()))));
    }

    /** Whether a piece has done without it: the step that would take it is done, or is no step of its route. */
    static boolean isPassed(PieceFile file, Need need) {
        return need.step(file.route())
                .filter(step -> !file.progress().isDone(step.key()))
                .isEmpty();
    }

    /** The lot that is promised for something already worn down to what is needed goes first: the least that serves. */
    List<Choice> choices(Need need, Collection<LotRow> lots) {
        return lots.stream()
                .flatMap(lot -> serving(need, lot).stream())
                .sorted(Comparator.comparing(
                                (Choice choice) -> !choice.lot().lot().isShopsOwn())
                        .thenComparing(choice -> choice.lot().free()))
                .toList();
    }

    private List<NotServing> notServing(Need need, List<LotRow> lots) {
        return lots.stream()
                .filter(lot -> need.isLike(lot.lot()))
                .flatMap(lot -> why(need, lot).map(why -> new NotServing(lot, why)).stream())
                .toList();
    }

    private Optional<String> why(Need need, LotRow lot) {
        if (need.from(lot.lot(), clock.today()) instanceof Unfit unfit) {
            return Optional.of(unfit.why());
        }
        return serving(need, lot).isPresent()
                ? Optional.empty()
                : Optional.of(lot.promised() > 0 ? "Too little of it is not promised." : "Too little is left.");
    }

    private Optional<Choice> serving(Need need, LotRow lot) {
        return need.from(lot.lot(), clock.today()) instanceof Takes takes
                        && takes.atLeast() <= lot.free()
                        && lot.amount() > 0
                ? Optional.of(new Choice(lot, takes.amount()))
                : Optional.empty();
    }

    private static Missing missing(Need need, Known now) {
        List<Lot> alike =
                now.items().stream().map(Item::lot).filter(need::isLike).toList();
        Optional<Lot> soonest = alike.stream()
                .filter(item -> item.number(StockField.LEAD_DAYS).isPresent())
                .min(Comparator.comparing(
                        item -> item.number(StockField.LEAD_DAYS).orElseThrow()));
        return new Missing(
                need.words(),
                soonest.flatMap(item -> item.value(StockField.SUPPLIER)).orElse(""),
                soonest.flatMap(item -> item.number(StockField.LEAD_DAYS)));
    }

    List<LotRow> lots() {
        return now().lots();
    }

    private Known now() {
        long latest = changes.latest();
        if (known.sequence() != latest) {
            known = new Known(latest, stock.lots(), stock.items());
        }
        return known;
    }
}
