package hiltboard.core.design;

import hiltboard.core.material.HandleMaterial;

/** What closes the surface of a handle. */
public enum HandleFinish {
    BY_MATERIAL("As usual for the material"),
    OIL("Oil in thin coats"),
    WAX("Wax"),
    CYANOACRYLATE("Cyanoacrylate, sanded back"),
    BUFF("Buffed"),
    AS_SANDED("As sanded");

    private final String words;

    HandleFinish(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /**
     * What is usual for a material. Common practice: open wood drinks oil, what is closed or horn-like is buffed,
     * laminates stay as sanded.
     */
    public static HandleFinish usualFor(HandleMaterial material) {
        return switch (material) {
            case HICKORY, ASH, WALNUT, MAPLE, BURL -> OIL;
            case DENSE_OILY_WOOD -> WAX;
            case STABILISED_WOOD, BONE, ANTLER, HORN, LAYERED_TUSK, CAST_RESIN -> BUFF;
            case GLASS_EPOXY, CANVAS_PHENOLIC, CARBON_FIBRE, TITANIUM -> AS_SANDED;
        };
    }
}
