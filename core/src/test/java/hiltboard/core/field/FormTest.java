package hiltboard.core.field;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.measure.Length;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Every kind of answer, and a form of them. */
class FormTest {
    private static final List<Units> READERS = List.of(Units.INCH_FAHRENHEIT, Units.MILLIMETRE_CELSIUS);

    static Stream<Arguments> kinds() {
        return Stream.of(
                Arguments.of(LengthWithin.of("1/16", "1/2"), "5/32", "2", "thick"),
                Arguments.of(LengthWithin.of("-2", "4"), "-1/4", "5", "low"),
                Arguments.of(LengthWithin.ofHole("1/16", "3/8"), "6-32", "1", "6-"),
                Arguments.of(
                        new TemperatureWithin(Temperature.ofFahrenheit(300), Temperature.ofFahrenheit(1200)),
                        "401 F",
                        "1300 F",
                        "warm"),
                Arguments.of(new TimeWithin(Duration.ofHours(2)), "1 h 30 min", "3 h", "a while"),
                Arguments.of(new RockwellHardness(), "60.5", "71", "hard"),
                Arguments.of(new SomeMass(), "40 oz", "0 g", "heavy"),
                Arguments.of(new WholeNumber(1, 6), " 6 ", "7", "some"),
                Arguments.of(DecimalNumber.of("0.5", "4"), "1,5", "4.001", "1.5.2"),
                Arguments.of(Choice.of("FLAT=Flat", "ROUND=Round"), "round", "Square", "fl"),
                Arguments.of(new Words(5), "birch", "walnut", "a\u0000b"),
                Arguments.of(Day.ANY, "2026-11-24", "1899-12-31", "Monday"),
                Arguments.of(new AmountOfMoney(Currency.getInstance("EUR")), "110,50", "1000001", "much"));
    }

    @ParameterizedTest(name = "{1} reads back as the same, whoever reads it and wherever it was kept; {2}, {3} do not")
    @MethodSource("kinds")
    <T> void what_is_taken_reads_back_as_the_same(Kind<T> kind, String good, String tooMuch, String nonsense) {
        for (Units units : READERS) {
            T value = value(kind.typed(good, Units.INCH_FAHRENHEIT));
            assertThat(kind.holds(value)).isTrue();
            assertThat(kind.answer(value)).hasValue(new Answer<>(kind, value));
            assertThat(same(kind.restored(kind.kept(value)))).isEqualTo(same(value));
            assertThat(same(value(kind.typed(kind.exactly(value), units)))).isEqualTo(same(value));
            assertThat(same(value(kind.typed(kind.entry(value, units), units)))).isEqualTo(same(value));
            assertThat(kind.words(value, units)).isNotBlank();
            assertThat(kind.echo(value, units)).isNotBlank();
            assertThat(kind.accepted(units)).isNotBlank();
            for (String wrong : List.of(tooMuch, nonsense, "  ")) {
                assertThat(kind.typed(wrong, Units.INCH_FAHRENHEIT))
                        .isInstanceOfSatisfying(Understood.Refused.class, refused -> {
                            assertThat(refused.problem()).isNotBlank();
                            assertThat(refused.accepted()).isNotBlank();
                        });
            }
            assertThat(kind.answer(new Object())).isEmpty();
        }
    }

    private static <T> T value(Understood<T> read) {
        return ((Understood.Value<T>) read).value();
    }

    /** To a hundredth of a degree: what stands in a file has two places. */
    private static Object same(Object value) {
        return value instanceof Temperature temperature
                ? Math.round(temperature.celsius() * 100)
                : value instanceof BigDecimal number ? number.stripTrailingZeros() : value;
    }

    @Test
    void a_long_entry_is_shown_shortened() {
        assertThat(new WholeNumber(1, 6).typed("9".repeat(60), Units.INCH_FAHRENHEIT))
                .isEqualTo(new Understood.Refused<>("“" + "9".repeat(40) + "…” was not understood", "1 to 6"));
    }

    private record Asked(Map<Ask, Answer<?>> answers) {
        boolean isStained() {
            return Optional.ofNullable(answers.get(Ask.STAIN))
                    .map(answer -> answer.value().equals("YES"))
                    .orElseThrow(() -> new IllegalStateException("not answered yet"));
        }
    }

    private enum Ask implements Field<Asked> {
        STAIN(Choice.of("YES=Yes", "NO=No")),
        COATS(new WholeNumber(1, 9)),
        NOTE(new Words(20)),
        HALF(LengthWithin.of("0", "1")),
        WHOLE(LengthWithin.of("0", "2"));

        private final Kind<?> kind;

        Ask(Kind<?> kind) {
            this.kind = kind;
        }

        @Override
        public String key() {
            return name();
        }

        @Override
        public String label() {
            return name();
        }

        @Override
        public Kind<?> kind(Asked known) {
            return kind;
        }

        @Override
        public boolean isAsked(Asked known) {
            return this != COATS || known.isStained();
        }

        @Override
        public boolean isNeeded(Asked known) {
            return this != NOTE;
        }

        @Override
        public boolean isUsuallyByRule() {
            return this == WHOLE;
        }

        @Override
        public Optional<Object> usualFor(Asked known) {
            return Optional.ofNullable(known.answers().get(HALF)).map(half -> ((Length) half.value()).times(3));
        }
    }

    private static Form<Ask> read(Map<String, String> entries) {
        return Form.read(List.of(Ask.values()), entries, Units.INCH_FAHRENHEIT, Asked::new);
    }

    @Test
    void a_field_waits_for_the_answers_that_it_looks_at_and_what_is_missed_is_found() {
        Form<Ask> empty = read(Map.of());
        assertThat(empty.asked()).containsExactly("STAIN", "NOTE", "HALF", "WHOLE");
        assertThat(empty.findings()).extracting(Finding::field).containsExactly("STAIN", "HALF");
        assertThat(empty.findings())
                .extracting(Finding::problem)
                .containsExactly("Nothing was chosen", "Nothing was entered");
        assertThat(empty.unfollowed()).containsExactly(Ask.WHOLE);
        assertThat(read(Map.of("STAIN", "yes")).asked()).contains("COATS");
        assertThat(read(Map.of("STAIN", "no", "COATS", "3")).answers()).doesNotContainKey(Ask.COATS);
    }

    @Test
    void an_empty_entry_follows_from_the_others_as_far_as_its_limits_go() {
        Form<Ask> follows = read(Map.of("STAIN", "no", "HALF", "1/4"));
        assertThat(follows.findings()).isEmpty();
        assertThat(follows.answers().get(Ask.WHOLE).value()).isEqualTo(Length.ofInches("0.75"));
        assertThat(follows.understood()).containsEntry("WHOLE", "0.750 in");
        assertThat(follows.kept()).containsEntry(Ask.HALF, "6350000");
        assertThat(read(Map.of("STAIN", "no", "HALF", "1")).unfollowed()).containsExactly(Ask.WHOLE);
    }

    @Test
    void what_may_be_left_empty_says_so_where_it_is_refused() {
        assertThat(read(Map.of("NOTE", "far more than twenty letters")).findings())
                .filteredOn(finding -> finding.field().equals("NOTE"))
                .containsExactly(new Finding(
                        "NOTE",
                        "far more than twenty letters",
                        "“far more than twenty letters” is too long",
                        "up to 20 letters, or nothing"));
    }
}
