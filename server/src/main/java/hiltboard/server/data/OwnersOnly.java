package hiltboard.server.data;

import java.io.IOException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;

/** Files and folders that nobody else on the machine reads, where the machine knows such a thing. */
public final class OwnersOnly {
    private static final boolean IS_KNOWN =
            FileSystems.getDefault().supportedFileAttributeViews().contains("posix");

    private OwnersOnly() {}

    /** Makes the folder if it is not there, and shuts it in any case. */
    public static Path folder(Path folder) throws IOException {
        Files.createDirectories(folder);
        shut(folder, "rwx------");
        return folder;
    }

    /** Makes the file, empty, if it is not there, and shuts it in any case. */
    public static Path file(Path file) throws IOException {
        try {
            Files.createFile(file);
        } catch (FileAlreadyExistsException isThere) {
            // It is shut all the same.
        }
        shut(file, "rw-------");
        return file;
    }

    private static void shut(Path what, String permissions) throws IOException {
        if (IS_KNOWN) {
            Files.setPosixFilePermissions(what, PosixFilePermissions.fromString(permissions));
        }
    }
}
