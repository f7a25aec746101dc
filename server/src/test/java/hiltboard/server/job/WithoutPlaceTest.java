package hiltboard.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Iterator;
import java.util.zip.CRC32;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.ImageOutputStream;
import net.coobird.thumbnailator.util.exif.ExifUtils;
import net.coobird.thumbnailator.util.exif.Orientation;
import org.junit.jupiter.api.Test;

/** What a camera says beside a picture does not leave with it, and the picture is the same to the last pixel. */
class WithoutPlaceTest {
    private static final String PLACE = "GPS 51.4779 N 0.0015 W";

    private static BufferedImage blade() {
        BufferedImage image = new BufferedImage(220, 130, BufferedImage.TYPE_INT_RGB);
        Graphics2D paint = image.createGraphics();
        for (int x = 0; x < 220; x++) {
            paint.setColor(new Color(x, 255 - x, x * 7 % 256));
            paint.fillRect(x, 0, 1, 130);
        }
        paint.dispose();
        return image;
    }

    private static byte[] written(String format, boolean isProgressive) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName(format).next();
        ImageWriteParam how = writer.getDefaultWriteParam();
        if (isProgressive) {
            how.setProgressiveMode(ImageWriteParam.MODE_DEFAULT);
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            writer.setOutput(out);
            writer.write(null, new IIOImage(blade(), null, null), how);
        }
        return bytes.toByteArray();
    }

    /** As a telephone writes it: Exif with a way up and a place, a comment, and a second picture hung behind. */
    private static byte[] fromATelephone(byte[] jpeg, int wayUp) throws IOException {
        byte[] place = PLACE.getBytes(StandardCharsets.US_ASCII);
        ByteArrayOutputStream tiff = new ByteArrayOutputStream();
        tiff.writeBytes(new byte[] {'M', 'M', 0, 42, 0, 0, 0, 8, 0, 2});
        tiff.writeBytes(new byte[] {1, 0x12, 0, 3, 0, 0, 0, 1, 0, (byte) wayUp, 0, 0});
        // The description of the picture (0x010E), text, lies behind the directory.
        tiff.writeBytes(new byte[] {1, 0x0E, 0, 2, 0, 0, 0, (byte) place.length, 0, 0, 0, 38});
        tiff.writeBytes(new byte[] {0, 0, 0, 0});
        tiff.writeBytes(place);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        // JFIF says that its own segment is the first.
        int afterJfif = 4 + jpeg[5];
        out.write(jpeg, 0, afterJfif);
        segment(out, 0xE1, "Exif\0\0".getBytes(StandardCharsets.US_ASCII), tiff.toByteArray());
        segment(out, 0xE1, "http://ns.adobe.com/xap/1.0/\0".getBytes(StandardCharsets.US_ASCII), place);
        segment(out, 0xED, "Photoshop 3.0\0".getBytes(StandardCharsets.US_ASCII), place);
        segment(out, 0xFE, new byte[0], place);
        out.write(jpeg, afterJfif, jpeg.length - afterJfif);
        out.writeBytes(place);
        return out.toByteArray();
    }

    private static void segment(ByteArrayOutputStream out, int marker, byte[] name, byte[] words) {
        int length = 2 + name.length + words.length;
        out.write(0xFF);
        out.write(marker);
        out.write(length >> 8);
        out.write(length);
        out.writeBytes(name);
        out.writeBytes(words);
    }

    private static Orientation wayUp(byte[] picture) throws IOException {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(picture))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            ImageReader reader = readers.next();
            reader.setInput(in);
            return ExifUtils.getExifOrientation(reader, 0);
        }
    }

    private static void assertSamePixels(byte[] one, byte[] other) throws IOException {
        BufferedImage first = ImageIO.read(new ByteArrayInputStream(one));
        BufferedImage second = ImageIO.read(new ByteArrayInputStream(other));
        assertThat(second.getRGB(0, 0, 220, 130, null, 0, 220)).isEqualTo(first.getRGB(0, 0, 220, 130, null, 0, 220));
    }

    @Test
    void a_jpeg_keeps_its_pixels_and_its_way_up_and_loses_its_place() throws IOException {
        for (boolean isProgressive : new boolean[] {false, true}) {
            for (int wayUp : new int[] {1, 6, 8}) {
                byte[] taken = fromATelephone(written("jpeg", isProgressive), wayUp);
                assertThat(new String(taken, StandardCharsets.ISO_8859_1)).contains(PLACE);
                byte[] leaves = WithoutPlace.of("image/jpeg", taken);
                assertThat(new String(leaves, StandardCharsets.ISO_8859_1)).doesNotContain("GPS", "Photoshop", "xap");
                assertSamePixels(taken, leaves);
                assertThat(wayUp(taken)).isEqualTo(Orientation.typeOf(wayUp));
                assertThat(wayUp(leaves)).isEqualTo(wayUp == 1 ? null : Orientation.typeOf(wayUp));
            }
        }
    }

    @Test
    void a_png_keeps_its_pixels_and_loses_what_is_written_into_it() throws IOException {
        byte[] png = written("png", false);
        byte[] words = ("tEXtComment\0" + PLACE).getBytes(StandardCharsets.ISO_8859_1);
        CRC32 sum = new CRC32();
        sum.update(words);
        ByteArrayOutputStream taken = new ByteArrayOutputStream();
        int afterHeader = 8 + 25;
        taken.write(png, 0, afterHeader);
        taken.writeBytes(new byte[] {0, 0, 0, (byte) (words.length - 4)});
        taken.writeBytes(words);
        for (int shift = 24; shift >= 0; shift -= 8) {
            taken.write((int) (sum.getValue() >> shift));
        }
        taken.write(png, afterHeader, png.length - afterHeader);
        assertThat(WithoutPlace.of("image/png", taken.toByteArray())).isEqualTo(png);
    }

    @Test
    void other_kinds_leave_as_they_are() {
        byte[] gif = "GIF89a".getBytes(StandardCharsets.US_ASCII);
        assertThat(WithoutPlace.of("image/gif", gif)).isEqualTo(gif);
    }
}
