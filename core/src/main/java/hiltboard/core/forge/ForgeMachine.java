package hiltboard.core.forge;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * A press, a hammer or a fire of the shop, or one that is borrowed.
 *
 * @param tons of 2 000 lb that a press gives; empty for the others
 * @param die how long a bite its dies take along the billet; empty for a fire
 * @param longest billet that it takes
 * @param thickest billet that goes into it
 * @param owner from whom it is borrowed; empty for the shop's own
 */
public record ForgeMachine(
        String name,
        Kind kind,
        Optional<Double> tons,
        Optional<Length> die,
        Length longest,
        Length thickest,
        String owner) {
    private static final Set<ForgeWork> SQUEEZES =
            Set.of(ForgeWork.WELD, ForgeWork.DRAW, ForgeWork.BIAS, ForgeWork.LADDER, ForgeWork.RIPPLE);
    private static final Set<ForgeWork> HEATS = Set.of(
            ForgeWork.WELD,
            ForgeWork.DRAW,
            ForgeWork.BIAS,
            ForgeWork.LADDER,
            ForgeWork.RIPPLE,
            ForgeWork.UPSET,
            ForgeWork.TWIST);
    /** What hot carbon steel gives way at under flat dies, in N/mm², with friction; common practice, from memory. */
    private static final double DRAWING = 75;
    /** What closes clean joints at welding heat, in N/mm²; common practice, from memory. */
    private static final double WELDING = 25;
    /** 2 000 lbf = 8 896.443 N (NIST SP 811, appendix B.8). */
    private static final double NEWTONS_PER_TON = 8_896.443;

    /** What kind of thing it is. */
    public enum Kind {
        PRESS("Press"),
        HAMMER("Power hammer"),
        FIRE("Forge");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** @throws ImpossibleQuantity if a size is nothing, or a press has no force */
    public ForgeMachine {
        if (kind == Kind.PRESS
                && tons.filter(force -> force > 0 && Double.isFinite(force)).isEmpty()) {
            throw new ImpossibleQuantity(
                    "force", tons.map(String::valueOf).orElse("nothing") + " tons", "more than nothing for a press");
        }
        if (!longest.isPositive()
                || !thickest.isPositive()
                || die.filter(length -> !length.isPositive()).isPresent()) {
            throw new ImpossibleQuantity(
                    "size", units -> longest.in(units) + ", " + thickest.in(units), units -> "more than nothing");
        }
    }

    public boolean isBorrowed() {
        return !owner.isBlank();
    }

    /** Whether a work is done on it at all. */
    public boolean serves(ForgeWork work) {
        return kind == Kind.FIRE ? HEATS.contains(work) : SQUEEZES.contains(work);
    }

    /** The force, in tons of 2 000 lb, that a bite takes; empty where it does not press. */
    public Optional<Double> needs(ForgeWork work, Billet before, Billet after) {
        if (kind != Kind.PRESS || !serves(work)) {
            return Optional.empty();
        }
        double bite = Math.min(
                die.map(Length::millimetres).orElse(Double.MAX_VALUE),
                before.length().millimetres());
        double wide = Math.max(
                before.section().width().millimetres(), after.section().width().millimetres());
        return Optional.of(bite * wide * (work == ForgeWork.WELD ? WELDING : DRAWING) / NEWTONS_PER_TON);
    }

    /** Why it does not take this work, in words; empty where it does. */
    public List<String> refusals(ForgeWork work, Billet before, Billet after, Units units) {
        List<String> why = new ArrayList<>();
        if (!serves(work)) {
            return why;
        }
        needs(work, before, after)
                .filter(force -> force > tons.orElse(0d))
                .ifPresent(force -> why.add(String.format(
                        Locale.ROOT,
                        "%s: about %.0f tons a bite, it gives %.0f. Smaller bites, narrower dies, or a narrower billet.",
                        name,
                        force,
                        tons.orElse(0d))));
        Length length = kind == Kind.FIRE ? before.length() : after.length();
        if (length.compareTo(longest) > 0) {
            why.add(name + ": " + length.nearest(Length.ofInches("0.01")).brieflyIn(units) + " long, it takes "
                    + longest.brieflyIn(units) + ".");
        }
        if (before.section().thickness().compareTo(thickest) > 0) {
            why.add(name + ": " + before.section().thickness().brieflyIn(units) + " high, it takes "
                    + thickest.brieflyIn(units) + ".");
        }
        return why;
    }

    /** What stands against a step in a shop with these machines: a kind of machine of which not one takes it. */
    public static List<String> troubles(List<ForgeMachine> machines, Recipe.Stage stage, Units units) {
        if (stage.before().isEmpty() || stage.after().isEmpty()) {
            return List.of();
        }
        ForgeWork work = stage.step().work();
        List<String> troubles = new ArrayList<>();
        for (boolean isFire : new boolean[] {true, false}) {
            List<List<String>> refusals = machines.stream()
                    .filter(machine -> machine.serves(work) && (machine.kind == Kind.FIRE) == isFire)
                    .map(machine -> machine.refusals(
                            work, stage.before().get(), stage.after().get(), units))
                    .toList();
            if (refusals.stream().noneMatch(List::isEmpty)) {
                refusals.forEach(troubles::addAll);
            }
        }
        return troubles;
    }
}
