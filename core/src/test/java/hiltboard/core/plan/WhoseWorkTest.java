package hiltboard.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.plan.NextUp.Hold;
import hiltboard.core.plan.PutOn.OfJob;
import hiltboard.core.plan.PutOn.OfPiece;
import hiltboard.core.plan.PutOn.OfStation;
import hiltboard.core.plan.PutOn.OfStep;
import hiltboard.core.plan.PutOn.Work;
import hiltboard.core.route.Station;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class WhoseWorkTest {
    private static final Work GRINDING = new Work(7, 70, "grind", Station.GRINDER);
    /** A Wednesday. */
    private static final LocalDate TODAY = LocalDate.parse("2026-12-02");

    private record Doable(String name, long piece, Hold hold, int minutes) implements NextUp.Doable {
        @Override
        public boolean isOf(long asked) {
            return asked == piece;
        }

        @Override
        public Duration attended() {
            return Duration.ofMinutes(minutes);
        }
    }

    @Test
    void what_was_said_of_the_work_itself_counts_before_what_was_said_of_more() {
        List<PutOn> all = new ArrayList<>(List.of(
                new PutOn(1, new OfStation(Station.GRINDER), 11),
                new PutOn(2, new OfJob(7), 12),
                new PutOn(3, new OfPiece(70), 13),
                new PutOn(4, new OfStep(70, "grind"), 14)));
        for (long person = 14; person >= 11; person--) {
            assertThat(PutOn.of(GRINDING, all)).get().extracting(PutOn::person).isEqualTo(person);
            all.remove(all.size() - 1);
        }
        assertThat(PutOn.of(GRINDING, all)).isEmpty();
    }

    @Test
    void what_is_put_on_somebody_is_no_more_than_was_said() {
        List<PutOn> others = List.of(
                new PutOn(1, new OfStation(Station.MILL), 11),
                new PutOn(2, new OfJob(8), 11),
                new PutOn(3, new OfPiece(71), 11),
                new PutOn(4, new OfStep(70, "etch"), 11),
                new PutOn(5, new OfStep(71, "grind"), 11));
        assertThat(PutOn.of(GRINDING, others)).isEmpty();
    }

    @Test
    void next_is_the_piece_in_hand_then_mine_then_anybodys_and_never_what_is_others() {
        List<Doable> all = List.of(
                new Doable("others' urgent", 1, Hold.OTHERS, 10),
                new Doable("anybody's urgent", 2, Hold.ANYBODYS, 10),
                new Doable("mine", 3, Hold.MINE, 10),
                new Doable("mine, later", 4, Hold.MINE, 10),
                new Doable("in hand, anybody's", 5, Hold.ANYBODYS, 10));
        assertThat(NextUp.of(all, Optional.of(5L)))
                .get()
                .extracting(Doable::name)
                .isEqualTo("in hand, anybody's");
        assertThat(NextUp.of(all, Optional.of(1L)))
                .get()
                .extracting(Doable::name)
                .isEqualTo("mine");
        assertThat(NextUp.of(all, Optional.empty()))
                .get()
                .extracting(Doable::name)
                .isEqualTo("mine");
        assertThat(NextUp.of(all.subList(0, 2), Optional.empty()))
                .get()
                .extracting(Doable::name)
                .isEqualTo("anybody's urgent");
        assertThat(NextUp.of(all.subList(0, 1), Optional.of(1L))).isEmpty();
    }

    @Test
    void into_a_rest_fits_what_is_done_before_it_is_up() {
        List<Doable> all = List.of(
                new Doable("too long", 1, Hold.MINE, 91),
                new Doable("anybody's", 2, Hold.ANYBODYS, 90),
                new Doable("mine", 3, Hold.MINE, 20),
                new Doable("others'", 4, Hold.OTHERS, 5));
        assertThat(NextUp.during(Duration.ofMinutes(90), all))
                .extracting(Doable::name)
                .containsExactly("mine", "anybody's");
    }

    @Test
    @DisplayName("[trade] a closing window comes first, then this week's promises and those missed, then days in hand")
    void urgency() {
        Urgency closing = urgent("2026-12-02T10:00:00Z", 30, "2027-02-01");
        Urgency closingLater = urgent("2026-12-02T11:00:00Z", 1, "2026-12-03");
        Urgency missed = urgent(null, 3, "2026-11-30");
        Urgency sunday = urgent(null, 9, "2026-12-06");
        Urgency monday = urgent(null, -4, "2026-12-07");
        Urgency later = urgent(null, 5, "2026-12-20");
        Urgency laterStill = urgent(null, 5, "2026-12-21");
        List<Urgency> inOrder = List.of(closing, closingLater, missed, sunday, monday, later, laterStill);
        assertThat(Stream.of(sunday, laterStill, closingLater, monday, later, closing, missed)
                        .sorted())
                .containsExactlyElementsOf(inOrder);
        assertThat(inOrder)
                .extracting(Urgency::isThisWeeks)
                .containsExactly(false, true, true, true, false, false, false);
    }

    private static Urgency urgent(@Nullable String closes, int inHand, String promised) {
        return Urgency.of(Optional.ofNullable(closes).map(Instant::parse), inHand, LocalDate.parse(promised), TODAY);
    }
}
