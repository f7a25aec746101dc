package hiltboard.server.fire;

import hiltboard.server.access.Person;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Loads, from the plan to the last piece out. */
@RestController
class LoadController {
    private final LoadPlanning planning;
    private final Firings firings;
    private final FireViews views;

    LoadController(LoadPlanning planning, Firings firings, FireViews views) {
        this.planning = planning;
        this.firings = firings;
        this.views = views;
    }

    record Planned(long kiln, String treatment) {}

    record PieceNamed(long piece) {}

    record Ready(String line, boolean isReady) {}

    /** @param person nobody if zero */
    record Hand(LoadPlanning.Place at, long person) {}

    record Out(long piece, boolean sure) {}

    record FileTest(long piece, boolean skates) {}

    record WhyGivenUp(String words) {}

    @GetMapping("/api/fire/loads/{id}")
    FireViews.LoadView load(@PathVariable long id, Person person) {
        return views.load(id, person.units());
    }

    @PostMapping("/api/fire/loads")
    Receipt plan(@RequestBody Planned planned, Person person, Command command) {
        return planning.plan(planned.kiln(), planned.treatment(), person, command);
    }

    @PostMapping("/api/fire/loads/{id}/join")
    Receipt join(@PathVariable long id, @RequestBody PieceNamed of, Person person, Command command) {
        return planning.join(id, of.piece(), person, command);
    }

    @PostMapping("/api/fire/loads/{id}/leave")
    Receipt leave(@PathVariable long id, @RequestBody PieceNamed of, Person person, Command command) {
        return planning.leave(id, of.piece(), person, command);
    }

    @PostMapping("/api/fire/loads/{id}/ready")
    Receipt ready(@PathVariable long id, @RequestBody Ready ready, Person person, Command command) {
        return planning.ready(id, ready.line(), ready.isReady(), person, command);
    }

    @PostMapping("/api/fire/loads/{id}/hands")
    Receipt hands(@PathVariable long id, @RequestBody Hand hand, Person person, Command command) {
        return planning.hand(id, hand.at(), hand.person(), person, command);
    }

    @PostMapping("/api/fire/loads/{id}/light")
    Receipt light(@PathVariable long id, Person person, Command command) {
        return firings.light(id, person, command);
    }

    @PostMapping("/api/fire/loads/{id}/in")
    Receipt in(@PathVariable long id, Person person, Command command) {
        return firings.in(id, person, command);
    }

    @PostMapping("/api/fire/loads/{id}/next-heat")
    Receipt nextHeat(@PathVariable long id, Person person, Command command) {
        return firings.nextHeat(id, person, command);
    }

    /** One piece into the quench; where nothing is quenched all of them, whichever is named. */
    @PostMapping("/api/fire/loads/{id}/out")
    Receipt out(@PathVariable long id, @RequestBody Out out, Person person, Command command) {
        return firings.out(id, out.piece(), out.sure(), person, command);
    }

    @PostMapping("/api/fire/loads/{id}/file-test")
    Receipt fileTest(@PathVariable long id, @RequestBody FileTest test, Person person, Command command) {
        return firings.fileTest(id, test.piece(), test.skates(), person, command);
    }

    @PostMapping("/api/fire/loads/{id}/end")
    Receipt end(@PathVariable long id, Person person, Command command) {
        return firings.end(id, person, command);
    }

    @PostMapping("/api/fire/loads/{id}/give-up")
    Receipt giveUp(@PathVariable long id, @RequestBody WhyGivenUp why, Person person, Command command) {
        return firings.giveUp(id, why.words(), person, command);
    }
}
