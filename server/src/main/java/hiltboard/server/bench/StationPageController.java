package hiltboard.server.bench;

import hiltboard.core.field.Option;
import hiltboard.core.machine.Cutting.Mill;
import hiltboard.core.machine.Stiffness;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.plan.DaysInHand;
import hiltboard.core.plan.PutOn.OfStation;
import hiltboard.core.route.Operation;
import hiltboard.core.route.Station;
import hiltboard.core.route.WorkLeft;
import hiltboard.core.route.WorkLeft.Stage;
import hiltboard.server.access.Person;
import hiltboard.server.bench.BenchSteps.Lying;
import hiltboard.server.job.Hands;
import hiltboard.server.job.Hands.Holder;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.ShopDays;
import hiltboard.server.plan.PutOnRepository;
import hiltboard.server.route.Workplaces;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** A station of the shop: what lies there, what can be started there, and what comes to it next. */
@RestController
class StationPageController {
    private final BenchSteps steps;
    private final Workplaces workplaces;
    private final ShopDays days;
    private final PutOnRepository putOn;

    StationPageController(BenchSteps steps, Workplaces workplaces, ShopDays days, PutOnRepository putOn) {
        this.putOn = putOn;
        this.days = days;
        this.steps = steps;
        this.workplaces = workplaces;
    }

    /**
     * A place to work.
     *
     * @param id zero where it is written down in the station's own room
     * @param longest piece that it takes; empty where that does not matter
     * @param mill what it bears; nothing where nobody has said, and of what is no mill
     */
    record WorkplaceView(
            long id, String name, String longest, @Nullable MillView mill) {}

    /** What a mill bears. */
    record MillView(String stiffness, String words, int watts, int rpm) {
        private static MillView of(Mill mill) {
            return new MillView(
                    mill.stiffness().name(), mill.stiffness().words(), (int) mill.watts(), (int) mill.mostRpm());
        }
    }

    /** A piece that comes here once this is done. @param at where it is until then */
    record Coming(
            long pieceId,
            String pieceName,
            String jobTitle,
            String operation,
            String title,
            String after,
            Station at,
            int daysInHand,
            String promisedOn) {}

    /**
     * What lies at a station.
     *
     * @param holder on whom whatever comes here is
     * @param stiffnesses how stiff what is here can be; none where that does not matter
     * @param here what somebody is at, or has put down, and what rests
     * @param next what can be started, the most urgent first
     * @param coming what waits only for work that is under way or can be started elsewhere
     */
    record StationPage(
            Holder holder,
            List<WorkplaceView> workplaces,
            List<Option> stiffnesses,
            List<BenchRow> here,
            List<BenchRow> next,
            List<Coming> coming) {}

    @GetMapping("/api/stations/{station}")
    @Transactional(readOnly = true)
    StationPage station(@PathVariable Station station, Person person) {
        List<Lying> lying = steps.lying();
        Function<PieceFile, DaysInHand> inHand = days.ofEach();
        List<BenchRow> all = steps.rows(lying, person, Integer.MAX_VALUE).stream()
                .filter(row -> row.station() == station)
                .toList();
        return new StationPage(
                new Hands(putOn.all()).of(new OfStation(station)),
                workplaces.at(station).stream()
                        .map(row -> new WorkplaceView(
                                row.id(),
                                row.workplace().name(),
                                longest(row, person.units()),
                                row.workplace().mill().map(MillView::of).orElse(null)))
                        .toList(),
                station == Station.MILL
                        ? Arrays.stream(Stiffness.values())
                                .map(each -> new Option(each.name(), each.words()))
                                .toList()
                        : List.of(),
                all.stream().filter(row -> !row.isReady()).toList(),
                all.stream().filter(BenchRow::isReady).toList(),
                lying.stream()
                        .flatMap(piece -> coming(piece, station, inHand))
                        .sorted(Comparator.comparingInt(Coming::daysInHand)
                                .thenComparing(Coming::promisedOn)
                                .thenComparingLong(Coming::pieceId))
                        .toList());
    }

    private static String longest(Workplaces.Row row, Units units) {
        return row.workplace()
                .longest()
                .map((Length length) -> length.brieflyIn(units))
                .orElse("");
    }

    private static Stream<Coming> coming(Lying piece, Station station, Function<PieceFile, DaysInHand> inHand) {
        Set<String> ahead = piece.left().stream()
                .filter(work -> !work.isAt(Stage.WAITS))
                .map(work -> work.operation().key())
                .collect(Collectors.toSet());
        return piece.left().stream()
                .filter(work -> work.operation().station() == station
                        && work.isAt(Stage.WAITS)
                        && work.waitsFor().stream().map(Operation::key).allMatch(ahead::contains))
                .limit(1)
                .map(work -> coming(piece, work, inHand.apply(piece.file())));
    }

    private static Coming coming(Lying piece, WorkLeft work, DaysInHand inHand) {
        return new Coming(
                piece.file().id(),
                piece.file().name(),
                piece.file().jobTitle(),
                work.operation().key(),
                work.operation().title(),
                work.waitsFor().stream().map(Operation::title).collect(Collectors.joining(", ")),
                work.waitsFor().get(0).station(),
                inHand.inHand(),
                piece.file().promisedOn().toString());
    }
}
