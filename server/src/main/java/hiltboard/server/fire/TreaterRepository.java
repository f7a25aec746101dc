package hiltboard.server.fire;

import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.Length;
import hiltboard.server.Refusal;
import java.math.BigDecimal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Blades at outside treaters, with the sheets that went along. */
@Repository
class TreaterRepository {
    private final JdbcClient sql;

    TreaterRepository(JdbcClient sql) {
        this.sql = sql;
    }

    /** What was agreed with a treater; days as ISO dates. */
    record Sheet(String treater, String straightness, boolean isCold, String words, String outOn, String backOn) {}

    /** @param returnedOn empty while it is away */
    record Consignment(long id, Sheet sheet, String sentBy, Optional<String> returnedOn) {}

    /** A piece as the sheet describes it. */
    record Described(long piece, String mark, String steel, String condition, Length edge, Hardness hardness) {}

    /** @param backAs RIGHT, DIFFERENT, MISSING, or empty while it is away */
    record SentPiece(Described described, String backAs, String backWords) {}

    long send(Sheet sheet, List<Described> pieces, long person, long atMillis) {
        long id = sql.sql(
                        "INSERT INTO consignment (treater, straightness, cold, words, out_on, back_on, sent_by, sent_at_ms) "
                                + "VALUES (:treater, :straight, :cold, :words, :out, :back, :person, :at) RETURNING id")
                .param("treater", sheet.treater())
                .param("straight", sheet.straightness())
                .param("cold", sheet.isCold() ? 1 : 0)
                .param("words", sheet.words())
                .param("out", sheet.outOn())
                .param("back", sheet.backOn())
                .param("person", person)
                .param("at", atMillis)
                .query(Long.class)
                .single();
        pieces.forEach(piece -> sql.sql(
                        "INSERT INTO consignment_piece (consignment_id, piece_id, mark, steel, condition, edge_nm, "
                                + "hardness) VALUES (:id, :piece, :mark, :steel, :condition, :edge, :hardness)")
                .param("id", id)
                .param("piece", piece.piece())
                .param("mark", piece.mark())
                .param("steel", piece.steel())
                .param("condition", piece.condition())
                .param("edge", piece.edge().nanometres())
                .param("hardness", piece.hardness().hrc().movePointRight(2).intValueExact())
                .update());
        return id;
    }

    /** Those that are away first, then the latest. */
    List<Consignment> all() {
        return sql.sql(
                        "SELECT consignment.*, person.name AS sender FROM consignment JOIN person ON person.id = sent_by "
                                + "ORDER BY returned_on IS NOT NULL, consignment.id DESC")
                .query((row, number) -> consignment(row))
                .list();
    }

    Consignment one(long id) {
        return sql.sql(
                        "SELECT consignment.*, person.name AS sender FROM consignment JOIN person ON person.id = sent_by "
                                + "WHERE consignment.id = :id")
                .param("id", id)
                .query((row, number) -> consignment(row))
                .optional()
                .orElseThrow(() -> Refusal.notThere("There is no send-out sheet with number " + id + "."));
    }

    private static Consignment consignment(ResultSet row) throws SQLException {
        return new Consignment(
                row.getLong("id"),
                new Sheet(
                        row.getString("treater"),
                        row.getString("straightness"),
                        row.getInt("cold") == 1,
                        row.getString("words"),
                        row.getString("out_on"),
                        row.getString("back_on")),
                row.getString("sender"),
                Optional.ofNullable(row.getString("returned_on")));
    }

    List<SentPiece> pieces(long consignment) {
        return sql.sql("SELECT * FROM consignment_piece WHERE consignment_id = :id ORDER BY piece_id")
                .param("id", consignment)
                .query((row, number) -> new SentPiece(
                        new Described(
                                row.getLong("piece_id"),
                                row.getString("mark"),
                                row.getString("steel"),
                                row.getString("condition"),
                                new Length(row.getLong("edge_nm")),
                                new Hardness(BigDecimal.valueOf(row.getInt("hardness"), 2)
                                        .stripTrailingZeros())),
                        Optional.ofNullable(row.getString("back_as")).orElse(""),
                        row.getString("back_words")))
                .list();
    }

    void back(long consignment, long piece, String as, String words) {
        sql.sql(
                        "UPDATE consignment_piece SET back_as = :as, back_words = :words WHERE consignment_id = :id AND piece_id = :piece")
                .param("as", as)
                .param("words", words)
                .param("id", consignment)
                .param("piece", piece)
                .update();
    }

    void returned(long consignment, String day, long person) {
        sql.sql("UPDATE consignment SET returned_on = :day, returned_by = :person WHERE id = :id")
                .param("day", day)
                .param("person", person)
                .param("id", consignment)
                .update();
    }
}
