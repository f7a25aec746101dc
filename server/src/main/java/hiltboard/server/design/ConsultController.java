package hiltboard.server.design;

import hiltboard.core.design.Difference;
import hiltboard.core.design.Finish;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specification;
import hiltboard.core.material.HandleMaterial;
import hiltboard.core.measure.Units;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.design.Figures.Figure;
import hiltboard.server.design.RevisionRepository.Approval;
import hiltboard.server.design.RevisionRepository.ClientWish;
import hiltboard.server.design.RevisionRepository.Link;
import hiltboard.server.design.RevisionRepository.Revision;
import hiltboard.server.job.AdviceView;
import hiltboard.server.job.ClientWordRepository;
import hiltboard.server.job.Drawing;
import hiltboard.server.job.JobFile;
import hiltboard.server.job.Photograph;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import hiltboard.server.material.Specifications;
import io.swagger.v3.oas.annotations.Hidden;
import java.io.IOException;
import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** The talks with clients: revisions, how they differ, links and approvals. */
@RestController
class ConsultController {
    private final ConsultService service;
    private final RevisionRepository revisions;
    private final PieceFiles files;
    private final ShopClock clock;
    private final Specifications specifications;
    private final ClientWordRepository clientWords;

    ConsultController(
            ConsultService service,
            RevisionRepository revisions,
            PieceFiles files,
            ShopClock clock,
            Specifications specifications,
            ClientWordRepository clientWords) {
        this.clientWords = clientWords;
        this.specifications = specifications;
        this.service = service;
        this.revisions = revisions;
        this.files = files;
        this.clock = clock;
    }

    /**
     * A job whose outline waits for a yes.
     *
     * @param drawing of the last revision
     * @param waitsFor whom it waits for, since when
     * @param lastWish what the client said last; empty for nothing
     */
    record TalkView(
            long jobId,
            String number,
            String title,
            String clientName,
            String promisedOn,
            int revision,
            Drawing drawing,
            Finish finish,
            HandleMaterial handleMaterial,
            WaitsFor waitsFor,
            List<ClientWishView> lastWish) {}

    /** @param isClient whether it is the client's turn; otherwise the shop's */
    record WaitsFor(boolean isClient, String words, long sinceMillis) {}

    record WishView(String words, String strength, String asked, String agreed) {}

    record ApprovalView(String name, String writtenBy, long atMillis) {}

    record ClientWishView(String name, String words, long atMillis) {}

    /** A revision; its entries as they were typed, in the reader's units. */
    record RevisionView(
            int number,
            String words,
            String by,
            long atMillis,
            Map<String, String> entries,
            List<String> changes,
            @Nullable ApprovalView approval,
            List<ClientWishView> wishes) {}

    record LinkView(long id, int revision, String path, long expiresAtMillis, boolean isOpen, boolean isWithdrawn) {}

    record ConsultView(
            long jobId,
            String number,
            String title,
            String clientName,
            String useWords,
            String promisedOn,
            List<Long> pieces,
            boolean isApproved,
            List<WishView> wishes,
            List<RevisionView> revisions,
            List<LinkView> links,
            List<ProposalView> proposals,
            List<SketchView> sketches,
            List<AdviceView> advice) {}

    /** A drawing beside others, with what tells them apart. */
    record ProposalView(
            long id,
            String name,
            Map<String, String> entries,
            Drawing drawing,
            Finish finish,
            HandleMaterial handleMaterial,
            List<Figure> figures,
            boolean isTaken,
            String reason) {}

    record SketchView(long id, String fileName, String path) {}

    record NewProposal(String name, Map<String, String> entries) {}

    record Choice(String reason) {}

    record NewRevision(Map<String, String> entries, String words) {}

    record NewLink(int revision, String message, String price, List<String> shown, int days) {}

    record Yes(String name) {}

    /** Two revisions laid over each other. */
    record Compared(
            Drawing first, Drawing second, List<Difference> differences, List<FigurePair> figures, String since) {}

    record FigurePair(String label, String first, String second) {}

    /** Talks that are open, the nearest promise first. */
    @GetMapping("/api/consult")
    @Transactional(readOnly = true)
    List<TalkView> talks() {
        return files.openLivingJobs().stream()
                .filter(job -> !job.waiting().isEmpty())
                .sorted(Comparator.comparing(JobFile::promisedOn))
                .map(this::talk)
                .toList();
    }

    private TalkView talk(JobFile job) {
        List<Revision> all = service.revisions(job);
        Revision last = all.get(all.size() - 1);
        Specification wanted = specifications.restore(last.entries());
        Optional<ClientWish> wish = revisions.wishes(job.id()).stream().reduce((earlier, later) -> later);
        return new TalkView(
                job.id(),
                job.number(),
                job.title(),
                job.clientName(),
                job.promisedOn().toString(),
                last.number(),
                Drawing.of(wanted),
                wanted.finish(),
                wanted.handleMaterial(),
                waitsFor(job, last, wish),
                wish.map(each -> new ClientWishView(each.name(), each.words(), each.atMillis())).stream()
                        .toList());
    }

    /** Whose turn it is: the client's once a link leads to them, the shop's again when they have wished. */
    private WaitsFor waitsFor(JobFile job, Revision last, Optional<ClientWish> wish) {
        Optional<Link> sent = revisions.links(job.id()).stream()
                .filter(link -> link.isOpen(clock.nowMillis()))
                .max(Comparator.comparing(Link::madeAtMillis));
        long sentAt = sent.map(Link::madeAtMillis).orElse(0L);
        if (wish.filter(each -> each.atMillis() > sentAt).isPresent()) {
            return new WaitsFor(false, "The client wished something", wish.get().atMillis());
        }
        return sent.isPresent()
                ? new WaitsFor(true, "The client has the link", sentAt)
                : new WaitsFor(false, "The drawing is not sent", last.atMillis());
    }

    @GetMapping("/api/jobs/{id}/consult")
    @Transactional(readOnly = true)
    ConsultView consult(@PathVariable long id, Person person) {
        JobFile job = files.openJob(id);
        List<Revision> all = service.revisions(job);
        return new ConsultView(
                id,
                job.number(),
                job.title(),
                job.clientName(),
                job.useWords(),
                job.promisedOn().toString(),
                job.pieces().stream().map(piece -> piece.id()).toList(),
                job.waiting().isEmpty(),
                job.wishes().stream()
                        .map(wish -> new WishView(wish.words(), wish.strength().words(), wish.asked(), wish.agreed()))
                        .toList(),
                views(all, person.units()),
                person.isOwner() ? links(id, all) : List.of(),
                proposals(id, person.units()),
                revisions.sketches(id).stream()
                        .map(sketch -> new SketchView(
                                sketch.id(), sketch.fileName(), "/api/jobs/" + id + "/sketches/" + sketch.id()))
                        .toList(),
                AdviceView.of(specifications.restore(all.get(all.size() - 1).entries()), clientWords.ofJob(id)));
    }

    private List<RevisionView> views(List<Revision> all, Units units) {
        long job = all.get(0).job();
        Map<Long, Approval> approvals = revisions.approvals(job).stream()
                .collect(Collectors.toMap(Approval::revision, Function.identity(), (earlier, later) -> later));
        List<RevisionRepository.ClientWish> wishes = revisions.wishes(job);
        return all.stream()
                .map(revision -> {
                    Specification specification = specifications.restore(revision.entries());
                    List<String> changes = all.stream()
                            .filter(each -> each.number() == revision.number() - 1)
                            .findFirst()
                            .map(before ->
                                    Difference.between(specifications.restore(before.entries()), specification, units)
                                            .stream()
                                            .map(Difference::words)
                                            .toList())
                            .orElse(List.of());
                    Approval approval = approvals.get(revision.id());
                    return new RevisionView(
                            revision.number(),
                            revision.words(),
                            revision.by(),
                            revision.atMillis(),
                            inUnits(revision.chosen(), specification, units),
                            changes,
                            approval == null
                                    ? null
                                    : new ApprovalView(approval.name(), approval.writtenBy(), approval.atMillis()),
                            wishes.stream()
                                    .filter(wish -> wish.revision() == revision.id())
                                    .map(wish -> new ClientWishView(wish.name(), wish.words(), wish.atMillis()))
                                    .toList());
                })
                .toList();
    }

    private List<ProposalView> proposals(long job, Units units) {
        return revisions.proposals(job).stream()
                .map(proposal -> {
                    Specification specification = specifications.restore(proposal.entries());
                    return new ProposalView(
                            proposal.id(),
                            proposal.name(),
                            inUnits(proposal.chosen(), specification, units),
                            Drawing.of(specification),
                            specification.finish(),
                            specification.handleMaterial(),
                            Figures.figures(specification, KnifeShape.weighed(specification), units),
                            proposal.isTaken(),
                            proposal.reason());
                })
                .toList();
    }

    /** What was chosen, as this reader would type it. */
    private static Map<String, String> inUnits(Map<String, String> chosen, Specification specification, Units units) {
        return chosen.keySet().stream()
                .collect(Collectors.toMap(Function.identity(), key -> specification.entryIn(key, units)));
    }

    private List<LinkView> links(long job, List<Revision> all) {
        Map<Long, Integer> numbers = all.stream().collect(Collectors.toMap(Revision::id, Revision::number));
        return revisions.links(job).stream()
                .map((Link link) -> new LinkView(
                        link.id(),
                        numbers.get(link.revision()),
                        "/k/" + link.token(),
                        link.expiresAtMillis(),
                        link.isOpen(clock.nowMillis()),
                        link.withdrawnAtMillis().isPresent()))
                .toList();
    }

    /** How two revisions of a job differ, in drawings, numbers and words. */
    @GetMapping("/api/jobs/{id}/revisions/{first}/beside/{second}")
    @Transactional(readOnly = true)
    Compared compare(@PathVariable long id, @PathVariable int first, @PathVariable int second, Person person) {
        JobFile job = files.openJob(id);
        Specification one = specifications.restore(service.revision(job, first).entries());
        Specification other =
                specifications.restore(service.revision(job, second).entries());
        Units units = person.units();
        List<Figure> left = Figures.figures(one, KnifeShape.weighed(one), units);
        Map<String, String> right = Figures.figures(other, KnifeShape.weighed(other), units).stream()
                .collect(Collectors.toMap(Figure::key, Figure::words));
        return new Compared(
                Drawing.of(one),
                Drawing.of(other),
                Difference.between(one, other, units),
                left.stream()
                        .map(figure ->
                                new FigurePair(figure.label(), figure.words(), right.getOrDefault(figure.key(), "—")))
                        .toList(),
                KnifeShape.weighed(other).since(KnifeShape.weighed(one), units));
    }

    @PostMapping("/api/jobs/{id}/revisions")
    Receipt keep(@PathVariable long id, @RequestBody NewRevision revision, Person person, Command command) {
        return service.keep(id, revision.entries(), revision.words(), person, command);
    }

    @PostMapping("/api/jobs/{id}/revisions/{number}/approve")
    Receipt approve(
            @PathVariable long id, @PathVariable int number, @RequestBody Yes yes, Person person, Command command) {
        return service.approveAtTable(id, number, yes.name(), person, command);
    }

    @PostMapping("/api/jobs/{id}/proposals")
    Receipt propose(@PathVariable long id, @RequestBody NewProposal proposal, Person person, Command command) {
        return service.propose(id, proposal.name(), proposal.entries(), person, command);
    }

    @PostMapping("/api/jobs/{id}/proposals/{proposal}/choose")
    Receipt choose(@PathVariable long id, @PathVariable long proposal, @RequestBody Choice choice, Command command) {
        return service.choose(id, proposal, choice.reason(), command);
    }

    @PostMapping(path = "/api/jobs/{id}/sketches", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    Receipt sketch(@PathVariable long id, @RequestParam MultipartFile photo, Person person, Command command)
            throws IOException {
        return service.sketch(
                id,
                Optional.ofNullable(photo.getOriginalFilename())
                        .filter(name -> !name.isBlank())
                        .orElse("sketch"),
                photo.getBytes(),
                person,
                command);
    }

    @Hidden
    @GetMapping("/api/jobs/{id}/sketches/{sketch}")
    @Transactional(readOnly = true)
    ResponseEntity<byte[]> sketch(@PathVariable long id, @PathVariable long sketch) {
        return picture(revisions.sketch(id, sketch));
    }

    /** A sketch small enough for a page. */
    static ResponseEntity<byte[]> picture(Optional<Photograph> sketch) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.maxAge(Duration.ofDays(1)).cachePrivate())
                .body(sketch.orElseThrow(() -> Refusal.notThere("There is no such sketch."))
                        .thumbnail());
    }

    @PostMapping("/api/jobs/{id}/links")
    Receipt link(@PathVariable long id, @RequestBody NewLink link, Person person, Command command) {
        return service.link(
                id, link.revision(), link.message(), link.price(), link.shown(), link.days(), person, command);
    }

    @PostMapping("/api/jobs/{id}/links/{link}/withdraw")
    Receipt withdraw(@PathVariable long id, @PathVariable long link, Command command) {
        return service.withdraw(id, link, command);
    }
}
