package hiltboard.core.fire;

import hiltboard.core.measure.Span;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * Pieces that share one fire, of whatever jobs, each in a slot of its own.
 *
 * @param pieces by slot, from the first
 * @param cycle from one piece's leaving to the kiln's recovery after it
 */
public record Load(Treatment treatment, Kiln kiln, List<LoadPiece> pieces, Duration cycle) {
    /** What a door that is opened for one blade takes: out, into the quench, shut again; from memory. */
    static final double DOOR_SECONDS = 12;
    /** Nobody works to the second at a kiln: a cycle is said in steps of these, upwards. */
    private static final Duration CYCLE_STEP = Duration.ofSeconds(5);

    /** In the oil or between the plates, until both hands are free for the next; from memory. */
    private static final double QUENCH_SECONDS = 45;

    private static final double LONGEST_RECOVERY = 3_600;

    public Load {
        pieces = List.copyOf(pieces);
    }

    /** When a piece leaves, and what its soak comes to. @param position from 1 */
    public record Leaving(LoadPiece piece, int position, Duration soak) {}

    /** With the time between two pieces computed from the kiln's own model. */
    public static Load of(Treatment treatment, Kiln kiln, List<LoadPiece> pieces) {
        Duration cycle = treatment.isQuenched() && pieces.size() > 1 ? cycle(treatment, kiln, pieces) : Duration.ZERO;
        return new Load(treatment, kiln, pieces, cycle);
    }

    /**
     * Fires in which pieces burn together in one kiln: each joins the first that it can join, in the order in which
     * they are given. A piece that cannot go into this kiln at all is in none.
     */
    public static List<Load> together(Treatment treatment, Kiln kiln, List<LoadPiece> pieces, Units units) {
        List<Load> fires = new ArrayList<>();
        for (LoadPiece piece : pieces) {
            int joined = 0;
            while (joined < fires.size()
                    && !fires.get(joined).whyNot(piece, units).isEmpty()) {
                joined++;
            }
            if (joined < fires.size()) {
                fires.set(joined, fires.get(joined).with(piece));
            } else if (of(treatment, kiln, List.of()).whyNot(piece, units).isEmpty()) {
                fires.add(of(treatment, kiln, List.of(piece)));
            }
        }
        return List.copyOf(fires);
    }

    private Load with(LoadPiece piece) {
        return new Load(
                treatment,
                kiln,
                Stream.concat(pieces.stream(), Stream.of(piece)).toList(),
                cycle);
    }

    /**
     * At heat with all of it in; the door opened and shut once; the time until it is back, or until the quench has
     * hands for the next.
     */
    private static Duration cycle(Treatment treatment, Kiln kiln, List<LoadPiece> pieces) {
        double heat = pieces.stream()
                .mapToDouble(piece -> piece.need().heat(treatment).celsius())
                .average()
                .orElseThrow();
        KilnState state = KilnState.standing(kiln, 0, heat, heat, 0)
                .soaked(body(pieces))
                .lit(List.of(Segment.until(Temperature.ofCelsius(heat))));
        state = state.door(true).after(DOOR_SECONDS).door(false);
        // As for a soak: before the thermocouple has felt the door, that it shows its heat says nothing.
        Soak back = Soak.from(Temperature.ofCelsius(heat), 0, HeatBody.NOTHING, Soak.Counts.RECOVERY);
        double waited = DOOR_SECONDS;
        while (back.recoveredAt().isEmpty() && waited < LONGEST_RECOVERY) {
            state = state.after(1);
            waited++;
            back = back.with(waited, state.reading());
        }
        return Span.up(Duration.ofSeconds((long) Math.ceil(Math.max(waited, QUENCH_SECONDS))), CYCLE_STEP);
    }

    /** The blade that takes longest to come to heat: the thickest. */
    public HeatBody slowest() {
        return pieces.stream()
                .max(Comparator.comparing(LoadPiece::thickness))
                .map(LoadPiece::body)
                .orElse(HeatBody.NOTHING);
    }

    static HeatBody body(List<LoadPiece> pieces) {
        return pieces.stream().map(LoadPiece::body).reduce(HeatBody.NOTHING, HeatBody::and);
    }

    public HeatBody body() {
        return body(pieces);
    }

    public Programme programme(Units units) {
        return Programme.shared(treatment, pieces.stream().map(LoadPiece::need).toList(), units);
    }

    /** What its quench does to whoever stands at it. */
    public List<String> quenchCautions() {
        return pieces.stream()
                .map(LoadPiece::need)
                .flatMap(need -> need.quench().cautions(need.isAxe()).stream())
                .distinct()
                .toList();
    }

    /**
     * The order out of the kiln, and each piece's true soak: the shortest soak leaves first, and whoever waits for
     * others soaks longer by a cycle for each of them. Pieces that are not quenched leave together.
     */
    public List<Leaving> leaving() {
        List<LoadPiece> order = new ArrayList<>(pieces);
        if (treatment.isQuenched()) {
            order.sort(Comparator.comparing(piece -> piece.need().soak(treatment)));
        }
        Duration all = pieces.stream()
                .map(piece -> piece.need().soak(treatment))
                .max(Duration::compareTo)
                .orElse(Duration.ZERO);
        List<Leaving> leaving = new ArrayList<>();
        Duration before = Duration.ZERO;
        for (LoadPiece piece : order) {
            Duration own = treatment.isQuenched() ? piece.need().soak(treatment) : all;
            Duration after = leaving.isEmpty() ? Duration.ZERO : before.plus(cycle);
            before = own.compareTo(after) > 0 ? own : after;
            leaving.add(new Leaving(piece, leaving.size() + 1, before));
        }
        return List.copyOf(leaving);
    }

    /** Why a piece cannot join, in words; empty when it can. */
    public List<String> whyNot(LoadPiece piece, Units units) {
        List<String> reasons = new ArrayList<>(piece.closed());
        if (pieces.stream().anyMatch(each -> each.id() == piece.id())) {
            reasons.add("It is in this load already.");
        }
        space(piece, reasons, units);
        if (piece.need().steel().isAirHardening()
                && treatment == Treatment.HARDEN
                && piece.cover() != LoadPiece.Cover.FOIL) {
            reasons.add(piece.need().steel().designation() + " goes into this heat in foil, and it is not wrapped.");
        }
        if (treatment == Treatment.NORMALISE
                && piece.need().steel().grade().normalising().isEmpty()) {
            reasons.add(piece.need().steel().designation() + " hardens in air: it is annealed, not normalised.");
        }
        double heat = piece.need().heat(treatment).celsius();
        if (heat + Programme.AGREES_WITHIN_KELVIN > kiln.most().celsius()) {
            reasons.add("It needs " + piece.need().heat(treatment).in(units) + ", and this kiln’s safety cuts at "
                    + kiln.most().in(units) + ".");
        }
        if (!pieces.isEmpty()) {
            agreement(piece, reasons, units);
        }
        return List.copyOf(reasons);
    }

    private void space(LoadPiece piece, List<String> reasons, Units units) {
        Kiln.Space space = kiln.space();
        if (pieces.size() >= space.slots()) {
            reasons.add("All " + space.slots() + " slots are taken.");
        }
        if (piece.length().compareTo(space.depth()) > 0) {
            reasons.add("It is " + piece.length().brieflyIn(units) + " long, and the chamber is "
                    + space.depth().brieflyIn(units) + " deep.");
        }
        if (piece.width().compareTo(space.height()) > 0) {
            reasons.add("It stands " + piece.width().brieflyIn(units) + " high, and the chamber has "
                    + space.height().brieflyIn(units) + ".");
        }
    }

    private void agreement(LoadPiece piece, List<String> reasons, Units units) {
        double heat = piece.need().heat(treatment).celsius();
        LoadPiece farthest = pieces.stream()
                .max(Comparator.comparingDouble(
                        each -> Math.abs(each.need().heat(treatment).celsius() - heat)))
                .orElseThrow();
        if (Math.abs(farthest.need().heat(treatment).celsius() - heat) > Programme.AGREES_WITHIN_KELVIN) {
            reasons.add("It needs " + piece.need().heat(treatment).in(units) + "; " + farthest.name()
                    + " in this load needs " + farthest.need().heat(treatment).in(units) + ".");
        }
        if (treatment == Treatment.HARDEN
                && pieces.get(0).need().quench() != piece.need().quench()) {
            reasons.add("It is quenched in " + piece.need().quench().words() + "; this load in "
                    + pieces.get(0).need().quench().words() + ".");
        }
        if (treatment == Treatment.NORMALISE
                && !pieces.get(0)
                        .need()
                        .steel()
                        .grade()
                        .normalising()
                        .equals(piece.need().steel().grade().normalising())) {
            reasons.add("Its three heats differ from those of " + pieces.get(0).name() + ".");
        }
        List<LoadPiece> together = new ArrayList<>(pieces);
        together.add(piece);
        Load joined = Load.of(treatment, kiln, together);
        joined.leaving().stream()
                .filter(leaving ->
                        leaving.soak().compareTo(leaving.piece().need().longest(treatment)) > 0)
                .findFirst()
                .ifPresent(leaving -> reasons.add(
                        (leaving.piece() == piece ? "It" : leaving.piece().name()) + " would soak "
                                + Soak.words(leaving.soak()) + " instead of "
                                + Span.words(leaving.piece().need().soak(treatment))
                                + " by the time it leaves: its grain grows."));
    }
}
