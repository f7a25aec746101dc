package hiltboard.server.design;

import hiltboard.core.design.Grip;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationReader;
import hiltboard.core.design.Strength;
import hiltboard.core.design.Use;
import hiltboard.core.design.Weighed;
import hiltboard.core.design.ZoneWord;
import hiltboard.core.design.ZoneWord.Much;
import hiltboard.core.field.Finding;
import hiltboard.core.field.Option;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Operation;
import hiltboard.core.route.Place;
import hiltboard.core.route.Progress;
import hiltboard.core.route.Rework;
import hiltboard.core.route.Route;
import hiltboard.core.route.Station;
import hiltboard.server.FieldView;
import hiltboard.server.Refusal;
import hiltboard.server.access.Person;
import hiltboard.server.job.AdviceView;
import hiltboard.server.job.Drawing;
import hiltboard.server.job.ShopDays;
import hiltboard.server.material.Specifications;
import hiltboard.server.money.Prices;
import hiltboard.server.route.Routes;
import hiltboard.server.stock.Rack;
import hiltboard.server.stock.Rack.Missing;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The questions of a specification, and what answers to them mean before anything is kept. */
@RestController
class DesignController {
    private static final double LONGEST_PULL = 1_000;

    private static final int RECENT = 200;

    private final Map<Entered, Optional<Earlier>> recent =
            Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {
                @Override
                protected boolean removeEldestEntry(Map.Entry<Entered, Optional<Earlier>> eldest) {
                    return size() > RECENT;
                }
            });
    private final Routes routes;
    private final Prices prices;
    private final ShopDays days;
    private final Rack rack;
    private final Specifications specifications;

    DesignController(Routes routes, Prices prices, ShopDays days, Rack rack, Specifications specifications) {
        this.specifications = specifications;
        this.routes = routes;
        this.days = days;
        this.rack = rack;
        this.prices = prices;
    }

    /** What clients say of a zone, and by what it moves which numbers. */
    record WordView(String value, String zone, String words, String step) {}

    record Questions(List<FieldView> fields, List<Option> strengths, List<WordView> words, List<Option> muches) {}

    record StepLine(String title, Station station, int attendedMinutes, long restMinutes) {}

    /**
     * Entries to read, and those to compare weight and balance with. @param useWords what it is for, in the client's
     * words: the edge follows from it; empty where that is not talked over here
     */
    record Entries(Map<String, String> entries, Map<String, String> before, String useWords) {}

    /** A grip of the drawing that is moved, in millimetres towards the point and away from the edge. */
    record Pulled(Map<String, String> entries, String grip, double along, double across) {}

    /** Something that the client says of a zone. */
    record Said(Map<String, String> entries, String word, String much) {}

    /**
     * A grip of the drawing, in millimetres, y downwards; whether it can be moved along and across, and which numbers
     * follow.
     */
    record GripView(
            String key,
            String words,
            double x,
            double y,
            boolean movesAlong,
            boolean movesAcross,
            List<String> fields) {}

    /** Something that the knife needs and the rack does not have; supplier and days are empty if nobody knows. */
    record MissingView(String words, String supplier, String leadDays) {}

    /**
     * What the knife would be; empty parts while entries need another look. Entries are those given and the usual
     * answers of the rest.
     *
     * @param changed the entries that a pull or a word has changed
     * @param doubts what is possible and unlikely, by field
     */
    record Reading(
            List<String> asked,
            Map<String, String> changed,
            Map<String, String> entries,
            Map<String, String> understood,
            Map<String, String> doubts,
            List<Finding> findings,
            @Nullable Drawing drawing,
            List<GripView> grips,
            @Nullable Figures figures,
            List<StepLine> route,
            int attendedMinutes,
            String earliestDay,
            List<MissingView> missing,
            List<AdviceView> advice) {}

    @GetMapping("/api/design/questions")
    Questions questions(Person person) {
        return new Questions(
                specifications.questions(person.units()),
                Arrays.stream(Strength.values())
                        .map(strength -> new Option(strength.name(), strength.words()))
                        .toList(),
                Arrays.stream(ZoneWord.values())
                        .map(word ->
                                new WordView(word.name(), word.zone(), word.words(), word.stepWords(person.units())))
                        .toList(),
                Arrays.stream(Much.values())
                        .map(much -> new Option(much.name(), much.words()))
                        .toList());
    }

    @PostMapping("/api/design/read")
    @Transactional(readOnly = true)
    Reading read(@RequestBody Entries given, Person person) {
        return read(
                Use.answered(given.entries(), given.useWords()),
                Map.of(),
                given.before(),
                person.units(),
                Optional.empty());
    }

    /** The knife when a grip of it is moved; nothing moves while it cannot be drawn. */
    @PostMapping("/api/design/pull")
    @Transactional(readOnly = true)
    Reading pull(@RequestBody Pulled pulled, Person person) {
        if (!(Math.abs(pulled.along()) <= LONGEST_PULL && Math.abs(pulled.across()) <= LONGEST_PULL)) {
            throw Refusal.entry(
                    "pulled",
                    pulled.along() + ", " + pulled.across(),
                    "Nothing is pulled so far",
                    "up to " + (int) LONGEST_PULL + " mm");
        }
        Units units = person.units();
        Optional<Specification> base = drawn(pulled.entries(), units);
        Map<String, String> changed = base.map(now -> Grip.of(now).stream()
                        .filter(each -> each.key().equals(pulled.grip()))
                        .findFirst()
                        .orElseThrow(() -> Refusal.entry(
                                "grip", pulled.grip(), "The drawing has no such grip", "one of its grips"))
                        .moved(now, pulled.along(), pulled.across(), units))
                .orElse(Map.of());
        // Sizes of an outline change no step, so the route of the knife that is pulled at stands for every picture of
        // the pull.
        return read(
                pulled.entries(),
                changed,
                pulled.entries(),
                units,
                base.map(now -> routes.of(now, Place.ALONE, Rework.NONE)));
    }

    /** The knife when the client has said a word about a zone of it. */
    @PostMapping("/api/design/say")
    @Transactional(readOnly = true)
    Reading say(@RequestBody Said said, Person person) {
        ZoneWord word = ZoneWord.named(said.word())
                .orElseThrow(() ->
                        Refusal.entry("word", said.word(), "This word moves nothing", "one of the words for a zone"));
        Much much = Much.named(said.much())
                .orElseThrow(
                        () -> Refusal.entry("much", said.much(), "This is no measure", "a little, more, or a lot"));
        Units units = person.units();
        Map<String, String> changed = drawn(said.entries(), units)
                .map(now -> word.said(now, much, units))
                .orElse(Map.of());
        return read(said.entries(), changed, said.entries(), units, Optional.empty());
    }

    /** The knife that these entries make, if it is a knife with an outline of its own. */
    private Optional<Specification> drawn(Map<String, String> entries, Units units) {
        return earlier(entries, units).map(Earlier::specification).filter(spec -> !spec.isAxe());
    }

    private record Entered(Map<String, String> entries, Units units) {}

    /** A knife that was on the table before. */
    private record Earlier(Specification specification, Weighed weighed) {}

    /** Every picture of a pull begins with the same knife, so the latest ones are kept. */
    private Optional<Earlier> earlier(Map<String, String> entries, Units units) {
        return recent.computeIfAbsent(
                new Entered(Map.copyOf(entries), units),
                entered -> specifications
                        .readCompleted(entries, units)
                        .specification()
                        .map(specification -> new Earlier(specification, KnifeShape.weighed(specification))));
    }

    private Reading read(
            Map<String, String> given,
            Map<String, String> changed,
            Map<String, String> before,
            Units units,
            Optional<Route> known) {
        Map<String, String> entries = new LinkedHashMap<>(given);
        entries.putAll(changed);
        Map<String, String> complete = SpecificationReader.completed(entries, units);
        SpecificationReader.Answer answer = specifications.read(complete, units);
        if (answer.specification().isEmpty()) {
            return new Reading(
                    answer.asked(),
                    changed,
                    complete,
                    answer.understood(),
                    answer.doubts(),
                    answer.findings(),
                    null,
                    List.of(),
                    null,
                    List.of(),
                    0,
                    "",
                    List.of(),
                    List.of());
        }
        Specification specification = answer.specification().get();
        Route route = known.orElseGet(() -> routes.of(specification, Place.ALONE, Rework.NONE));
        List<Missing> missing = rack.missing(specification, units);
        String earliest = days.earliest(new Progress(route, Map.of()).workLeft(), rack.arrival(missing))
                .toString();
        Optional<Weighed> earlier = before.equals(entries)
                ? Optional.empty()
                : earlier(before, units).map(Earlier::weighed);
        return new Reading(
                answer.asked(),
                changed,
                complete,
                answer.understood(),
                answer.doubts(),
                answer.findings(),
                Drawing.of(specification),
                grips(specification),
                Figures.of(specification, earlier, route.attendedMinutes(), prices.today(), units),
                route.steps().stream()
                        .map(Route.Step::operation)
                        .map(DesignController::line)
                        .toList(),
                route.attendedMinutes(),
                earliest,
                missing.stream()
                        .map(each -> new MissingView(
                                each.words(),
                                each.supplier(),
                                each.leadDays().map(String::valueOf).orElse("")))
                        .toList(),
                AdviceView.of(specification, List.of()));
    }

    private static List<GripView> grips(Specification specification) {
        return Grip.of(specification).stream()
                .map(grip -> new GripView(
                        grip.key(),
                        grip.words(),
                        grip.at().x(),
                        -grip.at().y(),
                        grip.movesAlong(),
                        grip.movesAcross(),
                        grip.pulls().stream().map(pull -> pull.field().label()).toList()))
                .toList();
    }

    private static StepLine line(Operation operation) {
        return new StepLine(
                operation.title(),
                operation.station(),
                operation.attendedMinutes(),
                operation.rest().toMinutes());
    }
}
