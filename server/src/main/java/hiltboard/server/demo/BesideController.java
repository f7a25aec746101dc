package hiltboard.server.demo;

import hiltboard.server.Refusal;
import hiltboard.server.Settings;
import hiltboard.server.access.AccessService;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** Opens the demo shop for whoever wants to look around first. */
@RestController
class BesideController {
    private final Beside beside;
    private final AccessService access;
    private final Settings settings;

    BesideController(Beside beside, AccessService access, Settings settings) {
        this.beside = beside;
        this.access = access;
        this.settings = settings;
    }

    record OpenDemo(int port) {}

    /** Before the shop is opened. */
    @PostMapping("/api/setup/demo")
    OpenDemo openFirst() {
        if (!access.isShopEmpty()) {
            throw Refusal.outOfTurn("This shop is open already: its owner can look at the demo from the wall.");
        }
        return open();
    }

    @PostMapping("/api/demo")
    OpenDemo open() {
        if (settings.demo()) {
            throw Refusal.outOfTurn("This is the demo.");
        }
        return new OpenDemo(beside.port());
    }
}
