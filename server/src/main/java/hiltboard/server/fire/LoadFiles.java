package hiltboard.server.fire;

import hiltboard.core.fire.HeatBody;
import hiltboard.core.fire.Load;
import hiltboard.core.fire.LoadPiece;
import hiltboard.core.fire.Soak;
import hiltboard.core.route.Route.Step;
import hiltboard.server.Refusal;
import hiltboard.server.device.ConnectedKiln.Shown;
import hiltboard.server.fire.FireRepository.InLoad;
import hiltboard.server.fire.FireRepository.KilnRow;
import hiltboard.server.fire.FireRepository.LoadRow;
import hiltboard.server.fire.FireRepository.Standing;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Entry;
import hiltboard.server.route.StepRepository.StepRow;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** Opens loads with their kilns and their pieces' files; belongs into a transaction of the caller. */
@Component
class LoadFiles {
    private static final int KEPT = 200;

    private final Map<Long, HeatBody> slowest = new ConcurrentHashMap<>();
    private final FireRepository fire;
    private final KilnLog log;
    private final PieceFiles files;

    LoadFiles(FireRepository fire, KilnLog log, PieceFiles files) {
        this.fire = fire;
        this.log = log;
        this.files = files;
    }

    /** A load with its kiln and its pieces' files. */
    record Opened(LoadRow row, KilnRow kiln, List<InLoad> in, List<PieceFile> pieces) {
        Load load() {
            return Load.of(
                    row.treatment(),
                    kiln.kiln(),
                    pieces.stream()
                            .map(file -> row.standing() == Standing.PLANNED || row.standing() == Standing.LIT
                                    ? LoadPieces.of(file, row.treatment())
                                    : LoadPieces.inside(file, row.treatment()))
                            .toList());
        }

        InLoad record(long piece) {
            return in.stream()
                    .filter(each -> each.piece() == piece)
                    .findFirst()
                    .orElseThrow(() -> Refusal.notThere("This piece is not in the load."));
        }

        PieceFile file(long piece) {
            return pieces.stream()
                    .filter(each -> each.id() == piece)
                    .findFirst()
                    .orElseThrow();
        }

        /** What the journal of the shop says of it. */
        Entry entry(Entry.Kind kind, String words) {
            return Entry.ofShop(kind, name() + ": " + words, row.id());
        }

        String name() {
            return row.treatment().words() + " in " + kiln.name();
        }

        /**
         * The step of a piece that this fire does, while it is under way: nothing where the piece was scrapped, held,
         * or its step finished by hand meanwhile.
         */
        Optional<Step> step(PieceFile file) {
            return LoadPieces.step(file, row.treatment())
                    .filter(step -> file.isAlive()
                            && file.heldReason().isEmpty()
                            && file.row(step).filter(StepRow::isUnderWay).isPresent());
        }

        List<PieceFile> stillIn() {
            return pieces.stream()
                    .filter(file -> record(file.id()).leftAt().isEmpty())
                    .toList();
        }
    }

    Opened open(long id) {
        return open(fire.load(id));
    }

    Opened open(LoadRow row) {
        List<InLoad> in = fire.pieces(List.of(row.id()));
        return new Opened(
                row,
                fire.kiln(row.kiln()),
                in,
                in.stream().map(each -> files.open(each.piece())).toList());
    }

    /** @throws Refusal if it stands otherwise */
    Opened open(long id, Standing... standings) {
        Opened load = open(id);
        if (!Set.of(standings).contains(load.row().standing())) {
            throw Refusal.outOfTurn(
                    switch (load.row().standing()) {
                        case PLANNED -> "The fire is not lit yet.";
                        case LIT -> "The fire burns, and the work is not in yet.";
                        case IN -> "The work is in the fire.";
                        case OVER -> "This fire is over.";
                        case GIVEN_UP -> "This load was given up.";
                    });
        }
        return load;
    }

    /** How the load has soaked since the work went in; nothing while it is not in. */
    Optional<Soak> soak(LoadRow row) {
        if (row.standing() != Standing.IN || row.inAt().isEmpty()) {
            return Optional.empty();
        }
        long in = row.inAt().get();
        Soak soak = Soak.from(row.heat(), in / 1000.0, slowest(row), fire.counts());
        for (Shown shown : log.between(row.kiln(), in, Long.MAX_VALUE)) {
            soak = soak.with(shown.atMillis() / 1000.0, shown.celsius());
        }
        return Optional.of(soak);
    }

    /** What lies in a fire stays the same until it is over, so nobody opens its pieces at every look. */
    private HeatBody slowest(LoadRow row) {
        if (slowest.size() > KEPT) {
            slowest.clear();
        }
        return slowest.computeIfAbsent(row.id(), id -> open(row).load().slowest());
    }

    /** The body of what is still in the fire. */
    HeatBody whatIsLeft(Opened load) {
        List<LoadPiece> left = load.stillIn().stream()
                .map(file -> LoadPieces.inside(file, load.row().treatment()))
                .toList();
        return new Load(load.row().treatment(), load.kiln().kiln(), left, Duration.ZERO).body();
    }
}
