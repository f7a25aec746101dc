package hiltboard.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A data file of the first version opens in this one, with everything that was kept in it. */
class MigrationTest {
    @TempDir
    Path folder;

    @Test
    void readings_and_mishaps_of_the_first_version_are_kept() throws SQLException {
        String data = "jdbc:sqlite:" + folder.resolve("shop.db");
        migrate(data, "1");
        try (Connection first = DriverManager.getConnection(data);
                Statement sql = first.createStatement()) {
            sql.executeUpdate(
                    "INSERT INTO person (id, name, sign_in_name, role, password_hash, length_unit, temperature_unit) "
                            + "VALUES (1, 'Olwen Tarr', 'olwen', 'OWNER', 'x', 'INCH', 'FAHRENHEIT')");
            sql.executeUpdate("INSERT INTO client (id, name, contact) VALUES (1, 'Petra Vale', '')");
            sql.executeUpdate(
                    "INSERT INTO job (id, number, client_id, title, use_words, promised_on, created_at_ms) VALUES (1, "
                            + "'001', 1, 'Herb knife', 'Herbs', '2026-12-01', 5)");
            sql.executeUpdate(
                    "INSERT INTO piece (id, job_id, position, pieces, specification, standing) VALUES (1, 1, 1, 1, "
                            + "'{\"construction\":\"FULL_TANG\"}', 'ALIVE')");
            sql.executeUpdate(
                    "INSERT INTO reading (piece_id, operation, dimension, kind, amount, typed, taken_at_ms, taken_by) "
                            + "VALUES (1, 'choose-stock', 'stock.thickness', 'LENGTH', '4140200', '.163', 7, 1)");
            sql.executeUpdate(
                    "INSERT INTO mishap (piece_id, operation, kind, words, way_back, reported_by, reported_at_ms) "
                            + "VALUES (1, 'harden', 'WARPED', 'to the left', 'HOLD', 1, 9)");
        }
        migrate(data, "latest");
        try (Connection now = DriverManager.getConnection(data);
                Statement sql = now.createStatement()) {
            assertThat(text(
                            sql,
                            "SELECT amount || ' ' || typed FROM reading WHERE piece_id = 1 AND struck_at_ms IS NULL"))
                    .isEqualTo("4140200 .163");
            assertThat(text(sql, "SELECT kind || ' ' || words || ' ' || way_back || ' ' || cost_minutes FROM mishap"))
                    .isEqualTo("WARPED to the left HOLD 0");
            assertThat(
                            text(
                                    sql,
                                    "SELECT heats || ' ' || is_spare || ' ' || for_whom || '.' FROM piece WHERE worn_conditions IS NULL"))
                    .isEqualTo("1 0 .");
            sql.executeUpdate(
                    "INSERT INTO reading (piece_id, operation, dimension, kind, amount, typed, taken_at_ms, taken_by) "
                            + "VALUES (1, 'harden', 'kiln.at-soak', 'TEMPERATURE', '815.5', '1500 F', 8, 1)");
            assertThat(text(sql, "SELECT count(*) FROM pragma_foreign_key_check"))
                    .isEqualTo("0");
        }
    }

    @Test
    @DisplayName("usual sizes that a form had rounded are exact again, whoever took the job: 5/32, 3/32 and 1/16 in")
    void rounded_usual_sizes_are_exact_again() throws SQLException {
        String data = "jdbc:sqlite:" + folder.resolve("shop.db");
        migrate(data, "6");
        try (Connection before = DriverManager.getConnection(data);
                Statement sql = before.createStatement()) {
            sql.executeUpdate("INSERT INTO client (id, name, contact) VALUES (1, 'Petra Vale', '')");
            sql.executeUpdate(
                    "INSERT INTO job (id, number, client_id, title, use_words, promised_on, created_at_ms) VALUES (1, "
                            + "'001', 1, 'Herb knife', 'Herbs', '2026-12-01', 5)");
            sql.executeUpdate(piece(1, "\"stockThickness\":\"3.97002 mm\",\"tipThickness\":\"2.38252 mm\""));
            sql.executeUpdate(piece(2, "\"stockThickness\":\"3.969 mm\",\"handleHollow\":\"1.588 mm\""));
            sql.executeUpdate(piece(3, "\"stockThickness\":\"4 mm\""));
            sql.executeUpdate(
                    "INSERT INTO revision (job_id, number, chosen, specification, words, kept_at_ms) VALUES (1, 1, "
                            + "'{\"plateThickness\":\"3.97002 mm\"}', '{\"plateThickness\":\"3.97002 mm\"}', '', 5)");
        }
        migrate(data, "latest");
        try (Connection now = DriverManager.getConnection(data);
                Statement sql = now.createStatement()) {
            assertThat(
                            text(
                                    sql,
                                    "SELECT group_concat(specification ->> 'stockThickness', ', ') FROM (SELECT * FROM piece ORDER BY id)"))
                    .isEqualTo("3.96875 mm, 3.96875 mm, 4 mm");
            assertThat(text(sql, "SELECT specification ->> 'tipThickness' FROM piece WHERE id = 1"))
                    .isEqualTo("2.38125 mm");
            assertThat(text(sql, "SELECT specification ->> 'handleHollow' FROM piece WHERE id = 2"))
                    .isEqualTo("1.5875 mm");
            assertThat(text(sql, "SELECT json_type(specification, '$.tipThickness') IS NULL FROM piece WHERE id = 3"))
                    .as("nothing is added")
                    .isEqualTo("1");
            assertThat(text(sql, "SELECT chosen || specification FROM revision"))
                    .isEqualTo("{\"plateThickness\":\"3.96875 mm\"}".repeat(2));
        }
    }

    @Test
    @DisplayName(
            "what a shop paid before amounts had a currency and prices a day is kept: 24.50 from the day it was set")
    void prices_amounts_kilns_and_commands() throws SQLException {
        String data = "jdbc:sqlite:" + folder.resolve("shop.db");
        migrate(data, "9");
        try (Connection before = DriverManager.getConnection(data);
                Statement sql = before.createStatement()) {
            sql.executeUpdate(
                    "INSERT INTO person (id, name, sign_in_name, role, password_hash, length_unit, temperature_unit) "
                            + "VALUES (1, 'Olwen Tarr', 'olwen', 'OWNER', 'x', 'INCH', 'FAHRENHEIT')");
            // 2026-11-27 at noon, UTC
            sql.executeUpdate("INSERT INTO price VALUES ('steel:1084', 2450, 1, 1795780800000)");
            sql.executeUpdate("INSERT INTO billet (id, name, steps, blades, blank_thickness_nm, blank_width_nm, "
                    + "blank_length_nm, paid_cents, version, changed_by, begun_at_ms) "
                    + "VALUES (1, 'Ladder', '[]', 2, 1, 1, 1, 11000, 1, 1, 5)");
            sql.executeUpdate("INSERT INTO kiln (id, name, watts, joules_per_k, watts_per_k, open_watts_per_k, lag_s, "
                    + "most_c, door_s, width_nm, height_nm, depth_nm, slots) "
                    + "VALUES (1, 'Long kiln', 3000, 1, 1, 1, 1, 1150, 20, 1, 1, 1, 6)");
            sql.executeUpdate(
                    "INSERT INTO journal (at_ms, origin, kind, words) VALUES (5, 'wall', 'NOTE_WRITTEN', '')");
            sql.executeUpdate("INSERT INTO command (id, person_id, sequence, about) VALUES ('early', 1, 1, 7)");
        }
        migrate(data, "latest");
        try (Connection now = DriverManager.getConnection(data);
                Statement sql = now.createStatement()) {
            assertThat(text(sql, "SELECT item || ' ' || valid_from || ' ' || amount FROM price_from"))
                    .isEqualTo("steel:1084 2026-11-27 2450");
            assertThat(text(sql, "SELECT paid FROM billet")).isEqualTo("11000");
            assertThat(text(sql, "SELECT controller || address FROM kiln")).isEqualTo("STAND_IN");
            assertThat(text(sql, "SELECT said || '.' FROM command")).isEqualTo(".");
        }
    }

    @Test
    @DisplayName("what a piece of an earlier version is, whose it is and what was done to it is known in this one")
    void state_and_belonging() throws SQLException {
        String data = "jdbc:sqlite:" + folder.resolve("shop.db");
        migrate(data, "7");
        try (Connection before = DriverManager.getConnection(data);
                Statement sql = before.createStatement()) {
            sql.executeUpdate(
                    "INSERT INTO person (id, name, sign_in_name, role, password_hash, length_unit, temperature_unit) VALUES (1, "
                            + "'Olwen Tarr', 'olwen', 'OWNER', 'x', 'INCH', 'FAHRENHEIT')");
            sql.executeUpdate("INSERT INTO client (id, name, contact) VALUES (1, 'Petra Vale', '')");
            sql.executeUpdate(
                    "INSERT INTO job (id, number, client_id, title, use_words, promised_on, created_at_ms) VALUES (1, '001', 1, "
                            + "'Herb knives', 'Herbs', '2026-12-01', 5)");
            sql.executeUpdate(piece(1, 5, "FULL_TANG", "ALIVE", "'Anna', 0", "'GLUED,TEMPERED', 50"));
            sql.executeUpdate(piece(2, 5, "SLIP_JOINT", "ALIVE", "'', 0", "'TEMPERED', 50"));
            sql.executeUpdate(piece(3, 5, "INTEGRAL", "ALIVE", "'the shop', 1", "NULL, NULL"));
            sql.executeUpdate(piece(4, 5, "FULL_TANG", "SCRAPPED", "'Bert', 0", "NULL, NULL"));
            sql.executeUpdate(piece(5, 5, "FULL_TANG", "HANDED_OVER", "'', 0", "NULL, NULL"));
            for (String step : new String[] {
                "1, 'glue-handle', 40", "2, 'glue-handle', 40", "3, 'forge-shape', 30", "5, 'finish-handle', 45"
            }) {
                sql.executeUpdate(
                        "INSERT INTO step (piece_id, operation, done_at_ms, standing, started_at_ms, started_by, done_by) "
                                + "VALUES (" + step + ", 'DONE', 20, 1, 1)");
            }
            sql.executeUpdate(
                    "INSERT INTO mishap (piece_id, operation, kind, words, way_back, reported_by, reported_at_ms) VALUES (1, "
                            + "'pull-handle', 'HANDLE_STUCK', '', 'GO_ON', 1, 9)");
        }
        migrate(data, "latest");
        try (Connection now = DriverManager.getConnection(data);
                Statement sql = now.createStatement()) {
            assertThat(text(sql, "SELECT worn_conditions FROM piece WHERE id = 1"))
                    .as("its handle is on")
                    .isEqualTo("GLUED,TEMPERED,HANDLED");
            assertThat(text(sql, "SELECT worn_conditions FROM piece WHERE id = 2"))
                    .as("covers are glued, the folder is open")
                    .isEqualTo("TEMPERED");
            assertThat(text(sql, "SELECT group_concat(for_whom || ':' || coalesce(piece_id, 0), ', ') FROM ordered"))
                    .as("the spare is ordered by nobody, the scrapped one waits for another")
                    .isEqualTo("Anna:1, :2, :5, Bert:0");
            assertThat(text(sql, "SELECT for_whom || is_spare FROM piece WHERE id = 3"))
                    .isEqualTo("the shop1");
            assertThat(text(
                            sql,
                            "SELECT standing || done_at_ms FROM step WHERE piece_id = 5 AND operation = 'sand-handle'"))
                    .isEqualTo("DONE45");
            assertThat(text(
                            sql,
                            "SELECT standing || done_at_ms FROM step WHERE piece_id = 3 AND operation = 'forge-tang'"))
                    .isEqualTo("DONE30");
            assertThat(text(sql, "SELECT kind || way_back FROM mishap")).isEqualTo("HANDLE_STUCKGO_ON");
            assertThat(text(sql, "SELECT kind FROM job")).isEqualTo("COMMISSION");
            assertThat(text(sql, "SELECT count(*) FROM pragma_foreign_key_check"))
                    .isEqualTo("0");
        }
    }

    @Test
    @DisplayName(
            "steps that came onto the routes are done where the work after them was done, and wait where it was not")
    void steps_that_are_taught_now() throws SQLException {
        String data = "jdbc:sqlite:" + folder.resolve("shop.db");
        migrate(data, "8");
        try (Connection before = DriverManager.getConnection(data);
                Statement sql = before.createStatement()) {
            sql.executeUpdate(
                    "INSERT INTO person (id, name, sign_in_name, role, password_hash, length_unit, temperature_unit) VALUES (1, "
                            + "'Olwen Tarr', 'olwen', 'OWNER', 'x', 'INCH', 'FAHRENHEIT')");
            sql.executeUpdate("INSERT INTO client (id, name, contact) VALUES (1, 'Petra Vale', '')");
            sql.executeUpdate(
                    "INSERT INTO job (id, number, client_id, title, use_words, promised_on, created_at_ms) VALUES (1, '001', 1, "
                            + "'Herb knives', 'Herbs', '2026-12-01', 5)");
            for (String construction : new String[] {"FULL_TANG", "HIDDEN_TANG", "MACHINED"}) {
                int id = construction.length();
                sql.executeUpdate("INSERT INTO piece (id, job_id, position, pieces, specification, standing) VALUES ("
                        + id + ", 1, " + id + ", 12, '{\"construction\":\"" + construction
                        + "\",\"fastening\":\"PINS\"}', 'ALIVE')");
            }
            for (String step : new String[] {
                "9, 'number-piece', 10",
                "9, 'glue-handle', 40",
                "9, 'last-check', 60",
                "11, 'finish-grind', 30",
                "8, 'profile', 20"
            }) {
                sql.executeUpdate(
                        "INSERT INTO step (piece_id, operation, done_at_ms, standing, started_at_ms, started_by, done_by) "
                                + "VALUES (" + step + ", 'DONE', 5, 1, 1)");
            }
        }
        migrate(data, "latest");
        try (Connection now = DriverManager.getConnection(data);
                Statement sql = now.createStatement()) {
            assertThat(text(
                            sql,
                            "SELECT group_concat(operation || ':' || done_at_ms, ', ') FROM (SELECT * FROM step WHERE piece_id = 9 "
                                    + "ORDER BY done_at_ms, operation)"))
                    .isEqualTo(
                            "number-piece:10, punch-number:10, cut-pins:40, glue-handle:40, true-tang:40, cutting-test:60, "
                                    + "last-check:60, strop:60");
            assertThat(text(sql, "SELECT group_concat(operation) FROM step WHERE piece_id = 11"))
                    .as("nothing that is still to come")
                    .isEqualTo("finish-grind");
            assertThat(
                            text(
                                    sql,
                                    "SELECT group_concat(operation) FROM (SELECT * FROM step WHERE piece_id = 8 ORDER BY operation)"))
                    .isEqualTo("profile,ream-dowels");
        }
    }

    private static String piece(
            int position, int pieces, String construction, String standing, String whose, String worn) {
        return "INSERT INTO piece (id, job_id, position, pieces, specification, standing, for_whom, is_spare, worn_conditions, "
                + "worn_since_ms) VALUES (" + position + ", 1, " + position + ", " + pieces
                + ", '{\"construction\":\"" + construction + "\"}', '" + standing + "', " + whose + ", " + worn + ")";
    }

    private static String piece(int position, String sizes) {
        return "INSERT INTO piece (job_id, position, pieces, specification, standing) VALUES (1, " + position
                + ", 3, '{\"construction\":\"FULL_TANG\"," + sizes + "}', 'ALIVE')";
    }

    private static void migrate(String data, String target) {
        Flyway.configure()
                .dataSource(data, "", "")
                .locations("classpath:db/migration")
                .target(target)
                .load()
                .migrate();
    }

    private static String text(Statement sql, String query) throws SQLException {
        try (ResultSet rows = sql.executeQuery(query)) {
            assertThat(rows.next()).isTrue();
            return rows.getString(1);
        }
    }
}
