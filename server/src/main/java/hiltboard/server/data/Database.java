package hiltboard.server.data;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.SQLExceptionOverride;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javax.sql.DataSource;
import org.flywaydb.core.api.MigrationInfoService;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.boot.flyway.autoconfigure.FlywayDataSource;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.boot.task.ThreadPoolTaskSchedulerCustomizer;
import org.springframework.boot.transaction.autoconfigure.TransactionManagerCustomizers;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.datasource.LazyConnectionDataSourceProxy;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.jdbc.support.SQLExceptionTranslator;
import org.springframework.jdbc.support.SQLStateSQLExceptionTranslator;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.DefaultTransactionStatus;
import org.springframework.transaction.support.TransactionTemplate;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteDataSource;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/** The shop's one file of data: one writer, a few readers. Read-only transactions go to the readers. */
@Configuration(proxyBeanMethods = false)
class Database {
    private static final Logger LOG = LoggerFactory.getLogger(Database.class);
    private static final int READERS = 4;
    private static final int BUSY_TIMEOUT_MS = 10_000;
    private static final Map<Integer, DataTrouble.Kind> TROUBLES = Map.of(
            SQLiteErrorCode.SQLITE_FULL.code, DataTrouble.Kind.FULL,
            SQLiteErrorCode.SQLITE_READONLY.code, DataTrouble.Kind.READ_ONLY,
            SQLiteErrorCode.SQLITE_CANTOPEN.code, DataTrouble.Kind.GONE,
            SQLiteErrorCode.SQLITE_IOERR.code, DataTrouble.Kind.UNREADABLE,
            SQLiteErrorCode.SQLITE_CORRUPT.code, DataTrouble.Kind.DAMAGED,
            SQLiteErrorCode.SQLITE_NOTADB.code, DataTrouble.Kind.DAMAGED);

    @Bean
    FlywayMigrationStrategy upgrade(List<BeforeUpgrade> before) {
        return flyway -> {
            MigrationInfoService info = flyway.info();
            if (info.current() != null && info.pending().length > 0) {
                before.forEach(each -> each.prepare(
                        Integer.parseInt(info.current().getVersion().getVersion())));
            }
            flyway.migrate();
        };
    }

    @Bean
    @FlywayDataSource
    HikariDataSource writer(DataFolder folder) {
        SQLiteConfig config = configuration();
        config.setTransactionMode(SQLiteConfig.TransactionMode.IMMEDIATE);
        return pool("writer", 1, new SQLiteDataSource(config), folder.shop());
    }

    @Bean
    HikariDataSource readers(DataFolder folder, @Qualifier("writer") HikariDataSource writerFirst) {
        HikariDataSource readers = pool("readers", READERS, new SQLiteDataSource(configuration()), folder.shop());
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
    SQLExceptionTranslator translator(DataGuard guard) {
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
                DataTrouble.Kind trouble = TROUBLES.get(code);
                if (trouble != null) {
                    guard.refused(trouble);
                    return new DataTrouble(trouble, failure);
                }
            }
            return otherwise.translate(task, sql, failure);
        };
    }

    /** What a commit meets is reported as what a statement meets. */
    @Bean
    JdbcTransactionManager transactionManager(
            DataSource dataSource, SQLExceptionTranslator translator, TransactionManagerCustomizers customizers) {
        JdbcTransactionManager manager = new SelfUndoing(dataSource);
        manager.setExceptionTranslator(translator);
        customizers.customize(manager);
        return manager;
    }

    /**
     * With a full disk SQLite takes the whole transaction back by itself, and a connection that was let go takes what
     * it had begun with it; to take it back once more fails, and does no harm (sqlite.org, “Response To Errors Within A
     * Transaction”).
     */
    private static final class SelfUndoing extends JdbcTransactionManager {
        SelfUndoing(DataSource dataSource) {
            super(dataSource);
        }

        @Override
        protected void doRollback(DefaultTransactionStatus status) {
            try {
                super.doRollback(status);
            } catch (DataAccessException | TransactionException failure) {
                String why = String.valueOf(failure.getMostSpecificCause().getMessage());
                if (!why.contains("no transaction is active") && !why.contains("onnection is closed")) {
                    throw failure;
                }
            }
        }
    }

    /** What runs by the clock goes on when the disk is full; the guard has said so, once. */
    @Bean
    ThreadPoolTaskSchedulerCustomizer quietInTrouble() {
        return scheduler -> scheduler.setErrorHandler(failure -> {
            if (!(failure instanceof DataTrouble)) {
                LOG.error("What runs by the clock failed", failure);
            }
        });
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
        pool.setExceptionOverride(new LetGo());
        return pool;
    }

    /**
     * A connection whose transaction could not even begin believes that it has one, and would write what comes next
     * line by line. It is let go, and with it whatever is half done; what the data refuses and a full disk leave none.
     */
    private static final class LetGo implements SQLExceptionOverride {
        private static final Set<Integer> HARMLESS =
                Set.of(SQLiteErrorCode.SQLITE_CONSTRAINT.code, SQLiteErrorCode.SQLITE_FULL.code);

        @java.lang.Override
        public Override adjudicate(SQLException failure) {
            return failure instanceof SQLiteException sqlite && HARMLESS.contains(sqlite.getResultCode().code & 0xff)
                    ? Override.DO_NOT_EVICT
                    : Override.MUST_EVICT;
        }
    }
}
