package hiltboard.core.fire;

import hiltboard.core.measure.Length;
import hiltboard.core.measure.Mass;
import java.util.List;

/**
 * A piece that may share a fire.
 *
 * @param cover what keeps air from its steel
 * @param closed what still keeps it from this heat, in words; empty when it is past its gate
 */
public record LoadPiece(
        long id,
        String name,
        HeatNeed need,
        Length length,
        Length width,
        Length thickness,
        Mass mass,
        Cover cover,
        List<String> closed) {
    /** What a blade wears in the fire. */
    public enum Cover {
        BARE("bare, or with a wash against scale"),
        CLAY("clay on the spine"),
        FOIL("foil");

        private final String words;

        Cover(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public LoadPiece {
        closed = List.copyOf(closed);
    }

    /** The same piece with nothing that keeps it from the heat: it is in there, or nobody asks yet. */
    public LoadPiece pastItsGate() {
        return new LoadPiece(id, name, need, length, width, thickness, mass, cover, List.of());
    }

    HeatBody body() {
        return HeatBody.blade(mass.grams() / 1000, thickness.millimetres());
    }
}
