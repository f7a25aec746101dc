package hiltboard.server.forge;

import hiltboard.core.field.Finding;
import hiltboard.core.forge.BarToCut;
import hiltboard.core.forge.Billet;
import hiltboard.core.forge.LaminateFlaw;
import hiltboard.core.forge.Recipe;
import hiltboard.core.forge.Recipe.Reading;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.measure.Units;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.Typed;
import hiltboard.server.access.Person;
import hiltboard.server.forge.BilletReader.Understood;
import hiltboard.server.forge.ForgeRepository.BilletRow;
import hiltboard.server.forge.ForgeRepository.FlawRow;
import hiltboard.server.forge.ForgeRepository.Plan;
import hiltboard.server.forge.ForgeRepository.StepDone;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import hiltboard.server.stock.BilletStock;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;

/** Whatever changes a billet, a machine or a trip. */
@Service
public class ForgeService {
    private static final LengthRange SECTIONS = LengthRange.of(".005", "24");
    private static final LengthRange BARS = LengthRange.of("1/16", "240");
    private static final LengthRange FLAWS = LengthRange.of(".0005", "1");

    private final ForgeRepository forge;
    private final BilletReader reader;
    private final BilletStock stock;
    private final Changes changes;
    private final ShopClock clock;

    ForgeService(ForgeRepository forge, BilletReader reader, BilletStock stock, Changes changes, ShopClock clock) {
        this.forge = forge;
        this.reader = reader;
        this.stock = stock;
        this.changes = changes;
        this.clock = clock;
    }

    /** @throws Refusal with everything that was not understood, or cannot be done so */
    public Receipt begin(AskedBillet asked, Person person, Command command) {
        return changes.make(command, () -> {
            Plan plan = plan(asked, List.of(), person.units());
            return entry(
                    Entry.Kind.BILLET_BEGUN, forge.begin(plan, person.id(), clock.nowMillis()), plan.name(), "planned");
        });
    }

    /** Changes what is not done yet. @param basedOn the version that the page saw */
    public Receipt change(long id, AskedBillet asked, int basedOn, Person person, Command command) {
        return changes.make(command, () -> {
            BilletRow row = forge.underWay(id);
            if (row.version() != basedOn) {
                throw Refusal.bothChanged(List.of(new Refusal.Both(
                        "recipe",
                        "Recipe",
                        "as it stands on your page",
                        "as it is kept now",
                        row.changedBy(),
                        String.valueOf(row.version()))));
            }
            List<StepDone> done = forge.done(id);
            Plan plan = plan(asked, readings(done), person.units());
            if (!plan.recipe()
                    .steps()
                    .subList(0, Math.min(done.size(), plan.recipe().steps().size()))
                    .equals(row.plan().recipe().steps().subList(0, done.size()))) {
                throw Refusal.outOfTurn(
                        "What is done at the forge cannot be planned anew: take the step back first, if it is not done after all.");
            }
            if (row.areBarsTaken() && !bars(plan).equals(bars(row.plan()))) {
                throw Refusal.outOfTurn("The bars are cut already: the stack stays as it is.");
            }
            forge.change(id, plan, person.id());
            return entry(Entry.Kind.BILLET_CHANGED, id, plan.name(), "planned anew");
        });
    }

    private Plan plan(AskedBillet asked, List<Reading> readings, Units units) {
        Understood understood = reader.understand(asked, units);
        List<Finding> findings = new ArrayList<>(understood.findings());
        understood.ofSteps().forEach(findings::addAll);
        if (!findings.isEmpty()) {
            throw Refusal.entries(findings);
        }
        Plan plan = understood
                .plan()
                .orElseThrow(() -> Refusal.entry(
                        "steps", "", "There is no step in this recipe", "a stack, and what is done to it"));
        if (plan.recipe().result(readings).isEmpty()) {
            throw Refusal.outOfTurn("This recipe cannot be carried through: look at the step that is refused.");
        }
        return plan;
    }

    private static List<BarToCut> bars(Plan plan) {
        return Recipe.bars(plan.recipe().stages(List.of(), Units.MILLIMETRE_CELSIUS));
    }

    static List<Reading> readings(List<StepDone> done) {
        return IntStream.range(0, done.size())
                .mapToObj(step -> done.get(step).reading())
                .toList();
    }

    /** The bars are cut from what lies on the racks. */
    public Receipt takeBars(long id, Person person, Command command) {
        return changes.make(command, () -> {
            BilletRow row = forge.underWay(id);
            if (row.areBarsTaken()) {
                throw Refusal.outOfTurn("Its bars are taken already.");
            }
            stock.take(bars(row.plan()), row.plan().name(), person);
            forge.barsTaken(id, clock.nowMillis());
            return entry(Entry.Kind.STOCK_TAKEN, id, row.plan().name(), "its bars are cut");
        });
    }

    /** What was measured after a step, in shop notation; empty for nothing. */
    public record AskedReading(String thickness, String width, String length) {}

    /** The next step is done. @param step so that two makers do not do two where one was meant */
    public Receipt done(long id, int step, AskedReading asked, Person person, Command command) {
        return changes.make(command, () -> {
            BilletRow row = forge.underWay(id);
            List<StepDone> done = forge.done(id);
            if (done.size() != step || step >= row.plan().recipe().steps().size()) {
                throw Refusal.outOfTurn(
                        step < done.size()
                                ? done.get(step).by() + " has done this step already."
                                : "The step before it is not done yet.");
            }
            if (!row.areBarsTaken()) {
                throw Refusal.outOfTurn("Its bars are not cut yet.");
            }
            List<FlawRow> flaws = forge.flaws(id);
            if (!flaws.isEmpty() && !flaws.get(0).goesOn()) {
                throw Refusal.outOfTurn(
                        "A flaw was found, and " + flaws.get(0).by() + " said that it does not go on so.");
            }
            Reading reading = reading(asked, person.units());
            mustGoOn(row.plan(), done, reading);
            forge.done(id, step, reading, person.id(), clock.nowMillis());
            return entry(
                    Entry.Kind.BILLET_STEP_DONE,
                    id,
                    row.plan().name(),
                    row.plan().recipe().steps().get(step).work().title().toLowerCase(Locale.ROOT) + ": done");
        });
    }

    private static void mustGoOn(Plan plan, List<StepDone> done, Reading reading) {
        List<Reading> readings = new ArrayList<>(readings(done));
        readings.add(reading);
        if (plan.recipe().stages(readings, Units.MILLIMETRE_CELSIUS).size() < readings.size()) {
            throw Refusal.outOfTurn("By these readings the step before cannot have been done.");
        }
    }

    private static Reading reading(AskedReading asked, Units units) {
        Typed typed = new Typed(units);
        Reading reading = new Reading(
                typed.maybeLength("thickness", asked.thickness(), SECTIONS),
                typed.maybeLength("width", asked.width(), SECTIONS),
                typed.maybeLength("length", asked.length(), BARS));
        typed.mustBeUnderstood();
        return reading;
    }

    /** The last step that was done is not done after all. */
    public Receipt reopen(long id, int step, Person person, Command command) {
        return changes.make(command, () -> {
            BilletRow row = forge.underWay(id);
            if (step < 0 || forge.done(id).size() != step + 1) {
                throw Refusal.outOfTurn("Only the last step that is done can be taken back.");
            }
            forge.reopen(id, step, clock.nowMillis());
            return entry(
                    Entry.Kind.BILLET_STEP_REOPENED,
                    id,
                    row.plan().name(),
                    row.plan().recipe().steps().get(step).work().title().toLowerCase(Locale.ROOT) + ": taken back");
        });
    }

    /** A flaw as it was found, in shop notation. */
    public record AskedFlaw(String depth, String thickness, String wanted, boolean goesOn, String words) {}

    /** A flaw that was found, with what was decided. */
    public Receipt flaw(long id, AskedFlaw asked, Person person, Command command) {
        LaminateFlaw flaw = flaw(asked, person.units());
        return changes.make(command, () -> {
            BilletRow row = forge.underWay(id);
            forge.flaw(
                    id,
                    new FlawRow(flaw, asked.goesOn(), Typed.words(asked.words()), person.name(), clock.nowMillis()),
                    person.id());
            return entry(
                    Entry.Kind.BILLET_FLAW,
                    id,
                    row.plan().name(),
                    "a flaw " + flaw.depth().in(person.units()) + " deep, it "
                            + (asked.goesOn() ? "goes on" : "does not go on"));
        });
    }

    static LaminateFlaw flaw(AskedFlaw asked, Units units) {
        Typed typed = new Typed(units);
        Length depth = typed.length("depth", asked.depth(), FLAWS);
        Length thickness = typed.length("thickness", asked.thickness(), SECTIONS);
        Length wanted = typed.length("wanted", asked.wanted(), SECTIONS);
        typed.mustBeUnderstood();
        return new LaminateFlaw(depth, thickness, wanted);
    }

    /** Everything is done: it lies on the rack, to be promised to pieces. The receipt is about its lot. */
    public Receipt finish(long id, Person person, Command command) {
        return changes.make(command, () -> {
            BilletRow row = forge.underWay(id);
            List<StepDone> done = forge.done(id);
            if (done.size() < row.plan().recipe().steps().size()) {
                throw Refusal.outOfTurn("Not every step is done.");
            }
            Billet billet = row.plan().recipe().result(readings(done)).orElseThrow();
            if (!billet.isWelded()) {
                throw Refusal.outOfTurn("It is a loose stack: weld it first.");
            }
            long lot =
                    stock.put(row.plan().name(), billet, row.plan().recipe().isClad(), reader.cost(row.plan()), person);
            forge.finished(id, lot);
            return Entry.ofShop(Entry.Kind.BILLET_FINISHED, row.plan().name() + ": forged, it lies on the rack", lot);
        });
    }

    /** It is not forged, or not forged on; what was cut for it stays cut. */
    public Receipt drop(long id, Person person, Command command) {
        return changes.make(command, () -> {
            BilletRow row = forge.underWay(id);
            forge.drop(id, clock.nowMillis());
            return entry(Entry.Kind.BILLET_DROPPED, id, row.plan().name(), "dropped by " + person.name());
        });
    }

    private static Entry entry(Entry.Kind kind, long id, String name, String what) {
        return Entry.ofShop(kind, name + ": " + what, id);
    }
}
