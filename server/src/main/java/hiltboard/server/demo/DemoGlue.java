package hiltboard.server.demo;

import hiltboard.server.ShopClock;
import hiltboard.server.access.Person;
import hiltboard.server.glue.GlueService;
import hiltboard.server.glue.GlueService.AskedDryRun;
import hiltboard.server.glue.GlueService.AskedMix;
import hiltboard.server.glue.SheetService;
import hiltboard.server.glue.SheetService.AskedSheet;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** The demo shop's gluing bench: two data sheets, and a bed that was mixed after lunch. */
@Component
class DemoGlue {
    private final SheetService sheets;
    private final GlueService glue;
    private final PieceFiles files;
    private final ShopClock clock;

    DemoGlue(SheetService sheets, GlueService glue, PieceFiles files, ShopClock clock) {
        this.sheets = sheets;
        this.glue = glue;
        this.files = files;
        this.clock = clock;
    }

    void fill(List<Person> makers) {
        Person maker = makers.get(1);
        long slow = sheet(
                maker,
                Map.ofEntries(
                        Map.entry("name", "Slow two-part epoxy, grey tins"),
                        Map.entry("kind", "SLOW_EPOXY"),
                        Map.entry("measured", "VOLUME"),
                        Map.entry("firstParts", "2"),
                        Map.entry("secondParts", "1"),
                        Map.entry("firstDensity", "1.15"),
                        Map.entry("secondDensity", "0.98"),
                        Map.entry("off", "5"),
                        Map.entry("statedAt", "24 C"),
                        Map.entry("statedMass", "100 g"),
                        Map.entry("working", "60 min"),
                        Map.entry("grips", "225 min"),
                        Map.entry("sets", "255 min"),
                        Map.entry("handled", "12 h"),
                        Map.entry("cured", "16 h"),
                        Map.entry("keeps", "24")));
        sheet(
                maker,
                Map.ofEntries(
                        Map.entry("name", "Half-hour epoxy, twin tubes"),
                        Map.entry("kind", "MEDIUM_EPOXY"),
                        Map.entry("measured", "WEIGHT"),
                        Map.entry("firstParts", "100"),
                        Map.entry("secondParts", "83"),
                        Map.entry("off", "10"),
                        Map.entry("statedAt", "23 C"),
                        Map.entry("working", "25-30 min"),
                        Map.entry("cured", "12 h")));
        bed(slow, maker);
    }

    private long sheet(Person maker, Map<String, String> entries) {
        return sheets.keep(new AskedSheet(entries, 0), maker, Diary.command(maker))
                .about();
    }

    private void bed(long sheet, Person maker) {
        long piece = files.openAllOfLivingJobs().stream()
                .filter(file -> file.jobTitle().equals("Skinner with bedded handle"))
                .map(PieceFile::id)
                .findFirst()
                .orElseThrow();
        clock.at(
                clock.now().minus(Duration.ofMinutes(206)), () -> glue.beginDryRun(piece, maker, Diary.command(maker)));
        clock.at(
                clock.now().minus(Duration.ofMinutes(199)),
                () -> glue.endDryRun(piece, new AskedDryRun("3"), maker, Diary.command(maker)));
        clock.at(
                clock.now().minus(Duration.ofMinutes(191)),
                () -> glue.mix(
                        piece, new AskedMix(sheet, 0, "15.4 g", "6.6 g", "21 C", false), maker, Diary.command(maker)));
    }
}
