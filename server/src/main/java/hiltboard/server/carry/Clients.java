package hiltboard.server.carry;

import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;

/** Of whom and of what something can be taken along, and the forgetting of a client. */
@Repository
class Clients {
    private static final String ANYBODY = "the client";
    /** A shorter word of a name may be any word. */
    private static final int SHORTEST = 3;

    private static final Set<String> NO_NAMES = Set.of("The", "the", "and", "Mrs", "Miss", "von", "van", "der", "für");
    private static final int SHORTEST_CONTACT = 5;

    private final JdbcTemplate data;
    private final ShopClock clock;

    Clients(JdbcTemplate data, ShopClock clock) {
        this.data = data;
        this.clock = clock;
    }

    /**
     * A client of the shop.
     *
     * @param jobs their numbers
     * @param living how many of their pieces are still being made
     */
    record Client(long id, String name, String contact, List<String> jobs, int living, boolean isForgotten) {}

    /** A job by which it is chosen. */
    record JobLine(long id, String words) {}

    /** Every job, the newest first. */
    List<JobLine> jobs() {
        return data.query(
                "SELECT job.id, number || ' ' || title || ', ' || client.name AS words FROM job "
                        + "JOIN client ON client.id = client_id ORDER BY job.id DESC",
                (row, number) -> new JobLine(row.getLong("id"), row.getString("words")));
    }

    /** Everybody who asked for something, by name; the shop itself is no client. */
    List<Client> all() {
        return data.query(
                """
                SELECT client.id, client.name, contact, forgotten_at_ms,
                    (SELECT group_concat(number, ' ') FROM (SELECT number FROM job WHERE client_id = client.id ORDER BY id)) AS jobs,
                    (SELECT count(*) FROM piece JOIN job ON job.id = job_id WHERE client_id = client.id AND standing = 'ALIVE') AS living
                FROM client WHERE EXISTS (SELECT 1 FROM job WHERE client_id = client.id AND kind IN ('COMMISSION', 'GIFT'))
                ORDER BY forgotten_at_ms IS NOT NULL, client.name COLLATE NOCASE, client.id
                """,
                (row, number) -> new Client(
                        row.getLong("id"),
                        row.getString("name"),
                        row.getString("contact"),
                        List.of(row.getString("jobs").split(" ")),
                        row.getInt("living"),
                        row.getObject("forgotten_at_ms") != null));
    }

    /** Somebody who is not forgotten. @throws Refusal if there is nobody */
    Client one(long id) {
        return all().stream()
                .filter(each -> each.id() == id && !each.isForgotten())
                .findFirst()
                .orElseThrow(() -> Refusal.notThere("There is no such client any more."));
    }

    /**
     * Takes name and contact out of everything that belongs to a client's jobs; part of a change. The record of the
     * knives stays.
     *
     * @param words whether single words of the name go too, from free words: Hunter may be a name, or a knife
     * @return who they were
     * @throws Refusal if something of theirs is still being made, or they are forgotten already
     */
    Client forget(long id, boolean words) {
        Client client = one(id);
        if (client.living() > 0) {
            throw Refusal.outOfTurn("Something is still being made for " + client.name()
                    + ": who is forgotten cannot be told when it is ready. Hand it over first.");
        }
        data.update("UPDATE client SET forgotten_at_ms = ? WHERE id = ?", clock.nowMillis(), id);
        data.update(
                "UPDATE client_link SET withdrawn_at_ms = coalesce(withdrawn_at_ms, ?) WHERE revision_id IN "
                        + "(SELECT revision.id FROM revision JOIN job ON job.id = job_id WHERE client_id = ?)",
                clock.nowMillis(),
                id);
        data.execute((ConnectionCallback<Boolean>) connection -> new Forgetting(connection, client, words).isDone());
        return client;
    }

    /** A text as it is, and as it would be. */
    record Change(String thing, String before, String after) {}

    /** What {@link #forget} would change; nothing is. */
    List<Change> forgetting(long id, boolean words) {
        Client client = one(id);
        return Optional.ofNullable(data.execute((ConnectionCallback<List<Change>>)
                        connection -> new Forgetting(connection, client, words).changes()))
                .orElseThrow();
    }

    /** Goes through everything that is part of a client. */
    private static final class Forgetting {
        private final Connection connection;
        private final Client client;
        private final Scope scope;
        /** Anywhere. */
        private final Pattern whole;
        /** Only in free words: among the answers of a specification, Ash is a wood. */
        private final Pattern parts;

        Forgetting(Connection connection, Client client, boolean words) throws SQLException {
            this.connection = connection;
            this.client = client;
            this.scope = Scope.one(Things.CLIENTS, client.id());
            List<String> names = new ArrayList<>(givenNames());
            names.add(0, client.name());
            this.whole = anyOf(Stream.concat(names.stream(), contacts()));
            this.parts = anyOf(Stream.concat(
                    Stream.concat(names.stream(), contacts()),
                    (words ? names.stream() : Stream.<String>empty())
                            .flatMap(name -> Stream.of(name.split("[\\s,;]+")))
                            .filter(word -> word.length() >= SHORTEST && !NO_NAMES.contains(word))));
        }

        private Stream<String> contacts() {
            return Stream.concat(
                    Stream.concat(
                            Stream.of(client.contact()),
                            Stream.of(client.contact().split("[,;]"))),
                    Stream.of(client.contact().split("[\\s,;]+"))
                            .filter(word -> word.matches(".*[@\\d].*") && word.length() >= SHORTEST_CONTACT));
        }

        /** As they signed on their pages. */
        private List<String> givenNames() throws SQLException {
            List<String> names = new ArrayList<>();
            for (String signed : List.of("approvals", "clientWishes")) {
                Thing thing = Things.named(signed);
                try (Statement sql = connection.createStatement();
                        ResultSet row = sql.executeQuery("SELECT given_name FROM " + thing.table()
                                + scope.rows(thing, connection).orElseThrow())) {
                    while (row.next()) {
                        names.add(row.getString(1));
                    }
                }
            }
            return names;
        }

        /** The longest first, so that nothing of a name stays. */
        private static Pattern anyOf(Stream<String> words) {
            return Pattern.compile(words.map(String::strip)
                    .filter(word -> !word.isEmpty() && !word.equals(ANYBODY))
                    .distinct()
                    .sorted((one, other) -> other.length() - one.length())
                    .map(word -> "(?<![\\p{L}\\p{N}])" + Pattern.quote(word) + "(?![\\p{L}\\p{N}])")
                    .collect(Collectors.joining("|")));
        }

        boolean isDone() throws SQLException {
            try (Statement sql = connection.createStatement()) {
                // What is taken out does not stay in the file's free places.
                sql.execute("PRAGMA secure_delete = ON");
            }
            for (Thing thing : within()) {
                for (Map.Entry<Long, List<Text>> row : changed(thing).entrySet()) {
                    write(thing, row.getKey(), row.getValue());
                }
            }
            return true;
        }

        List<Change> changes() throws SQLException {
            List<Change> changes = new ArrayList<>();
            for (Thing thing : within()) {
                changed(thing).values().stream()
                        .flatMap(List::stream)
                        .map(text -> new Change(thing.name(), text.before(), text.after()))
                        .forEach(changes::add);
            }
            return changes;
        }

        private List<Thing> within() throws SQLException {
            List<Thing> within = new ArrayList<>();
            for (Thing thing : Things.ALL) {
                if (!thing.name().equals(Things.PEOPLE)
                        && scope.rows(thing, connection).isPresent()) {
                    within.add(thing);
                }
            }
            return within;
        }

        private record Text(Column column, String before, String after) {}

        /** By their rows, the texts that have something of the client in them. */
        private Map<Long, List<Text>> changed(Thing thing) throws SQLException {
            List<Column> columns = Column.of(thing, connection).stream()
                    .filter(column -> column.kind() == ColumnKind.TEXT || column.kind() == ColumnKind.JSON_VALUE)
                    .toList();
            Map<Long, List<Text>> changed = new LinkedHashMap<>();
            try (Statement sql = connection.createStatement();
                    ResultSet row = sql.executeQuery("SELECT rowid AS hilt_row, * FROM " + thing.table()
                            + scope.rows(thing, connection).orElseThrow())) {
                while (row.next()) {
                    List<Text> texts = new ArrayList<>();
                    for (Column column : columns) {
                        String before =
                                Optional.ofNullable(row.getString(column.sql())).orElse("");
                        String after = without(thing, column, before);
                        if (!after.equals(before)) {
                            texts.add(new Text(column, before, after));
                        }
                    }
                    if (!texts.isEmpty()) {
                        changed.put(row.getLong("hilt_row"), texts);
                    }
                }
            }
            return changed;
        }

        private String without(Thing thing, Column column, String before) {
            if (thing.name().equals(Things.CLIENTS)) {
                return column.name().equals("name") ? "Client of " + String.join(", ", client.jobs()) : "";
            }
            return switch (column.name()) {
                // Somebody else's name, whom the client gave it to.
                case "forWhom" -> "";
                case "recipient" -> "";
                case "givenName" -> before.isEmpty() ? "" : ANYBODY;
                default ->
                    (column.kind() == ColumnKind.JSON_VALUE ? whole : parts)
                            .matcher(before)
                            .replaceAll(Matcher.quoteReplacement(ANYBODY));
            };
        }

        private void write(Thing thing, long row, List<Text> texts) throws SQLException {
            try (PreparedStatement sql = connection.prepareStatement("UPDATE " + thing.table() + " SET "
                    + texts.stream().map(text -> text.column().sql() + " = ?").collect(Collectors.joining(", "))
                    + " WHERE rowid = ?")) {
                for (int i = 0; i < texts.size(); i++) {
                    sql.setString(i + 1, texts.get(i).after());
                }
                sql.setLong(texts.size() + 1, row);
                sql.executeUpdate();
            }
        }
    }
}
