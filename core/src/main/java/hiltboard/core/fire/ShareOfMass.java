package hiltboard.core.fire;

import hiltboard.core.field.Kind;
import hiltboard.core.material.Composition.Share;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The share of an element by mass, in percent, or from one share to another. */
record ShareOfMass() implements Kind<Share> {
    private static final String ACCEPTED = "percent by mass such as 0.85 or 0.80-0.93";

    @Override
    public Class<Share> type() {
        return Share.class;
    }

    @Override
    public Understood<Share> read(String entry, Units units) {
        List<String> limits = Arrays.stream(
                        entry.replace(',', '.').replace('–', '-').split("-", -1))
                .map(String::strip)
                .toList();
        if (limits.size() > 2
                || !limits.stream().allMatch(limit -> limit.matches("\\d{1,2}(\\.\\d{1,3})?|\\.\\d{1,3}"))) {
            return Understood.unread(entry, ACCEPTED);
        }
        double least = Double.parseDouble(limits.get(0));
        double most = Double.parseDouble(limits.get(limits.size() - 1));
        return least <= most ? new Understood.Value<>(new Share(least, most)) : Understood.unread(entry, ACCEPTED);
    }

    @Override
    public String accepted(Units units) {
        return ACCEPTED;
    }

    @Override
    public String words(Share share, Units units) {
        return kept(share) + " %";
    }

    @Override
    public String kept(Share share) {
        return Stream.of(share.least(), share.most())
                .distinct()
                .map(ShareOfMass::plain)
                .collect(Collectors.joining("-"));
    }

    private static String plain(double percent) {
        return BigDecimal.valueOf(percent).stripTrailingZeros().toPlainString();
    }

    @Override
    public Share restored(String kept) {
        return ((Understood.Value<Share>) read(kept, Units.MILLIMETRE_CELSIUS)).value();
    }
}
