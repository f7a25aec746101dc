package hiltboard.server.job;

import java.util.Comparator;
import java.util.List;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What lies in the slots of the shop's racks. */
@RestController
class SlotController {
    private final PieceFiles files;

    SlotController(PieceFiles files) {
        this.files = files;
    }

    /** A piece that has a slot. */
    record InSlot(String slot, long piece, String name, String title, String stage) {}

    /** Every living piece that has one, by slot. */
    @GetMapping("/api/slots")
    @Transactional(readOnly = true)
    List<InSlot> slots() {
        return files.openAllOfLivingJobs().stream()
                .filter(file -> file.isAlive() && !file.rackSlot().isBlank())
                .map(file -> new InSlot(
                        file.rackSlot(),
                        file.id(),
                        file.name(),
                        file.jobTitle(),
                        file.progress().state().words()))
                .sorted(Comparator.comparing(InSlot::slot, String.CASE_INSENSITIVE_ORDER)
                        .thenComparingLong(InSlot::piece))
                .toList();
    }
}
