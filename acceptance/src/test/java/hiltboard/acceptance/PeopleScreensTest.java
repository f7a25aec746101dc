package hiltboard.acceptance;

import static hiltboard.acceptance.Seen.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** People who come and go, tablets that change hands, and the owner's backups, on the real screens. */
class PeopleScreensTest {
    @RegisterExtension
    static final Browser BROWSER = new Browser();

    private RunningShop shop;

    @BeforeEach
    void open() {
        shop = RunningShop.withTwoMakers();
    }

    @AfterEach
    void close() {
        shop.close();
    }

    @Test
    void whoever_is_signed_out_over_a_half_filled_form_signs_in_again_and_finds_it_as_it_was() {
        long piece = Work.take(shop.owner(), 1, Map.of());
        Maker bram = BROWSER.signedIn(shop, "bram");
        Page page = bram.page();
        page.navigate("/pieces/" + piece);
        page.getByLabel("New note").fill("the heel is 0.4 mm proud");
        shop.owner().post("/api/people/2/sign-out", Map.of()).isOk();
        Locator again = page.getByRole(AriaRole.DIALOG);
        assertThat(again).containsText("You are signed out");
        again.getByLabel("Sign-in name").fill("bram");
        again.getByLabel("Password").fill(RunningShop.OWNER_PASSWORD);
        again.getByLabel("Password").press("Enter");
        assertThat(again).hasCount(0);
        assertThat(page.getByLabel("New note")).hasValue("the heel is 0.4 mm proud");
        bram.press("Write it down");
        assertThat(page.getByText("the heel is 0.4 mm proud", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
    }

    @Test
    void a_passkey_opens_the_shop_without_a_password_until_it_is_given_up() {
        Maker bram = BROWSER.signedIn(shop, "bram");
        Page page = bram.page();
        Locator passkeys = makePasskey(bram, "bench phone");
        Browser.more(bram.page(), "Sign out");
        bram.press("With a passkey");
        assertThat(page.getByRole(AriaRole.BANNER)).containsText("Bram Holt");
        page.navigate("/people");
        bram.press("Give up bench phone");
        assertThat(passkeys).not().containsText("bench phone");
        Browser.more(bram.page(), "Sign out");
        bram.press("With a passkey");
        assertThat(page.getByText("This passkey does not open the shop")).isVisible();
    }

    @Test
    void a_passkey_is_no_way_in_for_who_has_left_or_got_a_new_password_from_the_owner() {
        Maker cato = BROWSER.signedIn(shop, "cato");
        Page page = cato.page();
        makePasskey(cato, "tablet");
        shop.owner().post("/api/people/3/let-go", Map.of()).isOk();
        page.navigate("/");
        cato.press("With a passkey");
        assertThat(page.getByText("This passkey does not open the shop")).isVisible();
        shop.owner().post("/api/people/3/take-back", Map.of()).isOk();
        cato.press("With a passkey");
        assertThat(page.getByRole(AriaRole.BANNER)).containsText("Cato Lind");
        shop.owner()
                .post("/api/people/3/password", Map.of("password", "quite another password"))
                .isOk();
        page.navigate("/");
        cato.press("With a passkey");
        assertThat(page.getByText("This passkey does not open the shop")).isVisible();
    }

    private static Locator makePasskey(Maker maker, String name) {
        Page page = maker.page();
        device(page);
        page.navigate("/people");
        Locator passkeys = page.getByLabel("Your passkeys");
        passkeys.getByLabel("Name of this device").fill(name);
        passkeys.getByLabel("Your password").fill("not this one");
        maker.press("Make a passkey");
        assertThat(passkeys).containsText("This is not your password");
        passkeys.getByLabel("Your password").fill(RunningShop.OWNER_PASSWORD);
        maker.press("Make a passkey");
        assertThat(passkeys).containsText(name);
        return passkeys;
    }

    /** A device that makes passkeys and says yes by itself (Chrome DevTools Protocol, domain WebAuthn). */
    private static void device(Page page) {
        CDPSession session = page.context().newCDPSession(page);
        session.send("WebAuthn.enable");
        JsonObject options = new JsonObject();
        options.addProperty("protocol", "ctap2");
        options.addProperty("transport", "internal");
        options.addProperty("hasResidentKey", true);
        options.addProperty("hasUserVerification", true);
        options.addProperty("isUserVerified", true);
        options.addProperty("automaticPresenceSimulation", true);
        JsonObject authenticator = new JsonObject();
        authenticator.add("options", options);
        session.send("WebAuthn.addVirtualAuthenticator", authenticator);
    }

    @Test
    void a_shared_tablet_changes_hands_in_three_touches_and_a_number() {
        shop.signedIn("bram")
                .post("/api/people/pin", Map.of("present", RunningShop.OWNER_PASSWORD, "pin", "2718"))
                .isOk();
        Maker owner = BROWSER.signedIn(shop, "olwen");
        Page page = owner.page();
        page.navigate("/people");
        page.getByText("This is a shared tablet").click();
        assertThat(page.getByText("This is a shared tablet now.")).isVisible();
        button(page, "Olwen Tarr has this tablet").click();
        owner.press("Bram Holt");
        page.getByLabel("Short number of Bram Holt").fill("1111");
        button(page, "Take over").click();
        assertThat(page.getByText("This is not the number")).isVisible();
        page.getByLabel("Short number of Bram Holt").fill("2718");
        button(page, "Take over").click();
        assertThat(page.getByRole(AriaRole.BANNER)).containsText("Bram Holt");
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Consult")))
                .not()
                .isVisible();
        Browser.more(owner.page(), "Sign out");
        assertThat(page.getByLabel("With a short number")).containsText("Bram Holt");
    }

    @Test
    void somebody_leaves_and_their_page_is_closed_at_once() {
        Maker bram = BROWSER.signedIn(shop, "bram");
        Maker owner = BROWSER.signedIn(shop, "olwen");
        Page page = owner.page();
        page.navigate("/people");
        button(page, "About Bram Holt").click();
        owner.press("Leaves the shop");
        assertThat(page.getByLabel("Who works here")).containsText("Bram Holt, maker, has left");
        assertThat(bram.page().getByRole(AriaRole.DIALOG)).containsText("You are signed out");
        button(page, "About Bram Holt").click();
        owner.press("Bram Holt works here again");
        assertThat(page.getByLabel("Who works here")).containsText("Bram Holt, maker, reads inches");
    }

    @Test
    void a_password_is_changed_and_makers_are_told_what_they_may() {
        Maker bram = BROWSER.signedIn(shop, "bram");
        Page page = bram.page();
        page.navigate("/people");
        assertThat(page.getByLabel("What makers may do")).hasCount(0);
        page.getByLabel("Your password now").fill("not this one");
        page.getByLabel("A new password").fill("another long password");
        bram.press("Change the password");
        assertThat(page.getByText("This is not your password")).isVisible();
        page.getByLabel("Your password now").fill(RunningShop.OWNER_PASSWORD);
        bram.press("Change the password");
        assertThat(page.getByText("Changed. Everywhere else you are signed out."))
                .isVisible();
        Page owners = BROWSER.signedIn(shop, "olwen").page();
        owners.navigate("/people");
        owners.getByText("count what lies on the rack").click();
        assertThat(owners.getByLabel("count what lies on the rack")).not().isChecked();
    }

    @Test
    void a_backup_is_made_looked_into_and_brought_back() {
        Page page = BROWSER.signedIn(shop, "olwen").page();
        page.navigate("/people");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Backup"))
                .click();
        button(page, "Make one now").click();
        Locator copies = page.getByLabel("Copies");
        assertThat(copies).containsText("by hand");
        assertThat(page.getByLabel("The last good backup")).containsText("The last good backup is");
        Work.take(shop.owner(), 1, Map.of());
        copies.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Bring back")))
                .first()
                .click();
        button(page, "Look what is in it").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Fenwick Bridge Knives: 3 people, 0 jobs, 0 pieces");
        button(page, "Put it in the place of what is here").click();
        assertThat(page.getByText("The shop starts anew with this copy")).isVisible();
        assertThat(page.getByText("You are signed out")).isVisible();
        Locator again =
                page.getByRole(AriaRole.DIALOG).filter(new Locator.FilterOptions().setHasText("You are signed out"));
        again.getByLabel("Sign-in name").fill("olwen");
        again.getByLabel("Password").fill(RunningShop.OWNER_PASSWORD);
        again.getByLabel("Password").press("Enter");
        assertThat(again).hasCount(0);
        page.navigate("/");
        assertThat(page.getByText("Nothing hangs here yet")).isVisible();
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }
}
