package hiltboard.core.fit;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.blade.RoundedRectangle;
import hiltboard.core.fit.Clearance.Fit;
import hiltboard.core.fit.DrivenGuard.Level;
import hiltboard.core.fit.DrivenGuard.Turn;
import hiltboard.core.fit.MeasuredTang.At;
import hiltboard.core.fit.TangInParts.Passage;
import hiltboard.core.fit.TangInParts.Role;
import hiltboard.core.material.FittingMaterial;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

class TangInPartsTest {
    private static final GeometryFactory PLANE = new GeometryFactory();

    @Test
    @DisplayName(
            "[trade] [worked] tang 0.690 × 0.163 in a slot of 0.170 × 0.815 cut with 1/8: 0.007 in to spare, corners too")
    void the_common_guard() {
        TangInParts parts = guard("0.163", "0.163", "0.163", "0.161");
        assertThat(parts.clearance(pocket(parts), INCH_FAHRENHEIT))
                .isEqualTo(new Clearance(Fit.FREE, inches("0.007"), "free, 0.007 in to spare"));
        assertThat(parts.clearance(lip(parts), INCH_FAHRENHEIT).words()).isEqualTo("tight by 0.002 in: it is driven");
    }

    @ParameterizedTest
    @CsvSource({
        "0.165, BRASS, LOOSE, light shows",
        "0.1635, BRASS, SNUG, by hand",
        "0.160, BRASS, TIGHT, 0.003 in",
        "0.158, BRASS, WILL_NOT_GO, at most 0.004 in is driven",
        "0.160, STAINLESS, WILL_NOT_GO, at most 0.002 in is driven",
        "0.1625, GLASS_EPOXY, WILL_NOT_GO, too small"
    })
    @DisplayName("[trade] the lip closes on the ricasso: how much it may be too small hangs on the guard's metal")
    void the_lip(String lip, FittingMaterial material, Fit fit, String words) {
        Clearance clearance =
                Clearance.ofLip(inches(lip).minus(inches("0.163")), LipDrive.most(material), INCH_FAHRENHEIT);
        assertThat(clearance.fit()).isEqualTo(fit);
        assertThat(clearance.words()).contains(words);
    }

    @Test
    @DisplayName("whatever the geometry library finds inside the slot fits in the numbers, and nothing else does")
    void what_fits_in_the_section_fits_in_the_numbers() {
        Random random = new Random(9);
        int fits = 0;
        for (int i = 0; i < 500; i++) {
            double thick = random.nextDouble(2, 6);
            double wide = random.nextDouble(8, 20);
            RoundedRectangle opening = RoundedRectangle.across(
                    wide / 2 + random.nextDouble(-0.3, 1.6), thick / 2 + random.nextDouble(-0.1, 0.3), 1.5);
            MeasuredTang tang =
                    new MeasuredTang(Length.ZERO, mm(90), mm(wide), mm(wide), List.of(new At(Length.ZERO, mm(thick))));
            Passage passage = new Passage("Spacer", Role.SPACER, mm(10), mm(13), opening, true, Length.ZERO);
            Clearance clearance = new TangInParts(tang, List.of(passage)).clearance(passage, INCH_FAHRENHEIT);
            Geometry slot = PLANE.toGeometry(new Envelope(
                            -opening.halfHigh() + 1.5,
                            opening.halfHigh() - 1.5,
                            Math.min(-1e-9, -opening.halfThick() + opening.radius()),
                            Math.max(1e-9, opening.halfThick() - opening.radius())))
                    .buffer(opening.radius(), 200);
            if (opening.radius() < 1.5 || Math.abs(clearance.gap().millimetres()) < 0.01) {
                continue;
            }
            boolean isInside = slot.covers(PLANE.toGeometry(new Envelope(-wide / 2, wide / 2, -thick / 2, thick / 2)));
            assertThat(clearance.fit().isGood() || clearance.fit() == Fit.LOOSE).isEqualTo(isInside);
            fits += isInside ? 1 : 0;
        }
        assertThat(fits).isBetween(40, 460);
    }

    @Test
    @DisplayName("[worked] a tang that tapers 0.163 to 0.150 over 3.75 in meets a lip of 0.161 at 0.577 in")
    void how_far_it_slides_by_hand() {
        TangInParts tapered = guard("0.163", "0.1613", "0.150", "0.161");
        MeasuredTang even = new MeasuredTang(
                Length.ZERO,
                inches("3.75"),
                inches("0.690"),
                inches("0.690"),
                List.of(new At(Length.ZERO, inches("0.163")), new At(inches("3.75"), inches("0.150"))));
        TangInParts straight = new TangInParts(even, tapered.passages());
        assertThat(straight.stopsShort(lip(straight)).inches()).isCloseTo(0.577, within(0.004));
        assertThat(straight.stopsShort(pocket(straight))).isEqualTo(Length.ZERO);
        assertThat(tapered.stopsShort(lip(tapered)).inches()).isCloseTo(0.6, within(0.05));
    }

    @Test
    @DisplayName("[trade] one spot of the tang that is tighter is found before the guard is driven onto it")
    void one_tight_spot() {
        TangInParts parts = guard("0.160", "0.172", "0.150", "0.158");
        assertThat(parts.clearance(pocket(parts), INCH_FAHRENHEIT).fit()).isEqualTo(Fit.WILL_NOT_GO);
        assertThat(parts.tang().thickest()).isEqualTo(inches("0.172"));
        assertThat(parts.tang().taper(INCH_FAHRENHEIT).cautions())
                .singleElement()
                .asString()
                .contains("Thicker by 0.012 in at 0.500 in behind the shoulder", "binds there");
        assertThat(parts.stopsShort(pocket(parts)).inches()).isGreaterThan(0.3);
    }

    @ParameterizedTest
    @CsvSource({"0.163, 0.163, 0.1625, No taper", "0.163, 0.150, 0.120, rocks", "0.163, 0.161, 0.155, ''"})
    @DisplayName("[trade] a tang tapers slightly: not at all goes hard, too much rocks")
    void the_taper(String shoulder, String behind, String end, String says) {
        List<String> cautions = guard(shoulder, behind, end, "0.161")
                .tang()
                .taper(INCH_FAHRENHEIT)
                .cautions();
        if (says.isEmpty()) {
            assertThat(cautions).isEmpty();
        } else {
            assertThat(cautions).singleElement().asString().contains(says);
        }
    }

    @Test
    void between_its_places_a_tang_is_straight_and_what_passes_is_the_thickest_behind() {
        MeasuredTang tang = guard("0.160", "0.150", "0.155", "0.158").tang();
        assertThat(tang.thicknessAt(6.35)).isCloseTo(0.155 * 25.4, within(1e-9));
        assertThat(tang.thickestBehind(12.7)).isCloseTo(0.155 * 25.4, within(1e-9));
        assertThat(tang.thickestBehind(0)).isCloseTo(0.160 * 25.4, within(1e-9));
        assertThat(tang.widthAt(3.75 / 2 * 25.4)).isCloseTo((0.690 + 0.300) / 2 * 25.4, within(1e-9));
        assertThatThrownBy(() -> new MeasuredTang(mm(5), mm(5), mm(5), mm(5), List.of(new At(mm(5), mm(3)))))
                .isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName("[worked] brass of 300 MPa and 105 GPa gives 0.29 %: 0.25 in beside the slot springs 0.0007 in a wall")
    void the_lip_springs_and_moves() {
        LipDrive drive = new LipDrive(FittingMaterial.BRASS, inches("0.003"), inches("0.250"));
        assertThat(drive.springs(INCH_FAHRENHEIT).value().inches()).isCloseTo(0.250 * 300 / 105_000, within(1e-7));
        assertThat(drive.moves(INCH_FAHRENHEIT).value().inches())
                .isCloseTo(0.0015 - 0.250 * 300 / 105_000, within(1e-7));
        LipDrive little = new LipDrive(FittingMaterial.BRASS, inches("0.001"), inches("0.250"));
        assertThat(little.moves(INCH_FAHRENHEIT).value()).isEqualTo(Length.ZERO);
    }

    @Test
    @DisplayName(
            "[trade] driven: level is read after every few blows, the high side gets the next, and nothing prints askew")
    void driving() {
        assertThat(next()).isEqualTo(Turn.SET_ON);
        assertThat(next(level(3, "0.250", "0.249"))).isEqualTo(Turn.DRIVE);
        assertThat(next(level(3, "0.200", "0.194"))).isEqualTo(Turn.TAP_LEFT);
        assertThat(next(level(3, "0.190", "0.194"))).isEqualTo(Turn.TAP_RIGHT);
        assertThat(next(level(3, "0.100", "0.112"))).isEqualTo(Turn.TAKE_OFF);
        assertThat(next(level(3, "0.100", "0.100"), level(6, "0.099", "0.099"))).isEqualTo(Turn.TAKE_OFF);
        assertThat(next(level(3, "0.100", "0.100"), level(6, "0.050", "0.051"))).isEqualTo(Turn.DRIVE);
        assertThat(next(level(9, "0.001", "0.002"))).isEqualTo(Turn.PRINT);
        assertThat(new DrivenGuard(List.of(level(9, "0.001", "0.008"))).mayPrint(INCH_FAHRENHEIT))
                .isFalse();
        assertThat(new DrivenGuard(List.of(level(9, "0.001", "0.001"))).mayPrint(INCH_FAHRENHEIT))
                .isTrue();
    }

    private static Turn next(Level... readings) {
        return new DrivenGuard(List.of(readings)).next(INCH_FAHRENHEIT).turn();
    }

    private static Level level(int blows, String left, String right) {
        return new Level(blows, inches(left), inches(right));
    }

    /** A guard of 0.366 with a lip of 0.020, its slot 0.170 × 0.815 in by a cutter of 1/8. */
    private static TangInParts guard(String shoulder, String behind, String end, String lip) {
        MeasuredTang tang = new MeasuredTang(
                Length.ZERO,
                inches("3.75"),
                inches("0.690"),
                inches("0.300"),
                List.of(
                        new At(Length.ZERO, inches(shoulder)),
                        new At(MeasuredTang.BEHIND, inches(behind)),
                        new At(inches("3.75"), inches(end))));
        double cutter = inches("0.125").millimetres();
        double half = inches("0.815").millimetres() / 2;
        return new TangInParts(
                tang,
                List.of(
                        new Passage(
                                "Guard",
                                Role.LIP,
                                Length.ZERO,
                                inches("0.020"),
                                RoundedRectangle.across(half, inches(lip).millimetres() / 2, 0),
                                true,
                                LipDrive.most(FittingMaterial.BRASS)),
                        new Passage(
                                "Guard",
                                Role.POCKET,
                                inches("0.020"),
                                inches("0.366"),
                                RoundedRectangle.across(half, inches("0.170").millimetres() / 2, cutter / 2),
                                true,
                                Length.ZERO)));
    }

    private static Passage lip(TangInParts parts) {
        return parts.passages().get(0);
    }

    private static Passage pocket(TangInParts parts) {
        return parts.passages().get(1);
    }

    @Test
    void the_opening_at_a_place_is_the_one_that_stands_there() {
        TangInParts parts = guard("0.163", "0.160", "0.155", "0.161");
        assertThat(IntStream.of(0, 2, 9, 10).mapToObj(parts::at).map(each -> each.map(Passage::role)))
                .containsExactly(
                        Optional.of(Role.LIP), Optional.of(Role.POCKET), Optional.of(Role.POCKET), Optional.empty());
    }

    private static Length mm(double millimetres) {
        return Length.ofMillimetres(millimetres);
    }

    private static Length inches(String decimal) {
        return Length.ofInches(decimal);
    }
}
