package hiltboard.server.fire;

import hiltboard.core.field.Option;
import hiltboard.core.fire.Ahead;
import hiltboard.core.fire.Kiln;
import hiltboard.core.fire.KilnCheck;
import hiltboard.core.fire.Load;
import hiltboard.core.fire.LoadPiece;
import hiltboard.core.fire.Programme;
import hiltboard.core.fire.Soak;
import hiltboard.core.fire.TemperInTime;
import hiltboard.core.fire.Treatment;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Route.Step;
import hiltboard.server.device.ConnectedKiln.Status;
import hiltboard.server.fire.FireRepository.InLoad;
import hiltboard.server.fire.FireRepository.KilnRow;
import hiltboard.server.fire.FireRepository.LoadRow;
import hiltboard.server.fire.FireRepository.Standing;
import hiltboard.server.fire.LoadFiles.Opened;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The fire in the words and units of whoever looks at it. */
@Component
class FireViews {
    private static final int CANNOT_SHOWN = 12;
    private static final int PAST_SHOWN = 12;

    private final FireRepository fire;
    private final Kilns kilns;
    private final KilnCheckRepository checks;
    private final LoadFiles loads;
    private final PieceFiles files;

    FireViews(FireRepository fire, Kilns kilns, LoadFiles loads, PieceFiles files, KilnCheckRepository checks) {
        this.checks = checks;
        this.fire = fire;
        this.kilns = kilns;
        this.loads = loads;
        this.files = files;
    }

    /** Something to come, in seconds of the kiln's clock. */
    /** @param isOfTheKiln whether nothing of the load is in it any more by then */
    record AheadView(String words, long seconds, boolean isOfTheKiln) {}

    /**
     * A kiln as it stands.
     *
     * @param shows what its thermocouple shows, with its unit; empty while it shows nothing
     * @param clockMillis of its own clock
     * @param fault in words; empty for none
     * @param burning number of the load that burns in it; zero for none
     * @param slots of its rack, one blade in each
     * @param check what the checks of it say, in words
     * @param displays what its own display shows, where that is known to be off; otherwise empty
     */
    record KilnView(
            long id,
            String name,
            String space,
            int slots,
            String most,
            String shows,
            String setPoint,
            boolean isLit,
            boolean isHeating,
            boolean isDoorOpen,
            String fault,
            List<String> faultToDo,
            int pace,
            boolean isStandIn,
            long clockMillis,
            long burning,
            boolean isChecked,
            String check,
            String displays) {}

    record LoadLine(
            long id, String treatment, long kilnId, String kiln, String standing, List<String> pieces, String words) {}

    /** A treatment that a load can be planned for. */
    record TreatmentView(String treatment, String words) {}

    /** A kind of controller that a kiln can have. @param address what one looks like; empty where none is asked */
    record ControllerKind(String kind, String words, String address) {}

    record FireView(
            List<KilnView> kilns,
            List<ControllerKind> controllers,
            List<LoadLine> open,
            List<LoadLine> past,
            List<TreatmentView> treatments,
            String soakCounts,
            List<Option> soakChoices,
            String defer) {}

    record ReadyView(String line, boolean isReady) {}

    /**
     * A piece in a load.
     *
     * @param operation the step of its route; empty where it has none
     * @param planned its true soak as it will be, in words; {@code soaked} as it was, empty while it is in
     * @param temperBy when its temper has to begin, on the shop's clock; zero where it need not
     */
    record LoadPieceView(
            long id,
            String name,
            long jobId,
            String job,
            int slot,
            int order,
            String steel,
            String cover,
            String operation,
            String planned,
            String soaked,
            String leftAs,
            String fileTest,
            String standing,
            boolean isUntempered,
            long temperBy) {}

    record CandidateView(long id, String name, String job, String steel, String words, List<String> whyNot) {}

    /** Whether one kiln can do both heats; working and offers are empty where nothing is quenched. */
    record TemperView(boolean isInTime, List<String> working, List<String> offers) {}

    /**
     * @param soakedSeconds that count; {@code recoveredSeconds} since the kiln's recovery
     * @param blade the slowest blade's own heat, by estimate; empty where nothing is in
     * @param counts from when this shop counts, in words
     */
    record SoakView(
            boolean isRecovered,
            boolean isCounting,
            long soakedSeconds,
            long recoveredSeconds,
            long wantedSeconds,
            String blade,
            String counts,
            String drop,
            int interruptions) {}

    /**
     * What is done to a load.
     *
     * @param heats of one after another that it goes through, and which of them is now
     * @param cycle from one blade's quench to the next, in words; empty where nothing follows
     */
    record LoadTreatment(
            String treatment,
            String words,
            String heat,
            String soak,
            List<String> steps,
            boolean isQuenched,
            int heats,
            int heatNow,
            String cycle) {}

    /** Who stands where; zero and empty for nobody. */
    record LoadHands(long doorBy, long quenchBy, String doorName, String quenchName) {}

    /** On its kiln's own clock; zero for what has not been. */
    record LoadClock(long litAtMillis, long inAtMillis, long overAtMillis) {}

    /** A load. */
    record LoadView(
            long id,
            long kilnId,
            String kiln,
            String standing,
            String words,
            LoadTreatment treatment,
            LoadHands hands,
            LoadClock clock,
            List<ReadyView> ready,
            List<LoadPieceView> pieces,
            List<CandidateView> candidates,
            TemperView temper,
            SoakView soaking,
            List<AheadView> ahead,
            List<String> cautions) {}

    @Transactional(readOnly = true)
    public FireView fire(Units units) {
        List<LoadRow> open = fire.openLoads();
        List<LoadRow> past = fire.pastLoads(PAST_SHOWN);
        List<KilnView> views =
                fire.kilns().stream().map(kiln -> kiln(kiln, open, units)).toList();
        Map<Long, List<String>> names = fire.names(
                Stream.concat(open.stream(), past.stream()).map(LoadRow::id).toList());
        Map<Long, String> kilnNames = fire.kilnNames();
        return new FireView(
                views,
                kilns.connectors().stream()
                        .map(each -> new ControllerKind(each.kind(), each.words(), each.address()))
                        .toList(),
                lines(open, names, kilnNames),
                lines(past, names, kilnNames),
                Stream.of(Treatment.values())
                        .map(each -> new TreatmentView(each.name(), each.words()))
                        .toList(),
                fire.counts().name(),
                Stream.of(Soak.Counts.values())
                        .map(each -> new Option(each.name(), each.words()))
                        .toList(),
                "These are the usual cautions and rules of thumb. Safety sheets, the kiln’s manual, local rules and "
                        + "licensed practice come first.");
    }

    KilnView kiln(KilnRow kiln, List<LoadRow> open, Units units) {
        Status status = kilns.connected(kiln).status();
        KilnCheck check = checks.of(kiln.id());
        return new KilnView(
                kiln.id(),
                kiln.name(),
                kiln.kiln().space().words(units),
                kiln.kiln().space().slots(),
                kiln.kiln().most().in(units),
                status.shown()
                        .celsius()
                        .map(shown -> Temperature.ofCelsius(shown).in(units))
                        .orElse(""),
                status.isLit()
                        ? Temperature.ofCelsius(status.shown().setPoint()).in(units)
                        : "",
                status.isLit(),
                status.isHeating(),
                status.isDoorOpen(),
                status.fault().map(fault -> fault.words()).orElse(""),
                status.fault().map(fault -> fault.toDo()).orElse(List.of()),
                kilns.pace(kiln),
                kilns.standIn(kiln).isPresent(),
                status.shown().atMillis(),
                open.stream()
                        .filter(load -> load.kiln() == kiln.id() && load.isBurning())
                        .map(LoadRow::id)
                        .findFirst()
                        .orElse(0L),
                check.isDone(),
                check.words(units),
                check.offsetKelvin() == 0
                        ? ""
                        : kilns.asItShows(kiln)
                                .status()
                                .shown()
                                .celsius()
                                .map(shown -> Temperature.ofCelsius(shown).in(units))
                                .orElse(""));
    }

    private static List<LoadLine> lines(List<LoadRow> rows, Map<Long, List<String>> names, Map<Long, String> kilns) {
        return rows.stream()
                .map(row -> new LoadLine(
                        row.id(),
                        row.treatment().words(),
                        row.kiln(),
                        kilns.get(row.kiln()),
                        row.standing().name(),
                        names.getOrDefault(row.id(), List.of()),
                        row.words()))
                .toList();
    }

    @Transactional(readOnly = true)
    public LoadView load(long id, Units units) {
        Opened opened = loads.open(id);
        LoadRow row = opened.row();
        Load load = opened.load();
        Optional<Programme> programme =
                Optional.of(load).filter(each -> !each.pieces().isEmpty()).map(each -> each.programme(units));
        Optional<Soak> soak = loads.soak(row);
        return new LoadView(
                id,
                row.kiln(),
                opened.kiln().name(),
                row.standing().name(),
                row.words(),
                new LoadTreatment(
                        row.treatment().name(),
                        row.treatment().words(),
                        programme.map(each -> row.heat().in(units)).orElse(""),
                        programme.map(each -> Span.words(row.soak())).orElse(""),
                        programme.map(Programme::steps).orElse(List.of()),
                        row.treatment().isQuenched(),
                        row.treatment() == Treatment.NORMALISE
                                ? programme.map(each -> each.kiln().size()).orElse(1)
                                : 1,
                        row.part() + 1,
                        row.treatment().isQuenched() && load.pieces().size() > 1 ? Soak.words(load.cycle()) : ""),
                new LoadHands(row.doorBy().orElse(0L), row.quenchBy().orElse(0L), row.doorName(), row.quenchName()),
                new LoadClock(
                        row.litAt().orElse(0L),
                        row.inAt().orElse(0L),
                        row.overAt().orElse(0L)),
                programme
                        .map(each -> each.ready().stream()
                                .map(line -> new ReadyView(line, row.ready().contains(line)))
                                .toList())
                        .orElse(List.of()),
                pieces(opened, load),
                row.standing() == Standing.PLANNED ? candidates(row, load, units) : List.of(),
                temper(opened, load, units),
                soaking(row, soak, units),
                ahead(opened, load, soak),
                cautions(row, load));
    }

    private static List<String> cautions(LoadRow row, Load load) {
        List<String> cautions = row.treatment().isQuenched()
                ? Stream.concat(
                                load.quenchCautions().stream(),
                                Stream.of(
                                        "Untempered steel splinters like glass: drop nothing, hammer nothing, straighten nothing "
                                                + "cold."))
                        .toList()
                : List.of("A hot kiln is not left alone. Gloves and tongs; mind the door’s heat.");
        boolean isAlone = row.treatment().isQuenched()
                && row.doorBy().isPresent()
                && row.doorBy().equals(row.quenchBy());
        return isAlone
                ? Stream.concat(
                                cautions.stream(),
                                Stream.of(
                                        "One person for door and quench: each blade waits longer and the kiln falls further. "
                                                + "Two are better."))
                        .toList()
                : cautions;
    }

    private List<LoadPieceView> pieces(Opened opened, Load load) {
        return load.leaving().stream()
                .map(leaving -> {
                    LoadPiece piece = leaving.piece();
                    PieceFile file = opened.file(piece.id());
                    InLoad record = opened.record(piece.id());
                    Optional<Step> step = LoadPieces.step(file, opened.row().treatment());
                    long temperBy = file.windows().stream()
                            .filter(window -> Treatment.FIRST_TEMPER.isDoneAt(
                                    window.step().operation()))
                            .mapToLong(window -> window.closes().toEpochMilli())
                            .min()
                            .orElse(0);
                    return new LoadPieceView(
                            piece.id(),
                            piece.name(),
                            file.jobId(),
                            file.jobTitle(),
                            record.slot(),
                            leaving.position(),
                            piece.need().steel().designation(),
                            piece.cover().words(),
                            step.map(each -> each.operation().key()).orElse(""),
                            Soak.words(leaving.soak()),
                            record.leftAt().map(at -> record.soakedWords()).orElse(""),
                            record.leftAs(),
                            record.fileTest(),
                            step.flatMap(file::row)
                                    .map(each -> each.standing().name())
                                    .orElse(""),
                            file.isAlive() && file.progress().isUntempered(),
                            temperBy);
                })
                .toList();
    }

    private List<CandidateView> candidates(LoadRow row, Load load, Units units) {
        List<CandidateView> all = files.openAllOfLivingJobs().stream()
                .filter(PieceFile::isAlive)
                .filter(file -> row.treatment() == Treatment.STRESS_RELIEF
                        || LoadPieces.step(file, row.treatment()).isPresent())
                .filter(file -> load.pieces().stream().noneMatch(piece -> piece.id() == file.id()))
                .filter(file -> !isDone(file, row.treatment()))
                .map(file -> {
                    LoadPiece piece = LoadPieces.of(file, row.treatment());
                    List<String> whyNot = load.whyNot(piece, units);
                    return new CandidateView(
                            file.id(),
                            file.name(),
                            file.jobTitle(),
                            piece.need().steel().designation(),
                            piece.length().nearest(Length.ofInches("0.1")).brieflyIn(units) + " long, "
                                    + piece.cover().words(),
                            whyNot);
                })
                .sorted(Comparator.comparingInt(
                                (CandidateView each) -> each.whyNot().size())
                        .thenComparing(CandidateView::name))
                .toList();
        long can = all.stream().filter(each -> each.whyNot().isEmpty()).count();
        return all.stream().limit(can + CANNOT_SHOWN).toList();
    }

    private static boolean isDone(PieceFile file, Treatment treatment) {
        return LoadPieces.step(file, treatment)
                .map(step -> file.progress().isDone(step.operation().key()))
                .orElse(false);
    }

    /** The whole heat is known before it is lit: whether this kiln can temper in time what it hardens. */
    private TemperView temper(Opened opened, Load load, Units units) {
        if (!load.treatment().isQuenched() || load.pieces().isEmpty()) {
            return new TemperView(true, List.of(), List.of());
        }
        List<TemperInTime.OtherKiln> others = fire.kilns().stream()
                .filter(kiln -> kiln.id() != opened.kiln().id())
                .map(kiln -> new TemperInTime.OtherKiln(
                        kiln.name(),
                        kiln.kiln(),
                        kilns.connected(kiln)
                                .status()
                                .shown()
                                .celsius()
                                .map(Temperature::ofCelsius)
                                .orElse(Kiln.SHOP)))
                .toList();
        TemperInTime inTime = TemperInTime.of(
                load, opened.row().heat(), load.pieces().get(0).need().tempering(), others, units);
        return new TemperView(inTime.isInTime(), inTime.working(), inTime.offers());
    }

    private SoakView soaking(LoadRow row, Optional<Soak> soak, Units units) {
        String counts = fire.counts().words();
        return soak.map(each -> new SoakView(
                        each.recoveredAt().isPresent(),
                        each.isCounting(),
                        Math.round(each.soaked()),
                        Math.round(each.sinceRecovery()),
                        row.soak().toSeconds(),
                        Temperature.ofCelsius(each.blade().celsius()).in(units),
                        counts,
                        each.drop().in(units),
                        each.interruptions()))
                .orElse(new SoakView(false, false, 0, 0, row.soak().toSeconds(), "", counts, "", 0));
    }

    private List<AheadView> ahead(Opened opened, Load load, Optional<Soak> soak) {
        Optional<Double> shown = kilns.connected(opened.kiln()).status().shown().celsius();
        if (!opened.row().isBurning() || shown.isEmpty() || load.pieces().isEmpty()) {
            return List.of();
        }
        List<LoadPiece> left = opened.stillIn().stream()
                .map(file -> LoadPieces.inside(file, load.treatment()))
                .toList();
        return Ahead.of(
                        new Load(load.treatment(), load.kiln(), left, load.cycle()),
                        opened.row().heat(),
                        opened.row().soak(),
                        Temperature.ofCelsius(shown.get()),
                        soak,
                        fire.counts())
                .stream()
                .map(each -> new AheadView(each.words(), each.in().toSeconds(), each.isOfTheKiln()))
                .toList();
    }
}
