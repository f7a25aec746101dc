package hiltboard.server.demo;

import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.bench.BenchService;
import hiltboard.server.etch.BathService;
import hiltboard.server.etch.BathService.AskedBath;
import hiltboard.server.etch.BathService.AskedCoupon;
import hiltboard.server.etch.MarkService;
import hiltboard.server.etch.MarkService.AskedStencil;
import hiltboard.server.etch.TankService;
import hiltboard.server.etch.TankService.AskedMoment;
import hiltboard.server.etch.TankService.AskedRating;
import hiltboard.server.etch.TankService.AskedRun;
import hiltboard.server.job.PieceFiles;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** The demo shop's tank: three baths, a knife that came out well, and a batch on the clock. */
@Component
class DemoTank {
    private static final String ETCH = "etch";

    private final BathService baths;
    private final TankService tank;
    private final MarkService marks;
    private final BenchService bench;
    private final PieceFiles files;
    private final ShopClock clock;

    DemoTank(
            BathService baths,
            TankService tank,
            MarkService marks,
            BenchService bench,
            PieceFiles files,
            ShopClock clock) {
        this.baths = baths;
        this.tank = tank;
        this.marks = marks;
        this.bench = bench;
        this.files = files;
        this.clock = clock;
    }

    void fill(DemoShop.Work shop, List<Person> makers) {
        Person maker = makers.get(1);
        long tube = bath(
                Duration.ofDays(50),
                maker,
                "name",
                "Tall tube",
                "liquid",
                "FERRIC_WATER",
                "firstParts",
                "40",
                "secondParts",
                "60",
                "stock",
                "42 °Bé",
                "volume",
                "1.1 L",
                "across",
                "70 mm",
                "height",
                "360 mm",
                "place",
                "Bench by the sink",
                "temperature",
                "20 C");
        bath(
                Duration.ofDays(35),
                maker,
                "name",
                "Long trough",
                "liquid",
                "FERRIC_VINEGAR",
                "firstParts",
                "50",
                "secondParts",
                "50",
                "stock",
                "42 °Bé",
                "volume",
                "2 L",
                "across",
                "90 mm",
                "along",
                "420 mm",
                "height",
                "80 mm",
                "place",
                "Kitchen counter at Odile’s",
                "free",
                "After eight in the evening");
        bath(
                Duration.ofDays(3),
                maker,
                "name",
                "Coffee jug",
                "liquid",
                "COFFEE",
                "volume",
                "1 L",
                "words",
                "Eight spoons of instant coffee, boiling water; not for drinking",
                "place",
                "Bench by the sink");
        stencil("Shop mark", "Two edges crossed", "12", "", maker);
        stencil("Marsh bird", "For the sheath’s side of the salt-marsh knives", "3", "Tomas Quill", maker);
        larderKnife(shop, tube, maker);
        coupon(tube, "1084", "5 min", "6 min 30 s", Duration.ofHours(3), maker);
        saltBoxKnives(shop, tube, maker);
    }

    private long bath(Duration ago, Person maker, String... keysAndEntries) {
        Map<String, String> entries = new HashMap<>();
        for (int i = 0; i < keysAndEntries.length; i += 2) {
            entries.put(keysAndEntries[i], keysAndEntries[i + 1]);
        }
        long[] id = new long[1];
        clock.at(
                clock.now().minus(ago),
                () -> id[0] = baths.mix(new AskedBath(entries, 0), maker, Diary.command(maker))
                        .about());
        return id[0];
    }

    private void stencil(String name, String words, String count, String askedOf, Person maker) {
        clock.at(
                clock.now().minus(Duration.ofDays(6)),
                () -> marks.ask(
                        new AskedStencil(
                                name,
                                words,
                                count,
                                askedOf,
                                askedOf.isEmpty()
                                        ? ""
                                        : clock.today().plusDays(9).toString()),
                        maker,
                        Diary.command(maker)));
    }

    private void coupon(long bath, String steel, String fresh, String took, Duration ago, Person maker) {
        clock.at(
                clock.now().minus(ago),
                () -> baths.tried(
                        bath, new AskedCoupon(steel, fresh, took, true, "dark, even"), maker, Diary.command(maker)));
    }

    /** Etched by the book the day before, as it was wished. */
    private void larderKnife(DemoShop.Work shop, long bath, Person maker) {
        long piece = shop.take(
                33,
                25,
                "Larder knife",
                "Bettany Crail",
                "Bread, sausage, cheese; it hangs on a nail by the door.",
                1,
                List.of(),
                Map.of("finish", "ETCHED_DARK_TUMBLED", "steel", "1095", "bladeLength", "5", "scaleLiner", "LINED"));
        shop.work(piece, ETCH, Duration.ofMinutes(1565));
        Duration ago = Duration.ofHours(26);
        long run = begin(List.of(piece), bath, "usual:dark", "", ago, maker);
        for (int cycle = 0; cycle < 3; cycle++) {
            ago = note(run, "IN", ago, Duration.ofSeconds(170), maker);
            ago = note(run, "OUT", ago, Duration.ofSeconds(20), maker);
            ago = over(run, "EVEN", ago, maker);
        }
        clock.at(
                clock.now().minus(ago),
                () -> bench.done(
                        List.of(piece),
                        ETCH,
                        files.open(piece).step(ETCH).operation().checks(),
                        maker,
                        Diary.command(maker)));
        shop.work(piece, "tumble", ago.minus(Duration.ofMinutes(15)));
        shop.photograph(piece, ETCH, maker);
        clock.at(
                clock.now().minus(Duration.ofHours(25)),
                () -> tank.rate(
                        run,
                        new AskedRating("GOOD", "Black and even; the third cycle brought it.", ""),
                        maker,
                        Diary.command(maker)));
    }

    /** One in its second bath, one between two, one that has not been in yet. */
    private void saltBoxKnives(DemoShop.Work shop, long bath, Person maker) {
        long first = shop.take(
                34,
                22,
                "Three salt-marsh knives",
                "Orla Fenwick",
                "Samphire and oysters; one each for three sisters.",
                3,
                List.of(),
                Map.of(
                        "steelForm", "PATTERN_WELDED",
                        "steel", "1084",
                        "bladeLength", "4-1/2",
                        "finish", "PATTERN"));
        for (int i = 0; i < 3; i++) {
            shop.work(first + i, ETCH, Duration.ofMinutes(27));
        }
        List<Long> pieces = List.of(first, first + 1, first + 2);
        long run = begin(pieces, bath, "usual:pattern", "", Duration.ofMinutes(24), maker);
        Duration ago = note(run, "IN", Duration.ofMinutes(22), Duration.ofSeconds(390), maker);
        ago = note(run, "OUT", ago, Duration.ofSeconds(30), maker);
        over(run, "EVEN", ago, maker);
        note(run, "IN", Duration.ofMinutes(2), Duration.ZERO, maker);
        ago = note(run + 1, "IN", Duration.ofMinutes(12), Duration.ofSeconds(380), maker);
        ago = note(run + 1, "OUT", ago, Duration.ofSeconds(25), maker);
        over(run + 1, "EVEN", ago, maker);
    }

    /** @return the number of the first; the others follow it */
    private long begin(List<Long> pieces, long bath, String recipe, String noCoupon, Duration ago, Person maker) {
        long[] id = new long[1];
        clock.at(
                clock.now().minus(ago),
                () -> id[0] = tank.begin(new AskedRun(pieces, bath, recipe, noCoupon), maker, Diary.command(maker))
                        .about());
        return id[0];
    }

    /** @return how long ago the next thing was, this much later */
    private Duration note(long run, String moment, Duration ago, Duration then, Person maker) {
        clock.at(
                clock.now().minus(ago), () -> tank.note(run, new AskedMoment(moment, ""), maker, Diary.command(maker)));
        return ago.minus(then);
    }

    private Duration over(long run, String result, Duration ago, Person maker) {
        clock.at(
                clock.now().minus(ago),
                () -> tank.note(run, new AskedMoment("CYCLE_OVER", result), maker, Diary.command(maker)));
        return ago.minus(Duration.ofMinutes(4));
    }
}
