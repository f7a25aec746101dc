package hiltboard.server.access;

import hiltboard.server.Refusal;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Who may do what, by the one table {@code rights.txt}. An address that does not stand in it is open to nobody. */
@Configuration(proxyBeanMethods = false)
public class Rights implements HandlerInterceptor, WebMvcConfigurer {
    private static final Logger LOG = LoggerFactory.getLogger(Rights.class);
    private static final Pattern LINE = Pattern.compile("(\\w+) +(GET|POST) +(/\\S*)(?: +# (.+))?");
    private static final List<Right> TABLE = read();
    private static final Map<String, Right> BY_ADDRESS =
            TABLE.stream().collect(Collectors.toUnmodifiableMap(Right::address, Function.identity()));

    private final AccessService access;

    Rights(AccessService access) {
        this.access = access;
    }

    /** To whom an address is open. */
    public enum Who {
        ANYBODY,
        CLIENT,
        MAKER,
        OWNER,
        COUNT,
        DROP,
        SUPPLY
    }

    /** What the owner decides whether makers may do it. */
    public enum Matter {
        COUNT("count what lies on the rack"),
        DROP("give up a billet or a machine of the forge"),
        SUPPLY("say from where a piece's material comes");

        private final String words;

        Matter(String words) {
            this.words = words;
        }

        /** What they may do, as it follows on “may”. */
        public String words() {
            return words;
        }
    }

    /**
     * A line of the table.
     *
     * @param path with the names of its parts in braces
     * @param toDo what only owners may do, as it follows on “may”; empty for other lines
     */
    public record Right(Who who, String method, String path, String toDo) {
        private String address() {
            return method + " " + path;
        }
    }

    /** All lines of the table. */
    public static List<Right> table() {
        return TABLE;
    }

    /** The paths that are open without signing in. */
    static String[] openPaths() {
        return TABLE.stream()
                .filter(right -> right.who() == Who.ANYBODY || right.who() == Who.CLIENT)
                .map(Right::path)
                .toArray(String[]::new);
    }

    private static List<Right> read() {
        try (BufferedReader lines = new BufferedReader(
                new InputStreamReader(new ClassPathResource("rights.txt").getInputStream(), StandardCharsets.UTF_8))) {
            return lines.lines()
                    .filter(line -> !line.isBlank() && !line.startsWith("#"))
                    .map(Rights::right)
                    .toList();
        } catch (IOException lost) {
            throw new UncheckedIOException("The program has lost its table of rights", lost);
        }
    }

    private static Right right(String line) {
        Matcher parts = LINE.matcher(line);
        if (!parts.matches()) {
            throw new IllegalStateException("This is no line of the table of rights: " + line);
        }
        return new Right(
                Who.valueOf(parts.group(1)),
                parts.group(2),
                parts.group(3),
                Optional.ofNullable(parts.group(4)).orElse(""));
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/api/**");
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        if (request.getDispatcherType() == DispatcherType.ASYNC) {
            // It was let in when it came; now a stream ends, perhaps because whoever opened it is signed out.
            return true;
        }
        String method = request.getMethod().equals("HEAD") ? "GET" : request.getMethod();
        Object pattern = request.getAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE);
        if (String.valueOf(pattern).startsWith("/api/")) {
            Optional<Person> person = access.signedInIfAny();
            try {
                mustBeAllowed(Optional.ofNullable(BY_ADDRESS.get(method + " " + pattern)), person);
            } catch (Refusal refusal) {
                person.ifPresent(each -> LOG.warn("{} may not {} {}", each.name(), method, pattern));
                throw refusal;
            }
        }
        return true;
    }

    private void mustBeAllowed(Optional<Right> right, Optional<Person> person) {
        boolean isMaker = person.filter(each -> !each.isOwner()).isPresent();
        Who who = right.map(Right::who).orElseThrow(() -> Refusal.notAllowed("This is not open to anybody."));
        switch (who) {
            case ANYBODY -> {}
            case CLIENT -> {
                if (isMaker) {
                    throw Refusal.notAllowed(
                            "Somebody of the shop is signed in at this window. The client speaks at a window of their own, "
                                    + "or the owner writes it down.");
                }
            }
            case MAKER -> access.signedIn();
            case OWNER -> access.signedIn().mustBeOwner(right.get().toDo());
            case COUNT, DROP, SUPPLY -> mustBeAllowed(Matter.valueOf(who.name()), access.signedIn());
        }
    }

    private void mustBeAllowed(Matter matter, Person person) {
        if (!person.isOwner() && access.makersMayNot().contains(matter)) {
            throw Refusal.notAllowed("The owner has decided that only owners " + matter.words() + ".");
        }
    }
}
