package hiltboard.server.job;

import hiltboard.core.plan.PutOn;
import hiltboard.core.plan.PutOn.OfStep;
import hiltboard.core.plan.PutOn.Scope;
import hiltboard.core.plan.PutOn.Work;
import hiltboard.core.route.Operation;
import hiltboard.server.plan.PutOnRepository.Row;
import hiltboard.server.route.StepRepository.StepRow;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.ToLongFunction;
import java.util.stream.Collectors;

/** In whose hands the work of a shop is. */
public final class Hands {
    private final Map<Long, Row> rows;
    private final List<PutOn> putOn;

    public Hands(List<Row> rows) {
        this.rows = rows.stream().collect(Collectors.toMap(row -> row.putOn().id(), Function.identity()));
        this.putOn = rows.stream().map(Row::putOn).toList();
    }

    /**
     * Who holds a step.
     *
     * @param id by number
     * @param through what was put on them: this step, the piece, the job, whatever comes to the station; empty where
     *     they are at it
     * @param word what was said with it
     * @param by who put it on them; empty where they are at it
     */
    public record Holder(long id, String name, String through, String word, String by) {
        static final Holder NOBODY = new Holder(0, "", "", "", "");
    }

    /** Whoever is at a step holds it, unless it was handed on since; of what nobody is at, whoever it is put on. */
    public Holder of(PieceFile file, Operation operation) {
        Optional<StepRow> begun =
                Optional.ofNullable(file.steps().get(operation.key())).filter(StepRow::isUnderWay);
        Optional<Row> asked = PutOn.of(new Work(file.jobId(), file.id(), operation.key(), operation.station()), putOn)
                .map(each -> rows.get(each.id()));
        return asked.filter(row -> begun.isEmpty() || isHandedOn(row, begun.get()))
                .map(Hands::holder)
                .or(() -> begun.map(row -> new Holder(row.starterId(), row.startedBy(), "", "", "")))
                .orElse(Holder.NOBODY);
    }

    /** On whom just this is put. */
    public Holder of(Scope scope) {
        return putOn.stream()
                .filter(each -> each.scope().equals(scope))
                .findFirst()
                .map(each -> holder(rows.get(each.id())))
                .orElse(Holder.NOBODY);
    }

    private static boolean isHandedOn(Row asked, StepRow begun) {
        return asked.putOn().scope() instanceof OfStep && asked.atMillis() > begun.startedAtMillis();
    }

    private static Holder holder(Row row) {
        return new Holder(row.putOn().person(), row.name(), row.putOn().scope().words(), row.word(), row.byName());
    }

    /** Who was the first to work on a piece; empty where nobody has yet. */
    public static String beganBy(PieceFile file) {
        return file.steps().values().stream()
                .filter(row -> row.startedAtMillis() > 0 && !row.startedBy().isEmpty())
                .min(Comparator.comparingLong(StepRow::startedAtMillis))
                .map(StepRow::startedBy)
                .orElse("");
    }

    /**
     * Where a piece lies: at the station where somebody is at it, or in its slot, or where it was worked on last; empty
     * where nobody knows.
     */
    public static String lies(PieceFile file) {
        return station(file, StepRow::isUnderWay, StepRow::startedAtMillis)
                .map(station -> "at the " + station)
                .or(() -> Optional.of(file.rackSlot())
                        .filter(slot -> !slot.isEmpty())
                        .map(slot -> "in slot " + slot))
                .or(() -> station(file, row -> row.doneAtMillis() > 0, StepRow::doneAtMillis)
                        .map(station -> "where it was last, at the " + station))
                .orElse("");
    }

    private static Optional<String> station(PieceFile file, Predicate<StepRow> which, ToLongFunction<StepRow> when) {
        return file.steps().values().stream()
                .filter(which)
                .max(Comparator.comparingLong(when))
                .flatMap(row -> file.route().step(row.operation()))
                .map(step -> step.operation().station().words().toLowerCase(Locale.ROOT));
    }
}
