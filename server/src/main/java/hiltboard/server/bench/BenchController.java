package hiltboard.server.bench;

import hiltboard.core.plan.NextUp;
import hiltboard.core.plan.NextUp.Hold;
import hiltboard.core.route.Station;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The bench: what there is to do, for whom, and the one thing to do now. */
@RestController
class BenchController {
    private static final int SHOWN_OF_A_PIECE = 3;
    private static final int FIT_INTO_A_REST = 3;
    /** Rows of what is not mine; who wants more looks at one station. */
    private static final int MOST = 100;

    private final BenchSteps steps;
    private final ShopClock clock;

    BenchController(BenchSteps steps, ShopClock clock) {
        this.steps = steps;
        this.clock = clock;
    }

    /**
     * What lies on the bench, the most urgent first.
     *
     * @param next the one thing to do now
     * @param clocks whatever rests, and what has to begin before a window closes: what is due first comes first
     * @param mine what I am at and what is on me
     * @param anybodys what is nobody's, at the stations where I work
     * @param others what others are at or have on them, and what nobody has at stations where I do not work
     * @param ofSomebody all that somebody who was asked for is at or has on them
     * @param isMore whether there is more that is not mine than is listed
     * @param stations where all of it is, whichever station is looked at
     */
    record Bench(
            @Nullable BenchRow next,
            List<BenchRow> clocks,
            List<BenchRow> mine,
            List<BenchRow> anybodys,
            List<BenchRow> others,
            List<BenchRow> ofSomebody,
            boolean isMore,
            List<AtStation> stations) {}

    /** @param pieces how many have something there */
    record AtStation(Station station, int pieces) {}

    /**
     * @param station what is there alone; empty for all of the shop
     * @param of whose bench is looked at beside one's own; zero for nobody's
     */
    @GetMapping("/api/bench")
    @Transactional(readOnly = true)
    Bench bench(@RequestParam Optional<Station> station, @RequestParam(defaultValue = "0") long of, Person person) {
        List<BenchRow> whole = steps.rows(steps.lying(), person, SHOWN_OF_A_PIECE);
        List<BenchRow> all = whole.stream()
                .filter(row -> station.isEmpty() || row.station() == station.get())
                .toList();
        List<BenchRow> anybodys = withHold(all, Hold.ANYBODYS);
        List<BenchRow> others = withHold(all, Hold.OTHERS);
        return new Bench(
                NextUp.of(doable(whole), Optional.empty()).orElse(null),
                all.stream()
                        .filter(BenchRow::isOnAClock)
                        .sorted(Comparator.comparingLong(BenchRow::dueMillis))
                        .toList(),
                all.stream()
                        .filter(row -> !row.isOnAClock() && row.hold() == Hold.MINE)
                        .sorted(Comparator.comparing(BenchRow::isReady))
                        .toList(),
                anybodys.stream().limit(MOST).toList(),
                others.stream().limit(MOST).toList(),
                all.stream()
                        .filter(row -> of > 0 && row.hands().holder().id() == of)
                        .toList(),
                anybodys.size() > MOST || others.size() > MOST,
                stations(whole));
    }

    private static List<AtStation> stations(List<BenchRow> rows) {
        return rows.stream()
                .collect(Collectors.groupingBy(
                        BenchRow::station,
                        TreeMap::new,
                        Collectors.summingInt(row -> row.pieces().size())))
                .entrySet()
                .stream()
                .map(entry -> new AtStation(entry.getKey(), entry.getValue()))
                .toList();
    }

    /**
     * What to do now.
     *
     * @param next the one thing; none where all that can be done is somebody else's
     * @param meanwhile what fits into the rest of the step that was asked for
     */
    record NextView(@Nullable BenchRow next, List<BenchRow> meanwhile) {}

    /** What comes after a step of a piece: its own next step first, or what fits into its rest. */
    @GetMapping("/api/bench/next")
    @Transactional(readOnly = true)
    NextView next(@RequestParam long piece, @RequestParam String operation, Person person) {
        List<BenchRow> all = steps.rows(steps.lying(), person, SHOWN_OF_A_PIECE);
        Instant now = clock.now();
        Optional<Duration> rest = all.stream()
                .filter(row ->
                        row.isOf(piece) && row.operation().equals(operation) && !row.isReady() && !row.isDoable(now))
                .findFirst()
                .map(row ->
                        Duration.between(now, Instant.ofEpochMilli(row.clock().restUntilMillis())));
        return new NextView(
                NextUp.of(doable(all), Optional.of(piece)).orElse(null),
                rest.map(time -> NextUp.during(time, doable(all)).stream()
                                .limit(FIT_INTO_A_REST)
                                .toList())
                        .orElse(List.of()));
    }

    private List<BenchRow> doable(List<BenchRow> all) {
        Instant now = clock.now();
        return all.stream().filter(row -> row.isDoable(now)).toList();
    }

    private static List<BenchRow> withHold(List<BenchRow> all, Hold hold) {
        return all.stream()
                .filter(row -> !row.isOnAClock() && row.hold() == hold)
                .toList();
    }
}
