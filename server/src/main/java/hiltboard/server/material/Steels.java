package hiltboard.server.material;

import hiltboard.core.field.Finding;
import hiltboard.core.fire.MillSheet;
import hiltboard.core.fire.MillSheetField;
import hiltboard.core.material.SteelLibrary;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import hiltboard.server.live.Remembered;
import hiltboard.server.material.SteelRepository.OwnSteel;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;

/** The steels that this shop can choose from: the known grades and those that it describes itself. */
@Service
public class Steels {
    private final SteelRepository own;
    private final Changes changes;
    private final ShopClock clock;
    private final Remembered<SteelLibrary> known;

    Steels(SteelRepository own, Changes changes, ShopClock clock) {
        this.own = own;
        this.changes = changes;
        this.clock = clock;
        this.known = changes.remember(this::read, Entry.Kind.STEEL_KEPT);
    }

    /** Equal to the one before while no steel changes. */
    public SteelLibrary library() {
        return known.get();
    }

    private SteelLibrary read() {
        return new SteelLibrary(own.all().stream()
                .map(kept -> MillSheet.restore(kept.entries()))
                .toList());
    }

    List<OwnSteel> own() {
        return own.all();
    }

    /** Keeps steels from mill sheets, each under its designation: all, or none where one of them cannot be. */
    Receipt keep(List<Map<String, String>> sheets, Person person, Command command) {
        List<MillSheet.Answer> read = sheets.stream()
                .map(sheet -> MillSheet.read(sheet, person.units()))
                .toList();
        List<Finding> findings =
                read.stream().flatMap(answer -> answer.findings().stream()).toList();
        if (!findings.isEmpty()) {
            throw Refusal.entries(findings);
        }
        return changes.makeAll(
                command,
                () -> read.stream()
                        .map(answer -> {
                            String designation = answer.steel().orElseThrow().designation();
                            long id = own.keep(designation, answer.entries(), person.id(), clock.nowMillis());
                            return Entry.ofShop(
                                    Entry.Kind.STEEL_KEPT, designation + " is described by the shop itself", id);
                        })
                        .toList());
    }

    static List<String> columns() {
        return MillSheetField.all().stream().map(MillSheetField::key).toList();
    }
}
