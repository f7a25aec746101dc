package hiltboard.server.data;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.NoSuchFileException;
import java.nio.file.NotDirectoryException;
import java.util.Optional;

/** Why a file could not be read or written, in words. */
public final class FileFailure {
    private FileFailure() {}

    public static String words(IOException failure) {
        if (failure instanceof AccessDeniedException) {
            return "permission denied";
        }
        if (failure instanceof NoSuchFileException) {
            return "there is no such folder";
        }
        if (failure instanceof FileAlreadyExistsException || failure instanceof NotDirectoryException) {
            return "something else has its name";
        }
        return Optional.ofNullable(failure.getMessage()).orElse(failure.toString());
    }
}
