package hiltboard.server.carry;

import hiltboard.core.design.Specification;
import hiltboard.core.exchange.Sheet;
import hiltboard.core.exchange.SvgSheet;
import hiltboard.core.exchange.Template;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.carry.Outgoing.Drawn;
import hiltboard.server.data.Beside;
import hiltboard.server.data.DataFolder;
import hiltboard.server.data.FileFailure;
import hiltboard.server.data.OwnersOnly;
import hiltboard.server.data.Reading;
import hiltboard.server.data.Written;
import hiltboard.server.material.Specifications;
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
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Writes archives of open files beside the work, one at a time. Only the last one is kept. */
@Service
class TakingAlong implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(TakingAlong.class);
    private static final TypeReference<Map<String, String>> ENTRIES = new TypeReference<>() {};
    private static final String ENDING = ".zip";

    private final Path folder;
    private final JdbcTemplate data;
    private final Reading reading;
    private final Specifications specifications;
    private final ShopClock clock;
    private final JsonMapper json;
    private final AtomicReference<@Nullable Running> running = new AtomicReference<>();
    private volatile String failure = "";
    private final ExecutorService writing = Beside.theWork("along");

    TakingAlong(
            DataFolder folder,
            JdbcTemplate data,
            Reading reading,
            Specifications specifications,
            ShopClock clock,
            JsonMapper json) {
        this.folder = folder.path().resolve("along");
        this.data = data;
        this.specifications = specifications;
        this.clock = clock;
        this.json = json;
        this.reading = reading;
    }

    /** An archive on its way. */
    static final class Running {
        private final Scope scope;
        private final String name;
        private volatile long ahead = Long.MAX_VALUE;
        private volatile long done;
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
            return Math.min(1, done / (double) Math.max(1, ahead));
        }

        private void goesOn(long written) {
            if (isStopped) {
                throw new CancellationException();
            }
            done = written;
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
    private String name(Scope scope) {
        String question = scope.isShop()
                ? "SELECT name FROM shop"
                : scope.root().orElseThrow().name().equals(Things.JOBS)
                        ? "SELECT number || ' ' || title FROM job WHERE id = " + scope.id()
                        : "SELECT name FROM client WHERE id = " + scope.id();
        return data.queryForList(question, String.class).stream()
                .findFirst()
                .orElseThrow(() -> Refusal.notThere("What was to be taken along is not there any more."));
    }

    /** Begins one, and answers of what. @throws Refusal if one is on its way, or it is not there */
    String begin(Scope scope) {
        Running run = new Running(scope, name(scope));
        if (!running.compareAndSet(null, run)) {
            throw Refusal.outOfTurn("Something is being written already; wait for it, or stop it.");
        }
        failure = "";
        writing.submit(() -> carryOut(run));
        return run.name();
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
                reading.of(
                        () -> data.execute((ConnectionCallback<Boolean>) connection -> written(run, connection, out)));
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
        run.ahead = Outgoing.ahead(counts);
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
        return () -> ids.stream().flatMap(id -> drawn(id).stream()).iterator();
    }

    /** Nothing of a piece that cannot be drawn: the rest is not held up by it. */
    private Optional<Drawn> drawn(long piece) {
        try {
            return Optional.of(drawing(piece));
        } catch (RuntimeException notDrawn) {
            LOG.warn("Piece {} cannot be drawn", piece, notDrawn);
            return Optional.empty();
        }
    }

    private Drawn drawing(long piece) {
        return Optional.ofNullable(data.queryForObject(
                        "SELECT number || CASE WHEN pieces = 1 THEN ' ' ELSE '-' || position || ' ' END || title AS name, "
                                + "specification FROM piece JOIN job ON job.id = job_id WHERE piece.id = ?",
                        (row, number) -> drawn(
                                row.getString("name"),
                                specifications.restore(json.readValue(row.getString("specification"), ENTRIES))),
                        piece))
                .orElseThrow();
    }

    private static Drawn drawn(String title, Specification specification) {
        return new Drawn(
                title.replaceAll("[^\\p{L}\\p{N}]+", "-") + ".svg",
                SvgSheet.write(Sheet.of(title, Template.of(specification))));
    }

    /** Throws the last archive away: there is no room for more than one, and nobody who is forgotten stays in it. */
    void clear() {
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
