package hiltboard.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * The description of the interface is a file that the program serves. It is read off the controllers here, so that the
 * program itself need not carry what reads it; {@code ./hilt types} writes it.
 */
class DescriptionTest {
    private static final Path KEPT = Path.of("../web/openapi.json");
    private static final JsonMapper JSON =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
    private static JsonNode described;
    private static JsonNode served;

    @BeforeAll
    static void describe(@TempDir Path data) throws IOException, InterruptedException {
        try (Program shop = new Program(
                Clock.systemDefaultZone(),
                Map.of(
                        "server.port",
                        0,
                        "hilt.data",
                        data,
                        "springdoc.api-docs.path",
                        "/described",
                        "springdoc.paths-to-match",
                        "/api/**",
                        "springdoc.default-produces-media-type",
                        "application/json",
                        "springdoc.writer-with-order-by-keys",
                        true),
                started -> {})) {
            int port = shop.port();
            described = JSON.readTree(get("http://localhost:" + port + "/described"));
            if (Boolean.getBoolean("hilt.describe")) {
                Files.writeString(KEPT, JSON.writeValueAsString(described) + "\n");
            }
            served = JSON.readTree(get("http://localhost:" + port + "/api/openapi.json"));
        }
    }

    private static String get(String address) throws IOException, InterruptedException {
        return HttpClient.newHttpClient()
                .send(HttpRequest.newBuilder(URI.create(address)).build(), BodyHandlers.ofString())
                .body();
    }

    @Test
    void the_description_that_is_kept_and_served_is_what_the_controllers_do() throws IOException {
        assertThat(JSON.readTree(Files.readString(KEPT)))
                .as("web/openapi.json differs from the controllers: run ./hilt types")
                .isEqualTo(described);
        assertThat(served).as("built in").isEqualTo(described);
    }

    @Test
    void every_operation_has_a_name_of_its_own_says_who_may_ask_and_how_it_is_refused() {
        List<String> names = new ArrayList<>();
        described
                .path("paths")
                .forEach(path -> path.forEach(operation -> {
                    names.add(operation.path("operationId").asString());
                    assertThat(operation.has("security"))
                            .as(operation.path("operationId").asString())
                            .isTrue();
                    assertThat(operation
                                    .path("responses")
                                    .path("4XX")
                                    .path("$ref")
                                    .asString())
                            .isEqualTo("#/components/responses/Refused");
                }));
        assertThat(names)
                .doesNotHaveDuplicates()
                .allMatch(name -> name.matches("[a-z][A-Za-z]+"))
                .hasSizeGreaterThan(100);
    }
}
