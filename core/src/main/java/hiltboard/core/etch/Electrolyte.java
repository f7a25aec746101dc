package hiltboard.core.etch;

import java.util.ArrayList;
import java.util.List;

/** What carries the current through a stencil. The names stay the same for ever. */
public enum Electrolyte {
    MEANT_FOR_IT("An electrolyte meant for this steel"),
    SALT_WATER("Salt water");

    private final String words;

    Electrolyte(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    public List<String> cautions(boolean isStainless) {
        List<String> cautions = new ArrayList<>();
        cautions.add("Dry hands, fuse, insulated box; no solvent near a spark: hydrogen rises wherever current flows.");
        if (this == SALT_WATER) {
            cautions.add("Salt makes chlorine beside the hydrogen: outdoors or a strong draught, and short.");
        }
        if (isStainless) {
            cautions.add("Stainless leaves chromium compounds in it"
                    + (this == SALT_WATER ? ", with salt the poisonous kind: take an electrolyte meant for it" : "")
                    + ". Gloves; what is left is hazardous waste.");
        }
        return cautions;
    }
}
