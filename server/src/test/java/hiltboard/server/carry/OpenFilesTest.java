package hiltboard.server.carry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaLocation;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import hiltboard.server.DataFile;
import hiltboard.server.data.UnusableData;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What goes out as open files is all that the shop has, in the published form, and comes in again as the same. */
class OpenFilesTest extends DataFile {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Path PUBLISHED = Path.of("../docs/open-files.schema.json");
    private static final Instant NOW = Instant.parse("2026-11-28T20:00:00Z");

    private static final String TRIGGERS =
            "SELECT group_concat(name) FROM (SELECT name FROM sqlite_schema WHERE type = 'trigger' ORDER BY name)";

    @TempDir
    Path elsewhere;

    @Test
    void every_column_of_every_table_goes_out_or_is_said_not_to() throws SQLException {
        Set<String> tables = new HashSet<>();
        try (ResultSet row =
                sql.executeQuery("SELECT name FROM sqlite_schema WHERE type = 'table' AND name NOT LIKE 'sqlite_%'")) {
            while (row.next()) {
                tables.add(row.getString(1));
            }
        }
        Set<String> known = new HashSet<>(Things.OF_THE_MACHINE);
        known.addAll(Things.OF_THE_INDEX);
        Things.ALL.forEach(thing -> known.add(thing.table()));
        assertThat(known).isEqualTo(tables);
        Set<String> before = new HashSet<>();
        for (Thing thing : Things.ALL) {
            before.add(thing.table());
            List<Column> columns = Column.of(thing, data);
            assertThat(columns.stream().map(Column::name)).as(thing.name()).doesNotHaveDuplicates();
            assertThat(columns.stream().flatMap(column -> column.table().stream()))
                    .as("what " + thing.name() + " refers to stands before it")
                    .allMatch(before::contains);
            thing.whole()
                    .ifPresent(whole -> assertThat(columns)
                            .filteredOn(column -> column.sql().equals(whole.column()))
                            .singleElement()
                            .satisfies(column -> assertThat(column.table())
                                    .hasValue(Things.named(whole.thing()).table())));
        }
    }

    @Test
    void the_published_form_is_that_of_this_version() throws Exception {
        String schema = Published.schema(data, JSON);
        if (Boolean.getBoolean("hilt.describe")) {
            Files.writeString(PUBLISHED, schema);
        }
        assertThat(Files.readString(PUBLISHED)).isEqualTo(schema);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
    void a_shop_of_anything_comes_in_again_as_it_was_and_every_line_is_as_published(int seed) throws Exception {
        new AnyShop(data, seed).fill();
        Path archive = out(Scope.SHOP);
        mustBeAsPublished(archive);
        Path again = elsewhere.resolve("again.db");
        NewShop.make(archive, again);
        try (Connection second = DriverManager.getConnection("jdbc:sqlite:" + again)) {
            for (Thing thing : Things.ALL) {
                assertThat(rows(second, thing)).as(thing.name()).isEqualTo(rows(data, thing));
            }
            assertThat(text(second, "SELECT group_concat(DISTINCT password_hash) FROM person"))
                    .isEqualTo("none");
            assertThat(text(second, TRIGGERS)).isEqualTo(text(data, TRIGGERS));
        }
    }

    @Test
    void what_opens_a_door_does_not_go_out() throws Exception {
        new AnyShop(data, 5).fill();
        sql.executeUpdate("UPDATE person SET password_hash = 'a hash that nobody sees', pin_hash = 'nor this one'");
        sql.executeUpdate("UPDATE client_link SET token = 'the-address-of-a-page-of-a-client-000000000000' || id");
        Path archive = out(Scope.SHOP);
        try (ZipFile zip = new ZipFile(archive.toFile())) {
            for (ZipEntry entry : zip.stream().toList()) {
                assertThat(new String(zip.getInputStream(entry).readAllBytes(), StandardCharsets.UTF_8))
                        .as(entry.getName())
                        .doesNotContain("that nobody sees", "nor this one", "the-address-of-a-page");
            }
        }
    }

    @Test
    void one_client_goes_out_with_their_jobs_and_nobody_elses() throws Exception {
        sql.executeUpdate("INSERT INTO client (id, name, contact) VALUES (2, 'Corin Ashby', '')");
        sql.executeUpdate(
                "INSERT INTO job (id, number, client_id, title, use_words, promised_on, created_at_ms) VALUES "
                        + "(2, '002', 2, 'Cleaver', '', '2026-12-01', 5)");
        sql.executeUpdate(
                "INSERT INTO person (id, name, sign_in_name, role, password_hash, length_unit, temperature_unit) "
                        + "VALUES (2, 'Bram Holt', 'bram', 'MAKER', 'x', 'INCH', 'FAHRENHEIT')");
        sql.executeUpdate(
                "INSERT INTO note (piece_id, operation, words, written_by, written_at_ms) VALUES (1, '', 'proud at the heel', 2, 7)");
        Map<String, List<String>> lines = new HashMap<>();
        try (ZipFile zip = new ZipFile(out(Scope.one(Things.CLIENTS, 1)).toFile())) {
            for (ZipEntry entry : zip.stream()
                    .filter(each -> each.getName().endsWith(".jsonl"))
                    .toList()) {
                lines.put(
                        entry.getName(),
                        new String(zip.getInputStream(entry).readAllBytes(), StandardCharsets.UTF_8)
                                .lines()
                                .toList());
            }
        }
        assertThat(lines.get("clients.jsonl")).singleElement().asString().contains("Petra Vale");
        assertThat(lines.get("jobs.jsonl")).singleElement().asString().contains("Herb knife");
        assertThat(lines.get("pieces.jsonl")).hasSize(2);
        assertThat(lines.get("notes.jsonl")).singleElement().asString().contains("proud at the heel");
        assertThat(lines.get("people.jsonl")).containsExactly("{\"id\":2,\"name\":\"Bram Holt\"}");
        assertThat(lines).doesNotContainKeys("stockItems.jsonl", "kilns.jsonl", "prices.jsonl");
    }

    @Test
    void a_writing_that_is_stopped_is_no_archive() throws Exception {
        Path file = elsewhere.resolve("stopped.zip");
        try (OutputStream out = Files.newOutputStream(file)) {
            Outgoing outgoing = new Outgoing(data, Scope.SHOP, JSON, out, lines -> {
                throw new CancellationException();
            });
            assertThatThrownBy(() -> outgoing.write("x", NOW, Outgoing.count(data, Scope.SHOP), List.of()))
                    .isInstanceOf(CancellationException.class);
        }
        assertThatThrownBy(() -> NewShop.make(file, elsewhere.resolve("x.db"))).isInstanceOf(UnusableData.class);
        assertThat(elsewhere.resolve("x.db")).doesNotExist();
    }

    /** Each spoils one file of a good archive by putting something in the place of something. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "jobs.jsonl   | Herb knife | Herb\\nknife        | jobs.jsonl, line 1: It is no JSON.",
                "jobs.jsonl   | \"promisedOn\":\"2026-12-01\", | `` | jobs.jsonl, line 1: “promisedOn” is missing.",
                "jobs.jsonl   | \"promisedOn\" | \"promised\"   | jobs.jsonl, line 1: “promised” is not known of the jobs.",
                "jobs.jsonl   | \"2026-12-01\" | 7              | jobs.jsonl, line 1: “promisedOn” must be text.",
                "jobs.jsonl   | \"client\":1 | \"client\":77    | jobs.jsonl, line 1: It does not fit the rest",
                "jobs.jsonl   | 1970-01-01T00:00:00.005Z | noon | jobs.jsonl, line 1: “createdAt” must be a moment such as",
                "pieces.jsonl | \"position\":2 | \"position\":1 | pieces.jsonl, line 2: It does not fit the rest",
                "pieces.jsonl | \"position\":2 | \"position\":2.5 | pieces.jsonl, line 2: “position” must be a whole number.",
                "pieces.jsonl | \"standing\":\"ALIVE\" | \"standing\":\"LOST\" | pieces.jsonl, line 1: It does not fit the rest",
                "shop.json    | \"pieces\" : 2 | \"pieces\" : 3 | pieces.jsonl has 2 lines; by shop.json it should have 3.",
                "shop.json    | \"version\" : 1 | \"version\" : 2 | is of version 2 of the open files; this program knows version 1.",
                "shop.json    | hilt-board open files | something else | holds no shop and no part of one.",
                "shop.json    | \"of\" : \"shop\" | \"of\" : \"jobs\" | The archive holds no whole shop",
                "shop.json    | { | [ | is not what it should be.",
            })
    void what_is_wrong_is_said_with_file_and_line_and_nothing_is_left(
            String file, String there, String instead, String words) throws Exception {
        Path bad = changed(out(Scope.SHOP), file, text -> {
            assertThat(text).contains(there);
            return text.replaceFirst(
                    java.util.regex.Pattern.quote(there),
                    java.util.regex.Matcher.quoteReplacement(instead.replace("\\n", "\n")));
        });
        Path made = elsewhere.resolve("made.db");
        assertThatThrownBy(() -> NewShop.make(bad, made))
                .isInstanceOf(UnusableData.class)
                .hasMessageContaining(words);
        assertThat(made).doesNotExist();
    }

    @Test
    void an_archive_that_would_fill_the_disk_is_refused() throws Exception {
        Path bomb = elsewhere.resolve("bomb.zip");
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(bomb))) {
            zip.putNextEntry(new ZipEntry("shop.json"));
            zip.write("""
                    {"format":"hilt-board open files","version":1,"of":"shop","name":"","written":"","lines":{"clients":1}}
                    """.getBytes(StandardCharsets.UTF_8));
            zip.putNextEntry(new ZipEntry("clients.jsonl"));
            byte[] much = new byte[1_000_000];
            for (int i = 0; i < 100; i++) {
                zip.write(much);
            }
        }
        assertThatThrownBy(() -> NewShop.make(bomb, elsewhere.resolve("x.db")))
                .hasMessageContaining("longer than any that was written here");
    }

    private Path out(Scope scope) throws SQLException, IOException {
        Path file = elsewhere.resolve("out.zip");
        try (OutputStream out = Files.newOutputStream(file)) {
            new Outgoing(data, scope, JSON, out, lines -> {})
                    .write("Fenwick Bridge Knives", NOW, Outgoing.count(data, scope), List.of());
        }
        return file;
    }

    private Path changed(Path archive, String file, UnaryOperator<String> change) throws IOException {
        Path changed = elsewhere.resolve("changed.zip");
        try (ZipFile zip = new ZipFile(archive.toFile());
                ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(changed))) {
            for (ZipEntry entry : zip.stream().toList()) {
                byte[] bytes = zip.getInputStream(entry).readAllBytes();
                out.putNextEntry(new ZipEntry(entry.getName()));
                out.write(
                        entry.getName().equals(file)
                                ? change.apply(new String(bytes, StandardCharsets.UTF_8))
                                        .getBytes(StandardCharsets.UTF_8)
                                : bytes);
            }
        }
        return changed;
    }

    private static void mustBeAsPublished(Path archive) throws IOException {
        SchemaRegistry registry = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12);
        try (ZipFile zip = new ZipFile(archive.toFile())) {
            JsonNode published = JSON.readTree(
                    zip.getInputStream(zip.getEntry("schema.json")).readAllBytes());
            for (Thing thing : Things.ALL) {
                Schema schema = registry.getSchema(
                        SchemaLocation.of("https://example.invalid/" + thing.name()),
                        published.get("$defs").get(thing.name()).toString(),
                        InputFormat.JSON);
                String lines = new String(
                        zip.getInputStream(zip.getEntry(thing.name() + ".jsonl"))
                                .readAllBytes(),
                        StandardCharsets.UTF_8);
                assertThat(lines.split("\n"))
                        .as(thing.name())
                        .isNotEmpty()
                        .allSatisfy(line -> assertThat(schema.validate(line, InputFormat.JSON))
                                .as(thing.name() + ": " + line)
                                .isEmpty());
            }
        }
    }

    /** What a thing's columns hold, JSON as what it says; secrets are not among them. */
    private static List<Map<String, Object>> rows(Connection data, Thing thing) throws SQLException {
        List<Map<String, Object>> rows = new ArrayList<>();
        List<Column> columns = Column.of(thing, data);
        try (Statement sql = data.createStatement();
                ResultSet row = sql.executeQuery("SELECT * FROM " + thing.table() + " ORDER BY rowid")) {
            while (row.next()) {
                Map<String, Object> values = new LinkedHashMap<>();
                for (Column column : columns) {
                    Object value = row.getObject(column.sql());
                    values.put(
                            column.sql(),
                            value == null
                                    ? "nothing"
                                    : value instanceof byte[] bytes
                                            ? List.of(java.util.Base64.getEncoder()
                                                    .encodeToString(bytes))
                                            : column.kind() == ColumnKind.JSON_VALUE
                                                    ? JSON.readTree(value.toString())
                                                    : value);
                }
                rows.add(values);
            }
        }
        return rows;
    }

    private static String text(Connection data, String question) throws SQLException {
        try (Statement sql = data.createStatement();
                ResultSet row = sql.executeQuery(question)) {
            return row.getString(1);
        }
    }
}
