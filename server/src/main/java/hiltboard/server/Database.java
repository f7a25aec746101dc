package hiltboard.server;

import com.zaxxer.hikari.HikariDataSource;
import hiltboard.server.StartFailure.UnreadableData;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.flyway.autoconfigure.FlywayDataSource;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.datasource.LazyConnectionDataSourceProxy;
import org.springframework.jdbc.support.SQLExceptionTranslator;
import org.springframework.jdbc.support.SQLStateSQLExceptionTranslator;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteDataSource;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/** The shop's one file of data: one writer, a few readers. Read-only transactions go to the readers. */
@Configuration(proxyBeanMethods = false)
class Database {
    private static final int READERS = 4;
    private static final int BUSY_TIMEOUT_MS = 10_000;

    @Bean
    @FlywayDataSource
    HikariDataSource writer(@Value("${hilt.data}") Path folder) {
        SQLiteConfig config = configuration();
        config.setTransactionMode(SQLiteConfig.TransactionMode.IMMEDIATE);
        Path file = file(folder);
        makeReadable(file);
        return pool("writer", 1, new SQLiteDataSource(config), file);
    }

    @Bean
    HikariDataSource readers(@Value("${hilt.data}") Path folder, @Qualifier("writer") HikariDataSource writerFirst) {
        HikariDataSource readers = pool("readers", READERS, new SQLiteDataSource(configuration()), file(folder));
        readers.setConnectionInitSql("PRAGMA query_only = ON");
        return readers;
    }

    @Bean
    @Primary
    DataSource dataSource(
            @Qualifier("writer") HikariDataSource writer, @Qualifier("readers") HikariDataSource readers) {
        LazyConnectionDataSourceProxy proxy = new LazyConnectionDataSourceProxy();
        proxy.setTargetDataSource(writer);
        proxy.setReadOnlyDataSource(readers);
        proxy.setDefaultAutoCommit(true);
        proxy.setDefaultTransactionIsolation(Connection.TRANSACTION_SERIALIZABLE);
        return proxy;
    }

    @Bean
    TransactionTemplate transactions(PlatformTransactionManager manager) {
        return new TransactionTemplate(manager);
    }

    /** SQLite reports by its own codes, which Spring does not know. */
    @Bean
    SQLExceptionTranslator translator() {
        SQLStateSQLExceptionTranslator otherwise = new SQLStateSQLExceptionTranslator();
        return (task, sql, failure) -> {
            if (failure instanceof SQLiteException sqlite) {
                String message = task + ": " + sqlite.getMessage();
                int code = sqlite.getResultCode().code & 0xff;
                if (code == SQLiteErrorCode.SQLITE_CONSTRAINT.code) {
                    return new DataIntegrityViolationException(message, failure);
                }
                if (code == SQLiteErrorCode.SQLITE_BUSY.code) {
                    return new ConcurrencyFailureException(message, failure);
                }
            }
            return otherwise.translate(task, sql, failure);
        };
    }

    private static SQLiteConfig configuration() {
        SQLiteConfig config = new SQLiteConfig();
        config.setJournalMode(SQLiteConfig.JournalMode.WAL);
        config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
        config.enforceForeignKeys(true);
        config.setBusyTimeout(BUSY_TIMEOUT_MS);
        return config;
    }

    private static HikariDataSource pool(String name, int size, SQLiteDataSource source, Path file) {
        source.setUrl("jdbc:sqlite:" + file);
        HikariDataSource pool = new HikariDataSource();
        pool.setPoolName(name);
        pool.setDataSource(source);
        pool.setMaximumPoolSize(size);
        pool.setMaxLifetime(0);
        return pool;
    }

    private static Path file(Path folder) {
        return folder.resolve("shop.db");
    }

    /** @throws UnreadableData if there can be no data file, or if what is there is none */
    private static void makeReadable(Path file) {
        try {
            Files.createDirectories(file.getParent());
            check(file);
        } catch (IOException | SQLException unusable) {
            throw new UnreadableData("The data file " + file.toAbsolutePath() + " cannot be read ("
                    + unusable.getMessage() + "). Restore it from a backup, or name another folder with HILT_DATA.");
        }
    }

    private static void check(Path file) throws SQLException {
        SQLiteDataSource source = new SQLiteDataSource();
        source.setUrl("jdbc:sqlite:" + file);
        try (var connection = source.getConnection();
                var statement = connection.createStatement()) {
            statement.executeQuery("PRAGMA schema_version").close();
        }
    }
}
