package hiltboard.acceptance;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.assertions.PageAssertions;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Proxy;
import java.time.Duration;

/**
 * Playwright's assertions, looked at again after a few milliseconds, and less often the longer it takes: each look
 * keeps the page from its work. Their own looks come 100, 350, 850 and 1850 ms after the press, so that half of a test
 * would be waiting for what stands on the page already.
 */
final class Seen {
    private static final Duration PATIENCE = Duration.ofSeconds(25);
    private static final long FIRST_PAUSE_MS = 20;
    private static final long LONGEST_PAUSE_MS = 160;

    static {
        PlaywrightAssertions.setDefaultAssertionTimeout(1);
    }

    private Seen() {}

    static LocatorAssertions assertThat(Locator locator) {
        return assertThat(locator, PATIENCE);
    }

    static LocatorAssertions assertThat(Locator locator, Duration patience) {
        return patient(LocatorAssertions.class, PlaywrightAssertions.assertThat(locator), patience);
    }

    static PageAssertions assertThat(Page page) {
        return patient(PageAssertions.class, PlaywrightAssertions.assertThat(page), PATIENCE);
    }

    /** @param kind what `one` is seen as */
    private static <T> T patient(Class<T> kind, Object one, Duration patience) {
        return kind.cast(Proxy.newProxyInstance(
                Seen.class.getClassLoader(),
                new Class<?>[] {kind},
                (proxy, method, arguments) -> method.getName().equals("not")
                        ? patient(kind, method.invoke(one), patience)
                        : looked(one, method, arguments, System.nanoTime() + patience.toNanos())));
    }

    private static Object looked(Object one, Method method, Object[] arguments, long endNanos) throws Throwable {
        long pause = FIRST_PAUSE_MS;
        while (true) {
            try {
                return method.invoke(one, arguments);
            } catch (InvocationTargetException failed) {
                if (!(failed.getCause() instanceof AssertionError) || System.nanoTime() > endNanos) {
                    throw failed.getCause();
                }
                Thread.sleep(pause);
                pause = Math.min(LONGEST_PAUSE_MS, pause + pause / 2);
            }
        }
    }
}
