package hiltboard.server.fit;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Volume;
import hiltboard.server.job.PieceFile;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What adhesive has to fill around a hidden tang; belongs into a transaction of the caller. */
@Component
public class CavityVolume {
    private final FitRepository fits;

    CavityVolume(FitRepository fits) {
        this.fits = fits;
    }

    /** Empty where there is no such cavity, or where it cannot be drilled. */
    public Optional<Volume> toFill(PieceFile file) {
        if (!FittedPiece.isOne(file)) {
            return Optional.empty();
        }
        Units units = Units.MILLIMETRE_CELSIUS;
        try {
            return Optional.of(new FittedPiece(file, fits.of(file.id()), units)
                    .cavity()
                    .adhesive(units)
                    .value());
        } catch (ImpossibleQuantity noCavity) {
            return Optional.empty();
        }
    }
}
