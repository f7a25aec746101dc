package hiltboard.acceptance;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/** Debian's Chromium, headless, one for a class of tests. */
public final class Browser implements BeforeAllCallback, AfterAllCallback, AutoCloseable {
    private static final double PATIENCE_MS = 25_000;
    private Playwright playwright;
    private com.microsoft.playwright.Browser chromium;

    @Override
    public void beforeAll(ExtensionContext context) {
        open();
    }

    @Override
    public void afterAll(ExtensionContext context) {
        close();
    }

    public void open() {
        playwright = Playwright.create();
        chromium = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setArgs(List.of(
                                "--no-sandbox",
                                "--disable-gpu",
                                "--disable-quic",
                                "--no-first-run",
                                "--disable-background-networking",
                                "--disable-component-update",
                                "--disable-sync")));
    }

    @Override
    public void close() {
        chromium.close();
        playwright.close();
    }

    /** A new window, with cookies of its own. What it asks goes to the server itself. */
    public Page window(String address, int width, int height) {
        return window(address, width, height, ServiceWorkerPolicy.BLOCK);
    }

    /** A window that keeps the program and the day's answers, as a maker's tablet does. */
    Page tablet(String address) {
        return window(address, 820, 1180, ServiceWorkerPolicy.ALLOW);
    }

    private Page window(String address, int width, int height, ServiceWorkerPolicy keeping) {
        BrowserContext context = chromium.newContext(new com.microsoft.playwright.Browser.NewContextOptions()
                .setBaseURL(address)
                .setViewportSize(width, height)
                .setServiceWorkers(keeping)
                .setLocale("en-GB"));
        context.setDefaultTimeout(PATIENCE_MS);
        return context.newPage();
    }

    /** Goes to a place that has no room of its own in the bar, or signs out. */
    static void more(Page page, String place) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("More").setExact(true))
                .click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(place))
                .click();
    }

    /** A person at a tablet, signed in. */
    Maker signedIn(RunningShop shop, String signInName) {
        return signedIn(shop.address(), signInName);
    }

    Maker signedIn(String address, String signInName) {
        Page page = window(address, 1024, 768);
        page.navigate("/");
        page.getByLabel("Sign-in name").fill(signInName);
        page.getByLabel("Password").fill(RunningShop.OWNER_PASSWORD);
        page.getByLabel("Password").press("Enter");
        page.getByRole(AriaRole.NAVIGATION).waitFor();
        return new Maker(page);
    }
}
