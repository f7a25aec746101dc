package hiltboard.server;

import hiltboard.server.access.SetupCode;
import java.time.Clock;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.env.Environment;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Starts the shop's server. */
@SpringBootApplication
@EnableScheduling
public class HiltBoard {

    public static void main(String[] arguments) {
        try {
            announce(start(Clock.systemDefaultZone(), Map.of(), arguments));
        } catch (RuntimeException failure) {
            System.err.println(StartFailure.inOneSentence(failure));
            System.exit(1);
        }
    }

    /**
     * Starts the application.
     *
     * @param clock the shop's clock
     * @param settings override the program's own
     */
    public static ConfigurableApplicationContext start(Clock clock, Map<String, Object> settings, String... arguments) {
        return new SpringApplicationBuilder(HiltBoard.class)
                .initializers(context -> context.getBeanFactory().registerSingleton("clock", clock))
                .run(Stream.concat(
                                settings.entrySet().stream()
                                        .map(setting -> "--" + setting.getKey() + "=" + setting.getValue()),
                                Stream.of(arguments))
                        .toArray(String[]::new));
    }

    private static void announce(ConfigurableApplicationContext running) {
        Environment environment = running.getEnvironment();
        int port = ((WebServerApplicationContext) running).getWebServer().getPort();
        System.out.println();
        System.out.println("Hilt Board is open at http://localhost:" + port);
        if (environment.getProperty("hilt.demo", Boolean.class, false)) {
            System.out.println("This is the demo shop: press a name on the sign-in page, no password is asked.");
        }
        running.getBean(SetupCode.class).code().ifPresent(code -> {
            System.out.println("The shop is empty. Open the address above; to set it up, enter this one-time code:");
            System.out.println();
            System.out.println("    " + code);
            System.out.println();
        });
        System.out.println("Ctrl-C stops it.");
    }
}
