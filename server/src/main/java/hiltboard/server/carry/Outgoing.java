package hiltboard.server.carry;

import hiltboard.server.Table;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.LongConsumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Writes a scope as a zip of open files, as it is in one transaction. */
final class Outgoing {
    /** How files are called of what kinds of pictures and papers the shop takes. */
    static final Map<String, String> ENDINGS = Map.of(
            "image/jpeg", "jpg",
            "image/png", "png",
            "image/gif", "gif",
            "image/bmp", "bmp",
            "application/pdf", "pdf");

    private static final String READ_ME = """
            What is here, in files that any program can read
            ------------------------------------------------
            shop.json      what this is, when it was written, and how many lines each file has
            *.jsonl        one thing on each line, in JSON (https://jsonlines.org), UTF-8
            schema.json    what stands on those lines, as JSON Schema
            csv/           the same as tables for a spreadsheet; an apostrophe stands before what it
                           would take for a formula; pictures and long curves are not in them
            pictures/      photographs, sketches and papers as they came in, and small ones of them
            drawings/      the pieces at 1:1, as SVG

            Lengths are millimetres, temperatures degrees Celsius, moments UTC; schema.json says
            where an amount is counted otherwise.

            What opens a door is not here: no passwords, no addresses of clients' pages.
            """;

    private final Connection data;
    private final Scope scope;
    private final JsonMapper json;
    private final ZipOutputStream zip;
    private final LongConsumer progress;
    private long done;

    /** @param progress is told how much is written, of {@link #ahead}; what it throws ends the writing */
    Outgoing(Connection data, Scope scope, JsonMapper json, OutputStream out, LongConsumer progress) {
        this.data = data;
        this.scope = scope;
        this.json = json;
        this.zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        this.progress = progress;
    }

    /** A drawing, and the file that it stands in. */
    record Drawn(String name, String svg) {}

    /**
     * Counts what goes out.
     *
     * @return how many lines there are of each thing
     */
    static Map<String, Long> count(Connection data, Scope scope) throws SQLException {
        Map<String, Long> counts = new LinkedHashMap<>();
        for (Thing thing : Things.ALL) {
            Optional<String> rows = scope.rows(thing, data);
            if (rows.isPresent()) {
                try (Statement sql = data.createStatement();
                        ResultSet row = sql.executeQuery("SELECT count(*) FROM " + thing.table() + rows.get())) {
                    counts.put(thing.name(), row.getLong(1));
                }
            }
        }
        return counts;
    }

    /** How much there is to be written: each line and each line of a table, and about as many drawings as pieces. */
    static long ahead(Map<String, Long> counts) {
        return 2 * counts.values().stream().mapToLong(Long::longValue).sum() + counts.getOrDefault(Things.PIECES, 0L);
    }

    /** @throws CancellationException or whatever else the progress throws, in the middle of the zip */
    void write(String name, Instant now, Map<String, Long> counts, Iterable<Drawn> drawings)
            throws SQLException, IOException {
        text(
                Manifest.FILE,
                json.writerWithDefaultPrettyPrinter()
                                .writeValueAsString(new Manifest(
                                        Manifest.FORMAT,
                                        Manifest.VERSION,
                                        scope.root().map(Thing::name).orElse(Manifest.SHOP),
                                        name,
                                        now.toString(),
                                        counts))
                        + "\n");
        text("READ ME.txt", READ_ME);
        text(Published.FILE, Published.schema(data, json));
        for (Thing thing : Things.ALL) {
            if (counts.containsKey(thing.name())) {
                List<Column> columns = scope.columns(thing, data);
                lines(thing, columns);
                table(thing, columns);
                files(thing, columns);
            }
        }
        for (Drawn drawn : drawings) {
            progress.accept(++done);
            text("drawings/" + drawn.name(), drawn.svg());
        }
        zip.finish();
    }

    private void text(String name, String words) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(words.getBytes(StandardCharsets.UTF_8));
        zip.closeEntry();
    }

    private void lines(Thing thing, List<Column> columns) throws SQLException, IOException {
        zip.putNextEntry(new ZipEntry(thing.name() + ".jsonl"));
        each(thing, columns, row -> {
            ObjectNode line = json.createObjectNode();
            for (Column column : columns) {
                value(thing, column, row).ifPresent(value -> line.set(column.name(), value));
            }
            zip.write(json.writeValueAsBytes(line));
            zip.write('\n');
            progress.accept(++done);
        });
        zip.closeEntry();
    }

    private void table(Thing thing, List<Column> columns) throws SQLException, IOException {
        List<Column> shown = columns.stream()
                .filter(column -> column.kind() != ColumnKind.CURVE)
                .toList();
        zip.putNextEntry(new ZipEntry("csv/" + thing.name() + ".csv"));
        Writer writer = new OutputStreamWriter(zip, StandardCharsets.UTF_8);
        Table.Lines csv = Table.to(writer);
        csv.writeRecord(shown.stream().map(Column::name).toList());
        each(thing, shown, row -> {
            List<String> cells = new ArrayList<>();
            for (Column column : shown) {
                cells.add(value(thing, column, row)
                        .map(value -> value.isContainer() ? value.toString() : value.asString())
                        .orElse(""));
            }
            csv.writeRecord(cells);
            progress.accept(++done);
        });
        writer.flush();
        zip.closeEntry();
    }

    private void files(Thing thing, List<Column> columns) throws SQLException, IOException {
        for (Column column : columns) {
            if (column.kind() == ColumnKind.FILE) {
                try (Statement sql = data.createStatement();
                        ResultSet row = sql.executeQuery("SELECT id, media_type, " + column.sql() + " FROM "
                                + thing.table() + scope.rows(thing, data).orElseThrow() + " ORDER BY id")) {
                    while (row.next()) {
                        progress.accept(++done);
                        zip.putNextEntry(new ZipEntry(file(thing, column, row)));
                        zip.write(row.getBytes(column.sql()));
                        zip.closeEntry();
                    }
                }
            }
        }
    }

    private void each(Thing thing, List<Column> columns, Row what) throws SQLException, IOException {
        String wanted = String.join(
                ", ",
                columns.stream()
                        .map(column -> column.kind() == ColumnKind.FILE
                                ? column.sql() + " IS NOT NULL AS " + column.sql()
                                : column.sql())
                        .toList());
        try (Statement sql = data.createStatement();
                ResultSet row = sql.executeQuery("SELECT " + wanted + " FROM " + thing.table()
                        + scope.rows(thing, data).orElseThrow() + " ORDER BY rowid")) {
            while (row.next()) {
                what.take(row);
            }
        }
    }

    private Optional<JsonNode> value(Thing thing, Column column, ResultSet row) throws SQLException {
        if (row.getObject(column.sql()) == null) {
            return Optional.empty();
        }
        return Optional.of(
                column.kind() == ColumnKind.FILE
                        ? json.getNodeFactory().stringNode(file(thing, column, row))
                        : column.kind().out(row, column.sql(), json));
    }

    private static String file(Thing thing, Column column, ResultSet row) throws SQLException {
        boolean isOriginal = column.sql().equals("original");
        return "pictures/" + thing.name() + "-" + row.getLong("id")
                + (isOriginal ? "." + ENDINGS.getOrDefault(row.getString("media_type"), "bin") : "-small.jpg");
    }

    @FunctionalInterface
    private interface Row {
        void take(ResultSet row) throws SQLException, IOException;
    }
}
