package hiltboard.core.design;

import hiltboard.core.field.AngleWithin;
import hiltboard.core.field.Choice;
import hiltboard.core.field.Field;
import hiltboard.core.field.Kind;
import hiltboard.core.field.LengthWithin;
import hiltboard.core.field.Option;
import hiltboard.core.field.TemperatureWithin;
import hiltboard.core.field.WholeNumber;
import hiltboard.core.folder.BackSpring;
import hiltboard.core.glue.Adhesive;
import hiltboard.core.material.FittingMaterial;
import hiltboard.core.material.HandleMaterial;
import hiltboard.core.material.Steel;
import hiltboard.core.material.SteelLibrary;
import hiltboard.core.measure.ShopNotation;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import hiltboard.core.sheath.Carry;
import hiltboard.core.sheath.Drain;
import hiltboard.core.sheath.Forming;
import hiltboard.core.sheath.Retention;
import hiltboard.core.sheath.SheathPattern;
import hiltboard.core.sheath.SheathTemplate;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** The questions of the specification. */
public enum SpecificationField implements Field<Specification> {
    CONSTRUCTION(
            "construction",
            "Construction",
            "Knife",
            choice(Construction.class, Construction::words),
            always(),
            "FULL_TANG"),
    USE("use", "Used for", "Knife", choice(Use.class, Use::words), always(), "GENERAL"),
    HAND("hand", "Hand", "Knife", choice(Hand.class, Hand::words), always(), "RIGHT"),
    CARE("care", "How it is kept", "Knife", choice(Care.class, Care::words), always(), "WIPED_DRY"),
    DESTINATION(
            "destination",
            "How it gets there",
            "Knife",
            choice(Destination.class, Destination::words),
            always(),
            "HANDED_OVER"),
    RECEIVER("receiver", "Its owner is", "Knife", choice(Receiver.class, Receiver::words), always(), "ADULT"),
    STEEL_FORM(
            "steelForm",
            "Begins as",
            "Blade",
            choice(SteelForm.class, SteelForm::words),
            made(kind -> kind != Construction.MACHINED),
            "BAR"),
    PATTERN(
            "pattern",
            "Pattern",
            "Blade",
            choice(Pattern.class, Pattern::words),
            Specification::isPatternWelded,
            "STRAIGHT"),
    STEEL("steel", "Steel", "Blade", steels(SteelLibrary.KNOWN), always(), "1084"),
    STOCK_THICKNESS(
            "stockThickness", "Stock thickness", "Blade", length("1/16", "1/2"), made(kind -> !kind.isAxe()), "5/32"),
    BLADE_LENGTH("bladeLength", "Blade length", "Blade", length("1", "20"), made(kind -> !kind.isAxe()), "4"),
    HEEL_WIDTH("heelWidth", "Width at the heel", "Blade", length("3/8", "4"), made(kind -> !kind.isAxe()), "1-1/8"),
    HEAD_LENGTH("headLength", "Head, poll to edge", "Blade", length("2", "10"), made(Construction::isAxe), "5-1/2"),
    HEAD_THICKNESS(
            "headThickness", "Head thickness at the eye", "Blade", length("1/2", "2"), made(Construction::isAxe), "1"),
    CHEEK_THICKNESS(
            "cheekThickness",
            "Cheek where the bevel begins",
            "Blade",
            length("3/16", "3/4"),
            made(Construction::isAxe),
            "5/16"),
    EDGE_LENGTH("edgeLength", "Edge, heel to toe", "Blade", length("1", "7"), made(Construction::isAxe), "3"),
    EYE_LENGTH("eyeLength", "Eye, front to back", "Blade", length("1/2", "3"), made(Construction::isAxe), "1-3/4"),
    EYE_WIDTH("eyeWidth", "Eye width", "Blade", length("3/8", "1-1/2"), made(Construction::isAxe), "5/8"),
    GRIND("grind", "Grind", "Blade", choice(Grind.class, Grind::words), made(kind -> !kind.isAxe()), "FULL_FLAT"),
    BEVEL_HEIGHT(
            "bevelHeight",
            "Bevel height",
            "Blade",
            length("1/8", "4"),
            spec -> spec.isAxe() || spec.grind() != Grind.FULL_FLAT,
            UsualShape::bevelHeight),
    DISTAL_TAPER(
            "distalTaper",
            "Distal taper",
            "Blade",
            choice(DistalTaper.class, DistalTaper::words),
            made(kind -> !kind.isAxe()),
            "NONE"),
    TIP_THICKNESS(
            "tipThickness",
            "Thickness near the point",
            "Blade",
            length(".020", "3/8"),
            Specification::hasDistalTaper,
            "3/32"),
    EDGE_THICKNESS("edgeThickness", "Edge before sharpening", "Blade", length(".001", ".060"), always(), ".020"),
    BEVELS(
            "bevels",
            "Bevels are ground",
            "Blade",
            choice(BevelTiming.class, BevelTiming::words),
            always(),
            "ROUGH_THEN_FINISH"),
    ABRASIVE_START(
            "abrasiveStart",
            "First belt",
            "Blade",
            choice(AbrasiveStart.class, AbrasiveStart::words),
            always(),
            "GRIT_36"),
    HARDENING("hardening", "Hardened", "Blade", choice(Hardening.class, Hardening::words), always(), "IN_KILN"),
    TEMPERS(
            "tempers",
            "Tempered",
            "Blade",
            choice(Tempers.class, Tempers::words),
            spec -> !spec.isSentOut(),
            "BY_STEEL"),
    TEMPER_HOURS(
            "temperHours",
            "Each temper, hours",
            "Blade",
            new WholeNumber(1, 8),
            spec -> !spec.isSentOut(),
            spec -> spec.tempers() == 1 ? 4 : 2),
    TEMPER_HEAT(
            "temperHeat",
            "Tempering heat",
            "Blade",
            new TemperatureWithin(Temperature.ofFahrenheit(300), Temperature.ofFahrenheit(1200)),
            spec -> !spec.isSentOut(),
            Specification::usualTemperHeat),
    COLD(
            "cold",
            "Cold treatment",
            "Blade",
            choice(ColdTreatment.class, ColdTreatment::words),
            spec -> !spec.isSentOut(),
            "BY_STEEL"),
    COLD_TURN(
            "coldTurn",
            "The cold comes",
            "Blade",
            choice(ColdTurn.class, ColdTurn::words),
            spec -> spec.isTakenCold() && spec.tempers() > 1,
            "BEFORE_TEMPER"),
    HARDNESS_TRIED(
            "hardnessTried",
            "Hardness is tried",
            "Blade",
            choice(HardnessTried.class, HardnessTried::words),
            spec -> !spec.isSentOut(),
            "AFTER_TEMPER"),
    QUENCH(
            "quench",
            "Quench",
            "Blade",
            choice(QuenchChoice.class, QuenchChoice::words),
            spec -> !spec.isSentOut(),
            "BY_STEEL"),
    SCALE_GUARD(
            "scaleGuard",
            "Against scale",
            "Blade",
            choice(ScaleGuard.class, ScaleGuard::words),
            spec -> !spec.isSentOut() && !spec.steel().isAirHardening() && !spec.isClayCoated(),
            "NONE"),
    STRAIGHTENING(
            "straightening",
            "A warped blade is",
            "Blade",
            choice(Straightening.class, Straightening::words),
            spec -> !spec.isSentOut() && !spec.isAxe(),
            "AFTER_TEMPER"),
    DRILLING(
            "drilling",
            "Holes are drilled",
            "Blade",
            choice(Drilling.class, Drilling::words),
            made(kind -> kind == Construction.FULL_TANG || kind.isFolder()),
            "SQUARE_STOCK"),
    NOTCHES(
            "notches",
            "Notches",
            "Blade",
            choice(Notches.class, Notches::words),
            made(kind -> !kind.isAxe() && !kind.isFolder()),
            "CHOIL"),
    NICK_DEPTH(
            "nickDepth",
            "Depth of the nail nick",
            "Blade",
            length(".015", ".060"),
            made(kind -> kind == Construction.SLIP_JOINT),
            ".030"),
    FINISH("finish", "Finish", "Blade", choice(Finish.class, Finish::words), always(), "HAND_SATIN"),
    NEUTRALISER(
            "neutraliser",
            "Acid is stopped with",
            "Blade",
            choice(Neutraliser.class, Neutraliser::words),
            spec -> spec.finish().isEtched(),
            "BAKING_SODA"),
    TUMBLING(
            "tumbling",
            "Tumbled",
            "Blade",
            choice(Tumbling.class, Tumbling::words),
            spec -> spec.finish().isTumbled(),
            "DRY"),
    MARK("mark", "Mark", "Blade", choice(Mark.class, Mark::words), always(), "ELECTRO_ETCHED"),
    MARK_TIMING(
            "markTiming",
            "The mark goes on",
            "Blade",
            choice(MarkTiming.class, MarkTiming::words),
            spec -> spec.mark() == Mark.ELECTRO_ETCHED,
            "BEFORE_ACID"),
    EDGE_ANGLE(
            "edgeAngle",
            "Edge, degrees a side",
            "Edge",
            new WholeNumber(8, 40),
            always(),
            spec -> spec.usualEdgeDegrees()),
    EDGE_TOOTH("edgeTooth", "Left as", "Edge", choice(EdgeTooth.class, EdgeTooth::words), always(), "BY_USE"),
    MICRO_BEVEL("microBevel", "Micro bevel", "Edge", choice(MicroBevel.class, MicroBevel::words), always(), "NONE"),
    SHARPENED_WITH(
            "sharpenedWith",
            "Sharpened with",
            "Edge",
            choice(SharpenedWith.class, SharpenedWith::words),
            always(),
            "BELTS"),
    HANDLE_LENGTH("handleLength", "Handle length", "Handle", length("2", "10"), made(kind -> !kind.isAxe()), "4-1/2"),
    HAFT_LENGTH("haftLength", "Haft length", "Handle", length("8", "36"), made(Construction::isAxe), "14"),
    HANDLE_MATERIAL(
            "handleMaterial",
            "Handle material",
            "Handle",
            choice(HandleMaterial.class, HandleMaterial::words),
            always(),
            "WALNUT"),
    HANDLE_FINISH(
            "handleFinish",
            "Handle is finished with",
            "Handle",
            choice(HandleFinish.class, HandleFinish::words),
            always(),
            "BY_MATERIAL"),
    FASTENING(
            "fastening",
            "Scales are held by",
            "Handle",
            choice(Fastening.class, Fastening::words),
            made(kind -> kind == Construction.FULL_TANG),
            "PINS"),
    TANG_TAPER(
            "tangTaper",
            "Tang taper",
            "Handle",
            choice(TangTaper.class, TangTaper::words),
            made(kind -> kind == Construction.FULL_TANG),
            "NONE"),
    BUTT_THICKNESS(
            "buttThickness",
            "Tang thickness at the butt",
            "Handle",
            length("1/32", "3/8"),
            Specification::hasTaperedTang,
            "1/16"),
    LIGHTENING(
            "lightening",
            "Lightening",
            "Handle",
            choice(Lightening.class, Lightening::words),
            made(Construction::hasScales),
            "NONE"),
    SCALE_THICKNESS(
            "scaleThickness",
            "Scale thickness",
            "Handle",
            length("1/8", "3/4"),
            made(kind -> kind.hasScales() || kind == Construction.SLIP_JOINT),
            "3/8"),
    SCALE_RELIEF(
            "scaleRelief",
            "Inside of the scales",
            "Handle",
            choice(ScaleRelief.class, ScaleRelief::words),
            made(Construction::hasScales),
            "NONE"),
    SCALE_LINER(
            "scaleLiner",
            "Liners",
            "Handle",
            choice(ScaleLiner.class, ScaleLiner::words),
            made(Construction::hasScales),
            "NONE"),
    SCALE_LINER_MATERIAL(
            "scaleLinerMaterial",
            "Liner material",
            "Handle",
            choice(FittingMaterial.class, FittingMaterial::words),
            Specification::hasLinedScales,
            "VULCANISED_FIBRE"),
    SCALE_LINER_THICKNESS(
            "scaleLinerThickness",
            "Liner thickness",
            "Handle",
            length("1/64", "1/8"),
            Specification::hasLinedScales,
            "1/32"),
    SCALE_BOLSTER(
            "scaleBolster",
            "Bolsters",
            "Handle",
            choice(ScaleBolster.class, ScaleBolster::words),
            made(kind -> kind == Construction.FULL_TANG),
            "NONE"),
    SCALE_BOLSTER_MATERIAL(
            "scaleBolsterMaterial",
            "Bolster material",
            "Handle",
            thickFittings(),
            Specification::hasScaleBolsters,
            "NICKEL_SILVER"),
    SCALE_BOLSTER_LENGTH(
            "scaleBolsterLength",
            "Bolster, front to back",
            "Handle",
            length("1/4", "1-1/2"),
            Specification::hasScaleBolsters,
            "7/16"),
    DOVETAIL_ANGLE(
            "dovetailAngle",
            "Dovetail, off square",
            "Handle",
            AngleWithin.of("5", "30"),
            Specification::isDovetailed,
            "15"),
    BOLSTER_PIN(
            "bolsterPin",
            "Bolster’s pins, diameter",
            "Handle",
            hole("1/16", "3/16"),
            Specification::hasScaleBolsters,
            "3/32"),
    PIN_COUNT("pinCount", "Pins", "Handle", new WholeNumber(1, 6), made(Construction::hasScales), "2"),
    PIN_DIAMETER("pinDiameter", "Pin diameter", "Handle", hole("1/16", "3/8"), made(Construction::hasScales), "1/4"),
    HANDLE_HOLLOW(
            "handleHollow",
            "Deepest hollow of the finished handle",
            "Handle",
            length(".010", "1/4"),
            Specification::hasCounterbores,
            "1/16"),
    HANDLE_TURN(
            "handleTurn",
            "Handle is shaped",
            "Handle",
            choice(HandleTurn.class, HandleTurn::words),
            spec -> spec.finish().isEtched()
                    && (spec.construction() == Construction.FULL_TANG && !spec.hasRemovableScales() || spec.hasBlock()),
            "BLADE_FIRST"),
    TANG_WIDTH(
            "tangWidth",
            "Tang width at the guard",
            "Handle",
            length("1/4", "1-1/2"),
            made(Construction::hasBlock),
            ".690"),
    GUARD_MATERIAL(
            "guardMaterial",
            "Guard material",
            "Handle",
            thickFittings(),
            made(kind -> kind == Construction.HIDDEN_TANG),
            "BRASS"),
    GUARD_THICKNESS(
            "guardThickness",
            "Guard thickness",
            "Handle",
            length("1/16", "1/2"),
            made(kind -> kind == Construction.HIDDEN_TANG),
            "3/8"),
    GUARD_STATE(
            "guardState",
            "Guard is",
            "Handle",
            choice(GuardState.class, GuardState::words),
            spec -> spec.isHiddenTang() && spec.guardMaterial().isHardenable(),
            "SOFT"),
    SPACER("spacer", "Spacer", "Handle", choice(Spacing.class, Spacing::words), made(Construction::hasBlock), "ONE"),
    SPACER_MATERIAL(
            "spacerMaterial",
            "Spacer material",
            "Handle",
            choice(FittingMaterial.class, FittingMaterial::words),
            Specification::hasSpacer,
            "NICKEL_SILVER"),
    SPACER_THICKNESS(
            "spacerThickness", "Spacer thickness", "Handle", length("1/32", "1/2"), Specification::hasSpacer, "1/8"),
    ALIGNMENT_PINS(
            "alignmentPins",
            "Alignment pins",
            "Handle",
            choice(AlignmentPins.class, AlignmentPins::words),
            made(kind -> kind == Construction.HIDDEN_TANG),
            "NONE"),
    HELD_BY(
            "heldBy",
            "Handle is held by",
            "Handle",
            choice(HeldBy.class, HeldBy::words),
            made(Construction::hasBlock),
            "GLUE"),
    CAP_THICKNESS("capThickness", "End cap, thick", "Handle", length("1/16", "1/2"), Specification::isPeened, "1/8"),
    NUT_THREAD("nutThread", "Thread inside the nut", "Handle", length("3/16", "1"), Specification::isTakeDown, "3/8"),
    BEDDING(
            "bedding",
            "Tang is",
            "Handle",
            choice(Bedding.class, Bedding::words),
            spec -> spec.hasBlock() && spec.heldBy() == HeldBy.GLUE,
            "GLUED_AT_ONCE"),
    RELEASE_AGENT(
            "releaseAgent",
            "Release agent",
            "Handle",
            choice(ReleaseAgent.class, ReleaseAgent::words),
            Specification::isBedded,
            "PASTE_WAX"),
    SIDES(
            "sides",
            "Sides",
            "Handle",
            choice(Sides.class, Sides::words),
            made(kind -> kind == Construction.SLIP_JOINT),
            "LINERS"),
    SPRING_STEEL(
            "springSteel",
            "Steel of the spring",
            "Handle",
            springSteels(SteelLibrary.KNOWN),
            made(kind -> kind == Construction.SLIP_JOINT),
            "1075"),
    LINER_THICKNESS(
            "linerThickness", "Liner thickness", "Handle", length("1/64", "1/8"), Specification::hasLiners, ".050"),
    PIVOT_DIAMETER(
            "pivotDiameter", "Pivot diameter", "Handle", hole("1/16", "3/8"), made(Construction::isFolder), "1/8"),
    PLATE_THICKNESS(
            "plateThickness",
            "Plate thickness",
            "Handle",
            length("3/32", "1/4"),
            made(kind -> kind == Construction.FRAME_LOCK),
            "5/32"),
    POCKETS(
            "pockets",
            "Bearing pockets",
            "Handle",
            choice(BearingPockets.class, BearingPockets::words),
            made(kind -> kind == Construction.FRAME_LOCK),
            "HANDLE_ONLY"),
    WASHER_THICKNESS(
            "washerThickness",
            "Bearing washer",
            "Handle",
            length(".005", ".040"),
            made(kind -> kind == Construction.FRAME_LOCK),
            ".020"),
    BALL_DIAMETER(
            "ballDiameter",
            "Bearing ball",
            "Handle",
            length("1/32", "1/8"),
            made(kind -> kind == Construction.FRAME_LOCK),
            "1/16"),
    ACTION_CLEARANCE(
            "actionClearance",
            "Clearance a side",
            "Handle",
            length(".005", ".070"),
            made(kind -> kind == Construction.FRAME_LOCK),
            ".020"),
    ADHESIVE(
            "adhesive",
            "Adhesive",
            "Handle",
            choice(Adhesive.class, Adhesive::words),
            Specification::isGlued,
            "SLOW_EPOXY"),
    SHARPENING(
            "sharpening",
            "The edge goes on",
            "Edge",
            choice(Sharpening.class, Sharpening::words),
            made(kind -> kind == Construction.FULL_TANG),
            "LAST"),
    SHEATH("sheath", "Sheath", "Sheath", choice(SheathKind.class, SheathKind::words), always(), "NONE"),
    SHEATH_PATTERN(
            "sheathPattern",
            "Sheath is cut as",
            "Sheath",
            choice(SheathPattern.class, SheathPattern::words),
            Specification::hasSheathAtTheBelt,
            "FOLDED"),
    HANDLE_IN_SHEATH(
            "handleInSheath",
            "Handle goes in by",
            "Sheath",
            length("0", "6"),
            spec -> spec.hasSheathAtTheBelt() && !spec.hasGuard() && !spec.isFolder(),
            "1"),
    SHEATH_RETENTION(
            "sheathRetention",
            "Held in its sheath by",
            "Sheath",
            choice(Retention.class, Retention::words),
            spec -> spec.hasSheathAtTheBelt() && !spec.isFolder(),
            "FIT"),
    CARRY(
            "carry",
            "Sheath is carried",
            "Sheath",
            choice(Carry.class, Carry::words),
            Specification::hasSheathAtTheBelt,
            "UPRIGHT"),
    BELT_WIDTH("beltWidth", "Belt, width", "Sheath", length("1/2", "4"), Specification::hasBeltLoop, "1-1/2"),
    LEATHER_WEIGHT(
            "leatherWeight",
            "Leather, ounces",
            "Sheath",
            new WholeNumber(2, 16),
            Specification::hasLeatherSheath,
            spec -> SheathTemplate.usualOunces(spec.isFolder())),
    LEATHER_FORMING(
            "leatherForming",
            "Leather",
            "Sheath",
            choice(Forming.class, Forming::words),
            Specification::hasLeatherSheath,
            "WET"),
    STITCH_PITCH(
            "stitchPitch",
            "From stitch to stitch",
            "Sheath",
            length("1/16", "3/8"),
            Specification::hasLeatherSheath,
            "4 mm"),
    SHEATH_SHEET(
            "sheathSheet",
            "Sheet, thickness",
            "Sheath",
            length("1/32", "3/16"),
            Specification::hasFormedSheath,
            ".080"),
    EYELET("eyelet", "Eyelets, hole", "Sheath", length("1/8", "1/2"), Specification::hasFormedSheath, "1/4"),
    EYELET_PITCH(
            "eyeletPitch",
            "From eyelet to eyelet",
            "Sheath",
            length("1/2", "3"),
            Specification::hasFormedSheath,
            "1-1/8"),
    DRAIN(
            "drain",
            "Drain at the point",
            "Sheath",
            choice(Drain.class, Drain::words),
            Specification::hasSheathAtTheBelt,
            "HOLE"),

    PROFILE(
            "profile",
            "Blade pattern",
            "Blade outline",
            choice(BladePattern.class, BladePattern::words),
            made(kind -> !kind.isAxe()),
            "DROP"),
    RICASSO(
            "ricasso",
            "Ricasso",
            "Blade outline",
            length("1/32", "4"),
            made(kind -> !kind.isAxe()),
            UsualShape::ricasso),
    RICASSO_WIDTH(
            "ricassoWidth",
            "Width at the ricasso",
            "Blade outline",
            length("1/4", "4"),
            made(kind -> !kind.isAxe()),
            UsualShape::ricassoWidth),
    CHOIL_RADIUS(
            "choilRadius",
            "Choil, radius",
            "Blade outline",
            length("1/32", "1/2"),
            Specification::hasChoil,
            UsualShape::choilRadius),
    SPINE_BREAK(
            "spineBreak",
            "Spine turns, from the point",
            "Blade outline",
            length("1/8", "20"),
            made(kind -> !kind.isAxe()),
            UsualShape::spineBreak),
    POINT_DROP(
            "pointDrop",
            "Point below the spine",
            "Blade outline",
            length("-2", "4"),
            made(kind -> !kind.isAxe()),
            UsualShape::pointDrop),
    SPINE_BOW(
            "spineBow",
            "Bow of the spine",
            "Blade outline",
            length("0", "3"),
            made(kind -> !kind.isAxe()),
            UsualShape::spineBow),
    BELLY_START(
            "bellyStart",
            "Belly begins, from the point",
            "Blade outline",
            length("1/8", "20"),
            made(kind -> !kind.isAxe()),
            UsualShape::bellyStart),
    BELLY_DEPTH(
            "bellyDepth",
            "Belly lower than the heel",
            "Blade outline",
            length("0", "2"),
            made(kind -> !kind.isAxe()),
            UsualShape::bellyDepth),
    BELLY_BOW(
            "bellyBow",
            "Bow of the belly",
            "Blade outline",
            length("0", "3"),
            made(kind -> !kind.isAxe()),
            UsualShape::bellyBow),
    SWEDGE("swedge", "Swedge, from the point", "Blade outline", length("0", "10"), made(kind -> !kind.isAxe()), "0"),
    WHEEL_DIAMETER(
            "wheelDiameter",
            "Hollow, on a wheel of",
            "Section",
            length("2", "400"),
            Specification::isHollowGround,
            UsualShape::wheelDiameter),
    CONVEX_BULGE(
            "convexBulge",
            "Bulge of the bevel, each side",
            "Section",
            length("0", "1/16"),
            Specification::isConvex,
            UsualShape::convexBulge),
    CORE_THICKNESS(
            "coreThickness",
            "Hard core, thick",
            "Section",
            length("1/64", "3/8"),
            spec -> spec.isLaminated() && !spec.isAxe(),
            UsualShape::coreThickness),
    CLAD_LAYERS(
            "cladLayers",
            "Layers beside the core",
            "Section",
            new WholeNumber(1, 9),
            spec -> spec.isLaminated() && !spec.isAxe(),
            "1"),

    FRONT_WIDTH(
            "frontWidth",
            "Width at the front",
            "Handle outline",
            length("1/4", "4"),
            made(kind -> !kind.isAxe()),
            UsualShape::frontWidth),
    WAIST_WIDTH(
            "waistWidth",
            "Waist behind the first finger",
            "Handle outline",
            length("1/4", "4"),
            made(kind -> !kind.isAxe()),
            UsualShape::waistWidth),
    WAIST_AT(
            "waistAt",
            "Waist, from the front",
            "Handle outline",
            length("1/8", "9"),
            made(kind -> !kind.isAxe()),
            UsualShape::waistAt),
    SWELL_WIDTH(
            "swellWidth",
            "Palm swell",
            "Handle outline",
            length("1/4", "4"),
            made(kind -> !kind.isAxe()),
            UsualShape::swellWidth),
    SWELL_AT(
            "swellAt",
            "Palm swell, from the front",
            "Handle outline",
            length("1/4", "9"),
            made(kind -> !kind.isAxe()),
            UsualShape::swellAt),
    NECK_WIDTH(
            "neckWidth",
            "Neck before the butt",
            "Handle outline",
            length("1/4", "4"),
            made(kind -> !kind.isAxe()),
            UsualShape::neckWidth),
    BUTT_WIDTH(
            "buttWidth",
            "Width at the butt",
            "Handle outline",
            length("1/4", "4"),
            made(kind -> !kind.isAxe()),
            UsualShape::buttWidth),
    BUTT_DROP(
            "buttDrop",
            "Drop of the butt",
            "Handle outline",
            length("-1", "3"),
            made(kind -> !kind.isAxe()),
            UsualShape::buttDrop),
    HANDLE_ARCH(
            "handleArch",
            "Arch of the back",
            "Handle outline",
            length("-1/2", "1"),
            made(kind -> !kind.isAxe()),
            UsualShape::handleArch),
    BUTT_ROUND(
            "buttRound",
            "Butt, radius of its corners",
            "Handle outline",
            length("0", "2"),
            made(kind -> !kind.isAxe()),
            UsualShape::buttRound),
    GROOVE_DEPTH(
            "grooveDepth",
            "Finger groove, deep",
            "Handle outline",
            length("0", "1/2"),
            made(kind -> !kind.isAxe()),
            "0"),
    GROOVE_RADIUS(
            "grooveRadius",
            "Finger groove, wheel radius",
            "Handle outline",
            length("1/4", "3"),
            Specification::hasFingerGroove,
            "1/2"),
    GROOVE_AT(
            "grooveAt",
            "Finger groove, from the front",
            "Handle outline",
            length("1/4", "9"),
            Specification::hasFingerGroove,
            UsualShape::waistAt),

    HANDLE_THICKNESS(
            "handleThickness",
            "Handle thickness at the swell",
            "Handle section",
            length("1/4", "2"),
            made(Construction::hasBlock),
            "7/8"),
    ENDS_THINNER(
            "endsThinner",
            "Thinner at front and butt by",
            "Handle section",
            length("0", "1/2"),
            made(kind -> !kind.isAxe() && !kind.isFolder()),
            "1/16"),
    HANDLE_ROUNDING(
            "handleRounding",
            "Rounding of the handle, radius",
            "Handle section",
            length("0", "1"),
            made(kind -> !kind.isAxe() && !kind.isFolder()),
            UsualShape::handleRounding),
    HANDLE_EDGES(
            "handleEdges",
            "Handle’s edges",
            "Handle section",
            choice(HandleEdges.class, HandleEdges::words),
            made(kind -> !kind.isAxe() && !kind.isFolder()),
            "ROUNDED"),
    BOLSTER_LENGTH(
            "bolsterLength",
            "Bolster, front to back",
            "Tang and fittings",
            length("1/8", "2"),
            made(kind -> kind == Construction.INTEGRAL),
            "1/2"),
    TANG_LENGTH(
            "tangLength",
            "Tang length",
            "Tang and fittings",
            length("1", "10"),
            made(Construction::hasBlock),
            UsualShape::tangLength),
    TANG_END_WIDTH(
            "tangEndWidth",
            "Tang width at its end",
            "Tang and fittings",
            length("1/8", "1-1/2"),
            made(Construction::hasBlock),
            UsualShape::tangEndWidth),
    GUARD_OVERHANG(
            "guardOverhang",
            "Guard beyond the blade",
            "Tang and fittings",
            length("0", "1-1/2"),
            made(kind -> kind == Construction.HIDDEN_TANG),
            "1/8"),
    GUARD_WIDTH(
            "guardWidth",
            "Guard, side to side",
            "Tang and fittings",
            length("1/4", "2"),
            made(kind -> kind == Construction.HIDDEN_TANG),
            "3/4"),
    HOLE_COUNT(
            "holeCount",
            "Lightening holes",
            "Tang and fittings",
            new WholeNumber(1, 12),
            Specification::hasLighteningHoles,
            "3"),
    HOLE_DIAMETER(
            "holeDiameter",
            "Lightening holes, diameter",
            "Tang and fittings",
            length("1/8", "3/4"),
            Specification::hasLighteningHoles,
            UsualShape::holeDiameter),
    LANYARD(
            "lanyard",
            "Lanyard",
            "Tang and fittings",
            choice(Lanyard.class, Lanyard::words),
            made(Construction::hasScales),
            "NONE"),
    TUBE_DIAMETER(
            "tubeDiameter",
            "Lanyard tube, diameter",
            "Tang and fittings",
            length("1/8", "1/2"),
            Specification::hasLanyardTube,
            "1/4"),
    BAR_WIDTH(
            "barWidth",
            "Bar width",
            "Tang and fittings",
            length("1/2", "8"),
            Specification::isCutFromBar,
            UsualShape::barWidth);

    /** The numbers that the blade's profile is ground to. */
    public static final Set<SpecificationField> BLADE_OUTLINE = Collections.unmodifiableSet(EnumSet.of(
            BLADE_LENGTH,
            HEEL_WIDTH,
            PROFILE,
            RICASSO,
            RICASSO_WIDTH,
            SPINE_BREAK,
            POINT_DROP,
            SPINE_BOW,
            BELLY_START,
            BELLY_DEPTH,
            BELLY_BOW));

    /** The numbers that the handle's outline is shaped to. */
    public static final Set<SpecificationField> HANDLE_OUTLINE = Collections.unmodifiableSet(EnumSet.of(
            HANDLE_LENGTH,
            FRONT_WIDTH,
            WAIST_WIDTH,
            WAIST_AT,
            SWELL_WIDTH,
            SWELL_AT,
            NECK_WIDTH,
            BUTT_WIDTH,
            BUTT_DROP,
            HANDLE_ARCH,
            BUTT_ROUND,
            GROOVE_DEPTH,
            GROOVE_RADIUS,
            GROOVE_AT));

    /** The numbers that the handle is rounded to. */
    public static final Set<SpecificationField> HANDLE_SECTION =
            Collections.unmodifiableSet(EnumSet.of(HANDLE_THICKNESS, ENDS_THINNER, HANDLE_ROUNDING, HANDLE_EDGES));

    private final String key;
    private final String label;
    private final String group;
    private final Kind<?> kind;
    private final Predicate<Specification> asked;
    private final String usual;
    private final Optional<Function<Specification, Object>> byRule;

    SpecificationField(
            String key, String label, String group, Kind<?> kind, Predicate<Specification> asked, String usual) {
        this(key, label, group, kind, asked, usual, Optional.empty());
    }

    /** A number that is usually as other answers make it. */
    SpecificationField(
            String key,
            String label,
            String group,
            Kind<?> kind,
            Predicate<Specification> asked,
            Function<Specification, Object> byRule) {
        this(key, label, group, kind, asked, "", Optional.of(byRule));
    }

    SpecificationField(
            String key,
            String label,
            String group,
            Kind<?> kind,
            Predicate<Specification> asked,
            String usual,
            Optional<Function<Specification, Object>> byRule) {
        this.key = key;
        this.label = label;
        this.group = group;
        this.kind = kind;
        this.asked = asked;
        this.usual = usual;
        this.byRule = byRule;
    }

    public static Optional<SpecificationField> withKey(String key) {
        return Arrays.stream(values()).filter(field -> field.key.equals(key)).findFirst();
    }

    @Override
    public String key() {
        return key;
    }

    @Override
    public String label() {
        return label;
    }

    /** The part of the knife that the question is about. */
    @Override
    public String group() {
        return group;
    }

    @Override
    public Kind<?> kind(Specification known) {
        return kind(known.steels());
    }

    /** What it takes in a shop with these steels. */
    public Kind<?> kind(SteelLibrary steels) {
        return this == STEEL && steels != SteelLibrary.KNOWN
                ? steels(steels)
                : this == SPRING_STEEL && steels != SteelLibrary.KNOWN ? springSteels(steels) : kind;
    }

    /** What a guard or a bolster is made of: more than a sheet. */
    private static Choice thickFittings() {
        return new Choice(Arrays.stream(FittingMaterial.values())
                .filter(material -> material != FittingMaterial.VULCANISED_FIBRE)
                .map(material -> new Option(material.name(), material.words()))
                .toList());
    }

    private static Choice steels(SteelLibrary steels) {
        return steels(steels.all().stream());
    }

    private static Choice springSteels(SteelLibrary steels) {
        return steels(steels.all().stream()
                .filter(steel -> new BackSpring(steel).tempering().isPresent()));
    }

    private static Choice steels(Stream<Steel> steels) {
        return new Choice(steels.map(steel -> new Option(steel.designation(), steel.words()))
                .toList());
    }

    /** Whether a change of the answer changes the outline, the use, the look or the price that the client agreed to. */
    public boolean concernsClient() {
        return switch (this) {
            case CHOIL_RADIUS,
                    CORE_THICKNESS,
                    CLAD_LAYERS,
                    TANG_LENGTH,
                    TANG_END_WIDTH,
                    HOLE_COUNT,
                    HOLE_DIAMETER,
                    LEATHER_WEIGHT,
                    STITCH_PITCH,
                    SHEATH_SHEET,
                    EYELET,
                    EYELET_PITCH,
                    DRAIN,
                    BAR_WIDTH -> false;
            case CONSTRUCTION,
                    HAND,
                    STEEL_FORM,
                    PATTERN,
                    STEEL,
                    BLADE_LENGTH,
                    HEEL_WIDTH,
                    HEAD_LENGTH,
                    EDGE_LENGTH,
                    GRIND,
                    EDGE_THICKNESS,
                    NOTCHES,
                    FINISH,
                    MARK,
                    HANDLE_LENGTH,
                    HAFT_LENGTH,
                    HANDLE_MATERIAL,
                    HANDLE_FINISH,
                    USE,
                    FASTENING,
                    PIN_COUNT,
                    PIN_DIAMETER,
                    GUARD_MATERIAL,
                    SPACER,
                    SPACER_MATERIAL,
                    HELD_BY,
                    SIDES,
                    SCALE_LINER,
                    SCALE_LINER_MATERIAL,
                    SCALE_BOLSTER,
                    SCALE_BOLSTER_MATERIAL,
                    SCALE_BOLSTER_LENGTH,
                    SHEATH -> true;
            default -> compareTo(SHEATH) > 0;
        };
    }

    @Override
    public Optional<Object> usualFor(Specification known) {
        return byRule.map(rule -> rule.apply(known));
    }

    @Override
    public boolean isUsuallyByRule() {
        return byRule.isPresent();
    }

    /** What a form starts with, in shop notation; empty where it follows from other answers. */
    public String usual() {
        return usual;
    }

    /** Whoever sends it back unchanged gives the usual answer itself, not a rounded one. */
    @Override
    public String usual(Specification known, Units units) {
        return usualIn(units);
    }

    /** As {@link #usual(Specification, Units)}. */
    String usualIn(Units units) {
        return kind instanceof LengthWithin && !usual.isEmpty()
                ? ShopNotation.inches(usual).entryIn(units)
                : usual;
    }

    @Override
    public boolean isAsked(Specification known) {
        return asked.test(known);
    }

    private static Predicate<Specification> always() {
        return spec -> true;
    }

    private static Predicate<Specification> made(Predicate<Construction> kind) {
        return spec -> kind.test(spec.construction());
    }

    private static <E extends Enum<E>> Choice choice(Class<E> type, Function<E, String> words) {
        return Choice.of(type, words);
    }

    private static LengthWithin length(String least, String most) {
        return LengthWithin.of(least, most);
    }

    private static LengthWithin hole(String least, String most) {
        return LengthWithin.ofHole(least, most);
    }
}
