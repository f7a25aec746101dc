package hiltboard.server.forge;

import hiltboard.core.field.Answer;
import hiltboard.core.forge.ForgeSteel;
import hiltboard.server.forge.ForgeRepository.BilletRow;
import java.util.List;
import org.springframework.stereotype.Component;

/** Which steels a piece's billet is of; belongs into a transaction of the caller. */
@Component
public class SteelsOfBillets {
    private final ForgeRepository forge;

    SteelsOfBillets(ForgeRepository forge) {
        this.forge = forge;
    }

    /** Each once; none where no billet is planned for it. */
    public List<ForgeSteel> of(long piece) {
        return forge.billets().stream()
                .map(BilletRow::plan)
                .filter(plan -> plan.piece().filter(number -> number == piece).isPresent())
                .flatMap(plan -> plan.recipe().steps().stream())
                .flatMap(step -> step.answers().values().stream())
                .map(Answer::value)
                .filter(ForgeSteel.class::isInstance)
                .map(ForgeSteel.class::cast)
                .distinct()
                .toList();
    }
}
