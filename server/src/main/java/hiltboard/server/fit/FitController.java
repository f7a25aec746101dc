package hiltboard.server.fit;

import hiltboard.server.Refusal;
import hiltboard.server.access.Person;
import hiltboard.server.fit.FitService.AskedCavity;
import hiltboard.server.fit.FitService.AskedLevel;
import hiltboard.server.fit.FitService.AskedPins;
import hiltboard.server.fit.FitService.AskedPrint;
import hiltboard.server.fit.FitService.AskedStack;
import hiltboard.server.fit.FitViews.FitCutView;
import hiltboard.server.fit.FitViews.FitView;
import hiltboard.server.fit.FitViews.FitWaitingView;
import hiltboard.server.fit.HandleService.AskedGrain;
import hiltboard.server.fit.HandleService.AskedPair;
import hiltboard.server.fit.HandleService.AskedScales;
import hiltboard.server.fit.HandleService.AskedVoid;
import hiltboard.server.fit.HandleService.AskedWheels;
import hiltboard.server.fit.HandleViews.GrainView;
import hiltboard.server.fit.HandleViews.ScalesView;
import hiltboard.server.fit.ShapingRoom.ShapingView;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import java.util.List;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The fitting bench: guard, spacers and block on a hidden tang. */
@RestController
class FitController {
    private final FitService service;
    private final FitViews views;
    private final ShapingRoom shaping;
    private final HandleService handles;
    private final HandleViews handled;

    FitController(FitService service, FitViews views, ShapingRoom shaping, HandleService handles, HandleViews handled) {
        this.handles = handles;
        this.handled = handled;
        this.shaping = shaping;
        this.service = service;
        this.views = views;
    }

    /** How rings or layers will lie on the finished handle, and what becomes of the block's voids. */
    @GetMapping("/api/fit/pieces/{id}/grain")
    @Transactional(readOnly = true)
    GrainView grain(@PathVariable long id, Person person) {
        return handled.grain(id, person);
    }

    @PostMapping("/api/fit/pieces/{id}/grain")
    Receipt readGrain(@PathVariable long id, @RequestBody AskedGrain asked, Person person, Command command) {
        return handles.grain(id, asked, person, command);
    }

    @PostMapping("/api/fit/pieces/{id}/voids")
    Receipt markVoid(@PathVariable long id, @RequestBody AskedVoid asked, Person person, Command command) {
        return handles.mark(id, asked, person, command);
    }

    @PostMapping("/api/fit/voids/{id}/strike")
    Receipt strikeVoid(@PathVariable long id, Command command) {
        return handles.strikeVoid(id, command);
    }

    /** A pair of scales as it was measured, and spare pairs that go on the same tang. */
    @GetMapping("/api/fit/pieces/{id}/scales")
    @Transactional(readOnly = true)
    ScalesView scales(@PathVariable long id, Person person) {
        return handled.scales(id, person);
    }

    @PostMapping("/api/fit/pieces/{id}/scales")
    Receipt readScales(@PathVariable long id, @RequestBody AskedScales asked, Person person, Command command) {
        return handles.scales(id, asked, person, command);
    }

    @PostMapping("/api/fit/pieces/{id}/spare-pairs")
    Receipt spare(@PathVariable long id, @RequestBody AskedPair asked, Person person, Command command) {
        return handles.spare(id, asked, person, command);
    }

    @PostMapping("/api/fit/spare-pairs/{id}/strike")
    Receipt strikeSpare(@PathVariable long id, Command command) {
        return handles.strikeSpare(id, command);
    }

    @PostMapping("/api/fit/wheels")
    Receipt wheels(@RequestBody AskedWheels asked, Person person, Command command) {
        return handles.wheels(asked, person, command);
    }

    /** Pieces that have something to fit. */
    @GetMapping("/api/fit")
    @Transactional(readOnly = true)
    List<FitWaitingView> waiting(Person person) {
        return views.waiting(person);
    }

    /** @param spacer thickness of one more spacer that is thought of; empty for the usual */
    @GetMapping("/api/fit/pieces/{id}")
    @Transactional(readOnly = true)
    FitView piece(@PathVariable long id, @RequestParam(defaultValue = "") String spacer, Person person) {
        return views.view(id, spacer, person);
    }

    /** @param at share of the way from the shoulder to the tang's end, zero to one */
    @GetMapping("/api/fit/pieces/{id}/cut")
    @Transactional(readOnly = true)
    FitCutView cut(@PathVariable long id, @RequestParam double at, Person person) {
        if (!(at >= 0 && at <= 1)) {
            throw Refusal.entry(
                    "at", String.valueOf(at), "That is no place on the tang", "0 at the shoulder to 1 at its end");
        }
        return views.cut(id, at, person);
    }

    /** Sections of a handle, and how its surface is brought up and closed. */
    @GetMapping("/api/fit/pieces/{id}/shaping")
    @Transactional(readOnly = true)
    ShapingView shaping(@PathVariable long id, Person person) {
        return shaping.view(id, person);
    }

    @PostMapping("/api/fit/pieces/{id}/levels")
    Receipt level(@PathVariable long id, @RequestBody AskedLevel asked, Person person, Command command) {
        return service.level(id, asked, person, command);
    }

    @PostMapping("/api/fit/pieces/{id}/levels/take-back")
    Receipt takeBackLevel(@PathVariable long id, Command command) {
        return service.takeBackLevel(id, command);
    }

    @PostMapping("/api/fit/pieces/{id}/print")
    Receipt print(@PathVariable long id, @RequestBody AskedPrint asked, Person person, Command command) {
        return service.print(id, asked, person, command);
    }

    @PostMapping("/api/fit/pieces/{id}/stack")
    Receipt stack(@PathVariable long id, @RequestBody AskedStack asked, Person person, Command command) {
        return service.stack(id, asked, person, command);
    }

    @PostMapping("/api/fit/pieces/{id}/cavity")
    Receipt cavity(@PathVariable long id, @RequestBody AskedCavity asked, Person person, Command command) {
        return service.cavity(id, asked, person, command);
    }

    @PostMapping("/api/fit/pieces/{id}/pins")
    Receipt pins(@PathVariable long id, @RequestBody AskedPins asked, Person person, Command command) {
        return service.pins(id, asked, person, command);
    }
}
