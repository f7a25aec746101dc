package hiltboard.server.etch;

import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specification;
import hiltboard.core.etch.Bath;
import hiltboard.core.etch.BathAge;
import hiltboard.core.etch.BathAge.Factor;
import hiltboard.core.etch.BathField;
import hiltboard.core.etch.Liquid;
import hiltboard.core.etch.Neutralising;
import hiltboard.core.etch.Neutralising.Soda;
import hiltboard.core.etch.Strength;
import hiltboard.core.etch.Vessel;
import hiltboard.core.field.Option;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.LiquidVolume;
import hiltboard.core.measure.TimeRange;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Volume;
import hiltboard.core.measure.Worked;
import hiltboard.server.FieldView;
import hiltboard.server.WorkedView;
import hiltboard.server.access.Person;
import hiltboard.server.etch.BathAges.BathUse;
import hiltboard.server.etch.BathRepository.BathRow;
import hiltboard.server.etch.BathRepository.Care;
import hiltboard.server.etch.TankRunRepository.RunRow;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What pages show of the baths; belongs into a transaction of the caller. */
@Component
class BathViews {
    /** What the fields look at before anybody has answered. */
    private static final Bath USUAL = Bath.ofKept(Map.of(BathField.LIQUID.key(), Liquid.FERRIC_WATER.name()));

    private final TankRunRepository runs;
    private final BathRepository baths;
    private final BathAges ages;
    private final PieceFiles files;
    private final TankService service;

    BathViews(TankRunRepository runs, BathRepository baths, BathAges ages, PieceFiles files, TankService service) {
        this.runs = runs;
        this.baths = baths;
        this.ages = ages;
        this.files = files;
        this.service = service;
    }

    /** @param spent how much of what it can eat it has eaten; empty where nobody can say */
    record BathLineView(
            long id,
            String name,
            String liquid,
            String strength,
            String volume,
            String place,
            String free,
            String temperature,
            String age,
            String longer,
            boolean isGuess,
            boolean isSpent,
            boolean etches,
            int inIt) {}

    List<BathLineView> lines(Units units) {
        List<RunRow> open = runs.open();
        return baths.baths().stream()
                .map(row -> line(row, ages.of(row), open, units))
                .toList();
    }

    private static BathLineView line(BathRow row, BathAge age, List<RunRow> open, Units units) {
        Bath bath = row.bath();
        Factor factor = age.factor();
        return new BathLineView(
                row.id(),
                bath.name(),
                bath.liquid().words(),
                bath.strength().map(Strength::words).orElse(""),
                bath.volume().in(units),
                bath.words(BathField.PLACE),
                bath.words(BathField.FREE),
                bath.temperature().map(heat -> heat.in(units)).orElse(""),
                age.spent().map(share -> Math.round(share * 100) + " % spent").orElse(""),
                bath.liquid().etches() ? longer(factor) : "",
                factor.isGuess(),
                factor.isSpent(),
                bath.liquid().etches(),
                (int) open.stream()
                        .filter(run -> run.run().bath() == row.id() && run.isAtTheTank())
                        .count());
    }

    /** {@code 1.5 times as long (1.2–1.8): two trials in this bath}. */
    static String longer(Factor factor) {
        if (factor.most() == 1) {
            return factor.words();
        }
        return String.format(
                Locale.ROOT,
                "%.1f times as long as fresh (%.1f–%.1f), %s",
                factor.likely(),
                factor.least(),
                factor.most(),
                factor.words());
    }

    /**
     * A bath as it may be chosen.
     *
     * @param toCover what has to stand in it so that the blade is covered, where its vessel is known
     * @param tooShallow why it cannot be covered; empty where it can
     */
    record BathChoice(
            long id,
            String name,
            String longer,
            String liquid,
            boolean isTried,
            @Nullable WorkedView toCover,
            String tooShallow) {}

    List<BathChoice> choices(PieceFile file, Units units) {
        return baths.baths().stream()
                .filter(row -> row.bath().liquid().etches())
                .map(row -> choice(row, file, units))
                .toList();
    }

    private BathChoice choice(BathRow row, PieceFile file, Units units) {
        Optional<WorkedView> toCover = Optional.empty();
        String tooShallow = "";
        try {
            toCover =
                    row.bath().vessel().map(vessel -> WorkedView.of(cover(vessel, file.specification(), units), units));
        } catch (ImpossibleQuantity impossible) {
            tooShallow = impossible.words(units);
        }
        return new BathChoice(
                row.id(),
                row.bath().name(),
                longer(ages.of(row).factor()),
                row.bath().liquid().words(),
                service.isTried(file, row),
                toCover.orElse(null),
                tooShallow);
    }

    /** A blade hangs in a tube and lies in a trough. */
    private static Worked<LiquidVolume> cover(Vessel vessel, Specification spec, Units units) {
        Length deep = vessel.along().isEmpty()
                ? TankService.reach(spec)
                : KnifeShape.bar(spec).width();
        return vessel.toCover(deep, steel(spec), units);
    }

    private static Volume steel(Specification spec) {
        return new Volume(spec.steel().density().volumeOf(KnifeShape.steelInFire(spec, true)));
    }

    /** A blade that was in it. @param depth as it was measured, or a guess, in words */
    record BathUseView(
            long piece,
            String pieceName,
            String recipe,
            String area,
            String time,
            String depth,
            String by,
            long atMillis) {}

    record BathCareView(long id, String words, String by, long atMillis) {}

    record CouponView(
            long id,
            String steel,
            String fresh,
            String took,
            boolean isRight,
            String words,
            String by,
            long atMillis) {}

    /**
     * A bath with all that is written down of it.
     *
     * @param entries what the fields were answered with, as the reader would type it
     * @param firstPart what goes into such a mixture, with {@code secondPart}
     */
    record BathView(
            BathLineView line,
            int version,
            String goneTo,
            List<FieldView> fields,
            Map<String, String> entries,
            @Nullable WorkedView spent,
            @Nullable WorkedView firstPart,
            @Nullable WorkedView secondPart,
            String firstName,
            String secondName,
            String holds,
            List<BathUseView> uses,
            List<BathCareView> cares,
            List<CouponView> coupons,
            List<Option> careChoices,
            List<String> cautions,
            String waste,
            @Nullable WorkedView soda) {}

    List<FieldView> fields(Units units) {
        return BathField.all().stream()
                .map(field -> FieldView.of(field, USUAL, units))
                .toList();
    }

    BathView bath(long id, Person person) {
        Units units = person.units();
        BathRow row = baths.bath(id);
        Bath bath = row.bath();
        BathAge age = ages.of(row);
        return new BathView(
                line(row, age, runs.open(), units),
                row.version(),
                row.goneTo().orElse(""),
                fields(units),
                BathField.all().stream().collect(Collectors.toMap(BathField::key, field -> bath.entry(field, units))),
                bath.liquid().isFerric() && bath.strength().isPresent()
                        ? WorkedView.of(age.spentWorked(units), units)
                        : null,
                bath.parts()
                        .map(parts -> WorkedView.of(parts.first(bath.volume(), units), units))
                        .orElse(null),
                bath.parts()
                        .map(parts -> WorkedView.of(parts.second(bath.volume(), units), units))
                        .orElse(null),
                bath.liquid().first(),
                bath.liquid().second(),
                bath.vessel()
                        .map(vessel -> vessel.holds().in(units) + (vessel.isSlender() ? ", tall and narrow" : ""))
                        .orElse(""),
                ages.uses(row).stream().map(use -> use(use, units)).toList(),
                baths.cares(id).stream()
                        .map(care -> new BathCareView(
                                care.id(),
                                care.care().words() + (care.words().isEmpty() ? "" : ": " + care.words()),
                                care.by(),
                                care.atMillis()))
                        .toList(),
                baths.coupons(id).stream()
                        .map(coupon -> new CouponView(
                                coupon.id(),
                                coupon.steel(),
                                seconds(coupon.freshSeconds()),
                                seconds(coupon.tookSeconds()),
                                coupon.isRight(),
                                coupon.words(),
                                coupon.by(),
                                coupon.atMillis()))
                        .toList(),
                Arrays.stream(Care.values())
                        .map(care -> new Option(care.name(), care.words()))
                        .toList(),
                bath.liquid().cautions(),
                bath.liquid().waste(),
                bath.liquid().isFerric()
                        ? bath.strength()
                                .map(strength -> WorkedView.of(
                                        new Neutralising(strength, bath.volume(), Soda.BAKING_SODA).needed(units),
                                        units))
                                .orElse(null)
                        : null);
    }

    private static String seconds(long seconds) {
        return TimeRange.of(Duration.ofSeconds(seconds)).words();
    }

    private BathUseView use(BathUse use, Units units) {
        boolean isMeasured = use.run().rated().flatMap(rated -> rated.depth()).isPresent();
        return new BathUseView(
                use.run().run().piece(),
                files.open(use.run().run().piece()).name(),
                use.run().run().recipe().name(),
                String.format(Locale.ROOT, "%.0f cm²", use.run().run().area() / 100),
                TimeRange.of(use.time().plusMillis(1)).words(),
                String.format(Locale.ROOT, "%.1f µm%s", use.depthMicrometres(), isMeasured ? "" : ", a guess"),
                use.run().by(),
                use.run().begunAtMillis());
    }
}
