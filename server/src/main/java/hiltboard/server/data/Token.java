package hiltboard.server.data;

import java.util.Base64;
import org.springframework.security.crypto.keygen.Base64StringKeyGenerator;

/** What opens something to whoever has it: a session, a client's link. */
public final class Token {
    /** Nobody guesses 256 bits. */
    private static final Base64StringKeyGenerator RANDOM =
            new Base64StringKeyGenerator(Base64.getUrlEncoder().withoutPadding(), 32);

    private Token() {}

    /** A new one, of letters that stand in an address as they are. */
    public static String random() {
        return RANDOM.generateKey();
    }
}
