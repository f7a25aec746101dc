package hiltboard.server.forge;

import hiltboard.core.forge.CarryList;
import hiltboard.core.forge.ForgeMachine;
import hiltboard.core.forge.ForgeWork;
import hiltboard.core.forge.RecipeStep;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.measure.Units;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.Typed;
import hiltboard.server.access.Person;
import hiltboard.server.forge.ForgeRepository.BilletRow;
import hiltboard.server.forge.ForgeRepository.MachineRow;
import hiltboard.server.forge.ForgeRepository.Trip;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import java.time.LocalDate;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;

/** Presses, hammers and fires, and days at borrowed ones. */
@Service
public class MachineService {
    private static final LengthRange MOUTHS = LengthRange.of("1/4", "240");
    private static final int LONGEST_NAME = 80;

    private final ForgeRepository forge;
    private final Changes changes;
    private final ShopClock clock;

    MachineService(ForgeRepository forge, Changes changes, ShopClock clock) {
        this.forge = forge;
        this.changes = changes;
        this.clock = clock;
    }

    /** A machine as it was typed. */
    public record AskedMachine(
            String name, String kind, String tons, String die, String longest, String thickest, String owner) {}

    public Receipt keepMachine(AskedMachine asked, Person person, Command command) {
        ForgeMachine machine = machine(asked, person.units());
        return changes.make(
                command,
                () -> Entry.ofShop(
                        Entry.Kind.MACHINE_KEPT, machine.name() + " is known to the forge", forge.keep(machine)));
    }

    private static ForgeMachine machine(AskedMachine asked, Units units) {
        ForgeMachine.Kind kind = Typed.choice(
                ForgeMachine.Kind.class,
                "kind",
                asked.kind(),
                "What kind of machine it is is not said",
                "PRESS, HAMMER or FIRE");
        Typed typed = new Typed(units);
        String name = typed.name("name", asked.name(), LONGEST_NAME);
        Optional<Length> die = typed.maybeLength("die", asked.die(), MOUTHS);
        Length longest = typed.length("longest", asked.longest(), MOUTHS);
        Length thickest = typed.length("thickest", asked.thickest(), MOUTHS);
        Optional<Double> tons = Optional.of(asked.tons().replace(',', '.').strip())
                .filter(force -> kind == ForgeMachine.Kind.PRESS && force.matches("\\d{1,4}(\\.\\d{1,2})?"))
                .map(Double::valueOf)
                .filter(force -> force > 0);
        if (kind == ForgeMachine.Kind.PRESS && tons.isEmpty()) {
            typed.find("tons", asked.tons(), "How hard it presses is not understood", "tons of 2 000 lb, such as 25");
        }
        typed.mustBeUnderstood();
        return new ForgeMachine(
                name, kind, tons, die, longest, thickest, asked.owner().strip());
    }

    public Receipt dropMachine(long id, Person person, Command command) {
        return changes.make(command, () -> {
            MachineRow row = openMachine(id);
            forge.dropMachine(id, clock.nowMillis());
            return Entry.ofShop(Entry.Kind.MACHINE_KEPT, row.machine().name() + " is no longer at the forge", id);
        });
    }

    private MachineRow openMachine(long id) {
        return forge.machines().stream()
                .filter(each -> each.id() == id)
                .findFirst()
                .orElseThrow(() -> Refusal.notThere("There is no such machine at the forge."));
    }

    /** A day at a machine, for a billet. */
    public record AskedTrip(long machine, long billet, String day) {}

    /** Plans a day at a borrowed machine; the carry list follows from what of the billet is still to be done on it. */
    public Receipt planTrip(AskedTrip asked, Person person, Command command) {
        Typed typed = new Typed(person.units());
        LocalDate day =
                typed.day("day", asked.day(), clock.today(), clock.today().plusYears(2));
        typed.mustBeUnderstood();
        return changes.make(command, () -> {
            MachineRow machine = openMachine(asked.machine());
            BilletRow billet = forge.underWay(asked.billet());
            List<ForgeWork> left = billet.plan().recipe().steps().stream()
                    .skip(forge.done(asked.billet()).size())
                    .map(RecipeStep::work)
                    .toList();
            if (left.stream().noneMatch(machine.machine()::serves)) {
                throw Refusal.outOfTurn("Nothing of this billet is left to be done on "
                        + machine.machine().name() + ".");
            }
            long trip = forge.plan(asked.machine(), asked.billet(), day.toString(), CarryList.of(left), person.id());
            return Entry.ofShop(
                    Entry.Kind.TRIP_PLANNED,
                    billet.plan().name() + ": a day at " + machine.machine().name(),
                    trip);
        });
    }

    /** Something is in the car, or out of it again. */
    public Receipt pack(long trip, String line, boolean isPacked, Person person, Command command) {
        return changes.make(command, () -> {
            Trip open = openTrip(trip);
            if (!open.carry().contains(line)) {
                throw Refusal.notThere("“" + line + "” is not on the list.");
            }
            Set<String> packed = new LinkedHashSet<>(open.packed());
            if (isPacked) {
                packed.add(line);
            } else {
                packed.remove(line);
            }
            forge.pack(trip, List.copyOf(packed));
            return Entry.ofShop(Entry.Kind.TRIP_PLANNED, line + (isPacked ? ": packed" : ": not packed"), trip);
        });
    }

    public Receipt endTrip(long trip, Person person, Command command) {
        return changes.make(command, () -> {
            openTrip(trip);
            forge.over(trip, clock.nowMillis());
            return Entry.ofShop(Entry.Kind.TRIP_PLANNED, "the trip is over", trip);
        });
    }

    private Trip openTrip(long id) {
        return forge.trips().stream()
                .filter(each -> each.id() == id)
                .findFirst()
                .orElseThrow(() -> Refusal.notThere("There is no such trip."));
    }
}
