package hiltboard.core.machine;

import hiltboard.core.measure.Figure;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;

/**
 * How much of a cutter's life is used up: the lengths that it has cut, each as a share of what such a cutter usually
 * stands in that material. Miner's rule, taken over from fatigue; usual lengths from memory, for a cutter of 1/4 in.
 */
public record CutterLife(CutterMaterial material, Length diameter, List<Cut> cuts) {
    private static final double USUAL_DIAMETER = 6.35;
    /** From here on a spare lies beside it. */
    private static final double SPARE_FROM = 0.7;

    public CutterLife {
        cuts = List.copyOf(cuts);
        if (!diameter.isPositive()) {
            throw new ImpossibleQuantity("cutter diameter", diameter, "more than nothing");
        }
    }

    /** A length that was cut, through all its passes. */
    public record Cut(Workpiece piece, Length length) {}

    /** What such a cutter usually stands, in metres of cut; the smaller it is the less. From memory. */
    private double metres(Workpiece piece) {
        double quarter = switch (piece) {
            case CARBON_ANNEALED -> 30;
            case TOOL_ANNEALED, STAINLESS_ANNEALED, NICKEL_SILVER -> 20;
            case TITANIUM -> 12;
            case HARDENED -> 3;
            case BRASS, COPPER, ALUMINIUM -> 80;
            case LAMINATE, HORN_AND_BONE, LAYERED_TUSK -> 60;
            case CARBON_FIBRE -> 15;
            case WOOD -> 300;
        };
        double byMaterial = material == CutterMaterial.CARBIDE ? 4 : 1;
        return quarter * (piece.isHardened() ? 1 : byMaterial) * Math.min(1, diameter.millimetres() / USUAL_DIAMETER);
    }

    /** Of its usual life; more than the whole where it outlasted it. */
    public double used() {
        return cuts.stream()
                .mapToDouble(cut -> cut.length().millimetres() / 1000 / metres(cut.piece()))
                .sum();
    }

    /** To two figures of the reader's unit: it is known no better. */
    private static String roughly(double metres, Units units) {
        Length length = Length.ofMillimetres(metres * 1000);
        return new BigDecimal(length.number(units)).round(new MathContext(2)).toPlainString() + " "
                + length.symbol(units);
    }

    public Worked<Figure> worked(Units units) {
        String[] lines = cuts.isEmpty()
                ? new String[] {"It has cut nothing that was noted"}
                : cuts.stream()
                        .map(cut -> cut.piece().words() + ": " + cut.length().brieflyIn(units) + " of about "
                                + roughly(metres(cut.piece()), units))
                        .toArray(String[]::new);
        Worked<Figure> answer = Worked.of(Figure.percent(used(), 0), lines);
        if (used() >= 1) {
            return answer.withCaution("Past its usual life: change it before it snaps.");
        }
        return used() >= SPARE_FROM ? answer.withCaution("See that a spare lies there.") : answer;
    }
}
