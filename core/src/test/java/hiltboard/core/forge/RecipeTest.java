package hiltboard.core.forge;

import static hiltboard.core.forge.Recipes.bar;
import static hiltboard.core.forge.Recipes.result;
import static hiltboard.core.forge.Recipes.step;
import static hiltboard.core.forge.Recipes.then;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.forge.Outcome.Cannot;
import hiltboard.core.forge.Outcome.Done;
import hiltboard.core.forge.Recipe.Reading;
import hiltboard.core.forge.Recipe.Stage;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * A billet from its bars onwards: against arithmetic that anyone can redo, and against what must hold for any recipe.
 */
class RecipeTest {
    private static final Length SIXTEENTH = Length.ofInchFraction(1, 16);

    @Test
    @DisplayName("[worked] 1-1/4 in round, 8 in long, drawn to 20 in keeps its volume: 0.491 in² without loss")
    void volume_is_kept_in_drawing_out() {
        double round = Math.PI / 4 * 1.25 * 1.25;
        assertThat(round * 8 / 20).isCloseTo(0.491, within(0.0005));
        Recipe recipe = then(
                bar(String.format(Locale.ROOT, "%.4f", round / 1.25 + 0.0001), "1.25", "8"),
                step(ForgeWork.DRAW, "shape", "ROUND", "toThickness", "1.25", "loss", "0"),
                step(ForgeWork.DRAW, "toThickness", ".491", "toWidth", "1", "loss", "0"));
        assertThat(result(recipe).length().inches()).isCloseTo(20, within(0.01));
    }

    @ParameterizedTest(name = "[worked] {0} layers cut into {1}, every other one turned {2}: {3}")
    @CsvSource({
        "7, 7, false, 43",
        "8, 4, false, 32",
        "21, 4, false, 81",
        "8, 4, true, 29",
        "7, 7, true, 43",
        "1, 5, false, 1",
        "2, 2, false, 4"
    })
    void layers_multiply_less_one_where_like_meets_like(int pieces, int cutInto, boolean isTurned, int layers) {
        Recipe recipe = Recipes.of(
                step(ForgeWork.STACK, "pieces", String.valueOf(pieces), "length", "30"),
                step(ForgeWork.WELD),
                step(ForgeWork.CROP),
                step(
                        ForgeWork.RESTACK,
                        "cutInto",
                        String.valueOf(cutInto),
                        "laid",
                        isTurned ? "TURNED" : "AS_CUT",
                        "groundOff",
                        "0"));
        assertThat(result(recipe).layers()).hasSize(layers);
    }

    @Test
    @DisplayName("[trade] a four-inch stack of seven bars, two alloys by turns: seven layers, like outside")
    void a_stack_of_seven() {
        Billet stack = result(Recipes.of(step(
                ForgeWork.STACK,
                "pieces",
                "7",
                "firstThickness",
                "5/8",
                "secondThickness",
                "1/2",
                "width",
                "2",
                "length",
                "4")));
        assertThat(stack.section().thickness()).isEqualTo(Length.ofInches("4"));
        assertThat(stack.layers()).hasSize(7);
        assertThat(stack.layers().get(0).steel())
                .isEqualTo(stack.layers().get(6).steel());
    }

    @Test
    @DisplayName("[trade] a clad billet of core and three layers a side counts seven, the core as one")
    void a_clad_billet_counts_seven() {
        Billet clad = result(Recipes.of(step(
                ForgeWork.CLAD,
                "layersASide",
                "3",
                "between",
                "75Ni8",
                "betweenThickness",
                "1/32",
                "claddingThickness",
                "3/32")));
        assertThat(clad.layers()).hasSize(7);
        assertThat(clad.layers().get(3).steel().key()).isEqualTo("W2");
        assertThat(clad.layers().get(0).steel().key()).isEqualTo("MILD_STEEL");
        assertThat(clad.layers().get(6).steel().key()).isEqualTo("MILD_STEEL");
    }

    @Test
    @DisplayName(
            "[worked] 10 × 1 × 0.125 in of 7.85 g/cm³ weighs 160.8 g; two such bars twice that, each steel its half")
    void a_billet_weighs_what_its_bars_weigh() {
        Billet one = result(Recipes.of(
                step(ForgeWork.STACK, "pieces", "1", "firstThickness", ".125", "width", "1", "length", "10")));
        assertThat(one.mass().grams()).isCloseTo(160.8, within(0.05));
        Billet two = result(Recipes.of(step(
                ForgeWork.STACK,
                "pieces",
                "2",
                "firstThickness",
                ".125",
                "secondThickness",
                ".125",
                "width",
                "1",
                "length",
                "10")));
        assertThat(two.masses().values())
                .allSatisfy(mass -> assertThat(mass.grams()).isCloseTo(160.8, within(0.1)));
    }

    @Test
    @DisplayName("[worked] a stack of 1 × 1 in of 7.85 g/cm³ weighs 128.6 g an inch: for 643 g its bars are 5 in long")
    void a_stack_may_be_asked_for_by_weight() {
        RecipeStep byWeight = step(
                ForgeWork.STACK,
                "pieces",
                "2",
                "firstThickness",
                "1/2",
                "secondThickness",
                "1/2",
                "width",
                "1",
                "length",
                "",
                "weight",
                "643.2 g");
        Billet billet = result(Recipes.of(byWeight));
        assertThat(billet.length().inches()).isCloseTo(643.2 / (16.387064 * 7.85), within(0.001));
        assertThat(billet.mass().grams()).isCloseTo(643.2, within(0.01));
        assertThat(Recipe.bars(Recipes.of(byWeight).stages(List.of(), Units.INCH_FAHRENHEIT)))
                .allSatisfy(bar -> assertThat(bar.length()).isEqualTo(billet.length()));
        assertThat(Recipes.of(step(ForgeWork.STACK, "length", ""))
                        .stages(List.of(), Units.INCH_FAHRENHEIT)
                        .get(0)
                        .outcome())
                .isInstanceOf(Cannot.class);
    }

    @Test
    @DisplayName(
            "[worked] bars to cut: 21 by turns are 11 and 10; a core with three layers a side, two of them cladding, is one, four and two")
    void bars_are_counted_by_kind() {
        assertThat(Recipe.bars(
                        Recipes.of(step(ForgeWork.STACK, "pieces", "21")).stages(List.of(), Units.INCH_FAHRENHEIT)))
                .extracting(BarToCut::count)
                .containsExactly(11, 10);
        Recipe clad =
                Recipes.of(step(ForgeWork.CLAD, "layersASide", "3", "between", "75Ni8", "betweenThickness", "1/32"));
        assertThat(Recipe.bars(clad.stages(List.of(), Units.INCH_FAHRENHEIT)))
                .extracting(bar -> bar.steel().key() + " " + bar.count())
                .containsExactly("W2 1", "MILD_STEEL 4", "75Ni8 2");
    }

    @Test
    @DisplayName("[worked] a blank of 1/4 × 1-1/2 × 10 in takes 8 in of a billet 5/16 × 1-1/2 in and a saw cut: a "
            + "billet of 16-1/16 in gives two, a shorter one does not")
    void blades_come_out_of_a_billet_by_volume() {
        BladeBlank blank = new BladeBlank(Length.ofInches("0.25"), Length.ofInches("1.5"), Length.ofInches("10"));
        BarSection section = BarSection.flat(Length.ofInchFraction(5, 16), Length.ofInches("1.5"));
        assertThat(blank.lengthOf(section)).isEqualTo(Length.ofInches("8.0625"));
        assertThat(blank.countIn(result(Recipes.of(bar("5/16", "1.5", "16.0625")))))
                .isEqualTo(2);
        assertThat(blank.countIn(result(Recipes.of(bar("5/16", "1.5", "16"))))).isEqualTo(1);
    }

    @Test
    @DisplayName(
            "[worked] both ends off: 6 in less 2 × 1/2 in; scale of 3 % takes 3 % of the height; ground 1/32 a face takes 1/16")
    void what_is_taken_away_is_gone() {
        Billet billet = result(Recipes.of(
                step(ForgeWork.STACK, "pieces", "3", "firstThickness", "1/4", "secondThickness", "1/2", "length", "6"),
                step(ForgeWork.WELD, "loss", "3"),
                step(ForgeWork.CROP),
                step(ForgeWork.GRIND)));
        assertThat(billet.length()).isEqualTo(Length.ofInches("5"));
        assertThat(billet.section().thickness().inches()).isCloseTo(0.97 - 0.0625, within(1e-6));
    }

    @Test
    void grinding_through_the_outermost_layer_takes_it_away_and_says_so() {
        List<Stage> stages = Recipes.of(
                        step(ForgeWork.STACK, "pieces", "5", "firstThickness", ".010", "secondThickness", ".100"),
                        step(ForgeWork.WELD, "loss", "0"),
                        step(ForgeWork.GRIND, "groundOff", ".020"))
                .stages(List.of(), Units.INCH_FAHRENHEIT);
        assertThat(stages.get(2).after().orElseThrow().layers()).hasSize(3);
        assertThat(((Done) stages.get(2).outcome()).cautions()).anyMatch(caution -> caution.contains("outermost"));
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "twist-flat, neither square nor round",
        "draw-larger, larger section",
        "crop-all, Nothing is left",
        "no-stack, no billet",
        "loose, loose stack",
        "two-stacks, a billet already",
        "upset-longer, shorter",
        "bias-flat, not square",
        "groove-through, goes through"
    })
    void what_cannot_be_done_is_refused_with_what_could(String what, String why) {
        RecipeStep[] flat = bar("1/2", "1-1/2", "6");
        Recipe recipe = switch (what) {
            case "twist-flat" -> then(flat, step(ForgeWork.TWIST));
            case "draw-larger" -> then(flat, step(ForgeWork.DRAW, "toThickness", "1", "toWidth", "1"));
            case "crop-all" -> then(flat, step(ForgeWork.CROP, "offEachEnd", "3"));
            case "no-stack" -> Recipes.of(step(ForgeWork.WELD));
            case "loose" ->
                Recipes.of(step(ForgeWork.STACK), step(ForgeWork.DRAW, "toThickness", "1/2", "toWidth", "1"));
            case "two-stacks" -> then(flat, step(ForgeWork.STACK));
            case "upset-longer" -> then(flat, step(ForgeWork.UPSET, "toLength", "7"));
            case "bias-flat" -> then(flat, step(ForgeWork.BIAS));
            default -> then(flat, step(ForgeWork.LADDER, "depth", "1/4"));
        };
        List<Stage> stages = recipe.stages(List.of(), Units.INCH_FAHRENHEIT);
        Stage last = stages.get(stages.size() - 1);
        assertThat(last.outcome()).isInstanceOfSatisfying(Cannot.class, cannot -> {
            assertThat(cannot.why()).contains(why);
            assertThat(cannot.accepted()).isNotBlank();
        });
        assertThat(recipe.result(List.of())).isEmpty();
    }

    @Test
    @DisplayName("[trade] corners come off before a twist, ends before forging on, a clad blank stays 5/16 in thick: "
            + "each is said where it is missing")
    void the_trades_warnings_stand_where_they_belong() {
        assertThat(cautions(then(bar("7/8", "7/8", "6"), step(ForgeWork.TWIST))))
                .anyMatch(caution -> caution.contains("corners tear"));
        assertThat(cautions(then(bar("7/8", "7/8", "6"), step(ForgeWork.CORNERS_OFF), step(ForgeWork.TWIST))))
                .isEmpty();
        assertThat(cautions(Recipes.of(
                        step(ForgeWork.STACK),
                        step(ForgeWork.WELD),
                        step(ForgeWork.DRAW, "toThickness", "1/2", "toWidth", "1"))))
                .anyMatch(caution -> caution.contains("ends never weld"));
        RecipeStep[] clad = {step(ForgeWork.CLAD), step(ForgeWork.WELD), step(ForgeWork.CROP)};
        assertThat(cautions(then(clad, step(ForgeWork.DRAW, "toThickness", "1/4", "toWidth", "1"))))
                .anyMatch(caution -> caution.contains("loses its layer"));
        assertThat(cautions(then(clad, step(ForgeWork.DRAW, "toThickness", "5/16", "toWidth", "1"))))
                .isEmpty();
    }

    private static List<String> cautions(Recipe recipe) {
        List<Stage> stages = recipe.stages(List.of(), Units.INCH_FAHRENHEIT);
        return ((Done) stages.get(stages.size() - 1).outcome()).cautions();
    }

    @Test
    void a_reading_at_the_anvil_replaces_what_was_computed_for_everything_after_it() {
        Recipe recipe = then(
                bar("1", "1", "10"),
                step(ForgeWork.DRAW, "toThickness", "1/2", "toWidth", "1", "loss", "0"),
                step(ForgeWork.CROP));
        List<Reading> readings = new ArrayList<>(List.of(Reading.NONE, Reading.NONE, Reading.NONE));
        readings.add(new Reading(
                Optional.of(Length.ofInches("0.625")), Optional.of(Length.ofInches("0.95")), Optional.empty()));
        Billet billet = recipe.result(readings).orElseThrow();
        assertThat(billet.section().thickness()).isEqualTo(Length.ofInches("0.625"));
        assertThat(billet.length().inches())
                .as("the rest of the volume, both ends off")
                .isCloseTo(10 / (0.625 * 0.95) - 1, within(0.001));
    }

    @Test
    void readings_with_more_steel_than_went_in_are_doubted() {
        Recipe recipe =
                then(bar("1", "1", "10"), step(ForgeWork.DRAW, "toThickness", "1/2", "toWidth", "1", "loss", "0"));
        Reading reading = new Reading(
                Optional.of(Length.ofInches("0.6")),
                Optional.of(Length.ofInches("1")),
                Optional.of(Length.ofInches("20")));
        List<Stage> stages =
                recipe.stages(List.of(Reading.NONE, Reading.NONE, Reading.NONE, reading), Units.INCH_FAHRENHEIT);
        assertThat(((Done) stages.get(3).outcome()).cautions()).anyMatch(caution -> caution.contains("measure again"));
    }

    @Test
    void works_backwards_to_the_shortest_stack_that_is_enough() {
        Recipe recipe = Recipes.of(
                step(ForgeWork.STACK, "length", "3"),
                step(ForgeWork.WELD),
                step(ForgeWork.CROP),
                step(ForgeWork.DRAW, "toThickness", "1/2", "toWidth", "1-1/2"),
                step(ForgeWork.RESTACK, "cutInto", "3"),
                step(ForgeWork.WELD),
                step(ForgeWork.CROP),
                step(ForgeWork.DRAW, "toThickness", "1/4", "toWidth", "1-1/2"));
        double wanted = 5 * 6.35 * 38.1 * 200;
        Recipe enough = recipe.forVolume(wanted).orElseThrow();
        assertThat(result(enough).volume()).isGreaterThanOrEqualTo(wanted * (1 - 1e-9));
        Length length = enough.steps().get(0).length(StepField.LENGTH);
        Recipe shorter = new Recipe(
                concat(enough.steps().get(0).with(StepField.LENGTH, length.minus(SIXTEENTH)), enough.steps()));
        assertThat(result(shorter).volume()).isLessThan(wanted);
        assertThat(recipe.forVolume(1e12)).isEmpty();
        assertThatThrownBy(() -> recipe.forVolume(Double.NaN)).isInstanceOf(ImpossibleQuantity.class);
    }

    private static List<RecipeStep> concat(RecipeStep first, List<RecipeStep> steps) {
        List<RecipeStep> all = new ArrayList<>(steps);
        all.set(0, first);
        return all;
    }

    /** Any works in any order, with sizes that may or may not be possible. */
    private static Recipe random(Random random) {
        List<RecipeStep> steps = new ArrayList<>();
        steps.add(step(
                ForgeWork.STACK,
                "pieces",
                String.valueOf(1 + random.nextInt(9)),
                "width",
                "1",
                "length",
                String.valueOf(4 + random.nextInt(30))));
        steps.add(step(ForgeWork.WELD));
        for (int i = 0; i < 7; i++) {
            ForgeWork work = ForgeWork.values()[2 + random.nextInt(ForgeWork.values().length - 2)];
            steps.add(
                    work == ForgeWork.DRAW
                            ? step(
                                    work,
                                    "toThickness",
                                    "0." + (3 + random.nextInt(6)),
                                    "toWidth",
                                    "0." + (3 + random.nextInt(6)),
                                    "shape",
                                    random.nextInt(4) == 0 ? "ROUND" : "FLAT")
                            : work == ForgeWork.UPSET
                                    ? step(work, "toLength", String.valueOf(2 + random.nextInt(20)))
                                    : step(work));
            if (work == ForgeWork.RESTACK || work == ForgeWork.WRAP) {
                steps.add(step(ForgeWork.WELD));
            }
        }
        return new Recipe(steps);
    }

    @Test
    void volume_never_grows_and_layers_are_never_lost_without_a_cut() {
        Random random = new Random(11);
        int looked = 0;
        for (int i = 0; i < 2_000; i++) {
            for (Stage stage : random(random).stages(List.of(), Units.INCH_FAHRENHEIT)) {
                if (stage.before().isPresent() && stage.after().isPresent()) {
                    looked++;
                    Billet before = stage.before().get();
                    Billet after = stage.after().get();
                    boolean addsCore = stage.step().work() == ForgeWork.WRAP;
                    assertThat(addsCore || after.volume() <= before.volume() * (1 + 1e-6))
                            .as(stage.step().work().name())
                            .isTrue();
                    boolean isCut = stage.step().work() == ForgeWork.GRIND
                            || stage.step().work() == ForgeWork.RESTACK;
                    assertThat(isCut || after.layers().size() >= before.layers().size())
                            .as(stage.step().work().name())
                            .isTrue();
                    assertThat(after.layers().stream().mapToDouble(Layer::share).sum())
                            .isCloseTo(1, within(1e-9));
                }
            }
        }
        assertThat(looked).isGreaterThan(2_000);
    }

    @ParameterizedTest(name = "[trade] a weld with {0}: canned and cooler is said, {1}")
    @CsvSource({"D2, true", "440C, true", "X46Cr13, true", "75Ni8, false"})
    void chromium_is_welded_in_a_can_below_the_heat_of_carbon_steel(String bright, boolean isSaid) {
        Recipe recipe = Recipes.of(
                step(ForgeWork.STACK, "pieces", "7", "secondSteel", bright, "length", "8"), step(ForgeWork.WELD));
        List<Stage> stages = recipe.stages(List.of(), Units.INCH_FAHRENHEIT);
        assertThat(((Done) stages.get(1).outcome())
                        .cautions().stream().anyMatch(line -> line.startsWith(bright + " crumbles above about 20")))
                .isEqualTo(isSaid);
    }
}
