package hiltboard.core.design;

import hiltboard.core.field.Answer;
import hiltboard.core.glue.Adhesive;
import hiltboard.core.material.FittingMaterial;
import hiltboard.core.material.HandleMaterial;
import hiltboard.core.material.Quench;
import hiltboard.core.material.Steel;
import hiltboard.core.material.SteelLibrary;
import hiltboard.core.measure.Angle;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import hiltboard.core.sheath.Carry;
import hiltboard.core.sheath.Drain;
import hiltboard.core.sheath.Forming;
import hiltboard.core.sheath.Retention;
import hiltboard.core.sheath.SheathPattern;
import java.time.Duration;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;

/**
 * The agreed knife: one value for each question that is asked for its construction. Made by
 * {@link SpecificationReader}, so that it is complete and its values agree with each other.
 */
public final class Specification {
    /** The middle of 52 to 57 HRC for an axe's edge, and of 56 to 58 for a chopper's; common practice, from memory. */
    private static final int AXE_HRC = 55;

    private static final int CHOPPER_HRC = 57;
    private static final Length HANDLE_IN_THE_SHEATH = Length.ofInchFraction(1, 1);

    private final Map<SpecificationField, Answer<?>> values;
    private final SteelLibrary steels;

    /** @param values which may go on growing while they are read */
    private Specification(SteelLibrary steels, Map<SpecificationField, Answer<?>> values) {
        this.values = values;
        this.steels = steels;
    }

    Specification(Map<SpecificationField, Answer<?>> values, SteelLibrary steels) {
        this(steels, new EnumMap<>(SpecificationField.class));
        this.values.putAll(values);
    }

    /** What has been answered so far, seen while it grows. */
    static Specification soFar(Map<SpecificationField, Answer<?>> values, SteelLibrary steels) {
        return new Specification(steels, values);
    }

    /** Of which nothing is answered yet, in a shop with these steels. */
    public static Specification empty(SteelLibrary steels) {
        return new Specification(Map.of(), steels);
    }

    SteelLibrary steels() {
        return steels;
    }

    public Construction construction() {
        return choice(SpecificationField.CONSTRUCTION, Construction.class);
    }

    public Steel steel() {
        return steels.named((String) value(SpecificationField.STEEL)).orElseThrow();
    }

    /** What the spring of a slip joint is made of. */
    public Steel springSteel() {
        return steels.named((String) value(SpecificationField.SPRING_STEEL)).orElseThrow();
    }

    public Hand hand() {
        return choice(SpecificationField.HAND, Hand.class);
    }

    public Care care() {
        return choice(SpecificationField.CARE, Care.class);
    }

    public Destination destination() {
        return choice(SpecificationField.DESTINATION, Destination.class);
    }

    public Receiver receiver() {
        return choice(SpecificationField.RECEIVER, Receiver.class);
    }

    public boolean isPosted() {
        return destination() != Destination.HANDED_OVER;
    }

    public Grind grind() {
        return choice(SpecificationField.GRIND, Grind.class);
    }

    public BladePattern profile() {
        return choice(SpecificationField.PROFILE, BladePattern.class);
    }

    public BevelTiming bevels() {
        return choice(SpecificationField.BEVELS, BevelTiming.class);
    }

    public Notches notches() {
        return choice(SpecificationField.NOTCHES, Notches.class);
    }

    public Finish finish() {
        return choice(SpecificationField.FINISH, Finish.class);
    }

    public Mark mark() {
        return choice(SpecificationField.MARK, Mark.class);
    }

    public HandleMaterial handleMaterial() {
        return choice(SpecificationField.HANDLE_MATERIAL, HandleMaterial.class);
    }

    public boolean hasLeatherSheath() {
        return is(SpecificationField.SHEATH, SheathKind.LEATHER);
    }

    public boolean hasFormedSheath() {
        return is(SpecificationField.SHEATH, SheathKind.FORMED);
    }

    public boolean hasSheath() {
        return hasLeatherSheath() || hasFormedSheath();
    }

    /** Whether a sheath hangs at the belt: an axe's covers its edge only. */
    boolean hasSheathAtTheBelt() {
        return hasSheath() && !isAxe();
    }

    boolean hasBeltLoop() {
        return answers(SpecificationField.CARRY) && carry() != Carry.NONE;
    }

    public Carry carry() {
        return answers(SpecificationField.CARRY) ? choice(SpecificationField.CARRY, Carry.class) : Carry.NONE;
    }

    /** An axe's cover is sewn of two sides. */
    public SheathPattern sheathPattern() {
        return answers(SpecificationField.SHEATH_PATTERN)
                ? choice(SpecificationField.SHEATH_PATTERN, SheathPattern.class)
                : SheathPattern.TWO_PART;
    }

    public boolean isStrappedIn() {
        return is(SpecificationField.SHEATH_RETENTION, Retention.STRAP);
    }

    public boolean isWetFormed() {
        return is(SpecificationField.LEATHER_FORMING, Forming.WET);
    }

    public boolean hasDrain() {
        return is(SpecificationField.DRAIN, Drain.HOLE);
    }

    /** Whether a guard stands between blade and handle: no sheath goes over it. */
    public boolean hasGuard() {
        return construction() == Construction.HIDDEN_TANG;
    }

    public Hardening hardening() {
        return choice(SpecificationField.HARDENING, Hardening.class);
    }

    /** What it is quenched in: as usual for the steel unless the shop chose otherwise. */
    public Quench quench() {
        return switch (isSentOut() ? QuenchChoice.BY_STEEL : choice(SpecificationField.QUENCH, QuenchChoice.class)) {
            case BY_STEEL -> steel().quench();
            case FAST_OIL -> Quench.FAST_OIL;
            case MEDIUM_OIL -> Quench.MEDIUM_OIL;
            case WATER_THEN_OIL -> Quench.WATER_THEN_OIL;
            case PLATES -> Quench.PLATES_AND_AIR;
        };
    }

    /** How often it is tempered: two is usual for every steel that the program brings along. */
    public int tempers() {
        return switch (isSentOut() ? Tempers.BY_STEEL : choice(SpecificationField.TEMPERS, Tempers.class)) {
            case BY_STEEL, TWO -> 2;
            case ONE -> 1;
            case THREE -> 3;
        };
    }

    /** The heat of every temper. */
    public Temperature temperHeat() {
        return isSentOut() ? steel().tempering() : (Temperature) value(SpecificationField.TEMPER_HEAT);
    }

    /**
     * The heat that is usual for its steel and its use: what takes blows is tempered hotter, as far as the steel's
     * curve goes.
     */
    Temperature usualTemperHeat() {
        OptionalInt wanted = isAxe()
                ? OptionalInt.of(AXE_HRC)
                : use() == Use.CHOPPING ? OptionalInt.of(CHOPPER_HRC) : OptionalInt.empty();
        return wanted.stream()
                .boxed()
                .flatMap(hrc -> steel().curve().temperatureFor(hrc).stream())
                .findFirst()
                .map(Temperature::toFiveFahrenheit)
                .filter(heat -> heat.celsius() > steel().tempering().celsius())
                .orElse(steel().tempering());
    }

    public Duration temperTime() {
        return Duration.ofHours(isSentOut() ? 2 : count(SpecificationField.TEMPER_HOURS));
    }

    /** The cold that was chosen: as usual for the steel unless the shop said otherwise. */
    public ColdTreatment cold() {
        ColdTreatment chosen = isSentOut() ? ColdTreatment.NONE : choice(SpecificationField.COLD, ColdTreatment.class);
        return chosen != ColdTreatment.BY_STEEL
                ? chosen
                : steel().stainless() ? ColdTreatment.DRY_ICE : ColdTreatment.NONE;
    }

    public boolean isTakenCold() {
        return cold() != ColdTreatment.NONE;
    }

    public boolean isTakenColdBetweenTempers() {
        return is(SpecificationField.COLD_TURN, ColdTurn.BETWEEN_TEMPERS);
    }

    /** Whether the file tries it before the temper. */
    public boolean isFileTestedUntempered() {
        return is(SpecificationField.HARDNESS_TRIED, HardnessTried.BEFORE_TEMPER)
                || is(SpecificationField.HARDNESS_TRIED, HardnessTried.BOTH);
    }

    public boolean isHardnessTestedTempered() {
        return !is(SpecificationField.HARDNESS_TRIED, HardnessTried.BEFORE_TEMPER);
    }

    public boolean isDrilledAfterProfile() {
        return is(SpecificationField.DRILLING, Drilling.AFTER_PROFILE);
    }

    /** What a fitting is made of, by its question. */
    public FittingMaterial fitting(SpecificationField material) {
        return choice(material, FittingMaterial.class);
    }

    public FittingMaterial guardMaterial() {
        return choice(SpecificationField.GUARD_MATERIAL, FittingMaterial.class);
    }

    public boolean hasHardenedGuard() {
        return is(SpecificationField.GUARD_STATE, GuardState.HARDENED);
    }

    /** What closes the handle: as usual for the material unless the shop chose otherwise. */
    public HandleFinish handleFinish() {
        HandleFinish chosen = choice(SpecificationField.HANDLE_FINISH, HandleFinish.class);
        return chosen == HandleFinish.BY_MATERIAL ? HandleFinish.usualFor(handleMaterial()) : chosen;
    }

    public SharpenedWith sharpenedWith() {
        return choice(SpecificationField.SHARPENED_WITH, SharpenedWith.class);
    }

    public Use use() {
        return choice(SpecificationField.USE, Use.class);
    }

    /**
     * The angle of one side of the edge that is usual for its use, in whole degrees; an axe wants more, whatever it is
     * for.
     */
    int usualEdgeDegrees() {
        return isAxe() ? Use.FELLING.usualDegrees() : use().usualDegrees();
    }

    /** Whether it touches what is eaten, so that only food-safe oil comes on its blade. */
    public boolean isForFood() {
        return !isAxe() && (use() == Use.VEGETABLES || use() == Use.MEAT);
    }

    public EdgeTooth edgeTooth() {
        EdgeTooth chosen = choice(SpecificationField.EDGE_TOOTH, EdgeTooth.class);
        return chosen == EdgeTooth.BY_USE ? use().usualTooth() : chosen;
    }

    public boolean hasMicroBevel() {
        return is(SpecificationField.MICRO_BEVEL, MicroBevel.HONED);
    }

    /** Whether such an edge serves a use; an axe's edge is an axe's. */
    public boolean serves(Use asked) {
        return isAxe() || asked.isServedBy(count(SpecificationField.EDGE_ANGLE), edgeTooth());
    }

    public MarkTiming markTiming() {
        return choice(SpecificationField.MARK_TIMING, MarkTiming.class);
    }

    public Neutraliser neutraliser() {
        return choice(SpecificationField.NEUTRALISER, Neutraliser.class);
    }

    public HeldBy heldBy() {
        return choice(SpecificationField.HELD_BY, HeldBy.class);
    }

    public Adhesive adhesive() {
        return choice(SpecificationField.ADHESIVE, Adhesive.class);
    }

    public boolean isFullTang() {
        return construction() == Construction.FULL_TANG;
    }

    public boolean isHiddenTang() {
        return construction() == Construction.HIDDEN_TANG;
    }

    public boolean isMachined() {
        return construction() == Construction.MACHINED;
    }

    public boolean isAxe() {
        return construction().isAxe();
    }

    public boolean isFolder() {
        return construction().isFolder();
    }

    public boolean isSlipJoint() {
        return construction() == Construction.SLIP_JOINT;
    }

    public boolean isFrameLock() {
        return construction() == Construction.FRAME_LOCK;
    }

    /** Scales on both sides of a tang as wide as the handle. */
    public boolean hasScales() {
        return construction().hasScales();
    }

    /** A block over a tang that is narrower than the handle. */
    public boolean hasBlock() {
        return construction().hasBlock();
    }

    public boolean isPatternWelded() {
        return is(SpecificationField.STEEL_FORM, SteelForm.PATTERN_WELDED);
    }

    public boolean isLaminated() {
        return is(SpecificationField.STEEL_FORM, SteelForm.LAMINATED);
    }

    public boolean isTwisted() {
        return is(SpecificationField.PATTERN, Pattern.TWISTED);
    }

    /** Whether it comes out of a weld. */
    public boolean isFromBillet() {
        return isLaminated() || isPatternWelded();
    }

    /** Whether it goes through the forge before it is profiled. */
    public boolean isForged() {
        return isFromBillet() || is(SpecificationField.STEEL_FORM, SteelForm.FORGED);
    }

    public boolean isSentOut() {
        return is(SpecificationField.HARDENING, Hardening.OUTSIDE);
    }

    public boolean isClayCoated() {
        return is(SpecificationField.HARDENING, Hardening.CLAY);
    }

    public boolean isCoatedAgainstScale() {
        return is(SpecificationField.SCALE_GUARD, ScaleGuard.COATING);
    }

    /** Whether a steel that is quenched in a liquid goes into the heat in foil. */
    public boolean isFoiledAgainstScale() {
        return is(SpecificationField.SCALE_GUARD, ScaleGuard.FOIL);
    }

    /** Whether the job's school clamps a blade straight while it is still untempered. */
    public boolean isClampedInFirstTemper() {
        return is(SpecificationField.STRAIGHTENING, Straightening.IN_FIRST_TEMPER);
    }

    public boolean hasDistalTaper() {
        return is(SpecificationField.DISTAL_TAPER, DistalTaper.TAPERED);
    }

    public boolean hasTaperedTang() {
        return is(SpecificationField.TANG_TAPER, TangTaper.TAPERED);
    }

    public boolean hasLighteningHoles() {
        return is(SpecificationField.LIGHTENING, Lightening.HOLES);
    }

    public boolean hasScaleRelief() {
        return is(SpecificationField.SCALE_RELIEF, ScaleRelief.POCKET);
    }

    public boolean isHollowGround() {
        return is(SpecificationField.GRIND, Grind.HOLLOW);
    }

    public boolean isConvex() {
        return is(SpecificationField.GRIND, Grind.CONVEX);
    }

    public boolean hasChoil() {
        return answers(SpecificationField.NOTCHES) && notches() != Notches.NONE;
    }

    public boolean hasFingerGroove() {
        return answers(SpecificationField.GROOVE_DEPTH)
                && length(SpecificationField.GROOVE_DEPTH).isPositive();
    }

    public boolean hasLanyardTube() {
        return is(SpecificationField.LANYARD, Lanyard.TUBE);
    }

    /** Whether its profile is sawn out of a bar. */
    public boolean isCutFromBar() {
        return !isForged() && !isAxe();
    }

    /** Scales that come off with a driver. */
    public boolean hasRemovableScales() {
        return isMachined() || is(SpecificationField.FASTENING, Fastening.SCREWS);
    }

    public boolean hasShoulderedFasteners() {
        return is(SpecificationField.FASTENING, Fastening.SHOULDERED_FASTENERS);
    }

    /** Scales on pins. */
    public boolean isPinned() {
        return is(SpecificationField.FASTENING, Fastening.PINS);
    }

    /** Fasteners or screws whose heads sit in counterbores. */
    public boolean hasCounterbores() {
        return hasRemovableScales() || hasShoulderedFasteners();
    }

    public boolean isShapedOnTemporaryPins() {
        return is(SpecificationField.HANDLE_TURN, HandleTurn.TEMPORARY_PINS);
    }

    /** Whether the handle is on when the blade is etched: the job's school is the handle first. */
    public boolean isEtchedOnTheHandle() {
        return is(SpecificationField.HANDLE_TURN, HandleTurn.HANDLE_FIRST);
    }

    public boolean hasSpacer() {
        return spacers() > 0;
    }

    /** How many stand between guard or bolster and handle. */
    public int spacers() {
        return answers(SpecificationField.SPACER)
                ? choice(SpecificationField.SPACER, Spacing.class).count()
                : 0;
    }

    public boolean hasLinedScales() {
        return is(SpecificationField.SCALE_LINER, ScaleLiner.LINED);
    }

    /** One scale with its liner, as thick as it stands on the tang. */
    public Length scaleOnTang() {
        Length scale = length(SpecificationField.SCALE_THICKNESS);
        return hasLinedScales() ? scale.plus(length(SpecificationField.SCALE_LINER_THICKNESS)) : scale;
    }

    public boolean hasScaleBolsters() {
        return answers(SpecificationField.SCALE_BOLSTER) && !is(SpecificationField.SCALE_BOLSTER, ScaleBolster.NONE);
    }

    public boolean isDovetailed() {
        return is(SpecificationField.SCALE_BOLSTER, ScaleBolster.DOVETAILED);
    }

    /** How far a dovetailed bolster leans over its scale, off square. */
    public Angle dovetail() {
        return (Angle) value(SpecificationField.DOVETAIL_ANGLE);
    }

    public boolean hasFacets() {
        return is(SpecificationField.HANDLE_EDGES, HandleEdges.FACETED);
    }

    public boolean hasAlignmentPins() {
        return is(SpecificationField.ALIGNMENT_PINS, AlignmentPins.TWO);
    }

    public boolean isPeened() {
        return is(SpecificationField.HELD_BY, HeldBy.PEENED);
    }

    public boolean isTakeDown() {
        return is(SpecificationField.HELD_BY, HeldBy.TAKE_DOWN);
    }

    public boolean isBedded() {
        return is(SpecificationField.BEDDING, Bedding.BEDDED);
    }

    public boolean isReleasedByWax() {
        return is(SpecificationField.RELEASE_AGENT, ReleaseAgent.PASTE_WAX);
    }

    public boolean hasLiners() {
        return is(SpecificationField.SIDES, Sides.LINERS);
    }

    public boolean hasBladePocket() {
        return is(SpecificationField.POCKETS, BearingPockets.BOTH);
    }

    public boolean isTumbledWet() {
        return is(SpecificationField.TUMBLING, Tumbling.WET);
    }

    public boolean isSharpenedBeforeHandle() {
        return is(SpecificationField.SHARPENING, Sharpening.BEFORE_HANDLE);
    }

    public boolean startsAtSixtyGrit() {
        return is(SpecificationField.ABRASIVE_START, AbrasiveStart.GRIT_60);
    }

    /** Whether adhesive holds the handle or the covers. */
    public boolean isGlued() {
        return isFullTang() && !hasRemovableScales() || hasBlock() && heldBy() != HeldBy.TAKE_DOWN || hasLiners();
    }

    /**
     * About how long a sheath's seam is, to reckon hours with: beside the edge and round its end, and a little of the
     * handle; round the head of an axe. Common practice.
     */
    public Length aboutTheSeam() {
        Length along = isAxe()
                ? length(SpecificationField.HEAD_LENGTH).plus(length(SpecificationField.EDGE_LENGTH))
                : isFolder()
                        ? length(SpecificationField.HANDLE_LENGTH).times(2)
                        : length(SpecificationField.BLADE_LENGTH).plus(length(SpecificationField.HEEL_WIDTH));
        return along.plus(HANDLE_IN_THE_SHEATH);
    }

    /** How high the bevel reaches from the edge: the whole width for a full flat grind. */
    public Length bevelHeight() {
        return length(
                !isAxe() && grind() == Grind.FULL_FLAT
                        ? SpecificationField.HEEL_WIDTH
                        : SpecificationField.BEVEL_HEIGHT);
    }

    /** @throws IllegalStateException if the field is not asked for this construction */
    public Length length(SpecificationField field) {
        return (Length) value(field);
    }

    /** @throws IllegalStateException if the field is not asked for this construction */
    public int count(SpecificationField field) {
        return (Integer) value(field);
    }

    /**
     * Every answer as it is kept: lengths as exact millimetres, choices by name. Reading it again gives this
     * specification.
     */
    public Map<String, String> entries() {
        Map<String, String> entries = new LinkedHashMap<>();
        values.forEach((field, answer) -> entries.put(field.key(), answer.exactly()));
        return entries;
    }

    /** The same knife with one answer changed, where that is possible. */
    public Optional<Specification> with(SpecificationField field, String answer) {
        Map<String, String> entries = chosen();
        entries.put(field.key(), answer);
        return SpecificationReader.read(
                        SpecificationReader.completed(entries, Units.MILLIMETRE_CELSIUS),
                        Units.MILLIMETRE_CELSIUS,
                        steels)
                .specification();
    }

    /**
     * Every answer as it is kept, without the sizes that stand as other answers usually make them: changed answers read
     * with these give a knife on which such sizes have followed.
     */
    public Map<String, String> chosen() {
        Map<String, String> entries = entries();
        values.forEach((field, answer) -> {
            if (field.usualFor(this).filter(answer.value()::equals).isPresent()) {
                entries.remove(field.key());
            }
        });
        return entries;
    }

    /**
     * One answer as somebody of these units would type it, without losing anything: a size that is no round number of
     * their unit keeps its own. Empty if the question is not asked for this construction.
     */
    public String entryIn(String key, Units units) {
        return SpecificationField.withKey(key)
                .map(values::get)
                .map(answer -> answer.entry(units))
                .orElse("");
    }

    /** Whether a question is asked for this construction. */
    public boolean asks(SpecificationField field) {
        return values.containsKey(field);
    }

    /** One answer in a maker's words; empty if the question is not asked for this construction. */
    public String words(SpecificationField field, Units units) {
        return Optional.ofNullable(values.get(field))
                .map(answer -> answer.words(units)
                        + asUsual(field)
                                .map(usual -> ": " + usual.toLowerCase(Locale.ROOT))
                                .orElse(""))
                .orElse("");
    }

    /** What an answer that leaves it to something else comes to here; empty for an answer that says it itself. */
    private Optional<String> asUsual(SpecificationField field) {
        if (!value(field).toString().startsWith("BY_")
                || !answersAll(SpecificationField.STEEL, SpecificationField.HANDLE_MATERIAL, SpecificationField.USE)) {
            return Optional.empty();
        }
        return switch (field) {
            case QUENCH -> Optional.of(quench().words());
            case TEMPERS -> Optional.of(Tempers.TWO.words());
            case COLD -> Optional.of(cold().words());
            case HANDLE_FINISH -> Optional.of(handleFinish().words());
            case EDGE_TOOTH -> Optional.of(edgeTooth().words());
            default -> Optional.empty();
        };
    }

    public boolean answersAll(SpecificationField... fields) {
        return Stream.of(fields).allMatch(this::answers);
    }

    boolean answers(SpecificationField field) {
        return values.containsKey(field);
    }

    /** Whether the question was asked and answered so. */
    private boolean is(SpecificationField field, Enum<?> answer) {
        return answers(field) && answer.name().equals(value(field));
    }

    private <E extends Enum<E>> E choice(SpecificationField field, Class<E> type) {
        return Enum.valueOf(type, (String) value(field));
    }

    private Object value(SpecificationField field) {
        return Optional.ofNullable(values.get(field))
                .map(Answer::value)
                .orElseThrow(() -> new IllegalStateException(field.label() + " is not part of this specification"));
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Specification that && values.equals(that.values);
    }

    @Override
    public int hashCode() {
        return Objects.hash(values);
    }

    @Override
    public String toString() {
        return entries().toString();
    }
}
