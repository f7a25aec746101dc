package hiltboard.server.carry;

import hiltboard.server.Refusal;
import hiltboard.server.access.Person;
import hiltboard.server.carry.Clients.Change;
import hiltboard.server.carry.Clients.Client;
import hiltboard.server.carry.Clients.JobLine;
import hiltboard.server.data.Bytes;
import hiltboard.server.data.DataFolder;
import hiltboard.server.data.OwnersOnly;
import hiltboard.server.data.UnusableData;
import hiltboard.server.job.JobFile;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import io.swagger.v3.oas.annotations.Hidden;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.UUID;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The shop, a job or a client in open files, out and in; and what is forgotten of a client. */
@RestController
class AlongController {
    private static final String NAME = "[0-9a-f-]{36}";

    private final TakingAlong along;
    private final Clients clients;
    private final JobIn jobs;
    private final Changes changes;
    private final Path brought;

    AlongController(TakingAlong along, Clients clients, JobIn jobs, Changes changes, DataFolder folder) {
        this.along = along;
        this.clients = clients;
        this.jobs = jobs;
        this.changes = changes;
        this.brought = folder.path().resolve("brought");
    }

    /** @param part that is written, from 0 to 1 */
    record WritingView(String name, double part) {}

    record ArchiveView(String name, String size, long writtenAtMillis) {}

    /** @param failure why the last one did not come about; empty if it did */
    record AlongView(
            List<WritingView> writing,
            List<ArchiveView> written,
            String failure,
            List<JobLine> jobs,
            List<Client> clients) {}

    /** What is to be taken along. */
    enum What {
        SHOP,
        JOB,
        CLIENT
    }

    /** @param id of the job or the client; zero for the shop */
    record Wanted(What what, long id) {}

    /** @param words whether single words of the name go too */
    record Forget(boolean words) {}

    /** A job that is looked at before it is taken in. */
    record BroughtJob(String name, String job, String writtenAt, long pieces, long photographs) {}

    @GetMapping("/api/along")
    @Transactional(readOnly = true)
    AlongView all() {
        return new AlongView(
                along.running().map(run -> new WritingView(run.name(), run.part())).stream()
                        .toList(),
                along.made().map(AlongController::view).stream().toList(),
                along.failure(),
                clients.jobs(),
                clients.all());
    }

    private static ArchiveView view(Path file) {
        return new ArchiveView(
                file.getFileName().toString(),
                Bytes.words(file.toFile().length()),
                file.toFile().lastModified());
    }

    /** Begins to write an archive. */
    @PostMapping("/api/along")
    Receipt begin(@RequestBody Wanted wanted, Person person, Command command) {
        Scope scope = switch (wanted.what()) {
            case SHOP -> Scope.SHOP;
            case JOB -> Scope.one(Things.JOBS, wanted.id());
            case CLIENT -> Scope.one(Things.CLIENTS, wanted.id());
        };
        return changes.make(command, () -> {
            String name = along.begin(scope);
            String what = person.name() + " took along in open files: ";
            return switch (wanted.what()) {
                case SHOP -> Entry.ofShop(Entry.Kind.TAKEN_ALONG, what + "the whole shop", 0);
                case JOB -> Entry.ofJob(Entry.Kind.TAKEN_ALONG, wanted.id(), what + name);
                // Who is forgotten one day has no name in what stays.
                case CLIENT ->
                    Entry.ofShop(
                            Entry.Kind.TAKEN_ALONG,
                            what + "all about the client of "
                                    + String.join(", ", clients.one(wanted.id()).jobs()),
                            wanted.id());
            };
        });
    }

    /** Stops the one that is being written. */
    @PostMapping("/api/along/stop")
    AlongView stop() {
        along.stop();
        return all();
    }

    @Hidden
    @GetMapping("/api/along/file")
    ResponseEntity<Resource> file() {
        Path file = along.made().orElseThrow(() -> Refusal.notThere("There is no archive any more."));
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/zip"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(file.getFileName().toString(), StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(new FileSystemResource(file));
    }

    /** Takes an archive of one job, to be looked at; it is not in the shop yet. */
    @PostMapping(path = "/api/along/brought", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    BroughtJob bring(InputStream file) throws IOException {
        OwnersOnly.folder(brought);
        String name = UUID.randomUUID().toString();
        Path kept = OwnersOnly.file(brought.resolve(name));
        try {
            Files.copy(file, kept, StandardCopyOption.REPLACE_EXISTING);
            try (Archive archive = new Archive(kept)) {
                Manifest manifest = archive.manifest();
                if (!manifest.of().equals(Things.JOBS)) {
                    throw new UnusableData("The archive " + kept + " holds no single job.");
                }
                keepOnly(kept);
                return new BroughtJob(
                        name,
                        manifest.name(),
                        manifest.written(),
                        archive.count(Things.named(Things.PIECES)),
                        archive.count(Things.named("photos")));
            }
        } catch (UnusableData unusable) {
            Files.deleteIfExists(kept);
            throw refused(unusable, kept);
        }
    }

    /** Takes the job in. */
    @PostMapping("/api/along/brought/{name}/take")
    Receipt take(@PathVariable String name, Person person, Command command) throws IOException {
        Path kept = brought.resolve(name);
        Receipt taken = changes.make(command, () -> {
            if (!name.matches(NAME) || !Files.exists(kept)) {
                throw Refusal.notThere("This archive is not here any more; bring it again.");
            }
            try (Archive archive = new Archive(kept)) {
                JobFile job = jobs.take(archive, person);
                return Entry.ofJob(
                        Entry.Kind.JOB_TAKEN,
                        job.id(),
                        job.number() + " " + job.title() + " came from another shop, where it was "
                                + archive.manifest().name());
            } catch (UnusableData unusable) {
                throw refused(unusable, kept);
            }
        });
        Files.deleteIfExists(kept);
        return taken;
    }

    private static Refusal refused(UnusableData unusable, Path kept) {
        return Refusal.entry(
                "file",
                "",
                unusable.getMessage().replace(" " + kept, "").replaceAll("\\.$", ""),
                "an archive of one job as it was written");
    }

    private void keepOnly(Path kept) throws IOException {
        try (var files = Files.list(brought)) {
            for (Path each : files.filter(file -> !file.equals(kept)).toList()) {
                Files.deleteIfExists(each);
            }
        }
    }

    /** What would change if a client were forgotten. */
    @GetMapping("/api/along/clients/{id}/forget")
    @Transactional(readOnly = true)
    List<Change> forgetting(@PathVariable long id, @RequestParam boolean words) {
        return clients.forgetting(id, words);
    }

    /** Takes a client's name and contact out of everything; what was made for them stays. */
    @PostMapping("/api/along/clients/{id}/forget")
    Receipt forget(@PathVariable long id, @RequestBody Forget forget, Person person, Command command) {
        if (along.running().isPresent()) {
            throw Refusal.outOfTurn(
                    "Something is being written that may have this client in it; wait for it, or stop it.");
        }
        Receipt forgotten = changes.make(command, () -> {
            Client client = clients.forget(id, forget.words());
            return Entry.ofShop(
                    Entry.Kind.CLIENT_FORGOTTEN,
                    person.name() + " had the client of " + String.join(", ", client.jobs()) + " forgotten",
                    id);
        });
        along.clear();
        return forgotten;
    }
}
