package hiltboard.core.stock.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.search.LongSearch.Watch;
import hiltboard.core.stock.cutting.CuttingPlan.BarPlan;
import hiltboard.core.stock.cutting.CuttingPlan.Placed;
import hiltboard.core.stock.cutting.CuttingProblem.Wanted;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Rows against trying every order and every way to lie; placings as moves that keep a knife what it is. */
class RowsTest {
    private static final CuttingRules RULES = CuttingRules.USUAL;
    private static final double WIDTH = 45;

    @Test
    void the_shortest_row_of_each_choice_is_what_trying_everything_finds() {
        Nest nest = new Nest(
                List.of(NestTest.knife(), NestTest.knife("bladeLength", "3", "handleLength", "4")), WIDTH, RULES);
        int[] most = {2, 1};
        Rows rows = Rows.every(nest, most, 900, 1_000);
        assertThat(rows.isComplete()).isTrue();
        assertThat(rows.all()).hasSize(5);
        for (Rows.Row row : rows.all()) {
            assertThat(row.length())
                    .as(Arrays.toString(row.counts()))
                    .isCloseTo(shortest(nest, row.counts()), within(1e-6));
            assertThat(length(nest, row.states()))
                    .as("its own order is as long as it says")
                    .isCloseTo(row.length(), within(1e-6));
        }
    }

    private static double length(Nest nest, int[] states) {
        double left = IntStream.range(1, states.length)
                .mapToDouble(i -> nest.pitch(states[i - 1], states[i]))
                .sum();
        return left + nest.length(states[states.length - 1]);
    }

    private static double shortest(Nest nest, int[] counts) {
        return orders(nest, counts, new ArrayList<>()).stream()
                .mapToDouble(states -> length(nest, states))
                .min()
                .orElseThrow();
    }

    private static List<int[]> orders(Nest nest, int[] left, List<Integer> soFar) {
        if (Arrays.stream(left).sum() == 0) {
            return List.of(soFar.stream().mapToInt(Integer::intValue).toArray());
        }
        List<int[]> all = new ArrayList<>();
        for (int state = 0; state < nest.states(); state++) {
            int blank = nest.blankOf(state);
            if (left[blank] > 0) {
                int[] less = left.clone();
                less[blank]--;
                List<Integer> longer = new ArrayList<>(soFar);
                longer.add(state);
                all.addAll(orders(nest, less, longer));
            }
        }
        return all;
    }

    @Test
    void where_there_are_too_many_choices_it_says_so_and_keeps_single_blanks() {
        Nest nest = new Nest(
                List.of(NestTest.knife(), NestTest.knife("bladeLength", "5"), NestTest.knife("bladeLength", "6")),
                WIDTH,
                RULES);
        Rows few = Rows.every(nest, new int[] {3, 3, 3}, 5_000, 3);
        assertThat(few.isComplete()).isFalse();
        assertThat(few.all())
                .hasSize(3)
                .allSatisfy(row -> assertThat(row.states()).hasSize(1));
        Rows dense = Rows.dense(nest, new int[] {3, 3, 3}, 5_000, 6);
        assertThat(dense.all().stream().mapToInt(row -> row.states().length).max())
                .as("goes on to the fullest row")
                .hasValue(9);
    }

    @Test
    void no_row_is_longer_than_its_room() {
        Nest nest = new Nest(List.of(NestTest.knife()), WIDTH, RULES);
        double one = nest.length(0);
        assertThat(Rows.every(nest, new int[] {9}, one - 0.1, 99).all()).isEmpty();
        assertThat(Rows.every(nest, new int[] {9}, one + 0.1, 99).all()).hasSize(1);
        Rows.every(nest, new int[] {9}, 1_000, 99)
                .all()
                .forEach(row -> assertThat(row.length()).isLessThanOrEqualTo(1_000));
    }

    static List<Placing> placings() {
        return Placing.ALL;
    }

    @ParameterizedTest
    @MethodSource("placings")
    void however_it_lies_a_blank_stays_as_large_as_it_is_and_inside_the_bar(Placing placing) {
        Blank blank = NestTest.knife("profile", "CLIP");
        List<Point> laid = placing.laid(blank.outline(), 100, 1, WIDTH).points(Nest.FINE);
        assertThat(laid.stream().mapToDouble(Point::x).min().orElseThrow()).isCloseTo(100, within(1e-6));
        assertThat(laid.stream().mapToDouble(Point::x).max().orElseThrow())
                .isCloseTo(100 + blank.length(), within(0.05));
        double low = laid.stream().mapToDouble(Point::y).min().orElseThrow();
        double high = laid.stream().mapToDouble(Point::y).max().orElseThrow();
        assertThat(high - low).isCloseTo(blank.width(), within(0.05));
        assertThat(placing.high() ? WIDTH - high : low)
                .as("against its edge of the bar")
                .isCloseTo(1, within(1e-6));
        assertThat(Math.abs(area(laid))).isCloseTo(Math.abs(area(blank.outline().points(Nest.FINE))), within(1.0));
    }

    private static double area(List<Point> points) {
        return IntStream.range(0, points.size())
                .mapToDouble(i -> {
                    Point one = points.get(i);
                    Point next = points.get((i + 1) % points.size());
                    return (one.x() * next.y() - next.x() * one.y()) / 2;
                })
                .sum();
    }

    @Test
    @DisplayName("[worked] turned end for end the point is on the other side; the other face up, the edge is")
    void a_triangle_shows_how_it_lies() {
        Outline triangle = Outline.from(0, 0).to(30, 0).to(0, 10);
        assertThat(corner(new Placing(false, false, false), triangle)).isEqualTo(new Point(0, 0));
        assertThat(corner(new Placing(true, false, false), triangle)).isEqualTo(new Point(30, 10));
        assertThat(corner(new Placing(false, true, false), triangle)).isEqualTo(new Point(0, 10));
        assertThat(corner(new Placing(true, true, false), triangle)).isEqualTo(new Point(30, 0));
        assertThat(Placing.ALL)
                .extracting(Placing::words)
                .containsOnly("as drawn", "turned", "other face up", "turned, other face up");
    }

    /** Where the triangle's right angle comes to lie, in a bar without an edge to keep. */
    private static Point corner(Placing placing, Outline triangle) {
        Point start = placing.laid(triangle, 0, 0, 50).start();
        return new Point(Math.round(start.x()), Math.round(start.y()));
    }

    @ParameterizedTest(name = "a blank of 1/8 in from {0}, {1} in thick, {2} in wide, {3} in long: {4}")
    @CsvSource({
        "1084, .125, 2, 20, true",
        "1095, .125, 2, 20, false",
        "1084, .120, 2, 20, false",
        "1084, .15625, 2, 20, true",
        "1084, .157, 2, 20, false",
        "1084, .125, .5, 20, false",
        "1084, .125, 2, 5, false"
    })
    void rules_say_which_bar_serves(String grade, String thickness, String width, String length, boolean isAllowed) {
        Blank blank = new Blank(NestTest.knife().outline(), "1084", Length.ofInches("0.125"));
        Bar bar = new Bar("b", grade, Length.ofInches(thickness), Length.ofInches(width), Length.ofInches(length));
        assertThat(RULES.allow(blank, bar)).isEqualTo(isAllowed);
        assertThat(RULES.most(blank, bar).isPresent()).isEqualTo(isAllowed);
    }

    @Test
    void a_saw_that_takes_nothing_and_sizes_below_nothing_are_refused() {
        Length inch = Length.ofInches("1");
        assertThatThrownBy(() -> new CuttingRules(Length.ZERO, inch, inch, inch, inch))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("kerf");
        assertThatThrownBy(() -> new CuttingRules(inch, inch.times(-1), inch, inch, inch))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("edge");
        assertThatThrownBy(() -> new CuttingRules(inch, inch, inch, inch.times(-1), inch))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("useful");
    }

    @Test
    void a_bar_is_used_up_to_behind_the_last_cut_or_wholly_where_the_rest_is_too_short_to_keep() {
        Blank plain = new Blank(Outline.from(0, 0).to(100, 0).to(100, 20).to(0, 20), "1084", Length.ofInches("0.125"));
        BarPlan kept = RULES.most(
                        plain,
                        new Bar(
                                "b",
                                "1084",
                                Length.ofInches("0.125"),
                                Length.ofInches("1"),
                                Length.ofMillimetres("290")))
                .orElseThrow();
        assertThat(kept.blanks()).hasSize(2);
        assertThat(kept.offcut()).as("less than six inches are scrap").isEqualTo(Length.ZERO);
        CuttingRules thrifty =
                new CuttingRules(RULES.kerf(), RULES.edge(), RULES.clamp(), Length.ofInches("2"), RULES.thicker());
        BarPlan more = thrifty.most(
                        plain,
                        new Bar(
                                "b",
                                "1084",
                                Length.ofInches("0.125"),
                                Length.ofInches("1"),
                                Length.ofMillimetres("290")))
                .orElseThrow();
        assertThat(more.offcut().millimetres())
                .isCloseTo(290 - 200 - 2 * RULES.kerf().millimetres(), within(0.2));
        assertThat(more.used().plus(more.offcut())).isEqualTo(Length.ofMillimetres("290"));
        assertThat(more.wastedArea()).isCloseTo(more.bar().area(more.used().millimetres()) - 2 * 100 * 20, within(1.0));
    }

    @Test
    void a_search_can_be_stopped_and_then_answers_with_what_it_has() throws Exception {
        List<Blank> shapes = IntStream.range(0, 14)
                .mapToObj(i -> NestTest.knife(
                        "bladeLength", String.valueOf(3 + i / 4.0), "handleLength", String.valueOf(4 + i % 3 / 4.0)))
                .toList();
        List<Wanted> wanted = IntStream.range(0, 60)
                .mapToObj(i -> new Wanted("b" + i, shapes.get(i % shapes.size())))
                .toList();
        List<Bar> bars = IntStream.range(0, 18)
                .mapToObj(i -> new Bar(
                        "bar" + i,
                        shapes.get(0).grade(),
                        shapes.get(0).thickness(),
                        Length.ofInches("2"),
                        Length.ofInchFraction(30 + i, 1)))
                .toList();
        List<Integer> heard = new ArrayList<>();
        List<CuttingPlan> better = new ArrayList<>();
        Watch<CuttingPlan> watch = new Watch<>() {
            @Override
            public void settled(int done, int of) {
                heard.add(done);
            }

            @Override
            public void found(CuttingPlan best) {
                better.add(best);
            }
        };
        CuttingSolver solver = new CuttingSolver(
                new CuttingProblem(wanted, bars, RULES), new CuttingSolver.Settings(Duration.ofMinutes(5), 2));
        CompletableFuture<CuttingPlan> plan = CompletableFuture.supplyAsync(() -> solver.search(watch));
        Thread.sleep(400);
        solver.cancel();
        CuttingPlan found = plan.get(120, TimeUnit.SECONDS);
        assertThat(found.bars().stream().mapToInt(bar -> bar.blanks().size()).sum()
                        + found.notPlaced().size())
                .isEqualTo(60);
        assertThat(found.bars()).isNotEmpty();
        assertThat(found.gap()).isBetween(0.0, 1.0);
        assertThat(heard).contains(1);
        assertThat(better).last().isEqualTo(found);
        assertThat(found.bars().stream().flatMap(bar -> bar.blanks().stream()).map(Placed::id))
                .doesNotHaveDuplicates();
    }
}
