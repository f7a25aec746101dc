package hiltboard.acceptance;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.time.LocalDate;

/** Pictures of the main views from the demo shop, for docs/screenshots. Run it with {@code ./hilt screenshots}. */
public final class Screenshots {
    private static final Path FOLDER = Path.of("../docs/screenshots");
    private final Browser browser = new Browser();

    private Screenshots() {}

    public static void main(String[] arguments) {
        new Screenshots().take();
    }

    private void take() {
        browser.open();
        try (RunningShop shop = RunningShop.demo()) {
            Page owner = signedIn(shop, "Ines Aldermoor", 1280, 800);
            picture(owner, "/", "wall");
            picture(owner, "/pieces/14", "piece");
            lateChange(owner);
            commission(owner);
            consult(owner);
            clientPage(shop, owner);
            picture(owner, "/pieces/17/hand-over", "hand-over");
            store(owner);
            picture(owner, "/forge/2", "forge");
            fire(owner);
            picture(owner, "/tank", "tank");
            picture(owner, "/fit?piece=43", "fit");
            picture(owner, "/glue?piece=33", "glue");
            picture(owner, "/sheath?piece=44", "sheath");
            Page maker = signedIn(shop, "Rufus Penhale", 1024, 768);
            picture(maker, "/bench", "bench");
            picture(maker, "/bench/14/mill-guard-slot", "step");
            atHand(maker, "/stations/GRINDER", "The grind", "station");
            wentWrong(maker);
        } finally {
            browser.close();
        }
    }

    private Page signedIn(RunningShop shop, String name, int width, int height) {
        Page page = browser.window(shop.address(), width, height);
        page.navigate("/");
        Locator person = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
        person.waitFor();
        person.click();
        page.getByRole(AriaRole.NAVIGATION).waitFor();
        return page;
    }

    /** The second piece of a station, from its part with this heading on. */
    private void atHand(Page page, String address, String heading, String name) {
        page.navigate(address);
        page.getByLabel("At hand").first().click();
        page.keyboard().press("ArrowDown");
        page.keyboard().press("Enter");
        Locator part = page.getByRole(
                AriaRole.HEADING, new Page.GetByRoleOptions().setName(heading).setExact(true));
        part.waitFor();
        page.waitForTimeout(600);
        part.evaluate("heading => heading.scrollIntoView()");
        save(page, name);
    }

    private void lateChange(Page page) {
        page.navigate("/pieces/14");
        button(page, "Change the specification").click();
        page.locator("input[name='edgeThickness']").fill(".035");
        page.getByText("= 0.035 in").waitFor();
        button(page, "Show what it does").click();
        button(page, "Take the change").waitFor();
        page.waitForTimeout(400);
        save(page, "late-change");
    }

    private void wentWrong(Page page) {
        page.navigate("/bench/14/fit-guard");
        button(page, "Went wrong").click();
        button(page, "Guard snapped").click();
        page.getByText("Make the guard anew").click();
        page.waitForTimeout(400);
        save(page, "went-wrong");
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private void commission(Page page) {
        page.navigate("/new");
        page.getByLabel("Client", new Page.GetByLabelOptions().setExact(true)).fill("Perpetua Lamb");
        page.getByLabel("What is it for").fill("Asparagus below the soil, opening sacks, and the odd rope.");
        page.getByLabel("Called in the shop").fill("Garden knife");
        page.locator("input[name='promisedOn']")
                .fill(LocalDate.now().plusDays(60).toString());
        page.locator("input[name='stockThickness']").fill("163 thou");
        page.locator("input[name='bladeLength']").fill("184 mm");
        page.getByText("≈ 7.2441 in").waitFor();
        page.mouse().wheel(0, 330);
        page.waitForTimeout(400);
        save(page, "new-commission");
    }

    private void consult(Page page) {
        page.navigate("/jobs/8/consult");
        page.locator("[data-grip='belly']").waitFor();
        button(page, "More belly at the front").click();
        page.getByText("Last change: +").waitFor();
        page.waitForTimeout(400);
        save(page, "consult");
    }

    private void clientPage(RunningShop shop, Page page) {
        tab(page, "Revisions");
        button(page, "Send to the client").first().click();
        page.getByLabel("A few words to go with it")
                .fill("As we spoke about it at the table: the point is stronger now.");
        page.getByLabel("Price, if you want to name it").fill("340");
        button(page, "Make the link").click();
        String link = page.locator("a[href^='/k/']").getAttribute("href");
        Page client = browser.window(shop.address(), 1280, 800);
        client.navigate(link);
        client.locator("main h1").first().waitFor();
        client.waitForTimeout(500);
        save(client, "client-page");
    }

    private static void tab(Page page, String name) {
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name)).click();
    }

    /** The load that waits is lit, and its work is in. */
    private void fire(Page page) {
        page.navigate("/fire/loads/3");
        button(page, "Into the load").click();
        page.getByText("from one to the next").waitFor();
        choose(page, "Nobody yet At the door", "Odile Brakes");
        choose(page, "Nobody yet At the quench", "Rufus Penhale");
        page.getByLabel("Now").locator("label:has(input[type=checkbox])").all().forEach(Locator::click);
        button(page, "Light the fire").click();
        button(page, "Stand-in…").click();
        choose(page, "as the shop’s Its clock runs", "300 times as fast");
        page.getByLabel("What comes")
                .getByText("At heat")
                .locator("xpath=..")
                .getByText("now")
                .waitFor(new Locator.WaitForOptions().setTimeout(60_000));
        choose(page, "300 times as fast Its clock runs", "60 times as fast");
        button(page, "Open the door").click();
        button(page, "The work is in").click();
        button(page, "Shut the door").click();
        page.getByLabel("The soak").waitFor();
        choose(page, "60 times as fast Its clock runs", "as the shop’s");
        button(page, "Less").click();
        page.getByLabel("Curve").waitFor();
        page.waitForTimeout(4_500);
        save(page, "fire");
    }

    private static void choose(Page page, String now, String option) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(now))
                .click();
        page.getByRole(
                        AriaRole.OPTION,
                        new Page.GetByRoleOptions().setName(option).setExact(true))
                .click();
        page.waitForTimeout(300);
    }

    /** Blanks are laid out and promised, so that the racks show it. */
    private void store(Page page) {
        page.navigate("/stock/cutting");
        button(page, "Look for the best way").click();
        button(page, "Cut it so").first().click();
        page.getByText("To cut: 1084").waitFor();
        page.evaluate("scrollTo(0, 0)");
        page.waitForTimeout(400);
        save(page, "cut-bars");
        picture(page, "/stock", "stock");
    }

    private void picture(Page page, String view, String name) {
        page.navigate(view);
        page.locator("main h1").first().waitFor();
        page.waitForTimeout(500);
        save(page, name);
    }

    private void save(Page page, String name) {
        page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }
}
