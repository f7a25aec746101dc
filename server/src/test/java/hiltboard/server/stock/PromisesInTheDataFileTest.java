package hiltboard.server.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hiltboard.server.DataFile;
import java.sql.SQLException;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The file of data itself refuses what must never be, whatever the program does. */
class PromisesInTheDataFileTest extends DataFile {
    /** A bar of 100. */
    @BeforeEach
    void stocked() throws SQLException {
        sql.executeUpdate("INSERT INTO stock_item (id, kind, details) VALUES (1, 'BAR', '{}')");
        sql.executeUpdate("INSERT INTO lot (id, item_id, details, amount) VALUES (1, 1, '{}', 100)");
    }

    private void promise(int piece, String need, int amount) throws SQLException {
        sql.executeUpdate(
                "INSERT INTO promise (lot_id, piece_id, need, amount, promised_by, promised_at_ms) VALUES (1, " + piece
                        + ", '" + need + "', " + amount + ", 1, 5)");
    }

    private long free() throws SQLException {
        return number(
                "SELECT amount - (SELECT coalesce(sum(amount), 0) FROM open_promise WHERE lot_id = lot.id) FROM lot WHERE id = 1");
    }

    @Test
    void more_than_there_is_cannot_be_promised() throws SQLException {
        promise(1, "steel", 60);
        assertThatThrownBy(() -> promise(2, "steel", 41))
                .isInstanceOf(SQLException.class)
                .hasMessageContaining("promised to somebody else");
        promise(2, "steel", 40);
        assertThat(free()).isZero();
    }

    @Test
    void a_need_of_a_piece_is_met_once_until_it_is_released() throws SQLException {
        promise(1, "steel", 10);
        assertThatThrownBy(() -> promise(1, "steel", 10))
                .isInstanceOf(SQLException.class)
                .hasMessageContaining("UNIQUE");
        sql.executeUpdate("UPDATE promise SET released_at_ms = 9");
        assertThatCode(() -> promise(1, "steel", 10)).doesNotThrowAnyException();
        assertThat(free()).isEqualTo(90);
    }

    @Test
    void what_is_promised_cannot_be_taken_away_and_nothing_is_less_than_nothing() throws SQLException {
        promise(1, "steel", 60);
        assertThatThrownBy(() -> sql.executeUpdate("UPDATE lot SET amount = 59 WHERE id = 1"))
                .isInstanceOf(SQLException.class)
                .hasMessageContaining("what is left is promised");
        sql.executeUpdate("UPDATE lot SET amount = 60 WHERE id = 1");
        sql.executeUpdate("UPDATE promise SET taken_at_ms = 7");
        assertThatThrownBy(() -> sql.executeUpdate("UPDATE lot SET amount = -1 WHERE id = 1"))
                .isInstanceOf(SQLException.class)
                .hasMessageContaining("SQLITE_CONSTRAINT");
        assertThatCode(() -> sql.executeUpdate("UPDATE lot SET amount = 0 WHERE id = 1"))
                .doesNotThrowAnyException();
    }

    @Test
    void a_piece_that_is_lost_or_handed_over_keeps_nothing_back() throws SQLException {
        promise(1, "steel", 60);
        promise(2, "steel", 30);
        sql.executeUpdate("UPDATE piece SET standing = 'SCRAPPED' WHERE id = 1");
        assertThat(free()).isEqualTo(70);
        sql.executeUpdate("UPDATE piece SET standing = 'HANDED_OVER' WHERE id = 2");
        assertThat(free()).isEqualTo(100);
        sql.executeUpdate("UPDATE piece SET standing = 'ALIVE' WHERE id = 2");
        assertThat(free()).isEqualTo(70);
    }

    @Test
    void a_bar_has_one_plan_at_a_time_and_a_billet_step_is_done_once() throws SQLException {
        String plan =
                "INSERT INTO bar_cut (lot_id, length_nm, used_nm, blanks, planned_by, planned_at_ms) VALUES (1, 100, 50, '[]', 1, 5)";
        sql.executeUpdate(plan);
        assertThatThrownBy(() -> sql.executeUpdate(plan))
                .isInstanceOf(SQLException.class)
                .hasMessageContaining("UNIQUE");
        sql.executeUpdate("UPDATE bar_cut SET dropped_at_ms = 6");
        assertThatCode(() -> sql.executeUpdate(plan)).doesNotThrowAnyException();
        sql.executeUpdate(
                "INSERT INTO billet (id, name, steps, blades, blank_thickness_nm, blank_width_nm, blank_length_nm, "
                        + "changed_by, begun_at_ms) VALUES (1, 'Twist', '[]', 2, 1, 1, 1, 1, 5)");
        String done = "INSERT INTO billet_step (billet_id, step, done_by, done_at_ms) VALUES (1, 0, 1, 5)";
        sql.executeUpdate(done);
        assertThatThrownBy(() -> sql.executeUpdate(done))
                .isInstanceOf(SQLException.class)
                .hasMessageContaining("UNIQUE");
        sql.executeUpdate("UPDATE billet_step SET struck_at_ms = 6");
        assertThatCode(() -> sql.executeUpdate(done)).doesNotThrowAnyException();
    }
}
