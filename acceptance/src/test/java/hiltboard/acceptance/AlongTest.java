package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.server.backup.AtTheMachine;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** A shop leaves in open files and comes in elsewhere; a job does; and a client is forgotten. */
class AlongTest {
    @TempDir
    Path places;

    @Test
    void the_whole_demo_shop_is_the_same_elsewhere_and_its_drawings_are_drawings() throws Exception {
        try (RunningShop shop = RunningShop.demo()) {
            Path archive = written(shop.owner(), "SHOP", 0);
            Path folder = places.resolve("another machine");
            ByteArrayOutputStream said = new ByteArrayOutputStream();
            new AtTheMachine(folder, Clock.systemDefaultZone(), new PrintStream(said, true, StandardCharsets.UTF_8))
                    .restore(List.of(archive.toString(), "--yes"));
            assertThat(said.toString(StandardCharsets.UTF_8))
                    .contains("5 people, 27 jobs, 44 pieces, 2 photographs", "Nobody has a password in it");
            try (RunningShop elsewhere = RunningShop.demoOn(Files.readAllBytes(folder.resolve("shop.db")))) {
                for (String page :
                        List.of("wall", "stock", "forge", "fire/kilns/1/checks", "people", "closed-days", "prices")) {
                    assertThat(lasting(elsewhere.owner().get("/api/" + page)))
                            .as(page)
                            .isEqualTo(lasting(shop.owner().get("/api/" + page)));
                }
                for (long piece = 1; piece <= 38; piece++) {
                    assertThat(lasting(Work.piece(elsewhere.owner(), piece)))
                            .as("piece " + piece)
                            .isEqualTo(lasting(Work.piece(shop.owner(), piece)));
                }
            }
            Map<String, String> files = texts(archive);
            List<String> drawings = files.keySet().stream()
                    .filter(name -> name.startsWith("drawings/"))
                    .toList();
            assertThat(drawings).hasSize(44);
            Path drawing = Files.writeString(places.resolve("one.svg"), files.get(drawings.get(0)));
            assertThat(OtherProgram.run(
                            "rsvg-convert",
                            "--format=png",
                            "--output",
                            places.resolve("one.png").toString(),
                            drawing.toString()))
                    .isEmpty();
        }
    }

    private static String lasting(Client.Answer page) {
        return page.isOk().text().replaceAll("\"sequence\":\\d+", "");
    }

    /** Without what tells of the moment of asking. */
    private static String lasting(JsonNode piece) {
        return piece.path("knife").toString() + piece.path("past") + piece.path("name");
    }

    @Test
    void a_job_goes_to_another_shop_with_its_record_and_gets_a_number_there() throws Exception {
        try (RunningShop from = RunningShop.withTwoMakers();
                RunningShop to = RunningShop.withTwoMakers()) {
            Client owner = from.owner();
            owner.post(
                            "/api/people",
                            Map.of(
                                    "name",
                                    "Edda Fairweather",
                                    "signInName",
                                    "edda",
                                    "password",
                                    RunningShop.OWNER_PASSWORD,
                                    "role",
                                    "MAKER"))
                    .isOk();
            long piece = Work.take(owner, 2, Map.of());
            Work.workUpTo(from, from.signedIn("edda"), piece, "cut-profile");
            owner.postPhoto("/api/pieces/" + piece + "/photos", "blade.png", Pictures.png())
                    .isOk();
            Path archive = written(
                    owner,
                    "JOB",
                    Work.piece(owner, piece).path("job").path("id").asLong());

            Client other = to.owner();
            Work.take(other, 1, Map.of());
            Work.take(other, 1, Map.of());
            JsonNode brought = other.postFile("/api/along/brought", Files.readAllBytes(archive))
                    .isOk()
                    .json();
            assertThat(brought.path("pieces").asInt()).isEqualTo(2);
            assertThat(brought.path("photographs").asInt()).isEqualTo(1);
            other.post("/api/along/brought/" + brought.path("name").asString() + "/take", Map.of())
                    .isOk();
            long there = 3;
            JsonNode taken = Work.piece(other, there);
            assertThat(taken.path("name").asString()).isEqualTo("003-1");
            assertThat(taken.path("numbers")).isEqualTo(Work.piece(owner, piece).path("numbers"));
            assertThat(done(taken)).isEqualTo(done(Work.piece(owner, piece))).isNotEmpty();
            long photo = taken.path("past").path("photos").get(0).path("id").asLong();
            assertThat(other.bytes("/api/photos/" + photo + "/original")).isEqualTo(Pictures.png());
            assertThat(other.get("/api/people").text()).contains("Edda Fairweather");
            Work.take(other, 1, Map.of());
            assertThat(Work.piece(other, there + 2).path("name").asString()).isEqualTo("004");
        }
    }

    private static List<String> done(JsonNode piece) {
        return piece.path("steps")
                .valueStream()
                .filter(step -> step.path("standing").asString().equals("DONE"))
                .map(step -> step.path("operation").asString() + " " + step.path("clock"))
                .toList();
    }

    @Test
    void what_is_no_job_is_refused_and_changes_nothing() throws Exception {
        try (RunningShop shop = RunningShop.withTwoMakers()) {
            Client owner = shop.owner();
            long piece = Work.take(owner, 1, Map.of());
            Path whole = written(owner, "SHOP", 0);
            assertThat(owner.postFile("/api/along/brought", Files.readAllBytes(whole))
                            .isRefused(422, "entries")
                            .detail())
                    .contains("The archive holds no single job");
            assertThat(owner.postFile("/api/along/brought", "no zip".getBytes(StandardCharsets.UTF_8))
                            .isRefused(422, "entries")
                            .detail())
                    .contains("The file is no archive");
            Path job = written(
                    owner,
                    "JOB",
                    Work.piece(owner, piece).path("job").path("id").asLong());
            byte[] strange = changed(job, "pieces.jsonl", "FULL_TANG", "NO_SUCH_TANG");
            String name = owner.postFile("/api/along/brought", strange)
                    .isOk()
                    .json()
                    .path("name")
                    .asString();
            assertThat(owner.post("/api/along/brought/" + name + "/take", Map.of())
                            .isRefused(422, "entries")
                            .detail())
                    .contains("specified in a way that is not known here");
            owner.post("/api/along/brought/shop.db/take", Map.of()).isRefused(404, "not-there");
            assertThat(owner.get("/api/along").json().path("jobs")).hasSize(1);
        }
    }

    @Test
    void whatever_a_strange_job_says_it_is_refused_or_its_pages_open() throws Exception {
        try (RunningShop shop = RunningShop.demo()) {
            Client owner = shop.owner();
            // One with proposals, revisions, wishes and steps.
            Path archive = written(owner, "JOB", 8);
            for (Map.Entry<String, String> file : texts(archive).entrySet()) {
                if (file.getKey().endsWith(".jsonl")) {
                    for (String key : new TreeSet<>(keys(file.getValue()))) {
                        strange(owner, archive, file.getKey(), key);
                    }
                }
            }
        }
    }

    private static List<String> keys(String lines) {
        return Pattern.compile("\"(\\w+)\":\"")
                .matcher(lines)
                .results()
                .map(found -> found.group(1))
                .toList();
    }

    /** Every text of that name says something that nobody has ever said. */
    private void strange(Client owner, Path archive, String file, String key) throws Exception {
        Path changed = Files.copy(archive, places.resolve("strange.zip"), StandardCopyOption.REPLACE_EXISTING);
        try (FileSystem zip = FileSystems.newFileSystem(changed)) {
            Path inside = zip.getPath(file);
            Files.writeString(
                    inside,
                    Files.readString(inside).replaceAll("\"" + key + "\":\"[^\"]*\"", "\"" + key + "\":\"NONSENSE\""));
        }
        Client.Answer brought = owner.postFile("/api/along/brought", Files.readAllBytes(changed));
        Client.Answer taken =
                owner.post("/api/along/brought/" + brought.json().path("name").asString() + "/take", Map.of());
        String what = file + " " + key;
        if (taken.status() == 200) {
            long job = taken.json().path("about").asLong();
            assertThat(owner.get("/api/wall").status()).as(what).isEqualTo(200);
            assertThat(owner.get("/api/bench").status()).as(what).isEqualTo(200);
            assertThat(owner.get("/api/jobs/" + job + "/consult").status())
                    .as(what)
                    .isEqualTo(200);
            for (JsonNode rail : owner.get("/api/wall").json().path("rails")) {
                if (rail.path("jobId").asLong() == job) {
                    for (JsonNode piece : rail.path("pieces")) {
                        assertThat(owner.get("/api/pieces/" + piece.path("id").asLong())
                                        .status())
                                .as(what)
                                .isEqualTo(200);
                    }
                }
            }
        } else {
            assertThat(taken.status()).as(what + taken.text()).isEqualTo(422);
        }
    }

    @Test
    void a_client_gets_all_that_is_kept_of_them_and_is_forgotten_everywhere() throws Exception {
        try (RunningShop shop = RunningShop.withTwoMakers()) {
            Client owner = shop.owner();
            Map<String, Object> wanted = new TreeMap<>(Work.commission(owner, 1, Map.of()));
            wanted.put("clientName", "Ottilie Quarmby");
            wanted.put("clientContact", "ottilie@example.org, +49 170 5550123");
            wanted.put("title", "Paring knife for Ottilie");
            long piece =
                    owner.post("/api/jobs", wanted).isOk().json().path("about").asLong();
            long other = Work.take(owner, 1, Map.of());
            owner.post(
                            "/api/pieces/" + piece + "/notes",
                            Map.of(
                                    "operation",
                                    "",
                                    "words",
                                    "Ottilie has small hands; ring +49 170 5550123",
                                    "isLesson",
                                    false))
                    .isOk();
            String everything = String.join(
                    "\n",
                    texts(written(owner, "CLIENT", client(owner, "Ottilie Quarmby")))
                            .values());
            assertThat(everything).contains("Ottilie Quarmby", "ottilie@example.org", "small hands");
            long id = client(owner, "Ottilie Quarmby");
            owner.post("/api/along/clients/" + id + "/forget", Map.of("words", true))
                    .isRefused(409, "out-of-turn");
            Work.scrap(owner, piece, "choose-stock", "Ottilie knows");
            assertThat(forgetting(owner, id, true)).contains("the client has small hands; ring the client");
            assertThat(forgetting(owner, id, false))
                    .as("the contact, and not every word that a name has")
                    .contains("Ottilie has small hands; ring the client");
            long lines = journal(shop);
            owner.post("/api/along/clients/" + id + "/forget", Map.of("words", true))
                    .isOk();
            assertThat(everyWord(shop))
                    .noneMatch(word -> word.contains("Ottilie")
                            || word.contains("Quarmby")
                            || word.contains("5550123")
                            || word.contains("ottilie@"));
            assertThat(journal(shop)).isEqualTo(lines + 1);
            JsonNode file = Work.piece(owner, piece);
            assertThat(file.path("knife").path("numbers")).isNotEmpty();
            assertThat(file.toString()).contains("the client has small hands");
            assertThat(Work.piece(owner, other).path("name").asString()).isEqualTo("002");
            owner.post("/api/along/clients/" + id + "/forget", Map.of("words", true))
                    .isRefused(404, "not-there");
        }
    }

    /** The texts as they would be. */
    private static List<String> forgetting(Client owner, long client, boolean words) {
        return owner.get("/api/along/clients/" + client + "/forget?words=" + words)
                .isOk()
                .json()
                .valueStream()
                .map(change -> change.path("after").asString())
                .toList();
    }

    private static long client(Client owner, String name) {
        for (JsonNode client : owner.get("/api/along").json().path("clients")) {
            if (client.path("name").asString().equals(name)) {
                return client.path("id").asLong();
            }
        }
        throw new AssertionError(name);
    }

    private static long journal(RunningShop shop) throws SQLException {
        try (Connection data = DriverManager.getConnection(
                        "jdbc:sqlite:" + shop.folder().resolve("shop.db"));
                Statement sql = data.createStatement();
                ResultSet row = sql.executeQuery("SELECT count(*) FROM journal")) {
            return row.getLong(1);
        }
    }

    /** Every text in every table, whatever it is for. */
    private static List<String> everyWord(RunningShop shop) throws SQLException {
        List<String> words = new ArrayList<>();
        try (Connection data = DriverManager.getConnection(
                        "jdbc:sqlite:" + shop.folder().resolve("shop.db"));
                Statement sql = data.createStatement();
                Statement each = data.createStatement();
                ResultSet table = sql.executeQuery("SELECT name FROM sqlite_schema WHERE type = 'table'")) {
            while (table.next()) {
                try (ResultSet row = each.executeQuery("SELECT * FROM " + table.getString(1))) {
                    while (row.next()) {
                        for (int i = 1; i <= row.getMetaData().getColumnCount(); i++) {
                            words.add(String.valueOf(row.getString(i)));
                        }
                    }
                }
            }
        }
        return words;
    }

    private Path written(Client owner, String what, long id) throws Exception {
        owner.post("/api/along", Map.of("what", what, "id", id)).isOk();
        JsonNode along = owner.get("/api/along").json();
        while (!along.path("writing").isEmpty()) {
            Thread.sleep(50);
            along = owner.get("/api/along").json();
        }
        assertThat(along.path("failure").asString()).isEmpty();
        return Files.write(places.resolve(what + ".zip"), owner.bytes("/api/along/file"));
    }

    private static Map<String, String> texts(Path archive) throws IOException {
        Map<String, String> texts = new TreeMap<>();
        try (ZipFile zip = new ZipFile(archive.toFile())) {
            for (ZipEntry entry : zip.stream().toList()) {
                texts.put(
                        entry.getName(), new String(zip.getInputStream(entry).readAllBytes(), StandardCharsets.UTF_8));
            }
        }
        return texts;
    }

    private byte[] changed(Path archive, String file, String there, String instead) throws IOException {
        Path changed = Files.copy(archive, places.resolve("changed.zip"));
        try (var zip = FileSystems.newFileSystem(changed)) {
            Path inside = zip.getPath(file);
            String text = Files.readString(inside);
            assertThat(text).contains(there);
            Files.writeString(inside, text.replace(there, instead));
        }
        return Files.readAllBytes(changed);
    }
}
