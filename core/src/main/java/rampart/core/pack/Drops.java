package rampart.core.pack;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import rampart.core.cushion.DropLayer;
import rampart.core.cushion.Impact;
import rampart.core.cushion.ImpactSolver;
import rampart.core.item.Item;
import rampart.core.journey.Climate;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.Layout;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;

/** Works the drops of one pack: direction, springs, and the worst of all conditions (rules 12 to 21 and 30). */
final class Drops {
    /** Offset over item size beyond which the item tips (rule 19). */
    static final double TIPS_BEYOND = 1.0 / 6;

    /** What is left of a cushion that creeps (rule 21). */
    static final double CREEP_THINNING = 1.10;

    private static final double GREATEST_SKEW = 0.8;

    private final Pack pack;
    private final Layout layout;
    private final double heightMm;
    private final Set<Integer> creeping;

    /** @param creeping indices of the layers whose bottom is thinned by creep */
    Drops(Pack pack, Layout layout, double heightMm, Set<Integer> creeping) {
        this.pack = pack;
        this.layout = layout;
        this.heightMm = heightMm;
        this.creeping = creeping;
    }

    List<Drop> all() {
        List<Drop> all = new ArrayList<>(DropId.ALL.size());
        for (DropId id : DropId.ALL) {
            all.add(drop(id));
        }
        return all;
    }

    Drop drop(DropId id) {
        return drop(id, -1, 1);
    }

    /** The drop with the bearing areas of one layer multiplied by a factor; layer -1 leaves all as they are. */
    Drop drop(DropId id, int scaledLayer, double areaFactor) {
        double[] cosine = cosine(id);
        ImpactSolver solver = new ImpactSolver(springs(id, scaledLayer, areaFactor), cosine, heightMm / 1000);
        double skew = id.flat() ? skewFactor(id.faces().get(0)) : 1;
        Climate climate = pack.journey().climate();
        Impact worst = null;
        double lockUp = 0;
        for (int t = 0; t < (climate.minC() == climate.maxC() ? 1 : 2); t++) {
            double temperatureC = t == 0 ? climate.minC() : climate.maxC();
            for (int r = 0; r < (pack.journey().drop().repeated() ? 2 : 1); r++) {
                for (int k = 0; k < (skew == 1 ? 1 : 2); k++) {
                    Impact impact = solver.solve(temperatureC, r == 1, k == 0 ? 1 : skew);
                    lockUp = Math.max(lockUp, impact.lockUpFraction());
                    if (worst == null || impact.g() > worst.g()) {
                        worst = impact;
                    }
                }
            }
        }
        List<Double> n = new ArrayList<>(cosine.length);
        for (double c : cosine) {
            n.add(c);
        }
        boolean counted = id.countedIn(pack.journey().drop().sequence());
        return new Drop(
                id,
                List.copyOf(n),
                counted,
                worst,
                lockUp,
                id.flat() && tips(id.faces().get(0)));
    }

    /** True where this drop surely exceeds the limit; false says nothing. */
    boolean surelyExceeds(DropId id, double limitG) {
        double[] cosine = cosine(id);
        ImpactSolver solver = new ImpactSolver(springs(id, -1, 1), cosine, heightMm / 1000);
        Climate climate = pack.journey().climate();
        boolean repeated = pack.journey().drop().repeated();
        return solver.exceeds(limitG, climate.minC(), repeated) || solver.exceeds(limitG, climate.maxC(), repeated);
    }

    private double[] cosine(DropId id) {
        int n = id.faces().size();
        double[] cosine = new double[n];
        double squares = 0;
        for (int i = 0; i < n; i++) {
            cosine[i] = layout.distanceMm().on(id.faces().get(i));
            squares += cosine[i] * cosine[i];
        }
        for (int i = 0; i < n; i++) {
            cosine[i] = squares > 0 && n > 1 ? cosine[i] / Math.sqrt(squares) : 1 / Math.sqrt(n);
        }
        return cosine;
    }

    private List<DropLayer> springs(DropId id, int scaledLayer, double areaFactor) {
        List<DropLayer> springs = new ArrayList<>(layout.cushions().size());
        for (LaidCushion cushion : layout.cushions()) {
            int n = id.faces().size();
            double[] areaM2 = new double[n];
            double[] thicknessM = new double[n];
            for (int i = 0; i < n; i++) {
                Face face = id.faces().get(i);
                double thinning = face == Face.BOTTOM && creeping.contains(cushion.layer()) ? CREEP_THINNING : 1;
                double factor = cushion.layer() == scaledLayer ? areaFactor : 1;
                areaM2[i] = cushion.bearingMm2().on(face) * 1e-6 * factor;
                thicknessM[i] = cushion.thicknessMm().on(face) * 1e-3 / thinning;
            }
            springs.add(new DropLayer(cushion.layer(), cushion.foam(), cushion.movingMassKg(), areaM2, thicknessM));
        }
        return springs;
    }

    /** Share of the heaviest quarter against its even share: {@code (1+|p|)(1+|p'|)}, p = 3 e / L (rule 19). */
    private double skewFactor(Face struck) {
        double factor = 1;
        for (Axis axis : Axis.values()) {
            if (axis != struck.axis()) {
                factor *= 1 + Math.min(GREATEST_SKEW, 3 * offset(axis));
            }
        }
        return factor;
    }

    private boolean tips(Face struck) {
        for (Axis axis : Axis.values()) {
            if (axis != struck.axis() && offset(axis) > TIPS_BEYOND) {
                return true;
            }
        }
        return false;
    }

    /** How far off centre the item's mass is along this axis, over its size. */
    private double offset(Axis axis) {
        Item item = pack.item();
        return Math.abs(item.centreOfMass().along(axis)) / item.size().along(axis);
    }
}
