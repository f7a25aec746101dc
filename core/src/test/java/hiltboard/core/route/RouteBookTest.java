package hiltboard.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * The documents of docs/routes are what the program teaches; a change of either shows in the other. {@code ./hilt
 * routes} writes them.
 */
class RouteBookTest {
    private static final Path FOLDER = Path.of("..", "docs", "routes");

    @Test
    void the_documents_say_what_the_program_teaches() throws IOException {
        Map<String, String> pages = RouteBook.pages();
        if (Boolean.getBoolean("hilt.routes.write")) {
            Files.createDirectories(FOLDER);
            for (Map.Entry<String, String> page : pages.entrySet()) {
                Files.writeString(FOLDER.resolve(page.getKey()), page.getValue());
            }
        }
        for (Map.Entry<String, String> page : pages.entrySet()) {
            assertThat(FOLDER.resolve(page.getKey())).hasContent(page.getValue());
        }
        try (Stream<Path> files = Files.list(FOLDER)) {
            assertThat(files.map(file -> file.getFileName().toString()))
                    .containsExactlyInAnyOrderElementsOf(pages.keySet());
        }
    }
}
