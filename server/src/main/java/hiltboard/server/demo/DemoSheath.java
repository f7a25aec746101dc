package hiltboard.server.demo;

import hiltboard.core.design.Strength;
import hiltboard.core.measure.Units;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.sheath.SheathService;
import hiltboard.server.sheath.SheathService.AskedFlaw;
import hiltboard.server.sheath.SheathService.AskedSide;
import hiltboard.server.sheath.SheathService.AskedTrial;
import hiltboard.server.stock.LeatherStock;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** The demo shop's leather bench: a sheath that binds at its trial, and a side of leather with a brand. */
@Component
class DemoSheath {
    private static final String TRIAL = "trial-fit-sheath";

    private final SheathService sheaths;
    private final LeatherStock leather;
    private final ShopClock clock;

    DemoSheath(SheathService sheaths, LeatherStock leather, ShopClock clock) {
        this.sheaths = sheaths;
        this.leather = leather;
        this.clock = clock;
    }

    void fill(DemoShop.Work shop, List<Person> makers) {
        Person maker = makers.get(1);
        long piece = shop.take(
                33,
                11,
                "Net-loft knife",
                "Hesper Quayle",
                "Cuts twine and rope all day, and hangs crosswise at the back.",
                1,
                List.of(DemoShop.Work.wish(
                        "Sheath", Strength.MUST, "crosswise, worn behind", "crosswise, with a strap")),
                Map.ofEntries(
                        Map.entry("bladeLength", "3-3/4"),
                        Map.entry("heelWidth", "1-1/8"),
                        Map.entry("steel", "X65Cr13"),
                        Map.entry("handleMaterial", "CANVAS_PHENOLIC"),
                        Map.entry("sheath", "LEATHER"),
                        Map.entry("sheathRetention", "STRAP"),
                        Map.entry("carry", "CROSS"),
                        Map.entry("handleInSheath", "1-1/4")));
        shop.work(piece, TRIAL, Duration.ofHours(2));
        shop.begin(piece, TRIAL, Duration.ofMinutes(25), 1);
        clock.at(
                clock.now().minus(Duration.ofMinutes(19)),
                () -> sheaths.tried(
                        piece, new AskedTrial("TIGHT", "binds where the scales begin"), maker, Diary.command(maker)));
        clock.at(clock.now().minus(Duration.ofDays(1)), () -> side(maker));
    }

    private void side(Person maker) {
        long lot = leather.all(Units.INCH_FAHRENHEIT).get(0).lot();
        sheaths.measured(lot, new AskedSide("48 in", "26 in"), maker, Diary.command(maker));
        sheaths.marked(lot, new AskedFlaw("BRAND", "9 in", "17 in", "3 in"), maker, Diary.command(maker));
        sheaths.marked(lot, new AskedFlaw("HOLE", "16 in", "5 in", "1/2 in"), maker, Diary.command(maker));
        sheaths.marked(lot, new AskedFlaw("LOOSE", "46 in", "2 in", "4 in"), maker, Diary.command(maker));
    }
}
