package hiltboard.server.etch;

import hiltboard.core.design.Finish;
import hiltboard.core.etch.EtchRecipe;
import hiltboard.core.etch.EtchRecipe.AfterBath;
import hiltboard.core.etch.EtchRecipe.Between;
import hiltboard.core.etch.EtchRecipe.Cycle;
import hiltboard.core.etch.EtchRecipe.End;
import hiltboard.core.etch.EtchRecipe.Ending;
import hiltboard.core.etch.EtchSteel;
import hiltboard.core.etch.Liquid;
import hiltboard.core.measure.TimeRange;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * A recipe as it is kept, and as it leaves and comes in as JSON. Times in whole seconds; a grit of zero is none.
 *
 * @param format always {@link #FORMAT}
 */
record EtchRecipeFile(
        String format,
        String name,
        Set<String> finishes,
        String steel,
        String liquid,
        String degrease,
        int grit,
        long firstLookSeconds,
        List<CycleLine> cycles,
        int more,
        String neutraliser,
        List<AfterLine> afterBaths,
        EndLine ending) {
    static final String FORMAT = "etch-recipe-1";

    EtchRecipeFile {
        finishes = new TreeSet<>(finishes);
        cycles = List.copyOf(cycles);
        afterBaths = List.copyOf(afterBaths);
    }

    record CycleLine(long leastSeconds, long mostSeconds, String between, int grit) {}

    record AfterLine(String liquid, long leastSeconds, long mostSeconds, String words) {}

    record EndLine(String end, int grit, long leastSeconds, long mostSeconds) {}

    static EtchRecipeFile of(EtchRecipe recipe) {
        return new EtchRecipeFile(
                FORMAT,
                recipe.name(),
                recipe.finishes().stream().map(Finish::name).collect(Collectors.toSet()),
                recipe.steel().name(),
                recipe.liquid().name(),
                recipe.degrease(),
                recipe.grit(),
                recipe.firstLook().toSeconds(),
                recipe.cycles().stream()
                        .map(cycle -> new CycleLine(
                                cycle.bath().least().toSeconds(),
                                cycle.bath().most().toSeconds(),
                                cycle.between().name(),
                                cycle.grit().orElse(0)))
                        .toList(),
                recipe.more(),
                recipe.neutraliser(),
                recipe.afterBaths().stream()
                        .map(bath -> new AfterLine(
                                bath.liquid().name(),
                                bath.time().least().toSeconds(),
                                bath.time().most().toSeconds(),
                                bath.words()))
                        .toList(),
                new EndLine(
                        recipe.ending().end().name(),
                        recipe.ending().grit().orElse(0),
                        recipe.ending()
                                .time()
                                .map(time -> time.least().toSeconds())
                                .orElse(0L),
                        recipe.ending()
                                .time()
                                .map(time -> time.most().toSeconds())
                                .orElse(0L)));
    }

    /** @throws RuntimeException if something in it is no part of a recipe */
    EtchRecipe recipe() {
        return new EtchRecipe(
                name,
                finishes.stream().map(Finish::valueOf).collect(Collectors.toSet()),
                EtchSteel.valueOf(steel),
                Liquid.valueOf(liquid),
                degrease,
                grit,
                Duration.ofSeconds(firstLookSeconds),
                cycles.stream()
                        .map(line -> new Cycle(
                                TimeRange.ofSeconds(line.leastSeconds(), line.mostSeconds()),
                                Between.valueOf(line.between()),
                                some(line.grit())))
                        .toList(),
                more,
                neutraliser,
                afterBaths.stream()
                        .map(line -> new AfterBath(
                                Liquid.valueOf(line.liquid()),
                                TimeRange.ofSeconds(line.leastSeconds(), line.mostSeconds()),
                                line.words()))
                        .toList(),
                new Ending(
                        End.valueOf(ending.end()),
                        some(ending.grit()),
                        ending.mostSeconds() == 0
                                ? Optional.empty()
                                : Optional.of(TimeRange.ofSeconds(ending.leastSeconds(), ending.mostSeconds()))));
    }

    private static Optional<Integer> some(int grit) {
        return grit == 0 ? Optional.empty() : Optional.of(grit);
    }
}
