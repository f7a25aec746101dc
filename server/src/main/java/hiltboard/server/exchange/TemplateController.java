package hiltboard.server.exchange;

import hiltboard.core.blade.Point;
import hiltboard.core.design.Specification;
import hiltboard.core.exchange.DxfSheet;
import hiltboard.core.exchange.HandleGauges;
import hiltboard.core.exchange.SheathTemplates;
import hiltboard.core.exchange.Sheet;
import hiltboard.core.exchange.SvgSheet;
import hiltboard.core.exchange.Template;
import hiltboard.core.machine.Bore;
import hiltboard.core.sheath.SheathPlan;
import hiltboard.server.Refusal;
import hiltboard.server.access.Person;
import hiltboard.server.design.ConsultService;
import hiltboard.server.exchange.PdfSheet.Paper;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.stock.BarFile;
import hiltboard.server.stock.CutRepository.BarCut;
import hiltboard.server.stock.CuttingService;
import io.swagger.v3.oas.annotations.Hidden;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
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

/** Drawings at 1:1, hole tables and specifications as files, of a piece or of a revision. */
@RestController
class TemplateController {
    private final PieceFiles pieces;
    private final ConsultService consult;
    private final SpecificationFile files;
    private final CuttingService cutting;

    TemplateController(PieceFiles pieces, ConsultService consult, SpecificationFile files, CuttingService cutting) {
        this.pieces = pieces;
        this.consult = consult;
        this.files = files;
        this.cutting = cutting;
    }

    /** What a file of the handle's sections begins with. */
    private static final String GAUGES = "sections-";
    /** What a file of a sheath's parts begins with. */
    private static final String SHEATH = "sheath-";

    /** A file's text. */
    record Text(String text) {}

    /** The answers of a specification that came in, as the reader would type them. */
    record Answers(Map<String, String> entries) {}

    @Hidden
    @GetMapping("/api/pieces/{id}/files/{file}")
    @Transactional(readOnly = true)
    ResponseEntity<byte[]> ofPiece(
            @PathVariable long id,
            @PathVariable String file,
            @RequestParam(defaultValue = "A4") String paper,
            Person person) {
        PieceFile piece = pieces.open(id);
        String title = piece.name() + " " + piece.jobTitle();
        if (file.startsWith(SHEATH)) {
            return sheath(piece, title, file.substring(SHEATH.length()), paper, person);
        }
        return file.startsWith(GAUGES)
                ? gauges(piece.specification(), title, file.substring(GAUGES.length()), paper, person)
                : sent(piece.specification(), title, file, paper);
    }

    /** Sections of the handle at 1:1, to be cut out and held against it. */
    private static ResponseEntity<byte[]> gauges(
            Specification specification, String title, String file, String paper, Person person) {
        List<Template> gauges = HandleGauges.of(specification, person.units());
        if (gauges.isEmpty()) {
            throw Refusal.notThere("This handle has no sections to cut out.");
        }
        return drawn(Sheet.of(title + ", handle sections", gauges), title, file, paper)
                .orElseThrow(() -> Refusal.notThere("There is no such file: sections-template.pdf, .svg or .dxf."));
    }

    /** The parts of a sheath at 1:1, around the knife as it was measured. */
    private static ResponseEntity<byte[]> sheath(
            PieceFile piece, String title, String file, String paper, Person person) {
        SheathPlan plan = piece.sheath(person.units())
                .orElseThrow(() -> Refusal.notThere(piece.name() + " is made without a sheath."));
        return drawn(
                        Sheet.of(title + ", sheath", SheathTemplates.of(plan, person.units())),
                        title + " sheath",
                        file,
                        paper)
                .orElseThrow(() -> Refusal.notThere("There is no such file: sheath-template.pdf, .svg or .dxf."));
    }

    /** @param size of what goes through; {@code diameter} of the hole */
    record DrillLine(String use, String size, String drill, String diameter, int count) {}

    @Hidden
    @GetMapping("/api/jobs/{id}/revisions/{number}/files/{file}")
    @Transactional(readOnly = true)
    ResponseEntity<byte[]> ofRevision(
            @PathVariable long id,
            @PathVariable int number,
            @PathVariable String file,
            @RequestParam(defaultValue = "A4") String paper) {
        return sent(consult.specification(id, number), consult.title(id) + " revision " + number, file, paper);
    }

    /**
     * Everything that is drilled in a piece, one line for each kind of hole: what goes through, the drill, how many.
     */
    @GetMapping("/api/pieces/{id}/drills")
    @Transactional(readOnly = true)
    List<DrillLine> drills(@PathVariable long id, Person person) {
        Specification specification = pieces.open(id).specification();
        return Template.of(specification).get(0).holes().stream()
                .map(bore -> new Bore(bore.use(), new Point(0, 0), bore.part(), bore.diameter(), bore.drill()))
                .collect(Collectors.groupingBy(bore -> bore, LinkedHashMap::new, Collectors.counting()))
                .entrySet()
                .stream()
                .map(line -> new DrillLine(
                        line.getKey().use().words(),
                        line.getKey().part().in(person.units()),
                        line.getKey().drill(),
                        line.getKey().diameter().in(person.units()),
                        line.getValue().intValue()))
                .toList();
    }

    /** A bar as it is going to be cut. */
    @Hidden
    @GetMapping("/api/stock/cuts/{id}/files/{file}")
    @Transactional(readOnly = true)
    ResponseEntity<byte[]> ofBar(
            @PathVariable long id,
            @PathVariable String file,
            @RequestParam(defaultValue = "A4") String paper,
            Person person) {
        BarCut cut = cutting.planned(id);
        String title = cutting.words(cut, person.units());
        if (file.equals("list.csv")) {
            return answer(
                    "text/csv;charset=UTF-8", title, file, BarFile.list(cut).getBytes(StandardCharsets.UTF_8));
        }
        return drawn(BarFile.sheet(cut, title, cutting.width(cut)), title, file, paper)
                .orElseThrow(() -> Refusal.notThere(
                        "There is no file “" + file + "”: template.svg, template.dxf, template.pdf or list.csv."));
    }

    @Hidden
    @GetMapping(path = "/api/specification.schema.json", produces = "application/schema+json")
    String schema() {
        return files.schema();
    }

    /** Reads a specification that was written as a file, here or by another program. */
    @PostMapping("/api/exchange/specification")
    Answers read(@RequestBody Text file, Person person) {
        Specification specification = files.read(file.text());
        Map<String, String> entries = new LinkedHashMap<>();
        specification.chosen().keySet().forEach(key -> entries.put(key, specification.entryIn(key, person.units())));
        return new Answers(entries);
    }

    private ResponseEntity<byte[]> sent(Specification specification, String title, String file, String paper) {
        List<Template> templates = Template.of(specification);
        Sheet sheet = Sheet.of(title, templates);
        return drawn(sheet, title, file, paper).orElseGet(() -> switch (file) {
            case "holes.csv" ->
                answer(
                        "text/csv;charset=UTF-8",
                        title,
                        file,
                        HoleTable.write(templates).getBytes(StandardCharsets.UTF_8));
            case "specification.json" ->
                answer(
                        MediaType.APPLICATION_JSON_VALUE,
                        title,
                        file,
                        files.write(specification).getBytes(StandardCharsets.UTF_8));
            default ->
                throw Refusal.notThere("There is no file “" + file
                        + "”: template.svg, template.dxf, template.pdf, holes.csv or specification.json.");
        });
    }

    private static Optional<ResponseEntity<byte[]>> drawn(Sheet sheet, String title, String file, String paper) {
        return switch (file) {
            case "template.svg" ->
                Optional.of(answer(
                        "image/svg+xml", title, file, SvgSheet.write(sheet).getBytes(StandardCharsets.UTF_8)));
            case "template.dxf" ->
                Optional.of(answer(
                        "image/vnd.dxf", title, file, DxfSheet.write(sheet).getBytes(StandardCharsets.US_ASCII)));
            case "template.pdf" ->
                Optional.of(answer(MediaType.APPLICATION_PDF_VALUE, title, file, PdfSheet.write(sheet, paper(paper))));
            default -> Optional.empty();
        };
    }

    private static Paper paper(String name) {
        return Arrays.stream(Paper.values())
                .filter(each -> each.name().equalsIgnoreCase(name))
                .findFirst()
                .orElseThrow(() -> Refusal.entry("paper", name, "This paper is not known here", "A4 or Letter"));
    }

    /** Always as a file to keep: an SVG opened in the shop's own window would be a page of the shop. */
    private static ResponseEntity<byte[]> answer(String type, String title, String file, byte[] bytes) {
        String name = title.replaceAll("[^\\p{L}\\p{N}]+", "-") + "-" + file;
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(type))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(bytes);
    }
}
