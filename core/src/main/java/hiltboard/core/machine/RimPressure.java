package hiltboard.core.machine;

import hiltboard.core.blade.inset.Inset;
import hiltboard.core.measure.Figure;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Worked;
import java.util.Locale;

/** How many times more pressure the rim of a relieved scale bears: the whole area over the rim's. */
public record RimPressure(Inset scale) {
    /** Below this a rim is too thin to hold adhesive and to be shaped to. From memory. */
    private static final double MUCH = 4;

    /** @throws ImpossibleQuantity if the pocket leaves no rim */
    public RimPressure {
        if (!(scale.rim() > 0)) {
            throw new ImpossibleQuantity(
                    "rim", String.format(Locale.ROOT, "%.1f mm²", scale.rim()), "some of the face");
        }
    }

    public Worked<Figure> times() {
        double times = scale.whole() / scale.rim();
        Worked<Figure> answer = Worked.of(
                new Figure(times, 2, "times"),
                String.format(
                        Locale.ROOT,
                        "%.0f mm² ÷ (%.0f − %.0f) mm² ≈ %.2f",
                        scale.whole(),
                        scale.whole(),
                        scale.inside(),
                        times));
        if (scale.inside() == 0) {
            return answer.withCaution("Nothing lies inside such a rim: there is no pocket to cut.");
        }
        return times > MUCH
                ? answer.withCaution("A rim so narrow bears on little: shape it with a light hand.")
                : answer;
    }
}
