package hiltboard.server.job;

import hiltboard.core.plan.DaysInHand;
import hiltboard.core.plan.ShopHours;
import hiltboard.core.plan.ShopPass;
import hiltboard.core.route.Stretch;
import hiltboard.core.route.WorkLeft;
import hiltboard.server.ShopClock;
import hiltboard.server.access.AccessService;
import hiltboard.server.live.Changes;
import hiltboard.server.plan.ClosedDays;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/**
 * On which day each piece can be done: the makers share the work of the whole shop, what is promised first goes first.
 * Worked out anew when something has changed, and with every minute that goes by. Belongs into a transaction of the
 * caller.
 */
@Component
public class ShopDays {
    private final Wall wall;
    private final ClosedDays closed;
    private final AccessService access;
    private final Changes changes;
    private final ShopClock clock;
    private volatile Optional<Known> known = Optional.empty();
    private volatile Optional<Seen> seen = Optional.empty();

    ShopDays(Wall wall, ClosedDays closed, AccessService access, Changes changes, ShopClock clock) {
        this.wall = wall;
        this.closed = closed;
        this.access = access;
        this.changes = changes;
        this.clock = clock;
    }

    private record Known(long sequence, LocalDateTime now, Map<Long, DaysInHand> days) {}

    private record Seen(long sequence, List<Wall.Left> left) {}

    /** Of every living piece. */
    public Map<Long, DaysInHand> all() {
        LocalDateTime now = now();
        long latest = changes.latest();
        Optional<Known> before =
                known.filter(each -> each.sequence() == latest && each.now().equals(now));
        if (before.isPresent()) {
            return before.get().days();
        }
        List<Wall.Left> left = left();
        Map<Long, LocalDateTime> done = pass(left.stream().map(this::piece).toList(), now);
        ShopHours hours = hours();
        Map<Long, DaysInHand> days = left.stream()
                .collect(Collectors.toMap(
                        Wall.Left::piece, each -> DaysInHand.of(done.get(each.piece()), each.promisedOn(), hours)));
        known = Optional.of(new Known(latest, now, days));
        return days;
    }

    /** Of one piece; one that is handed over or scrapped is done. */
    public DaysInHand of(PieceFile file) {
        return ofEach().apply(file);
    }

    /** As {@link #of}, for somebody who asks for many. */
    public Function<PieceFile, DaysInHand> ofEach() {
        Map<Long, DaysInHand> all = all();
        return file -> Optional.ofNullable(all.get(file.id()))
                .orElseGet(() -> DaysInHand.of(now(), file.promisedOn(), hours()));
    }

    /** As it would be with this much work and these rests more, before what is left. */
    public DaysInHand with(PieceFile file, int minutesMore, List<Duration> restsMore) {
        List<ShopPass.Piece> pieces = left().stream()
                .map(left -> left.piece() == file.id()
                        ? new ShopPass.Piece(
                                left.piece(), from(left), more(stretches(left.work()), minutesMore, restsMore))
                        : piece(left))
                .toList();
        return DaysInHand.of(pass(pieces, now()).get(file.id()), file.promisedOn(), hours());
    }

    /**
     * On which day a new piece could be done when everything that is promised is worked off first. @param arrival when
     * everything that it is made of is there
     */
    public LocalDate earliest(List<WorkLeft> work, LocalDate arrival) {
        List<ShopPass.Piece> pieces =
                new ArrayList<>(left().stream().map(this::piece).toList());
        pieces.add(new ShopPass.Piece(
                0, arrival.isAfter(clock.today()) ? arrival.atStartOfDay() : now(), stretches(work)));
        return DaysInHand.of(pass(pieces, now()).get(0L), arrival, hours()).earliest();
    }

    private List<Wall.Left> left() {
        long latest = changes.latest();
        Optional<Seen> before = seen.filter(each -> each.sequence() == latest);
        if (before.isPresent()) {
            return before.get().left();
        }
        List<Wall.Left> now = wall.left();
        seen = Optional.of(new Seen(latest, now));
        return now;
    }

    private static List<Stretch> more(List<Stretch> left, int minutesMore, List<Duration> restsMore) {
        List<Stretch> all = new ArrayList<>(List.of(new Stretch(Math.max(0, minutesMore), Duration.ZERO)));
        restsMore.forEach(rest -> all.add(new Stretch(0, rest)));
        int saved = Math.max(0, -minutesMore);
        for (Stretch stretch : left) {
            int less = Math.min(saved, stretch.attendedMinutes());
            saved -= less;
            all.add(new Stretch(stretch.attendedMinutes() - less, stretch.rest()));
        }
        return all;
    }

    private Map<Long, LocalDateTime> pass(List<ShopPass.Piece> pieces, LocalDateTime now) {
        return ShopPass.of(pieces, Math.max(1, access.people().size()), hours(), now);
    }

    private ShopPass.Piece piece(Wall.Left left) {
        return new ShopPass.Piece(left.piece(), from(left), stretches(left.work()));
    }

    private LocalDateTime from(Wall.Left left) {
        return left.work().stream()
                .flatMap(work -> work.restsUntil().stream())
                .max(Comparator.naturalOrder())
                .map(this::onTheWall)
                .orElse(LocalDateTime.MIN);
    }

    private static List<Stretch> stretches(List<WorkLeft> work) {
        return work.stream().flatMap(left -> left.stretch().stream()).toList();
    }

    private LocalDateTime now() {
        return onTheWall(clock.now()).truncatedTo(ChronoUnit.MINUTES);
    }

    private LocalDateTime onTheWall(Instant instant) {
        return LocalDateTime.ofInstant(instant, clock.zone());
    }

    private ShopHours hours() {
        return ShopHours.USUAL.closedOn(closed.days());
    }
}
