package hiltboard.acceptance;

import static hiltboard.acceptance.Seen.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/**
 * A new owner takes every usual answer of a new commission, buys what the form names, and comes to hardening: nothing
 * on the way is called wrong.
 */
class NewOwnerTest {
    @RegisterExtension
    static final Browser BROWSER = new Browser();

    @ParameterizedTest
    @ValueSource(strings = {"INCH", "MILLIMETRE"})
    void usual_answers_and_the_bar_that_they_name_raise_no_false_alarm(String lengthUnit) {
        try (RunningShop shop = RunningShop.withTwoMakers()) {
            Client owner = shop.signedIn("olwen");
            Work.reads(owner, lengthUnit, lengthUnit.equals("INCH") ? "FAHRENHEIT" : "CELSIUS");
            Maker olwen = BROWSER.signedIn(shop, "olwen");
            Page page = olwen.page();
            page.navigate("/new");
            page.getByLabel("Client", new Page.GetByLabelOptions().setExact(true))
                    .fill("Ambrose Tull");
            page.getByLabel("What is it for").fill("Whatever comes");
            page.getByLabel("Called in the shop").fill("First knife");
            page.locator("input[name='promisedOn']")
                    .fill(LocalDate.now().plusDays(60).toString());
            String named = page.locator("input[name='stockThickness']").inputValue();
            olwen.press("Take the job");
            page.waitForURL(Pattern.compile(".*/pieces/\\d+"));
            long piece = Long.parseLong(page.url().replaceAll(".*/", ""));

            receive(olwen, named);
            page.navigate("/pieces/" + piece);
            Locator racks = page.getByLabel("From the racks");
            assertThat(racks).containsText("There, not promised yet: 1084, carbon steel, flat");
            assertThat(racks).not().containsText("thinner");
            olwen.press("Promise it all that is there");
            assertThat(racks).containsText("Promised: ");
            noAlarm(page);
            for (JsonNode step : Work.piece(owner, piece).path("steps")) {
                if (step.path("operation").asString().equals("harden")) {
                    break;
                }
                olwen.doStep(shop, piece, Work.piece(owner, piece), step);
                noAlarm(page);
            }
            olwen.openStep(piece, "harden");
            assertThat(olwen.button("Start")).isVisible();
            noAlarm(page);
            List<String> verdicts = Work.piece(owner, piece)
                    .path("knife")
                    .path("numbers")
                    .valueStream()
                    .map(number -> number.path("reading")
                            .path("judgement")
                            .path("verdict")
                            .asString(""))
                    .toList();
            assertThat(verdicts).doesNotContain("OUT", "NEAR").contains("IN");
        }
    }

    /** The bar of the thickness that the form names, typed into the rack as it stands there. */
    private static void receive(Maker olwen, String named) {
        Page page = olwen.page();
        page.navigate("/stock/receive");
        Maker.choose(
                page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("What it is"))
                        .first(),
                "1084, carbon steel");
        Map.of("thickness", named, "width", "2 in", "amount", "4 ft", "pieces", "1", "orderedThickness", named)
                .forEach((field, entry) ->
                        page.locator("input[name='" + field + "']").first().fill(entry));
        olwen.press("Put it on the rack");
        assertThat(page.locator("main h1")).containsText("1084, carbon steel, flat");
    }

    private static void noAlarm(Page page) {
        for (Locator alarm : List.of(
                page.getByRole(AriaRole.DIALOG),
                page.getByRole(AriaRole.ALERT),
                page.getByText("A number is off"),
                page.getByText("The gate is shut"),
                page.locator("[data-verdict='OUT']"),
                page.locator("[data-verdict='NEAR']"))) {
            assertThat(alarm).hasCount(0);
        }
    }
}
