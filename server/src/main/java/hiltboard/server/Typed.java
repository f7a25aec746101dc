package hiltboard.server;

import hiltboard.core.design.Finding;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.stock.Counted;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The entries of a form as they were typed. What is not understood is gathered, so that all of it is said at once; until then something
 * stands in for it that computes without harm.
 */
public final class Typed {
    private static final Length STAND_IN = Length.ofMillimetres("1");
    private static final Length LONGEST = Length.ofInchFraction(1000, 1);

    /** Letters of what somebody says beside the figures. */
    public static final int LONGEST_WORDS = 500;

    private final Units units;
    private final List<Finding> findings = new ArrayList<>();

    public Typed(Units units) {
        this.units = units;
    }

    /** More than nothing. */
    public Length length(String field, String entry) {
        Optional<Length> length = maybeLength(field, entry);
        if (entry.isBlank()) {
            find(field, entry, Counted.LENGTH.accepted());
        }
        return length.orElse(STAND_IN);
    }

    /** More than nothing, where anything was entered. */
    public Optional<Length> maybeLength(String field, String entry) {
        if (entry.isBlank()) {
            return Optional.empty();
        }
        Optional<Length> length = Counted.LENGTH.read(entry, units).map(Length::new).filter(read -> read.isPositive() && read.compareTo(LONGEST) < 0);
        if (length.isEmpty()) {
            find(field, entry, Counted.LENGTH.accepted());
        }
        return length;
    }

    /** Nothing or more. */
    public Length lengthOrNothing(String field, String entry) {
        return Counted.LENGTH.read(entry, units).filter(nanometres -> nanometres == 0).map(Length::new).orElseGet(() -> length(field, entry));
    }

    /** More than nothing and no more than this, in the smallest unit of what is counted. */
    public long amount(String field, String entry, Counted counted, long most) {
        Optional<Long> amount = counted.read(entry, units).filter(read -> read > 0 && read <= most);
        if (amount.isEmpty()) {
            find(field, entry, counted.accepted());
        }
        return amount.orElse(1L);
    }

    /** In cents, where anything was entered. */
    public Optional<Long> money(String field, String entry) {
        String text = entry.strip().replace(',', '.');
        if (text.isEmpty()) {
            return Optional.empty();
        }
        if (!text.matches("\\d{1,6}(\\.\\d{1,2})?")) {
            find(field, entry, "an amount such as 110 or 110.50");
            return Optional.empty();
        }
        return Optional.of(new BigDecimal(text).movePointRight(2).longValueExact());
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

    private void find(String field, String entry, String accepted) {
        String shown = entry.strip().length() > 40 ? entry.strip().substring(0, 40) + "…" : entry.strip();
        find(field, entry, entry.isBlank() ? "Nothing was entered" : "“" + shown + "” was not understood", accepted);
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
