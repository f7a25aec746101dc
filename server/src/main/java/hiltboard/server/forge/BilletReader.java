package hiltboard.server.forge;

import hiltboard.core.blade.BladeSection;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.SpecificationReader;
import hiltboard.core.field.Finding;
import hiltboard.core.forge.BarToCut;
import hiltboard.core.forge.Billet;
import hiltboard.core.forge.BladeBlank;
import hiltboard.core.forge.CladBlade;
import hiltboard.core.forge.ForgeMachine;
import hiltboard.core.forge.ForgeWork;
import hiltboard.core.forge.Layer;
import hiltboard.core.forge.Outcome.Cannot;
import hiltboard.core.forge.Outcome.Done;
import hiltboard.core.forge.PatternView;
import hiltboard.core.forge.Recipe;
import hiltboard.core.forge.Recipe.Reading;
import hiltboard.core.forge.Recipe.Stage;
import hiltboard.core.forge.RecipeStep;
import hiltboard.core.forge.StepField;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.measure.Money;
import hiltboard.core.measure.Units;
import hiltboard.core.money.BilletCost;
import hiltboard.core.stock.Counted;
import hiltboard.server.Refusal;
import hiltboard.server.Typed;
import hiltboard.server.forge.AskedBillet.StepEntries;
import hiltboard.server.forge.ForgeRepository.Plan;
import hiltboard.server.job.Drawing;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.material.Steels;
import hiltboard.server.money.Prices;
import hiltboard.server.money.ShopCurrency;
import hiltboard.server.stock.BilletStock;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToLongFunction;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Reads a recipe as it is typed and says what comes of it: sizes, layers, bars, cost, pictures. Belongs into a
 * transaction of the caller.
 */
@Component
class BilletReader {
    private static final LengthRange BLANK_THICKNESS = LengthRange.of("1/64", "3");
    private static final LengthRange BLANK_WIDTH = LengthRange.of("1/8", "12");
    private static final LengthRange BLANK_LENGTH = LengthRange.of("1/2", "60");
    private static final int MOST_STEPS = 40;
    private static final int MOST_BLADES = 500;
    private static final int LONGEST_NAME = 80;
    private static final double PICTURE_ACROSS = 640;
    private static final double FINEST = 0.03;
    /** What a billet is looked at on while it is for no knife in particular. */
    private final Map<Looked, Pictures> drawn = Collections.synchronizedMap(new Drawn());

    private static final BladeSection USUAL = KnifeShape.blade(SpecificationReader.read(
                            SpecificationReader.completed(Map.of(), Units.INCH_FAHRENHEIT), Units.INCH_FAHRENHEIT)
                    .specification()
                    .orElseThrow())
            .orElseThrow();

    private final PieceFiles pieces;
    private final Prices prices;
    private final ShopCurrency currency;
    private final BilletStock stock;
    private final ForgeRepository forge;
    private final Steels steels;

    BilletReader(
            PieceFiles pieces,
            Prices prices,
            ShopCurrency currency,
            BilletStock stock,
            ForgeRepository forge,
            Steels steels) {
        this.pieces = pieces;
        this.prices = prices;
        this.currency = currency;
        this.stock = stock;
        this.forge = forge;
        this.steels = steels;
    }

    /** What was understood; the plan is not there where something was not. */
    record Understood(Recipe recipe, List<List<Finding>> ofSteps, List<Finding> findings, Optional<Plan> plan) {}

    /** A step with what comes of it. Standing is COMPUTED, REFUSED or WAITS; sizes are empty unless it is computed. */
    record StageView(
            String work,
            String title,
            String standing,
            Map<String, String> entries,
            List<Finding> findings,
            String why,
            String section,
            String length,
            String layers,
            String layerThickness,
            String weight,
            List<String> working,
            List<String> cautions) {}

    /** Bars to cut; there are so many on the racks. */
    record BarToCutView(String words, int count, long there) {}

    /** What the finished billet is. Blades are those that come out of it; length is what the wanted ones take. */
    record FinishedBillet(
            String section,
            String length,
            int layers,
            String layerThickness,
            String weight,
            int blades,
            String takes,
            boolean isEnough) {}

    /** @param cost of all bars, and of what one blade bears; missing are steels without a price */
    record CostView(String cost, String perBlade, List<String> missing) {}

    /**
     * Where a layer comes out on the bevel, if the core lies in the middle, and if it lies as far off as it may, on
     * either side.
     */
    record SurfacingView(String layer, String middle, String towards, String away) {}

    /** How unevenly a clad blade may be forged. */
    record CladView(List<SurfacingView> surfacings, String tolerance, List<String> working, String problem) {}

    /**
     * A blade ground from the billet: its outline as an SVG path, y downwards, and the pattern under it; sizes in
     * millimetres.
     */
    record BladeView(String path, double left, double top, double width, double height, Picture pattern) {}

    /**
     * What comes of a billet.
     *
     * @param fittedLength to which the stack's bars would have to be cut for just the wanted blades; empty where it
     *     fits or cannot be said
     */
    record BilletReading(
            List<StageView> stages,
            List<Finding> findings,
            @Nullable FinishedBillet result,
            List<BarToCutView> bars,
            CostView cost,
            String fittedLength,
            @Nullable CladView clad,
            @Nullable Picture section,
            @Nullable BladeView blade) {}

    /** What was typed, as core understands it. */
    Understood understand(AskedBillet asked, Units units) {
        if (asked.steps().size() > MOST_STEPS) {
            throw Refusal.entry(
                    "steps",
                    String.valueOf(asked.steps().size()),
                    "So long a recipe nobody forges",
                    "up to " + MOST_STEPS + " steps");
        }
        List<RecipeStep> steps = new ArrayList<>();
        List<List<Finding>> ofSteps = new ArrayList<>();
        for (StepEntries each : asked.steps()) {
            ForgeWork work = ForgeWork.named(each.work())
                    .orElseThrow(() -> Refusal.notThere("There is no work at the forge called “" + each.work() + "”."));
            RecipeStep.Read read = RecipeStep.read(work, each.entries(), units, steels.library());
            boolean isWholeSoFar = ofSteps.stream().allMatch(List::isEmpty);
            if (isWholeSoFar && read.findings().isEmpty()) {
                steps.add(read.step());
            }
            ofSteps.add(read.findings());
        }
        Typed typed = new Typed(units);
        String name = typed.name("name", asked.name(), LONGEST_NAME);
        long blades = typed.amount("blades", asked.blades(), Counted.PIECES, MOST_BLADES);
        BladeBlank blank = new BladeBlank(
                typed.length("thickness", asked.thickness(), BLANK_THICKNESS),
                typed.length("width", asked.width(), BLANK_WIDTH),
                typed.length("length", asked.length(), BLANK_LENGTH));
        Optional<Money> paid = typed.moneyOrNothing("paid", asked.paid(), currency.get());
        Optional<Long> piece = Optional.of(asked.pieceId())
                .filter(id -> id > 0)
                .map(id -> pieces.open(id).id());
        Recipe recipe = new Recipe(steps);
        // A recipe can be looked at before it has a name.
        List<Finding> findings = typed.findings();
        boolean isWhole = findings.stream().allMatch(finding -> finding.field().equals("name"))
                && !steps.isEmpty()
                && ofSteps.stream().allMatch(List::isEmpty);
        return new Understood(
                recipe,
                ofSteps,
                findings,
                isWhole ? Optional.of(new Plan(name, recipe, (int) blades, blank, piece, paid)) : Optional.empty());
    }

    /** What comes of what was typed. */
    BilletReading read(AskedBillet asked, Units units) {
        Understood understood = understand(asked, units);
        List<Stage> stages = understood.recipe().stages(List.of(), units);
        List<ForgeMachine> machines = machines();
        List<StageView> views = new ArrayList<>();
        for (int i = 0; i < asked.steps().size(); i++) {
            StepEntries entries = asked.steps().get(i);
            views.add(
                    i < stages.size()
                            ? view(stages.get(i), entries.entries(), machines, units)
                            : waiting(entries, understood.ofSteps().get(i)));
        }
        return reading(views, stages, understood.recipe(), understood.findings(), understood.plan(), units);
    }

    /** What comes of a billet that is kept, with its readings. */
    BilletReading read(Plan plan, List<Reading> readings, Units units) {
        List<Stage> stages = plan.recipe().stages(readings, units);
        List<ForgeMachine> machines = machines();
        List<StageView> views = new ArrayList<>();
        for (int i = 0; i < plan.recipe().steps().size(); i++) {
            RecipeStep step = plan.recipe().steps().get(i);
            views.add(
                    i < stages.size()
                            ? view(stages.get(i), entries(step, units), machines, units)
                            : waiting(new StepEntries(step.work().name(), entries(step, units)), List.of()));
        }
        return reading(views, stages, plan.recipe(), List.of(), Optional.of(plan), units);
    }

    static Map<String, String> entries(RecipeStep step, Units units) {
        Map<String, String> entries = new LinkedHashMap<>();
        step.work().fields().forEach(field -> entries.put(field.key(), step.entry(field, units)));
        return entries;
    }

    private static StageView waiting(StepEntries step, List<Finding> findings) {
        return new StageView(
                step.work(),
                ForgeWork.valueOf(step.work()).title(),
                "WAITS",
                step.entries(),
                findings,
                "",
                "",
                "",
                "",
                "",
                "",
                List.of(),
                List.of());
    }

    private List<ForgeMachine> machines() {
        return forge.machines().stream()
                .map(ForgeRepository.MachineRow::machine)
                .toList();
    }

    private static StageView view(Stage stage, Map<String, String> entries, List<ForgeMachine> machines, Units units) {
        ForgeWork work = stage.step().work();
        if (stage.outcome() instanceof Cannot cannot) {
            List<Finding> at = cannot
                    .field()
                    .map(field ->
                            new Finding(field.key(), stage.step().entry(field, units), cannot.why(), cannot.accepted()))
                    .stream()
                    .toList();
            return new StageView(
                    work.name(),
                    work.title(),
                    "REFUSED",
                    entries,
                    at,
                    cannot.why() + ": " + cannot.accepted() + ".",
                    "",
                    "",
                    "",
                    "",
                    "",
                    List.of(),
                    List.of());
        }
        Done done = (Done) stage.outcome();
        List<String> cautions = new ArrayList<>(done.cautions());
        cautions.addAll(ForgeMachine.troubles(machines, stage, units));
        Billet billet = done.billet();
        return new StageView(
                work.name(),
                work.title(),
                "COMPUTED",
                entries,
                List.of(),
                "",
                billet.section().words(units),
                billet.length().asTaped(units).brieflyIn(units),
                String.valueOf(billet.layers().size()),
                thin(billet.layerThickness(), units),
                billet.mass().in(units),
                done.working(),
                cautions);
    }

    private static String thin(Length length, Units units) {
        return length.nearest(
                        units.length() == Units.LengthUnit.INCH
                                ? Length.ofInches("0.0001")
                                : Length.ofMillimetres("0.001"))
                .in(units);
    }

    private BilletReading reading(
            List<StageView> views,
            List<Stage> stages,
            Recipe recipe,
            List<Finding> findings,
            Optional<Plan> plan,
            Units units) {
        ToLongFunction<BarToCut> available = stock.available();
        boolean isWhole = views.stream().allMatch(view -> view.standing().equals("COMPUTED"));
        Optional<Billet> last =
                stages.stream().flatMap(stage -> stage.after().stream()).reduce((earlier, later) -> later);
        Optional<Plan> whole = plan.filter(each -> isWhole);
        BladeSection blade = plan.flatMap(Plan::piece)
                .flatMap(id -> KnifeShape.blade(pieces.open(id).specification()))
                .orElse(USUAL);
        Optional<Pictures> pictures = last.map(billet -> pictures(recipe, billet, blade));
        return new BilletReading(
                views,
                findings,
                whole.flatMap(each -> last.map(billet -> result(each, billet, units)))
                        .orElse(null),
                Recipe.bars(stages).stream()
                        .map(bar -> new BarToCutView(bar.words(units), bar.count(), available.applyAsLong(bar)))
                        .toList(),
                cost(stages, plan),
                fitted(whole, last, units),
                recipe.isClad() && isWhole
                        ? last.map(billet -> clad(billet, blade, units)).orElse(null)
                        : null,
                pictures.map(Pictures::across).orElse(null),
                pictures.map(Pictures::onBlade).orElse(null));
    }

    private Pictures pictures(Recipe recipe, Billet billet, BladeSection blade) {
        Looked looked = new Looked(recipe, billet.layers(), blade);
        Pictures known = drawn.get(looked);
        if (known == null) {
            known = new Pictures(across(billet), onBlade(billet, blade));
            drawn.put(looked, known);
        }
        return known;
    }

    /** All that a billet's pictures hang on. */
    private record Looked(Recipe recipe, List<Layer> layers, BladeSection blade) {}

    private record Pictures(Picture across, BladeView onBlade) {}

    /** What was drawn last: a picture takes half a second, and is the same for all who look at a billet again. */
    private static final class Drawn extends LinkedHashMap<Looked, Pictures> {
        private static final long serialVersionUID = 1;
        private static final int MOST = 32;

        private Drawn() {
            super(MOST, 0.75f, true);
        }

        @Override
        protected boolean removeEldestEntry(Map.Entry<Looked, Pictures> eldest) {
            return size() > MOST;
        }
    }

    private static FinishedBillet result(Plan plan, Billet billet, Units units) {
        int blades = plan.blank().countIn(billet);
        return new FinishedBillet(
                billet.section().words(units),
                billet.length().asTaped(units).brieflyIn(units),
                billet.layers().size(),
                thin(billet.layerThickness(), units),
                billet.mass().in(units),
                blades,
                plan.blank()
                        .lengthOf(billet.section())
                        .times(plan.blades())
                        .asTaped(units)
                        .brieflyIn(units),
                blades >= plan.blades());
    }

    private CostView cost(List<Stage> stages, Optional<Plan> plan) {
        Optional<Billet> stack = stages.stream().findFirst().flatMap(Stage::after);
        if (stack.isEmpty() || plan.isEmpty()) {
            return new CostView("", "", List.of());
        }
        BilletCost cost = plan.get()
                .paid()
                .map(paid -> BilletCost.paid(paid, plan.get().blades()))
                .orElseGet(() -> BilletCost.of(
                        stack.get().masses(), prices.today(), plan.get().blades()));
        return new CostView(cost.total().words(), cost.perBlade().words(), cost.missing());
    }

    /** What the bars of a billet cost. */
    Optional<Money> cost(Plan plan) {
        return plan.paid()
                .or(() -> plan.recipe().stages(List.of(), Units.MILLIMETRE_CELSIUS).stream()
                        .findFirst()
                        .flatMap(Stage::after)
                        .map(stack -> BilletCost.of(stack.masses(), prices.today(), plan.blades())
                                .total()));
    }

    private static String fitted(Optional<Plan> plan, Optional<Billet> last, Units units) {
        return plan.flatMap(each -> last.flatMap(
                        billet -> each.recipe().forVolume(each.blank().volumeOf(each.blades(), billet.section()))))
                .map(recipe -> recipe.steps().get(0).entry(StepField.LENGTH, units))
                .filter(length ->
                        !length.equals(plan.get().recipe().steps().get(0).entry(StepField.LENGTH, units)))
                .orElse("");
    }

    private static CladView clad(Billet billet, BladeSection blade, Units units) {
        int core = billet.layers().size() / 2;
        double thick = billet.section().thickness().millimetres();
        List<Length> outwards = billet
                .layers()
                .subList(core + 1, billet.layers().size())
                .stream()
                .map(layer -> Length.ofMillimetres(layer.share() * thick))
                .toList();
        try {
            CladBlade clad = new CladBlade(
                    Length.ofMillimetres(billet.layers().get(core).share() * thick),
                    outwards,
                    blade.stock(),
                    blade.edge(),
                    blade.bevelHeight());
            CladBlade.Tolerance tolerance = clad.tolerance(units);
            Length off = tolerance.least();
            List<SurfacingView> surfacings = new ArrayList<>();
            for (int layer = 1; layer <= outwards.size(); layer++) {
                surfacings.add(new SurfacingView(
                        billet.layers().get(core + layer).steel().words(),
                        surfaces(clad, layer, Length.ZERO, units),
                        surfaces(clad, layer, off, units),
                        surfaces(clad, layer, off.times(-1), units)));
            }
            return new CladView(
                    surfacings, off.nearest(Length.ofInches("0.0001")).in(units), tolerance.working(), "");
        } catch (ImpossibleQuantity impossible) {
            return new CladView(
                    List.of(),
                    "",
                    List.of(),
                    "The blade it is looked at on does not come out of it: " + impossible.words(units) + ".");
        }
    }

    private static String surfaces(CladBlade clad, int layer, Length shift, Units units) {
        return clad.surfacings(shift).stream()
                .filter(each -> each.layer() == layer)
                .findFirst()
                .map(each -> each.height().nearest(Length.ofInches("0.001")).in(units))
                .orElse("");
    }

    private static Picture across(Billet billet) {
        return Picture.of(
                PatternView.across(billet, 0.5, step(billet.section().width().millimetres())));
    }

    private static BladeView onBlade(Billet billet, BladeSection blade) {
        Picture pattern = Picture.of(
                PatternView.onBlade(billet, blade, step(blade.profile().length().millimetres())));
        return new BladeView(
                Drawing.closed(blade.profile().outline()),
                pattern.left(),
                pattern.top(),
                pattern.width(),
                pattern.height(),
                pattern);
    }

    private static Length step(double across) {
        return Length.ofMillimetres(Math.max(FINEST, Math.round(across / PICTURE_ACROSS * 100) / 100.0));
    }
}
