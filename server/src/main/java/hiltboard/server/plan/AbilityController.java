package hiltboard.server.plan;

import hiltboard.core.plan.Ability;
import hiltboard.core.route.Station;
import hiltboard.server.Refusal;
import hiltboard.server.access.AccessService;
import hiltboard.server.access.Person;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What everybody who works here can do: they say so themselves, or the owner does. */
@RestController
class AbilityController {
    private final Abilities abilities;
    private final AccessService access;
    private final Changes changes;

    AbilityController(Abilities abilities, AccessService access, Changes changes) {
        this.abilities = abilities;
        this.access = access;
        this.changes = changes;
    }

    /** @param hasSaid whether anything was said of them; who has said nothing can do everything */
    record AbilitiesView(long person, String name, boolean hasSaid, List<AbilityView> stations) {}

    record AbilityView(Station station, Ability ability) {}

    record Said(List<AbilityView> stations) {}

    @GetMapping("/api/abilities")
    @Transactional(readOnly = true)
    List<AbilitiesView> all() {
        var said = abilities.all();
        return access.peopleHere().stream()
                .map(person -> new AbilitiesView(
                        person.id(),
                        person.name(),
                        said.containsKey(person.id()),
                        Arrays.stream(Station.values())
                                .map(station -> new AbilityView(
                                        station, Abilities.of(person.id(), said).apply(station)))
                                .toList()))
                .toList();
    }

    /** Says it of all stations at once: those that are not named, somebody does not work at. */
    @PostMapping("/api/people/{id}/abilities")
    Receipt say(@PathVariable long id, @RequestBody Said said, Person person, Command command) {
        if (person.id() != id) {
            person.mustBeOwner("say what somebody else can do");
        }
        Person of = access.peopleHere().stream()
                .filter(each -> each.id() == id)
                .findFirst()
                .orElseThrow(() -> Refusal.notThere("There is nobody with number " + id + " in this shop."));
        Map<Station, Ability> by = new TreeMap<>();
        said.stations().stream()
                .filter(each -> each.ability() != Ability.NOT)
                .forEach(each -> by.put(each.station(), each.ability()));
        return changes.make(command, () -> {
            abilities.say(id, by);
            return Entry.ofShop(
                    Entry.Kind.PERSON_CHANGED, person.name() + " said at which stations " + of.name() + " works", id);
        });
    }
}
