package hiltboard.server.grind;

import hiltboard.core.blade.BladeSection;
import hiltboard.core.design.Grind;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.design.Use;
import hiltboard.core.field.Option;
import hiltboard.core.fire.WheelHeat;
import hiltboard.core.grind.BladePlace;
import hiltboard.core.grind.EdgeByUse;
import hiltboard.core.grind.Grit;
import hiltboard.core.grind.GritLadder;
import hiltboard.core.grind.GroundAt;
import hiltboard.core.grind.Removal;
import hiltboard.core.grind.Removal.Done;
import hiltboard.core.grind.Removal.Pace;
import hiltboard.core.grind.Removal.Work;
import hiltboard.core.grind.RemovalSheet;
import hiltboard.core.grind.RemovalSheet.Stage;
import hiltboard.core.grind.Side;
import hiltboard.core.grind.SidesCompared;
import hiltboard.core.grind.SidesCompared.Touch;
import hiltboard.core.grind.Standing;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Volume;
import hiltboard.core.measure.Worked;
import hiltboard.server.WorkedView;
import hiltboard.server.access.Person;
import hiltboard.server.grind.GrindService.Tool;
import hiltboard.server.grind.GroundRepository.UseRow;
import hiltboard.server.grind.GroundRepository.What;
import hiltboard.server.job.Drawing;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.stock.AbrasiveStock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What the grinder's room shows of a piece; belongs into a transaction of the caller. */
@Component
class GrindRoom {
    /** From so many of the last blades the shop's pace is read. */
    private static final int LAST_BLADES = 9;

    private final PieceFiles files;
    private final GroundRepository ground;
    private final AbrasiveStock stock;

    GrindRoom(PieceFiles files, GroundRepository ground, AbrasiveStock stock) {
        this.files = files;
        this.ground = ground;
        this.stock = stock;
    }

    /** @param isNext whether this belt is at work now */
    record BeltStageView(String key, String words, WorkedView edge, boolean isHard, boolean isNext) {}

    /**
     * A cut across the blade as SVG paths in millimetres, y downwards, its edge at zero and its centre line at x = 0.
     *
     * @param x from the heel
     * @param core thickness of a clad blade's hard core, nothing where it is not clad
     * @param stock as it was before; {@code now} as measured; {@code wanted} after this belt; {@code finished} at the
     *     end
     */
    record CutView(
            double x,
            double width,
            double thickness,
            String stock,
            String now,
            String wanted,
            String finished,
            double core,
            List<String> facts) {}

    /**
     * One size that is measured.
     *
     * @param key by which it is sent
     * @param measured empty while it was not
     * @param standing how it stands to this belt's size, in a word, with {@code why} beside it
     * @param doubt why the reading can hardly be; empty where it can
     */
    record SizeView(
            String key, String label, String measured, String wanted, String standing, String why, String doubt) {}

    record PlaceView(
            String place,
            String words,
            double share,
            @Nullable CutView section,
            List<SizeView> sizes) {}

    /** @param place where along the blade, and which side, LEFT or RIGHT */
    record TouchView(String place, String side, String words) {}

    record RemovalView(WorkedView volume, WorkedView time) {}

    record LadderView(String words, List<String> steps, List<String> cautions) {}

    record UsedView(String grit, String tool, String lot, boolean isNew, String by, long atMillis) {}

    /** @param why it is not for this blade; empty where it is */
    record BeltView(long lot, String words, String left, String grit, String why) {}

    record EdgeView(String use, String origin, @Nullable WorkedView thickness, WorkedView angle, String agreed) {}

    /** What a maker needs at the belt. */
    record AtTheBelt(String dips, LadderView ladder, List<UsedView> used, List<BeltView> belts, List<Option> tools) {}

    /** @param isAtWork whether bevels are still to be ground on it */
    record GrindView(
            long id,
            String name,
            List<BeltStageView> stages,
            String stage,
            List<PlaceView> places,
            double bevelFrom,
            double bevelTo,
            List<TouchView> touch,
            boolean isAtWork,
            boolean isHard,
            @Nullable RemovalView work,
            AtTheBelt belt,
            EdgeView edge) {}

    GrindView view(long id, Person person) {
        Units units = person.units();
        GroundPiece piece = piece(id, units);
        Stage stage = piece.stage();
        return new GrindView(
                id,
                piece.file().name(),
                piece.stages().stream()
                        .map(each -> new BeltStageView(
                                each.key(),
                                each.words(),
                                WorkedView.of(each.edge(), units),
                                each.isHard(),
                                stage.equals(each)))
                        .toList(),
                stage.key(),
                Arrays.stream(BladePlace.values())
                        .map(place -> place(piece, place, units))
                        .toList(),
                piece.blade()
                        .map(blade -> blade.station(0).fromHeel().millimetres())
                        .orElse(0d),
                piece.blade()
                        .map(blade -> blade.profile().length().millimetres())
                        .orElse(0d),
                touches(piece, units),
                piece.isAtWork(),
                piece.isHard(),
                piece.blade().map(blade -> work(piece, blade, units)).orElse(null),
                belt(piece, units),
                edge(piece, units));
    }

    private GroundPiece piece(long id, Units units) {
        return new GroundPiece(files.open(id), ground.readings(id), units);
    }

    /** A cut anywhere along the blade; empty for an axe. @param share of the way from plunge to point */
    Optional<CutView> section(long id, double share, Person person) {
        return section(piece(id, person.units()), share, person.units());
    }

    private static Optional<CutView> section(GroundPiece piece, double share, Units units) {
        return piece.now().map(now -> {
            BladeSection blade = now.blade();
            GroundAt measured = now.at(share);
            GroundAt finished = GroundAt.designed(blade, share, blade.edge());
            GroundAt wanted =
                    GroundAt.designed(blade, share, piece.stage().edge().value());
            return new CutView(
                    blade.station(share).fromHeel().millimetres(),
                    measured.width().millimetres(),
                    finished.spine().millimetres(),
                    Drawing.closed(GroundAt.designed(Removal.unground(blade), share, blade.stock())
                            .outline()),
                    Drawing.closed(measured.outline()),
                    Drawing.closed(wanted.outline()),
                    Drawing.closed(finished.outline()),
                    piece.core(),
                    facts(blade, share, measured, units));
        });
    }

    private static List<String> facts(BladeSection blade, double share, GroundAt now, Units units) {
        return List.of(
                blade.station(share).fromHeel().asTaped(units).brieflyIn(units) + " from the heel",
                "spine " + now.spine().asRead(units).in(units) + ", edge "
                        + now.edge().asRead(units).in(units),
                "bevel left " + now.left().asRead(units).in(units) + ", right "
                        + now.right().asRead(units).in(units),
                "angle left " + now.angle(Side.LEFT).in(units) + ", right "
                        + now.angle(Side.RIGHT).in(units));
    }

    private static PlaceView place(GroundPiece piece, BladePlace place, Units units) {
        List<SizeView> sizes = new ArrayList<>();
        Length edge = piece.stage().edge().value();
        sizes.add(size(piece, place, What.EDGE, "Edge", Optional.of(edge), Standing::ofThickness, units));
        Optional<BladeSection.Station> drawn = piece.blade().map(blade -> blade.station(place.share()));
        sizes.add(size(
                piece,
                place,
                What.SPINE,
                "Spine",
                drawn.map(BladeSection.Station::thickness).map(piece::spine),
                Standing::ofThickness,
                units));
        Optional<Length> height = drawn.map(BladeSection.Station::bevelHeight);
        sizes.add(size(piece, place, What.LEFT, "Bevel left", height, Standing::ofHeight, units));
        sizes.add(size(piece, place, What.RIGHT, "Bevel right", height, Standing::ofHeight, units));
        if (place == BladePlace.HEEL) {
            sizes.add(size(piece, place, What.PLUNGE_LEFT, "Plunge left", Optional.empty(), Standing::ofHeight, units));
            sizes.add(
                    size(piece, place, What.PLUNGE_RIGHT, "Plunge right", Optional.empty(), Standing::ofHeight, units));
        }
        return new PlaceView(
                place.name(),
                place.words(),
                place.share(),
                section(piece, place.share(), units).orElse(null),
                sizes);
    }

    @FunctionalInterface
    private interface Held {
        Standing against(Length measured, Length wanted, Units units);
    }

    private static SizeView size(
            GroundPiece piece,
            BladePlace place,
            What what,
            String label,
            Optional<Length> wanted,
            Held held,
            Units units) {
        Optional<Length> measured = piece.measured(place, what);
        Optional<Standing> standing =
                measured.flatMap(length -> wanted.map(target -> held.against(length, target, units)));
        return new SizeView(
                GrindService.key(place, what),
                label,
                measured.map(length -> length.in(units)).orElse(""),
                wanted.map(length -> length.asRead(units).in(units)).orElse(""),
                standing.map(each -> each.where().words()).orElse(""),
                standing.map(Standing::words).orElse(""),
                piece.lessBefore(place, what)
                        .map(before -> before.asRead(units).in(units)
                                + " was read before: steel does not come back. Measure again.")
                        .orElse(""));
    }

    /** What the sides differ in, from the heel to the point. */
    private static List<TouchView> touches(GroundPiece piece, Units units) {
        Stream<TouchView> plunge = piece.measured(BladePlace.HEEL, What.PLUNGE_LEFT).stream()
                .flatMap(left -> piece.measured(BladePlace.HEEL, What.PLUNGE_RIGHT).stream()
                        .map(right -> new SidesCompared.Pair(left, right)))
                .flatMap(pair -> SidesCompared.plunges(pair, units).stream())
                .map(touch -> touch(BladePlace.HEEL, touch));
        Stream<TouchView> heights = piece.blade().stream()
                .flatMap(blade ->
                        Arrays.stream(BladePlace.values()).flatMap(place -> heights(piece, blade, place, units)));
        return Stream.concat(plunge, heights).toList();
    }

    private static Stream<TouchView> heights(GroundPiece piece, BladeSection blade, BladePlace place, Units units) {
        Length line = blade.station(place.share()).bevelHeight();
        return piece.measured(place).heights().stream()
                .flatMap(pair -> SidesCompared.heights(pair, place, line, units)
                        .map(touch -> touch(place, touch))
                        .or(() -> SidesCompared.pastTheLine(pair, place, line, units)
                                .map(words -> new TouchView(place.name(), "", words)))
                        .stream());
    }

    private static TouchView touch(BladePlace place, Touch touch) {
        return new TouchView(place.name(), touch.side().name(), touch.words());
    }

    /** What is still to come off in this heat, and how long that is. */
    private RemovalView work(GroundPiece piece, BladeSection blade, Units units) {
        boolean isHard = piece.isHard();
        Length end = piece.last(isHard).map(stage -> stage.edge().value()).orElse(piece.edgeNow());
        int belts = RemovalSheet.next(piece.stages(), isHard, piece.edgeNow())
                .map(stage -> piece.ladder(stage, Optional.empty()).grits().size())
                .orElse(0);
        Volume volume = Removal.between(withEdge(blade, piece.edgeNow()), withEdge(blade, end));
        return new RemovalView(
                WorkedView.of(
                        Worked.of(
                                volume,
                                "Both bevels, from an edge of "
                                        + piece.edgeNow().in(units) + " to " + end.in(units)),
                        units),
                WorkedView.of(Pace.of(done(isHard)).time(new Work(volume, belts, isHard)), units));
    }

    private static BladeSection withEdge(BladeSection blade, Length edge) {
        return edge.compareTo(blade.stock()) >= 0
                ? Removal.unground(blade)
                : new BladeSection(
                        blade.profile(),
                        blade.stock(),
                        blade.tip(),
                        edge,
                        blade.bevelHeight(),
                        blade.face(),
                        blade.swedge());
    }

    private List<Done> done(boolean isHard) {
        return ground.ground(isHard ? GroundPiece.HARD_STEP : GroundPiece.SOFT_STEP, LAST_BLADES).stream()
                .flatMap(step -> {
                    GroundPiece done = new GroundPiece(files.open(step.piece()), List.of(), Units.MILLIMETRE_CELSIUS);
                    return done.blade().stream()
                            .map(blade -> new Done(
                                    new Work(off(done, blade, isHard), done.belts(isHard), isHard), step.attended()));
                })
                .toList();
    }

    private static Volume off(GroundPiece piece, BladeSection blade, boolean isHard) {
        Length before = piece.last(false).map(stage -> stage.edge().value()).orElse(piece.body());
        return isHard
                ? Removal.between(withEdge(blade, before), withEdge(blade, piece.wanted()))
                : Removal.between(Removal.unground(blade), withEdge(blade, before));
    }

    private AtTheBelt belt(GroundPiece piece, Units units) {
        List<UseRow> uses = ground.uses(piece.file().id());
        Optional<Grit> reached = uses.stream()
                .flatMap(use -> Grit.named(use.grit()).stream())
                .reduce((one, other) -> one.isCoarserThan(other) ? other : one);
        GritLadder ladder = piece.ladder(piece.stage(), reached);
        boolean isStainless = piece.file().specification().steel().stainless();
        return new AtTheBelt(
                WheelHeat.dips(piece.isHard()),
                new LadderView(ladder.words(), ladder.steps(units), ladder.cautions()),
                uses.stream()
                        .map(use -> new UsedView(
                                use.grit(),
                                Tool.valueOf(use.tool()).words(),
                                use.lot(),
                                use.isNew(),
                                use.by(),
                                use.atMillis()))
                        .toList(),
                stock.all(units).stream()
                        .map(belts -> new BeltView(
                                belts.lot(),
                                belts.words(),
                                belts.left(),
                                belts.grit().map(Grit::name).orElse(""),
                                notFor(belts, isStainless)))
                        .toList(),
                Arrays.stream(Tool.values())
                        .map(tool -> new Option(tool.name(), tool.words()))
                        .toList());
    }

    /** Cautious practice, unproven: steel dust in a belt may start rust on stainless. */
    private static String notFor(AbrasiveStock.Belts belts, boolean isStainless) {
        if (belts.isForStainless() != isStainless) {
            return isStainless ? "not one that is kept for stainless" : "kept for stainless";
        }
        return belts.isWorn() ? "worn: for scale and corners" : "";
    }

    private EdgeView edge(GroundPiece piece, Units units) {
        Specification spec = piece.file().specification();
        EdgeByUse habit = habits().get(spec.isAxe() ? Use.FELLING : spec.use());
        EdgeByUse.Blade blade =
                new EdgeByUse.Blade(spec.steel(), piece.hardness(), spec.isAxe() ? Grind.CONVEX : spec.grind());
        return new EdgeView(
                habit.use().words(),
                habit.origin(),
                habit.behindTheEdge(blade, units)
                        .map(worked -> WorkedView.of(worked, units))
                        .orElse(null),
                WorkedView.of(habit.angle(blade), units),
                spec.length(SpecificationField.EDGE_THICKNESS).in(units));
    }

    /** By use: the shop's own where it has one, else the usual. */
    Map<Use, EdgeByUse> habits() {
        Map<Use, EdgeByUse> own =
                ground.habits().stream().collect(Collectors.toMap(EdgeByUse::use, Function.identity()));
        return Arrays.stream(Use.values())
                .collect(Collectors.toMap(
                        Function.identity(),
                        use -> own.getOrDefault(use, EdgeByUse.usual(use)),
                        (a, b) -> a,
                        () -> new EnumMap<>(Use.class)));
    }
}
