package hiltboard.core.route;

import hiltboard.core.design.Specification;
import hiltboard.core.exchange.Template;
import hiltboard.core.machine.HoleCheck;
import hiltboard.core.machine.HoleRead;
import hiltboard.core.measure.Judgement;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Gate.Obstacle;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** A hole was measured off its place or its size: nothing is proved, hardened, drilled through or closed on it. */
public record HoleOff(String reason) implements Rule {
    public static final String KEY = "hole-off";

    /** What copies the hole, or can no longer be mended after. */
    private static final Set<Trait> BUILDS_ON_IT = EnumSet.of(
            Trait.PROVES,
            Trait.SENDS_OUT,
            Trait.HARDENS,
            Trait.DRILLS_SCALES,
            Trait.PINS_FOR_A_WHILE,
            Trait.GLUES_HANDLE,
            Trait.ASSEMBLES);

    /**
     * What stands before a step.
     *
     * @param reads the last of each hole
     */
    public static List<Obstacle> before(
            Operation operation, Specification spec, Collection<HoleRead> reads, Units units) {
        if (reads.isEmpty() || operation.traits().stream().noneMatch(BUILDS_ON_IT::contains)) {
            return List.of();
        }
        return first(spec, reads, units)
                .map(words -> List.of(new Obstacle(new HoleOff(words), List.of())))
                .orElse(List.of());
    }

    /** What is wrong with the first hole that is off, and of which part; empty where none is. */
    public static Optional<String> first(Specification spec, Collection<HoleRead> reads, Units units) {
        return Template.of(spec).stream()
                .flatMap(part -> off(part, reads, units))
                .findFirst();
    }

    private static Stream<String> off(Template part, Collection<HoleRead> reads, Units units) {
        HoleCheck check = new HoleCheck(part.holes());
        return reads.stream()
                .filter(read -> read.part().equals(part.name())
                        && read.number() <= part.holes().size())
                .map(read -> check.of(read, units))
                .filter(Judgement::isOut)
                .map(judged -> part.name() + ": " + judged.words());
    }

    @Override
    public String key() {
        return KEY;
    }

    @Override
    public Severity severity() {
        return Severity.COSTLY;
    }

    @Override
    public String consequence() {
        return "What is drilled, pinned or glued after it repeats the fault, and hard steel cannot be drilled again.";
    }

    @Override
    public String remedy() {
        return "Put it right and measure it again, say that it went wrong, or let the owner say why it may stay.";
    }
}
