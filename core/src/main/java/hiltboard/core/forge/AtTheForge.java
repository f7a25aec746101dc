package hiltboard.core.forge;

import static hiltboard.core.forge.StepField.*;

import hiltboard.core.forge.Outcome.Cannot;
import hiltboard.core.forge.Outcome.Done;
import hiltboard.core.material.Steel;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Working;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Carries out one work of a recipe on paper. Steel is not compressed: what the scale and the saw do not take, stays.
 * Common practice of the trade.
 */
final class AtTheForge {
    /** Two-steel stacks grow by multiplying; more layers than this nobody sees. */
    private static final int MOST_LAYERS = 20_000;

    private static final Length LEAST_FOR_A_TWIST = Length.ofInchFraction(3, 4);
    private static final Length MOST_FOR_A_TWIST = Length.ofInchFraction(1, 1);
    private static final Length CLAD_UNTIL_GROUND = Length.ofInchFraction(5, 16);
    private static final Length ONE_INCH = Length.ofInchFraction(1, 1);
    private static final double NOTHING = 1e-9;

    private final RecipeStep step;
    private final boolean isClad;
    private final Units units;
    private final List<String> working = new ArrayList<>();
    private final List<String> cautions = new ArrayList<>();

    /**
     * @param isClad whether the recipe has a core
     * @param units in which the working is written
     */
    AtTheForge(RecipeStep step, boolean isClad, Units units) {
        this.step = step;
        this.isClad = isClad;
        this.units = units;
    }

    Outcome begin() {
        return step.work().begins()
                ? step.work() == ForgeWork.STACK ? stack() : clad()
                : Cannot.atAll("There is no billet yet", "begin with a stack");
    }

    Outcome goOn(Billet billet) {
        if (step.work().begins()) {
            return Cannot.atAll(
                    "There is a billet already",
                    "a stack only at the beginning; restack, or lay this billet around a core");
        }
        if (!billet.isWelded() && step.work() != ForgeWork.WELD) {
            return Cannot.atAll("It is a loose stack", "weld it first");
        }
        return switch (step.work()) {
            case STACK, CLAD -> throw new IllegalStateException("Answered above");
            case WRAP -> wrap(billet);
            case WELD -> weld(billet);
            case CROP -> crop(billet);
            case DRAW -> draw(billet);
            case RESTACK -> restack(billet);
            case BIAS -> bias(billet);
            case CORNERS_OFF -> cornersOff(billet);
            case TWIST -> twist(billet);
            case LADDER -> grooved(billet, DEPTH, PITCH);
            case RIPPLE -> grooved(billet, DEPTH, DIMPLES);
            case UPSET -> upset(billet);
            case GRIND -> grind(billet);
        };
    }

    private Done done(Billet billet) {
        return new Done(billet, working, cautions);
    }

    private String in(Length length) {
        return length.brieflyIn(units);
    }

    // The stack

    private Outcome stack() {
        int pieces = step.count(PIECES);
        List<Sheet> sheets = new ArrayList<>();
        for (int i = 0; i < pieces; i++) {
            sheets.add(i % 2 == 0 ? sheet(FIRST_STEEL, FIRST_THICKNESS) : sheet(SECOND_STEEL, SECOND_THICKNESS));
        }
        return laidOn(sheets);
    }

    private Outcome clad() {
        if (step.has(BETWEEN) && !step.has(BETWEEN_THICKNESS)) {
            return Cannot.at(BETWEEN_THICKNESS, "How thick the layers between are is not said", "a thickness");
        }
        int aSide = step.count(LAYERS_A_SIDE);
        List<Sheet> outwards = new ArrayList<>();
        for (int i = 0; i < aSide; i++) {
            boolean isCladding = !step.has(BETWEEN) || (aSide - 1 - i) % 2 == 0;
            outwards.add(isCladding ? sheet(CLADDING, CLADDING_THICKNESS) : sheet(BETWEEN, BETWEEN_THICKNESS));
        }
        List<Sheet> sheets = new ArrayList<>(outwards);
        Collections.reverse(sheets);
        sheets.add(sheet(CORE_STEEL, CORE_THICKNESS));
        sheets.addAll(outwards);
        return laidOn(sheets);
    }

    private record Sheet(ForgeSteel steel, Length thickness) {}

    private Sheet sheet(StepField steel, StepField thickness) {
        return new Sheet(step.steel(steel), step.length(thickness));
    }

    private Outcome laidOn(List<Sheet> sheets) {
        Length thickness = new Length(sheets.stream()
                .mapToLong(sheet -> sheet.thickness().nanometres())
                .sum());
        Length width = step.length(WIDTH);
        if (sheets.stream().anyMatch(sheet -> !sheet.thickness().isPositive()) || !width.isPositive()) {
            return Cannot.atAll("A bar has no size", "more than nothing for every size");
        }
        List<Layer> layers = sheets.stream()
                .map(sheet -> new Layer(sheet.steel(), sheet.thickness().millimetres() / thickness.millimetres()))
                .toList();
        Billet inch = Billet.stacked(layers, thickness, width, ONE_INCH);
        Optional<Length> length = stackLength(inch);
        if (length.isEmpty()) {
            return Cannot.at(LENGTH, "How long its bars are is not said", "a length, or a weight");
        }
        Billet billet = Billet.stacked(layers, thickness, width, length.get());
        working.add(sheets.size() + " bars, " + in(thickness) + " high: "
                + billet.layers().size() + " layers, " + billet.mass().in(units));
        return done(billet);
    }

    /** As it was said, or as long as it takes to weigh so much. @param inch one inch of the stack */
    private Optional<Length> stackLength(Billet inch) {
        if (step.has(LENGTH)) {
            return Optional.of(step.length(LENGTH)).filter(Length::isPositive);
        }
        if (!step.has(WEIGHT)) {
            return Optional.empty();
        }
        Length length = ONE_INCH.times(step.mass(WEIGHT).grams() / inch.mass().grams());
        working.add(step.mass(WEIGHT).in(units) + " / " + inch.mass().in(units) + " an inch ≈ " + in(rounded(length))
                + " long");
        return Optional.of(length).filter(Length::isPositive);
    }

    private Outcome wrap(Billet billet) {
        if (!isFlat(billet)) {
            return notFlat(billet);
        }
        Length core = step.length(CORE_THICKNESS);
        Length each = billet.length().minus(step.length(KERF)).half();
        if (!core.isPositive() || !each.isPositive()) {
            return Cannot.at(
                    core.isPositive() ? KERF : CORE_THICKNESS,
                    "Nothing is left of it",
                    "a core with a thickness, and a saw that leaves two pieces");
        }
        Length thickness = billet.section().thickness().times(2).plus(core);
        List<Layer> layers = new ArrayList<>();
        double share = billet.section().thickness().millimetres() / thickness.millimetres();
        for (int i = billet.layers().size() - 1; i >= 0; i--) {
            layers.add(new Layer(
                    billet.layers().get(i).steel(), billet.layers().get(i).share() * share));
        }
        layers.add(new Layer(step.steel(CORE_STEEL), core.millimetres() / thickness.millimetres()));
        billet.layers().forEach(layer -> layers.add(new Layer(layer.steel(), layer.share() * share)));
        Grain grain = billet.grain()
                .around(
                        step.steel(CORE_STEEL),
                        core.millimetres(),
                        billet.section().thickness().millimetres(),
                        each.plus(step.length(KERF)).millimetres());
        Working high = new Working(units);
        Working wide = new Working(units);
        working.add("2 × " + high.of(billet.section().thickness()) + " + " + high.of(core) + high.comesTo(thickness)
                + " high, (" + wide.taped(billet.length()) + " − " + wide.of(step.length(KERF)) + ") / 2"
                + wide.comesToTaped(each) + " long");
        return done(new Billet(
                BarSection.flat(thickness, billet.section().width()),
                each,
                Layer.joined(layers),
                false,
                false,
                billet.turns(),
                grain));
    }

    // What keeps the volume but for the scale

    private Outcome weld(Billet billet) {
        Billet pressed = scaled(billet, billet.section().thickness().times(1 - step.decimal(LOSS) / 100));
        working.add(loss(billet, pressed));
        billet.layers().stream()
                .map(layer -> layer.steel().key())
                .distinct()
                .flatMap(key -> Steel.named(key).stream())
                .filter(Steel::isAirHardening)
                .forEach(steel -> cautions.add(steel.designation()
                        + " crumbles above about " + steel.welding().in(units)
                        + ", and its scale does not weld: shut in a can, at no more than that heat, and longer."));
        return done(pressed.welded());
    }

    /** The same width and length, this thick. */
    private static Billet scaled(Billet billet, Length thickness) {
        BarSection to = new BarSection(
                thickness,
                billet.section().width(),
                billet.section().isRound(),
                billet.section().cornersOff());
        return billet.forged(to, billet.length());
    }

    private String loss(Billet before, Billet after) {
        return percent() + " % to scale: " + in(before.section().thickness()) + " → "
                + in(after.section().thickness()) + " high";
    }

    private String percent() {
        return step.entry(LOSS, units);
    }

    private Outcome draw(Billet billet) {
        boolean isRound = step.chose(SHAPE, "ROUND");
        if (!isRound && !step.has(TO_WIDTH)) {
            return Cannot.at(TO_WIDTH, "How wide it is to be is not said", "a width, or round");
        }
        Length thickness = step.length(TO_THICKNESS);
        if (!thickness.isPositive() || !isRound && !step.length(TO_WIDTH).isPositive()) {
            return Cannot.at(TO_THICKNESS, "Nothing would be left of it", "more than nothing");
        }
        BarSection to = isRound ? BarSection.round(thickness) : BarSection.flat(thickness, step.length(TO_WIDTH));
        if (to.area() > billet.section().area() * (1 + NOTHING)) {
            return Cannot.at(
                    TO_THICKNESS,
                    "That is a larger section than " + billet.section().words(units),
                    "a smaller one; a larger one only by upsetting");
        }
        Length length = Length.ofMillimetres(billet.volume() * kept() / to.area());
        Working line = new Working(units);
        working.add(line.rounded(area(billet.section())) + " × " + line.taped(billet.length()) + " × " + share() + " / "
                + area(to) + line.comesToTaped(length));
        soundEnds(billet);
        if (isClad && !to.isRound() && to.thickness().compareTo(CLAD_UNTIL_GROUND) < 0) {
            cautions.add("A clad blade is kept about " + in(CLAD_UNTIL_GROUND)
                    + " thick until it is ground, or one side loses its layer.");
        }
        return done(billet.forged(to, length));
    }

    private double kept() {
        return 1 - step.decimal(LOSS) / 100;
    }

    private String share() {
        return String.format(Locale.ROOT, "%.3f", kept());
    }

    private String area(BarSection section) {
        return units.length() == Units.LengthUnit.INCH
                ? String.format(Locale.ROOT, "%.3f in²", section.area() / 645.16)
                : String.format(Locale.ROOT, "%.0f mm²", section.area());
    }

    private Length rounded(Length length) {
        return length.asTaped(units);
    }

    private void soundEnds(Billet billet) {
        if (!billet.hasSoundEnds()) {
            cautions.add("The ends never weld well: cut them off before forging on, or the splits run in.");
        }
    }

    private Outcome upset(Billet billet) {
        Length length = step.length(TO_LENGTH);
        if (!length.isPositive() || length.compareTo(billet.length()) >= 0) {
            return Cannot.at(TO_LENGTH, "Upsetting makes it shorter", "less than " + in(rounded(billet.length())));
        }
        BarSection to = billet.section().withArea(billet.volume() * kept() / length.millimetres());
        working.add(area(billet.section()) + " × " + in(rounded(billet.length())) + " × " + share() + " / " + in(length)
                + " ≈ " + area(to));
        soundEnds(billet);
        return done(billet.forged(to, length));
    }

    private Outcome bias(Billet billet) {
        if (!billet.section().isAboutSquare()) {
            return Cannot.atAll("It is " + billet.section().words(units) + ", not square", "draw it square first");
        }
        BarSection to = billet.section().withArea(billet.section().area() * kept());
        working.add("turned by an eighth and square again: " + in(to.thickness()) + " a side");
        soundEnds(billet);
        Billet turned =
                billet.with(billet.section(), billet.length(), billet.grain().onTheBias());
        return done(turned.forged(to, billet.length()));
    }

    private Outcome twist(Billet billet) {
        BarSection section = billet.section();
        if (!section.isAboutSquare() && !section.isRound()) {
            return Cannot.atAll("It is " + section.words(units) + ", neither square nor round", "draw it square first");
        }
        if (!section.isRound() && !section.cornersOff().isPositive()) {
            cautions.add("Its corners tear: knock them off first.");
        }
        if (section.thickness().compareTo(LEAST_FOR_A_TWIST) < 0
                || section.thickness().compareTo(MOST_FOR_A_TWIST) > 0) {
            cautions.add("A bar " + in(LEAST_FOR_A_TWIST) + " to " + in(MOST_FOR_A_TWIST) + " square twists best.");
        }
        soundEnds(billet);
        double turns = step.decimal(TURNS);
        working.add(step.entry(TURNS, units) + " turns in " + in(rounded(billet.length()))
                + (turns > 0 ? ": one in " + in(rounded(billet.length().times(1 / turns))) : ""));
        double byMillimetre = turns / billet.length().millimetres();
        Billet twisted = new Billet(
                section,
                billet.length(),
                billet.layers(),
                true,
                billet.hasSoundEnds(),
                billet.turns() + 1000 * byMillimetre,
                billet.grain().twisted(byMillimetre));
        return done(twisted.forged(section.withArea(section.area() * kept()), billet.length()));
    }

    private Outcome grooved(Billet billet, StepField depth, StepField pitch) {
        Length thickness = billet.section().thickness();
        if (!isFlat(billet)) {
            return notFlat(billet);
        }
        if (step.length(depth).times(2).compareTo(thickness) >= 0
                || !step.length(pitch).isPositive()) {
            return Cannot.at(
                    step.length(pitch).isPositive() ? depth : pitch,
                    "That goes through it",
                    "less than half of " + in(thickness) + " deep, and more than nothing apart");
        }
        soundEnds(billet);
        double across = step.length(pitch).millimetres();
        double deep = step.length(depth).millimetres();
        Grain grain = step.work() == ForgeWork.LADDER
                ? billet.grain().laddered(across, deep, thickness.millimetres())
                : billet.grain().rippled(across, deep);
        Billet flat = scaled(billet.with(billet.section(), billet.length(), grain), thickness.times(kept()));
        working.add(loss(billet, flat));
        return done(flat);
    }

    // What takes steel away

    private Outcome crop(Billet billet) {
        Length off = step.length(OFF_EACH_END);
        Length left = billet.length().minus(off.times(2));
        if (!left.isPositive()) {
            return Cannot.at(
                    OFF_EACH_END, "Nothing is left of " + in(rounded(billet.length())), "less than half of that");
        }
        Working line = new Working(units);
        working.add(line.taped(billet.length()) + " − 2 × " + line.of(off) + line.comesToTaped(left));
        return done(new Billet(
                billet.section(),
                left,
                billet.layers(),
                true,
                true,
                billet.turns(),
                billet.grain().cropped(off.millimetres())));
    }

    private Outcome cornersOff(Billet billet) {
        Length off = step.length(CORNERS);
        if (!billet.section().isAboutSquare()) {
            return Cannot.atAll("It is " + billet.section().words(units) + ", not square", "draw it square first");
        }
        if (off.times(2).compareTo(billet.section().thickness()) >= 0) {
            return Cannot.at(
                    CORNERS,
                    "No side is left between the corners",
                    "less than half of " + in(billet.section().thickness()));
        }
        BarSection to = billet.section().withCornersOff(off);
        working.add(area(billet.section()) + " − 2 × " + in(off) + "² ≈ " + area(to));
        return done(billet.with(to, billet.length(), billet.grain()));
    }

    private Outcome restack(Billet billet) {
        int pieces = step.count(CUT_INTO);
        Length kerf = step.length(KERF);
        Length each = billet.length().minus(kerf.times(pieces - 1)).times(1d / pieces);
        Optional<Ground> ground = ground(billet);
        if (pieces < 2 || !each.isPositive()) {
            return Cannot.at(
                    CUT_INTO,
                    "Nothing is left of " + in(rounded(billet.length())),
                    "two pieces or more, with room for the saw");
        }
        if (!isFlat(billet)) {
            return notFlat(billet);
        }
        if (ground.isEmpty()) {
            return throughIt(billet);
        }
        if ((long) ground.get().layers().size() * pieces > MOST_LAYERS) {
            return Cannot.at(
                    CUT_INTO,
                    "That makes more layers than anybody sees",
                    "fewer pieces, up to " + MOST_LAYERS + " layers");
        }
        return restacked(billet, ground.get(), each, kerf);
    }

    private Outcome restacked(Billet billet, Ground ground, Length each, Length kerf) {
        int pieces = step.count(CUT_INTO);
        boolean isTurned = step.chose(LAID, "TURNED");
        List<Layer> turned = new ArrayList<>(ground.layers());
        Collections.reverse(turned);
        List<Layer> all = new ArrayList<>();
        for (int i = 0; i < pieces; i++) {
            all.addAll(isTurned && i % 2 == 1 ? turned : ground.layers());
        }
        List<Layer> layers = Layer.joined(all);
        int met = ground.layers().size() * pieces - layers.size();
        working.add(ground.layers().size() + " × " + pieces + (met == 0 ? "" : " − " + met + " where like meets like")
                + " = " + layers.size() + " layers");
        Working line = new Working(units);
        working.add("(" + line.taped(billet.length()) + " − " + (pieces - 1) + " × " + line.of(kerf) + ") / " + pieces
                + line.comesToTaped(each) + " long, " + pieces + " × " + in(ground.thickness()) + " high");
        soundEnds(billet);
        Grain grain = billet.grain()
                .restacked(
                        pieces,
                        ground.thickness().millimetres(),
                        each.plus(kerf).millimetres(),
                        isTurned);
        return done(new Billet(
                BarSection.flat(
                        ground.thickness().times(pieces), billet.section().width()),
                each,
                layers,
                false,
                false,
                billet.turns(),
                grain));
    }

    /** Whether its faces can lie on each other. */
    private static boolean isFlat(Billet billet) {
        return !billet.section().isRound() && !billet.section().cornersOff().isPositive();
    }

    private Cannot notFlat(Billet billet) {
        return Cannot.atAll(
                "It is " + billet.section().words(units) + ": its faces are not flat", "draw it flat first");
    }

    private Outcome grind(Billet billet) {
        if (!isFlat(billet)) {
            return notFlat(billet);
        }
        return ground(billet)
                .<Outcome>map(ground -> {
                    Working line = new Working(units);
                    working.add(line.of(billet.section().thickness()) + " − 2 × " + line.of(step.length(GROUND_OFF))
                            + line.comesTo(ground.thickness()) + ", "
                            + ground.layers().size() + " layers left");
                    if (ground.layers().size() < billet.layers().size()) {
                        cautions.add("The outermost layer goes with it.");
                    }
                    BarSection to =
                            BarSection.flat(ground.thickness(), billet.section().width());
                    return done(new Billet(
                            to,
                            billet.length(),
                            Layer.joined(ground.layers()),
                            true,
                            billet.hasSoundEnds(),
                            billet.turns(),
                            billet.grain()));
                })
                .orElseGet(() -> throughIt(billet));
    }

    private static Cannot throughIt(Billet billet) {
        return Cannot.at(
                GROUND_OFF,
                "Nothing is left of it",
                "less than half of " + billet.section().thickness());
    }

    private record Ground(Length thickness, List<Layer> layers) {}

    /** Both faces ground alike; empty where nothing is left. Layers stay shares of what they were shares of. */
    private Optional<Ground> ground(Billet billet) {
        Length thickness =
                billet.section().thickness().minus(step.length(GROUND_OFF).times(2));
        if (!thickness.isPositive()) {
            return Optional.empty();
        }
        double off = step.length(GROUND_OFF).millimetres()
                / billet.section().thickness().millimetres();
        List<Layer> left = withoutFirst(withoutFirst(billet.layers(), off), off);
        return Optional.of(new Ground(thickness, left));
    }

    /** Without so much of its beginning, and turned over. */
    private static List<Layer> withoutFirst(List<Layer> layers, double share) {
        List<Layer> left = new ArrayList<>();
        double off = share;
        for (Layer layer : layers) {
            double kept = layer.share() - Math.max(0, off);
            off -= layer.share();
            if (kept > NOTHING) {
                left.add(0, new Layer(layer.steel(), kept));
            }
        }
        return left;
    }
}
