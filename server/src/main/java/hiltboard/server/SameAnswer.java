package hiltboard.server;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatusCode;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.ShallowEtagHeaderFilter;

/**
 * An answer that is the one from before is not sent again (RFC 9110, section 13.1.2). The page itself remembers it, for
 * as long as it is open: no browser keeps what the shop knows on its disk. The shop's time stands in a header, so that
 * it does not make two answers of one.
 */
@Component
class SameAnswer extends ShallowEtagHeaderFilter {
    private static final String SHOP_TIME = "Shop-Time";

    private final ShopClock clock;

    SameAnswer(ShopClock clock) {
        this.clock = clock;
        // Of what is packed on the way only the meaning is the same.
        setWriteWeakETag(true);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        response.setHeader(SHOP_TIME, String.valueOf(clock.nowMillis()));
        if (isWhole(request)) {
            super.doFilterInternal(request, response, chain);
        } else {
            chain.doFilter(request, response);
        }
    }

    /** What is held in memory to be compared: no stream, and no file. */
    private static boolean isWhole(HttpServletRequest request) {
        String path = request.getRequestURI();
        return request.getMethod().equals(HttpMethod.GET.name())
                && !path.startsWith("/api/live")
                && !path.matches(".*/(file|files/.*|original|thumbnail|sketch|sketches/.*)");
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getRequestURI().startsWith("/api/");
    }

    @Override
    protected boolean isEligibleForEtag(
            HttpServletRequest request, HttpServletResponse response, int status, InputStream body) {
        return !response.isCommitted() && HttpStatusCode.valueOf(status).is2xxSuccessful();
    }
}
