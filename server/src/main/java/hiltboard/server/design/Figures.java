package hiltboard.server.design;

import hiltboard.core.blade.BladeSection.Station;
import hiltboard.core.blade.Point;
import hiltboard.core.design.Bar;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.design.Weighed;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Money;
import hiltboard.core.measure.Units;
import hiltboard.core.money.MaterialCost;
import hiltboard.core.money.PriceItem;
import hiltboard.core.money.PriceList;
import hiltboard.server.job.Drawing;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a drawn knife measures, weighs and costs, in words of one reader's units.
 *
 * @param balanceX where it balances in the drawing, in millimetres
 * @param since what changed in weight and balance since the drawing it is compared with; empty if nothing
 * @param weighsWithout what the weight leaves out, in words
 * @param missingPrices materials that the shop has no price for yet
 */
record Figures(
        List<Figure> figures,
        double balanceX,
        List<PartView> parts,
        List<StationView> stations,
        List<SectionView> sections,
        List<CostLine> cost,
        String materialCost,
        String workCost,
        List<String> missingPrices,
        String since,
        List<String> weighsWithout) {

    /** One number that the client may see, by its key. */
    record Figure(String key, String label, String words) {}

    record PartView(String name, String mass) {}

    record StationView(String fromHeel, String width, String thickness, String bevelHeight, String anglePerSide) {}

    /** A cut across the knife as an SVG path in millimetres, its lowest place at zero and its centre line at x = 0. */
    record SectionView(String name, String path, double width, double height) {}

    record CostLine(String words, String amount, String cost) {}

    static Figures of(
            Specification spec, Optional<Weighed> before, int attendedMinutes, PriceList prices, Units units) {
        Weighed weighed = KnifeShape.weighed(spec);
        MaterialCost cost = MaterialCost.of(spec, weighed, prices);
        Optional<Money> hour = prices.of(PriceItem.HOUR);
        return new Figures(
                figures(spec, weighed, units),
                rounded(weighed.balance().millimetres()),
                weighed.parts().stream()
                        .map(part -> new PartView(part.name(), part.mass().in(units)))
                        .toList(),
                KnifeShape.stations(spec).stream()
                        .map(station -> view(station, units))
                        .toList(),
                KnifeShape.sections(spec).stream().map(Figures::view).toList(),
                cost.lines().stream()
                        .map(line -> new CostLine(
                                line.words(),
                                line.amount(),
                                line.cost().map(Money::words).orElse("")))
                        .toList(),
                cost.total().words(),
                hour.map(price -> price.times(attendedMinutes / 60.0).words()).orElse(""),
                cost.missing(),
                before.map(earlier -> weighed.since(earlier, units)).orElse(""),
                KnifeShape.weighsWithout(spec));
    }

    /** The numbers that a client may be shown. */
    static List<Figure> figures(Specification spec, Weighed weighed, Units units) {
        List<Figure> figures = new ArrayList<>();
        Length overall = KnifeShape.overallLength(spec);
        figures.add(new Figure("overall", "Overall length", overall.brieflyIn(units)));
        figures.add(new Figure(
                "blade",
                spec.isAxe() ? "Edge" : "Blade",
                spec.words(spec.isAxe() ? SpecificationField.EDGE_LENGTH : SpecificationField.BLADE_LENGTH, units)));
        figures.add(new Figure("weight", "Weight", weighed.mass().in(units)));
        figures.add(new Figure("balance", "Balance", balance(spec, weighed.balance(), units)));
        KnifeShape.stations(spec).stream()
                .findFirst()
                .ifPresent(heel -> figures.add(new Figure(
                        "edge",
                        "Edge at the heel",
                        spec.words(SpecificationField.EDGE_THICKNESS, units) + ", bevel "
                                + heel.anglePerSide().in(units) + " a side")));
        KnifeShape.coreShows(spec)
                .ifPresent(height ->
                        figures.add(new Figure("core", "Core shows", shown(height, units) + " above the edge")));
        figures.add(new Figure("steel", "Steel", spec.words(SpecificationField.STEEL, units)));
        figures.add(new Figure("handle", "Handle", spec.words(SpecificationField.HANDLE_MATERIAL, units)));
        figures.add(new Figure("finish", "Finish", spec.words(SpecificationField.FINISH, units)));
        figures.add(new Figure("stock", "Stock", stock(KnifeShape.bar(spec), units)));
        return figures;
    }

    /** As a client reads them, who has a ruler at home: in fractions, and in words of use. */
    static List<Figure> forClient(Specification spec, Weighed weighed, Units units) {
        return figures(spec, weighed, units).stream()
                .map(figure -> switch (figure.key()) {
                    case "overall" ->
                        new Figure(
                                "overall",
                                "From end to end",
                                KnifeShape.overallLength(spec).plainlyIn(units));
                    case "blade" ->
                        new Figure(
                                "blade",
                                spec.isAxe() ? "Length of the edge" : "Length of the blade",
                                spec.length(
                                                spec.isAxe()
                                                        ? SpecificationField.EDGE_LENGTH
                                                        : SpecificationField.BLADE_LENGTH)
                                        .plainlyIn(units));
                    case "balance" ->
                        new Figure(
                                "balance",
                                "It balances",
                                weighed.balance().absolute().plainlyIn(units)
                                        + (weighed.balance().isPositive() ? " in front of " : " behind ")
                                        + front(spec));
                    default -> figure;
                })
                .toList();
    }

    private static String balance(Specification spec, Length balance, Units units) {
        return shown(balance.absolute(), units) + (balance.isPositive() ? " in front of " : " behind ") + front(spec);
    }

    private static String front(Specification spec) {
        return spec.isHiddenTang() ? "the guard" : spec.isAxe() ? "the toe's plane" : "the handle's front";
    }

    private static String stock(Bar bar, Units units) {
        return bar.thickness().in(units) + " × " + bar.width().brieflyIn(units) + " × "
                + bar.length().brieflyIn(units) + ", " + bar.mass().in(units);
    }

    private static StationView view(Station station, Units units) {
        return new StationView(
                shown(station.fromHeel(), units),
                shown(station.width(), units),
                shown(station.thickness(), units),
                shown(station.bevelHeight(), units),
                station.anglePerSide().in(units));
    }

    private static SectionView view(KnifeShape.Section section) {
        double width = 2
                * section.outline().points().stream()
                        .mapToDouble(point -> Math.abs(point.x()))
                        .max()
                        .orElseThrow();
        double height =
                section.outline().points().stream().mapToDouble(Point::y).max().orElseThrow();
        return new SectionView(section.name(), Drawing.closed(section.outline()), rounded(width), rounded(height));
    }

    /** Computed sizes say no more than a calliper shows. */
    private static String shown(Length length, Units units) {
        return length.nearest(
                        units.length() == Units.LengthUnit.INCH
                                ? Length.ofInches("0.001")
                                : Length.ofMillimetres("0.01"))
                .in(units);
    }

    private static double rounded(double millimetres) {
        return Math.round(millimetres * 100) / 100.0;
    }
}
