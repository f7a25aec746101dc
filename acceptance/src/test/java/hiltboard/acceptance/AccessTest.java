package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class AccessTest {
    private static final Map<String, String> SETUP = Map.of(
            "shopName",
            "Shop",
            "lengthUnit",
            "MILLIMETRE",
            "temperatureUnit",
            "CELSIUS",
            "ownerName",
            "Owner",
            "signInName",
            "owner",
            "password",
            RunningShop.OWNER_PASSWORD);

    @Test
    void an_empty_shop_is_opened_once_with_the_printed_code_only() {
        try (RunningShop shop = RunningShop.empty()) {
            Client stranger = Client.at(shop.address());
            assertThat(stranger.get("/api/session").json().path("isShopEmpty").asBoolean())
                    .isTrue();
            assertThat(stranger.get("/api/wall").status()).isEqualTo(401);
            stranger.post("/api/setup", with(SETUP, "code", "WRONG234")).isRefused(422, "entries");
            String code = shop.setupCode();
            stranger.post("/api/setup", with(with(SETUP, "code", code), "password", "short"))
                    .isRefused(422, "entries");
            stranger.post("/api/setup", with(SETUP, "code", code)).isOk();
            assertThat(stranger.get("/api/wall").isOk().json().path("rails")).isEmpty();
            Client.at(shop.address())
                    .post("/api/setup", with(SETUP, "code", code))
                    .isRefused(409, "out-of-turn");
        }
    }

    @Test
    void sessions_passwords_and_tokens_are_guarded() throws Exception {
        try (RunningShop shop = RunningShop.withTwoMakers()) {
            Client stranger = Client.at(shop.address());
            Client.Answer signIn = stranger.post(
                            "/api/sign-in", Map.of("signInName", "bram", "password", RunningShop.OWNER_PASSWORD))
                    .isOk();
            assertThat(signIn.response().headers().allValues("Set-Cookie"))
                    .anySatisfy(cookie -> assertThat(cookie).startsWith("hilt=").contains("HttpOnly", "SameSite=Lax"));
            Client.Answer withoutToken =
                    stranger.send(HttpRequest.newBuilder(URI.create(shop.address() + "/api/people/units"))
                            .header("Content-Type", "application/json")
                            .header("Command-Id", "12345678")
                            .POST(HttpRequest.BodyPublishers.ofString("{\"unit\":\"MILLIMETRE\"}")));
            assertThat(withoutToken.status()).isEqualTo(403);
            stranger.post(
                            "/api/people",
                            Map.of(
                                    "name",
                                    "X",
                                    "signInName",
                                    "xx",
                                    "password",
                                    RunningShop.OWNER_PASSWORD,
                                    "role",
                                    "OWNER"))
                    .isRefused(403, "not-allowed");
            stranger.post("/api/sign-in/demo", Map.of("personId", 1)).isRefused(403, "not-allowed");
            assertThat(stranger.get("/api/session").json().path("demoPeople")).isEmpty();
            stranger.post("/api/sign-out", Map.of()).isOk();
            assertThat(stranger.get("/api/wall").status()).isEqualTo(401);
            String kept = new String(Files.readAllBytes(shop.folder().resolve("shop.db")), StandardCharsets.ISO_8859_1)
                    + new String(Files.readAllBytes(shop.folder().resolve("shop.db-wal")), StandardCharsets.ISO_8859_1);
            assertThat(kept).doesNotContain(RunningShop.OWNER_PASSWORD).contains("$2a$");
        }
    }

    private static final Map<String, String> BRAM =
            Map.of("signInName", "bram", "password", RunningShop.OWNER_PASSWORD);

    @Test
    void wrong_passwords_slow_down_and_no_setting_of_a_clock_shortens_or_lengthens_the_wait() throws Exception {
        try (RunningShop shop = RunningShop.withTwoMakers()) {
            Client stranger = Client.at(shop.address());
            wrong(stranger, "bram", 3);
            shop.clock().putForward(Duration.ofDays(1));
            Client.Answer refused = stranger.post("/api/sign-in", BRAM).isRefused(429, "too-soon");
            assertThat(refused.response().headers().firstValue("Retry-After")).contains("2");
            shop.clock().putForward(Duration.ofDays(-2));
            Thread.sleep(2_100);
            stranger.post("/api/sign-in", BRAM).isOk();
        }
    }

    private static void wrong(Client who, String name, int times) {
        for (int i = 0; i < times; i++) {
            who.post("/api/sign-in", Map.of("signInName", name, "password", "wrong"))
                    .isRefused(422, "entries");
        }
    }

    @Test
    void a_stranger_who_knows_a_name_locks_nobody_out_at_a_device_that_they_have_signed_in_with() {
        try (RunningShop shop = RunningShop.withTwoMakers()) {
            Client known = Client.at(shop.address());
            known.post("/api/sign-in", BRAM).isOk();
            known.post("/api/sign-out", Map.of()).isOk();
            Client stranger = Client.at(shop.address());
            wrong(stranger, "bram", 3);
            stranger.post("/api/sign-in", BRAM).isRefused(429, "too-soon");
            known.post("/api/sign-in", BRAM).isOk();
            known.post("/api/sign-out", Map.of()).isOk();
            wrong(known, "bram", 3);
            known.post("/api/sign-in", BRAM).isRefused(429, "too-soon");
        }
    }

    @Test
    void sessions_outlive_the_program_and_end_in_any_case() throws Exception {
        try (RunningShop shop = RunningShop.withTwoMakers()) {
            Client bram = shop.signedIn("bram");
            shop.restart();
            bram.get("/api/wall").isOk();
            shop.restartWith(Map.of("hilt.session.longest", "3s"));
            Thread.sleep(3_100);
            bram.get("/api/wall").isRefused(401, "not-signed-in");
            Client again = Client.at(shop.address());
            again.post("/api/sign-in", BRAM).isOk();
            again.get("/api/wall").isOk();
            Thread.sleep(3_100);
            again.get("/api/wall").isRefused(401, "not-signed-in");
            shop.restartWith(Map.of("hilt.session.idle", "2s"));
            Client idle = Client.at(shop.address());
            idle.post("/api/sign-in", BRAM).isOk();
            Thread.sleep(2_100);
            idle.get("/api/wall").isRefused(401, "not-signed-in");
        }
    }

    @Test
    void one_changes_ones_own_password_and_every_other_session_ends() {
        try (RunningShop shop = RunningShop.withTwoMakers()) {
            Client here = shop.signedIn("bram");
            Client elsewhere = Client.at(shop.address());
            elsewhere.post("/api/sign-in", BRAM).isOk();
            String next = "quite another one";
            here.post("/api/people/password", Map.of("present", "not mine", "password", next))
                    .isRefused(422, "entries");
            // Too short; common, a keyboard's row, a sequence, and one's own name with a figure behind it.
            for (String easy : List.of("short", "password123", "qwertyuiop", "1234567890", "Bram Holt1")) {
                here.post("/api/people/password", Map.of("present", RunningShop.OWNER_PASSWORD, "password", easy))
                        .isRefused(422, "entries");
            }
            here.post("/api/people/password", Map.of("present", RunningShop.OWNER_PASSWORD, "password", next))
                    .isOk();
            here.get("/api/wall").isOk();
            elsewhere.get("/api/wall").isRefused(401, "not-signed-in");
            elsewhere.post("/api/sign-in", BRAM).isRefused(422, "entries");
            elsewhere
                    .post("/api/sign-in", Map.of("signInName", "bram", "password", next))
                    .isOk();
        }
    }

    @Test
    void who_leaves_is_gone_at_once_and_stays_on_what_they_did() {
        try (RunningShop shop = RunningShop.withTwoMakers()) {
            Client owner = shop.owner();
            Client bram = shop.signedIn("bram");
            long piece = Work.take(owner, 1, Map.of());
            bram.post("/api/pieces/" + piece + "/notes", Map.of("operation", "", "words", "mine", "isLesson", false))
                    .isOk();
            owner.post("/api/people/2/let-go", Map.of()).isOk();
            bram.get("/api/wall").isRefused(401, "not-signed-in");
            bram.post("/api/sign-in", BRAM).isRefused(422, "entries");
            assertThat(Work.piece(owner, piece)
                            .path("past")
                            .path("notes")
                            .get(0)
                            .path("by")
                            .asString())
                    .isEqualTo("Bram Holt");
            assertThat(owner.get("/api/people").json().get(1).path("isHere").asBoolean())
                    .isFalse();
            owner.post("/api/people/1/let-go", Map.of()).isRefused(409, "out-of-turn");
            owner.post("/api/people/2/password", Map.of("password", "a password for nobody"))
                    .isRefused(404, "not-there");
            owner.post("/api/people/2/take-back", Map.of()).isOk();
            owner.post("/api/people/2/password", Map.of("password", "a password from the owner"))
                    .isOk();
            bram.post("/api/sign-in", Map.of("signInName", "bram", "password", "a password from the owner"))
                    .isOk();
            owner.post("/api/people/2/sign-out", Map.of()).isOk();
            bram.get("/api/wall").isRefused(401, "not-signed-in");
        }
    }

    @Test
    void a_short_number_changes_hands_at_a_shared_tablet_and_nowhere_else() {
        try (RunningShop shop = RunningShop.withTwoMakers()) {
            Client owner = shop.owner();
            Client bram = shop.signedIn("bram");
            for (Client each : List.of(owner, bram)) {
                each.post("/api/people/pin", Map.of("present", RunningShop.OWNER_PASSWORD, "pin", "12x4"))
                        .isRefused(422, "entries");
                each.post("/api/people/pin", Map.of("present", RunningShop.OWNER_PASSWORD, "pin", "4711"))
                        .isOk();
            }
            Map<String, Object> pin = Map.of("personId", 2, "pin", "4711");
            Client.at(shop.address()).post("/api/sign-in/pin", pin).isRefused(403, "not-allowed");
            Client tablet = Client.at(shop.address());
            tablet.post("/api/sign-in", Map.of("signInName", "olwen", "password", RunningShop.OWNER_PASSWORD))
                    .isOk();
            tablet.post("/api/device", Map.of("isShared", true)).isOk();
            JsonNode changed = tablet.post("/api/sign-in/pin", pin).isOk().json();
            assertThat(changed.path("person").path("name").asString()).isEqualTo("Bram Holt");
            assertThat(changed.path("hands")).hasSize(2);
            JsonNode owners = tablet.post("/api/sign-in/pin", Map.of("personId", 1, "pin", "4711"))
                    .isOk()
                    .json();
            assertThat(owners.path("person").path("role").asString())
                    .as("with a short number nobody is more than a maker")
                    .isEqualTo("MAKER");
            tablet.post("/api/people/2/let-go", Map.of()).isRefused(403, "not-allowed");
            tablet.post("/api/sign-out", Map.of()).isOk();
            assertThat(tablet.get("/api/session").json().path("hands")).hasSize(2);
            tablet.post("/api/sign-in/pin", pin).isOk();
        }
    }

    @Test
    void five_wrong_numbers_leave_only_the_password() throws Exception {
        try (RunningShop shop = RunningShop.withTwoMakers()) {
            Client tablet = shop.owner();
            tablet.post("/api/people/pin", Map.of("present", RunningShop.OWNER_PASSWORD, "pin", "4711"))
                    .isOk();
            tablet.post("/api/device", Map.of("isShared", true)).isOk();
            Map<String, Object> wrong = Map.of("personId", 1, "pin", "4712");
            for (int i = 0; i < 5; i++) {
                Client.Answer answer = tablet.post("/api/sign-in/pin", wrong);
                for (int wait = 0; answer.status() == 429 && wait < 80; wait++) {
                    Thread.sleep(100);
                    answer = tablet.post("/api/sign-in/pin", wrong);
                }
                answer.isRefused(422, "entries");
            }
            assertThat(tablet.post("/api/sign-in/pin", Map.of("personId", 1, "pin", "4711"))
                            .isRefused(422, "entries")
                            .text())
                    .contains("There is no short number");
        }
    }

    @Test
    void the_id_of_a_command_answers_for_nobody_else_and_for_nothing_else() {
        try (RunningShop shop = RunningShop.withTwoMakers()) {
            long piece = Work.take(shop.owner(), 1, Map.of());
            String path = "/api/pieces/" + piece + "/notes";
            Map<String, Object> note = Map.of("operation", "", "words", "mine", "isLesson", false);
            shop.signedIn("bram").postAs("one-id-for-all", path, note).isOk();
            shop.signedIn("bram").postAs("one-id-for-all", path, note).isOk();
            shop.signedIn("cato").postAs("one-id-for-all", path, note).isRefused(409, "id-used-before");
            shop.signedIn("bram")
                    .postAs("one-id-for-all", path, Map.of("operation", "", "words", "another", "isLesson", false))
                    .isRefused(409, "id-used-before");
        }
    }

    @Test
    void only_what_the_page_needs_is_served_and_nothing_from_outside() {
        try (RunningShop shop = RunningShop.empty()) {
            Client.Answer page = Client.at(shop.address()).get("/").isOk();
            assertThat(page.response()
                            .headers()
                            .firstValue("Content-Security-Policy")
                            .orElse(""))
                    .contains("default-src 'self'", "script-src 'self'")
                    .doesNotContain("unsafe");
            assertThat(page.text()).doesNotContain("http://", "https://");
            assertThat(Client.at(shop.address()).get("/actuator/env").status()).isEqualTo(404);
        }
    }

    private static Map<String, String> with(Map<String, String> entries, String key, String value) {
        Map<String, String> changed = new java.util.HashMap<>(entries);
        changed.put(key, value);
        return changed;
    }

    @Test
    void an_address_where_nothing_is_says_so_and_nothing_of_the_machine() {
        try (RunningShop shop = RunningShop.empty()) {
            Client client = Client.at(shop.address());
            for (String path : List.of("/fire/a/b/c", "/wall/", "/jobs/1/x", "/nothing")) {
                Client.Answer page = client.send(HttpRequest.newBuilder(URI.create(shop.address() + path))
                        .header("Accept", "text/html,application/xhtml+xml")
                        .GET());
                assertThat(page.status()).as(path).isEqualTo(404);
                assertThat(page.text()).as(path).contains("<div id=\"root\">");
                client.get(path).isRefused(404, "not-there");
            }
            for (String path : List.of(
                    "/api/nothing", "/error", "/actuator", "/actuator/health/x", "/%2e%2e/x", "/a;b", "/%00", "//")) {
                assertThat(client.get(path).text().toLowerCase(Locale.ROOT))
                        .as(path)
                        .doesNotContain(
                                "tomcat",
                                "spring",
                                "java",
                                "exception",
                                shop.folder().toString());
            }
            for (String path : List.of("/", "/wall", "/assets/")) {
                Client.Answer head = client.send(HttpRequest.newBuilder(URI.create(shop.address() + path))
                        .method("HEAD", HttpRequest.BodyPublishers.noBody()));
                assertThat(head.status()).as(path).isEqualTo(path.equals("/assets/") ? 404 : 200);
                assertThat(head.text()).isEmpty();
            }
        }
    }

    @Test
    void whoever_forgot_their_password_gets_a_new_one_at_the_machine_while_the_shop_runs() throws Exception {
        try (RunningShop shop = RunningShop.withTwoMakers()) {
            Client owner = shop.owner();
            assertThat(ServerProcess.atTheMachine(shop.folder(), "reset-password", "nobody")
                            .said())
                    .singleElement()
                    .asString()
                    .contains("Nobody in this shop signs in as “nobody”");
            ServerProcess.Done done = ServerProcess.atTheMachine(shop.folder(), "reset-password", "olwen");
            assertThat(done.code()).as("%s", done.said()).isZero();
            owner.get("/api/wall").isRefused(401, "not-signed-in");
            Map<String, String> old = Map.of("signInName", "olwen", "password", RunningShop.OWNER_PASSWORD);
            owner.post("/api/sign-in", old).isRefused(422, "entries");
            String password = done.said().stream()
                    .filter(line -> line.startsWith("    "))
                    .findFirst()
                    .orElseThrow()
                    .strip();
            owner.post("/api/sign-in", Map.of("signInName", "olwen", "password", password))
                    .isOk();
        }
    }
}
