package hiltboard.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.design.Construction;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SheathStateTest {
    @ParameterizedTest(name = "[trade] {0} sheath, before “{1}”: {2}")
    @CsvSource({
        "LEATHER, cut-leather, NOT_CUT",
        "LEATHER, trial-fit-sheath, CUT",
        "LEATHER, close-sheath, TRIED",
        "LEATHER, stitch-sheath, CLOSED",
        "LEATHER, wet-form, STITCHED",
        "LEATHER, finish-sheath, FORMED",
        "LEATHER, fit-sheath, FINISHED",
        "LEATHER, hand-over, FITTED",
        "FORMED, set-eyelets, PRESSED",
        "FORMED, trial-fit-sheath, TRIMMED"
    })
    void how_far_it_has_come(String sheath, String before, SheathState state) {
        Knife knife = Knife.of(Construction.FULL_TANG, "sheath", sheath);
        assertThat(SheathState.of(knife.before(before))).isEqualTo(state);
    }
}
