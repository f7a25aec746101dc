package hiltboard.server.fire;

import hiltboard.core.fire.HeatBody;
import hiltboard.core.fire.Kiln;
import hiltboard.core.fire.KilnAlarm;
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
import hiltboard.server.device.ConnectedKiln;
import hiltboard.server.device.KilnConnector;
import hiltboard.server.device.KilnStandIn;
import hiltboard.server.device.SilentKiln;
import hiltboard.server.device.WatchedKiln;
import hiltboard.server.fire.FireRepository.KilnRow;
import hiltboard.server.fire.FireRepository.LoadRow;
import hiltboard.server.fire.LoadFiles.Opened;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import hiltboard.server.live.Remembered;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/**
 * The shop's kilns, each connected by the kind of its controller. The kind that ships with the program is a stand-in.
 */
@Service
public class Kilns {
    private static final Logger LOG = LoggerFactory.getLogger(Kilns.class);
    private static final int LONGEST_NAME = 60;
    private static final int MOST_SLOTS = 40;
    private static final LengthRange CHAMBERS = LengthRange.of("1", "120");
    /** Further off than this no kiln is led. */
    private static final double MOST_OFF_KELVIN = 55;

    private static final Temperature COLDEST = Temperature.ofFahrenheit(120);
    private static final Temperature HOTTEST = Temperature.ofFahrenheit(2500);

    /** What has never been held beside a second thermocouple is taken at its word. */
    private static final double NOT_CHECKED = 0;

    private final FireRepository fire;
    private final LoadFiles loads;
    private final Changes changes;
    private final ShopClock clock;
    private final KilnCheckRepository checks;
    private final KilnAlarms alarms;
    private final List<KilnConnector> connectors;
    private final Map<Long, ConnectedKiln> connections = new ConcurrentHashMap<>();
    private final Remembered<Map<Long, Double>> offsets;

    Kilns(
            FireRepository fire,
            LoadFiles loads,
            Changes changes,
            ShopClock clock,
            KilnCheckRepository checks,
            KilnAlarms alarms,
            List<KilnConnector> connectors) {
        this.checks = checks;
        this.alarms = alarms;
        this.connectors = List.copyOf(connectors);
        this.fire = fire;
        this.loads = loads;
        this.changes = changes;
        this.clock = clock;
        this.offsets = changes.remember(checks::offsets, Entry.Kind.KILN_CHECKED);
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
            String slots,
            String controller,
            String address) {}

    /** The kiln, put right by what the checks of it have shown: every heat that goes through here is the true one. */
    ConnectedKiln connected(KilnRow kiln) {
        return putRight(asItShows(kiln), kiln.id());
    }

    private ConnectedKiln putRight(ConnectedKiln kiln, long id) {
        return new TrueHeat(kiln, offsets.get().getOrDefault(id, NOT_CHECKED));
    }

    /** The kiln as its own display shows it. */
    ConnectedKiln asItShows(KilnRow kiln) {
        return connections.computeIfAbsent(kiln.id(), id -> {
            ConnectedKiln connected = connectors.stream()
                    .filter(each -> each.kind().equals(kiln.controller()))
                    .findFirst()
                    .map(each -> each.connect(new KilnConnector.Plate(kiln.kiln(), kiln.address(), kiln.seen())))
                    .orElseGet(() -> new SilentKiln(kiln.controller(), clock::nowMillis));
            if (connected instanceof KilnStandIn standIn) {
                fire.burningIn(id).ifPresent(load -> goesOn(connected, standIn, load));
                return connected;
            }
            return new WatchedKiln(connected);
        });
    }

    /** The knobs of a kiln that is not there; empty where it is. */
    Optional<KilnStandIn> standIn(KilnRow kiln) {
        return asItShows(kiln) instanceof KilnStandIn standIn ? Optional.of(standIn) : Optional.empty();
    }

    /** How much faster its clock runs than the shop's. */
    int pace(KilnRow kiln) {
        return standIn(kiln).map(KilnStandIn::pace).orElse(1);
    }

    /**
     * A stand-in stops with the program; a real kiln would have gone on. What burned then burns on at the heat that it
     * was at; what cools in it is told so again when its soak is up.
     */
    private void goesOn(ConnectedKiln kiln, KilnStandIn standIn, LoadRow load) {
        Opened opened = loads.open(load);
        List<Segment> told = opened.load().programme(Units.INCH_FAHRENHEIT).kiln();
        boolean isFromTheFirst = load.standing() == FireRepository.Standing.LIT
                || load.treatment().isCooledInTheKiln();
        int part = isFromTheFirst ? 0 : load.treatment() == Treatment.NORMALISE ? load.part() : told.size() - 1;
        putRight(kiln, load.kiln()).light(told.subList(part, told.size()));
        if (load.standing() == FireRepository.Standing.IN) {
            standIn.holds(loads.whatIsLeft(opened));
        }
    }

    /** What kilns are told once a change is committed. */
    final class Orders {
        private final List<Runnable> orders = new ArrayList<>();

        void tell(KilnRow kiln, Consumer<ConnectedKiln> order) {
            then(() -> Kilns.this.tell(kiln, order));
        }

        private void then(Runnable order) {
            orders.add(order);
        }

        /** What lies in it: a kiln that is there feels it by itself. */
        void holds(KilnRow kiln, HeatBody load) {
            then(() -> standIn(kiln).ifPresent(standIn -> standIn.holds(load)));
        }
    }

    /**
     * Makes a change that kilns are told of. They are told after it is committed and outside of its transaction, so
     * that no kiln is lit for a change that was refused, none is told twice for a command that is sent twice, and
     * nobody who writes waits for a cable.
     */
    Receipt change(Command command, Function<Orders, List<Entry>> work) {
        Orders orders = new Orders();
        Receipt receipt = changes.makeAll(command, () -> work.apply(orders));
        orders.orders.forEach(Runnable::run);
        return receipt;
    }

    /** Tells a kiln something, outside of any transaction; what it did not take is an alarm. */
    void tell(KilnRow kiln, Consumer<ConnectedKiln> order) {
        try {
            order.accept(connected(kiln));
        } catch (RuntimeException failure) {
            LOG.warn("{} was not told: {}", kiln.name(), failure.getMessage());
            alarms.raise(kiln, now(kiln), fire.burningIn(kiln.id()), KilnAlarm.NOT_TOLD);
        }
    }

    public Receipt keep(AskedKiln asked, Person person, Command command) {
        Typed typed = new Typed(person.units());
        String name = typed.name("name", asked.name(), LONGEST_NAME);
        int watts = typed.whole("watts", asked.watts(), 100, 30_000);
        Duration heatsIn = typed.time("heatsIn", asked.heatsIn());
        Duration coolsIn = typed.time("coolsIn", asked.coolsIn());
        Temperature heatsTo = typed.temperature("heatsTo", asked.heatsTo(), COLDEST, HOTTEST);
        Temperature coolsTo = typed.temperature("coolsTo", asked.coolsTo(), COLDEST, HOTTEST);
        Temperature most = typed.temperature("most", asked.most(), COLDEST, HOTTEST);
        Length width = typed.length("width", asked.width(), CHAMBERS);
        Length height = typed.length("height", asked.height(), CHAMBERS);
        Length depth = typed.length("depth", asked.depth(), CHAMBERS);
        int slots = typed.whole("slots", asked.slots(), 1, MOST_SLOTS);
        typed.mustBeUnderstood();
        KilnConnector connector = connector(asked.controller());
        try {
            Kiln kiln = Kiln.measured(
                    watts, heatsTo, heatsIn, coolsTo, coolsIn, most, new Kiln.Space(width, height, depth, slots));
            String address = address(connector, asked.address(), kiln);
            return changes.make(
                    command,
                    () -> Entry.ofShop(
                            Entry.Kind.KILN_KEPT,
                            name + " is known to the shop",
                            fire.keep(name, connector.kind(), address, kiln)));
        } catch (ImpossibleQuantity impossible) {
            throw Refusal.impossible("heatsIn", asked.heatsIn(), impossible, person.units());
        }
    }

    /** The kinds of controllers that a kiln can have here. */
    List<KilnConnector> connectors() {
        return connectors;
    }

    private KilnConnector connector(String kind) {
        return connectors.stream()
                .filter(each -> each.kind().equals(kind))
                .findFirst()
                .orElseThrow(() -> Refusal.entry(
                        "controller",
                        kind,
                        "No kind of controller is called so",
                        connectors.stream().map(KilnConnector::words).collect(Collectors.joining("; "))));
    }

    private static String address(KilnConnector connector, String typed, Kiln kiln) {
        String address = typed.strip();
        try {
            connector.connect(new KilnConnector.Plate(kiln, address, Optional.empty()));
            return address;
        } catch (IllegalArgumentException none) {
            throw Refusal.entry("address", typed, none.getMessage(), connector.address());
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
        return changes.make(command, () -> {
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
    }

    public Receipt drop(long id, Command command) {
        return change(command, orders -> {
            KilnRow kiln = fire.kiln(id);
            if (fire.openLoads().stream().anyMatch(load -> load.kiln() == id)) {
                throw Refusal.outOfTurn("A load is planned or burning in " + kiln.name() + ". End it first.");
            }
            fire.drop(id, clock.nowMillis());
            orders.then(() -> close(id));
            return List.of(Entry.ofShop(Entry.Kind.KILN_KEPT, kiln.name() + " is no longer in the shop", id));
        });
    }

    private void close(long id) {
        Optional.ofNullable(connections.remove(id)).ifPresent(ConnectedKiln::close);
    }

    @PreDestroy
    void close() {
        connections.keySet().forEach(this::close);
    }

    /** Opens or shuts the door of a stand-in. */
    public Receipt door(long id, boolean isOpen, Person person, Command command) {
        return work(id, standIn -> standIn.door(isOpen), isOpen ? "Door open" : "Door shut", command);
    }

    /** Breaks a stand-in, or makes it whole again: to try what the program then says. */
    public Receipt fail(long id, Optional<KilnFault> fault, Person person, Command command) {
        return work(
                id, standIn -> standIn.fail(fault), fault.map(KilnFault::words).orElse("Whole again"), command);
    }

    /** How much faster the clock of a stand-in runs. */
    public Receipt pace(long id, int times, Person person, Command command) {
        if (times < 1 || times > KilnStandIn.FASTEST) {
            throw Refusal.entry(
                    "times",
                    String.valueOf(times),
                    "No clock runs so",
                    "a whole number from 1 to " + KilnStandIn.FASTEST);
        }
        return work(id, standIn -> standIn.pace(times), "Its clock runs " + times + " times as fast", command);
    }

    private Receipt work(long id, Consumer<KilnStandIn> knob, String words, Command command) {
        return change(command, orders -> {
            KilnRow kiln = fire.kiln(id);
            KilnStandIn standIn = mustStandIn(kiln);
            orders.then(() -> knob.accept(standIn));
            happened(kiln, words);
            return List.of(Entry.ofShop(Entry.Kind.FIRE_CHANGED, kiln.name() + ": " + words, id));
        });
    }

    private KilnStandIn mustStandIn(KilnRow kiln) {
        return standIn(kiln)
                .orElseThrow(() -> Refusal.outOfTurn(
                        kiln.name() + " is wired to the program: its door and its clock are its own."));
    }

    /** What its clock shows. */
    long now(KilnRow kiln) {
        return connected(kiln).status().shown().atMillis();
    }

    private void happened(KilnRow kiln, String words) {
        fire.happened(kiln.id(), fire.burningIn(kiln.id()).map(LoadRow::id), now(kiln), words);
    }
}
