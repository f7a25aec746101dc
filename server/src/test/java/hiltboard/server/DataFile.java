package hiltboard.server;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

/** A shop's file of data without its program: an owner, and a job of two pieces. */
public abstract class DataFile {
    @TempDir
    Path folder;

    protected Connection data;
    protected Statement sql;

    @BeforeEach
    void open() throws SQLException {
        String file = "jdbc:sqlite:" + folder.resolve("shop.db");
        Flyway.configure()
                .dataSource(file, "", "")
                .locations("classpath:db/migration")
                .load()
                .migrate();
        data = DriverManager.getConnection(file);
        sql = data.createStatement();
        sql.executeUpdate("PRAGMA foreign_keys=ON");
        sql.executeUpdate(
                "INSERT INTO person (id, name, sign_in_name, role, password_hash, length_unit, temperature_unit) "
                        + "VALUES (1, 'Olwen Tarr', 'olwen', 'OWNER', 'x', 'INCH', 'FAHRENHEIT')");
        sql.executeUpdate("INSERT INTO client (id, name, contact) VALUES (1, 'Petra Vale', '')");
        sql.executeUpdate(
                "INSERT INTO job (id, number, client_id, title, use_words, promised_on, created_at_ms) VALUES (1, "
                        + "'001', 1, 'Herb knife', 'Herbs', '2026-12-01', 5)");
        sql.executeUpdate(
                "INSERT INTO piece (id, job_id, position, pieces, specification, standing) VALUES (1, 1, 1, 2, "
                        + "'{}', 'ALIVE'), (2, 1, 2, 2, '{}', 'ALIVE')");
    }

    @AfterEach
    void close() throws SQLException {
        data.close();
    }

    protected Path folder() {
        return folder;
    }

    /** What a question with one number for its answer answers. */
    protected long number(String question) throws SQLException {
        try (ResultSet row = sql.executeQuery(question)) {
            return row.getLong(1);
        }
    }
}
