package hiltboard.core.route;

import hiltboard.core.design.Specification;
import hiltboard.core.design.Use;
import hiltboard.core.route.Gate.Obstacle;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The agreed edge serves none of the uses that the client named: asked back before the knife is sharpened, with what
 * they said.
 */
public record EdgeForUse(String reason, String remedy) implements Rule {

    /**
     * What stands before a step.
     *
     * @param brief what the knife is for, in the client's words
     */
    public static List<Obstacle> before(Operation operation, Specification spec, String brief) {
        Set<Use> said = operation.is(Trait.SHARPENS) ? Use.saidIn(brief) : Set.of();
        if (said.isEmpty() || said.stream().anyMatch(spec::serves)) {
            return List.of();
        }
        String wanted = said.stream()
                .map(use -> use.words().toLowerCase(Locale.ROOT) + " want " + use.usual())
                .collect(Collectors.joining("; "));
        return List.of(new Obstacle(
                new EdgeForUse(
                        "The edge is to be " + EdgeWork.angleAndTooth(spec) + ", and the client said: “" + brief.strip()
                                + "”.",
                        "Usually " + wanted
                                + ". Change the edge in the specification, or let the owner say why it is right."),
                List.of()));
    }

    @Override
    public String key() {
        return "edge-for-use";
    }

    @Override
    public Severity severity() {
        return Severity.COSTLY;
    }

    @Override
    public String consequence() {
        return "A light knife becomes a heavy slicer, or the other way round, and comes back to be ground anew.";
    }
}
