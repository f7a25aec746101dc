package hiltboard.server.data;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.stream.Stream;

/**
 * Puts another file of data in the place of the present one, which is kept aside. It is prepared while the program runs
 * and done when it starts; a machine that dies in the middle finishes it at the next start.
 *
 * <p>The folder {@code restoring-…} holds the new file; the present files are moved into it, then the new one out of
 * it, then it is called {@code aside-…}.
 */
public final class Swap {
    private static final String BEGUN = "restoring-";
    private static final String DONE = "aside-";
    private static final String NEW = "new.db";
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss");
    /** The log of the file before the file itself: a log beside another file would spoil that one. */
    private static final List<String> PRESENT = List.of("shop.db-wal", "shop.db-shm", "shop.db", "sessions");

    private Swap() {}

    /**
     * Makes a file that is in the data folder, whole and written through, the one that the next start takes.
     *
     * @return the folder that will hold what is there now
     */
    public static Path prepare(Path folder, Path replacement, LocalDateTime now) throws IOException {
        String time = now.format(TIME);
        Path begun = OwnersOnly.folder(folder.resolve(BEGUN + time));
        Files.move(replacement, begun.resolve(NEW), StandardCopyOption.ATOMIC_MOVE);
        Written.through(begun);
        return folder.resolve(DONE + time);
    }

    /** Does what was prepared, if anything was. */
    static void finish(Path folder) throws IOException {
        List<Path> begun;
        try (Stream<Path> files = Files.list(folder)) {
            begun = files.filter(file -> file.getFileName().toString().startsWith(BEGUN))
                    .sorted()
                    .toList();
        }
        for (Path each : begun) {
            finish(folder, each);
        }
    }

    private static void finish(Path folder, Path begun) throws IOException {
        Path replacement = begun.resolve(NEW);
        if (Files.exists(replacement)) {
            for (String name : PRESENT) {
                if (Files.exists(folder.resolve(name))) {
                    Files.move(folder.resolve(name), begun.resolve(name), StandardCopyOption.ATOMIC_MOVE);
                }
            }
            Written.through(begun);
            Files.move(replacement, DataFolder.shop(folder), StandardCopyOption.ATOMIC_MOVE);
        }
        Files.move(
                begun,
                folder.resolve(DONE + begun.getFileName().toString().substring(BEGUN.length())),
                StandardCopyOption.ATOMIC_MOVE);
        Written.through(folder);
    }
}
