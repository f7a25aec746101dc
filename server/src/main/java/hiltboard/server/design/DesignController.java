package hiltboard.server.design;

import hiltboard.core.design.Finding;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField.Choice;
import hiltboard.core.design.SpecificationField.Option;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.design.SpecificationReader;
import hiltboard.core.design.Strength;
import hiltboard.core.plan.DaysInHand;
import hiltboard.core.route.Heats;
import hiltboard.core.route.Operation;
import hiltboard.core.route.Place;
import hiltboard.core.route.Progress;
import hiltboard.core.route.Route;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.job.Drawing;
import hiltboard.server.route.Routes;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The questions of a specification, and what answers to them mean before anything is kept. */
@RestController
class DesignController {
    private final Routes routes;
    private final ShopClock clock;

    DesignController(Routes routes, ShopClock clock) {
        this.routes = routes;
        this.clock = clock;
    }

    record OptionView(String value, String words) {}

    /** One question; choices are empty for sizes and counts. */
    record FieldView(String key, String label, String group, String accepted, String usual, List<OptionView> choices) {}

    record Questions(List<FieldView> fields, List<OptionView> strengths) {}

    record StepLine(String title, String station, int attendedMinutes, long restMinutes) {}

    /** What the knife would be; empty parts while entries need another look. Entries are those given and the usual answers of the rest. */
    record Reading(
            List<String> asked, Map<String, String> entries, Map<String, String> understood, List<Finding> findings, @Nullable Drawing drawing,
            List<StepLine> route, int attendedMinutes, String earliestDay) {}

    @GetMapping("/api/design/questions")
    Questions questions(Person person) {
        return new Questions(
                Arrays.stream(SpecificationField.values()).map(field -> new FieldView(field.key(), field.label(), field.group(),
                        field.acceptedWords(person.units()), field.usualIn(person.units()), choices(field))).toList(),
                Arrays.stream(Strength.values()).map(strength -> new OptionView(strength.name(), strength.words())).toList());
    }

    @PostMapping("/api/design/read")
    Reading read(@RequestBody Map<String, String> given, Person person) {
        Map<String, String> entries = SpecificationReader.completed(given, person.units());
        SpecificationReader.Answer answer = SpecificationReader.read(entries, person.units());
        if (answer.specification().isEmpty()) {
            return new Reading(answer.asked(), entries, answer.understood(), answer.findings(), null, List.of(), 0, "");
        }
        Specification specification = answer.specification().get();
        Route route = routes.of(specification, Place.ALONE, Heats.ONCE);
        Progress nothingDone = new Progress(route, Map.of());
        DaysInHand days = DaysInHand.of(nothingDone.attendedMinutesLeft(), nothingDone.restsLeft(), clock.today(), clock.today());
        return new Reading(answer.asked(), entries, answer.understood(), answer.findings(), Drawing.of(specification),
                route.steps().stream().map(Route.Step::operation).map(DesignController::line).toList(), route.attendedMinutes(), days.earliest().toString());
    }

    private static StepLine line(Operation operation) {
        return new StepLine(operation.title(), operation.station().words(), operation.attendedMinutes(), operation.rest().toMinutes());
    }

    private static List<OptionView> choices(SpecificationField field) {
        return field.accepts() instanceof Choice choice
                ? choice.options().stream().map((Option option) -> new OptionView(option.value(), option.words())).toList() : List.of();
    }
}
