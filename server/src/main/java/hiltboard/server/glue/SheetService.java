package hiltboard.server.glue;

import hiltboard.core.glue.AdhesiveSheet;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.glue.GlueRepository.SheetRow;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** The shop's data sheets of adhesives. */
@Service
public class SheetService {
    private final GlueRepository glue;
    private final Changes changes;
    private final ShopClock clock;

    SheetService(GlueRepository glue, Changes changes, ShopClock clock) {
        this.glue = glue;
        this.changes = changes;
        this.clock = clock;
    }

    /**
     * A sheet as it was typed.
     *
     * @param entries by the fields' keys
     * @param basedOn the version that the page saw; zero for a new one
     */
    public record AskedSheet(Map<String, String> entries, int basedOn) {}

    public Receipt keep(AskedSheet asked, Person person, Command command) {
        AdhesiveSheet sheet = read(asked, person);
        return changes.make(command, () -> {
            long id = glue.keep(sheet, person.id(), clock.nowMillis());
            return Entry.ofShop(Entry.Kind.ADHESIVE_SHEET_KEPT, sheet.name() + ": its data sheet is copied down", id);
        });
    }

    private static AdhesiveSheet read(AskedSheet asked, Person person) {
        AdhesiveSheet.Read read = AdhesiveSheet.read(asked.entries(), person.units());
        if (!read.findings().isEmpty()) {
            throw Refusal.entries(read.findings());
        }
        return read.sheet();
    }

    Receipt change(long id, AskedSheet asked, Person person, Command command) {
        AdhesiveSheet sheet = read(asked, person);
        return changes.make(command, () -> {
            SheetRow row = glue.sheet(id);
            if (row.version() != asked.basedOn()) {
                throw Refusal.bothChanged(List.of(new Refusal.Both(
                        "sheet",
                        "The data sheet",
                        "as it stands on your page",
                        "as it is kept now",
                        row.changedBy(),
                        String.valueOf(row.version()))));
            }
            glue.change(id, sheet, person.id(), clock.nowMillis());
            return Entry.ofShop(Entry.Kind.ADHESIVE_SHEET_KEPT, sheet.name() + ": its data sheet is changed", id);
        });
    }

    /** @param isBack whether it is used after all */
    Receipt drop(long id, boolean isBack, Command command) {
        return changes.make(command, () -> {
            SheetRow row = glue.sheet(id);
            glue.drop(id, isBack ? Optional.empty() : Optional.of(clock.nowMillis()));
            return Entry.ofShop(
                    Entry.Kind.ADHESIVE_SHEET_KEPT,
                    row.sheet().name() + (isBack ? ": used again" : ": not used any more"),
                    id);
        });
    }
}
