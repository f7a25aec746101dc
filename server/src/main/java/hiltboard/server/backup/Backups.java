package hiltboard.server.backup;

import hiltboard.core.backup.Copy;
import hiltboard.core.backup.Copy.Reason;
import hiltboard.core.backup.Keeping;
import hiltboard.server.Refusal;
import hiltboard.server.Settings;
import hiltboard.server.ShopClock;
import hiltboard.server.access.AccessService;
import hiltboard.server.data.Beside;
import hiltboard.server.data.DataFolder;
import hiltboard.server.data.DataGuard.TroubleChanged;
import hiltboard.server.data.FileFailure;
import hiltboard.server.data.Reading;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;

/** Copies of the whole shop: taken every night and by hand, one at a time, beside whatever the shop does. */
@Service
public class Backups implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(Backups.class);
    private static final int LOOKS_EVERY_MS = 5_000;
    private static final Duration TRIES_AGAIN_AFTER = Duration.ofMinutes(30);

    private final DataFolder folder;
    private final BackupFolders folders;
    private final AccessService access;
    private final ShopClock clock;
    private final ApplicationEventPublisher events;
    private final Reading reading;
    private final boolean isNightly;
    private final AtomicReference<@Nullable Running> running = new AtomicReference<>();
    private volatile Optional<Failure> failure = Optional.empty();
    private volatile Optional<Failure> secondFailure = Optional.empty();
    private final ExecutorService copying = Beside.theWork("backup");

    Backups(
            DataFolder folder,
            BackupFolders folders,
            AccessService access,
            ShopClock clock,
            ApplicationEventPublisher events,
            Reading reading,
            Settings settings) {
        this.isNightly = settings.backup().nightly();
        this.folder = folder;
        this.folders = folders;
        this.access = access;
        this.clock = clock;
        this.events = events;
        this.reading = reading;
    }

    /** Why the last copy did not come about; it is over when one does. */
    record Failure(Instant at, String words) {}

    /** A copy on its way. */
    static final class Running {
        private final Copy copy;
        private final long bytesAhead;
        private volatile @Nullable Statement statement;
        private volatile boolean isStopped;

        private Running(Copy copy, long bytesAhead) {
            this.copy = copy;
            this.bytesAhead = bytesAhead;
        }

        Copy copy() {
            return copy;
        }

        private void stop() throws SQLException {
            isStopped = true;
            Statement sql = statement;
            if (sql != null) {
                sql.cancel();
            }
        }
    }

    CopyFolder here() {
        return new CopyFolder(folder.backups());
    }

    Optional<Path> second() {
        return folders.second();
    }

    /** Newest first. */
    List<Copy> copies() {
        try {
            return here().copies();
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    /** @throws Refusal if there is none of this name */
    Path file(String name) {
        return copies().stream()
                .filter(copy -> copy.name().equals(name))
                .findFirst()
                .map(here()::file)
                .orElseThrow(() -> Refusal.notThere("There is no backup of this name any more."));
    }

    Optional<Failure> failure() {
        return failure;
    }

    Optional<Failure> secondFailure() {
        return secondFailure;
    }

    Optional<Running> running() {
        return Optional.ofNullable(running.get());
    }

    /** How much of a running copy is written, from 0 to 1. */
    double part(Running run) {
        try {
            long written = Files.size(ShopCopy.unfinished(here().file(run.copy())));
            return Math.min(1, written / (double) Math.max(1, run.bytesAhead));
        } catch (IOException notBegunOrOver) {
            return 0;
        }
    }

    /** What the clock asks for. */
    @Scheduled(initialDelay = LOOKS_EVERY_MS, fixedDelay = LOOKS_EVERY_MS)
    void look() {
        boolean isTriedJustNow = failure.filter(
                        last -> last.at().plus(TRIES_AGAIN_AFTER).isAfter(clock.now()))
                .isPresent();
        if (isNightly
                && !isTriedJustNow
                && running.get() == null
                && Keeping.isDue(copies(), clock.localNow())
                && !access.isShopEmpty()) {
            begin(Reason.NIGHTLY);
        }
    }

    /**
     * Names a second place for every copy, or none; part of a change.
     *
     * @param path of a folder on the server's machine; blank if there is to be none
     */
    void chooseSecond(String path, long person) {
        Optional<Path> chosen = path.isBlank() ? Optional.empty() : Optional.of(placeFor(path.strip()));
        folders.choose(chosen, person, clock.nowMillis());
        copying.submit(this::toSecondAndTell);
    }

    private Path placeFor(String path) {
        String accepted = "a folder that is there, on another disk or machine, with its whole path";
        try {
            Path place = Path.of(path).normalize();
            if (!place.isAbsolute()
                    || !Files.isDirectory(place)
                    || place.toRealPath().startsWith(folder.path().toRealPath())) {
                throw Refusal.entry("path", path, "This cannot be the second place", accepted);
            }
            new CopyFolder(place).choose();
            return place;
        } catch (IOException | InvalidPathException failure) {
            throw Refusal.entry("path", path, "This folder cannot be written", accepted);
        }
    }

    /** Begins a copy. @throws Refusal if one is on its way */
    void begin(Reason reason) {
        Running run = new Running(new Copy(clock.localNow(), reason), size(folder.shop()));
        if (!running.compareAndSet(null, run)) {
            throw Refusal.outOfTurn("A backup is being made already.");
        }
        copying.submit(() -> carryOut(run));
    }

    /** Stops a copy that is on its way; nothing of it stays. */
    void stop() {
        try {
            Running run = running.get();
            if (run != null) {
                run.stop();
            }
        } catch (SQLException over) {
            LOG.debug("It was over already", over);
        }
    }

    private void carryOut(Running run) {
        try {
            Contents contents =
                    ShopCopy.make(folder.shop(), here().file(run.copy()), statement -> run.statement = statement);
            LOG.info("Backup {}: {}", run.copy().name(), contents.words(clock.zone()));
            here().tidy(clock.localNow());
            failure = Optional.empty();
            toSecond();
        } catch (IOException | RuntimeException why) {
            if (!run.isStopped) {
                failure = Optional.of(failed("The backup failed", why));
            }
        } finally {
            running.set(null);
            events.publishEvent(new TroubleChanged());
        }
    }

    private void toSecondAndTell() {
        toSecond();
        events.publishEvent(new TroubleChanged());
    }

    /** Brings the second folder to what the first one has. */
    private void toSecond() {
        Optional<Path> second = reading.of(folders::second);
        if (second.isEmpty()) {
            secondFailure = Optional.empty();
            return;
        }
        try {
            CopyFolder there = new CopyFolder(second.get());
            there.mustBeChosen();
            there.follow(here());
            there.tidy(clock.localNow());
            secondFailure = Optional.empty();
        } catch (IOException | RuntimeException why) {
            secondFailure = Optional.of(failed("The backup did not get to " + second.get(), why));
        }
    }

    private Failure failed(String what, Exception why) {
        String words = why instanceof IOException io ? FileFailure.words(io) : String.valueOf(why.getMessage());
        LOG.error("{}", what, why);
        return new Failure(clock.now(), what + ": " + words);
    }

    private static long size(Path file) {
        try {
            return Files.size(file);
        } catch (IOException gone) {
            return 0;
        }
    }

    @Override
    public void destroy() {
        stop();
        copying.shutdownNow();
    }
}
