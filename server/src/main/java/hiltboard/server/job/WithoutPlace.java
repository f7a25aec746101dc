package hiltboard.server.job;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.util.exif.ExifUtils;
import net.coobird.thumbnailator.util.exif.Orientation;

/**
 * A picture as it leaves the shop: every pixel as it was, without what a camera says beside it (where, when, with
 * what). Which way up it is stays. JPEG (ITU T.81, its segments; Exif in APP1) and PNG (W3C, its chunks) are known;
 * other kinds say nothing beside.
 */
public final class WithoutPlace {
    private static final int MARKER = 0xFF;
    private static final int START_OF_IMAGE = 0xD8;
    private static final int END_OF_IMAGE = 0xD9;
    private static final int START_OF_SCAN = 0xDA;
    private static final int COMMENT = 0xFE;
    private static final int FIRST_APPLICATION = 0xE0;
    private static final int LAST_APPLICATION = 0xEF;
    /** The frame, the colours and how they are mixed: without these the picture looks different. */
    private static final Set<Integer> NEEDED = Set.of(0xE0, 0xE2, 0xEE);

    private static final int PNG_SIGNATURE = 8;
    private static final int CHUNK_AROUND = 12;
    private static final Set<String> SPOKEN = Set.of("eXIf", "tEXt", "iTXt", "zTXt", "tIME");

    private WithoutPlace() {}

    /** The picture without what is said beside it; as it is where its kind says nothing or cannot be followed. */
    public static byte[] of(String mediaType, byte[] picture) {
        try {
            return switch (mediaType) {
                case "image/jpeg" -> jpeg(picture);
                case "image/png" -> png(picture);
                default -> picture;
            };
        } catch (IndexOutOfBoundsException cutShort) {
            throw new IllegalArgumentException("The picture is cut short", cutShort);
        }
    }

    private static byte[] jpeg(byte[] picture) {
        ByteArrayOutputStream out = new ByteArrayOutputStream(picture.length);
        out.write(MARKER);
        out.write(START_OF_IMAGE);
        int at = 2;
        boolean isOrientationSaid = false;
        while (at < picture.length) {
            int marker = picture[at + 1] & 0xFF;
            if (marker == MARKER) {
                at++;
                continue;
            }
            if (marker == END_OF_IMAGE) {
                break;
            }
            int end = at + 2 + length(picture, at + 2);
            boolean isApplication = marker >= FIRST_APPLICATION && marker <= LAST_APPLICATION;
            if (!isOrientationSaid && marker != FIRST_APPLICATION) {
                out.writeBytes(orientation(picture));
                isOrientationSaid = true;
            }
            if (marker == START_OF_SCAN) {
                end = endOfScan(picture, end);
            }
            if (marker != COMMENT && (!isApplication || NEEDED.contains(marker))) {
                out.write(picture, at, end - at);
            }
            at = end;
        }
        // Behind the end some telephones hang a second picture, with a place of its own.
        out.write(MARKER);
        out.write(END_OF_IMAGE);
        return out.toByteArray();
    }

    private static int length(byte[] bytes, int at) {
        return (bytes[at] & 0xFF) << 8 | bytes[at + 1] & 0xFF;
    }

    /** A scan goes on to the next marker that is neither a restart nor a stuffed byte. */
    private static int endOfScan(byte[] picture, int from) {
        int at = from;
        while ((picture[at] & 0xFF) != MARKER
                || picture[at + 1] == 0
                || (picture[at + 1] & 0xFF) == MARKER
                || (picture[at + 1] & 0xF8) == 0xD0) {
            at++;
        }
        return at;
    }

    /** An Exif segment that says which way up the picture is and nothing else; nothing if it is as it lies. */
    private static byte[] orientation(byte[] picture) {
        int way = wayUp(picture);
        if (way == 1) {
            return new byte[0];
        }
        return new byte[] {
            (byte) 0xFF,
            (byte) 0xE1,
            0,
            34,
            'E',
            'x',
            'i',
            'f',
            0,
            0,
            // TIFF, big endian, its one directory at 8, with one entry: orientation (0x0112), a short, once.
            'M',
            'M',
            0,
            42,
            0,
            0,
            0,
            8,
            0,
            1,
            1,
            0x12,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            (byte) way,
            0,
            0,
            0,
            0,
            0,
            0
        };
    }

    private static int wayUp(byte[] picture) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(picture))) {
            ImageReader reader = ImageIO.getImageReadersByFormatName("jpeg").next();
            reader.setInput(in);
            Orientation orientation = ExifUtils.getExifOrientation(reader, 0);
            return orientation == null ? 1 : orientation.ordinal() + 1;
        } catch (IOException | RuntimeException unreadable) {
            return 1;
        }
    }

    private static byte[] png(byte[] picture) {
        ByteArrayOutputStream out = new ByteArrayOutputStream(picture.length);
        out.write(picture, 0, PNG_SIGNATURE);
        int at = PNG_SIGNATURE;
        while (at < picture.length) {
            int size = (length(picture, at) << 16 | length(picture, at + 2)) + CHUNK_AROUND;
            String name = new String(picture, at + 4, 4, StandardCharsets.US_ASCII);
            if (!SPOKEN.contains(name)) {
                out.write(picture, at, size);
            }
            at += size;
            if (name.equals("IEND")) {
                break;
            }
        }
        return out.toByteArray();
    }
}
