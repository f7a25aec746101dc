package hiltboard.server.bench;

import hiltboard.core.plan.PutOn.AtStation;
import hiltboard.core.plan.PutOn.OfJob;
import hiltboard.core.plan.PutOn.OfPiece;
import hiltboard.core.plan.PutOn.OfStation;
import hiltboard.core.plan.PutOn.OfStep;
import hiltboard.core.plan.PutOn.Scope;
import hiltboard.core.route.Station;
import hiltboard.server.access.Person;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import hiltboard.server.plan.PutOnRepository;
import hiltboard.server.plan.PutOnRepository.Row;
import java.util.List;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Whose work a job, a piece or a station's work is; of a step {@link BatchController} knows. */
@RestController
class PutOnController {
    private final PutOnService service;
    private final PutOnRepository putOn;
    private final PieceFiles files;

    PutOnController(PutOnService service, PutOnRepository putOn, PieceFiles files) {
        this.service = service;
        this.putOn = putOn;
        this.files = files;
    }

    /** @param person whom it is put on; zero for nobody */
    record OnWhom(long person, String word) {}

    /**
     * What somebody else has put on the one who asks, and they have not said that they know.
     *
     * @param what it is, such as a step of a piece @param page where it is
     */
    record HandedView(long id, String what, String page, String word, String by, long atMillis) {}

    @PostMapping("/api/jobs/{job}/put-on")
    Receipt job(@PathVariable long job, @RequestBody OnWhom on, Person person, Command command) {
        return service.putJob(job, on.person(), on.word(), person, command);
    }

    @PostMapping("/api/pieces/{piece}/put-on")
    Receipt piece(@PathVariable long piece, @RequestBody OnWhom on, Person person, Command command) {
        return service.putPiece(piece, on.person(), on.word(), person, command);
    }

    @PostMapping("/api/pieces/{piece}/stations/{station}/put-on")
    Receipt atStation(
            @PathVariable long piece,
            @PathVariable Station station,
            @RequestBody OnWhom on,
            Person person,
            Command command) {
        return service.putAtStation(piece, station, on.person(), on.word(), person, command);
    }

    @PostMapping("/api/stations/{station}/put-on")
    Receipt station(@PathVariable Station station, @RequestBody OnWhom on, Person person, Command command) {
        return service.putStation(station, on.person(), on.word(), person, command);
    }

    @PostMapping("/api/handed/{id}/seen")
    Receipt seen(@PathVariable long id, Person person, Command command) {
        return service.seen(id, person, command);
    }

    @GetMapping("/api/handed")
    @Transactional(readOnly = true)
    List<HandedView> handed(Person person) {
        return putOn.all().stream()
                .filter(row -> row.putOn().person() == person.id() && row.by() != person.id() && !row.isSeen())
                .map(this::view)
                .toList();
    }

    private HandedView view(Row row) {
        Scope scope = row.putOn().scope();
        return new HandedView(row.putOn().id(), what(scope), page(scope), row.word(), row.byName(), row.atMillis());
    }

    private String what(Scope scope) {
        if (scope instanceof OfStep of) {
            PieceFile file = files.open(of.piece());
            return file.name()
                    + file.route()
                            .step(of.operation())
                            .map(step -> ", " + step.operation().title())
                            .orElse("");
        }
        if (scope instanceof OfPiece of) {
            return files.open(of.piece()).name();
        }
        if (scope instanceof AtStation of) {
            return files.open(of.piece()).name() + ", " + of.words();
        }
        return scope instanceof OfJob of ? "job " + files.openJob(of.job()).number() : "what comes to " + scope.words();
    }

    private static String page(Scope scope) {
        if (scope instanceof OfStep of) {
            return "/bench/" + of.piece() + "/" + of.operation();
        }
        if (scope instanceof OfPiece of) {
            return "/pieces/" + of.piece();
        }
        if (scope instanceof AtStation of) {
            return "/pieces/" + of.piece();
        }
        return scope instanceof OfJob of ? "/jobs/" + of.job() : "/stations/" + ((OfStation) scope).station();
    }
}
