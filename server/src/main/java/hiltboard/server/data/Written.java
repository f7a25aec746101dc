package hiltboard.server.data;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/** Makes sure that a file, or what a folder lists, is on the disk and not on its way there. */
public final class Written {
    private Written() {}

    public static void through(Path what) throws IOException {
        boolean isFolder = Files.isDirectory(what);
        try (FileChannel channel =
                FileChannel.open(what, isFolder ? StandardOpenOption.READ : StandardOpenOption.WRITE)) {
            channel.force(true);
        } catch (IOException failure) {
            // Windows opens no folders; its lists of files are written through by themselves.
            if (!isFolder) {
                throw failure;
            }
        }
    }
}
