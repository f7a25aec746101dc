package hiltboard.server.stock;

import hiltboard.core.design.Specification;
import hiltboard.core.measure.Units;
import hiltboard.core.stock.Lot;
import hiltboard.core.stock.Need;
import hiltboard.core.stock.Needs;
import hiltboard.core.stock.StockField;
import hiltboard.server.ShopClock;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.stock.OrderRepository.Order;
import hiltboard.server.stock.Rack.Missing;
import hiltboard.server.stock.StockRepository.Item;
import hiltboard.server.stock.StockRepository.LotRow;
import hiltboard.server.stock.StockRepository.Promise;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What has to be bought: what runs low, what is past its day soon, what pieces wait for. */
@Component
class BuyingList {
    private static final int SOON_DAYS = 30;

    private final StockRepository stock;
    private final Rack rack;
    private final PieceFiles pieces;
    private final OrderRepository orders;
    private final ShopClock clock;
    private final Map<Long, Needed> kept = new ConcurrentHashMap<>();

    BuyingList(StockRepository stock, Rack rack, PieceFiles pieces, OrderRepository orders, ShopClock clock) {
        this.stock = stock;
        this.rack = rack;
        this.pieces = pieces;
        this.orders = orders;
        this.clock = clock;
    }

    /** What a piece needs, as it was worked out for its knife. */
    private record Needed(Specification specification, Units units, List<Need> needs) {}

    /**
     * Something to buy.
     *
     * @param supplier empty if nobody knows
     * @param amount how much at least
     * @param leadDays empty if nobody knows
     * @param order where it is ordered already
     */
    record Buy(String supplier, String words, String amount, String why, String leadDays, Optional<Ordered> order) {
        private Buy with(Ordered ordered) {
            return new Buy(supplier, words, amount, why, leadDays, Optional.of(ordered));
        }
    }

    /** @param isLate whether it should have come */
    record Ordered(long id, String amount, String by, long atMillis, Optional<LocalDate> expectedOn, boolean isLate) {}

    /** By supplier, those without one last. Belongs into a transaction of the caller. */
    List<Buy> lines(Units units) {
        List<Buy> lines = new ArrayList<>();
        Map<Long, Long> free = rack.lots().stream()
                .filter(row -> !isPast(row.lot()))
                .collect(Collectors.groupingBy(LotRow::item, Collectors.summingLong(LotRow::free)));
        stock.items()
                .forEach(item ->
                        low(item, free.getOrDefault(item.id(), 0L), units).ifPresent(lines::add));
        rack.lots().stream()
                .filter(row -> row.lot()
                        .day(StockField.USE_BY)
                        .filter(day -> day.isBefore(clock.today().plusDays(SOON_DAYS)))
                        .isPresent())
                .forEach(row -> lines.add(line(
                        row.lot(),
                        "in place of " + row.lot().kind().counted().words(row.free(), units),
                        isPast(row.lot())
                                ? "past its day"
                                : "to be used by "
                                        + row.lot().value(StockField.USE_BY).orElseThrow(),
                        units)));
        lines.addAll(waitedFor(units));
        return withOrders(lines).stream()
                .sorted(Comparator.comparing((Buy line) -> line.supplier().isEmpty())
                        .thenComparing(Buy::supplier))
                .toList();
    }

    /** What is ordered stays until it has come, also where nobody waits for it any more. */
    private List<Buy> withOrders(List<Buy> lines) {
        Map<String, Order> open = orders.open().stream().collect(Collectors.toMap(Order::words, Function.identity()));
        List<Buy> all = lines.stream()
                .map(line -> Optional.ofNullable(open.get(line.words()))
                        .map(order -> line.with(ordered(order)))
                        .orElse(line))
                .collect(Collectors.toCollection(ArrayList::new));
        lines.forEach(line -> open.remove(line.words()));
        open.values()
                .forEach(order -> all.add(new Buy(
                        order.supplier(), order.words(), "", "nobody waits for it", "", Optional.of(ordered(order)))));
        return all;
    }

    private Ordered ordered(Order order) {
        return new Ordered(
                order.id(),
                order.amount(),
                order.by(),
                order.atMillis(),
                order.expectedOn(),
                order.expectedOn().filter(clock.today()::isAfter).isPresent());
    }

    private static Optional<Buy> low(Item item, long free, Units units) {
        return item.lot()
                .number(StockField.LOW_AT)
                .filter(low -> free < low)
                .map(low -> line(
                        item.lot(),
                        "at least " + item.lot().kind().counted().words(low - free, units),
                        item.lot().kind().counted().words(free, units) + " free, low below "
                                + item.lot().kind().counted().words(low, units),
                        units));
    }

    private static Buy line(Lot lot, String amount, String why, Units units) {
        return new Buy(
                lot.value(StockField.SUPPLIER).orElse(""),
                lot.words(units),
                amount,
                why,
                lot.value(StockField.LEAD_DAYS).orElse(""),
                Optional.empty());
    }

    /**
     * What pieces whose outline is approved still need and nobody has promised them: the same thing once, with all who
     * wait.
     */
    private List<Buy> waitedFor(Units units) {
        List<PieceFile> open = pieces.openAllOfLivingJobs().stream()
                .filter(PieceFile::isAlive)
                .filter(PieceFile::isOutlineApproved)
                .toList();
        Map<String, Set<String>> waiting = new LinkedHashMap<>();
        Map<String, Missing> missing = new LinkedHashMap<>();
        Map<Long, Map<String, Promise>> promised = rack.promised(open);
        kept.keySet().retainAll(open.stream().map(PieceFile::id).collect(Collectors.toSet()));
        Map<Need, Optional<Missing>> looked = new HashMap<>();
        for (PieceFile file : open) {
            Set<String> served = promised.get(file.id()).keySet();
            for (Need need : needs(file, units)) {
                if (!Rack.isPassed(file, need) && !served.contains(need.key())) {
                    looked.computeIfAbsent(need, rack::missing).ifPresent(gone -> {
                        missing.put(gone.words(), gone);
                        waiting.computeIfAbsent(gone.words(), words -> new HashSet<>())
                                .add(file.name());
                    });
                }
            }
        }
        return missing.values().stream()
                .map(gone -> new Buy(
                        gone.supplier(),
                        gone.words(),
                        amount(waiting.get(gone.words()).size()),
                        "for "
                                + String.join(
                                        ", ",
                                        waiting.get(gone.words()).stream()
                                                .sorted()
                                                .toList()),
                        gone.leadDays().map(String::valueOf).orElse(""),
                        Optional.empty()))
                .toList();
    }

    private static String amount(int pieces) {
        return pieces == 1 ? "1" : pieces + ", one for each piece";
    }

    /** Worked out once while the knife stays the same. */
    private List<Need> needs(PieceFile file, Units units) {
        return kept.compute(
                        file.id(),
                        (id, before) -> before != null
                                        && before.specification() == file.specification()
                                        && before.units().equals(units)
                                ? before
                                : new Needed(file.specification(), units, Needs.of(file.specification(), units)))
                .needs();
    }

    /** What should be seen of a lot at once; empty for nothing. */
    String mark(LotRow row) {
        Lot lot = row.lot();
        if (isPast(lot)) {
            return "past its day";
        }
        List<String> marks = new ArrayList<>();
        lot.day(StockField.USE_BY)
                .filter(day -> day.isBefore(clock.today().plusDays(SOON_DAYS)))
                .ifPresent(day -> marks.add("use by " + day));
        if (!lot.isShopsOwn()) {
            marks.add(said(lot, StockField.OWNER)
                    + lot.value(StockField.WHOSE).map(whose -> ": " + whose).orElse(""));
        }
        for (StockField field : List.of(
                StockField.WEAR, StockField.SHARPNESS, StockField.CONDITION, StockField.VOIDS, StockField.PAPERS)) {
            lot.value(field)
                    .filter(value ->
                            !value.equals(field.choices(lot.kind()).get(0).value()))
                    .ifPresent(value -> marks.add(said(lot, field)));
        }
        if (lot.kind().isKept() && row.uses() > 0) {
            marks.add("used " + row.uses() + (row.uses() == 1 ? " time" : " times"));
        }
        return String.join("; ", marks);
    }

    /** A choice in the middle of a line; choices have no units. */
    private static String said(Lot lot, StockField choice) {
        return lot.words(choice, Units.INCH_FAHRENHEIT).toLowerCase(Locale.ROOT);
    }

    private boolean isPast(Lot lot) {
        return lot.day(StockField.USE_BY).filter(clock.today()::isAfter).isPresent();
    }
}
