package hiltboard.server;

import hiltboard.core.design.Finding;
import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.measure.Money;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.ShopNotation;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import hiltboard.core.stock.Counted;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Currency;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * The entries of a form as they were typed. What is not understood is gathered, so that all of it is said at once;
 * until then something stands in for it that computes without harm.
 */
public final class Typed {
    private static final Length STAND_IN = Length.ofMillimetres("1");
    private static final Temperature STAND_IN_TEMPERATURE = Temperature.ofCelsius(200);
    private static final Duration STAND_IN_TIME = Duration.ofHours(1);
    private static final Hardness STAND_IN_HARDNESS = new Hardness(BigDecimal.valueOf(60));

    private static final int LONGEST_SHOWN = 40;

    /** Letters of what somebody says beside the figures. */
    public static final int LONGEST_WORDS = 500;

    private final Units units;
    private final List<Finding> findings = new ArrayList<>();

    public Typed(Units units) {
        this.units = units;
    }

    /** Within what is likely. */
    public Length length(String field, String entry, LengthRange likely) {
        return understood(field, entry, likely.read(entry, units)).orElse(STAND_IN);
    }

    /** Within what is likely, where anything was entered. */
    public Optional<Length> maybeLength(String field, String entry, LengthRange likely) {
        return entry.isBlank() ? Optional.empty() : understood(field, entry, likely.read(entry, units));
    }

    /** Nothing, or within what is likely. */
    public Length lengthOrNothing(String field, String entry, LengthRange likely) {
        return ShopNotation.length(entry, units).equals(new Understood.Value<>(Length.ZERO))
                ? Length.ZERO
                : length(field, entry, likely);
    }

    private <Q extends Quantity> Optional<Q> understood(String field, String entry, Understood<Q> read) {
        if (read instanceof Understood.Refused<Q> refused) {
            findings.add(new Finding(field, entry, refused.problem(), refused.accepted()));
            return Optional.empty();
        }
        return Optional.of(((Understood.Value<Q>) read).quantity());
    }

    /** More than nothing and no more than this, in the smallest unit of what is counted. */
    public long amount(String field, String entry, Counted counted, long most) {
        Optional<Long> amount = counted.read(entry, units).filter(read -> read > 0 && read <= most);
        if (amount.isEmpty()) {
            find(field, entry, counted.accepted());
        }
        return amount.orElse(1L);
    }

    /** An amount, where anything was entered. */
    public Optional<Money> moneyOrNothing(String field, String entry, Currency currency) {
        return entry.isBlank() ? Optional.empty() : Optional.of(money(field, entry, currency));
    }

    public Money money(String field, String entry, Currency currency) {
        Optional<Money> read = Money.read(entry, currency);
        if (read.isEmpty()) {
            find(field, entry, Money.accepted(currency));
        }
        return read.orElse(Money.nothing(currency));
    }

    public Temperature temperature(String field, String entry) {
        return understood(
                        field,
                        entry,
                        ShopNotation.temperature(entry, units),
                        any -> true,
                        "a temperature such as 400 F or 205 C")
                .orElse(STAND_IN_TEMPERATURE);
    }

    /** From one to another, both of them among it. */
    public Temperature temperature(String field, String entry, Temperature least, Temperature most) {
        return understood(
                        field,
                        entry,
                        ShopNotation.temperature(entry, units),
                        read -> read.celsius() >= least.celsius() && read.celsius() <= most.celsius(),
                        least.in(units) + " to " + most.in(units))
                .orElse(least);
    }

    /** More than nothing. */
    public Duration time(String field, String entry) {
        return understood(
                        field,
                        entry,
                        ShopNotation.time(entry),
                        read -> !read.duration().isZero(),
                        "a time such as 75 min or 5 h")
                .map(Span::duration)
                .orElse(STAND_IN_TIME);
    }

    public Hardness hardness(String field, String entry) {
        return understood(
                        field,
                        entry,
                        ShopNotation.hardness(entry),
                        any -> true,
                        "a Rockwell C hardness such as 60, from 20 to 70")
                .orElse(STAND_IN_HARDNESS);
    }

    private <Q extends Quantity> Optional<Q> understood(
            String field, String entry, Understood<Q> read, Predicate<Q> fits, String accepted) {
        Optional<Q> quantity = read instanceof Understood.Value<Q> value
                ? Optional.of(value.quantity()).filter(fits)
                : Optional.empty();
        if (quantity.isEmpty()) {
            find(field, entry, accepted);
        }
        return quantity;
    }

    /** A whole number of up to six figures. */
    public int whole(String field, String entry, int least, int most, String accepted) {
        String text = entry.strip();
        if (text.matches("\\d{1,6}") && Integer.parseInt(text) >= least && Integer.parseInt(text) <= most) {
            return Integer.parseInt(text);
        }
        find(field, entry, accepted);
        return least;
    }

    /** A day from one on and before another. */
    public LocalDate day(String field, String entry, LocalDate from, LocalDate before) {
        try {
            LocalDate day = LocalDate.parse(entry.strip());
            if (!day.isBefore(from) && day.isBefore(before)) {
                return day;
            }
        } catch (DateTimeParseException notADay) {
            // Said below, as for a day that has gone by.
        }
        find(
                field,
                entry,
                entry.isBlank() ? "Nothing was entered" : "“" + shown(entry) + "” is not a day to come",
                "a day such as " + from.plusWeeks(2));
        return from;
    }

    /** Up to so many letters, one or more. */
    public String name(String field, String entry, int longest) {
        if (entry.isBlank() || entry.length() > longest) {
            find(field, entry, "up to " + longest + " letters");
        }
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

    private void find(String field, String entry, String accepted) {
        find(
                field,
                entry,
                entry.isBlank() ? "Nothing was entered" : "“" + shown(entry) + "” was not understood",
                accepted);
    }

    private static String shown(String entry) {
        return entry.strip().length() > LONGEST_SHOWN ? entry.strip().substring(0, LONGEST_SHOWN) + "…" : entry.strip();
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
