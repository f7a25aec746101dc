package hiltboard.core.design;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * What a knife is for and the edge that is usual for it. Common practice of the trade, from memory, no published
 * source.
 */
class UseTest {

    @ParameterizedTest(name = "“{0}” speaks of {1}")
    @CsvSource({
        "Onions and herbs, VEGETABLES",
        "'Sunday roasts, carved at the table with guests looking on.', MEAT",
        "Filleting trout on the boat: fish and nothing else, MEAT",
        "'Roe deer, once or twice a season. Light in the pack.', OUTDOORS",
        "Kindling and brush, CHOPPING",
        "'For the wall over the fireplace', ''",
        "'A gamekeeper gave it to a fishwife', ''",
        "'', ''"
    })
    void what_clients_say(String words, String use) {
        assertThat(Use.saidIn(words)).extracting(Enum::name).isEqualTo(use.isEmpty() ? List.of() : List.of(use));
    }

    @Test
    void a_client_may_name_two_uses() {
        assertThat(Use.saidIn("Cabbages no, but onions, and fish on Fridays"))
                .containsExactly(Use.VEGETABLES, Use.MEAT);
    }

    @ParameterizedTest(name = "[trade] {0}: {1}° a side and {2} serves it: {3}")
    @CsvSource({
        "VEGETABLES, 14, FINE, true",
        "VEGETABLES, 20, MEDIUM, true",
        "VEGETABLES, 21, FINE, false",
        "VEGETABLES, 14, COARSE, false",
        "MEAT, 16, COARSE, true",
        "MEAT, 16, FINE, true",
        "MEAT, 9, FINE, false",
        "CHOPPING, 14, MEDIUM, false",
        "OUTDOORS, 19, MEDIUM, true"
    })
    void an_edge_serves_a_use_or_another(Use use, int degrees, EdgeTooth tooth, boolean serves) {
        assertThat(Specifications.fullTang("edgeAngle", String.valueOf(degrees), "edgeTooth", tooth.name())
                        .serves(use))
                .isEqualTo(serves);
    }

    @Test
    @DisplayName("[trade] the edge follows from the use: about 20° a side for general work, thinner and finer for "
            + "vegetables, more for an axe whatever it is for")
    void the_usual_edge() {
        assertThat(Specifications.fullTang("use", "GENERAL").entries()).containsEntry("edgeAngle", "20");
        assertThat(Specifications.fullTang("use", "VEGETABLES").entries()).containsEntry("edgeAngle", "13");
        assertThat(Specifications.fullTang("use", "VEGETABLES").edgeTooth()).isEqualTo(EdgeTooth.FINE);
        assertThat(Specifications.of(Construction.HATCHET, "use", "GENERAL").entries())
                .containsEntry("edgeAngle", "27");
        assertThat(Specifications.of(Construction.HATCHET, "use", "VEGETABLES").serves(Use.VEGETABLES))
                .isTrue();
    }
}
