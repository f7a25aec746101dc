package hiltboard.server.backup;

import hiltboard.core.backup.Copy;
import hiltboard.core.backup.Copy.Reason;
import hiltboard.core.backup.Keeping;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.data.Bytes;
import hiltboard.server.data.DataFolder;
import hiltboard.server.data.OwnersOnly;
import hiltboard.server.data.Restart;
import hiltboard.server.data.UnusableData;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import io.swagger.v3.oas.annotations.Hidden;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicBoolean;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/**
 * The owner's backups: what there is, one more, one brought from outside, and one put in the place of the present data.
 */
@RestController
class BackupController {
    private final Backups backups;
    private final DataFolder folder;
    private final Changes changes;
    private final ShopClock clock;
    private final Restart restart;
    /** Once it is accepted, what comes next is another program. */
    private final AtomicBoolean isRestoring = new AtomicBoolean();

    BackupController(Backups backups, DataFolder folder, Changes changes, ShopClock clock, Restart restart) {
        this.backups = backups;
        this.folder = folder;
        this.changes = changes;
        this.clock = clock;
        this.restart = restart;
    }

    record BackupView(String name, long takenAtMillis, String why, String size, boolean isOfThisShop) {}

    /** @param part that is written, from 0 to 1 */
    record MakingView(String why, double part) {}

    /**
     * @param folder on the server's machine
     * @param failure why the last one did not come about; empty if it did
     * @param second the other folder, empty if there is none
     * @param secondFailure why the last one did not get there
     * @param keeps what the rule keeps, in words
     */
    record BackupsView(
            List<BackupView> copies,
            String folder,
            String keeps,
            String failure,
            String second,
            String secondFailure,
            List<MakingView> making) {}

    record BroughtView(String name) {}

    /** @param aside the folder in which what was there until now lies */
    record RestoredView(String aside) {}

    record SecondFolder(String path) {}

    @GetMapping("/api/backups")
    BackupsView all() {
        CopyFolder here = backups.here();
        return new BackupsView(
                backups.copies().stream().map(copy -> view(here, copy)).toList(),
                here.path().toString(),
                Keeping.WORDS,
                backups.failure().map(Backups.Failure::words).orElse(""),
                backups.second().map(Path::toString).orElse(""),
                backups.secondFailure().map(Backups.Failure::words).orElse(""),
                backups.running().map(run -> new MakingView(run.copy().reason().words(), backups.part(run))).stream()
                        .toList());
    }

    private BackupView view(CopyFolder here, Copy copy) {
        return new BackupView(
                copy.name(),
                copy.taken().atZone(clock.zone()).toInstant().toEpochMilli(),
                copy.reason().words(),
                Bytes.words(here.file(copy).toFile().length()),
                copy.isOfThisShop());
    }

    /** Begins a backup. */
    @PostMapping("/api/backups")
    BackupsView make() {
        backups.begin(Reason.BY_HAND);
        return all();
    }

    /** Stops the one that is being made. */
    @PostMapping("/api/backups/stop")
    BackupsView stop() {
        backups.stop();
        return all();
    }

    /** Names the second place for every backup. */
    @PostMapping("/api/backups/second")
    Receipt second(@RequestBody SecondFolder second, Person person, Command command) {
        return changes.make(command, () -> {
            backups.chooseSecond(second.path(), person.id());
            return Entry.ofShop(
                    Entry.Kind.SHOP_SETTING_CHOSEN,
                    second.path().isBlank()
                            ? "Backups go to no second place any more"
                            : "Backups go to " + second.path().strip() + " too",
                    0);
        });
    }

    /** What is in a backup, which is looked through for it. */
    @GetMapping("/api/backups/{name}")
    Contents look(@PathVariable String name) {
        try {
            return ShopCopy.look(backups.file(name));
        } catch (UnusableData damaged) {
            throw Refusal.outOfTurn(damaged.getMessage());
        }
    }

    @Hidden
    @GetMapping("/api/backups/{name}/file")
    ResponseEntity<Resource> file(@PathVariable String name) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(new FileSystemResource(backups.file(name)));
    }

    /** Takes a backup that was kept outside; it is looked at, and stands among the others for a day. */
    @PostMapping(path = "/api/backups/brought", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    BroughtView bring(InputStream file) throws IOException {
        Path brought =
                OwnersOnly.file(OwnersOnly.folder(folder.backups()).resolve("brought-" + UUID.randomUUID() + ".part"));
        try {
            Files.copy(file, brought, StandardCopyOption.REPLACE_EXISTING);
            Copy copy = new Copy(clock.localNow(), Reason.BROUGHT);
            ShopCopy.ofAny(brought, backups.here().file(copy));
            return new BroughtView(copy.name());
        } catch (UnusableData unusable) {
            throw Refusal.entry(
                    "file",
                    "",
                    unusable.getMessage()
                            .replace(brought.toString(), "that you brought")
                            .replaceAll("\\.$", ""),
                    "a backup of a shop");
        } finally {
            Files.deleteIfExists(brought);
        }
    }

    /** Puts a backup in the place of the present data, which is kept aside, and starts the program anew. */
    @PostMapping("/api/backups/{name}/restore")
    RestoredView restore(@PathVariable String name, Person person) {
        Path file = backups.file(name);
        if (!isRestoring.compareAndSet(false, true)) {
            throw Refusal.outOfTurn("A copy is being brought back already.");
        }
        try (Restore restore = new Restore(folder.path(), file)) {
            Path aside = restore.accept("The shop was restored from " + name + " by " + person.name(), clock.clock());
            restart.soon();
            return new RestoredView(aside.toString());
        } catch (UnusableData unusable) {
            isRestoring.set(false);
            throw Refusal.outOfTurn(unusable.getMessage());
        }
    }
}
