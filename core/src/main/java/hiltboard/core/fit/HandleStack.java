package hiltboard.core.fit;

import hiltboard.core.fit.StackPart.Kind;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * What a tang goes through, from the shoulder on, against its length.
 *
 * @param parts in order, without a nut
 * @param tang its length from the heel's plane
 */
public record HandleStack(List<StackPart> parts, Length tang) {
    /** Left behind a tang that ends in its block, so that it never bottoms. Common practice. */
    public static final Length BEHIND_THE_TANG = Length.ofInchFraction(1, 8);
    /** A turn or so of thread is left in a nut when the stack is tight. Common practice, from memory. */
    private static final Length LEFT_IN_THE_NUT = Length.ofInchFraction(1, 32);
    /** As near as handles are cut. */
    private static final Length CUT_WITHIN = Length.ofInches("0.005");

    public HandleStack {
        parts = List.copyOf(parts);
    }

    /** Where a part begins, behind the heel's plane. */
    public Length from(StackPart part) {
        return sum(parts.subList(0, parts.indexOf(part)));
    }

    private static Length sum(List<StackPart> parts) {
        return parts.stream().map(StackPart::now).reduce(Length.ZERO, Length::plus);
    }

    public Worked<Length> total(Units units) {
        Length total = sum(parts);
        Working line = new Working(units);
        return Worked.of(
                total,
                parts.stream().map(part -> line.of(part.now())).collect(Collectors.joining(" + "))
                        + line.comesTo(total, CUT_WITHIN));
    }

    /** What the designed thickness was missed by, all together; parts that nobody measured count as designed. */
    public Length off() {
        return parts.stream().map(part -> part.now().minus(part.designed())).reduce(Length.ZERO, Length::plus);
    }

    /** How much of the handle stands behind the end of a tang that ends inside it. */
    public Worked<Length> behindTheTang(Units units) {
        Length left = sum(parts).minus(tang);
        Working line = new Working(units);
        String sum = line.of(sum(parts)) + " − tang " + line.of(tang);
        if (!left.isPositive()) {
            return Worked.of(left, sum + line.comesTo(left))
                    .withCaution("The tang comes out behind by "
                            + left.absolute().in(units) + ": shorten it, or it holds the stack apart.");
        }
        Worked<Length> answer = Worked.of(left, sum + line.comesTo(left, CUT_WITHIN));
        return left.compareTo(BEHIND_THE_TANG) < 0
                ? answer.withCaution("Less than " + BEHIND_THE_TANG.in(units)
                        + " behind the tang: nothing is left behind its hole. Shorten the tang.")
                : answer;
    }

    /** How far the tang stands out behind the last part; less than nothing where it ends inside. */
    public Worked<Length> proud(Units units) {
        Length proud = tang.minus(sum(parts));
        Working line = new Working(units);
        return Worked.of(proud, "Tang " + line.of(tang) + " − " + line.of(sum(parts)) + line.comesTo(proud));
    }

    /**
     * How much thread of a pommel nut holds.
     *
     * @param thread inside the nut, how deep
     * @param diameter of the thread on the tang
     */
    public Worked<Length> engaged(Length thread, Length diameter, Units units) {
        Length out = proud(units).value();
        Length engaged = out.compareTo(thread) < 0 ? out : thread;
        Length left = thread.minus(out);
        Working line = new Working(units);
        Worked<Length> answer = Worked.of(
                engaged,
                line.of(out) + " of tang stands out, the nut is threaded " + line.of(thread) + " deep: "
                        + line.of(engaged) + " holds");
        List<String> cautions = new ArrayList<>();
        if (left.compareTo(LEFT_IN_THE_NUT) < 0) {
            cautions.add(
                    left.nanometres() < 0
                            ? "The tang bottoms in the nut, and the stack stays loose by "
                                    + left.absolute().in(units) + ": shorten the tang or deepen the thread."
                            : "Only " + left.in(units) + " is left in the nut: it bottoms before it draws tight.");
        }
        if (engaged.compareTo(diameter) < 0) {
            cautions.add("Less thread holds than it is thick: at least " + diameter.upIn(units) + " of a thread of "
                    + diameter.in(units) + ".");
        }
        return cautions.isEmpty() ? answer : answer.withCaution(String.join(" ", cautions));
    }

    /** The same with one more spacer behind those that are there. */
    public HandleStack with(StackPart spacer) {
        List<StackPart> more = new ArrayList<>(parts);
        int block = 0;
        while (block < more.size() && more.get(block).kind() != Kind.BLOCK) {
            block++;
        }
        more.add(block, spacer);
        return new HandleStack(more, tang);
    }
}
