package hiltboard.server.fire;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.fire.Ahead;
import hiltboard.core.fire.KilnAlarm;
import hiltboard.core.fire.Soak;
import hiltboard.core.fire.Treatment;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Temperature;
import hiltboard.server.ShopClock;
import hiltboard.server.access.AccessService;
import hiltboard.server.access.Person;
import hiltboard.server.bench.BenchService;
import hiltboard.server.bench.ReadingService;
import hiltboard.server.data.Reading;
import hiltboard.server.device.ConnectedKiln;
import hiltboard.server.device.ConnectedKiln.Shown;
import hiltboard.server.device.ConnectedKiln.Status;
import hiltboard.server.device.KilnStandIn;
import hiltboard.server.fire.FireRepository.KilnRow;
import hiltboard.server.fire.FireRepository.LoadRow;
import hiltboard.server.fire.FireRepository.Standing;
import hiltboard.server.fire.LoadFiles.Opened;
import hiltboard.server.job.PieceFile;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Entry;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Looks at every kiln several times a second: writes down what it showed, counts the soak, and raises what has to be
 * answered.
 */
@Component
public class KilnWatch {
    private static final long WRITES_EVERY_MILLIS = 3_000;

    private final FireRepository fire;
    private final KilnLog log;
    private final Kilns kilns;
    private final KilnAlarms alarms;
    private final LoadFiles loads;
    private final BenchService bench;
    private final ReadingService readings;
    private final AccessService access;
    private final Changes changes;
    private final ShopClock clock;
    private final TransactionTemplate transactions;
    private final Reading reading;
    /** What was wrong at the last look, by kiln: an alarm is raised when it begins, not again while it lasts. */
    private final Map<Long, Set<String>> present = new HashMap<>();

    private final Map<Long, List<Shown>> unwritten = new HashMap<>();
    private final Map<Long, Long> writtenAt = new HashMap<>();

    KilnWatch(
            FireRepository fire,
            KilnLog log,
            Kilns kilns,
            KilnAlarms alarms,
            LoadFiles loads,
            BenchService bench,
            ReadingService readings,
            AccessService access,
            Changes changes,
            ShopClock clock,
            TransactionTemplate transactions,
            Reading reading) {
        this.fire = fire;
        this.log = log;
        this.kilns = kilns;
        this.alarms = alarms;
        this.loads = loads;
        this.bench = bench;
        this.readings = readings;
        this.access = access;
        this.changes = changes;
        this.clock = clock;
        this.transactions = transactions;
        this.reading = reading;
    }

    @Scheduled(initialDelay = 1_000, fixedDelay = 250)
    public void look() {
        reading.of(fire::kilns).forEach(this::look);
    }

    private synchronized void look(KilnRow kiln) {
        write(kiln);
        Status status = kilns.connected(kiln).status();
        Optional<LoadRow> burning = reading.of(() -> fire.burningIn(kiln.id()));
        Set<String> wrong = new HashSet<>();
        status.fault().ifPresent(fault -> wrong.add(alarm(kiln, burning, fault.name(), fault.words(), fault.toDo())));
        burning.ifPresent(load -> {
            boolean isHot = load.standing() == Standing.IN
                    && status.shown()
                            .celsius()
                            .filter(celsius -> Treatment.isTooHot(load.heat(), Temperature.ofCelsius(celsius)))
                            .isPresent();
            if (isHot && status.fault().isEmpty()) {
                wrong.add(alarm(kiln, burning, KilnAlarm.ABOVE));
            }
        });
        if (status.isLit()
                && status.isDoorOpen()
                && !status.isHeating()
                && status.fault().isEmpty()) {
            wrong.add(alarm(kiln, burning, KilnAlarm.DOOR));
        }
        burning.filter(load -> load.standing() == Standing.IN)
                .flatMap(load -> soaks(kiln, load))
                .ifPresent(wrong::add);
        present.put(kiln.id(), wrong);
    }

    /** What was shown is kept in few writes: one every few seconds of the kiln's clock. */
    private void write(KilnRow kiln) {
        List<Shown> waiting = unwritten.computeIfAbsent(kiln.id(), id -> new ArrayList<>());
        waiting.addAll(kilns.connected(kiln).shown());
        long now = clock.nowMillis();
        if (!waiting.isEmpty()
                && now - writtenAt.getOrDefault(kiln.id(), 0L) >= WRITES_EVERY_MILLIS / kilns.pace(kiln)) {
            Optional<KilnStandIn.Seen> seen = kilns.standIn(kiln).map(KilnStandIn::seen);
            transactions.executeWithoutResult(status -> {
                log.append(kiln.id(), waiting);
                seen.ifPresent(how -> fire.seen(kiln.id(), how));
            });
            waiting.clear();
            writtenAt.put(kiln.id(), now);
        }
    }

    private boolean isPresent(KilnRow kiln, String kind) {
        return present.getOrDefault(kiln.id(), Set.of()).contains(kind);
    }

    private String alarm(KilnRow kiln, Optional<LoadRow> load, KilnAlarm alarm) {
        return alarm(kiln, load, alarm.name(), alarm.words(), alarm.toDo());
    }

    private String alarm(KilnRow kiln, Optional<LoadRow> load, String kind, String words, List<String> toDo) {
        if (!isPresent(kiln, kind)) {
            alarms.raise(kiln, kilns.now(kiln), load, kind, words, toDo);
        }
        return kind;
    }

    private Optional<String> soaks(KilnRow kiln, LoadRow row) {
        Optional<Soak> soak = reading.of(() -> loads.soak(row));
        if (row.recoveredAt().isEmpty()) {
            soak.flatMap(Soak::recoveredAt)
                    .ifPresent(second ->
                            recovered(reading.of(() -> loads.open(row)), Math.round(second * 1000), soak.get()));
            return Optional.empty();
        }
        boolean isUp =
                soak.filter(each -> each.soaked() >= row.soak().toSeconds()).isPresent();
        if (isUp) {
            coolsDown(kiln, row);
        }
        if (!isUp
                || reading.of(() -> fire.pieces(List.of(row.id()))).stream()
                        .anyMatch(piece -> piece.leftAt().isPresent())) {
            return Optional.empty();
        }
        List<String> toDo =
                isPresent(kiln, FireRepository.SOAKED) ? List.of() : soakedToDo(reading.of(() -> loads.open(row)));
        return Optional.of(alarm(
                kiln,
                Optional.of(row),
                FireRepository.SOAKED,
                "the soak is up (" + row.treatment().words().toLowerCase(Locale.ROOT) + ")",
                toDo));
    }

    /**
     * The kiln does not know how far the blade lags behind it: it is told when the soak is up, and goes down by itself
     * from there.
     */
    private void coolsDown(KilnRow kiln, LoadRow row) {
        Status status = kilns.connected(kiln).status();
        if (row.treatment().isCooledInTheKiln() && status.isLit() && status.part() == 0) {
            kilns.tell(kiln, ConnectedKiln::next);
        }
    }

    private static List<String> soakedToDo(Opened load) {
        String order = String.join(
                ", ",
                load.load().leaving().stream()
                        .map(leaving -> leaving.piece().name())
                        .toList());
        return load.row().treatment().isQuenched()
                ? List.of(
                        "Out one at a time, in this order: " + order + ".",
                        "One works the door and calls, one quenches.")
                : List.of("All out: " + order + ".");
    }

    /** The kiln is back at heat: the soak counts from here, and every piece's record says at what the kiln stood. */
    private void recovered(Opened load, long atMillis, Soak soak) {
        double shown = kilns.connected(load.kiln())
                .status()
                .shown()
                .celsius()
                .orElse(load.row().heat().celsius());
        Person by = access.people().stream()
                .filter(person -> person.id() == load.row().inBy().orElseThrow())
                .findFirst()
                .orElseThrow();
        changes.makeAll(KilnAlarms.ofTheShop(), () -> {
            fire.recovered(load.row().id(), atMillis);
            boolean isCounting = soak.isCounting();
            fire.happened(
                    load.kiln().id(),
                    Optional.of(load.row().id()),
                    atMillis,
                    isCounting ? "Recovered: the soak counts" : "Recovered");
            List<Entry> entries = new ArrayList<>(List.of(Entry.ofShop(
                    Entry.Kind.FIRE_SOAKED,
                    load.name() + ": recovered after a drop of " + Firings.bothUnits(soak.drop()) + ", soaks "
                            + Span.words(load.row().soak())
                            + (isCounting ? "" : " from when the blade is at heat too, by estimate"),
                    load.row().id())));
            long until = clock.nowMillis() + soakUp(load, shown, soak).toMillis() / kilns.pace(load.kiln());
            load.stillIn().forEach(file -> entries.addAll(ofPiece(load, file, shown, until, by)));
            return entries;
        });
    }

    /** How long it is until the soak is up, on the kiln's clock. */
    private static Duration soakUp(Opened load, double shown, Soak soak) {
        return Ahead.of(
                        load.load(),
                        load.row().heat(),
                        load.row().soak(),
                        Temperature.ofCelsius(shown),
                        Optional.of(soak),
                        soak.counts())
                .stream()
                .filter(Ahead::isSoakUp)
                .findFirst()
                .orElseThrow()
                .in();
    }

    private List<Entry> ofPiece(Opened load, PieceFile file, double shown, long until, Person by) {
        return load.step(file)
                .map(step -> {
                    List<Entry> entries = new ArrayList<>();
                    if (step.operation().readings().contains(PieceDimensions.KILN_AT_SOAK)) {
                        entries.add(readings.takeFrom(
                                file.id(),
                                step.operation().key(),
                                PieceDimensions.KILN_AT_SOAK,
                                Firings.celsius(shown),
                                Firings.COUNTED_BY_LOG,
                                by));
                    }
                    if (step.operation().rests()) {
                        entries.add(bench.restUntil(file.id(), step.operation().key(), until));
                    }
                    return entries;
                })
                .orElse(List.of());
    }
}
