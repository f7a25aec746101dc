package hiltboard.server.etch;

import hiltboard.core.design.Finish;
import hiltboard.core.etch.EtchRecipe;
import hiltboard.core.etch.EtchRecipe.AfterBath;
import hiltboard.core.etch.EtchRecipe.Between;
import hiltboard.core.etch.EtchRecipe.Cycle;
import hiltboard.core.etch.EtchRecipe.End;
import hiltboard.core.etch.EtchRecipe.Ending;
import hiltboard.core.etch.EtchSteel;
import hiltboard.core.etch.Liquid;
import hiltboard.core.field.SomeTimes;
import hiltboard.core.field.WholeNumber;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.TimeRange;
import hiltboard.core.measure.Units;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.Typed;
import hiltboard.server.access.Person;
import hiltboard.server.etch.EtchRecipeRepository.OwnRecipe;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** The shop's own recipes are written, copied, changed, sent out and taken in. */
@Service
public class EtchRecipeService {
    private static final int LONGEST = 80;
    private static final int LONGEST_WORDS = 200;
    private static final SomeTimes TIMES = new SomeTimes(Duration.ofDays(3));
    private static final WholeNumber GRITS = new WholeNumber(36, 10_000);
    private static final String ACCEPTED = "a recipe as this program writes it";

    private final EtchRecipeRepository recipes;
    private final Changes changes;
    private final ShopClock clock;
    private final JsonMapper json;

    EtchRecipeService(EtchRecipeRepository recipes, Changes changes, ShopClock clock, JsonMapper json) {
        this.recipes = recipes;
        this.changes = changes;
        this.clock = clock;
        this.json = json;
    }

    /** A cycle as it was typed. @param grit empty where none is asked */
    public record AskedCycle(String bath, String between, String grit) {}

    public record AskedAfterBath(String liquid, String time, String words) {}

    /**
     * A recipe as it was typed.
     *
     * @param copiedFrom which it was begun from; empty where it was not
     * @param basedOn the version that the page saw; zero for a new one
     */
    public record AskedRecipe(
            String name,
            List<String> finishes,
            String steel,
            String liquid,
            String degrease,
            String grit,
            String firstLook,
            List<AskedCycle> cycles,
            String more,
            String neutraliser,
            List<AskedAfterBath> afterBaths,
            String end,
            String endGrit,
            String endTime,
            String copiedFrom,
            int basedOn) {}

    public Receipt add(AskedRecipe asked, Person person, Command command) {
        EtchRecipe recipe = read(asked, person.units());
        return changes.make(command, () -> keepNew(recipe, asked.copiedFrom(), person));
    }

    private Entry keepNew(EtchRecipe recipe, String from, Person person) {
        long id = recipes.add(from);
        recipes.keep(id, recipe, person.id(), clock.nowMillis());
        return Entry.ofShop(Entry.Kind.ETCH_RECIPE_KEPT, "Etch recipe “" + recipe.name() + "” is written down", id);
    }

    Receipt change(long id, AskedRecipe asked, Person person, Command command) {
        EtchRecipe recipe = read(asked, person.units());
        return changes.make(command, () -> {
            OwnRecipe own = known(id);
            if (own.version() != asked.basedOn()) {
                throw Refusal.bothChanged(List.of(new Refusal.Both(
                        "recipe",
                        "Recipe",
                        "as it stands on your page",
                        "as it is kept now",
                        own.by(),
                        String.valueOf(own.version()))));
            }
            recipes.keep(id, recipe, person.id(), clock.nowMillis());
            return Entry.ofShop(
                    Entry.Kind.ETCH_RECIPE_KEPT,
                    "Etch recipe “" + recipe.name() + "”, version " + (own.version() + 1),
                    id);
        });
    }

    private OwnRecipe known(long id) {
        return recipes.own(id).orElseThrow(() -> Refusal.notThere("There is no such recipe any more."));
    }

    Receipt drop(long id, Command command) {
        return changes.make(command, () -> {
            OwnRecipe own = known(id);
            recipes.drop(id, clock.nowMillis());
            return Entry.ofShop(
                    Entry.Kind.ETCH_RECIPE_KEPT, "Etch recipe “" + own.recipe().name() + "” is struck out", id);
        });
    }

    /** @throws Refusal if it is no recipe, with what is wrong in it */
    Receipt takeIn(String file, Person person, Command command) {
        EtchRecipe recipe = read(file, person.units());
        return changes.make(command, () -> keepNew(recipe, "", person));
    }

    private EtchRecipe read(String file, Units units) {
        try {
            EtchRecipeFile read = json.readValue(file, EtchRecipeFile.class);
            if (!EtchRecipeFile.FORMAT.equals(read.format())) {
                throw Refusal.entry("file", "", "This file is no etch recipe", ACCEPTED);
            }
            EtchRecipe recipe = read.recipe();
            AskedRecipe typed = typed(recipe, units);
            return read(typed, units);
        } catch (ImpossibleQuantity impossible) {
            throw Refusal.entry("file", "", impossible.words(units), ACCEPTED);
        } catch (JacksonException | IllegalArgumentException | ArithmeticException | NullPointerException broken) {
            throw Refusal.entry(
                    "file", "", "This file is no etch recipe, or something in it is not understood", ACCEPTED);
        }
    }

    /** As somebody would type it. */
    static AskedRecipe typed(EtchRecipe recipe, Units units) {
        return new AskedRecipe(
                recipe.name(),
                recipe.finishes().stream().map(Finish::name).sorted().toList(),
                recipe.steel().name(),
                recipe.liquid().name(),
                recipe.degrease(),
                String.valueOf(recipe.grit()),
                TimeRange.of(recipe.firstLook()).words(),
                recipe.cycles().stream()
                        .map(cycle -> new AskedCycle(
                                cycle.bath().words(),
                                cycle.between().name(),
                                cycle.grit().map(String::valueOf).orElse("")))
                        .toList(),
                String.valueOf(recipe.more()),
                recipe.neutraliser(),
                recipe.afterBaths().stream()
                        .map(bath -> new AskedAfterBath(
                                bath.liquid().name(), bath.time().words(), bath.words()))
                        .toList(),
                recipe.ending().end().name(),
                recipe.ending().grit().map(String::valueOf).orElse(""),
                recipe.ending().time().map(TimeRange::words).orElse(""),
                "",
                0);
    }

    private static EtchRecipe read(AskedRecipe asked, Units units) {
        Typed typed = new Typed(units);
        String name = typed.name("name", asked.name(), LONGEST);
        Set<Finish> finishes = finishes(typed, asked.finishes());
        EtchSteel steel = Typed.choice(
                EtchSteel.class, "steel", asked.steel(), "Which steel it is for is not said", "one of the choices");
        Liquid liquid = liquid(asked.liquid(), "liquid");
        String degrease = typed.name("degrease", asked.degrease(), LONGEST_WORDS);
        int grit = typed.of("grit", asked.grit(), GRITS).orElse(GRITS.least());
        Duration firstLook = typed.of("firstLook", asked.firstLook(), new SomeTimes(Duration.ofMinutes(5)))
                .map(TimeRange::least)
                .orElse(Duration.ofSeconds(5));
        List<Cycle> cycles = cycles(typed, asked.cycles());
        int more = typed.whole("more", asked.more(), 0, 10);
        String neutraliser = typed.name("neutraliser", asked.neutraliser(), LONGEST_WORDS);
        List<AfterBath> after = afterBaths(typed, asked.afterBaths());
        Ending ending = ending(typed, asked);
        typed.mustBeUnderstood();
        try {
            return new EtchRecipe(
                    name, finishes, steel, liquid, degrease, grit, firstLook, cycles, more, neutraliser, after, ending);
        } catch (ImpossibleQuantity impossible) {
            throw Refusal.impossible("more", asked.more(), impossible, units);
        }
    }

    private static Set<Finish> finishes(Typed typed, List<String> names) {
        Set<Finish> finishes = Arrays.stream(Finish.values())
                .filter(Finish::isEtched)
                .filter(finish -> names.contains(finish.name()))
                .collect(Collectors.toSet());
        if (finishes.isEmpty()) {
            typed.find("finishes", "", "For which finish it is was not chosen", "one finish or more");
        }
        return finishes;
    }

    private static Liquid liquid(String name, String field) {
        Liquid liquid =
                Typed.choice(Liquid.class, field, name, "In what it is etched is not said", "one of the choices");
        if (!liquid.etches()) {
            throw Refusal.entry(field, liquid.words(), "Nothing is etched in this", "a bath that etches");
        }
        return liquid;
    }

    private static List<Cycle> cycles(Typed typed, List<AskedCycle> asked) {
        if (asked.isEmpty() || asked.size() > EtchRecipe.MOST_CYCLES) {
            typed.find("cycles", String.valueOf(asked.size()), "A recipe has cycles", "1 to " + EtchRecipe.MOST_CYCLES);
        }
        List<Cycle> cycles = new ArrayList<>();
        for (int i = 0; i < asked.size(); i++) {
            AskedCycle each = asked.get(i);
            Between between = Typed.choice(
                    Between.class,
                    "cycles." + i + ".between",
                    each.between(),
                    "What is done after it is not said",
                    "one of the choices");
            Optional<Integer> grit =
                    between.hasGrit() ? typed.of("cycles." + i + ".grit", each.grit(), GRITS) : Optional.empty();
            typed.of("cycles." + i + ".bath", each.bath(), TIMES)
                    .ifPresent(time -> cycles.add(new Cycle(time, between, grit)));
        }
        return cycles;
    }

    private static List<AfterBath> afterBaths(Typed typed, List<AskedAfterBath> asked) {
        List<AfterBath> baths = new ArrayList<>();
        for (int i = 0; i < asked.size(); i++) {
            AskedAfterBath each = asked.get(i);
            Liquid liquid = liquid(each.liquid(), "afterBaths." + i + ".liquid");
            String words = Typed.words(each.words());
            typed.of("afterBaths." + i + ".time", each.time(), TIMES)
                    .ifPresent(time -> baths.add(new AfterBath(liquid, time, words)));
        }
        return baths;
    }

    private static Ending ending(Typed typed, AskedRecipe asked) {
        End end = Typed.choice(End.class, "end", asked.end(), "How it ends is not said", "one of the choices");
        return new Ending(
                end,
                end == End.POLISH_BACK ? typed.of("endGrit", asked.endGrit(), GRITS) : Optional.empty(),
                end.isTumbled() ? typed.of("endTime", asked.endTime(), TIMES) : Optional.empty());
    }
}
