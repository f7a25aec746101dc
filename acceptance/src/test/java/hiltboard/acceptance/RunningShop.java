package hiltboard.acceptance;

import hiltboard.server.HiltBoard;
import hiltboard.server.access.SetupCode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/** The real application, started in this process on a free port with a data folder of its own and a clock that can be moved. */
final class RunningShop implements AutoCloseable {
    static final String OWNER_PASSWORD = "a long enough password";

    private final Path folder;
    private final boolean isDemo;
    private final MovableClock clock = new MovableClock();
    private ConfigurableApplicationContext application;
    private int port;

    private RunningShop(boolean isDemo) {
        this.isDemo = isDemo;
        try {
            folder = Files.createTempDirectory("hilt");
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
        start();
    }

    static RunningShop demo() {
        return new RunningShop(true);
    }

    static RunningShop empty() {
        return new RunningShop(false);
    }

    /** An inch shop with an owner and two makers, all with the same password, and no work yet. */
    static RunningShop withTwoMakers() {
        RunningShop shop = empty();
        Client owner = Client.at(shop.address());
        owner.post("/api/setup", Map.of("code", shop.setupCode(), "shopName", "Fenwick Bridge Knives", "lengthUnit", "INCH", "temperatureUnit", "FAHRENHEIT",
                "ownerName", "Olwen Tarr", "signInName", "olwen", "password", OWNER_PASSWORD)).isOk();
        owner.post("/api/people", Map.of("name", "Bram Holt", "signInName", "bram", "password", OWNER_PASSWORD, "role", "MAKER")).isOk();
        owner.post("/api/people", Map.of("name", "Cato Lind", "signInName", "cato", "password", OWNER_PASSWORD, "role", "MAKER")).isOk();
        return shop;
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
        return application.getBean(SetupCode.class).code().orElseThrow();
    }

    <T> T bean(Class<T> type) {
        return application.getBean(type);
    }

    Client signedIn(String name) {
        Client client = Client.at(address());
        client.post("/api/sign-in", Map.of("signInName", name, "password", OWNER_PASSWORD)).isOk();
        return client;
    }

    /** Stops the application and starts it on the same data and port. */
    void restart() {
        application.close();
        start();
    }

    private void start() {
        application = HiltBoard.start(clock, Map.of("server.port", port, "hilt.data", folder, "hilt.demo", isDemo));
        port = ((WebServerApplicationContext) application).getWebServer().getPort();
    }

    @Override
    public void close() {
        application.close();
        try (Stream<Path> files = Files.walk(folder)) {
            files.sorted(Comparator.reverseOrder()).forEach(file -> file.toFile().delete());
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }
}
