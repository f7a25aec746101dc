package hiltboard.server.demo;

import hiltboard.core.design.Strength;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.fit.FitService;
import hiltboard.server.fit.FitService.AskedLevel;
import hiltboard.server.fit.FitService.AskedStack;
import hiltboard.server.fit.HandleService;
import hiltboard.server.fit.HandleService.AskedGrain;
import hiltboard.server.fit.HandleService.AskedScales;
import hiltboard.server.fit.HandleService.AskedVoid;
import hiltboard.server.fit.HandleService.AskedWheels;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** The demo shop's fitting bench: a take-down knife whose guard is half way on, and stands a little askew. */
@Component
class DemoFit {
    private static final String FIT = "fit-guard";

    private final FitService fit;
    private final HandleService handles;
    private final PieceFiles files;
    private final ShopClock clock;

    DemoFit(FitService fit, HandleService handles, PieceFiles files, ShopClock clock) {
        this.fit = fit;
        this.handles = handles;
        this.files = files;
        this.clock = clock;
    }

    void fill(DemoShop.Work shop, List<Person> makers) {
        long piece = shop.take(
                26,
                29,
                "Forester’s take-down knife",
                "Tamsin Orrell",
                "Comes apart to be dried and oiled after a week in the rain.",
                1,
                List.of(DemoShop.Work.wish("Comes apart", Strength.MUST, "by hand", "a nut at the pommel")),
                Map.ofEntries(
                        Map.entry("construction", "HIDDEN_TANG"),
                        Map.entry("heldBy", "TAKE_DOWN"),
                        Map.entry("bladeLength", "5-1/2"),
                        Map.entry("heelWidth", "1-1/4"),
                        Map.entry("stockThickness", "3/16"),
                        Map.entry("steel", "80CrV2"),
                        Map.entry("handleMaterial", "STABILISED_WOOD"),
                        Map.entry("guardMaterial", "MILD_STEEL"),
                        Map.entry("guardThickness", "1/4"),
                        Map.entry("spacer", "TWO"),
                        Map.entry("spacerMaterial", "BRASS"),
                        Map.entry("spacerThickness", "3/16"),
                        Map.entry("alignmentPins", "TWO"),
                        Map.entry("grooveDepth", "0.08"),
                        Map.entry("handleEdges", "FACETED")));
        Person maker = makers.get(1);
        shop.work(piece, FIT, Duration.ofMinutes(50));
        shop.begin(piece, FIT, Duration.ofMinutes(40), 1);
        level(piece, "3", "0.310 in", "0.309 in", Duration.ofMinutes(32), maker);
        level(piece, "6", "0.184 in", "0.183 in", Duration.ofMinutes(27), maker);
        level(piece, "9", "0.097 in", "0.091 in", Duration.ofMinutes(21), maker);
        clock.at(
                clock.now().minus(Duration.ofMinutes(18)),
                () -> fit.stack(
                        piece, new AskedStack("AS_MADE", Map.of("guard", "0.251 in")), maker, Diary.command(maker)));
        handles(shop, piece, makers);
    }

    /** The block was read and a void marked; beside it somebody rubs a pair of scales flat. */
    private void handles(DemoShop.Work shop, long piece, List<Person> makers) {
        Person maker = makers.get(1);
        clock.at(clock.now().minus(Duration.ofHours(5)), () -> {
            handles.grain(piece, new AskedGrain("7", true, "32", false, "5/32"), maker, Diary.command(maker));
            handles.mark(
                    piece,
                    new AskedVoid("2.6 in", "0.3 in", true, "0.41 in", true, "1/8"),
                    maker,
                    Diary.command(maker));
            handles.wheels(new AskedWheels("1/2 in; 3/4 in; 1 in; 2 in; 8 in; 10 in"), maker, Diary.command(maker));
        });
        long larder = files.openAllOfLivingJobs().stream()
                .filter(file -> file.jobTitle().equals("Larder knife"))
                .map(PieceFile::id)
                .findFirst()
                .orElseThrow();
        shop.begin(larder, "flatten-scales", Duration.ofMinutes(26), 2);
        Person other = makers.get(2);
        clock.at(
                clock.now().minus(Duration.ofMinutes(9)),
                () -> handles.scales(
                        larder,
                        new AskedScales(Map.of(
                                "THICKNESS_LEFT", "0.381 in",
                                "THICKNESS_RIGHT", "0.372 in",
                                "GAP_LEFT", "0.001 in",
                                "GAP_RIGHT", "0.003 in")),
                        other,
                        Diary.command(other)));
    }

    private void level(long piece, String blows, String left, String right, Duration ago, Person maker) {
        clock.at(
                clock.now().minus(ago),
                () -> fit.level(piece, new AskedLevel(blows, left, right), maker, Diary.command(maker)));
    }
}
