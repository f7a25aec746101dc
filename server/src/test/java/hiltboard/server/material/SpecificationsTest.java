package hiltboard.server.material;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationReader;
import hiltboard.core.material.Steel;
import hiltboard.core.material.SteelLibrary;
import hiltboard.core.measure.Units;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class SpecificationsTest {
    private static final Map<String, String> ENTRIES = SpecificationReader.read(
                    SpecificationReader.completed(Map.of(), Units.INCH_FAHRENHEIT), Units.INCH_FAHRENHEIT)
            .specification()
            .orElseThrow()
            .entries();

    private final Steels steels = mock(Steels.class);
    private final Specifications specifications = new Specifications(steels);

    @Test
    void the_same_entries_are_read_once_though_each_look_at_the_steels_within_a_change_is_a_new_one() {
        when(steels.library()).thenAnswer(call -> new SteelLibrary(List.of()));
        Specification first = specifications.restore(Map.copyOf(ENTRIES));
        assertThat(specifications.restore(Map.copyOf(ENTRIES))).isSameAs(first);
    }

    @Test
    void they_are_read_anew_with_steels_that_changed() {
        when(steels.library()).thenReturn(SteelLibrary.KNOWN);
        Specification first = specifications.restore(ENTRIES);
        Steel own = first.steel();
        when(steels.library()).thenReturn(new SteelLibrary(List.of(own)));
        assertThat(specifications.restore(ENTRIES)).isNotSameAs(first);
    }
}
