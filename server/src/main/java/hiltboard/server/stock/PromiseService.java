package hiltboard.server.stock;

import hiltboard.core.route.Operation;
import hiltboard.core.stock.Needs;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import hiltboard.server.stock.Rack.Choice;
import hiltboard.server.stock.Rack.Standing;
import hiltboard.server.stock.StockRepository.LotRow;
import hiltboard.server.stock.StockRepository.Promise;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** What is kept back for a piece, taken at its steps, and given back. */
@Service
public class PromiseService {
    private final StockRepository stock;
    private final Rack rack;
    private final PieceFiles pieces;
    private final Changes changes;
    private final ShopClock clock;

    PromiseService(StockRepository stock, Rack rack, PieceFiles pieces, Changes changes, ShopClock clock) {
        this.stock = stock;
        this.rack = rack;
        this.pieces = pieces;
        this.changes = changes;
        this.clock = clock;
    }

    /** Keeps back what a piece needs, from this lot. */
    public Receipt promise(long piece, String need, long lot, Person person, Command command) {
        return changes.make(command, () -> {
            PieceFile file = pieces.openAlive(piece);
            Standing standing = standing(file, need, person);
            standing.promise().ifPresent(there -> {
                throw Refusal.outOfTurn(there.by() + " has " + (there.isTaken() ? "taken" : "promised") + " this for "
                        + file.name() + " already.");
            });
            LotRow row = stock.known(lot);
            Choice choice = standing.choices().stream()
                    .filter(each -> each.lot().id() == lot)
                    .findFirst()
                    .orElseThrow(() -> notServing(standing, row, person));
            return keepBack(file, standing, choice, person);
        });
    }

    private Refusal notServing(Standing standing, LotRow row, Person person) {
        Optional<Promise> other = stock.openPromises().stream()
                .filter(each -> each.lot() == row.id())
                .reduce((earlier, later) -> later);
        String why = standing.notServing().stream()
                .filter(each -> each.lot().id() == row.id())
                .findFirst()
                .map(Rack.NotServing::why)
                .orElse("Nothing of it is left.");
        String whose = other.map(each -> " " + each.by() + " has promised it to "
                        + pieces.open(each.piece()).name() + ".")
                .orElse("");
        return Refusal.outOfTurn(row.lot().words(person.units()) + ": " + why + whose);
    }

    /** Keeps back everything that a piece still needs and the rack has. */
    public Receipt promiseAll(long piece, Person person, Command command) {
        return changes.makeAll(command, () -> {
            PieceFile file = pieces.openAlive(piece);
            Map<Long, LotRow> shops = stock.lots().stream()
                    .filter(row -> row.lot().isShopsOwn())
                    .collect(Collectors.toMap(LotRow::id, Function.identity()));
            List<Entry> entries = new ArrayList<>();
            for (Standing need : rack.standing(file, person.units(), List.of())) {
                if (need.isOpen()) {
                    rack.choices(need.need(), shops.values()).stream()
                            .findFirst()
                            .ifPresent(choice -> {
                                shops.put(choice.lot().id(), choice.lot().spokenFor(choice.takes()));
                                entries.add(keepBack(file, need, choice, person));
                            });
                }
            }
            if (entries.isEmpty()) {
                throw Refusal.outOfTurn("Nothing more on the rack serves " + file.name() + ".");
            }
            return entries;
        });
    }

    private Standing standing(PieceFile file, String need, Person person) {
        return rack.standing(file, person.units(), stock.lots()).stream()
                .filter(each -> each.need().key().equals(need))
                .findFirst()
                .orElseThrow(() -> Refusal.notThere(file.name() + " does not need “" + need + "”."));
    }

    private Entry keepBack(PieceFile file, Standing standing, Choice choice, Person person) {
        stock.promises(List.of(file.id())).stream()
                .filter(old -> old.need().equals(standing.need().key()))
                .forEach(usedUp -> stock.release(usedUp.id(), clock.nowMillis()));
        stock.promise(
                choice.lot().id(), file.id(), standing.need().key(), choice.takes(), person.id(), clock.nowMillis());
        return Entry.ofPiece(
                Entry.Kind.STOCK_PROMISED,
                file.jobId(),
                file.id(),
                file.name() + ": " + choice.lot().lot().words(person.units()) + " is promised to it");
    }

    /** Gives back what was kept for a piece. */
    public Receipt release(long id, Person person, Command command) {
        return changes.make(command, () -> {
            Promise promise =
                    stock.openPromise(id).orElseThrow(() -> Refusal.outOfTurn("This is not promised any more."));
            PieceFile file = pieces.open(promise.piece());
            stock.release(id, clock.nowMillis());
            return Entry.ofPiece(
                    Entry.Kind.STOCK_RELEASED,
                    file.jobId(),
                    file.id(),
                    file.name() + ": " + stock.known(promise.lot()).lot().words(person.units()) + " is free again");
        });
    }

    /**
     * What is promised to a piece for this step leaves the rack with it. Belongs into the transaction that finishes the
     * step.
     */
    public List<Entry> takenAt(PieceFile file, Operation operation, Person person) {
        Map<String, Promise> promises = rack.promised(file);
        return Needs.of(file.specification(), person.units()).stream()
                .filter(need -> need.step(file.route())
                        .filter(step -> step.key().equals(operation.key()))
                        .isPresent())
                .flatMap(need -> Optional.ofNullable(promises.get(need.key())).stream())
                .filter(promise -> !promise.isTaken())
                .map(promise -> take(file, promise, operation, person))
                .toList();
    }

    private Entry take(PieceFile file, Promise promise, Operation operation, Person person) {
        LotRow row = stock.known(promise.lot());
        stock.take(promise.id(), operation.key(), clock.nowMillis());
        stock.move(
                row.id(),
                -promise.amount(),
                promise.amount() == 0 ? "USED" : "TAKEN",
                Optional.of(file.id()),
                operation.key(),
                file.name() + ", " + operation.title(),
                person.id(),
                clock.nowMillis());
        String what = promise.amount() == 0
                ? "used"
                : row.lot().kind().counted().words(promise.amount(), person.units()) + " taken";
        return Entry.ofPiece(
                Entry.Kind.STOCK_TAKEN,
                file.jobId(),
                file.id(),
                file.name() + ": " + row.lot().words(person.units()) + ": " + what);
    }

    /**
     * A step that was done by mistake gives back what it took: it is promised again. Belongs into the transaction that
     * takes the step back.
     */
    public void giveBack(PieceFile file, Operation operation, Person person) {
        stock.promises(List.of(file.id())).stream()
                .filter(promise -> promise.takenByStep().equals(operation.key()))
                .forEach(promise -> {
                    stock.move(
                            promise.lot(),
                            promise.amount(),
                            "RETURNED",
                            Optional.of(file.id()),
                            operation.key(),
                            file.name() + ", " + operation.title() + " was not done after all",
                            person.id(),
                            clock.nowMillis());
                    stock.untake(promise.id());
                });
    }
}
