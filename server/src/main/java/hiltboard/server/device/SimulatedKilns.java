package hiltboard.server.device;

import hiltboard.server.ShopClock;
import org.springframework.stereotype.Component;

/** Stand-ins for kilns that are not wired to the program. */
@Component
class SimulatedKilns implements KilnConnector {
    private final ShopClock clock;

    SimulatedKilns(ShopClock clock) {
        this.clock = clock;
    }

    @Override
    public String kind() {
        return STAND_IN;
    }

    @Override
    public String words() {
        return "Not wired: a stand-in";
    }

    @Override
    public String address() {
        return "";
    }

    @Override
    public ConnectedKiln connect(Plate plate) {
        return new SimulatedKiln(plate.kiln(), plate.seen(), clock::nowMillis);
    }
}
