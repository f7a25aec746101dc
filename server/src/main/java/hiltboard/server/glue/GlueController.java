package hiltboard.server.glue;

import hiltboard.server.FieldView;
import hiltboard.server.access.Person;
import hiltboard.server.glue.GlueService.AskedDryRun;
import hiltboard.server.glue.GlueService.AskedMix;
import hiltboard.server.glue.GlueService.AskedReady;
import hiltboard.server.glue.GlueViews.AdhesiveSheetView;
import hiltboard.server.glue.GlueViews.GlueBenchView;
import hiltboard.server.glue.GlueViews.GlueView;
import hiltboard.server.glue.GlueViews.Reckoned;
import hiltboard.server.glue.SheetService.AskedSheet;
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

/** The gluing bench. */
@RestController
class GlueController {
    private final GlueService service;
    private final SheetService sheets;
    private final GlueViews views;

    GlueController(GlueService service, SheetService sheets, GlueViews views) {
        this.service = service;
        this.sheets = sheets;
        this.views = views;
    }

    @GetMapping("/api/glue")
    @Transactional(readOnly = true)
    GlueBenchView bench(Person person) {
        return views.bench(person);
    }

    /**
     * @param sheet the data sheet to reckon with; zero for the newest of what the job says
     * @param temperature at the bench, and {@code scaleStep} of the scale; empty as it was read, and as usual
     */
    @GetMapping("/api/glue/pieces/{id}")
    @Transactional(readOnly = true)
    GlueView piece(
            @PathVariable long id,
            @RequestParam(defaultValue = "0") long sheet,
            @RequestParam(defaultValue = "") String temperature,
            @RequestParam(defaultValue = "") String scaleStep,
            Person person) {
        return views.piece(id, new Reckoned(sheet, temperature, scaleStep), person);
    }

    @PostMapping("/api/glue/pieces/{id}/ready")
    Receipt ready(@PathVariable long id, @RequestBody AskedReady asked, Person person, Command command) {
        return service.ready(id, asked, person, command);
    }

    @PostMapping("/api/glue/pieces/{id}/dry-run")
    Receipt beginDryRun(@PathVariable long id, Person person, Command command) {
        return service.beginDryRun(id, person, command);
    }

    @PostMapping("/api/glue/pieces/{id}/dry-run/over")
    Receipt endDryRun(@PathVariable long id, @RequestBody AskedDryRun asked, Person person, Command command) {
        return service.endDryRun(id, asked, person, command);
    }

    @PostMapping("/api/glue/pieces/{id}/dry-run/forget")
    Receipt forgetDryRun(@PathVariable long id, Command command) {
        return service.forgetDryRun(id, command);
    }

    @PostMapping("/api/glue/pieces/{id}/mixes")
    Receipt mix(@PathVariable long id, @RequestBody AskedMix asked, Person person, Command command) {
        return service.mix(id, asked, person, command);
    }

    @PostMapping("/api/glue/mixes/{id}/strike")
    Receipt strikeMix(@PathVariable long id, Command command) {
        return service.strikeMix(id, command);
    }

    /** What is asked of a data sheet. */
    @GetMapping("/api/glue/sheet-fields")
    @Transactional(readOnly = true)
    List<FieldView> fields(Person person) {
        return views.fields(person.units());
    }

    @GetMapping("/api/glue/sheets/{id}")
    @Transactional(readOnly = true)
    AdhesiveSheetView sheet(@PathVariable long id, Person person) {
        return views.sheet(id, person);
    }

    @PostMapping("/api/glue/sheets")
    Receipt keep(@RequestBody AskedSheet asked, Person person, Command command) {
        return sheets.keep(asked, person, command);
    }

    @PostMapping("/api/glue/sheets/{id}")
    Receipt change(@PathVariable long id, @RequestBody AskedSheet asked, Person person, Command command) {
        return sheets.change(id, asked, person, command);
    }

    @PostMapping("/api/glue/sheets/{id}/drop")
    Receipt drop(@PathVariable long id, Command command) {
        return sheets.drop(id, false, command);
    }

    @PostMapping("/api/glue/sheets/{id}/back")
    Receipt back(@PathVariable long id, Command command) {
        return sheets.drop(id, true, command);
    }
}
