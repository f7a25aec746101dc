package hiltboard.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Currency;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * An amount of money: whole minor units (cents, where there are any) of a currency by ISO 4217, not negative. A shop
 * that has not named its currency has {@link #UNNAMED}, with two places.
 */
public record Money(long minor, Currency currency) {
    /** ISO 4217: no currency is involved. */
    public static final Currency UNNAMED = Currency.getInstance("XXX");

    private static final int USUAL_PLACES = 2;
    private static final BigDecimal MOST = BigDecimal.valueOf(1_000_000);
    private static final Pattern TYPED = Pattern.compile("(\\d{1,7})(?:[.,](\\d{1,4}))?");
    private static final Pattern KEPT = Pattern.compile("(\\d{1,18})(?: ([A-Z]{3}))?");

    /** @throws IllegalArgumentException if the amount is negative */
    public Money {
        Objects.requireNonNull(currency);
        if (minor < 0) {
            throw new IllegalArgumentException("An amount of " + minor + " cannot be");
        }
    }

    public static Money nothing(Currency currency) {
        return new Money(0, currency);
    }

    /**
     * An amount as it is typed: {@code 110}, {@code 110.50}, {@code 110,50}, in the currency's own places, up to a
     * million. Empty where it is none.
     */
    public static Optional<Money> read(String entry, Currency currency) {
        Matcher typed = TYPED.matcher(entry.strip());
        if (!typed.matches()
                || Optional.ofNullable(typed.group(2)).map(String::length).orElse(0) > places(currency)) {
            return Optional.empty();
        }
        BigDecimal amount = new BigDecimal(entry.strip().replace(',', '.'));
        return amount.compareTo(MOST) > 0
                ? Optional.empty()
                : Optional.of(new Money(amount.movePointRight(places(currency)).longValueExact(), currency));
    }

    /** What {@link #read} takes, in words. */
    public static String accepted(Currency currency) {
        return "an amount such as 12" + (places(currency) == 0 ? "" : " or 12." + "5000".substring(0, places(currency)))
                + ", up to 1\u00a0000\u00a0000";
    }

    /** The places behind the point that its amounts have. */
    public static int places(Currency currency) {
        int places = currency.getDefaultFractionDigits();
        return places < 0 ? USUAL_PLACES : places;
    }

    /** As {@link #kept} wrote it; an amount without a currency is of one that the shop had not named. */
    public static Optional<Money> ofKept(String kept) {
        Matcher matcher = KEPT.matcher(kept);
        return matcher.matches()
                ? Optional.of(new Money(
                        Long.parseLong(matcher.group(1)),
                        Optional.ofNullable(matcher.group(2))
                                .map(Currency::getInstance)
                                .orElse(UNNAMED)))
                : Optional.empty();
    }

    /** For the data: minor units, and the currency's code where it has one. */
    public String kept() {
        return isNamed() ? minor + " " + currency.getCurrencyCode() : String.valueOf(minor);
    }

    /** @throws IllegalArgumentException if the other is of another currency */
    public Money plus(Money other) {
        if (!currency.equals(other.currency)) {
            throw new IllegalArgumentException(words() + " and " + other.words() + " cannot be added");
        }
        return new Money(Math.addExact(minor, other.minor), currency);
    }

    /**
     * So many of it, to the nearest minor unit, half upwards. @throws IllegalArgumentException if not a finite number
     */
    public Money times(double many) {
        if (!(many >= 0 && Double.isFinite(many))) {
            throw new IllegalArgumentException("An amount times " + many + " cannot be");
        }
        return new Money(
                BigDecimal.valueOf(minor)
                        .multiply(BigDecimal.valueOf(many))
                        .setScale(0, RoundingMode.HALF_UP)
                        .longValueExact(),
                currency);
    }

    /** What each of so many bears, to the nearest minor unit. @throws ImpossibleQuantity if there are none */
    public Money sharedBy(int many) {
        if (many < 1) {
            throw new ImpossibleQuantity("number that share it", String.valueOf(many), "one or more");
        }
        return new Money(
                BigDecimal.valueOf(minor)
                        .divide(BigDecimal.valueOf(many), 0, RoundingMode.HALF_UP)
                        .longValueExact(),
                currency);
    }

    /** As people read it: {@code 1 250.00 EUR}. */
    public String words() {
        String amount = String.format(Locale.ROOT, "%,." + places(currency) + "f", amount())
                .replace(",", "\u00a0");
        return isNamed() ? amount + "\u00a0" + currency.getCurrencyCode() : amount;
    }

    /** As it is typed: {@code 1250.00}. */
    public String typed() {
        return amount().toPlainString();
    }

    private BigDecimal amount() {
        return BigDecimal.valueOf(minor, places(currency));
    }

    private boolean isNamed() {
        return !currency.equals(UNNAMED);
    }
}
