package hiltboard.server.job;

import hiltboard.server.Refusal;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Iterator;
import java.util.Locale;
import java.util.Map;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.ExifUtils;
import net.coobird.thumbnailator.util.exif.Orientation;
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
    /** How many times finer than the small picture the large one is read. */
    private static final int SHARPNESS = 2;

    private static final String ACCEPTED = "a JPEG or PNG picture of up to 40 MB";
    private static final String ACCEPTED_PAPERS = "a PDF that opens without a password, or " + ACCEPTED;
    private static final String PDF_BEGINS = "%PDF-";

    /** @throws Refusal if it is no picture, damaged, or has too many pixels */
    public static Photograph of(byte[] original) {
        return picture(original);
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
            PDFRenderer renderer = new PDFRenderer(document);
            renderer.setSubsamplingAllowed(true);
            return small(renderer.renderImage(
                    0, Math.min(1, THUMBNAIL_PIXELS / Math.max(page.getWidth(), page.getHeight()))));
        } catch (Refusal refusal) {
            throw refusal;
        } catch (IOException | RuntimeException broken) {
            throw Refusal.entry("photo", "", "This PDF is damaged or locked", ACCEPTED_PAPERS);
        }
    }

    /** Looks at the picture itself, not at its name, and at its size before any of it is unpacked. */
    private static Photograph picture(byte[] original) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(original))) {
            ImageReader reader = reader(in);
            try {
                reader.setInput(in);
                int longest = Math.max(reader.getWidth(0), reader.getHeight(0));
                if ((long) reader.getWidth(0) * reader.getHeight(0) > MOST_PIXELS) {
                    throw Refusal.entry("photo", "", "This picture has too many pixels", ACCEPTED);
                }
                return new Photograph(MEDIA_TYPES.get(formatOf(reader)), original, thumbnail(reader, longest));
            } finally {
                reader.dispose();
            }
        } catch (Refusal refusal) {
            throw refusal;
        } catch (IOException | RuntimeException broken) {
            throw Refusal.entry("photo", "", "This picture is damaged", ACCEPTED);
        }
    }

    private static ImageReader reader(ImageInputStream in) {
        Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
        while (readers.hasNext()) {
            ImageReader reader = readers.next();
            if (MEDIA_TYPES.containsKey(formatOf(reader))) {
                return reader;
            }
        }
        throw Refusal.entry("photo", "", "This is not a picture that can be read", ACCEPTED);
    }

    private static String formatOf(ImageReader reader) {
        try {
            return reader.getFormatName().toLowerCase(Locale.ROOT);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** Every so many-th pixel is unpacked, so that a large picture takes no more memory than a small one. */
    private static byte[] thumbnail(ImageReader reader, int longest) throws IOException {
        ImageReadParam some = reader.getDefaultReadParam();
        int every = Math.max(1, longest / (THUMBNAIL_PIXELS * SHARPNESS));
        some.setSourceSubsampling(every, every, 0, 0);
        return small(upright(reader, reader.read(0, some)));
    }

    private static BufferedImage upright(ImageReader reader, BufferedImage read) {
        try {
            Orientation orientation = ExifUtils.getExifOrientation(reader, 0);
            return orientation == null
                    ? read
                    : ExifFilterUtils.getFilterForOrientation(orientation).apply(read);
        } catch (IOException | RuntimeException unreadable) {
            // What is said beside a picture may be broken while the picture itself is not.
            return read;
        }
    }

    private static byte[] small(BufferedImage picture) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Thumbnails.of(picture)
                .size(THUMBNAIL_PIXELS, THUMBNAIL_PIXELS)
                .imageType(BufferedImage.TYPE_INT_RGB)
                .outputFormat("jpg")
                .toOutputStream(out);
        return out.toByteArray();
    }
}
