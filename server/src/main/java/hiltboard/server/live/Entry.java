package hiltboard.server.live;

import java.util.Optional;

/**
 * What is written into the journal of a change.
 *
 * @param about what the change made or touched, by its own number; zero if nothing has one
 */
public record Entry(Kind kind, Optional<Long> job, Optional<Long> piece, String words, long about) {

    /** What kind of change; pages announce some of them. */
    public enum Kind {
        SHOP_OPENED,
        SHOP_RESTORED,
        TAKEN_ALONG,
        CLIENT_FORGOTTEN,
        PERSON_ADDED,
        PERSON_CHANGED,
        UNITS_CHOSEN,
        JOB_TAKEN,
        PROMISE_CHANGED,
        SPECIFICATION_CHANGED,
        CHANGE_DROPPED,
        PIECE_DESCRIBED,
        PIECE_MARKED,
        PIECE_ADDED,
        BRIEF_CHANGED,
        DAY_SAID,
        STEP_STARTED,
        REST_STARTED,
        REST_UP,
        WINDOW_OPEN,
        WINDOW_CLOSING,
        STEP_DONE,
        STEP_REOPENED,
        STEP_TAKEN_BACK,
        STEP_PUT_DOWN,
        STEP_PICKED_UP,
        PUT_ON,
        READING_TAKEN,
        READING_STRUCK,
        TAKEN_AS_IT_IS,
        GATE_OVERRIDDEN,
        HELD,
        RELEASED,
        WENT_WRONG,
        SCRAPPED,
        HANDED_OVER,
        NOTE_WRITTEN,
        NOTE_STRUCK,
        PHOTO_TAKEN,
        PRICE_SET,
        REVISION_KEPT,
        LINK_MADE,
        LINK_WITHDRAWN,
        APPROVED,
        CLIENT_WISHED,
        CLIENT_SAID,
        PROPOSAL_PUT,
        PROPOSAL_TAKEN,
        SKETCH_TAKEN,
        UPDATES_CHOSEN,
        LETTER_WRITTEN,
        STOCK_RECEIVED,
        STOCK_DESCRIBED,
        STOCK_PROMISED,
        STOCK_RELEASED,
        STOCK_TAKEN,
        STOCK_COUNTED,
        STOCK_CLAIMED,
        STOCK_ORDERED,
        SUPPLY_CHOSEN,
        BAR_PLANNED,
        BAR_CUT,
        BILLET_BEGUN,
        BILLET_CHANGED,
        BILLET_STEP_DONE,
        BILLET_STEP_REOPENED,
        BILLET_FLAW,
        BILLET_FINISHED,
        BILLET_DROPPED,
        MACHINE_KEPT,
        TRIP_PLANNED,
        KILN_KEPT,
        KILN_CHECKED,
        FIRE_PLANNED,
        FIRE_CHANGED,
        FIRE_LIT,
        FIRE_SOAKED,
        FIRE_OVER,
        ALARM,
        ALARM_ANSWERED,
        HARDNESS_TESTED,
        WARP_MEASURED,
        GROUND_MEASURED,
        ABRASIVE_USED,
        EDGE_HABIT_SET,
        EDGE_TRIED,
        HOLE_MEASURED,
        CUTTER_USED,
        BATH_KEPT,
        COUPON_TRIED,
        ETCH_RECIPE_KEPT,
        TANK_MOMENT,
        MASK_DRAWN,
        STENCIL_KEPT,
        MARK_MOMENT,
        FERRIC_MADE,
        FITTED,
        GLUED,
        ADHESIVE_SHEET_KEPT,
        SHEATH_TRIED,
        LEATHER_MARKED,
        SENT_OUT,
        CAME_BACK,
        STEEL_KEPT,
        SHOP_SETTING_CHOSEN
    }

    public static Entry ofPiece(Kind kind, long job, long piece, String words) {
        return new Entry(kind, Optional.of(job), Optional.of(piece), words, piece);
    }

    public static Entry ofJob(Kind kind, long job, String words) {
        return new Entry(kind, Optional.of(job), Optional.empty(), words, job);
    }

    public static Entry ofShop(Kind kind, String words, long about) {
        return new Entry(kind, Optional.empty(), Optional.empty(), words, about);
    }
}
