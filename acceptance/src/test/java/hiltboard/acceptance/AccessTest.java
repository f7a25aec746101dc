package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.time.Duration;
import java.util.Map;
import org.junit.jupiter.api.Test;

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
                            .POST(HttpRequest.BodyPublishers.ofString(
                                    "{\"lengthUnit\":\"MILLIMETRE\",\"temperatureUnit\":\"CELSIUS\"}")));
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

    @Test
    void wrong_passwords_slow_down_and_waiting_helps() {
        try (RunningShop shop = RunningShop.withTwoMakers()) {
            Client stranger = Client.at(shop.address());
            for (int i = 0; i < 3; i++) {
                stranger.post("/api/sign-in", Map.of("signInName", "bram", "password", "wrong"))
                        .isRefused(422, "entries");
            }
            Map<String, String> right = Map.of("signInName", "bram", "password", RunningShop.OWNER_PASSWORD);
            stranger.post("/api/sign-in", right).isRefused(429, "too-soon");
            shop.clock().putForward(Duration.ofSeconds(10));
            stranger.post("/api/sign-in", right).isOk();
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
}
