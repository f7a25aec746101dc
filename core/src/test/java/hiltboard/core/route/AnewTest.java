package hiltboard.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.design.Construction;
import hiltboard.core.route.Anew.Fresh;
import hiltboard.core.route.WaysBack.Way;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class AnewTest {
    private static final RoutePlanner PLANNER = new RoutePlanner(OrderRules.all());

    @ParameterizedTest
    @EnumSource(Construction.class)
    @DisplayName("[trade] a new blade is new steel, with its holes and its edge, however it is built")
    void new_steel(Construction construction) {
        Knife knife = Knife.of(construction);
        Anew anew = Anew.of(again(knife, Mishap.CRACKED, WayBack.REMAKE));
        assertThat(anew.has(Fresh.STEEL)).isTrue();
        assertThat(anew.has(Fresh.TANG_HOLES)).isTrue();
        assertThat(anew.has(Fresh.EDGE)).isTrue();
    }

    @Test
    @DisplayName("[trade] a blade that is hardened once more is the same steel, with the same holes")
    void same_steel() {
        Anew anew = Anew.of(again(Knife.of(Construction.FULL_TANG), Mishap.NOT_HARD, WayBack.HEAT_AGAIN));
        assertThat(anew).isEqualTo(new Anew(Set.of()));
    }

    @Test
    void new_scales_have_no_holes_yet_and_a_new_edge_has_been_tried_on_nothing() {
        Knife knife = Knife.of(Construction.FULL_TANG);
        assertThat(Anew.of(List.of(knife.step("drill-scales").operation())))
                .isEqualTo(new Anew(Set.of(Fresh.HANDLE_HOLES)));
        assertThat(Anew.of(List.of(knife.step("sharpen").operation()))).isEqualTo(new Anew(Set.of(Fresh.EDGE)));
        assertThat(Anew.of(List.of(knife.step("drill-tang-holes").operation())))
                .isEqualTo(new Anew(Set.of(Fresh.TANG_HOLES)));
    }

    @Test
    @DisplayName(
            "[trade] a guard made anew has not been driven on yet, a new block and a new spacer have not been measured")
    void new_fittings() {
        Knife knife = Knife.of(Construction.HIDDEN_TANG);
        assertThat(Anew.of(List.of(knife.step("mill-guard-slot").operation())))
                .isEqualTo(new Anew(Set.of(Fresh.GUARD, Fresh.GUARD_FIT)));
        assertThat(Anew.of(List.of(knife.step("fit-guard").operation()))).isEqualTo(new Anew(Set.of(Fresh.GUARD_FIT)));
        assertThat(Anew.of(List.of(
                        knife.step("open-cavity").operation(),
                        knife.step("make-spacer").operation())))
                .isEqualTo(new Anew(Set.of(Fresh.BLOCK, Fresh.SPACER)));
    }

    private static List<Operation> again(Knife knife, Mishap mishap, WayBack wayBack) {
        Making making = new Making(knife.spec(), Place.ALONE, Rework.NONE, knife.before("test-hardness"));
        return new WaysBack(making, PLANNER)
                .of(mishap, knife.step("test-hardness"), false).stream()
                        .filter(way -> way.way() == wayBack)
                        .map(Way::turned)
                        .map(TurnedBack::again)
                        .findFirst()
                        .orElseThrow();
    }
}
