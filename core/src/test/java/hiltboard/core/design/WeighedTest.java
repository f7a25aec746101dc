package hiltboard.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.blade.Area;
import hiltboard.core.blade.KnifeOutline;
import hiltboard.core.blade.KnifeOutline.Use;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class WeighedTest {

    @Test
    @DisplayName("every knife weighs something in each part, and the parts together are the whole")
    void parts_and_whole() {
        Random random = new Random(8);
        for (int i = 0; i < 400; i++) {
            Specification spec = Specifications.random(random);
            Weighed weighed = KnifeShape.weighed(spec);
            assertThat(weighed.parts())
                    .as(spec.toString())
                    .allSatisfy(part ->
                            assertThat(part.mass().grams()).as(part.name()).isPositive());
            assertThat(weighed.parts().stream()
                            .mapToDouble(part -> part.mass().grams())
                            .sum())
                    .isCloseTo(weighed.mass().grams(), within(0.02));
            KnifeOutline outline = KnifeShape.outline(spec);
            assertThat(weighed.balance().millimetres())
                    .isBetween(outline.bladeLength() - outline.overallLength(), outline.bladeLength());
        }
    }

    @Test
    @DisplayName("[worked] three lightening holes of 3/8 in through 5/32 in of 7.85 g/cm³ take 3 × π/4 × d² × t = "
            + "6.66 g, and the balance moves by their moment")
    void lightening_holes() {
        Specification plain = Specifications.fullTang("stockThickness", "5/32", "lightening", "NONE");
        Specification drilled = Specifications.fullTang(
                "stockThickness", "5/32", "lightening", "HOLES", "holeCount", "3", "holeDiameter", "3/8");
        Weighed before = KnifeShape.weighed(plain);
        Weighed after = KnifeShape.weighed(drilled);
        double grams = 3 * Math.PI / 4 * 0.375 * 0.375 * 5 / 32 * 16.387064 * 7.85;
        assertThat(grams).isCloseTo(6.66, within(0.01));
        assertThat(before.mass().grams() - after.mass().grams()).isCloseTo(grams, within(0.01));
        double where = KnifeShape.outline(drilled).holes(Use.LIGHTENING).stream()
                .mapToDouble(hole -> hole.centre().x())
                .average()
                .orElseThrow();
        double moved = (before.mass().grams() * before.balance().millimetres() - grams * where)
                        / (before.mass().grams() - grams)
                - before.balance().millimetres();
        assertThat(after.balance().minus(before.balance()).millimetres()).isCloseTo(moved, within(0.01));
        assertThat(after.since(before, Units.MILLIMETRE_CELSIUS))
                .isEqualTo("−6.7 g, balance "
                        + after.balance()
                                .minus(before.balance())
                                .nearest(Length.ofMillimetres("0.1"))
                                .in(Units.MILLIMETRE_CELSIUS)
                        + " forward");
        assertThat(before.since(before, Units.MILLIMETRE_CELSIUS)).isEmpty();
    }

    @Test
    @DisplayName(
            "what makers know: thinner stock, tapered tang and lighter scales make a knife lighter; a brass guard brings the balance to it")
    void choices_move_weight_as_makers_know() {
        double usual = grams();
        assertThat(grams("stockThickness", "1/8")).isLessThan(usual);
        assertThat(grams("tangTaper", "TAPERED")).isLessThan(usual);
        assertThat(grams("distalTaper", "TAPERED")).isLessThan(usual);
        assertThat(grams("handleMaterial", "GLASS_EPOXY")).isGreaterThan(usual);
        assertThat(grams("lanyard", "TUBE")).isGreaterThan(usual);
        Weighed brass = KnifeShape.weighed(Specifications.hiddenTang("guardMaterial", "BRASS"));
        Weighed laminate = KnifeShape.weighed(Specifications.hiddenTang("guardMaterial", "GLASS_EPOXY"));
        assertThat(brass.mass().grams()).isGreaterThan(laminate.mass().grams());
        assertThat(brass.balance().absolute()).isLessThan(laminate.balance().absolute());
        Weighed tapered = KnifeShape.weighed(Specifications.fullTang("tangTaper", "TAPERED"));
        assertThat(tapered.balance())
                .isGreaterThan(KnifeShape.weighed(Specifications.fullTang()).balance());
    }

    @Test
    @DisplayName("common practice: a 4 in hunter in 5/32 in weighs 120 to 220 g, an 8 in kitchen knife in 3/32 in "
            + "120 to 260 g, a hatchet of 14 in haft 450 to 1100 g")
    void weights_of_real_knives() {
        assertThat(grams()).isBetween(120d, 220d);
        assertThat(grams(
                        "profile",
                        "TALL_KITCHEN",
                        "bladeLength",
                        "8",
                        "heelWidth",
                        "1-7/8",
                        "stockThickness",
                        "3/32",
                        "notches",
                        "NONE",
                        "edgeThickness",
                        ".010"))
                .isBetween(120d, 260d);
        assertThat(KnifeShape.weighed(Specifications.of(Construction.HATCHET))
                        .mass()
                        .grams())
                .isBetween(450d, 1100d);
    }

    private static double grams(String... changes) {
        return KnifeShape.weighed(Specifications.fullTang(changes)).mass().grams();
    }

    @Test
    @DisplayName(
            "[worked] a pocket inside both scales takes its own volume of wood off: about 2 × 0.020 in × what lies within the rim")
    void a_relieved_scale_weighs_less() {
        double whole = scales(Specifications.fullTang());
        double relieved = scales(Specifications.fullTang("scaleRelief", "POCKET"));
        Area handle = Area.of(KnifeShape.outline(Specifications.fullTang()).handle());
        double rim = 2 * 0.150 * 25.4;
        double within = handle.squareMillimetres() - rim * (114.3 + 22);
        assertThat(whole - relieved)
                .isCloseTo(
                        within
                                * 2
                                * 0.020
                                * 25.4
                                / 1000
                                * Specifications.fullTang()
                                        .handleMaterial()
                                        .density()
                                        .gramsPerCubicCentimetre(),
                        within(0.35));
        assertThat(KnifeShape.weighsWithout(Specifications.hiddenTang("alignmentPins", "TWO")))
                .contains("alignment pins", "adhesive");
        assertThat(KnifeShape.weighsWithout(Specifications.fullTang("fastening", "SCREWS")))
                .containsExactly("screws’ heads");
    }

    private static double scales(Specification spec) {
        return KnifeShape.weighed(spec).parts().stream()
                .filter(part -> part.name().equals("Scales"))
                .findFirst()
                .orElseThrow()
                .mass()
                .grams();
    }

    @Test
    @DisplayName("[worked] what goes into the fire is the blade as it is profiled, not the bar: volume × 7.85 g/cm³, "
            + "lighter the further its bevels are ground")
    void steel_in_the_fire() {
        Specification slab =
                Specifications.fullTang("bevels", "AFTER_HARDENING", "pinDiameter", "1/16", "notches", "NONE");
        double area = Area.of(KnifeShape.outline(slab).blade()).squareMillimetres()
                + Area.of(KnifeShape.outline(slab).tang()).squareMillimetres();
        assertThat(KnifeShape.steelInFire(slab, true).grams())
                .isCloseTo(area * 5 / 32 * 25.4 / 1000 * 7.85, within(0.5));
        double rough = KnifeShape.steelInFire(
                        Specifications.fullTang(
                                "bevels", "ROUGH_THEN_FINISH", "pinDiameter", "1/16", "notches", "NONE"),
                        true)
                .grams();
        assertThat(rough)
                .isLessThan(KnifeShape.steelInFire(slab, true).grams())
                .isGreaterThan(KnifeShape.steelInFire(
                                Specifications.fullTang(
                                        "bevels", "BEFORE_HARDENING", "pinDiameter", "1/16", "notches", "NONE"),
                                true)
                        .grams());
        assertThat(KnifeShape.steelInFire(slab, false).grams())
                .as("before it is profiled it is its bar")
                .isCloseTo(KnifeShape.bar(slab).mass().grams(), within(0.5));
        assertThat(KnifeShape.steelInFire(Specifications.of(Construction.HATCHET), true)
                        .grams())
                .isPositive();
    }
}
