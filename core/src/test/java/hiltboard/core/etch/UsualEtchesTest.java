package hiltboard.core.etch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hiltboard.core.design.Finish;
import hiltboard.core.design.Specifications;
import hiltboard.core.etch.EtchRecipe.End;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.TimeRange;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class UsualEtchesTest {
    private static EtchRecipe recipe(String key) {
        return UsualEtches.withKey(key).orElseThrow();
    }

    @Test
    @DisplayName("[trade] the recipes in use: times, cycles, grits and endings")
    void the_shops_first_recipes() {
        assertThat(recipe("grey").cyclesInWords()).isEqualTo("20–30 s");
        assertThat(recipe("grey").grit()).isEqualTo(800);
        assertThat(recipe("dark").cyclesInWords()).isEqualTo("3–4 × 2–3 min");
        assertThat(recipe("dark").ending().end()).isEqualTo(End.TUMBLE_DRY);
        assertThat(recipe("dark").ending().words()).contains("15 min");
        assertThat(recipe("dark").grit()).isEqualTo(220);
        assertThat(recipe("valleys").cyclesInWords()).isEqualTo("5 min, 8 min, 10 min, 10 min");
        assertThat(recipe("valleys").inTheBath()).isEqualTo(TimeRange.ofMinutes(33, 33));
        assertThat(recipe("valleys").ending().grit()).contains(1500);
        assertThat(recipe("pattern").cyclesInWords()).isEqualTo("3–5 × 5 min");
        assertThat(recipe("pattern").cycle(2).words()).isEqualTo("sand with 3000");
        assertThat(recipe("pattern").afterBaths().get(0).liquid()).isEqualTo(Liquid.COFFEE);
        assertThat(recipe("clad").inTheBath()).isEqualTo(TimeRange.ofMinutes(30, 30));
        assertThat(recipe("clad").afterBaths().get(0).liquid()).isEqualTo(Liquid.VINEGAR);
        assertThat(recipe("dark-stainless").inTheBath()).isEqualTo(TimeRange.ofMinutes(60, 60));
        assertThat(recipe("dark-stainless").ending().time()).contains(TimeRange.ofMinutes(5, 7));
        assertThat(recipe("lemon").cycle(1).bath()).isEqualTo(TimeRange.ofMinutes(10, 15));
        assertThat(recipe("lemon").liquid()).isEqualTo(Liquid.FRUIT_ACID);
        assertThat(recipe("bold-line").cycle(1).words()).contains("powder of 1500");
    }

    @Test
    void every_etched_finish_has_one() {
        for (Finish finish : Finish.values()) {
            boolean isThere = UsualEtches.keys().stream()
                    .anyMatch(key -> recipe(key).finishes().contains(finish));
            assertThat(isThere).as(finish.words()).isEqualTo(finish.isEtched());
        }
    }

    @Test
    void a_stainless_blade_gets_the_one_for_stainless() {
        assertThat(UsualEtches.of(Specifications.fullTang("finish", "ETCHED_DARK_TUMBLED")))
                .contains(recipe("dark"));
        assertThat(UsualEtches.of(Specifications.fullTang("finish", "ETCHED_DARK_TUMBLED", "steel", "X46Cr13")))
                .contains(recipe("dark-stainless"));
        assertThat(UsualEtches.of(Specifications.fullTang("finish", "HAND_SATIN")))
                .isEmpty();
    }

    @Test
    void a_recipe_without_a_cycle_is_none() {
        EtchRecipe grey = recipe("grey");
        for (List<EtchRecipe.Cycle> cycles :
                Arrays.asList(List.<EtchRecipe.Cycle>of(), java.util.Collections.nCopies(30, grey.cycle(1)))) {
            assertThatThrownBy(() -> new EtchRecipe(
                            "odd",
                            grey.finishes(),
                            grey.steel(),
                            grey.liquid(),
                            "",
                            400,
                            grey.firstLook(),
                            cycles,
                            0,
                            "",
                            List.of(),
                            grey.ending()))
                    .isInstanceOf(ImpossibleQuantity.class);
        }
    }
}
