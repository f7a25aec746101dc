package hiltboard.core.grind;

import hiltboard.core.design.Grind;
import hiltboard.core.design.Use;
import hiltboard.core.material.Element;
import hiltboard.core.material.Steel;
import hiltboard.core.measure.Angle;
import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * What is left behind the edge, and at which angle, by what the knife is for; the shop's own habit takes the place of
 * the usual. Between the two ends of the habit decide hardness, carbides and section: common practice, from memory.
 *
 * @param thickness behind the edge, before sharpening; empty where it is no number of its own
 * @param least angle a side, in whole degrees
 * @param origin whose habit it is
 */
public record EdgeByUse(Use use, Optional<LengthRange> thickness, int least, int most, String origin) {
    private static final String USUAL = "Common practice, from memory";
    /** Below it an edge rolls before it chips, from it on it chips before it rolls. From memory. */
    private static final int ROLLS_BELOW = 57;

    private static final int CHIPS_FROM = 61;
    /** Carbon from which large carbides are left in the edge, in percent; in stainless, less is enough. From memory. */
    private static final double CARBIDES_FROM = 1.4;

    private static final double STAINLESS_CARBIDES_FROM = 0.9;
    private static final double QUARTER = 0.25;

    public static EdgeByUse usual(Use use) {
        return new EdgeByUse(use, use.behindTheEdge(), use.leastDegrees(), use.mostDegrees(), USUAL);
    }

    /** What an edge is made of. */
    public record Blade(Steel steel, Hardness hardness, Grind grind) {}

    /** One thing that moves it towards the thick end or the thin one. */
    private record Reason(double towardsThick, String why) {}

    /** Where between the ends, nothing at the thin one, one at the thick one. */
    public Worked<Angle> angle(Blade blade) {
        double degrees = Math.round(least + share(blade) * (most - least));
        List<String> lines = new ArrayList<>();
        lines.add(least + "° to " + most + "° a side for " + use.words().toLowerCase(Locale.ROOT));
        reasons(blade).forEach(reason -> lines.add(reason.why));
        return new Worked<>(new Angle(degrees), "", lines, List.of());
    }

    /** Empty where thickness is no number of its own for this use. */
    public Optional<Worked<Length>> behindTheEdge(Blade blade, Units units) {
        return thickness.map(range -> {
            Length between =
                    range.least().plus(range.most().minus(range.least()).times(share(blade)));
            List<String> lines = new ArrayList<>();
            lines.add(range.words(units) + " for " + use.words().toLowerCase(Locale.ROOT));
            reasons(blade).forEach(reason -> lines.add(reason.why));
            Worked<Length> answer = new Worked<>(between.nearest(Length.ofInches("0.0005")), "", lines, List.of());
            return blade.grind == Grind.ZERO_GROUND
                    ? answer.withCaution(
                            "Zero-ground: nothing is left behind the edge; the micro bevel alone gives it thickness.")
                    : answer;
        });
    }

    private double share(Blade blade) {
        double moved = reasons(blade).stream().mapToDouble(Reason::towardsThick).sum();
        return Math.max(0, Math.min(1, 0.5 + moved));
    }

    private List<Reason> reasons(Blade blade) {
        List<Reason> all = new ArrayList<>();
        double hrc = blade.hardness.hrc().doubleValue();
        boolean isSlicing = use == Use.VEGETABLES || use == Use.MEAT;
        if (hrc < ROLLS_BELOW) {
            all.add(new Reason(QUARTER, "Under " + ROLLS_BELOW + " HRC a thin edge rolls: thicker"));
        } else if (hrc >= CHIPS_FROM) {
            all.add(
                    isSlicing
                            ? new Reason(-QUARTER, "From " + CHIPS_FROM + " HRC it stands thin for slicing: thinner")
                            : new Reason(QUARTER, "From " + CHIPS_FROM + " HRC it chips under a blow: thicker"));
        }
        double carbon = blade.steel.grade().composition().percent(Element.C);
        if (carbon >= (blade.steel.stainless() ? STAINLESS_CARBIDES_FROM : CARBIDES_FROM)) {
            all.add(new Reason(QUARTER, "Its large carbides break out of a very thin edge: thicker"));
        }
        if (blade.grind == Grind.HOLLOW) {
            all.add(new Reason(QUARTER, "Hollow: it stays thin far up behind the edge: thicker at it"));
        }
        if (blade.grind == Grind.CONVEX) {
            all.add(new Reason(-QUARTER, "Convex: the steel behind it bears the edge: thinner at it"));
        }
        return all;
    }
}
