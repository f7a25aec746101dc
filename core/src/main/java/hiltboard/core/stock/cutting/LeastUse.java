package hiltboard.core.stock.cutting;

import com.google.ortools.linearsolver.MPConstraint;
import com.google.ortools.linearsolver.MPSolver;
import com.google.ortools.linearsolver.MPVariable;
import hiltboard.core.search.Solver;
import java.util.Arrays;

/**
 * What is used up at least, whatever the rows: as if every blank lay beside the neighbour that suits it best. That
 * leaves lengths to pack into bars, and the solver's own bound for it.
 */
final class LeastUse {
    private final BarGroup group;
    private final CuttingRules rules;
    private final MPSolver model = Solver.model();
    private final MPConstraint[] wanted;
    private final MPConstraint all;

    private LeastUse(BarGroup group, CuttingRules rules, int notPlaced) {
        this.group = group;
        this.rules = rules;
        this.wanted = Arrays.stream(group.wanted())
                .mapToObj(most -> model.makeConstraint(0, most))
                .toArray(MPConstraint[]::new);
        int placed = Arrays.stream(group.wanted()).sum() - notPlaced;
        this.all = model.makeConstraint(placed, placed);
        model.objective().setMinimization();
    }

    /** Square millimetres that every plan uses up that leaves so many blanks. */
    static double area(BarGroup group, CuttingRules rules, int notPlaced, Solver solver, double seconds) {
        LeastUse least = new LeastUse(group, rules, notPlaced);
        group.bars().forEach(least::write);
        return solver.solve(least.model, seconds) ? least.model.objective().bestBound() : 0;
    }

    /** What one bar loses at least: what its row takes, or all of it where too little is left to keep. */
    private void write(Bar bar) {
        BarGroup.Lying lying = group.lying(bar);
        double length = bar.length().millimetres();
        MPVariable isCut = model.makeBoolVar("");
        MPVariable isWhole = model.makeBoolVar("");
        MPVariable taken = model.makeNumVar(0, length - rules.clamp().millimetres(), "");
        MPVariable used = model.makeNumVar(0, length, "");
        model.objective().setCoefficient(used, bar.width().millimetres());
        MPConstraint row = equal();
        row.setCoefficient(taken, -1);
        row.setCoefficient(isCut, lying.nest().leastEnd());
        for (int i = 0; i < lying.indices().length; i++) {
            int most = group.wanted()[lying.indices()[i]];
            MPVariable count = model.makeIntVar(0, most, "");
            row.setCoefficient(count, lying.nest().least(i));
            wanted[lying.indices()[i]].setCoefficient(count, 1);
            all.setCoefficient(count, 1);
            atMost(count, isCut, most);
        }
        MPConstraint atLeastTheRow = atLeastNothing();
        atLeastTheRow.setCoefficient(used, 1);
        atLeastTheRow.setCoefficient(taken, -1);
        MPConstraint atLeastAllOfIt = atLeastNothing();
        atLeastAllOfIt.setCoefficient(used, 1);
        atLeastAllOfIt.setCoefficient(isWhole, -length);
        MPConstraint restIsKept = model.makeConstraint(
                Double.NEGATIVE_INFINITY, length - rules.useful().millimetres());
        restIsKept.setCoefficient(taken, 1);
        restIsKept.setCoefficient(isWhole, -length);
    }

    private MPConstraint equal() {
        return model.makeConstraint(0, 0);
    }

    private MPConstraint atLeastNothing() {
        return model.makeConstraint(0, Double.POSITIVE_INFINITY);
    }

    private void atMost(MPVariable count, MPVariable when, int most) {
        MPConstraint limit = atLeastNothing();
        limit.setCoefficient(when, most);
        limit.setCoefficient(count, -1);
    }
}
