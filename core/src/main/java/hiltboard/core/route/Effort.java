package hiltboard.core.route;

import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.measure.Length;
import java.util.List;

/**
 * What a kind of work usually takes at the bench: minutes that are always there, and minutes for each unit of what it
 * is done to. Common practice of small shops, from memory, for somebody who has done it often; a shop's own records
 * take their place. The names stay the same for ever.
 */
public enum Effort {
    // from the talk to a bar that is laid out
    APPROVE_OUTLINE(15),
    NUMBER_PIECE(5),
    PUNCH_NUMBER(5),
    SEE_FIRST_PIECE(5),
    PROVE_FIRST_PIECE(20),
    CHOOSE_STOCK(10),
    LAY_OUT(10, 1.2, Measure.WHOLE_INCHES),
    BUILD_FIXTURES(720),
    SET_FIXTURES(10),
    // forge
    CLEAN_BARS(40),
    STACK_BILLET(20),
    SEAL_EDGES(30),
    CAN_BILLET(75),
    WELD_BILLET(60),
    CROP_BILLET(30),
    RESTACK(240),
    KNOCK_CORNERS(15),
    TWIST(30),
    DRIFT_EYE(60),
    FORGE_BOLSTER(60),
    FORGE_TANG(30, 3, Measure.TANG_INCHES),
    FORGE_BLADE(40, 20, Measure.BLADE_INCHES),
    FORGE_HEAD(160, 25, Measure.BLADE_INCHES),
    NORMALISE(45),
    ANNEAL(15),
    CLEAN_FORGING(20, 2.8, Measure.BLADE_FACES),
    TEST_ETCH(15),
    GRIND_CLAD_FACES(10, 2, Measure.BLADE_FACES),
    // soft steel
    DRILL_TANG(15, 5, Measure.HOLES),
    REAM_DOWELS(10),
    DRILL_LIGHTENING(10, 5, Measure.LIGHTENING_HOLES),
    REAM_PIVOT(20),
    PROFILE(15, 3.5, Measure.WHOLE_INCHES),
    FILE_SHOULDERS(30, 4, Measure.TANG_INCHES),
    THREAD_TANG(30),
    TAPER_TANG(15, 5.5, Measure.HANDLE_INCHES),
    FILE_CHOIL(15),
    FILE_THUMB_GRIP(25),
    STAMP(10),
    SCRIBE_CENTRE_LINE(6, 1, Measure.BLADE_INCHES),
    GRIND_SOFT_BEVELS(30, 8, Measure.BLADE_FACES),
    ROUGH_BEVELS(20, 3.5, Measure.BLADE_FACES),
    MAKE_SPRING(60),
    FILE_SPRING_NOTCH(45),
    CUT_NICK(20),
    MILL_BLADE_POCKET(30),
    // heat
    SEND_OUT(20),
    BACK_FROM_TREATER(15),
    DEGREASE_FOR_FOIL(5),
    WRAP_FOIL(10),
    COAT_AGAINST_SCALE(15),
    DEGREASE_FOR_CLAY(5),
    APPLY_CLAY(20, 4, Measure.BLADE_INCHES),
    HARDEN(35, 1, Measure.BLADE_INCHES),
    FILE_TEST(5),
    COLD_TREAT(10),
    TEMPER(10),
    HARDEN_SPRING(30),
    TEMPER_SPRING(10),
    REMOVE_SCALE(8, 0.8, Measure.BLADE_FACES),
    SOFTEN_SPINE(20, 1.5, Measure.BLADE_INCHES),
    DRAW_BACK_EYE(30),
    SOFTEN_TANG_END(15),
    DRAW_THREAD(15),
    TEST_HARDNESS(10),
    STRAIGHTEN(12, 0.8, Measure.BLADE_INCHES),
    TRUE_TANG(10, 2, Measure.HANDLE_INCHES, On.HARD_STEEL),
    // the last grind and the finish
    CLEAN_UP_GRIND(15, 1.5, Measure.BLADE_FACES, On.HARD_STEEL),
    FINISH_GRIND(20, 4.5, Measure.BLADE_FACES, On.HARD_STEEL),
    GRIND_HARD_BEVELS(40, 11.5, Measure.BLADE_FACES, On.HARD_STEEL),
    EASE_CORNERS(8, 1, Measure.BLADE_INCHES),
    BELT_SATIN(15, 2.8, Measure.BLADE_FACES, On.HARD_STEEL),
    HAND_SATIN(30, 13, Measure.BLADE_FACES, On.HARD_STEEL),
    SAND_FOR_MIRROR(30, 16, Measure.BLADE_FACES, On.HARD_STEEL),
    BUFF_MIRROR(15, 2.8, Measure.BLADE_FACES),
    TEXTURE(10, 3, Measure.BLADE_FACES),
    SAND_TO_220(10, 2, Measure.BLADE_FACES, On.HARD_STEEL),
    SAND_TO_400(20, 5.5, Measure.BLADE_FACES, On.HARD_STEEL),
    SAND_TO_800(25, 9, Measure.BLADE_FACES, On.HARD_STEEL),
    SAND_TO_1500(30, 12, Measure.BLADE_FACES, On.HARD_STEEL),
    SAND_TO_2000(30, 15, Measure.BLADE_FACES, On.HARD_STEEL),
    MASK(15, 1.6, Measure.BLADE_FACES),
    TAPE_HANDLE(20),
    DEGREASE_FOR_ETCH(10),
    NEUTRALISE(10),
    TUMBLE(5),
    POLISH_BACK(20, 2.8, Measure.BLADE_FACES),
    ELECTRO_MARK(15),
    WRAP_BLADE(5),
    ETCH_GREY(15),
    ETCH_VALLEYS(40),
    ETCH_HAMON(60),
    ETCH_PATTERN(25, 5, Measure.BLADE_FACES),
    ETCH_CLAD(30),
    ETCH_MASKED(20),
    ETCH_DARK_STAINLESS(15),
    ETCH_DARK(25),
    // guard, tang and block
    SAND_RICASSO(30),
    MEASURE_TANG(10),
    MILL_GUARD_SLOT(50),
    HARDEN_GUARD(25),
    TEMPER_GUARD(10),
    FIT_GUARD(60),
    SHAPE_GUARD(60),
    FINISH_GUARD(45),
    MAKE_SPACER(30),
    OPEN_CAVITY(20, 5.5, Measure.HANDLE_INCHES),
    LIST_STACK(10),
    DRILL_ALIGNMENT(35),
    MAKE_END_CAP(35),
    CHASE_THREAD(10),
    MAKE_POMMEL_NUT(50),
    RELEASE_AGENT(10),
    BED_HANDLE(25),
    PULL_HANDLE(15),
    CURE_BED(5),
    SHAPE_OFF_KNIFE(40, 15.5, Measure.HANDLE_INCHES),
    CLEAN_RELEASE(15),
    // scales, glue and the shape of the handle
    FILL_VOIDS(30),
    FLATTEN_SCALES(20),
    LINE_SCALES(25),
    RELIEVE_SCALES(25),
    MAKE_BOLSTERS(75),
    PIN_BOLSTERS(30),
    DRILL_SCALES(10, 7, Measure.HOLES),
    MILL_SCALES(15, 5, Measure.HOLES),
    COUNTERBORE(10, 10, Measure.HOLES),
    FINISH_FRONTS(30),
    PIN_TEMPORARILY(15),
    SHAPE_ON_PINS(40, 15.5, Measure.HANDLE_INCHES),
    CUT_PINS(6, 4, Measure.HOLES),
    DRY_FIT(15),
    CLEAN_FOR_GLUE(10),
    GLUE_HANDLE(25),
    PEEN_TANG(20),
    CLEAN_SQUEEZE_OUT(10),
    CURE_HANDLE(5),
    ASSEMBLE_HANDLE(20),
    SHAPE_HANDLE(30, 15.5, Measure.HANDLE_INCHES),
    TOUCH_UP_HANDLE(12, 4, Measure.HANDLE_INCHES),
    SAND_HANDLE(10, 8, Measure.HANDLE_INCHES),
    SAND_HAFT(10, 2.5, Measure.HANDLE_INCHES),
    OIL_HANDLE(40),
    WAX_HANDLE(15),
    CLOSE_HANDLE(60),
    BUFF_HANDLE(30),
    WIPE_HANDLE(5),
    TAKE_HANDLE_OFF(45),
    // folders
    MAKE_SIDES(60),
    MAKE_PLATES(90),
    RELIEVE_SIDES(30),
    FIT_SPRING(60),
    GLUE_COVERS(25),
    SHAPE_SIDES(30, 11, Measure.HANDLE_INCHES),
    CUT_BEARING_POCKETS(40),
    MAKE_BACK_SPACER(40),
    CUT_LOCK_BAR(40),
    BEND_LOCK_BAR(15),
    PRESS_DETENT_BALL(20),
    FIT_STOP(40),
    FIT_LOCK(75),
    DRILL_DETENT(25),
    FIT_OVER_TRAVEL_STOP(25),
    MAKE_CLIP(60),
    TRY_ACTION(30),
    CLOSE_FOLDER(40),
    // axes
    MEASURE_EYE(15),
    CHOOSE_HAFT(10),
    SHAPE_HAFT(30, 4.3, Measure.HANDLE_INCHES),
    KERF_HAFT(10),
    FIT_HAFT(20),
    WEDGE_HAFT(15),
    // leather and formed plastic
    CUT_LEATHER(40),
    CUT_SHEET(15),
    PRESS_SHEATH(30),
    SET_EYELETS(20, 2, Measure.SEAM_INCHES),
    TRIM_SHEATH(30),
    PRIME_SHEATH(15),
    FINISH_SHEATH_INSIDE(30),
    TRIAL_FIT_SHEATH(15),
    CEMENT_SHEATH(15),
    CLOSE_SHEATH(15),
    STITCH_SHEATH(25, 12, Measure.SEAM_INCHES),
    WET_FORM(20),
    FINISH_SHEATH(45),
    FINISH_FORMED(20),
    FIT_SHEATH(10),
    // the edge and the hand-over
    READ_BRIEF(5),
    SHARPEN(15, 4.5, Measure.BLADE_INCHES),
    STROP(8, 1, Measure.BLADE_INCHES),
    TRY_EDGE(10),
    WRAP_EDGE(5),
    LAST_CHECK(20),
    HAND_OVER(20),
    PACK(30);

    /**
     * Hardness from which steel takes more grinding and sanding, and how much more for each point of Rockwell C over
     * it; from memory.
     */
    private static final int EASY_HRC = 58;

    private static final double MORE_FOR_A_POINT = 0.04;
    /** Large hard carbides: as much slower again; from memory. */
    private static final double WEAR_RESISTANT = 1.25;
    /** From here on minutes are said by fives: nobody guesses finer. */
    private static final int BY_FIVES_FROM = 20;

    private static final int FIVE = 5;
    private static final double BOTH_FACES = 2;
    /** A facet's line is kept crisp through every grit: it takes twice the time. Common practice. */
    private static final double CRISP = 2;
    /** A head narrows from edge to eye. */
    private static final double OF_AN_AXE = 0.7;

    private enum On {
        ANYTHING,
        HARD_STEEL
    }

    /** What an effort grows with. */
    public enum Measure {
        NOTHING(""),
        BLADE_INCHES("inch of blade"),
        BLADE_FACES("square inch of both faces"),
        WHOLE_INCHES("inch of the whole"),
        HANDLE_INCHES("inch of handle"),
        TANG_INCHES("inch of tang"),
        HOLES("hole"),
        LIGHTENING_HOLES("hole"),
        SEAM_INCHES("inch of seam");

        private final String words;

        Measure(String words) {
            this.words = words;
        }

        double of(Specification spec) {
            return switch (this) {
                case NOTHING -> 0;
                case BLADE_INCHES -> blade(spec).inches();
                case BLADE_FACES ->
                    blade(spec).inches() * width(spec).inches() * BOTH_FACES * (spec.isAxe() ? OF_AN_AXE : 1);
                case WHOLE_INCHES ->
                    blade(spec).inches() + (spec.isAxe() ? 0 : handle(spec).inches());
                case HANDLE_INCHES -> handle(spec).inches();
                case TANG_INCHES -> spec.length(SpecificationField.TANG_LENGTH).inches();
                case HOLES -> spec.count(SpecificationField.PIN_COUNT);
                case LIGHTENING_HOLES -> spec.count(SpecificationField.HOLE_COUNT);
                case SEAM_INCHES -> spec.aboutTheSeam().inches();
            };
        }

        private static Length blade(Specification spec) {
            return spec.length(spec.isAxe() ? SpecificationField.HEAD_LENGTH : SpecificationField.BLADE_LENGTH);
        }

        private static Length width(Specification spec) {
            return spec.length(spec.isAxe() ? SpecificationField.EDGE_LENGTH : SpecificationField.HEEL_WIDTH);
        }

        private static Length handle(Specification spec) {
            return spec.length(spec.isAxe() ? SpecificationField.HAFT_LENGTH : SpecificationField.HANDLE_LENGTH);
        }
    }

    private final int always;
    private final double each;
    private final Measure measure;
    private final boolean isOnHardSteel;

    Effort(int always) {
        this(always, 0, Measure.NOTHING);
    }

    Effort(int always, double each, Measure measure) {
        this(always, each, measure, On.ANYTHING);
    }

    Effort(int always, double each, Measure measure, On on) {
        this.always = always;
        this.each = each;
        this.measure = measure;
        this.isOnHardSteel = on == On.HARD_STEEL;
    }

    /** Hands-on minutes for such a piece; never fewer for one that is longer, wider, harder or has more holes. */
    public int minutes(Specification spec) {
        double minutes = (always + each * measure.of(spec))
                * (isOnHardSteel ? hardness(spec) : 1)
                * (isOnFacets() && spec.hasFacets() ? CRISP : 1);
        return minutes < BY_FIVES_FROM ? (int) Math.round(minutes) : (int) Math.round(minutes / FIVE) * FIVE;
    }

    private boolean isOnFacets() {
        return switch (this) {
            case SHAPE_ON_PINS, SHAPE_HANDLE, TOUCH_UP_HANDLE, SAND_HANDLE -> true;
            default -> false;
        };
    }

    /** What crisp facets take more of a maker's time on such a handle, in minutes; nothing where it has none. */
    public static int moreForFacets(Specification spec, List<Effort> efforts) {
        return spec.hasFacets()
                ? efforts.stream()
                        .filter(Effort::isOnFacets)
                        .mapToInt(effort -> effort.minutes(spec) / 2)
                        .sum()
                : 0;
    }

    private static double hardness(Specification spec) {
        double hrc = spec.steel().curve().at(spec.temperHeat()).orElse((double)
                spec.steel().temperedHrc());
        return (1 + MORE_FOR_A_POINT * Math.max(0, hrc - EASY_HRC))
                * (spec.steel().isWearResistant() ? WEAR_RESISTANT : 1);
    }

    /** Whether it grows with the piece. */
    public boolean isBySize() {
        return measure != Measure.NOTHING;
    }

    /** How the minutes come about, in words. */
    public String words() {
        String size = !isBySize() ? "" : " + " + plain(each) + " min for each " + measure.words;
        return always + " min" + size + (isOnHardSteel ? "; more on hard and wear-resistant steel" : "")
                + (isOnFacets() ? "; twice for crisp facets" : "");
    }

    private static String plain(double number) {
        return number == Math.rint(number) ? String.valueOf((int) number) : String.valueOf(number);
    }
}
