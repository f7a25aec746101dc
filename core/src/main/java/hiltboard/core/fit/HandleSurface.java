package hiltboard.core.fit;

import hiltboard.core.design.HandleFinish;
import hiltboard.core.grind.Grit;
import hiltboard.core.grind.GritLadder;
import hiltboard.core.material.HandleMaterial;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How the surface of a handle is brought up and closed, by what it is of. Common practice of the trade, from memory.
 *
 * @param grits the ladder by hand, coarsest first
 * @param coats what comes on it, each with the time until the next
 */
public record HandleSurface(List<Grit> grits, List<Coat> coats) {
    private static final String FIRST = "P120";

    public HandleSurface {
        grits = List.copyOf(grits);
        coats = List.copyOf(coats);
    }

    /** @param dries nothing where the next follows at once */
    public record Coat(String words, Duration dries) {}

    public static HandleSurface of(HandleMaterial material, HandleFinish finish) {
        Grit first = Grit.named(FIRST).orElseThrow();
        Grit last = Grit.named("P" + material.finestGrit()).orElseThrow();
        return new HandleSurface(GritLadder.of(first, last, Optional.empty()).grits(), coats(finish));
    }

    private static List<Coat> coats(HandleFinish finish) {
        Duration overnight = Duration.ofHours(12);
        return switch (finish) {
            case OIL -> {
                List<Coat> coats = new ArrayList<>();
                coats.add(new Coat(
                        "First thin coat of oil; what stands on it is wiped off after a quarter of an hour",
                        overnight));
                coats.add(new Coat("Rub back with the last grit, a second thin coat, wiped off", overnight));
                coats.add(new Coat("A third, thinner, wiped dry", overnight));
                yield coats;
            }
            case WAX -> List.of(new Coat("Wax, thin; buffed by hand once it is dull", Duration.ofMinutes(20)));
            case CYANOACRYLATE ->
                List.of(
                        new Coat("A thin coat of cyanoacrylate with a pad that is no cotton", Duration.ofMinutes(10)),
                        new Coat("Three more, each once the last is hard", Duration.ofMinutes(30)),
                        new Coat(
                                "Sanded back wet, 600 and finer, until nothing shines unevenly; then polished",
                                Duration.ZERO));
            case BUFF ->
                List.of(
                        new Coat("Buff lightly, then look under the lamp: deep scratches show only now", Duration.ZERO),
                        new Coat("Where one shows, back a couple of grits; then buff again", Duration.ZERO),
                        new Coat("Light and short: what gets hot smears or cracks", Duration.ZERO));
            case AS_SANDED ->
                List.of(new Coat(
                        "The last grit along the handle, with light pressure; wiped with a damp cloth", Duration.ZERO));
            case BY_MATERIAL -> throw new IllegalArgumentException("By material is no finish of its own");
        };
    }
}
