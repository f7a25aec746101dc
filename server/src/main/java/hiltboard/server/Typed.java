package hiltboard.server;

import hiltboard.core.field.AmountOfMoney;
import hiltboard.core.field.Day;
import hiltboard.core.field.DecimalNumber;
import hiltboard.core.field.Finding;
import hiltboard.core.field.Kind;
import hiltboard.core.field.LengthWithin;
import hiltboard.core.field.RockwellHardness;
import hiltboard.core.field.TemperatureWithin;
import hiltboard.core.field.TimeWithin;
import hiltboard.core.field.WholeNumber;
import hiltboard.core.field.Words;
import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.measure.Money;
import hiltboard.core.measure.ShopNotation;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import hiltboard.core.stock.AmountOf;
import hiltboard.core.stock.Counted;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Currency;
import java.util.List;
import java.util.Optional;

/**
 * The entries of a form as they were typed. What is not understood is gathered, so that all of it is said at once;
 * until then something stands in for it that computes without harm.
 */
public final class Typed {
    private static final Length STAND_IN = Length.ofMillimetres("1");
    private static final Temperature STAND_IN_TEMPERATURE = Temperature.ofCelsius(200);
    private static final Duration STAND_IN_TIME = Duration.ofHours(1);
    private static final Hardness STAND_IN_HARDNESS = new Hardness(BigDecimal.valueOf(60));

    private static final Temperature COLDEST = Temperature.ofCelsius(-200);
    private static final Temperature HOTTEST = Temperature.ofCelsius(1400);
    private static final Duration LONGEST_TIME = Duration.ofHours(1000);

    /** Letters of what somebody says beside the figures. */
    public static final int LONGEST_WORDS = 500;

    private final Units units;
    private final List<Finding> findings = new ArrayList<>();

    public Typed(Units units) {
        this.units = units;
    }

    private <T> Optional<T> answer(String field, String entry, Kind<T> kind) {
        Understood<T> read = kind.typed(entry, units);
        if (read instanceof Understood.Refused<T> refused) {
            find(field, entry, refused.problem(), refused.accepted());
        }
        return read instanceof Understood.Value<T> value ? Optional.of(value.value()) : Optional.empty();
    }

    /** Where anything was entered. */
    private <T> Optional<T> maybe(String field, String entry, Kind<T> kind) {
        return entry.isBlank() ? Optional.empty() : answer(field, entry, kind);
    }

    /** An answer of any other kind; empty where it was not understood, which is kept. */
    public <T> Optional<T> of(String field, String entry, Kind<T> kind) {
        return answer(field, entry, kind);
    }

    /** Within what is likely. */
    public Length length(String field, String entry, LengthRange likely) {
        return answer(field, entry, new LengthWithin(likely, false)).orElse(STAND_IN);
    }

    /** Within what is likely, where anything was entered. */
    public Optional<Length> maybeLength(String field, String entry, LengthRange likely) {
        return maybe(field, entry, new LengthWithin(likely, false));
    }

    /** Nothing, or within what is likely. */
    public Length lengthOrNothing(String field, String entry, LengthRange likely) {
        return ShopNotation.length(entry, units).equals(new Understood.Value<>(Length.ZERO))
                ? Length.ZERO
                : length(field, entry, likely);
    }

    /** More than nothing and no more than this, in the smallest unit of what is counted. */
    public long amount(String field, String entry, Counted counted, long most) {
        return answer(field, entry, new AmountOf(counted, 1, most)).orElse(1L);
    }

    /** Nothing or more, in the smallest unit of what is counted. */
    public long count(String field, String entry, Counted counted) {
        return answer(field, entry, AmountOf.any(counted)).orElse(0L);
    }

    /** An amount, where anything was entered. */
    public Optional<Money> moneyOrNothing(String field, String entry, Currency currency) {
        return maybe(field, entry, new AmountOfMoney(currency));
    }

    public Money money(String field, String entry, Currency currency) {
        return answer(field, entry, new AmountOfMoney(currency)).orElse(Money.nothing(currency));
    }

    public Temperature temperature(String field, String entry) {
        return temperature(field, entry, COLDEST, HOTTEST);
    }

    /** From one to another, both of them among it. */
    public Temperature temperature(String field, String entry, Temperature least, Temperature most) {
        return answer(field, entry, new TemperatureWithin(least, most))
                .orElse(least == COLDEST ? STAND_IN_TEMPERATURE : least);
    }

    /** More than nothing. */
    public Duration time(String field, String entry) {
        return answer(field, entry, new TimeWithin(LONGEST_TIME)).orElse(STAND_IN_TIME);
    }

    public Hardness hardness(String field, String entry) {
        return answer(field, entry, new RockwellHardness()).orElse(STAND_IN_HARDNESS);
    }

    public double number(String field, String entry, long least, long most) {
        return answer(field, entry, new DecimalNumber(BigDecimal.valueOf(least), BigDecimal.valueOf(most)))
                .map(BigDecimal::doubleValue)
                .orElse((double) least);
    }

    public int whole(String field, String entry, int least, int most) {
        return answer(field, entry, new WholeNumber(least, most)).orElse(least);
    }

    /** A day from one on and before another. */
    public LocalDate day(String field, String entry, LocalDate from, LocalDate before) {
        return answer(field, entry, new Day(from, before)).orElse(from);
    }

    /** Up to so many letters, one or more. */
    public String name(String field, String entry, int longest) {
        answer(field, entry, new Words(longest));
        return entry.strip();
    }

    /**
     * What somebody says, or nothing.
     *
     * @throws Refusal if it is too long
     */
    public static String words(String words) {
        if (words.length() > LONGEST_WORDS) {
            throw Refusal.entry("words", "", "This is too long", "up to " + LONGEST_WORDS + " letters");
        }
        return words.strip();
    }

    /**
     * One of these, by its name.
     *
     * @throws Refusal if none is called so
     */
    public static <E extends Enum<E>> E choice(
            Class<E> of, String field, String entry, String problem, String accepted) {
        return Arrays.stream(of.getEnumConstants())
                .filter(each -> each.name().equals(entry))
                .findFirst()
                .orElseThrow(() -> Refusal.entry(field, entry, problem, accepted));
    }

    public void find(String field, String entry, String problem, String accepted) {
        findings.add(new Finding(field, entry, problem, accepted));
    }

    public void findAll(List<Finding> more) {
        findings.addAll(more);
    }

    public List<Finding> findings() {
        return List.copyOf(findings);
    }

    /** @throws Refusal with everything that was not understood, if anything was not */
    public void mustBeUnderstood() {
        if (!findings.isEmpty()) {
            throw Refusal.entries(findings);
        }
    }
}
