package hiltboard.server;

import hiltboard.server.data.DataFolder;
import hiltboard.server.data.Restart;
import hiltboard.server.demo.Beside;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.env.ConfigurableEnvironment;
import org.springframework.core.env.Environment;
import org.springframework.core.env.MapPropertySource;

/** The application as it runs. It can be started anew in its place, so that a restored file of data is opened. */
public final class Program implements AutoCloseable {
    /** Whoever asks for a new start hears that it comes. */
    private static final Duration ANSWERED_FIRST = Duration.ofSeconds(1);

    private final Clock clock;
    private final Map<String, Object> settings;
    private final String[] arguments;
    private final Consumer<Program> afterStart;
    private final AtomicBoolean isRestarting = new AtomicBoolean();
    /** Taken before anything else begins, so that what is wrong with it is said in one sentence. */
    private volatile @Nullable DataFolder folder;

    private volatile ConfigurableApplicationContext context;
    private @Nullable Program beside;

    /**
     * Starts the application.
     *
     * @param clock the shop's clock
     * @param settings override the program's own
     * @param afterStart is told of this start and of every later one
     */
    public Program(Clock clock, Map<String, Object> settings, Consumer<Program> afterStart, String... arguments) {
        this.clock = clock;
        this.settings = new HashMap<>(settings);
        this.afterStart = afterStart;
        this.arguments = arguments.clone();
        this.context = start();
        afterStart.accept(this);
    }

    private ConfigurableApplicationContext start() {
        try {
            return new SpringApplicationBuilder(HiltBoard.class)
                    .initializers(starting -> {
                        ConfigurableEnvironment environment = starting.getEnvironment();
                        folder = DataFolder.take(Settings.of(environment).data());
                        logInto(folder, environment);
                        int port = environment.getRequiredProperty("server.port", Integer.class);
                        environment
                                .getPropertySources()
                                .addLast(new MapPropertySource("tls", Tls.settings(folder.path(), port)));
                        starting.getBeanFactory().registerSingleton("folder", folder);
                        starting.getBeanFactory().registerSingleton("clock", clock);
                        starting.getBeanFactory().registerSingleton("restart", (Restart) this::restart);
                        starting.getBeanFactory().registerSingleton("beside", (Beside) this::demo);
                    })
                    .run(Stream.concat(
                                    Stream.of(arguments).filter(this::isNotOverridden),
                                    settings.entrySet().stream()
                                            .map(setting -> "--" + setting.getKey() + "=" + setting.getValue()))
                            .toArray(String[]::new));
        } catch (RuntimeException failure) {
            leaveFolder();
            throw failure;
        }
    }

    /** Its data lie in a folder of their own, and it speaks as this shop does. */
    private synchronized int demo() {
        if (beside == null) {
            Path own = Objects.requireNonNull(folder).path();
            Map<String, Object> asDemo = new HashMap<>(Tls.settings(own, 0));
            asDemo.put("hilt.data", own.resolve("demo"));
            asDemo.put("hilt.demo", true);
            asDemo.put("hilt.backup.nightly", false);
            asDemo.put("server.port", 0);
            // What it says goes where this shop's words go.
            asDemo.put("logging.file.name", own.resolve("log").resolve("hilt.log"));
            beside = new Program(clock, asDemo, started -> {});
        }
        return beside.port();
    }

    private static void logInto(DataFolder folder, Environment environment) {
        if (!environment.containsProperty("logging.file.name")) {
            try {
                LogFile.begin(folder.path(), environment.getRequiredProperty("logging.pattern.console"));
            } catch (IOException failure) {
                throw new UncheckedIOException(failure);
            }
        }
    }

    private void leaveFolder() {
        if (folder != null) {
            folder.close();
        }
    }

    private boolean isNotOverridden(String argument) {
        return settings.keySet().stream().noneMatch(setting -> argument.startsWith("--" + setting + "="));
    }

    /** In a thread of its own: the one that asks belongs to what is stopped. */
    private void restart() {
        settings.put("server.port", port());
        if (isRestarting.compareAndSet(false, true)) {
            Thread thread = new Thread(this::startAnew, "restart");
            // Who asks is a server's daemon, and what a daemon begins is one too: nothing else would keep the program
            // alive.
            thread.setDaemon(false);
            thread.start();
        }
    }

    private void startAnew() {
        try {
            Thread.sleep(ANSWERED_FIRST.toMillis());
            close();
            context = start();
            isRestarting.set(false);
            afterStart.accept(this);
        } catch (InterruptedException | RuntimeException failure) {
            System.err.println(StartFailure.inOneSentence(failure));
            System.exit(1);
        }
    }

    public ConfigurableApplicationContext context() {
        return context;
    }

    public int port() {
        return ((WebServerApplicationContext) context).getWebServer().getPort();
    }

    /** Whether pages reach it by TLS. */
    boolean isSecure() {
        return context.getEnvironment().getProperty("server.ssl.enabled", Boolean.class, false);
    }

    @Override
    public synchronized void close() {
        if (beside != null) {
            beside.close();
            beside = null;
        }
        context.close();
        leaveFolder();
    }
}
