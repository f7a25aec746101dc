package hiltboard.server.glue;

import hiltboard.core.glue.GlueClock;
import hiltboard.core.glue.GlueClock.Phase;
import hiltboard.server.ShopClock;
import hiltboard.server.glue.GlueRepository.MixRow;
import hiltboard.server.job.MixesAdhesive;
import hiltboard.server.job.PieceFiles;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Which pieces hang with adhesive in them that has not cured; belongs into a transaction of the caller. */
@Component
class SettingAdhesive implements MixesAdhesive {
    private final GlueRepository glue;
    private final PieceFiles files;
    private final ShopClock clock;

    SettingAdhesive(GlueRepository glue, PieceFiles files, ShopClock clock) {
        this.glue = glue;
        this.files = files;
        this.clock = clock;
    }

    @Override
    public Map<Long, GlueClock> setting() {
        Instant now = clock.now();
        Map<Long, GlueClock> newest = new HashMap<>();
        for (MixRow mix : glue.since(now.minus(GlueViews.SHOWN))) {
            newest.computeIfAbsent(mix.piece(), piece -> GluedPiece.clock(mix, files.open(piece)));
        }
        newest.values().removeIf(each -> each.at(now).phase() == Phase.CURED);
        return newest;
    }
}
