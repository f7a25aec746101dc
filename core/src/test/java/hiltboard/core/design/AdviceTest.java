package hiltboard.core.design;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.design.Advice.Matter;
import hiltboard.core.job.CareCard;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is pointed out in the talk. Common practice, no published source. */
class AdviceTest {
    @ParameterizedTest(name = "[trade] {0} {1}: {2} is pointed out")
    @CsvSource({
        "FULL_TANG, care=SALT, RUST",
        "FULL_TANG, care=WET handleMaterial=WALNUT, WET_HANDLE",
        "FULL_TANG, care=DISHWASHER handleMaterial=MAPLE, DISHWASHER",
        "FULL_TANG, use=CHOPPING steel=D2, BRITTLE",
        "FULL_TANG, use=CHOPPING steel=1084 temperHeat=350F, TOO_HARD",
        "FULL_TANG, use=VEGETABLES steel=X46Cr13, TOO_SOFT",
        "FULL_TANG, finish=MIRROR, MIRROR",
        "FULL_TANG, hand=LEFT, LEFT_HAND",
        "FULL_TANG, handleMaterial=LAYERED_TUSK destination=ABROAD, PROTECTED_ABROAD",
        "FULL_TANG, handleMaterial=HORN, PROTECTED",
        "FULL_TANG, destination=POSTED, POSTED",
        "FULL_TANG, destination=ABROAD, ABROAD",
        "FULL_TANG, receiver=MINOR, MINOR",
        "FULL_TANG, steel=440C cold=NONE, COLD",
        "HATCHET, steel=440C, BRITTLE",
        "FULL_TANG, use=VEGETABLES edgeThickness=.020, THICK_EDGE",
        "FULL_TANG, use=CHOPPING edgeThickness=.010, THIN_EDGE"
    })
    void what_is_pointed_out(Construction construction, String settings, Matter matter) {
        assertThat(Advice.of(spec(construction, settings)))
                .extracting(Advice::matter)
                .contains(matter);
    }

    @ParameterizedTest(name = "[trade] {0} {1}: {2} is not pointed out")
    @CsvSource({
        "FULL_TANG, care=SALT steel=440C, RUST",
        "FULL_TANG, care=WET handleMaterial=GLASS_EPOXY, WET_HANDLE",
        "FULL_TANG, use=CHOPPING steel=5160, BRITTLE",
        "FULL_TANG, use=CHOPPING steel=5160, TOO_HARD",
        "FULL_TANG, finish=MIRROR use=SHOWING, MIRROR",
        "FULL_TANG, hand=RIGHT, LEFT_HAND",
        "FULL_TANG, steel=440C, COLD",
        "HATCHET, steel=5160, TOO_HARD",
        "FULL_TANG, use=VEGETABLES edgeThickness=.010, THICK_EDGE",
        "FULL_TANG, use=CAMP grind=ZERO_GROUND edgeThickness=.005, THIN_EDGE"
    })
    void what_is_not_pointed_out(Construction construction, String settings, Matter matter) {
        assertThat(Advice.of(spec(construction, settings)))
                .extracting(Advice::matter)
                .doesNotContain(matter);
    }

    @Test
    void a_usual_knife_needs_no_word_and_every_word_is_a_sentence() {
        assertThat(Advice.of(Specifications.fullTang())).isEmpty();
        Specification all = spec(
                Construction.FULL_TANG,
                "care=DISHWASHER destination=ABROAD receiver=MINOR hand=LEFT finish=MIRROR use=CHOPPING steel=D2 cold=NONE "
                        + "handleMaterial=LAYERED_TUSK");
        assertThat(Advice.of(all))
                .hasSizeGreaterThan(6)
                .allSatisfy(advice -> assertThat(advice.words()).matches("\\p{Lu}.*\\."));
        assertThat(Advice.of(all)).extracting(Advice::matter).doesNotHaveDuplicates();
    }

    @Test
    @DisplayName("what stays a risk is told on the care card")
    void on_the_care_card() {
        List<String> card =
                CareCard.of(spec(Construction.FULL_TANG, "finish=MIRROR care=DISHWASHER handleMaterial=MAPLE"));
        assertThat(card)
                .anyMatch(line -> line.contains("mirror polish"))
                .anyMatch(line -> line.contains("dishwasher ruins this handle"));
        assertThat(CareCard.of(Specifications.fullTang())).noneMatch(line -> line.contains("mirror"));
    }

    private static Specification spec(Construction construction, String settings) {
        return Specifications.of(construction, settings.replace("350F", "350 F").split(" (?=[a-z]+[A-Za-z]*=)|=", -1));
    }
}
