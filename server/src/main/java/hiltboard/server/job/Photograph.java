package hiltboard.server.job;

import hiltboard.server.Refusal;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Iterator;
import java.util.Locale;
import java.util.Map;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.rendering.PDFRenderer;

/** A picture that came in, whole, with a small one of it for the pages. */
public record Photograph(String mediaType, byte[] original, byte[] thumbnail) {
    private static final int THUMBNAIL_PIXELS = 480;
    private static final long MOST_PIXELS = 120_000_000;
    private static final Map<String, String> MEDIA_TYPES =
            Map.of("jpeg", "image/jpeg", "png", "image/png", "gif", "image/gif", "bmp", "image/bmp");
    private static final String ACCEPTED = "a JPEG or PNG picture of up to 40 MB";
    private static final String ACCEPTED_PAPERS = "a PDF that opens without a password, or " + ACCEPTED;
    private static final String PDF_BEGINS = "%PDF-";

    /** @throws Refusal if it is no picture, damaged, or has too many pixels */
    public static Photograph of(byte[] original) {
        return new Photograph(mediaType(original), original, thumbnail(original));
    }

    /**
     * A paper, such as a mill sheet: a picture of it, or a PDF, which is seen small by its first page.
     *
     * @throws Refusal if it is neither, damaged or locked
     */
    public static Photograph ofPaper(byte[] original) {
        return isPdf(original) ? new Photograph("application/pdf", original, firstPage(original)) : of(original);
    }

    private static boolean isPdf(byte[] original) {
        return new String(original, 0, Math.min(original.length, PDF_BEGINS.length()), StandardCharsets.ISO_8859_1)
                .equals(PDF_BEGINS);
    }

    private static byte[] firstPage(byte[] pdf) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            if (document.getNumberOfPages() == 0) {
                throw Refusal.entry("photo", "", "This PDF has no pages", ACCEPTED_PAPERS);
            }
            PDRectangle page = document.getPage(0).getCropBox();
            return small(Thumbnails.of(new PDFRenderer(document)
                    .renderImage(0, THUMBNAIL_PIXELS / Math.max(page.getWidth(), page.getHeight()))));
        } catch (IOException broken) {
            throw Refusal.entry("photo", "", "This PDF is damaged or locked", ACCEPTED_PAPERS);
        }
    }

    /** Looks at the picture itself, not at its name, and at its size before it is unpacked. */
    private static String mediaType(byte[] original) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(original))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw Refusal.entry("photo", "", "This is not a picture that can be read", ACCEPTED);
            }
            ImageReader reader = readers.next();
            reader.setInput(in);
            if ((long) reader.getWidth(0) * reader.getHeight(0) > MOST_PIXELS) {
                throw Refusal.entry("photo", "", "This picture has too many pixels", ACCEPTED);
            }
            return MEDIA_TYPES.getOrDefault(
                    reader.getFormatName().toLowerCase(Locale.ROOT), "application/octet-stream");
        } catch (IOException broken) {
            throw Refusal.entry("photo", "", "This picture is damaged", ACCEPTED);
        }
    }

    private static byte[] thumbnail(byte[] original) {
        try {
            return small(Thumbnails.of(new ByteArrayInputStream(original)));
        } catch (IOException broken) {
            throw Refusal.entry("photo", "", "This picture is damaged", ACCEPTED);
        }
    }

    private static byte[] small(Thumbnails.Builder<?> picture) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        picture.size(THUMBNAIL_PIXELS, THUMBNAIL_PIXELS).outputFormat("jpg").toOutputStream(out);
        return out.toByteArray();
    }
}
