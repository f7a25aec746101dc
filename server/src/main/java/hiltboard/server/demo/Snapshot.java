package hiltboard.server.demo;

import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;

/** Paints a picture that stands for a photograph from the bench. */
final class Snapshot {
    private static final int WIDTH = 1200;
    private static final int HEIGHT = 800;

    private Snapshot() {}

    /** A dark blade on a wooden bench, as PNG. */
    static byte[] ofABlade() {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D paint = image.createGraphics();
        paint.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        for (int y = 0; y < HEIGHT; y += 80) {
            paint.setPaint(new GradientPaint(
                    0, y, new Color(150 - y / 40, 112, 74), WIDTH, y + 80, new Color(120, 86 + y / 60, 56)));
            paint.fillRect(0, y, WIDTH, 78);
        }
        Path2D blade = new Path2D.Double();
        blade.moveTo(330, 330);
        blade.lineTo(760, 300);
        blade.quadTo(980, 300, 1090, 400);
        blade.quadTo(960, 480, 700, 490);
        blade.lineTo(330, 470);
        blade.closePath();
        paint.setPaint(new GradientPaint(0, 300, new Color(58, 60, 64), 0, 490, new Color(120, 122, 126)));
        paint.fill(blade);
        paint.setColor(new Color(40, 42, 46));
        paint.fillRoundRect(90, 345, 245, 110, 20, 20);
        paint.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", out);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return out.toByteArray();
    }
}
