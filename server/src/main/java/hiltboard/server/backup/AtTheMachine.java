package hiltboard.server.backup;

import hiltboard.core.backup.Copy;
import hiltboard.core.backup.Copy.Reason;
import hiltboard.server.data.DataFolder;
import hiltboard.server.data.UnusableData;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/** Backup and restore for who sits at the server's machine, without the program's page. */
public final class AtTheMachine {
    private final Path folder;
    private final Clock clock;
    private final PrintStream out;

    /** @param folder of the shop's data */
    public AtTheMachine(Path folder, Clock clock, PrintStream out) {
        this.folder = folder.toAbsolutePath().normalize();
        this.clock = clock;
        this.out = out;
    }

    /**
     * Copies the shop, whether its program runs or not.
     *
     * @param words the file to write; none for one among the program's own backups
     * @throws UnusableData if no good copy could be made
     */
    public void backup(List<String> words) {
        if (words.size() > 1) {
            throw new UnusableData("One file at most: ./hilt backup FILE");
        }
        Path file = words.isEmpty()
                ? DataFolder.backups(folder).resolve(new Copy(now(), Reason.BY_HAND).name())
                : Path.of(words.get(0)).toAbsolutePath().normalize();
        if (Files.exists(file)) {
            throw new UnusableData("There is a file " + file + " already; name another, or move that one away.");
        }
        Contents contents = ShopCopy.make(DataFolder.shop(folder), file);
        out.println("The backup " + file + " is good.");
        out.println("In it: " + contents.words(clock.getZone()));
    }

    /**
     * Puts a backup in the place of the present data, which is kept aside, after asking.
     *
     * @param words the file, and {@code --yes} if nobody is to be asked
     * @return whether it was done
     * @throws UnusableData if it cannot be done; nothing is changed then
     */
    public boolean restore(List<String> words) {
        Optional<String> file =
                words.stream().filter(word -> !word.equals("--yes")).findFirst();
        if (file.isEmpty() || words.size() > 2) {
            throw new UnusableData("Name the backup: ./hilt restore FILE");
        }
        try (DataFolder taken = DataFolder.take(folder);
                Restore restore = new Restore(
                        taken.path(), Path.of(file.get()).toAbsolutePath().normalize())) {
            out.println("In it: " + restore.contents().words(clock.getZone()));
            if (Files.exists(taken.shop())) {
                out.println("The data in " + folder + " is kept aside.");
            }
            if (!words.contains("--yes") && !isSure()) {
                out.println("Nothing was changed.");
                return false;
            }
            Path aside = restore.accept("The shop was restored from " + file.get(), clock);
            if (Files.exists(taken.shop())) {
                out.println("Until now there is in " + aside);
            }
        }
        DataFolder.take(folder).close();
        out.println("The shop is restored.");
        return true;
    }

    private boolean isSure() {
        out.print("Go on? Type yes: ");
        out.flush();
        try {
            String answer = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8)).readLine();
            return answer != null && answer.strip().equalsIgnoreCase("yes");
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    private LocalDateTime now() {
        return LocalDateTime.now(clock).withNano(0);
    }
}
