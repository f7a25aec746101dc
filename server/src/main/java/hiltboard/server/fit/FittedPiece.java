package hiltboard.server.fit;

import hiltboard.core.blade.RoundedRectangle;
import hiltboard.core.chain.DimensionChain;
import hiltboard.core.chain.Link;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.HandleForm;
import hiltboard.core.design.RoomAroundHoles;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.fit.AddedSpacer;
import hiltboard.core.fit.Cavity;
import hiltboard.core.fit.CavityMethod;
import hiltboard.core.fit.DrivenGuard;
import hiltboard.core.fit.GuardSlot;
import hiltboard.core.fit.HandleStack;
import hiltboard.core.fit.LipDrive;
import hiltboard.core.fit.MeasuredTang;
import hiltboard.core.fit.MeasuredTang.At;
import hiltboard.core.fit.StackPart;
import hiltboard.core.fit.StackPart.Kind;
import hiltboard.core.fit.StackPins;
import hiltboard.core.fit.StackPins.Layer;
import hiltboard.core.fit.StackPins.Opening;
import hiltboard.core.fit.TangInParts;
import hiltboard.core.fit.TangInParts.Passage;
import hiltboard.core.fit.TangInParts.Role;
import hiltboard.core.fit.TangSlot;
import hiltboard.core.machine.PinHole;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Route.Step;
import hiltboard.core.route.Trait;
import hiltboard.server.chain.ReadingRepository.Reading;
import hiltboard.server.fit.FitRepository.LevelRow;
import hiltboard.server.fit.FitRepository.Rows;
import hiltboard.server.fit.FitRepository.StackRow;
import hiltboard.server.fit.FitRepository.State;
import hiltboard.server.job.PieceFile;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A piece with a hidden tang at the fitting bench: its parts as they were measured, in their places. */
final class FittedPiece {
    static final String GUARD = "guard";
    static final String BOLSTER = "bolster";
    static final String SPACER = "spacer";
    static final String BLOCK = "block";
    static final String CAP = "cap";
    /** An alignment pin, where nobody has chosen one. Common practice, from memory. */
    static final Length USUAL_PIN = Length.ofInchFraction(1, 16);

    private final PieceFile file;
    private final Rows rows;
    private final Specification spec;
    private final DimensionChain chain;
    private final HandleForm handle;
    private final Units units;

    FittedPiece(PieceFile file, Rows rows, Units units) {
        this.file = file;
        this.rows = rows;
        this.spec = file.specification();
        this.units = units;
        this.chain = file.chain(units);
        this.handle = HandleForm.of(spec).orElseThrow();
    }

    static boolean isOne(PieceFile file) {
        return file.specification().hasBlock();
    }

    PieceFile file() {
        return file;
    }

    Rows rows() {
        return rows;
    }

    Specification spec() {
        return spec;
    }

    Link link(String key) {
        return chain.link(key).orElseThrow();
    }

    private Length number(String key) {
        return (Length) chain.value(key).orElseThrow();
    }

    private boolean isRead(String key) {
        return file.readingsByDimension().containsKey(key);
    }

    private Optional<Length> read(String key) {
        return Optional.ofNullable(file.readingsByDimension().get(key))
                .map(Reading::value)
                .map(Length.class::cast);
    }

    Length shoulder() {
        return spec.isHiddenTang() ? Length.ZERO : spec.length(SpecificationField.BOLSTER_LENGTH);
    }

    /** Where a tang is measured, in words, and by which number. */
    enum TangPlace {
        SHOULDER("At the shoulder", PieceDimensions.TANG_THICKNESS),
        BEHIND("Half an inch behind", PieceDimensions.TANG_BEHIND),
        END("At its end", PieceDimensions.TANG_END);

        private final String words;
        private final String key;

        TangPlace(String words, String key) {
            this.words = words;
            this.key = key;
        }

        String words() {
            return words;
        }

        String key() {
            return key;
        }
    }

    boolean isRead(TangPlace place) {
        return isRead(place.key());
    }

    /** Whether it was measured at more than one place. */
    boolean isTaperRead() {
        return isRead(TangPlace.SHOULDER) && isRead(TangPlace.END);
    }

    MeasuredTang tang() {
        Length end = number(PieceDimensions.TANG_LENGTH);
        return new MeasuredTang(
                shoulder(),
                end,
                number(PieceDimensions.TANG_WIDTH),
                spec.length(SpecificationField.TANG_END_WIDTH),
                List.of(
                        new At(shoulder(), number(PieceDimensions.TANG_THICKNESS)),
                        new At(shoulder().plus(MeasuredTang.BEHIND), number(PieceDimensions.TANG_BEHIND)),
                        new At(end, number(PieceDimensions.TANG_END))));
    }

    HandleStack stack() {
        List<StackPart> parts = new ArrayList<>();
        if (spec.isHiddenTang()) {
            parts.add(part(
                    GUARD,
                    Kind.GUARD,
                    "Guard",
                    spec.length(SpecificationField.GUARD_THICKNESS),
                    PieceDimensions.GUARD_THICKNESS));
        } else {
            parts.add(new StackPart(
                    BOLSTER,
                    Kind.BOLSTER,
                    "Bolster, one with the blade",
                    shoulder(),
                    Optional.empty(),
                    Optional.empty()));
        }
        int spacers = spec.spacers();
        for (int i = 1; i <= spacers; i++) {
            parts.add(part(
                    SPACER + (spacers == 1 ? "" : "-" + i),
                    Kind.SPACER,
                    spacers == 1 ? "Spacer" : "Spacer " + i,
                    spec.length(SpecificationField.SPACER_THICKNESS).times(1.0 / spacers),
                    spacers == 1 ? PieceDimensions.SPACER_THICKNESS : ""));
        }
        parts.add(part(
                BLOCK,
                Kind.BLOCK,
                "Handle block",
                (Length) link(PieceDimensions.BLOCK_LENGTH).expected().value(),
                PieceDimensions.BLOCK_LENGTH));
        if (spec.isPeened()) {
            parts.add(part(
                    CAP,
                    Kind.CAP,
                    "End cap",
                    spec.length(SpecificationField.CAP_THICKNESS),
                    PieceDimensions.CAP_THICKNESS));
        }
        return new HandleStack(parts, number(PieceDimensions.TANG_LENGTH));
    }

    /** @param dimension the number of the piece that it is; empty for one of several */
    private StackPart part(String key, Kind kind, String words, Length designed, String dimension) {
        Optional<Length> faced = last(key, State.FACED);
        Optional<Length> asMade =
                last(key, State.AS_MADE).or(() -> faced.isPresent() ? Optional.empty() : read(dimension));
        return new StackPart(key, kind, words, designed, asMade, faced);
    }

    private Optional<Length> last(String key, State state) {
        return rows.stack().stream()
                .filter(row -> row.part().equals(key) && row.state() == state)
                .map(StackRow::length)
                .reduce((before, after) -> after);
    }

    StackPart block() {
        return stack().parts().stream()
                .filter(part -> part.kind() == Kind.BLOCK)
                .findFirst()
                .orElseThrow();
    }

    /** Where the block begins, behind the heel's plane. */
    Length blockFront() {
        HandleStack stack = stack();
        return stack.from(block());
    }

    /** How high the middle of the tang lies above the spine's line, in millimetres. */
    double tangMiddle() {
        return -spec.length(SpecificationField.RICASSO_WIDTH).millimetres() / 2;
    }

    HandleForm handle() {
        return handle;
    }

    /** The guard's finished outline, seen from the front. */
    RoundedRectangle guardOutline() {
        double high = spec.length(SpecificationField.RICASSO_WIDTH).millimetres()
                + 2 * spec.length(SpecificationField.GUARD_OVERHANG).millimetres();
        return RoundedRectangle.across(
                high / 2, spec.length(SpecificationField.GUARD_WIDTH).millimetres() / 2, 0);
    }

    TangInParts inParts() {
        List<Passage> passages = new ArrayList<>();
        HandleStack stack = stack();
        TangSlot slot = slot();
        for (StackPart part : stack.parts()) {
            Length from = stack.from(part);
            Length to = from.plus(part.now());
            switch (part.kind()) {
                case GUARD -> {
                    Length lip = from.plus(GuardSlot.LIP);
                    passages.add(new Passage(
                            "Lip of the guard",
                            Role.LIP,
                            from,
                            lip,
                            opening(number(PieceDimensions.SLOT_LENGTH), number(PieceDimensions.LIP_WIDTH), cutter()),
                            isRead(PieceDimensions.LIP_WIDTH),
                            LipDrive.most(spec.guardMaterial())));
                    passages.add(new Passage(
                            "Slot of the guard",
                            Role.POCKET,
                            lip,
                            to,
                            opening(number(PieceDimensions.SLOT_LENGTH), number(PieceDimensions.SLOT_WIDTH), cutter()),
                            isRead(PieceDimensions.SLOT_WIDTH),
                            Length.ZERO));
                }
                case SPACER ->
                    passages.add(new Passage(
                            part.words(),
                            Role.SPACER,
                            from,
                            to,
                            opening(
                                    slot.length(cutter(), units).value(),
                                    number(PieceDimensions.TANG_SLOT_IN_SPACER),
                                    cutter()),
                            isRead(PieceDimensions.TANG_SLOT_IN_SPACER),
                            Length.ZERO));
                case BLOCK ->
                    passages.add(new Passage(
                            part.words(),
                            Role.BLOCK,
                            from,
                            to,
                            opening(
                                    Length.ofMillimetres(tang().widthAt(from.millimetres()))
                                            .plus(cavityRoom()),
                                    number(PieceDimensions.CAVITY_WIDTH),
                                    Length.ZERO),
                            isRead(PieceDimensions.CAVITY_WIDTH),
                            Length.ZERO));
                case BOLSTER, CAP, NUT -> {
                    // The tang is one with its bolster; cap and nut hold its end and are judged by the stack.
                }
            }
        }
        return new TangInParts(tang(), passages);
    }

    private TangSlot slot() {
        return new TangSlot(number(PieceDimensions.TANG_WIDTH), tang().thickest());
    }

    private Length cutter() {
        return chain.value(PieceDimensions.SLOT_CUTTER)
                .map(Length.class::cast)
                .orElseGet(() -> slot().cutter(units).value());
    }

    private static RoundedRectangle opening(Length high, Length thick, Length cutter) {
        return RoundedRectangle.across(high.millimetres() / 2, thick.millimetres() / 2, cutter.millimetres() / 2);
    }

    private Length cavityRoom() {
        return number(PieceDimensions.CAVITY_WIDTH).minus(number(PieceDimensions.TANG_THICKNESS));
    }

    DrivenGuard driven() {
        return new DrivenGuard(rows.levels().stream().map(LevelRow::level).toList());
    }

    boolean isThrough() {
        return spec.isPeened() || spec.isTakeDown();
    }

    /** @throws hiltboard.core.measure.ImpossibleQuantity if the tang does not reach the block */
    Cavity.Wanted wanted() {
        return new Cavity.Wanted(
                tang(),
                handle(),
                blockFront(),
                number(PieceDimensions.CAVITY_DEPTH),
                cavityRoom(),
                tangMiddle(),
                isThrough());
    }

    /** As it was planned, else as it is usual. */
    Cavity cavity() {
        Cavity.Wanted wanted = wanted();
        return rows.cavity()
                .map(plan -> Cavity.of(wanted, plan.method(), plan.drill(), plan.longDrill()))
                .orElseGet(() -> Cavity.usual(wanted, CavityMethod.ANGLED_HOLES));
    }

    Length pin() {
        return rows.pins().map(FitRepository.PinRow::pin).orElse(USUAL_PIN);
    }

    /** What alignment pins of this size go through. */
    StackPins pins(Length pin) {
        Length hole = new PinHole(pin).drill(units).value();
        List<Layer> layers = new ArrayList<>();
        TangInParts parts = inParts();
        for (Passage passage : parts.passages()) {
            if (passage.role() == Role.POCKET) {
                layers.add(
                        layer("Guard", guardOutline(), 0, Opening.of(passage.opening()), RoomAroundHoles.TO_OUTLINE));
            }
            if (passage.role() == Role.SPACER) {
                HandleForm.Cut front = handle().at(handle().front()).orElseThrow();
                layers.add(layer(
                        passage.part(),
                        front.border(),
                        front.middle() - tangMiddle(),
                        Opening.of(passage.opening()),
                        RoomAroundHoles.TO_OUTLINE));
            }
        }
        blockLayers(layers, hole);
        return new StackPins(layers, hole);
    }

    private void blockLayers(List<Layer> layers, Length hole) {
        Cavity cavity = cavity();
        double deep = StackPins.intoTheBlock(hole, units).value().millimetres();
        double least = spec.handleMaterial().splitsAtHoles()
                ? RoomAroundHoles.TO_OUTLINE_OF_WOOD * hole.millimetres()
                : RoomAroundHoles.TO_OUTLINE;
        for (double at : new double[] {0, deep / 2, deep}) {
            handle().at(handle().front() + at)
                    .ifPresent(cut -> layers.add(
                            layer("Handle", cut.border(), cut.middle() - tangMiddle(), cavity.openingAt(at), least)));
        }
    }

    private static Layer layer(String part, RoundedRectangle outline, double middle, Opening opening, double least) {
        return new Layer(part, outline, middle, opening, least, RoomAroundHoles.TO_SLOT);
    }

    AddedSpacer added(Length thickness) {
        return new AddedSpacer(stack(), tang(), thickness, spec.hasAlignmentPins(), spec.isBedded());
    }

    /** How far the handle has come. */
    AddedSpacer.Moment moment() {
        if (isDone(Trait.GLUES_HANDLE) || isDone(Trait.ASSEMBLES)) {
            return AddedSpacer.Moment.AFTER_GLUE;
        }
        if (isDone(Trait.SHAPES_OFF_KNIFE)) {
            return AddedSpacer.Moment.AFTER_SHAPING;
        }
        if (isDone(Trait.BEDS)) {
            return AddedSpacer.Moment.AFTER_BEDDING;
        }
        return isDone(Trait.DRILLS_ALIGNMENT) ? AddedSpacer.Moment.AFTER_HOLES : AddedSpacer.Moment.BEFORE_HOLES;
    }

    private boolean isDone(Trait trait) {
        return file.route().steps().stream()
                .map(Step::operation)
                .anyMatch(operation -> operation.is(trait) && file.progress().isDone(operation.key()));
    }
}
