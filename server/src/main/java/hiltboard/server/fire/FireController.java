package hiltboard.server.fire;

import hiltboard.core.field.Option;
import hiltboard.core.fire.KilnCheck;
import hiltboard.core.fire.KilnCheck.Grain;
import hiltboard.core.fire.KilnFault;
import hiltboard.core.fire.Soak;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.device.ConnectedKiln.Shown;
import hiltboard.server.fire.FireRepository.KilnRow;
import hiltboard.server.fire.Kilns.AskedCheck;
import hiltboard.server.fire.Kilns.AskedKiln;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Kilns, what they show and have shown, and the stand-ins of their controllers. */
@RestController
class FireController {
    /** As many stretches as a curve has room for on a page. */
    private static final int STRETCHES = 500;

    private static final long LONGEST_MILLIS = 400L * 24 * 3600 * 1000;

    private final Kilns kilns;
    private final KilnCheckRepository checks;
    private final FireViews views;
    private final FireRepository fire;
    private final Changes changes;
    private final KilnLog log;
    private final ReadyFires ready;
    private final ShopClock clock;

    FireController(
            Kilns kilns,
            FireViews views,
            FireRepository fire,
            KilnLog log,
            ReadyFires ready,
            ShopClock clock,
            Changes changes,
            KilnCheckRepository checks) {
        this.checks = checks;
        this.changes = changes;
        this.kilns = kilns;
        this.views = views;
        this.fire = fire;
        this.log = log;
        this.ready = ready;
        this.clock = clock;
    }

    record Door(boolean isOpen) {}

    /** Empty for whole again. */
    record Fault(String fault) {}

    record Pace(int times) {}

    /** One point of a curve; degrees are absent while the thermocouple showed nothing, wanted while it was not lit. */
    record CurvePoint(
            long atMillis,
            @Nullable Double degrees,
            @Nullable Double wanted) {}

    record Counted(String counts) {}

    record CurveEvent(long atMillis, String words) {}

    /** What a kiln showed, in the reader's own degrees, on the kiln's own clock. */
    record CurveView(List<CurvePoint> points, List<CurveEvent> events, String unit, long clockMillis) {}

    /** A day of a kiln, and its neighbours; times are on the kiln's own clock. */
    record DayView(
            String kiln, String day, String before, String after, long fromMillis, long toMillis, CurveView curve) {}

    @GetMapping("/api/fire")
    FireViews.FireView fire(Person person) {
        return views.fire(person.units());
    }

    /** What is ready for a heat and in no fire yet, as it can burn together. */
    @GetMapping("/api/fire/together")
    @Transactional(readOnly = true)
    List<ReadyFires.TogetherView> together(Person person) {
        return ready.together(person.units());
    }

    /** From when this shop counts a soak. */
    @PostMapping("/api/fire/soak-counts")
    Receipt count(@RequestBody Counted counted, Person person, Command command) {
        Soak.Counts counts = Soak.Counts.named(counted.counts())
                .orElseThrow(() -> Refusal.entry(
                        "counts",
                        counted.counts(),
                        "No soak is counted so",
                        String.join(
                                "; ",
                                Arrays.stream(Soak.Counts.values())
                                        .map(Soak.Counts::words)
                                        .toList())));
        return changes.make(command, () -> {
            fire.count(counts, person.id(), clock.nowMillis());
            return Entry.ofShop(Entry.Kind.SHOP_SETTING_CHOSEN, "a soak counts " + counts.words(), 0);
        });
    }

    /** From a moment of the kiln's clock to another; nothing for until now. */
    @GetMapping("/api/fire/kilns/{id}/curve")
    @Transactional(readOnly = true)
    CurveView curve(
            @PathVariable long id, @RequestParam long from, @RequestParam(defaultValue = "0") long to, Person person) {
        KilnRow kiln = fire.kiln(id);
        long until = to == 0 ? kilns.now(kiln) : to;
        if (until - from > LONGEST_MILLIS || from > until) {
            throw Refusal.entry(
                    "from",
                    String.valueOf(from),
                    "So long a curve is not drawn",
                    "up to 400 days, from before to after");
        }
        return drawn(kiln, from, until, person.units());
    }

    private CurveView drawn(KilnRow kiln, long from, long to, Units units) {
        boolean isFahrenheit = units.temperature() == Units.TemperatureUnit.FAHRENHEIT;
        return new CurveView(
                KilnLog.drawn(log.between(kiln.id(), from, to), STRETCHES).stream()
                        .map(shown -> point(shown, isFahrenheit))
                        .toList(),
                fire.events(kiln.id(), from, to).stream()
                        .map(event -> new CurveEvent(event.atMillis(), event.words()))
                        .toList(),
                isFahrenheit ? "°F" : "°C",
                kilns.now(kiln));
    }

    /** One day of a kiln's log, by its own clock and the shop's zone; today where none is named. */
    @GetMapping("/api/fire/kilns/{id}/day")
    @Transactional(readOnly = true)
    DayView day(@PathVariable long id, @RequestParam(defaultValue = "") String day, Person person) {
        KilnRow kiln = fire.kiln(id);
        LocalDate wanted =
                day.isEmpty() ? LocalDate.ofInstant(Instant.ofEpochMilli(kilns.now(kiln)), clock.zone()) : parsed(day);
        long from = wanted.atStartOfDay(clock.zone()).toInstant().toEpochMilli();
        long to = wanted.plusDays(1).atStartOfDay(clock.zone()).toInstant().toEpochMilli() - 1;
        return new DayView(
                kiln.name(),
                wanted.toString(),
                wanted.minusDays(1).toString(),
                wanted.plusDays(1).toString(),
                from,
                to,
                drawn(kiln, from, to, person.units()));
    }

    private static LocalDate parsed(String day) {
        try {
            return LocalDate.parse(day);
        } catch (DateTimeParseException notADay) {
            throw Refusal.entry("day", day, "“" + day + "” is not a day", "a day such as 2026-11-24");
        }
    }

    private static CurvePoint point(Shown shown, boolean isFahrenheit) {
        return new CurvePoint(
                shown.atMillis(),
                shown.celsius().map(celsius -> degrees(celsius, isFahrenheit)).orElse(null),
                shown.setPoint() > 0 ? degrees(shown.setPoint(), isFahrenheit) : null);
    }

    private static double degrees(double celsius, boolean isFahrenheit) {
        return Math.round((isFahrenheit ? Temperature.ofCelsius(celsius).fahrenheit() : celsius) * 10) / 10.0;
    }

    @PostMapping("/api/fire/kilns")
    Receipt keep(@RequestBody AskedKiln asked, Person person, Command command) {
        return kilns.keep(asked, person, command);
    }

    /** A heat at which a kiln was checked. @param means what such a grain says */
    record CheckView(String shown, String second, String grain, String means, String by, long atMillis) {}

    /** The checks of a kiln, the latest last. @param words what they say of it */
    record ChecksView(String words, boolean isDone, List<CheckView> made, List<Option> grains) {}

    @GetMapping("/api/fire/kilns/{id}/checks")
    @Transactional(readOnly = true)
    ChecksView checks(@PathVariable long id, Person person) {
        KilnRow kiln = fire.kiln(id);
        KilnCheck check = checks.of(kiln.id());
        return new ChecksView(
                check.words(person.units()),
                check.isDone(),
                checks.made(kiln.id()).stream()
                        .map(made -> new CheckView(
                                made.once().shown().in(person.units()),
                                made.once().second().in(person.units()),
                                made.once().grain().words(),
                                made.once().grain().means(),
                                made.by(),
                                made.atMillis()))
                        .toList(),
                Arrays.stream(Grain.values())
                        .map(grain -> new Option(grain.name(), grain.words()))
                        .toList());
    }

    @PostMapping("/api/fire/kilns/{id}/checks")
    Receipt check(@PathVariable long id, @RequestBody AskedCheck asked, Person person, Command command) {
        return kilns.check(id, asked, person, command);
    }

    @PostMapping("/api/fire/kilns/{id}/drop")
    Receipt drop(@PathVariable long id, Command command) {
        return kilns.drop(id, command);
    }

    @PostMapping("/api/fire/kilns/{id}/door")
    Receipt door(@PathVariable long id, @RequestBody Door door, Person person, Command command) {
        return kilns.door(id, door.isOpen(), person, command);
    }

    @PostMapping("/api/fire/kilns/{id}/fault")
    Receipt fail(@PathVariable long id, @RequestBody Fault fault, Person person, Command command) {
        Optional<KilnFault> which = Arrays.stream(KilnFault.values())
                .filter(each -> each.name().equals(fault.fault()))
                .findFirst();
        if (which.isEmpty() && !fault.fault().isEmpty()) {
            throw Refusal.entry(
                    "fault",
                    fault.fault(),
                    "No stand-in can break so",
                    String.join(
                            ", ",
                            Arrays.stream(KilnFault.values()).map(Enum::name).toList()));
        }
        return kilns.fail(id, which, person, command);
    }

    @PostMapping("/api/fire/kilns/{id}/pace")
    Receipt pace(@PathVariable long id, @RequestBody Pace pace, Person person, Command command) {
        return kilns.pace(id, pace.times(), person, command);
    }
}
