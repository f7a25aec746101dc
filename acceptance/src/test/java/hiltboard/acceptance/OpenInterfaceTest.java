package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpRequest;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The OpenAPI description, and what the interface answers to people who do not read it. */
class OpenInterfaceTest {
    /** They end the session that asks, or take no input and open a second shop with all its work. */
    private static final Set<String> LEFT_OUT = Set.of("/api/sign-out", "/api/people/{id}/sign-out", "/api/demo");

    private static final List<String> HOSTILE = List.of(
            "",
            "{",
            "null",
            "[]",
            "{}",
            "\"text\"",
            "7",
            "[null]",
            "{\"a\":{\"b\":[1,2,{\"c\":null}]}}",
            "{\"checks\":null}",
            "{\"dimension\":null,\"entry\":[],\"basedOn\":\"x\",\"sure\":3}",
            "{\"words\":\"\\u0000\\uD800\"}",
            "x".repeat(20_000),
            "{\"from\":\"2026-13-45\",\"to\":\"+999999999-01-01\"}",
            "{\"clientName\":1}",
            "{\"changes\":[{\"field\":\"steel\",\"from\":\"\",\"to\":\"\"}],"
                    + "\"pieces\":[],\"reason\":\"\",\"clientAgreed\":false,\"keep\":[]}",
            "{\"changes\":[{\"field\":\"bladeLength\",\"from\":\"\",\"to\":\"9999999999999999999 "
                    + "in\"}],\"pieces\":[7],\"reason\":\"\",\"clientAgreed\":true,\"keep\":[]}",
            "{\"thickness\":{\"value\":{},\"unit\":[]}}",
            "{\"kind\":\"X\",\"words\":\"\",\"measured\":\"\",\"wayBack\":\"REDO\",\"from\":\"nothing\"}",
            "{\"dimension\":\"stock.thickness\",\"entry\":\"1e999\",\"basedOn\":-1,\"sure\":true,\"reason\":\"\"}",
            "{\"dimension\":\"nothing\",\"reason\":\"x\"}",
            "{\"day\":\"+999999999-01-01\",\"words\":\"\"}");
    private static RunningShop shop;
    private static Client owner;
    private static JsonNode description;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        owner = shop.signedIn("olwen");
        Work.take(owner, 1, Map.of());
        description = owner.get("/api/openapi.json").isOk().json();
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    @Test
    void who_is_not_signed_in_or_sends_no_token_is_told_so_in_a_problem_detail() {
        Client.at(shop.address()).get("/api/wall").isRefused(401, "not-signed-in");
        Client.Answer forged = owner.send(HttpRequest.newBuilder(URI.create(shop.address() + "/api/prices"))
                .POST(HttpRequest.BodyPublishers.ofString("{}")));
        assertThat(forged.isRefused(403, "not-allowed").detail()).contains("X-XSRF-TOKEN");
    }

    @Test
    void the_id_of_a_command_stands_for_one_wish_of_one_person() {
        String id = "the-price-of-1084";
        Map<String, String> price = Map.of("item", "steel:1084", "amount", "21.50", "from", "");
        Client.Answer first = owner.postAs(id, "/api/prices", price).isOk();
        assertThat(owner.postAs(id, "/api/prices", price).isOk().json())
                .as("sent again")
                .isEqualTo(first.json());
        owner.postAs(id, "/api/prices", Map.of("item", "steel:1084", "amount", "2.15", "from", ""))
                .isRefused(409, "id-used-before");
        Client maker = shop.signedIn("bram");
        maker.postAs(id, "/api/pieces/1/notes", Map.of("operation", "", "words", "his", "isLesson", false))
                .isRefused(409, "id-used-before");
    }

    @Test
    void no_input_gives_a_500_and_every_refusal_is_a_problem_detail() {
        List<String> broken = new ArrayList<>();
        description.path("paths").propertyNames().forEach(path -> {
            // A path without a place for a value is one address, not seven.
            Set<String> addresses = Stream.of("1", "0", "-1", "99999999999999999999", "nothing", "%00", "harden")
                    .map(value -> path.replaceAll("\\{[^}]+}", value))
                    .collect(Collectors.toCollection(LinkedHashSet::new));
            for (String address : addresses) {
                if (description.path("paths").path(path).has("get")) {
                    note(broken, "GET " + address, owner.get(address));
                }
                if (description.path("paths").path(path).has("post") && !LEFT_OUT.contains(path)) {
                    // What is wrong with a body is wrong at any address: all of them at one, no words at the others.
                    (address.equals(addresses.iterator().next()) ? HOSTILE : List.of("{}"))
                            .forEach(body -> note(broken, "POST " + address + " " + body, owner.post(address, body)));
                }
            }
        });
        assertThat(broken).isEmpty();
    }

    @Test
    void other_methods_types_and_addresses_are_refused_politely() {
        assertThat(owner.send(owner.withToken("/api/wall").PUT(HttpRequest.BodyPublishers.ofString("x")))
                        .status())
                .isEqualTo(405);
        assertThat(owner.send(owner.withToken("/api/calc/length")
                                .header("Content-Type", "text/plain")
                                .POST(HttpRequest.BodyPublishers.ofString("x")))
                        .status())
                .isEqualTo(415);
        assertThat(owner.get("/api/no-such-thing").status()).isEqualTo(404);
        assertThat(owner.send(HttpRequest.newBuilder(URI.create(shop.address() + "/api/photos/1/original"))
                                .GET())
                        .status())
                .isEqualTo(404);
    }

    @Test
    void a_browser_keeps_scripts_for_good_and_asks_for_the_page_every_time() {
        Client.Answer page = owner.get("/bench");
        Matcher script = Pattern.compile("src=\"(/assets/[^\"]+\\.js)\"").matcher(page.text());
        assertThat(script.find()).isTrue();
        assertThat(kept(owner.get(script.group(1)))).contains("immutable", "max-age=31536000");
        assertThat(kept(page)).isEqualTo("no-cache");
        assertThat(kept(owner.get("/api/wall")))
                .as("what the shop’s own work is")
                .contains("no-store");
    }

    private static String kept(Client.Answer answer) {
        return answer.isOk().response().headers().firstValue("Cache-Control").orElse("");
    }

    private static void note(List<String> broken, String what, Client.Answer answer) {
        boolean isRefusal = answer.status() >= 400;
        String type = answer.response().headers().firstValue("Content-Type").orElse("");
        // The web server itself refuses an address that is no address (%00), before the program sees it.
        boolean isServersOwn = what.contains("%00");
        if (answer.status() >= 500 || isRefusal && !isServersOwn && !type.startsWith("application/problem+json")) {
            broken.add(answer.status() + " " + what + " → "
                    + answer.text().substring(0, Math.min(200, answer.text().length())));
        }
    }
}
