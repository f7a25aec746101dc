package hiltboard.server.glue;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.field.Option;
import hiltboard.core.field.SomeMass;
import hiltboard.core.fit.GlueUp;
import hiltboard.core.fit.GluedFaces;
import hiltboard.core.fit.ReadyForGlue;
import hiltboard.core.glue.Adhesive;
import hiltboard.core.glue.AdhesiveSheet;
import hiltboard.core.glue.AdhesiveSheet.Times;
import hiltboard.core.glue.GlueClock;
import hiltboard.core.glue.MixRatio;
import hiltboard.core.glue.Rehearsal;
import hiltboard.core.glue.SheetField;
import hiltboard.core.glue.Warmth.InTheShop;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Mass;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.route.Route.Step;
import hiltboard.server.FieldView;
import hiltboard.server.ShopClock;
import hiltboard.server.Typed;
import hiltboard.server.WorkedView;
import hiltboard.server.access.Person;
import hiltboard.server.fit.CavityVolume;
import hiltboard.server.glue.GlueRepository.DryRunRow;
import hiltboard.server.glue.GlueRepository.MixRow;
import hiltboard.server.glue.GlueRepository.SheetRow;
import hiltboard.server.job.Gates;
import hiltboard.server.job.GluePhaseView;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.job.StepViews.StepMark;
import hiltboard.server.route.StepRepository.StepRow;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** What the gluing bench shows; belongs into a transaction of the caller. */
@Component
class GlueViews {
    private static final Mass USUAL_STEP = Mass.ofGrams(0.1);
    /** A mix is shown on the bench's own page until it has long cured. */
    static final Duration SHOWN = Duration.ofDays(3);

    private final PieceFiles files;
    private final GlueRepository glue;
    private final GlueService service;
    private final CavityVolume cavities;
    private final ShopClock clock;

    GlueViews(PieceFiles files, GlueRepository glue, GlueService service, CavityVolume cavities, ShopClock clock) {
        this.files = files;
        this.glue = glue;
        this.service = service;
        this.cavities = cavities;
        this.clock = clock;
    }

    /** A piece that has something to glue. */
    record GlueWaitingView(
            long piece, String pieceName, String jobTitle, String step, String stepWords, String holdsUp) {}

    /** @param usual by the habit of the trade, and {@code range} within which it lies */
    record GlueTimeView(String label, String usual, String range) {}

    /** A mix on its clock. */
    record GlueMixView(
            long id,
            long piece,
            String pieceName,
            String jobTitle,
            String step,
            String sheet,
            String weighed,
            String by,
            long mixedAtMillis,
            String phase,
            List<GluePhaseView> phases) {}

    /** @param took empty while it runs */
    record DryRunView(long begunAtMillis, String took, int parts, String says, boolean isTooLong, String by) {}

    /** @param worst how far the ratio may be off by the scale's step alone */
    record WeighedView(String first, String second, String worst) {}

    record TinView(String value, String words, String past) {}

    /**
     * When it would have to be pulled if it were mixed now.
     *
     * @param isAtNight whether that is outside the day's hours
     */
    record PullView(long fromMillis, long toMillis, boolean isAtNight) {}

    /**
     * A piece at the gluing bench.
     *
     * @param sheet the one that is reckoned with; zero where the shop has copied none down
     * @param usual what the trade's usual times are where there is no sheet
     * @param notWeighed why nothing can be weighed; empty where it can
     */
    record GlueView(
            long id,
            String pieceName,
            String jobTitle,
            String step,
            String stepWords,
            boolean isAtWork,
            boolean isBedding,
            List<Option> sheets,
            long sheet,
            String adhesive,
            String temperature,
            boolean isKnown,
            List<GlueTimeView> times,
            Optional<PullView> pull,
            Optional<WorkedView> needed,
            Optional<WorkedView> ratio,
            String scaleStep,
            Optional<WeighedView> weighed,
            String notWeighed,
            List<TinView> tins,
            List<String> lies,
            List<String> seen,
            List<String> parts,
            Optional<DryRunView> dryRun,
            List<GlueMixView> mixes) {}

    record SheetLineView(long id, String name, String kind, String ratio, String times, boolean isDropped) {}

    record AdhesiveSheetView(
            long id, int version, boolean isDropped, List<FieldView> fields, Map<String, String> entries) {}

    record GlueBenchView(List<GlueWaitingView> waiting, List<GlueMixView> mixes, List<SheetLineView> sheets) {}

    GlueBenchView bench(Person person) {
        return new GlueBenchView(
                files.openAllOfLivingJobs().stream()
                        .filter(PieceFile::isAlive)
                        .flatMap(file -> waiting(file, person.units()))
                        .toList(),
                glue.since(clock.now().minus(SHOWN)).stream()
                        .map(mix -> mix(mix, files.open(mix.piece()), person.units()))
                        .toList(),
                glue.sheets().stream().map(row -> line(row, person.units())).toList());
    }

    /** What somebody is at, or could begin now. */
    private static Stream<GlueWaitingView> waiting(PieceFile file, Units units) {
        Gates gates = new Gates(file, file.progress(), units);
        return file.route().steps().stream()
                .filter(step -> StepMark.GLUES.isOn(step.operation())
                        && !file.progress().isDone(step.operation().key()))
                .filter(step -> file.row(step).filter(StepRow::isUnderWay).isPresent() || gates.isItsTurn(step))
                .limit(1)
                .map(step -> new GlueWaitingView(
                        file.id(),
                        file.name(),
                        file.jobTitle(),
                        step.operation().key(),
                        step.operation().title(),
                        file.heldReason().map(reason -> "held: " + reason).orElse("")));
    }

    private static SheetLineView line(SheetRow row, Units units) {
        AdhesiveSheet sheet = row.sheet();
        return new SheetLineView(
                row.id(),
                sheet.name(),
                sheet.kind().words(),
                sheet.entry(SheetField.FIRST_PARTS, units) + " : " + sheet.entry(SheetField.SECOND_PARTS, units)
                        + (sheet.isByVolume() ? " by volume" : " by weight"),
                "worked for " + sheet.entry(SheetField.WORKING, units) + " at "
                        + sheet.statedAt().in(units) + ", full strength after "
                        + sheet.entry(SheetField.CURED, units),
                row.isDropped());
    }

    List<FieldView> fields(Units units) {
        return SheetField.all().stream()
                .map(field -> FieldView.of(field, AdhesiveSheet.EMPTY, units))
                .toList();
    }

    AdhesiveSheetView sheet(long id, Person person) {
        SheetRow row = glue.sheet(id);
        return new AdhesiveSheetView(
                id,
                row.version(),
                row.isDropped(),
                fields(person.units()),
                SheetField.all().stream()
                        .collect(Collectors.toMap(
                                SheetField::key, field -> row.sheet().entry(field, person.units()))));
    }

    /** What a page asks to be reckoned with; empty for the usual. */
    record Reckoned(long sheet, String temperature, String scaleStep) {}

    GlueView piece(long id, Reckoned with, Person person) {
        Units units = person.units();
        Typed typed = new Typed(units);
        PieceFile file = files.open(id);
        Temperature shop = with.temperature().isBlank()
                ? file.chain(units)
                        .value(PieceDimensions.SHOP_TEMPERATURE)
                        .map(Temperature.class::cast)
                        .orElse(Adhesive.USUAL_SHOP)
                : typed.temperature(
                        "temperature", with.temperature(), Temperature.ofCelsius(0), Temperature.ofCelsius(50));
        Mass step = with.scaleStep().isBlank()
                ? USUAL_STEP
                : typed.of("scaleStep", with.scaleStep(), new SomeMass()).orElse(USUAL_STEP);
        typed.mustBeUnderstood();
        Optional<Step> next = GluedPiece.next(file);
        GlueUp up = GluedPiece.nextUp(file);
        boolean isBedding = up == GlueUp.BEDS;
        List<SheetRow> sheets = glue.sheets();
        Optional<SheetRow> row = chosen(sheets, with.sheet(), file);
        Optional<Worked<Mass>> needed = needed(file, up, row, units);
        Optional<Times> times = row.map(each -> each.sheet().times(shop, needed.map(Worked::value)));
        ReadyForGlue ready = ReadyForGlue.of(file.specification(), up);
        Weighing weighing = weighing(row, needed, step, units);
        return new GlueView(
                file.id(),
                file.name(),
                file.jobTitle(),
                next.map(each -> each.operation().key()).orElse(""),
                next.map(each -> each.operation().title()).orElse(""),
                file.isAlive() && next.isPresent(),
                isBedding,
                sheets.stream()
                        .map(each -> new Option(
                                String.valueOf(each.id()), each.sheet().name()))
                        .toList(),
                row.map(SheetRow::id).orElse(0L),
                file.specification().isGlued() ? file.specification().adhesive().words() : "",
                shop.in(units),
                times.map(Times::isKnown).orElse(true),
                times.map(each -> times(each, isBedding)).orElseGet(() -> usual(file, shop, isBedding, units)),
                times.flatMap(each -> new GlueClock(clock.now(), each, isBedding).pull())
                        .map(pull -> new PullView(
                                pull.from().toEpochMilli(), pull.to().toEpochMilli(), pull.isAtNight(clock.zone()))),
                needed.map(worked -> WorkedView.of(worked, units)),
                row.flatMap(each -> each.sheet().ratioWorked(units)).map(worked -> WorkedView.of(worked, units)),
                GlueService.grams(step),
                weighing.weighed(),
                weighing.why(),
                tins(row, units),
                ready.lies(),
                glue.ready(id),
                ready.parts(),
                glue.dryRun(id).map(run -> dryRun(run, working(times, file, shop, units))),
                glue.mixes(id).stream().map(mix -> mix(mix, file, units)).toList());
    }

    /** The one that is asked for; else the newest for what the job says. */
    private static Optional<SheetRow> chosen(List<SheetRow> sheets, long asked, PieceFile file) {
        return sheets.stream()
                .filter(row -> row.id() == asked)
                .findFirst()
                .or(() -> sheets.stream()
                        .filter(row -> file.specification().isGlued()
                                && row.sheet().kind() == file.specification().adhesive())
                        .reduce((before, after) -> after));
    }

    private Optional<Worked<Mass>> needed(PieceFile file, GlueUp up, Optional<SheetRow> row, Units units) {
        return file.specification().isGlued()
                ? Optional.of(GluedFaces.of(file.specification(), up, cavities.toFill(file))
                        .mass(
                                row.map(SheetRow::sheet)
                                        .orElse(AdhesiveSheet.EMPTY)
                                        .density(),
                                units))
                : Optional.empty();
    }

    /** @param why it cannot be weighed; empty where it can */
    private record Weighing(Optional<WeighedView> weighed, String why) {
        static Weighing none(String why) {
            return new Weighing(Optional.empty(), why);
        }
    }

    private static Weighing weighing(Optional<SheetRow> row, Optional<Worked<Mass>> needed, Mass step, Units units) {
        if (row.isEmpty() || needed.isEmpty()) {
            return Weighing.none("Copy the data sheet of your adhesive down first: ratio and times are its maker’s.");
        }
        Optional<MixRatio> ratio = row.get().sheet().ratio();
        if (ratio.isEmpty()) {
            return Weighing.none(
                    "Its sheet states the parts by volume: measure them by volume, or copy both densities down and weigh.");
        }
        Mass wanted = needed.get().value();
        Mass least = ratio.get().smallest(step);
        try {
            MixRatio.Weighed weighed =
                    ratio.get().weighed(wanted.milligrams() < least.milligrams() ? least : wanted, step);
            return new Weighing(
                    Optional.of(new WeighedView(
                            GlueService.grams(weighed.first()),
                            GlueService.grams(weighed.second()),
                            String.format(
                                    Locale.ROOT,
                                    "within %.1f %% by the scale’s step; its sheet bears %.1f %%",
                                    weighed.worst() * 100,
                                    ratio.get().off() * 100))),
                    wanted.milligrams() < least.milligrams()
                            ? "More than the handle takes: with a scale of " + GlueService.grams(step) + " less than "
                                    + least.in(units) + " cannot be weighed well enough."
                            : "");
        } catch (ImpossibleQuantity impossible) {
            return Weighing.none(impossible.words(units));
        }
    }

    private static List<GlueTimeView> times(Times times, boolean isBedding) {
        List<GlueTimeView> views = new ArrayList<>();
        views.add(time("Worked for", times.working()));
        if (isBedding) {
            times.grips().ifPresent(grips -> views.add(time("Grips after", grips)));
            times.sets().ifPresent(sets -> views.add(time("Set after", sets)));
        }
        times.handled().ifPresent(handled -> views.add(time("Out of the clamps after", handled)));
        views.add(time("Full strength after", times.cured()));
        return views;
    }

    private static GlueTimeView time(String label, InTheShop time) {
        Duration usual = time.usual();
        return new GlueTimeView(
                label,
                Span.words(usual),
                time.range().least().equals(time.range().most())
                        ? ""
                        : time.range().words());
    }

    /** Where there is no sheet: what is usual in the trade. */
    private static List<GlueTimeView> usual(PieceFile file, Temperature shop, boolean isBedding, Units units) {
        if (!file.specification().isGlued()) {
            return List.of();
        }
        var adhesive = file.specification().adhesive();
        Stream<GlueTimeView> first = Stream.of(new GlueTimeView(
                "Worked for", adhesive.working(shop, units).value().in(units), ""));
        Stream<GlueTimeView> window = isBedding
                ? Stream.of(
                        new GlueTimeView(
                                "Grips after",
                                adhesive.grips(shop, units).value().in(units),
                                ""),
                        new GlueTimeView(
                                "Set after", adhesive.sets(shop, units).value().in(units), ""))
                : Stream.empty();
        Stream<GlueTimeView> last = Stream.of(new GlueTimeView(
                "Bears load after", adhesive.cures(shop, units).value().in(units), ""));
        return Stream.of(first, window, last).flatMap(Function.identity()).toList();
    }

    private static Duration working(Optional<Times> times, PieceFile file, Temperature shop, Units units) {
        return times.map(each -> each.working().range().least())
                .orElseGet(() -> file.specification().isGlued()
                        ? file.specification()
                                .adhesive()
                                .working(shop, units)
                                .value()
                                .duration()
                        : Duration.ofMinutes(1));
    }

    private List<TinView> tins(Optional<SheetRow> row, Units units) {
        return service.tins(units).stream()
                .map(tin -> new TinView(
                        String.valueOf(tin.lot()),
                        tin.words(),
                        row.flatMap(each -> service.past(tin, each.sheet())).orElse("")))
                .toList();
    }

    private static DryRunView dryRun(DryRunRow run, Duration working) {
        Optional<Rehearsal> rehearsal = run.took().map(took -> new Rehearsal(took, run.parts()));
        return new DryRunView(
                run.begun().toEpochMilli(),
                run.took().map(took -> Span.words(took)).orElse(""),
                run.parts(),
                rehearsal.map(each -> each.words(working)).orElse(""),
                rehearsal.filter(each -> each.isTooLong(working)).isPresent(),
                run.by());
    }

    private GlueMixView mix(MixRow mix, PieceFile file, Units units) {
        GlueClock glueClock = GluedPiece.clock(mix, file);
        return new GlueMixView(
                mix.id(),
                file.id(),
                file.name(),
                file.jobTitle(),
                mix.operation(),
                mix.sheet().name(),
                GlueService.grams(mix.first()) + " and " + GlueService.grams(mix.second()) + " at "
                        + mix.shop().in(units) + (mix.lot().isEmpty() ? "" : ", " + mix.lot()),
                mix.by(),
                mix.mixed().toEpochMilli(),
                glueClock.at(clock.now()).phase().name(),
                GluePhaseView.of(glueClock));
    }
}
