package rampart.core.simulation;

import java.util.ArrayList;
import java.util.List;
import rampart.core.cushion.DropLayer;

/**
 * The item and the boxes between the cushions as bodies on springs, the last on the floor; body 0 is the item. Layers
 * that a bare face makes rigid join what they would part (rule 15).
 *
 * @param massKg mass of each body
 * @param springs spring k stands between body k and body k + 1, the last between the last body and the floor
 * @param layerCount acting layers in all springs together
 */
record FallingColumn(double[] massKg, List<Spring> springs, int layerCount) {
    /** A body lighter than this share of the item counts as weightless: its neighbours carry one force. */
    private static final double WEIGHTLESS = 1e-9;

    static FallingColumn of(SimulatedDrop drop) {
        List<Double> masses = new ArrayList<>();
        List<Spring> springs = new ArrayList<>();
        List<DropLayer> acting = drop.layers().stream().filter(DropLayer::acts).toList();
        double below = 0;
        for (int i = 0; i < acting.size(); ) {
            double mass = acting.get(i).movingMassKg() * drop.loadFactor();
            masses.add(mass - below);
            below = mass;
            List<Stage> stages = new ArrayList<>();
            do {
                DropLayer layer = acting.get(i);
                stages.add(new Stage(layer, layer.foam().lawAt(drop.temperatureC(), drop.repeated()), drop.cosine()));
                i++;
            } while (i < acting.size() && acting.get(i).movingMassKg() * drop.loadFactor() - mass <= WEIGHTLESS * mass);
            springs.add(stages.size() == 1 ? stages.get(0) : new Series(stages));
        }
        return new FallingColumn(
                masses.stream().mapToDouble(Double::doubleValue).toArray(), springs, acting.size());
    }

    int bodies() {
        return massKg.length;
    }
}
