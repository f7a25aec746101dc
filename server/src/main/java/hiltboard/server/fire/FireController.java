package hiltboard.server.fire;

import hiltboard.core.fire.KilnFault;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.device.KilnController.Shown;
import hiltboard.server.fire.FireRepository.KilnRow;
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

/** Kilns, their curves, loads and alarms. */
@RestController
class FireController {
    /** As many stretches as a curve has room for on a page. */
    private static final int STRETCHES = 500;
    private static final long LONGEST_MILLIS = 400L * 24 * 3600 * 1000;

    private final Kilns kilns;
    private final LoadService loads;
    private final FireViews views;
    private final FireRepository fire;
    private final KilnLog log;
    private final Changes changes;
    private final ShopClock clock;

    FireController(Kilns kilns, LoadService loads, FireViews views, FireRepository fire, KilnLog log, Changes changes, ShopClock clock) {
        this.kilns = kilns;
        this.loads = loads;
        this.views = views;
        this.fire = fire;
        this.log = log;
        this.changes = changes;
        this.clock = clock;
    }

    record Planned(long kiln, String treatment) {}

    record PieceNamed(long piece) {}

    record Ready(String line, boolean isReady) {}

    record Hands(long door, long quench) {}

    record Out(long piece, boolean sure) {}

    record FileTest(long piece, boolean skates) {}

    record Words(String words) {}

    record Door(boolean isOpen) {}

    /** Empty for whole again. */
    record Fault(String fault) {}

    record Pace(int times) {}

    /** One point of a curve; degrees are absent while the thermocouple showed nothing, wanted while it was not lit. */
    record CurvePoint(long atMillis, @Nullable Double degrees, @Nullable Double wanted) {}

    record CurveEvent(long atMillis, String words) {}

    /** What a kiln showed, in the reader's own degrees, on the kiln's own clock. */
    record CurveView(List<CurvePoint> points, List<CurveEvent> events, String unit, long clockMillis) {}

    /** A day of a kiln, and its neighbours; times are on the kiln's own clock. */
    record DayView(String kiln, String day, String before, String after, long fromMillis, long toMillis, CurveView curve) {}

    record AlarmView(long id, long kilnId, String kind, String words, List<String> toDo, long raisedAtMillis, long loadId) {}

    @GetMapping("/api/fire")
    FireViews.FireView fire(Person person) {
        return views.fire(person.units());
    }

    @GetMapping("/api/fire/loads/{id}")
    FireViews.LoadView load(@PathVariable long id, Person person) {
        return views.load(id, person.units());
    }

    /** From a moment of the kiln's clock to another; nothing for until now. */
    @GetMapping("/api/fire/kilns/{id}/curve")
    @Transactional(readOnly = true)
    CurveView curve(@PathVariable long id, @RequestParam long from, @RequestParam(defaultValue = "0") long to, Person person) {
        KilnRow kiln = fire.kiln(id);
        long now = kilns.now(kiln);
        long until = to == 0 ? now : to;
        if (until - from > LONGEST_MILLIS || from > until) {
            throw Refusal.entry("from", String.valueOf(from), "So long a curve is not drawn", "up to 400 days, from before to after");
        }
        boolean isFahrenheit = person.units().temperature() == Units.TemperatureUnit.FAHRENHEIT;
        return new CurveView(KilnLog.drawn(log.between(id, from, until), STRETCHES).stream().map(shown -> point(shown, isFahrenheit)).toList(),
                fire.events(id, from, until).stream().map(event -> new CurveEvent(event.atMillis(), event.words())).toList(), isFahrenheit ? "°F" : "°C", now);
    }

    /** One day of a kiln's log, by its own clock and the shop's zone; today where none is named. */
    @GetMapping("/api/fire/kilns/{id}/day")
    @Transactional(readOnly = true)
    DayView day(@PathVariable long id, @RequestParam(defaultValue = "") String day, Person person) {
        LocalDate wanted = day.isEmpty() ? LocalDate.ofInstant(Instant.ofEpochMilli(kilns.now(fire.kiln(id))), clock.zone()) : parsed(day);
        long from = wanted.atStartOfDay(clock.zone()).toInstant().toEpochMilli();
        long to = wanted.plusDays(1).atStartOfDay(clock.zone()).toInstant().toEpochMilli() - 1;
        return new DayView(fire.kiln(id).name(), wanted.toString(), wanted.minusDays(1).toString(), wanted.plusDays(1).toString(), from, to, curve(id, from, to, person));
    }

    private static LocalDate parsed(String day) {
        try {
            return LocalDate.parse(day);
        } catch (DateTimeParseException notADay) {
            throw Refusal.entry("day", day, "“" + day + "” is not a day", "a day such as 2026-11-24");
        }
    }

    private static CurvePoint point(Shown shown, boolean isFahrenheit) {
        return new CurvePoint(shown.atMillis(), shown.celsius().map(celsius -> degrees(celsius, isFahrenheit)).orElse(null), shown.setPoint() > 0 ? degrees(shown.setPoint(), isFahrenheit) : null);
    }

    private static double degrees(double celsius, boolean isFahrenheit) {
        return Math.round((isFahrenheit ? Temperature.ofCelsius(celsius).fahrenheit() : celsius) * 10) / 10.0;
    }

    @PostMapping("/api/fire/kilns")
    Receipt keep(@RequestBody AskedKiln asked, Person person, Command command) {
        return kilns.keep(asked, person, command);
    }

    @PostMapping("/api/fire/kilns/{id}/drop")
    Receipt drop(@PathVariable long id, Person person, Command command) {
        return kilns.drop(id, person, command);
    }

    @PostMapping("/api/fire/kilns/{id}/door")
    Receipt door(@PathVariable long id, @RequestBody Door door, Person person, Command command) {
        return kilns.door(id, door.isOpen(), person, command);
    }

    @PostMapping("/api/fire/kilns/{id}/fault")
    Receipt fail(@PathVariable long id, @RequestBody Fault fault, Person person, Command command) {
        Optional<KilnFault> which = Arrays.stream(KilnFault.values()).filter(each -> each.name().equals(fault.fault())).findFirst();
        if (which.isEmpty() && !fault.fault().isEmpty()) {
            throw Refusal.entry("fault", fault.fault(), "No stand-in can break so", String.join(", ", Arrays.stream(KilnFault.values()).map(Enum::name).toList()));
        }
        return kilns.fail(id, which, person, command);
    }

    @PostMapping("/api/fire/kilns/{id}/pace")
    Receipt pace(@PathVariable long id, @RequestBody Pace pace, Person person, Command command) {
        return kilns.pace(id, pace.times(), person, command);
    }

    @PostMapping("/api/fire/loads")
    Receipt plan(@RequestBody Planned planned, Person person, Command command) {
        return loads.plan(planned.kiln(), planned.treatment(), person, command);
    }

    @PostMapping("/api/fire/loads/{id}/join")
    Receipt join(@PathVariable long id, @RequestBody PieceNamed of, Person person, Command command) {
        return loads.join(id, of.piece(), person, command);
    }

    @PostMapping("/api/fire/loads/{id}/leave")
    Receipt leave(@PathVariable long id, @RequestBody PieceNamed of, Person person, Command command) {
        return loads.leave(id, of.piece(), person, command);
    }

    @PostMapping("/api/fire/loads/{id}/ready")
    Receipt ready(@PathVariable long id, @RequestBody Ready ready, Person person, Command command) {
        return loads.ready(id, ready.line(), ready.isReady(), person, command);
    }

    @PostMapping("/api/fire/loads/{id}/hands")
    Receipt hands(@PathVariable long id, @RequestBody Hands hands, Person person, Command command) {
        return loads.hands(id, hands.door(), hands.quench(), person, command);
    }

    @PostMapping("/api/fire/loads/{id}/light")
    Receipt light(@PathVariable long id, Person person, Command command) {
        return loads.light(id, person, command);
    }

    @PostMapping("/api/fire/loads/{id}/in")
    Receipt in(@PathVariable long id, Person person, Command command) {
        return loads.in(id, person, command);
    }

    @PostMapping("/api/fire/loads/{id}/next-heat")
    Receipt nextHeat(@PathVariable long id, Person person, Command command) {
        return loads.nextHeat(id, person, command);
    }

    /** One piece into the quench; where nothing is quenched all of them, whichever is named. */
    @PostMapping("/api/fire/loads/{id}/out")
    Receipt out(@PathVariable long id, @RequestBody Out out, Person person, Command command) {
        return loads.out(id, out.piece(), out.sure(), person, command);
    }

    @PostMapping("/api/fire/loads/{id}/file-test")
    Receipt fileTest(@PathVariable long id, @RequestBody FileTest test, Person person, Command command) {
        return loads.fileTest(id, test.piece(), test.skates(), person, command);
    }

    @PostMapping("/api/fire/loads/{id}/end")
    Receipt end(@PathVariable long id, Person person, Command command) {
        return loads.end(id, person, command);
    }

    @PostMapping("/api/fire/loads/{id}/give-up")
    Receipt giveUp(@PathVariable long id, @RequestBody Words words, Person person, Command command) {
        return loads.giveUp(id, words.words(), person, command);
    }

    /** What has to be answered, the oldest first. */
    @GetMapping("/api/alarms")
    @Transactional(readOnly = true)
    List<AlarmView> alarms() {
        return fire.openAlarms().stream().map(alarm -> new AlarmView(alarm.id(), alarm.kiln(), alarm.kind(), alarm.words(), alarm.toDo(), alarm.raisedAtMillis(), alarm.load().orElse(0L))).toList();
    }

    @PostMapping("/api/alarms/{id}/answer")
    Receipt answer(@PathVariable long id, @RequestBody Words words, Person person, Command command) {
        return changes.make(command, () -> {
            FireRepository.Alarm alarm = fire.openAlarms().stream().filter(each -> each.id() == id).findFirst().orElseThrow(() -> Refusal.outOfTurn("Somebody has answered it already."));
            fire.answer(id, words.words().strip(), person.id(), clock.nowMillis());
            return Entry.ofShop(Entry.Kind.ALARM_ANSWERED, alarm.words() + ": " + person.name() + " has it", id);
        });
    }
}
