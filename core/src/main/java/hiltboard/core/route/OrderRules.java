package hiltboard.core.route;

import static hiltboard.core.route.OrderRule.rule;

import java.util.List;
import java.util.stream.Stream;

/**
 * The order rules of the trade, by subject. Common practice; where makers disagree, the school is a setting of the job.
 */
public final class OrderRules {
    /** The first piece is another piece's work, so this rule stands outside the order of one route. */
    static final OrderRule FIRST_PIECE_PROVED = rule("first-piece-proved", Severity.COSTLY)
            .first(Trait.PROVES)
            .then(Trait.SEES_FIRST)
            .because("The first piece proves the process before the rest follow.")
            .otherwise("A fault that nobody has found yet is repeated in every piece.")
            .remedy("Prove the first piece of the batch.");

    private static final List<OrderRule> ALL = Stream.of(
                    DesignRules.ALL,
                    ForgeRules.ALL,
                    SoftRules.ALL,
                    HeatRules.ALL,
                    FinishRules.ALL,
                    FitRules.ALL,
                    HandleRules.ALL,
                    FolderRules.ALL,
                    AxeRules.ALL,
                    SheathRules.ALL,
                    EdgeRules.ALL)
            .flatMap(List::stream)
            .toList();

    private OrderRules() {}

    /** Every rule. */
    public static List<OrderRule> all() {
        return ALL;
    }
}
