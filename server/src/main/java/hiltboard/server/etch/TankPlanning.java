package hiltboard.server.etch;

import hiltboard.core.etch.EtchRecipe;
import hiltboard.core.etch.stagger.TankBatch;
import hiltboard.core.etch.stagger.TankPlan;
import hiltboard.core.etch.stagger.TankPlanSearch;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.server.Refusal;
import hiltboard.server.access.Person;
import hiltboard.server.etch.BathRepository.BathRow;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.search.Run;
import hiltboard.server.search.Runs;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks for the order in which a batch goes through a bath. */
@Service
class TankPlanning {
    private static final Duration PATIENCE = Duration.ofSeconds(30);

    private final BathRepository baths;
    private final BathAges ages;
    private final EtchBook book;
    private final PieceFiles files;
    private final Runs<Batch, TankPlan> runs = new Runs<>("tank plan");

    TankPlanning(BathRepository baths, BathAges ages, EtchBook book, PieceFiles files) {
        this.baths = baths;
        this.ages = ages;
        this.book = book;
        this.files = files;
    }

    /** @param atOnce how many hang in the bath at once */
    record AskedPlan(List<Long> pieces, long bath, String recipe, int atOnce) {}

    /** What is asked: the batch, by which recipe, and how its blades are called. */
    record Batch(TankBatch times, EtchRecipe recipe, List<String> names) {}

    @Transactional(readOnly = true)
    public Run<Batch, TankPlan> begin(AskedPlan asked, Person person) {
        BathRow bath = baths.standing(asked.bath());
        EtchRecipe recipe = book.find(asked.recipe()).recipe();
        List<String> names = asked.pieces().stream()
                .map(files::openAlive)
                .map(PieceFile::name)
                .toList();
        try {
            TankBatch times = TankBatch.of(recipe, ages.of(bath).factor(), names.size(), asked.atOnce());
            return runs.begin(person.id(), new Batch(times, recipe, names), new TankPlanSearch(times, PATIENCE));
        } catch (ImpossibleQuantity impossible) {
            throw Refusal.impossible("atOnce", String.valueOf(asked.atOnce()), impossible, person.units());
        }
    }

    Run<Batch, TankPlan> run(long id) {
        return runs.run(id);
    }

    @PreDestroy
    void stop() {
        runs.close();
    }
}
