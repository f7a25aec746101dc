package hiltboard.core.material;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The steels that a shop can choose from: the known grades, which an update may correct, and its own, which nothing
 * overwrites.
 */
public final class SteelLibrary {
    public static final SteelLibrary KNOWN = new SteelLibrary(List.of());

    private final List<Steel> own;
    private final List<Steel> all;

    /** @param own those of the shop; where one has the name of a known grade, the shop's counts */
    public SteelLibrary(List<Steel> own) {
        this.own = List.copyOf(own);
        List<Steel> steels = new ArrayList<>(Steel.known());
        steels.removeIf(
                steel -> this.own.stream().anyMatch(each -> each.designation().equalsIgnoreCase(steel.designation())));
        steels.addAll(this.own);
        this.all = List.copyOf(steels);
    }

    public List<Steel> own() {
        return own;
    }

    /** The known grades without those that the shop describes itself, then its own. */
    public List<Steel> all() {
        return all;
    }

    public Optional<Steel> named(String designation) {
        return all.stream()
                .filter(steel -> steel.designation().equalsIgnoreCase(designation.strip()))
                .findFirst();
    }

    /** Two libraries with the same steels of the shop are the same. */
    @Override
    public boolean equals(Object other) {
        return other instanceof SteelLibrary library && own.equals(library.own);
    }

    @Override
    public int hashCode() {
        return own.hashCode();
    }
}
