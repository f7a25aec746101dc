package hiltboard.core.forge;

import static hiltboard.core.forge.Recipes.bar;
import static hiltboard.core.forge.Recipes.result;
import static hiltboard.core.forge.Recipes.step;
import static hiltboard.core.forge.Recipes.then;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.forge.Outcome.Cannot;
import hiltboard.core.forge.Outcome.Done;
import hiltboard.core.forge.Recipe.Reading;
import hiltboard.core.forge.Recipe.Stage;
import hiltboard.core.material.SteelLibrary;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Mass;
import hiltboard.core.measure.Units;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Whole recipes worked by hand: the numbers stand in the names, so that anybody can redo them. */
class WorkedRecipesTest {

    @Test
    @DisplayName("[worked] upset: 1 × 1 × 10 in to 8 in long with 2 % to scale is 1.225 in², 1.1068 in square")
    void upsetting() {
        Billet billet = result(then(bar("1", "1", "10"), step(ForgeWork.UPSET, "toLength", "8")));
        assertThat(billet.length()).isEqualTo(Length.ofInches("8"));
        assertThat(billet.section().area() / 645.16).isCloseTo(1.225, within(1e-4));
        assertThat(billet.section().thickness().inches()).isCloseTo(Math.sqrt(1.225), within(1e-4));
    }

    @Test
    @DisplayName("[worked] on the bias: a square of 1 in that loses 2 % is 0.98995 in square, as long as before")
    void on_the_bias() {
        Billet billet = result(then(bar("1", "1", "10"), step(ForgeWork.BIAS)));
        assertThat(billet.section().thickness().inches()).isCloseTo(Math.sqrt(0.98), within(1e-5));
        assertThat(billet.length().inches()).isCloseTo(10, within(1e-6));
    }

    @Test
    @DisplayName("[worked] around a core: two halves of 0.5 in on 0.125 in are 1.125 in high; 12 in less a cut of "
            + "1/16 in are 5.96875 in each; n layers become 2n + 1")
    void wrapping_a_core() {
        RecipeStep[] billet = {
            step(ForgeWork.STACK, "pieces", "5", "firstThickness", ".100", "secondThickness", ".100", "length", "12"),
            step(ForgeWork.WELD, "loss", "0"),
            step(ForgeWork.CROP, "offEachEnd", "0")
        };
        Recipe recipe = then(billet, step(ForgeWork.WRAP));
        Billet wrapped = result(recipe);
        assertThat(wrapped.section().thickness()).isEqualTo(Length.ofInches("1.125"));
        assertThat(wrapped.length()).isEqualTo(Length.ofInches("5.96875"));
        assertThat(wrapped.layers()).hasSize(11);
        assertThat(wrapped.layers().get(5).steel().key()).isEqualTo("W2");
        assertThat(wrapped.layers().get(5).share()).isCloseTo(0.125 / 1.125, within(1e-9));
        assertThat(wrapped.isWelded()).as("it has to be welded again").isFalse();
        BarToCut core =
                Recipe.bars(recipe.stages(List.of(), Units.INCH_FAHRENHEIT)).get(2);
        assertThat(core)
                .isEqualTo(new BarToCut(
                        ForgeSteel.named("W2", SteelLibrary.KNOWN).orElseThrow(),
                        Length.ofInches("0.125"),
                        Length.ofInches("1.5"),
                        Length.ofInches("5.96875"),
                        1));
    }

    @Test
    @DisplayName(
            "[worked] a ladder keeps its pitch in layers: grooved at 1 in and drawn to twice the length, its steps stand 2 in apart")
    void a_ladder_drawn_out() {
        Billet billet = result(then(
                bar("1", "1", "10"),
                step(ForgeWork.LADDER, "pitch", "1", "depth", "1/8", "loss", "0"),
                step(ForgeWork.DRAW, "toThickness", "1/2", "toWidth", "1", "loss", "0")));
        assertThat(billet.length().inches()).isCloseTo(20, within(1e-6));
        assertThat(billet.layers()).as("one steel stays one layer").hasSize(1);
        Billet two = result(then(
                new RecipeStep[] {
                    step(
                            ForgeWork.STACK,
                            "pieces",
                            "40",
                            "firstThickness",
                            ".025",
                            "secondThickness",
                            ".025",
                            "width",
                            "1",
                            "length",
                            "10"),
                    step(ForgeWork.WELD, "loss", "0"),
                    step(ForgeWork.CROP, "offEachEnd", "0")
                },
                step(ForgeWork.LADDER, "pitch", "1", "depth", "1/8", "loss", "0"),
                step(ForgeWork.DRAW, "toThickness", "1/2", "toWidth", "1", "loss", "0")));
        int alikeAtTwoInches = 0;
        int alikeAtOneInch = 0;
        for (int i = 0; i < 300; i++) {
            ForgeSteel here = two.grain().at(i * 0.31, 0, 5);
            alikeAtTwoInches += two.grain().at(i * 0.31 + 50.8, 0, 5).equals(here) ? 1 : 0;
            alikeAtOneInch += two.grain().at(i * 0.31 + 25.4, 0, 5).equals(here) ? 1 : 0;
        }
        assertThat(alikeAtTwoInches).isEqualTo(300);
        assertThat(alikeAtOneInch).isLessThan(250);
    }

    @Test
    @DisplayName(
            "[worked] 13 layers cut in four are 49, drawn and cut in three again 145: n·k less k − 1 each time, like outside")
    void layers_through_a_whole_recipe() {
        Recipe recipe = Recipes.of(
                step(ForgeWork.STACK, "pieces", "13", "length", "24"),
                step(ForgeWork.WELD),
                step(ForgeWork.CROP),
                step(ForgeWork.DRAW, "toThickness", "1/2", "toWidth", "1-1/2"),
                step(ForgeWork.RESTACK, "groundOff", ".005"),
                step(ForgeWork.WELD),
                step(ForgeWork.CROP),
                step(ForgeWork.DRAW, "toThickness", "1/2", "toWidth", "1-1/2"),
                step(ForgeWork.RESTACK, "cutInto", "3", "groundOff", ".003"),
                step(ForgeWork.WELD));
        List<Stage> stages = recipe.stages(List.of(), Units.INCH_FAHRENHEIT);
        assertThat(stages.stream()
                        .map(stage -> stage.after().orElseThrow().layers().size()))
                .containsExactly(13, 13, 13, 13, 49, 49, 49, 49, 145, 145);
        assertThat(((Done) stages.get(4).outcome()).working())
                .anyMatch(line -> line.contains("13 × 4 − 3 where like meets like = 49 layers"));
        assertThat(((Done) stages.get(8).outcome()).working())
                .anyMatch(line -> line.contains("49 × 3 − 2 where like meets like = 145 layers"));
    }

    @Test
    @DisplayName(
            "[worked] grinding 0.010 in off both faces of layers 0.125 in thick takes 0.010 of each outer one and none of the others")
    void grinding_thins_the_outer_layers_only() {
        Billet billet = result(Recipes.of(
                step(ForgeWork.STACK, "pieces", "3", "firstThickness", ".125", "secondThickness", ".125"),
                step(ForgeWork.WELD, "loss", "0"),
                step(ForgeWork.GRIND, "groundOff", ".010")));
        double whole = 0.355;
        assertThat(billet.section().thickness().inches()).isCloseTo(whole, within(1e-9));
        assertThat(billet.layers())
                .extracting(Layer::share)
                .satisfiesExactly(
                        lower -> assertThat(lower).isCloseTo(0.115 / whole, within(1e-6)),
                        middle -> assertThat(middle).isCloseTo(0.125 / whole, within(1e-6)),
                        upper -> assertThat(upper).isCloseTo(0.115 / whole, within(1e-6)));
    }

    @ParameterizedTest(name = "[worked] {0} % to scale of a bar of 1 kg leaves {1} g")
    @CsvSource({"0, 1000", "2, 980", "10, 900", "50, 500"})
    void scale_takes_its_share_of_the_weight(String loss, double grams) {
        RecipeStep stack = step(
                ForgeWork.STACK, "pieces", "1", "firstThickness", "1", "width", "1", "length", "", "weight", "1 kg");
        Billet billet = result(Recipes.of(stack, step(ForgeWork.WELD, "loss", loss)));
        assertThat(billet.mass().grams()).isCloseTo(grams, within(0.01));
    }

    @Test
    @DisplayName("[worked] of 11 bars 1/8 in and 10 bars 1/16 in of equal size the first weighs 11/16 of all, as "
            + "long as both steels weigh the same")
    void each_steel_weighs_its_bars() {
        Billet stack = result(Recipes.of(step(ForgeWork.STACK)));
        double first = stack.masses()
                .get(ForgeSteel.named("1084", SteelLibrary.KNOWN).orElseThrow())
                .grams();
        double all = stack.masses().values().stream().mapToDouble(Mass::grams).sum();
        assertThat(first / all).isCloseTo(11 * 2 / (11 * 2 + 10.0), within(1e-6));
        assertThat(stack.mass().grams()).isCloseTo(all, within(0.01));
    }

    @Test
    @DisplayName("[worked] only the length measured, 1 in shorter than the 10 in that was computed: the section is "
            + "10/9 of it in its own proportions")
    void a_length_alone_says_how_thick_it_still_is() {
        Recipe recipe =
                then(bar("1", "1", "5"), step(ForgeWork.DRAW, "toThickness", "1/2", "toWidth", "1", "loss", "0"));
        Reading tape = new Reading(Optional.empty(), Optional.empty(), Optional.of(Length.ofInches("9")));
        Billet billet = recipe.result(List.of(Reading.NONE, Reading.NONE, Reading.NONE, tape))
                .orElseThrow();
        assertThat(billet.section().area() / 645.16).isCloseTo(0.5 * 10 / 9, within(1e-4));
        assertThat(billet.section().width().inches()
                        / billet.section().thickness().inches())
                .isCloseTo(2, within(1e-4));
        assertThat(billet.volume()).isCloseTo(5 * 16387.064, within(20.0));
    }

    @Test
    @DisplayName("[worked] a round measured 0.95 in across instead of 1 in is longer by 1 / 0.9025")
    void a_round_is_measured_across() {
        Recipe recipe =
                then(bar("1", "1", "4"), step(ForgeWork.DRAW, "shape", "ROUND", "toThickness", "1", "loss", "0"));
        double computed = result(recipe).length().inches();
        Billet billet = recipe.result(List.of(
                        Reading.NONE,
                        Reading.NONE,
                        Reading.NONE,
                        new Reading(Optional.of(Length.ofInches("0.95")), Optional.empty(), Optional.empty())))
                .orElseThrow();
        assertThat(billet.length().inches()).isCloseTo(computed / 0.9025, within(1e-4));
    }

    @ParameterizedTest(name = "{0} with {1} = {2}: {3}")
    @CsvSource({
        "CLAD, betweenThickness, '', How thick the layers between are",
        "STACK, length, '', How long its bars are",
        "STACK, firstThickness, 0, A bar has no size",
        "CLAD, width, 0, A bar has no size"
    })
    void a_stack_that_cannot_be_laid_says_what_is_missing(ForgeWork work, String key, String entry, String why) {
        RecipeStep step = work == ForgeWork.CLAD
                ? step(work, "between", "75Ni8", "betweenThickness", "1/32", key, entry)
                : step(work, key, entry);
        Stage stage = Recipes.of(step).stages(List.of(), Units.INCH_FAHRENHEIT).get(0);
        assertThat(stage.outcome())
                .isInstanceOfSatisfying(
                        Cannot.class, cannot -> assertThat(cannot.why()).contains(why));
        assertThat(Recipe.bars(List.of(stage))).isEmpty();
    }

    @Test
    void so_many_layers_that_nobody_sees_them_are_refused() {
        Recipe recipe = Recipes.of(
                step(
                        ForgeWork.STACK,
                        "pieces",
                        "199",
                        "firstThickness",
                        ".02",
                        "secondThickness",
                        ".02",
                        "length",
                        "200"),
                step(ForgeWork.WELD),
                step(ForgeWork.RESTACK, "cutInto", "110", "kerf", "0"));
        List<Stage> stages = recipe.stages(List.of(), Units.INCH_FAHRENHEIT);
        assertThat(stages.get(2).outcome())
                .isInstanceOfSatisfying(
                        Cannot.class, cannot -> assertThat(cannot.accepted()).contains("20000 layers"));
    }

    @Test
    void after_a_step_that_cannot_be_nothing_more_is_worked_out() {
        Recipe recipe = then(bar("1/2", "2", "6"), step(ForgeWork.TWIST), step(ForgeWork.CROP));
        assertThat(recipe.stages(List.of(), Units.INCH_FAHRENHEIT)).hasSize(4);
        assertThat(recipe.result(List.of())).isEmpty();
        assertThat(recipe.forVolume(100)).isEmpty();
        assertThat(new Recipe(List.of()).result(List.of())).isEmpty();
        assertThat(new Recipe(List.of(step(ForgeWork.WELD))).forVolume(100))
                .as("it begins with no stack")
                .isEmpty();
    }
}
