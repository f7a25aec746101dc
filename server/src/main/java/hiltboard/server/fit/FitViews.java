package hiltboard.server.fit;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.blade.RoundedRectangle;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.HandleForm;
import hiltboard.core.field.Option;
import hiltboard.core.fit.AddedSpacer;
import hiltboard.core.fit.Cavity;
import hiltboard.core.fit.CavityMethod;
import hiltboard.core.fit.Clearance;
import hiltboard.core.fit.DrivenGuard;
import hiltboard.core.fit.HandleStack;
import hiltboard.core.fit.LipDrive;
import hiltboard.core.fit.MeasuredTang;
import hiltboard.core.fit.PeenedHead;
import hiltboard.core.fit.Print;
import hiltboard.core.fit.StackPart;
import hiltboard.core.fit.StackPart.Kind;
import hiltboard.core.fit.StackPins;
import hiltboard.core.fit.StackPins.Pin;
import hiltboard.core.fit.TangInParts;
import hiltboard.core.fit.TangInParts.Passage;
import hiltboard.core.fit.TangInParts.Role;
import hiltboard.core.measure.DrillSize;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.route.Progress;
import hiltboard.core.route.Route.Step;
import hiltboard.server.Refusal;
import hiltboard.server.WorkedView;
import hiltboard.server.access.Person;
import hiltboard.server.fit.FittedPiece.TangPlace;
import hiltboard.server.job.Drawing;
import hiltboard.server.job.Gates;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.job.StepViews.StepMark;
import hiltboard.server.route.StepRepository.StepRow;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** What the fitting bench shows; belongs into a transaction of the caller. Drawings are in millimetres, y downwards. */
@Component
class FitViews {
    private static final Length USUAL_SPACER = Length.ofInchFraction(1, 16);
    private static final int WALLS = 9;
    private static final double ALONG = 1;
    private static final double ACROSS = 0.1;
    private static final double MARGIN = 3;

    private final PieceFiles files;
    private final FitRepository fits;

    FitViews(PieceFiles files, FitRepository fits) {
        this.files = files;
        this.fits = fits;
    }

    /**
     * A piece that has something to fit.
     *
     * @param step and {@code stepWords} what comes next there
     * @param isOfScales whether it is a pair of scales, and no part on a hidden tang
     */
    record FitWaitingView(
            long piece,
            String pieceName,
            String jobTitle,
            String step,
            String stepWords,
            boolean isNow,
            boolean isOfScales,
            String holdsUp) {}

    /** @param isMeasured whether it was read, and is not only expected */
    record TangPlaceView(String words, String thickness, boolean isMeasured) {}

    /** @param fit LOOSE, FREE, SNUG, TIGHT or WILL_NOT_GO */
    record PassageView(
            String part,
            String opening,
            String tang,
            String fit,
            String words,
            boolean isMeasured,
            String stopsShort) {}

    record LevelView(int blows, String left, String right, String by) {}

    /** @param turn what to do now, and {@code next} in words */
    record DrivenView(
            List<LevelView> readings, String turn, String next, String print, String printSays, boolean isPrintGood) {}

    record StackPartView(
            String key,
            String words,
            String from,
            String designed,
            String asMade,
            String faced,
            boolean canBeMeasured) {}

    record FitLineView(String label, WorkedView worked) {}

    record AddedSpacerView(String moment, List<String> words, boolean isPossible, boolean isNow) {}

    record HandleStackView(
            List<StackPartView> parts, List<FitLineView> sums, List<AddedSpacerView> added, String addedThickness) {}

    /** @param verdict IN, NEAR or OUT */
    record PinRoomView(String words, String left, String least, String verdict, String why) {}

    record PinPlaceView(String across, String along, List<PinRoomView> rooms) {}

    /** @param isChosen whether somebody has laid them down, and it is not the best that there are */
    record StackPinsView(
            String pin,
            String drill,
            boolean isChosen,
            List<PinPlaceView> places,
            List<FitLineView> depths,
            List<String> asOne) {}

    record CavityHoleView(String drill, String height, String deep) {}

    record CavityWallView(String deep, String side, String left) {}

    /** @param verdict IN, NEAR or OUT */
    record CavityView(
            String method,
            List<Option> methods,
            String drill,
            String longDrill,
            boolean isPlanned,
            List<CavityHoleView> holes,
            List<FitLineView> lines,
            List<CavityWallView> walls,
            String verdict,
            String why) {}

    record FitMark(String kind, String path) {}

    /** The knife's middle from the side, the heel's plane at the right. */
    record FitSideView(
            double minX,
            double minY,
            double width,
            double height,
            double tangFrom,
            double tangEnd,
            List<FitMark> marks) {}

    /**
     * A piece with a hidden tang.
     *
     * @param isAtWork whether something of it is still to be fitted
     * @param impossible why it cannot be drawn; empty where it can
     */
    record FitView(
            long id,
            String pieceName,
            String jobTitle,
            boolean isAtWork,
            boolean hasGuard,
            String impossible,
            List<TangPlaceView> tang,
            Optional<WorkedView> taper,
            List<PassageView> passages,
            List<FitLineView> slot,
            List<FitLineView> lip,
            Optional<DrivenView> driven,
            List<Option> prints,
            Optional<HandleStackView> stack,
            Optional<StackPinsView> pins,
            Optional<CavityView> cavity,
            Optional<FitSideView> side) {}

    /** A cut across tang and part at a place; y downwards, the tang's middle at zero. */
    record FitCutView(
            String words,
            String fit,
            String says,
            double minX,
            double minY,
            double width,
            double height,
            List<FitMark> marks) {}

    List<FitWaitingView> waiting(Person person) {
        return files.openAllOfLivingJobs().stream()
                .filter(PieceFile::isAlive)
                .flatMap(file -> waiting(file, person.units()))
                .toList();
    }

    /** One that somebody has begun to fit, or could begin now: the first step that is left of it here. */
    private static Stream<FitWaitingView> waiting(PieceFile file, Units units) {
        List<Step> steps = file.route().steps().stream()
                .filter(step -> StepMark.FITS.isOn(step.operation()) || StepMark.SCALES.isOn(step.operation()))
                .toList();
        Optional<Step> next = steps.stream()
                .filter(step -> !file.progress().isDone(step.operation().key()))
                .findFirst();
        boolean isBegun = steps.stream().anyMatch(step -> file.row(step).isPresent());
        return next.stream()
                .map(step -> waiting(file, step, units))
                .filter(view -> isBegun || view.isNow() && (!view.isOfScales() || comesNext(file, view.step(), units)));
    }

    /** Scales can be flattened at any time: they wait here when nothing else of the knife comes before them. */
    private static boolean comesNext(PieceFile file, String step, Units units) {
        Progress progress = file.progress();
        Gates gates = new Gates(file, progress, units);
        return progress.stepsLeft().stream()
                .filter(gates::isItsTurn)
                .findFirst()
                .filter(first -> first.operation().key().equals(step))
                .isPresent();
    }

    private static FitWaitingView waiting(PieceFile file, Step step, Units units) {
        boolean isStarted = file.row(step).filter(StepRow::isUnderWay).isPresent();
        return new FitWaitingView(
                file.id(),
                file.name(),
                file.jobTitle(),
                step.operation().key(),
                step.operation().title(),
                isStarted || new Gates(file, file.progress(), units).isItsTurn(step),
                StepMark.SCALES.isOn(step.operation()),
                file.heldReason().map(reason -> "held: " + reason).orElse(""));
    }

    FitView view(long id, String spacer, Person person) {
        Units units = person.units();
        PieceFile file = files.open(id);
        if (!FittedPiece.isOne(file)) {
            throw Refusal.notThere(file.name() + " has no hidden tang: there is nothing to fit here.");
        }
        FittedPiece piece = new FittedPiece(file, fits.of(id), units);
        try {
            return view(piece, FitService.spacer(spacer, USUAL_SPACER, units), units);
        } catch (ImpossibleQuantity impossible) {
            return empty(piece, impossible.words(units));
        }
    }

    private static FitView empty(FittedPiece piece, String why) {
        PieceFile file = piece.file();
        return new FitView(
                file.id(),
                file.name(),
                file.jobTitle(),
                isAtWork(file),
                piece.spec().isHiddenTang(),
                why,
                List.of(),
                Optional.empty(),
                List.of(),
                List.of(),
                List.of(),
                Optional.empty(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    private static boolean isAtWork(PieceFile file) {
        return file.isAlive()
                && file.route().steps().stream()
                        .anyMatch(step -> StepMark.FITS.isOn(step.operation())
                                && !file.progress().isDone(step.operation().key()));
    }

    private static FitView view(FittedPiece piece, Length spacer, Units units) {
        PieceFile file = piece.file();
        MeasuredTang tang = piece.tang();
        TangInParts parts = piece.inParts();
        boolean hasGuard = piece.spec().isHiddenTang();
        return new FitView(
                file.id(),
                file.name(),
                file.jobTitle(),
                isAtWork(file),
                hasGuard,
                "",
                Arrays.stream(TangPlace.values())
                        .map(place -> new TangPlaceView(
                                place.words(), piece.link(place.key()).currentIn(units), piece.isRead(place)))
                        .toList(),
                piece.isTaperRead() ? Optional.of(WorkedView.of(tang.taper(units), units)) : Optional.empty(),
                parts.passages().stream()
                        .map(passage -> passage(parts, passage, units))
                        .toList(),
                hasGuard ? slot(piece, units) : List.of(),
                hasGuard ? lip(piece, parts, units) : List.of(),
                hasGuard ? Optional.of(driven(piece, units)) : Optional.empty(),
                Arrays.stream(Print.values())
                        .map(print -> new Option(print.name(), print.words()))
                        .toList(),
                Optional.of(stack(piece, spacer, units)),
                piece.spec().hasAlignmentPins() ? Optional.of(pins(piece, units)) : Optional.empty(),
                Optional.of(cavity(piece, units)),
                Optional.of(side(piece)));
    }

    private static PassageView passage(TangInParts parts, Passage passage, Units units) {
        Clearance clearance = parts.clearance(passage, units);
        Length before = parts.stopsShort(passage);
        double at = passage.from().millimetres();
        return new PassageView(
                passage.part(),
                size(passage.opening().halfHigh(), passage.opening().halfThick(), units),
                size(parts.tang().widthAt(at) / 2, parts.tang().thickestBehind(at) / 2, units),
                clearance.fit().name(),
                clearance.words(),
                passage.isMeasured(),
                before.isPositive() && clearance.fit() != Clearance.Fit.SNUG
                        ? "by hand it stops " + before.asTaped(units).brieflyIn(units) + " before it is home"
                        : "");
    }

    private static String size(double halfHigh, double halfThick, Units units) {
        return Length.ofMillimetres(2 * halfHigh).asRead(units).in(units) + " × "
                + Length.ofMillimetres(2 * halfThick).asRead(units).in(units);
    }

    private static List<FitLineView> slot(FittedPiece piece, Units units) {
        return Stream.of(
                        PieceDimensions.SLOT_WIDTH,
                        PieceDimensions.SLOT_CUTTER,
                        PieceDimensions.SLOT_LENGTH,
                        PieceDimensions.POCKET_DEPTH,
                        PieceDimensions.LIP_WIDTH)
                .map(piece::link)
                .map(link -> new FitLineView(
                        link.dimension().label(),
                        new WorkedView(
                                link.currentIn(units),
                                link.expected().working(),
                                link.expected().cautions())))
                .toList();
    }

    private static List<FitLineView> lip(FittedPiece piece, TangInParts parts, Units units) {
        Passage lip = parts.passages().get(0);
        Length gap = parts.clearance(lip, units).gap();
        if (gap.nanometres() >= 0) {
            return List.of();
        }
        double beside = piece.guardOutline().halfThick() - lip.opening().halfThick();
        LipDrive drive = new LipDrive(piece.spec().guardMaterial(), gap.absolute(), Length.ofMillimetres(beside));
        return List.of(
                line("Each wall springs", drive.springs(units), units),
                line("Each wall is pushed aside for good", drive.moves(units), units));
    }

    private static FitLineView line(String label, Worked<?> worked, Units units) {
        return new FitLineView(label, WorkedView.of(worked, units));
    }

    private static DrivenView driven(FittedPiece piece, Units units) {
        DrivenGuard.Next next = piece.driven().next(units);
        Optional<Print> print = piece.rows().print().map(FitRepository.PrintRow::print);
        return new DrivenView(
                piece.rows().levels().stream()
                        .map(row -> new LevelView(
                                row.level().blows(),
                                row.level().left().in(units),
                                row.level().right().in(units),
                                row.by()))
                        .toList(),
                next.turn().name(),
                next.words(),
                print.map(Print::name).orElse(""),
                print.map(Print::then).orElse(""),
                print.filter(Print::isGood).isPresent());
    }

    private static HandleStackView stack(FittedPiece piece, Length spacer, Units units) {
        HandleStack stack = piece.stack();
        AddedSpacer.Moment now = piece.moment();
        List<AddedSpacer.Change> changes = piece.added(spacer).changes(units);
        return new HandleStackView(
                stack.parts().stream()
                        .map(part -> new StackPartView(
                                part.key(),
                                part.words(),
                                from(stack.from(part), units),
                                part.designed().in(units),
                                part.asMade().map(length -> length.in(units)).orElse(""),
                                part.faced().map(length -> length.in(units)).orElse(""),
                                part.kind() != Kind.BOLSTER))
                        .toList(),
                sums(piece, stack, units),
                changes.stream()
                        .map(change -> new AddedSpacerView(
                                change.moment().words(), change.words(), change.isPossible(), change.moment() == now))
                        .toList(),
                spacer.entryIn(units));
    }

    private static String from(Length behindHeel, Units units) {
        return behindHeel.isPositive() ? behindHeel.asRead(units).in(units) : "at the heel";
    }

    private static List<FitLineView> sums(FittedPiece piece, HandleStack stack, Units units) {
        List<FitLineView> sums = new ArrayList<>();
        sums.add(line("All together", stack.total(units), units));
        if (piece.isThrough()) {
            sums.add(line("The tang stands out behind", stack.proud(units), units));
        } else {
            sums.add(line("Handle behind the tang", stack.behindTheTang(units), units));
        }
        if (piece.spec().isPeened() && stack.proud(units).value().isPositive()) {
            MeasuredTang tang = piece.tang();
            PeenedHead head = new PeenedHead(
                    stack.proud(units).value(),
                    tang.endWidth(),
                    Length.ofMillimetres(tang.thicknessAt(tang.end().millimetres())));
            sums.add(line("Its head fills a countersink", head.fills(units), units));
        }
        if (piece.spec().isTakeDown()) {
            Length thread = (Length) piece.link(PieceDimensions.NUT_THREAD).current();
            MeasuredTang tang = piece.tang();
            sums.add(line(
                    "Thread that holds in the nut",
                    stack.engaged(
                            thread,
                            Length.ofMillimetres(tang.thicknessAt(tang.end().millimetres())),
                            units),
                    units));
        }
        return sums;
    }

    private static StackPinsView pins(FittedPiece piece, Units units) {
        StackPins pins = piece.pins(piece.pin());
        List<Pin> places = piece.rows().pins().map(FitRepository.PinRow::places).orElseGet(pins::best);
        Length before = piece.stack().parts().stream()
                .filter(part -> part.kind() == Kind.SPACER)
                .map(StackPart::now)
                .reduce(Length.ZERO, Length::plus);
        Length guard = piece.stack().parts().get(0).now();
        Worked<Length> stop = StackPins.stop(before, guard, units);
        Worked<Length> block = StackPins.intoTheBlock(pins.diameter(), units);
        return new StackPinsView(
                piece.pin().entryIn(units),
                pins.diameter().in(units),
                piece.rows().pins().isPresent(),
                places.stream().map(place -> place(pins, place, units)).toList(),
                List.of(
                        line("Stop for the drill, from behind", stop, units),
                        line("Into the handle’s front", block, units),
                        line("Pins are cut to", StackPins.pin(stop.value(), block.value(), units), units)),
                StackPins.asOne());
    }

    private static PinPlaceView place(StackPins pins, Pin place, Units units) {
        return new PinPlaceView(
                Length.ofMillimetres(place.across()).asRead(units).in(units),
                Length.ofMillimetres(place.along()).asRead(units).in(units),
                pins.rooms(place, units).stream()
                        .map(room -> new PinRoomView(
                                room.part() + ", to the " + room.to(),
                                room.left().asRead(units).in(units),
                                room.least().asRead(units).in(units),
                                room.judged().verdict().name(),
                                room.judged().words()))
                        .toList());
    }

    private static CavityView cavity(FittedPiece piece, Units units) {
        Cavity cavity = piece.cavity();
        var judged = cavity.judged(units);
        List<FitLineView> lines = new ArrayList<>();
        if (cavity.method() == CavityMethod.ANGLED_HOLES) {
            lines.add(line("Angle of each hole", cavity.angle(units), units));
            lines.add(line("Web between them, deep", cavity.meet(units), units));
        }
        lines.add(new FitLineView(
                "Left to broach or file", new WorkedView(cavity.broached().in(units), List.of(), List.of())));
        if (cavity.method() == CavityMethod.ANGLED_HOLES) {
            lines.add(new FitLineView(
                    "The long hole opens the front beside the tang",
                    new WorkedView("guard or bolster hides it; without one, chain or mill", List.of(), List.of())));
        }
        if (piece.spec().isGlued()) {
            lines.add(line("Adhesive that fills it", cavity.adhesive(units), units));
        }
        return new CavityView(
                cavity.method().name(),
                Arrays.stream(CavityMethod.values())
                        .map(method -> new Option(method.name(), method.words()))
                        .toList(),
                cavity.drill().diameter().entryIn(units),
                cavity.longDrill().diameter().entryIn(units),
                piece.rows().cavity().isPresent(),
                cavity.holes().stream()
                        .map(hole -> new CavityHoleView(
                                (hole.drill().name() + " "
                                                + hole.drill().diameter().in(units))
                                        .strip(),
                                height(hole.height(), units),
                                hole.deep().asTaped(units).brieflyIn(units)))
                        .toList(),
                lines,
                cavity.walls(WALLS).stream()
                        .map(wall -> new CavityWallView(
                                wall.deep().asTaped(units).brieflyIn(units),
                                wall.side().words(),
                                wall.left().asTaped(units).in(units)))
                        .toList(),
                judged.verdict().name(),
                judged.words());
    }

    private static String drill(DrillSize drill, Units units) {
        return drill.name().isEmpty()
                ? drill.diameter().in(units)
                : drill.name() + ", " + drill.diameter().in(units);
    }

    private static String height(double height, Units units) {
        Length away = Length.ofMillimetres(Math.abs(height)).asRead(units);
        return away.isPositive()
                ? away.in(units) + (height > 0 ? " towards the back" : " towards the belly")
                : "in the middle";
    }

    /** Everything in its place from the side: heights are of the knife's own drawing. */
    private static FitSideView side(FittedPiece piece) {
        HandleStack stack = piece.stack();
        MeasuredTang tang = piece.tang();
        HandleForm handle = piece.handle();
        double middle = piece.tangMiddle();
        List<FitMark> marks = new ArrayList<>();
        List<Point> all = new ArrayList<>();
        for (StackPart part : stack.parts()) {
            double from = stack.from(part).millimetres();
            double to = from + part.now().millimetres();
            Outline outline = switch (part.kind()) {
                case GUARD -> box(from, to, middle, piece.guardOutline().halfHigh());
                case BOLSTER, SPACER -> atTheFront(handle, from, to);
                case CAP, NUT -> atTheEnd(handle, from, to);
                case BLOCK -> block(handle, from, to);
            };
            all.addAll(outline.points());
            marks.add(new FitMark(part.kind().name(), Drawing.closed(outline)));
        }
        try {
            cavity(piece, marks);
        } catch (ImpossibleQuantity noCavity) {
            // What cannot be drilled is said beside the picture.
        }
        Outline steel = Outline.through(List.of(
                new Point(0, middle + tang.widthAt(0) / 2),
                new Point(-tang.end().millimetres(), middle + tang.endWidth().millimetres() / 2),
                new Point(-tang.end().millimetres(), middle - tang.endWidth().millimetres() / 2),
                new Point(0, middle - tang.widthAt(0) / 2)));
        all.addAll(steel.points());
        marks.add(new FitMark("TANG", Drawing.closed(steel)));
        double left = all.stream().mapToDouble(Point::x).min().orElse(0) - MARGIN;
        double top = all.stream().mapToDouble(Point::y).max().orElse(0) + MARGIN;
        double bottom = all.stream().mapToDouble(Point::y).min().orElse(0) - MARGIN;
        return new FitSideView(
                left,
                -top,
                MARGIN - left,
                top - bottom,
                tang.shoulder().millimetres(),
                tang.end().millimetres(),
                marks);
    }

    private static Outline box(double from, double to, double middle, double half) {
        return Outline.from(-from, middle + half)
                .to(-to, middle + half)
                .to(-to, middle - half)
                .to(-from, middle - half);
    }

    private static Outline atTheFront(HandleForm handle, double from, double to) {
        HandleForm.Cut cut = handle.at(handle.front()).orElseThrow();
        return box(from, to, cut.middle(), cut.border().halfHigh());
    }

    private static Outline atTheEnd(HandleForm handle, double from, double to) {
        HandleForm.Cut cut = handle.at(handle.end() - 1).orElseThrow();
        return box(from, to, cut.middle(), cut.border().halfHigh());
    }

    private static Outline block(HandleForm handle, double from, double to) {
        List<Point> back = new ArrayList<>();
        List<Point> belly = new ArrayList<>();
        for (double at = 0; at <= to - from; at += ALONG) {
            double x = -from - at;
            handle.at(handle.front() + at).ifPresent(cut -> {
                back.add(new Point(x, cut.middle() + cut.border().halfHigh()));
                belly.add(0, new Point(x, cut.middle() - cut.border().halfHigh()));
            });
        }
        back.addAll(belly);
        return Outline.through(back);
    }

    private static void cavity(FittedPiece piece, List<FitMark> marks) {
        Cavity cavity = piece.cavity();
        double front = piece.blockFront().millimetres();
        double middle = piece.tangMiddle();
        double depth = cavity.holes().get(cavity.holes().size() - 1).deep().millimetres();
        List<Point> back = new ArrayList<>();
        List<Point> belly = new ArrayList<>();
        for (double deep = 0; deep <= depth; deep += ALONG) {
            double half = cavity.halfHigh(deep);
            back.add(new Point(-front - deep, middle + half));
            belly.add(0, new Point(-front - deep, middle - half));
        }
        back.addAll(belly);
        marks.add(new FitMark("CAVITY", Drawing.closed(Outline.through(back))));
        double slope = cavity.method() == CavityMethod.ANGLED_HOLES
                ? Math.toRadians(cavity.angle(Units.MILLIMETRE_CELSIUS).value().degrees())
                : 0;
        for (Cavity.Hole hole : cavity.holes()) {
            double lean = -Math.signum(hole.height()) * hole.deep().millimetres() * Math.sin(slope);
            double reach =
                    hole.height() == 0 ? hole.deep().millimetres() : hole.deep().millimetres() * Math.cos(slope);
            marks.add(new FitMark(
                    "HOLE",
                    Drawing.open(Outline.from(-front, middle + hole.height())
                            .to(-front - reach, middle + hole.height() + lean))));
        }
    }

    /** @param share of the way from the shoulder to the end of the tang, zero to one */
    FitCutView cut(long id, double share, Person person) {
        Units units = person.units();
        PieceFile file = files.open(id);
        if (!FittedPiece.isOne(file)) {
            throw Refusal.notThere(file.name() + " has no hidden tang.");
        }
        FittedPiece piece = new FittedPiece(file, fits.of(id), units);
        TangInParts parts = piece.inParts();
        MeasuredTang tang = parts.tang();
        double from = tang.shoulder().millimetres();
        double at = from + share * (tang.end().millimetres() - from) * 0.999;
        Optional<Passage> passage = parts.at(at);
        List<FitMark> marks = new ArrayList<>();
        RoundedRectangle outer = outer(piece, passage, at, marks);
        RoundedRectangle steel = RoundedRectangle.across(tang.widthAt(at) / 2, tang.thicknessAt(at) / 2, 0);
        String fit = "";
        String says = "bare";
        if (passage.isPresent()) {
            Passage here = passage.get();
            if (here.role() == Role.BLOCK) {
                Cavity cavity = piece.cavity();
                double deep = at - piece.blockFront().millimetres();
                marks.add(new FitMark("OPENING", Drawing.closed(cavity(cavity, deep))));
                double room = 2 * (cavity.half(deep, steel.halfHigh()) - steel.halfThick());
                fit = Clearance.Fit.FREE.name();
                says = Length.ofMillimetres(Math.max(0, room)).asRead(units).in(units)
                        + " thick and "
                        + Length.ofMillimetres(2 * (cavity.halfHigh(deep) - steel.halfHigh()))
                                .asRead(units)
                                .in(units)
                        + " high around the tang";
            } else {
                marks.add(new FitMark("OPENING", Drawing.closed(here.opening().outline(0))));
                Clearance clearance = parts.clearance(here, units);
                fit = clearance.fit().name();
                says = clearance.words();
            }
        }
        marks.add(new FitMark("TANG", Drawing.closed(steel.outline(0))));
        String words = passage.map(Passage::part).orElse("Behind all parts") + ", "
                + Length.ofMillimetres(at - from).asTaped(units).brieflyIn(units) + " behind the shoulder: tang "
                + size(steel.halfHigh(), steel.halfThick(), units);
        double half = Math.max(outer.halfHigh(), steel.halfHigh()) + MARGIN;
        double thick = Math.max(outer.halfThick(), steel.halfThick()) + MARGIN;
        return new FitCutView(words, fit, says, -thick, -half, 2 * thick, 2 * half, marks);
    }

    private static RoundedRectangle outer(
            FittedPiece piece, Optional<Passage> passage, double at, List<FitMark> marks) {
        HandleForm handle = piece.handle();
        boolean isGuard = passage.map(Passage::role)
                .filter(role -> role == Role.LIP || role == Role.POCKET)
                .isPresent();
        if (isGuard) {
            marks.add(new FitMark("OUTER", Drawing.closed(piece.guardOutline().outline(0))));
            return piece.guardOutline();
        }
        double inHandle = Math.max(0, at - piece.blockFront().millimetres());
        HandleForm.Cut cut =
                handle.at(Math.min(handle.end(), handle.front() + inHandle)).orElseThrow();
        double lift = cut.middle() - piece.tangMiddle();
        marks.add(new FitMark("OUTER", Drawing.closed(cut.border().outline(lift))));
        return RoundedRectangle.across(
                cut.border().halfHigh() + Math.abs(lift), cut.border().halfThick(), 0);
    }

    private static Outline cavity(Cavity cavity, double deep) {
        double high = cavity.halfHigh(deep);
        List<Point> right = new ArrayList<>();
        List<Point> left = new ArrayList<>();
        for (double height = -high; height <= high; height += ACROSS) {
            double half = cavity.half(deep, height);
            right.add(new Point(half, height));
            left.add(0, new Point(-half, height));
        }
        right.addAll(left);
        return Outline.through(right);
    }
}
