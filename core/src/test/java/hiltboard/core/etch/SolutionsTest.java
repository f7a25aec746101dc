package hiltboard.core.etch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.etch.FerricMaking.Outcome;
import hiltboard.core.etch.Neutralising.Soda;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.LiquidVolume;
import hiltboard.core.measure.Mass;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Volume;
import java.util.Optional;
import java.util.Random;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class SolutionsTest {
    private static final Units METRIC = Units.MILLIMETRE_CELSIUS;
    /** Standard atomic weights, IUPAC 2021, abridged; from memory. */
    private static final double H = 1.008;

    private static final double O = 15.999;
    private static final double CL = 35.45;
    private static final double FE = 55.845;
    private static final double NA = 22.990;
    private static final double C = 12.011;

    @Test
    @DisplayName("[table] degrees Baumé of liquids heavier than water at 60 °F: 145 / (145 − °Bé)")
    void baume() {
        assertThat(new Baume(42).specificGravity()).isCloseTo(1.408, within(5e-4));
        assertThat(new Baume(20).specificGravity()).isCloseTo(1.160, within(5e-4));
        assertThat(new Baume(0).specificGravity()).isEqualTo(1);
        for (double degrees = 0; degrees <= 70; degrees += 3.5) {
            assertThat(Baume.ofGravity(new Baume(degrees).specificGravity()).degrees())
                    .isCloseTo(degrees, within(1e-9));
        }
        assertThatThrownBy(() -> new Baume(145)).isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName("[table, from memory] 42 °Bé ferric chloride is 39 to 40 % by mass, 20 °Bé hydrochloric acid 31.45 %")
    void known_strengths() {
        assertThat(Strength.ofDensity(Solute.FERRIC_CHLORIDE, new Baume(42).density())
                        .percent())
                .isBetween(38.5, 40.5);
        assertThat(Strength.ofDensity(Solute.HYDROCHLORIC_ACID, new Baume(20).density())
                        .percent())
                .as("the table is of 20 °C, degrees Baumé of 60 °F")
                .isCloseTo(31.45, within(0.6));
        assertThat(Strength.ofPercent(Solute.HYDROCHLORIC_ACID, 31.45).molesPerLitre())
                .isCloseTo(10.0, within(0.1));
        assertThat(Strength.ofPercent(Solute.HYDROGEN_PEROXIDE, 3).molesPerLitre())
                .isCloseTo(0.88, within(0.02));
    }

    @Test
    @DisplayName("a stronger solution is heavier, and its density says how strong it is")
    void density_and_strength_agree() {
        for (Solute solute : Solute.values()) {
            double before = 0.99;
            for (double percent = 0.5; percent <= solute.strongest() * 100; percent += 0.5) {
                Strength strength = Strength.ofPercent(solute, percent);
                assertThat(strength.density()).as(solute + " " + percent).isGreaterThan(before);
                assertThat(Strength.ofDensity(solute, strength.density()).percent())
                        .isCloseTo(percent, within(1e-9));
                before = strength.density();
            }
        }
        assertThatThrownBy(() -> Strength.ofPercent(Solute.FERRIC_CHLORIDE, 60))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("50 %");
    }

    @Test
    @DisplayName("[worked] molar masses are the sums of the standard atomic weights")
    void molar_masses() {
        assertThat(Solute.FERRIC_CHLORIDE.molarMass()).isCloseTo(FE + 3 * CL, within(0.01));
        assertThat(Solute.HYDROCHLORIC_ACID.molarMass()).isCloseTo(H + CL, within(0.01));
        assertThat(Solute.HYDROGEN_PEROXIDE.molarMass()).isCloseTo(2 * H + 2 * O, within(0.01));
    }

    @Test
    void a_strength_is_read_as_a_label_says_it() {
        StrengthOf ferric = new StrengthOf(Solute.FERRIC_CHLORIDE);
        for (String label : new String[] {"42 Be", "42 °Bé", "42 baumé", "42°be"}) {
            assertThat(value(ferric, label).percent()).as(label).isBetween(38.5, 40.5);
        }
        assertThat(value(ferric, "40 %").percent()).isEqualTo(40);
        assertThat(value(ferric, "40").percent()).isEqualTo(40);
        assertThat(value(ferric, "1.417").percent()).isCloseTo(40, within(0.01));
        assertThat(value(ferric, "1.417 g/mL").percent()).isCloseTo(40, within(0.01));
        for (String wrong : new String[] {"", "strong", "-3", "120 %", "90 °Bé", "0"}) {
            assertThat(ferric.typed(wrong, METRIC)).as(wrong).isInstanceOf(Understood.Refused.class);
        }
        Strength odd = value(ferric, "41.3 °Bé");
        assertThat(ferric.restored(ferric.kept(odd)).percent()).isCloseTo(odd.percent(), within(0.0051));
    }

    private static Strength value(StrengthOf kind, String entry) {
        return ((Understood.Value<Strength>) kind.typed(entry, METRIC)).value();
    }

    @Test
    @DisplayName("[worked] 1 kg of 40 mass % with 1 kg of water is 20 mass %")
    void dilution_by_mass() {
        Strength forty = Strength.ofPercent(Solute.FERRIC_CHLORIDE, 40);
        Strength twenty = Strength.ofPercent(Solute.FERRIC_CHLORIDE, 20);
        LiquidVolume twoKilograms = new LiquidVolume(2000 / twenty.density());

        Dilution dilution = new Dilution(forty, twenty, twoKilograms);

        assertThat(dilution.stockVolume(METRIC).value().millilitres()).isCloseTo(1000 / forty.density(), within(1e-6));
        assertThat(dilution.water(METRIC).value().millilitres()).isCloseTo(1000 / 0.9982, within(1e-6));
        assertThatThrownBy(() -> new Dilution(twenty, forty, twoKilograms))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("makes nothing stronger");
    }

    @Test
    @DisplayName("what is dissolved stays the same, whatever the strengths")
    void nothing_is_lost_in_a_dilution() {
        Random chance = new Random(21);
        for (int i = 0; i < 500; i++) {
            Solute solute = Solute.values()[chance.nextInt(3)];
            double strong = 1 + chance.nextDouble() * (solute.strongest() * 100 - 1);
            Strength stock = Strength.ofPercent(solute, strong);
            Strength wanted = Strength.ofPercent(solute, strong * (0.05 + 0.95 * chance.nextDouble()));
            LiquidVolume volume = new LiquidVolume(10 + chance.nextInt(5000));
            Dilution dilution = new Dilution(stock, wanted, volume);
            assertThat(stock.grams(dilution.stockVolume(METRIC).value())).isCloseTo(wanted.grams(volume), within(1e-6));
        }
    }

    @Test
    @DisplayName("[worked] 40 : 60 of a litre; half and half of a 42 °Bé stock with water is a little over 23 mass %")
    void parts_by_volume() {
        PartsByVolume parts = new PartsByVolume(40, 60);
        LiquidVolume litre = new LiquidVolume(1000);
        assertThat(parts.first(litre, METRIC).value().millilitres()).isEqualTo(400);
        assertThat(parts.second(litre, METRIC).value().millilitres()).isEqualTo(600);
        assertThat(parts.first(litre, METRIC).working()).containsExactly("1000 mL × 40 ÷ (40 + 60) ≈ 400 mL");
        double stock = 1.408;
        double share = 0.394;
        assertThat(new PartsByVolume(50, 50)
                        .of(Strength.ofDensity(Solute.FERRIC_CHLORIDE, stock))
                        .share())
                .isCloseTo(stock * share / (stock + 1), within(0.002));
        assertThatThrownBy(() -> new PartsByVolume(0, 1)).isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName("[worked] a 250 mm blade of 30 cm³ in a tube of 60 mm: π·3²·26 − 30 = 705 mL")
    void to_cover_a_blade() {
        Vessel tube = new Vessel(Length.ofMillimetres("60"), Optional.empty(), Length.ofMillimetres("300"));
        assertThat(tube.toCover(Length.ofMillimetres("250"), new Volume(30_000), METRIC)
                        .value()
                        .millilitres())
                .isCloseTo(Math.PI * 9 * 26 - 30, within(1e-9));
        assertThat(tube.isSlender()).isTrue();
        assertThatThrownBy(() -> tube.toCover(Length.ofMillimetres("290"), new Volume(1), METRIC))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("in this vessel");
        Vessel trough = new Vessel(
                Length.ofMillimetres("80"), Optional.of(Length.ofMillimetres("400")), Length.ofMillimetres("60"));
        assertThat(trough.holds().millilitres()).isCloseTo(1920, within(1e-9));
        assertThat(trough.isSlender()).isFalse();
    }

    @Test
    @DisplayName(
            "[worked] each mole of iron takes 3 mol of acid and ½ mol of peroxide, and all of it is ferric chloride then")
    void ferric_from_iron_without_a_rest() {
        Strength acid = Strength.ofPercent(Solute.HYDROCHLORIC_ACID, 31.45);
        Strength peroxide = Strength.ofPercent(Solute.HYDROGEN_PEROXIDE, 3);
        LiquidVolume acidVolume = new LiquidVolume(3 / acid.molesPerLitre() * 1000);
        LiquidVolume peroxideVolume = new LiquidVolume(0.5 / peroxide.molesPerLitre() * 1000);

        FerricMaking making = new FerricMaking(acidVolume, acid, Mass.ofGrams(FE), peroxideVolume, peroxide);
        Outcome end = making.outcome();

        assertThat(end.ferric()).isCloseTo(1, within(1e-3));
        assertThat(end.hydrogen()).isCloseTo(1, within(1e-3));
        assertThat(end.ferrous() + end.iron() + end.mud()).isLessThan(2e-3);
        assertThat(making.ironForAll().grams()).isCloseTo(FE, within(0.01));
        assertThat(making.peroxideNeeded().millilitres()).isCloseTo(peroxideVolume.millilitres(), within(0.1));
        double grams = acidVolume.millilitres() * acid.density()
                + peroxideVolume.millilitres() * peroxide.density()
                + FE
                - 2 * H;
        assertThat(making.strength().orElseThrow().share()).isCloseTo((FE + 3 * CL) / grams, within(2e-4));
    }

    @Test
    @DisplayName("[worked] iron, chlorine, oxygen and hydrogen are conserved, whatever is poured together")
    void elements_are_conserved() {
        Random chance = new Random(2106);
        for (int i = 0; i < 2000; i++) {
            FerricMaking making = new FerricMaking(
                    new LiquidVolume(1 + chance.nextInt(2000)),
                    Strength.ofPercent(Solute.HYDROCHLORIC_ACID, 1 + 36 * chance.nextDouble()),
                    Mass.ofGrams(0.1 + 300 * chance.nextDouble()),
                    new LiquidVolume(1 + chance.nextInt(4000)),
                    Strength.ofPercent(Solute.HYDROGEN_PEROXIDE, 0.5 + 30 * chance.nextDouble()));
            Outcome end = making.outcome();
            double acid = making.acidMoles();
            double peroxide = making.peroxideMoles();
            assertThat(end.ferric() + end.ferrous() + end.iron() + end.mud())
                    .as("iron")
                    .isCloseTo(making.ironMoles(), within(1e-9));
            assertThat(3 * end.ferric() + 2 * end.ferrous() + end.acid())
                    .as("chlorine")
                    .isCloseTo(acid, within(1e-9));
            assertThat(2 * end.peroxide() + end.water() + 3 * end.mud())
                    .as("oxygen")
                    .isCloseTo(2 * peroxide, within(1e-9));
            assertThat(end.acid() + 2 * end.peroxide() + 2 * end.hydrogen() + 2 * end.water() + 3 * end.mud())
                    .as("hydrogen")
                    .isCloseTo(acid + 2 * peroxide, within(1e-9));
            assertThat(DoubleStream.of(
                                    end.ferric(),
                                    end.ferrous(),
                                    end.iron(),
                                    end.acid(),
                                    end.peroxide(),
                                    end.mud(),
                                    end.water())
                            .min()
                            .orElseThrow())
                    .as("nothing is less than nothing")
                    .isGreaterThan(-1e-9);
            assertThat(end.ferrous() > 1e-9 && end.peroxide() > 1e-9)
                    .as("peroxide is not left beside what it would oxidise")
                    .isFalse();
        }
    }

    @Test
    void what_runs_out_is_said() {
        Strength acid = Strength.ofPercent(Solute.HYDROCHLORIC_ACID, 31.45);
        Strength peroxide = Strength.ofPercent(Solute.HYDROGEN_PEROXIDE, 3);
        LiquidVolume half = new LiquidVolume(500);
        assertThat(new FerricMaking(half, acid, Mass.ofGrams(400), half, peroxide).runsOut())
                .anyMatch(said -> said.contains("iron stay behind"))
                .anyMatch(said -> said.contains("rust mud"));
        assertThat(new FerricMaking(half, acid, Mass.ofGrams(90), half, peroxide).runsOut())
                .anyMatch(said -> said.startsWith("Peroxide runs out"));
        assertThat(new FerricMaking(half, acid, Mass.ofGrams(10), half, peroxide).runsOut())
                .anyMatch(said -> said.contains("free acid"));
        assertThatThrownBy(() -> new FerricMaking(new LiquidVolume(0), acid, Mass.ofGrams(1), half, peroxide))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("volume of acid");
        assertThatThrownBy(() -> new FerricMaking(half, peroxide, Mass.ofGrams(1), half, peroxide))
                .isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName(
            "peroxide goes in by portions that together are all of it, none of which warms the vessel by more than 5 K")
    void portions_of_peroxide() {
        FerricMaking making = new FerricMaking(
                new LiquidVolume(300),
                Strength.ofPercent(Solute.HYDROCHLORIC_ACID, 31.45),
                Mass.ofGrams(55),
                new LiquidVolume(560),
                Strength.ofPercent(Solute.HYDROGEN_PEROXIDE, 3));
        assertThat(making.portions() * making.portion().millilitres()).isCloseTo(560, within(1e-9));
        // A mole at 150 kJ into about 0.96 kg of watery solution: 37 K in all.
        assertThat(making.portions()).isBetween(7, 9);
    }

    @Test
    @DisplayName(
            "[worked] three moles of baking soda, or one and a half of washing soda, for a mole of ferric chloride")
    void soda() {
        Strength twenty = Strength.ofPercent(Solute.FERRIC_CHLORIDE, 20);
        LiquidVolume litre = new LiquidVolume(1000);
        double moles = 1182.0 * 0.2 / 162.2;
        assertThat(new Neutralising(twenty, litre, Soda.BAKING_SODA)
                        .needed(METRIC)
                        .value()
                        .grams())
                .isCloseTo(moles * 3 * (NA + H + C + 3 * O), within(0.1));
        assertThat(new Neutralising(twenty, litre, Soda.WASHING_SODA)
                        .needed(METRIC)
                        .value()
                        .grams())
                .isCloseTo(moles * 1.5 * (2 * NA + C + 3 * O), within(0.1));
    }
}
