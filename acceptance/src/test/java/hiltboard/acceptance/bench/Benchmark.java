package hiltboard.acceptance.bench;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import hiltboard.acceptance.BenchmarkShop;
import hiltboard.acceptance.Browser;
import hiltboard.core.blade.BladeSection;
import hiltboard.core.design.Grip;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.design.SpecificationReader;
import hiltboard.core.design.Weighed;
import hiltboard.core.forge.ForgeWork;
import hiltboard.core.forge.PatternView;
import hiltboard.core.forge.Recipe;
import hiltboard.core.forge.RecipeStep;
import hiltboard.core.material.SteelLibrary;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Money;
import hiltboard.core.measure.Units;
import hiltboard.core.money.MaterialCost;
import hiltboard.core.money.PriceList;
import hiltboard.core.route.Operations;
import hiltboard.core.route.OrderRules;
import hiltboard.core.route.Place;
import hiltboard.core.route.RoutePlanner;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import java.util.zip.GZIPOutputStream;

/** Measures what docs/performance.md says, and writes it. Run it with {@code ./hilt bench}. */
public final class Benchmark {
    private static final int PIECES = 25_000;
    private static final int ALIVE = 300;
    private static final int PAGES = 30;
    private static final int ROUNDS = 300;
    private static final int OPENINGS = 60;
    private static final int VISITS = 20;
    private static final List<Integer> SIZES = List.of(1_000, 25_000, 100_000);
    private static final List<String> TYPED =
            List.of("camp", "maple", "1095", "hatchet", "rescue", "etched", "kitchen");
    private static final List<String> VIEWS = List.of(
            "/",
            "/bench",
            "/fire",
            "/stock",
            "/forge",
            "/consult",
            "/pieces/14",
            "/jobs/2",
            "/clients",
            "/delivered",
            "/stations/GRINDER",
            "/bench/14/mill-guard-slot",
            "/stock/buying",
            "/forge/2",
            "/ledger",
            "/people");
    private static final List<String> ANSWERS = List.of(
            "/api/stations/GRINDER",
            "/api/stations/KILN",
            "/api/jobs/2",
            "/api/clients",
            "/api/clients/1",
            "/api/delivered",
            "/api/delivered?construction=SLIP_JOINT",
            "/api/fire",
            "/api/fire/pieces/14",
            "/api/fire/treater",
            "/api/grind/pieces/24",
            "/api/grind/pieces/24/section?at=0.4",
            "/api/grind/pieces/24/sharpening",
            "/api/machine/pieces/3/holes",
            "/api/machine/pieces/14/readout",
            "/api/machine/pieces/3/programs/blade-and-tang-outline.nc/plot?dryRun=true",
            "/api/forge",
            "/api/forge/billets/1",
            "/api/forge/billets/2",
            "/api/stock",
            "/api/stock/buying",
            "/api/stock/lots/1",
            "/api/consult",
            "/api/jobs/8/consult",
            "/api/mishaps/ledger",
            "/api/outbox",
            "/api/prices",
            "/api/bench/next?piece=14&operation=mill-guard-slot",
            "/api/slots",
            "/api/people",
            "/api/pieces/14/steps/mill-guard-slot/alongside");
    private final List<String> rows = new ArrayList<>();

    private Benchmark() {}

    /** @param arguments “served” for what the server answers alone, which is then not written down */
    public static void main(String[] arguments) throws Exception {
        if (List.of(arguments).contains("served")) {
            new Benchmark().served();
        } else {
            new Benchmark().run();
        }
    }

    private void served() throws Exception {
        for (int pieces : SIZES) {
            Path folder = Files.createTempDirectory("hilt-bench");
            try (BenchmarkShop shop = archive(folder, pieces)) {
                shop.start();
                answers(shop, folder, pieces);
                if (pieces == PIECES) {
                    everyAnswer(shop);
                    opening(shop);
                }
            }
        }
    }

    private static BenchmarkShop archive(Path folder, int pieces) throws Exception {
        BenchmarkShop shop = BenchmarkShop.prepared(folder);
        System.out.printf("Filling an archive of %,d pieces…%n", pieces);
        Archive.fill(folder.resolve("shop.db"), pieces, ALIVE);
        return shop;
    }

    /** What is asked most, on an archive of so many pieces. A frame of the screen is 17 ms. */
    private void answers(BenchmarkShop shop, Path folder, int pieces) throws Exception {
        shop.untilAllIsFound();
        long piece = Archive.count(folder.resolve("shop.db"), "piece");
        String of = String.format(Locale.ROOT, ", of %,d pieces, p95", pieces);
        row("the wall's data" + of, "17", p95(() -> shop.get("/api/wall")));
        row("one piece" + of, "17", p95(() -> shop.get("/api/pieces/" + piece)));
        row("the bench's data" + of, "17", p95(() -> shop.get("/api/bench")));
        int[] turn = new int[1];
        row("what is found while somebody types, a letter more each time" + of, "17", p95(() -> {
            String word = TYPED.get(turn[0] / 3 % TYPED.size());
            return shop.get("/api/find?words=" + word.substring(0, 1 + turn[0]++ % 3));
        }));
    }

    /** Every other answer that a page waits for; the slowest are said. */
    private void everyAnswer(BenchmarkShop shop) {
        Map<String, Double> measured = new LinkedHashMap<>();
        ANSWERS.forEach(path -> measured.put(path, p95(OPENINGS, () -> shop.get(path))));
        measured.entrySet().stream()
                .sorted(Map.Entry.<String, Double>comparingByValue().reversed())
                .forEach(each -> row(each.getKey() + ", p95 of " + OPENINGS, "100", each.getValue()));
    }

    private void run() throws Exception {
        Path folder = Files.createTempDirectory("hilt-bench");
        try (BenchmarkShop shop = archive(folder, PIECES)) {
            row("start to first answer, on the archive", "10 000", shop.start());
            server(shop, folder);
            opening(shop);
            drawing(shop);
        }
        for (int pieces : SIZES) {
            if (pieces != PIECES) {
                Path other = Files.createTempDirectory("hilt-bench");
                try (BenchmarkShop shop = archive(other, pieces)) {
                    shop.start();
                    answers(shop, other, pieces);
                }
            }
        }
        kilnLog();
        recomputed();
        route();
        cutting();
        billet();
        scripts();
        write(folder);
    }

    private void server(BenchmarkShop shop, Path folder) throws Exception {
        System.out.println("Measuring…");
        answers(shop, folder, PIECES);
        everyAnswer(shop);
        long piece = Archive.count(folder.resolve("shop.db"), "piece");
        row("a change on " + PAGES + " listening pages, p95", "250", shop.changeReachesPages(piece, PAGES, 60));
        row("what is left of a lot, p95", "–", p95(() -> shop.get("/api/stock/lots/1")));
        row("a backup of it, made and looked through, seconds", "–", shop.backedUp());
        row("all of it written as open files, seconds", "–", shop.takenAlong());
        row("the wall's data while it is written as open files, p95", "–", whileTaken(shop));
        row("memory of the server's heap in use, MB", "512", shop.heapMegabytes());
    }

    private static double whileTaken(BenchmarkShop shop) throws InterruptedException {
        Thread taking = new Thread(() -> {
            try {
                shop.takenAlong();
            } catch (InterruptedException ended) {
                Thread.currentThread().interrupt();
            }
        });
        taking.start();
        double measured = p95(() -> shop.get("/api/wall"));
        taking.join();
        return measured;
    }

    /** As a maker opens them: by address, scripts kept from the visit before. */
    private void opening(BenchmarkShop shop) {
        try (Browser browser = new Browser()) {
            Page page = signedIn(browser, shop);
            for (String view : VIEWS) {
                row(
                        "the view " + view + " in a browser, from its address to its heading, p95 of " + VISITS,
                        "300",
                        p95(VISITS, () -> {
                            page.navigate(view);
                            page.locator("main h1").first().waitFor();
                            return view;
                        }));
            }
            int[] turn = new int[1];
            row(
                    "from a touch in the bar to the heading of the wall or the bench by turns, p95 of " + OPENINGS,
                    "300",
                    p95(OPENINGS, () -> {
                        String view = turn[0]++ % 2 == 0 ? "Wall" : "Bench";
                        page.getByRole(AriaRole.NAVIGATION).getByText(view).click();
                        page.locator("main h1")
                                .filter(new Locator.FilterOptions().setHasText(view.toLowerCase(Locale.ROOT)))
                                .waitFor();
                        return view;
                    }));
        }
    }

    /**
     * The point is pulled to and fro for five seconds, a move for each frame; every frame in which the blade has
     * changed counts.
     */
    private void drawing(BenchmarkShop shop) {
        try (Browser browser = new Browser()) {
            Page page = signedIn(browser, shop);
            page.navigate("/jobs/8/consult");
            page.locator("[data-grip='point']").waitFor();
            double pictures = 0;
            for (int round = 0; round < 2; round++) {
                // The first pull warms up what the second measures, as every other row does.
                pictures = pictures(page);
            }
            row(
                    "pictures a second while the point is pulled, a move for each frame of the screen",
                    "30 or more",
                    pictures);
        }
    }

    private static Page signedIn(Browser browser, BenchmarkShop shop) {
        browser.open();
        Page page = browser.window(shop.address(), 1280, 800);
        page.navigate("/");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Ines Aldermoor"))
                .click();
        page.getByRole(AriaRole.NAVIGATION).waitFor();
        return page;
    }

    private static double pictures(Page page) {
        return ((Number) page.evaluate("""
                    () => new Promise((resolve) => {
                      const grip = document.querySelector('[data-grip=point]');
                      const box = grip.getBoundingClientRect();
                      const x = box.x + box.width / 2;
                      const y = box.y + box.height / 2;
                      const send = (type, back, target) => target.dispatchEvent(new PointerEvent(type,
                        { pointerId: 1, pointerType: 'mouse', isPrimary: true, button: 0, bubbles: true, clientX: x - back, clientY: y }));
                      let pictures = 0;
                      let moves = 0;
                      let last = '';
                      const begun = performance.now();
                      const look = (now) => {
                        const drawn = [...document.querySelectorAll('[data-part=steel]')].map((path) => path.getAttribute('d')).join();
                        pictures += drawn === last ? 0 : 1;
                        last = drawn;
                        moves += 1;
                        if (now - begun > 5000) {
                          send('pointerup', 0, window);
                          resolve(pictures / (now - begun) * 1000);
                        } else {
                          send('pointermove', 80 * Math.abs(Math.sin(moves / 25)), window);
                          requestAnimationFrame(look);
                        }
                      };
                      send('pointerdown', 0, grip);
                      requestAnimationFrame(look);
                    })""")).doubleValue();
    }

    /**
     * Ten years of a kiln's log on disk, a day of it over HTTP, and drawn on the page from the press to the picture.
     */
    private void kilnLog() throws Exception {
        Path folder = Files.createTempDirectory("hilt-kiln");
        try (BenchmarkShop shop = BenchmarkShop.prepared(folder)) {
            System.out.println("Filling ten years of a kiln’s log…");
            KilnYears.Filled filled = KilnYears.fill(folder);
            row(
                    String.format(
                            Locale.ROOT, "ten years of a kiln’s log, %,d readings: MB on disk", filled.readings()),
                    "–",
                    filled.bytes() / 1e6);
            shop.start();
            LocalDate[] day = {filled.last()};
            row("a day of that log over HTTP, another day each time, p95", "–", p95(() -> {
                day[0] = day[0].minusDays(3);
                return shop.get("/api/fire/kilns/1/day?day=" + day[0]);
            }));
            row(
                    "a day of that log, from the press to the drawn curve, p95 of 60 days",
                    "100",
                    daysDrawn(shop, filled.last()));
        }
    }

    private static double daysDrawn(BenchmarkShop shop, LocalDate last) {
        try (Browser browser = new Browser()) {
            Page page = signedIn(browser, shop);
            page.navigate("/fire/kilns/1?day=" + last);
            page.locator("svg path:not([data-wanted])").first().waitFor();
            List<?> millis = (List<?>) page.evaluate("""
                    async () => {
                      const millis = [];
                      for (let i = 0; i < 80; i += 1) {
                        const before = document.querySelector('svg path:not([data-wanted])').getAttribute('d');
                        const begun = performance.now();
                        [...document.querySelectorAll('main button')].find((each) => each.textContent === 'The day before').click();
                        await new Promise((drawn) => {
                          const look = () => document.querySelector('svg path:not([data-wanted])')?.getAttribute('d') !== \
                          before ? requestAnimationFrame(drawn) : requestAnimationFrame(look);
                          look();
                        });
                        millis.push(performance.now() - begun);
                      }
                      return millis.slice(20);
                    }""");
            double[] sorted = millis.stream()
                    .mapToDouble(each -> ((Number) each).doubleValue())
                    .sorted()
                    .toArray();
            return sorted[sorted.length * 95 / 100];
        }
    }

    /** One change of the knife at the table: entries read, outline, sections, weight, grips, cost, route. */
    private void recomputed() {
        Map<String, String> entries = new LinkedHashMap<>();
        Arrays.stream(SpecificationField.values()).forEach(field -> entries.put(field.key(), field.usual()));
        entries.putAll(Map.of(
                "grind",
                "HOLLOW",
                "lightening",
                "HOLES",
                "lanyard",
                "TUBE",
                "grooveDepth",
                "1/16",
                "distalTaper",
                "TAPERED"));
        RoutePlanner planner = new RoutePlanner(OrderRules.all());
        int[] turn = new int[1];
        row("a change of the drawn knife recomputed in core, with its route, p95", "5", p95(() -> {
            entries.put("bellyBow", ".1" + (10 + turn[0]++ % 90));
            Specification knife = SpecificationReader.read(entries, Units.INCH_FAHRENHEIT)
                    .specification()
                    .orElseThrow();
            Weighed weighed = KnifeShape.weighed(knife);
            return List.of(
                    KnifeShape.outline(knife),
                    KnifeShape.stations(knife),
                    KnifeShape.sections(knife),
                    Grip.of(knife),
                    MaterialCost.of(knife, weighed, new PriceList(Money.UNNAMED, Map.of())),
                    planner.plan(knife, Operations.of(knife, Place.ALONE)));
        }));
    }

    private void route() {
        Map<String, String> entries = new LinkedHashMap<>();
        Arrays.stream(SpecificationField.values()).forEach(field -> entries.put(field.key(), field.usual()));
        entries.putAll(Map.of(
                "construction",
                "HIDDEN_TANG",
                "steelForm",
                "PATTERN_WELDED",
                "pattern",
                "TWISTED",
                "bedding",
                "BEDDED",
                "alignmentPins",
                "TWO",
                "finish",
                "ETCHED_DARK_TUMBLED",
                "sheath",
                "LEATHER",
                "notches",
                "CHOIL_AND_THUMB_GRIP"));
        var specification = SpecificationReader.read(entries, Units.INCH_FAHRENHEIT)
                .specification()
                .orElseThrow();
        RoutePlanner planner = new RoutePlanner(OrderRules.all());
        row(
                "the route of one piece with "
                        + Operations.of(specification, Place.ALONE).size() + " steps computed, p95",
                "5",
                p95(() -> planner.plan(specification, Operations.of(specification, Place.ALONE))));
    }

    /** The worst of the racks, because a shop has only one. */
    private void cutting() {
        List<CuttingBenchmark.Cut> cuts = CuttingBenchmark.run();
        String racks = CuttingBenchmark.BLANKS + " blanks from " + CuttingBenchmark.BARS + " bars, the worst of "
                + CuttingBenchmark.RACKS + " racks";
        row(
                racks + ": seconds to a plan",
                "10",
                cuts.stream().mapToDouble(CuttingBenchmark.Cut::seconds).max().orElseThrow());
        row(
                racks + ": steel that any other plan could save at most, %",
                "–",
                100
                        * cuts.stream()
                                .mapToDouble(CuttingBenchmark.Cut::savableShare)
                                .max()
                                .orElseThrow());
        row(
                racks + ": chips and scrap of the steel used up, %",
                "–",
                100
                        * cuts.stream()
                                .mapToDouble(CuttingBenchmark.Cut::wastedShare)
                                .max()
                                .orElseThrow());
        row(
                racks + ": blanks that found no bar",
                "–",
                cuts.stream().mapToInt(CuttingBenchmark.Cut::notPlaced).max().orElseThrow());
    }

    /** A ladder of 49 layers carried through its recipe and looked at on a blade. */
    private void billet() {
        Recipe recipe = new Recipe(Stream.of(
                        step(ForgeWork.STACK, "pieces", "13"),
                        step(ForgeWork.WELD),
                        step(ForgeWork.CROP),
                        step(ForgeWork.DRAW, "toThickness", "1/2", "toWidth", "1-1/2"),
                        step(ForgeWork.RESTACK),
                        step(ForgeWork.WELD),
                        step(ForgeWork.CROP),
                        step(ForgeWork.DRAW, "toThickness", "5/8", "toWidth", "1-1/2"),
                        step(ForgeWork.LADDER),
                        step(ForgeWork.DRAW, "toThickness", "5/16", "toWidth", "1-1/2"))
                .toList());
        Map<String, String> entries = new LinkedHashMap<>();
        Arrays.stream(SpecificationField.values()).forEach(field -> entries.put(field.key(), field.usual()));
        BladeSection blade = KnifeShape.blade(SpecificationReader.read(entries, Units.INCH_FAHRENHEIT)
                        .specification()
                        .orElseThrow())
                .orElseThrow();
        row(
                "a billet carried through ten works and seen on a blade, p95",
                "–",
                p95(() -> PatternView.onBlade(
                        recipe.result(List.of()).orElseThrow(), blade, Length.ofMillimetres("0.2"))));
    }

    private static RecipeStep step(ForgeWork work, String... keysAndValues) {
        Map<String, String> entries = new LinkedHashMap<>();
        work.fields().forEach(field -> entries.put(field.key(), work.usual(field)));
        for (int i = 0; i < keysAndValues.length; i += 2) {
            entries.put(keysAndValues[i], keysAndValues[i + 1]);
        }
        return RecipeStep.read(work, entries, Units.INCH_FAHRENHEIT, SteelLibrary.KNOWN)
                .step();
    }

    private void scripts() throws IOException {
        String page = Files.readString(Path.of("../web/dist/index.html"));
        long bytes = 0;
        try (Stream<Path> files = Files.list(Path.of("../web/dist/assets"))) {
            for (Path script : files.filter(file -> file.toString().endsWith(".js")
                            && page.contains(file.getFileName().toString()))
                    .toList()) {
                ByteArrayOutputStream zipped = new ByteArrayOutputStream();
                try (GZIPOutputStream gzip = new GZIPOutputStream(zipped)) {
                    Files.copy(script, gzip);
                }
                bytes += zipped.size();
            }
        }
        row("scripts of the first page, gzipped, kB", "350", bytes / 1000.0);
    }

    /** Milliseconds that 95 of 100 calls stay under, after warming up. */
    private static double p95(Callable<?> call) {
        return p95(ROUNDS, call);
    }

    private static double p95(int rounds, Callable<?> call) {
        try {
            for (int i = 0; i < rounds; i++) {
                call.call();
            }
            long[] nanos = new long[rounds];
            for (int i = 0; i < rounds; i++) {
                long start = System.nanoTime();
                call.call();
                nanos[i] = System.nanoTime() - start;
            }
            Arrays.sort(nanos);
            return nanos[rounds * 95 / 100] / 1e6;
        } catch (Exception failure) {
            throw new IllegalStateException(failure);
        }
    }

    private void row(String what, String wanted, double measured) {
        String line = String.format(Locale.ROOT, "| %s | %s | %.1f |", what, wanted, measured);
        System.out.println(line);
        rows.add(line);
    }

    private void write(Path folder) throws Exception {
        Path data = folder.resolve("shop.db");
        String text = """
                # Performance

                Written by `./hilt bench`; run it on your own machine. Milliseconds unless a unit is named.

                Machine: %s, %d cores, %s %s, Java %s. Measured %s.

                Archive: %,d pieces (%d alive), %,d steps, %,d readings, %,d journal entries; the file has %d MB. The server \
                runs in a process of
                its own with 512 MB of heap; the calls come over HTTP on the same machine.

                | what | at most, or as said | measured |
                | --- | --- | --- |
                %s
                """.formatted(
                        processor(),
                        Runtime.getRuntime().availableProcessors(),
                        System.getProperty("os.name"),
                        System.getProperty("os.arch"),
                        System.getProperty("java.version"),
                        LocalDate.now(),
                        Archive.count(data, "piece"),
                        ALIVE,
                        Archive.count(data, "step"),
                        Archive.count(data, "reading"),
                        Archive.count(data, "journal"),
                        Files.size(data) / 1_000_000,
                        String.join("\n", rows));
        Files.writeString(Path.of("../docs/performance.md"), text);
    }

    private static String processor() throws IOException {
        Path info = Path.of("/proc/cpuinfo");
        return Files.exists(info)
                ? Files.readAllLines(info).stream()
                        .filter(line -> line.startsWith("model name"))
                        .findFirst()
                        .map(line -> line.replaceAll(".*:\\s*", ""))
                        .orElse("unknown")
                : "unknown";
    }
}
