package hiltboard.server;

import hiltboard.server.access.SetupCode;
import java.util.Map;
import org.springframework.boot.SpringApplication;
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
            ConfigurableApplicationContext running = start(Map.of(), arguments);
            announce(running);
        } catch (RuntimeException failure) {
            System.err.println(StartFailure.inOneSentence(failure));
            System.exit(1);
        }
    }

    /** Starts the application; further settings override the program's own. */
    public static ConfigurableApplicationContext start(Map<String, Object> settings, String... arguments) {
        SpringApplication application = new SpringApplicationBuilder(HiltBoard.class).properties(settings).application();
        application.setRegisterShutdownHook(true);
        return application.run(arguments);
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
