package hiltboard.server;

import java.nio.file.Path;
import java.time.Duration;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.Binder;
import org.springframework.boot.context.properties.bind.DefaultValue;
import org.springframework.core.env.Environment;

/**
 * What an owner can set from outside.
 *
 * @param data The folder of the shop's data.
 * @param port The port that the program answers at.
 * @param demo Whether an empty shop is filled as the demo; nobody needs a password in it.
 */
@ConfigurationProperties("hilt")
public record Settings(
        @DefaultValue("data") Path data,
        @DefaultValue("8095") int port,
        @DefaultValue("false") boolean demo,
        @DefaultValue Session session,
        @DefaultValue Backup backup,
        @DefaultValue Mail mail) {

    /**
     * How long somebody stays signed in.
     *
     * @param idle How long a session lives in which nothing is asked.
     * @param longest How long a session lives in any case.
     */
    public record Session(
            @DefaultValue("12h") Duration idle,
            @DefaultValue("7d") Duration longest) {}

    /**
     * Copies of the shop.
     *
     * @param nightly Whether the shop is copied every night. Turn it off where something else does; backups by hand and
     *     before an upgrade stay.
     */
    public record Backup(@DefaultValue("true") boolean nightly) {}

    /**
     * Letters.
     *
     * @param from From whom letters to clients come.
     */
    public record Mail(@DefaultValue("workshop@localhost") String from) {}

    /** Before there is anything that could be given them. */
    static Settings of(Environment environment) {
        return Binder.get(environment).bindOrCreate("hilt", Settings.class);
    }
}
