package hiltboard.server.data;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Optional;
import org.springframework.util.unit.DataSize;
import org.sqlite.SQLiteDataSource;

/**
 * The folder that holds all of a shop. It belongs to one program at a time, from when it is taken until it is closed.
 */
public final class DataFolder implements AutoCloseable {
    /** With less than this, not even a start is safe: the file grows while it is opened. */
    static final DataSize LEAST_FREE = DataSize.ofMegabytes(32);

    private static final String LOCK = "shop.lock";
    private static final String OTHER = " Name another folder with HILT_DATA.";

    private final Path folder;
    private final FileChannel lock;

    private DataFolder(Path folder, FileChannel lock) {
        this.folder = folder;
        this.lock = lock;
    }

    /**
     * Takes the folder, which is made if it is not there, puts a restored file in its place if one waits, and looks
     * through the file: half a second for each 200 MB.
     *
     * @throws UnusableData if the folder cannot be written, is nearly full, or another program has it; if the file is
     *     damaged, none of ours, or of a newer program
     */
    public static DataFolder take(Path folder) {
        Path whole = folder.toAbsolutePath().normalize();
        FileChannel lock = locked(whole);
        try {
            mustHaveRoom(whole);
            Swap.finish(whole);
            mustBeSound(OwnersOnly.file(shop(whole)));
            return new DataFolder(whole, lock);
        } catch (IOException failure) {
            release(lock);
            throw unwritable(whole, failure);
        } catch (UnusableData unusable) {
            release(lock);
            throw unusable;
        }
    }

    private static FileChannel locked(Path folder) {
        try {
            OwnersOnly.folder(folder);
            FileChannel channel = FileChannel.open(OwnersOnly.file(folder.resolve(LOCK)), StandardOpenOption.WRITE);
            if (held(channel).isEmpty()) {
                release(channel);
                throw new UnusableData("Another Hilt Board is running on the data folder " + folder
                        + ". Stop that one, or name another folder with HILT_DATA.");
            }
            return channel;
        } catch (IOException failure) {
            throw unwritable(folder, failure);
        }
    }

    private static Optional<FileLock> held(FileChannel channel) throws IOException {
        try {
            return Optional.ofNullable(channel.tryLock());
        } catch (OverlappingFileLockException inThisProgram) {
            return Optional.empty();
        }
    }

    private static void mustHaveRoom(Path folder) throws IOException {
        long free = Files.getFileStore(folder).getUsableSpace();
        if (free < LEAST_FREE.toBytes()) {
            throw new UnusableData("The disk of the data folder " + folder + " has only " + Bytes.words(free)
                    + " left; at least " + Bytes.words(LEAST_FREE.toBytes()) + " are needed." + OTHER);
        }
    }

    private static void mustBeSound(Path file) {
        SQLiteDataSource source = new SQLiteDataSource();
        source.setUrl("jdbc:sqlite:" + file);
        try (Connection connection = source.getConnection();
                Statement sql = connection.createStatement()) {
            DataVersion.of(sql);
            Damage.quickly(sql).ifPresent(words -> {
                throw unreadable(file, "it is damaged inside: " + words);
            });
        } catch (SQLException failure) {
            throw unreadable(file, failure.getMessage());
        }
    }

    private static UnusableData unreadable(Path file, String why) {
        return new UnusableData("The data file " + file + " cannot be read (" + why
                + "). Restore a backup (./hilt restore FILE)," + " or name another folder with HILT_DATA.");
    }

    private static UnusableData unwritable(Path folder, IOException failure) {
        return new UnusableData(
                "The data folder " + folder + " cannot be written (" + FileFailure.words(failure) + ")." + OTHER);
    }

    private static void release(FileChannel lock) {
        try {
            lock.close();
        } catch (IOException atTheEndAnyhow) {
            // The lock ends with the program.
        }
    }

    public Path path() {
        return folder;
    }

    /** The file of data. */
    public Path shop() {
        return shop(folder);
    }

    /** The file of data of a folder that need not be taken. */
    public static Path shop(Path folder) {
        return folder.resolve("shop.db");
    }

    /** Whether a file is the one of a data folder, so that a program may have it open. */
    public static boolean isOneOfIts(Path file) {
        return Files.exists(file.resolveSibling(LOCK));
    }

    /** Where the program keeps its backups by itself. */
    public static Path backups(Path folder) {
        return folder.resolve("backups");
    }

    public Path backups() {
        return backups(folder);
    }

    @Override
    public void close() {
        release(lock);
    }
}
