package hiltboard.server.forge;

import hiltboard.server.find.Findable;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Billets are found by what they are called. */
@Component
class FindableBillets implements Findable {
    private final ForgeRepository forge;

    FindableBillets(ForgeRepository forge) {
        this.forge = forge;
    }

    @Override
    public Kind kind() {
        return Kind.BILLET;
    }

    @Override
    public List<Sheet> sheets(Collection<Long> ids) {
        return ids.stream()
                .map(forge::billet)
                .flatMap(Optional::stream)
                .map(row -> new Sheet(
                        row.id(),
                        row.plan().name(),
                        row.lot().isPresent() ? "forged" : "at the forge",
                        "/forge/" + row.id(),
                        row.lot().isPresent(),
                        "billet " + row.id()))
                .toList();
    }
}
