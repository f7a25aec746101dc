package hiltboard.server;

import hiltboard.server.access.ResetPassword;
import hiltboard.server.access.SetupCode;
import hiltboard.server.backup.AtTheMachine;
import hiltboard.server.data.UnusableData;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.EnableConfigurationProperties;
import org.springframework.boot.logging.LoggingSystem;
import org.springframework.core.env.Environment;
import org.springframework.scheduling.annotation.EnableScheduling;

/**
 * Starts the shop's server, or does what is done at its machine: {@code backup [FILE]}, {@code restore FILE},
 * {@code reset-password NAME}.
 */
@SpringBootApplication
@EnableConfigurationProperties(Settings.class)
@EnableScheduling
public class HiltBoard {
    private static final String DATA = "--hilt.data=";

    public static void main(String[] arguments) {
        try {
            List<String> words = Stream.of(arguments)
                    .filter(each -> !each.startsWith("--") || each.equals("--yes"))
                    .toList();
            if (words.isEmpty()) {
                new Program(Clock.systemDefaultZone(), Map.of(), HiltBoard::announce, arguments);
            } else if (!isDone(words.get(0), words.subList(1, words.size()), folder(arguments))) {
                System.exit(1);
            }
        } catch (RuntimeException failure) {
            System.err.println(StartFailure.inOneSentence(failure));
            System.exit(1);
        }
    }

    private static boolean isDone(String command, List<String> words, Path folder) {
        LoggingSystem.get(HiltBoard.class.getClassLoader()).beforeInitialize();
        AtTheMachine machine = new AtTheMachine(folder, Clock.systemDefaultZone(), System.out);
        switch (command) {
            case "backup":
                machine.backup(words);
                return true;
            case "restore":
                return machine.restore(words);
            case "reset-password":
                if (words.size() != 1) {
                    throw new UnusableData("Name who forgot it, by their sign-in name: ./hilt reset-password NAME");
                }
                String password = new ResetPassword(folder, Clock.systemUTC()).of(words.get(0));
                System.out.println("The new password of " + words.get(0) + ":");
                System.out.println();
                System.out.println("    " + password);
                System.out.println();
                System.out.println("Sign in with it and choose another under People.");
                return true;
            default:
                System.err.println(
                        "The program does not know “" + command + "”; it knows backup, restore and reset-password.");
                return false;
        }
    }

    private static Path folder(String[] arguments) {
        return Path.of(Stream.of(arguments)
                .filter(each -> each.startsWith(DATA))
                .map(each -> each.substring(DATA.length()))
                .findFirst()
                .or(() -> Optional.ofNullable(System.getenv("HILT_DATA")))
                .orElse("data"));
    }

    private static void announce(Program program) {
        Environment environment = program.context().getEnvironment();
        System.out.println();
        String scheme = program.isSecure() ? "https" : "http";
        System.out.println("Hilt Board is open at " + scheme + "://localhost:" + program.port());
        List<String> others = Addresses.inTheNetwork(scheme, program.port());
        others.forEach(address -> System.out.println("From a phone or tablet in the same network: " + address));
        others.stream().findFirst().ifPresent(first -> System.out.println("\n" + Addresses.code(first)));
        if (program.isSecure()) {
            System.out.println("A device that does not trust it yet begins at http://…:"
                    + environment.getProperty("hilt.tls.plain-port") + "/trust");
        }
        Tls.warning(Settings.of(environment).data(), Instant.now()).ifPresent(System.out::println);
        if (Settings.of(environment).demo()) {
            System.out.println("This is the demo shop: press a name on the sign-in page, no password is asked.");
        }
        program.context().getBean(SetupCode.class).code().ifPresent(code -> {
            System.out.println("The shop is empty. Open the address above; to set it up, enter this one-time code:");
            System.out.println();
            System.out.println("    " + code);
            System.out.println();
        });
        System.out.println("Ctrl-C stops it.");
    }
}
