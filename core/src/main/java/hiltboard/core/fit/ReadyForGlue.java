package hiltboard.core.fit;

import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import java.util.ArrayList;
import java.util.List;

/**
 * What lies ready before adhesive is mixed, and the parts in the order in which they go on. Common practice of the
 * trade.
 *
 * @param lies tools and consumables
 * @param parts in their order
 */
public record ReadyForGlue(List<String> lies, List<String> parts) {
    public ReadyForGlue {
        lies = List.copyOf(lies);
        parts = List.copyOf(parts);
    }

    public static ReadyForGlue of(Specification spec, GlueUp what) {
        return what == GlueUp.LINES
                ? new ReadyForGlue(toLine(), List.of("Left scale and liner", "Right scale and liner", "Weight on"))
                : new ReadyForGlue(lies(spec, what), parts(spec));
    }

    private static List<String> always() {
        return new ArrayList<>(
                List.of("Gloves, two pairs; fresh air", "Cup and stick, scale, both parts with their caps off"));
    }

    private static List<String> toLine() {
        List<String> lies = always();
        lies.add("Solvent and clean rags");
        lies.add("Granite plate, release film over and under both scales");
        lies.add("Weights or a flat board with clamps: even pressure, and not so much that the joint is starved");
        return lies;
    }

    private static List<String> lies(Specification spec, GlueUp what) {
        List<String> lies = always();
        lies.add("Solvent and clean rags, cotton swabs for the front");
        lies.add("Tape on everything that adhesive must not touch");
        if (spec.hasBlock() && !spec.isPeened()) {
            lies.add("Rubber bands or one long clamp, padded: no band cracked with age");
        } else if (spec.isPeened()) {
            lies.add("Padded vice and peening hammer beside the bench: it is peened while it is wet");
        } else {
            lies.add("Clamps opened to size, padded; light pressure, so that the joint is not starved");
        }
        if (what == GlueUp.BEDS) {
            lies.add("Release agent on tang and guard already; a timer that somebody hears");
        }
        return lies;
    }

    private static List<String> parts(Specification spec) {
        List<String> parts = new ArrayList<>();
        if (spec.hasBlock()) {
            parts.add("Cavity filled");
            parts.add("Tang coated");
            for (int i = 0; i < spec.spacers(); i++) {
                parts.add(spec.spacers() == 1 ? "Spacer" : "Spacer " + (i + 1));
            }
            parts.add("Block pressed home");
            if (spec.isPeened()) {
                parts.add("End cap");
            }
            return parts;
        }
        if (!spec.hasScales()) {
            return List.of("Left liner and cover", "Right liner and cover");
        }
        if (spec.hasShoulderedFasteners()) {
            parts.add("Threads and one nut pressed in");
        }
        parts.add("First scale coated");
        parts.add("Tang coated, first side");
        int pins = spec.answersAll(SpecificationField.PIN_COUNT) ? spec.count(SpecificationField.PIN_COUNT) : 0;
        for (int i = 1; i <= pins; i++) {
            parts.add((spec.hasShoulderedFasteners() ? "Fastener " : "Pin ") + i);
        }
        if (spec.hasLanyardTube()) {
            parts.add("Lanyard tube");
        }
        parts.add("Tang coated, second side");
        parts.add("Second scale coated");
        parts.add("Clamps on");
        return parts;
    }
}
