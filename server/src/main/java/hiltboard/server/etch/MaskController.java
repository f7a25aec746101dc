package hiltboard.server.etch;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specification;
import hiltboard.core.etch.MaskSchedule;
import hiltboard.core.etch.MaskSchedule.Act;
import hiltboard.core.etch.MaskZone;
import hiltboard.core.field.TimeWithin;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.measure.TimeRange;
import hiltboard.core.measure.Units;
import hiltboard.server.Refusal;
import hiltboard.server.ShopClock;
import hiltboard.server.Typed;
import hiltboard.server.access.Person;
import hiltboard.server.etch.MaskRepository.KeptZone;
import hiltboard.server.etch.MaskRepository.MaskRow;
import hiltboard.server.job.Drawing;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Two tones by mask: its zones on the blade's outline, and what their wanted exposures make of the openings. */
@RestController
class MaskController {
    private static final int LONGEST = 40;
    private static final int MOST_CORNERS = 200;
    /** Millimetres from the heel that no blade reaches. */
    private static final double FARTHEST = 2_000;

    private static final TimeWithin EXPOSURES = new TimeWithin(Duration.ofHours(3));
    private static final LengthRange ALONG = LengthRange.of("0", "60");

    private final MaskRepository masks;
    private final PieceFiles files;
    private final Changes changes;
    private final ShopClock clock;

    MaskController(MaskRepository masks, PieceFiles files, Changes changes, ShopClock clock) {
        this.masks = masks;
        this.files = files;
        this.changes = changes;
        this.clock = clock;
    }

    /** @param path as SVG in millimetres, y downwards; {@code corners} as they are sent back */
    record MaskZoneView(
            String name, String path, List<Double> corners, String wanted, String own, String area, int darkness) {}

    /** @param blade its outline as an SVG path in millimetres, y downwards */
    record MaskView(
            long basedOn,
            String blade,
            double minX,
            double minY,
            double width,
            double height,
            List<MaskZoneView> zones,
            List<String> working,
            List<String> acts,
            String total,
            String by) {}

    @GetMapping("/api/tank/pieces/{id}/mask")
    @Transactional(readOnly = true)
    MaskView mask(@PathVariable long id, Person person) {
        PieceFile file = files.open(id);
        Outline blade = blade(file.specification());
        List<Point> points = blade.points();
        double left = points.stream().mapToDouble(Point::x).min().orElse(0);
        double right = points.stream().mapToDouble(Point::x).max().orElse(0);
        double top = points.stream().mapToDouble(Point::y).max().orElse(0);
        double bottom = points.stream().mapToDouble(Point::y).min().orElse(0);
        Optional<MaskRow> row = masks.of(id);
        Optional<MaskSchedule> schedule = row.map(MaskRow::schedule);
        return new MaskView(
                row.map(MaskRow::id).orElse(0L),
                Drawing.closed(blade),
                left,
                -top,
                right - left,
                top - bottom,
                row.map(mask -> zones(mask, blade)).orElse(List.of()),
                schedule.map(MaskSchedule::working).orElse(List.of()),
                schedule.map(MaskController::acts).orElse(List.of()),
                row.map(mask -> seconds(Duration.ofSeconds(mask.zones().get(0).seconds())))
                        .orElse(""),
                row.map(MaskRow::by).orElse(""));
    }

    /** What of the knife the mask lies on. */
    private static Outline blade(Specification spec) {
        return KnifeShape.outline(spec).blade();
    }

    private static List<MaskZoneView> zones(MaskRow row, Outline blade) {
        List<Duration> own = row.schedule().own();
        double darkest = row.zones().get(0).seconds();
        List<MaskZoneView> views = new ArrayList<>();
        for (int i = 0; i < row.zones().size(); i++) {
            KeptZone zone = row.zones().get(i);
            views.add(new MaskZoneView(
                    zone.name(),
                    Drawing.closed(Outline.through(zone.zone().points())),
                    zone.corners(),
                    seconds(Duration.ofSeconds(zone.seconds())),
                    seconds(own.get(i)),
                    String.format(Locale.ROOT, "%.2f cm²", zone.zone().area(blade) / 100),
                    (int) Math.round(20 + 80 * zone.seconds() / darkest)));
        }
        return views;
    }

    private static String seconds(Duration time) {
        return time.isZero() ? "0 s" : TimeRange.of(time).words();
    }

    private static List<String> acts(MaskSchedule schedule) {
        return schedule.acts().stream()
                .map(act -> {
                    if (act instanceof Act.Open open) {
                        return "Open: " + String.join(", ", open.zones());
                    }
                    return act instanceof Act.Burst burst
                            ? "Etch " + burst.time().toSeconds() + " s"
                            : "Cool in water, dry";
                })
                .toList();
    }

    /**
     * A zone as it was drawn or typed.
     *
     * @param corners in millimetres, x and y by turns; empty where it is a band by the four entries
     * @param from and {@code to} along the blade from its heel; {@code low} and {@code high} in percent of its height
     *     from the edge up
     * @param wanted its exposure in all
     */
    record AskedZone(
            String name, List<Double> corners, String from, String to, String low, String high, String wanted) {}

    /** @param basedOn the mask that the page saw; zero for the first */
    record AskedMask(List<AskedZone> zones, long basedOn) {}

    @PostMapping("/api/tank/pieces/{id}/mask")
    Receipt draw(@PathVariable long id, @RequestBody AskedMask asked, Person person, Command command) {
        return changes.make(command, () -> {
            PieceFile file = files.openAlive(id);
            Optional<MaskRow> before = masks.of(id);
            if (before.map(MaskRow::id).orElse(0L) != asked.basedOn()) {
                throw Refusal.bothChanged(List.of(new Refusal.Both(
                        "mask",
                        "The mask",
                        "as it stands on your page",
                        "as it is kept now",
                        before.map(MaskRow::by).orElse(""),
                        String.valueOf(before.map(MaskRow::id).orElse(0L)))));
            }
            masks.draw(id, read(asked, blade(file.specification()), person.units()), person.id(), clock.nowMillis());
            return Entry.ofPiece(
                    Entry.Kind.MASK_DRAWN,
                    file.jobId(),
                    id,
                    file.name() + ": its mask, "
                            + asked.zones().stream().map(AskedZone::name).collect(Collectors.joining(", ")));
        });
    }

    private static List<KeptZone> read(AskedMask asked, Outline blade, Units units) {
        if (asked.zones().isEmpty()) {
            throw Refusal.entry("zones", "", "A mask has zones", "one zone or more");
        }
        Typed typed = new Typed(units);
        List<KeptZone> zones = new ArrayList<>();
        for (int i = 0; i < asked.zones().size(); i++) {
            AskedZone each = asked.zones().get(i);
            String at = "zones." + i + ".";
            String name = typed.name(at + "name", each.name(), LONGEST);
            Duration wanted = typed.of(at + "wanted", each.wanted(), EXPOSURES).orElse(Duration.ofSeconds(1));
            zones.add(new KeptZone(name, corners(typed, at, each, blade), wanted.toSeconds()));
        }
        typed.mustBeUnderstood();
        schedule(zones, asked, units);
        return zones;
    }

    private static List<Double> corners(Typed typed, String at, AskedZone each, Outline blade) {
        if (!each.corners().isEmpty()) {
            boolean isOnTheBlade = each.corners().stream().allMatch(corner -> Math.abs(corner) <= FARTHEST);
            if (each.corners().size() < 6 || each.corners().size() > 2 * MOST_CORNERS || !isOnTheBlade) {
                typed.find(at + "name", each.name(), "This zone is no area of the blade", "three corners or more");
                return List.of();
            }
            return each.corners();
        }
        Length from = typed.lengthOrNothing(at + "from", each.from(), ALONG);
        Length to = typed.length(at + "to", each.to(), ALONG);
        double low = typed.number(at + "low", each.low(), 0, 100) / 100;
        double high = typed.number(at + "high", each.high(), 0, 100) / 100;
        try {
            return MaskZone.band(blade, from.millimetres(), to.millimetres(), low, high).points().stream()
                    .flatMap(point -> Stream.of(point.x(), point.y()))
                    .toList();
        } catch (ImpossibleQuantity impossible) {
            typed.find(at + "to", each.to(), "This band is no area of the blade", "a later place on the blade");
            return List.of();
        }
    }

    /** @throws Refusal at the zone that cannot be as it is wished */
    private static void schedule(List<KeptZone> zones, AskedMask asked, Units units) {
        for (int i = 1; i <= zones.size(); i++) {
            try {
                new MaskRow(0, zones.subList(0, i), "", 0).schedule();
            } catch (ImpossibleQuantity impossible) {
                throw Refusal.entry(
                        "zones." + (i - 1) + ".wanted",
                        asked.zones().get(i - 1).wanted(),
                        "That cannot be: an exposure of " + impossible.given(units),
                        impossible.accepted(units));
            }
        }
    }
}
