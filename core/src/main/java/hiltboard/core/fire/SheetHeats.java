package hiltboard.core.fire;

import hiltboard.core.field.Kind;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Heats one after another, as a mill sheet lists them. */
record SheetHeats(List<Temperature> heats) {
    SheetHeats {
        heats = List.copyOf(heats);
    }

    private String joined(Function<Temperature, String> words) {
        return heats.stream().map(words).collect(Collectors.joining("; "));
    }

    /** Temperatures with semicolons between them. */
    record OfSheet() implements Kind<SheetHeats> {
        private static final String ACCEPTED = "temperatures such as 1600 F; 1525 F; 1450 F";

        @Override
        public Class<SheetHeats> type() {
            return SheetHeats.class;
        }

        @Override
        public Understood<SheetHeats> read(String entry, Units units) {
            List<Temperature> heats = new ArrayList<>();
            for (String each : entry.split(";")) {
                if (!(MillSheetField.ANY_HEAT.typed(each, units) instanceof Understood.Value<Temperature> value)) {
                    return Understood.unread(entry, ACCEPTED);
                }
                heats.add(value.value());
            }
            return new Understood.Value<>(new SheetHeats(heats));
        }

        @Override
        public String accepted(Units units) {
            return ACCEPTED;
        }

        @Override
        public String words(SheetHeats heats, Units units) {
            return heats.joined(heat -> heat.in(units));
        }

        @Override
        public String kept(SheetHeats heats) {
            return heats.joined(MillSheetField.ANY_HEAT::kept);
        }

        @Override
        public SheetHeats restored(String kept) {
            return ((Understood.Value<SheetHeats>) read(kept, Units.MILLIMETRE_CELSIUS)).value();
        }
    }
}
