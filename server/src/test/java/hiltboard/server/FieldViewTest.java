package hiltboard.server;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.field.Option;
import hiltboard.core.fire.MillSheetField;
import hiltboard.core.forge.ForgeWork;
import hiltboard.core.forge.StepField;
import hiltboard.core.forge.StepForm;
import hiltboard.core.material.SteelLibrary;
import hiltboard.core.measure.Money;
import hiltboard.core.measure.Units;
import hiltboard.core.stock.LotForm;
import hiltboard.core.stock.StockField;
import hiltboard.core.stock.StockKind;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A question as a page asks it. */
class FieldViewTest {
    private static final StepForm CLAD = new StepForm(ForgeWork.CLAD, SteelLibrary.KNOWN);
    private static final LotForm BAR = LotForm.empty(StockKind.BAR, Money.UNNAMED, SteelLibrary.KNOWN);

    private static FieldView sheet(String key) {
        return MillSheetField.all().stream()
                .filter(field -> field.key().equals(key))
                .map(field -> FieldView.of(field, Map.of(), Units.INCH_FAHRENHEIT))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void a_choice_that_may_be_left_open_has_one_without_a_value_unless_something_is_usual() {
        assertThat(FieldView.of(StepField.BETWEEN, CLAD, Units.INCH_FAHRENHEIT).choices())
                .first()
                .isEqualTo(new Option("", "None"));
        assertThat(FieldView.of(StepField.CLADDING, CLAD, Units.INCH_FAHRENHEIT).choices())
                .extracting(Option::value)
                .doesNotContain("")
                .contains("MILD_STEEL");
        assertThat(sheet("hamon").choices()).extracting(Option::value).containsExactly("no", "yes");
        assertThat(sheet("hamon").usual()).isEqualTo("no");
    }

    @Test
    void a_question_says_what_it_takes_and_whether_it_is_needed() {
        assertThat(sheet("designation").isNeeded()).isTrue();
        assertThat(sheet("cold").isNeeded()).isFalse();
        assertThat(sheet("cold").accepted()).endsWith(", or nothing");
        assertThat(sheet("cold").choices()).isEmpty();
        assertThat(FieldView.of(StockField.SINCE, BAR, Units.INCH_FAHRENHEIT).isDay())
                .isTrue();
        FieldView diameter = FieldView.of(StockField.DIAMETER, BAR, Units.MILLIMETRE_CELSIUS);
        assertThat(diameter.onlyWith()).containsExactly("ROUND");
        assertThat(diameter.accepted()).isEqualTo("0.254 mm to 152.4 mm, or nothing");
        assertThat(FieldView.of(StockField.SECTION, BAR, Units.INCH_FAHRENHEIT).usual())
                .isEqualTo("FLAT");
    }
}
