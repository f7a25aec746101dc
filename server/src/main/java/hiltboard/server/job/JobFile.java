package hiltboard.server.job;

import java.time.LocalDate;
import java.util.List;

/** A job as it was talked over: for whom, what for, what was wished, and its pieces. */
public record JobFile(
        long id,
        String number,
        String title,
        String useWords,
        String clientName,
        LocalDate promisedOn,
        List<Brief.Wish> wishes,
        List<PieceFile> pieces) {

    /** Pieces whose outline the client has not approved yet: no steel of theirs is cut. */
    public List<PieceFile> waiting() {
        return pieces.stream()
                .filter(piece -> piece.isAlive() && !piece.isOutlineApproved())
                .toList();
    }
}
