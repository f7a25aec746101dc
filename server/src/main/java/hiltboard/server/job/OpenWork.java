package hiltboard.server.job;

import hiltboard.server.live.Changes;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** How much hands-on work is promised already: what is left on every piece whose outline is approved. Worked out anew only when something has changed. */
@Component
public class OpenWork {
    private final PieceFiles files;
    private final Changes changes;
    private volatile Known known = new Known(-1, 0);

    OpenWork(PieceFiles files, Changes changes) {
        this.files = files;
        this.changes = changes;
    }

    private record Known(long sequence, int minutes) {}

    @Transactional(readOnly = true)
    public int minutes() {
        long latest = changes.latest();
        if (known.sequence() != latest) {
            known = new Known(latest, files.openAllOfLivingJobs().stream().filter(PieceFile::isAlive).filter(PieceFile::isOutlineApproved)
                    .mapToInt(file -> file.progress().attendedMinutesLeft()).sum());
        }
        return known.minutes();
    }
}
