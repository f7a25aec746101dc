package hiltboard.core.etch;

import hiltboard.core.design.Finish;
import hiltboard.core.design.Specification;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.TimeRange;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * How a blade is etched, as data: for which finish and steel, in which bath, in how many cycles, with what in hand
 * between them, and how it ends.
 *
 * @param finishes for which it is
 * @param degrease with what, until a white rag stays clean
 * @param grit that the blade is sanded to before the bath, FEPA P
 * @param firstLook after so long it is looked at for the first time: a spot is residue, and can still be wiped
 * @param cycles one or more, in order; the times are those of a fresh bath
 * @param more cycles that may follow by the look of it
 * @param neutraliser between the cycles and at the end
 */
public record EtchRecipe(
        String name,
        Set<Finish> finishes,
        EtchSteel steel,
        Liquid liquid,
        String degrease,
        int grit,
        Duration firstLook,
        List<Cycle> cycles,
        int more,
        String neutraliser,
        List<AfterBath> afterBaths,
        Ending ending) {
    public static final int MOST_CYCLES = 20;

    /** @throws ImpossibleQuantity if it has no cycle, or more than anybody makes */
    public EtchRecipe {
        finishes = Set.copyOf(finishes);
        cycles = List.copyOf(cycles);
        afterBaths = List.copyOf(afterBaths);
        if (cycles.isEmpty() || cycles.size() + more > MOST_CYCLES) {
            throw new ImpossibleQuantity(
                    "number of cycles", String.valueOf(cycles.size() + more), "1 to " + MOST_CYCLES);
        }
    }

    /**
     * Once in the bath, and what is done to the blade out of it before the next.
     *
     * @param grit of the paper or the powder, FEPA P; empty where there is none
     */
    public record Cycle(TimeRange bath, Between between, Optional<Integer> grit) {
        /** With what in hand: {@code sand with 3000}. */
        public String words() {
            return grit.map(number -> between.words() + " " + number).orElse(between.words());
        }
    }

    /** What is done to a blade that was neutralised, before the next bath. The names stay the same for ever. */
    public enum Between {
        NOTHING("go on", 1, false),
        LIFT_MASK("lift the mask of the next areas", 5, false),
        WIPE("wipe with a white tissue", 1, false),
        STEEL_WOOL("rub with fine steel wool", 3, false),
        SAND("sand with", 15, true),
        POWDER("in oil, polish with powder of", 5, true);

        private final String words;
        private final int minutes;
        private final boolean hasGrit;

        Between(String words, int minutes, boolean hasGrit) {
            this.words = words;
            this.minutes = minutes;
            this.hasGrit = hasGrit;
        }

        public String words() {
            return words;
        }

        public boolean hasGrit() {
            return hasGrit;
        }

        /** For a knife of usual size; common practice, from memory. */
        public Duration usualTime() {
            return Duration.ofMinutes(minutes);
        }
    }

    /** A milder bath afterwards that darkens. */
    public record AfterBath(Liquid liquid, TimeRange time, String words) {}

    /** How it ends once it was neutralised and dried. The names stay the same for ever. */
    public enum End {
        POLISH_BACK("polish back with"),
        OIL("oil it"),
        TUMBLE_DRY("tumble dry, in stones"),
        TUMBLE_WET("tumble wet, in mixed media");

        private final String words;

        End(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        public boolean isTumbled() {
            return this == TUMBLE_DRY || this == TUMBLE_WET;
        }
    }

    /**
     * @param grit with which it is polished back, FEPA P; empty where it is not
     * @param time in the tumbler; empty where it does not go into one
     */
    public record Ending(End end, Optional<Integer> grit, Optional<TimeRange> time) {
        public static Ending polishedBack(int grit) {
            return new Ending(End.POLISH_BACK, Optional.of(grit), Optional.empty());
        }

        public static Ending tumbled(End end, TimeRange time) {
            return new Ending(end, Optional.empty(), Optional.of(time));
        }

        public static Ending oiled() {
            return new Ending(End.OIL, Optional.empty(), Optional.empty());
        }

        public String words() {
            return end.words()
                    + grit.map(number -> " " + number).orElse("")
                    + time.map(times -> ", " + times.words()).orElse("");
        }
    }

    /** Whether it is meant for such a blade. */
    public boolean isFor(Specification spec) {
        return finishes.contains(spec.finish()) && steel.takes(EtchSteel.of(spec));
    }

    public int cycleCount() {
        return cycles.size();
    }

    /** The cycle of this number from one on; those that were added are as the last. */
    public Cycle cycle(int number) {
        return cycles.get(Math.min(number, cycles.size()) - 1);
    }

    /** In the bath in all, in a fresh one. */
    public TimeRange inTheBath() {
        return cycles.stream().map(Cycle::bath).reduce(TimeRange::plus).orElseThrow();
    }

    /** Cycles in a line: {@code 5 min, 8 min, 10 min, 10 min}, or {@code 3 × 5 min}. */
    public String cyclesInWords() {
        Set<TimeRange> times = cycles.stream().map(Cycle::bath).collect(Collectors.toSet());
        String often = more == 0 ? String.valueOf(cycles.size()) : cycles.size() + "–" + (cycles.size() + more);
        if (times.size() == 1) {
            String once = cycles.get(0).bath().words();
            return cycles.size() + more == 1 ? once : often + " × " + once;
        }
        return cycles.stream().map(cycle -> cycle.bath().words()).collect(Collectors.joining(", "))
                + (more == 0 ? "" : ", up to " + more + " more");
    }

    /** What is done, one after the other, in words. */
    public List<String> lines() {
        List<String> lines = new ArrayList<>();
        lines.add("Sand to " + grit + ". " + degrease
                + " until a white rag stays clean; alcohol alone has not been enough.");
        lines.add("A look after " + TimeRange.of(firstLook).words() + ": a spot is residue, and can still be wiped.");
        lines.add(cyclesInWords() + " in " + liquid.words().toLowerCase(Locale.ROOT) + "; after each: "
                + neutraliser.toLowerCase(Locale.ROOT) + ", then "
                + cycles.stream().map(Cycle::words).distinct().collect(Collectors.joining(", then ")) + ".");
        afterBaths.forEach(
                bath -> lines.add((bath.liquid().words() + ", " + bath.time().words() + ". " + bath.words()).strip()));
        lines.add("Neutralise, dry the tang, " + ending.words() + ".");
        return lines;
    }
}
