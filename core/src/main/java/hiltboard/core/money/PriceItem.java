package hiltboard.core.money;

import hiltboard.core.design.Specification;
import hiltboard.core.design.SteelForm;
import hiltboard.core.forge.ForgeSteel;
import hiltboard.core.material.FittingMaterial;
import hiltboard.core.material.HandleMaterial;
import hiltboard.core.material.Steel;
import hiltboard.core.material.SteelLibrary;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/**
 * Something that the shop buys, and by what it pays.
 *
 * @param key as it is kept
 * @param per what one price is for
 */
public record PriceItem(String key, String words, String per) {
    public static final PriceItem PINS = new PriceItem("pin", "Pin or fastener", "each");
    public static final PriceItem TUBE = new PriceItem("tube", "Lanyard tube", "each");
    public static final PriceItem ADHESIVE = new PriceItem("adhesive", "Adhesive", "a handle");
    public static final PriceItem ABRASIVES = new PriceItem("abrasives", "Belts and paper", "a piece");
    public static final PriceItem SHEATH = new PriceItem("sheath", "Leather and thread for a sheath", "each");
    public static final PriceItem OUTSIDE_TREATER = new PriceItem("treater", "Outside heat treater", "a blade");
    public static final PriceItem HOUR = new PriceItem("hour", "Hands-on work", "an hour");

    /** Under which heading it is looked for. */
    public String group() {
        return switch (key.substring(0, Math.max(0, key.indexOf(':')))) {
            case "steel", "billet" -> "Steel";
            case "handle" -> "Handles";
            case "fitting" -> "Guards, bolsters and pins";
            default -> "Everything else, and an hour";
        };
    }

    /** Everything that has a price in a shop with these steels, in the order of the price list. */
    public static List<PriceItem> all(SteelLibrary steels) {
        return Stream.of(
                        steels.all().stream().map(PriceItem::steel),
                        Stream.of(SteelForm.LAMINATED, SteelForm.PATTERN_WELDED).map(PriceItem::billet),
                        Arrays.stream(HandleMaterial.values()).map(PriceItem::handle),
                        Arrays.stream(FittingMaterial.values()).map(PriceItem::fitting),
                        Stream.of(PINS, TUBE, ADHESIVE, ABRASIVES, SHEATH, OUTSIDE_TREATER, HOUR))
                .flatMap(each -> each)
                .toList();
    }

    static PriceItem steel(Specification spec) {
        return spec.isLaminated()
                ? billet(SteelForm.LAMINATED)
                : spec.isPatternWelded() ? billet(SteelForm.PATTERN_WELDED) : steel(spec.steel());
    }

    static PriceItem steel(Steel steel) {
        return steel(steel.designation(), steel.words());
    }

    private static PriceItem steel(String designation, String words) {
        return new PriceItem("steel:" + designation, words, "a kilogram");
    }

    /** A bar for a stack: of a steel that is hardened, or of one that a fitting is made of as well. */
    static PriceItem bar(ForgeSteel steel) {
        return steel.isHardened() ? steel(steel.key(), steel.words()) : fitting(FittingMaterial.valueOf(steel.key()));
    }

    private static PriceItem billet(SteelForm form) {
        return new PriceItem("billet:" + form.name(), form.words(), "a kilogram");
    }

    static PriceItem handle(HandleMaterial material) {
        return new PriceItem("handle:" + material.name(), material.words(), "a pair of scales or a block");
    }

    static PriceItem fitting(FittingMaterial material) {
        return new PriceItem("fitting:" + material.name(), material.words(), "a kilogram");
    }
}
