package rampart.core.pack;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.Layout;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.Catalogue;
import rampart.core.quantity.Face;
import rampart.core.quantity.Units;

/**
 * A pack laid out and dropped: what the checks look at.
 *
 * @param dropHeightMm design drop height
 * @param creeping indices of the layers whose bottom load is over the creep limit
 */
record Situation(Pack pack, Layout layout, double dropHeightMm, Set<Integer> creeping, List<Drop> drops) {
    /** Rebound of every material (assumed). */
    static final double REBOUND = 0.5;

    /** Difference of moving masses over the item's mass beyond which boxes between cushions are heavy (rule 34). */
    static final double HEAVY_BOXES_BEYOND = 0.15;

    static Situation of(Pack pack, Catalogue catalogue) {
        Layout layout = LayoutWalk.lay(pack.item(), pack.layers(), catalogue);
        double height = pack.journey().drop().heightMm(layout.grossMassKg());
        Set<Integer> creeping = new HashSet<>();
        for (LaidCushion cushion : layout.cushions()) {
            if (cushion.cushions(Face.BOTTOM)
                    && cushion.staticStressKpa(Face.BOTTOM) > cushion.foam().creepLimitKpa()) {
                creeping.add(cushion.layer());
            }
        }
        List<Drop> drops = new Drops(pack, layout, height, creeping).all();
        return new Situation(pack, layout, height, Set.copyOf(creeping), drops);
    }

    /** Velocity change with rebound, m/s: {@code (1+e) sqrt(2 g h)} (rule 18). */
    double velocityChangeMps() {
        return (1 + REBOUND) * Math.sqrt(2 * Units.STANDARD_GRAVITY * dropHeightMm / 1000);
    }

    /** True where the boxes between the cushions weigh too much for the method of rule 14 (rule 34). */
    boolean heavyBoxes() {
        List<LaidCushion> cushions = layout.cushions();
        if (cushions.isEmpty()) {
            return false;
        }
        double difference = cushions.get(cushions.size() - 1).movingMassKg()
                - cushions.get(0).movingMassKg();
        return difference > HEAVY_BOXES_BEYOND * pack.item().massKg();
    }

    LaidCushion cushion(int layer) {
        return layout.cushions().stream()
                .filter(c -> c.layer() == layer)
                .findFirst()
                .orElseThrow();
    }
}
