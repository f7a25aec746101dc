package hiltboard.server.carry;

import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.data.UnusableData;
import hiltboard.server.job.JobFile;
import hiltboard.server.job.Photograph;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.material.Specifications;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Takes one job of another shop in, with numbers of this one. Its journal stays in the archive: what was done is in the
 * job's own record, and this shop's journal tells of this shop.
 */
@Repository
class JobIn {
    private static final int LONGEST_TEXT = 20_000;
    private static final int MOST_LINES = 5_000;

    private static final Set<String> SPECIFICATIONS = Set.of("specification", "chosen");
    private static final TypeReference<Map<String, String>> ENTRIES = new TypeReference<>() {};

    private final JdbcTemplate data;
    private final Specifications specifications;
    private final JsonMapper json;
    private final PieceFiles files;
    private final ShopClock clock;

    JobIn(JdbcTemplate data, Specifications specifications, JsonMapper json, PieceFiles files, ShopClock clock) {
        this.data = data;
        this.specifications = specifications;
        this.json = json;
        this.files = files;
        this.clock = clock;
    }

    /**
     * Writes the job; part of a change.
     *
     * @throws UnusableData in one sentence, with file and line, if the archive is not good
     * @throws Refusal if it holds no single job
     */
    JobFile take(Archive archive, Person person) {
        if (!archive.manifest().of().equals(Things.JOBS)) {
            throw Refusal.entry(
                    "file", "", "This archive holds no single job", "one that was written with “one job” in a shop");
        }
        Long job = data.execute((ConnectionCallback<Long>) connection -> new Taking(connection, archive, person).job());
        try {
            JobFile taken = files.openJob(Optional.ofNullable(job).orElseThrow());
            taken.pieces().forEach(piece -> files.open(piece.id()).progress());
            return taken;
        } catch (RuntimeException unreadable) {
            throw new UnusableData("The steps or readings of this job are not known here.");
        }
    }

    /** A knife that cannot be drawn would shut every page that it is on. */
    private void mustBeKnownHere(Column column, Object value) {
        if (SPECIFICATIONS.contains(column.sql())) {
            try {
                specifications.restore(json.readValue(value.toString(), ENTRIES));
            } catch (RuntimeException unknown) {
                throw new UnusableData("“" + column.name() + "” is specified in a way that is not known here");
            }
        }
    }

    /** One archive on its way in. */
    private final class Taking {
        private final Connection connection;
        private final Archive archive;
        private final Person person;
        /** The numbers that rows have here, by table and by their numbers there. */
        private final Map<String, Map<Long, Long>> here = new HashMap<>();

        Taking(Connection connection, Archive archive, Person person) {
            this.connection = connection;
            this.archive = archive;
            this.person = person;
        }

        long job() throws SQLException {
            Scope scope = Scope.one(Things.JOBS, 0);
            for (Thing thing : Things.ALL) {
                // Whatever else is in the archive: nothing but a job comes in.
                if (scope.rows(thing, connection).isPresent() && !thing.name().equals(Things.JOURNAL)) {
                    mustBeOfOneJob(thing);
                    take(thing);
                }
            }
            return here.get(Things.named(Things.JOBS).table())
                    .values()
                    .iterator()
                    .next();
        }

        private void mustBeOfOneJob(Thing thing) {
            long lines = archive.count(thing);
            boolean isOne = thing.name().equals(Things.JOBS) || thing.name().equals(Things.CLIENTS);
            if (isOne ? lines != 1 : lines > MOST_LINES) {
                throw new UnusableData(thing.name() + ".jsonl has " + lines + " lines, which is not one job's.");
            }
        }

        private void take(Thing thing) throws SQLException {
            Map<Long, Long> numbers = here.computeIfAbsent(thing.table(), table -> new HashMap<>());
            try (Inserts inserts = new Inserts(connection, thing, archive)) {
                archive.lines(thing, line -> {
                    if (thing.name().equals(Things.PEOPLE)) {
                        numbers.put(number(line), person(text(line, "name")));
                    } else {
                        Map<Column, Object> values = new LinkedHashMap<>(inserts.values(line));
                        Optional<Long> there = ownNumber(values);
                        Optional<Long> known = thing.name().equals(Things.CLIENTS)
                                ? client(text(line, "name"), text(line, "contact"))
                                : Optional.empty();
                        if (known.isEmpty()) {
                            insert(thing, inserts, values);
                        }
                        long number = known.isPresent() ? known.get() : lastNumber();
                        there.ifPresent(each -> numbers.put(each, number));
                    }
                });
            }
        }

        private void insert(Thing thing, Inserts inserts, Map<Column, Object> values) throws SQLException {
            values.keySet().removeIf(column -> isOwnNumber(column) || isDanglingHere(column, values.get(column)));
            values.replaceAll(this::here);
            values.forEach(JobIn.this::mustBeKnownHere);
            if (thing.name().equals(Things.JOBS)) {
                values.replaceAll((column, value) -> column.sql().equals("number") ? next() : value);
            }
            if (values.keySet().stream().anyMatch(column -> column.kind() == ColumnKind.FILE)) {
                seenAnew(values);
            }
            if (thing.name().equals("clientLinks")) {
                withdrawn(inserts, values);
            }
            inserts.write(values);
        }

        private static boolean isOwnNumber(Column column) {
            return column.sql().equals("id");
        }

        private static Optional<Long> ownNumber(Map<Column, Object> values) {
            return values.entrySet().stream()
                    .filter(value -> isOwnNumber(value.getKey()))
                    .map(value -> (Long) value.getValue())
                    .findFirst();
        }

        /** A reference to what did not come along is left out where it can be. */
        private boolean isDanglingHere(Column column, Object value) {
            return column.table().isPresent() && !column.isNeeded() && !isKnown(column, value);
        }

        private boolean isKnown(Column column, Object value) {
            return here.getOrDefault(column.table().orElseThrow(), Map.of()).containsKey((Long) value);
        }

        private Object here(Column column, Object value) {
            if (column.table().isPresent()) {
                if (!isKnown(column, value)) {
                    throw new UnusableData("“" + column.name() + "” names what is not in the archive");
                }
                return here.get(column.table().get()).get((Long) value);
            }
            if (column.sql().equals("version")) {
                return 0L;
            }
            if (value instanceof String text && text.length() > LONGEST_TEXT) {
                throw new UnusableData("“" + column.name() + "” is too long");
            }
            return value;
        }

        /** A picture of strangers is read as one that is brought by hand: what it is is seen, not believed. */
        private void seenAnew(Map<Column, Object> values) {
            byte[] original = (byte[]) values.entrySet().stream()
                    .filter(value -> value.getKey().sql().equals("original"))
                    .findFirst()
                    .orElseThrow()
                    .getValue();
            Photograph seen = Photograph.of(original);
            values.replaceAll((column, value) -> switch (column.sql()) {
                case "media_type" -> seen.mediaType();
                case "thumbnail" -> seen.thumbnail();
                default -> value;
            });
        }

        /** Nobody has its new address. */
        private void withdrawn(Inserts inserts, Map<Column, Object> values) {
            inserts.columns().stream()
                    .filter(column -> column.sql().equals("withdrawn_at_ms"))
                    .forEach(column -> values.putIfAbsent(column, clock.nowMillis()));
        }

        private static long number(ObjectNode line) {
            return (Long) ColumnKind.WHOLE.in(line.path("id"));
        }

        private static String text(ObjectNode line, String name) {
            String text = (String) ColumnKind.TEXT.in(line.path(name));
            if (text.length() > LONGEST_TEXT) {
                throw new UnusableData("“" + name + "” is too long");
            }
            return text;
        }

        /** Whoever is called so here, or somebody who has never been here and whose name stays on what they did. */
        private long person(String name) throws SQLException {
            Optional<Long> known =
                    one("SELECT id FROM person WHERE name = ? ORDER BY gone_at_ms IS NOT NULL, id LIMIT 1", name);
            if (known.isPresent()) {
                return known.get();
            }
            return one(
                            "INSERT INTO person (name, sign_in_name, role, password_hash, length_unit, temperature_unit, gone_at_ms) "
                                    + "VALUES (?, ?, 'MAKER', '" + NewShop.NO_PASSWORD + "', ?, ?, ?) RETURNING id",
                            name,
                            "elsewhere-" + UUID.randomUUID(),
                            person.units().length().name(),
                            person.units().temperature().name(),
                            clock.nowMillis())
                    .orElseThrow();
        }

        private Optional<Long> client(String name, String contact) throws SQLException {
            return one(
                    "SELECT id FROM client WHERE name = ? AND contact = ? AND forgotten_at_ms IS NULL ORDER BY id LIMIT 1",
                    name,
                    contact);
        }

        /** Jobs are numbered through: the number that it had elsewhere may be another's here, or will be. */
        private String next() {
            try {
                return String.format(
                        Locale.ROOT, "%03d", one("SELECT count(*) + 1 FROM job").orElseThrow());
            } catch (SQLException failure) {
                throw new IllegalStateException(failure);
            }
        }

        private long lastNumber() throws SQLException {
            return one("SELECT last_insert_rowid()").orElseThrow();
        }

        private Optional<Long> one(String question, Object... values) throws SQLException {
            try (PreparedStatement sql = connection.prepareStatement(question)) {
                List<Object> given = List.of(values);
                for (int i = 0; i < given.size(); i++) {
                    sql.setObject(i + 1, given.get(i));
                }
                try (ResultSet row = sql.executeQuery()) {
                    return row.next() ? Optional.of(row.getLong(1)) : Optional.empty();
                }
            }
        }
    }
}
