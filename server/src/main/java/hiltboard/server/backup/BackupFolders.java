package hiltboard.server.backup;

import java.nio.file.Path;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The second place for backups that the owner has named. */
@Repository
class BackupFolders {
    private final JdbcClient sql;

    BackupFolders(JdbcClient sql) {
        this.sql = sql;
    }

    Optional<Path> second() {
        return sql.sql("SELECT path FROM backup_folder WHERE given_up_at_ms IS NULL ORDER BY id DESC LIMIT 1")
                .query(String.class)
                .optional()
                .map(Path::of);
    }

    /** @param folder empty if there is to be none */
    void choose(Optional<Path> folder, long person, long atMillis) {
        sql.sql("UPDATE backup_folder SET given_up_at_ms = :at WHERE given_up_at_ms IS NULL")
                .param("at", atMillis)
                .update();
        folder.ifPresent(path -> sql.sql(
                        "INSERT INTO backup_folder (path, chosen_by, chosen_at_ms) VALUES (:path, :person, :at)")
                .param("path", path.toString())
                .param("person", person)
                .param("at", atMillis)
                .update());
    }
}
