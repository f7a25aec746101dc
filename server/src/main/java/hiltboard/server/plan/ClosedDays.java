package hiltboard.server.plan;

import hiltboard.core.field.Finding;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.Typed;
import hiltboard.server.access.Person;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The days on which nobody works, besides Saturdays and Sundays. */
@Repository
public class ClosedDays {
    private static final int YEARS_AHEAD = 3;

    private final JdbcClient sql;
    private final Changes changes;
    private final ShopClock clock;

    ClosedDays(JdbcClient sql, Changes changes, ShopClock clock) {
        this.sql = sql;
        this.changes = changes;
        this.clock = clock;
    }

    /** @param words why, such as a holiday's name; may be empty */
    public record ClosedDay(String day, String words) {}

    /** Those that are still to come, the next first. */
    List<ClosedDay> toCome() {
        return sql.sql("SELECT day, words FROM closed_day WHERE day >= :today ORDER BY day")
                .param("today", clock.today().toString())
                .query((row, number) -> new ClosedDay(row.getString("day"), row.getString("words")))
                .list();
    }

    public Set<LocalDate> days() {
        return sql
                .sql("SELECT day FROM closed_day")
                .query((row, number) -> LocalDate.parse(row.getString("day")))
                .list()
                .stream()
                .collect(Collectors.toSet());
    }

    Receipt close(ClosedDay asked, Person person, Command command) {
        Typed typed = new Typed(person.units());
        LocalDate day =
                typed.day("day", asked.day(), clock.today(), clock.today().plusYears(YEARS_AHEAD));
        typed.mustBeUnderstood();
        String words = Typed.words(asked.words());
        return changes.make(command, () -> {
            sql.sql(
                            "INSERT INTO closed_day (day, words) VALUES (:day, :words) ON CONFLICT (day) DO UPDATE SET words = :words")
                    .param("day", day.toString())
                    .param("words", words)
                    .update();
            return Entry.ofShop(
                    Entry.Kind.SHOP_SETTING_CHOSEN, "closed on " + day + (words.isEmpty() ? "" : ": " + words), 0);
        });
    }

    Receipt open(String day, Command command) {
        return changes.make(command, () -> {
            if (sql.sql("DELETE FROM closed_day WHERE day = :day")
                            .param("day", day)
                            .update()
                    == 0) {
                throw Refusal.entries(List.of(new Finding(
                        "day", day, "The shop is not closed on this day", "one of the days that are listed")));
            }
            return Entry.ofShop(Entry.Kind.SHOP_SETTING_CHOSEN, "open on " + day + " after all", 0);
        });
    }
}
