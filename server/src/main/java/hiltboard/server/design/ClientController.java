package hiltboard.server.design;

import hiltboard.core.design.Finish;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specification;
import hiltboard.core.material.HandleMaterial;
import hiltboard.core.measure.Units;
import hiltboard.server.access.AccessService;
import hiltboard.server.access.Person;
import hiltboard.server.design.Figures.Figure;
import hiltboard.server.design.RevisionRepository.Link;
import hiltboard.server.design.RevisionRepository.Revision;
import hiltboard.server.job.Drawing;
import hiltboard.server.job.JobFile;
import hiltboard.server.live.Command;
import hiltboard.server.material.Specifications;
import io.swagger.v3.oas.annotations.Hidden;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/**
 * What a client sees and says through a link, without an account. Nothing else of the shop is behind these addresses.
 */
@RestController
class ClientController {
    private static final String SKETCH = "sketch";

    private final ConsultService service;
    private final AccessService access;
    private final Specifications specifications;

    ClientController(ConsultService service, AccessService access, Specifications specifications) {
        this.specifications = specifications;
        this.service = service;
        this.access = access;
    }

    /**
     * A revision as its client sees it: only the numbers that the owner chose; the price is empty unless the owner
     * wrote one.
     */
    record ClientView(
            String shopName,
            String title,
            String clientName,
            String useWords,
            int revision,
            String words,
            String message,
            String price,
            List<Figure> figures,
            Drawing drawing,
            Finish finish,
            HandleMaterial handleMaterial,
            boolean isApproved,
            String stage,
            boolean hasSketch) {}

    record Answered(String name, String words) {}

    record Thanks(String words) {}

    @GetMapping("/api/client/{token}")
    @Transactional(readOnly = true)
    ResponseEntity<ClientView> see(@PathVariable String token, CsrfToken csrf) {
        Link link = service.openLink(token);
        // A page without a session needs the cookie for its answer.
        csrf.getToken();
        return ResponseEntity.ok().cacheControl(CacheControl.noStore()).body(view(link));
    }

    private ClientView view(Link link) {
        JobFile job = service.jobOf(link);
        Revision revision = service.revisionOf(link);
        Specification specification = specifications.restore(revision.entries());
        Units units = access.people().stream()
                .filter(person -> person.id() == link.madeBy())
                .map(Person::units)
                .findFirst()
                .orElse(Units.MILLIMETRE_CELSIUS);
        Set<String> shown = Set.copyOf(link.shown());
        return new ClientView(
                access.shopName(),
                job.title(),
                job.clientName(),
                job.useWords(),
                revision.number(),
                revision.words(),
                link.message(),
                link.price(),
                Figures.forClient(specification, KnifeShape.weighed(specification), units).stream()
                        .filter(figure -> shown.contains(figure.key()))
                        .toList(),
                Drawing.of(specification),
                specification.finish(),
                specification.handleMaterial(),
                job.waiting().isEmpty(),
                job.pieces().stream()
                        .filter(piece -> piece.isAlive())
                        .findFirst()
                        .map(piece -> piece.progress().state().words())
                        .orElse(""),
                shown.contains(SKETCH) && !service.sketches(job.id()).isEmpty());
    }

    /** The latest sketch that the client brought, where the owner shows it beside the drawing. */
    @Hidden
    @GetMapping("/api/client/{token}/sketch")
    @Transactional(readOnly = true)
    ResponseEntity<byte[]> sketch(@PathVariable String token) {
        Link link = service.openLink(token);
        long job = service.jobOf(link).id();
        return ConsultController.picture(
                link.shown().contains(SKETCH)
                        ? service.sketches(job).stream()
                                .reduce((earlier, later) -> later)
                                .flatMap(sketch -> service.sketch(job, sketch.id()))
                        : Optional.empty());
    }

    @PostMapping("/api/client/{token}/approve")
    Thanks approve(@PathVariable String token, @RequestBody Answered answer, Command command) {
        service.approveByClient(token, answer.name(), byClient(command));
        return new Thanks("Thank you. The shop works to this drawing from now on.");
    }

    @PostMapping("/api/client/{token}/wish")
    Thanks wish(@PathVariable String token, @RequestBody Answered answer, Command command) {
        service.wish(token, answer.name(), answer.words(), byClient(command));
        return new Thanks("Thank you. The shop has your words and will send a new drawing.");
    }

    /** Whoever of the shop happens to be signed in at this window: here it is the client who speaks. */
    private static Command byClient(Command command) {
        return new Command(command.id(), Optional.empty(), "client page", command.said());
    }
}
