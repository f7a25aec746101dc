package hiltboard.server;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.SocketTimeoutException;
import java.time.Duration;
import java.util.Map;
import java.util.Map.Entry;
import java.util.concurrent.ConcurrentHashMap;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.MediaType;
import org.springframework.util.unit.DataSize;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.HandlerExceptionResolver;

/**
 * Measures what comes in before anything else looks at it: how much, how fast, and how many at once from one address.
 * Whoever asks for more than a shop ever needs holds up nobody but himself.
 */
@Configuration(proxyBeanMethods = false)
@Order(Ordered.HIGHEST_PRECEDENCE)
class Door extends OncePerRequestFilter {
    /** Answers that a form of the program ever needs; 2,000 characters of note many times over. */
    private static final DataSize USUAL = DataSize.ofKilobytes(64);

    private static final Map<String, DataSize> LARGER = Map.of(
            "/api/exchange/outline", DataSize.ofMegabytes(10),
            "/api/exchange/specification", DataSize.ofMegabytes(1),
            "/api/steels/table", DataSize.ofMegabytes(2),
            "/api/stock/table", DataSize.ofMegabytes(2));

    private static final Duration LONGEST = Duration.ofSeconds(10);
    /** A large drawing from a phone at the far end of the shop takes longer, by this for each second. */
    private static final DataSize SLOWEST = DataSize.ofKilobytes(250);

    private static final Duration HEARD_OUT = Duration.ofSeconds(3);

    private static final String UNHEARD = Door.class.getName();
    private static final int MOST_AT_ONCE = 60;
    private static final int MOST_FILES_AT_ONCE = 6;
    private static final int BLOCK = 8192;

    private final HandlerExceptionResolver problems;
    private final Map<String, Integer> inside = new ConcurrentHashMap<>();

    Door(@Qualifier("handlerExceptionResolver") HandlerExceptionResolver problems) {
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean isFile = isFile(request);
        String who = (isFile ? "file " : "") + request.getRemoteAddr();
        if (inside.merge(who, 1, Integer::sum) > (isFile ? MOST_FILES_AT_ONCE : MOST_AT_ONCE)) {
            leave(who);
            request.setAttribute(UNHEARD, true);
            refuse(Refusal.tooMany(), request, response);
            return;
        }
        try {
            chain.doFilter(isFile || !hasBody(request) ? request : new ReadBefore(request, body(request)), response);
        } catch (Refusal refusal) {
            refuse(refusal, request, response);
        } finally {
            hearOut(request);
            leave(who);
        }
    }

    private void leave(String who) {
        inside.computeIfPresent(who, (key, count) -> count == 1 ? null : count - 1);
    }

    private void refuse(Refusal refusal, HttpServletRequest request, HttpServletResponse response) {
        response.setHeader("Connection", "close");
        problems.resolveException(request, response, null, refusal);
    }

    private static boolean hasBody(HttpServletRequest request) {
        return request.getContentLengthLong() > 0 || request.getHeader("Transfer-Encoding") != null;
    }

    /** Files are limited where they are taken, and written to disk rather than held. */
    private static boolean isFile(HttpServletRequest request) {
        String type = String.valueOf(request.getContentType());
        return type.startsWith(MediaType.MULTIPART_FORM_DATA_VALUE)
                || type.startsWith(MediaType.APPLICATION_OCTET_STREAM_VALUE);
    }

    private static long most(String path) {
        return LARGER.entrySet().stream()
                .filter(each -> path.startsWith(each.getKey()))
                .map(Entry::getValue)
                .findFirst()
                .orElse(USUAL)
                .toBytes();
    }

    private static byte[] body(HttpServletRequest request) throws IOException {
        long most = most(request.getRequestURI());
        ByteArrayOutputStream read = new ByteArrayOutputStream();
        if (request.getContentLengthLong() > most || !readInto(read, request, most)) {
            throw Refusal.tooLarge(most);
        }
        return read.toByteArray();
    }

    /** @return whether all of it was read */
    private static boolean readInto(ByteArrayOutputStream read, HttpServletRequest request, long most)
            throws IOException {
        long until = System.nanoTime()
                + LONGEST.plusSeconds(most / SLOWEST.toBytes()).toNanos();
        byte[] block = new byte[BLOCK];
        InputStream in = request.getInputStream();
        try {
            for (int count = in.read(block); count >= 0; count = in.read(block)) {
                read.write(block, 0, count);
                if (read.size() > most) {
                    return false;
                }
                if (System.nanoTime() > until) {
                    throw Refusal.tooSlow();
                }
            }
            return true;
        } catch (IOException failure) {
            boolean isSilence =
                    failure instanceof SocketTimeoutException || failure.getCause() instanceof SocketTimeoutException;
            if (isSilence) {
                throw Refusal.tooSlow();
            }
            throw failure;
        }
    }

    /**
     * What nobody read is read to its end for a while, so that the sender hears why it was refused. Of what goes on
     * after that nothing more is waited for.
     */
    private static void hearOut(HttpServletRequest request) {
        if (!hasBody(request) || request.isAsyncStarted()) {
            return;
        }
        long until = System.nanoTime() + HEARD_OUT.toNanos();
        byte[] block = new byte[BLOCK];
        try {
            InputStream in = request.getInputStream();
            while (in.read(block) >= 0) {
                if (System.nanoTime() > until) {
                    request.setAttribute(UNHEARD, true);
                    return;
                }
            }
        } catch (IOException | IllegalStateException gone) {
            request.setAttribute(UNHEARD, true);
        }
    }

    /** Tomcat itself would wait for the rest of a body without an end. */
    @Bean
    static WebServerFactoryCustomizer<TomcatServletWebServerFactory> unheard() {
        return server -> server.addEngineValves(new ValveBase(true) {
            @Override
            public void invoke(Request request, Response response) throws IOException, ServletException {
                getNext().invoke(request, response);
                if (request.getAttribute(UNHEARD) != null) {
                    request.getCoyoteRequest().action(ActionCode.DISABLE_SWALLOW_INPUT, null);
                }
            }
        });
    }
}
