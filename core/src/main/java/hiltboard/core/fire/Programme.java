package hiltboard.core.fire;

import hiltboard.core.design.Hardening;
import hiltboard.core.design.Specification;
import hiltboard.core.material.Quench;
import hiltboard.core.material.Steel;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What is done in one fire: what the kiln is told, and what the makers do. Common practice of the trade where no number
 * of the steel's own counts.
 *
 * @param heat at which the work soaks; for several heats the first
 * @param soak how long the work stays at heat
 * @param kiln what the kiln is told; the work goes in at the last part but for what cools in the kiln
 * @param steps what is done, in order, in words
 * @param ready what must lie ready
 */
public record Programme(
        Treatment treatment,
        Temperature heat,
        Duration soak,
        List<Segment> kiln,
        List<String> steps,
        List<String> ready) {
    static final Temperature STRESS_RELIEF = Temperature.ofFahrenheit(1200);
    static final Temperature ANNEALING = Temperature.ofFahrenheit(1400);
    /**
     * For steel that hardens in air; common practice, from memory: A2, D2 and 440C are annealed at about 1550 to 1650
     * °F.
     */
    static final Temperature ANNEALING_AIR = Temperature.ofFahrenheit(1600);

    static final Duration NORMALISING_SOAK = Duration.ofMinutes(5);
    static final Duration ANNEALING_SOAK = Duration.ofMinutes(30);
    static final Duration STRESS_RELIEF_SOAK = Duration.ofHours(2);
    private static final String COUNTED = ", counted from recovery, or from when the blade is at heat";
    private static final Temperature PREHEAT = Temperature.ofFahrenheit(1200);
    private static final Duration PREHEAT_STAYS = Duration.ofMinutes(10);
    private static final Temperature BLACK = Temperature.ofFahrenheit(900);
    /** Above this a blade goes through a preheat, so that it does not warp on the way up. */
    private static final Temperature HIGH_HEAT = Temperature.ofFahrenheit(1750);
    /** What one heat of a whole load may differ from the next: 15 °F. */
    static final double AGREES_WITHIN_KELVIN = 8.5;

    public Programme {
        kiln = List.copyOf(kiln);
        steps = List.copyOf(steps);
        ready = List.copyOf(ready);
    }

    /** What one piece asks. */
    public static Programme of(Treatment treatment, HeatNeed need, Units units) {
        return shared(treatment, List.of(need), units);
    }

    /**
     * One programme for all of these: the heat midway between them, the longest soak.
     *
     * @param needs one or more; whether they agree is for {@link Load} to say
     */
    static Programme shared(Treatment treatment, List<HeatNeed> needs, Units units) {
        double low = needs.stream()
                .mapToDouble(need -> need.heat(treatment).celsius())
                .min()
                .orElseThrow();
        double high = needs.stream()
                .mapToDouble(need -> need.heat(treatment).celsius())
                .max()
                .orElseThrow();
        Temperature heat = Temperature.ofCelsius((low + high) / 2);
        Duration soak = needs.stream()
                .map(need -> need.soak(treatment))
                .max(Duration::compareTo)
                .orElseThrow();
        HeatNeed first = needs.get(0);
        return switch (treatment) {
            case HARDEN -> harden(heat, soak, needs, units);
            case NORMALISE -> normalise(heat, soak, needs, units);
            case ANNEAL ->
                anneal(
                        heat,
                        soak,
                        needs.stream()
                                .map(HeatNeed::steel)
                                .filter(Steel::isAirHardening)
                                .findFirst()
                                .orElse(first.steel()),
                        units);
            case STRESS_RELIEF ->
                new Programme(
                        treatment,
                        heat,
                        soak,
                        List.of(Segment.until(heat)),
                        List.of(
                                "After rough grinding or machining, before hardening",
                                "Up to " + heat.in(units) + ", " + Span.words(soak),
                                "Down in the shut kiln to hand warmth"),
                        treatment.ready());
            case FIRST_TEMPER, LAST_TEMPER, STRAIGHTEN -> temper(treatment, heat, soak, first.tempers(), units);
        };
    }

    private static Programme anneal(Temperature heat, Duration soak, Steel steel, Units units) {
        boolean isAir = steel.isAirHardening();
        List<Segment> told = List.of(
                Segment.until(heat), new Segment(BLACK, steel.annealingFall().kelvin(), Optional.of(Duration.ZERO)));
        return new Programme(
                Treatment.ANNEAL,
                heat,
                soak,
                told,
                List.of(
                        "In cold or warm" + (isAir ? ", in foil" : "") + ", up to " + heat.in(units) + ", "
                                + Span.words(soak),
                        "Down in the shut kiln, no faster than "
                                + steel.annealingFall().in(units) + " an hour, to black heat"
                                + (isAir ? ": taken out hot, it hardens again" : ""),
                        "Overnight to cold"),
                Treatment.ANNEAL.ready());
    }

    private static Programme temper(Treatment treatment, Temperature heat, Duration soak, int tempers, Units units) {
        List<String> steps = new ArrayList<>(List.of(
                "The kiln down, or up, to " + heat.in(units) + " before the work goes in",
                "In; " + Span.words(soak) + COUNTED,
                "Out; cool to room temperature"));
        if (treatment == Treatment.FIRST_TEMPER && tempers > 1) {
            steps.add("Then the second temper, just like it");
        }
        if (treatment == Treatment.STRAIGHTEN) {
            steps.set(1, "In, clamped and shimmed the other way; " + Span.words(soak) + COUNTED);
            steps.set(2, "Out; cool in the clamp, then sight it and measure what is left");
        }
        return new Programme(treatment, heat, soak, List.of(Segment.until(heat)), steps, treatment.ready());
    }

    private static Programme normalise(Temperature heat, Duration soak, List<HeatNeed> needs, Units units) {
        List<Temperature> heats = needs.get(0).steel().grade().normalising();
        if (heats.isEmpty()) {
            return new Programme(
                    Treatment.NORMALISE,
                    heat,
                    soak,
                    List.of(),
                    List.of("This steel hardens in air: it is annealed instead of normalised"),
                    List.of());
        }
        List<Segment> told = heats.stream().map(Segment::until).toList();
        List<String> steps = new ArrayList<>();
        for (Temperature each : heats) {
            steps.add("Up to " + each.in(units) + ", " + Span.words(soak) + COUNTED
                    + "; out into still air until it is black");
        }
        return new Programme(Treatment.NORMALISE, heats.get(0), soak, told, steps, Treatment.NORMALISE.ready());
    }

    private static Programme harden(Temperature heat, Duration soak, List<HeatNeed> needs, Units units) {
        HeatNeed first = needs.get(0);
        boolean isHigh = heat.celsius() > HIGH_HEAT.celsius();
        List<Segment> told = new ArrayList<>();
        if (isHigh) {
            told.add(Segment.staying(PREHEAT, PREHEAT_STAYS));
        }
        told.add(Segment.until(heat));
        List<String> steps = new ArrayList<>();
        if (isHigh) {
            steps.add("Preheat at " + PREHEAT.in(units) + ", " + Span.words(PREHEAT_STAYS));
        }
        steps.add("Kiln up to " + heat.in(units));
        steps.add("In through the door; the kiln drops: wait until it has recovered");
        steps.add("Soak " + Span.words(soak) + COUNTED + "; never from the door");
        steps.addAll(quench(needs, units));
        steps.add("File test on the edge: it skates; then sight for warp while there is warmth in it");
        first.cold()
                .ifPresent(cold -> steps.add(
                        "Cold treatment at " + cold.in(units) + " or below within the hour, before the first temper"
                                + (first.steel().stainless() ? "" : "; this steel gains by it")));
        steps.add("Temper at " + first.tempering().in(units) + " within " + Span.words(Steel.TEMPERED_WITHIN)
                + ": it is brittle like glass until then");
        return new Programme(
                Treatment.HARDEN,
                heat,
                soak,
                told,
                steps,
                Stream.of(ready(needs, units), Treatment.HARDEN.ready())
                        .flatMap(List::stream)
                        .toList());
    }

    private static List<String> quench(List<HeatNeed> needs, Units units) {
        Quench quench = needs.get(0).quench();
        String medium = quench.medium().in(units);
        String ways = needs.stream()
                .map(HeatNeed::isAxe)
                .distinct()
                .sorted()
                .map(Quench::intoLiquid)
                .collect(Collectors.joining("; an axe head "));
        return switch (quench) {
            case FAST_OIL, MEDIUM_OIL ->
                List.of(
                        "One at a time into " + quench.words() + " of " + medium + ", " + ways,
                        "Interrupted, where the maker does it: out of the oil while still just smoking, into the plates, straight");
            case WATER_THEN_OIL ->
                List.of("One at a time into water of " + medium + ", count two or three, out, and into oil, " + ways
                        + ": the boldest line, and the one that cracks blades");
            case PLATES_AND_AIR -> List.of("One at a time, " + Quench.ONTO_PLATES);
        };
    }

    private static List<String> ready(List<HeatNeed> needs, Units units) {
        Quench quench = needs.get(0).quench();
        String medium = quench.medium().in(units);
        return switch (quench) {
            case FAST_OIL, MEDIUM_OIL ->
                List.of(
                        "Oil at " + medium + ", stirred"
                                + (needs.stream().allMatch(HeatNeed::isAxe) ? "" : ", deep enough to go wholly under"),
                        "Lid for the oil, and an extinguisher for oil fires; no water near");
            case WATER_THEN_OIL ->
                List.of(
                        "Water at " + medium + ", and oil beside it",
                        "Lid for the oil, and an extinguisher for oil fires; a wet blade into hot oil spits");
            case PLATES_AND_AIR -> List.of("Plates cold and clean, air line ready", "Gloves for hot foil");
        };
    }

    /** Heat, and cold, that needs no kiln: what else such a knife goes through, in the order of the work. */
    public record ByHand(String words, List<String> steps) {
        public ByHand {
            steps = List.copyOf(steps);
        }

        /** Common practice of the trade; colours by the usual tables. */
        public static List<ByHand> of(Specification spec, Units units) {
            List<ByHand> all = new ArrayList<>();
            if (spec.isClayCoated()) {
                all.add(new ByHand(
                        "Clay on the spine",
                        List.of(
                                "Degreased; the clay is mixed as thick as batter and laid " + Quench.CLAY_THICK
                                        + " over the spine, the edge bare",
                                "Dried overnight, until it is pale all over and no longer cold against the cheek",
                                "After the quench a quick test grind shows the line while a second quench is still possible; the "
                                        + "blade is brittle meanwhile")));
            }
            if (spec.hardening() == Hardening.BY_EYE) {
                all.add(new ByHand(
                        "Harden in the forge",
                        List.of(
                                "In the shade: bright daylight makes colours unreadable; a square tube muffles the flame",
                                "Evenly, to where the magnet lets go, at about " + Steel.CURIE.in(units)
                                        + " in every steel, and " + Steel.PAST_THE_MAGNET,
                                "A coupon of the same steel first, quenched and broken: fine grey grain is right",
                                "Into " + spec.quench().words() + " of "
                                        + spec.quench().medium().in(units) + ", " + Quench.intoLiquid(spec.isAxe()))));
            }
            spec.cold()
                    .temperature()
                    .ifPresent(cold -> all.add(new ByHand(
                            "Cold treatment",
                            List.of(
                                    "From the quench to hand warmth, then at once to " + cold.in(units)
                                            + " or below, an hour at least",
                                    "Dry ice in spirit, or liquid nitrogen: gloves, goggles, moving air, never in a sealed vessel",
                                    "Warm up in still air, then the first temper the same day"))));
            if (spec.hardening() == Hardening.TORCHED_SPINE) {
                all.add(new ByHand(
                        "Soften the spine by torch",
                        List.of(
                                "Tempered, bright steel; edge in wet sand or water",
                                "Colours run from the spine: stop at blue, about "
                                        + Temperature.ofFahrenheit(560).in(units) + ", well above the edge",
                                "Twice or three times, cooled between")));
            }
            return List.copyOf(all);
        }
    }
}
