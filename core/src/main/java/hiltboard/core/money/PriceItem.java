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
 * @param group heading under which it is looked for
 */
public record PriceItem(String key, String words, String per, String group) {
    private static final String STEEL = "Steel";
    private static final String OTHER = "Everything else, and an hour";

    public static final PriceItem PINS = new PriceItem("pin", "Pin or fastener", "each", OTHER);
    public static final PriceItem TUBE = new PriceItem("tube", "Lanyard tube", "each", OTHER);
    public static final PriceItem ADHESIVE = new PriceItem("adhesive", "Adhesive", "a handle", OTHER);
    public static final PriceItem ABRASIVES = new PriceItem("abrasives", "Belts and paper", "a piece", OTHER);
    public static final PriceItem SHEATH = new PriceItem("sheath", "Leather and thread for a sheath", "each", OTHER);
    public static final PriceItem OUTSIDE_TREATER = new PriceItem("treater", "Outside heat treater", "a blade", OTHER);
    public static final PriceItem HOUR = new PriceItem("hour", "Hands-on work", "an hour", OTHER);

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
        return new PriceItem("steel:" + designation, words, "a kilogram", STEEL);
    }

    /** A bar for a stack: of a steel that is hardened, or of one that a fitting is made of as well. */
    static PriceItem bar(ForgeSteel steel) {
        return steel.isHardened() ? steel(steel.key(), steel.words()) : fitting(FittingMaterial.valueOf(steel.key()));
    }

    private static PriceItem billet(SteelForm form) {
        return new PriceItem("billet:" + form.name(), form.words(), "a kilogram", STEEL);
    }

    static PriceItem handle(HandleMaterial material) {
        return new PriceItem("handle:" + material.name(), material.words(), "a pair of scales or a block", "Handles");
    }

    static PriceItem fitting(FittingMaterial material) {
        return new PriceItem("fitting:" + material.name(), material.words(), "a kilogram", "Guards, bolsters and pins");
    }
}
