package hiltboard.server.backup;

import hiltboard.core.backup.Copy;
import hiltboard.core.backup.Keeping;
import hiltboard.server.data.OwnersOnly;
import hiltboard.server.data.Written;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** A folder in which copies of the shop lie; what else lies there is left alone. */
record CopyFolder(Path path) {
    private static final String CHOSEN = "hilt-backups-go-here.txt";

    /** Marks the folder, so that the empty place that a disk leaves which is not plugged in is not filled instead. */
    void choose() throws IOException {
        Files.writeString(
                OwnersOnly.file(path.resolve(CHOSEN)),
                "Hilt Board copies its backups into this folder, for as long as this file is here.\n");
    }

    /** @throws IOException if this is not the folder that was marked */
    void mustBeChosen() throws IOException {
        if (!Files.exists(path.resolve(CHOSEN))) {
            throw new IOException("the disk is not there, or the file " + CHOSEN + " on it is gone");
        }
    }

    /** Newest first. A folder that is not there has none. */
    List<Copy> copies() throws IOException {
        if (!Files.isDirectory(path)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(path)) {
            return files.map(file -> Copy.named(file.getFileName().toString()))
                    .flatMap(Optional::stream)
                    .sorted(Comparator.comparing(Copy::taken).reversed())
                    .toList();
        }
    }

    Path file(Copy copy) {
        return path.resolve(copy.name());
    }

    /** Lets go what the rule does not keep. */
    void tidy(LocalDateTime now) throws IOException {
        for (Copy copy : Keeping.over(copies(), now)) {
            Files.deleteIfExists(file(copy));
        }
    }

    /** Takes over the copies of another folder that are not here yet, each whole or not at all. */
    void follow(CopyFolder other) throws IOException {
        List<Copy> here = copies();
        for (Copy copy : other.copies()) {
            if (copy.isOfThisShop() && !here.contains(copy)) {
                take(other.file(copy), file(copy));
            }
        }
    }

    private static void take(Path from, Path to) throws IOException {
        Path unfinished = to.resolveSibling(to.getFileName() + ".part");
        try {
            Files.deleteIfExists(unfinished);
            Files.copy(from, OwnersOnly.file(unfinished), StandardCopyOption.REPLACE_EXISTING);
            Written.through(unfinished);
            if (Files.mismatch(from, unfinished) >= 0) {
                throw new IOException("what was written is not what is read back");
            }
            Files.move(unfinished, to, StandardCopyOption.ATOMIC_MOVE);
        } finally {
            Files.deleteIfExists(unfinished);
        }
    }
}
