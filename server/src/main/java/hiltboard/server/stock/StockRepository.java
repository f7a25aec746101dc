package hiltboard.server.stock;

import hiltboard.core.stock.Lot;
import hiltboard.core.stock.StockField;
import hiltboard.core.stock.StockKind;
import hiltboard.server.Refusal;
import hiltboard.server.job.NoteRepository.Picture;
import hiltboard.server.job.Photograph;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What lies on the rack and what became of it. */
@Repository
class StockRepository {
    private static final TypeReference<Map<String, String>> DETAILS = new TypeReference<>() {};
    private static final String SELECT_LOT = """
            SELECT lot.id, item_id, kind, stock_item.details AS item, lot.details AS own, amount, supplier, lead_days, low_at,
                (SELECT coalesce(sum(open_promise.amount), 0) FROM open_promise WHERE lot_id = lot.id) AS promised,
                (SELECT count(*) FROM movement WHERE lot_id = lot.id AND movement.kind IN ('USED', 'TAKEN')) AS uses
            FROM lot JOIN stock_item ON stock_item.id = item_id
            """;
    private static final String SELECT_PROMISE = """
            SELECT promise.id, lot_id, piece_id, need, amount, taken_at_ms, taken_by_step, person.name AS promised_by
            FROM promise JOIN person ON person.id = promised_by
            """;
    private static final String SELECT_OPEN = SELECT_PROMISE + " WHERE promise.id IN (SELECT id FROM open_promise)";

    private final JdbcClient sql;
    private final JsonMapper json;

    StockRepository(JdbcClient sql, JsonMapper json) {
        this.sql = sql;
        this.json = json;
    }

    /** What is bought, with how more of it is bought. */
    record Item(long id, Lot lot) {}

    /**
     * What lies there.
     *
     * @param lot all that is written down of it, of its item, and of how more of it is bought
     * @param amount in the smallest unit of its kind
     * @param promised part of the amount
     */
    record LotRow(long id, long item, Lot lot, long amount, long promised, long uses) {
        long free() {
            return amount - promised;
        }

        /** With so much less of it free. */
        LotRow spokenFor(long more) {
            return new LotRow(id, item, lot, amount, promised + more, uses);
        }
    }

    /**
     * What is kept back for a piece, or was taken for it.
     *
     * @param takenByStep that took it; empty while nothing did, and where the saw took it from a planned bar
     */
    record Promise(
            long id, long lot, long piece, String need, long amount, boolean isTaken, String takenByStep, String by) {}

    /** Why a lot became more or less. */
    record Movement(String kind, long change, String words, String by, long atMillis) {}

    record Claim(long id, long lot, long amount, String words, String by, long atMillis, String settled) {}

    record LotFile(long id, long lot, String what, String fileName) {}

    /** The item with these details, new where there is none yet. */
    long item(Lot item) {
        sql.sql("INSERT INTO stock_item (kind, details) VALUES (:kind, :details) ON CONFLICT DO NOTHING")
                .param("kind", item.kind().name())
                .param("details", written(item))
                .update();
        return sql.sql("SELECT id FROM stock_item WHERE kind = :kind AND details = :details")
                .param("kind", item.kind().name())
                .param("details", written(item))
                .query(Long.class)
                .single();
    }

    Optional<Item> item(long id) {
        return sql.sql(
                        "SELECT id, kind, details AS item, '{}' AS own, supplier, lead_days, low_at FROM stock_item WHERE id = :id")
                .param("id", id)
                .query((row, number) -> new Item(row.getLong("id"), lot(row)))
                .optional();
    }

    List<Item> items() {
        return sql.sql(
                        "SELECT id, kind, details AS item, '{}' AS own, supplier, lead_days, low_at FROM stock_item ORDER BY id")
                .query((row, number) -> new Item(row.getLong("id"), lot(row)))
                .list();
    }

    void supply(long item, Lot supply) {
        sql.sql("UPDATE stock_item SET supplier = :supplier, lead_days = :lead, low_at = :low WHERE id = :id")
                .param("supplier", supply.value(StockField.SUPPLIER).orElse(""))
                .param("lead", supply.number(StockField.LEAD_DAYS).orElse(null))
                .param("low", supply.number(StockField.LOW_AT).orElse(null))
                .param("id", item)
                .update();
    }

    long keep(long item, Lot own) {
        return sql.sql("INSERT INTO lot (item_id, details, amount) VALUES (:item, :details, 0) RETURNING id")
                .param("item", item)
                .param("details", written(own))
                .query(Long.class)
                .single();
    }

    void describe(long lot, Lot own) {
        sql.sql("UPDATE lot SET details = :details WHERE id = :id")
                .param("details", written(own))
                .param("id", lot)
                .update();
    }

    /** Changes a lot's amount and writes down why. */
    void move(
            long lot,
            long change,
            String kind,
            Optional<Long> piece,
            String operation,
            String words,
            long person,
            long atMillis) {
        sql.sql("UPDATE lot SET amount = amount + :change WHERE id = :id")
                .param("change", change)
                .param("id", lot)
                .update();
        sql.sql("""
                INSERT INTO movement (lot_id, change, kind, piece_id, operation, words, moved_by, moved_at_ms)
                VALUES (:lot, :change, :kind, :piece, :operation, :words, :person, :at)
                """)
                .param("lot", lot)
                .param("change", change)
                .param("kind", kind)
                .param("piece", piece.orElse(null))
                .param("operation", operation)
                .param("words", words)
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    List<Movement> movements(long lot) {
        return sql.sql("SELECT kind, change, words, person.name AS moved_by, moved_at_ms FROM movement JOIN person ON "
                        + "person.id = moved_by WHERE lot_id = :lot ORDER BY movement.id DESC")
                .param("lot", lot)
                .query((row, number) -> new Movement(
                        row.getString("kind"),
                        row.getLong("change"),
                        row.getString("words"),
                        row.getString("moved_by"),
                        row.getLong("moved_at_ms")))
                .list();
    }

    /** Every lot of which something is there. */
    List<LotRow> lots() {
        return sql.sql(SELECT_LOT + " WHERE amount > 0 ORDER BY lot.id")
                .query((row, number) -> lotRow(row))
                .list();
    }

    /** These, whether anything is left of them or not. */
    List<LotRow> lots(Collection<Long> ids) {
        return sql.sql(SELECT_LOT + " WHERE lot.id IN (:ids)")
                .param("ids", ids)
                .query((row, number) -> lotRow(row))
                .list();
    }

    /** @throws Refusal if there never was such a lot */
    LotRow known(long id) {
        return lot(id).orElseThrow(() -> Refusal.notThere("There is nothing with number " + id + " on the rack."));
    }

    Optional<LotRow> lot(long id) {
        return sql.sql(SELECT_LOT + " WHERE lot.id = :id")
                .param("id", id)
                .query((row, number) -> lotRow(row))
                .optional();
    }

    long promise(long lot, long piece, String need, long amount, long person, long atMillis) {
        return sql.sql(
                        "INSERT INTO promise (lot_id, piece_id, need, amount, promised_by, promised_at_ms) VALUES (:lot, "
                                + ":piece, :need, :amount, :person, :at) RETURNING id")
                .param("lot", lot)
                .param("piece", piece)
                .param("need", need)
                .param("amount", amount)
                .param("person", person)
                .param("at", atMillis)
                .query(Long.class)
                .single();
    }

    /** What was promised or taken and is not given back, of these pieces. */
    List<Promise> promises(List<Long> pieces) {
        return pieces.isEmpty()
                ? List.of()
                : sql.sql(SELECT_PROMISE
                                + " WHERE piece_id IN (:pieces) AND released_at_ms IS NULL ORDER BY promise.id")
                        .param("pieces", pieces)
                        .query((row, number) -> promise(row))
                        .list();
    }

    /** What is promised and not taken yet. */
    List<Promise> openPromises() {
        return sql.sql(SELECT_OPEN + " ORDER BY promise.id")
                .query((row, number) -> promise(row))
                .list();
    }

    Optional<Promise> openPromise(long id) {
        return sql.sql(SELECT_OPEN + " AND promise.id = :id")
                .param("id", id)
                .query((row, number) -> promise(row))
                .optional();
    }

    void release(long promise, long atMillis) {
        sql.sql("UPDATE promise SET released_at_ms = :at WHERE id = :id")
                .param("at", atMillis)
                .param("id", promise)
                .update();
    }

    /** @param step that takes it; empty where the saw does */
    void take(long promise, String step, long atMillis) {
        sql.sql("UPDATE promise SET taken_at_ms = :at, taken_by_step = :step WHERE id = :id")
                .param("at", atMillis)
                .param("step", step)
                .param("id", promise)
                .update();
    }

    /** It is promised again, as before it was taken. */
    void untake(long promise) {
        sql.sql("UPDATE promise SET taken_at_ms = NULL, taken_by_step = '' WHERE id = :id")
                .param("id", promise)
                .update();
    }

    long claim(long lot, long amount, String words, long person, long atMillis) {
        return sql.sql("INSERT INTO claim (lot_id, amount, words, claimed_by, claimed_at_ms) VALUES (:lot, :amount, "
                        + ":words, :person, :at) RETURNING id")
                .param("lot", lot)
                .param("amount", amount)
                .param("words", words)
                .param("person", person)
                .param("at", atMillis)
                .query(Long.class)
                .single();
    }

    List<Claim> claims() {
        return sql.sql("SELECT claim.id, lot_id, amount, words, person.name AS claimed_by, claimed_at_ms, settled FROM "
                        + "claim JOIN person ON person.id = claimed_by ORDER BY claim.id DESC")
                .query((row, number) -> new Claim(
                        row.getLong("id"),
                        row.getLong("lot_id"),
                        row.getLong("amount"),
                        row.getString("words"),
                        row.getString("claimed_by"),
                        row.getLong("claimed_at_ms"),
                        row.getString("settled")))
                .list();
    }

    void settle(long claim, String words, long atMillis) {
        sql.sql("UPDATE claim SET settled = :words, settled_at_ms = :at WHERE id = :id")
                .param("words", words)
                .param("at", atMillis)
                .param("id", claim)
                .update();
    }

    long keep(long lot, String what, String fileName, Photograph photo, long person, long atMillis) {
        return sql.sql("""
                INSERT INTO lot_file (lot_id, what, file_name, media_type, original, thumbnail, kept_by, kept_at_ms)
                VALUES (:lot, :what, :name, :type, :original, :thumbnail, :person, :at) RETURNING id
                """)
                .param("lot", lot)
                .param("what", what)
                .param("name", fileName)
                .param("type", photo.mediaType())
                .param("original", photo.original())
                .param("thumbnail", photo.thumbnail())
                .param("person", person)
                .param("at", atMillis)
                .query(Long.class)
                .single();
    }

    List<LotFile> files(long lot) {
        return sql.sql("SELECT id, lot_id, what, file_name FROM lot_file WHERE lot_id = :lot ORDER BY id DESC")
                .param("lot", lot)
                .query((row, number) -> new LotFile(
                        row.getLong("id"), row.getLong("lot_id"), row.getString("what"), row.getString("file_name")))
                .list();
    }

    Optional<Picture> thumbnail(long file) {
        return sql.sql("SELECT thumbnail FROM lot_file WHERE id = :id")
                .param("id", file)
                .query((row, number) -> new Picture("image/jpeg", row.getBytes("thumbnail")))
                .optional();
    }

    Optional<Picture> original(long file) {
        return sql.sql("SELECT media_type, original FROM lot_file WHERE id = :id")
                .param("id", file)
                .query((row, number) -> new Picture(row.getString("media_type"), row.getBytes("original")))
                .optional();
    }

    private LotRow lotRow(ResultSet row) throws SQLException {
        return new LotRow(
                row.getLong("id"),
                row.getLong("item_id"),
                lot(row),
                row.getLong("amount"),
                row.getLong("promised"),
                row.getLong("uses"));
    }

    private static Promise promise(ResultSet row) throws SQLException {
        return new Promise(
                row.getLong("id"),
                row.getLong("lot_id"),
                row.getLong("piece_id"),
                row.getString("need"),
                row.getLong("amount"),
                row.getLong("taken_at_ms") > 0,
                row.getString("taken_by_step"),
                row.getString("promised_by"));
    }

    private Lot lot(ResultSet row) throws SQLException {
        Map<StockField, String> values = new EnumMap<>(StockField.class);
        read(row.getString("item"), values);
        read(row.getString("own"), values);
        Optional.of(row.getString("supplier"))
                .filter(name -> !name.isEmpty())
                .ifPresent(name -> values.put(StockField.SUPPLIER, name));
        Optional.ofNullable(row.getString("lead_days")).ifPresent(days -> values.put(StockField.LEAD_DAYS, days));
        Optional.ofNullable(row.getString("low_at")).ifPresent(amount -> values.put(StockField.LOW_AT, amount));
        return new Lot(StockKind.valueOf(row.getString("kind")), values);
    }

    private void read(String details, Map<StockField, String> values) {
        json.readValue(details, DETAILS)
                .forEach((key, value) -> StockField.withKey(key).ifPresent(field -> values.put(field, value)));
    }

    /** In the order of the keys, so that equal details are equal texts. */
    private String written(Lot lot) {
        Map<String, String> details = new TreeMap<>();
        lot.values().forEach((field, value) -> details.put(field.key(), value));
        return json.writeValueAsString(details);
    }
}
