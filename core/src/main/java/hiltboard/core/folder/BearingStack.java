package hiltboard.core.folder;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import java.util.Optional;

/**
 * The bearing between blade and plate, on one side. With a pocket in the handle only, it takes washer and ball less the
 * clearance; with two, the handle takes the washer and the blade the ball less the clearance. Common practice of the
 * trade.
 *
 * @param clearance between blade and plate on this side
 */
public record BearingStack(Length washer, Length ball, Length clearance) {
    private static final Length USUAL = Length.ofInches("0.020");
    /** A calliper in a pocket is no better. */
    private static final Length NEAR_THE_BALL = Length.ofInches("0.002");

    private static final Length SHOWS_EVERY_ERROR = Length.ofInches("0.010");
    /** Usual 0.020 in; from twice that on the play is seen and felt; common practice. */
    private static final Length IS_A_GAP = Length.ofInches("0.040");
    /** Usual 0.020 in; below this nothing may be off; common practice. */
    private static final Length IS_TIGHT = Length.ofInches("0.012");

    /** @throws ImpossibleQuantity if a part is not positive, or the clearance leaves no pocket */
    public BearingStack {
        if (!washer.isPositive() || !ball.isPositive()) {
            throw new ImpossibleQuantity(
                    "bearing",
                    units -> washer.in(units) + " and " + ball.in(units),
                    units -> "washer and ball thicker than nothing");
        }
        if (!clearance.isPositive() || clearance.compareTo(ball) >= 0) {
            throw new ImpossibleQuantity(
                    "clearance",
                    clearance,
                    units -> "more than nothing and less than the ball of " + ball.downIn(units));
        }
    }

    /** Depth of the one pocket, in the handle. */
    public Worked<Length> onePocket(Units units) {
        Length pocket = washer.plus(ball).minus(clearance);
        Working line = new Working(units);
        return cautioned(
                Worked.of(
                        pocket,
                        line.of(washer) + " + " + line.of(ball) + " − " + line.of(clearance) + line.comesTo(pocket)),
                units);
    }

    /** Depth of the handle's pocket where the blade has one too. */
    public Worked<Length> handlePocket(Units units) {
        return cautioned(Worked.of(washer, "The handle takes the washer, " + washer.in(units)), units);
    }

    /** Depth of the blade's pocket, each side. */
    public Worked<Length> bladePocket(Units units) {
        Length pocket = ball.minus(clearance);
        Working line = new Working(units);
        return Worked.of(pocket, line.of(ball) + " − " + line.of(clearance) + line.comesTo(pocket));
    }

    /** Thickness of the back spacer for a blade as it was measured. */
    public Worked<Length> backSpacer(Length blade, Units units) {
        Length spacer = blade.plus(clearance.times(2));
        Working line = new Working(units);
        return Worked.of(spacer, line.of(blade) + " + 2 × " + line.of(clearance) + line.comesTo(spacer));
    }

    private Worked<Length> cautioned(Worked<Length> pocket, Units units) {
        return question(clearance, units).map(pocket::withCaution).orElse(pocket);
    }

    /** What is to be asked about a clearance; empty where it is usual. */
    public Optional<String> question(Length clearance, Units units) {
        if (clearance.minus(ball).absolute().compareTo(NEAR_THE_BALL) <= 0) {
            return Optional.of("A clearance of " + clearance.in(units)
                    + " is as wide as the ball: the pocket was forgotten, only the washer is sunk. Is it so?");
        }
        if (clearance.compareTo(SHOWS_EVERY_ERROR) <= 0) {
            return Optional.of("A clearance of " + clearance.in(units) + " shows every error. Usual is about "
                    + USUAL.in(units) + " a side.");
        }
        if (clearance.compareTo(IS_TIGHT) < 0) {
            return Optional.of("A clearance of " + clearance.in(units)
                    + " is tight: nothing else may be off. Usual is about " + USUAL.in(units) + " a side.");
        }
        return clearance.compareTo(IS_A_GAP) >= 0
                ? Optional.of("A clearance of " + clearance.in(units) + " is a gap. Usual is about " + USUAL.in(units)
                        + " a side.")
                : Optional.empty();
    }
}
