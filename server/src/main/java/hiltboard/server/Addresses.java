package hiltboard.server;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.util.List;

/** How other devices of the shop's network reach the program. */
final class Addresses {
    private Addresses() {}

    /** Of every network that this machine is in, without those of the machine itself. */
    static List<String> inTheNetwork(String scheme, int port) {
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
        try {
            BitMatrix dots = new QRCodeWriter().encode(address, BarcodeFormat.QR_CODE, 0, 0);
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
        } catch (WriterException tooLong) {
            throw new IllegalStateException("An address is short enough for a code", tooLong);
        }
    }
}
