package hiltboard.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.design.Specifications;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class RepairTest {
    private static final Route KNIFE =
            Knife.takenApart(Specifications.fullTang()).route();

    private static Set<String> open(Repair... repairs) {
        return Repair.open(KNIFE, List.of(repairs));
    }

    @Test
    @DisplayName(
            "[trade] an edge is sharpened, looked at and handed over; the blade sees no fire and the handle stays on")
    void an_edge_that_came_back() {
        assertThat(open(Repair.EDGE)).contains("sharpen", "hand-over").doesNotContain("harden", "glue-handle");
    }

    @Test
    @DisplayName("[trade] a new handle is made, glued and shaped on the blade as it is")
    void a_new_handle() {
        assertThat(open(Repair.HANDLE))
                .contains("glue-handle", "shape-handle", "hand-over")
                .doesNotContain("harden", "profile");
    }

    @Test
    void whatever_is_done_ends_with_handing_over_and_leaves_the_fire_alone() {
        for (Repair repair : Repair.values()) {
            assertThat(open(repair)).contains("hand-over").doesNotContain("approve-outline", "harden", "first-temper");
            assertThat(open(repair)).isSubsetOf(open(Repair.values()));
        }
    }
}
