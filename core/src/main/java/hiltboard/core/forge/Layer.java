package hiltboard.core.forge;

import java.util.ArrayList;
import java.util.List;

/**
 * One layer of a billet.
 *
 * @param share of the billet's thickness, as the layers lay in the stack, from 0 to 1
 */
public record Layer(ForgeSteel steel, double share) {

    /**
     * Layers in their order as shares of the whole; neighbours of one steel are one layer, because the weld between
     * them is not seen.
     */
    static List<Layer> joined(List<Layer> layers) {
        double whole = layers.stream().mapToDouble(Layer::share).sum();
        List<Layer> joined = new ArrayList<>();
        for (Layer layer : layers) {
            int last = joined.size() - 1;
            if (last >= 0 && joined.get(last).steel.equals(layer.steel)) {
                joined.set(last, new Layer(layer.steel, joined.get(last).share + layer.share / whole));
            } else {
                joined.add(new Layer(layer.steel, layer.share / whole));
            }
        }
        return List.copyOf(joined);
    }
}
