package hiltboard.server.job;

import hiltboard.server.Refusal;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Map;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;

/** A picture that came in, whole, with a small one of it for the pages. */
public record Photograph(String mediaType, byte[] original, byte[] thumbnail) {
    private static final int THUMBNAIL_PIXELS = 480;
    private static final long MOST_PIXELS = 120_000_000;
    private static final Map<String, String> MEDIA_TYPES = Map.of("jpeg", "image/jpeg", "png", "image/png", "gif", "image/gif", "bmp", "image/bmp");
    private static final String ACCEPTED = "a JPEG or PNG picture of up to 40 MB";

    /** @throws Refusal if it is no picture, damaged, or has too many pixels */
    public static Photograph of(byte[] original) {
        return new Photograph(mediaType(original), original, thumbnail(original));
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
            return MEDIA_TYPES.getOrDefault(reader.getFormatName().toLowerCase(Locale.ROOT), "application/octet-stream");
        } catch (IOException broken) {
            throw Refusal.entry("photo", "", "This picture is damaged", ACCEPTED);
        }
    }

    private static byte[] thumbnail(byte[] original) {
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            Thumbnails.of(new ByteArrayInputStream(original)).size(THUMBNAIL_PIXELS, THUMBNAIL_PIXELS).outputFormat("jpg").toOutputStream(out);
            return out.toByteArray();
        } catch (IOException broken) {
            throw Refusal.entry("photo", "", "This picture is damaged", ACCEPTED);
        }
    }
}
