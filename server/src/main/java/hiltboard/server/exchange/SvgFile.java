package hiltboard.server.exchange;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.exchange.ReadDrawing;
import hiltboard.core.exchange.SvgPath;
import java.io.StringReader;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/**
 * Reads the closed outlines of an SVG file, each where its groups and transformations put it. Nothing outside the file
 * is looked at, and nothing in it is run.
 */
final class SvgFile {
    private static final String ACCEPTED = "an SVG file with one closed path";
    private static final int MOST_ELEMENTS = 20_000;
    private static final int DEEPEST = 200;
    /** What stands in these is drawn elsewhere, or only cuts something off. */
    private static final Set<String> NOT_DRAWN = Set.of("defs", "symbol", "clipPath", "mask", "marker", "pattern");

    private final List<Outline> closed = new ArrayList<>();
    private final Deque<SvgTransform> moves = new ArrayDeque<>(List.of(SvgTransform.NONE));
    private ReadDrawing last = new ReadDrawing.Refused("There is no path in the drawing", ACCEPTED);
    private int elements;
    private int notDrawn;

    private SvgFile() {}

    static ReadDrawing read(String text) {
        if (text.contains("<!ENTITY")) {
            return new ReadDrawing.Refused("The file declares entities of its own", ACCEPTED);
        }
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        try {
            return new SvgFile().read(factory.createXMLStreamReader(new StringReader(text)));
        } catch (XMLStreamException broken) {
            return new ReadDrawing.Refused("This is no SVG file", ACCEPTED);
        }
    }

    private ReadDrawing read(XMLStreamReader xml) throws XMLStreamException {
        while (xml.hasNext()) {
            int event = xml.next();
            if (event == XMLStreamConstants.START_ELEMENT) {
                Optional<ReadDrawing> refused = begin(xml);
                if (refused.isPresent()) {
                    return refused.get();
                }
            } else if (event == XMLStreamConstants.END_ELEMENT) {
                moves.pop();
                notDrawn -= NOT_DRAWN.contains(xml.getLocalName()) ? 1 : 0;
            }
        }
        return closed.isEmpty() ? last : new ReadDrawing.Outlines(closed, Optional.empty());
    }

    private Optional<ReadDrawing> begin(XMLStreamReader xml) {
        if (++elements > MOST_ELEMENTS || moves.size() > DEEPEST) {
            return refused("The file has more than " + MOST_ELEMENTS + " elements", "a drawing of one outline");
        }
        if (xml.getLocalName().equals("script")) {
            return refused("The file has a script in it", "a drawing without scripts");
        }
        Optional<SvgTransform> own = SvgTransform.read(
                Optional.ofNullable(xml.getAttributeValue(null, "transform")).orElse(""));
        if (own.isEmpty()) {
            return refused(
                    "A transformation of the drawing was not understood",
                    "matrix, translate, scale, rotate, skewX and skewY, as the standard has them");
        }
        moves.push(moves.element().then(own.get()));
        notDrawn += NOT_DRAWN.contains(xml.getLocalName()) ? 1 : 0;
        if (notDrawn == 0) {
            path(xml).ifPresent(this::take);
        }
        return Optional.empty();
    }

    /** The data of a path, or of what is short for one. */
    private static Optional<String> path(XMLStreamReader xml) {
        Optional<String> points =
                Optional.ofNullable(xml.getAttributeValue(null, "points")).map(String::strip);
        return switch (xml.getLocalName()) {
            case "path" -> Optional.ofNullable(xml.getAttributeValue(null, "d"));
            case "polygon" -> points.map(each -> "M" + each + "Z");
            case "polyline" -> points.map(each -> "M" + each);
            default -> Optional.empty();
        };
    }

    private void take(String path) {
        last = SvgPath.read(path);
        if (last instanceof ReadDrawing.Outlines outlines) {
            SvgTransform move = moves.element();
            outlines.closed().forEach(each -> closed.add(each.moved(point -> placed(point, move))));
        }
    }

    /** An outline's y grows upwards, a drawing's downwards. */
    private static Point placed(Point point, SvgTransform move) {
        Point moved = move.of(new Point(point.x(), -point.y()));
        return new Point(moved.x(), -moved.y());
    }

    private static Optional<ReadDrawing> refused(String problem, String accepted) {
        return Optional.of(new ReadDrawing.Refused(problem, accepted));
    }
}
