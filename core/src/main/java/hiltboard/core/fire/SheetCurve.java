package hiltboard.core.fire;

import hiltboard.core.field.Kind;
import hiltboard.core.field.RockwellHardness;
import hiltboard.core.material.TemperingCurve.Point;
import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** What a mill sheet says of hardness by temper: two points or more, by rising temperature. */
record SheetCurve(List<Point> points) {
    SheetCurve {
        points = List.copyOf(points);
    }

    /** {@code 300 F = 63; 400 F = 61}. */
    record OfSheet() implements Kind<SheetCurve> {
        private static final String ACCEPTED =
                "points by rising temperature, such as 300 F = 63; 400 F = 61; 500 F = 59";

        @Override
        public Class<SheetCurve> type() {
            return SheetCurve.class;
        }

        @Override
        public Understood<SheetCurve> read(String entry, Units units) {
            List<Point> points = new ArrayList<>();
            for (String each : entry.split(";")) {
                String[] sides = each.split("=");
                if (sides.length != 2
                        || !(MillSheetField.ANY_HEAT.typed(sides[0], units) instanceof Understood.Value<Temperature> at)
                        || !(new RockwellHardness().typed(sides[1], units) instanceof Understood.Value<Hardness> hrc)
                        || !isRising(points, at.value())) {
                    return Understood.unread(entry, ACCEPTED);
                }
                points.add(new Point(at.value(), hrc.value().magnitude()));
            }
            return points.size() < 2
                    ? Understood.unread(entry, ACCEPTED)
                    : new Understood.Value<>(new SheetCurve(points));
        }

        private static boolean isRising(List<Point> points, Temperature next) {
            return points.isEmpty()
                    || points.get(points.size() - 1).temperature().celsius() < next.celsius();
        }

        @Override
        public String accepted(Units units) {
            return ACCEPTED;
        }

        @Override
        public String words(SheetCurve curve, Units units) {
            return curve.points().stream()
                    .map(point -> point.temperature().in(units) + " = " + plain(point.hrc()))
                    .collect(Collectors.joining("; "));
        }

        @Override
        public String kept(SheetCurve curve) {
            return curve.points().stream()
                    .map(point -> MillSheetField.ANY_HEAT.kept(point.temperature()) + " = " + plain(point.hrc()))
                    .collect(Collectors.joining("; "));
        }

        private static String plain(double hrc) {
            return BigDecimal.valueOf(hrc).stripTrailingZeros().toPlainString();
        }

        @Override
        public SheetCurve restored(String kept) {
            return ((Understood.Value<SheetCurve>) read(kept, Units.MILLIMETRE_CELSIUS)).value();
        }
    }
}
