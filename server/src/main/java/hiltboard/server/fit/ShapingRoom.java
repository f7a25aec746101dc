package hiltboard.server.fit;

import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.fit.FormForCurve;
import hiltboard.core.fit.HandleSections;
import hiltboard.core.fit.HandleSections.Section;
import hiltboard.core.fit.HandleSurface;
import hiltboard.core.grind.Grit;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.route.Effort;
import hiltboard.server.WorkedView;
import hiltboard.server.access.Person;
import hiltboard.server.job.Drawing;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** A handle while it is shaped, sanded and closed; belongs into a transaction of the caller. */
@Component
class ShapingRoom {
    private final PieceFiles files;
    private final HandleRepository handles;

    /** Belt or paper with its backing, on a form; usual, from memory. */
    private static final Length PAPER = Length.ofInches("0.035");

    ShapingRoom(PieceFiles files, HandleRepository handles) {
        this.handles = handles;
        this.files = files;
    }

    /** A cut across the finished handle, in millimetres around its middle, y downwards. */
    record HandleSectionView(
            String name,
            String behindFront,
            String high,
            String thick,
            String corners,
            double halfHigh,
            double halfThick,
            String path) {}

    /** @param dries until the next; empty where it follows at once */
    record CoatView(String words, String dries) {}

    /**
     * An inside curve and the form that it is made over.
     *
     * @param says which of the shop's wheels or tubes; why none where there is none
     */
    record InsideCurveView(String name, String radius, String says, Optional<WorkedView> made) {}

    /**
     * @param sections none where the handle is flat or a haft
     * @param facets what crisp facets cost in hours; empty where there are none
     * @param wheels as they are entered
     */
    record ShapingView(
            long id,
            List<HandleSectionView> sections,
            String facets,
            List<InsideCurveView> curves,
            String wheels,
            List<String> grits,
            List<CoatView> coats) {}

    ShapingView view(long id, Person person) {
        PieceFile file = files.open(id);
        Specification spec = file.specification();
        HandleSurface surface = HandleSurface.of(spec.handleMaterial(), spec.handleFinish());
        return new ShapingView(
                id,
                HandleSections.of(spec).stream()
                        .map(section -> view(section, person.units()))
                        .toList(),
                facets(file),
                curves(spec, person.units()),
                handles.wheels().stream()
                        .map(each -> each.entryIn(person.units()))
                        .collect(Collectors.joining("; ")),
                surface.grits().stream().map(Grit::name).toList(),
                surface.coats().stream()
                        .map(coat -> new CoatView(
                                coat.words(), coat.dries().equals(Duration.ZERO) ? "" : Span.words(coat.dries())))
                        .toList());
    }

    private static String facets(PieceFile file) {
        int more = Effort.moreForFacets(
                file.specification(),
                file.route().steps().stream()
                        .map(step -> step.operation().effort())
                        .toList());
        return more == 0
                ? ""
                : "Crisp facets take twice the time: " + Span.words(Duration.ofMinutes(more))
                        + " more for shaping and sanding. Every grit is finished flat before the next, with a hard block.";
    }

    private List<InsideCurveView> curves(Specification spec, Units units) {
        if (!spec.hasFingerGroove()) {
            return List.of();
        }
        Length radius = spec.length(SpecificationField.GROOVE_RADIUS);
        FormForCurve curve = new FormForCurve(radius, PAPER);
        List<Length> wheels = handles.wheels();
        Optional<Worked<Length>> made = curve.made(wheels, units);
        return List.of(new InsideCurveView(
                "Finger groove",
                radius.in(units),
                made.map(each -> "wheel or tube of " + each.note())
                        .orElse(
                                wheels.isEmpty()
                                        ? "write the shop’s wheels and tubes down, and the right one is named"
                                        : "none of the shop’s wheels and tubes is small enough"),
                made.map(each -> WorkedView.of(each, units))));
    }

    private static HandleSectionView view(Section section, Units units) {
        return new HandleSectionView(
                section.name(),
                section.behindFront().isPositive()
                        ? section.behindFront().asTaped(units).brieflyIn(units) + " behind the front"
                        : "where it begins",
                section.high().asRead(units).in(units),
                section.thick().asRead(units).in(units),
                (section.isFaceted() ? "corners cut flat from " : "rounded ")
                        + section.corner().asRead(units).in(units),
                section.cut().border().halfHigh(),
                section.cut().border().halfThick(),
                Drawing.closed(section.border()));
    }
}
