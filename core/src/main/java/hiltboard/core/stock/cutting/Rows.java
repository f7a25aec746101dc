package hiltboard.core.stock.cutting;

import hiltboard.core.measure.Length;
import hiltboard.core.stock.cutting.CuttingPlan.BarPlan;
import hiltboard.core.stock.cutting.CuttingPlan.Placed;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.IntFunction;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * The shortest row of every choice of blanks that a bar has room for. Exact: dynamic programming over how many of each
 * blank are in the row and how the last one lies.
 */
final class Rows {
    private final Nest nest;
    private final int[] most;
    private final double room;
    private final int limit;
    private final List<Row> rows = new ArrayList<>();
    private boolean complete = true;

    private Rows(Nest nest, int[] most, double room, int limit) {
        this.nest = nest;
        this.most = most;
        this.room = room;
        this.limit = limit;
    }

    /**
     * Every row; none but single blanks where there would be more choices of equally many blanks than the limit.
     *
     * @param most how many of each blank are wanted
     * @param room for the row in millimetres
     */
    static Rows every(Nest nest, int[] most, double room, int limit) {
        Rows all = new Rows(nest, most, room, limit);
        all.grow(layer -> {
            all.complete &= layer.size() <= limit;
            return all.complete ? layer : List.of();
        });
        all.rows.removeIf(row -> !all.complete && row.states().length > 1);
        return all;
    }

    /** As {@link #every}, where of too many choices only the densest ones with each blank are gone on with. */
    static Rows dense(Nest nest, int[] most, double room, int limit) {
        Rows all = new Rows(nest, most, room, limit);
        all.grow(all::densest);
        return all;
    }

    /**
     * Some blanks in a row.
     *
     * @param counts of each blank
     * @param states how they lie, from the bar's end
     * @param length of the whole row in millimetres
     */
    record Row(int[] counts, int[] states, double length) {

        /** This row laid on a bar. @param ids for each blank, the next one that waits */
        BarPlan on(Bar bar, Nest nest, CuttingRules rules, IntFunction<String> ids) {
            List<Placed> placed = new ArrayList<>();
            double left = 0;
            for (int i = 0; i < states.length; i++) {
                left += i == 0 ? 0 : nest.pitch(states[i - 1], states[i]);
                placed.add(new Placed(
                        ids.apply(nest.blankOf(states[i])),
                        nest.placingOf(states[i]),
                        left,
                        left + nest.length(states[i]),
                        nest.laid(states[i], left)));
            }
            Length used = used(bar, rules);
            return new BarPlan(bar, placed, used, bar.length().minus(used));
        }

        /** Up to behind the last cut, or all of it where what is left is too short to keep. */
        Length used(Bar bar, CuttingRules rules) {
            Length cut = Length.ofMillimetres(length).plus(rules.kerf());
            return bar.length().minus(cut).compareTo(rules.useful()) < 0 ? bar.length() : cut;
        }
    }

    List<Row> all() {
        return rows;
    }

    /** Whether no row is missing. */
    boolean isComplete() {
        return complete;
    }

    /**
     * For one choice of blanks, the shortest row by how its last blank lies: where that one begins, and which choice
     * and state came before.
     */
    private final class Choice {
        private final int[] counts;
        private final double[] begins = new double[nest.states()];
        private final Choice[] before = new Choice[nest.states()];
        private final int[] stateBefore = new int[nest.states()];
        private int[] lasts = new int[0];

        private Choice(int[] counts) {
            this.counts = counts;
            Arrays.fill(begins, Double.POSITIVE_INFINITY);
        }

        private void offer(int state, double begin, Choice from, int previous) {
            if (begin < begins[state]) {
                begins[state] = begin;
                before[state] = from;
                stateBefore[state] = previous;
            }
        }

        /** How the last blank may lie; worked out once the choice is complete. */
        private int[] lasts() {
            if (lasts.length == 0) {
                lasts = IntStream.range(0, begins.length)
                        .filter(state -> begins[state] < Double.POSITIVE_INFINITY)
                        .toArray();
            }
            return lasts;
        }

        private double end(int state) {
            return begins[state] + nest.length(state);
        }

        private Row row() {
            int last = 0;
            for (int state = 1; state < begins.length; state++) {
                if (end(state) < end(last)) {
                    last = state;
                }
            }
            int[] states = new int[Arrays.stream(counts).sum()];
            Choice at = this;
            int state = last;
            for (int i = states.length - 1; i >= 0; i--) {
                states[i] = state;
                int previous = at.stateBefore[state];
                at = at.before[state];
                state = previous;
            }
            return new Row(counts, states, end(last));
        }

        /** Length of the row by the lengths of its blanks: the less, the denser. */
        private double looseness() {
            Row row = row();
            return row.length()
                    / Arrays.stream(row.states()).mapToDouble(nest::length).sum();
        }
    }

    private void grow(UnaryOperator<List<Choice>> narrow) {
        List<Choice> layer = new ArrayList<>();
        Choice none = new Choice(new int[most.length]);
        for (int state = 0; state < nest.states(); state++) {
            if (most[nest.blankOf(state)] > 0 && nest.length(state) <= room) {
                Choice first = layerChoice(layer, nest.blankOf(state));
                first.offer(state, 0, none, 0);
            }
        }
        while (!layer.isEmpty()) {
            layer.forEach(choice -> rows.add(choice.row()));
            layer = narrow.apply(next(layer));
        }
    }

    private Choice layerChoice(List<Choice> layer, int blank) {
        return layer.stream()
                .filter(choice -> choice.counts[blank] == 1)
                .findFirst()
                .orElseGet(() -> {
                    int[] counts = new int[most.length];
                    counts[blank] = 1;
                    Choice choice = new Choice(counts);
                    layer.add(choice);
                    return choice;
                });
    }

    private List<Choice> densest(List<Choice> layer) {
        if (layer.size() <= limit) {
            return layer;
        }
        Map<Choice, Double> looseness = layer.stream().collect(Collectors.toMap(choice -> choice, Choice::looseness));
        List<Choice> byDensity = layer.stream()
                .sorted(Comparator.comparingDouble(looseness::get))
                .toList();
        Set<Choice> kept = new LinkedHashSet<>();
        for (int i = 0; i < most.length; i++) {
            int blank = i;
            byDensity.stream()
                    .filter(choice -> choice.counts[blank] > 0)
                    .limit(Math.max(1, limit / most.length))
                    .forEach(kept::add);
        }
        return List.copyOf(kept);
    }

    private List<Choice> next(List<Choice> layer) {
        Map<List<Integer>, Choice> grown = new HashMap<>();
        for (Choice choice : layer) {
            for (int next = 0; next < nest.states(); next++) {
                int blank = nest.blankOf(next);
                if (choice.counts[blank] < most[blank]) {
                    extend(choice, next, grown);
                }
            }
        }
        return new ArrayList<>(grown.values());
    }

    private void extend(Choice choice, int next, Map<List<Integer>, Choice> grown) {
        double best = Double.POSITIVE_INFINITY;
        int from = -1;
        for (int state : choice.lasts()) {
            double begin = choice.begins[state] + nest.pitch(state, next);
            if (begin < best) {
                best = begin;
                from = state;
            }
        }
        if (from < 0 || best + nest.length(next) > room) {
            return;
        }
        int[] counts = choice.counts.clone();
        counts[nest.blankOf(next)]++;
        grown.computeIfAbsent(Arrays.stream(counts).boxed().toList(), key -> new Choice(counts))
                .offer(next, best, choice, from);
    }
}
