package hiltboard.server.data;

import hiltboard.server.data.DataTrouble.Kind;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionExecution;
import org.springframework.transaction.TransactionExecutionListener;

/**
 * Watches whether the data file is still the one that was opened, and can be written. What is written into a file that
 * was moved away would be acknowledged and lost.
 */
@Component
public class DataGuard implements TransactionExecutionListener {
    private static final Logger LOG = LoggerFactory.getLogger(DataGuard.class);
    private static final int LOOKS_EVERY_MS = 1_000;

    private final DataFolder folder;
    private final ApplicationEventPublisher events;
    private final Object opened;
    private volatile Optional<Kind> trouble = Optional.empty();
    /** A refusal of the disk itself stays until a change is taken again or there is room. */
    private volatile Optional<Kind> refused = Optional.empty();

    DataGuard(DataFolder folder, ApplicationEventPublisher events) {
        this.folder = folder;
        this.events = events;
        this.opened = identity(folder.shop()).orElse("");
    }

    /** Said when there is trouble with the shop's data, or it has become another, or is over. */
    public record TroubleChanged() {}

    public Optional<Kind> trouble() {
        return trouble;
    }

    /** A transaction that writes is not begun on a file that is not the shop's any more. */
    @Override
    public void beforeBegin(TransactionExecution transaction) {
        mustBeWhole(transaction);
    }

    @Override
    public void beforeCommit(TransactionExecution transaction) {
        mustBeWhole(transaction);
    }

    @Override
    public void afterCommit(TransactionExecution transaction, @Nullable Throwable failure) {
        if (failure == null && !transaction.isReadOnly()) {
            taken();
        }
    }

    private void mustBeWhole(TransactionExecution transaction) {
        if (!transaction.isReadOnly()) {
            file().ifPresent(kind -> {
                look();
                throw new DataTrouble(kind);
            });
        }
    }

    /** The data file refused something. */
    void refused(Kind why) {
        refused = Optional.of(why);
        look();
    }

    private void taken() {
        if (refused.filter(Kind::isOverWhenAChangeIsTaken).isPresent()) {
            refused = Optional.empty();
            look();
        }
    }

    @Scheduled(fixedDelay = LOOKS_EVERY_MS)
    synchronized void look() {
        Optional<Kind> now = file().or(() -> refused).or(this::fullDisk);
        if (!now.equals(trouble)) {
            trouble = now;
            LOG.warn("{}", now.map(Kind::words).orElse("The shop’s data can be written again"));
            events.publishEvent(new TroubleChanged());
        }
    }

    private Optional<Kind> file() {
        Path file = folder.shop();
        if (!identity(file).equals(Optional.of(opened))) {
            return Optional.of(Kind.GONE);
        }
        return Files.isWritable(file) ? Optional.empty() : Optional.of(Kind.READ_ONLY);
    }

    private Optional<Kind> fullDisk() {
        try {
            long free = Files.getFileStore(folder.path()).getUsableSpace();
            return free < DataFolder.LEAST_FREE.toBytes() ? Optional.of(Kind.NEARLY_FULL) : Optional.empty();
        } catch (IOException unreadable) {
            return Optional.of(Kind.UNREADABLE);
        }
    }

    /** What tells a file from another one that has taken its name. */
    private static Optional<Object> identity(Path file) {
        try {
            BasicFileAttributes attributes = Files.readAttributes(file, BasicFileAttributes.class);
            Object key = attributes.fileKey();
            return Optional.of(key == null ? attributes.creationTime() : key);
        } catch (IOException gone) {
            return Optional.empty();
        }
    }
}
