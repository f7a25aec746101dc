package hiltboard.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class AddressesTest {
    private static final int DOT = 8;

    /** The console is light on dark, so that a full block is a light dot; what a camera sees is read back. */
    @Test
    void the_code_on_the_console_is_read_as_the_address() throws Exception {
        String address = "http://192.168.1.20:8095";
        List<String> lines = Addresses.code(address).lines().toList();
        int width = lines.get(0).length() - 2;
        int height = lines.size() * 2;
        int[] pixels = new int[width * DOT * height * DOT];
        for (int y = 0; y < height * DOT; y++) {
            for (int x = 0; x < width * DOT; x++) {
                char block = lines.get(y / DOT / 2).charAt(2 + x / DOT);
                boolean isUpper = y / DOT % 2 == 0;
                boolean isLight = block == '\u2588' || block == (isUpper ? '\u2580' : '\u2584');
                pixels[y * width * DOT + x] = isLight ? 0xFFFFFF : 0;
            }
        }
        BinaryBitmap seen =
                new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(width * DOT, height * DOT, pixels)));
        assertThat(new QRCodeReader().decode(seen).getText()).isEqualTo(address);
    }

    @Test
    void a_camera_reads_the_code_on_a_tag() throws Exception {
        String address = "https://shop.example:8443/slots/B%203";
        String drawing = Addresses.drawn(address);
        int size = Integer.parseInt(drawing.replaceAll("(?s).*viewBox=\"0 0 (\\d+) .*", "$1"));
        int[] pixels = new int[size * DOT * size * DOT];
        Arrays.fill(pixels, 0xFFFFFF);
        Pattern.compile("M(\\d+) (\\d+)h1v1h-1z").matcher(drawing).results().forEach(dot -> {
            int x = Integer.parseInt(dot.group(1)) * DOT;
            int y = Integer.parseInt(dot.group(2)) * DOT;
            for (int i = 0; i < DOT * DOT; i++) {
                pixels[(y + i / DOT) * size * DOT + x + i % DOT] = 0;
            }
        });
        BinaryBitmap seen =
                new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(size * DOT, size * DOT, pixels)));
        assertThat(new QRCodeReader().decode(seen).getText()).isEqualTo(address);
    }

    @Test
    void a_phone_is_told_of_no_address_that_only_this_machine_knows() {
        assertThat(Addresses.inTheNetwork("http", 8095)).noneMatch(address -> address.contains("127.0.0.1"));
    }
}
