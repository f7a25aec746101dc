package hiltboard.server.demo;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Advice.Matter;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.design.Strength;
import hiltboard.core.material.SteelLibrary;
import hiltboard.core.measure.Units;
import hiltboard.core.money.PriceItem;
import hiltboard.core.route.Mishap;
import hiltboard.core.route.Station;
import hiltboard.core.route.WayBack;
import hiltboard.server.ShopClock;
import hiltboard.server.access.AccessService;
import hiltboard.server.access.AccessService.NewPerson;
import hiltboard.server.access.Person;
import hiltboard.server.access.Role;
import hiltboard.server.bench.MishapService;
import hiltboard.server.bench.MishapService.WentWrong;
import hiltboard.server.design.ConsultService;
import hiltboard.server.job.BelongingService;
import hiltboard.server.job.BelongingService.Given;
import hiltboard.server.job.BelongingService.Seen;
import hiltboard.server.job.Brief;
import hiltboard.server.job.ChangeService;
import hiltboard.server.job.ClientWords;
import hiltboard.server.job.JobKind;
import hiltboard.server.job.JobService;
import hiltboard.server.job.JobService.NewJob;
import hiltboard.server.job.NoteService;
import hiltboard.server.job.Own.Belongs;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.money.Prices;
import hiltboard.server.route.Workplaces;
import hiltboard.server.route.Workplaces.NewMill;
import hiltboard.server.route.Workplaces.NewWorkplace;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.autoconfigure.condition.ConditionalOnBooleanProperty;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Opens an invented shop with work in every state, before the first page is answered. Its past is played through the
 * same services as real work.
 */
@Component
@ConditionalOnBooleanProperty("hilt.demo")
class DemoShop implements SmartInitializingSingleton {
    private static final String PASSWORD = "only for the demo";

    private final AccessService access;
    private final Changes changes;
    private final JobService jobs;
    private final MishapService mishaps;
    private final NoteService notes;
    private final ChangeService changing;
    private final Prices prices;
    private final ConsultService consult;
    private final BelongingService belonging;
    private final PieceFiles files;
    private final DemoStock stock;
    private final DemoForge forge;
    private final DemoFire fire;
    private final DemoBenches benches;
    private final DemoTank tank;
    private final DemoFit fit;
    private final DemoGlue glue;
    private final DemoSheath sheath;
    private final ClientWords clientWords;
    private final Diary diary;
    private final Workplaces workplaces;
    private final ShopClock clock;
    private final TransactionTemplate transactions;

    DemoShop(
            AccessService access,
            Changes changes,
            JobService jobs,
            MishapService mishaps,
            NoteService notes,
            ChangeService changing,
            Prices prices,
            ConsultService consult,
            BelongingService belonging,
            PieceFiles files,
            DemoStock stock,
            DemoForge forge,
            DemoFire fire,
            DemoBenches benches,
            DemoTank tank,
            DemoFit fit,
            DemoGlue glue,
            DemoSheath sheath,
            ClientWords clientWords,
            Diary diary,
            Workplaces workplaces,
            ShopClock clock,
            TransactionTemplate transactions) {
        this.clientWords = clientWords;
        this.workplaces = workplaces;
        this.access = access;
        this.changes = changes;
        this.jobs = jobs;
        this.mishaps = mishaps;
        this.notes = notes;
        this.changing = changing;
        this.prices = prices;
        this.consult = consult;
        this.belonging = belonging;
        this.files = files;
        this.stock = stock;
        this.forge = forge;
        this.fire = fire;
        this.benches = benches;
        this.tank = tank;
        this.fit = fit;
        this.glue = glue;
        this.sheath = sheath;
        this.diary = diary;
        this.clock = clock;
        this.transactions = transactions;
    }

    @Override
    public void afterSingletonsInstantiated() {
        if (access.isShopEmpty()) {
            transactions.executeWithoutResult(status -> open());
        }
    }

    private void furnish(Person owner) {
        place(Station.GRINDER, "Grinder by the window", "", owner);
        place(Station.GRINDER, "Grinder with the small wheels", "", owner);
        place(Station.DRILL, "Drill press", "", owner);
        place(Station.MILL, "Small mill", "14 in", owner);
        clock.at(
                ago(Duration.ofDays(59)),
                () -> workplaces.bears(
                        workplaces.at(Station.MILL).get(0).id(),
                        new NewMill("LIGHT", "600", "2500"),
                        owner,
                        Diary.command(owner)));
    }

    private void place(Station station, String name, String longest, Person owner) {
        clock.at(
                ago(Duration.ofDays(59)),
                () -> workplaces.add(station, new NewWorkplace(name, longest), owner, Diary.command(owner)));
    }

    private void open() {
        Command opening = new Command(UUID.randomUUID().toString(), Optional.empty(), "demo");
        clock.at(
                ago(Duration.ofDays(60)),
                () -> changes.make(
                        opening,
                        () -> Entry.ofShop(
                                Entry.Kind.SHOP_OPENED,
                                "The demo shop was opened",
                                access.open(
                                        "Tarnbeck Edge Works",
                                        true,
                                        new NewPerson(
                                                "Ines Aldermoor",
                                                "ines",
                                                PASSWORD,
                                                Role.OWNER,
                                                Units.INCH_FAHRENHEIT)))));
        Person owner = access.people().get(0);
        join(owner, "Rufus Penhale", "rufus", Units.INCH_FAHRENHEIT);
        join(owner, "Odile Brakes", "odile", Units.MILLIMETRE_CELSIUS);
        join(owner, "Tomas Quill", "tomas", Units.INCH_FAHRENHEIT);
        furnish(owner);
        join(owner, "Wenna Sark", "wenna", Units.INCH_FAHRENHEIT);
        prices.name("EUR", owner, Diary.command(owner));
        PriceItem.all(SteelLibrary.KNOWN)
                .forEach(item -> prices.put(item.key(), price(item), "", owner, Diary.command(owner)));
        prices.put(
                PriceItem.ABRASIVES.key(),
                "7.50",
                clock.today().minusMonths(9).toString(),
                owner,
                Diary.command(owner));
        new Work(owner, access.people().subList(1, 5)).play();
    }

    /** Invented prices of an invented shop. */
    private static String price(PriceItem item) {
        return switch (item.key().replaceAll(":.*", "")) {
            case "steel" -> "24.50";
            case "billet" -> "160";
            case "handle" -> String.valueOf(14 + item.words().length() % 9 * 4);
            case "fitting" -> "38";
            case "pin" -> "1.80";
            case "tube" -> "2.40";
            case "adhesive" -> "1.20";
            case "abrasives" -> "9";
            case "sheath" -> "22";
            case "treater" -> "18";
            default -> "46";
        };
    }

    private void join(Person owner, String name, String signInName, Units units) {
        changes.make(
                Diary.command(owner),
                () -> Entry.ofShop(
                        Entry.Kind.PERSON_ADDED,
                        name + " joined the shop",
                        access.add(new NewPerson(name, signInName, PASSWORD, Role.MAKER, units))));
    }

    private Instant ago(Duration time) {
        return clock.now().minus(time);
    }

    /** The past of the shop, job by job. */
    final class Work {
        private final Person owner;
        private final List<Person> makers;

        private Work(Person owner, List<Person> makers) {
            this.owner = owner;
            this.makers = makers;
        }

        private void play() {
            orchardKnife();
            campKnives();
            carver();
            fishKnife();
            paringKnives();
            bowie();
            heldHunter();
            newCommission();
            harvestKnives();
            new DemoConstructions(this).play();
            stock.fill(owner);
            benches.wear(makers.get(3));
            forge.light(makers);
            fire.light(this, owner, makers);
            tank.fill(this, makers);
            fit.fill(this, makers);
            glue.fill(makers);
            sheath.fill(this, makers);
            stock.promise(files.openAllOfLivingJobs(), makers.get(1));
        }

        private void orchardKnife() {
            long piece = take(
                    40,
                    9,
                    "Orchard knife",
                    "Maud Ellerby",
                    "Pruning, and cutting twine; it lives in a coat pocket and gets wet.",
                    1,
                    List.of(
                            wish("Dark blade", Strength.MUST, "black", "etched dark, tumbled"),
                            wish("Blade length", Strength.MAY, "5 in", "4 in"),
                            wish("Pins", Strength.MAKERS_CHOICE, "", "two, brass")),
                    Map.of(
                            "finish",
                            "ETCHED_DARK_TUMBLED",
                            "steel",
                            "1095",
                            "handleMaterial",
                            "CANVAS_PHENOLIC",
                            "sheath",
                            "LEATHER",
                            "care",
                            "WET"));
            said(piece, Matter.RUST, "It may go grey, and I oil it. My grandfather's did too.", Duration.ofDays(39));
            diary.work(piece, "shape-handle", ago(Duration.ofHours(2)), makers);
            diary.begin(piece, "shape-handle", ago(Duration.ofMinutes(35)), makers.get(0));
            note(
                    piece,
                    "shape-handle",
                    "Client has small hands: keep the swell slim.",
                    makers.get(0),
                    Duration.ofMinutes(30));
            photograph(piece, "etch", makers.get(1));
        }

        private void said(long piece, Matter matter, String words, Duration ago) {
            clock.at(
                    ago(ago),
                    () -> clientWords.keep(
                            files.open(piece).jobId(),
                            new ClientWords.Word(matter.name(), words),
                            owner,
                            Diary.command(owner)));
        }

        private void campKnives() {
            long first = take(
                    35,
                    16,
                    "Camp knives for the hill rescue",
                    "Hollin Fell Rescue",
                    "Rope, tent pegs, food. Gloves on, in the rain.",
                    4,
                    List.of(
                            wish("All four alike", Strength.MUST, "identical", "one drawing, numbered"),
                            wish("Orange handle", Strength.MAY, "orange", "orange glass-epoxy")),
                    Map.of(
                            "bladeLength",
                            "5",
                            "stockThickness",
                            "3/16",
                            "heelWidth",
                            "1-1/4",
                            "handleMaterial",
                            "GLASS_EPOXY",
                            "finish",
                            "BELT_SATIN",
                            "steel",
                            "5160",
                            "pinCount",
                            "3",
                            "pinDiameter",
                            "3/16"));
            diary.work(first, "clean-for-glue", ago(Duration.ofHours(3)), makers);
            diary.work(first + 1, "belt-satin", ago(Duration.ofHours(5)), makers);
            diary.work(first + 2, "temper-second", ago(Duration.ofHours(3)), makers);
            diary.begin(first + 2, "temper-second", ago(Duration.ofMinutes(50)), makers.get(2));
            diary.work(first + 3, "rough-bevels", ago(Duration.ofHours(6)), makers);
        }

        private void carver() {
            long piece = take(
                    30,
                    12,
                    "Carving knife",
                    "Lowell Partridge",
                    "Sunday roasts, carved at the table with guests looking on.",
                    1,
                    List.of(
                            wish("Blade length", Strength.MUST, "12 in", "10 in, drawn and accepted"),
                            wish("Guard", Strength.MAKERS_CHOICE, "", "nickel silver, slim")),
                    hidden(
                            "bladeLength",
                            "10",
                            "heelWidth",
                            "1-3/8",
                            "stockThickness",
                            "1/8",
                            "steel",
                            "52100",
                            "handleMaterial",
                            "BURL",
                            "guardMaterial",
                            "NICKEL_SILVER",
                            "guardThickness",
                            "1/4",
                            "tangWidth",
                            ".750"));
            diary.work(piece, "cure-handle", ago(Duration.ofHours(7)), makers);
            diary.begin(piece, "cure-handle", ago(Duration.ofHours(6)), makers.get(3));
        }

        private void fishKnife() {
            long piece = take(
                    20,
                    23,
                    "Fish knife",
                    "Anselm Cray",
                    "Filleting trout on the boat. Must not rust.",
                    1,
                    List.of(
                            wish("Stainless", Strength.MUST, "stainless", "440C"),
                            wish("Thin", Strength.MUST, "very thin", "3/32 in, edge 0.010 in")),
                    Map.of(
                            "steel",
                            "440C",
                            "care",
                            "SALT",
                            "stockThickness",
                            "3/32",
                            "bladeLength",
                            "7",
                            "heelWidth",
                            "1",
                            "edgeThickness",
                            ".010",
                            "handleMaterial",
                            "CARBON_FIBRE",
                            "notches",
                            "NONE",
                            "bevels",
                            "AFTER_HARDENING"));
            diary.work(piece, "cold-treat", ago(Duration.ofMinutes(100)), makers);
            diary.work(piece, "temper-first", ago(Duration.ofMinutes(20)), makers);
        }

        private void paringKnives() {
            long first = take(
                    15,
                    40,
                    "Paring knives for the kitchen school",
                    "Brindle Lane School",
                    "Onions, apples, thirty pupils a week.",
                    6,
                    List.of(
                            wish("Six alike", Strength.MUST, "six", "six"),
                            wish("Thin edge", Strength.MUST, "thin", "0.008 in")),
                    Map.of(
                            "bladeLength",
                            "3-1/4",
                            "heelWidth",
                            "7/8",
                            "stockThickness",
                            "3/32",
                            "edgeThickness",
                            ".008",
                            "handleLength",
                            "4",
                            "pinDiameter",
                            "3/16",
                            "notches",
                            "NONE",
                            "finish",
                            "BELT_SATIN",
                            "mark",
                            "STAMPED"));
            diary.work(first, "harden", ago(Duration.ofHours(28)), makers);
            diary.work(first + 1, "profile", ago(Duration.ofHours(4)), makers);
            diary.begin(first + 1, "profile", ago(Duration.ofMinutes(20)), makers.get(1));
            for (int i = 2; i < 6; i++) {
                diary.work(first + i, "see-first-piece", ago(Duration.ofHours(30)), makers);
            }
        }

        private void bowie() {
            long piece = take(
                    45,
                    5,
                    "Wedding bowie",
                    "Carrow and Finch",
                    "For the wall over the fireplace; taken down on the wedding day to cut the cake.",
                    1,
                    List.of(
                            wish("Guard", Strength.MUST, "brass", "brass, 3/8 in"),
                            wish("Handle", Strength.MAY, "antler", "antler, three proposals shown")),
                    hidden(
                            "bladeLength",
                            "9",
                            "heelWidth",
                            "1-1/2",
                            "stockThickness",
                            "1/4",
                            "steel",
                            "1084",
                            "handleMaterial",
                            "ANTLER",
                            "spacerMaterial",
                            "COPPER",
                            "alignmentPins",
                            "TWO",
                            "notches",
                            "CHOIL_AND_THUMB_GRIP"));
            diary.work(piece, "fit-guard", ago(Duration.ofHours(26)), makers);
            readAgain(piece, PieceDimensions.TANG_THICKNESS, "0.241 in");
            readAgain(piece, PieceDimensions.TANG_BEHIND, "0.238 in");
            readAgain(piece, PieceDimensions.TANG_END, "0.232 in");
            note(
                    piece,
                    "measure-for-guard",
                    "Sanded the ricasso once more after measuring: tang is thinner now. Look at the slot.",
                    makers.get(0),
                    Duration.ofHours(3));
        }

        private void readAgain(long piece, String dimension, String entry) {
            diary.read(piece, "measure-for-guard", dimension, entry, ago(Duration.ofHours(3)), makers.get(0));
        }

        private void heldHunter() {
            long piece = take(
                    18,
                    30,
                    "Small hunter",
                    "Isolde Marrack",
                    "Roe deer, once or twice a season. Light in the pack.",
                    1,
                    List.of(wish("Light", Strength.MUST, "under 150 g", "thin stock, slim handle")),
                    Map.of(
                            "bladeLength",
                            "3-1/2",
                            "heelWidth",
                            "1",
                            "stockThickness",
                            "1/8",
                            "handleMaterial",
                            "DENSE_OILY_WOOD"));
            diary.work(piece, "finish-grind", ago(Duration.ofHours(50)), makers);
            diary.begin(piece, "finish-grind", ago(Duration.ofHours(27)), makers.get(2));
            wrong(
                    piece,
                    "finish-grind",
                    new WentWrong(
                            Mishap.WARPED.name(),
                            "towards the left, over the last three inches",
                            "1/16",
                            WayBack.HOLD,
                            "",
                            false),
                    Duration.ofHours(26),
                    makers.get(2));
        }

        private void newCommission() {
            long piece = take(
                    1,
                    60,
                    "Garden knife",
                    "Perpetua Lamb",
                    "Cutting asparagus below the soil, opening sacks.",
                    1,
                    List.of(
                            wish("Blade length", Strength.MUST, "8 in", "7 in"),
                            wish("Handle", Strength.MAKERS_CHOICE, "", "sugar maple")),
                    Map.of(
                            "bladeLength",
                            "7",
                            "handleMaterial",
                            "MAPLE",
                            "steel",
                            "W2",
                            "care",
                            "WET",
                            "hand",
                            "LEFT",
                            "destination",
                            "POSTED"));
            talk(files.open(piece).jobId());
        }

        /** A talk under way: a revision after the first look, and three handles side by side. */
        private void talk(long job) {
            Map<String, String> drawn = Map.of(
                    "bladeLength",
                    "7",
                    "handleMaterial",
                    "MAPLE",
                    "steel",
                    "W2",
                    "care",
                    "WET",
                    "hand",
                    "LEFT",
                    "destination",
                    "POSTED",
                    "pointDrop",
                    "1/4",
                    "bellyStart",
                    "2-3/4",
                    "pinCount",
                    "3");
            clock.at(
                    ago(Duration.ofHours(20)),
                    () -> consult.keep(
                            job,
                            drawn,
                            "The sketch ended in a needle: the point is brought up so that it does not snap in stony soil.",
                            owner,
                            Diary.command(owner)));
            Map.of("Maple, straight", "MAPLE", "Canvas, for wet hands", "CANVAS_PHENOLIC", "Walnut, fuller", "WALNUT")
                    .entrySet()
                    .stream()
                    .sorted(Map.Entry.comparingByKey())
                    .forEach(proposal -> {
                        Map<String, String> entries = new LinkedHashMap<>(drawn);
                        entries.put("handleMaterial", proposal.getValue());
                        if (proposal.getValue().equals("WALNUT")) {
                            entries.put("swellWidth", "1-1/8");
                            entries.put("grooveDepth", "1/16");
                        }
                        clock.at(
                                ago(Duration.ofHours(19)),
                                () -> consult.propose(job, proposal.getKey(), entries, owner, Diary.command(owner)));
                    });
        }

        private void harvestKnives() {
            long first = take(
                    55,
                    2,
                    "Harvest knives",
                    "Weir Farm",
                    "Cabbages and leeks, from October to frost.",
                    4,
                    3,
                    List.of(wish(
                            "Four, one of them a spare",
                            Strength.MUST,
                            "three and a spare",
                            "four, the spare stays in the shop")),
                    Map.of(
                            "bladeLength",
                            "6",
                            "heelWidth",
                            "1-1/2",
                            "stockThickness",
                            "1/8",
                            "finish",
                            "BELT_SATIN",
                            "mark",
                            "NONE",
                            "steel",
                            "1075",
                            "handleMaterial",
                            "STABILISED_WOOD"));
            diary.work(first, "nothing comes after hand-over", ago(Duration.ofHours(24)), makers);
            diary.work(first + 1, "sharpen", ago(Duration.ofHours(3)), makers);
            diary.work(first + 2, "nothing comes after hand-over", ago(Duration.ofDays(2)), makers.subList(0, 2));
            scrap(first + 3);
        }

        private void scrap(long piece) {
            diary.work(piece, "temper-first", ago(Duration.ofDays(20)), makers);
            wrong(
                    piece,
                    "harden",
                    new WentWrong(Mishap.CRACKED.name(), "from the plunge", "1", WayBack.SCRAP, "", false),
                    Duration.ofDays(19),
                    makers.get(3));
        }

        DemoBenches benches() {
            return benches;
        }

        void wrong(long piece, String operation, WentWrong report, Duration ago, Person maker) {
            clock.at(ago(ago), () -> mishaps.wentWrong(piece, operation, report, maker, Diary.command(maker)));
        }

        void work(long piece, String until, Duration ago) {
            diary.work(piece, until, ago(ago), makers);
        }

        void begin(long piece, String operation, Duration ago, int maker) {
            diary.begin(piece, operation, ago(ago), makers.get(maker));
        }

        void read(long piece, String operation, String dimension, String entry, Duration ago) {
            diary.read(piece, operation, dimension, entry, ago(ago), makers.get(0));
        }

        void describe(long piece, JobService.Described own, Duration ago) {
            clock.at(ago(ago), () -> jobs.describe(piece, own, Diary.command(owner)));
        }

        void give(long piece, String forWhom, Duration ago) {
            clock.at(
                    ago(ago),
                    () -> belonging.give(
                            piece,
                            new Given(new Seen(Belongs.PROMISED, ""), Belongs.PROMISED, forWhom, true),
                            Diary.command(owner)));
        }

        void change(long piece, ChangeService.Decided decided, Duration ago) {
            clock.at(ago(ago), () -> changing.take(piece, decided, owner, Diary.command(owner)));
        }

        Person maker(int which) {
            return makers.get(which);
        }

        long take(
                int daysAgo,
                int promisedInDays,
                String title,
                String client,
                String use,
                int pieces,
                List<Brief.Wish> wishes,
                Map<String, String> answers) {
            return take(daysAgo, promisedInDays, title, client, use, pieces, pieces, wishes, answers);
        }

        /** @param ordered how many of the pieces somebody asked for; the others are spares of the shop */
        long take(
                int daysAgo,
                int promisedInDays,
                String title,
                String client,
                String use,
                int pieces,
                int ordered,
                List<Brief.Wish> wishes,
                Map<String, String> answers) {
            Map<String, String> entries = new LinkedHashMap<>();
            for (SpecificationField field : SpecificationField.values()) {
                entries.put(field.key(), answers.getOrDefault(field.key(), field.usual()));
            }
            long[] first = new long[1];
            clock.at(
                    ago(Duration.ofDays(daysAgo)),
                    () -> first[0] = jobs.take(
                                    new NewJob(
                                            JobKind.COMMISSION,
                                            client,
                                            "",
                                            title,
                                            use,
                                            clock.today()
                                                    .plusDays(daysAgo + promisedInDays)
                                                    .toString(),
                                            pieces,
                                            ordered,
                                            wishes,
                                            entries),
                                    owner,
                                    Diary.command(owner))
                            .about());
            return first[0];
        }

        void note(long piece, String operation, String words, Person maker, Duration ago) {
            clock.at(ago(ago), () -> notes.write(piece, operation, words, false, maker, Diary.command(maker)));
        }

        void photograph(long piece, String operation, Person maker) {
            clock.at(
                    ago(Duration.ofHours(8)),
                    () -> notes.photograph(
                            piece, operation, "after the etch.png", Snapshot.ofABlade(), maker, Diary.command(maker)));
        }

        static Brief.Wish wish(String words, Strength strength, String asked, String agreed) {
            return new Brief.Wish(words, strength, asked, agreed);
        }

        private static Map<String, String> hidden(String... keysAndValues) {
            Map<String, String> entries = DemoConstructions.answers(keysAndValues);
            entries.put("construction", "HIDDEN_TANG");
            return entries;
        }
    }
}
