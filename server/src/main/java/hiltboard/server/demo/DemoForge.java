package hiltboard.server.demo;

import hiltboard.core.forge.ForgeWork;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.forge.AskedBillet;
import hiltboard.server.forge.AskedBillet.StepEntries;
import hiltboard.server.forge.ForgeService;
import hiltboard.server.forge.ForgeService.AskedReading;
import hiltboard.server.forge.MachineService;
import hiltboard.server.forge.MachineService.AskedMachine;
import hiltboard.server.forge.MachineService.AskedTrip;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/**
 * The demo shop's forge: its machines, a twisted billet half way, a clad one on the rack, one on paper, and a day at a
 * borrowed hammer.
 */
@Component
class DemoForge {
    private static final AskedReading AS_COMPUTED = new AskedReading("", "", "");

    private final ForgeService forge;
    private final MachineService machines;
    private final ShopClock clock;

    DemoForge(ForgeService forge, MachineService machines, ShopClock clock) {
        this.forge = forge;
        this.machines = machines;
        this.clock = clock;
    }

    void light(List<Person> makers) {
        Person smith = makers.get(0);
        machines.keepMachine(
                new AskedMachine("Gas forge", "FIRE", "", "", "20 in", "4 in", ""), smith, Diary.command(smith));
        machines.keepMachine(
                new AskedMachine("Hydraulic press", "PRESS", "25", "2 in", "30 in", "5 in", ""),
                smith,
                Diary.command(smith));
        long hammer = machines.keepMachine(
                        new AskedMachine(
                                "Power hammer", "HAMMER", "", "3 in", "40 in", "4 in", "the smithy at the weir"),
                        smith,
                        Diary.command(smith))
                .about();
        clad(makers.get(2));
        twisted(smith);
        long ladder = forge.begin(ladder(), smith, Diary.command(smith)).about();
        machines.planTrip(
                new AskedTrip(hammer, ladder, clock.today().plusDays(6).toString()), smith, Diary.command(smith));
    }

    private void clad(Person smith) {
        List<StepEntries> steps = List.of(
                step(ForgeWork.CLAD, "coreThickness", "5/32", "claddingThickness", "1/8", "length", "7"),
                step(ForgeWork.WELD),
                step(ForgeWork.CROP, "offEachEnd", "3/8"),
                step(ForgeWork.DRAW, "toThickness", "5/16", "toWidth", "1-1/2"));
        play(new AskedBillet("Clad, for vegetable knives", steps, "1", "3/16", "1-3/4", "8", 0, ""), 4, 20, smith);
    }

    private void twisted(Person smith) {
        List<StepEntries> steps = List.of(
                step(ForgeWork.STACK, "pieces", "15", "length", "5"),
                step(ForgeWork.WELD),
                step(ForgeWork.CROP, "offEachEnd", "3/8"),
                step(ForgeWork.DRAW, "toThickness", "7/8", "toWidth", "7/8"),
                step(ForgeWork.CORNERS_OFF, "corners", "5/32"),
                step(ForgeWork.TWIST, "turns", "8"),
                step(ForgeWork.DRAW, "toThickness", "5/16", "toWidth", "1-1/4"));
        play(new AskedBillet("Twist, for two hunters", steps, "2", "1/4", "1-1/8", "9", 0, ""), 4, 3, smith);
    }

    private static AskedBillet ladder() {
        List<StepEntries> steps = List.of(
                step(ForgeWork.STACK, "pieces", "13", "length", "7"),
                step(ForgeWork.WELD),
                step(ForgeWork.CROP),
                step(ForgeWork.DRAW, "toThickness", "1/2", "toWidth", "1-1/2"),
                step(ForgeWork.RESTACK, "cutInto", "4"),
                step(ForgeWork.WELD),
                step(ForgeWork.CROP, "offEachEnd", "1/4"),
                step(ForgeWork.DRAW, "toThickness", "5/8", "toWidth", "1-1/2"),
                step(ForgeWork.LADDER, "pitch", "3/4", "depth", "1/8"),
                step(ForgeWork.DRAW, "toThickness", "5/16", "toWidth", "1-1/2"));
        return new AskedBillet("Ladder, for the spring show", steps, "2", "1/4", "1-1/2", "9", 0, "");
    }

    /** Bars cut, and so many steps done, one a day; what is drawn out comes out a little thicker than it should. */
    private void play(AskedBillet billet, int steps, int daysAgo, Person smith) {
        long[] id = new long[1];
        clock.at(clock.now().minus(Duration.ofDays(daysAgo)), () -> {
            id[0] = forge.begin(billet, smith, Diary.command(smith)).about();
            forge.takeBars(id[0], smith, Diary.command(smith));
        });
        for (int i = 0; i < steps; i++) {
            int step = i;
            boolean isDrawn = billet.steps().get(i).work().equals(ForgeWork.DRAW.name());
            AskedReading reading = isDrawn
                    ? new AskedReading(
                            billet.steps().get(i).entries().get("toThickness").equals("7/8") ? ".890" : ".320", "", "")
                    : AS_COMPUTED;
            clock.at(
                    clock.now().minus(Duration.ofDays(daysAgo)).plus(Duration.ofMinutes(50L * i)),
                    () -> forge.done(id[0], step, reading, smith, Diary.command(smith)));
        }
        if (steps == billet.steps().size()) {
            forge.finish(id[0], smith, Diary.command(smith));
        }
    }

    private static StepEntries step(ForgeWork work, String... keysAndValues) {
        Map<String, String> entries = new LinkedHashMap<>();
        work.fields().forEach(field -> entries.put(field.key(), work.usual(field)));
        entries.putAll(DemoConstructions.answers(keysAndValues));
        return new StepEntries(work.name(), entries);
    }
}
