package hiltboard.core.forge;

import hiltboard.core.forge.Outcome.Done;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The works that make a billet, in their order. */
public record Recipe(List<RecipeStep> steps) {
    private static final int HALVINGS = 60;
    private static final double LONGEST_STACK = 3_000;
    /** More than a calliper and a tape are off together. */
    private static final double MORE_THAN_WENT_IN = 1.02;

    public Recipe {
        steps = List.copyOf(steps);
    }

    /** What was measured at the anvil after a step; what was not measured follows from the volume. */
    public record Reading(Optional<Length> thickness, Optional<Length> width, Optional<Length> length) {
        /** Nothing was measured. */
        public static final Reading NONE = new Reading(Optional.empty(), Optional.empty(), Optional.empty());

        boolean isThere() {
            return thickness.isPresent() || width.isPresent() || length.isPresent();
        }
    }

    /**
     * A step with what comes of it.
     *
     * @param before the billet that it is done on; empty for the first
     * @param after what is counted on from here: as computed, or as measured
     */
    public record Stage(RecipeStep step, Optional<Billet> before, Outcome outcome, Optional<Billet> after) {}

    /**
     * Carries the billet through, as far as it can be done.
     *
     * @param readings by step; fewer than steps where no more were taken
     */
    public List<Stage> stages(List<Reading> readings, Units units) {
        List<Stage> stages = new ArrayList<>();
        Optional<Billet> billet = Optional.empty();
        for (int i = 0; i < steps.size(); i++) {
            AtTheForge work = new AtTheForge(steps.get(i), isClad(), units);
            Optional<Billet> before = billet;
            Outcome outcome = before.map(work::goOn).orElseGet(work::begin);
            if (!(outcome instanceof Done done)) {
                stages.add(new Stage(steps.get(i), before, outcome, Optional.empty()));
                return stages;
            }
            Reading reading = i < readings.size() ? readings.get(i) : Reading.NONE;
            Done measured = reading.isThere() ? measured(done, reading, units) : done;
            billet = Optional.of(measured.billet());
            stages.add(new Stage(steps.get(i), before, measured, billet));
        }
        return stages;
    }

    /**
     * The bars that it asks for, those of one kind together: the stack's, and the core that a billet is laid around.
     *
     * @param stages as far as the recipe was carried through
     */
    public static List<BarToCut> bars(List<Stage> stages) {
        List<BarToCut> bars = new ArrayList<>();
        for (Stage stage :
                stages.stream().filter(stage -> stage.after().isPresent()).toList()) {
            RecipeStep step = stage.step();
            switch (step.work()) {
                case STACK -> {
                    bars.add(stacked(
                            stage,
                            StepField.FIRST_STEEL,
                            StepField.FIRST_THICKNESS,
                            (step.count(StepField.PIECES) + 1) / 2));
                    bars.add(stacked(
                            stage,
                            StepField.SECOND_STEEL,
                            StepField.SECOND_THICKNESS,
                            step.count(StepField.PIECES) / 2));
                }
                case CLAD -> {
                    int aSide = step.count(StepField.LAYERS_A_SIDE);
                    int between = step.has(StepField.BETWEEN) && step.has(StepField.BETWEEN_THICKNESS) ? aSide / 2 : 0;
                    bars.add(stacked(stage, StepField.CORE_STEEL, StepField.CORE_THICKNESS, 1));
                    bars.add(stacked(stage, StepField.CLADDING, StepField.CLADDING_THICKNESS, 2 * (aSide - between)));
                    if (between > 0) {
                        bars.add(stacked(stage, StepField.BETWEEN, StepField.BETWEEN_THICKNESS, 2 * between));
                    }
                }
                case WRAP -> {
                    Billet billet = stage.after().orElseThrow();
                    bars.add(new BarToCut(
                            step.steel(StepField.CORE_STEEL),
                            step.length(StepField.CORE_THICKNESS),
                            billet.section().width(),
                            billet.length(),
                            1));
                }
                default -> {}
            }
        }
        return bars.stream().filter(bar -> bar.count() > 0).toList();
    }

    private static BarToCut stacked(Stage stage, StepField steel, StepField thickness, int count) {
        RecipeStep step = stage.step();
        return new BarToCut(
                step.steel(steel),
                step.length(thickness),
                step.length(StepField.WIDTH),
                stage.after().orElseThrow().length(),
                count);
    }

    /** Whether it has a core in a cladding. */
    public boolean isClad() {
        return steps.stream().anyMatch(step -> step.work() == ForgeWork.CLAD || step.work() == ForgeWork.WRAP);
    }

    private static Done measured(Done done, Reading reading, Units units) {
        Billet computed = done.billet();
        BarSection was = computed.section();
        Length thickness = reading.thickness.orElse(was.thickness());
        Length width = was.isRound() ? thickness : reading.width.orElse(was.width());
        BarSection sides = new BarSection(thickness, width, was.isRound(), was.cornersOff());
        boolean isSectionMeasured = reading.thickness.isPresent() || reading.width.isPresent();
        BarSection section = isSectionMeasured
                ? sides
                : was.withArea(computed.volume() / reading.length.orElseThrow().millimetres());
        Length length = reading.length.orElseGet(() -> Length.ofMillimetres(computed.volume() / sides.area()));
        Billet measured = computed.forged(section, length);
        List<String> working = new ArrayList<>(done.working());
        working.add("measured: " + section.words(units) + ", "
                + length.nearest(Length.ofMillimetres("0.1")).brieflyIn(units) + " long");
        List<String> cautions = new ArrayList<>(done.cautions());
        if (measured.volume() > computed.volume() * MORE_THAN_WENT_IN) {
            cautions.add("By these readings there is more steel than went into the fire: measure again.");
        }
        return new Done(measured, working, cautions);
    }

    /** What the last step leaves; empty where the recipe cannot be carried through. */
    public Optional<Billet> result(List<Reading> readings) {
        List<Stage> stages = stages(readings, Units.MILLIMETRE_CELSIUS);
        return stages.size() == steps.size() && !stages.isEmpty()
                ? stages.get(stages.size() - 1).after()
                : Optional.empty();
    }

    /**
     * Works backwards: the shortest stack, to a sixteenth of an inch, from which as much comes out as is wanted.
     *
     * @return the same recipe with bars of that length; empty where no stack of these bars is long enough or its first
     *     step is no stack
     */
    public Optional<Recipe> forVolume(double cubicMillimetres) {
        if (!(cubicMillimetres > 0 && Double.isFinite(cubicMillimetres))) {
            throw new ImpossibleQuantity("wanted volume", cubicMillimetres + " mm³", "more than nothing");
        }
        if (steps.isEmpty() || !steps.get(0).work().begins() || volumeWith(LONGEST_STACK) < cubicMillimetres) {
            return Optional.empty();
        }
        double low = 0;
        double high = LONGEST_STACK;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (volumeWith(middle) < cubicMillimetres) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return Optional.of(withLength(Length.ofInchFraction((int) Math.ceil(high / 25.4 * 16 - 1e-6), 16)));
    }

    private double volumeWith(double length) {
        return withLength(Length.ofMillimetres(length))
                .result(List.of())
                .map(Billet::volume)
                .orElse(0d);
    }

    private Recipe withLength(Length length) {
        List<RecipeStep> changed = new ArrayList<>(steps);
        changed.set(0, steps.get(0).with(StepField.LENGTH, length));
        return new Recipe(changed);
    }
}
