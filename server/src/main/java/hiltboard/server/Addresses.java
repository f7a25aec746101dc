package hiltboard.server;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.util.List;
import java.util.Map;

/** How other devices of the shop's network reach the program. */
public final class Addresses {
    private static final int QUIET = 4;

    private Addresses() {}

    /** Of every network that this machine is in, without those of the machine itself. */
    public static List<String> inTheNetwork(String scheme, int port) {
        try {
            return NetworkInterface.networkInterfaces()
                    .filter(Addresses::isUsed)
                    .flatMap(NetworkInterface::inetAddresses)
                    .filter(address -> address instanceof Inet4Address && !address.isLinkLocalAddress())
                    .map(InetAddress::getHostAddress)
                    .map(address -> scheme + "://" + address + ":" + port)
                    .toList();
        } catch (SocketException noNetwork) {
            return List.of();
        }
    }

    private static boolean isUsed(NetworkInterface network) {
        try {
            return network.isUp() && !network.isLoopback();
        } catch (SocketException gone) {
            return false;
        }
    }

    /** A QR code (ISO/IEC 18004) in half blocks, light on a dark console, for a phone's camera. */
    static String code(String address) {
        BitMatrix dots = dots(address, 0);
        StringBuilder text = new StringBuilder();
        for (int y = 0; y < dots.getHeight(); y += 2) {
            text.append("  ");
            for (int x = 0; x < dots.getWidth(); x++) {
                boolean upper = !dots.get(x, y);
                boolean lower = y + 1 == dots.getHeight() || !dots.get(x, y + 1);
                text.append(upper ? lower ? '\u2588' : '\u2580' : lower ? '\u2584' : ' ');
            }
            text.append('\n');
        }
        return text.toString();
    }

    /**
     * As {@link #code}, as a drawing without a size of its own, with the four dots of quiet round it that a reader
     * needs.
     */
    public static String drawn(String address) {
        BitMatrix dots = dots(address, QUIET);
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < dots.getHeight(); y++) {
            for (int x = 0; x < dots.getWidth(); x++) {
                if (dots.get(x, y)) {
                    path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                }
            }
        }
        return """
                <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %d %d" shape-rendering="crispEdges">\
                <path fill="#fff" d="M0 0h%dv%dH0z"/><path d="%s"/></svg>
                """.formatted(dots.getWidth(), dots.getHeight(), dots.getWidth(), dots.getHeight(), path);
    }

    private static BitMatrix dots(String address, int quiet) {
        try {
            return new QRCodeWriter()
                    .encode(address, BarcodeFormat.QR_CODE, 0, 0, Map.of(EncodeHintType.MARGIN, quiet));
        } catch (WriterException tooLong) {
            throw new IllegalStateException("An address is short enough for a code", tooLong);
        }
    }
}
