package hiltboard.core.job;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.design.Construction;
import hiltboard.core.design.Specifications;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class CareCardTest {

    @Test
    @DisplayName(
            "[trade] carbon steel is told to rust, a leather sheath not to be a store, an etched blade not to be polished")
    void the_card_speaks_of_this_knife() {
        assertThat(CareCard.of(
                        Specifications.fullTang("steel", "1095", "sheath", "LEATHER", "finish", "ETCHED_DARK_TUMBLED")))
                .anyMatch(line -> line.contains("rusts"))
                .anyMatch(line -> line.contains("leather holds moisture"))
                .anyMatch(line -> line.contains("no metal polish"));
        assertThat(CareCard.of(Specifications.fullTang("steel", "440C")))
                .noneMatch(line -> line.contains("leather"))
                .anyMatch(line -> line.contains("stainless"));
    }

    @Test
    @DisplayName("[trade] the head of an axe is looked at before each use; a knife has none")
    void an_axe_is_told_of_its_head() {
        assertThat(CareCard.of(Specifications.of(Construction.HATCHET))).anyMatch(line -> line.contains("loose head"));
        assertThat(CareCard.of(Specifications.fullTang())).noneMatch(line -> line.contains("head"));
        assertThat(CareCard.of(Specifications.of(Construction.SLIP_JOINT)))
                .noneMatch(line -> line.contains("head"))
                .anyMatch(line -> line.contains("pivot"));
    }
}
