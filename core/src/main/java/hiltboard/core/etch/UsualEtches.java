package hiltboard.core.etch;

import static hiltboard.core.etch.EtchRecipe.Between.LIFT_MASK;
import static hiltboard.core.etch.EtchRecipe.Between.NOTHING;
import static hiltboard.core.etch.EtchRecipe.Between.POWDER;
import static hiltboard.core.etch.EtchRecipe.Between.SAND;
import static hiltboard.core.etch.EtchRecipe.Between.STEEL_WOOL;
import static hiltboard.core.etch.EtchRecipe.Between.WIPE;

import hiltboard.core.design.Finish;
import hiltboard.core.design.Specification;
import hiltboard.core.etch.EtchRecipe.AfterBath;
import hiltboard.core.etch.EtchRecipe.Between;
import hiltboard.core.etch.EtchRecipe.Cycle;
import hiltboard.core.etch.EtchRecipe.End;
import hiltboard.core.etch.EtchRecipe.Ending;
import hiltboard.core.measure.TimeRange;
import java.time.Duration;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Recipes that a shop begins with. Common practice of makers, no published source: each shop tries them on a coupon,
 * and its own take their place. The keys stay the same for ever.
 */
public final class UsualEtches {
    private static final String ACETONE = "Acetone";
    private static final String SODA = "Baking soda in water";
    private static final String SOAP = "Soap and much water";
    private static final Duration FIRST_LOOK = Duration.ofSeconds(5);
    private static final AfterBath COFFEE =
            new AfterBath(Liquid.COFFEE, TimeRange.of(Duration.ofHours(1)), "Strong and hot; it darkens what is dark.");
    private static final AfterBath OVERNIGHT =
            new AfterBath(Liquid.VINEGAR, TimeRange.of(Duration.ofHours(12)), "Overnight.");

    private static final EtchRecipe GREY = recipe(
            "Even grey",
            Set.of(Finish.ETCHED_GREY),
            EtchSteel.ANY,
            Liquid.FERRIC_WATER,
            800,
            cycles(1, TimeRange.ofSeconds(20, 30), WIPE),
            0,
            List.of(),
            Ending.polishedBack(2500));
    private static final EtchRecipe DARK = recipe(
            "Dark, steel wool, tumbled dry",
            Set.of(Finish.ETCHED_DARK_TUMBLED, Finish.TWO_TONE_GROUND),
            EtchSteel.CARBON,
            Liquid.FERRIC_WATER,
            220,
            cycles(3, TimeRange.ofMinutes(2, 3), STEEL_WOOL),
            1,
            List.of(),
            Ending.tumbled(End.TUMBLE_DRY, TimeRange.ofMinutes(15, 15)));
    private static final EtchRecipe DARK_STAINLESS = recipe(
            "Dark stainless, tumbled wet",
            Set.of(Finish.ETCHED_DARK_TUMBLED, Finish.TWO_TONE_GROUND),
            EtchSteel.STAINLESS,
            Liquid.FERRIC_VINEGAR,
            220,
            cycles(1, TimeRange.of(Duration.ofHours(1)), WIPE),
            0,
            List.of(),
            Ending.tumbled(End.TUMBLE_WET, TimeRange.ofMinutes(5, 7)));
    private static final EtchRecipe VALLEYS = recipe(
            "Valley and peak",
            Set.of(Finish.VALLEY_AND_PEAK),
            EtchSteel.ANY,
            Liquid.FERRIC_WATER,
            220,
            List.of(
                    cycle(TimeRange.ofMinutes(5, 5), WIPE),
                    cycle(TimeRange.ofMinutes(8, 8), WIPE),
                    cycle(TimeRange.ofMinutes(10, 10), WIPE),
                    cycle(TimeRange.ofMinutes(10, 10), WIPE)),
            0,
            List.of(),
            Ending.polishedBack(1500));
    private static final EtchRecipe PATTERN = recipe(
            "Pattern, 3000 between",
            Set.of(Finish.PATTERN),
            EtchSteel.ANY,
            Liquid.FERRIC_WATER,
            1500,
            Collections.nCopies(3, new Cycle(TimeRange.ofMinutes(5, 5), SAND, Optional.of(3000))),
            2,
            List.of(COFFEE),
            Ending.polishedBack(2500));
    private static final EtchRecipe CLAD = recipe(
            "Clad, vinegar overnight",
            Set.of(Finish.PATTERN),
            EtchSteel.CLAD,
            Liquid.FERRIC_WATER,
            1500,
            cycles(1, TimeRange.ofMinutes(30, 30), WIPE),
            0,
            List.of(OVERNIGHT),
            Ending.polishedBack(2500));
    private static final EtchRecipe LEMON = recipe(
            "Hardening line in lemon juice",
            Set.of(Finish.HAMON),
            EtchSteel.CARBON,
            Liquid.FRUIT_ACID,
            2000,
            Collections.nCopies(8, new Cycle(TimeRange.ofMinutes(10, 15), POWDER, Optional.of(1500))),
            2,
            List.of(),
            Ending.polishedBack(2500));
    private static final EtchRecipe BOLD_LINE = recipe(
            "Bold hardening line, powder in oil",
            Set.of(Finish.HAMON),
            EtchSteel.CARBON,
            Liquid.FERRIC_WATER,
            2000,
            Collections.nCopies(3, new Cycle(TimeRange.ofSeconds(30, 30), POWDER, Optional.of(1500))),
            3,
            List.of(),
            Ending.oiled());
    private static final EtchRecipe MASKED =
            masked(List.of(cycle(TimeRange.ofMinutes(3, 3), LIFT_MASK), cycle(TimeRange.ofSeconds(30, 30), NOTHING)));

    private static final Map<String, EtchRecipe> ALL = Map.of(
            "grey", GREY,
            "dark", DARK,
            "dark-stainless", DARK_STAINLESS,
            "valleys", VALLEYS,
            "pattern", PATTERN,
            "clad", CLAD,
            "lemon", LEMON,
            "bold-line", BOLD_LINE,
            "masked", MASKED);
    /** In the order in which they are shown. */
    private static final List<String> ORDER =
            List.of("grey", "dark", "dark-stainless", "valleys", "pattern", "clad", "lemon", "bold-line", "masked");

    public static final String ORIGIN = "Common practice, from memory";

    private UsualEtches() {}

    public static List<String> keys() {
        return ORDER;
    }

    public static Optional<EtchRecipe> withKey(String key) {
        return Optional.ofNullable(ALL.get(key));
    }

    /** The one that is usual for such a blade; empty where its finish is not etched. */
    public static Optional<EtchRecipe> of(Specification spec) {
        if (spec.isLaminated() && CLAD.isFor(spec)) {
            return Optional.of(CLAD);
        }
        return ORDER.stream()
                .map(ALL::get)
                .filter(recipe -> recipe.isFor(spec))
                .findFirst()
                .or(() -> ORDER.stream()
                        .map(ALL::get)
                        .filter(recipe -> recipe.finishes().contains(spec.finish()))
                        .findFirst());
    }

    /** Two tones by a mask whose openings are worked out: each opening a cycle of its own. */
    public static EtchRecipe byMask(MaskSchedule schedule) {
        return masked(schedule.own().stream()
                .filter(own -> !own.isZero())
                .map(own -> cycle(TimeRange.of(own), LIFT_MASK))
                .toList());
    }

    private static EtchRecipe masked(List<Cycle> openings) {
        return recipe(
                "Two tones by mask",
                Set.of(Finish.TWO_TONE_MASKED),
                EtchSteel.ANY,
                Liquid.FERRIC_WATER,
                400,
                openings,
                0,
                List.of(),
                Ending.oiled());
    }

    private static EtchRecipe recipe(
            String name,
            Set<Finish> finishes,
            EtchSteel steel,
            Liquid liquid,
            int grit,
            List<Cycle> cycles,
            int more,
            List<AfterBath> after,
            Ending ending) {
        return new EtchRecipe(
                name,
                finishes,
                steel,
                liquid,
                ACETONE,
                grit,
                FIRST_LOOK,
                cycles,
                more,
                finishes.contains(Finish.VALLEY_AND_PEAK) ? SOAP : SODA,
                after,
                ending);
    }

    private static List<Cycle> cycles(int count, TimeRange bath, Between between) {
        return Collections.nCopies(count, cycle(bath, between));
    }

    private static Cycle cycle(TimeRange bath, Between between) {
        return new Cycle(bath, between, Optional.empty());
    }
}
