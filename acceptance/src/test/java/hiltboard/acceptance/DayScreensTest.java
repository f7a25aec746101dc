package hiltboard.acceptance;

import static hiltboard.acceptance.Seen.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Media;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A shop's day on a wall of forty jobs: what an owner asks in a hurry, and what a maker with dusty hands does next. */
class DayScreensTest {
    @RegisterExtension
    static final Browser BROWSER = new Browser();

    private static final int JOBS = 40;
    private static final int WIDE = 1280;
    private static final int HIGH = 800;

    private static RunningShop shop;
    private static Client ines;
    private static Page page;
    private static int heightOfForty;

    @BeforeAll
    static void open() {
        shop = RunningShop.demo();
        ines = Client.at(shop.address());
        ines.post("/api/sign-in/demo", Map.of("personId", 1)).isOk();
        int hanging = ines.get("/api/wall").isOk().json().path("rails").size();
        for (int i = hanging; i < JOBS; i++) {
            Work.take(ines, i % 4 == 0 ? 3 : 1, Map.of());
        }
        page = BROWSER.window(shop.address(), WIDE, HIGH);
        page.navigate("/");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Ines Aldermoor"))
                .click();
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("The wall"))
                .waitFor();
        assertThat(rails()).hasCount(JOBS);
        heightOfForty = ((Number) page.evaluate("document.documentElement.scrollHeight")).intValue();
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    private static Locator link(String name) {
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name))
                .first();
    }

    private static Locator press(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator part(String name) {
        return page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator rails() {
        return page.locator("main section[aria-label^='Job ']");
    }

    private static void toTheWall() {
        page.navigate("/");
        rails().first().waitFor();
    }

    @Test
    void forty_jobs_hang_on_two_and_a_half_screens() {
        assertThat(heightOfForty).isLessThanOrEqualTo(HIGH * 5 / 2);
    }

    @Test
    void each_of_eight_questions_is_answered_by_one_touch() {
        page.addInitScript(
                "addEventListener('pointerdown', () => { sessionStorage.touches = Number(sessionStorage.touches ?? 0) + 1; }, true)");
        byOneTouch(() -> {
            press("Late").click();
            assertThat(page.locator("main")).containsText(Pattern.compile("short|Nothing on the wall is like that"));
        });
        byOneTouch(() -> {
            press("Resting").click();
            assertThat(part("Job 018, Skinner with bedded handle")).containsText("until it grips");
        });
        byOneTouch(() -> {
            press("Waits for the client").click();
            assertThat(rails().first()).containsText("Client approves the outline");
        });
        byOneTouch(() -> {
            link("002 Camp knives for the hill rescue").click();
            assertThat(part("Where it stands")).containsText("Hollin Fell Rescue");
            assertThat(part("Where it stands")).containsText("Belt satin");
            assertThat(part("Where it stands")).containsText("Tomas Quill");
        });
        byOneTouch(() -> {
            press("Find").click();
            assertThat(page.getByLabel("What is looked for")).isFocused();
            page.keyboard().type("007");
            assertThat(page.getByRole(AriaRole.OPTION).first()).containsText("007");
        });
        byOneTouch(() -> {
            link("Bench").click();
            assertThat(link("Now: ")).isVisible();
        });
        byOneTouch(() -> {
            link("Bench").click();
            assertThat(part("Others’")).containsText("Rufus Penhale");
            assertThat(part("On the clock")).containsText("left");
        });
        byOneTouch(() -> {
            link("To buy").click();
            assertThat(page.locator("main h1")).hasText("To buy");
        });
    }

    /** From the wall, counted in the page itself: a finger, a mouse and a pen alike. */
    private static void byOneTouch(Runnable answered) {
        toTheWall();
        page.evaluate("sessionStorage.touches = 0");
        answered.run();
        assertThat(page.evaluate("sessionStorage.touches")).isEqualTo("1");
    }

    @Test
    void whoever_is_done_does_the_next_step_with_two_touches() {
        long piece = Work.take(ines, 1, Map.of());
        Work.start(ines, piece, "approve-outline").isOk();
        page.navigate("/bench/" + piece + "/approve-outline");
        assertThat(page.getByRole(AriaRole.TIMER)).containsText("You are at it");
        for (Locator check : page.locator("label:has(input[type='checkbox'])").all()) {
            check.click();
        }
        press("Done").click();
        Locator next = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Next: ")));
        assertThat(next).isFocused();
        next.click();
        assertThat(page).hasURL(Pattern.compile(".*/bench/" + piece + "/.*"));
        press("Start").click();
        assertThat(page.getByRole(AriaRole.TIMER)).containsText("You are at it");
    }

    @Test
    void a_step_of_a_batch_is_one_row_that_opens_with_all_of_them() {
        long first = Work.take(ines, 3, Map.of());
        for (long piece = first; piece < first + 3; piece++) {
            Work.doStep(shop, ines, piece, "approve-outline");
        }
        String name = Work.piece(ines, first).path("name").asString().replaceFirst("-.*", "") + " ×3";
        page.navigate("/bench");
        page.locator("main a", new Page.LocatorOptions().setHasText(name))
                .first()
                .click();
        press("Start, all 3").click();
        assertThat(page.getByRole(AriaRole.TIMER)).containsText("You are at it");
        assertThat(Work.piece(ines, first + 2).path("steps").toString()).contains("\"standing\":\"RUNNING\"");
    }

    @Test
    void what_is_handed_on_with_a_word_stands_on_the_others_page_until_they_know() {
        long piece = Work.take(ines, 1, Map.of());
        Work.doStep(shop, ines, piece, "approve-outline");
        Page rufus = BROWSER.window(shop.address(), 390, 844);
        rufus.navigate("/");
        rufus.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Rufus Penhale"))
                .click();
        rufus.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("The wall"))
                .waitFor();
        page.navigate("/bench/" + piece + "/choose-stock");
        press("Put on somebody").click();
        page.getByLabel("A word with it, if you like").fill("The dark bar");
        page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Rufus Penhale"))
                .click();
        assertThat(page.getByText("this step is on Rufus Penhale")).isVisible();
        Locator handed = rufus.getByLabel("Handed to you");
        assertThat(handed).containsText("The dark bar");
        handed.getByRole(AriaRole.LINK).click();
        assertThat(rufus.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Choose and measure the bar")))
                .isVisible();
        rufus.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("I know"))
                .click();
        assertThat(handed).isHidden();
        rufus.close();
    }

    @Test
    void anything_is_found_from_any_page_by_a_word_of_it() {
        page.navigate("/people");
        assertThat(page.locator("main h1")).isVisible();
        for (List<String> sought : List.of(
                List.of("hill resc", "002 Camp knives for the hill rescue"),
                List.of("ellerby", "Maud Ellerby"),
                List.of("tomas", "Tomas Quill"),
                List.of("twist", "Twist, for two hunters"),
                List.of("2", "002 Camp knives for the hill rescue"))) {
            page.keyboard().press("/");
            page.getByLabel("What is looked for").fill(sought.get(0));
            assertThat(page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(sought.get(1)))
                            .first())
                    .isVisible();
            page.keyboard().press("Escape");
            page.keyboard().press("Escape");
            assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
        }
        page.keyboard().press("/");
        page.keyboard().type("002 camp");
        assertThat(page.getByRole(AriaRole.OPTION).first()).containsText("002 Camp knives");
        page.keyboard().press("Enter");
        assertThat(page).hasURL(Pattern.compile(".*/jobs/2$"));
        long piece = Work.take(ines, 1, Map.of());
        ines.post(
                        "/api/pieces/" + piece + "/notes",
                        Map.of("operation", "", "words", "A zebrawood spacer would suit", "isLesson", false))
                .isOk();
        page.keyboard().press("/");
        page.keyboard().type("zebrawo");
        assertThat(page.getByLabel("What is looked for")).hasValue("zebrawo");
        // The index may have caught up already, or be about to: what is asked from then on finds the note.
        Patience.until(() ->
                ines.get("/api/find?words=zebrawo").isOk().json().path("lines").size() == 1);
        page.keyboard().type("o");
        assertThat(page.getByRole(AriaRole.OPTION).first()).containsText("Kitchen knife");
        page.keyboard().press("Enter");
        assertThat(page).hasURL(Pattern.compile(".*/pieces/" + piece + "$"));
    }

    @Test
    void what_was_typed_is_there_again_after_leaving_and_is_gone_once_it_is_sent() {
        page.navigate("/pieces/1");
        page.getByLabel("New note").fill("Mind the wet glue");
        link("Bench").click();
        assertThat(page.getByText("What you typed is kept")).isVisible();
        page.reload();
        page.navigate("/pieces/1");
        Locator note = page.getByLabel("New note");
        assertThat(note).hasValue("Mind the wet glue");
        assertThat(page.getByText("not sent yet")).isVisible();
        press("Write it down").click();
        assertThat(note).hasValue("");
        page.navigate("/pieces/1");
        assertThat(note).hasValue("");
        assertThat(page.getByText("Mind the wet glue").first()).isVisible();
    }

    @Test
    void an_old_knife_is_the_beginning_of_a_new_talk_that_outlives_a_reload() {
        page.navigate("/clients/1");
        link("The same again").click();
        assertThat(page.locator("input[name='clientName']")).hasValue("Maud Ellerby");
        page.getByLabel("Called in the shop").fill("Orchard knife, shorter");
        page.reload();
        assertThat(page.getByLabel("Called in the shop")).hasValue("Orchard knife, shorter");
        press("Begin anew").click();
        assertThat(page.getByLabel("Called in the shop")).hasValue("Orchard knife");
    }

    @Test
    void a_screen_that_nobody_touches_turns_by_itself_and_names_no_client() {
        page.navigate("/screen");
        Locator heading = page.locator("h1");
        assertThat(heading).containsText("1 of");
        assertThat(page.locator("body")).not().containsText("Hollin Fell Rescue");
        assertThat(page.locator("body")).not().containsText("Maud Ellerby");
        assertThat(heading).containsText("2 of");
    }

    @Test
    void a_thumb_has_keys_of_its_own_and_a_calliper_goes_from_field_to_field() {
        long piece = Work.take(ines, 2, Map.of());
        for (String step : List.of("approve-outline", "number-piece")) {
            Work.doStep(shop, ines, piece, step);
            Work.doStep(shop, ines, piece + 1, step);
        }
        page.setViewportSize(390, 844);
        page.navigate("/bench/" + piece + "/choose-stock");
        Locator field = page.getByLabel("Stock thickness", new Page.GetByLabelOptions().setExact(true));
        field.click();
        Locator keys = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Keys for Stock thickness"));
        for (String key : List.of("target −", ".", "0", "0", "1", "Enter")) {
            keys.getByRole(
                            AriaRole.BUTTON,
                            new Locator.GetByRoleOptions().setName(key).setExact(true))
                    .click();
        }
        assertThat(page.getByText("Reads 0.1553 in")).isVisible();
        field.click();
        assertThat(keys.getByText("Last: target - .001")).isVisible();

        page.setViewportSize(WIDE, HIGH);
        page.navigate("/bench/" + piece + "/choose-stock?with=" + (piece + 1));
        assertThat(press("Enter all").first()).isVisible();
        page.locator("input[data-read]").first().focus();
        page.keyboard().type(".156\n.157\n");
        Patience.until(() -> Work.number(Work.piece(ines, piece + 1), "stock.thickness")
                .path("reading")
                .path("typed")
                .asString("")
                .equals(".157"));
        assertThat(Work.number(Work.piece(ines, piece), "stock.thickness")
                        .path("reading")
                        .path("typed")
                        .asString())
                .isEqualTo(".156");
    }

    @Test
    void wall_and_bench_print_as_a_list_to_pin_up() {
        for (String view : List.of("/", "/bench")) {
            page.navigate(view);
            page.locator("main h1").waitFor();
            assertThat(page.locator("main table")).hasCount(0);
            page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
            assertThat(page.locator("main table")).containsText("Promised");
            assertThat(page.locator("main table")).containsText("Orchard knife");
            assertThat(page.locator("main svg")).hasCount(0);
            page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.SCREEN));
            assertThat(page.locator("main table")).hasCount(0);
        }
    }
}
