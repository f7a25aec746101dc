package hiltboard.server.glue;

import hiltboard.core.glue.AdhesiveSheet;
import hiltboard.core.measure.Mass;
import hiltboard.core.measure.Temperature;
import hiltboard.server.Refusal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Data sheets, dry runs and mixes; what is struck out stays. */
@Repository
class GlueRepository {
    private static final TypeReference<Map<String, String>> ENTRIES = new TypeReference<>() {};
    private static final String SHEETS =
            "SELECT adhesive_sheet.*, person.name AS changer FROM adhesive_sheet JOIN person ON person.id = changed_by ";
    private static final String MIXES =
            "SELECT glue_mix.*, person.name AS by_name FROM glue_mix JOIN person ON person.id = mixed_by ";

    private final JdbcClient sql;
    private final JsonMapper json;

    GlueRepository(JdbcClient sql, JsonMapper json) {
        this.sql = sql;
        this.json = json;
    }

    record SheetRow(long id, AdhesiveSheet sheet, int version, String changedBy, boolean isDropped) {}

    /** @param took empty while it runs */
    record DryRunRow(long id, Instant begun, int parts, Optional<Duration> took, String by) {}

    record MixRow(
            long id,
            long piece,
            String operation,
            AdhesiveSheet sheet,
            String lot,
            Mass first,
            Mass second,
            Temperature shop,
            String by,
            Instant mixed) {
        Mass both() {
            return new Mass(first.milligrams() + second.milligrams());
        }
    }

    /** Those that are not struck out. */
    List<SheetRow> sheets() {
        return sql.sql(SHEETS + "WHERE dropped_at_ms IS NULL ORDER BY adhesive_sheet.id")
                .query((row, number) -> sheet(row))
                .list();
    }

    /** @throws Refusal if there is none */
    SheetRow sheet(long id) {
        return sql.sql(SHEETS + "WHERE adhesive_sheet.id = :id")
                .param("id", id)
                .query((row, number) -> sheet(row))
                .optional()
                .orElseThrow(() -> Refusal.notThere("There is no data sheet with number " + id + "."));
    }

    private SheetRow sheet(ResultSet row) throws SQLException {
        return new SheetRow(
                row.getLong("id"),
                read(row.getString("entries")),
                row.getInt("version"),
                row.getString("changer"),
                row.getObject("dropped_at_ms") != null);
    }

    private AdhesiveSheet read(String entries) {
        return AdhesiveSheet.ofKept(json.readValue(entries, ENTRIES));
    }

    long keep(AdhesiveSheet sheet, long person, long atMillis) {
        return sql.sql(
                        "INSERT INTO adhesive_sheet (entries, changed_by, changed_at_ms) VALUES (:entries, :person, :at) RETURNING id")
                .param("entries", json.writeValueAsString(sheet.kept()))
                .param("person", person)
                .param("at", atMillis)
                .query(Long.class)
                .single();
    }

    void change(long id, AdhesiveSheet sheet, long person, long atMillis) {
        sql.sql("""
                UPDATE adhesive_sheet SET entries = :entries, version = version + 1, changed_by = :person, changed_at_ms = :at
                WHERE id = :id
                """)
                .param("entries", json.writeValueAsString(sheet.kept()))
                .param("person", person)
                .param("at", atMillis)
                .param("id", id)
                .update();
    }

    /** @param atMillis empty to bring it back */
    void drop(long id, Optional<Long> atMillis) {
        sql.sql("UPDATE adhesive_sheet SET dropped_at_ms = :at WHERE id = :id")
                .param("at", atMillis.orElse(null))
                .param("id", id)
                .update();
    }

    /** What was ticked before is struck out first, so that it stands once. */
    void ready(long piece, String words, boolean isThere, long person, long atMillis) {
        sql.sql(
                        "UPDATE glue_ready SET struck_at_ms = :at WHERE piece_id = :piece AND words = :words AND struck_at_ms IS NULL")
                .param("piece", piece)
                .param("words", words)
                .param("at", atMillis)
                .update();
        if (isThere) {
            sql.sql(
                            "INSERT INTO glue_ready (piece_id, words, seen_by, seen_at_ms) VALUES (:piece, :words, :person, :at)")
                    .param("piece", piece)
                    .param("words", words)
                    .param("person", person)
                    .param("at", atMillis)
                    .update();
        }
    }

    /** It was used up: before the next glue-up everything is looked for again. */
    void nothingReady(long piece, long atMillis) {
        sql.sql("UPDATE glue_ready SET struck_at_ms = :at WHERE piece_id = :piece AND struck_at_ms IS NULL")
                .param("piece", piece)
                .param("at", atMillis)
                .update();
    }

    /** What was seen to lie ready. */
    List<String> ready(long piece) {
        return sql.sql("SELECT words FROM glue_ready WHERE piece_id = :piece AND struck_at_ms IS NULL")
                .param("piece", piece)
                .query(String.class)
                .list();
    }

    void beginDryRun(long piece, long person, long atMillis) {
        sql.sql("INSERT INTO dry_run (piece_id, begun_by, begun_at_ms) VALUES (:piece, :person, :at)")
                .param("piece", piece)
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    void endDryRun(long id, int parts, long atMillis) {
        sql.sql("UPDATE dry_run SET parts = :parts, ended_at_ms = :at WHERE id = :id")
                .param("parts", parts)
                .param("at", atMillis)
                .param("id", id)
                .update();
    }

    void strikeDryRun(long id, long atMillis) {
        sql.sql("UPDATE dry_run SET struck_at_ms = :at WHERE id = :id")
                .param("at", atMillis)
                .param("id", id)
                .update();
    }

    /** The newest that counts. */
    Optional<DryRunRow> dryRun(long piece) {
        return sql.sql("""
                SELECT dry_run.*, person.name AS by_name FROM dry_run JOIN person ON person.id = begun_by
                WHERE piece_id = :piece AND struck_at_ms IS NULL ORDER BY dry_run.id DESC LIMIT 1
                """)
                .param("piece", piece)
                .query((row, number) -> dryRun(row))
                .optional();
    }

    private static DryRunRow dryRun(ResultSet row) throws SQLException {
        Instant begun = Instant.ofEpochMilli(row.getLong("begun_at_ms"));
        long ended = row.getLong("ended_at_ms");
        Optional<Duration> took =
                row.wasNull() ? Optional.empty() : Optional.of(Duration.between(begun, Instant.ofEpochMilli(ended)));
        return new DryRunRow(row.getLong("id"), begun, row.getInt("parts"), took, row.getString("by_name"));
    }

    long mixed(MixRow mix, long sheet, long person) {
        return sql.sql("""
                INSERT INTO glue_mix (piece_id, operation, sheet_id, sheet_then, lot_words, first_mg, second_mg, celsius,
                    mixed_by, mixed_at_ms)
                VALUES (:piece, :operation, :sheetId, :sheet, :lot, :first, :second, :celsius, :person, :at) RETURNING id
                """)
                .param("piece", mix.piece())
                .param("operation", mix.operation())
                .param("sheetId", sheet)
                .param("sheet", json.writeValueAsString(mix.sheet().kept()))
                .param("lot", mix.lot())
                .param("first", mix.first().milligrams())
                .param("second", mix.second().milligrams())
                .param("celsius", mix.shop().celsius())
                .param("person", person)
                .param("at", mix.mixed().toEpochMilli())
                .query(Long.class)
                .single();
    }

    /** Of one piece, newest first. */
    List<MixRow> mixes(long piece) {
        return sql.sql(MIXES + "WHERE piece_id = :piece AND struck_at_ms IS NULL ORDER BY glue_mix.id DESC")
                .param("piece", piece)
                .query((row, number) -> mix(row))
                .list();
    }

    /** Of all pieces, since then, newest first. */
    List<MixRow> since(Instant then) {
        return sql.sql(MIXES + "WHERE mixed_at_ms >= :then AND struck_at_ms IS NULL ORDER BY glue_mix.id DESC")
                .param("then", then.toEpochMilli())
                .query((row, number) -> mix(row))
                .list();
    }

    /** @throws Refusal if there is none */
    MixRow mix(long id) {
        return sql.sql(MIXES + "WHERE glue_mix.id = :id AND struck_at_ms IS NULL")
                .param("id", id)
                .query((row, number) -> mix(row))
                .optional()
                .orElseThrow(() -> Refusal.notThere("There is no such mix any more."));
    }

    private MixRow mix(ResultSet row) throws SQLException {
        return new MixRow(
                row.getLong("id"),
                row.getLong("piece_id"),
                row.getString("operation"),
                read(row.getString("sheet_then")),
                row.getString("lot_words"),
                new Mass(row.getLong("first_mg")),
                new Mass(row.getLong("second_mg")),
                Temperature.ofCelsius(row.getDouble("celsius")),
                row.getString("by_name"),
                Instant.ofEpochMilli(row.getLong("mixed_at_ms")));
    }

    void strikeMix(long id, long atMillis) {
        sql.sql("UPDATE glue_mix SET struck_at_ms = :at WHERE id = :id")
                .param("at", atMillis)
                .param("id", id)
                .update();
    }

    void strikeMixes(long piece, long atMillis) {
        sql.sql("UPDATE glue_mix SET struck_at_ms = :at WHERE piece_id = :piece AND struck_at_ms IS NULL")
                .param("at", atMillis)
                .param("piece", piece)
                .update();
    }
}
