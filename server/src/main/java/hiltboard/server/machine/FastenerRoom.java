package hiltboard.server.machine;

import hiltboard.core.chain.DimensionChain;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.machine.ShoulderedFastener;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.measure.ThreadSize;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.server.Refusal;
import hiltboard.server.Typed;
import hiltboard.server.access.Person;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What is turned and drilled for a piece's shouldered fasteners; belongs into a transaction of the caller. */
@Component
class FastenerRoom {
    private static final LengthRange HEADS = LengthRange.of("1/16", "1");
    /** A shoulder of 1/16 in all round bears. Common practice. */
    private static final Length SHOULDER = Length.ofInchFraction(1, 8);

    private final PieceFiles files;

    FastenerRoom(PieceFiles files) {
        this.files = files;
    }

    /** One dimension of a turned blank, in words and in millimetres. */
    record TurnedSize(String label, String words, double millimetres, List<String> working, List<String> cautions) {
        static TurnedSize of(String label, Worked<Length> worked, Units units) {
            return new TurnedSize(
                    label,
                    (worked.value().in(units) + " " + worked.note()).strip(),
                    worked.value().millimetres(),
                    worked.working(),
                    worked.cautions());
        }
    }

    /** A shouldered fastener of this piece: what is turned, and what is drilled for it. */
    record FastenerView(
            String thread,
            String head,
            TurnedSize headAcross,
            TurnedSize headThick,
            TurnedSize barrelAcross,
            TurnedSize barrelLong,
            TurnedSize screwAcross,
            TurnedSize screwLong,
            List<TurnedSize> drilled) {}

    /**
     * Empty for a knife without counterbores.
     *
     * @param thread and head as they were typed; the usual for the piece's pins where they are empty
     * @throws Refusal if such a fastener cannot be
     */
    Optional<FastenerView> fastener(long id, String thread, String head, Person person) {
        PieceFile file = files.open(id);
        return file.specification().hasCounterbores()
                ? Optional.of(fastener(file, thread, head, person.units()))
                : Optional.empty();
    }

    private static FastenerView fastener(PieceFile file, String thread, String head, Units units) {
        DimensionChain chain = file.chain(units);
        Length shank = length(chain, PieceDimensions.PIN_DIAMETER);
        ThreadSize screw = (thread.isBlank() ? ShoulderedFastener.threadIn(shank) : ThreadSize.named(thread))
                .orElseThrow(() -> Refusal.entry(
                        "thread", thread, "No table has such a thread", "a thread such as 6-32, 4-40 or M3"));
        Typed typed = new Typed(units);
        Length across = typed.maybeLength("head", head, HEADS).orElse(shank.plus(SHOULDER));
        typed.mustBeUnderstood();
        try {
            return view(
                    new ShoulderedFastener(
                            length(chain, PieceDimensions.BLADE_THICKNESS),
                            length(chain, PieceDimensions.SCALE_THICKNESS),
                            chain.value(PieceDimensions.SCALE_LINER)
                                    .map(Length.class::cast)
                                    .orElse(Length.ZERO),
                            length(chain, PieceDimensions.COUNTERBORE_DEPTH),
                            length(chain, PieceDimensions.HANDLE_HOLLOW),
                            screw,
                            across),
                    units);
        } catch (ImpossibleQuantity impossible) {
            throw Refusal.impossible(impossible.quantity(), head, impossible, units);
        }
    }

    private static FastenerView view(ShoulderedFastener fastener, Units units) {
        Worked<Length> head = Worked.of(fastener.head(), "As typed, or the pin and 1/16 in of shoulder all round");
        Worked<Length> major = Worked.of(fastener.thread().major(), "Of the thread");
        return new FastenerView(
                fastener.thread().name(),
                fastener.head().in(units),
                TurnedSize.of("Head, across", head, units),
                TurnedSize.of("Head, thick at most", fastener.headThickness(units), units),
                TurnedSize.of("Shank, across", fastener.barrel(units), units),
                TurnedSize.of("Shank, long", fastener.shank(units), units),
                TurnedSize.of("Thread, across", major, units),
                TurnedSize.of("Thread, long", fastener.screw(units), units),
                List.of(
                        TurnedSize.of("Grip between the shoulders", fastener.grip(units), units),
                        TurnedSize.of("Through tang and scales", fastener.hole(units), units),
                        TurnedSize.of("Counterbore", fastener.counterboreCutter(units), units),
                        TurnedSize.of(
                                "Tap drill in the barrel",
                                fastener.thread().tapDrill(ThreadSize.USUAL_PERCENT, units),
                                units)));
    }

    private static Length length(DimensionChain chain, String key) {
        return (Length) chain.value(key).orElseThrow();
    }
}
