package hiltboard.server.access;

import hiltboard.server.find.Findable;
import java.util.Collection;
import java.util.List;
import org.springframework.stereotype.Component;

/** Who works here, and who did. */
@Component
class FindablePeople implements Findable {
    private final PersonRepository people;

    FindablePeople(PersonRepository people) {
        this.people = people;
    }

    @Override
    public Kind kind() {
        return Kind.PERSON;
    }

    @Override
    public List<Sheet> sheets(Collection<Long> ids) {
        return people.all().stream()
                .filter(account -> ids.contains(account.person().id()))
                .map(account -> new Sheet(
                        account.person().id(),
                        account.person().name(),
                        account.isGone() ? "worked here" : "works here",
                        account.isGone()
                                ? "/people"
                                : "/bench?of=" + account.person().id(),
                        account.isGone(),
                        ""))
                .toList();
    }
}
