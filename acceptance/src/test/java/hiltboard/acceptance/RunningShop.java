package hiltboard.acceptance;

import hiltboard.server.Program;
import hiltboard.server.access.SetupCode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;

/**
 * The real application, started in this process on a free port with a data folder of its own and a clock that can be
 * moved.
 */
final class RunningShop implements AutoCloseable {
    static final String OWNER_PASSWORD = "a long enough password";

    private final Path folder;
    private final boolean isDemo;
    private final MovableClock clock = new MovableClock();
    private Map<String, String> settings;
    private final Map<String, Client> clients = new ConcurrentHashMap<>();
    private Program program;
    private int port;

    /** @param data of the shop, empty for a new one */
    private RunningShop(boolean isDemo, byte[] data, Map<String, String> settings) {
        this.isDemo = isDemo;
        this.settings = settings;
        try {
            folder = Files.createTempDirectory("hilt");
            if (data.length > 0) {
                Files.write(folder.resolve("shop.db"), data);
            }
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
        start();
    }

    static RunningShop demo() {
        return new RunningShop(true, new byte[0], Map.of());
    }

    /** The demo, on data that is there already. */
    static RunningShop demoOn(byte[] data) {
        return new RunningShop(true, data, Map.of());
    }

    static RunningShop empty() {
        return new RunningShop(false, new byte[0], Map.of());
    }

    /** An inch shop with an owner and two makers, all with the same password, and no work yet. */
    static RunningShop withTwoMakers() {
        return withTwoMakers(Map.of());
    }

    /** @param settings of the program, beside those that every test shop has */
    static RunningShop withTwoMakers(Map<String, String> settings) {
        return new RunningShop(false, TwoMakers.DATA, settings);
    }

    /** Made once through the real doors: hashing three passwords takes as long as a start. */
    private static final class TwoMakers {
        static final byte[] DATA = data();

        private static byte[] data() {
            try (RunningShop shop = empty()) {
                openWithTwoMakers(shop);
                shop.program.close();
                return Files.readAllBytes(shop.folder.resolve("shop.db"));
            } catch (IOException failure) {
                throw new UncheckedIOException(failure);
            }
        }
    }

    private static void openWithTwoMakers(RunningShop shop) {
        Client owner = Client.at(shop.address());
        owner.openShop(shop.setupCode(), "Fenwick Bridge Knives", "Olwen Tarr", "olwen");
        owner.post(
                        "/api/people",
                        Map.of("name", "Bram Holt", "signInName", "bram", "password", OWNER_PASSWORD, "role", "MAKER"))
                .isOk();
        owner.post(
                        "/api/people",
                        Map.of("name", "Cato Lind", "signInName", "cato", "password", OWNER_PASSWORD, "role", "MAKER"))
                .isOk();
    }

    String address() {
        return "http://localhost:" + port;
    }

    MovableClock clock() {
        return clock;
    }

    Path folder() {
        return folder;
    }

    String setupCode() {
        return program.context().getBean(SetupCode.class).code().orElseThrow();
    }

    <T> T bean(Class<T> type) {
        return program.context().getBean(type);
    }

    <T> T bean(String name, Class<T> type) {
        return program.context().getBean(name, type);
    }

    /** The same client for as long as the shop runs. */
    Client signedIn(String name) {
        return clients.computeIfAbsent(name, signInName -> {
            Client client = Client.at(address());
            client.post("/api/sign-in", Map.of("signInName", signInName, "password", OWNER_PASSWORD))
                    .isOk();
            return client;
        });
    }

    /** Whoever owns the shop: of the demo, or the one with two makers. */
    Client owner() {
        return isDemo ? clients.computeIfAbsent("", whoever -> Client.atDemo(address(), 1)) : signedIn("olwen");
    }

    /** Stops the application and starts it on the same data and port. */
    void restart() {
        program.close();
        start();
    }

    /** As {@link #restart}, with other settings. */
    void restartWith(Map<String, String> others) {
        settings = others;
        restart();
    }

    private void start() {
        // Clocks are put forward here by days: each would be a night.
        Map<String, Object> all = new HashMap<>(Map.of("hilt.backup.nightly", false));
        all.putAll(settings);
        all.putAll(Map.of("server.port", port, "hilt.data", folder, "hilt.demo", isDemo));
        program = new Program(clock, all, started -> {});
        port = program.port();
    }

    @Override
    public void close() {
        program.close();
        try (Stream<Path> files = Files.walk(folder)) {
            files.sorted(Comparator.reverseOrder())
                    .forEach(file -> file.toFile().delete());
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }
}
