package hiltboard.server.etch;

import hiltboard.core.etch.Bath;
import hiltboard.core.etch.BathAge;
import hiltboard.core.etch.BathAge.Tried;
import hiltboard.server.ShopClock;
import hiltboard.server.etch.BathRepository.BathRow;
import hiltboard.server.etch.BathRepository.Care;
import hiltboard.server.etch.BathRepository.CareRow;
import hiltboard.server.etch.BathRepository.CouponRow;
import hiltboard.server.etch.TankRunRepository.Rating;
import hiltboard.server.etch.TankRunRepository.RunRow;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** What a bath has eaten and what it does today; belongs into a transaction of the caller. */
@Component
class BathAges {
    private final BathRepository baths;
    private final TankRunRepository runs;
    private final ShopClock clock;

    BathAges(BathRepository baths, TankRunRepository runs, ShopClock clock) {
        this.baths = baths;
        this.runs = runs;
        this.clock = clock;
    }

    /** One blade in the bath. @param eaten in mm³ */
    record BathUse(RunRow run, Duration time, double depthMicrometres, double eaten) {}

    /** Since it was last mixed, the oldest first. */
    List<BathUse> uses(BathRow row) {
        return uses(row, last(baths.cares(row.id()), Care.MIXED_ANEW));
    }

    private List<BathUse> uses(BathRow row, long sinceMillis) {
        Instant now = clock.now();
        return runs.inBath(row.id(), sinceMillis).stream()
                .map(run -> use(run, row.bath(), now))
                .filter(use -> !use.time().isZero())
                .toList();
    }

    private static BathUse use(RunRow run, Bath bath, Instant now) {
        Duration time = run.clock().standing(now).inAll();
        double depth = run.rated()
                .flatMap(rated -> rated.depth())
                .map(measured -> measured.millimetres() * 1000)
                .orElseGet(() -> BathAge.usualDepth(bath.liquid(), time));
        return new BathUse(run, time, depth, BathAge.eaten(run.run().area(), depth));
    }

    /** Something that says what the bath did then. @param factor empty where it says nothing */
    private record Happened(long atMillis, double eaten, Optional<Double> factor) {}

    BathAge of(BathRow row) {
        List<CareRow> cares = baths.cares(row.id());
        long freshSince = last(cares, Care.MIXED_ANEW);
        long sameSince = Math.max(freshSince, last(cares, Care.TOPPED_UP));
        List<Happened> happened = Stream.concat(
                        baths.coupons(row.id()).stream()
                                .filter(CouponRow::isRight)
                                .map(coupon -> new Happened(coupon.atMillis(), 0, Optional.of(coupon.factor()))),
                        uses(row, freshSince).stream()
                                .map(use -> new Happened(use.run().begunAtMillis(), use.eaten(), factor(use))))
                .filter(each -> each.atMillis() >= freshSince)
                .sorted(Comparator.comparingLong(Happened::atMillis))
                .toList();
        double eaten = 0;
        List<Tried> tried = new ArrayList<>();
        for (Happened each : happened) {
            if (each.atMillis() >= sameSince && each.factor().isPresent()) {
                // What it took is that of a bath that went on ageing meanwhile: half of it counts.
                tried.add(new Tried(eaten + each.eaten() / 2, each.factor().get()));
            }
            eaten += each.eaten();
        }
        return new BathAge(eaten, row.bath().volume(), row.bath().strength(), tried);
    }

    private static long last(List<CareRow> cares, Care care) {
        return cares.stream()
                .filter(each -> each.care() == care)
                .mapToLong(CareRow::atMillis)
                .max()
                .orElse(0);
    }

    /** What a blade whose result was as wished says of the bath. */
    private Optional<Double> factor(BathUse use) {
        return use.run()
                .rated()
                .filter(rated -> rated.rating() == Rating.GOOD)
                .flatMap(rated -> use.run().clock().tookTimes(clock.now()));
    }
}
