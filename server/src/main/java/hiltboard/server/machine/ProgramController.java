package hiltboard.server.machine;

import hiltboard.core.blade.Point;
import hiltboard.core.exchange.Backplot;
import hiltboard.core.exchange.Backplot.Stroke;
import hiltboard.core.exchange.PartProgram;
import hiltboard.core.exchange.PartProgram.Setup;
import hiltboard.core.exchange.Template;
import hiltboard.core.machine.CutterMaterial;
import hiltboard.core.machine.Cutting;
import hiltboard.core.machine.Stiffness;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.measure.Units;
import hiltboard.server.Refusal;
import hiltboard.server.Typed;
import hiltboard.server.access.Person;
import hiltboard.server.job.Drawing;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import io.swagger.v3.oas.annotations.Hidden;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Parts of a piece as programs for a numerically controlled mill (ISO 6983), and what they would move. */
@RestController
class ProgramController {
    private static final String HOLES = "-holes.nc";
    private static final String OUTLINE = "-outline.nc";
    private static final Length SAFE = Length.ofMillimetres("10");
    private static final Length DRY = Length.ofMillimetres("25");
    private static final LengthRange CUTTERS = LengthRange.of("1/32", "1");
    private static final double MARGIN = 8;

    private final PieceFiles files;

    ProgramController(PieceFiles files) {
        this.files = files;
    }

    /** @param isOutline whether it asks for a cutter */
    record ProgramView(String file, String words, boolean isOutline) {}

    /**
     * What a program would move, as SVG paths in millimetres, y downwards.
     *
     * @param rapid moves without cutting, {@code cut} those that cut, {@code part} its own outline
     * @param low the lowest that it goes, over the work's top face, in words
     */
    record PlotView(
            double minX,
            double minY,
            double width,
            double height,
            String part,
            String rapid,
            String cut,
            List<PlotHole> holes,
            String low) {}

    record PlotHole(double x, double y) {}

    /** What can be had of a piece. */
    @GetMapping("/api/machine/pieces/{id}/programs")
    @Transactional(readOnly = true)
    List<ProgramView> programs(@PathVariable long id) {
        List<ProgramView> all = new ArrayList<>();
        for (MachinedPart part : parts(files.open(id))) {
            if (part.hasHoles()) {
                all.add(new ProgramView(slug(part) + HOLES, part.template().name() + ", holes", false));
            }
            all.add(new ProgramView(slug(part) + OUTLINE, part.template().name() + ", outline", true));
        }
        return all;
    }

    /** Those whose thickness is known: a forged head or a handle's block is cut by no such program. */
    private static List<MachinedPart> parts(PieceFile file) {
        return MachinedPart.of(file).stream()
                .filter(part -> part.thickness().isPresent())
                .toList();
    }

    private static String slug(MachinedPart part) {
        return part.template().name().toLowerCase(Locale.ROOT).replace(' ', '-');
    }

    /** @param cutter diameter of the end mill, for an outline */
    @Hidden
    @GetMapping("/api/machine/pieces/{id}/programs/{file}")
    @Transactional(readOnly = true)
    ResponseEntity<byte[]> program(
            @PathVariable long id,
            @PathVariable String file,
            @RequestParam(defaultValue = "false") boolean dryRun,
            @RequestParam(defaultValue = "1/4 in") String cutter,
            Person person) {
        PieceFile piece = files.open(id);
        String text = written(piece, file, dryRun, cutter, person.units());
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/plain;charset=US-ASCII"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(piece.name() + " " + file, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(text.getBytes(StandardCharsets.US_ASCII));
    }

    @GetMapping("/api/machine/pieces/{id}/programs/{file}/plot")
    @Transactional(readOnly = true)
    PlotView plot(
            @PathVariable long id,
            @PathVariable String file,
            @RequestParam(defaultValue = "false") boolean dryRun,
            @RequestParam(defaultValue = "1/4 in") String cutter,
            Person person) {
        PieceFile piece = files.open(id);
        List<Stroke> strokes = Backplot.of(written(piece, file, dryRun, cutter, person.units()));
        return view(strokes, part(piece, file).template(), person.units());
    }

    private static MachinedPart part(PieceFile piece, String file) {
        return parts(piece).stream()
                .filter(part -> file.equals(slug(part) + OUTLINE) || file.equals(slug(part) + HOLES) && part.hasHoles())
                .findFirst()
                .orElseThrow(() -> Refusal.notThere(piece.name() + " has no program “" + file + "”."));
    }

    private static String written(PieceFile piece, String file, boolean dryRun, String cutter, Units units) {
        MachinedPart machined = part(piece, file);
        Template part = machined.template();
        String title = piece.name() + " " + piece.jobTitle();
        Setup setup = new Setup(
                units,
                machined.soft(piece.specification()),
                machined.thickness().orElseThrow(),
                SAFE,
                dryRun ? DRY : Length.ZERO);
        if (file.endsWith(HOLES)) {
            return PartProgram.holes(title, part, setup);
        }
        Typed typed = new Typed(units);
        Length diameter = typed.length("cutter", cutter, CUTTERS);
        typed.mustBeUnderstood();
        try {
            return PartProgram.outline(
                    title,
                    part,
                    setup,
                    new Cutting(
                            setup.piece(), CutterMaterial.CARBIDE, diameter, 4, Cutting.Mill.usual(Stiffness.LIGHT)));
        } catch (ImpossibleQuantity impossible) {
            throw Refusal.impossible("cutter", cutter, impossible, units);
        }
    }

    private static PlotView view(List<Stroke> strokes, Template part, Units units) {
        List<Point> all = new ArrayList<>();
        strokes.forEach(stroke -> all.addAll(stroke.line().points()));
        part.outlines().forEach(line -> all.addAll(line.points()));
        double left = all.stream().mapToDouble(Point::x).min().orElse(0) - MARGIN;
        double right = all.stream().mapToDouble(Point::x).max().orElse(0) + MARGIN;
        double top = all.stream().mapToDouble(Point::y).max().orElse(0) + MARGIN;
        double bottom = all.stream().mapToDouble(Point::y).min().orElse(0) - MARGIN;
        double low = strokes.stream()
                .mapToDouble(Stroke::low)
                .filter(each -> !Double.isNaN(each))
                .min()
                .orElse(0);
        return new PlotView(
                left,
                -top,
                right - left,
                top - bottom,
                part.outlines().stream().map(Drawing::closed).collect(Collectors.joining()),
                paths(strokes, false),
                paths(strokes, true),
                strokes.stream()
                        .filter(stroke ->
                                stroke.isCut() && stroke.line().segments().isEmpty())
                        .map(stroke -> new PlotHole(
                                stroke.line().start().x(),
                                -stroke.line().start().y()))
                        .toList(),
                Length.ofMillimetres(Math.round(low * 1000) / 1000d).in(units));
    }

    private static String paths(List<Stroke> strokes, boolean isCut) {
        return strokes.stream()
                .filter(stroke -> stroke.isCut() == isCut)
                .map(Stroke::line)
                .filter(line -> !line.segments().isEmpty())
                .map(Drawing::open)
                .collect(Collectors.joining());
    }
}
