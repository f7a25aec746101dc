package hiltboard.core.plan;

import hiltboard.core.route.Station;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.Locale;
import java.util.Optional;

/**
 * Work that somebody has been asked to do. Immutable.
 *
 * @param person by their number
 */
public record PutOn(long id, Scope scope, long person) {

    /** How much is put on somebody; the closest to the work counts. */
    public sealed interface Scope {
        /** Whether this step of this piece belongs to it. */
        boolean holds(Work work);

        /** What it is, as it follows on “is put on”. */
        String words();
    }

    /** One step of one piece. */
    public record OfStep(long piece, String operation) implements Scope {
        @Override
        public boolean holds(Work work) {
            return work.piece() == piece && work.operation().equals(operation);
        }

        @Override
        public String words() {
            return "this step";
        }
    }

    /** What is left of a piece at one station: a sheath may be another maker's than its knife. */
    public record AtStation(long piece, Station station) implements Scope {
        @Override
        public boolean holds(Work work) {
            return work.piece() == piece && work.station() == station;
        }

        @Override
        public String words() {
            return "what it has at the " + station.words().toLowerCase(Locale.ROOT);
        }
    }

    /** All that is left of a piece. */
    public record OfPiece(long piece) implements Scope {
        @Override
        public boolean holds(Work work) {
            return work.piece() == piece;
        }

        @Override
        public String words() {
            return "the piece";
        }
    }

    /** All that is left of a job. */
    public record OfJob(long job) implements Scope {
        @Override
        public boolean holds(Work work) {
            return work.job() == job;
        }

        @Override
        public String words() {
            return "the job";
        }
    }

    /** Whatever comes to a station. */
    public record OfStation(Station station) implements Scope {
        @Override
        public boolean holds(Work work) {
            return work.station() == station;
        }

        @Override
        public String words() {
            return "the " + station.words().toLowerCase(Locale.ROOT);
        }
    }

    /** A step of a piece, by what it can be put on somebody. */
    public record Work(long job, long piece, String operation, Station station) {}

    /**
     * What counts for a step: what was said of the step itself before what was said of its piece, of its job, and of
     * its station. Who is given this very work comes before who has a station in general.
     */
    public static Optional<PutOn> of(Work work, Collection<PutOn> all) {
        return all.stream()
                .filter(each -> each.scope().holds(work))
                .min(Comparator.comparingInt(each -> closeness(each.scope())));
    }

    private static int closeness(Scope scope) {
        return Arrays.asList(OfStep.class, AtStation.class, OfPiece.class, OfJob.class, OfStation.class)
                .indexOf(scope.getClass());
    }
}
