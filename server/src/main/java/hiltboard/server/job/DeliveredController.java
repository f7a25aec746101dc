package hiltboard.server.job;

import hiltboard.core.design.Construction;
import hiltboard.core.design.Finish;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.measure.Units;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.job.DeliveredRepository.ClientLine;
import hiltboard.server.job.DeliveredRepository.Made;
import hiltboard.server.job.DeliveredRepository.Wanted;
import hiltboard.server.job.JobRepository.ClientRow;
import hiltboard.server.job.JobRepository.Job;
import hiltboard.server.material.Specifications;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Clients with what was made for them, and what left the shop. */
@RestController
class DeliveredController {
    private static final int AT_ONCE = 60;
    private static final int DRAWN_AT_MOST = 60;
    private static final int JOBS_AT_MOST = 40;

    private final DeliveredRepository delivered;
    private final JobRepository jobs;
    private final Specifications specifications;
    private final ShopClock clock;

    DeliveredController(
            DeliveredRepository delivered, JobRepository jobs, Specifications specifications, ShopClock clock) {
        this.delivered = delivered;
        this.jobs = jobs;
        this.specifications = specifications;
        this.clock = clock;
    }

    /**
     * A piece as it is listed.
     *
     * @param about what tells it from others: its length, steel, handle and finish
     * @param handedOverAtMillis zero while it has not left the shop
     */
    record MadeView(
            long id,
            String name,
            String title,
            String forWhom,
            long clientId,
            String clientName,
            String construction,
            String about,
            String standing,
            long handedOverAtMillis) {}

    record ConstructionChoice(String name, String words) {}

    /**
     * @param years in which something left the shop, the latest first
     * @param before of the next ones; zero where these are the last
     */
    record DeliveredView(
            List<Integer> years, List<ConstructionChoice> constructions, List<MadeView> pieces, long before) {}

    /** A knife as it is to be in the end. @param handleMaterial empty where it has no handle of its own */
    record Finished(Drawing drawing, Finish finish, String handleMaterial) {
        static Finished of(Specification specification) {
            return new Finished(
                    Drawing.of(specification),
                    specification.finish(),
                    specification.entries().getOrDefault(SpecificationField.HANDLE_MATERIAL.key(), ""));
        }
    }

    /** A piece with its picture; none where a client has very many. */
    record DrawnPiece(MadeView piece, @Nullable Finished picture) {}

    /** A job of a client's. @param wishes what was asked for and agreed */
    record ClientJob(
            long id,
            String number,
            String title,
            String useWords,
            String promisedOn,
            List<PieceController.WishView> wishes,
            List<DrawnPiece> pieces) {}

    /** @param jobs the latest first; {@code earlier} of them are not among them */
    record ClientFile(long id, String name, String contact, List<ClientJob> jobs, int earlier) {}

    /**
     * What left the shop, of a year where one is named, the latest first. @param before those from then on are known
     */
    @GetMapping("/api/delivered")
    @Transactional(readOnly = true)
    DeliveredView delivered(
            @RequestParam(defaultValue = "0") int year,
            @RequestParam(defaultValue = "") String construction,
            @RequestParam(defaultValue = "0") long client,
            @RequestParam(defaultValue = "0") long before,
            Person person) {
        if (year < 0 || year > 9998) {
            throw Refusal.entry(
                    "year", String.valueOf(year), "This is not a year", "a year such as 2026, or 0 for all");
        }
        Wanted wanted = new Wanted(
                Optional.of(construction).filter(name -> !name.isEmpty()),
                Optional.of(client).filter(id -> id > 0),
                year == 0 ? 0 : start(year),
                before > 0 ? before : year == 0 ? Long.MAX_VALUE : start(year + 1));
        List<Made> made = delivered.delivered(wanted, AT_ONCE);
        return new DeliveredView(
                years(),
                Arrays.stream(Construction.values())
                        .map(each -> new ConstructionChoice(each.name(), each.words()))
                        .toList(),
                made.stream().map(each -> view(each, person.units())).toList(),
                made.size() < AT_ONCE ? 0 : made.get(made.size() - 1).handedOverAtMillis());
    }

    @GetMapping("/api/clients")
    @Transactional(readOnly = true)
    List<ClientLine> clients() {
        return delivered.clients();
    }

    @GetMapping("/api/clients/{id}")
    @Transactional(readOnly = true)
    ClientFile client(@PathVariable long id, Person person) {
        ClientRow client = jobs.clients(List.of(id)).stream()
                .findFirst()
                .orElseThrow(() -> Refusal.notThere("There is no client with number " + id + "."));
        List<Made> made = delivered.of(id, JOBS_AT_MOST);
        Map<Long, List<Made>> byJob =
                made.stream().collect(Collectors.groupingBy(Made::job, LinkedHashMap::new, Collectors.toList()));
        Map<Long, Job> jobById = jobs.jobs(byJob.keySet()).stream().collect(Collectors.toMap(Job::id, job -> job));
        boolean areDrawn = made.size() <= DRAWN_AT_MOST;
        return new ClientFile(
                id,
                client.name(),
                client.contact(),
                byJob.entrySet().stream()
                        .map(entry -> job(jobById.get(entry.getKey()), entry.getValue(), areDrawn, person.units()))
                        .toList(),
                Math.max(0, delivered.jobsOf(id) - JOBS_AT_MOST));
    }

    private ClientJob job(Job job, List<Made> made, boolean areDrawn, Units units) {
        return new ClientJob(
                job.id(),
                job.number(),
                job.title(),
                job.useWords(),
                job.promisedOn().toString(),
                jobs.wishes(job.id()).stream().map(PieceController::view).toList(),
                made.stream()
                        .map(each -> new DrawnPiece(
                                view(each, units),
                                areDrawn ? Finished.of(specifications.restore(each.entries())) : null))
                        .toList());
    }

    private MadeView view(Made made, Units units) {
        Specification specification = specifications.restore(made.entries());
        return new MadeView(
                made.id(),
                PieceFile.name(made.number(), made.position(), made.pieces()),
                made.title(),
                made.forWhom(),
                made.client(),
                made.clientName(),
                specification.words(SpecificationField.CONSTRUCTION, units),
                Stream.of(
                                SpecificationField.BLADE_LENGTH,
                                SpecificationField.STEEL,
                                SpecificationField.HANDLE_MATERIAL,
                                SpecificationField.FINISH)
                        .filter(specification::asks)
                        .map(field -> specification.words(field, units))
                        .collect(Collectors.joining(", ")),
                made.standing().name(),
                made.handedOverAtMillis());
    }

    private List<Integer> years() {
        int now = clock.today().getYear();
        return delivered
                .first()
                .map(first -> Instant.ofEpochMilli(first).atZone(clock.zone()).getYear())
                .map(first -> IntStream.rangeClosed(0, Math.max(0, now - first))
                        .map(back -> now - back)
                        .boxed()
                        .toList())
                .orElse(List.of());
    }

    private long start(int year) {
        return LocalDate.of(year, 1, 1).atStartOfDay(clock.zone()).toInstant().toEpochMilli();
    }
}
