package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The tree is the architecture: what a stranger may rely on when looking for something. */
class HouseTest {
    private static final Path HOUSE = Path.of("..");
    private static final int WIDEST = 140;
    /** Rooms of the server that have no rules of the trade. */
    private static final Set<String> SERVER_ONLY =
            Set.of("access", "bench", "carry", "data", "demo", "device", "find", "live");

    @Test
    void no_line_of_code_is_wider_than_a_reader_sees() {
        List<String> wide = Stream.of("core/src", "server/src", "acceptance/src", "web/src")
                .flatMap(HouseTest::files)
                .filter(file -> file.toString().matches(".*\\.(java|tsx?)"))
                .filter(file -> !file.endsWith("schema.d.ts"))
                .flatMap(HouseTest::wideLines)
                .toList();
        assertThat(wide).isEmpty();
    }

    @Test
    void the_server_has_the_words_of_the_rules_and_the_readme_names_them_all() throws IOException {
        Set<String> core = packages("core");
        Set<String> server = packages("server");
        Set<String> strange = new TreeSet<>(server);
        strange.removeAll(core);
        assertThat(strange).isEqualTo(new TreeSet<>(SERVER_ONLY));
        String readme = Files.readString(HOUSE.resolve("README.md"));
        assertThat(Stream.concat(core.stream(), server.stream())
                        .distinct()
                        .filter(word -> !readme.contains("`" + word + "`")))
                .isEmpty();
    }

    @Test
    void every_page_of_the_program_opens_by_its_address() throws IOException {
        Set<String> pages = addresses("web/src/App.tsx", "path=\"(/[^\"]*)\"", ":\\w+");
        pages.addAll(addresses("web/src/pages.ts", "'(/[^']*)': fetched", ":\\w+"));
        Set<String> served =
                addresses("server/src/main/java/hiltboard/server/PageController.java", "\"(/[^\"]*)\"", "\\{\\w+}");
        assertThat(pages).hasSizeGreaterThan(20);
        Set<String> unserved = new TreeSet<>(pages);
        unserved.removeIf(page -> served.stream().anyMatch(address -> page.matches(address.replace("*", "[^/]+"))));
        assertThat(unserved).isEmpty();
    }

    private static Set<String> addresses(String file, String address, String part) throws IOException {
        return Pattern.compile(address)
                .matcher(Files.readString(HOUSE.resolve(file)))
                .results()
                .map(found -> found.group(1).replaceAll(part, "*"))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    @Test
    void every_package_says_what_question_it_answers() {
        List<Path> silent = Stream.of("core/src/main/java", "server/src/main/java")
                .flatMap(HouseTest::files)
                .filter(file -> file.toString().endsWith(".java"))
                .map(Path::getParent)
                .distinct()
                .filter(folder -> !Files.exists(folder.resolve("package-info.java")))
                .toList();
        assertThat(silent).isEmpty();
    }

    @Test
    void nothing_is_called_by_what_anything_could_be_called() {
        Pattern empty = Pattern.compile(".*(Util|Utils|Helper|Manager|Common|Impl|Misc)\\.(java|tsx?)");
        assertThat(Stream.of("core/src", "server/src", "acceptance/src", "web/src")
                        .flatMap(HouseTest::files)
                        .map(file -> file.getFileName().toString())
                        .filter(empty.asMatchPredicate()))
                .isEmpty();
    }

    /** Playwright's own assertions look once, and fail on a page that is a moment late. */
    @Test
    void what_a_page_shows_is_waited_for_in_one_way() {
        assertThat(files("acceptance/src")
                        .filter(file -> file.toString().endsWith(".java"))
                        .filter(HouseTest::asserts)
                        .map(file -> file.getFileName().toString()))
                .containsExactly("Seen.java");
    }

    private static boolean asserts(Path file) {
        try {
            return Files.readString(file).contains("assertions." + "PlaywrightAssertions");
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    @Test
    void the_tests_that_the_table_of_security_names_are_there() throws IOException {
        Set<String> there = Stream.of("server/src/test", "acceptance/src/test")
                .flatMap(HouseTest::files)
                .map(file -> file.getFileName().toString().replace(".java", ""))
                .collect(Collectors.toSet());
        Set<String> named = Pattern.compile("\\b(\\w+Test)\\b")
                .matcher(Files.readString(HOUSE.resolve("docs/security.md")))
                .results()
                .map(found -> found.group(1))
                .collect(Collectors.toCollection(TreeSet::new));
        assertThat(named).hasSizeGreaterThan(20);
        assertThat(there).containsAll(named);
    }

    private static Set<String> packages(String part) {
        try (Stream<Path> folders = Files.list(HOUSE.resolve(part + "/src/main/java/hiltboard/" + part))) {
            return folders.filter(Files::isDirectory)
                    .map(folder -> folder.getFileName().toString())
                    .collect(Collectors.toCollection(TreeSet::new));
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    private static Stream<Path> files(String folder) {
        try (Stream<Path> files = Files.walk(HOUSE.resolve(folder))) {
            return files.filter(Files::isRegularFile).toList().stream();
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    private static Stream<String> wideLines(Path file) {
        try {
            List<String> lines = Files.readAllLines(file);
            return IntStream.range(0, lines.size())
                    .filter(i -> lines.get(i).codePointCount(0, lines.get(i).length()) > WIDEST)
                    .mapToObj(i -> file + ":" + (i + 1));
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }
}
