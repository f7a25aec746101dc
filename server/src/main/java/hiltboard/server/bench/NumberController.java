package hiltboard.server.bench;

import hiltboard.server.access.Person;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A number of a piece that somebody answers for. */
@RestController
class NumberController {
    private final ReadingService readings;

    NumberController(ReadingService readings) {
        this.readings = readings;
    }

    record AsItIs(String dimension, String reason) {}

    /** A reading that is out, or a part that was made to a number which has moved, is taken as it is. */
    @PostMapping("/api/pieces/{piece}/numbers/as-it-is")
    Receipt takeAsItIs(@PathVariable long piece, @RequestBody AsItIs taken, Person person, Command command) {
        return readings.takeAsItIs(piece, taken.dimension(), taken.reason(), person, command);
    }
}
