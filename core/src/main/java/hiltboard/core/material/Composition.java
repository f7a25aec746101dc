package hiltboard.core.material;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.stream.Collectors;

/** What a steel is alloyed with, in percent by mass; the rest is iron. */
public record Composition(Map<Element, Share> shares) {

    /** The limits of one element, in percent by mass, from nothing to 100. */
    public record Share(double least, double most) {
        public Share {
            if (!(least >= 0 && most >= least && most <= 100)) {
                throw new IllegalArgumentException("A share from " + least + " to " + most + " % cannot be");
            }
        }

        static Share of(double percent) {
            return new Share(percent, percent);
        }

        double middle() {
            return (least + most) / 2;
        }

        String words() {
            return least == most
                    ? plain(least)
                    : least == 0 ? "up to " + plain(most) : plain(least) + "–" + plain(most);
        }

        private static String plain(double percent) {
            return BigDecimal.valueOf(percent)
                    .setScale(3, RoundingMode.HALF_UP)
                    .stripTrailingZeros()
                    .toPlainString();
        }
    }

    public Composition {
        EnumMap<Element, Share> copy = new EnumMap<>(Element.class);
        copy.putAll(shares);
        shares = Collections.unmodifiableMap(copy);
    }

    /** The middle of the limits, in percent by mass; nothing where it is not named. */
    public double percent(Element element) {
        return shares.containsKey(element) ? shares.get(element).middle() : 0;
    }

    /** {@code C 0.8–0.93, Mn 0.6–0.9}. */
    public String words() {
        return shares.entrySet().stream()
                .map(share -> share.getKey().symbol() + " " + share.getValue().words())
                .collect(Collectors.joining(", "));
    }
}
