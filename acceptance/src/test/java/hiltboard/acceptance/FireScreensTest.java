package hiltboard.acceptance;

import static hiltboard.acceptance.Seen.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/**
 * The fire on the real screens: a load of several jobs run at speed, what goes wrong in it, and alarms that reach
 * everybody.
 */
class FireScreensTest {
    @RegisterExtension
    static final Browser BROWSER = new Browser();

    private static final Duration AT_SPEED = Duration.ofMinutes(1);
    private static RunningShop shop;
    private static Client reader;
    private static Fires fires;
    private static Maker olwen;
    private static Maker bram;
    private static Maker cato;

    @BeforeAll
    static void open() {
        shop = RunningShop.withTwoMakers();
        reader = shop.signedIn("bram");
        fires = new Fires(shop, reader);
        olwen = BROWSER.signedIn(shop, "olwen");
        bram = BROWSER.signedIn(shop, "bram");
        cato = BROWSER.signedIn(shop, "cato");
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    private static void choose(Page page, String now, String label, String option) {
        Maker.choose(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(now + " " + label)), option);
    }

    private static Locator slot(Page page, String piece) {
        return page.getByLabel("In this load").getByLabel(piece, new Locator.GetByLabelOptions().setExact(true));
    }

    private static void inSlot(Page page, String piece, String press) {
        slot(page, piece)
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(press).setExact(true))
                .click();
    }

    private static void pace(Page page, String now, String times) {
        choose(page, now, "Its clock runs", times);
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(times + " Its clock runs")))
                .isVisible();
    }

    @Test
    void five_pieces_of_three_jobs_share_a_fire_one_does_not_harden_one_warps_and_both_come_back() {
        Client owner = shop.signedIn("olwen");
        olwen.page().navigate("/fire");
        olwen.press("Another kiln");
        Fires.plate("Long kiln")
                .forEach((field, entry) ->
                        olwen.page().locator("input[name='" + field + "']").fill(entry));
        olwen.press("Write it down");
        assertThat(olwen.page()
                        .getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Long kiln"))
                        .first())
                .isVisible();
        long pair = Work.take(owner, 2, Map.of());
        long herbs = Work.take(owner, 2, Map.of("bladeLength", "5"));
        long single = Work.take(owner, 1, Map.of("bladeLength", "3-1/2"));
        List<Long> pieces = List.of(pair, pair + 1, herbs, herbs + 1, single);
        pieces.forEach(piece -> Work.workUpTo(shop, reader, piece, "harden"));
        List<String> names = pieces.stream()
                .map(piece -> Work.piece(reader, piece).path("name").asString())
                .toList();

        Page page = bram.page();
        page.navigate("/fire");
        bram.press("Plan a load");
        for (int i = 0; i < names.size(); i++) {
            page.getByLabel("Who can join")
                    .getByLabel(names.get(i), new Locator.GetByLabelOptions().setExact(true))
                    .getByRole(AriaRole.BUTTON)
                    .click();
            assertThat(slot(page, names.get(i))).isVisible();
        }
        assertThat(page.getByText("One kiln alone is too slow")).isVisible();
        assertThat(slot(page, names.get(4))).containsText("true soak 7 min");
        choose(page, "Nobody yet", "At the door", "Cato Lind");
        choose(page, "Nobody yet", "At the quench", "Bram Holt");
        long load = Long.parseLong(page.url().replaceAll(".*/", ""));
        for (JsonNode line : fires.load(load).path("ready")) {
            Locator tick = page.locator(
                    "label",
                    new Page.LocatorOptions().setHasText(line.path("line").asString()));
            tick.click();
            assertThat(tick).hasAttribute("data-selected", "true");
        }
        bram.press("Light the fire");
        assertThat(bram.button("The work is in")).isVisible();
        bram.press("Stand-in…");
        pace(page, "as the shop’s", "300 times as fast");
        assertThat(
                        page.getByLabel("What comes")
                                .getByText("At heat")
                                .locator("xpath=..")
                                .getByText("now"),
                        AT_SPEED)
                .isVisible();
        pace(page, "300 times as fast", "10 times as fast");
        bram.press("Open the door");
        bram.press("The work is in");
        // Looked at while the door is open: behind it the drop may be over before a busy machine has shown it.
        assertThat(page.getByLabel("Now").getByText("The kiln has dropped by")).isVisible();
        bram.press("Shut the door");
        pace(page, "10 times as fast", "60 times as fast");
        assertThat(cato.page().getByRole(AriaRole.ALERT).getByText("the soak is up (harden)"), AT_SPEED)
                .isVisible();
        pace(page, "60 times as fast", "as the shop’s");
        for (String name : names) {
            inSlot(page, name, "Out, quenched");
            assertThat(slot(page, name)).containsText("out after");
        }
        assertThat(cato.page().getByText("the soak is up (harden)")).hasCount(0);
        for (int i = 0; i < 5; i++) {
            inSlot(page, names.get(i), i == 2 ? "File bites" : "File skates");
            assertThat(slot(page, names.get(i))).containsText(i == 2 ? "Not hard" : "Brittle: temper within");
        }
        bram.press("The fire is over");
        assertThat(page.getByText("This fire is over.")).isVisible();
        assertThat(pieces.stream().map(piece -> fires.standing(piece, "harden")))
                .containsExactly("DONE", "DONE", "RUNNING", "DONE", "DONE");

        notHardGoesThroughTheFireAgain(page, load, herbs, names.get(2));
        warpedIsClampedAndTemperedAgain(page, single);
    }

    /** Normalised and hardened once more: its second heat. */
    private static void notHardGoesThroughTheFireAgain(Page page, long load, long piece, String name) {
        slot(page, name).getByText("What now?").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Not hard");
        page.getByRole(AriaRole.RADIOGROUP)
                .getByText("Normalise and harden once more")
                .click();
        page.getByRole(AriaRole.DIALOG).getByText("Write it down").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        assertThat(Work.piece(reader, piece).path("now").path("heats").asInt()).isEqualTo(2);
        Work.workUpTo(shop, reader, piece, "harden");
        long kiln = fires.load(load).path("kilnId").asLong();
        long again = fires.harden(kiln, piece);
        assertThat(fires.inLoad(again, piece).path("fileTest").asString()).isEqualTo("SKATES");
        assertThat(fires.standing(piece, "harden")).isEqualTo("DONE");
        page.navigate("/fire/pieces/" + piece);
        assertThat(page.getByLabel("Fires")).containsText("the file bites");
        assertThat(page.getByLabel("Fires")).containsText("the file skates");
        assertThat(page.getByText("heat 2").first()).isVisible();
    }

    /** Measured, clamped the other way, tempered again, measured, straight. */
    private static void warpedIsClampedAndTemperedAgain(Page page, long piece) {
        Work.workUpTo(shop, reader, piece, "straighten");
        page.navigate("/fire/pieces/" + piece);
        page.locator("input[name='amount']").fill(".010");
        bram.press("Write the warp down");
        assertThat(page.getByLabel("Straightness")).containsText("0.010 in to the left in one bow, all along: off");
        long oven = fires.kiln(shop.signedIn("olwen"), "Oven");
        long load = fires.burn(oven, "STRAIGHTEN", Duration.ofMinutes(25), piece);
        fires.soak(load);
        fires.out(load, piece).isOk();
        fires.tell(load, "end", Map.of()).isOk();
        page.locator("input[name='left']").fill(".002");
        bram.press("Done about it");
        assertThat(page.getByLabel("Straightness")).containsText("0.002 in left, it passes");
        bram.openStep(piece, "straighten");
        bram.start();
        bram.tickAll();
        bram.press("Done");
        assertThat(bram.standing()).containsText("Done");
    }

    @Test
    void a_power_cut_in_the_soak_is_seen_on_another_makers_bench_until_somebody_has_it() {
        Client owner = shop.signedIn("olwen");
        long kiln = fires.kiln(owner, "Kiln by the door");
        long piece = Work.take(owner, 1, Map.of("steel", "O1"));
        Work.workUpTo(shop, reader, piece, "harden");
        long other = Work.take(owner, 1, Map.of());
        Work.workUpTo(shop, reader, other, "profile");
        cato.openStep(other, "profile");
        long load = fires.burn(kiln, "HARDEN", Duration.ofMinutes(80), piece);
        fires.pass(Duration.ofMinutes(5));
        Page page = bram.page();
        page.navigate("/fire/loads/" + load);
        assertThat(page.getByLabel("The soak")).isVisible();
        bram.press("Stand-in…");
        choose(page, "nothing: it is whole", "What is broken", "power cut");
        bram.press("Let it be so");
        Locator alarm = cato.page().getByRole(AriaRole.ALERT);
        assertThat(alarm.getByText("Kiln by the door: The power is gone")).isVisible();
        assertThat(alarm).containsText("Leave the door shut");
        cato.page().reload();
        assertThat(alarm.getByText("Kiln by the door: The power is gone")).isVisible();
        choose(page, "power cut", "What is broken", "nothing: it is whole");
        bram.press("Let it be so");
        assertThat(page.getByText("Elements on.")).isVisible();
        assertThat(alarm.getByText("Kiln by the door: The power is gone")).isVisible();
        cato.press("I have it");
        assertThat(cato.page().getByText("The power is gone")).hasCount(0);
        assertThat(page.getByRole(AriaRole.ALERT).getByText("The power is gone"))
                .hasCount(0);
        bram.press("Give this load up…");
        page.locator("input[name='words']").fill("Tomorrow, with the new cable");
        bram.press("Put the fire out");
        assertThat(page.getByText("Given up: Tomorrow, with the new cable", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(slot(page, Work.piece(reader, piece).path("name").asString()))
                .containsText("Not treated");
        // The shop's clock was put forward, perhaps past midnight.
        LocalDate day = LocalDate.ofInstant(
                Instant.ofEpochMilli(
                        fires.load(load).path("clock").path("litAtMillis").asLong()),
                shop.clock().getZone());
        olwen.page().navigate("/fire/kilns/" + kiln + "?day=" + day);
        assertThat(olwen.page().getByText("lit for: harden").first()).isVisible();
        olwen.press("No longer here");
        assertThat(olwen.page().getByText("The fire").first()).isVisible();
        assertThat(olwen.page().getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Kiln by the door")))
                .hasCount(0);
    }

    @Test
    void a_steel_is_looked_up_its_temper_computed_and_one_of_the_shops_own_added() {
        Page page = olwen.page();
        page.navigate("/fire/steels");
        assertThat(page.getByText("SAE J403 (from memory)").first()).isVisible();
        Locator after = page.getByLabel("1084: hardness after a temper");
        after.getByText("Compute").click();
        assertThat(after).containsText("in all likelihood 58.5 HRC to 61.5 HRC");
        after.locator("input[name='temperature']").fill("1200 F");
        after.getByText("Compute").click();
        assertThat(after).containsText("Outside what is known");
        olwen.press("From a mill sheet");
        olwen.press("Keep this steel");
        assertThat(page.getByText("Nothing was entered").first()).isVisible();
        Map.ofEntries(
                        Map.entry("designation", "Shop 9"),
                        Map.entry("source", "Sheet 12"),
                        Map.entry("C", "0.9"),
                        Map.entry("Mn", "0.5"),
                        Map.entry("density", "7.85"),
                        Map.entry("hardening", "1480 F"),
                        Map.entry("soak", "5 min"),
                        Map.entry("asQuenched", "65"),
                        Map.entry("tempering", "400 F"),
                        Map.entry("curve", "300 F = 64; 500 F = 58"))
                .forEach((field, entry) ->
                        page.locator("input[name='" + field + "']").fill(entry));
        choose(page, "Choose…", "Family", "carbon steel");
        choose(page, "Choose…", "Quench", "fast oil");
        olwen.press("Keep this steel");
        assertThat(page.getByText("Shop 9 is kept.")).isVisible();
        choose(page, "1084, carbon steel", "Steel", "Shop 9, carbon steel");
        assertThat(page.getByText("no update of the program changes it")).isVisible();
        assertThat(page.getByText("Sheet 12").first()).isVisible();
    }

    @Test
    void a_blade_goes_to_the_treater_on_the_screen_and_its_difference_is_asked_about() {
        Client owner = shop.signedIn("olwen");
        long piece = Work.take(owner, 1, Map.of("steel", "X46Cr13", "hardening", "OUTSIDE"));
        Work.workUpTo(shop, reader, piece, "send-out");
        String name = Work.piece(reader, piece).path("name").asString();
        Page page = bram.page();
        page.navigate("/fire/treater");
        page.getByLabel("Send out")
                .locator("label", new Locator.LocatorOptions().setHasText(name))
                .first()
                .click();
        page.locator("input[name='treater']").fill("The furnace over the hill");
        page.locator("input[name='straightness']").fill("0.2 mm");
        page.locator("input[name='backOn']")
                .fill(LocalDate.ofInstant(shop.clock().instant(), shop.clock().getZone())
                        .plusDays(10)
                        .toString());
        bram.press("Write the sheet and send");
        assertThat(page.getByText("Send-out sheet")).isVisible();
        assertThat(page.getByLabel("Sheet", new Page.GetByLabelOptions().setExact(true)))
                .containsText("54 HRC");
        choose(page, "Not looked at yet", name, "Different");
        page.getByLabel("What is different").fill("Bent at the point");
        bram.press("They are back");
        page.getByText("What now?").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Something else");
        JsonNode after = Work.piece(reader, piece);
        assertThat(Work.step(after, "harden").path("standing").asString()).isEqualTo("RESTING");
    }
}
