package hiltboard.core.sheath.nesting;

import hiltboard.core.measure.Length;

/**
 * A place of a side that is cut around.
 *
 * @param along from its left end to the middle of the place
 * @param up from its lower edge to the middle of the place
 * @param radius as far as it reaches
 */
public record Flaw(Kind kind, Length along, Length up, Length radius) {
    /** What is wrong there. */
    public enum Kind {
        HOLE("Hole"),
        BRAND("Brand"),
        SCAR("Scar"),
        LOOSE("Loose, thin leather");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
