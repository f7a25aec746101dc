package hiltboard.server.fire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hiltboard.server.DataFile;
import hiltboard.server.device.ConnectedKiln.Shown;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;

/** The file of data itself refuses what must never be, and keeps what a kiln has shown. */
class FiresInTheDataFileTest extends DataFile {
    private static final long NOON = 1_772_452_800_000L;

    /** A kiln, and a load of two pieces that burns in it. */
    @BeforeEach
    void burning() throws SQLException {
        sql.executeUpdate(
                "INSERT INTO kiln (id, name, watts, joules_per_k, watts_per_k, open_watts_per_k, lag_s, most_c, "
                        + "door_s, width_nm, height_nm, depth_nm, slots) VALUES (1, 'Kiln', 3000, 12000, 1, 12, 12, 1150, 30, 1, 1, 1, 6)");
        sql.executeUpdate("INSERT INTO fire_load (id, kiln_id, treatment, standing, heat_c, soak_s, planned_by, "
                + "planned_at_ms) VALUES (1, 1, 'HARDEN', 'IN', 815, 180, 1, 5)");
        sql.executeUpdate("INSERT INTO fire_piece (load_id, piece_id, slot) VALUES (1, 1, 1), (1, 2, 2)");
    }

    private void left(int piece, String as) throws SQLException {
        sql.executeUpdate("UPDATE fire_piece SET left_at_ms = 9, soaked_s = 200, left_as = '" + as
                + "' WHERE piece_id = " + piece);
    }

    @Test
    void no_fire_is_over_and_none_is_given_up_while_a_piece_in_it_has_no_record() throws SQLException {
        left(1, "TREATED");
        for (String how : List.of("OVER", "GIVEN_UP")) {
            assertThatThrownBy(() -> sql.executeUpdate("UPDATE fire_load SET standing = '" + how + "' WHERE id = 1"))
                    .isInstanceOf(SQLException.class)
                    .hasMessageContaining("no record yet");
        }
        left(2, "NOT_TREATED");
        assertThatCode(() -> sql.executeUpdate("UPDATE fire_load SET standing = 'OVER' WHERE id = 1"))
                .doesNotThrowAnyException();
    }

    @Test
    void a_record_says_both_when_a_piece_left_and_how() {
        assertThatThrownBy(() -> sql.executeUpdate("UPDATE fire_piece SET left_at_ms = 9 WHERE piece_id = 1"))
                .isInstanceOf(SQLException.class);
        assertThatThrownBy(() -> left(1, "SOMEHOW")).isInstanceOf(SQLException.class);
        assertThatThrownBy(() -> sql.executeUpdate("UPDATE fire_piece SET file_test = 'RINGS' WHERE piece_id = 1"))
                .isInstanceOf(SQLException.class);
    }

    @Test
    void one_kiln_burns_for_one_load_at_a_time_and_a_piece_is_in_a_load_once() throws SQLException {
        sql.executeUpdate(
                "INSERT INTO fire_load (id, kiln_id, treatment, heat_c, soak_s, planned_by, planned_at_ms) VALUES "
                        + "(2, 1, 'HARDEN', 815, 180, 1, 5)");
        assertThatThrownBy(() -> sql.executeUpdate("UPDATE fire_load SET standing = 'LIT' WHERE id = 2"))
                .isInstanceOf(SQLException.class);
        assertThatThrownBy(() -> sql.executeUpdate("INSERT INTO fire_piece (load_id, piece_id, slot) VALUES (1, 1, 3)"))
                .isInstanceOf(SQLException.class);
        left(1, "TREATED");
        left(2, "TREATED");
        sql.executeUpdate("UPDATE fire_load SET standing = 'OVER' WHERE id = 1");
        assertThatCode(() -> sql.executeUpdate("UPDATE fire_load SET standing = 'LIT' WHERE id = 2"))
                .doesNotThrowAnyException();
    }

    @Test
    void two_steels_of_one_name_are_one_whatever_their_letters() throws SQLException {
        sql.executeUpdate(
                "INSERT INTO own_steel (designation, entries, changed_by, changed_at_ms) VALUES ('PM-14', '{}', 1, 5)");
        assertThatThrownBy(
                        () -> sql.executeUpdate(
                                "INSERT INTO own_steel (designation, entries, changed_by, changed_at_ms) VALUES ('pm-14', '{}', 1, 5)"))
                .isInstanceOf(SQLException.class);
    }

    private KilnLog log() {
        return new KilnLog(JdbcClient.create(new SingleConnectionDataSource(data, true)));
    }

    private static List<Shown> shown(int from, int to) {
        return IntStream.range(from, to)
                .mapToObj(i -> new Shown(NOON + i * 5_000L, Optional.of(20 + i / 10.0), 815))
                .toList();
    }

    private long rows() throws SQLException {
        return number("SELECT count(*) FROM kiln_log");
    }

    @Test
    void what_is_written_bit_by_bit_is_read_whole_and_lies_in_one_row_an_hour() throws SQLException {
        KilnLog log = log();
        for (int i = 0; i < 2_000; i += 8) {
            log.append(1, shown(i, i + 8));
        }
        assertThat(rows()).isEqualTo(3);
        assertThat(log.between(1, 0, Long.MAX_VALUE)).isEqualTo(shown(0, 2_000));
        assertThat(log.between(2, 0, Long.MAX_VALUE)).as("of another kiln").isEmpty();
    }

    @Test
    void a_stretch_of_it_is_read_from_the_row_in_which_it_begins() {
        KilnLog log = log();
        log.append(1, shown(0, 3_000));
        for (int from : List.of(0, 1, 719, 720, 721, 1_500, 2_999)) {
            for (int to : List.of(from, from + 1, from + 719, from + 2_000)) {
                List<Shown> expected = new ArrayList<>(shown(from, Math.min(3_000, to + 1)));
                assertThat(log.between(1, NOON + from * 5_000L, NOON + to * 5_000L))
                        .as(from + " to " + to)
                        .isEqualTo(expected);
            }
        }
        assertThat(log.between(1, NOON - 100_000, NOON - 1)).isEmpty();
        assertThat(log.between(1, NOON + 20_000_000_000L, Long.MAX_VALUE)).isEmpty();
    }

    @Test
    void after_a_restart_it_goes_on_in_a_row_of_its_own() throws SQLException {
        log().append(1, shown(0, 100));
        log().append(1, shown(100, 300));
        assertThat(rows()).isEqualTo(2);
        assertThat(log().between(1, 0, Long.MAX_VALUE)).isEqualTo(shown(0, 300));
    }
}
