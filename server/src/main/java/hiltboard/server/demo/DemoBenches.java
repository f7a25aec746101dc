package hiltboard.server.demo;

import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.grind.GrindService;
import hiltboard.server.grind.GrindService.AskedReadings;
import hiltboard.server.grind.GrindService.AskedUse;
import hiltboard.server.machine.MachiningService;
import hiltboard.server.machine.MachiningService.AskedHole;
import java.time.Duration;
import java.util.Map;
import org.springframework.stereotype.Component;

/** What the demo shop wrote down at its grinder and its drill press. */
@Component
class DemoBenches {
    private final GrindService grind;
    private final MachiningService machining;
    private final ShopClock clock;

    DemoBenches(GrindService grind, MachiningService machining, ShopClock clock) {
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

    void hole(long piece, AskedHole hole, Duration ago, Person maker) {
        clock.at(clock.now().minus(ago), () -> machining.measured(piece, hole, maker, Diary.command(maker)));
    }
}
