package hiltboard.core.forge;

import java.util.List;
import java.util.Optional;

/** What comes of a work at the forge. */
public sealed interface Outcome {

    /**
     * It can be done.
     *
     * @param working arithmetic that can be checked by hand
     * @param cautions what may go wrong with just this billet
     */
    record Done(Billet billet, List<String> working, List<String> cautions) implements Outcome {
        public Done {
            working = List.copyOf(working);
            cautions = List.copyOf(cautions);
        }
    }

    /**
     * It cannot be done so.
     *
     * @param field that has to be another; empty where it is the work itself
     */
    record Cannot(Optional<StepField> field, String why, String accepted) implements Outcome {
        static Cannot at(StepField field, String why, String accepted) {
            return new Cannot(Optional.of(field), why, accepted);
        }

        static Cannot atAll(String why, String accepted) {
            return new Cannot(Optional.empty(), why, accepted);
        }
    }
}
