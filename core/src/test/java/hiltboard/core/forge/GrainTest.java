package hiltboard.core.forge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.material.SteelLibrary;
import hiltboard.core.measure.Length;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** Each work moves the steel as geometry says; every answer is undone to the stack. */
class GrainTest {
    private static final ForgeSteel DARK =
            ForgeSteel.named("1084", SteelLibrary.KNOWN).orElseThrow();
    private static final ForgeSteel BRIGHT =
            ForgeSteel.named("75Ni8", SteelLibrary.KNOWN).orElseThrow();
    private static final ForgeSteel CORE =
            ForgeSteel.named("W2", SteelLibrary.KNOWN).orElseThrow();
    private static final List<Layer> TWO = List.of(new Layer(DARK, 0.25), new Layer(BRIGHT, 0.75));
    /** 20 mm high: dark up to 5 mm from below, then bright. */
    private static final Grain STACK = Grain.stacked(TWO, 20);

    @Test
    void a_stack_lies_from_the_lower_face_up_and_goes_on_beyond_its_faces() {
        assertThat(STACK.at(0, 0, -10)).isEqualTo(DARK);
        assertThat(STACK.at(7, 3, -5.01)).isEqualTo(DARK);
        assertThat(STACK.at(7, 3, -4.99)).isEqualTo(BRIGHT);
        assertThat(STACK.at(0, 0, -50)).isEqualTo(DARK);
        assertThat(STACK.at(0, 0, 50)).isEqualTo(BRIGHT);
    }

    @Test
    @DisplayName(
            "[worked] pressed to half its height the boundary lies at half; drawn longer, places along it move with the length")
    void forging_moves_layers_with_the_sides() {
        BarSection from = BarSection.flat(mm(20), mm(20));
        Grain pressed = STACK.forged(from, BarSection.flat(mm(10), mm(40)), 100, 100);
        assertThat(pressed.at(0, 0, -2.51)).isEqualTo(DARK);
        assertThat(pressed.at(0, 0, -2.49)).isEqualTo(BRIGHT);
        Grain marked = (along, across, through) -> along < 30 ? DARK : BRIGHT;
        Grain drawn = marked.forged(from, BarSection.flat(mm(10), mm(20)), 100, 200);
        assertThat(drawn.at(59.9, 0, 0)).isEqualTo(DARK);
        assertThat(drawn.at(60.1, 0, 0)).isEqualTo(BRIGHT);
    }

    @Test
    @DisplayName("[worked] forged there and back, every place is where it was: flat, round and flat again")
    void forging_back_undoes_forging() {
        BarSection flat = BarSection.flat(mm(12), mm(30));
        BarSection round = BarSection.round(mm(20));
        Grain there = STACK.forged(flat, round, 50, 80);
        Grain back = there.forged(round, flat, 80, 50);
        Random random = new Random(4);
        for (int i = 0; i < 2_000; i++) {
            double across = (random.nextDouble() - 0.5) * 30;
            double through = (random.nextDouble() - 0.5) * 12;
            assertThat(back.at(1, across, through)).isEqualTo(STACK.at(1, across, through));
        }
    }

    @Test
    @DisplayName(
            "[worked] a quarter turn stands the layers on edge, a half turn lays them down the other way, a whole one as they were")
    void twisting_turns_about_the_middle() {
        Grain twisted = STACK.twisted(1 / 100d);
        assertThat(twisted.at(0, 0, -8)).isEqualTo(DARK);
        assertThat(twisted.at(50, 0, -8)).isEqualTo(BRIGHT);
        assertThat(twisted.at(50, 0, 8)).isEqualTo(DARK);
        assertThat(twisted.at(100, 0, -8)).isEqualTo(DARK);
        assertThat(List.of(twisted.at(25, 8, 0), twisted.at(25, -8, 0))).containsExactlyInAnyOrder(DARK, BRIGHT);
        assertThat(twisted.at(25, 0, 8)).isEqualTo(twisted.at(25, 0, -8));
    }

    @Test
    void cropping_measures_from_the_new_end() {
        Grain marked = (along, across, through) -> along < 10 ? DARK : BRIGHT;
        assertThat(marked.cropped(10).at(0.1, 0, 0)).isEqualTo(BRIGHT);
        assertThat(marked.cropped(4).at(5.9, 0, 0)).isEqualTo(DARK);
    }

    @Test
    @DisplayName("[worked] three pieces on each other repeat the stack; turned over, every other one is upside down; "
            + "each comes from its own place along the bar")
    void restacking() {
        Grain plain = STACK.restacked(3, 20, 40, false);
        Grain turned = STACK.restacked(3, 20, 40, true);
        for (int piece = 0; piece < 3; piece++) {
            double bottom = -30 + piece * 20;
            assertThat(plain.at(0, 0, bottom + 2)).isEqualTo(DARK);
            assertThat(plain.at(0, 0, bottom + 18)).isEqualTo(BRIGHT);
            assertThat(turned.at(0, 0, bottom + 2)).isEqualTo(piece == 1 ? BRIGHT : DARK);
            assertThat(turned.at(0, 0, bottom + 18)).isEqualTo(piece == 1 ? DARK : BRIGHT);
        }
        Grain marked = (along, across, through) -> along < 40 ? DARK : along < 80 ? BRIGHT : CORE;
        Grain stacked = marked.restacked(3, 20, 40, false);
        assertThat(List.of(stacked.at(5, 0, -20), stacked.at(5, 0, 0), stacked.at(5, 0, 20)))
                .containsExactly(DARK, BRIGHT, CORE);
    }

    @Test
    @DisplayName("[worked] laid around a core, the faces that lay up are outside on both sides")
    void wrapping_a_core() {
        Grain wrapped = STACK.around(CORE, 4, 20, 60);
        assertThat(wrapped.at(0, 0, 1.9)).isEqualTo(CORE);
        assertThat(wrapped.at(0, 0, -1.9)).isEqualTo(CORE);
        for (int side : new int[] {1, -1}) {
            assertThat(wrapped.at(0, 0, side * 4))
                    .as("beside the core lies what lay below")
                    .isEqualTo(DARK);
            assertThat(wrapped.at(0, 0, side * 20))
                    .as("outside lies what lay above")
                    .isEqualTo(BRIGHT);
        }
    }

    @Test
    @DisplayName("[worked] grooves by turns: on one face every pitch, on the other half a pitch further, in the "
            + "middle of the bar nothing of either where they cancel")
    void a_ladder_has_its_steps_by_turns() {
        List<Layer> even = IntStream.range(0, 40)
                .mapToObj(i -> new Layer(i % 2 == 0 ? DARK : BRIGHT, 1 / 40d))
                .toList();
        Grain ladder = Grain.stacked(even, 20).laddered(30, 3, 20);
        for (int i = 0; i < 60; i++) {
            double along = i * 0.5;
            assertThat(ladder.at(along + 30, 0, 7.3)).isEqualTo(ladder.at(along, 0, 7.3));
            assertThat(ladder.at(along, 0, 7.3))
                    .as("the lower face shows half a pitch later what the upper one does, upside down")
                    .isNotEqualTo(ladder.at(along + 15, 0, -7.3));
        }
    }

    @Test
    void dimples_are_smooth_bounded_and_the_same_every_time() {
        double most = 0;
        for (int i = 0; i < 4_000; i++) {
            double x = i * 0.037 - 60;
            double y = i * 0.051 - 90;
            double height = Ripple.at(x, y);
            assertThat(Math.abs(height)).isLessThanOrEqualTo(1);
            assertThat(Ripple.at(x + 1e-5, y)).isCloseTo(height, within(1e-3));
            assertThat(Ripple.at(x, y)).isEqualTo(height);
            most = Math.max(most, Math.abs(height));
        }
        assertThat(most).as("there are hills").isGreaterThan(0.6);
    }

    @Test
    void like_neighbours_are_one_layer_and_shares_make_a_whole() {
        List<Layer> joined = Layer.joined(List.of(
                new Layer(DARK, 2),
                new Layer(DARK, 1),
                new Layer(BRIGHT, 3),
                new Layer(BRIGHT, 0.5),
                new Layer(DARK, 1.5)));
        assertThat(joined).hasSize(3);
        assertThat(joined.get(0).share()).isCloseTo(3 / 8d, within(1e-12));
        assertThat(joined.stream().mapToDouble(Layer::share).sum()).isCloseTo(1, within(1e-12));
    }

    private static Length mm(int millimetres) {
        return Length.ofMillimetres(millimetres);
    }
}
