package hiltboard.core.forge;

import hiltboard.core.material.SteelLibrary;
import hiltboard.core.measure.Units;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Recipes to test with: each work with its usual answers, and what is said on top of them. */
final class Recipes {
    private Recipes() {}

    static RecipeStep step(ForgeWork work, String... keysAndValues) {
        Map<String, String> entries = new LinkedHashMap<>();
        work.fields().forEach(field -> entries.put(field.key(), work.usual(field)));
        for (int i = 0; i < keysAndValues.length; i += 2) {
            entries.put(keysAndValues[i], keysAndValues[i + 1]);
        }
        RecipeStep.Read read = RecipeStep.read(work, entries, Units.INCH_FAHRENHEIT, SteelLibrary.KNOWN);
        if (!read.findings().isEmpty()) {
            throw new AssertionError(read.findings());
        }
        return read.step();
    }

    static Recipe of(RecipeStep... steps) {
        return new Recipe(Arrays.asList(steps));
    }

    /** One steel, welded and cropped without loss: a plain bar to start from. */
    static RecipeStep[] bar(String thickness, String width, String length) {
        return new RecipeStep[] {
            step(ForgeWork.STACK, "firstThickness", thickness, "pieces", "1", "width", width, "length", length),
            step(ForgeWork.WELD, "loss", "0"),
            step(ForgeWork.CROP, "offEachEnd", "0")
        };
    }

    static Billet result(Recipe recipe) {
        return recipe.result(List.of())
                .orElseThrow(() -> new AssertionError(recipe.stages(List.of(), Units.INCH_FAHRENHEIT)));
    }

    static Recipe then(RecipeStep[] first, RecipeStep... more) {
        RecipeStep[] all = Arrays.copyOf(first, first.length + more.length);
        System.arraycopy(more, 0, all, first.length, more.length);
        return of(all);
    }
}
