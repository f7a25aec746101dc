package hiltboard.core.route;

import hiltboard.core.chain.Dimension;
import hiltboard.core.chain.DimensionChain;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Construction;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.design.Specifications;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Units;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The routes of typical jobs and the rules behind them as documents that a maker can read and strike out in. */
final class RouteBook {
    private static final Units UNITS = Units.INCH_FAHRENHEIT;

    private RouteBook() {}

    /** One job of the book. @param file its name in the folder, without ending */
    private record Job(String file, String title, Place place, Construction construction, String... changes) {
        Knife knife() {
            return Knife.of(Specifications.of(construction, changes), place);
        }
    }

    private static Job job(String file, String title, Construction construction, String... changes) {
        return new Job(file, title, Place.ALONE, construction, changes);
    }

    private static final List<Job> JOBS = List.of(
            job("01-full-tang", "Full tang as usual", Construction.FULL_TANG),
            job(
                    "02-kitchen-mirror",
                    "Thin kitchen knife, mirror polish, edge before the handle",
                    Construction.FULL_TANG,
                    "steel",
                    "52100",
                    "bladeLength",
                    "8",
                    "heelWidth",
                    "1-3/4",
                    "stockThickness",
                    "3/32",
                    "use",
                    "VEGETABLES",
                    "edgeThickness",
                    ".010",
                    "finish",
                    "MIRROR",
                    "sharpening",
                    "BEFORE_HANDLE",
                    "sharpenedWith",
                    "STONES",
                    "bevels",
                    "AFTER_HARDENING",
                    "notches",
                    "NONE"),
            job(
                    "03-hamon",
                    "Hunter with a hamon",
                    Construction.FULL_TANG,
                    "steel",
                    "W2",
                    "hardening",
                    "CLAY",
                    "finish",
                    "HAMON",
                    "quench",
                    "WATER_THEN_OIL",
                    "edgeThickness",
                    ".020",
                    "handleTurn",
                    "TEMPORARY_PINS",
                    "handleMaterial",
                    "DENSE_OILY_WOOD",
                    "hardnessTried",
                    "BOTH"),
            job(
                    "04-treater",
                    "Stainless, hardened outside",
                    Construction.FULL_TANG,
                    "steel",
                    "440C",
                    "hardening",
                    "OUTSIDE",
                    "handleMaterial",
                    "GLASS_EPOXY",
                    "fastening",
                    "SHOULDERED_FASTENERS",
                    "finish",
                    "BELT_SATIN",
                    "mark",
                    "ELECTRO_ETCHED",
                    "markTiming",
                    "LAST",
                    "sheath",
                    "LEATHER"),
            job(
                    "05-dark-stainless",
                    "Stainless, etched dark and tumbled wet",
                    Construction.FULL_TANG,
                    "steel",
                    "X46Cr13",
                    "finish",
                    "ETCHED_DARK_TUMBLED",
                    "tumbling",
                    "WET",
                    "handleMaterial",
                    "CARBON_FIBRE",
                    "fastening",
                    "SCREWS",
                    "scaleRelief",
                    "POCKET",
                    "cold",
                    "NITROGEN"),
            job(
                    "06-two-tone-ground",
                    "Two tones by grinding, air-hardening",
                    Construction.FULL_TANG,
                    "steel",
                    "A2",
                    "finish",
                    "TWO_TONE_GROUND",
                    "tempers",
                    "THREE",
                    "handleMaterial",
                    "CAST_RESIN"),
            job(
                    "07-valley-and-peak",
                    "Forged, hardened by eye, valleys and peaks",
                    Construction.FULL_TANG,
                    "steelForm",
                    "FORGED",
                    "steel",
                    "1084",
                    "hardening",
                    "BY_EYE",
                    "finish",
                    "VALLEY_AND_PEAK",
                    "handleTurn",
                    "TEMPORARY_PINS",
                    "handleMaterial",
                    "BURL",
                    "lanyard",
                    "TUBE"),
            job(
                    "08-camp-knife",
                    "Camp knife, spine softened by torch, tapered and drilled tang",
                    Construction.FULL_TANG,
                    "steel",
                    "5160",
                    "bladeLength",
                    "9",
                    "heelWidth",
                    "1-3/4",
                    "stockThickness",
                    "1/4",
                    "hardening",
                    "TORCHED_SPINE",
                    "tangTaper",
                    "TAPERED",
                    "lightening",
                    "HOLES",
                    "use",
                    "CHOPPING",
                    "grind",
                    "CONVEX",
                    "notches",
                    "CHOIL_AND_THUMB_GRIP",
                    "mark",
                    "STAMPED",
                    "edgeThickness",
                    ".030",
                    "sheath",
                    "LEATHER",
                    "distalTaper",
                    "TAPERED"),
            job("09-hidden-tang", "Hidden tang as usual", Construction.HIDDEN_TANG),
            job(
                    "10-pattern-bedded",
                    "Pattern-welded, bedded handle",
                    Construction.HIDDEN_TANG,
                    "steelForm",
                    "PATTERN_WELDED",
                    "pattern",
                    "TWISTED",
                    "finish",
                    "PATTERN",
                    "bedding",
                    "BEDDED",
                    "alignmentPins",
                    "TWO",
                    "handleMaterial",
                    "ANTLER"),
            job(
                    "11-peened",
                    "Peened over an end cap",
                    Construction.HIDDEN_TANG,
                    "steel",
                    "O1",
                    "heldBy",
                    "PEENED",
                    "bladeLength",
                    "7",
                    "handleMaterial",
                    "STABILISED_WOOD"),
            job(
                    "12-take-down",
                    "Take-down, air-hardening",
                    Construction.HIDDEN_TANG,
                    "steel",
                    "D2",
                    "heldBy",
                    "TAKE_DOWN",
                    "handleMaterial",
                    "CANVAS_PHENOLIC"),
            job(
                    "13-hard-guard",
                    "Hardened guard, handle first, dipped to the line",
                    Construction.HIDDEN_TANG,
                    "guardMaterial",
                    "TOOL_STEEL",
                    "guardState",
                    "HARDENED",
                    "finish",
                    "ETCHED_GREY",
                    "handleTurn",
                    "HANDLE_FIRST",
                    "handleMaterial",
                    "LAYERED_TUSK"),
            job(
                    "14-integral",
                    "Integral",
                    Construction.INTEGRAL,
                    "steel",
                    "52100",
                    "handleMaterial",
                    "HORN",
                    "spacer",
                    "NONE"),
            job(
                    "15-slip-joint",
                    "Slip joint with liners",
                    Construction.SLIP_JOINT,
                    "steel",
                    "1095",
                    "handleMaterial",
                    "BONE",
                    "bladeLength",
                    "3",
                    "stockThickness",
                    "3/32"),
            job(
                    "16-slip-joint-stainless",
                    "Slip joint, milled sides, stainless",
                    Construction.SLIP_JOINT,
                    "steel",
                    "440C",
                    "sides",
                    "MILLED_SCALES",
                    "bladeLength",
                    "3",
                    "stockThickness",
                    "3/32",
                    "handleMaterial",
                    "TITANIUM",
                    "sheath",
                    "LEATHER"),
            job(
                    "17-frame-lock",
                    "Frame lock, pockets in handle and blade",
                    Construction.FRAME_LOCK,
                    "steel",
                    "D2",
                    "pockets",
                    "BOTH",
                    "handleMaterial",
                    "TITANIUM",
                    "bladeLength",
                    "3-1/2",
                    "finish",
                    "ETCHED_DARK_TUMBLED"),
            new Job(
                    "18-batch-first",
                    "Machined batch, first piece",
                    Place.FIRST_OF_BATCH,
                    Construction.MACHINED,
                    "steel",
                    "A2",
                    "handleMaterial",
                    "GLASS_EPOXY"),
            new Job(
                    "19-batch-later",
                    "Machined batch, a later piece",
                    Place.LATER_OF_BATCH,
                    Construction.MACHINED,
                    "steel",
                    "A2",
                    "handleMaterial",
                    "GLASS_EPOXY"),
            job(
                    "20-hatchet",
                    "Hatchet",
                    Construction.HATCHET,
                    "steel",
                    "5160",
                    "handleMaterial",
                    "HICKORY",
                    "sheath",
                    "LEATHER"),
            job(
                    "21-tomahawk",
                    "Tomahawk",
                    Construction.TOMAHAWK,
                    "steel",
                    "1084",
                    "handleMaterial",
                    "MAPLE",
                    "finish",
                    "ETCHED_GREY"),
            job(
                    "22-clad",
                    "Clad kitchen blade",
                    Construction.HIDDEN_TANG,
                    "steelForm",
                    "LAMINATED",
                    "steel",
                    "1095",
                    "bladeLength",
                    "8",
                    "heelWidth",
                    "1-3/4",
                    "finish",
                    "PATTERN",
                    "use",
                    "VEGETABLES",
                    "edgeThickness",
                    ".010",
                    "handleMaterial",
                    "MAPLE"),
            job(
                    "23-two-tone-masked",
                    "Two tones by mask",
                    Construction.FULL_TANG,
                    "finish",
                    "TWO_TONE_MASKED",
                    "neutraliser",
                    "AMMONIA_CLEANER"));

    /** Every document by its file name. */
    static Map<String, String> pages() {
        Map<String, String> pages = new LinkedHashMap<>();
        pages.put("README.md", contents());
        JOBS.forEach(job -> pages.put(job.file() + ".md", page(job)));
        pages.put("hours.md", hours());
        pages.put("rules.md", rules());
        return pages;
    }

    private static String contents() {
        StringBuilder text = new StringBuilder(
                "# The order of work\n\nRoutes of typical jobs as the program teaches them: steps, order, "
                        + "minutes, rests and words. "
                        + "Made from the program by `./hilt routes`; a test fails when they differ.\n\n");
        for (Job job : JOBS) {
            Route route = job.knife().route();
            text.append("- [")
                    .append(job.title())
                    .append("](")
                    .append(job.file())
                    .append(".md): ")
                    .append(route.steps().size())
                    .append(" steps, ")
                    .append(Span.words(Duration.ofMinutes(route.attendedMinutes())))
                    .append(" of hands-on work\n");
        }
        text.append("- [What work takes](hours.md)\n");
        return text.append("- [The rules behind the order](rules.md)\n").toString();
    }

    private static String page(Job job) {
        Knife knife = job.knife();
        DimensionChain chain = DimensionChain.of(PieceDimensions.of(knife.spec()), Map.of(), Map.of(), UNITS);
        StringBuilder text = new StringBuilder("# ")
                .append(job.title())
                .append("\n\n")
                .append(asked(knife.spec()))
                .append("\n\n");
        text.append(Span.words(Duration.ofMinutes(knife.route().attendedMinutes())))
                .append(" of hands-on work in ")
                .append(knife.route().steps().size())
                .append(" steps.\n");
        int number = 0;
        for (Route.Step step : knife.route().steps()) {
            text.append(step(++number, step, chain));
        }
        return text.append("\n").append(Operations.CAUTIONS_DEFER).append("\n").toString();
    }

    private static String asked(Specification spec) {
        return Stream.of(SpecificationField.values())
                        .filter(field -> !spec.words(field, UNITS).isEmpty())
                        .map(field -> field.label() + ": " + spec.words(field, UNITS))
                        .collect(Collectors.joining("; "))
                + ".";
    }

    private static String step(int number, Route.Step step, DimensionChain chain) {
        Operation operation = step.operation();
        StringBuilder text = new StringBuilder("\n## ")
                .append(number)
                .append(". ")
                .append(operation.title())
                .append("\n\n");
        text.append(operation.station().words())
                .append(", ")
                .append(operation.attendedMinutes())
                .append(" min");
        if (operation.rests()) {
            text.append(", then ")
                    .append(Span.wordsOfRest(operation.rest()))
                    .append(" ")
                    .append(operation.restWords());
        }
        text.append(".\n\n");
        operation.toDo().forEach(line -> text.append("- ").append(line).append("\n"));
        numbers("Work to", operation.targets(), chain, text);
        numbers("Measure", operation.readings(), chain, text);
        operation.checks().forEach(line -> text.append("- Check: ").append(line).append("\n"));
        operation
                .cautions()
                .forEach(line -> text.append("- **Caution:** ").append(line).append("\n"));
        List<String> waits = new ArrayList<>();
        step.waits().forEach(wait -> waits.add(wait.rule().reason()));
        waits.stream()
                .distinct()
                .forEach(reason -> text.append("- Waits: ").append(reason).append("\n"));
        return text.toString();
    }

    private static void numbers(String verb, List<String> keys, DimensionChain chain, StringBuilder text) {
        if (!keys.isEmpty()) {
            text.append("- ")
                    .append(verb)
                    .append(": ")
                    .append(keys.stream()
                            .map(key -> number(chain.link(key).orElseThrow().dimension(), chain))
                            .collect(Collectors.joining("; ")))
                    .append("\n");
        }
    }

    private static String number(Dimension dimension, DimensionChain chain) {
        return dimension.label() + " "
                + chain.link(dimension.key()).orElseThrow().currentIn(UNITS);
    }

    private static String hours() {
        StringBuilder text = new StringBuilder(
                "# What work takes\n\nHands-on minutes of somebody who has done it often: common practice "
                        + "of small shops, from memory, until the shop's own records take their place.\n\n");
        Stream.of(Effort.values())
                .forEach(effort -> text.append("- ")
                        .append(effort.name().charAt(0))
                        .append(effort.name()
                                .substring(1)
                                .toLowerCase(Locale.ROOT)
                                .replace('_', ' '))
                        .append(": ")
                        .append(effort.words())
                        .append("\n"));
        return text.toString();
    }

    private static String rules() {
        StringBuilder text = new StringBuilder(
                "# The rules behind the order\n\nCommon practice of the trade. Stop: cannot be undone, or "
                        + "dangerous. Costly: means doing it again. Care: is said, and shuts nothing.\n\n## What comes before what\n\n");
        OrderRules.all().forEach(rule -> text.append(line(rule)));
        text.append("\n## What a piece has to be\n\n");
        ConditionRules.all().forEach(rule -> text.append(line(rule)));
        return text.toString();
    }

    private static String line(Rule rule) {
        return "- **" + rule.severity().name().charAt(0)
                + rule.severity().name().substring(1).toLowerCase(Locale.ROOT) + ".** " + rule.reason() + " Otherwise: "
                + rule.consequence() + " What to do: "
                + rule.remedy() + "\n";
    }
}
