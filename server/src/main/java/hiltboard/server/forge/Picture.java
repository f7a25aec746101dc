package hiltboard.server.forge;

import hiltboard.core.forge.PatternView;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import javax.imageio.ImageIO;

/**
 * A view of a billet as a picture that stands in the page itself.
 *
 * @param url of a PNG, as data
 * @param note what is to be known of it; empty where it shows what it should
 * @param left in millimetres; with top, width and height where it lies in its drawing, y downwards
 */
record Picture(String url, double left, double top, double width, double height, String note) {
    private static final int[] BRIGHT = {0xdd, 0xe5, 0xec};
    private static final int[] DARK = {0x22, 0x27, 0x2d};

    static Picture of(PatternView view) {
        BufferedImage image = new BufferedImage(view.columns(), view.rows(), BufferedImage.TYPE_INT_ARGB);
        for (int row = 0; row < view.rows(); row++) {
            for (int column = 0; column < view.columns(); column++) {
                image.setRGB(column, row, colour(view.shades()[row * view.columns() + column]));
            }
        }
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", png);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return new Picture(
                "data:image/png;base64," + Base64.getEncoder().encodeToString(png.toByteArray()),
                view.left(),
                -view.top(),
                view.columns() * view.step(),
                view.rows() * view.step(),
                view.isCoarse()
                        ? "Drawn coarser than it is: layers this thin run together in the picture. The numbers are exact."
                        : "");
    }

    private static int colour(byte shade) {
        if (shade < 0) {
            return 0;
        }
        int colour = 0xff;
        for (int i = 0; i < 3; i++) {
            colour = colour << 8 | BRIGHT[i] + (DARK[i] - BRIGHT[i]) * shade / 100;
        }
        return colour;
    }
}
