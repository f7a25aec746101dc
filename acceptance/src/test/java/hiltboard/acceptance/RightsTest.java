package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.server.access.Rights;
import hiltboard.server.access.Rights.Right;
import hiltboard.server.access.Rights.Who;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Who may do what is one table; every operation stands in it, and does what it says. */
class RightsTest {
    private static final Set<Who> SIGNED_IN = Set.of(Who.MAKER, Who.OWNER, Who.COUNT, Who.DROP, Who.SUPPLY);
    private static RunningShop shop;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    private static String address(Right right) {
        return right.method() + " " + right.path();
    }

    private static Set<String> table() {
        return Rights.table().stream().map(RightsTest::address).collect(Collectors.toCollection(TreeSet::new));
    }

    @Test
    void every_address_that_the_program_answers_at_stands_in_the_table_and_no_other() {
        Map<RequestMappingInfo, HandlerMethod> handlers = shop.bean(
                        "requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
                .getHandlerMethods();
        Set<String> answered = handlers.keySet().stream()
                .flatMap(info -> info.getPatternValues().stream()
                        .filter(path -> path.startsWith("/api/"))
                        .flatMap(path -> info.getMethodsCondition().getMethods().stream()
                                .map(method -> method.name() + " " + path)))
                .collect(Collectors.toCollection(TreeSet::new));
        assertThat(answered).hasSizeGreaterThan(200).isEqualTo(table());
    }

    @Test
    void every_operation_of_the_description_stands_in_the_table() {
        JsonNode paths = new JsonMapper()
                .readTree(Path.of("../web/openapi.json").toFile())
                .path("paths");
        Set<String> described = paths.propertyStream()
                .flatMap(path -> path.getValue().propertyNames().stream()
                        .map(method -> method.toUpperCase() + " " + path.getKey()))
                .collect(Collectors.toCollection(TreeSet::new));
        assertThat(described).hasSizeGreaterThan(180);
        assertThat(table()).containsAll(described);
    }

    private static Client.Answer ask(Client who, Right right) {
        String path = right.path().replaceAll("\\{\\w+}", "999");
        if (right.method().equals("GET")) {
            return who.get(path);
        }
        return switch (path.substring(path.lastIndexOf('/') + 1)) {
            case "brought" -> who.postFile(path, new byte[1]);
            case "photos", "sketches", "files" -> who.postPhoto(path, "x", new byte[1]);
            default -> who.post(path, Map.of());
        };
    }

    @Test
    void nobody_who_is_not_signed_in_comes_further_than_the_door() {
        Client stranger = Client.at(shop.address());
        for (Right right : Rights.table()) {
            if (SIGNED_IN.contains(right.who())) {
                assertThat(ask(stranger, right).status()).as(address(right)).isEqualTo(401);
            }
        }
    }

    @Test
    void what_is_for_owners_is_refused_to_makers_before_anything_else_is_looked_at() {
        Client maker = shop.signedIn("bram");
        for (Right right : Rights.table()) {
            if (right.who() == Who.OWNER) {
                assertThat(ask(maker, right).isRefused(403, "not-allowed").detail())
                        .as(address(right))
                        .isEqualTo("Only the owner may " + right.toDo() + ".");
                assertThat(right.toDo()).as(address(right)).isNotBlank();
            } else if (right.who() == Who.CLIENT) {
                assertThat(ask(maker, right).isRefused(403, "not-allowed").detail())
                        .as(address(right))
                        .contains("Somebody of the shop is signed in");
            }
        }
    }

    /** The stream stays open, and signing out ends what the others need. */
    private static boolean isAsked(Right right) {
        return !List.of("/api/live", "/api/sign-out").contains(right.path());
    }

    @Test
    void what_is_for_everybody_is_refused_to_no_maker_for_who_they_are() {
        Client maker = shop.signedIn("cato");
        for (Right right : Rights.table()) {
            if (right.who() != Who.OWNER && SIGNED_IN.contains(right.who()) && isAsked(right)) {
                assertThat(ask(maker, right).status()).as(address(right)).isNotIn(401, 403, 500);
            }
        }
    }

    @Test
    void the_owner_decides_what_of_the_rest_makers_do() {
        Client owner = shop.owner();
        Client maker = shop.signedIn("bram");
        for (JsonNode matter : owner.get("/api/people/rights").isOk().json()) {
            String word = matter.path("matter").asString();
            assertThat(matter.path("may").asBoolean()).isTrue();
            owner.post("/api/people/rights", Map.of("matter", word, "may", false))
                    .isOk();
            for (Right right : Rights.table()) {
                if (right.who().name().equals(word)) {
                    ask(maker, right).isRefused(403, "not-allowed");
                    assertThat(ask(owner, right).status()).as(address(right)).isNotEqualTo(403);
                }
            }
            owner.post("/api/people/rights", Map.of("matter", word, "may", true))
                    .isOk();
        }
        maker.post("/api/stock/lots/999/count", Map.of("remaining", "", "reason", ""))
                .isRefused(400, "malformed");
    }
}
