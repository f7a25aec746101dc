package hiltboard.core.machine;

import hiltboard.core.measure.Feed;
import hiltboard.core.measure.Figure;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.SurfaceSpeed;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import java.util.Locale;

/**
 * A cutter in a piece on a machine: turns from the surface speed, feed from the chip load, depth by what machine and
 * cutter bear. RPM = V ÷ (π · D), feed = RPM · teeth · chip load.
 *
 * @param teeth 1 to 12
 */
public record Cutting(Workpiece piece, CutterMaterial material, Length diameter, int teeth, Mill mill) {
    private static final double MILLIMETRES_PER_METRE = 1000;
    /** What reaches the spindle of what the motor draws. From memory. */
    private static final double EFFICIENCY = 0.7;
    /** 0.005 in in a pass is much for a cutter of 1/8 in in hardened steel. Common practice. */
    private static final double HARD_DEPTH = 0.04;

    private static final double WATTS = 60_000;

    /**
     * @param watts of the motor
     * @param mostRpm the fastest that it turns
     */
    public record Mill(Stiffness stiffness, double watts, double mostRpm) {
        public Mill {
            if (!(watts > 0 && mostRpm > 0)) {
                throw new ImpossibleQuantity("mill", watts + " W, " + mostRpm + " RPM", "more than nothing");
            }
        }

        /** Such a machine as it is usual. */
        public static Mill usual(Stiffness stiffness) {
            return new Mill(stiffness, stiffness.usualWatts(), 6000);
        }
    }

    /** @throws ImpossibleQuantity if such a cutter does not cut this, or has no teeth */
    public Cutting {
        if (!diameter.isPositive()) {
            throw new ImpossibleQuantity("cutter diameter", diameter, "more than nothing");
        }
        if (teeth < 1 || teeth > 12) {
            throw new ImpossibleQuantity("teeth", String.valueOf(teeth), "1 to 12");
        }
        if (piece.speed(material).isEmpty()) {
            throw new ImpossibleQuantity(
                    "cutter",
                    material.words().toLowerCase(Locale.ROOT),
                    "carbide: " + piece.words().toLowerCase(Locale.ROOT) + " takes the edge off anything softer");
        }
    }

    /** With a carbide end mill of four teeth, which most small shops have. */
    public static Cutting usual(Workpiece piece, Length diameter, Mill mill) {
        return new Cutting(piece, CutterMaterial.CARBIDE, diameter, 4, mill);
    }

    public SurfaceSpeed speed() {
        return piece.speed(material).orElseThrow();
    }

    private double rpm() {
        return Math.min(rpm(speed(), diameter), mill.mostRpm);
    }

    private static double rpm(SurfaceSpeed speed, Length diameter) {
        return speed.metresPerMinute() * MILLIMETRES_PER_METRE / (Math.PI * diameter.millimetres());
    }

    public Worked<Figure> turns(Units units) {
        return turns(speed(), diameter, mill.mostRpm, units);
    }

    /** RPM = V ÷ (π · D), no more than the machine turns. */
    public static Worked<Figure> turns(SurfaceSpeed speed, Length diameter, double mostRpm, Units units) {
        double wanted = rpm(speed, diameter);
        Working line = new Working(units);
        boolean isInch = units.length() == Units.LengthUnit.INCH;
        String sum = (isInch ? "12 × " : "1000 × ") + line.rounded(speed.in(units)) + " ÷ (π × " + line.of(diameter)
                + ")" + String.format(Locale.ROOT, " ≈ %.0f RPM", wanted);
        double rpm = Math.min(wanted, mostRpm);
        return Worked.of(
                new Figure(rpm, 0, "RPM"),
                wanted > mostRpm
                        ? new String[] {sum, String.format(Locale.ROOT, "The spindle turns %.0f at most", mostRpm)}
                        : new String[] {sum});
    }

    /** Thickness of a tooth's chip. */
    public Length chipLoad() {
        return diameter.times(piece.chipLoadShare());
    }

    public Worked<Feed> feed(Units units) {
        return feed(rpm(), teeth, chipLoad(), units);
    }

    /** RPM · teeth · chip load. */
    public static Worked<Feed> feed(double rpm, int teeth, Length chipLoad, Units units) {
        Feed feed = new Feed(rpm * teeth * chipLoad.millimetres());
        Working line = new Working(units);
        return Worked.of(
                feed,
                String.format(Locale.ROOT, "%.0f RPM × %d × ", rpm, teeth)
                        + line.of(chipLoad)
                        + line.rounded("")
                        + line.comesTo(feed));
    }

    /** How deep a slot as wide as the cutter may be cut in one pass. */
    public Worked<Length> slotDepth(Units units) {
        double share = piece.isHardened() ? HARD_DEPTH : mill.stiffness.slotDepth() * softness();
        Length byStiffness = diameter.times(share);
        Length byPower = Length.ofMillimetres(power() / (diameter.millimetres() * feedRate()));
        Working line = new Working(units);
        String stiff = (piece.isHardened() ? "Hardened: " : mill.stiffness.words() + ": ")
                + String.format(Locale.ROOT, "%.2f × ", share)
                + line.of(diameter)
                + line.comesTo(byStiffness);
        String watts = String.format(
                        Locale.ROOT,
                        "%.0f W × %.1f bear a chip of %.1f mm³ a minute: ",
                        mill.watts,
                        EFFICIENCY,
                        power())
                + byPower.in(units);
        return Worked.of(
                byStiffness.compareTo(byPower) < 0 ? byStiffness : byPower, stiff, watts, "The smaller counts");
    }

    /** How much may be left to take beside a wall, at twice the depth of a slot. */
    public Worked<Length> sideWidth(Units units) {
        double share = piece.isHardened() ? HARD_DEPTH : mill.stiffness.sideWidth();
        Length width = diameter.times(share);
        Working line = new Working(units);
        return Worked.of(width, String.format(Locale.ROOT, "%.2f × ", share) + line.of(diameter) + line.comesTo(width));
    }

    /** A softer material is cut deeper, up to twice as deep as steel. */
    private double softness() {
        return Math.min(2, Workpiece.CARBON_ANNEALED.cuttingForce() / piece.cuttingForce());
    }

    private double feedRate() {
        return rpm() * teeth * chipLoad().millimetres();
    }

    /** What the spindle's power takes off, in mm³ a minute. */
    private double power() {
        return mill.watts * EFFICIENCY * WATTS / piece.cuttingForce();
    }

    /** The force that bends a cutter in a slot of this depth: power over rim speed. In newtons. */
    public double force(Length depth) {
        double removed = diameter.millimetres() * depth.millimetres() * feedRate();
        double watts = removed * piece.cuttingForce() / WATTS;
        double rim = rpm() * Math.PI * diameter.millimetres() / 60_000;
        return watts / rim;
    }

    /** Passes to a depth, all alike. @throws ImpossibleQuantity if there is no depth */
    public Worked<Figure> passes(Length whole, Units units) {
        if (!whole.isPositive()) {
            throw new ImpossibleQuantity("whole depth", whole, "more than nothing");
        }
        Length most = slotDepth(units).value();
        long passes = (whole.nanometres() + most.nanometres() - 1) / most.nanometres();
        Length each = whole.times(1.0 / passes);
        Working line = new Working(units);
        return Worked.of(
                Figure.count(passes, passes == 1 ? "pass" : "passes"),
                line.of(whole) + " ÷ at most " + line.of(most) + ", rounded up: " + passes + " of " + each.in(units));
    }
}
