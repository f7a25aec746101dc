package hiltboard.acceptance;

import static hiltboard.acceptance.Seen.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;

/** Somebody who works with the page. */
record Maker(Page page) {

    void openStep(long piece, String operation) {
        page.navigate("/bench/" + piece + "/" + operation);
        page.getByRole(AriaRole.TIMER).waitFor();
    }

    /** Opens a list and takes one of it; the page takes no press while the list closes. */
    static void choose(Locator list, String option) {
        Page page = list.page();
        pressed(list);
        page.getByRole(
                        AriaRole.OPTION,
                        new Page.GetByRoleOptions().setName(option).setExact(true))
                .click();
        assertThat(page.getByRole(AriaRole.LISTBOX)).hasCount(0);
    }

    /** Presses what stands there once the page does not fill any more: until then it may move away from the finger. */
    private static void pressed(Locator what) {
        assertThat(what).isVisible();
        assertThat(what.page().locator("main[aria-busy='true']")).hasCount(0);
        what.click();
    }

    /** Looks at nothing while much is done elsewhere: an open page follows all of it. */
    void leave() {
        page.navigate("about:blank");
    }

    /** As {@link Work#workUpTo}, while these makers look at nothing. */
    static void workUpTo(RunningShop shop, Client client, long piece, String until, Maker... looking) {
        for (Maker maker : looking) {
            maker.leave();
        }
        Work.workUpTo(shop, client, piece, until);
    }

    void press(String name) {
        pressed(button(name));
    }

    /** Starts the step that is open; checks can be ticked only once the page knows that it is under way. */
    void start() {
        press("Start");
        assertThat(standing()).containsText("You are at it");
    }

    Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Locator standing() {
        return page.getByRole(AriaRole.TIMER);
    }

    void tickAll() {
        for (Locator check : page.getByLabel("Checks", new Page.GetByLabelOptions().setExact(true))
                .locator("label")
                .all()) {
            check.click();
        }
    }

    void enter(String dimension, String entry) {
        Locator field = page.locator("input[name='" + dimension + "']");
        field.fill(entry);
        field.press("Enter");
    }

    void enterAndSee(String dimension, String entry, String read) {
        enter(dimension, entry);
        assertThat(page.getByText("Reads " + read)).isVisible();
    }

    /** Does one whole step on the screen: start, measure as expected, tick, rest, done. */
    void doStep(RunningShop shop, long piece, JsonNode view, JsonNode step) {
        openStep(piece, step.path("operation").asString());
        start();
        step.path("numbers").path("readings").forEach(key -> {
            String expected = Work.number(view, key.asString()).path("expected").asString();
            enterAndSee(key.asString(), expected, expected);
        });
        tickAll();
        if (step.path("time").path("restMinutes").asLong() > 0) {
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Rest ")))
                    .click();
            assertThat(standing()).containsText("left");
            shop.clock()
                    .putForward(java.time.Duration.ofMinutes(
                            step.path("time").path("restMinutes").asLong()));
            assertThat(standing()).containsText("The rest is up");
        }
        press("Done");
        assertThat(standing()).containsText("Done");
    }
}
