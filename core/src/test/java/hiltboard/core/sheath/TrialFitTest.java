package hiltboard.core.sheath;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.measure.Units;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class TrialFitTest {
    private static final Units INCH = Units.INCH_FAHRENHEIT;

    @Test
    @DisplayName("[trade] too tight before the welt is glued: another layer of 8 oz gives an eighth of an inch")
    void too_tight() {
        String says = TrialFit.TIGHT.remedy(SheathWall.ofLeather(8), true, INCH);
        assertThat(says).contains(".125 in").contains("Nothing is glued yet");
        assertThat(TrialFit.TIGHT.isGood()).isFalse();
        assertThat(TrialFit.TIGHT.remedy(SheathWall.ofLeather(8), false, INCH)).contains("Warm it");
    }

    @Test
    @DisplayName("[trade] only a knife that holds lets the sheath be closed")
    void closed_only_when_it_holds() {
        assertThat(TrialFit.HOLDS.isGood()).isTrue();
        assertThat(TrialFit.LOOSE.isGood()).isFalse();
        assertThat(TrialFit.LOOSE.remedy(SheathWall.ofLeather(8), true, INCH)).contains("skive the welt");
    }
}
