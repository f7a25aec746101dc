package hiltboard.server.fire;

import hiltboard.core.field.Option;
import hiltboard.core.fire.HardnessTest;
import hiltboard.core.fire.HeatNeed;
import hiltboard.core.fire.Programme;
import hiltboard.core.fire.Treatment;
import hiltboard.core.fire.Warp;
import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Condition;
import hiltboard.server.access.Person;
import hiltboard.server.fire.AfterFireRepository.TestRow;
import hiltboard.server.fire.AfterFireRepository.WarpRow;
import hiltboard.server.fire.AfterFireService.AskedRemedy;
import hiltboard.server.fire.AfterFireService.AskedWarp;
import hiltboard.server.fire.FireRepository.InLoad;
import hiltboard.server.fire.FireRepository.LoadRow;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** One piece and the fire: its programmes, its fires, its hardness, its straightness. */
@RestController
class AfterFireController {
    private final AfterFireService service;
    private final AfterFireRepository after;
    private final FireRepository fire;
    private final PieceFiles files;

    AfterFireController(AfterFireService service, AfterFireRepository after, FireRepository fire, PieceFiles files) {
        this.service = service;
        this.after = after;
        this.fire = fire;
        this.files = files;
    }

    /** Heat and soak are empty where no kiln is needed. */
    record ProgrammeView(String treatment, String heat, String soak, List<String> steps) {}

    /** A fire that a piece was in. @param left in words, how it left */
    record FireOfPiece(long loadId, String treatment, String kiln, String heat, String soaked, String left) {}

    record TestView(
            List<String> readings,
            String mean,
            String verdict,
            boolean isAsWanted,
            boolean skates,
            List<String> working,
            List<String> advice,
            int heats,
            String by,
            long atMillis) {}

    /** @param remedies what is usual for it, while nothing was done */
    record WarpView(
            long id,
            String amount,
            String words,
            boolean passes,
            List<String> working,
            List<Option> remedies,
            String remedy,
            String left,
            boolean leftPasses,
            int heats,
            String by,
            long atMillis) {}

    /** @param lookAtFirst what to look at before it is hardened once more, where it has warped before */
    record PieceFire(
            long id,
            String name,
            String job,
            String steel,
            int heats,
            boolean isTempered,
            String wanted,
            List<ProgrammeView> programmes,
            List<FireOfPiece> fires,
            List<TestView> tests,
            List<WarpView> warps,
            List<String> lookAtFirst,
            List<Option> places,
            List<Option> directions) {}

    /** Readings as they were typed. */
    record TestTaken(List<String> readings, boolean skates) {}

    record Pressed(String reading) {}

    @GetMapping("/api/fire/pieces/{id}")
    @Transactional(readOnly = true)
    PieceFire piece(@PathVariable long id, Person person) {
        PieceFile file = files.open(id);
        Units units = person.units();
        boolean isTempered = file.progress().conditions().contains(Condition.TEMPERED);
        List<WarpRow> warps = after.warps(id);
        return new PieceFire(
                id,
                file.name(),
                file.jobTitle(),
                file.specification().steel().designation(),
                file.rework().heats(),
                isTempered,
                AfterFireService.wanted(file).in(units),
                programmes(file, units),
                fires(id, units),
                after.tests(id).stream().map(test -> view(test, units)).toList(),
                warps.stream().map(warp -> view(warp, file, isTempered, units)).toList(),
                Warp.lookAtFirst(
                        (int) warps.stream()
                                .filter(warp -> !warp.warp().passes())
                                .count(),
                        file.rework().heats()),
                Arrays.stream(Warp.Place.values())
                        .map(each -> new Option(each.name(), each.words()))
                        .toList(),
                Arrays.stream(Warp.Direction.values())
                        .map(each -> new Option(each.name(), each.words()))
                        .toList());
    }

    private static List<ProgrammeView> programmes(PieceFile file, Units units) {
        HeatNeed need = HeatNeed.of(file.specification(), file.chain(Units.INCH_FAHRENHEIT));
        Stream<ProgrammeView> inKiln = Stream.of(Treatment.values())
                .filter(treatment -> treatment != Treatment.STRAIGHTEN
                        && LoadPieces.step(file, treatment).isPresent())
                .map(treatment -> Programme.of(treatment, need, units))
                .map(programme -> new ProgrammeView(
                        programme.treatment().words(),
                        programme.heat().in(units),
                        Span.words(programme.soak()),
                        programme.steps()));
        return Stream.concat(
                        inKiln,
                        Programme.ByHand.of(file.specification(), units).stream()
                                .map(each -> new ProgrammeView(each.words(), "", "", each.steps())))
                .toList();
    }

    private List<FireOfPiece> fires(long piece, Units units) {
        return fire.firesOf(piece).stream()
                .map(record -> {
                    LoadRow load = fire.load(record.load());
                    return new FireOfPiece(
                            load.id(),
                            load.treatment().words(),
                            fire.kiln(load.kiln()).name(),
                            load.heat().in(units),
                            record.leftAt().map(at -> record.soakedWords()).orElse(""),
                            left(load, record));
                })
                .toList();
    }

    private static String left(LoadRow load, InLoad record) {
        return switch (record.leftAs()) {
            case "TREATED" ->
                record.fileTest().isEmpty()
                        ? "done"
                        : record.fileTest().equals("SKATES") ? "the file skates" : "the file bites";
            case "NOT_TREATED" -> "not treated";
            default -> load.isOpen() ? "not out yet" : "planned, not treated";
        };
    }

    private static TestView view(TestRow row, Units units) {
        HardnessTest test = AfterFireService.judged(row.readings(), row.wanted());
        return new TestView(
                row.readings().stream()
                        .map(reading -> reading.hrc().toPlainString())
                        .toList(),
                test.mean().in(units),
                test.verdict().words(),
                test.verdict() == HardnessTest.Verdict.AS_WANTED,
                row.skates(),
                test.working(),
                test.advice(),
                row.heats(),
                row.by(),
                row.atMillis());
    }

    private static WarpView view(WarpRow row, PieceFile file, boolean isTempered, Units units) {
        Warp warp = row.warp();
        List<Option> remedies = row.remedy().isPresent()
                ? List.of()
                : warp
                        .remedies(
                                file.rework().heats(),
                                isTempered,
                                file.specification().isClampedInFirstTemper())
                        .stream()
                        .map(each -> new Option(each.name(), each.words()))
                        .toList();
        Optional<Length> left = row.left();
        return new WarpView(
                row.id(),
                warp.amount().in(units),
                warp.direction().words() + " " + warp.place().words(),
                warp.passes(),
                warp.working(units),
                remedies,
                row.remedy().map(Warp.Remedy::words).orElse(""),
                left.map(length -> length.in(units)).orElse(""),
                left.filter(length -> length.compareTo(warp.limit()) <= 0).isPresent(),
                row.heats(),
                row.by(),
                row.atMillis());
    }

    @PostMapping("/api/fire/pieces/{id}/hardness")
    Receipt test(@PathVariable long id, @RequestBody TestTaken test, Person person, Command command) {
        return service.test(id, test.readings(), test.skates(), person, command);
    }

    /** One press of the tester; nothing is kept until the readings are. */
    @GetMapping("/api/fire/pieces/{id}/tester")
    Pressed press(@PathVariable long id) {
        Hardness read = service.press(id);
        return new Pressed(read.hrc().toPlainString());
    }

    @PostMapping("/api/fire/pieces/{id}/warps")
    Receipt warped(@PathVariable long id, @RequestBody AskedWarp asked, Person person, Command command) {
        return service.warped(id, asked, person, command);
    }

    @PostMapping("/api/fire/pieces/{id}/warps/{warp}/remedy")
    Receipt remedied(
            @PathVariable long id,
            @PathVariable long warp,
            @RequestBody AskedRemedy asked,
            Person person,
            Command command) {
        return service.remedied(id, warp, asked, person, command);
    }
}
