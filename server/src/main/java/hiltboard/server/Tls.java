package hiltboard.server;

import hiltboard.server.data.UnusableData;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.cert.X509Certificate;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import org.apache.catalina.connector.Connector;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.ClassPathResource;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * With a certificate in the data folder (made by {@code ./hilt tls}) the program speaks TLS on its port. A second port
 * speaks plainly: it hands out the shop's own authority with a page on how a phone trusts it, and leads everybody else
 * to the first.
 */
@Configuration(proxyBeanMethods = false)
@ConditionalOnProperty("hilt.tls.plain-port")
@Order(Ordered.HIGHEST_PRECEDENCE)
class Tls extends OncePerRequestFilter {
    private static final String AUTHORITY = "ca.crt";
    private static final String STORE = "server.p12";
    private static final String PASSWORD = "password";
    private static final Duration SOON = Duration.ofDays(30);

    private final Path authority;
    private final int port;

    Tls(Settings settings, @Value("${server.port}") int port) {
        this.authority = folder(settings.data()).resolve(AUTHORITY);
        this.port = port;
    }

    private static Path folder(Path data) {
        return data.resolve("tls");
    }

    /** The settings that a certificate of this data folder asks for; none if it has none. */
    static Map<String, Object> settings(Path data, int port) {
        Path store = folder(data).resolve(STORE);
        if (!Files.exists(store)) {
            return Map.of();
        }
        return Map.of(
                "server.ssl.enabled",
                true,
                "server.ssl.key-store",
                store.toUri().toString(),
                "server.ssl.key-store-type",
                "PKCS12",
                "server.ssl.key-store-password",
                password(data),
                "server.ssl.key-alias",
                "server",
                "hilt.tls.plain-port",
                port == 0 ? 0 : port + 1);
    }

    private static String password(Path data) {
        try {
            return Files.readString(folder(data).resolve(PASSWORD)).strip();
        } catch (IOException lost) {
            throw new UnusableData("The password of the certificate in " + folder(data)
                    + " cannot be read. Delete that folder and make another: ./hilt tls");
        }
    }

    /** What is to be said of the certificate at a start: that it ends soon, or has ended. */
    static Optional<String> warning(Path data, Instant now) {
        Path store = folder(data).resolve(STORE);
        if (!Files.exists(store)) {
            return Optional.empty();
        }
        try {
            KeyStore keys = KeyStore.getInstance(store.toFile(), password(data).toCharArray());
            Instant end = ((X509Certificate) keys.getCertificate("server"))
                    .getNotAfter()
                    .toInstant();
            return end.isAfter(now.plus(SOON))
                    ? Optional.empty()
                    : Optional.of("The certificate ends on " + end + ". Renew it: ./hilt tls");
        } catch (IOException | GeneralSecurityException broken) {
            throw new UnusableData("The certificate " + store + " cannot be read (" + broken.getMessage()
                    + "). Delete its folder and make another: ./hilt tls");
        }
    }

    @Bean
    static WebServerFactoryCustomizer<TomcatServletWebServerFactory> plain(@Value("${hilt.tls.plain-port}") int port) {
        return server -> {
            Connector connector = new Connector();
            connector.setPort(port);
            server.addAdditionalConnectors(connector);
        };
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.isSecure()) {
            chain.doFilter(request, response);
        } else if (request.getRequestURI().equals("/trust/" + AUTHORITY)) {
            response.setContentType("application/x-x509-ca-cert");
            response.setHeader("Content-Disposition", "attachment; filename=\"hilt-board.crt\"");
            Files.copy(authority, response.getOutputStream());
        } else if (request.getRequestURI().startsWith("/trust")) {
            response.setContentType("text/html;charset=UTF-8");
            response.setHeader("Content-Security-Policy", "default-src 'none'; style-src 'unsafe-inline'");
            new ClassPathResource("trust.html").getInputStream().transferTo(response.getOutputStream());
        } else {
            response.sendRedirect("https://" + request.getServerName() + ":" + port + request.getRequestURI());
        }
    }
}
