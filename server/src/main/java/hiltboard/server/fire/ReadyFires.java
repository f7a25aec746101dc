package hiltboard.server.fire;

import hiltboard.core.fire.Load;
import hiltboard.core.fire.LoadPiece;
import hiltboard.core.fire.Treatment;
import hiltboard.core.measure.Units;
import hiltboard.server.fire.FireRepository.KilnRow;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.job.WorkedOut;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What is ready for a heat, and what of it can burn together. */
@Component
class ReadyFires {
    /** Heats that a route has a step for, in the order in which a blade goes through them. */
    private static final List<Treatment> HEATS = List.of(
            Treatment.NORMALISE, Treatment.ANNEAL, Treatment.HARDEN, Treatment.FIRST_TEMPER, Treatment.LAST_TEMPER);

    private final FireRepository fire;
    private final PieceFiles files;
    private final WorkedOut<Map<Treatment, LoadPiece>> ready = new WorkedOut<>(ReadyFires::heats);

    ReadyFires(FireRepository fire, PieceFiles files) {
        this.fire = fire;
        this.files = files;
    }

    record ReadyPiece(long piece, String name, String job, String steel) {}

    /** Pieces that can burn together; where no kiln takes them, it is said why of the first. */
    record TogetherView(
            String treatment, String words, long kilnId, String kiln, List<ReadyPiece> pieces, List<String> whyNot) {}

    private static Map<Treatment, LoadPiece> heats(PieceFile file) {
        return HEATS.stream()
                .filter(heat -> LoadPieces.step(file, heat).isPresent()
                        && LoadPieces.closed(file, heat).isEmpty())
                .collect(Collectors.toMap(Function.identity(), heat -> LoadPieces.of(file, heat)));
    }

    /** Belongs into a transaction of the caller. */
    List<TogetherView> together(Units units) {
        Set<Long> inFires = fire.inOpenFires();
        List<PieceFile> waiting = files.openAllOfLivingJobs().stream()
                .filter(file -> file.isAlive() && !inFires.contains(file.id()))
                .toList();
        Map<Long, PieceFile> byId = waiting.stream().collect(Collectors.toMap(PieceFile::id, Function.identity()));
        List<Map<Treatment, LoadPiece>> all = ready.ofAll(waiting);
        // A hot kiln is not kept from hardening by what an oven can do.
        List<KilnRow> kilns = fire.kilns().stream()
                .sorted(Comparator.comparing(row -> row.kiln().most().celsius()))
                .toList();
        return HEATS.stream()
                .flatMap(heat -> fires(
                        heat,
                        all.stream()
                                .filter(of -> of.containsKey(heat))
                                .map(of -> of.get(heat))
                                .toList(),
                        kilns,
                        byId,
                        units)
                        .stream())
                .toList();
    }

    private static List<TogetherView> fires(
            Treatment heat, List<LoadPiece> pieces, List<KilnRow> kilns, Map<Long, PieceFile> byId, Units units) {
        List<TogetherView> fires = new ArrayList<>();
        List<LoadPiece> left = new ArrayList<>(pieces);
        for (KilnRow kiln : kilns) {
            for (Load load : Load.together(heat, kiln.kiln(), left, units)) {
                fires.add(view(heat, kiln.id(), kiln.name(), load.pieces(), List.of(), byId));
                left.removeAll(load.pieces());
            }
        }
        if (!left.isEmpty()) {
            List<String> why = kilns.isEmpty()
                    ? List.of("No kiln is written down yet.")
                    : Load.of(heat, kilns.get(0).kiln(), List.of()).whyNot(left.get(0), units);
            fires.add(view(heat, 0, "", left, why, byId));
        }
        return fires;
    }

    private static TogetherView view(
            Treatment heat,
            long kiln,
            String name,
            List<LoadPiece> pieces,
            List<String> whyNot,
            Map<Long, PieceFile> byId) {
        return new TogetherView(
                heat.name(),
                heat.words(),
                kiln,
                name,
                pieces.stream()
                        .map(piece -> new ReadyPiece(
                                piece.id(),
                                piece.name(),
                                byId.get(piece.id()).jobTitle(),
                                piece.need().steel().designation()))
                        .toList(),
                whyNot);
    }
}
