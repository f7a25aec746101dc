package hiltboard.core.route;

/** Why a step has to wait, in the maker's words. */
public sealed interface Rule permits OrderRule, ConditionRule, Unsettled, EdgeForUse, HoleOff {

    /** Stays the same for ever; overrides are kept under it. */
    String key();

    Severity severity();

    /** Why it is so. */
    String reason();

    /** What happens otherwise. */
    String consequence();

    /** What to do now. */
    String remedy();
}
