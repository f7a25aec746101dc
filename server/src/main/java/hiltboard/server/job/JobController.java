package hiltboard.server.job;

import hiltboard.server.access.Person;
import hiltboard.server.job.ChangeService.Decided;
import hiltboard.server.job.ChangeService.EffectView;
import hiltboard.server.job.JobService.NewJob;
import hiltboard.server.job.Wall.Rail;
import hiltboard.server.job.Wall.SettingView;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import java.util.List;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The wall with all jobs, and what changes a job. */
@RestController
class JobController {
    private final Wall wall;
    private final ShopDays days;
    private final JobService service;
    private final ChangeService changing;
    private final BelongingService belonging;
    private final Changes changes;

    JobController(
            Wall wall,
            ShopDays days,
            JobService service,
            ChangeService changing,
            BelongingService belonging,
            Changes changes) {
        this.wall = wall;
        this.days = days;
        this.service = service;
        this.changing = changing;
        this.belonging = belonging;
        this.changes = changes;
    }

    record WallView(long sequence, List<Rail> rails, List<Drawing> drawings, List<SettingView> setting) {}

    /** A promise moved: the day that the page saw, and the new one. */
    record PromiseChange(String from, String to) {}

    /** Every job with living pieces, the most urgent first. */
    @GetMapping("/api/wall")
    @Transactional(readOnly = true)
    WallView wall(Person person) {
        Wall.Hanging hanging = wall.hanging(days.all(), person.units());
        return new WallView(changes.latest(), hanging.rails(), hanging.drawings(), hanging.setting());
    }

    @PostMapping("/api/jobs")
    Receipt take(@RequestBody NewJob job, Person person, Command command) {
        return service.take(job, person, command);
    }

    @PostMapping("/api/jobs/{id}/promise")
    Receipt promise(@PathVariable long id, @RequestBody PromiseChange change, Command command) {
        return service.promise(id, change.from(), change.to(), command);
    }

    /** What the job is for, changed; what was said before stays. */
    @PostMapping("/api/jobs/{id}/brief")
    Receipt brief(@PathVariable long id, @RequestBody BelongingService.NewBrief brief, Person person, Command command) {
        return belonging.change(id, brief, person, command);
    }

    @PostMapping("/api/jobs/{id}/pieces")
    Receipt add(@PathVariable long id, @RequestBody BelongingService.More more, Person person, Command command) {
        return belonging.add(id, more, person, command);
    }

    /** What a change of the specification would do, before it takes effect. */
    @PostMapping("/api/pieces/{id}/specification/look")
    List<EffectView> look(@PathVariable long id, @RequestBody Decided asked, Person person) {
        return changing.look(id, asked.changes(), asked.pieces(), person);
    }

    @PostMapping("/api/pieces/{id}/specification")
    Receipt specify(@PathVariable long id, @RequestBody Decided decided, Person person, Command command) {
        return changing.take(id, decided, person, command);
    }

    @PostMapping("/api/pieces/{id}/specification/drop")
    Receipt drop(@PathVariable long id, @RequestBody Decided decided, Person person, Command command) {
        return changing.drop(id, decided, person, command);
    }
}
