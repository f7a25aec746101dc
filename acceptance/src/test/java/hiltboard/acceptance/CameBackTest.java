package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** A knife that was handed over long ago comes back. */
class CameBackTest {
    @RegisterExtension
    static final Browser BROWSER = new Browser();

    private static RunningShop shop;
    private static Client owner;
    private static long old;

    @BeforeAll
    static void open() {
        shop = RunningShop.demo();
        owner = shop.owner();
        old = owner.get("/api/delivered")
                .isOk()
                .json()
                .path("pieces")
                .get(0)
                .path("id")
                .asLong();
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    private static Client.Answer repair(Client whoever, long piece, String promisedOn, String... works) {
        return whoever.post(
                "/api/pieces/" + piece + "/repairs",
                Map.of("works", List.of(works), "words", "The edge is dull", "promisedOn", promisedOn));
    }

    private static List<String> openSteps(JsonNode piece) {
        return piece.path("steps")
                .valueStream()
                .filter(step -> !step.path("standing").asString().equals("DONE"))
                .map(step -> step.path("operation").asString())
                .collect(Collectors.toList());
    }

    @Test
    void an_edge_is_sharpened_in_a_job_of_its_own_on_the_record_that_was() {
        JsonNode before = Work.piece(owner, old);
        long again = repair(owner, old, "2027-05-01", "EDGE")
                .isOk()
                .json()
                .path("about")
                .asLong();
        JsonNode piece = Work.piece(owner, again);
        assertThat(piece.path("job").path("kind").asString()).isEqualTo("REPAIR");
        assertThat(piece.path("job").path("repair").path("of").asLong()).isEqualTo(old);
        assertThat(piece.path("client").path("name"))
                .isEqualTo(before.path("client").path("name"));
        assertThat(openSteps(piece)).contains("sharpen", "hand-over").doesNotContain("harden", "approve-outline");
        assertThat(openSteps(piece).size()).isLessThan(before.path("steps").size() / 2);
        for (JsonNode number : before.path("knife").path("numbers")) {
            assertThat(Work.number(piece, number.path("key").asString())
                            .path("reading")
                            .path("value"))
                    .as("what was measured stays measured: %s", number.path("key"))
                    .isEqualTo(number.path("reading").path("value"));
        }
        assertThat(repair(owner, old, "2027-05-01", "EDGE")
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("is in the shop already, as " + piece.path("name").asString());
        for (String step : openSteps(piece)) {
            Work.doStep(shop, owner, again, step);
        }
        assertThat(Work.piece(owner, again).path("now").path("standing").asString())
                .isEqualTo("HANDED_OVER");
        assertThat(Work.piece(owner, old).path("steps"))
                .as("its first record is as it was")
                .isEqualTo(before.path("steps"));
    }

    @Test
    void what_cannot_be_repaired_is_refused() {
        repair(owner, old, "2027-05-01").isRefused(422, "entries");
        repair(owner, old, "soon", "EDGE").isRefused(422, "entries");
        repair(owner, old, "2027-05-01", "EDGE", "SCALES").isRefused(422, "entries");
        repair(Client.atDemo(shop.address(), 2), old, "2027-05-01", "EDGE").isRefused(403, "not-allowed");
        long alive = Work.take(owner, 1, Map.of());
        repair(owner, alive, "2027-05-01", "EDGE").isRefused(409, "out-of-turn");
    }

    @Test
    void an_owner_takes_it_on_the_page_of_the_old_knife() {
        Page page = BROWSER.window(shop.address(), 1280, 800);
        page.navigate("/");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Ines Aldermoor"))
                .click();
        page.getByRole(AriaRole.NAVIGATION).waitFor();
        page.navigate("/pieces/"
                + owner.get("/api/delivered")
                        .json()
                        .path("pieces")
                        .get(1)
                        .path("id")
                        .asLong());
        Maker ines = new Maker(page);
        ines.press("It has come back");
        page.getByText("A new handle").click();
        page.getByLabel("What is wrong with it, in the client’s words").fill("The scales have shrunk");
        page.getByLabel("Promised for").fill("2027-06-01");
        ines.press("Take the repair");
        Seen.assertThat(page.getByText("Repair of")).containsText("A new handle");
    }

    @Test
    void a_client_of_many_years_has_the_latest_jobs_on_their_page_and_the_number_of_the_others() {
        long piece = Work.take(owner, 1, Map.of());
        for (int i = 0; i < 41; i++) {
            Work.take(owner, 1, Map.of());
        }
        long client = owner.get("/api/clients")
                .isOk()
                .json()
                .valueStream()
                .filter(line -> line.path("name").asString().equals("Greta Moss"))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asLong();
        JsonNode file = owner.get("/api/clients/" + client).isOk().json();
        assertThat(file.path("jobs")).hasSize(40);
        assertThat(file.path("earlier").asInt()).isGreaterThanOrEqualTo(2);
        assertThat(file.path("jobs").valueStream().map(job -> job.path("id").asLong()))
                .as("the latest first, and not the first of all")
                .doesNotContain(Work.piece(owner, piece).path("job").path("id").asLong())
                .isSortedAccordingTo(Comparator.reverseOrder());
    }
}
