package hiltboard.server.fire;

import hiltboard.server.find.Findable;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Fires are found by what they do, in which kiln, and by the pieces that lie in them. */
@Component
class FindableLoads implements Findable {
    private final FireRepository fire;

    FindableLoads(FireRepository fire) {
        this.fire = fire;
    }

    @Override
    public Kind kind() {
        return Kind.LOAD;
    }

    @Override
    public List<Sheet> sheets(Collection<Long> ids) {
        Map<Long, List<String>> pieces = fire.names(ids);
        return fire.loadNames(ids).stream()
                .map(load -> new Sheet(
                        load.id(),
                        load.treatment().words() + " in " + load.kiln(),
                        pieces.containsKey(load.id()) ? String.join(" ", pieces.get(load.id())) : "empty",
                        "/fire/loads/" + load.id(),
                        load.isOver(),
                        "load " + load.id()))
                .toList();
    }
}
