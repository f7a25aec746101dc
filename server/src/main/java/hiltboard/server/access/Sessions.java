package hiltboard.server.access;

import hiltboard.server.Settings;
import hiltboard.server.access.SessionRepository.Kept;
import hiltboard.server.access.SignedIn.Device;
import hiltboard.server.access.SignedIn.Session;
import hiltboard.server.access.SignedIn.Way;
import hiltboard.server.data.Reading;
import hiltboard.server.data.Token;
import hiltboard.server.live.LetGo;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Duration;
import java.time.InstantSource;
import java.util.HexFormat;
import java.util.Optional;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.security.core.context.DeferredSecurityContext;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpRequestResponseHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Sessions that outlive the program: a random token in a cookie, its SHA-256 in the data. They end when nothing was
 * asked for a while, and after a while in any case. Their time is the machine's, not the shop's, which the demo turns
 * back.
 */
@Component
class Sessions implements SecurityContextRepository {
    private static final Logger LOG = LoggerFactory.getLogger(Sessions.class);
    /** Cookies know no ports: the demo beside a shop has its own. */
    private static final String OF_DEMO = "-demo";

    private static final Duration DEVICE_IS_KNOWN = Duration.ofDays(400);
    private static final Duration SEEN_IS_KEPT_EVERY = Duration.ofMinutes(10);

    private final SessionRepository kept;
    private final ApplicationEventPublisher events;
    private final Reading reading;
    private final TransactionTemplate writing;
    private final String sessionName;
    private final String deviceName;
    private final Duration idle;
    private final Duration longest;
    private final InstantSource clock = InstantSource.system();

    @Autowired
    Sessions(
            SessionRepository kept,
            ApplicationEventPublisher events,
            Reading reading,
            TransactionTemplate writing,
            Settings settings) {
        this.kept = kept;
        this.events = events;
        this.sessionName = "hilt" + (settings.demo() ? OF_DEMO : "");
        this.deviceName = "hilt-device" + (settings.demo() ? OF_DEMO : "");
        this.idle = settings.session().idle();
        this.longest = settings.session().longest();
        this.writing = writing;
        this.reading = reading;
    }

    @Override
    public DeferredSecurityContext loadDeferredContext(HttpServletRequest request) {
        return new Loaded(request);
    }

    @Override
    @Deprecated
    public SecurityContext loadContext(HttpRequestResponseHolder both) {
        return loadDeferredContext(both.getRequest()).get();
    }

    /** A session is begun and ended by name; nothing is kept by the way. */
    @Override
    public void saveContext(SecurityContext context, HttpServletRequest request, HttpServletResponse response) {}

    @Override
    public boolean containsContext(HttpServletRequest request) {
        return cookie(request, sessionName).isPresent();
    }

    /** Who is asked for only where somebody wants to know: pages and pictures of the program are for all. */
    private final class Loaded implements DeferredSecurityContext {
        private final HttpServletRequest request;
        private Optional<SecurityContext> context = Optional.empty();

        private Loaded(HttpServletRequest request) {
            this.request = request;
        }

        @Override
        public SecurityContext get() {
            if (context.isEmpty()) {
                SecurityContext loaded = SecurityContextHolder.createEmptyContext();
                find(request).map(SignedIn::new).ifPresent(loaded::setAuthentication);
                context = Optional.of(loaded);
            }
            return context.get();
        }

        @Override
        public boolean isGenerated() {
            return get().getAuthentication() == null;
        }
    }

    private Optional<Session> find(HttpServletRequest request) {
        return cookie(request, sessionName).flatMap(token -> {
            long now = clock.millis();
            Optional<Kept> found =
                    reading.of(() -> kept.session(hash(token), now - longest.toMillis(), now - idle.toMillis()));
            found.filter(each -> each.seenAtMillis() < now - SEEN_IS_KEPT_EVERY.toMillis())
                    .ifPresent(each -> seen(each.session(), now));
            return found.map(Kept::session);
        });
    }

    private void seen(Session session, long now) {
        try {
            writing.executeWithoutResult(status -> kept.seen(session.id(), now));
        } catch (DataAccessException | TransactionException trouble) {
            LOG.debug("When a session was seen could not be kept", trouble);
        }
    }

    /** The device of a request, if somebody has signed in with it before. */
    Optional<Device> device(HttpServletRequest request) {
        return cookie(request, deviceName).flatMap(token -> reading.of(() -> kept.device(hash(token))));
    }

    boolean isKnown(Device device, long person) {
        return reading.of(() -> kept.isKnown(device.id(), person));
    }

    /** Begins a session with this answer, in the place of the one that the request came with. */
    void begin(Person person, Way way, HttpServletRequest request, HttpServletResponse response) {
        String token = Token.random();
        Optional<String> deviceToken = cookie(request, deviceName);
        String newDevice = deviceToken.orElseGet(Token::random);
        Session session = writing.execute(status -> {
            find(request).ifPresent(before -> kept.end(before.id()));
            long now = clock.millis();
            kept.endOlderThan(now - longest.toMillis());
            Device device = kept.device(hash(newDevice)).orElseGet(() -> kept.addDevice(hash(newDevice), now));
            kept.isOf(device.id(), person.id());
            long id = kept.begin(hash(token), person.id(), device.id(), way, now);
            return new Session(id, way == Way.PIN ? person.asMaker() : person, way, device);
        });
        LOG.info("{} signed in ({})", person.name(), way);
        response.addHeader(HttpHeaders.SET_COOKIE, cookie(sessionName, token, longest, request));
        response.addHeader(HttpHeaders.SET_COOKIE, cookie(deviceName, newDevice, DEVICE_IS_KNOWN, request));
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(new SignedIn(session));
        SecurityContextHolder.setContext(context);
    }

    /** Ends the session that the request came with. */
    void end(HttpServletRequest request, HttpServletResponse response) {
        find(request).ifPresent(session -> writing.executeWithoutResult(status -> kept.end(session.id())));
        SecurityContextHolder.clearContext();
        response.addHeader(HttpHeaders.SET_COOKIE, cookie(sessionName, "", Duration.ZERO, request));
    }

    /** Ends every session of a person and lets their live pages go; part of a change. @param but one that goes on */
    void endAllOf(long person, Optional<Session> but) {
        kept.endAllOf(person, but.map(Session::id).orElse(0L));
        events.publishEvent(new LetGo(String.valueOf(person)));
    }

    /** Says of the device of a session whether it is a shared one; part of a change. */
    void share(Session session, boolean isShared) {
        kept.share(session.device().id(), isShared);
    }

    static String hash(String token) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException("Every Java has SHA-256", impossible);
        }
    }

    private static Optional<String> cookie(HttpServletRequest request, String name) {
        return Optional.ofNullable(request.getCookies()).stream()
                .flatMap(Stream::of)
                .filter(cookie -> cookie.getName().equals(name))
                .map(Cookie::getValue)
                .filter(value -> !value.isEmpty())
                .findFirst();
    }

    private static String cookie(String name, String value, Duration length, HttpServletRequest request) {
        return ResponseCookie.from(name, value)
                .httpOnly(true)
                .secure(request.isSecure())
                .sameSite("Lax")
                .path("/")
                .maxAge(length)
                .build()
                .toString();
    }
}
