package hiltboard.server.sheath;

import hiltboard.server.access.Person;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import hiltboard.server.sheath.SheathService.AskedFlaw;
import hiltboard.server.sheath.SheathService.AskedSide;
import hiltboard.server.sheath.SheathService.AskedTrial;
import hiltboard.server.sheath.SheathViews.LeatherBenchView;
import hiltboard.server.sheath.SheathViews.LeatherSideView;
import hiltboard.server.sheath.SheathViews.SheathView;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The leather bench. */
@RestController
class SheathController {
    private final SheathService service;
    private final SheathViews views;

    SheathController(SheathService service, SheathViews views) {
        this.service = service;
        this.views = views;
    }

    @GetMapping("/api/sheath")
    @Transactional(readOnly = true)
    LeatherBenchView bench(Person person) {
        return views.bench(person);
    }

    @GetMapping("/api/sheath/pieces/{id}")
    @Transactional(readOnly = true)
    SheathView piece(@PathVariable long id, Person person) {
        return views.piece(id, person);
    }

    @PostMapping("/api/sheath/pieces/{id}/trials")
    Receipt tried(@PathVariable long id, @RequestBody AskedTrial asked, Person person, Command command) {
        return service.tried(id, asked, person, command);
    }

    @PostMapping("/api/sheath/trials/{id}/strike")
    Receipt strikeTrial(@PathVariable long id, Command command) {
        return service.strikeTrial(id, command);
    }

    /** A side of leather, with every sheath that waits to be cut from it laid on it. */
    @GetMapping("/api/sheath/sides/{lot}")
    @Transactional(readOnly = true)
    LeatherSideView side(@PathVariable long lot, Person person) {
        return views.side(lot, person);
    }

    @PostMapping("/api/sheath/sides/{lot}")
    Receipt measured(@PathVariable long lot, @RequestBody AskedSide asked, Person person, Command command) {
        return service.measured(lot, asked, person, command);
    }

    @PostMapping("/api/sheath/sides/{lot}/flaws")
    Receipt marked(@PathVariable long lot, @RequestBody AskedFlaw asked, Person person, Command command) {
        return service.marked(lot, asked, person, command);
    }

    @PostMapping("/api/sheath/flaws/{id}/strike")
    Receipt strikeFlaw(@PathVariable long id, Person person, Command command) {
        return service.strikeFlaw(id, person, command);
    }
}
