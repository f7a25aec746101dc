package hiltboard.server.fire;

import hiltboard.core.fire.Kiln;
import hiltboard.core.fire.KilnCheck.Grain;
import hiltboard.core.fire.KilnCheck.Once;
import hiltboard.core.fire.KilnFault;
import hiltboard.core.fire.Segment;
import hiltboard.core.fire.Treatment;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.TemperatureDifference;
import hiltboard.core.measure.Units;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.Typed;
import hiltboard.server.access.Person;
import hiltboard.server.device.KilnController;
import hiltboard.server.device.SimulatedKiln;
import hiltboard.server.fire.FireRepository.KilnRow;
import hiltboard.server.fire.FireRepository.LoadRow;
import hiltboard.server.fire.LoadFiles.Opened;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** The shop's kilns, each with its controller. No kiln is wired to the program yet, so each is led by a stand-in. */
@Service
public class Kilns {
    private static final int LONGEST_NAME = 60;
    private static final int MOST_SLOTS = 40;
    private static final LengthRange CHAMBERS = LengthRange.of("1", "120");
    /** Further off than this no kiln is led. */
    private static final double MOST_OFF_KELVIN = 55;

    private static final Temperature COLDEST = Temperature.ofFahrenheit(120);
    private static final Temperature HOTTEST = Temperature.ofFahrenheit(2500);

    private final FireRepository fire;
    private final LoadFiles loads;
    private final Changes changes;
    private final ShopClock clock;
    private final Map<Long, SimulatedKiln> standIns = new ConcurrentHashMap<>();
    private final KilnCheckRepository checks;
    private final Map<Long, Double> offsets = new ConcurrentHashMap<>();

    Kilns(FireRepository fire, LoadFiles loads, Changes changes, ShopClock clock, KilnCheckRepository checks) {
        this.checks = checks;
        this.fire = fire;
        this.loads = loads;
        this.changes = changes;
        this.clock = clock;
    }

    /** A kiln as it was typed: how long it takes, empty and shut, up to one temperature, and back down to another. */
    public record AskedKiln(
            String name,
            String watts,
            String heatsTo,
            String heatsIn,
            String coolsTo,
            String coolsIn,
            String most,
            String width,
            String height,
            String depth,
            String slots) {}

    /**
     * Its controller, put right by what the checks of this kiln have shown: every heat that goes through it is the true
     * one.
     */
    KilnController controller(KilnRow kiln) {
        return putRight(standIn(kiln), kiln.id());
    }

    private KilnController putRight(KilnController controller, long kiln) {
        return new TrueHeat(
                controller, offsets.computeIfAbsent(kiln, id -> checks.of(id).offsetKelvin()));
    }

    SimulatedKiln standIn(KilnRow kiln) {
        return standIns.computeIfAbsent(kiln.id(), id -> {
            SimulatedKiln standIn = new SimulatedKiln(kiln.kiln(), kiln.seen(), clock::nowMillis);
            fire.burningIn(id).ifPresent(load -> goesOn(standIn, load));
            return standIn;
        });
    }

    /**
     * A stand-in stops with the program; a real kiln would have gone on. What burned then burns on at the heat that it
     * was at; what cools in it is told so again when its soak is up.
     */
    private void goesOn(SimulatedKiln standIn, LoadRow load) {
        Opened opened = loads.open(load);
        List<Segment> told = opened.load().programme(Units.INCH_FAHRENHEIT).kiln();
        boolean isFromTheFirst = load.standing() == FireRepository.Standing.LIT
                || load.treatment().isCooledInTheKiln();
        int part = isFromTheFirst ? 0 : load.treatment() == Treatment.NORMALISE ? load.part() : told.size() - 1;
        putRight(standIn, load.kiln()).light(told.subList(part, told.size()));
        if (load.standing() == FireRepository.Standing.IN) {
            standIn.holds(loads.whatIsLeft(opened));
        }
    }

    public Receipt keep(AskedKiln asked, Person person, Command command) {
        person.mustBeOwner("write down a kiln");
        Typed typed = new Typed(person.units());
        String name = typed.name("name", asked.name(), LONGEST_NAME);
        int watts = typed.whole("watts", asked.watts(), 100, 30_000, "watts such as 3000, as its plate says");
        Duration heatsIn = typed.time("heatsIn", asked.heatsIn());
        Duration coolsIn = typed.time("coolsIn", asked.coolsIn());
        Temperature heatsTo = typed.temperature("heatsTo", asked.heatsTo(), COLDEST, HOTTEST);
        Temperature coolsTo = typed.temperature("coolsTo", asked.coolsTo(), COLDEST, HOTTEST);
        Temperature most = typed.temperature("most", asked.most(), COLDEST, HOTTEST);
        Length width = typed.length("width", asked.width(), CHAMBERS);
        Length height = typed.length("height", asked.height(), CHAMBERS);
        Length depth = typed.length("depth", asked.depth(), CHAMBERS);
        int slots = typed.whole("slots", asked.slots(), 1, MOST_SLOTS, "slots of its rack, 1 to " + MOST_SLOTS);
        typed.mustBeUnderstood();
        try {
            Kiln kiln = Kiln.measured(
                    watts, heatsTo, heatsIn, coolsTo, coolsIn, most, new Kiln.Space(width, height, depth, slots));
            return changes.make(
                    command,
                    () -> Entry.ofShop(Entry.Kind.KILN_KEPT, name + " is known to the shop", fire.keep(name, kiln)));
        } catch (ImpossibleQuantity impossible) {
            throw Refusal.impossible("heatsIn", asked.heatsIn(), impossible, person.units());
        }
    }

    /**
     * A check as it was typed: what the kiln's display showed, what the second thermocouple read, how the coupon broke.
     */
    public record AskedCheck(String shown, String second, String grain) {}

    /** Writes down a check; from then on the kiln is told, and read, by what it is off. */
    public Receipt check(long id, AskedCheck asked, Person person, Command command) {
        Typed typed = new Typed(person.units());
        Temperature shown = typed.temperature("shown", asked.shown(), COLDEST, HOTTEST);
        Temperature second = typed.temperature("second", asked.second(), COLDEST, HOTTEST);
        typed.mustBeUnderstood();
        Grain grain = Typed.choice(
                Grain.class,
                "grain",
                asked.grain(),
                "No coupon breaks so",
                Arrays.stream(Grain.values()).map(Grain::words).collect(Collectors.joining("; ")));
        if (Math.abs(shown.celsius() - second.celsius()) > MOST_OFF_KELVIN) {
            throw Refusal.entry(
                    "second",
                    asked.second(),
                    "So far apart one of the two thermocouples is broken or sits elsewhere",
                    "within " + TemperatureDifference.ofKelvin(MOST_OFF_KELVIN).in(person.units())
                            + " of what the kiln shows");
        }
        Receipt receipt = changes.make(command, () -> {
            KilnRow kiln = fire.kiln(id);
            if (fire.burningIn(id).isPresent()) {
                throw Refusal.outOfTurn("A load burns in " + kiln.name()
                        + ", led by what is known of it now. Write the check down when it is over.");
            }
            checks.keep(id, new Once(shown, second, grain), person.id(), clock.nowMillis());
            return Entry.ofShop(
                    Entry.Kind.KILN_CHECKED,
                    kiln.name() + " was checked: it showed " + shown.in(person.units()) + ", the second thermocouple "
                            + second.in(person.units()) + ", grain "
                            + grain.words().toLowerCase(Locale.ROOT),
                    id);
        });
        offsets.remove(id);
        return receipt;
    }

    public Receipt drop(long id, Person person, Command command) {
        person.mustBeOwner("take a kiln away");
        return changes.make(command, () -> {
            KilnRow kiln = fire.kiln(id);
            if (fire.openLoads().stream().anyMatch(load -> load.kiln() == id)) {
                throw Refusal.outOfTurn("A load is planned or burning in " + kiln.name() + ". End it first.");
            }
            fire.drop(id, clock.nowMillis());
            standIns.remove(id);
            return Entry.ofShop(Entry.Kind.KILN_KEPT, kiln.name() + " is no longer in the shop", id);
        });
    }

    /** Opens or shuts the door of a stand-in. */
    public Receipt door(long id, boolean isOpen, Person person, Command command) {
        return changes.make(command, () -> {
            KilnRow kiln = fire.kiln(id);
            standIn(kiln).door(isOpen);
            happened(kiln, isOpen ? "Door open" : "Door shut");
            return Entry.ofShop(Entry.Kind.FIRE_CHANGED, kiln.name() + (isOpen ? ": door open" : ": door shut"), id);
        });
    }

    /** Breaks a stand-in, or makes it whole again: to try what the program then says. */
    public Receipt fail(long id, Optional<KilnFault> fault, Person person, Command command) {
        return changes.make(command, () -> {
            KilnRow kiln = fire.kiln(id);
            standIn(kiln).fail(fault);
            String words = fault.map(KilnFault::words).orElse("Whole again");
            happened(kiln, words);
            return Entry.ofShop(Entry.Kind.FIRE_CHANGED, kiln.name() + ": " + words, id);
        });
    }

    /** How much faster the clock of a stand-in runs. */
    public Receipt pace(long id, int times, Person person, Command command) {
        return changes.make(command, () -> {
            KilnRow kiln = fire.kiln(id);
            standIn(kiln).pace(times);
            return Entry.ofShop(
                    Entry.Kind.FIRE_CHANGED,
                    kiln.name() + ": its clock runs " + standIn(kiln).pace() + " times as fast",
                    id);
        });
    }

    /** What its clock shows. */
    long now(KilnRow kiln) {
        return controller(kiln).status().shown().atMillis();
    }

    private void happened(KilnRow kiln, String words) {
        fire.happened(kiln.id(), fire.burningIn(kiln.id()).map(LoadRow::id), now(kiln), words);
    }
}
