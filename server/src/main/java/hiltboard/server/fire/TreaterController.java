package hiltboard.server.fire;

import hiltboard.core.measure.Units;
import hiltboard.core.route.Trait;
import hiltboard.server.access.AccessService;
import hiltboard.server.access.Person;
import hiltboard.server.exchange.PdfTable;
import hiltboard.server.fire.TreaterRepository.Consignment;
import hiltboard.server.fire.TreaterRepository.SentPiece;
import hiltboard.server.fire.TreaterService.AskedSheet;
import hiltboard.server.fire.TreaterService.BackPiece;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import hiltboard.server.route.StepRepository.StepRow;
import io.swagger.v3.oas.annotations.Hidden;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Send-out sheets of blades that are hardened outside. */
@RestController
class TreaterController {
    private final TreaterService service;
    private final TreaterRepository treater;
    private final PieceFiles files;
    private final AccessService access;

    TreaterController(TreaterService service, TreaterRepository treater, PieceFiles files, AccessService access) {
        this.service = service;
        this.treater = treater;
        this.files = files;
        this.access = access;
    }

    /** A piece that waits for the treater, as the sheet would describe it. */
    record AwaitsTreater(
            long pieceId,
            String piece,
            String job,
            String steel,
            String condition,
            String edge,
            String hardness,
            boolean gainsByCold) {}

    record ConsignmentLine(long id, String treater, int count, String outOn, String backOn, String returnedOn) {}

    record TreaterView(List<AwaitsTreater> waiting, List<ConsignmentLine> sheets) {}

    /** @param isOpen whether what differs has still to be answered */
    record SentView(
            long pieceId,
            String piece,
            String mark,
            String steel,
            String condition,
            String edge,
            String hardness,
            String backAs,
            String backWords,
            String operation,
            boolean isOpen) {}

    record ConsignmentView(
            long id,
            String shop,
            String treater,
            String straightness,
            boolean isCold,
            String words,
            String outOn,
            String backOn,
            String sentBy,
            String returnedOn,
            List<SentView> pieces) {}

    record Returned(List<BackPiece> pieces) {}

    @GetMapping("/api/fire/treater")
    @Transactional(readOnly = true)
    TreaterView treater(Person person) {
        List<AwaitsTreater> waiting = files.openAllOfLivingJobs().stream()
                .filter(TreaterService::isWaiting)
                .map(file -> {
                    TreaterRepository.Described described = TreaterService.described(file, file.name());
                    return new AwaitsTreater(
                            file.id(),
                            file.name(),
                            file.jobTitle(),
                            described.steel(),
                            described.condition(),
                            described.edge().in(person.units()),
                            described.hardness().in(person.units()),
                            file.specification().steel().cold().isPresent());
                })
                .toList();
        return new TreaterView(
                waiting,
                treater.all().stream()
                        .map(each -> new ConsignmentLine(
                                each.id(),
                                each.sheet().treater(),
                                treater.pieces(each.id()).size(),
                                each.sheet().outOn(),
                                each.sheet().backOn(),
                                each.returnedOn().orElse("")))
                        .toList());
    }

    @PostMapping("/api/fire/treater")
    Receipt send(@RequestBody AskedSheet sheet, Person person, Command command) {
        return service.send(sheet, person, command);
    }

    @GetMapping("/api/fire/treater/{id}")
    @Transactional(readOnly = true)
    ConsignmentView one(@PathVariable long id, Person person) {
        Consignment consignment = treater.one(id);
        return new ConsignmentView(
                id,
                access.shopName(),
                consignment.sheet().treater(),
                consignment.sheet().straightness(),
                consignment.sheet().isCold(),
                consignment.sheet().words(),
                consignment.sheet().outOn(),
                consignment.sheet().backOn(),
                consignment.sentBy(),
                consignment.returnedOn().orElse(""),
                treater.pieces(id).stream()
                        .map(piece -> view(piece, person.units()))
                        .toList());
    }

    private SentView view(SentPiece piece, Units units) {
        PieceFile file = files.open(piece.described().piece());
        String harden = TreaterService.step(file, Trait.HARDENS)
                .map(step -> step.operation().key())
                .orElse("");
        boolean isOpen = piece.backAs().equals("DIFFERENT")
                && TreaterService.step(file, Trait.HARDENS)
                        .flatMap(file::row)
                        .filter(StepRow::isUnderWay)
                        .isPresent();
        return new SentView(
                file.id(),
                file.name(),
                piece.described().mark(),
                piece.described().steel(),
                piece.described().condition(),
                piece.described().edge().in(units),
                piece.described().hardness().in(units),
                piece.backAs(),
                piece.backWords(),
                harden,
                isOpen);
    }

    @PostMapping("/api/fire/treater/{id}/returned")
    Receipt returned(@PathVariable long id, @RequestBody Returned returned, Person person, Command command) {
        return service.returned(id, returned.pieces(), person, command);
    }

    @Hidden
    @GetMapping("/api/fire/treater/{id}/sheet.pdf")
    @Transactional(readOnly = true)
    ResponseEntity<byte[]> sheet(@PathVariable long id, Person person) {
        ConsignmentView view = one(id, person);
        List<List<String>> rows = view.pieces().stream()
                .map(piece -> List.of(piece.mark(), piece.steel(), piece.condition(), piece.edge(), piece.hardness()))
                .toList();
        List<String> lines = Stream.of(
                        "To: " + view.treater(),
                        "From: " + view.shop() + ", " + view.sentBy(),
                        "Out: " + view.outOn() + "     Back: " + view.backOn(),
                        "Count: " + view.pieces().size(),
                        "Straightness: " + view.straightness(),
                        "Cold treatment: " + (view.isCold() ? "yes, before the first temper" : "no"),
                        view.words())
                .filter(line -> !line.isBlank())
                .toList();
        byte[] pdf = PdfTable.write(
                "Send-out sheet " + id,
                lines,
                List.of("Mark", "Steel", "Condition", "Edge left", "Hardness wanted"),
                rows,
                List.of(
                        "Hardness is wanted after tempering. Please do not straighten cold. Marks stay with their blades.",
                        "Received by:                                                      Count:                       Date:"));
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename("send-out-" + id + ".pdf")
                                .build()
                                .toString())
                .body(pdf);
    }
}
