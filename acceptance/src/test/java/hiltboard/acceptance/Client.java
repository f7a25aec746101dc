package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Talks HTTP to the application as a page does: with its cookies, its CSRF token and an id for each command. */
final class Client {
    /** Only so that a run ends: how quick an answer is, a busy machine does not tell. */
    private static final Duration PATIENCE = Duration.ofMinutes(5);

    private static final String BOUNDARY = "between-the-parts";
    private static final JsonMapper JSON = new JsonMapper();
    private final String address;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder()
            .cookieHandler(cookies)
            .connectTimeout(Duration.ofSeconds(20))
            .build();

    private Client(String address) {
        this.address = address;
    }

    static Client at(String address) {
        Client client = new Client(address);
        client.get("/api/session").isOk();
        return client;
    }

    /** Somebody of the demo shop, where no password is asked. */
    static Client atDemo(String address, long person) {
        Client client = at(address);
        client.post("/api/sign-in/demo", Map.of("personId", person)).isOk();
        return client;
    }

    /** Opens a new shop in inches, whose owner has the password of all tests and is signed in then. */
    void openShop(String code, String shopName, String ownerName, String signInName) {
        post(
                        "/api/setup",
                        Map.of(
                                "code",
                                code,
                                "shopName",
                                shopName,
                                "lengthUnit",
                                "INCH",
                                "temperatureUnit",
                                "FAHRENHEIT",
                                "ownerName",
                                ownerName,
                                "signInName",
                                signInName,
                                "password",
                                RunningShop.OWNER_PASSWORD))
                .isOk();
    }

    /** What the server answered. */
    record Answer(int status, String text, HttpResponse<String> response) {
        JsonNode json() {
            return JSON.readTree(text);
        }

        Answer isOk() {
            assertThat(status).as(text).isEqualTo(200);
            return this;
        }

        Answer isRefused(int expected, String kind) {
            assertThat(status).as(text).isEqualTo(expected);
            assertThat(json().path("type").asString()).isEqualTo("urn:hilt:" + kind);
            assertThat(response.headers().firstValue("Content-Type").orElse("")).startsWith("application/problem+json");
            return this;
        }

        long shopTimeMillis() {
            return Long.parseLong(response.headers().firstValue("Shop-Time").orElseThrow());
        }

        String detail() {
            return json().path("detail").asString();
        }
    }

    Answer get(String path) {
        return send(HttpRequest.newBuilder(URI.create(address + path)).GET());
    }

    Answer post(String path, Object body) {
        return postAs(UUID.randomUUID().toString(), path, body);
    }

    /** Posts under a given command id. */
    Answer postAs(String commandId, String path, Object body) {
        return send(withToken(path)
                .header("Command-Id", commandId)
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(
                        body instanceof String text ? text : JSON.writeValueAsString(body))));
    }

    /** Sends a picture as a form does. */
    Answer postPhoto(String path, String name, byte[] picture) {
        return send(withToken(path)
                .header("Command-Id", UUID.randomUUID().toString())
                .header("Content-Type", "multipart/form-data; boundary=" + BOUNDARY)
                .POST(HttpRequest.BodyPublishers.ofByteArrays(List.of(
                        ("--" + BOUNDARY + "\r\nContent-Disposition: form-data; name=\"photo\"; filename=\"" + name
                                        + "\"\r\nContent-Type: application/octet-stream\r\n\r\n")
                                .getBytes(StandardCharsets.UTF_8),
                        picture,
                        ("\r\n--" + BOUNDARY + "--\r\n").getBytes(StandardCharsets.UTF_8)))));
    }

    /** Sends a file as it is. */
    Answer postFile(String path, byte[] file) {
        return send(withToken(path)
                .header("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofByteArray(file)));
    }

    /** A file as it is sent. */
    byte[] bytes(String path) {
        HttpResponse<byte[]> response =
                sent(HttpRequest.newBuilder(URI.create(address + path)).GET(), BodyHandlers.ofByteArray());
        assertThat(response.statusCode()).as(path).isEqualTo(200);
        return response.body();
    }

    Answer send(HttpRequest.Builder request) {
        HttpResponse<String> response = sent(request, BodyHandlers.ofString());
        return new Answer(response.statusCode(), response.body(), response);
    }

    private <T> HttpResponse<T> sent(HttpRequest.Builder request, HttpResponse.BodyHandler<T> body) {
        HttpRequest asked = request.timeout(PATIENCE).build();
        try {
            return http.send(asked, body);
        } catch (IOException failure) {
            throw new UncheckedIOException(asked.method() + " " + asked.uri(), failure);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }

    HttpRequest.Builder withToken(String path) {
        return HttpRequest.newBuilder(URI.create(address + path)).header("X-XSRF-TOKEN", cookie("XSRF-TOKEN"));
    }

    HttpClient http() {
        return http;
    }

    String cookie(String name) {
        return cookies.getCookieStore().getCookies().stream()
                .filter(each -> each.getName().equals(name))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }
}
