package hiltboard.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URL;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The guide's table of settings is what the configuration says of itself; {@code ./hilt types} writes it. */
class SettingsTest {
    private static final Path GUIDE = Path.of("../docs/guide-for-owners.md");
    private static final String BEGIN = "<!-- settings: written by ./hilt types -->\n";
    private static final String END = "<!-- end of settings -->\n";
    /** Spring's own that a shop may need. */
    private static final List<String> OTHERS = List.of(
            "spring.mail.host",
            "spring.mail.port",
            "spring.mail.username",
            "spring.mail.password",
            "server.forward-headers-strategy",
            "server.ssl.certificate",
            "server.ssl.certificate-private-key",
            "logging.file.name");

    @Test
    void every_setting_stands_in_the_guide_as_the_configuration_has_it() throws IOException {
        Map<String, JsonNode> all = properties();
        List<String> own =
                all.keySet().stream().filter(name -> name.startsWith("hilt.")).toList();
        assertThat(own).contains("hilt.data", "hilt.port", "hilt.session.idle", "hilt.mail.from");
        String table = Stream.concat(own.stream(), OTHERS.stream())
                .map(name -> row(name, all.get(name)))
                .collect(Collectors.joining(
                        "", "| variable | `--name` | usual | what |\n| --- | --- | --- | --- |\n", ""));
        String guide = Files.readString(GUIDE);
        int begin = guide.indexOf(BEGIN) + BEGIN.length();
        int end = guide.indexOf(END);
        if (Boolean.getBoolean("hilt.describe")) {
            Files.writeString(GUIDE, guide.substring(0, begin) + table + guide.substring(end));
        }
        assertThat(guide.substring(begin, end)).isEqualTo(table);
    }

    private static String row(String name, JsonNode property) {
        assertThat(property).as(name).isNotNull();
        assertThat(property.path("description").asString("")).as(name).isNotBlank();
        return "| `%s` | `%s` | %s | %s |\n"
                .formatted(
                        name.toUpperCase(Locale.ROOT).replace("-", "").replace('.', '_'),
                        name,
                        property.path("defaultValue").asString(""),
                        property.path("description").asString().replace("|", "\\|"));
    }

    private static Map<String, JsonNode> properties() throws IOException {
        Map<String, JsonNode> all = new TreeMap<>();
        for (URL file : Collections.list(
                SettingsTest.class.getClassLoader().getResources("META-INF/spring-configuration-metadata.json"))) {
            JsonNode metadata =
                    new JsonMapper().readTree(new String(file.openStream().readAllBytes(), StandardCharsets.UTF_8));
            metadata.path("properties")
                    .forEach(each -> all.put(each.path("name").asString(), each));
        }
        return all;
    }
}
