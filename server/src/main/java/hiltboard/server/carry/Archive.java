package hiltboard.server.carry;

import hiltboard.server.data.UnusableData;
import java.io.BufferedInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** An archive of open files that came in. What is wrong with it is said in one sentence, with file and line. */
final class Archive implements AutoCloseable {
    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .enable(DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_MISSING_CREATOR_PROPERTIES)
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .build();
    private static final int LONGEST_LINE = 8_000_000;
    private static final int LARGEST_FILE = 45_000_000;
    /** What is packed tighter than this is no work of a shop, and would fill the disk. */
    private static final long PACKED_AT_MOST = 200;

    private static final long ALWAYS_TAKEN = 64_000_000;

    private final ZipFile zip;
    private final Manifest manifest;
    private long bytesLeft;

    /** @throws UnusableData if it is no archive, or one of a newer format */
    Archive(Path file) {
        try {
            bytesLeft = Math.max(ALWAYS_TAKEN, PACKED_AT_MOST * Files.size(file));
            zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8);
        } catch (IOException failure) {
            throw new UnusableData("The file " + file + " is no archive, or a damaged one.");
        }
        try {
            manifest = JSON.readValue(file(Manifest.FILE), Manifest.class);
            if (!Manifest.FORMAT.equals(manifest.format())) {
                throw new UnusableData("The archive " + file + " holds no shop and no part of one.");
            }
            if (manifest.version() != Manifest.VERSION) {
                throw new UnusableData("The archive " + file + " is of version " + manifest.version()
                        + " of the open files; this program knows version " + Manifest.VERSION + ".");
            }
        } catch (JacksonException broken) {
            close();
            throw new UnusableData(Manifest.FILE + " in " + file + " is not what it should be.");
        } catch (UnusableData unusable) {
            close();
            throw unusable;
        }
    }

    /** Whether a file looks like an archive rather than like a copy of the data. */
    static boolean isOne(Path file) {
        try (InputStream in = Files.newInputStream(file)) {
            return in.read() == 'P' && in.read() == 'K';
        } catch (IOException notReadable) {
            return false;
        }
    }

    Manifest manifest() {
        return manifest;
    }

    /** How many lines there should be of a thing. */
    long count(Thing thing) {
        return Optional.ofNullable(manifest.lines().get(thing.name())).orElse(0L);
    }

    /** What is done with a line. */
    @FunctionalInterface
    interface Line {
        void take(ObjectNode line) throws SQLException;
    }

    /** Hands over every line of a thing. @throws UnusableData where one is wrong, with its number */
    void lines(Thing thing, Line take) {
        String file = thing.name() + ".jsonl";
        long wanted = count(thing);
        Optional<ZipEntry> entry = Optional.ofNullable(zip.getEntry(file));
        long number = 0;
        if (entry.isPresent()) {
            try (InputStream in = new BufferedInputStream(zip.getInputStream(entry.get()))) {
                for (Optional<String> line = next(in, file, 1); line.isPresent(); line = next(in, file, number + 1)) {
                    number++;
                    taken(file, number, line.get(), take);
                }
            } catch (IOException broken) {
                throw new UnusableData(file + " cannot be read after line " + number + ".");
            }
        }
        if (number != wanted) {
            throw new UnusableData(
                    file + " has " + number + " lines; by " + Manifest.FILE + " it should have " + wanted + ".");
        }
    }

    private static void taken(String file, long number, String line, Line take) {
        try {
            JsonNode node = JSON.readTree(line);
            if (!(node instanceof ObjectNode object)) {
                throw new UnusableData("It is no JSON object");
            }
            take.take(object);
        } catch (JacksonException broken) {
            throw new UnusableData(file + ", line " + number + ": It is no JSON.");
        } catch (SQLException refused) {
            throw new UnusableData(
                    file + ", line " + number + ": It does not fit the rest (" + refused.getMessage() + ").");
        } catch (ColumnKind.WrongValue wrong) {
            throw new UnusableData(file + ", line " + number + ": Something is not " + wrong.getMessage() + ".");
        } catch (UnusableData wrong) {
            throw new UnusableData(file + ", line " + number + ": " + wrong.getMessage() + ".");
        }
    }

    private Optional<String> next(InputStream in, String file, long number) throws IOException {
        ByteArrayOutputStream line = new ByteArrayOutputStream();
        int each = in.read();
        if (each < 0) {
            return Optional.empty();
        }
        for (; each >= 0 && each != '\n'; each = in.read()) {
            line.write(each);
            if (line.size() > LONGEST_LINE) {
                throw new UnusableData(file + ", line " + number + ": It is longer than any that was written here.");
            }
        }
        count(line.size());
        return Optional.of(line.toString(StandardCharsets.UTF_8));
    }

    /** A file of the archive. @throws UnusableData if it is not there, or too large */
    byte[] file(String name) {
        ZipEntry entry = Optional.ofNullable(zip.getEntry(name))
                .orElseThrow(() -> new UnusableData("The archive lacks " + name));
        try (InputStream in = zip.getInputStream(entry)) {
            byte[] bytes = in.readNBytes(LARGEST_FILE + 1);
            if (bytes.length > LARGEST_FILE) {
                throw new UnusableData(name + " is too large");
            }
            count(bytes.length);
            return bytes;
        } catch (IOException broken) {
            throw new UnusableData(name + " is damaged");
        }
    }

    private void count(int bytes) {
        bytesLeft -= bytes;
        if (bytesLeft < 0) {
            throw new UnusableData("The archive holds far more than its size lets expect");
        }
    }

    @Override
    public void close() {
        try {
            zip.close();
        } catch (IOException readAlready) {
            // Nothing was written.
        }
    }
}
