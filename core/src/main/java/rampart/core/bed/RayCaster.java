package rampart.core.bed;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;

/** Casts the rays of a bed (rules 46 and 47). */
final class RayCaster {
    private final BedShape bed;
    private final RayGrid grid;
    private final Prism[] parts;
    private final Crossings[] ofParts;
    private final Prism[] wells;
    private final Crossings[] ofWells;

    RayCaster(BedShape bed) {
        this.bed = bed;
        grid = new RayGrid(bed.size());
        parts = bed.parts().stream().map(BedPart::prism).toArray(Prism[]::new);
        wells = bed.wells().stream().map(BedWell::prism).toArray(Prism[]::new);
        ofParts = crossings(parts);
        ofWells = crossings(wells);
    }

    private Crossings[] crossings(Prism[] prisms) {
        Crossings[] all = new Crossings[prisms.length];
        for (int i = 0; i < prisms.length; i++) {
            all[i] = Crossings.of(prisms[i], grid);
        }
        return all;
    }

    FaceRays cast(Face face) {
        return face.axis() == Axis.Z ? fromAboveOrBelow(face) : fromASide(face);
    }

    private boolean strong(int part) {
        return bed.parts().get(part).strong();
    }

    private FaceRays fromAboveOrBelow(Face face) {
        FaceRays rays = new FaceRays(face, grid);
        boolean above = face == Face.TOP;
        double half = bed.size().heightMm() / 2;
        for (int column = 0; column < grid.cells(Axis.X); column++) {
            for (int row = 0; row < grid.cells(Axis.Y); row++) {
                int met = FaceRays.NOTHING;
                double at = Double.NEGATIVE_INFINITY;
                for (int i = 0; i < parts.length; i++) {
                    double outward = above ? parts[i].topMm() : -parts[i].bottomMm();
                    if (outward > at && ofParts[i].inside(column, row)) {
                        met = i;
                        at = outward;
                    }
                }
                if (met != FaceRays.NOTHING) {
                    double height = above ? at : -at;
                    boolean closes = above ? height >= bed.splitMm() : height <= bed.splitMm();
                    rays.meets(
                            rays.index(column, row),
                            met,
                            half - at,
                            strong(met) && closes && !wellBeyond(column, row, above, height));
                }
            }
        }
        return rays;
    }

    private boolean wellBeyond(int column, int row, boolean above, double height) {
        for (int w = 0; w < wells.length; w++) {
            boolean reaches = above ? wells[w].topMm() > height : wells[w].bottomMm() < height;
            if (reaches && ofWells[w].inside(column, row)) {
                return true;
            }
        }
        return false;
    }

    private FaceRays fromASide(Face face) {
        FaceRays rays = new FaceRays(face, grid);
        double half = bed.size().along(face.axis()) / 2;
        for (int line = 0; line < rays.firstCells(); line++) {
            for (int level = 0; level < rays.secondCells(); level++) {
                double z = grid.middleMm(Axis.Z, level);
                int met = FaceRays.NOTHING;
                double at = Double.NEGATIVE_INFINITY;
                for (int i = 0; i < parts.length; i++) {
                    double outward = outward(ofParts[i], face, line);
                    if (outward > at && parts[i].at(z)) {
                        met = i;
                        at = outward;
                    }
                }
                if (met != FaceRays.NOTHING) {
                    rays.meets(
                            rays.index(line, level),
                            met,
                            half - at,
                            strong(met) && goesIn(face, line, z, at) && !wellBeside(face, line, z, at));
                }
            }
        }
        return rays;
    }

    /** How far out toward the face the line crosses an outline last; minus infinity where it does not. */
    private static double outward(Crossings crossings, Face face, int line) {
        double at = face.axis() == Axis.X
                ? crossings.outermostX(line, face.sign())
                : crossings.outermostY(line, face.sign());
        return face.sign() * at;
    }

    /** Below the parting plane the item goes in from above, above it the lid comes down over it. */
    private boolean goesIn(Face face, int line, double z, double at) {
        for (int i = 0; i < parts.length; i++) {
            boolean passes = z < bed.splitMm() ? parts[i].bottomMm() <= z : parts[i].topMm() > z;
            if (passes && outward(ofParts[i], face, line) > at) {
                return false;
            }
        }
        return true;
    }

    private boolean wellBeside(Face face, int line, double z, double at) {
        for (int w = 0; w < wells.length; w++) {
            if (wells[w].at(z) && outward(ofWells[w], face, line) > at) {
                return true;
            }
        }
        return false;
    }

    /** What is cut out of the size and of the block above and below it, mm3 (rule 50). */
    double cutOutMm3() {
        double sum = 0;
        double cell = grid.cellMm(Axis.X) * grid.cellMm(Axis.Y);
        double[][] spans = new double[parts.length + wells.length][];
        for (int column = 0; column < grid.cells(Axis.X); column++) {
            for (int row = 0; row < grid.cells(Axis.Y); row++) {
                int count = 0;
                for (int i = 0; i < parts.length; i++) {
                    if (ofParts[i].inside(column, row)) {
                        spans[count++] = new double[] {parts[i].bottomMm(), parts[i].topMm()};
                    }
                }
                for (int i = 0; i < wells.length; i++) {
                    if (ofWells[i].inside(column, row)) {
                        spans[count++] = new double[] {wells[i].bottomMm(), wells[i].topMm()};
                    }
                }
                sum += cell * covered(List.of(Arrays.copyOf(spans, count)));
            }
        }
        return sum;
    }

    /** Length that these spans cover, overlaps once. */
    private static double covered(List<double[]> spans) {
        double sum = 0;
        double reached = Double.NEGATIVE_INFINITY;
        for (double[] span :
                spans.stream().sorted(Comparator.comparingDouble(s -> s[0])).toList()) {
            double from = Math.max(reached, span[0]);
            if (span[1] > from) {
                sum += span[1] - from;
                reached = span[1];
            }
        }
        return sum;
    }
}
