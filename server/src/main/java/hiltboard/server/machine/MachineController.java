package hiltboard.server.machine;

import hiltboard.server.Refusal;
import hiltboard.server.access.Person;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import hiltboard.server.machine.FastenerRoom.FastenerView;
import hiltboard.server.machine.MachineRoom.CuttersView;
import hiltboard.server.machine.MachineRoom.HolesView;
import hiltboard.server.machine.MachineRoom.ReadoutView;
import hiltboard.server.machine.MachiningService.AskedCut;
import hiltboard.server.machine.MachiningService.AskedHole;
import java.util.List;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A piece at drill press and mill, and the cutters that are used there. */
@RestController
class MachineController {
    private final MachiningService service;
    private final MachineRoom room;
    private final FastenerRoom fasteners;

    MachineController(MachiningService service, MachineRoom room, FastenerRoom fasteners) {
        this.fasteners = fasteners;
        this.service = service;
        this.room = room;
    }

    @GetMapping("/api/machine/pieces/{id}/holes")
    @Transactional(readOnly = true)
    HolesView holes(@PathVariable long id, Person person) {
        return room.holes(id, person);
    }

    @PostMapping("/api/machine/pieces/{id}/holes")
    Receipt measured(@PathVariable long id, @RequestBody AskedHole asked, Person person, Command command) {
        return service.measured(id, asked, person, command);
    }

    /** The readout's moves for the slots of guard and spacer; none for a knife without them. */
    @GetMapping("/api/machine/pieces/{id}/readout")
    @Transactional(readOnly = true)
    List<ReadoutView> readouts(@PathVariable long id, Person person) {
        return room.readouts(id, person);
    }

    /** What is turned for a shouldered fastener of a piece. @param thread and head empty for the usual */
    @GetMapping("/api/machine/pieces/{id}/fastener")
    @Transactional(readOnly = true)
    FastenerView fastener(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String thread,
            @RequestParam(defaultValue = "") String head,
            Person person) {
        return fasteners
                .fastener(id, thread, head, person)
                .orElseThrow(() -> Refusal.notThere("This knife has no counterbores for a fastener."));
    }

    @GetMapping("/api/machine/cutters")
    @Transactional(readOnly = true)
    CuttersView cutters(Person person) {
        return room.cutters(person);
    }

    @PostMapping("/api/machine/cutters/{lot}/cuts")
    Receipt cut(@PathVariable long lot, @RequestBody AskedCut asked, Person person, Command command) {
        return service.cut(lot, asked, person, command);
    }

    @PostMapping("/api/machine/cutters/{lot}/fresh")
    Receipt fresh(@PathVariable long lot, Person person, Command command) {
        return service.fresh(lot, person, command);
    }
}
