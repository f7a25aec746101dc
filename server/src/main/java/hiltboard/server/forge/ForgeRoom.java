package hiltboard.server.forge;

import hiltboard.core.route.Station;
import hiltboard.core.route.Workplace;
import hiltboard.server.route.StationRoom;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Where the billets are. */
@Component
class ForgeRoom implements StationRoom {
    private final ForgeRepository forge;

    ForgeRoom(ForgeRepository forge) {
        this.forge = forge;
    }

    @Override
    public Station station() {
        return Station.FORGE;
    }

    @Override
    public String words() {
        return "The forge";
    }

    @Override
    public String page() {
        return "/forge";
    }

    @Override
    public List<Workplace> workplaces() {
        return forge.machines().stream()
                .map(ForgeRepository.MachineRow::machine)
                .map(machine -> new Workplace(Station.FORGE, machine.name(), Optional.of(machine.longest())))
                .toList();
    }
}
