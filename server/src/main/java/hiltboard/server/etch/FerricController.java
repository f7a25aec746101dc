package hiltboard.server.etch;

import hiltboard.core.etch.FerricMaking;
import hiltboard.core.etch.FerricMaking.Outcome;
import hiltboard.core.etch.Solute;
import hiltboard.core.etch.Strength;
import hiltboard.core.etch.StrengthOf;
import hiltboard.core.field.SomeLiquid;
import hiltboard.core.field.SomeMass;
import hiltboard.core.measure.LiquidVolume;
import hiltboard.core.measure.Mass;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.Typed;
import hiltboard.server.access.Person;
import hiltboard.server.etch.FerricRepository.MakingRow;
import hiltboard.server.etch.FerricRepository.PortionRow;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Ferric chloride that a shop makes itself, where it does not buy it: worked out, and made by the clock. */
@RestController
class FerricController {
    private final FerricRepository makings;
    private final Changes changes;
    private final ShopClock clock;

    FerricController(FerricRepository makings, Changes changes, ShopClock clock) {
        this.makings = makings;
        this.changes = changes;
        this.clock = clock;
    }

    /** What goes in, as it was typed: volumes, strengths by mass, density or degrees Baumé, and iron by weight. */
    record AskedFerric(String acid, String acidStrength, String iron, String peroxide, String peroxideStrength) {}

    /** What comes of it. @param moles what went in and came out, line by line */
    record FerricWorkedView(
            String strength,
            String volume,
            List<String> moles,
            List<String> runsOut,
            String ironUntilNoBubbles,
            String ironForAll,
            String peroxideNeeded,
            int portions,
            String portion,
            String tooHot,
            List<String> cautions) {}

    /** @param waitMillis when the next portion may go in, in epoch milliseconds; zero where nothing is waited for */
    record FerricBeingMade(
            long id,
            FerricWorkedView worked,
            AskedFerric asked,
            boolean areBubblesGone,
            List<String> portions,
            int portionsLeft,
            long waitMillis,
            String by,
            long begunAtMillis) {}

    record FerricView(@Nullable FerricBeingMade making, List<String> cautions) {}

    @GetMapping("/api/tank/ferric")
    @Transactional(readOnly = true)
    FerricView ferric(Person person) {
        return new FerricView(
                makings.open().map(row -> view(row, person.units())).orElse(null), FerricMaking.cautions());
    }

    @PostMapping("/api/tank/ferric/worked")
    FerricWorkedView worked(@RequestBody AskedFerric asked, Person person) {
        return view(read(asked, person.units()), person.units());
    }

    private static FerricMaking read(AskedFerric asked, Units units) {
        Typed typed = new Typed(units);
        Optional<LiquidVolume> acid = typed.of("acid", asked.acid(), new SomeLiquid());
        Optional<Strength> acidStrength =
                typed.of("acidStrength", asked.acidStrength(), new StrengthOf(Solute.HYDROCHLORIC_ACID));
        Optional<Mass> iron = typed.of("iron", asked.iron(), new SomeMass());
        Optional<LiquidVolume> peroxide = typed.of("peroxide", asked.peroxide(), new SomeLiquid());
        Optional<Strength> peroxideStrength =
                typed.of("peroxideStrength", asked.peroxideStrength(), new StrengthOf(Solute.HYDROGEN_PEROXIDE));
        typed.mustBeUnderstood();
        return new FerricMaking(
                acid.orElseThrow(),
                acidStrength.orElseThrow(),
                iron.orElseThrow(),
                peroxide.orElseThrow(),
                peroxideStrength.orElseThrow());
    }

    private static FerricWorkedView view(FerricMaking making, Units units) {
        Outcome end = making.outcome();
        return new FerricWorkedView(
                making.strength().map(Strength::words).orElse("none"),
                making.volume().in(units),
                List.of(
                        moles("hydrochloric acid in", making.acidMoles()),
                        moles("iron in", making.ironMoles()),
                        moles("peroxide in", making.peroxideMoles()),
                        moles("ferric chloride out", end.ferric()),
                        moles("ferrous chloride left", end.ferrous()),
                        moles("acid left", end.acid()),
                        moles("iron hydroxide, the rust mud", end.mud()),
                        moles("hydrogen up into the air", end.hydrogen())),
                making.runsOut(),
                making.ironUntilNoBubbles().in(units),
                making.ironForAll().in(units),
                making.peroxideNeeded().in(units),
                making.portions(),
                making.portion().in(units),
                FerricMaking.TOO_HOT.in(units),
                FerricMaking.cautions());
    }

    private static String moles(String what, double moles) {
        return String.format(Locale.ROOT, "%.2f mol of %s", Math.max(0, moles), what);
    }

    @PostMapping("/api/tank/ferric")
    Receipt begin(@RequestBody AskedFerric asked, Person person, Command command) {
        FerricMaking making = read(asked, person.units());
        return changes.make(command, () -> {
            if (makings.open().isPresent()) {
                throw Refusal.outOfTurn("One is being made already: end it first.");
            }
            long id = makings.begin(kept(making), making.portions(), person.id(), clock.nowMillis());
            return Entry.ofShop(Entry.Kind.FERRIC_MADE, "Ferric chloride is being made", id);
        });
    }

    /** So that it reads back as the same, whoever reads it. */
    private static Map<String, String> kept(FerricMaking making) {
        return Map.of(
                "acid", new SomeLiquid().exactly(making.acid()),
                "acidStrength", new StrengthOf(Solute.HYDROCHLORIC_ACID).exactly(making.acidStrength()),
                "iron", new SomeMass().exactly(making.iron()),
                "peroxide", new SomeLiquid().exactly(making.peroxide()),
                "peroxideStrength", new StrengthOf(Solute.HYDROGEN_PEROXIDE).exactly(making.peroxideStrength()));
    }

    private static AskedFerric asked(Map<String, String> kept) {
        return new AskedFerric(
                kept.getOrDefault("acid", ""),
                kept.getOrDefault("acidStrength", ""),
                kept.getOrDefault("iron", ""),
                kept.getOrDefault("peroxide", ""),
                kept.getOrDefault("peroxideStrength", ""));
    }

    private FerricBeingMade view(MakingRow row, Units units) {
        AskedFerric asked = asked(row.entries());
        return new FerricBeingMade(
                row.id(),
                view(read(asked, units), units),
                asked,
                row.areBubblesGone(),
                row.portions().stream()
                        .map(portion -> portion.temperature().in(units) + ", " + portion.by())
                        .toList(),
                Math.max(0, row.planned() - row.portions().size()),
                waitsUntil(row),
                row.by(),
                row.begunAtMillis());
    }

    private static long waitsUntil(MakingRow row) {
        return row.portions().isEmpty()
                ? 0
                : row.portions().get(row.portions().size() - 1).atMillis() + FerricMaking.BETWEEN_PORTIONS.toMillis();
    }

    /** @param areGone whether fresh iron raises none any more */
    record AskedBubbles(boolean areGone) {}

    /** Only when fresh iron raises no bubble any more may peroxide go in. */
    @PostMapping("/api/tank/ferric/{id}/bubbles")
    Receipt bubbles(@PathVariable long id, @RequestBody AskedBubbles asked, Person person, Command command) {
        return changes.make(command, () -> {
            open(id);
            makings.bubbles(id, asked.areGone(), person.id(), clock.nowMillis());
            return Entry.ofShop(
                    Entry.Kind.FERRIC_MADE,
                    asked.areGone() ? "Fresh iron raises no bubble any more" : "Bubbles rise from fresh iron still",
                    id);
        });
    }

    private MakingRow open(long id) {
        return makings.open().filter(row -> row.id() == id).orElseThrow(() -> Refusal.outOfTurn("This one is over."));
    }

    /** @param temperature of the vessel, before the portion goes in */
    record AskedPortion(String temperature) {}

    @PostMapping("/api/tank/ferric/{id}/portions")
    Receipt portion(@PathVariable long id, @RequestBody AskedPortion asked, Person person, Command command) {
        Typed typed = new Typed(person.units());
        Temperature temperature = typed.temperature(
                "temperature", asked.temperature(), Temperature.ofCelsius(0), Temperature.ofCelsius(110));
        typed.mustBeUnderstood();
        return changes.make(command, () -> {
            MakingRow row = open(id);
            if (!row.areBubblesGone()) {
                throw Refusal.outOfTurn(
                        "Iron first, until fresh iron raises no bubble: peroxide on free acid boils over.");
            }
            if (temperature.celsius() >= FerricMaking.TOO_HOT.celsius()) {
                throw Refusal.entry(
                        "temperature",
                        temperature.in(person.units()),
                        "Too hot for the next portion: stand back, let it cool, never cap it",
                        "below " + FerricMaking.TOO_HOT.in(person.units()));
            }
            long wait = waitsUntil(row) - clock.nowMillis();
            if (wait > 0) {
                throw Refusal.outOfTurn("The last portion still works: wait another "
                        + Span.wordsUp(Duration.ofMillis(wait)) + ", and stir.");
            }
            if (row.portions().size() >= row.planned()) {
                throw Refusal.outOfTurn("All portions are in.");
            }
            makings.portion(id, new PortionRow(temperature, "", clock.nowMillis()), person.id());
            return Entry.ofShop(Entry.Kind.FERRIC_MADE, "A portion of peroxide is in", id);
        });
    }

    @PostMapping("/api/tank/ferric/{id}/end")
    Receipt end(@PathVariable long id, Command command) {
        return changes.make(command, () -> {
            open(id);
            makings.end(id, clock.nowMillis());
            return Entry.ofShop(Entry.Kind.FERRIC_MADE, "Making ferric chloride is over", id);
        });
    }
}
