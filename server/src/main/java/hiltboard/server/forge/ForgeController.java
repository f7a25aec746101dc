package hiltboard.server.forge;

import hiltboard.core.design.Bar;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.forge.ForgeMachine;
import hiltboard.core.forge.ForgeWork;
import hiltboard.core.forge.LaminateFlaw;
import hiltboard.core.forge.RecipeStep;
import hiltboard.core.forge.StepForm;
import hiltboard.core.material.SteelLibrary;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Money;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.server.FieldView;
import hiltboard.server.Refusal;
import hiltboard.server.access.Person;
import hiltboard.server.forge.AskedBillet.StepEntries;
import hiltboard.server.forge.BilletReader.BilletReading;
import hiltboard.server.forge.ForgeRepository.BilletRow;
import hiltboard.server.forge.ForgeRepository.FlawRow;
import hiltboard.server.forge.ForgeRepository.MachineRow;
import hiltboard.server.forge.ForgeRepository.Plan;
import hiltboard.server.forge.ForgeRepository.StepDone;
import hiltboard.server.forge.ForgeService.AskedFlaw;
import hiltboard.server.forge.ForgeService.AskedReading;
import hiltboard.server.forge.MachineService.AskedMachine;
import hiltboard.server.forge.MachineService.AskedTrip;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import hiltboard.server.material.Steels;
import hiltboard.server.stock.BilletStock;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The forge: billets, machines, trips. */
@RestController
class ForgeController {
    private final ForgeService service;
    private final MachineService machines;
    private final ForgeRepository forge;
    private final BilletReader reader;
    private final BilletStock stock;
    private final PieceFiles pieces;
    private final Steels steels;

    ForgeController(
            ForgeService service,
            MachineService machines,
            ForgeRepository forge,
            BilletReader reader,
            BilletStock stock,
            PieceFiles pieces,
            Steels steels) {
        this.steels = steels;
        this.service = service;
        this.machines = machines;
        this.forge = forge;
        this.reader = reader;
        this.stock = stock;
        this.pieces = pieces;
    }

    record WorkView(
            String work, String title, String howTo, List<String> cautions, boolean begins, List<FieldView> fields) {}

    /** A billet in the list: how far it is, and what comes next. */
    record BilletLine(long id, String name, int blades, int done, int steps, String next, String rack) {}

    record MachineView(long id, String name, String kind, String words, String owner) {}

    record CarryView(String line, boolean isPacked) {}

    record TripView(
            long id,
            String machine,
            String owner,
            long billetId,
            String billet,
            String day,
            List<CarryView> carry,
            String by) {}

    /** A piece that is made from a billet: what its blade takes, as it would be typed. */
    record BladeWaiting(long pieceId, String piece, String title, String thickness, String width, String length) {}

    record Forge(List<BilletLine> billets, List<MachineView> machines, List<TripView> trips) {}

    /** What a recipe can be made of, and for which pieces. */
    record ForgeQuestions(List<WorkView> works, List<BladeWaiting> waiting, String defer) {}

    record DoneView(String by, long atMillis, String thickness, String width, String length) {}

    record FlawView(
            String words,
            String depth,
            String leftGroundOut,
            String staysInside,
            boolean goesOn,
            String by,
            long atMillis) {}

    /**
     * One billet.
     *
     * @param asked as it would be typed
     * @param done the steps that are done, from the first
     * @param lot on the rack, in words; empty while it is not finished
     */
    record BilletPage(
            long id,
            int version,
            AskedBillet asked,
            BilletReading reading,
            boolean areBarsTaken,
            List<DoneView> done,
            List<FlawView> flaws,
            long lotId,
            String lot) {}

    record ChangedBillet(AskedBillet billet, int basedOn) {}

    record Packed(String line, boolean isPacked) {}

    /**
     * What a flaw means: what is left ground out, and how deep it stays where it is left; with working and cautions.
     */
    record FlawAnswer(String leftGroundOut, String staysInside, List<String> working, List<String> cautions) {}

    @GetMapping("/api/forge")
    @Transactional(readOnly = true)
    Forge forge(Person person) {
        List<BilletRow> billets = forge.billets();
        Map<Long, BilletRow> byId = billets.stream().collect(Collectors.toMap(BilletRow::id, Function.identity()));
        Map<Long, MachineRow> known =
                forge.machines().stream().collect(Collectors.toMap(MachineRow::id, Function.identity()));
        Map<Long, Integer> done = forge.doneCounts();
        return new Forge(
                billets.stream()
                        .map(row -> line(row, done.getOrDefault(row.id(), 0), person.units()))
                        .toList(),
                known.values().stream().map(row -> view(row, person.units())).toList(),
                forge.trips().stream()
                        .filter(trip -> byId.containsKey(trip.billet()) && known.containsKey(trip.machine()))
                        .map(trip -> {
                            ForgeMachine machine = known.get(trip.machine()).machine();
                            return new TripView(
                                    trip.id(),
                                    machine.name(),
                                    machine.owner(),
                                    trip.billet(),
                                    byId.get(trip.billet()).plan().name(),
                                    trip.day(),
                                    trip.carry().stream()
                                            .map(line -> new CarryView(
                                                    line, trip.packed().contains(line)))
                                            .toList(),
                                    trip.by());
                        })
                        .toList());
    }

    private BilletLine line(BilletRow row, int done, Units units) {
        List<RecipeStep> steps = row.plan().recipe().steps();
        return new BilletLine(
                row.id(),
                row.plan().name(),
                row.plan().blades(),
                done,
                steps.size(),
                done < steps.size() ? steps.get(done).work().title() : "",
                row.lot().map(lot -> stock.words(lot, units)).orElse(""));
    }

    private static MachineView view(MachineRow row, Units units) {
        ForgeMachine machine = row.machine();
        String force = machine.tons().map(tons -> tons + " tons, ").orElse("");
        String die = machine.die()
                .map(length -> "dies " + length.brieflyIn(units) + ", ")
                .orElse("");
        return new MachineView(
                row.id(),
                machine.name(),
                machine.kind().words(),
                force + die + "up to " + machine.longest().brieflyIn(units) + " long and "
                        + machine.thickest().brieflyIn(units) + " high",
                machine.owner());
    }

    @GetMapping("/api/forge/questions")
    @Transactional(readOnly = true)
    ForgeQuestions questions(Person person) {
        return new ForgeQuestions(
                Arrays.stream(ForgeWork.values())
                        .map(work -> view(work, steels.library(), person.units()))
                        .toList(),
                pieces.openAllOfLivingJobs().stream()
                        .filter(PieceFile::isAlive)
                        .filter(file -> file.specification().isFromBillet())
                        .map(file -> waiting(file, person.units()))
                        .toList(),
                "These are the usual cautions. The safety sheets of what is used, local rules and licensed practice come first.");
    }

    private static WorkView view(ForgeWork work, SteelLibrary library, Units units) {
        return new WorkView(
                work.name(),
                work.title(),
                work.howTo(),
                work.cautions(),
                work.begins(),
                work.fields().stream()
                        .map(field -> FieldView.of(field, new StepForm(work, library), units))
                        .toList());
    }

    private static BladeWaiting waiting(PieceFile file, Units units) {
        Bar bar = KnifeShape.bar(file.specification());
        double volume = file.specification().steel().density().volumeOf(bar.mass());
        Length length = Length.ofMillimetres(
                        volume / bar.thickness().millimetres() / bar.width().millimetres())
                .nearest(Length.ofInches("0.01"));
        return new BladeWaiting(
                file.id(),
                file.name(),
                file.jobTitle(),
                bar.thickness().brieflyIn(units),
                bar.width().nearest(Length.ofInches("0.01")).brieflyIn(units),
                length.brieflyIn(units));
    }

    @PostMapping("/api/forge/read")
    @Transactional(readOnly = true)
    BilletReading read(@RequestBody AskedBillet billet, Person person) {
        return reader.read(billet, person.units());
    }

    @GetMapping("/api/forge/billets/{id}")
    @Transactional(readOnly = true)
    BilletPage billet(@PathVariable long id, Person person) {
        BilletRow row =
                forge.billet(id).orElseThrow(() -> Refusal.notThere("There is no billet with number " + id + "."));
        Units units = person.units();
        List<StepDone> done = forge.done(id);
        return new BilletPage(
                id,
                row.version(),
                asked(row.plan(), units),
                reader.read(row.plan(), ForgeService.readings(done), units),
                row.areBarsTaken(),
                done.stream().map(each -> view(each, units)).toList(),
                forge.flaws(id).stream().map(flaw -> view(flaw, units)).toList(),
                row.lot().orElse(0L),
                row.lot().map(lot -> stock.words(lot, units)).orElse(""));
    }

    private static AskedBillet asked(Plan plan, Units units) {
        return new AskedBillet(
                plan.name(),
                plan.recipe().steps().stream()
                        .map(step -> new StepEntries(step.work().name(), BilletReader.entries(step, units)))
                        .toList(),
                String.valueOf(plan.blades()),
                plan.blank().thickness().brieflyIn(units),
                plan.blank().width().brieflyIn(units),
                plan.blank().length().brieflyIn(units),
                plan.piece().orElse(0L),
                plan.paid().map(Money::typed).orElse(""));
    }

    private static DoneView view(StepDone done, Units units) {
        return new DoneView(
                done.by(),
                done.atMillis(),
                words(done.reading().thickness(), units),
                words(done.reading().width(), units),
                words(done.reading().length(), units));
    }

    private static String words(Optional<Length> length, Units units) {
        return length.map(each -> each.brieflyIn(units)).orElse("");
    }

    private static FlawView view(FlawRow row, Units units) {
        return new FlawView(
                row.words(),
                row.flaw().depth().in(units),
                row.flaw().leftGroundOut(units).value().in(units),
                row.flaw().staysInside(units).value().in(units),
                row.goesOn(),
                row.by(),
                row.atMillis());
    }

    @PostMapping("/api/forge/billets")
    Receipt begin(@RequestBody AskedBillet billet, Person person, Command command) {
        return service.begin(billet, person, command);
    }

    @PostMapping("/api/forge/billets/{id}/change")
    Receipt change(@PathVariable long id, @RequestBody ChangedBillet changed, Person person, Command command) {
        return service.change(id, changed.billet(), changed.basedOn(), person, command);
    }

    @PostMapping("/api/forge/billets/{id}/bars")
    Receipt takeBars(@PathVariable long id, Person person, Command command) {
        return service.takeBars(id, person, command);
    }

    @PostMapping("/api/forge/billets/{id}/steps/{step}/done")
    Receipt done(
            @PathVariable long id,
            @PathVariable int step,
            @RequestBody AskedReading reading,
            Person person,
            Command command) {
        return service.done(id, step, reading, person, command);
    }

    @PostMapping("/api/forge/billets/{id}/steps/{step}/reopen")
    Receipt reopen(@PathVariable long id, @PathVariable int step, Person person, Command command) {
        return service.reopen(id, step, person, command);
    }

    @PostMapping("/api/forge/flaw")
    FlawAnswer lookAtFlaw(@RequestBody AskedFlaw asked, Person person) {
        LaminateFlaw flaw = ForgeService.flaw(asked, person.units());
        Worked<Length> left = flaw.leftGroundOut(person.units());
        Worked<Length> inside = flaw.staysInside(person.units());
        return new FlawAnswer(
                left.value().in(person.units()),
                inside.value().in(person.units()),
                List.of(left.working().get(0), inside.working().get(0)),
                Stream.of(left, inside)
                        .flatMap(each -> each.cautions().stream())
                        .toList());
    }

    @PostMapping("/api/forge/billets/{id}/flaws")
    Receipt flaw(@PathVariable long id, @RequestBody AskedFlaw flaw, Person person, Command command) {
        return service.flaw(id, flaw, person, command);
    }

    @PostMapping("/api/forge/billets/{id}/finish")
    Receipt finish(@PathVariable long id, Person person, Command command) {
        return service.finish(id, person, command);
    }

    @PostMapping("/api/forge/billets/{id}/drop")
    Receipt drop(@PathVariable long id, Person person, Command command) {
        return service.drop(id, person, command);
    }

    @PostMapping("/api/forge/machines")
    Receipt keepMachine(@RequestBody AskedMachine machine, Person person, Command command) {
        return machines.keepMachine(machine, person, command);
    }

    @PostMapping("/api/forge/machines/{id}/drop")
    Receipt dropMachine(@PathVariable long id, Person person, Command command) {
        return machines.dropMachine(id, person, command);
    }

    @PostMapping("/api/forge/trips")
    Receipt planTrip(@RequestBody AskedTrip trip, Person person, Command command) {
        return machines.planTrip(trip, person, command);
    }

    @PostMapping("/api/forge/trips/{id}/pack")
    Receipt pack(@PathVariable long id, @RequestBody Packed packed, Person person, Command command) {
        return machines.pack(id, packed.line(), packed.isPacked(), person, command);
    }

    @PostMapping("/api/forge/trips/{id}/over")
    Receipt endTrip(@PathVariable long id, Person person, Command command) {
        return machines.endTrip(id, person, command);
    }
}
