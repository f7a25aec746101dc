package hiltboard.server.access;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The one-time code that protects an empty shop: only who reads the server's screen can become its owner. */
@Component
public class SetupCode {
    /** Without letters and digits that look alike. */
    private static final String ALPHABET = "ABCDEFGHJKMNPQRSTUVWXYZ23456789";

    private static final int LENGTH = 8;

    private final AccessService access;
    private final String code = random(LENGTH);

    SetupCode(AccessService access) {
        this.access = access;
    }

    /** The code while the shop is empty. */
    public Optional<String> code() {
        return access.isShopEmpty() ? Optional.of(code) : Optional.empty();
    }

    boolean is(String entered) {
        byte[] given = entered.strip().toUpperCase(Locale.ROOT).getBytes(StandardCharsets.UTF_8);
        return MessageDigest.isEqual(given, code.getBytes(StandardCharsets.UTF_8));
    }

    /** Letters and figures that are read and typed without a doubt. */
    static String random(int length) {
        return new SecureRandom()
                .ints(length, 0, ALPHABET.length())
                .mapToObj(ALPHABET::charAt)
                .collect(StringBuilder::new, StringBuilder::append, StringBuilder::append)
                .toString();
    }
}
