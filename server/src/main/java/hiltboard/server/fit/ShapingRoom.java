package hiltboard.server.fit;

import hiltboard.core.design.Specification;
import hiltboard.core.fit.HandleSections;
import hiltboard.core.fit.HandleSections.Section;
import hiltboard.core.fit.HandleSurface;
import hiltboard.core.grind.Grit;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Units;
import hiltboard.server.access.Person;
import hiltboard.server.job.Drawing;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import java.time.Duration;
import java.util.List;
import org.springframework.stereotype.Component;

/** A handle while it is shaped, sanded and closed; belongs into a transaction of the caller. */
@Component
class ShapingRoom {
    private final PieceFiles files;

    ShapingRoom(PieceFiles files) {
        this.files = files;
    }

    /** A cut across the finished handle, in millimetres around its middle, y downwards. */
    record HandleSectionView(
            String name,
            String behindFront,
            String high,
            String thick,
            String rounding,
            double halfHigh,
            double halfThick,
            String path) {}

    /** @param dries until the next; empty where it follows at once */
    record CoatView(String words, String dries) {}

    /** @param sections none where the handle is flat or a haft */
    record ShapingView(long id, List<HandleSectionView> sections, List<String> grits, List<CoatView> coats) {}

    ShapingView view(long id, Person person) {
        PieceFile file = files.open(id);
        Specification spec = file.specification();
        HandleSurface surface = HandleSurface.of(spec.handleMaterial(), spec.handleFinish());
        return new ShapingView(
                id,
                HandleSections.of(spec).stream()
                        .map(section -> view(section, person.units()))
                        .toList(),
                surface.grits().stream().map(Grit::name).toList(),
                surface.coats().stream()
                        .map(coat -> new CoatView(
                                coat.words(), coat.dries().equals(Duration.ZERO) ? "" : Span.words(coat.dries())))
                        .toList());
    }

    private static HandleSectionView view(Section section, Units units) {
        return new HandleSectionView(
                section.name(),
                section.behindFront().isPositive()
                        ? section.behindFront().asTaped(units).brieflyIn(units) + " behind the front"
                        : "where it begins",
                section.high().asRead(units).in(units),
                section.thick().asRead(units).in(units),
                section.rounding().asRead(units).in(units),
                section.cut().border().halfHigh(),
                section.cut().border().halfThick(),
                Drawing.closed(section.cut().border().outline(0)));
    }
}
