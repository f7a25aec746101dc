package hiltboard.server.etch;

import hiltboard.core.design.Mark;
import hiltboard.core.design.Specification;
import hiltboard.core.etch.Current;
import hiltboard.core.etch.ElectroEtch;
import hiltboard.core.etch.Electrolyte;
import hiltboard.core.etch.MarkClock;
import hiltboard.core.etch.MarkClock.Moment;
import hiltboard.core.etch.MarkMoment;
import hiltboard.core.field.Option;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.WorkedView;
import hiltboard.server.access.Person;
import hiltboard.server.etch.MarkRepository.MarkResult;
import hiltboard.server.etch.MarkRepository.MarkRow;
import hiltboard.server.etch.MarkRepository.NewMark;
import hiltboard.server.etch.MarkRepository.StencilFile;
import hiltboard.server.etch.MarkRepository.StencilRow;
import hiltboard.server.etch.MarkService.AskedMark;
import hiltboard.server.etch.MarkService.AskedMarkResult;
import hiltboard.server.etch.MarkService.AskedStencil;
import hiltboard.server.etch.MarkService.AskedSwitch;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import hiltboard.server.route.StepRepository.StepRow;
import io.swagger.v3.oas.annotations.Hidden;
import java.io.IOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Marks by current: stencils, and the clock of a mark. */
@RestController
class MarkController {
    private final MarkService service;
    private final MarkRepository marks;
    private final PieceFiles files;
    private final ShopClock clock;

    MarkController(MarkService service, MarkRepository marks, PieceFiles files, ShopClock clock) {
        this.service = service;
        this.marks = marks;
        this.files = files;
        this.clock = clock;
    }

    /** @param left marks that it is still good for */
    record StencilView(
            long id,
            String name,
            String words,
            int left,
            int marks,
            String askedOf,
            String wantedOn,
            String askedBy,
            boolean isHere,
            String file) {
        static StencilView of(StencilRow row) {
            return new StencilView(
                    row.id(),
                    row.name(),
                    row.words(),
                    row.left(),
                    row.marks(),
                    row.askedOf(),
                    row.wantedOn().orElse(""),
                    row.askedBy(),
                    row.isHere(),
                    row.fileName().orElse(""));
        }
    }

    /**
     * A mark and its clock; moments in epoch milliseconds of the server, zero where there is none.
     *
     * @param onSinceMillis when the current was switched on
     * @param flowedMillis in all, when this was asked; {@code warmMillis} since it was last cooled
     */
    record MarkView(
            long id,
            String place,
            String stencil,
            String how,
            long goalMillis,
            long flowedMillis,
            long warmMillis,
            long onSinceMillis,
            long burstMillis,
            long coolAfterMillis,
            List<String> can,
            WorkedView density,
            @Nullable WorkedView depth,
            String range,
            List<String> cautions,
            String result,
            String words,
            String by,
            long atMillis) {}

    /** @param risk of the moment at which this piece is marked */
    record PieceMarkView(
            long piece,
            String operation,
            boolean isStarted,
            String timing,
            String risk,
            List<MarkView> marks,
            List<StencilView> stencils,
            List<Option> electrolytes,
            List<Option> currents,
            List<Option> results,
            List<String> places,
            List<CurrentTime> usual) {}

    /** How long a current usually flows in all. */
    record CurrentTime(String current, String time) {}

    @GetMapping("/api/tank/stencils")
    @Transactional(readOnly = true)
    List<StencilView> stencils() {
        return marks.stencils().stream().map(StencilView::of).toList();
    }

    @PostMapping("/api/tank/stencils")
    Receipt ask(@RequestBody AskedStencil asked, Person person, Command command) {
        return service.ask(asked, person, command);
    }

    @PostMapping(path = "/api/tank/stencils/{id}/file", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    Receipt attach(@PathVariable long id, @RequestParam MultipartFile photo, Person person, Command command)
            throws IOException {
        String name = Optional.ofNullable(photo.getOriginalFilename())
                .filter(given -> !given.isBlank())
                .orElse("stencil");
        return service.attach(id, name, photo.getBytes(), person, command);
    }

    @Hidden
    @GetMapping("/api/tank/stencils/{id}/file")
    @Transactional(readOnly = true)
    ResponseEntity<byte[]> file(@PathVariable long id) {
        StencilFile file =
                marks.file(id).orElseThrow(() -> Refusal.notThere("Nothing is kept that this stencil is cut from."));
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(file.name(), StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(file.original());
    }

    @PostMapping("/api/tank/stencils/{id}/here")
    Receipt here(@PathVariable long id, Command command) {
        return service.here(id, command);
    }

    @PostMapping("/api/tank/stencils/{id}/gone")
    Receipt gone(@PathVariable long id, Command command) {
        return service.gone(id, command);
    }

    @GetMapping("/api/tank/pieces/{id}/marks")
    @Transactional(readOnly = true)
    PieceMarkView piece(@PathVariable long id, Person person) {
        PieceFile file = files.open(id);
        Specification spec = file.specification();
        if (spec.mark() != Mark.ELECTRO_ETCHED) {
            throw Refusal.notThere(file.name() + " gets no mark by current.");
        }
        Optional<StepRow> row = MarkService.marking(file).flatMap(file::row);
        return new PieceMarkView(
                id,
                MarkService.marking(file).map(step -> step.operation().key()).orElse(""),
                row.filter(StepRow::isUnderWay).isPresent(),
                spec.markTiming().words(),
                MarkMoment.risk(spec.markTiming(), spec.finish()),
                marks.ofPiece(id).stream()
                        .map(mark -> view(mark, spec, person.units()))
                        .toList(),
                stencils().stream().filter(StencilView::isHere).toList(),
                Arrays.stream(Electrolyte.values())
                        .map(each -> new Option(each.name(), each.words()))
                        .toList(),
                Arrays.stream(Current.values())
                        .map(each -> new Option(each.name(), each.words()))
                        .toList(),
                Arrays.stream(MarkResult.values())
                        .map(each -> new Option(each.name(), each.words()))
                        .toList(),
                places(spec),
                Arrays.stream(Current.values())
                        .map(each -> new CurrentTime(each.name(), Span.words(each.usual())))
                        .toList());
    }

    private static List<String> places(Specification spec) {
        return spec.isAxe()
                ? List.of("left cheek", "right cheek", "poll")
                : List.of("left of the ricasso", "right of the ricasso", "left face", "right face", "spine", "tang");
    }

    private MarkView view(MarkRow row, Specification spec, Units units) {
        NewMark mark = row.mark();
        MarkClock tank = row.clock();
        Instant now = clock.now();
        ElectroEtch etch = new ElectroEtch(mark.amperes(), mark.area(), mark.efficiency());
        Duration time = row.result().isPresent() || !tank.inAll(now).isZero()
                ? tank.inAll(now)
                : Duration.ofSeconds(mark.goalSeconds());
        Optional<Worked<Length>> depth =
                mark.current().digs() ? Optional.of(etch.depth(time, units)) : Optional.empty();
        return new MarkView(
                row.id(),
                mark.place(),
                row.stencilName(),
                mark.current().words() + "; " + plain(mark.volts()) + " V, " + plain(mark.amperes()) + " A; "
                        + mark.electrolyte().words().toLowerCase(Locale.ROOT),
                mark.goalSeconds() * 1000,
                tank.inAll(now).toMillis(),
                tank.sinceCooled(now).toMillis(),
                tank.isOn() ? tank.events().get(tank.events().size() - 1).at().toEpochMilli() : 0,
                MarkClock.BURST.toMillis(),
                MarkClock.COOL_AFTER.toMillis(),
                row.result().isPresent()
                        ? List.of()
                        : Stream.of(Moment.values())
                                .filter(moment -> tank.canFollow(moment, now))
                                .map(Moment::name)
                                .toList(),
                WorkedView.of(etch.density(), units),
                depth.map(worked -> WorkedView.of(worked, units)).orElse(null),
                depth.map(Worked::note).orElse("Alternating current darkens; it hardly digs."),
                mark.electrolyte().cautions(spec.steel().stainless()),
                row.result().map(MarkResult::words).orElse(""),
                row.words(),
                row.by(),
                row.begunAtMillis());
    }

    private static String plain(double number) {
        return BigDecimal.valueOf(number).stripTrailingZeros().toPlainString();
    }

    @PostMapping("/api/tank/pieces/{id}/marks")
    Receipt begin(@PathVariable long id, @RequestBody AskedMark asked, Person person, Command command) {
        return service.begin(id, asked, person, command);
    }

    @PostMapping("/api/tank/marks/{id}/moments")
    Receipt note(@PathVariable long id, @RequestBody AskedSwitch asked, Person person, Command command) {
        return service.note(id, asked, person, command);
    }

    @PostMapping("/api/tank/marks/{id}/result")
    Receipt end(@PathVariable long id, @RequestBody AskedMarkResult asked, Command command) {
        return service.end(id, asked, command);
    }

    @PostMapping("/api/tank/marks/{id}/strike")
    Receipt strike(@PathVariable long id, Command command) {
        return service.strike(id, command);
    }
}
