package hiltboard.server.fire;

import hiltboard.server.device.ConnectedKiln.Shown;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/**
 * What every kiln has ever shown: packed by the hour or so, so that years of it stay small and a day of it is read at
 * once.
 */
@Repository
public class KilnLog {
    /** An hour at a reading every five seconds. */
    private static final int POINTS_A_ROW = 720;

    private final JdbcClient sql;
    private final Map<Long, List<Shown>> growing = new HashMap<>();

    KilnLog(JdbcClient sql) {
        this.sql = sql;
    }

    /** Writes down what a kiln has shown since. Belongs into a transaction of the caller. */
    public synchronized void append(long kiln, List<Shown> shown) {
        List<Shown> row = growing.computeIfAbsent(kiln, id -> new ArrayList<>());
        for (Shown each : shown) {
            row.add(each);
            if (row.size() == POINTS_A_ROW) {
                write(kiln, row);
                row.clear();
            }
        }
        if (!row.isEmpty()) {
            write(kiln, row);
        }
    }

    private void write(long kiln, List<Shown> row) {
        sql.sql("""
                INSERT INTO kiln_log (kiln_id, from_ms, to_ms, points, curve) VALUES (:kiln, :from, :to, :points, :curve)
                ON CONFLICT (kiln_id, from_ms) DO UPDATE SET to_ms = :to, points = :points, curve = :curve
                """)
                .param("kiln", kiln)
                .param("from", row.get(0).atMillis())
                .param("to", row.get(row.size() - 1).atMillis())
                .param("points", row.size())
                .param("curve", PackedCurve.pack(row))
                .update();
    }

    /** What a kiln showed from one moment of its clock to another. */
    @Transactional(readOnly = true)
    public List<Shown> between(long kiln, long fromMillis, long toMillis) {
        return sql
                .sql("""
                SELECT points, curve FROM kiln_log
                WHERE kiln_id = :kiln AND from_ms <= :to AND from_ms >= coalesce((SELECT max(from_ms) FROM kiln_log WHERE
                kiln_id = :kiln AND from_ms <= :from), :from)
                ORDER BY from_ms
                """)
                .param("kiln", kiln)
                .param("from", fromMillis)
                .param("to", toMillis)
                .query((row, number) -> PackedCurve.unpack(row.getBytes("curve"), row.getInt("points")))
                .list()
                .stream()
                .flatMap(List::stream)
                .filter(each -> each.atMillis() >= fromMillis && each.atMillis() <= toMillis)
                .toList();
    }

    /**
     * A curve that looks alike with fewer points: of each stretch of time the lowest and the highest reading, so that
     * no drop and no peak is lost.
     *
     * @param stretches how many, one or more
     */
    static List<Shown> drawn(List<Shown> all, int stretches) {
        if (all.size() <= 2 * stretches) {
            return all;
        }
        long from = all.get(0).atMillis();
        double width = (all.get(all.size() - 1).atMillis() - from + 1) / (double) stretches;
        List<Shown> few = new ArrayList<>();
        int begin = 0;
        for (int i = 1; i <= all.size(); i++) {
            boolean isNext = i == all.size()
                    || (long) ((all.get(i).atMillis() - from) / width)
                            != (long) ((all.get(begin).atMillis() - from) / width);
            if (isNext) {
                few.addAll(extremes(all.subList(begin, i)));
                begin = i;
            }
        }
        return few;
    }

    private static List<Shown> extremes(List<Shown> stretch) {
        Shown low = stretch.get(0);
        Shown high = stretch.get(0);
        for (Shown each : stretch) {
            if (each.celsius().isEmpty()) {
                return List.of(each);
            }
            low = each.celsius().get() < low.celsius().orElse(Double.MAX_VALUE) ? each : low;
            high = each.celsius().get() > high.celsius().orElse(-Double.MAX_VALUE) ? each : high;
        }
        return low == high ? List.of(low) : low.atMillis() < high.atMillis() ? List.of(low, high) : List.of(high, low);
    }
}
