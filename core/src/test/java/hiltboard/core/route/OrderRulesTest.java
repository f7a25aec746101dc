package hiltboard.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.design.Construction;
import hiltboard.core.design.Specifications;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

/**
 * Every order rule on a piece that it was made for: what was forgotten keeps the later work from beginning, and doing
 * it opens the way.
 */
class OrderRulesTest {
    private static final String TABLE = "/hiltboard/core/route/order-rules.csv";

    @ParameterizedTest(name = "[trade] {0}: {5} waits for {4}")
    @CsvFileSource(resources = TABLE, numLinesToSkip = 2)
    void what_was_forgotten_is_named_before_the_damage(
            String rule, Construction construction, String settings, String place, String forgotten, String step) {
        String[] changes = settings == null ? new String[0] : settings.split("[ =]");
        Knife knife = "TAKEN_APART".equals(place)
                ? Knife.takenApart(Specifications.of(construction, changes))
                : Knife.of(
                        Specifications.of(construction, changes), place == null ? Place.ALONE : Place.valueOf(place));
        Progress progress = knife.allBut(step, forgotten);
        Gate gate = knife.gate(step, progress);
        List<Gate.Obstacle> open = new ArrayList<>(gate.closedBy());
        open.addAll(gate.cares());
        assertThat(open).anySatisfy(obstacle -> {
            assertThat(obstacle.rule().key()).isEqualTo(rule);
            assertThat(obstacle.missing()).extracting(Operation::key).contains(forgotten);
        });
        Set<String> done = new HashSet<>(progress.doneAt().keySet());
        done.add(forgotten);
        assertThat(Gate.before(knife.step(step), done, progress.conditions(), Set.of(), true)
                        .closedBy())
                .extracting(obstacle -> obstacle.rule().key())
                .doesNotContain(rule);
    }

    @Test
    void the_table_has_every_rule() throws IOException {
        String table = new String(
                Objects.requireNonNull(OrderRulesTest.class.getResourceAsStream(TABLE))
                        .readAllBytes(),
                StandardCharsets.UTF_8);
        assertThat(Arrays.stream(table.split("\n")).skip(2).map(line -> line.split(",")[0]))
                .containsExactlyInAnyOrderElementsOf(
                        OrderRules.all().stream().map(OrderRule::key).toList());
    }
}
