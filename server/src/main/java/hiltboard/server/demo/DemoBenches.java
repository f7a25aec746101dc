package hiltboard.server.demo;

import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.grind.GrindService;
import hiltboard.server.grind.GrindService.AskedReadings;
import hiltboard.server.grind.GrindService.AskedUse;
import hiltboard.server.machine.MachiningService;
import hiltboard.server.machine.MachiningService.AskedCut;
import hiltboard.server.machine.MachiningService.AskedHole;
import hiltboard.server.stock.CutterStock;
import java.time.Duration;
import java.util.Map;
import org.springframework.stereotype.Component;

/** What the demo shop wrote down at its grinder, its drill press and its mill. */
@Component
class DemoBenches {
    private final GrindService grind;
    private final MachiningService machining;
    private final CutterStock cutters;
    private final ShopClock clock;

    DemoBenches(GrindService grind, MachiningService machining, CutterStock cutters, ShopClock clock) {
        this.cutters = cutters;
        this.grind = grind;
        this.machining = machining;
        this.clock = clock;
    }

    void belt(long piece, String grit, Duration ago, Person maker) {
        clock.at(
                clock.now().minus(ago),
                () -> grind.used(piece, new AskedUse(grit, "BELT", 0, false), maker, Diary.command(maker)));
    }

    void ground(long piece, String stage, Map<String, String> entries, Duration ago, Person maker) {
        clock.at(
                clock.now().minus(ago),
                () -> grind.measured(piece, new AskedReadings(stage, entries), maker, Diary.command(maker)));
    }

    /** What the end mills have cut since they were bought. */
    void wear(Person maker) {
        cutters.endMills(maker.units()).forEach(mill -> {
            cut(mill.lot(), new AskedCut("CARBIDE", "CARBON_ANNEALED", "180 in"), Duration.ofDays(30), maker);
            cut(mill.lot(), new AskedCut("CARBIDE", "HARDENED", "40 in"), Duration.ofDays(9), maker);
        });
    }

    private void cut(long lot, AskedCut cut, Duration ago, Person maker) {
        clock.at(clock.now().minus(ago), () -> machining.cut(lot, cut, maker, Diary.command(maker)));
    }

    void hole(long piece, AskedHole hole, Duration ago, Person maker) {
        clock.at(clock.now().minus(ago), () -> machining.measured(piece, hole, maker, Diary.command(maker)));
    }
}
