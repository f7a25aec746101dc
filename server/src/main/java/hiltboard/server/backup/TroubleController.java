package hiltboard.server.backup;

import hiltboard.core.backup.Copy;
import hiltboard.server.access.Person;
import hiltboard.server.data.DataGuard;
import hiltboard.server.data.DataTrouble;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is wrong with the shop's data, on every page until it is over. */
@RestController
class TroubleController {
    private final DataGuard guard;
    private final Backups backups;

    TroubleController(DataGuard guard, Backups backups) {
        this.guard = guard;
        this.backups = backups;
    }

    /** @param toDo a sentence */
    record TroubleView(String words, String toDo) {}

    /** The data file's own to everybody, that of its backups to owners. */
    @GetMapping("/api/trouble")
    List<TroubleView> trouble(Person person) {
        List<TroubleView> all = new ArrayList<>();
        guard.trouble().map(TroubleController::ofTheFile).ifPresent(all::add);
        if (person.isOwner()) {
            Optional<Copy> good =
                    backups.copies().stream().filter(Copy::isOfThisShop).findFirst();
            String last = good.map(
                            copy -> "The last good one is of " + copy.taken().toLocalDate() + ".")
                    .orElse("There is none yet.");
            backups.failure().ifPresent(failure -> all.add(new TroubleView(failure.words(), last)));
            backups.secondFailure()
                    .ifPresent(failure -> all.add(new TroubleView(
                            failure.words(), "It is here all the same. Put the disk in, or name another place.")));
        }
        return all;
    }

    private static TroubleView ofTheFile(DataTrouble.Kind kind) {
        return new TroubleView(kind.words(), kind.toDo());
    }
}
