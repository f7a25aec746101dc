package hiltboard.server.exchange;

import hiltboard.core.blade.Outline;
import hiltboard.core.exchange.ReadDrawing;
import hiltboard.core.exchange.SvgPath;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/** Reads the closed outlines of an SVG file. Nothing outside the file is looked at, and nothing in it is run. */
final class SvgFile {
    private static final String ACCEPTED = "an SVG file with one closed path";
    private static final int MOST_ELEMENTS = 20_000;

    private SvgFile() {}

    static ReadDrawing read(String text) {
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        try {
            XMLStreamReader xml = factory.createXMLStreamReader(new StringReader(text));
            List<String> paths = new ArrayList<>();
            for (int elements = 0; xml.hasNext(); ) {
                int event = xml.next();
                if (event == XMLStreamConstants.DTD || event == XMLStreamConstants.ENTITY_REFERENCE) {
                    return new ReadDrawing.Refused("The file declares entities of its own", ACCEPTED);
                }
                if (event == XMLStreamConstants.START_ELEMENT) {
                    elements++;
                    Optional<ReadDrawing> refused = element(xml, elements, paths);
                    if (refused.isPresent()) {
                        return refused.get();
                    }
                }
            }
            return outlines(paths);
        } catch (XMLStreamException broken) {
            return new ReadDrawing.Refused("This is no SVG file", ACCEPTED);
        }
    }

    private static Optional<ReadDrawing> element(XMLStreamReader xml, int count, List<String> paths) {
        if (count > MOST_ELEMENTS) {
            return refused("The file has more than " + MOST_ELEMENTS + " elements", "a drawing of one outline");
        }
        if (xml.getLocalName().equals("script")) {
            return refused("The file has a script in it", "a drawing without scripts");
        }
        if (xml.getAttributeValue(null, "transform") != null) {
            return refused(
                    "Something in the drawing is moved or turned by a transformation",
                    "a drawing whose transformations are applied to its paths");
        }
        if (xml.getLocalName().equals("path") && xml.getAttributeValue(null, "d") != null) {
            paths.add(xml.getAttributeValue(null, "d"));
        } else if (xml.getLocalName().equals("polygon") && xml.getAttributeValue(null, "points") != null) {
            paths.add("M" + xml.getAttributeValue(null, "points").strip() + "Z");
        }
        return Optional.empty();
    }

    private static Optional<ReadDrawing> refused(String problem, String accepted) {
        return Optional.of(new ReadDrawing.Refused(problem, accepted));
    }

    private static ReadDrawing outlines(List<String> paths) {
        List<Outline> closed = new ArrayList<>();
        ReadDrawing last = new ReadDrawing.Refused("There is no path in the drawing", ACCEPTED);
        for (String path : paths) {
            last = SvgPath.read(path);
            if (last instanceof ReadDrawing.Outlines outlines) {
                closed.addAll(outlines.closed());
            }
        }
        return closed.isEmpty() ? last : new ReadDrawing.Outlines(closed, Optional.empty());
    }
}
