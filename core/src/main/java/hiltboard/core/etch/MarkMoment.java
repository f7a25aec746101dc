package hiltboard.core.etch;

import hiltboard.core.design.Finish;
import hiltboard.core.design.MarkTiming;

/** When a mark goes on, by school, and what each of them risks. Common practice. */
public final class MarkMoment {
    private MarkMoment() {}

    public static String risk(MarkTiming timing, Finish finish) {
        return switch (timing) {
            case BEFORE_ACID ->
                finish.isEtched()
                        ? "On bright steel it comes out even; the bath then eats its edges a little."
                        : "On bright steel it comes out even.";
            case AFTER_POLISH ->
                finish == Finish.HAMON
                        ? "The line stands already: water, stencil and current can stain it. Mask all round, dry at once."
                        : "A lifted stencil scratches or stains a finish that is done: mask all round.";
            case LAST ->
                finish == Finish.HAMON
                        ? "Water, stencil and current on a finished line: each can stain it. Mask all round, dry at once."
                        : finish.isEtched()
                                ? "On dark steel it comes out uneven, and a slip spoils the finished knife."
                                : "A slip spoils the finished knife: mask all round, and try it on scrap.";
        };
    }
}
