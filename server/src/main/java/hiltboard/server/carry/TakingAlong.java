package hiltboard.server.carry;

import hiltboard.core.exchange.Sheet;
import hiltboard.core.exchange.SvgSheet;
import hiltboard.core.exchange.Template;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.carry.Outgoing.Drawn;
import hiltboard.server.data.DataFolder;
import hiltboard.server.data.FileFailure;
import hiltboard.server.data.OwnersOnly;
import hiltboard.server.data.Written;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/** Writes archives of open files beside the work, one at a time. Only the last one is kept. */
@Service
class TakingAlong implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(TakingAlong.class);
    private static final String ENDING = ".zip";

    private final Path folder;
    private final JdbcTemplate data;
    private final TransactionTemplate reading;
    private final PieceFiles pieces;
    private final ShopClock clock;
    private final JsonMapper json;
    private final AtomicReference<@Nullable Running> running = new AtomicReference<>();
    private volatile String failure = "";
    private final ExecutorService writing = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "along");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    });

    TakingAlong(
            DataFolder folder,
            JdbcTemplate data,
            PlatformTransactionManager manager,
            PieceFiles pieces,
            ShopClock clock,
            JsonMapper json) {
        this.folder = folder.path().resolve("along");
        this.data = data;
        this.pieces = pieces;
        this.clock = clock;
        this.json = json;
        this.reading = new TransactionTemplate(manager);
        this.reading.setReadOnly(true);
    }

    /** An archive on its way. */
    static final class Running {
        private final Scope scope;
        private final String name;
        private volatile long linesAhead = Long.MAX_VALUE;
        private volatile long lines;
        private volatile boolean isStopped;

        private Running(Scope scope, String name) {
            this.scope = scope;
            this.name = name;
        }

        String name() {
            return name;
        }

        /** How much of it is written, from 0 to 1. */
        double part() {
            return Math.min(1, lines / (double) Math.max(1, linesAhead));
        }

        private void goesOn(long written) {
            if (isStopped) {
                throw new CancellationException();
            }
            lines = written;
        }
    }

    Optional<Running> running() {
        return Optional.ofNullable(running.get());
    }

    /** Why the last one did not come about; empty if it did. */
    String failure() {
        return failure;
    }

    /** The last archive that was written. */
    Optional<Path> made() {
        if (!Files.isDirectory(folder)) {
            return Optional.empty();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file -> file.getFileName().toString().endsWith(ENDING))
                    .findFirst();
        } catch (IOException unreadable) {
            return Optional.empty();
        }
    }

    /** Of what an archive would be: the shop's, the job's or the client's name. @throws Refusal if there is none */
    String name(Scope scope) {
        String question = scope.isShop()
                ? "SELECT name FROM shop"
                : scope.root().orElseThrow().name().equals(Things.JOBS)
                        ? "SELECT number || ' ' || title FROM job WHERE id = " + scope.id()
                        : "SELECT name FROM client WHERE id = " + scope.id();
        return data.queryForList(question, String.class).stream()
                .findFirst()
                .orElseThrow(() -> Refusal.notThere("What was to be taken along is not there any more."));
    }

    /** Begins one. @throws Refusal if one is on its way */
    void begin(Scope scope) {
        Running run = new Running(scope, name(scope));
        if (!running.compareAndSet(null, run)) {
            throw Refusal.outOfTurn("Something is being written already; wait for it, or stop it.");
        }
        failure = "";
        writing.submit(() -> carryOut(run));
    }

    /** Stops the one that is on its way; nothing of it stays. */
    void stop() {
        running().ifPresent(run -> run.isStopped = true);
    }

    private void carryOut(Running run) {
        try {
            clear();
            String name = run.name.replaceAll("[^\\p{L}\\p{N}]+", "-").replaceAll("^-|-$", "") + "-"
                    + clock.localNow().toString().replaceAll("[:T]", "-").replaceAll("\\..*", "");
            Path unfinished = OwnersOnly.file(OwnersOnly.folder(folder).resolve(name + ".part"));
            try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(unfinished))) {
                reading.executeWithoutResult(status ->
                        data.execute((ConnectionCallback<Boolean>) connection -> written(run, connection, out)));
            }
            Written.through(unfinished);
            Files.move(unfinished, folder.resolve(name + ENDING), StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException | RuntimeException why) {
            if (!run.isStopped) {
                LOG.error("Taking along failed", why);
                failure = "It could not be written: "
                        + (why instanceof IOException io ? FileFailure.words(io) : String.valueOf(why.getMessage()));
            }
            clear();
        } finally {
            running.set(null);
        }
    }

    private boolean written(Running run, Connection connection, OutputStream out) throws SQLException {
        Map<String, Long> counts = Outgoing.count(connection, run.scope);
        run.linesAhead = counts.values().stream().mapToLong(Long::longValue).sum();
        try {
            new Outgoing(connection, run.scope, json, out, run::goesOn)
                    .write(run.name, clock.now(), counts, drawings(run.scope, connection));
            return true;
        } catch (IOException failure) {
            throw new IllegalStateException(FileFailure.words(failure), failure);
        }
    }

    private Iterable<Drawn> drawings(Scope scope, Connection connection) throws SQLException {
        List<Long> ids = new ArrayList<>();
        try (Statement sql = connection.createStatement();
                ResultSet row = sql.executeQuery("SELECT id FROM piece"
                        + scope.rows(Things.named(Things.PIECES), connection).orElseThrow() + " ORDER BY id")) {
            while (row.next()) {
                ids.add(row.getLong(1));
            }
        }
        return () -> ids.stream().map(pieces::open).map(TakingAlong::drawn).iterator();
    }

    private static Drawn drawn(PieceFile piece) {
        String title = piece.name() + " " + piece.jobTitle();
        return new Drawn(
                title.replaceAll("[^\\p{L}\\p{N}]+", "-") + ".svg",
                SvgSheet.write(Sheet.of(title, Template.of(piece.specification()))));
    }

    /** There is no room for more than one, and what is old helps nobody. */
    private void clear() {
        if (Files.isDirectory(folder)) {
            try (Stream<Path> files = Files.list(folder)) {
                for (Path file : files.toList()) {
                    Files.deleteIfExists(file);
                }
            } catch (IOException stays) {
                LOG.warn("An old archive cannot be thrown away ({})", FileFailure.words(stays));
            }
        }
    }

    @Override
    public void destroy() {
        stop();
        writing.shutdownNow();
    }
}
