package hiltboard.server.forge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.forge.PatternView;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Base64;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** The picture in the page, read back by the Java platform's own reader of PNG. */
class PictureTest {

    @Test
    @DisplayName("bright is bright, dark is dark, half lies between, and where there is no steel the picture is clear")
    void shades_become_colours() throws IOException {
        Picture picture = Picture.of(new PatternView(2, 2, -3, 7, 0.5, false, new byte[] {0, 100, 50, -1}));
        BufferedImage image = read(picture);
        assertThat(image.getWidth()).isEqualTo(2);
        assertThat(image.getHeight()).isEqualTo(2);
        double bright = luminance(image.getRGB(0, 0));
        double dark = luminance(image.getRGB(1, 0));
        assertThat(luminance(image.getRGB(0, 1))).isCloseTo((bright + dark) / 2, within(2.0));
        assertThat(bright - dark).isGreaterThan(150);
        assertThat(new Color(image.getRGB(1, 1), true).getAlpha()).isZero();
        assertThat(new Color(image.getRGB(0, 0), true).getAlpha()).isEqualTo(255);
    }

    @Test
    void a_picture_that_is_coarser_than_it_should_be_says_so() {
        assertThat(Picture.of(new PatternView(4, 2, -3, 7, 0.5, true, new byte[8]))
                        .note())
                .contains("coarser");
        assertThat(Picture.of(new PatternView(4, 2, -3, 7, 0.5, false, new byte[8]))
                        .note())
                .isEmpty();
    }

    @Test
    void it_lies_where_it_was_looked_at_with_y_downwards() {
        Picture picture = Picture.of(new PatternView(4, 2, -3, 7, 0.5, false, new byte[8]));
        assertThat(picture.left()).isEqualTo(-3);
        assertThat(picture.top()).isEqualTo(-7);
        assertThat(picture.width()).isEqualTo(2);
        assertThat(picture.height()).isEqualTo(1);
    }

    private static BufferedImage read(Picture picture) throws IOException {
        assertThat(picture.url()).startsWith("data:image/png;base64,");
        return ImageIO.read(new ByteArrayInputStream(
                Base64.getDecoder().decode(picture.url().substring(picture.url().indexOf(',') + 1))));
    }

    private static double luminance(int colour) {
        Color read = new Color(colour, true);
        return (read.getRed() + read.getGreen() + read.getBlue()) / 3.0;
    }
}
