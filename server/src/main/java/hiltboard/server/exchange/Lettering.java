package hiltboard.server.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Objects;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/**
 * A face that goes into the document with the letters that are used of it, so that it is the same on every printer:
 * Latin with all its marks, Greek and Cyrillic (Liberation Sans, SIL Open Font License, which comes with PDFBox).
 */
final class Lettering {
    private static final String FACE = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";

    private final PDFont font;

    Lettering(PDDocument document) {
        try (InputStream face = Objects.requireNonNull(PDFont.class.getResourceAsStream(FACE))) {
            font = PDType0Font.load(document, face, true);
        } catch (IOException lost) {
            throw new UncheckedIOException("The program has lost its lettering", lost);
        }
    }

    PDFont font() {
        return font;
    }

    /** What the face has no sign for becomes a question mark rather than a failure. */
    String shown(String words) {
        StringBuilder shown = new StringBuilder();
        words.replaceAll("\\R", " ")
                .codePoints()
                .forEach(point -> shown.append(has(point) ? Character.toString(point) : "?"));
        return shown.toString();
    }

    /** Of one line in a size, in points. */
    float width(String words, float size) {
        try {
            return font.getStringWidth(shown(words)) / 1000 * size;
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    private boolean has(int point) {
        try {
            return !Character.isISOControl(point) && font.encode(Character.toString(point)).length > 0;
        } catch (IllegalArgumentException hasNone) {
            return false;
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }
}
