package hiltboard.core.design;

import hiltboard.core.field.Choice;
import hiltboard.core.field.WholeNumber;
import hiltboard.core.material.HandleMaterial;
import hiltboard.core.material.SteelLibrary;
import hiltboard.core.measure.Units;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;

/** Specifications to test with: the form's own starting values, and any that the reader accepts. */
public final class Specifications {
    private static final List<HandleMaterial> HAFTS = Stream.of(HandleMaterial.values())
            .filter(HandleMaterial::bearsBlows)
            .toList();

    private Specifications() {}

    public static Map<String, String> usual() {
        Map<String, String> entries = new LinkedHashMap<>();
        for (SpecificationField field : SpecificationField.values()) {
            entries.put(field.key(), field.usual());
        }
        return entries;
    }

    public static Map<String, String> usualHiddenTang() {
        Map<String, String> entries = usual();
        entries.put("construction", "HIDDEN_TANG");
        return entries;
    }

    public static Specification fullTang(String... changes) {
        return changed(usual(), changes);
    }

    public static Specification hiddenTang(String... changes) {
        return changed(usualHiddenTang(), changes);
    }

    /** What a form starts with for such a construction; forged where it has to be. */
    public static Specification of(Construction construction, String... changes) {
        return changed(
                new LinkedHashMap<>(SpecificationReader.completed(
                        Map.of(SpecificationField.CONSTRUCTION.key(), construction.name()), Units.INCH_FAHRENHEIT)),
                changes);
    }

    private static Specification changed(Map<String, String> entries, String... keysAndValues) {
        for (int i = 0; i < keysAndValues.length; i += 2) {
            entries.put(keysAndValues[i], keysAndValues[i + 1]);
        }
        SpecificationReader.Answer answer = SpecificationReader.read(entries, Units.INCH_FAHRENHEIT);
        return answer.specification().orElseThrow(() -> new AssertionError(answer.findings()));
    }

    /** Any choice in any combination; sizes in thousandths within each field's limits. */
    public static Specification random(Random random) {
        while (true) {
            Map<String, String> entries = new LinkedHashMap<>();
            for (SpecificationField field : SpecificationField.values()) {
                entries.put(field.key(), randomEntry(field, random));
            }
            if (Construction.valueOf(entries.get(SpecificationField.CONSTRUCTION.key()))
                    .isAxe()) {
                entries.put(
                        SpecificationField.HANDLE_MATERIAL.key(),
                        HAFTS.get(random.nextInt(HAFTS.size())).name());
            }
            Optional<Specification> spec =
                    SpecificationReader.read(entries, Units.INCH_FAHRENHEIT).specification();
            if (spec.isPresent()) {
                return spec.get();
            }
        }
    }

    /** A knife that differs from another in one or two answers, as late changes do. */
    public static Specification nearTo(Specification spec, Random random) {
        while (true) {
            Map<String, String> entries = new LinkedHashMap<>(spec.chosen());
            for (int i = 0; i < 1 + random.nextInt(2); i++) {
                SpecificationField field =
                        SpecificationField.values()[1 + random.nextInt(SpecificationField.values().length - 1)];
                entries.put(field.key(), randomEntry(field, random));
            }
            Optional<Specification> near = SpecificationReader.read(
                            SpecificationReader.completed(entries, Units.INCH_FAHRENHEIT), Units.INCH_FAHRENHEIT)
                    .specification();
            if (near.isPresent()) {
                return near.get();
            }
        }
    }

    private static String randomEntry(SpecificationField field, Random random) {
        if (field == SpecificationField.QUENCH && random.nextInt(3) > 0) {
            return field.usual();
        }
        if (field.kind(SteelLibrary.KNOWN) instanceof Choice choice) {
            return choice.options().get(random.nextInt(choice.options().size())).value();
        }
        if (field.kind(SteelLibrary.KNOWN) instanceof WholeNumber count) {
            return String.valueOf(count.least() + random.nextInt(count.most() - count.least() + 1));
        }
        if (field.isUsuallyByRule()) {
            return "";
        }
        return switch (field) {
            case SWEDGE -> thou(random, 0, 1500);
            case GROOVE_DEPTH -> random.nextBoolean() ? "0" : thou(random, 40, 120);
            case GROOVE_RADIUS -> thou(random, 400, 700);
            case ENDS_THINNER -> thou(random, 0, 60);
            case HANDLE_THICKNESS -> thou(random, 700, 1100);
            case BOLSTER_LENGTH -> thou(random, 300, 900);
            case GUARD_OVERHANG -> thou(random, 0, 400);
            case GUARD_WIDTH -> thou(random, 500, 1000);
            case STOCK_THICKNESS -> thou(random, 90, 250);
            case HEEL_WIDTH -> thou(random, 800, 2500);
            case BEVEL_HEIGHT -> thou(random, 200, 800);
            case EDGE_THICKNESS -> thou(random, 5, 40);
            case TANG_WIDTH -> thou(random, 300, 700);
            case PIN_DIAMETER -> "1/" + (1 << (2 + random.nextInt(3)));
            case HEAD_THICKNESS -> thou(random, 800, 1500);
            case HEAD_LENGTH -> thou(random, 3500, 9000);
            case EDGE_LENGTH -> thou(random, 1500, 6000);
            case EYE_LENGTH -> thou(random, 1000, 2500);
            case EYE_WIDTH -> thou(random, 400, 790);
            case HAFT_LENGTH -> thou(random, 9000, 30000);
            case TIP_THICKNESS -> thou(random, 45, 90);
            case BUTT_THICKNESS -> thou(random, 40, 90);
            case NICK_DEPTH -> thou(random, 20, 50);
            case HANDLE_HOLLOW -> thou(random, 20, 120);
            case LINER_THICKNESS -> thou(random, 30, 90);
            case PIVOT_DIAMETER, SPACER_THICKNESS -> thou(random, 90, 250);
            case PLATE_THICKNESS -> thou(random, 120, 240);
            case WASHER_THICKNESS, ACTION_CLEARANCE -> thou(random, 8, 30);
            case BALL_DIAMETER -> thou(random, 32, 90);
            case SCALE_BOLSTER_LENGTH -> thou(random, 380, 600);
            case SCALE_LINER_THICKNESS -> thou(random, 16, 125);
            case BOLSTER_PIN -> "3/32";
            case DOVETAIL_ANGLE -> String.valueOf(5 + random.nextInt(26));
            case HANDLE_IN_SHEATH -> thou(random, 0, 3000);
            case BELT_WIDTH -> thou(random, 750, 3000);
            case STITCH_PITCH -> thou(random, 90, 300);
            case SHEATH_SHEET -> thou(random, 40, 180);
            case EYELET_PITCH -> thou(random, 600, 2500);
            case GUARD_THICKNESS -> thou(random, 130, 450);
            case BLADE_LENGTH -> thou(random, 2000, 14000);
            case HANDLE_LENGTH -> thou(random, 3000, 6000);
            default -> thou(random, 130, 450);
        };
    }

    private static String thou(Random random, int least, int most) {
        return least + random.nextInt(most - least) + " thou";
    }
}
