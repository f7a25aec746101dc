package hiltboard.server.demo;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Strength;
import hiltboard.core.route.Mishap;
import hiltboard.core.route.WayBack;
import hiltboard.server.bench.MishapService.WentWrong;
import hiltboard.server.job.Brief;
import hiltboard.server.job.ChangeService.Decided;
import hiltboard.server.job.ChangeService.FieldChange;
import hiltboard.server.job.JobService.Described;
import hiltboard.server.machine.MachiningService.AskedHole;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * One job of the demo shop for each construction beside the plain full and hidden tang, with mishaps and a late change
 * in their past.
 */
final class DemoConstructions {
    private final DemoShop.Work shop;

    DemoConstructions(DemoShop.Work shop) {
        this.shop = shop;
    }

    void play() {
        integral();
        slipJoint();
        frameLock();
        laminated();
        patternWelded();
        machined();
        hatchet();
        tomahawk();
        bedded();
        hamon();
    }

    private void integral() {
        long piece = shop.take(
                38,
                33,
                "Integral bolster cook's knife",
                "Ottoline Varr",
                "Everything in a small kitchen, every day.",
                1,
                List.of(
                        wish("Blade length", "8 in", "8 in"),
                        wish("Bolster", "one piece with the blade", "forged in one")),
                answers(
                        "construction",
                        "INTEGRAL",
                        "steelForm",
                        "FORGED",
                        "bladeLength",
                        "8",
                        "heelWidth",
                        "1-3/4",
                        "stockThickness",
                        "3/16",
                        "steel",
                        "52100",
                        "handleMaterial",
                        "STABILISED_WOOD",
                        "spacer",
                        "NONE"));
        shop.work(piece, "sand-ricasso", Duration.ofHours(5));
        shop.begin(piece, "sand-ricasso", Duration.ofMinutes(25), 3);
    }

    private void slipJoint() {
        long piece = shop.take(
                33,
                27,
                "Slip joint for the waistcoat",
                "Barnaby Quist",
                "Apples, string, letters; it has to be slim.",
                1,
                List.of(wish("Slim", "very slim", "0.100 in blade, thin covers")),
                answers(
                        "construction",
                        "SLIP_JOINT",
                        "bladeLength",
                        "2-5/8",
                        "heelWidth",
                        "5/8",
                        "stockThickness",
                        ".100",
                        "edgeThickness",
                        ".010",
                        "handleLength",
                        "3-3/8",
                        "handleMaterial",
                        "HORN",
                        "scaleThickness",
                        "1/8",
                        "linerThickness",
                        ".040",
                        "pivotDiameter",
                        "3/32",
                        "notches",
                        "NONE"));
        shop.work(piece, "fit-spring", Duration.ofHours(4));
        shop.note(
                piece,
                "fit-spring",
                "Kick a little long on purpose: stone it down at the fit.",
                shop.maker(1),
                Duration.ofHours(3));
    }

    private void frameLock() {
        long piece = shop.take(
                29,
                36,
                "Frame lock with bearings",
                "Severin Hode",
                "Pocket, boat, boxes. One hand.",
                1,
                List.of(wish("Opens with one hand", "flick", "bearings, 0.020 in clearance")),
                answers(
                        "construction",
                        "FRAME_LOCK",
                        "bladeLength",
                        "3-1/2",
                        "heelWidth",
                        "1-1/8",
                        "stockThickness",
                        ".170",
                        "steel",
                        "440C",
                        "handleMaterial",
                        "CARBON_FIBRE",
                        "pivotDiameter",
                        "3/16",
                        "finish",
                        "BELT_SATIN"));
        shop.work(piece, "cut-lock-bar", Duration.ofHours(6));
        shop.read(piece, "finish-grind", PieceDimensions.BLADE_THICKNESS, "0.164 in", Duration.ofHours(2));
    }

    private void laminated() {
        long piece = shop.take(
                26,
                41,
                "Clad vegetable knife",
                "Ludmila Ferris",
                "Vegetables only, very thin, very sharp.",
                1,
                List.of(wish("Edge before sharpening", "as thin as you dare", "0.010 in")),
                answers(
                        "steelForm",
                        "LAMINATED",
                        "steel",
                        "W2",
                        "bladeLength",
                        "6-1/2",
                        "heelWidth",
                        "1-7/8",
                        "stockThickness",
                        "3/16",
                        "edgeThickness",
                        ".010",
                        "use",
                        "VEGETABLES",
                        "edgeAngle",
                        "13",
                        "edgeTooth",
                        "FINE",
                        "finish",
                        "PATTERN",
                        "handleMaterial",
                        "MAPLE",
                        "notches",
                        "NONE"));
        shop.work(piece, "rough-bevels", Duration.ofHours(30));
        shop.wrong(
                piece,
                "clean-forging",
                new WentWrong(
                        Mishap.LAMINATE_FLAW.name(),
                        "an open weld near the heel",
                        ".012",
                        WayBack.GRIND_OUT,
                        "",
                        false),
                Duration.ofHours(28),
                shop.maker(2));
        shop.begin(piece, "rough-bevels", Duration.ofMinutes(40), 2);
        shop.benches().belt(piece, "P36", Duration.ofMinutes(35), shop.maker(2));
        shop.benches()
                .ground(
                        piece,
                        "soft P36",
                        Map.of(
                                "HEEL.EDGE", ".047",
                                "HEEL.LEFT", "1.62",
                                "HEEL.RIGHT", "1.60",
                                "MIDDLE.EDGE", ".046",
                                "MIDDLE.LEFT", "1.58",
                                "MIDDLE.RIGHT", "1.55",
                                "HEEL.PLUNGE_LEFT", ".560",
                                "HEEL.PLUNGE_RIGHT", ".562"),
                        Duration.ofMinutes(12),
                        shop.maker(2));
    }

    private void patternWelded() {
        long piece = shop.take(
                42,
                44,
                "Twisted hunting dagger",
                "Corvin Ashmole",
                "For show, and once a year for the boar.",
                1,
                List.of(wish("Pattern", "wild", "twisted, ground deep")),
                answers(
                        "construction",
                        "HIDDEN_TANG",
                        "steelForm",
                        "PATTERN_WELDED",
                        "pattern",
                        "TWISTED",
                        "steel",
                        "1084",
                        "bladeLength",
                        "9",
                        "stockThickness",
                        "1/4",
                        "heelWidth",
                        "1-1/4",
                        "finish",
                        "PATTERN",
                        "heldBy",
                        "PEENED",
                        "handleMaterial",
                        "ANTLER"));
        shop.work(piece, "normalise", Duration.ofHours(7));
    }

    private void machined() {
        long first = shop.take(
                24,
                20,
                "Galley knives, machined",
                "Harbour Galley Supply",
                "Deck and galley, handed from one to the next.",
                5,
                4,
                List.of(
                        wish("Five, one a spare", "four and a spare", "five; the spare stays with us"),
                        wish("Scales swap", "interchangeable", "to 0.003 in")),
                answers(
                        "construction",
                        "MACHINED",
                        "steel",
                        "440C",
                        "bladeLength",
                        "4-1/2",
                        "stockThickness",
                        ".140",
                        "handleMaterial",
                        "GLASS_EPOXY",
                        "scaleThickness",
                        "1/4",
                        "handleHollow",
                        ".050",
                        "finish",
                        "ETCHED_DARK_TUMBLED",
                        "pinDiameter",
                        "3/16"));
        for (int i = 0; i < 5; i++) {
            shop.describe(
                    first + i,
                    new Described(i == 1 ? "anchor on the left scale" : "", "B" + (i + 1), ""),
                    Duration.ofDays(23));
        }
        for (int i = 0; i < 4; i++) {
            shop.give(first + i, "Galley " + (i + 1), Duration.ofDays(23));
        }
        shop.work(first, "wrap-foil", Duration.ofHours(8));
        hole(first, 1, "-.7205 in", "-.4395 in", Duration.ofHours(9));
        hole(first, 2, "-3.7790 in", "-.5810 in", Duration.ofHours(9));
        shop.work(first + 1, "scribe-centre-line", Duration.ofHours(6));
        shop.work(first + 2, "scribe-centre-line", Duration.ofHours(5));
        shop.work(first + 3, "scribe-centre-line", Duration.ofHours(4));
        shop.work(first + 4, "profile", Duration.ofHours(4));
        hole(first + 4, 1, "-.7200 in", "-.4400 in", Duration.ofHours(3));
        hole(first + 4, 2, "-3.7920 in", "-.5810 in", Duration.ofHours(3));
    }

    private void hole(long piece, int hole, String x, String y, Duration ago) {
        shop.benches().hole(piece, new AskedHole("Blade and tang", hole, x, y, ".191 in"), ago, shop.maker(1));
    }

    private void hatchet() {
        long piece = shop.take(
                22,
                19,
                "Kindling hatchet",
                "Wynn Sorrel",
                "Kindling and tent pegs.",
                1,
                List.of(wish("Haft length", "short", "14 in")),
                answers(
                        "construction",
                        "HATCHET",
                        "steelForm",
                        "FORGED",
                        "steel",
                        "5160",
                        "finish",
                        "BELT_SATIN",
                        "handleMaterial",
                        "HICKORY",
                        "mark",
                        "STAMPED",
                        "sheath",
                        "LEATHER"));
        shop.work(piece, "shape-haft", Duration.ofHours(3));
    }

    private void tomahawk() {
        long piece = shop.take(
                12,
                52,
                "Throwing tomahawk",
                "Isembard Crane",
                "The range on Sundays; hafts break and are swapped.",
                1,
                List.of(wish("Haft comes off", "yes", "slides in from above")),
                answers(
                        "construction",
                        "TOMAHAWK",
                        "steelForm",
                        "FORGED",
                        "steel",
                        "1075",
                        "hardening",
                        "BY_EYE",
                        "finish",
                        "ETCHED_GREY",
                        "handleMaterial",
                        "HICKORY",
                        "edgeLength",
                        "3-1/2",
                        "haftLength",
                        "19",
                        "mark",
                        "NONE"));
        shop.work(piece, "rough-bevels", Duration.ofHours(26));
    }

    private void bedded() {
        long piece = shop.take(
                36,
                13,
                "Skinner with bedded handle",
                "Ragna Thole",
                "Elk, two or three a year.",
                1,
                List.of(wish("Handle", "no pins to be seen", "bedded and glued")),
                answers(
                        "construction",
                        "HIDDEN_TANG",
                        "bladeLength",
                        "4-1/2",
                        "stockThickness",
                        "3/16",
                        "bedding",
                        "BEDDED",
                        "releaseAgent",
                        "PETROLEUM_JELLY",
                        "handleMaterial",
                        "BURL",
                        "spacer",
                        "NONE",
                        "steel",
                        "80CrV2"));
        shop.work(piece, "bed-handle", Duration.ofHours(4));
        shop.begin(piece, "bed-handle", Duration.ofMinutes(190), 1);
    }

    private void hamon() {
        long piece = shop.take(
                31,
                47,
                "Yanagi with a line",
                "Fergus Ilmen",
                "Raw fish at the counter, in front of guests.",
                1,
                List.of(wish("Line", "a lively one", "clay, water then oil")),
                answers(
                        "steel",
                        "1095",
                        "hardening",
                        "CLAY",
                        "quench",
                        "WATER_THEN_OIL",
                        "finish",
                        "HAMON",
                        "handleTurn",
                        "TEMPORARY_PINS",
                        "bladeLength",
                        "10-1/2",
                        "heelWidth",
                        "1-1/4",
                        "notches",
                        "NONE",
                        "bevels",
                        "ROUGH_THEN_FINISH"));
        shop.work(piece, "test-hardness", Duration.ofDays(4));
        shop.wrong(
                piece,
                "straighten",
                new WentWrong(
                        Mishap.WARPED.name(),
                        "edge side, came in the water",
                        "3/32",
                        WayBack.HEAT_AGAIN,
                        "harden",
                        false),
                Duration.ofDays(3),
                shop.maker(1));
        shop.work(piece, "remove-scale", Duration.ofHours(22));
        shop.change(
                piece,
                new Decided(
                        List.of(new FieldChange("handleMaterial", "WALNUT", "DENSE_OILY_WOOD")),
                        List.of(),
                        "Walnut looked dull beside the line",
                        true,
                        List.of()),
                Duration.ofHours(20));
    }

    static Map<String, String> answers(String... keysAndValues) {
        Map<String, String> answers = new LinkedHashMap<>();
        for (int i = 0; i < keysAndValues.length; i += 2) {
            answers.put(keysAndValues[i], keysAndValues[i + 1]);
        }
        return answers;
    }

    private static Brief.Wish wish(String words, String asked, String agreed) {
        return new Brief.Wish(words, Strength.MUST, asked, agreed);
    }
}
