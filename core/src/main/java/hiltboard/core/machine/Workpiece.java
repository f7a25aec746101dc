package hiltboard.core.machine;

import hiltboard.core.material.FittingMaterial;
import hiltboard.core.material.HandleMaterial;
import hiltboard.core.material.Steel;
import hiltboard.core.measure.SurfaceSpeed;
import java.util.Optional;

/**
 * What is cut, in the state that it is in. Surface speeds and chip loads as textbooks of machining give them for a
 * first try, on the careful side; specific cutting forces to about a fifth. All from memory; the cutter's maker comes
 * first.
 */
public enum Workpiece {
    CARBON_ANNEALED("Carbon steel, annealed", 100, 300, 0.004, 2100, Chips.LONG),
    TOOL_ANNEALED("Tool steel, annealed", 65, 220, 0.004, 2500, Chips.LONG),
    STAINLESS_ANNEALED("Stainless, annealed", 55, 180, 0.0035, 2600, Chips.LONG),
    HARDENED("Hardened steel", 0, 80, 0.0015, 4500, Chips.LONG),
    BRASS("Brass", 200, 600, 0.006, 900, Chips.SHORT),
    NICKEL_SILVER("Nickel silver", 100, 350, 0.005, 1200, Chips.LONG),
    COPPER("Copper", 120, 400, 0.005, 1100, Chips.LONG),
    ALUMINIUM("Aluminium", 300, 800, 0.007, 800, Chips.LONG),
    TITANIUM("Titanium", 50, 150, 0.004, 1700, Chips.LONG),
    LAMINATE("Linen or glass laminate", 200, 500, 0.008, 250, Chips.DUST),
    CARBON_FIBRE("Carbon-fibre laminate", 0, 300, 0.006, 400, Chips.DUST),
    WOOD("Wood", 400, 800, 0.012, 60, Chips.DUST),
    HORN_AND_BONE("Horn, bone, antler", 120, 300, 0.008, 150, Chips.DUST),
    LAYERED_TUSK("Layered tusk", 100, 250, 0.006, 150, Chips.DUST);

    /** What comes off. */
    enum Chips {
        LONG,
        SHORT,
        DUST
    }

    private final String words;
    private final double highSpeedFeet;
    private final double carbideFeet;
    private final double chipLoadShare;
    private final double newtonsPerSquareMillimetre;
    private final Chips chips;

    Workpiece(
            String words,
            double highSpeedFeet,
            double carbideFeet,
            double chipLoadShare,
            double newtonsPerSquareMillimetre,
            Chips chips) {
        this.words = words;
        this.highSpeedFeet = highSpeedFeet;
        this.carbideFeet = carbideFeet;
        this.chipLoadShare = chipLoadShare;
        this.newtonsPerSquareMillimetre = newtonsPerSquareMillimetre;
        this.chips = chips;
    }

    /** A blade of this steel. @param isHard whether it is hardened */
    public static Workpiece of(Steel steel, boolean isHard) {
        if (isHard) {
            return HARDENED;
        }
        if (steel.stainless()) {
            return STAINLESS_ANNEALED;
        }
        return steel.family().contains("tool") ? TOOL_ANNEALED : CARBON_ANNEALED;
    }

    public static Workpiece of(HandleMaterial handle) {
        return switch (handle) {
            case HICKORY, ASH, WALNUT, MAPLE, DENSE_OILY_WOOD, BURL, STABILISED_WOOD -> WOOD;
            case BONE, ANTLER, HORN -> HORN_AND_BONE;
            case LAYERED_TUSK -> LAYERED_TUSK;
            case GLASS_EPOXY, CANVAS_PHENOLIC, CAST_RESIN -> LAMINATE;
            case CARBON_FIBRE -> CARBON_FIBRE;
            case TITANIUM -> TITANIUM;
        };
    }

    public static Workpiece of(FittingMaterial fitting) {
        return switch (fitting) {
            case MILD_STEEL -> CARBON_ANNEALED;
            case STAINLESS -> STAINLESS_ANNEALED;
            case TOOL_STEEL -> TOOL_ANNEALED;
            case BRASS -> BRASS;
            case NICKEL_SILVER -> NICKEL_SILVER;
            case COPPER -> COPPER;
            case GLASS_EPOXY, VULCANISED_FIBRE -> LAMINATE;
        };
    }

    public String words() {
        return words;
    }

    /** Usual for such a cutter; empty where it does not cut this at all. */
    public Optional<SurfaceSpeed> speed(CutterMaterial cutter) {
        double feet = cutter == CutterMaterial.CARBIDE ? carbideFeet : highSpeedFeet;
        return feet > 0 ? Optional.of(SurfaceSpeed.ofFeet(feet)) : Optional.empty();
    }

    /** Of what a drill for it usually is: carbide only where nothing softer cuts it. */
    public CutterMaterial usualDrill() {
        return highSpeedFeet > 0 ? CutterMaterial.HIGH_SPEED_STEEL : CutterMaterial.CARBIDE;
    }

    /** Thickness of a tooth's chip as a share of the cutter's diameter. */
    double chipLoadShare() {
        return chipLoadShare;
    }

    /** Force on each square millimetre of chip, in N/mm². */
    double cuttingForce() {
        return newtonsPerSquareMillimetre;
    }

    Chips chips() {
        return chips;
    }

    boolean isHardened() {
        return this == HARDENED;
    }
}
