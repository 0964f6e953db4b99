package rampart.core.bed;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import rampart.core.geometry.PlanPoint;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Size;

/**
 * Rules 46, 47, 50 and 52 to 55 read aloud, one sentence after the other, without a thought for speed; shares nothing with what it
 * checks but the shape itself. Faces are told by their number.
 */
final class BedRulesReadAloud {
    private final BedShape bed;
    private final double[] length;
    private final int[] cells = new int[3];
    private final Map<Integer, List<Ray>> found = new TreeMap<>();

    BedRulesReadAloud(BedShape bed) {
        this.bed = bed;
        Size size = bed.size();
        length = new double[] {size.lengthMm(), size.widthMm(), size.heightMm()};
        for (int axis = 0; axis < 3; axis++) {
            cells[axis] = 2 * Math.min(200, Math.max(1, (int) Math.ceil(length[axis] / 5 - 1e-9)));
        }
    }

    /** What one ray finds: its part, how far inside the plane of the size, and whether foam bears there. */
    record Ray(int first, int second, int part, double inward, boolean bears) {}

    private double middle(int axis, int cell) {
        return -length[axis] / 2 + (cell + 0.5) * length[axis] / cells[axis];
    }

    /** "A point (x, y) is inside an outline when the number of its edges ... is odd." */
    private static boolean inside(List<PlanPoint> outline, double x, double y) {
        int odd = 0;
        for (int i = 0; i < outline.size(); i++) {
            PlanPoint p = outline.get(i);
            PlanPoint q = outline.get((i + 1) % outline.size());
            if ((p.yMm() > y) != (q.yMm() > y)
                    && x < p.xMm() + (q.xMm() - p.xMm()) * (y - p.yMm()) / (q.yMm() - p.yMm())) {
                odd++;
            }
        }
        return odd % 2 == 1;
    }

    /** Where a line at y (along x), or at x (along y), crosses an outline. */
    private static List<Double> crossings(List<PlanPoint> outline, boolean alongX, double at) {
        List<Double> found = new ArrayList<>();
        for (int i = 0; i < outline.size(); i++) {
            PlanPoint p = outline.get(i);
            PlanPoint q = outline.get((i + 1) % outline.size());
            if (alongX && (p.yMm() > at) != (q.yMm() > at)) {
                found.add(p.xMm() + (q.xMm() - p.xMm()) * (at - p.yMm()) / (q.yMm() - p.yMm()));
            }
            if (!alongX && (p.xMm() > at) != (q.xMm() > at)) {
                found.add(p.yMm() + (q.yMm() - p.yMm()) * (at - p.xMm()) / (q.xMm() - p.xMm()));
            }
        }
        return found;
    }

    private static double gap(BedPart part) {
        return Math.max(0, part.clearanceMm());
    }

    List<Ray> rays(int face) {
        return found.computeIfAbsent(face, one -> one == 1 || one == 3 ? fromAboveOrBelow(one == 1) : fromASide(one));
    }

    private List<Ray> fromAboveOrBelow(boolean above) {
        List<Ray> rays = new ArrayList<>();
        for (int i = 0; i < cells[0]; i++) {
            for (int j = 0; j < cells[1]; j++) {
                double x = middle(0, i);
                double y = middle(1, j);
                int met = -1;
                for (int k = 0; k < bed.parts().size(); k++) {
                    Prism prism = bed.parts().get(k).prism();
                    if (inside(prism.outline(), x, y)
                            && (met < 0
                                    || (above
                                            ? prism.topMm()
                                                    > bed.parts()
                                                            .get(met)
                                                            .prism()
                                                            .topMm()
                                            : prism.bottomMm()
                                                    < bed.parts()
                                                            .get(met)
                                                            .prism()
                                                            .bottomMm()))) {
                        met = k;
                    }
                }
                if (met < 0) {
                    rays.add(new Ray(i, j, -1, 0, false));
                    continue;
                }
                BedPart part = bed.parts().get(met);
                double height = above ? part.prism().topMm() : part.prism().bottomMm();
                boolean bears =
                        part.nature() == Nature.STRONG && (above ? height >= bed.splitMm() : height <= bed.splitMm());
                for (BedWell well : bed.wells()) {
                    boolean reaches =
                            above ? well.prism().topMm() > height : well.prism().bottomMm() < height;
                    if (reaches && inside(well.prism().outline(), x, y)) {
                        bears = false;
                    }
                }
                rays.add(new Ray(i, j, met, above ? length[2] / 2 - height : height + length[2] / 2, bears));
            }
        }
        return rays;
    }

    private List<Ray> fromASide(int face) {
        boolean alongX = face == 2 || face == 4;
        int sign = face == 2 || face == 6 ? 1 : -1;
        int other = alongX ? 1 : 0;
        double half = length[alongX ? 0 : 1] / 2;
        List<Ray> rays = new ArrayList<>();
        for (int i = 0; i < cells[other]; i++) {
            for (int j = 0; j < cells[2]; j++) {
                double at = middle(other, i);
                double z = middle(2, j);
                int met = -1;
                double place = 0;
                for (int k = 0; k < bed.parts().size(); k++) {
                    Prism prism = bed.parts().get(k).prism();
                    if (prism.bottomMm() <= z && z < prism.topMm()) {
                        for (double crossing : crossings(prism.outline(), alongX, at)) {
                            if (met < 0 || sign * crossing > place) {
                                met = k;
                                place = sign * crossing;
                            }
                        }
                    }
                }
                if (met < 0) {
                    rays.add(new Ray(i, j, -1, 0, false));
                    continue;
                }
                boolean bears = bed.parts().get(met).nature() == Nature.STRONG;
                for (BedWell well : bed.wells()) {
                    if (well.prism().bottomMm() <= z && z < well.prism().topMm()) {
                        for (double crossing : crossings(well.prism().outline(), alongX, at)) {
                            bears &= sign * crossing <= place;
                        }
                    }
                }
                for (BedPart part : bed.parts()) {
                    boolean inTheWay = z < bed.splitMm()
                            ? part.prism().bottomMm() <= z
                            : part.prism().topMm() > z;
                    if (inTheWay) {
                        for (double crossing : crossings(part.prism().outline(), alongX, at)) {
                            bears &= sign * crossing <= place;
                        }
                    }
                }
                rays.add(new Ray(i, j, met, half - place, bears));
            }
        }
        return rays;
    }

    /** T of each bearing ray up to the plane of the size, pointed places sunk in, in rising order; none where the face is bare. */
    double[] depths(int face) {
        List<Ray> rays = rays(face);
        double[] depths = rays.stream()
                .filter(Ray::bears)
                .mapToDouble(ray -> ray.inward() - gap(bed.parts().get(ray.part())))
                .sorted()
                .toArray();
        if (50L * depths.length < rays.size()) {
            return new double[0];
        }
        double least = depths[depths.length / 10];
        return Arrays.stream(depths).map(depth -> Math.max(depth, least)).toArray();
    }

    double cellMm2(int face) {
        int one = face == 2 || face == 4 ? 1 : 0;
        int other = face == 1 || face == 3 ? 1 : 2;
        return length[one] / cells[one] * length[other] / cells[other];
    }

    double cutOutMm3() {
        double sum = 0;
        for (int i = 0; i < cells[0]; i++) {
            for (int j = 0; j < cells[1]; j++) {
                // Overlaps counted once: between two neighbouring heights foam is there or is not.
                TreeMap<Double, Integer> heights = new TreeMap<>();
                List<Prism> prisms = new ArrayList<>();
                bed.parts().forEach(part -> prisms.add(part.prism()));
                bed.wells().forEach(well -> prisms.add(well.prism()));
                for (Prism prism : prisms) {
                    if (inside(prism.outline(), middle(0, i), middle(1, j))) {
                        heights.merge(prism.bottomMm(), 1, Integer::sum);
                        heights.merge(prism.topMm(), -1, Integer::sum);
                    }
                }
                int open = 0;
                double from = 0;
                for (var step : heights.entrySet()) {
                    if (open > 0) {
                        sum += (step.getKey() - from) * cellMm2(1);
                    }
                    open += step.getValue();
                    from = step.getKey();
                }
            }
        }
        return sum;
    }

    /** Rule 52's limit, with the thickness of each face by its number. */
    double floorMm(double[] thickness) {
        double least = Double.POSITIVE_INFINITY;
        for (int face = 1; face <= 6; face++) {
            for (Ray ray : rays(face)) {
                if (ray.part() >= 0) {
                    least = Math.min(
                            least,
                            thickness[face] + ray.inward() - gap(bed.parts().get(ray.part())));
                }
            }
        }
        for (BedWell well : bed.wells()) {
            double under = well.prism().bottomMm() + length[2] / 2 + thickness[3];
            if (under > 0.01) {
                least = Math.min(least, under);
            }
        }
        return Math.max(0.001, least);
    }

    /** Rule 53's limit; negative where none counts. Distance between polygons is that of some corner of one from an edge of the other. */
    double webMm() {
        List<Prism> prisms = new ArrayList<>();
        List<Double> gaps = new ArrayList<>();
        bed.parts().forEach(part -> {
            prisms.add(part.prism());
            gaps.add(gap(part));
        });
        bed.wells().forEach(well -> {
            prisms.add(well.prism());
            gaps.add(0.0);
        });
        double least = -1;
        for (int i = 0; i < prisms.size(); i++) {
            for (int j = i + 1; j < prisms.size(); j++) {
                Prism a = prisms.get(i);
                Prism b = prisms.get(j);
                if (Math.min(a.topMm(), b.topMm()) - Math.max(a.bottomMm(), b.bottomMm()) <= 0.01
                        || inside(
                                a.outline(),
                                b.outline().get(0).xMm(),
                                b.outline().get(0).yMm())
                        || inside(
                                b.outline(),
                                a.outline().get(0).xMm(),
                                a.outline().get(0).yMm())) {
                    continue;
                }
                double web = distance(a.outline(), b.outline()) - gaps.get(i) - gaps.get(j);
                if (web > 0.01 && (least < 0 || web < least)) {
                    least = web;
                }
            }
        }
        return least;
    }

    private static double distance(List<PlanPoint> a, List<PlanPoint> b) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < a.size(); i++) {
            for (int j = 0; j < b.size(); j++) {
                PlanPoint p = a.get(i);
                PlanPoint q = a.get((i + 1) % a.size());
                PlanPoint r = b.get(j);
                PlanPoint s = b.get((j + 1) % b.size());
                if (side(p, q, r) * side(p, q, s) < 0 && side(r, s, p) * side(r, s, q) < 0) {
                    return 0;
                }
                least = Math.min(least, Math.min(toEdge(p, r, s), toEdge(r, p, q)));
            }
        }
        return least;
    }

    private static double side(PlanPoint p, PlanPoint q, PlanPoint r) {
        return (q.xMm() - p.xMm()) * (r.yMm() - p.yMm()) - (q.yMm() - p.yMm()) * (r.xMm() - p.xMm());
    }

    private static double toEdge(PlanPoint place, PlanPoint p, PlanPoint q) {
        double dx = q.xMm() - p.xMm();
        double dy = q.yMm() - p.yMm();
        double t = ((place.xMm() - p.xMm()) * dx + (place.yMm() - p.yMm()) * dy) / (dx * dx + dy * dy);
        double along = Math.max(0, Math.min(1, t));
        return Math.hypot(place.xMm() - p.xMm() - along * dx, place.yMm() - p.yMm() - along * dy);
    }

    /** Rule 55's demand. */
    double tieDemand() {
        double greatest = 0;
        List<Ray> top = rays(1);
        List<Ray> bottom = rays(3);
        for (Tie tie : bed.ties()) {
            boolean alongX = tie.axis() == Axis.X;
            int other = alongX ? 1 : 0;
            double cell = length[other] / cells[other];
            double exact = Math.rint((tie.atMm() + length[other] / 2) / cell * 1e9) / 1e9;
            int line = (int) Math.max(0, Math.min(cells[other] - 1, Math.floor(exact)));
            double highest = Double.NEGATIVE_INFINITY;
            for (Ray ray : top) {
                if ((alongX ? ray.second() : ray.first()) == line && ray.part() >= 0) {
                    highest = Math.max(highest, length[2] / 2 - ray.inward());
                }
            }
            double demand = highest == Double.NEGATIVE_INFINITY ? 2 : 0;
            for (int k = 0; k < top.size(); k++) {
                Ray ray = top.get(k);
                if ((alongX ? ray.second() : ray.first()) == line
                        && ray.part() >= 0
                        && length[2] / 2 - ray.inward() >= highest - 1 - 1e-9) {
                    if (bed.parts().get(ray.part()).nature() != Nature.STRONG) {
                        demand = 2;
                    } else if (!bottom.get(k).bears()) {
                        demand = Math.max(demand, 0.95);
                    }
                }
            }
            greatest = Math.max(greatest, demand);
        }
        return greatest;
    }
}
