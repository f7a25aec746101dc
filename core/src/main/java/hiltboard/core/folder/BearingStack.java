package hiltboard.core.folder;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;

/**
 * The bearing between blade and plate, on one side. With a pocket in the handle only, it takes washer and ball less the
 * clearance; with two, the handle takes the washer and the blade the ball less the clearance. Common practice of the trade.
 *
 * @param clearance between blade and plate on this side
 */
public record BearingStack(Length washer, Length ball, Length clearance) {
    private static final Length SHOWS_EVERY_ERROR = Length.ofInches("0.010");
    private static final Length IS_A_GAP = Length.ofInches("0.070");

    /** @throws ImpossibleQuantity if a part is not positive, or the clearance leaves no pocket */
    public BearingStack {
        if (!washer.isPositive() || !ball.isPositive()) {
            throw new ImpossibleQuantity("bearing", washer + " and " + ball, "washer and ball thicker than nothing");
        }
        if (!clearance.isPositive() || clearance.compareTo(ball) >= 0) {
            throw new ImpossibleQuantity("clearance", clearance.toString(), "more than nothing and less than the ball of " + ball);
        }
    }

    /** Depth of the one pocket, in the handle. */
    public Worked<Length> onePocket(Units units) {
        Length pocket = washer.plus(ball).minus(clearance);
        return cautioned(Worked.of(pocket, washer.in(units) + " + " + ball.in(units) + " − " + clearance.in(units) + " = " + pocket.in(units)), units);
    }

    /** Depth of the handle's pocket where the blade has one too. */
    public Worked<Length> handlePocket(Units units) {
        return cautioned(Worked.of(washer, "The handle takes the washer, " + washer.in(units)), units);
    }

    /** Depth of the blade's pocket, each side. */
    public Worked<Length> bladePocket(Units units) {
        Length pocket = ball.minus(clearance);
        return Worked.of(pocket, ball.in(units) + " − " + clearance.in(units) + " = " + pocket.in(units));
    }

    /** Thickness of the back spacer for a blade as it was measured. */
    public Worked<Length> backSpacer(Length blade, Units units) {
        Length spacer = blade.plus(clearance.times(2));
        return Worked.of(spacer, blade.in(units) + " + 2 × " + clearance.in(units) + " = " + spacer.in(units));
    }

    private Worked<Length> cautioned(Worked<Length> pocket, Units units) {
        if (clearance.compareTo(SHOWS_EVERY_ERROR) <= 0) {
            return pocket.withCaution("A clearance of " + clearance.in(units) + " shows every error.");
        }
        return clearance.compareTo(IS_A_GAP) >= 0 ? pocket.withCaution("A clearance of " + clearance.in(units) + " is a gap.") : pocket;
    }
}
