package rampart.core.steps;

import java.util.List;
import java.util.stream.IntStream;
import rampart.core.pack.Pack;

/**
 * Names of layers and features that outlive their place.
 *
 * @param layers one for each layer, in their order
 * @param features one for each feature, in their order
 */
public record StepIds(List<String> layers, List<String> features) {
    public StepIds {
        layers = List.copyOf(layers);
        features = List.copyOf(features);
    }

    /** By place, for packs whose layers have no names. */
    public static StepIds byPlace(Pack pack) {
        return new StepIds(
                IntStream.range(0, pack.layers().size())
                        .mapToObj(i -> String.valueOf(i + 1))
                        .toList(),
                IntStream.range(0, pack.item().properties().features().size())
                        .mapToObj(i -> String.valueOf(i + 1))
                        .toList());
    }
}
