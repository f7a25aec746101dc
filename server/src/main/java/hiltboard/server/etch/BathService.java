package hiltboard.server.etch;

import hiltboard.core.etch.Bath;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.Typed;
import hiltboard.server.access.Person;
import hiltboard.server.etch.BathRepository.BathRow;
import hiltboard.server.etch.BathRepository.Care;
import hiltboard.server.etch.BathRepository.CouponRow;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;

/** Whatever is written down of a bath. */
@Service
public class BathService {
    private static final int LONGEST = 80;

    private final BathRepository baths;
    private final TankRunRepository runs;
    private final Changes changes;
    private final ShopClock clock;

    BathService(BathRepository baths, TankRunRepository runs, Changes changes, ShopClock clock) {
        this.baths = baths;
        this.runs = runs;
        this.changes = changes;
        this.clock = clock;
    }

    /**
     * A bath as it was typed.
     *
     * @param entries by the fields' keys
     * @param basedOn the version that the page saw; zero for a new one
     */
    public record AskedBath(Map<String, String> entries, int basedOn) {}

    public Receipt mix(AskedBath asked, Person person, Command command) {
        Bath bath = read(asked, person);
        return changes.make(command, () -> {
            long id = baths.begin(bath, person.id(), clock.nowMillis());
            return Entry.ofShop(Entry.Kind.BATH_KEPT, bath.name() + ": mixed", id);
        });
    }

    private static Bath read(AskedBath asked, Person person) {
        Bath.Read read = Bath.read(asked.entries(), person.units());
        if (!read.findings().isEmpty()) {
            throw Refusal.entries(read.findings());
        }
        return read.bath();
    }

    Receipt describe(long id, AskedBath asked, Person person, Command command) {
        Bath bath = read(asked, person);
        return changes.make(command, () -> {
            BathRow row = baths.standing(id);
            if (row.version() != asked.basedOn()) {
                throw Refusal.bothChanged(List.of(new Refusal.Both(
                        "bath",
                        "The bath",
                        "as it stands on your page",
                        "as it is kept now",
                        row.changedBy(),
                        String.valueOf(row.version()))));
            }
            baths.change(id, bath, person.id(), clock.nowMillis());
            return Entry.ofShop(Entry.Kind.BATH_KEPT, bath.name() + ": described anew", id);
        });
    }

    public record AskedCare(String care, String words) {}

    Receipt care(long id, AskedCare asked, Person person, Command command) {
        Care care = Typed.choice(Care.class, "care", asked.care(), "What was done is not said", "one of the choices");
        String words = Typed.words(asked.words());
        return changes.make(command, () -> {
            BathRow row = baths.standing(id);
            baths.cared(id, care, words, person.id(), clock.nowMillis());
            return Entry.ofShop(Entry.Kind.BATH_KEPT, row.bath().name() + ": " + care.words(), id);
        });
    }

    /** A coupon as it was typed. @param isRight whether it came out as the piece is to */
    public record AskedCoupon(String steel, String fresh, String took, boolean isRight, String words) {}

    public Receipt tried(long id, AskedCoupon asked, Person person, Command command) {
        Typed typed = new Typed(person.units());
        String steel = typed.name("steel", asked.steel(), LONGEST);
        Duration fresh = typed.time("fresh", asked.fresh());
        Duration took = typed.time("took", asked.took());
        String words = Typed.words(asked.words());
        typed.mustBeUnderstood();
        return changes.make(command, () -> {
            BathRow row = baths.standing(id);
            long now = clock.nowMillis();
            baths.tried(
                    id,
                    new CouponRow(0, steel, fresh.toSeconds(), took.toSeconds(), asked.isRight(), words, "", now),
                    person.id(),
                    now);
            return Entry.ofShop(Entry.Kind.COUPON_TRIED, row.bath().name() + ": a coupon of " + steel + " tried", id);
        });
    }

    Receipt strikeCoupon(long id, long coupon, Command command) {
        return changes.make(command, () -> {
            BathRow row = baths.standing(id);
            baths.strikeCoupon(id, coupon, clock.nowMillis());
            return Entry.ofShop(Entry.Kind.COUPON_TRIED, row.bath().name() + ": a coupon is struck out", id);
        });
    }

    /** @param to as what waste, and where it went */
    public record AskedGone(String to) {}

    Receipt gone(long id, AskedGone asked, Person person, Command command) {
        Typed typed = new Typed(person.units());
        String to = typed.name("to", asked.to(), LONGEST);
        typed.mustBeUnderstood();
        return changes.make(command, () -> {
            BathRow row = baths.standing(id);
            boolean isInUse = runs.open().stream().anyMatch(run -> run.run().bath() == id && run.isAtTheTank());
            if (isInUse) {
                throw Refusal.outOfTurn("A blade is still at " + row.bath().name() + ": its cycles are not over.");
            }
            baths.gone(id, to, person.id(), clock.nowMillis());
            return Entry.ofShop(Entry.Kind.BATH_KEPT, row.bath().name() + ": thrown away, " + to, id);
        });
    }

    Receipt strikeCare(long id, long care, Command command) {
        return changes.make(command, () -> {
            BathRow row = baths.standing(id);
            baths.strikeCare(id, care, clock.nowMillis());
            return Entry.ofShop(Entry.Kind.BATH_KEPT, row.bath().name() + ": what was done to it is struck out", id);
        });
    }

    /** It was not thrown away after all. */
    Receipt stands(long id, Command command) {
        return changes.make(command, () -> {
            BathRow row = baths.bath(id);
            baths.stands(id);
            return Entry.ofShop(Entry.Kind.BATH_KEPT, row.bath().name() + ": stands after all", id);
        });
    }
}
