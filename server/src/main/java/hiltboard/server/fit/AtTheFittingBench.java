package hiltboard.server.fit;

import hiltboard.core.fit.DrivenGuard;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Anew;
import hiltboard.core.route.Anew.Fresh;
import hiltboard.core.route.Operation;
import hiltboard.core.route.Trait;
import hiltboard.server.bench.HoldsStep;
import hiltboard.server.fit.FitRepository.LevelRow;
import hiltboard.server.fit.FitRepository.PrintRow;
import hiltboard.server.job.FollowsWork;
import hiltboard.server.job.PieceFile;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** A guard that reads askew, or whose print is not even, is not fitted yet; a new part has not been measured. */
@Component
class AtTheFittingBench implements HoldsStep, FollowsWork {
    private final FitRepository fits;

    AtTheFittingBench(FitRepository fits) {
        this.fits = fits;
    }

    @Override
    public Optional<String> notYet(PieceFile file, Operation operation) {
        return operation.is(Trait.FITS_GUARD) ? notFitted(file) : Optional.empty();
    }

    private Optional<String> notFitted(PieceFile file) {
        Optional<PrintRow> bad =
                fits.print(file.id()).filter(row -> !row.print().isGood());
        if (bad.isPresent()) {
            PrintRow row = bad.get();
            return Optional.of(file.name() + "’s guard printed “" + row.print().words() + "”, read by " + row.by()
                    + ". " + row.print().then());
        }
        List<LevelRow> levels = fits.levels(file.id());
        DrivenGuard driven =
                new DrivenGuard(levels.stream().map(LevelRow::level).toList());
        return levels.isEmpty() || driven.mayPrint(Units.MILLIMETRE_CELSIUS)
                ? Optional.empty()
                : Optional.of(file.name() + "’s guard is not level and home by its last reading: read it again, or "
                        + "take the reading back.");
    }

    @Override
    public void begunAnew(long piece, Anew anew, long atMillis) {
        if (anew.has(Fresh.GUARD_FIT)) {
            fits.strikeDriven(piece, atMillis);
        }
        if (anew.has(Fresh.GUARD)) {
            fits.strikePart(piece, FittedPiece.GUARD, atMillis);
        }
        if (anew.has(Fresh.SPACER)) {
            fits.strikePart(piece, FittedPiece.SPACER, atMillis);
        }
        if (anew.has(Fresh.BLOCK)) {
            fits.strikePart(piece, FittedPiece.BLOCK, atMillis);
        }
    }
}
