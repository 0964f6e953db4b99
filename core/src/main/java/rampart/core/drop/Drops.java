package rampart.core.drop;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rampart.core.bed.BedContact;
import rampart.core.bed.BedShape;
import rampart.core.cushion.DropLayer;
import rampart.core.cushion.Impact;
import rampart.core.cushion.ImpactSolver;
import rampart.core.item.Item;
import rampart.core.journey.Climate;
import rampart.core.layout.ContactPatch;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.Layout;
import rampart.core.pack.Pack;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.simulation.SimulatedDrop;

/** Works the drops of one pack: direction, springs, and the worst of all conditions (rules 12 to 21 and 30). */
public final class Drops {
    /** Offset over item size beyond which the item tips (rule 19). */
    public static final double TIPS_BEYOND = 1.0 / 6;

    /** Beyond which it topples off a bed (rule 57). */
    public static final double TOPPLES_BEYOND = 0.5;

    private static final double GREATEST_SKEW = 0.8;
    private static final double HAIR = 1e-9;

    private final Pack pack;
    private final Layout layout;
    private final double heightMm;
    private final FaceSprings[][] springs;

    /** @param creep share of the bottom's thickness that a layer has lost (rule 21) */
    public Drops(Pack pack, Layout layout, double heightMm, Map<Integer, Double> creep) {
        this.pack = pack;
        this.layout = layout;
        this.heightMm = heightMm;
        springs = new FaceSprings[layout.cushions().size()][Face.ALL.size()];
        for (int c = 0; c < springs.length; c++) {
            LaidCushion cushion = layout.cushions().get(c);
            for (Face face : Face.ALL) {
                double left = face == Face.BOTTOM ? 1 - creep.getOrDefault(cushion.layer(), 0.0) : 1;
                springs[c][face.ordinal()] = FaceSprings.of(cushion, face, left);
            }
        }
    }

    /** All 26 in their order; blows that meet the very same springs are worked once. */
    public List<Drop> all() {
        List<Drop> all = new ArrayList<>(DropId.ALL.size());
        List<Blow> worked = new ArrayList<>(DropId.ALL.size());
        List<ImpactSolver.Worst> answers = new ArrayList<>(DropId.ALL.size());
        for (DropId id : DropId.ALL) {
            Blow blow = blow(id, -1, 1);
            int known = 0;
            while (known < worked.size() && !worked.get(known).equalTo(blow)) {
                known++;
            }
            if (known == worked.size()) {
                worked.add(blow);
                answers.add(worst(blow));
            }
            all.add(drop(id, blow, answers.get(known)));
        }
        return all;
    }

    /** Drops that meet the very same springs, in their order: the first of a group stands for all of it. */
    public List<List<DropId>> alike(List<DropId> ids) {
        List<Blow> blows = new ArrayList<>(ids.size());
        List<List<DropId>> groups = new ArrayList<>(ids.size());
        for (DropId id : ids) {
            Blow blow = blow(id, -1, 1);
            int known = 0;
            while (known < blows.size() && !blows.get(known).equalTo(blow)) {
                known++;
            }
            if (known == blows.size()) {
                blows.add(blow);
                groups.add(new ArrayList<>());
            }
            groups.get(known).add(id);
        }
        return groups;
    }

    private Blow blow(DropId id, int scaledLayer, double areaFactor) {
        return new Blow(cosine(id), springs(id, scaledLayer, areaFactor), loadFactors(id));
    }

    public Drop drop(DropId id) {
        return drop(id, -1, 1);
    }

    /** The drop with the bearing areas of one layer multiplied by a factor; layer -1 leaves all as they are. */
    public Drop drop(DropId id, int scaledLayer, double areaFactor) {
        Blow blow = blow(id, scaledLayer, areaFactor);
        return drop(id, blow, worst(blow));
    }

    /** What a drop meets: two that are equal in this have the same answer, to the bit. */
    private record Blow(double[] cosine, List<DropLayer> springs, double[] loadFactors) {
        boolean equalTo(Blow other) {
            boolean equal = Arrays.equals(cosine, other.cosine) && Arrays.equals(loadFactors, other.loadFactors);
            for (int j = 0; equal && j < springs.size(); j++) {
                DropLayer mine = springs.get(j);
                DropLayer theirs = other.springs.get(j);
                equal = Arrays.equals(mine.areaM2(), theirs.areaM2())
                        && Arrays.equals(mine.thicknessM(), theirs.thicknessM());
            }
            return equal;
        }
    }

    private ImpactSolver.Worst worst(Blow blow) {
        return new ImpactSolver(blow.springs(), blow.cosine(), heightMm / 1000)
                .worst(temperaturesC(), pack.journey().drop().repeated(), blow.loadFactors());
    }

    private Drop drop(DropId id, Blow blow, ImpactSolver.Worst worst) {
        List<Double> n = new ArrayList<>(blow.cosine().length);
        for (double c : blow.cosine()) {
            n.add(c);
        }
        return new Drop(
                id,
                List.copyOf(n),
                id.countedIn(pack.journey().drop().sequence()),
                worst.impact(),
                worst.lockUpFraction(),
                id.flat() ? tilt(id.faces().get(0)) : Drop.Tilt.STANDS,
                Optional.empty());
    }

    /** The same drop for a simulation, in every condition in which the closed form is worked. */
    public List<SimulatedDrop> conditions(DropId id) {
        double[] cosine = cosine(id);
        List<DropLayer> springs = springs(id, -1, 1);
        List<SimulatedDrop> all = new ArrayList<>();
        for (double temperatureC : temperaturesC()) {
            for (boolean repeated :
                    pack.journey().drop().repeated() ? new boolean[] {false, true} : new boolean[] {false}) {
                for (double load : loadFactors(id)) {
                    all.add(new SimulatedDrop(springs, cosine, heightMm / 1000, temperatureC, repeated, load));
                }
            }
        }
        return all;
    }

    /** True where this drop surely exceeds the limit; false says nothing. */
    public boolean surelyExceeds(DropId id, double limitG) {
        double[] cosine = cosine(id);
        ImpactSolver solver = new ImpactSolver(springs(id, -1, 1), cosine, heightMm / 1000);
        Climate climate = pack.journey().climate();
        boolean repeated = pack.journey().drop().repeated();
        return solver.exceeds(limitG, climate.minC(), repeated) || solver.exceeds(limitG, climate.maxC(), repeated);
    }

    private double[] temperaturesC() {
        Climate climate = pack.journey().climate();
        return climate.minC() == climate.maxC()
                ? new double[] {climate.minC()}
                : new double[] {climate.minC(), climate.maxC()};
    }

    private double[] loadFactors(DropId id) {
        double skew = id.flat() ? skewFactor(id.faces().get(0)) : 1;
        return skew == 1 ? new double[] {1} : new double[] {1, skew};
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
        List<DropLayer> all = new ArrayList<>(springs.length);
        for (int c = 0; c < springs.length; c++) {
            boolean scaled = layout.cushions().get(c).layer() == scaledLayer;
            all.add(layer(id, c, scaled ? areaFactor : 1));
        }
        return all;
    }

    /** The patches of one face of one cushion; those of one thickness are one spring. */
    private record FaceSprings(double[] areaM2, double[] thicknessM) {
        static FaceSprings of(LaidCushion cushion, Face face, double left) {
            List<ContactPatch> patches = cushion.patches();
            double[] areaM2 = new double[patches.size()];
            double[] thicknessM = new double[patches.size()];
            Map<Double, Integer> known = new HashMap<>();
            for (ContactPatch patch : patches) {
                if (patch.face() == face) {
                    double thick = patch.thicknessMm() * 1e-3 * left;
                    int at = known.computeIfAbsent(thick, unknown -> known.size());
                    thicknessM[at] = thick;
                    areaM2[at] += patch.areaMm2() * 1e-6;
                }
            }
            int count = known.size();
            return new FaceSprings(Arrays.copyOf(areaM2, count), Arrays.copyOf(thicknessM, count));
        }
    }

    private DropLayer layer(DropId id, int cushion, double areaFactor) {
        FaceSprings[] of = springs[cushion];
        int count = 0;
        boolean bare = false;
        for (Face face : id.faces()) {
            int here = of[face.ordinal()].areaM2().length;
            bare |= here == 0;
            count += here;
        }
        int[] side = new int[count];
        double[] areaM2 = new double[count];
        double[] thicknessM = new double[count];
        int at = 0;
        for (int s = 0; s < id.faces().size(); s++) {
            FaceSprings here = of[id.faces().get(s).ordinal()];
            for (int i = 0; i < here.areaM2().length; i++) {
                side[at] = s;
                areaM2[at] = here.areaM2()[i] * areaFactor;
                thicknessM[at] = here.thicknessM()[i];
                at++;
            }
        }
        LaidCushion laid = layout.cushions().get(cushion);
        return new DropLayer(laid.layer(), laid.foam(), laid.movingMassKg(), bare, side, areaM2, thicknessM);
    }

    /** Share of the heaviest quarter against its even share: {@code (1+|p|)(1+|p'|)}, p = 3 e / L (rule 19). */
    private double skewFactor(Face struck) {
        double factor = 1;
        for (Axis axis : Axis.values()) {
            if (axis != struck.axis()) {
                factor *= 1 + Math.min(GREATEST_SKEW, 3 * offset(struck, axis));
            }
        }
        return factor;
    }

    private Drop.Tilt tilt(Face struck) {
        double most = 0;
        for (Axis axis : Axis.values()) {
            if (axis != struck.axis()) {
                most = Math.max(most, offset(struck, axis));
            }
        }
        boolean bed = bed(struck).isPresent();
        if (bed && most > TOPPLES_BEYOND + HAIR) {
            return Drop.Tilt.TOPPLES;
        }
        return most > TIPS_BEYOND + (bed ? HAIR : 0) ? Drop.Tilt.TIPS : Drop.Tilt.STANDS;
    }

    /** The bed on this face; empty where the pack has none, or it is bare there. */
    private Optional<BedShape> bed(Face struck) {
        return layout.bed().filter(cushion -> cushion.cushions(struck)).flatMap(LaidCushion::bed);
    }

    /** How far off the middle of what bears it the item's mass is along this axis, over its reach (rules 19 and 57). */
    private double offset(Face struck, Axis axis) {
        Item item = pack.item();
        double at = item.centreOfMass().along(axis);
        Optional<BedShape> bed = bed(struck);
        if (bed.isEmpty()) {
            return Math.abs(at) / item.size().along(axis);
        }
        BedContact.Spread spread = bed.get().contact().spread(struck, axis);
        return Math.abs(at - spread.middleMm()) / spread.reachMm();
    }

    /**
     * How far a layer is pressed in square to each struck face of a drop in each of its conditions, mm; infinite where the
     * drop is capped or the layer is rigid in it.
     */
    public List<double[]> pressedMm(DropId id, int layer) {
        double[] cosine = cosine(id);
        List<double[]> all = new ArrayList<>();
        for (Impact impact : new ImpactSolver(springs(id, -1, 1), cosine, heightMm / 1000)
                .each(temperaturesC(), pack.journey().drop().repeated(), loadFactors(id))) {
            Impact.LayerPeak peak = impact.layers().stream()
                    .filter(p -> p.layer() == layer)
                    .findFirst()
                    .orElseThrow();
            double[] pressed = new double[cosine.length];
            if (impact.capped() || !peak.acts()) {
                Arrays.fill(pressed, Double.POSITIVE_INFINITY);
            } else {
                System.arraycopy(peak.squeezeMm(), 0, pressed, 0, pressed.length);
            }
            all.add(pressed);
        }
        return all;
    }
}
