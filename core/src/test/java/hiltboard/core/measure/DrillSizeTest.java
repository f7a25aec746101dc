package hiltboard.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DrillSizeTest {

    @ParameterizedTest(name = "ASME B94.11M, from memory: {0} is {1} in")
    @CsvSource({
        "#1, 0.2280",
        "#7, 0.2010",
        "#21, 0.1590",
        "#28, 0.1405",
        "#29, 0.1360",
        "#36, 0.1065",
        "#43, 0.0890",
        "#60, 0.0400",
        "#80, 0.0135",
        "A, 0.234",
        "E, 0.250",
        "F, 0.257",
        "H, 0.266",
        "Q, 0.332",
        "Z, 0.413",
        "1/4, 0.25",
        "1/64, 0.015625",
        "1/2, 0.5",
        "1 in, 1"
    })
    void standard_sizes(String name, String inches) {
        assertThat(DrillSize.named(name))
                .hasValueSatisfying(drill -> assertThat(drill.diameter()).isEqualTo(Length.ofInches(inches)));
    }

    @Test
    @DisplayName("[table] numbers fall, letters rise, and all 170 sizes are sorted")
    void the_table_is_monotonic() {
        List<Length> numbers = IntStream.rangeClosed(1, 80)
                .mapToObj(n -> DrillSize.named("#" + n).orElseThrow().diameter())
                .toList();
        List<Length> letters = IntStream.rangeClosed('A', 'Z')
                .mapToObj(c ->
                        DrillSize.named(String.valueOf((char) c)).orElseThrow().diameter())
                .toList();
        assertThat(IntStream.range(1, 80)).allMatch(i -> numbers.get(i).compareTo(numbers.get(i - 1)) < 0);
        assertThat(IntStream.range(1, 26)).allMatch(i -> letters.get(i).compareTo(letters.get(i - 1)) > 0);
        assertThat(numbers.get(0)).isLessThan(letters.get(0));
        assertThat(DrillSize.all())
                .hasSize(80 + 26 + 64)
                .isSortedAccordingTo(java.util.Comparator.comparing(DrillSize::diameter));
    }

    @Test
    void the_smallest_drill_over_a_size_is_over_it_and_none_between_is() {
        Length least = Length.ofInches("0.251");
        assertThat(DrillSeries.INCH.smallestOver(least))
                .contains(DrillSize.named("F").orElseThrow());
        assertThat(DrillSeries.INCH.smallestOver(Length.ofInches("1.001"))).isEmpty();
    }

    @Test
    @DisplayName("[table, memory] ISO 235: 1.0 to 14.0 mm in tenths, smallest first, none twice")
    void metric_drills() {
        List<Length> sizes =
                DrillSeries.METRIC.drills().stream().map(DrillSize::diameter).toList();
        assertThat(sizes).isSorted().doesNotHaveDuplicates();
        for (int tenths = 10; tenths <= 140; tenths++) {
            assertThat(sizes).contains(Length.ofMillimetres(java.math.BigDecimal.valueOf(tenths, 1)));
        }
        assertThat(DrillSeries.METRIC
                        .smallestOver(Length.ofMillimetres("6.05"))
                        .orElseThrow()
                        .name())
                .isEqualTo("6.1 mm");
        assertThat(DrillSeries.METRIC.smallestOver(Length.ofMillimetres("14.01")))
                .isEmpty();
    }

    @Test
    void a_size_belongs_to_the_series_in_which_it_was_named() {
        assertThat(DrillSeries.of(Length.ofMillimetres("6"))).isEqualTo(DrillSeries.METRIC);
        assertThat(DrillSeries.of(Length.ofMillimetres("4.75"))).isEqualTo(DrillSeries.METRIC);
        assertThat(DrillSeries.of(Length.ofInchFraction(1, 4))).as("6.35 mm").isEqualTo(DrillSeries.INCH);
        assertThat(DrillSeries.of(Length.ofInches("0.163"))).isEqualTo(DrillSeries.INCH);
    }
}
