package hiltboard.server.stock;

import de.siegmar.fastcsv.reader.NamedCsvRecord;
import hiltboard.core.field.Finding;
import hiltboard.core.measure.Units;
import hiltboard.core.stock.StockField;
import hiltboard.core.stock.StockKind;
import hiltboard.server.Refusal;
import hiltboard.server.Table;
import hiltboard.server.TableIn;
import hiltboard.server.TableIn.TableLine;
import hiltboard.server.access.Person;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import hiltboard.server.stock.StockRepository.LotRow;
import hiltboard.server.stock.StockService.NewLot;
import hiltboard.server.stock.StockService.ReadLot;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The rack as a table (RFC 4180), out and in. What goes out comes in again as exactly the same. */
@Service
class StockFile {
    private static final String KIND = "kind";
    private static final String AMOUNT = "amount";
    private static final String PIECES = "pieces";
    private static final int MOST_LINES = 5_000;
    private static final int LONGEST_FILE = 2_000_000;

    private final StockRepository stock;
    private final StockService service;
    private final BuyingList buying;
    private final Changes changes;

    StockFile(StockRepository stock, StockService service, BuyingList buying, Changes changes) {
        this.stock = stock;
        this.service = service;
        this.buying = buying;
        this.changes = changes;
    }

    @Transactional(readOnly = true)
    public String rack() {
        return Table.written(csv -> {
            csv.writeRecord(header());
            stock.lots().forEach(row -> csv.writeRecord(record(row)));
        });
    }

    @Transactional(readOnly = true)
    public String buying(Units units) {
        return Table.written(csv -> {
            csv.writeRecord("supplier", "what", "amount", "why", "days", "ordered");
            buying.lines(units)
                    .forEach(line -> csv.writeRecord(
                            line.supplier(),
                            line.words(),
                            line.amount(),
                            line.why(),
                            line.leadDays(),
                            line.order()
                                    .map(order -> order.expectedOn()
                                            .map(LocalDate::toString)
                                            .orElse("yes"))
                                    .orElse("")));
        });
    }

    private static List<String> header() {
        return Stream.concat(
                        Stream.of(KIND, AMOUNT, PIECES),
                        Arrays.stream(StockField.values()).map(StockField::key))
                .toList();
    }

    private static List<String> record(LotRow row) {
        return Stream.concat(
                        Stream.of(
                                row.lot().kind().name(),
                                row.lot().kind().counted().exactly(row.amount()),
                                "1"),
                        Arrays.stream(StockField.values()).map(row.lot()::exactly))
                .toList();
    }

    /** What each line of a table is. @throws Refusal where it is no such table */
    List<TableLine> preview(String text, Units units) {
        return read(text, units).lines();
    }

    /** @param onlyGood whether lines that were not understood are left out; otherwise one leaves out all */
    Receipt take(String text, boolean onlyGood, Person person, Command command) {
        List<ReadLot> lots = read(text, person.units()).taken(onlyGood);
        return changes.make(command, () -> {
            lots.forEach(lot -> service.keep(lot, "", person));
            return Entry.ofShop(
                    Entry.Kind.STOCK_RECEIVED,
                    lots.size() + (lots.size() == 1 ? " line of a table was" : " lines of a table were")
                            + " taken onto the rack",
                    0);
        });
    }

    private TableIn<ReadLot> read(String text, Units units) {
        if (text.length() > LONGEST_FILE) {
            throw Refusal.entry("text", "", "This table is too long", "up to " + MOST_LINES + " lines");
        }
        TableIn<ReadLot> lines = new TableIn<>();
        Table.read(text, record -> {
            if (lines.size() == 0) {
                mustBeOurTable(record.getHeader());
            }
            if (lines.size() == MOST_LINES) {
                throw Refusal.entry("text", "", "This table is too long", "up to " + MOST_LINES + " lines");
            }
            read(record, units, lines);
        });
        if (lines.size() == 0) {
            throw Refusal.entry(
                    "text",
                    "",
                    "There is no line in this table",
                    "a first line with the names of the columns, then one line for each lot");
        }
        return lines;
    }

    private static void mustBeOurTable(List<String> columns) {
        Set<String> known = Set.copyOf(header());
        List<String> strange = columns.stream()
                .map(String::strip)
                .filter(column -> !known.contains(column))
                .toList();
        if (!strange.isEmpty() || !columns.contains(KIND) || !columns.contains(AMOUNT)) {
            throw Refusal.entry(
                    "text",
                    String.join(", ", strange),
                    strange.isEmpty()
                            ? "The columns “kind” and “amount” are missing"
                            : "These columns are not known: " + String.join(", ", strange),
                    String.join(", ", header()));
        }
    }

    private void read(NamedCsvRecord record, Units units, TableIn<ReadLot> lines) {
        Map<String, String> entries = new LinkedHashMap<>(record.getFieldsAsMap());
        String kind = entries.getOrDefault(KIND, "").strip();
        String pieces = entries.getOrDefault(PIECES, "").isBlank() ? "1" : entries.get(PIECES);
        Set<String> asked = StockKind.named(kind)
                .map(known -> StockField.of(known).stream().map(StockField::key).collect(Collectors.toSet()))
                .orElse(Set.of());
        List<Finding> idle = StockKind.named(kind).isEmpty()
                ? List.of()
                : entries.entrySet().stream()
                        .filter(each -> !each.getValue().isBlank()
                                && StockField.withKey(each.getKey()).isPresent()
                                && !asked.contains(each.getKey()))
                        .map(each -> new Finding(
                                each.getKey(),
                                each.getValue(),
                                "A " + kind.toLowerCase(Locale.ROOT) + " has no “" + each.getKey() + "”",
                                "nothing"))
                        .toList();
        try {
            ReadLot lot = service.read(
                    new NewLot(kind, entries, entries.getOrDefault(AMOUNT, ""), pieces, "", "", "", true), units);
            String amount = (lot.pieces() == 1 ? "" : lot.pieces() + " of ")
                    + lot.lot().kind().counted().words(lot.amount(), units);
            lines.add(
                    new TableLine(record.getStartingLineNumber(), lot.lot().words(units), amount, idle),
                    Optional.of(lot));
        } catch (Refusal refusal) {
            List<Finding> all = new ArrayList<>(refusal.findings());
            all.addAll(idle);
            lines.add(
                    new TableLine(
                            record.getStartingLineNumber(),
                            kind + " " + entries.getOrDefault("what", ""),
                            entries.getOrDefault(AMOUNT, ""),
                            all),
                    Optional.empty());
        }
    }
}
