package hiltboard.server.find;

import hiltboard.server.Addresses;
import hiltboard.server.Refusal;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Set;
import java.util.regex.Pattern;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Codes for tags: a phone's camera opens the page of the piece, the lot or the slot that one hangs on. */
@RestController
class TagController {
    private static final Pattern PAGE = Pattern.compile("/[\\p{L}\\p{N}/_%. -]{1,120}");
    private static final Set<String> THIS_MACHINE = Set.of("localhost", "127.0.0.1", "[::1]", "::1");

    /** @param page its address within the shop, such as /pieces/12 */
    @GetMapping(value = "/api/tag.svg", produces = "image/svg+xml")
    ResponseEntity<String> tag(@RequestParam String page, HttpServletRequest request) {
        if (!PAGE.matcher(page).matches() || page.startsWith("//")) {
            throw Refusal.entry("page", page, "This is no page of the shop", "an address such as /pieces/12");
        }
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf("image/svg+xml"))
                .body(Addresses.drawn(shop(request) + page));
    }

    /** As phones reach it: whoever prints at the shop's own machine calls it by a name that no phone knows. */
    private static String shop(HttpServletRequest request) {
        String scheme = request.getScheme();
        int port = request.getServerPort();
        String asCalled = scheme + "://" + request.getServerName()
                + (port == (scheme.equals("https") ? 443 : 80) ? "" : ":" + port);
        return THIS_MACHINE.contains(request.getServerName())
                ? Addresses.inTheNetwork(scheme, request.getLocalPort()).stream()
                        .findFirst()
                        .orElse(asCalled)
                : asCalled;
    }
}
