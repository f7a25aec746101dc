package hiltboard.server.etch;

import hiltboard.core.design.Finish;
import hiltboard.core.etch.EtchRecipe.Between;
import hiltboard.core.etch.EtchRecipe.End;
import hiltboard.core.etch.EtchSteel;
import hiltboard.core.etch.Liquid;
import hiltboard.core.field.Option;
import hiltboard.core.measure.Units;
import hiltboard.server.access.Person;
import hiltboard.server.etch.EtchBook.InTheBook;
import hiltboard.server.etch.EtchRecipeService.AskedRecipe;
import hiltboard.server.etch.TankRunRepository.RunRow;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import io.swagger.v3.oas.annotations.Hidden;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** The book of etch recipes. */
@RestController
class EtchRecipeController {
    private static final int MOST_RESULTS = 60;

    private final EtchBook book;
    private final EtchRecipeRepository recipes;
    private final EtchRecipeService service;
    private final TankRunRepository runs;
    private final PieceFiles files;
    private final JsonMapper json;

    EtchRecipeController(
            EtchBook book,
            EtchRecipeRepository recipes,
            EtchRecipeService service,
            TankRunRepository runs,
            PieceFiles files,
            JsonMapper json) {
        this.book = book;
        this.recipes = recipes;
        this.service = service;
        this.runs = runs;
        this.files = files;
        this.json = json;
    }

    /** How a knife came out by it. @param photo the newest photograph of its etch; zero where there is none */
    record EtchResultView(
            long piece,
            String pieceName,
            String rating,
            String words,
            String bath,
            String factor,
            int darkness,
            long photo) {}

    record RecipeVersionView(int version, String words, String by, long atMillis) {}

    /**
     * A recipe with what came of it.
     *
     * @param cycles in a line
     * @param lines what is done, one after the other
     * @param entries as somebody would type it, to begin a copy or a change from
     */
    record EtchRecipeView(
            String key,
            String name,
            String origin,
            int version,
            List<String> finishes,
            String steel,
            String cycles,
            List<String> lines,
            AskedRecipe entries,
            List<EtchResultView> results,
            List<RecipeVersionView> versions) {}

    /** @param finishes {@code steels, liquids, betweens, ends} what can be chosen in a recipe */
    record EtchBookView(
            List<EtchRecipeView> recipes,
            List<Option> finishes,
            List<Option> steels,
            List<Option> liquids,
            List<Option> betweens,
            List<Option> ends,
            List<String> withGrit) {}

    @GetMapping("/api/tank/recipes")
    @Transactional(readOnly = true)
    EtchBookView all(Person person) {
        List<RunRow> rated = runs.rated(MOST_RESULTS);
        return new EtchBookView(
                book.all().stream()
                        .map(each -> view(each, rated, person.units()))
                        .toList(),
                Arrays.stream(Finish.values())
                        .filter(Finish::isEtched)
                        .map(finish -> new Option(finish.name(), finish.words()))
                        .toList(),
                Arrays.stream(EtchSteel.values())
                        .map(steel -> new Option(steel.name(), steel.words()))
                        .toList(),
                Arrays.stream(Liquid.values())
                        .filter(Liquid::etches)
                        .map(liquid -> new Option(liquid.name(), liquid.words()))
                        .toList(),
                Arrays.stream(Between.values())
                        .map(between -> new Option(between.name(), between.words()))
                        .toList(),
                Arrays.stream(End.values())
                        .map(end -> new Option(end.name(), end.words()))
                        .toList(),
                Arrays.stream(Between.values())
                        .filter(Between::hasGrit)
                        .map(Between::name)
                        .toList());
    }

    private EtchRecipeView view(InTheBook each, List<RunRow> rated, Units units) {
        long own = each.isOwn() ? Long.parseLong(each.key().substring(each.key().indexOf(':') + 1)) : 0;
        return new EtchRecipeView(
                each.key(),
                each.recipe().name(),
                each.origin(),
                each.version(),
                each.recipe().finishes().stream().map(Finish::words).sorted().toList(),
                each.recipe().steel().words(),
                each.recipe().cyclesInWords(),
                each.recipe().lines(),
                EtchRecipeService.typed(each.recipe(), units),
                rated.stream()
                        .filter(run -> run.run().recipeFrom().equals(each.key()))
                        .map(this::result)
                        .toList(),
                each.isOwn()
                        ? recipes.versions(own).stream()
                                .map(version -> new RecipeVersionView(
                                        version.version(),
                                        version.recipe().name() + ": "
                                                + version.recipe().cyclesInWords(),
                                        version.by(),
                                        version.atMillis()))
                                .toList()
                        : List.of());
    }

    private EtchResultView result(RunRow run) {
        PieceFile file = files.open(run.run().piece());
        return new EtchResultView(
                file.id(),
                file.name(),
                run.rated().map(rated -> rated.rating().words()).orElse(""),
                run.rated().map(rated -> rated.words()).orElse(""),
                run.bathName(),
                String.format(Locale.ROOT, "%.1f", run.run().factor().likely()),
                TankViews.tone(file.specification()).darkness(),
                runs.photo(
                        file.id(),
                        TankService.etch(file)
                                .map(step -> step.operation().key())
                                .orElse("")));
    }

    @PostMapping("/api/tank/recipes")
    Receipt add(@RequestBody AskedRecipe asked, Person person, Command command) {
        return service.add(asked, person, command);
    }

    @PostMapping("/api/tank/recipes/{id}")
    Receipt change(@PathVariable long id, @RequestBody AskedRecipe asked, Person person, Command command) {
        return service.change(id, asked, person, command);
    }

    @PostMapping("/api/tank/recipes/{id}/drop")
    Receipt drop(@PathVariable long id, Command command) {
        return service.drop(id, command);
    }

    /** @param text of a file that this program wrote, or somebody by hand */
    record RecipeText(String text) {}

    @PostMapping("/api/tank/recipes/file")
    Receipt takeIn(@RequestBody RecipeText file, Person person, Command command) {
        return service.takeIn(file.text(), person, command);
    }

    @Hidden
    @GetMapping("/api/tank/recipes/{key}/files/recipe.json")
    @Transactional(readOnly = true)
    ResponseEntity<byte[]> file(@PathVariable String key) {
        InTheBook found = book.find(key);
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(found.recipe().name() + ".json", StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(json.writerWithDefaultPrettyPrinter().writeValueAsBytes(EtchRecipeFile.of(found.recipe())));
    }
}
