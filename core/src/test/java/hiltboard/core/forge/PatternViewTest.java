package hiltboard.core.forge;

import static hiltboard.core.forge.Recipes.result;
import static hiltboard.core.forge.Recipes.step;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.blade.BladeSection;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specifications;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Where the steels lie, against closed forms. */
class PatternViewTest {
    private static final RecipeStep WELD = step(ForgeWork.WELD, "loss", "0");
    private static final RecipeStep CROP = step(ForgeWork.CROP, "offEachEnd", "0");

    /** Eight layers of 1/8 in, 1 in square and 12 in long. */
    private static Recipe square(RecipeStep... more) {
        return Recipes.then(
                new RecipeStep[] {
                    step(
                            ForgeWork.STACK,
                            "pieces",
                            "8",
                            "firstThickness",
                            "1/8",
                            "secondThickness",
                            "1/8",
                            "width",
                            "1",
                            "length",
                            "12"),
                    WELD,
                    CROP
                },
                more);
    }

    @ParameterizedTest(name = "[worked] layers of 3.175 mm cut at {0}° show bands of 3.175 / sin {0}° mm")
    @ValueSource(doubles = {10, 30, 45, 90})
    void a_straight_laminate_cut_at_an_angle_shows_bands_of_known_width(double degrees) {
        Grain grain = result(square()).grain();
        double sine = Math.sin(Math.toRadians(degrees));
        double band = 3.175 / sine;
        for (int i = -3; i < 3; i++) {
            double middle = (i + 0.5) * band;
            ForgeSteel here = grain.at(50, middle * Math.cos(Math.toRadians(degrees)), middle * sine);
            ForgeSteel next = grain.at(50, (middle + band) * Math.cos(Math.toRadians(degrees)), (middle + band) * sine);
            ForgeSteel justBefore = grain.at(50, 0, (middle + band * 0.49) * sine);
            assertThat(next).isNotEqualTo(here);
            assertThat(justBefore).isEqualTo(here);
        }
    }

    @Test
    @DisplayName(
            "[worked] six turns in 12 in repeat every 2 in, and not every inch where the stack is not alike outside")
    void a_twist_shows_its_pitch() {
        Grain grain =
                result(square(step(ForgeWork.TWIST, "turns", "6", "loss", "0"))).grain();
        int alike = 0;
        for (int i = 0; i < 400; i++) {
            double x = i * 0.37;
            assertThat(grain.at(x + 50.8, 5, 9)).isEqualTo(grain.at(x, 5, 9));
            alike += grain.at(x + 25.4, 5, 9).equals(grain.at(x, 5, 9)) ? 1 : 0;
        }
        assertThat(alike).as("half a turn shows the other steel").isZero();
    }

    @Test
    @DisplayName("[worked] drawn to twice its length, a twist has twice the pitch")
    void drawing_stretches_the_pitch() {
        Billet billet = result(square(
                step(ForgeWork.TWIST, "turns", "6", "loss", "0"),
                step(ForgeWork.DRAW, "toThickness", "1/2", "toWidth", "1", "loss", "0")));
        assertThat(billet.length().inches()).isCloseTo(24, within(1e-6));
        assertThat(billet.turns()).isCloseTo(6 / 0.6096, within(1e-6));
        for (int i = 0; i < 100; i++) {
            assertThat(billet.grain().at(i + 101.6, 3, 4))
                    .isEqualTo(billet.grain().at(i, 3, 4));
        }
    }

    @Test
    @DisplayName("[worked] on the bias the layers run from corner to corner; the diagonal of √2 sides is pressed to "
            + "one, so that through the middle they keep their width")
    void bias_turns_the_layers() {
        Grain grain = result(square(step(ForgeWork.BIAS, "loss", "0"))).grain();
        double band = 3.175;
        for (int i = -3; i < 3; i++) {
            assertThat(grain.at(0, (i + 0.5) * band, 0)).isNotEqualTo(grain.at(0, (i + 1.5) * band, 0));
            assertThat(grain.at(0, (i + 0.5) * band, 0))
                    .as("as far up as across")
                    .isEqualTo(grain.at(0, 0, (i + 0.5) * band));
        }
    }

    @Test
    @DisplayName("[worked] under a groove stands what lay a groove's depth deeper, half a pitch on it does not")
    void a_ladder_brings_up_what_lay_deeper() {
        Grain grain = result(square(step(ForgeWork.LADDER, "pitch", "1", "depth", "1/8", "loss", "0")))
                .grain();
        Grain straight = result(square()).grain();
        double face = 12.7 - 0.1;
        assertThat(grain.at(0, 0, face))
                .isEqualTo(straight.at(0, 0, face - 3.175))
                .isNotEqualTo(straight.at(0, 0, face));
        assertThat(grain.at(12.7, 0, face)).isEqualTo(straight.at(12.7, 0, face));
        assertThat(grain.at(25.4, 0, face)).isEqualTo(grain.at(0, 0, face));
    }

    @Test
    void restacking_lays_the_pieces_on_each_other_in_the_order_of_the_bar() {
        Recipe recipe = Recipes.of(
                step(ForgeWork.CLAD, "coreThickness", "1/4", "claddingThickness", "1/8", "length", "9"),
                WELD,
                CROP,
                step(ForgeWork.RESTACK, "cutInto", "3", "kerf", "0", "groundOff", "0"));
        Billet billet = result(recipe);
        assertThat(billet.layers()).hasSize(7);
        double piece = billet.section().thickness().millimetres() / 3;
        for (int i = -1; i <= 1; i++) {
            assertThat(billet.grain().at(10, 0, i * piece).key())
                    .as("core of piece " + i)
                    .isEqualTo("W2");
            assertThat(billet.grain().at(10, 0, (i + 0.45) * piece).key()).isEqualTo("MILD_STEEL");
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"STRAIGHT", "BIAS", "TWIST", "RESTACK", "WRAP", "DRAW", "ROUND"})
    void each_steel_keeps_its_share_of_the_section(String work) {
        Billet billet = result(
                switch (work) {
                    case "BIAS" -> square(step(ForgeWork.BIAS));
                    case "TWIST" -> square(step(ForgeWork.CORNERS_OFF, "corners", "0"), step(ForgeWork.TWIST));
                    case "RESTACK" -> square(step(ForgeWork.RESTACK));
                    case "WRAP" -> square(step(ForgeWork.WRAP));
                    case "DRAW" ->
                        square(step(ForgeWork.TWIST), step(ForgeWork.DRAW, "toThickness", "1/4", "toWidth", "1-1/2"));
                    case "ROUND" ->
                        square(
                                step(ForgeWork.DRAW, "shape", "ROUND", "toThickness", "3/4"),
                                step(ForgeWork.DRAW, "toThickness", "1/4", "toWidth", "1"));
                    default -> square();
                });
        Random random = new Random(1);
        int looks = 60_000;
        Map<ForgeSteel, Long> found = random.doubles(looks)
                .boxed()
                .map(along -> billet.grain()
                        .at(
                                along * billet.length().millimetres(),
                                (random.nextDouble() - 0.5)
                                        * billet.section().width().millimetres(),
                                (random.nextDouble() - 0.5)
                                        * billet.section().thickness().millimetres()))
                .collect(Collectors.groupingBy(steel -> steel, Collectors.counting()));
        billet.layers().stream()
                .collect(Collectors.groupingBy(Layer::steel, Collectors.summingDouble(Layer::share)))
                .forEach((steel, share) -> assertThat(found.get(steel) / (double) looks)
                        .as(steel.key())
                        .isCloseTo(share, within(0.02)));
    }

    @Test
    void on_a_blade_the_layers_come_out_where_the_blades_own_geometry_says() {
        BladeSection blade = KnifeShape.blade(Specifications.fullTang(
                        "stockThickness", "1/4", "bevelHeight", "7/8", "edgeThickness", ".020", "ricasso", "1/2"))
                .orElseThrow();
        Billet billet = result(Recipes.of(
                step(
                        ForgeWork.CLAD,
                        "coreThickness",
                        ".080",
                        "claddingThickness",
                        ".085",
                        "width",
                        "2",
                        "length",
                        "12"),
                WELD,
                CROP));
        PatternView view = PatternView.onBlade(billet, blade, Length.ofMillimetres("0.1"));
        double height = blade.surfaces(Length.ofInches("0.040")).orElseThrow().millimetres();
        double heel = 25.4;
        int column = (int) Math.round(heel / view.step());
        double edge = blade.slices().apply(heel).orElseThrow().low();
        int core = 0;
        for (int row = 0; row < view.rows(); row++) {
            double up = view.top() - (row + 0.5) * view.step() - edge;
            core += up > 0 && view.shades()[row * view.columns() + column] > 70 ? 1 : 0;
        }
        assertThat(core * view.step()).as("dark core above the edge").isCloseTo(height, within(0.25));
    }

    @Test
    void a_section_shows_as_many_bands_as_layers_and_nothing_outside() {
        PatternView view = PatternView.across(result(square()), 0.5, Length.ofMillimetres("0.1"));
        int bands = 1;
        for (int row = 1; row < view.rows() - 1; row++) {
            boolean isDark = view.shades()[row * view.columns() + 100] > 50;
            bands += isDark != view.shades()[(row - 1) * view.columns() + 100] > 50 ? 1 : 0;
        }
        assertThat(bands).isEqualTo(8);
        PatternView round = PatternView.across(
                result(square(step(ForgeWork.DRAW, "shape", "ROUND", "toThickness", "3/4"))),
                0.5,
                Length.ofMillimetres("0.1"));
        assertThat(round.shades()[0]).isEqualTo((byte) -1);
        assertThat(view.isCoarse()).isFalse();
    }

    @Test
    @DisplayName(
            "a stack that is cut and restacked into 8 has its numbers and its picture, which says that it is coarser than asked")
    void a_picture_that_cannot_be_drawn_so_fine_is_drawn_coarser() {
        PatternView coarse = PatternView.across(result(square()), 0.5, new Length(10));
        assertThat(coarse.isCoarse()).isTrue();
        assertThat((long) coarse.columns() * coarse.rows()).isLessThan(4_100_000);
        assertThat(coarse.columns() * coarse.step())
                .isCloseTo(result(square()).section().width().millimetres(), within(2 * coarse.step()));
        assertThatThrownBy(() -> PatternView.across(result(square()), 0.5, Length.ZERO))
                .isInstanceOf(ImpossibleQuantity.class);
    }
}
