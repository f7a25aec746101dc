package hiltboard.core.fit;

import static hiltboard.core.measure.Units.MILLIMETRE_CELSIUS;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.blade.Area;
import hiltboard.core.blade.Point;
import hiltboard.core.design.Construction;
import hiltboard.core.design.HandleFinish;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.design.Specifications;
import hiltboard.core.exchange.HandleGauges;
import hiltboard.core.exchange.Sheet;
import hiltboard.core.fit.HandleSections.Section;
import hiltboard.core.grind.Grit;
import hiltboard.core.material.HandleMaterial;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class HandleShapingTest {
    @Test
    @DisplayName("each section is as high as the drawing is there, and at the swell as thick as was specified")
    void sections_are_the_drawing() {
        for (Specification spec : List.of(Specifications.hiddenTang(), Specifications.fullTang())) {
            List<Section> sections = HandleSections.of(spec);
            assertThat(sections)
                    .extracting(Section::name)
                    .containsExactly("Front", "Waist", "Palm swell", "Between swell and butt", "Butt");
            Area drawn = Area.of(KnifeShape.outline(spec).handle());
            Section waist = sections.get(1);
            double front = spec.hasBlock() ? 0.5 * 25.4 : 0;
            double[] border = drawn.crossings(-front - waist.behindFront().millimetres());
            assertThat(waist.high().millimetres()).isCloseTo(border[1] - border[0], within(0.01));
            double thick = spec.hasBlock()
                    ? spec.length(SpecificationField.HANDLE_THICKNESS).millimetres()
                    : 2 * spec.length(SpecificationField.SCALE_THICKNESS).millimetres()
                            + spec.length(SpecificationField.STOCK_THICKNESS).millimetres();
            assertThat(sections.get(2).thick().millimetres()).isCloseTo(thick, within(0.01));
            assertThat(sections.get(0).thick()).isLessThan(sections.get(2).thick());
        }
        assertThat(HandleSections.of(Specifications.of(Construction.SLIP_JOINT)))
                .isEmpty();
        assertThat(HandleSections.of(Specifications.of(Construction.HATCHET))).isEmpty();
    }

    @Test
    @DisplayName("the gauges are drawn at 1:1, with a bar of 100 mm to check the print")
    void gauges_at_one_to_one() {
        Specification spec = Specifications.hiddenTang();
        Sheet sheet = Sheet.of("Gauges", HandleGauges.of(spec, MILLIMETRE_CELSIUS));
        List<Double> high = sheet.closed().stream()
                .map(line -> {
                    double[] y = line.points().stream().mapToDouble(Point::y).toArray();
                    return Arrays.stream(y).max().orElseThrow()
                            - Arrays.stream(y).min().orElseThrow();
                })
                .toList();
        assertThat(high).hasSize(5);
        assertThat(high.stream().mapToDouble(Double::doubleValue).max().orElseThrow())
                .isCloseTo(
                        HandleSections.of(spec).stream()
                                .mapToDouble(section -> section.high().millimetres())
                                .max()
                                .orElseThrow(),
                        within(0.01));
        assertThat(sheet.labels()).anyMatch(label -> label.words().contains("Palm swell"));
    }

    @ParameterizedTest
    @CsvSource({"CARBON_FIBRE, 2500", "CAST_RESIN, 2000", "WALNUT, 400", "GLASS_EPOXY, 600", "ANTLER, 1000"})
    @DisplayName("[trade] carbon 2500 to 3000, cast resin at least 1000, better 2000; open wood 400")
    void the_ladder_by_material(HandleMaterial material, int last) {
        List<Grit> grits =
                HandleSurface.of(material, HandleFinish.usualFor(material)).grits();
        assertThat(grits.get(0)).isEqualTo(Grit.named("P120").orElseThrow());
        assertThat(grits.get(grits.size() - 1)).isEqualTo(Grit.named("P" + last).orElseThrow());
        assertThat(material.finalGrit()).contains(String.valueOf(last));
    }

    @ParameterizedTest
    @EnumSource(HandleMaterial.class)
    @DisplayName("[trade] oil dries between thin coats, what is closed is buffed, looked at and buffed again")
    void the_surface(HandleMaterial material) {
        HandleSurface surface = HandleSurface.of(material, HandleFinish.usualFor(material));
        assertThat(surface.coats()).isNotEmpty();
        if (HandleFinish.usualFor(material) == HandleFinish.OIL) {
            assertThat(surface.coats()).allMatch(coat -> coat.dries().compareTo(Duration.ofHours(8)) >= 0);
        }
        if (HandleFinish.usualFor(material) == HandleFinish.BUFF) {
            assertThat(surface.coats().toString()).contains("buff again");
        }
    }
}
