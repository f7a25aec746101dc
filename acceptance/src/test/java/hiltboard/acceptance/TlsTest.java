package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import java.util.Map;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLHandshakeException;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The shop's own certificate: a device that trusts its authority, and one that has to be told how. */
class TlsTest {

    private static void makeCertificate(Path folder) throws Exception {
        ProcessBuilder command = new ProcessBuilder("../hilt", "tls", "board.example").redirectErrorStream(true);
        command.environment().put("HILT_DATA", folder.toString());
        Process process = command.start();
        String said = new String(process.getInputStream().readAllBytes());
        assertThat(process.waitFor()).as(said).isZero();
        assertThat(said).contains("localhost", "board.example").containsPattern("([0-9A-F]{2}:){31}[0-9A-F]{2}");
    }

    /** A device that trusts this authority and no other. */
    private static HttpClient trusting(Path authority) throws Exception {
        KeyStore trusted = KeyStore.getInstance("PKCS12");
        trusted.load(null, null);
        try (InputStream in = Files.newInputStream(authority)) {
            trusted.setCertificateEntry(
                    "shop", CertificateFactory.getInstance("X.509").generateCertificate(in));
        }
        TrustManagerFactory trust = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
        trust.init(trusted);
        SSLContext tls = SSLContext.getInstance("TLS");
        tls.init(null, trust.getTrustManagers(), null);
        return HttpClient.newBuilder().sslContext(tls).build();
    }

    private static HttpResponse<String> get(HttpClient device, String address) throws Exception {
        return device.send(HttpRequest.newBuilder(URI.create(address)).build(), BodyHandlers.ofString());
    }

    @Test
    void a_device_that_trusts_the_shop_is_spoken_to_in_secret_and_any_other_is_told_how(@TempDir Path folder)
            throws Exception {
        makeCertificate(folder);
        Path authority = folder.resolve("tls/ca.crt");
        byte[] before = Files.readAllBytes(authority);
        byte[] certificate = Files.readAllBytes(folder.resolve("tls/server.p12"));
        makeCertificate(folder);
        assertThat(Files.readAllBytes(authority))
                .as("renewed by the same authority")
                .isEqualTo(before);
        assertThat(Files.readAllBytes(folder.resolve("tls/server.p12"))).isNotEqualTo(certificate);
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder.resolve("tls/ca.p12"))))
                .isEqualTo("rw-------");

        int port = ServerProcess.freePort();
        ServerProcess server = ServerProcess.begin(folder, port);
        server.isOpen();
        String secret = "https://localhost:" + port;
        String plain = "http://localhost:" + (port + 1);
        HttpResponse<String> page = get(trusting(authority), secret + "/api/session");
        assertThat(page.statusCode()).isEqualTo(200);
        assertThat(page.headers().firstValue("Strict-Transport-Security").orElse(""))
                .contains("max-age=31536000");
        assertThat(page.headers().allValues("Set-Cookie")).isNotEmpty().allMatch(cookie -> cookie.contains("Secure"));
        HttpClient stranger = HttpClient.newHttpClient();
        assertThatThrownBy(() -> get(stranger, secret)).isInstanceOf(SSLHandshakeException.class);
        assertThat(get(stranger, plain + "/trust").body()).contains("Trust this shop");
        assertThat(get(stranger, plain + "/trust/ca.crt").body()).isEqualTo(new String(before));
        HttpResponse<String> led = get(stranger, plain + "/api/session");
        assertThat(led.statusCode()).isEqualTo(302);
        assertThat(led.headers().firstValue("Location")).contains(secret + "/api/session");
        assertThat(led.body()).isEmpty();
        server.kill();
    }

    @Test
    void behind_a_proxy_the_visitor_is_who_the_proxy_says() {
        try (RunningShop shop = RunningShop.withTwoMakers(Map.of("server.forward-headers-strategy", "native"))) {
            Client visitor = Client.at(shop.address());
            Client.Answer signedIn = visitor.send(visitor.withToken("/api/sign-in")
                    .header("Content-Type", "application/json")
                    .header("X-Forwarded-For", "203.0.113.7")
                    .header("X-Forwarded-Proto", "https")
                    .POST(HttpRequest.BodyPublishers.ofString(
                            "{\"signInName\":\"bram\",\"password\":\"" + RunningShop.OWNER_PASSWORD + "\"}")));
            assertThat(signedIn.isOk().response().headers().allValues("Set-Cookie"))
                    .anyMatch(cookie -> cookie.startsWith("hilt=") && cookie.contains("Secure"));
        }
    }
}
