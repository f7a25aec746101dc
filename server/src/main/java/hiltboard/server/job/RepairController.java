package hiltboard.server.job;

import hiltboard.server.job.RepairService.NewRepair;
import hiltboard.server.job.RepairService.Work;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import java.util.List;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Knives that come back. */
@RestController
class RepairController {
    private final RepairService repairs;

    RepairController(RepairService repairs) {
        this.repairs = repairs;
    }

    @GetMapping("/api/pieces/{id}/repairs")
    @Transactional(readOnly = true)
    List<Work> works(@PathVariable long id) {
        return repairs.works(id);
    }

    @PostMapping("/api/pieces/{id}/repairs")
    Receipt begin(@PathVariable long id, @RequestBody NewRepair repair, Command command) {
        return repairs.begin(id, repair, command);
    }
}
